/**
 * What each feature of a line says for and against its roles, in hundredths: made by `npm run reading -- --fit` from the
 * labelled drafts, and not changed by hand.
 */
export const WEIGHTS_TABLE = `# first
step: out>out 102, out>passage -126, out>option -284, out>answer -47, out>feedback -241, out>hint -68, out>facts -42, out>row -127, out>bank -120, out>lines -129, out>keys -78, out>remark -86, passage>out -230, passage>passage 55, passage>stem -97, passage>facts -68, passage>bank -44, passage>keys -111, stem>out -103, stem>passage -153, stem>more 59, stem>answer 25, stem>hint -56, stem>facts -37, stem>row -54, stem>keys -129, stem>remark -119, more>out -130, more>passage -110, more>stem -49, more>more 56, more>option -30, more>answer 17, more>feedback -24, more>hint -31, more>facts -57, more>row -79, more>bank 51, more>lines 19, more>keys -182, more>remark -79, option>out -179, option>passage -173, option>stem -139, option>option 57, option>answer 14, option>feedback -57, option>hint 15, option>facts -67, option>row -362, option>bank -98, option>lines -90, option>keys -171, option>remark -38, wrapped>out -127, wrapped>passage -69, wrapped>stem -61, wrapped>option 42, wrapped>answer -18, wrapped>feedback -93, wrapped>hint -15, wrapped>facts -52, wrapped>row -100, wrapped>bank -20, wrapped>lines -22, wrapped>keys -88, wrapped>remark -41, answer>passage -199, answer>stem -15, answer>option -285, answer>feedback 63, answer>hint -113, answer>facts 26, answer>row -182, answer>bank -79, answer>lines -75, answer>keys -124, answer>remark -133, feedback>out -39, feedback>passage -141, feedback>option -153, feedback>answer -127, feedback>feedback 79, feedback>facts -22, feedback>row -104, feedback>bank -32, feedback>lines -94, feedback>keys -144, feedback>remark -44, hint>out -75, hint>passage -15, hint>stem -78, hint>option -76, hint>feedback -16, hint>facts -48, hint>row -38, hint>lines -16, hint>keys -35, hint>remark -15, facts>out -98, facts>passage -179, facts>stem 127, facts>more -264, facts>option -174, facts>answer -97, facts>feedback -44, facts>hint -70, facts>row -165, facts>bank -53, facts>lines -59, facts>keys -191, facts>remark -46, row>out -131, row>passage -140, row>stem -156, row>more -202, row>option -295, row>answer -15, row>feedback -111, row>hint -33, row>facts -24, row>row 78, row>bank -54, row>lines -34, row>keys -191, row>remark -94, bank>out -37, bank>passage -17, bank>stem -107, bank>more -45, bank>option -88, bank>answer 26, bank>feedback -51, bank>facts -49, bank>row -56, bank>bank -23, bank>lines -12, bank>keys -79, bank>remark -12, lines>out -24, lines>passage -63, lines>stem -16, lines>more -89, lines>option -92, lines>feedback -31, lines>facts -35, lines>row -48, lines>bank -39, lines>lines 43, lines>keys -109, lines>remark -15, keys>out -102, keys>passage -83, keys>stem -209, keys>answer -180, keys>feedback -91, keys>hint -52, keys>facts -191, keys>bank -73, keys>keys 78, keys>remark -86, remark>out -138, remark>passage -38, remark>stem -133, remark>option -53, remark>wrapped -43, remark>answer -96, remark>feedback -68, remark>hint -17, remark>facts -64, remark>row -125, remark>bank -13, remark>lines -52, remark>keys -92, remark>remark 14
step over a gap: out>out 35, out>passage 22, out>option -168, out>answer -78, out>feedback -164, out>hint -86, out>facts -16, out>row -213, out>bank -159, out>lines -75, out>keys -13, out>remark -67, passage>out -210, passage>passage 63, passage>stem -28, passage>facts -23, passage>bank -37, passage>keys -80, stem>out -40, stem>passage -118, stem>stem -52, stem>more -37, stem>option 18, stem>answer -19, stem>feedback -140, stem>hint -65, stem>facts -16, stem>row 34, stem>lines -15, stem>keys 46, stem>remark -73, more>out -33, more>passage -69, more>stem -29, more>more -106, more>option 37, more>answer 25, more>hint -59, more>facts -74, more>row -48, more>bank 37, more>lines -49, more>keys -21, more>remark -85, option>out -65, option>passage -79, option>option -22, option>wrapped -88, option>answer -19, option>feedback -77, option>hint -22, option>facts -31, option>row -114, option>bank -51, option>lines -46, option>keys 22, option>remark -86, wrapped>stem -25, wrapped>option -55, wrapped>wrapped -15, wrapped>feedback -14, wrapped>facts -65, wrapped>row -33, wrapped>keys -44, wrapped>remark -13, answer>passage -183, answer>option -158, answer>answer -96, answer>facts -24, answer>row -106, answer>bank -91, answer>lines -77, answer>keys -165, feedback>out -45, feedback>passage -144, feedback>stem 39, feedback>option -115, feedback>feedback -87, feedback>hint -32, feedback>facts -13, feedback>row -92, feedback>bank -95, feedback>lines -41, feedback>keys -37, feedback>remark -53, hint>out -113, hint>passage -33, hint>option -45, hint>answer -43, hint>facts -80, hint>row -26, hint>keys -38, facts>out -34, facts>passage -107, facts>stem -37, facts>more -123, facts>option -68, facts>answer -53, facts>feedback -31, facts>hint -70, facts>facts 34, facts>row -55, facts>bank -50, facts>lines -26, facts>keys -51, row>out -32, row>passage -59, row>more -70, row>option -117, row>answer 17, row>feedback -63, row>hint -27, row>facts -32, row>row -72, row>bank -29, row>lines -13, row>keys -17, row>remark -33, bank>out -13, bank>passage -24, bank>stem -30, bank>more 17, bank>option -39, bank>answer -70, bank>feedback -17, bank>row -31, bank>bank -17, lines>out -13, lines>passage -27, lines>stem -32, lines>more -36, lines>option -47, lines>feedback -24, lines>hint -16, lines>facts -38, lines>row -40, lines>bank -22, lines>keys -26, lines>remark -14, keys>out 23, keys>passage 14, keys>stem -106, keys>answer -155, keys>feedback -86, keys>hint -19, keys>facts -155, keys>bank -34, keys>keys -27, keys>remark -28, remark>out -21, remark>passage -49, remark>stem -72, remark>option -57, remark>wrapped -20, remark>answer -84, remark>feedback -26, remark>facts 12, remark>row -72, remark>bank -24, remark>lines -12, remark>keys -41, remark>remark -36
_full asks capital: out -38, passage -61, option 25, answer -45, feedback -20, facts -91, bank -37, lines -33, keys 51, remark -21
_full asks label: out 33, passage -16, stem -55, more -48, answer -67, row -35
_full asks small: out -56, passage -26, stem 26, more -21, answer 50, facts -15, row -30, keys -34
_full bracket capital: passage -17, more -77, feedback -71, facts -95, row -43, bank 16, lines 18, keys -34, remark -20
_full bracket label: out 39, stem -20, more -44, option 31, answer -97, feedback -42, facts -39, row -98, bank -34, lines -23, keys -41
_full bracket small: out -53, passage -36, stem 19, more -24, answer 27, feedback -37, facts -18, bank -15
_full colon capital: out 15, passage -18, answer -27, facts -43, keys -22
_full colon label: out 44, stem -43, facts 27, row -14
_full deeper capital: passage -23, stem 29, more -63, option 27, feedback -31, facts -23, row -44, bank -44, lines -18, keys 26
_full deeper label: passage -23, stem -43, option 70, answer -24, facts -26, row -36, keys -60, remark -13
_full deeper small: out -24, passage -22, stem -24, more 18, option 30, answer 20, facts -41, bank -27, keys -38
_full gap capital: out 20, passage -61, stem 15, more -43, option -28, answer -29, feedback -43, facts -21, bank 18, keys 24, remark -13
_full gap label: passage -26, stem -13, more -31, option -63, answer -45, feedback -20, hint -21, row -44, bank -24, lines -23, remark -18
_full gap small: out -39, stem -43, more -15, option -36, answer 45
_full none capital: passage -62, more -17, option -40, wrapped -15, feedback -67, hint -23, facts 22, row -106, bank -55, keys -22, remark -33
_full none label: out 24, more -49, answer -34, feedback -28, hint -14, facts 16, row -74, bank -15, keys -75, remark -44
_full none small: out 37, passage -15, more -66, option -59, feedback -36, facts -21, row -66, keys -17
_full out capital: out 19, passage -14, stem -47, more -50, option 35, feedback -69, hint -18, bank -29, lines -29, remark -49
_full out label: passage -15, stem -43, more -31, answer -16, feedback -47, hint -18, facts 23, row -66, bank -22, lines -22, remark -35
_full out small: out -50, more -26, option -30, answer 76, feedback -28, row -27
_full same capital: passage -29, option -72, wrapped -13, answer -39, feedback -129, hint -26, facts -18, row -16, bank 32, lines -20, keys -20, remark -66
_full same label: out 40, passage -62, stem -23, more -106, option -75, wrapped -23, feedback -47, hint -30, facts -23, row -29, bank -44, lines -32, keys -49, remark -37
_full same small: out -15, stem 32, more -83, option -92, answer 33, feedback -44, facts -24, row -18, bank -25, keys -29
_full stop capital: more -13, option -27, feedback -78, facts -13, row -15, lines -38, keys -24, remark -48
_full stop label: out -39, passage -45, more -43, option -18, wrapped -13, answer 37, feedback -42, hint -13, bank -33, lines -16, keys -60, remark -26
_full stop small: stem -17, more 15, answer -73, facts -35, row -18, bank -33, keys -29
_short asks capital: passage -33, stem -33, more -55, option 38, answer -17, feedback -23, hint -13, facts -43, bank -48, lines -29, keys 19, remark -21
_short asks label: out 29, passage -29, stem -22, more -39, option 59, answer -65, row -63, remark -13
_short asks small: out 16, passage -46, stem 18, more -21, answer 24, feedback -37, facts -29, row -14, bank -30, keys -70
_short bracket capital: out 25, passage -91, more 28, option -40, feedback -55, hint -47, facts -130, row -45, bank -78, lines -40, keys -44, remark -44
_short bracket label: passage -19, more -19, option 28, answer -85, feedback -19, facts -27, row -58, bank -38, lines -14, keys 13, remark -21
_short bracket small: out -34, passage -44, stem 27, more -36, feedback -44, facts -37, row -35, bank -24
_short colon capital: out 70, passage -36, stem -21, answer -64, facts -20, keys -36
_short colon label: out -40, stem 30, facts -27, row 23, remark -14
_short colon small: out -29, passage 26, stem 13, row -30, keys -21
_short comma capital: out 42, facts -26, keys -20
_short comma label: out -47, stem 30, facts 31
_short comma small: out 36, stem -42
_short deeper capital: out -49, more -78, option 22, wrapped -20, answer 12, feedback -106, hint -28, facts -30, row -30, bank -44, lines -35, keys -28, remark -60
_short deeper label: out -54, passage -13, stem 45, more -22, option 32, answer -33, feedback -31, facts -60, keys -32, remark -16
_short deeper small: out -25, passage -27, stem 56, more -22, option 40, wrapped -16, answer -26, feedback -37, facts -45, row -16, bank -26, lines -13, keys -76, remark -19
_short gap capital: out 39, stem -66, more -34, option -20, answer -29, feedback -21, facts -70, row -23, bank -63, lines 14, keys -16
_short gap label: answer -55, row -29, bank -16, keys -51
_short gap small: out 20, passage -39, option -47, answer 48, facts 14, row -17, keys -17
_short none capital: more -94, option -115, wrapped -88, feedback -14, hint -13, row -119, bank -119, lines -67, keys -52, remark -39
_short none label: out 34, passage -69, more -78, option -44, wrapped -41, answer -18, feedback -86, hint -41, row -134, bank -33, lines -26, keys -47
_short none small: more -74, option -56, wrapped -45, answer 36, feedback -97, hint -30, row -117, bank -24, lines -43, keys -30, remark -41
_short out capital: passage -135, stem -26, more -83, wrapped -41, answer -29, feedback -19, facts -67, row -50, bank -111, lines -41, keys 29, remark 42
_short out label: out 25, passage -47, more -46, option -64, wrapped -27, answer -18, feedback -50, hint -32, row -76, bank -36, lines -24, keys -24, remark -63
_short out small: passage -53, more -36, option -74, wrapped -25, answer 14, feedback -59, hint -17, facts -65, row -59, bank -29, lines -22, keys 13, remark -30
_short same capital: more -31, option -152, wrapped -67, hint -22, facts -29, row -76, bank -34, lines -17, keys 29, remark -91
_short same label: out 14, passage -91, stem -19, more -100, option -17, wrapped -26, answer -57, feedback -63, hint -57, facts 13, row -40, bank -79, lines -38, keys -20
_short same small: out -20, passage 35, stem 22, more -119, option -75, wrapped -20, answer 41, feedback -90, hint -16, facts 15, row -85, bank -55, lines -41, keys -48, remark -24
_short stop capital: out -42, passage 18, stem 21, more -27, option -38, wrapped -19, answer -33, feedback 30, hint -62, facts -53, row -53, keys 31, remark -104
_short stop label: out -14, passage -33, stem -18, more -56, answer -87, feedback -29, hint -22, facts 35, row 30, bank -48, lines -24, remark -93
_short stop small: out -27, stem 43, more -58, option 16, answer -122, feedback -82, row -23, bank -26, lines -16, keys -14, remark -33
any: passage -35, stem -14, option -27, wrapped -68, answer -19, feedback -41, hint -67, facts -16, row -40, bank -43, lines -61, remark -57
arrow end none: out -36, passage -16, stem -32, more -49, answer 38, feedback -37, facts -39, row -43, bank -18, keys -53
arrow end stop: out 53, stem -36, answer -30, keys -15
arrow words 15: out 52, stem -34, option -50, answer -19, feedback -13, keys -13
arrow words 3: out -62, more -29, option -48, answer 57, facts -34, keys -22
arrow words 7: out -20, stem -24, more -32, option 19, feedback -31, facts -27, row -35, keys -40
asks end asks: passage -14, more 33, option -63, wrapped -19, answer -49, feedback -62, hint -27, facts -52, row -48, bank -37, lines -43, keys -54, remark -30
asks words 1: out -69, more 36, option -27
asks words 15: passage -40, option -33, answer -41, feedback -34, facts -13, row -25, bank -30, lines -24, keys -16, remark -18
asks words 3: out 23, passage -51, stem -38, more 32, option -28, answer -23, facts -52, lines -17, keys -13
asks words 7: out -65, passage 23, stem 44, option -48, answer -23, feedback -18, hint -12, facts -20, row -23, lines -17, keys -37
asks words many: out 47, passage -25, more -43, option -18, answer -23, feedback -28, facts -21
before arrow: passage -54, stem -19, more -26, option -66, wrapped -26, answer -20, feedback 48, hint -42, row -54, bank -15, keys -96, remark -44
before asks: out -91, passage 13, stem 36, option 39, feedback -74, hint -32, facts -14, row -46, bank -66, lines -38, keys -35, remark -55
before box: out 38, passage -60, stem -53, more -18, option 16, feedback -46, hint -73, row -64, bank -66, lines -37, keys -49, remark -102
before bracketed: out -31, passage -36, answer -29, hint -35, facts -72, row -40, bank -60, keys 82, remark -28
before bullet: passage -117, stem -30, more 36, wrapped -77, answer 34, feedback -30, hint -67, bank -59, lines -68, keys -72, remark -13
before capitals: out -52, stem 34, answer -118, feedback -43, hint -36, facts -23, row -48, remark -13
before cells: passage 18, stem -24, more -63, wrapped 15, answer -32, feedback -38, hint -38, facts -53, row 21, bank -41, lines 27, keys -30, remark -35
before chatter: passage -32, stem -13, more -46, option -32, answer -109, feedback -33, facts 74, row -20, bank -21, lines -12, keys -46, remark -26
before colon: passage 24, stem -59, option -14, bank -15, keys -34
before cue-answer: out -37, passage -118, stem -30, more -42, option -154, wrapped -12, answer -32, feedback 50, row -126, bank -81, lines -40, keys -19
before cue-difficulty: out 52, passage -84, stem -51, more -97, option -133, answer -156, feedback -89, hint -20, facts 44, row -67, bank -30, keys 13, remark -84
before cue-feedback: passage -75, stem -22, more -50, wrapped -27, answer 14, feedback 33, hint 16, facts -34, row -85, bank -48, lines -62, keys -20
before cue-hint: out 17, answer 31, feedback 19, keys -43
before cue-level: out -46, passage -21, stem 122, more -108, option -90, answer -73, feedback -116, hint -27, facts 16, row -121, bank -15, lines -14, keys -84, remark -22
before cue-outcome: out -30, passage -45, stem 17, more -70, answer -27, facts -13, row -34, keys 28, remark -61
before cue-points: passage -65, stem -21, more -55, option -68, answer -102, feedback 51, hint -66, facts -36, row -89, bank -23, lines -22, keys -24, remark 58
before cue-sample: out -42, passage -95, stem -30, more -57, option -65, wrapped -13, answer 102, feedback -174, hint -35, facts 27, row -54, bank -38, lines -17, remark -46
before cue-tags: out -18, passage -17, stem 66, more -67, option -63, answer -52, feedback -29, facts -29, bank -13, keys -54, remark -14
before cue-wordBank: out -19, passage -23, stem -23, more 16, option -32, answer 17, feedback -12, facts 30, row -18, bank -16, keys -38
before edge: out 37, passage -135, stem -19, facts -12, bank -60, keys -85
before end asks: out -31, passage -17, stem -70, wrapped -61, answer 32, feedback -157, hint -44, facts 13, row -106, bank -125, lines -33, remark -83
before end bracket: passage -127, more -118, option 12, wrapped -51, feedback 47, hint -77, facts -32, lines -14, keys -27, remark -89
before end colon: stem -42, more -28, option 12, wrapped -15, answer -21, feedback -95, hint -17, facts -61, row 32, bank -42, lines -33
before end comma: stem -46, more 21, option -50, wrapped 27, answer 19, feedback -47, hint -32, facts -69, row -32, bank -13, keys -20, remark -32
before end gap: more -34, option -32, wrapped -48, answer -12, feedback -75, hint -38, facts -23, row -79, keys -34, remark -44
before end none: out -28, passage -50, stem -14, more 14, option -19, wrapped -45, answer -39, feedback -30, hint -44, facts -28, row -15, bank -89, lines -134, remark -49
before end stop: passage 28, stem -32, more 34, option -55, wrapped -110, answer -20, feedback -38, hint -60, row -23, lines 43, keys -19
before field: out 16, passage 32, stem -14, more -16, option -46, answer -73, feedback -27, hint -19, facts -36, bank -41, lines -30, keys -13, remark -35
before field-kind: out 36, passage -48, stem -31, more -57, option -29, answer 42, feedback -63, row -37, keys -49
before field-number: out -68, passage -18, stem 36, more -15, option -46, answer -32, feedback -19, facts 58, row -18, keys -15
before field-option: out -50, stem -27, option 50, facts -60, row -56, bank -24, keys -52, remark -20
before field-stem: out -38, passage -35, stem -28, more 47, answer -44, feedback -19, facts 29, row -18, bank -58, lines -40, keys 16
before gap: out -25, passage 13, stem 37, more -52, option -42, wrapped -18, answer -22, feedback -97, hint -12, facts -15, row -84, bank 70, lines -51, keys -43
before heading: passage -45, stem 40, more -31, option -53, answer -149, feedback -79, hint -16, facts -30, row -69, bank -38, remark -22
before identity: out 51, passage -72, option -63, answer -84, feedback -47, hint -24, row -63, bank -39, lines -34, keys -65, remark -14
before instruction: out 87, passage -72, stem -18, answer -47, feedback -19, facts -28, keys -52
before key-title: out -86, passage -36, stem -40, more -13, option -25, answer -54, feedback -64, hint -17, facts -30, row -35, bank -17, keys 91, remark -14
before let-lone: passage -35, more -33, option -26, wrapped -58, feedback -53, hint -31, facts 17, row -36, bank -50, lines -39, keys -72, remark -55
before let0: out -19, passage -30, stem 37, more -12, wrapped -44, feedback -71, hint -43, facts 35, row -42, bank -30, lines -28, keys -24, remark 15
before let1: out -39, passage -162, stem -42, more -32, option -19, answer 20, feedback -108, hint -22, facts -33, row -22, bank -71, lines -33, keys -26
before let1-first: out -19, passage -24, more 28, option -27, wrapped 23, feedback -48, hint -20, facts -24, row -14, bank -21, lines -31, remark 18
before let2: out 52, passage -73, stem -13, option -63, wrapped -61, answer -12, feedback 21, hint -14, row -29, remark -59
before let2-first: stem -35, more -14, wrapped -28, facts -24, row -21
before letter: passage -34, more -57, option 155, wrapped -24, answer -130, feedback -53, facts -52, row -27, lines -32, keys -87, remark -13
before lines: out -37, more -52, option -18, answer 31, bank -33, lines 14
before num-lone: out -46, passage -54, wrapped -13, answer -66, feedback 18, hint -15, row 48, bank -72, lines -32, remark -66
before num0: passage -102, stem -45, option 21, wrapped -71, feedback -40, hint -53, facts -64, row -27, bank -12, lines -31, remark -107
before num0-again: out 26, passage -44, stem -24, wrapped -50, feedback -40, hint -30, facts -19, bank -45, lines -33, keys -37, remark -43
before num1: out -17, passage -63, stem -60, more -32, wrapped -53, answer 24, feedback -38, hint -78, facts -59, row 24, bank -71, lines 18, keys -42, remark -51
before num1-first: out 26, passage -18, stem -17, more -74, option 19, wrapped -27, answer -19, feedback -71, hint -15, facts -37, bank -27, keys -25, remark -26
before num2: out -52, stem -21, more -32, answer -43, feedback -15, facts -34, row 27, keys -34
before num2-first: stem -17, facts -26
before number: passage -63, stem 35, more -20, option 30, wrapped -34, answer -133, feedback 31, facts -65, row -22, bank -15
before pair: passage -108, more 24, option -70, answer -129, feedback 29, bank -23, lines -19, keys -66, remark -26
before phrase: out -34, passage 21, stem -47, option 37, wrapped -20, answer -84, feedback -22, hint -50, row -36, bank -21, keys 34, remark -62
before rom-lone: out -52, passage -76, stem 86, more -13, option -44, answer -69, feedback -56, facts 23, row -59, bank -23, lines -16, remark -18
before rom0: out -14, passage -26, stem 24, more 14, option -31, wrapped -21, answer -66, feedback -79, hint -21, facts -34, row -18, bank -48, lines 28, keys -28, remark -20
before rom0-again: out 24, passage -15, option -57, feedback -35, facts -24, row -25, keys 38, remark -30
before rom1: out -53, passage -15, stem -40, more 18, answer -29, feedback -29, facts 17, keys 13, remark -13
before rom1-first: out 23, stem -53, answer -45
before rule: out -34, passage -70, stem -13, more -89, option -116, wrapped -13, answer -16, feedback -42, hint -26, facts 38, bank -47, lines 23, keys 58, remark -45
before section: out -45, passage -91, stem 122, option -79, answer -118, feedback -70, hint -23, facts 35, row -16, bank -43, keys -51, remark -41
before sentence: out -22, stem -40, more 14, option -41, hint -23, row -44, bank -14, lines 16, remark -62
before short: out -16, passage 77, stem -15, more -40, option 35, wrapped -82, answer -36, hint -108, facts -64, row -47, bank -93, lines -46, keys -82, remark -99
before short-sentence: out -36, passage 38, stem -27, more -86, option 42, wrapped -55, answer -51, feedback 32, hint -74, facts -21, bank -81, keys -28, remark -87
before table-down: stem -53, option -34, answer -73, feedback -36, facts -39, row -29
before table-pairs: out -39, passage -37, stem 15, more -25, option -34, answer 15, feedback -61, hint -23, facts -65, row 28, bank -31, lines -16, keys -18, remark -26
before table-ticks: passage -22, stem -53, more -77, option -22, answer -86, feedback -62, hint -23, row 13, bank -22, lines -23
before table-wide: passage -24, stem 37, more -32, option -28, answer -30, feedback -65, facts 17, row -38, bank -15, keys -53, remark -16
before text: out -14, passage 23, stem -62, option 30, wrapped 34, feedback -46, hint -45, facts -63, row -37, bank -56, lines -17, keys -31, remark -51
before ticked: out -18, passage -31, stem -39, option 13, answer -114, hint 39, facts 16, row -29, keys -56, remark -34
before truth: out 37, passage -20, more -50, option 17, answer -90, feedback 46, hint -20, facts -12, row -41, keys -41, remark -31
before word-lone: out -42, passage -77, stem 59, more -29, option -33, wrapped -13, answer 15, facts 64, row -50, bank -48, lines -19, keys -95, remark -38
before word0: out -56, passage -98, stem 92, more 14, option 13, wrapped -28, answer -45, feedback -137, hint -92, facts -44, row -28, bank -21, lines -56, keys -22, remark -100
before word0-again: out -19, passage -37, stem 64, more -47, option 19, answer -24, feedback -76, hint -17, facts -38, row -22, bank -22, lines -23, remark -38
before word1: out -14, stem 23, more -13, option -17, answer 15
before word1-first: stem 34, more 16, option -19, answer -15, row -32
before2 arrow: out -54, passage -102, stem 24, more -44, option 35, wrapped -12, answer -17, feedback 61, hint -21, row -36, bank -21, keys -59, remark -26
before2 asks: out -55, passage -60, more -35, option 103, wrapped 22, answer -69, feedback -54, hint -39, row -81, bank -17, lines -14, keys -44
before2 box: out -63, passage -88, stem 49, more -13, option -20, wrapped -26, answer 18, feedback -16, hint -87, facts -16, row -85, bank -89, remark -66
before2 bracketed: passage -52, stem -28, wrapped -13, answer -58, feedback 14, hint -17, facts -50, row -19, bank 29, lines -12, remark -33
before2 bullet: out -34, passage -133, more -27, option 22, wrapped -31, feedback -36, row -21, bank -67, lines -34, keys -45, remark -26
before2 capitals: stem -22, more 19, answer -38, feedback -49, hint -19, facts -18, row -20, bank -29, keys -24, remark -22
before2 cells: more -34, wrapped -27, answer -14, feedback -44, hint -42, facts -45, row 27, bank -71, lines -19, keys -26, remark -59
before2 chatter: out 36, passage -31, stem -24, option -46, answer -29, feedback -71, row -56, bank -22, keys 34, remark -29
before2 colon: passage 28, stem -72, option 24, answer -42, feedback -24, facts -23, keys -59, remark -13
before2 cue-answer: out -15, passage -19, more -12, option -23, wrapped -37, answer -50, feedback 37, hint -14, facts -28, row -33, bank -52, keys -76, remark 66
before2 cue-difficulty: out -34, passage -69, stem -23, option -22, wrapped -17, hint -13, bank -34, lines -27, keys 25, remark -73
before2 cue-feedback: out 33, passage -62, stem -20, more -45, option -54, wrapped -36, feedback -34, hint -19, row -60, bank -40, remark 71
before2 cue-hint: out -40, stem 33, answer -25, keys -29
before2 cue-level: passage -53, stem -38, more 17, option 47, wrapped -18, feedback -43, facts 59, bank -46, keys -61, remark -40
before2 cue-outcome: out -24, stem -43, more -24, option 38, answer -16, row -38, lines -13, keys -33, remark -15
before2 cue-points: out -12, passage -52, more -94, option -24, answer 17, feedback 15, hint -14, facts 45, row -27, bank -23, lines -42, keys 21, remark -35
before2 cue-sample: out -51, passage -67, more -60, option -22, wrapped -13, answer 79, feedback -114, hint -22, facts -15, row -21, keys 40, remark -16
before2 cue-tags: out -15, more -41, option -20, answer 37, feedback -21, facts -54, row -59, keys -34
before2 cue-wordBank: out -73, stem 39, more -23, option 41, answer -48, feedback -14, facts -34, row -13, bank 31
before2 edge: out 23, passage -19, stem -17, more -27, option -34, answer -74, hint -28, facts -16, row -15, bank -84, lines -28, keys -66, remark -35
before2 field: out -13, passage -22, more -61, option -35, wrapped -25, answer 31, feedback -120, hint -23, row -18, bank -73, lines -47, keys -20, remark -41
before2 field-kind: out -39, passage 36, stem -31, more 36, answer -72, facts 25, row -16, bank -12, lines -18, keys 25, remark -14
before2 field-number: out -41, stem 27, option -52, answer -13, feedback 17, facts 18, row -12, lines -17, keys -75
before2 field-option: out -45, passage -71, stem -18, more 15, option 29, feedback -45, row -58, bank -23, lines -23, keys -141, remark -52
before2 field-stem: out -37, passage -47, stem -19, more -46, option 23, answer -71, feedback -40, row -35, bank -28, lines -45, keys 26, remark -15
before2 gap: passage 26, stem 20, more -27, option -26, feedback -76, hint -19, facts -37, row -14, bank 31, lines -16, remark -19
before2 heading: out 18, stem -29, option 33, answer -20, feedback -135, hint -23, facts -58, row -60, bank 18, keys -28, remark -32
before2 identity: out 38, passage 42, stem -32, option -42, wrapped -16, answer -33, feedback -37, hint -42, facts -13, row -35, bank -21, lines -34, keys -20, remark -35
before2 instruction: out 36, passage -24, stem -32, more 13, answer -62, feedback -44, keys -25
before2 key-title: out -29, passage -25, stem -56, option -25, answer -52, feedback -37, hint -18, facts -34, row -37, bank -13, keys 73, remark -17
before2 let-lone: passage -31, more 24, option -18, answer -29, hint -39, row -36, bank -100, lines -34, remark -44
before2 let0: out -44, passage -27, stem 53, more -32, wrapped -63, hint -76, facts -16, row -18, bank -30, remark -86
before2 let1: out -18, passage -29, stem -29, more -16, option -53, answer -16, feedback -22, facts -20, row -65, bank -81, keys 19, remark -33
before2 let1-first: out -30, passage -46, stem 14, wrapped 14, feedback -34, hint -62, facts 38, row -17, bank -26, lines -18, keys -19, remark -30
before2 let2: passage -79, stem 50, more -23, option -64, wrapped -71, feedback 38, hint -17, row -56, lines 29, keys -33, remark -66
before2 let2-first: out 19, passage -25, stem -14, option 15, wrapped -29, answer 24, feedback -54, row -23, keys 37, remark -33
before2 letter: stem 28, more -41, option -52, wrapped -13, answer 23, feedback -52, hint -13, facts -29, row 21, keys -63, remark -36
before2 lines: out 25, more -36, option -55, answer -15, facts -26, row 23, keys -13
before2 num-lone: out 15, passage -101, more 17, option 16, wrapped -19, answer -43, feedback -127, hint -13, facts -24, row -12, bank -37, lines 22, remark -46
before2 num0: passage -121, stem -39, option 14, wrapped -71, answer -46, feedback -58, hint -61, facts -36, bank -57, lines -42, remark -102
before2 num0-again: out 30, passage -56, stem -29, more -21, option 18, wrapped -25, answer -18, feedback -50, hint -27, facts -61, bank -31, lines -19, keys -32, remark -39
before2 num1: passage -51, stem -19, wrapped -40, hint -73, facts -27, row -33, bank -73, lines -22, keys -22, remark -60
before2 num1-first: out -19, passage -14, stem -17, wrapped -23, answer -24, feedback 31, hint -12, facts -38, row 19, bank -25, lines -14, keys -47, remark -24
before2 num2: stem -33, answer -23, row 20, keys -32
before2 num2-first: out -41, answer -28, feedback -28, facts -31
before2 number: out -35, passage -36, more -77, option 65, wrapped -37, answer 14, feedback -24, facts 21, row -53, bank -21, lines -51, keys -87
before2 pair: out -27, stem 38, option -16, wrapped -17, answer -56, feedback -60, facts -31, row -15, keys -65, remark -24
before2 phrase: out -27, passage 22, more -76, option 35, feedback -69, hint -51, row -22, bank -55, lines 16, keys -34, remark -79
before2 rom-lone: out -43, passage -36, stem 17, more 14, option 19, answer -56, bank -37, lines 17, remark -23
before2 rom0: out -29, passage -33, stem 28, more -21, answer -15, hint -30, facts -56, bank -18, lines -21, remark -44
before2 rom0-again: out -22, passage -20, stem -18, option -48, answer -70, feedback 37, facts -33, row -18, lines -16, keys 30, remark -35
before2 rom1: out -52, passage -16, stem 30, more 14, option 23, answer -26, facts -15, row -38, remark -13
before2 rom1-first: out -37, stem -34, answer -25, facts -14
before2 rule: out -29, stem -41, more -46, option -77, answer 18, feedback -118, hint -37, facts 28, row -40, bank -62, keys 18, remark -36
before2 section: out -25, passage -21, stem 53, more -31, option -13, answer -45, feedback 26, hint -12, row -14, keys -24, remark -16
before2 sentence: passage 14, more -35, option -30, wrapped -35, feedback -36, hint -35, row -47, lines 29
before2 short: stem -21, more -32, answer -19, hint -72, facts -75, row -31, bank -46, lines -31, keys -57, remark -66
before2 short-sentence: out -30, passage 71, stem -25, wrapped 13, answer -55, feedback -92, hint -74, facts -62, row 12, bank -29, lines -25, keys -33, remark 29
before2 table-down: passage -20, stem -88, option -31, answer -93, feedback -64, facts -44, row -27, bank -14
before2 table-pairs: passage -40, stem 54, more -53, option -19, feedback -57, hint -20, facts -64, row 13, bank -52, lines -13, keys -30, remark -22
before2 table-ticks: out -52, passage -28, more -59, answer -92, feedback -70, hint -15, row 33, bank -20, remark -18
before2 table-wide: out -29, stem 19, answer -79, facts -29, bank -14
before2 text: out 13, passage 61, more -51, option -21, wrapped -19, answer -49, feedback -88, hint -48, row -17, bank -53, lines 14, keys -69
before2 ticked: passage -39, stem 19, more -47, option -18, answer -124, facts 18, row -33, bank -13, keys -50, remark -50
before2 truth: out -49, passage -25, more -28, option 13, answer 69, feedback -43, row -37, keys -50
before2 word-lone: passage -56, more 54, option -27, facts 33, row 25, bank -22, lines -33, keys -53, remark -22
before2 word0: out -22, passage -84, more 57, option -12, answer -41, hint -30, facts -21, row -27, bank -26, remark -78
before2 word0-again: out -41, passage -20, more 22, option 28, hint -13, facts -30, row 12, bank -25
before2 word1: out 23, answer -23, facts 17
before2 word1-first: more 19, answer -43, facts 39
behind arrow: out -93, stem 24, option 56, wrapped -16, answer -109, feedback -39, hint -13, facts -27, row -66, bank 18, keys -68, remark -29
behind asks: out -30, passage -66, wrapped -55, answer 61, hint -49, facts 25, row -75, bank -71, keys -107, remark -57
behind box: out -40, passage -48, stem 72, more 45, option -30, wrapped 20, answer -39, feedback -71, hint -29, facts -88, row -39, bank -43, lines -33, remark -43
behind bracketed: out -16, passage -59, stem 37, more -15, option 33, wrapped -22, feedback -105, facts -75, row -65, lines -29, keys -15, remark -24
behind bullet: passage 13, more -37, answer 15, feedback -38, hint -41, facts -52, row -24, bank -56, lines -32, keys -97
behind capitals: out -24, passage -75, stem -57, more -25, option -44, wrapped -28, answer 41, feedback -32, facts -33, bank -69, keys 25, remark -24
behind cells: stem -26, more -27, option -30, answer -15, hint -33, facts -29, row 12, bank -60, lines -56, remark -33
behind chatter: passage 17, stem -40, more -45, option -36, answer 32, feedback -21, hint -12, facts -44, row -40, bank -28, lines 15, keys -19
behind colon: stem -76, more 13, answer 25, feedback -48, facts 27, row -16, keys -43
behind cue-answer: out -81, passage -39, stem 78, more 62, wrapped -49, answer -63, feedback -119, hint -70, facts -89, row 17, lines -88, keys -130, remark -81
behind cue-difficulty: out -104, passage -79, stem 48, wrapped -42, answer 34, feedback 49, hint -26, facts -33, row -27, bank -34, remark -75
behind cue-feedback: out -41, stem -29, more 15, wrapped -40, answer 47, feedback -120, hint 17, row -74, bank -29, keys -88, remark -56
behind cue-hint: out -12, option 41, feedback 16, row -24, keys -13, remark -13
behind cue-level: out 27, stem -48, more -21, option 20, wrapped -27, answer 31, feedback -55, hint -27, row -43, bank -52, keys -67, remark -49
behind cue-outcome: stem -46, more -23, option -43, answer 13, feedback -53, facts -17, row -53, bank -20, remark -30
behind cue-points: out -66, passage -84, stem -50, more 36, option -70, wrapped -20, answer 66, feedback -17, hint -22, facts 23, row 24, bank -32, keys -52, remark -30
behind cue-sample: out -36, passage -25, stem 80, option -49, wrapped -48, answer -68, feedback -38, facts -45, row -46, lines 55, keys -58, remark -22
behind cue-tags: out -60, stem -44, more -22, option -32, feedback -31, hint -22, facts 38, row -12, bank -15, keys 42, remark 32
behind cue-wordBank: out -24, passage -46, stem 41, more 33, option -25, answer -50, feedback -26, facts -17, row -38, lines -26, keys -40
behind edge: out 32, passage -72, stem -18, more -57, option -38, wrapped -38, hint -41, facts -45, row -50, bank -21, lines -58, remark -23
behind field: out -20, more -29, option -57, wrapped -40, answer -34, feedback 16, hint -33, facts 30, bank -33, lines -37, remark -40
behind field-kind: passage -67, stem -13, more -68, option -52, answer -88, facts 56, row -74, bank -44, lines -26, keys -67, remark -50
behind field-number: out 36, stem -59, more -27, option -59, answer -89, row -32, bank -34, lines -30, keys -99, remark -40
behind field-option: out -68, stem -23, more 25, option 44, answer -45, feedback -35, facts -80, row -53, bank -23, lines -16, keys -27
behind field-stem: out 29, stem -114, more -20, option -61, answer -35, feedback -28, row -53, lines -42, keys -47
behind gap: out -51, more 43, option 33, feedback -83, facts 38, row -33, bank 16, keys -92, remark -33
behind heading: stem 19, more 20, answer -37, feedback -31, hint -23, facts 15, row -13, bank 20, keys -25, remark -41
behind identity: out 42, passage -77, stem -97, more -59, option 35, feedback -60, facts 13, row -36, bank -22, keys -35, remark -15
behind instruction: out 82, passage -23, stem -65, more -36, option -30, facts -50, keys -43
behind key-title: out -27, passage -30, stem 45, more 29, wrapped -30, answer -13, feedback -71, hint -20, bank -23, lines -23, keys -62, remark -18
behind let-lone: out -16, more 18, option -71, wrapped -20, hint 15, facts 33, row 28, bank -39, lines -26, keys -50, remark -34
behind let0: out -24, wrapped -59, answer -44, feedback -37, hint -64, row -23, bank -53, keys 36
behind let1: out -14, passage -83, stem -65, wrapped 29, answer -71, feedback -48, hint -44, bank -44, lines -50, remark 32
behind let1-first: passage -35, stem 44, more 41, option -83, wrapped -49, answer -112, feedback -58, hint -29, row -112, bank -41, lines -35, keys -27, remark -47
behind let2: stem -56, more -48, wrapped -49, answer -27, feedback -18, facts -52, row -40, lines -14, remark -16
behind let2-first: out -33, stem 75, more 40, option -79, wrapped -42, answer -31, feedback -45, facts -21, row -35
behind letter: out -106, stem 40, more -12, option 91, wrapped -16, answer -25, feedback -30, row -25, keys -80
behind lines: out -44, more -28, option 25, answer -33, facts 39, row -24, lines 16, keys -36
behind num-lone: out 63, stem -50, more 16, option -68, wrapped -21, answer -33, feedback -32, hint -21, row 31, keys -29, remark -26
behind num0: out 14, stem -62, more -71, option 12, answer -20, facts -66, row -17, lines -48, keys -21
behind num0-again: out 18, passage -63, stem -22, more -36, option -24, wrapped -45, answer -55, feedback -31, hint -35, facts -25, bank -43, lines -44, remark -44
behind num1: out -37, passage -63, stem -20, more -54, option 21, wrapped -19, answer -77, feedback -52, hint -43, facts -83, bank -49, lines 12, remark -50
behind num1-first: out 82, passage -47, stem -48, more -36, option -66, wrapped -32, answer -75, feedback -95, hint -22, facts -60, bank -33, keys 48, remark -55
behind num2: out -18, stem -22, more -38, option 22, answer -31, feedback -41, facts -43, bank -18, keys -19, remark -13
behind num2-first: out -50, stem 63, more 41, option -65, answer -33, facts 39
behind number: out -73, passage -22, stem 66, option 30, wrapped 20, answer -67, feedback -91, hint -15, facts -23, row -36, lines -19, keys -44, remark -38
behind pair: out 24, passage -40, stem 32, more -24, option -47, wrapped -22, answer -42, feedback -68, hint -20, facts -32, bank -35, lines -22, keys -25, remark -51
behind phrase: out -32, more -19, wrapped -45, answer -44, feedback -48, hint -37, facts 32, row -42, bank -42, lines -72, keys -22, remark -18
behind rom-lone: stem -13, more -70, option 36, hint -14, facts 14, row -34, bank -29, remark -16
behind rom0: out 29, passage -21, more -15, wrapped -24, answer -50, feedback -39, hint 14, facts -112, bank -51, lines 19, keys -18, remark -71
behind rom0-again: passage -25, more -22, option -56, answer -45, feedback 19, facts -31, row -14, keys 33, remark -31
behind rom1: out 26, passage -46, stem -76, more -17, answer -63, feedback -37, facts -27, row -16, bank -28, remark -22
behind rom1-first: more -20, option -21, answer -67, facts 22, row -15
behind rule: out -36, passage -95, option -57, wrapped -20, answer -114, feedback 25, hint -47, facts -49, row 13, lines 35, keys -144
behind section: out -17, passage -54, stem 15, more -52, option 33, wrapped -65, answer -23, feedback 28, hint -34, row -49, bank -58, lines -21, remark -36
behind sentence: out -26, passage 28, stem -75, answer 30, feedback -82, hint -42, facts 29, row -97, bank -87, remark -54
behind short: out 27, stem -16, more -23, option 18, wrapped -17, answer -33, feedback 40, hint -45, facts -37, row -51, bank -40, lines -30, keys -20, remark -86
behind short-sentence: out -17, passage -23, stem -55, more -98, answer 42, feedback -16, hint -24, facts 29, row -13, bank -58, lines -33, remark -79
behind table-down: out -35, stem -22, more -35, option -20, answer -47, feedback 22, hint -15, facts -44, row 20, keys 44, remark -18
behind table-pairs: passage -19, stem 52, wrapped -13, answer -90, feedback -84, hint -34, facts -57, bank -50, lines -30, remark -43
behind table-ticks: out -39, stem 78, more 18, option -43, answer -51, feedback -51, facts -40, row 25, bank -15, lines -24, keys -41, remark -23
behind table-wide: out -30, passage -25, stem -20, option 33, feedback -20, facts 48, row -30, keys -50, remark -31
behind text: out -15, more -50, option 19, wrapped -60, answer -32, feedback -47, hint -55, row -17, bank -34, lines -43, remark -75
behind ticked: out 20, passage -15, stem 54, more -79, option -42, wrapped 33, answer -95, feedback -27, facts -44, row -31, bank -21, keys -18, remark -12
behind truth: out -58, passage -30, stem 126, more -40, option -58, feedback -49, row -22, bank -14, lines -29, keys -39, remark -24
behind word-lone: out 55, stem -15, more -56, option -72, answer -73, facts 58, row -52, bank -28, keys -73, remark -54
behind word0: out 20, passage 40, stem -14, more -39, option -26, wrapped -58, hint -85, facts -14, bank -32, lines -58, remark -74
behind word0-again: out 48, passage -63, stem -44, option 41, wrapped -34, feedback -55, facts -91, bank -20, keys 25, remark -31
behind word1: out -24, stem -18, option -60, wrapped -18, answer 56, feedback -36
behind word1-first: out -45, passage 23, stem -41, more -17, answer -17, facts 19
behind2 arrow: passage -16, stem -57, more 47, option 32, wrapped -19, feedback -41, hint -14, facts 34, row -67, keys -58, remark -27
behind2 asks: passage -25, stem -16, more 13, option -23, wrapped 32, answer 19, feedback -19, hint -65, facts 24, row -82, bank -12, lines -42, keys -124, remark -21
behind2 box: out -22, passage -23, option -13, wrapped -62, hint -76, facts -49, row -57, bank -84, lines -21, remark -100
behind2 bracketed: passage -90, stem 20, more 19, option 21, wrapped -51, answer -55, feedback -83, hint -37, row -29, bank -46, lines -18, remark -61
behind2 bullet: out -16, passage -62, stem 13, option -15, answer 27, feedback 19, hint -76, row -51, bank -72, remark -32
behind2 capitals: out 22, passage -64, stem -28, more -38, option -20, wrapped -18, feedback -89, facts -46, row 14, bank 12, remark -30
behind2 cells: out -33, passage -13, more 31, option -32, wrapped -22, answer -16, feedback -62, hint -77, facts -25, row 17, bank -25, lines -38, remark -32
behind2 chatter: stem -35, more 30, option -18, answer -57, feedback -31, facts -38, row -52, bank -27, lines 19, keys 18, remark -29
behind2 colon: out 16, passage 22, stem -16, more -35, answer 20, feedback -27, facts -87, keys -58
behind2 cue-answer: more -22, wrapped 26, answer -46, hint -83, facts 28, lines -54, keys -132, remark -58
behind2 cue-difficulty: out -65, passage 17, stem 13, option 36, answer 14, feedback -24, facts -42, bank -18, keys -20, remark -37
behind2 cue-feedback: out -23, passage -26, more -38, option 72, wrapped -31, answer -78, feedback -62, facts -29, row -71, bank -49, keys -45, remark 50
behind2 cue-hint: stem -17, option 56, answer -29
behind2 cue-level: out -17, passage -50, option -41, wrapped -56, answer -37, hint -19, facts -21, bank 30, lines 21, keys -32, remark 31
behind2 cue-outcome: out 26, stem -79, more -35, option -47, row -75, keys 16
behind2 cue-points: out -86, passage -37, stem -42, answer 70, feedback -46, hint -12, row 27, bank -17, keys -61, remark -14
behind2 cue-sample: out -49, stem -21, more 23, option -15, wrapped -13, answer 17, feedback -30, hint -25, facts -21, row -63, bank -23, lines 20, keys 37, remark -45
behind2 cue-tags: out -67, passage -17, more -31, feedback 21, facts 54, row -47, bank -12, keys -48
behind2 cue-wordBank: out -14, passage -14, option 15, answer -15, facts 18, keys -29
behind2 edge: out 14, passage -95, stem -21, more -48, option -34, wrapped -60, feedback -15, hint -58, facts -40, row -53, bank -22, keys 17, remark -56
behind2 field: out 42, more -21, option -45, wrapped 19, answer -41, feedback -48, hint -20, facts -33, bank -75, lines -32, remark -33
behind2 field-kind: out -14, passage -32, stem -45, more -59, option -44, answer -30, feedback 14, facts 46, row -51, bank -36, lines -25, keys -21, remark -39
behind2 field-number: out 29, stem -62, more -19, option -74, feedback 39, facts 77, row -29, bank -14, keys -31, remark -36
behind2 field-option: out -72, passage -37, more 24, option 23, answer -58, feedback -30, hint -12, facts 19, row -49, bank -27, lines -49, keys -39, remark -17
behind2 field-stem: passage -16, stem -143, more 30, option -74, answer -46, feedback 14, facts 46, row -24, bank -39, lines -28, keys -62, remark -51
behind2 gap: out -18, passage -83, more 68, wrapped -25, answer -50, feedback -37, facts -41, row 38, bank -33, lines -17, keys -93, remark -16
behind2 heading: out 20, passage 26, option -46, answer -20, hint -16, row -32, bank -49, lines -42, keys 20, remark -17
behind2 identity: out 60, passage -36, stem -63, more -20, answer -40, feedback -46, facts -59
behind2 instruction: out 33, passage -30, stem -21, more -34, facts -14, keys -12
behind2 key-title: out 27, passage -46, stem 17, more -16, option 18, wrapped -15, answer -79, feedback -43, hint -25, row 31, keys -58, remark -46
behind2 let-lone: out -27, passage 52, stem -19, option -46, feedback 24, hint -64, row 41, bank -74, lines -17, keys -44, remark -88
behind2 let0: out -14, passage 25, stem 44, more -23, wrapped -45, answer -55, feedback -26, hint -49, row -48, bank -72, lines 15, keys 19, remark -86
behind2 let1: passage -43, wrapped 13, answer -40, feedback -68, hint -46, facts -83, row -46, bank -53, lines -61, keys -50, remark -20
behind2 let1-first: out 21, passage 16, stem -68, more 15, option -46, wrapped -66, feedback -30, facts 29, row -45, bank -49, lines -72, keys -55
behind2 let2: out -60, stem 73, option -22, wrapped -65, answer -67, feedback -50, facts -40, row -39, bank -13, remark -19
behind2 let2-first: passage -47, more 14, option -26, wrapped -26, hint -17, facts 44, row -42, bank -14, keys -58, remark -62
behind2 letter: passage -30, stem -66, more -62, option 33, answer 29, feedback -27, facts -50, keys -56
behind2 lines: out 17, stem -24, option 30, keys -23
behind2 num-lone: out -14, stem -18, wrapped -26, answer -21, feedback -21, hint -23, facts -43, row 15, bank -68, keys 43, remark -26
behind2 num0: out -19, passage -17, stem -52, more -28, wrapped -34, answer -20, feedback -31, hint -24, row -19, bank -21, lines 19, keys -19, remark -30
behind2 num0-again: out -53, passage -84, more -42, option -14, wrapped -34, feedback -33, hint -37, row -30, bank -39, lines -46, remark -58
behind2 num1: passage -60, more -37, wrapped -35, answer -36, feedback -25, hint -39, facts -68, bank -50, lines -35, keys 14, remark -76
behind2 num1-first: more -85, wrapped -58, answer 21, feedback -31, hint -28, facts 19, row -25, lines -16, keys -38, remark -39
behind2 num2: out -18, stem -29, option 24, answer -26, feedback -37, facts -27, bank -23, keys -14
behind2 num2-first: out 30, stem 50, more -15, option -39, answer -17
behind2 number: passage -59, more -87, option 20, wrapped -62, answer 57, facts 16, row -51, bank -19, lines -20, keys -45, remark -27
behind2 pair: out 38, passage -12, stem 26, more -15, option -51, wrapped -23, answer -97, feedback -36, hint -21, lines -23, keys -23, remark -29
behind2 phrase: out -26, passage -12, stem -34, more -14, option 22, wrapped 41, answer 20, hint -44, facts -44, bank -68, lines -38, keys -78, remark -14
behind2 rom-lone: out 18, passage -19, more 13, option 16, answer -31, feedback -54, hint -30, facts -42, row -61, bank -17, keys -27, remark -33
behind2 rom0: out -13, stem 16, more -24, option -17, answer -25, hint -35, facts -79, row -13, lines 15, keys 24, remark -46
behind2 rom0-again: passage -15, option -69, answer -25, feedback -38, facts -32, bank -13, keys 29, remark -35
behind2 rom1: passage -22, stem -32, more -39, option 27, answer -45, feedback -49, hint -13, facts -52, row -23, bank -16, remark -13
behind2 rom1-first: out -16, facts 27, row -12, keys -36
behind2 rule: out -30, passage -105, stem -14, option -54, wrapped -30, feedback -29, facts -24, row -67, bank -68, lines 21, keys -22
behind2 section: out 13, passage -45, stem 14, more -19, option 31, wrapped -35, answer -77, feedback -15, hint -17, facts 16, row -47, lines -38, keys -17, remark -47
behind2 sentence: stem 17, more -41, option -47, wrapped -36, answer -12, feedback 38, hint -30, row -72, bank 18
behind2 short: out 20, passage -68, more -48, option 41, feedback -91, hint -73, facts -15, row -46, bank -45, lines -56, keys -24, remark -30
behind2 short-sentence: out -25, stem -36, more -17, wrapped -89, answer -52, feedback -57, hint -47, facts -23, bank -43, lines 20, keys -17, remark 21
behind2 table-down: out -32, stem -28, more -46, option -44, answer -63, row 46, lines -34, keys 38, remark -20
behind2 table-pairs: out -24, passage -55, stem 58, option -22, wrapped -24, answer -45, hint -30, row -23, bank -61, lines -38, remark -34
behind2 table-ticks: passage -29, stem -20, option -24, answer -59, feedback -65, hint -14, row 33, bank -29, lines -34, keys -45, remark -26
behind2 table-wide: out -27, stem -59, answer -58, facts -51, row 56, keys -33
behind2 text: more -33, option -31, wrapped -69, answer -12, feedback -27, hint -46, row -19, bank -74
behind2 ticked: out -59, passage -29, more 35, answer -101, feedback -65, hint 32, facts 13, row -27, bank -31, keys -30, remark -38
behind2 truth: out -88, passage -59, stem 30, more -61, option -54, wrapped -39, answer 106, feedback -77, facts 65, row -38, bank -15, keys -45, remark -20
behind2 word-lone: out 29, stem -18, more -62, option -20, wrapped -21, feedback 33, row -37, bank -29, keys -103, remark -24
behind2 word0: out -40, stem 23, wrapped -40, answer 13, feedback 33, hint -43, keys -51
behind2 word0-again: out -76, more -42, wrapped -13, feedback -19, bank -26, keys 22, remark -12
behind2 word1: out -18, answer 29
behind2 word1-first: passage 18, stem -18, more -30, option -21, facts 22, lines -14
bold all: out -99, passage -98, stem 17, more -69, option 27, wrapped -27, feedback -85, hint -37, facts 61, row -75, bank -58, lines -46, keys -95, remark -69
bold some: out -23, passage -55, stem 25, more -81, wrapped -19, answer 40, hint 13, row -113, bank 19, lines -43, keys -108, remark -40
box end asks: stem -56
box end bracket: out 15, stem -17, more -37, answer -48, feedback -20
box end none: stem -66, more -46, option 17, answer -22, feedback -43, facts -60, row -36, bank -25, keys -51, remark -18
box end stop: out -44, passage -39, stem -29, more -28, option 101, answer -61, feedback -29, remark -24
box open: out -61, stem -39, more -51, option 50, answer -51, feedback -15, hint -25, facts -26, keys -76
box ticked: out -32, answer 12, facts 34
box words 1: out -39, stem -29, more -39, option 34, feedback -17, facts -39, row -14, keys -25
box words 15: out 15, passage -19, stem -33, more -15, option 22, answer -52
box words 3: passage -12, stem -46, more -41, option 51, answer -147, feedback -46, facts -48, row -22, keys -28, remark -15
box words 7: out 38, passage -20, stem -63, more -31, answer -82, feedback -26, facts -12, row -12, bank -14, lines -29, keys -24, remark -16
bracketed end bracket: out 13, passage -39, stem -109, more -18, option -67, wrapped -20, answer -40, hint -46, facts -80, row -38, bank 14, lines -50, remark -35
bracketed words 1: out -39, stem -22, more -62, option -43, answer 40, facts -23, bank -60, keys 30
bracketed words 15: out 23, passage -43, stem -76, more 25, option -23, answer -26, feedback -28, hint -13, facts -29, row -19, lines -15, keys -121, remark -16
bracketed words 3: out -20, passage -12, stem -38, more 43, option -69, wrapped -13, feedback -23, hint -18, facts -40, row -21, bank -79, lines -17
bracketed words 7: out 15, passage -20, stem -80, more -63, option -34, answer -31, hint -15, facts -22, row -22, lines -15, remark -17
bracketed words many: out -46, more -33, answer -15, feedback 52, bank -21, keys -35
bullet end asks: out -30, stem 58, more 26, option -63, answer -35, feedback -27, row -20, remark -36
bullet end bracket: out -35, stem 85, more -22, option -57, wrapped -12, answer -105, feedback -41, facts -54, row 25, lines -17, keys -19, remark -45
bullet end colon: option -36
bullet end gap: out -21, more -31, option 37, feedback -18, remark -27
bullet end none: out 20, passage -24, more -17, option 18, wrapped -24, answer -44, feedback -140, facts -54, row -18, bank -38, lines -28, keys -63, remark -72
bullet end stop: out -40, passage -32, stem -67, more -23, answer -141, feedback 21, hint -17, facts -20, row -33, keys -16, remark 41
bullet words 1: out -26, stem -53, more 15, option 27, answer 16, feedback -96, facts -40, row -52, lines -13, keys -25, remark -55
bullet words 15: out -16, passage -27, more -93, option -35, answer -88, facts -32, row -129, bank -18, keys -26, remark 51
bullet words 3: stem -20, more -40, option 44, wrapped -14, answer -140, feedback -93, facts -32, row 23, bank -16, lines -25, keys -36, remark -51
bullet words 7: passage -21, stem 17, answer -124, feedback 23, hint -15, facts -37, row -104, keys -47, remark -62
bullet words many: out -19, stem 51, more -54, option -46, answer -33, feedback -35, facts -14, row -15, remark -12
capitals end none: out 35, passage -56, stem -50, more -59, answer -16, feedback -51, hint -15, facts -49, row -33, bank -25, keys -34
capitals words 1: out 33, stem -43, more -44, answer -28, feedback -17, facts -100, keys -54
capitals words 3: out 49, passage -27, stem -36, option 35, feedback -31, facts -67, row -21, keys -77
capitals words 7: out -19, passage -32, stem -33, option -49, feedback -31, facts -30, row -28, bank -13
cells end bracket: out 27, passage -35, stem -26, option -27, answer -54, feedback -26, hint -13, facts -28, row 36, bank -20, keys -43
cells end none: stem -21, more 14, option -22, answer -45, feedback -126, hint -37, facts -14, row -24, lines -46, keys -19, remark -28
cells end stop: out -57, passage -14, more -26, option 28, answer -17, feedback -13
cells run: out -31, passage -59, more -34, option 42, wrapped -26, answer -85, feedback -18, facts -83, row -54, bank -45, keys -87
cells words 15: out -46, passage -33, more 37, wrapped -16, answer -90, feedback -82, hint -24, facts -112, row 12, bank -85, remark -17
cells words 3: out 34, passage -12, stem -73, option -87, feedback -36, bank -23, lines -13, keys -95
cells words 7: passage 15, stem -49, more -14, wrapped -35, answer -88, feedback -76, hint -22, facts -37, row -18, lines -31, remark -19
cells words many: out -55, passage -46, stem 51, more -41, option -31, answer -62, feedback -14, facts -38, bank -14, keys 32
chatter end asks: out 48, passage -35, stem -35, more -23, feedback -14
chatter end bracket: out 14, stem -13
chatter end colon: out 48, passage -12, stem -34, answer -27, feedback -16, facts -31, keys -18
chatter end comma: out -30, passage 29
chatter end none: out 33, answer -14
chatter end stop: out 41, passage -41, stem -23, more -29, answer -33, feedback -26, hint -14, keys -18
chatter run: out 21, stem -17, feedback -12
chatter words 15: out 53, passage -51, stem -40, more -20, option -15, answer -40, feedback -46, facts -30, keys -25
chatter words 3: out 29, passage -15, answer -15, feedback -16
chatter words 7: passage 27, stem -24, answer -17, feedback -15, keys -19
chatter words many: out 55, passage -20, stem -36, feedback -32, facts -17, keys -15
colon end colon: out -15, passage -17, more 14, option -19, answer -46, feedback -36, hint -23, facts -50, row -14, bank -18, keys 25
colon words 15: out 40, stem -41, answer -28, feedback -17, keys -29
colon words 3: out 40, stem -48, facts -25, keys -28
colon words 7: out -74, stem 46, more 14, option -19, facts -24, row -13, bank -13, keys 41
colon words many: out 62, stem -56, answer -23, feedback -29, hint -13, facts -18, keys -29
coloured: out -68, passage -24, more -40, option 35, wrapped -13, answer 83, facts -13, row -99, bank -13, remark -21
columns: out -69, stem 20, more -92, option 21, answer -103, feedback -100, hint -27, facts -17, bank 67, lines -25, remark -35
cue-answer end bracket: out -24, stem -14, more -31, option -21, feedback -20, hint -14, bank -46, keys 16
cue-answer end colon: out -14, stem -18, option -13, answer -46, lines -12, keys 46
cue-answer end none: out -91, passage -45, stem -56, more -73, option -27, wrapped -32, answer 57, feedback -47, hint -14, facts -101, row -75, lines -31, keys -17, remark -16
cue-answer end stop: out -27, passage -18, stem -53, more -27, option -38, answer 61, feedback -48, bank -14, keys -45
cue-answer run: out -21, option -40, answer 24, keys -17
cue-answer words 1: out -34, stem -31, more -16, option 34, answer -59, facts -19, bank -26, lines -14, keys 54
cue-answer words 15: out -36, passage -27, stem -32, more -29, option -143, answer 35, feedback -46, facts -13, bank 24, keys -22
cue-answer words 3: out -68, passage -25, stem -34, more -44, option -63, wrapped -25, answer 72, feedback -18, facts -88, row -48, bank -64, lines -18, keys -72
cue-answer words 7: out -57, passage -24, stem -34, more -60, option -17, wrapped -14, answer 34, feedback -57, hint -20, facts -24, row -33, lines -13
cue-answer words many: option -45, answer 56, feedback -24, bank -13, keys -48
cue-difficulty end none: out -43, passage -18, stem -47, more -33, option -77, answer -88, feedback -56, facts 63, row -53, bank -20, lines -25
cue-difficulty words 3: out -44, passage -18, stem -47, more -33, option -76, answer -85, feedback -56, facts 78, row -53, bank -20, lines -24, keys -22
cue-feedback end bracket: out -35, more 24, feedback 20, facts -16, keys -14, remark -20
cue-feedback end none: out -89, stem -33, more -45, answer -27, feedback 83, facts -71, row -21, bank -21, keys -83, remark -22
cue-feedback end stop: passage -36, stem -61, more -36, option -62, wrapped -38, answer -105, feedback 12, hint -48, facts -27, row -33, bank -17, lines -14, keys 21, remark 24
cue-feedback words 1: out 23, stem -30, more 50, option 15, answer -14, feedback -35, facts 16, keys -43, remark -15
cue-feedback words 15: passage -16, stem -56, more -49, option -48, wrapped -36, answer -59, feedback 32, hint -29, facts -22, row -19, bank -14, lines -12, keys 29, remark -14
cue-feedback words 3: out -84, option -23, answer -43, feedback 32, facts -44, keys -15, remark -30
cue-feedback words 7: passage -25, stem -52, option -78, answer -78, feedback 24, hint -26, facts -65, row -27, bank -24, lines -12, keys -34, remark 29
cue-feedback words many: out -23, stem -19, option -19, answer -13, feedback 21, keys -16
cue-hint end none: out -17, option 42, answer -38, feedback -14, hint -35, facts -21, row -17, keys -41
cue-hint end stop: out -55, passage -17, stem -41, option -30, wrapped -13, answer -41, feedback -50, hint 51, facts -20, keys -13, remark -27
cue-hint words 1: out -17, option 42, answer -38, feedback -14, hint -35, facts -21, row -17, keys -41
cue-level end none: passage -36, stem -69, more -67, feedback -54, facts 37, row -55, bank -16, keys -59
cue-level words 1: out -34, stem -14, more -39, option 50, answer -65, facts -36
cue-level words 3: out 48, stem -38, more -21, option -25, feedback -38, facts -39, row -16, keys -39
cue-level words 7: out -159, passage -27, stem -33, more -15, option -108, answer -143, feedback -20, facts 135, row -37, bank -14, keys -36
cue-outcome end none: passage -36, stem -96, more -25, option -49, answer -59, feedback -73, hint -27, row -53, bank -31, remark -16
cue-outcome words 7: passage -36, stem -92, more -25, option -49, answer -58, feedback -72, hint -27, row -52, bank -31, keys 13, remark -15
cue-points end gap: out 30, passage -13, stem -23, facts -39, bank -22, keys -22
cue-points end none: out -56, passage -17, stem -44, more -43, option -49, answer -21, feedback -57, hint -13, facts 40, row -34, bank -16, lines -35
cue-points words 15: out 30, passage -13, stem -23, facts -39, bank -22, keys -22
cue-points words 3: out -56, passage -17, stem -44, more -43, option -49, answer -21, feedback -57, hint -13, facts 40, row -34, bank -16, lines -35
cue-sample end comma: out -29, passage -13, stem -16, answer 33, keys -14
cue-sample end none: out -30, passage -15, stem -52, more -48, option -48, answer 24, facts -39, row -32, bank -28, keys 18
cue-sample end stop: out -36, passage -20, stem -40, more -57, option -15, answer 63, feedback -61, facts -14, row -18, bank -19, lines -15, keys -50, remark -18
cue-sample words 15: out -27, passage -25, stem -57, more -46, option -40, answer 64, feedback -24, facts -17, row -26, bank -28, keys -47, remark -12
cue-sample words 3: out -15, option -15, answer -47, facts -26, keys 46
cue-sample words 7: out -32, more -16, answer 46, keys -48
cue-sample words many: out -55, passage -19, stem -28, more -48, answer 44, feedback -45, facts -21, row -14, bank -17, lines -14, keys -19
cue-tags end none: out -14, passage -32, stem -65, option -40, answer -59, feedback -34, row -34, bank -15, keys 13
cue-tags words 3: passage -30, stem -34, more -25, option -14, answer -42, feedback -34, facts 27, row -26, keys -69
cue-wordBank end none: out -17, passage -36, stem -41, more -41, option -35, wrapped -15, answer -60, feedback -41, facts -20, row -32, bank 56, keys -34
cue-wordBank words 15: out -26, stem -18, option -26, answer -28, feedback -26, row -17, bank 34, keys -19
cue-wordBank words 7: out -12, passage -29, stem -40, more -40, option -32, wrapped -15, answer -51, feedback -19, facts -19, row -23, bank 47, keys -29
end asks: stem 42, more 30, option -80, wrapped -65, answer -151, feedback -104, hint -36, facts -100, row -96, bank -48, lines -54, keys -103, remark -84
end bracket: passage -115, stem 25, more 44, option -84, wrapped -121, hint -81, facts 20, row -78, lines -86, keys -37, remark -93
end colon: out 35, passage -54, stem 21, option -95, wrapped -16, answer -114, feedback -42, hint -42, facts 77, row -45, bank -38, lines -56, keys 34, remark -34
end comma: out 24, passage 32, stem -84, more 24, option -46, wrapped -37, feedback -31, hint -20, facts -58, row -31, bank -46, lines -29, keys -34, remark -22
end gap: out -13, passage -14, stem -14, more -13, option -15, wrapped -49, answer -46, feedback -91, hint -36, facts -39, row -59, bank -41, lines 35, keys -74, remark -44
end none: passage -46, stem -74, more -89, wrapped -43, feedback -66, hint -127, row 13, bank -21, lines -188, keys 18, remark -163
end stop: out -46, stem -23, more -37, option -50, answer -40, feedback 35, facts -163, row -207, bank -154, lines -158, keys -60, remark 30
field end asks: passage 39, stem -40, more -16, answer -23
field end bracket: out 14, passage -27, stem -40, more -53, option 45, answer -79, feedback -17, hint -16, facts -97, row -13, bank -15, keys -21
field end colon: out 23, passage -39, stem -44, more 24, option -50, answer -70, feedback -25, facts 64, row -48, lines -14, keys -17
field end gap: out 23, passage 13, stem -26, more -25, option -13, answer -33, feedback -14, facts -31, row -21, lines -15, keys -28
field end none: out -16, passage -22, stem 28, more -65, option -72, answer -25, feedback -123, hint -28, bank -49, lines -31, keys -15, remark -25
field end stop: passage 35, stem -17, more -21, option -46, hint -27, facts -70, row -36, bank -20, keys -60, remark -36
field words 1: out 48, stem -66, more -21, option -40, answer -47, facts 70, row -38
field words 15: more -48, answer -18, feedback -110, hint -24, facts 14, row -63, bank -26, lines -15, keys -40, remark -36
field words 3: out -18, passage 21, stem -90, more -32, option -74, answer -58, feedback -52, facts -16, row 35, bank -12, lines -23, remark -20
field words 7: out 13, passage -31, stem -15, feedback 14, hint -27, facts -46, row -45, bank -28, lines -19, keys -111, remark -17
field words many: out -107, passage 34, stem 44, answer -26, feedback -43, facts -49, row -19, keys -18
field-kind end none: out 14, passage -36, stem -74, more -48, option -38, answer -21, feedback -40, facts 16, row -35, bank -15, keys -51
field-kind words 3: out -18, passage -27, stem -40, more -38, option -33, answer -13, facts 56, row -31, bank -12, keys -23
field-kind words 7: out 46, stem -55, more -26, option -29, answer -52, feedback -33, facts -30, row -14, keys -36
field-number end none: out -39, passage -18, stem -24, option -30, answer -34, facts 61, keys -34
field-number words 3: out -39, passage -18, stem -24, option -30, answer -34, facts 61, keys -34
field-option end none: out -68, stem -66, more -15, option 74, answer -47, feedback -21, facts -54, row -62, bank -15, keys -28
field-option words 15: option 22
field-option words 3: out -44, stem -54, option 51, answer -32, facts -42, row -42, keys -25
field-option words 7: out -44, stem -46, more -23, option 45, answer -20, facts -23, row -35, keys -13
field-stem end asks: out -17, passage -17, stem 33
field-stem end colon: stem 15, more -15
field-stem end gap: stem 20
field-stem end none: out -29, stem 30, answer -23, facts -24, row -20
field-stem end stop: out -35, passage -16, stem 48, option -24, answer -28, feedback -28, facts -20, keys -17, remark -12
field-stem words 15: out -33, passage -19, stem 37, answer -29, feedback -15, facts -27, row -23
field-stem words 3: out -30, stem 42, option -13, answer -21, feedback -19, facts -16, keys -14
field-stem words 7: passage -15, stem 42, more -20, option -26, answer -13
first: out 37, passage -135, stem -19, facts -12, bank -60, keys -85
full asks capital: stem -101, option -24, wrapped -14, feedback -59, hint -18, facts 71, row 21, bank -33, lines -22, keys -69, remark -44
full asks label: out -30, more 50, option -27, answer 36, facts -13, row -70, keys -54
full asks small: out -68, passage -54, stem 16, more -15, option 18, wrapped -19, feedback -26, facts -20, row -88, bank -37, lines -13, keys -58
full bracket capital: passage -43, stem -18, more -95, option 26, answer 59, hint -12, row -34, bank 21, keys -91, remark -21
full bracket label: out -41, stem -28, option -34, answer -76, feedback -38, facts 32, bank -20, keys 37, remark -18
full bracket small: passage -20, more -43, option -44, wrapped -15, answer 17, feedback 19, facts -18, row 33, lines -14, keys -49
full colon capital: stem -52, more -47, option -14, answer 50, feedback -24
full colon label: out 15, stem -17, more -38, option 26, row -13
full colon small: stem -21, more -53, option 37, answer -17
full comma capital: out -26, stem -13, more 17, option -30, answer 16, feedback -50, facts -38, keys -15
full comma label: out -29, stem -30, more 27, answer -27, row -16
full comma small: out -52, passage -14, stem -15, more 19, option -63, wrapped 33, feedback -31, hint -28, facts -53, remark -17
full deeper capital: out -127, passage -15, stem -118, wrapped -28, answer 35, feedback 44, hint -23, facts 41, row -46, bank -46, keys -35, remark -51
full deeper label: out -91, passage -15, stem -61, more 31, answer 53, feedback -23, facts -30, row -61, lines -27, remark -59
full deeper small: out -52, passage -72, stem -126, wrapped 77, answer -23, hint -27, facts -24, row -66, bank -24, lines -29, keys 23, remark -52
full gap capital: passage -31, stem -60, more 68, option -43, answer -23, feedback -41, facts -44, row -14, lines 62, keys -86
full gap label: out -20, stem 32, option -40, answer -61, row -25, lines -29, keys -17
full gap small: out 37, passage -18, stem -24, more -15, option 15, answer -34, feedback -35, facts -15, row -30, keys -64
full none capital: out -65, stem -53, more 24, wrapped -54, hint -30, facts 27, row -50, bank 20, lines -22, remark -41
full none label: passage 13, stem -21, option -13, wrapped -16, hint -14, facts 13, row 16, bank -19, keys -21, remark -46
full none small: out -60, passage 24, stem -89, more 100, option -47, wrapped 80, feedback -46, hint -88, facts -76, row -26, bank -60, lines -19, keys 30, remark -60
full out capital: out -32, stem -93, more -85, option 58, answer 38, facts -34, bank 55, lines 31, keys -60, remark -12
full out label: out 16, stem -22, more -35, facts 16, row -18, bank -17, keys -38, remark -49
full out small: out -84, stem -16, more -12, wrapped -48, answer 102, feedback -90, hint -25, row 23, keys -62, remark -47
full same capital: stem -62, option -28, wrapped -35, feedback -35, hint -53, facts 19, row -96, bank -23, lines -14, keys -35, remark -75
full same label: passage 16, stem -25, more 41, option -64, wrapped -19, hint -17, facts 12, bank -50, lines -34, keys -35, remark 18
full same small: out -64, passage 22, stem -32, more 66, option -31, wrapped 27, answer 31, feedback -17, hint -84, facts -20, row -16, bank -86, keys -23, remark -69
full stop capital: out 18, passage 17, stem -116, more 30, option -17, wrapped -20, answer -28, feedback -18, hint -16, facts -22, row -57, lines 57, remark -56
full stop label: passage -20, more 40, answer -15, facts -16, row -69, bank -33, lines -24, keys -77, remark 17
full stop small: passage -35, stem -29, more -91, option -21, answer 28, feedback -38, facts 29, row -42, bank -13, keys -17, remark -15
gap: out -82, passage 22, stem 68, more 28, option -76, wrapped -48, answer -53, feedback -84, hint -43, facts -48, row -37, bank -45, lines 42, keys -111, remark -43
gap 0: out -29, passage -34, stem -60, more 19, wrapped -24, hint -51, facts -23, row -12, bank -56, lines -39, keys -12, remark -44
gap 1: out 14, passage -16, more -77, option -74, wrapped -134, feedback -51, hint -37, row -56, bank -23, lines -47, keys -79, remark -21
gap 2: out -20, passage -89, stem 69, more -45, option -166, wrapped -51, answer -217, feedback -66, hint -79, facts -19, row -89, bank -99, lines -67, keys 109, remark -45
gap behind 0: out -33, more -26, wrapped -30, answer -56, feedback -97, hint -81, row -18, bank -80, lines -47, remark -47
gap behind 1: passage -41, option -34, wrapped -52, feedback -14, facts -26, row -38, lines -39, keys -76, remark -23
gap behind 2: passage -69, stem 21, option -41, wrapped -18, answer 32, hint -109, facts -82, bank -57, keys -37, remark -114
gap end bracket: out -123, passage -17, stem 41, option -20, feedback -27, facts -36, row -32, keys -26
gap end gap: out 27, passage -54, more -21, option -21, wrapped -15, feedback -29, hint -17, facts -25, row -13, bank -24, lines -24, keys -37
gap end none: out -23, passage 16, stem -37, more 68, option -26, answer -74, facts -14, row -25, bank -20, lines -13, keys -28
gap end stop: out -71, passage 16, more 32, option -52, answer -110, feedback -37, hint -21, facts -16, keys -13, remark -12
gap words 1: out -59, passage -51, stem 46, more -45, option -24, answer 24, feedback -20, hint -14, facts -19, lines -21
gap words 15: out -52, stem 42, option -15, wrapped -14, answer -112, feedback -32, hint -12, facts -24, row -19, bank -19, lines -23, keys -24
gap words 3: out -50, stem 41, answer -39, facts -23
gap words 7: out 60, passage -67, stem -49, option -55, feedback -33, hint -18, facts -30, row -20, bank -29, lines -17, keys -41, remark -16
gap words many: out -65, passage 14, stem -46, more 55, option -18, answer -75, feedback -13, keys -25
gaps: out 44, passage -70, stem -26, more 39, option -56, answer -15, feedback -46, hint -19, facts -70, row -40, bank -34, lines -35, keys -85, remark -16
glued answer: passage -29, stem 95, more -52, option -52, wrapped -26, answer -25, feedback -118, hint -31, facts -34, row -94, bank -42, keys -52
group 1: out 48, passage -28, stem -74, more 44, option -87, facts -91, row -28, bank 12, lines -43, remark -69
group 2: passage -36, stem -30, more -20, option -43, wrapped -33, feedback -15, hint -100, facts -68, bank -37, lines -25, remark -85
group 4: out -44, passage 41, stem -17, more -44, wrapped -75, feedback -24, hint -141, row 31, bank -44, lines -26, keys -20, remark -99
group 8: out -87, passage -58, more -142, option -13, answer -35, feedback -57, hint -85, row -58, bank -108, lines -81, keys -23, remark -65
group many: out -46, passage -104, stem 61, more -74, option 65, wrapped -132, feedback -98, hint -91, facts 31, row -94, bank -79, lines -73, keys -71, remark 52
hangs: out -12, passage -68, stem -73, more 63, option -74, wrapped 52, feedback -112, hint -43, row -68, bank -60, lines -16, keys 39, remark 24
hangs_: out -132, passage -23, stem 18, option 54, wrapped -14, answer 26, feedback -54, hint -18, facts -66, row -13, bank -61, lines -22, keys -43, remark -27
heading: out 43, passage -60, stem -157, more -67, option -91, wrapped -16, answer -74, feedback -92, hint -21, facts 62, row -82, bank -59, lines -23, keys -45, remark -18
heading end asks: out 43, facts -33
heading end bracket: answer 38, feedback -25, facts -114, bank -17, keys -44
heading end gap: out 31, facts -29
heading end none: out 21, passage -53, stem -65, more -37, option -56, answer -188, feedback -41, row -36, bank -21
heading end stop: out 43, passage -17, stem -31, more -26, answer -43, facts -43, keys -18
heading words 1: stem -39, more -17, option -21, answer -83, facts -154, bank -15, keys 48
heading words 15: out 24, answer -57, feedback -27, facts -92, row -15, bank -14, keys -59
heading words 3: out 17, passage -33, stem -48, more -39, option -13, answer 14, feedback -26, facts -15, row -16, keys -29
heading words 7: out 27, passage -24, stem -44, option -31, answer -41, feedback -13, facts 24, row -25, keys -53
heading words many: out 33, facts -26
identity end colon: out 31, facts -18
identity end gap: out 48, passage -22, stem -27, more -18, option -12, answer -20, feedback -18, facts -18, bank -13, keys -15
identity end none: out 58, answer -27, keys -14
identity words 15: out 46, stem -23, answer -17, feedback -14, keys -13
identity words 3: out 41, answer -17, facts -22
identity words 7: out 44, passage -22, stem -23, more -17, option -12, answer -20, facts -15, bank -13, keys -15
indent deeper: out -103, passage -54, stem -12, wrapped 64, answer -21, hint -72, facts -59, row 16, bank -125, lines -26
indent out: out 15, passage -58, stem -29, more -131, option -69, wrapped -131, answer 33, feedback -27, hint -32, row -56, bank -19, keys 13, remark 17
indent same: passage -12, stem -18, option -26, wrapped -144, answer -19, feedback -42, hint -55, facts -25, row -41, bank -48, lines -50, keys -24, remark -70
instruction end none: out 32
instruction end stop: out 33, stem -32, answer -23, feedback -32, keys -29
instruction words 15: out 62, stem -26, feedback -15, keys -27
instruction words 7: out 20, answer -20, feedback -23
is arrow: passage -23, stem -48, more -58, option -34, answer 69, feedback -46, facts -40, row -64, bank -18, lines -23, keys -82
is asksEssay: out -17, passage -33, stem 42, more 23, answer -68, feedback -25, hint -19, facts 34, row -58, bank -23, lines -25, keys -84, remark -49
is asksMatch: out -90, passage -73, stem 95, more -81, option -16, wrapped -28, hint -42, facts -53, row 37, bank -61, lines -23, keys -32, remark 34
is asksOrder: out -43, passage -16, stem 81, option -34, answer -39, feedback -47, facts -23, row -40, bank -13, keys -13, remark -42
is asksSeveral: out 20, passage -40, stem 64, more -28, option -129, wrapped -21, answer -112, feedback -86, hint -16, facts -20, row -29, bank -42, lines -17, keys -60, remark -28
is blankLine: out -92, passage -49, option -60, wrapped -25, answer -24, feedback -49, hint -29, row -34, bank -15, lines 67, keys -33, remark -17
is bracketed: out -42, passage -40, stem 13, option -89, wrapped -21, answer 51, hint -48, facts -94, row -112, bank 14, lines -51, remark -39
is capitals: out -14, passage -74, stem -97, more -45, option -14, wrapped -19, answer 37, feedback -60, hint -40, facts -54, row -101, bank -83, lines -49, keys 32, remark -42
is chatter: out 64, passage 17, stem -85, more -34, option -36, answer -49, feedback -30, hint -16, facts -48, row -25, bank -18, lines -14, keys -42
is commas: out -94, passage 32, stem -71, more -19, wrapped -16, answer 12, feedback -112, hint -50, facts -90, row -74, bank 47, lines -37, keys 69, remark -44
is counts: out -127, passage -105, stem -65, more 54, option -62, wrapped -23, answer 20, feedback -76, hint -20, facts -34, row -92, bank 24, lines -23, keys 88, remark -21
is dashStart: passage -73, stem 48, more -80, option -44, wrapped -50, answer -28, feedback -115, hint -49, facts -80, bank -59, lines -124, keys -83, remark 56
is identity: passage -42, stem -58, more -20, option -12, answer -35, feedback -21, facts 35, row -13, bank -13, lines -14, keys -27
is instruction: out 64, stem -52, more -23, option -42, answer -20, feedback -39, keys -38
is keyPairs: out -135, passage -94, stem -32, more -52, option -55, answer 22, feedback -118, hint -55, facts -47, row -109, bank -70, lines -14, keys 114, remark -35
is keyTitle: out -142, passage -39, stem -64, more -76, wrapped -15, answer -95, feedback -66, hint -21, facts -104, row -50, lines -26, keys 164, remark -16
is legend: out 68, passage -75, stem -105, more -26, answer -38, feedback -45, hint -18, facts -19, row -14, keys 50
is letter: out -39, passage -30, stem -72, more 14, option -95, wrapped -15, answer 86, facts -67, row -50, bank -12, keys -43
is lowercase: out -92, passage -45, stem -40, option -37, wrapped 32, answer 23, feedback -41, hint -93, facts -32, row -21, bank -128, lines -88, remark -132
is number: out -32, passage -46, stem -85, more -29, option -44, wrapped -16, feedback -54, hint -32, facts -93, row -80, bank -34, lines -40, keys 58, remark -40
is pairSign: passage -53, stem -22, more -73, option -121, wrapped -24, feedback 60, hint -55, facts -117, row 63, bank -81, lines -67, keys 13, remark -49
is picture: out -90, stem -36, more 110, option -46, answer -99, feedback -94, row -24, bank -95, keys -35
is points: out -63, passage -82, stem 140, more 152, option -211, wrapped -57, answer -142, feedback -110, hint -60, facts -30, row -135, bank -94, lines -32, keys -157, remark -70
is quoteStart: out -122, passage -58, stem 18, more -45, option -71, answer -89, feedback 141, hint -42, facts -43, row -27, lines -14, keys -59, remark -28
is remark: out -80, passage -26, stem -110, more 102, option -27, answer -43, feedback -85, facts 51, row -49, bank -27, keys -79, remark -13
is rule: out 21, passage -43, stem -55, more -12, option -52, wrapped -23, answer -13, feedback -48, hint -19, facts -95, row -20, bank -29, lines 43, keys -81, remark -18
is section: out 92, passage -35, stem -78, more -44, option -72, answer -53, feedback -55, hint -16, facts -30, row -27, bank -29, keys -22, remark -42
is strokes: out -54, passage -48, stem 14, more -35, option 19, answer 67, feedback -85, facts -18, row -31, bank -72, lines -12
is truthLead: out 13, passage -100, stem 59, more -69, option -88, answer -151, feedback -76, hint -37, facts -48, row -73, bank -28, keys -19, remark -64
is truthTail: out 44, passage -30, stem 60, more 28, option -107, wrapped -19, answer -76, feedback -30, hint -13, facts -30, row -77, bank -34, keys -75, remark -13
is truthWord: out 76, passage -32, stem -116, more -31, option -214, answer 96, feedback -57, facts -45, row -78, bank -23, lines -26, keys 106, remark -12
key-title end bracket: out -66, stem -14, more -19, answer -19, feedback -34, facts -20, row -12, keys 46
key-title end colon: out -55, stem -24, more -14, facts -20, keys 47
key-title end none: out 38, passage -20, stem -31, option -40, answer -62, feedback -23, facts -27, row -21, bank -14, lines -12
key-title end stop: passage -29, stem -37, more 25, option -16
key-title words 1: out -44, stem -15, more -13, option -13, answer -14, facts -17, keys 18
key-title words 15: out 80, passage -24, keys -77
key-title words 3: out 17, stem -27, more -13, option -54, answer -45, facts -32, row -25
key-title words 7: out -94, passage -13, stem -25, option -15, answer -26, feedback -41, facts -22, row -12, bank -16, keys 75
key-title words many: out 75, passage -13, stem -73, answer -28, feedback -23, keys -69
last: out 32, passage -72, stem -18, more -57, option -38, wrapped -38, hint -41, facts -45, row -50, bank -21, lines -58, remark -23
last but one: passage -82, more -29, wrapped -61, answer -31, feedback -41, hint -35, facts -26, row -24, bank -14, remark -63
lead judgement: out -105, stem 95, option -83, answer 29, feedback -22, keys -44
lead letter: out -80, passage -22, stem -68, more -80, option 24, wrapped -22, feedback -22, facts -36, row 52, bank -15, lines -13, keys -90, remark -30
lead room: out -157, passage -19, stem -59, more -43, option -76, answer -46, facts -26, row 113, keys -92, remark -13
let again: out -36, passage -19, stem 30, more -20, option -62, answer -37, feedback -14, facts -25, row -17, bank -12, keys 23, remark -30
let again asks few: out -35, passage -19, stem 19, more -20, option -62, answer -31, facts -25, row -17, bank -12, keys 29, remark -30
let again fits most: facts 19
let again fits none: stem 65, more -15, answer -14, keys -64
let asking few: out 28, stem -34, more -49, option 51, answer -39, feedback -15, facts -25, row -39, keys -66
let asking most: out -21, passage -42, stem 48, more -68, answer -119, feedback -32, facts -38, bank -12, lines -26, keys -28, remark -23
let asking none: out -20, passage -58, stem -49, more -58, option 34, wrapped -134, answer -65, feedback -137, hint -63, facts -61, row 14, bank -75, lines -68, keys -31, remark -31
let asking some: out -29, passage -28, stem 126, more -97, option -63, wrapped -26, answer -134, hint -14, facts -35, row -20, bank -22, lines -33, keys -44, remark -70
let bare: out -21, passage 22, stem -148, option 48, wrapped -19, answer -41, feedback -33, hint -16, facts -57, row 46, bank -23, lines -13, keys 57, remark -78
let-lone end asks: stem 19, more -27, option -64, answer -81, facts -14, row -36, keys -19
let-lone end bracket: stem -46, more -88, option -17, answer 93, feedback -16, facts -15, row -57, bank -16, keys -103
let-lone end colon: out 42, stem 12, more -44, option -14, answer -47, row -21
let-lone end none: out -15, stem -48, option -13, wrapped -18, answer -30, feedback -38, facts -90, row 22, bank -46, lines -21, keys -16
let-lone end stop: out 25, passage -28, stem 14, more -20, answer -74, feedback -30, hint -19, facts -22, row -60, lines -13, keys -23, remark -36
let-lone run: out -36, passage -38, stem -104, more -33, option 65, answer -67, feedback -26, facts -14, row -67, bank -44, lines -19, keys 24, remark -17
let-lone words 1: passage -53, stem -41, option -49, wrapped -13, answer 12, feedback -17, facts -56, row 30, keys -39
let-lone words 15: passage 21, more -43, option 100, answer -93, feedback -26, row -97, bank -19, remark -17
let-lone words 3: out 50, passage -19, option -85, answer -36, feedback -14, facts -60
let-lone words 7: passage -41, stem -26, more -54, option 54, answer -21, feedback -25, hint -14, facts -31, row -39, bank -43, lines -19, keys -42, remark -31
let-lone words many: out -82, stem 46, more -40, option 16, answer -47, row -30, keys 18
let0 end asks: out 25, stem -13, option -25
let0 end bracket: passage -14, stem 48, more -41, option -100, answer 19, feedback -82, facts -21, row -60, bank -13, keys -55
let0 end colon: out -22, stem 26
let0 end gap: out -89, passage -34, stem -48, more -18, option 56, answer -17, facts -21, row -30, lines -16, keys -18
let0 end none: out -28, passage 25, more -57, option 22, wrapped -40, answer -120, feedback -71, facts -81, row 13, bank -23, keys 16
let0 end stop: passage -54, stem 14, more -30, answer -80, hint -13, facts -26, row -39, remark -26
let0 of 1: out -15, passage 17, stem 28, more -38, answer -32, feedback -51, hint -18, bank -35, lines -19, keys -27, remark -48
let0 of 2: stem -20, more -42, feedback -51, facts 13, row -36, bank -17, lines -19, remark -12
let0 of 4: out 23, passage -15, stem -70, more 23, option 43, wrapped -19, answer -93, hint -15, row -13, bank -27, lines -14, remark -25
let0 of 8: out -28, passage -32, stem 114, more -84, option -30, wrapped -18, answer -91, feedback -63, facts 14, row -70, keys -106
let0 of many: out -108, passage -29, stem 88, more -61, option -81, wrapped -36, answer -93, feedback -32, facts -52, row -47, bank -22, lines -25, keys 52, remark -42
let0 run: out 41, stem 28, option -45, answer -48, facts -17, keys -60
let0 words 1: out -46, passage -40, stem -30, more -23, option 13, answer 20, feedback 20, facts -62, keys -23
let0 words 15: stem 21, more -44, option -13, wrapped -27, answer -68, feedback -63, facts -33, keys -27, remark -15
let0 words 3: out 13, passage -55, stem -58, more -24, option 24, wrapped -14, answer -91, feedback -38, facts -61, keys 19, remark -19
let0 words 7: out 19, passage 14, stem -14, more -31, option 12, answer -98, feedback -81, facts -14, bank -17, keys -32
let0 words many: out -70, stem 52, more -35, option -74, answer -70, feedback -21, facts -12
let1 end asks: out -95, more -26, option 42, answer -23, row -23, remark -24
let1 end bracket: out -36, stem 36, more -18, feedback -39, row -113
let1 end gap: out -62, passage -15, stem -48, option 60, answer -75, row -24
let1 end none: passage -37, more -68, wrapped -45, answer -26, feedback -46, hint -38, facts -67, bank -38, lines -38, keys -23, remark -63
let1 end stop: out -57, more -21, answer -122, feedback -22, hint -17, facts -26, row -80, keys -76, remark 25
let1 of 1: out 18, passage -49, stem -50, more -19, wrapped -19, feedback -47, hint -17, facts -31, row -34, bank -39, lines -22, keys -38, remark -13
let1 of 2: out 35, passage -16, more -20, option -21, answer 24, feedback -57, facts -23, row -51, bank -24, keys -20, remark -30
let1 of 4: out -37, passage -63, stem -25, more -77, option 32, wrapped -71, answer -71, feedback -67, hint -48, facts -63, row 30, bank -51, lines -48, keys -60, remark -14
let1 of 8: out -47, passage -22, more -46, option 38, answer -107, feedback -16, facts -35, row -33, keys 16, remark -19
let1 run: out -120, stem 24, option 101, answer -129, keys -70
let1 words 1: out 15, passage -34, stem -50, more -33, option -13, wrapped -24, answer -14, feedback -40, hint -38, facts -45, row -70, bank -38, lines -38, remark -40
let1 words 15: out -25, stem 35, more -57, option 18, answer -132, feedback -17, facts -19, row -77, keys -63
let1 words 3: stem -127, wrapped -22, answer -217, feedback -19, facts -68, row 44, remark -50
let1 words 7: out -58, passage -22, stem 13, more -48, option 23, answer -36, feedback -39, facts -28, row -13, keys -57, remark 24
let1 words many: out -37, stem 20, option -13, answer -29, feedback -17, row -14, keys -15
let1-first end asks: out -25, stem 21, more 27, option -36, answer -29
let1-first end bracket: out -34, stem 15, more -60, option 21, answer -96, row -31, keys -22
let1-first end gap: out -32, more -37, row -50
let1-first end none: passage -15, stem -32, more -125, wrapped -30, feedback -18, hint -18, facts -59, bank -19, lines -17, keys -17, remark -28
let1-first end stop: out -60, more -28, option 38, answer -77, feedback -26, facts -13, row -39, keys -40, remark 23
let1-first run: out 28, stem 18, option -26, answer -50, row -20, keys -54
let1-first words 1: out 30, passage -14, more -85, option -28, wrapped -13, feedback -19, hint -17, facts -33, row -64, bank -18, lines -17, keys -13, remark -20
let1-first words 15: out -100, option 67, answer -52, feedback -16, facts -17, row -58, keys -52, remark 25
let1-first words 3: out -37, stem -27, more -91, option 15, wrapped -22, answer 18, feedback -14, facts -70, remark -53
let1-first words 7: out -31, more -68, option 39, answer -51, feedback -14, facts -13, remark -54
let1-first words many: out -19, stem 19, option -18, keys -17
let2 end none: stem -38, wrapped -53, answer -13, facts -40, row -31, keys -14
let2 end stop: out -41, passage -17, stem -30, option 46, wrapped -19, answer -44, feedback -23, keys -22
let2 of 1: out -44, passage -38, stem -49, more -32, option 40, answer -26, feedback -15, facts -15, lines -15, keys 26, remark -17
let2 of 2: out 22, passage -16, stem -25, more -23, option -20, feedback -15, facts -35, row -15, keys -20
let2 of 4: out -90, passage -20, stem 15, more -17, option 117, wrapped -68, answer -104, feedback -73, facts -75, row -57, bank -16, lines -37, keys -59, remark -25
let2 run: out -34, option 29, answer -85, keys -13
let2 words 1: out 21, stem -22, option -13, wrapped -35, facts -14
let2 words 15: stem -18, option 28, wrapped -19
let2 words 3: out -40, option 101, wrapped -26, answer -58, facts -21, keys -14
let2 words 7: out -47, passage -15, stem -37, more -14, option 44, wrapped -23, answer -88, feedback -18, facts -18, keys -15
let2-first end none: stem -47, more -44, wrapped -19, answer -22, facts -41, row -23, lines -13
let2-first end stop: stem -14, more -13, option 17, answer -26
let2-first words 1: out 29, more -50, option -24, answer -19, facts -30, row -13, keys -66
let2-first words 15: stem -15, option 20
let2-first words 3: out -41, stem -28, more -40, option 58, answer -44, facts -13, keys 45
let2-first words 7: out -35, stem -26, more -22, option 31, wrapped -20, remark -13
letter end none: stem -55, more 19, option -64, wrapped -15, answer 25, feedback -50, facts -57, keys -34
letter words 1: stem -55, more 19, option -64, wrapped -15, answer 25, feedback -50, facts -57, keys -34
lines end gap: out -40, passage -38, more -19, option -47, feedback -39, hint -21, row -21, lines 14, keys -27
lines words 3: out -35, passage -38, stem 22, more 37, option -44, feedback -38, hint -19, row -19, lines -71, keys -18
look _asks: out 13, passage -63, stem 35, more -134, option -31, answer -55, feedback -47, hint -15, facts -34, row -30, bank -34, lines -28, keys -24, remark -15
look _box: out 25, stem -63, more -29, option 17, answer -88, feedback -19, facts -32, row -24, bank -18, keys -12
look _bracketed: out 24, passage -24, stem -73, more 20, answer -131, feedback -90, facts -33, row -36, bank -16
look _bullet: out -34, passage -21, stem 19, more -54, option 31, answer -66, feedback -42, hint -13, facts -76, bank -25, lines -31, keys -29
look _capitals: out 43, passage -27, stem -72, more -38, option -88, feedback -32, facts -87, bank -19, keys -64
look _cells: stem 23, more -140, option 21, wrapped -12, answer -75, feedback -67, hint -31, row -34, lines -20, remark -27
look _chatter: passage 22, stem -21, more -16, answer -40, feedback -21, hint -13, facts -26, bank -13, lines -14, keys -26
look _colon: passage -13, stem -41, answer -38, feedback -34, hint -21, facts -22, keys 30
look _cue-answer: out -76, passage -45, stem -50, more -32, option -82, wrapped -13, answer 32, feedback -63, hint -16, facts -61, row -48, bank 20, lines -27
look _cue-feedback: stem -46, option -38, answer -49, feedback 27, hint -31, facts 13, keys 25, remark -58
look _cue-level: out -23, stem -62, more -26, option -39, facts 37, row -24, keys -31
look _cue-outcome: out 60, stem -27, answer -51, facts -57, keys -65
look _cue-sample: out -64, passage -17, stem -33, more -30, option -27, answer 40, feedback -31, facts -34, row -19, bank -30, keys 13, remark -15
look _cue-tags: out -16, passage -30, stem -65, option -32, answer -39, facts -31, row -14, bank -14, keys 46
look _cue-wordBank: passage -29, stem -25, more -16, answer -24, facts -17, row -13, bank 22, keys -22
look _field: out 13, passage 26, stem 24, more -32, option -54, answer -156, feedback -96, hint -24, facts -34, row -57, bank -31, lines -22, keys -109, remark -24
look _field-kind: out -69, passage -14, stem -28, answer -66, facts 82, keys -43
look _field-number: out -39, passage -13, stem -24, answer -28, facts 54, keys -34
look _field-stem: out -30, stem 37, answer -17, feedback -17, keys -14
look _gap: out -29, more 21, option -28, answer -140, feedback -37, hint -20, facts -35, row -17, bank -37, lines -28, keys -47
look _heading: passage -51, stem -17, more -51, option -26, feedback -55, hint -12, facts -25, row -19, bank -35
look _identity: out 33, passage -19, stem -20, answer -26
look _instruction: out 58, stem -26
look _key-title: out -17, passage -23, stem -35, more -29, option -37, answer -63, feedback -19, hint -15, facts -41, row -21, bank -18, lines -14, keys 33
look _let-lone: out 22, passage -55, stem 19, more -62, option -24, answer -72, feedback -27, hint -20, facts -72, row -117, bank -29, lines -14, remark -41
look _let0: passage -55, more -47, answer -82, feedback -35, facts -77, row -75, bank -30, keys -12, remark -19
look _let1: out -38, passage -14, stem 39, more -13, option 44, answer -132, feedback -28, hint -14, facts -56, row -72, bank -14, keys -48, remark -68
look _let1-first: out -30, stem -48, more -26, option 34, answer -151, feedback -20, facts -65, row 18, keys 29, remark -30
look _let2-first: out -22, stem -15, option 47
look _letter: out -59, more -19, answer 61, facts -28, keys -36
look _num-lone: out 30, passage -18, stem 16, more -60, option -38, answer -30, feedback -44, hint -18, facts -84, row -39, bank -28, remark -20
look _num0: passage -61, stem 19, more -64, option -50, wrapped -24, answer -79, feedback -54, hint -36, facts -52, row 14, bank -38, lines -38, keys -64, remark -41
look _num0-again: more -27, option -49, answer -38, feedback -48, facts -55, row -70, keys 21
look _num1: out -17, stem 51, option -72, answer -41, feedback -13, facts -38, row -78, bank -14, keys -45
look _num1-first: passage -20, stem -15, more -14, option 15, answer -33, feedback -26, facts -40, row -24, bank -17
look _number: passage -25, stem -34, more -45, option -13, feedback -51, hint -15, facts -48, row -14, bank -22, remark -50
look _pair: out -33, passage 34, option -14, answer -76, feedback -142, hint -30, facts -43, row -12, bank -43, keys 19
look _phrase: out -19, passage 14, stem 24, more -113, option -50, wrapped -31, answer 15, hint -20, facts -87, row -60, bank -47, lines -25, keys -73, remark -26
look _rom-lone: out 22, passage -24, stem -17, more -20, option -45, answer -38, feedback -13, facts -63, row -34, keys -24
look _rom0: out 35, passage -43, stem 15, more -45, option -53, wrapped -18, answer -53, feedback -26, facts -43, row -44, bank -31, lines -21, keys -123, remark -36
look _rom0-again: stem 31, answer -14, keys -29
look _rom1-first: out -62, passage -23, stem 22, more -25, option 24, answer -30, facts -28, row -33, bank -15
look _rule: out 30, stem -46, more -46, option -40, keys -59
look _section: out 65, passage -26, stem -145, more -36, option -24, answer -45, feedback -26, row -21, bank -26, keys -61, remark -24
look _sentence: more -33, option -52, answer -73, feedback -25, hint -40, facts -40, row -34, bank -38, lines -31, keys -20, remark -125
look _short: out 44, passage -57, stem 17, more -112, option -74, wrapped -47, feedback -131, hint -17, facts -26, row -46, bank -25, lines -28, keys -119, remark 41
look _short-sentence: out 27, passage -75, more -120, wrapped -14, feedback -58, hint -141, facts -46, row -27, bank -35, lines -22
look _table-down: out -39, stem -13, feedback -21, bank -15, keys 54
look _table-pairs: out -17, passage -32, stem -68, more -16, wrapped -13, answer -33, feedback 28, hint -12, facts -46, row -81, bank -39, lines -13, keys 16, remark 19
look _table-ticks: out -66, passage -24, stem -63, more -19, option -13, answer -21, row 65, bank -15, keys -14
look _table-wide: out 44, answer -26, facts -14, keys -17
look _text: out -16, passage 25, stem 17, option 23, wrapped -20, answer -91, feedback -92, hint -20, facts -42, row -27, bank -25, lines -21, remark -17
look _ticked: out -47, stem -22, option 41, answer 46, keys -14
look _truth: out -51, passage -14, more -83, option -32, answer 59, facts -32, bank -15, keys -47
look _word-lone: passage -27, stem -38, more -27, option -21, answer -46, feedback -27, hint -13, facts 43, row -19, bank -16, keys -26
look _word0: out -16, passage -36, stem 16, more -34, option -78, wrapped -14, feedback -30, hint -27, facts 20, row -40, bank -41, lines -30, keys -63, remark -27
look _word0-again: out -47, stem 60, more -18, option -51, answer -27, feedback -18, facts -31, row -15, bank -19, keys -22
look arrow: out -26, passage -41, stem -63, more -81, answer 48, feedback -79, facts -60, row -73, bank -33, lines -21, keys -72, remark -14
look arrow _cue-level: out -23, facts 29
look arrow _field: out 67, passage -13, stem -52, answer -56, feedback -53, facts -12
look arrow _heading: out 48, facts -38
look arrow _num0: out -57, stem 62, facts -16
look arrow _num0 arrow: out -42, stem 43
look arrow _num0_ num0: out -40, stem 42
look arrow _section: out 48, stem -45
look arrow cue-difficulty: option -39, answer 51, facts 18
look arrow cue-feedback: out -63, option -15, answer 18, feedback 68, keys -18
look arrow edge: stem -18, option -33, answer 35, keys -18
look arrow sentence: passage -38, stem -65, option -33, answer -49, feedback 14, keys -31
look arrow short-sentence: out -43, stem -20, more -27, option -13, answer 34, hint -40, facts -15, keys -24, remark -45
look arrow short-sentence_ num0: out -31, stem -15, answer -38, feedback 43, hint -28
look arrow word0: out -57, stem 67, option -39, answer 45, feedback -35, facts -48
look arrow+: out -20, passage -14, stem -38, more -23, option -69, answer 64, feedback -16, facts -29, keys -26
look arrow_ field: out -14, option -23, answer 38
look arrow_ heading: option -32, answer 57
look arrow_ num0: option -66, answer 75, feedback -19, facts -12, row -25
look arrow_ section: out -25, option -42, answer 65, keys -30
look arrow_+: passage -13, stem -22, more -42, option 13, feedback -33, facts -50, row -39, keys -40
look asks: more 63, option -92, wrapped -27, answer -61, feedback -75, hint -38, facts -69, row -64, bank -40, lines -58, keys -77, remark -44
look asks _box: out -46, stem -24, more -15, option 58, answer -17, row -17
look asks _box box: out -35, stem -21, more -14, option 51, answer -17
look asks _bullet: out -27, stem -50, option 66
look asks _bullet bullet: out -15, stem -30, option 45
look asks _cue-answer: answer 55, keys -51
look asks _field: out -38, passage -65, stem 39, more -23, option -23, answer -38, facts -49, keys -16
look asks _heading: out 47, answer -38, facts -19
look asks _let0: stem -42, option 43
look asks _let0 let0: stem -42, option 43
look asks _let1-first: out -25, stem -15, option 40, answer -30, row -17
look asks _let1-first let1: stem -15, option 33, answer -25
look asks _num0: passage -20, stem 16, more -20, option -16, facts -17, keys -23
look asks _num0_ num0: out -54, stem 38, option -16
look asks _number: out -27, more -23, option -43, answer 48, keys -47
look asks _rom0: stem 16, more -15
look asks _section: out 55, answer -34, facts -45, keys -23
look asks _short: passage -12, stem 41, more -53, option -60, answer -47, facts -27, keys -30, remark -14
look asks _word0: out -16, stem -14, answer -29, facts 34
look asks _word0 asks: facts 12
look asks arrow: out -83, stem 24, option -21, answer 15, facts -23
look asks box: out -27, answer -17, facts -12
look asks box ticked: option 13
look asks bracketed: out -15, more 42, option -17, answer -35, feedback -16, bank -17
look asks bullet: out -86, stem -35, more 20, option 95
look asks bullet bullet: stem -59, more -13, option 74
look asks cells: stem -23, option 21, answer -12, keys -24
look asks cue-answer: out -46, option -81, facts -13, row -20, bank -19
look asks cue-answer edge: option -41
look asks cue-answer_ word0: more -13, answer 16
look asks cue-difficulty: facts 12
look asks cue-points: option -21, answer -37, facts 68, keys -22
look asks cue-sample: stem -18, more 12
look asks edge: out 51, stem -62, keys -12
look asks field-option: out -19, stem -24, more 20, option 13, answer -22, keys -17
look asks field-option field-option: out -17, stem -15, option 18, answer -20, keys -17
look asks gap: out -42, passage -25, stem -85, more 70, option -20, answer -42
look asks let-lone: out -49, stem 53, more -46, option 41, answer -42
look asks let0: out -59, stem 17, option 55, keys -51
look asks let0 let0: stem -57, option 62, keys -50
look asks let1-first: out -69, more 14, option 38, answer -56, row -13, lines -13
look asks let1-first let1: out -24, stem -17, option 80, answer -51
look asks num0: out -25, passage -29, stem 27, more -39, option 20, facts -24, row -31, lines -13, keys -13
look asks num0 num0: out -37, stem 13, option 21, row -31, keys -13
look asks num1-first: row -12
look asks num1-first num1: option 15, row -12
look asks number: out -59, stem 37, more 24, option -28
look asks phrase: out -26, more 31, answer -44, feedback -14, keys -46
look asks phrase phrase: stem -72, more -55, option 24, answer -25
look asks rule: out 55, stem -37, more -36, option -23, answer -24, facts -15
look asks short: out -59, passage 54, stem 32, more -60, answer 22, feedback -20, facts -34, keys -21
look asks short short: out -38, stem -24, more -37, option 40, answer -28, facts -12
look asks+: more 32, option -56, answer -25, feedback -21, hint -15, facts -41, row -28, lines -33, keys -50
look asks_ box: out -45, stem 54, more -24, row -16
look asks_ bullet: out -41, stem 35, answer -18, feedback -15, bank -20, lines -15
look asks_ cue-answer: out -50, stem 27, more -15
look asks_ field: out -44, passage -14, stem 39, answer -12, facts -18
look asks_ heading: more 29, feedback -17
look asks_ let0: out -60, stem 74
look asks_ let1-first: out -65, stem 72, more -28
look asks_ num0: out 31, passage -18, stem -49, more 29, answer -14
look asks_ number: out -16
look asks_ section: out 47, stem -47
look asks_ short: out -38, stem 47, more -12
look asks_ word0: out 28, passage -15, more -36
look asks_+: passage -55, stem 29, option -35, answer -57, feedback -50, hint -12, facts -40, row -33, bank -31, lines -25, keys -33, remark -21
look box: passage -62, stem -111, more -121, option 67, wrapped -31, answer -48, feedback -83, hint -33, facts -92, row -51, bank -44, lines -64, keys -93, remark -71
look box _asks: out -56, stem 54, facts -13, keys -17
look box _bracketed: stem -12, answer -46, feedback -38, bank -12, keys 21
look box _capitals: out 64, answer -57, facts -24, keys -30
look box _cue-answer_ num0: answer 42, keys -42
look box _field: out 29, passage -26, answer -42, facts -24
look box _heading: out 44, answer -34, facts -49, keys -29
look box _let0: out 22, stem 17, option -80, answer -21, keys -28
look box _let1: stem 56, option -56
look box _num-lone: out 36, stem -63, answer -62, facts -16
look box _num0: out -24, stem 20, option -30, facts -15, keys 21
look box _num0 box: stem 27, option -17
look box _num0 cue-answer: out -13, stem 24
look box _num0_ num0: out -52, stem 59
look box _num1: stem 21, option -21, row -15
look box _num1 box: stem 21, option -21, row -15
look box _phrase: out 40, option -32, answer -33, feedback -39, keys -40
look box _rom-lone: out 45, stem -30
look box _rom0: out 38, stem -34, keys -21
look box _rule: out 30, answer -20
look box _section: out 50, stem -30
look box _short: out 34, stem -92, option -35, wrapped -21, facts -75, keys -41
look box _text: out -72, option -42, answer 36
look box _word0: out 25, stem -63, option -23, answer -30, facts 33, keys -17
look box _word0 asks: stem -55, facts 69
look box _word0_ word0: out -49, stem 54
look box arrow: out -43, stem -20, option -73, answer 75
look box box: out 32, passage -45, stem -66, more -78, option 38, wrapped -13, feedback -42, hint -18, facts -48, row -24, bank -22, lines -38, keys -49, remark -34
look box box arrow: option 39, answer -27
look box box box: passage -18, answer -30
look box box bracketed: option 77, answer -66
look box box cue-answer: out -31, option 79, answer -68
look box box cue-difficulty: out -26, option 43, answer -47
look box box cue-feedback: out -14, option 44, answer -45
look box box edge: answer -57, keys -16
look box box num0: out -47, option 72, answer -63
look box box phrase: out -40, option 43
look box box short: out -32, option 40
look box box ticked: option 19, facts -18
look box box word0: out -26, option 81, answer -43
look box box_ asks: out -14, option 28, answer -19
look box box_ bracketed: option 19, answer -15
look box box_ cue-answer: out 25, option -13, answer -44
look box box_ field: out -27, option 42, answer -14
look box box_ heading: out -22, option 35, answer -24
look box box_ let0: out 21, answer -34
look box box_ let1: out -24, option 36
look box box_ num-lone: answer -40
look box box_ num0: option 36, answer -69, feedback -23
look box box_ num1: option 34, answer -15
look box box_ phrase: out -19, option 31, answer -22
look box box_ rom-lone: out -40, option 52, answer -30
look box box_ rom0: out -28, option 45, answer -31
look box box_ rule: out -27, option 40, answer -17
look box box_ section: out -29, option 36, answer -24
look box box_ short: out -65, option -26, answer 40
look box box_ text: out -29, option 21, answer -22
look box box_ word0: out -31, option 74, answer -82
look box bracketed: out -110, stem -15, option 28, answer 141, feedback -154, bank -29, keys -49
look box bracketed edge: out -36, answer 37, feedback -46, keys -25
look box cue-answer: out -31, answer 116, keys -57
look box cue-answer cue-difficulty: answer 26, keys -20
look box cue-answer edge: answer 46, keys -40
look box cue-answer_ num0: option -20, answer 23
look box cue-difficulty: out -33, option 46, answer -56, facts 63, keys -27
look box cue-feedback: out -58, stem -38, option 33, answer -59, feedback 19, facts -14, keys -17, remark -31
look box edge: out 13, answer -73, feedback -26, keys -27
look box num0: out -68, stem 81, option -16, answer -69, facts -25, keys -28
look box num0 box: stem 26, option -26
look box phrase: out -98, passage -14, stem -91, wrapped 37, answer 32, feedback -118, facts -14, keys -30
look box phrase box: out -19, stem -58, option 44, wrapped 34, answer -31
look box short: out -51, passage -41, stem -50, feedback -82, facts -91, keys -80
look box short box: out -33, wrapped 42, answer -30
look box short edge: out -30, option 38, wrapped 16, answer -29, feedback -59, keys -62
look box text: out -54, stem -52, wrapped 25, answer 21, feedback -40
look box ticked: stem -40, option 56, answer -58, feedback -38, facts -60, row -33, bank -14, keys -27
look box ticked box: out -16, option 25, answer -44, facts -19
look box ticked_ word0: out -53, option 24, answer -18
look box word0: out -42, stem 51, option 26, answer -82, facts 37
look box+: out 19, passage -27, stem -75, more -82, option 21, answer -31, feedback -31, hint -14, facts -52, row -32, bank -26, lines -37, keys -52, remark -24
look box_ asks: out -46, passage -24, option 25, answer -24, feedback -14
look box_ bracketed: option 19, answer -15
look box_ capitals: out -18, option 53, answer -40
look box_ cue-answer: out 25, option -13, answer -44
look box_ cue-level: out 32, option -25, answer -16
look box_ field: answer -21
look box_ heading: out -45, option 61, answer -36
look box_ let0: out 21, answer -43
look box_ let1: out -24, option 36
look box_ num-lone: answer -40
look box_ num0: option 42, answer -72, feedback -23
look box_ num1: option 39, answer -19
look box_ phrase: out -19, option 31, answer -22
look box_ rom-lone: out -14, option 31, answer -30
look box_ rom0: out -28, option 45, answer -31
look box_ rule: out -27, option 40, answer -17
look box_ section: out -33, option 39, answer -26
look box_ short: out -65, option -26, answer 40
look box_ text: out -29, option 21, answer -22
look box_ word0: out -22, option 29, answer -49, keys -12
look box_+: out -15, passage -21, stem -21, option 34, answer -22, feedback -45, facts -34, row -14, keys -18, remark -19
look bracketed: passage -55, stem -138, more -43, option -100, wrapped -35, answer -18, feedback 14, hint -75, facts -114, row -54, bank 27, lines -83, remark -59
look bracketed _capitals: out -23, option -15, answer 25, keys -12
look bracketed _heading: out 22, keys -40
look bracketed _let0: out -21, stem 34, option -25
look bracketed _num0: out -50, stem 55, option -12
look bracketed _num0_ num0: out -39, stem 41
look bracketed _phrase: stem 17, answer -32, feedback -50
look bracketed _short: out 49, stem -19, answer -47
look bracketed _short-sentence: out 64, passage -27, stem -79, answer -51, feedback -44, keys -43, remark -12
look bracketed _text: out 51, stem -34, option -28, answer -33, feedback -38
look bracketed _word0: out -92, stem 27, answer -49, keys -29
look bracketed _word0 phrase: out -38, stem -24, facts 28
look bracketed _word0_ word0: out -20, stem 23
look bracketed box: out -22, more 47, answer -15
look bracketed bullet: out -68, more 67, option -14, answer -42, feedback 30
look bracketed cells: out -67, stem 22, answer 25, feedback -23, row -56, bank -19, keys 45
look bracketed cells edge: out -30, stem -27, feedback -13, keys 33
look bracketed cue-answer: out 44, stem -61, more -32, option -20, answer -12, feedback -56, row -12, bank 15, keys -36
look bracketed cue-answer_ num0: answer 14
look bracketed cue-difficulty: out -15, more 18, feedback -13, facts 29
look bracketed cue-feedback: out -22, more 25, feedback -21, bank -18
look bracketed edge: out 24, stem -20, more 32, bank -53, keys -77
look bracketed field: out 25, stem -24, answer -25, feedback -14, facts -15, keys -14
look bracketed heading: out -36, answer 37, feedback -19, facts -13, keys 24
look bracketed identity: out 16, answer -21, keys -14
look bracketed let-lone: out 34, stem -47, more 20, answer -65, feedback -27, keys 52
look bracketed let0: out -18, stem -37, more -15, option -23, answer -15, feedback -20, facts -15, keys 37
look bracketed let0 let0: out -33, stem -34, option -22, answer -13, feedback -14, keys 26
look bracketed let1-first: out -36, stem -17, more 31, option 23, answer -31, row -13, bank -26
look bracketed let1-first let1: stem -16, option 24, answer -18
look bracketed num-lone: out -36, stem -13, more -20, option -12, answer -42, keys 39
look bracketed num-lone edge: out -26, keys 12
look bracketed num0: out -59, stem -45, option -36, answer -68, feedback 52, facts -14, bank -71, keys 53
look bracketed num0 num0: out -19, stem -19, option -33, row 13, keys 26
look bracketed num0-again: out 30, more 16, answer -31, feedback -39, keys 78
look bracketed pair: out -45, stem -19, feedback -50, keys 42
look bracketed short: out -20, option 22, feedback -37, bank 13, keys -30
look bracketed short-sentence: stem -40, feedback 16, keys -19
look bracketed text: out -50, stem -27, more -26, option -24, answer -21, feedback 34, bank -33, keys -14
look bracketed word0: out -37, more -28, answer 41, feedback 21, facts -21, row -13, bank -40, keys -17
look bracketed+: out 18, passage -18, stem -90, more -30, option -44, feedback 30, facts -48, row -44, lines -31, keys -25, remark -17
look bracketed_ capitals: out -23, more 53, answer 29, feedback -39, bank -23, keys -41
look bracketed_ heading: out 25, stem -15, more 14, answer -90, feedback -50, bank -61, keys -59
look bracketed_ let0: out -31, option -24, answer 53, feedback -46, bank -29, keys -30
look bracketed_ num0: stem -18, more -68, option -22, answer -29, facts -13, row -13, bank -17, keys 23
look bracketed_ phrase: out -52, stem -15, option -39, answer 24, bank -15, keys -63
look bracketed_ short: out 44, feedback -37, keys -14
look bracketed_ short-sentence: out 32, answer -18, bank -16, keys -32
look bracketed_ text: stem -37, more -26, option -28, answer 39, feedback -15, bank -34, keys -60
look bracketed_ word0: out 14, passage -20, stem -18, option -53, answer -21, facts -16, row -15, bank -54, keys -39
look bracketed_+: passage -35, stem -75, option -51, wrapped -13, answer -21, feedback -49, hint -39, facts -45, row -31, lines -23, keys 20, remark -22
look bullet: passage -77, stem -17, more -13, option 31, wrapped -56, answer -73, hint -51, facts -82, bank -58, lines -58, keys -103
look bullet _bracketed: out -12, more -12, answer -24, keys 14
look bullet _bullet: out -102, stem 80, more -26, option -46, answer -32, facts -22, row -20, remark -31
look bullet _bullet bullet: out -46, stem 21, option -14
look bullet _bullet_ bullet: out -76, stem 41, option -31, answer -19, remark -14
look bullet _cue-answer: answer 51, keys -43
look bullet _cue-level: facts 17
look bullet _heading: out 70, answer -39, facts -50, keys -24
look bullet _key-title: out 33, option -38, answer -42, facts -16, row -20, keys -23
look bullet _let-lone: out 61, stem -46, option -20, answer -29, row -18, keys -34
look bullet _let0: stem -18, answer -27
look bullet _let0 let0: out -49, stem -34, option 40
look bullet _num0: out -43, stem 19, option -92, answer -47, facts 26, row -79
look bullet _num0 bullet: out -32, stem 40, option -18
look bullet _phrase: out -18, stem 14, more -19, feedback -26, facts -21, keys -16
look bullet _rule: out 34
look bullet _section: out 49, more -20
look bullet _short: passage -49, stem -60, more -17, option -50, wrapped -16, facts 34, keys -55
look bullet _short-sentence: out -52, passage -23, stem -14, answer 36, feedback -21, keys -20
look bullet _word0: out -91, stem -19, answer -50, facts 50
look bullet _word0 asks: stem -24, answer -18, facts 35
look bullet _word0_ word0: out -54, stem 61, answer -14, facts -22
look bullet arrow: out -44, more -16, option -26, answer 38, facts -18, row -17, remark -25
look bullet asks: stem 23, more -20, row -13
look bullet box: out -51, stem 90, more 58, option -61, answer -18
look bullet box box: more -14, option 23
look bullet bracketed: out -112, more 21, option 35, answer 123, feedback -166, bank -22, keys -15
look bullet bullet: out 26, passage -20, stem -83, more -40, option 52, wrapped -35, answer -30, feedback -18, hint -23, facts -49, row 19, bank -31, lines -17, keys -49, remark 13
look bullet bullet arrow: stem -15, option 26, answer -32
look bullet bullet bracketed: option 71, answer -43
look bullet bullet bullet: more -108, answer -61, feedback -51, facts -21, row 26, keys -17
look bullet bullet cue-answer: out 13, stem -101, more 60, option -44, answer -173, row -43, keys -18, remark -16
look bullet bullet cue-difficulty: out -13, stem -23, option 75, answer -49
look bullet bullet edge: stem -98, more -20, option 35, answer -65, feedback -22, keys -15, remark -20
look bullet bullet num0: out -23, stem -13, option 117, answer -90
look bullet bullet number: more -13, answer -20
look bullet bullet phrase: out -50, stem -24, option 81, answer -24
look bullet bullet short: out 22, more -30, answer -47, feedback -20, row -37, remark -32
look bullet bullet text: out -15, stem -25, option 23
look bullet bullet word0: out -18, option 108, answer -79
look bullet bullet_ bracketed: out -30, stem -32, option 45
look bullet bullet_ bullet: out -50, stem -31, option 64
look bullet bullet_ cue-answer: out -21, stem -42, option 56
look bullet bullet_ cue-level: out 33, stem -30, option 29, row -13, remark -24
look bullet bullet_ heading: out -37, stem 31, more -35, row -15
look bullet bullet_ key-title: out -47, stem -29, more -31, option 44
look bullet bullet_ let0: out -30, stem -37, more -32, answer -24, feedback -27, row 30
look bullet bullet_ num0: stem -25, more -31, answer -79, feedback 13, row -22, remark 15
look bullet bullet_ phrase: out 24, stem -46, option -14
look bullet bullet_ section: option 42
look bullet bullet_ short: out 55, stem -54, more -13, answer -14, feedback -29
look bullet bullet_ word0: out -30, option 75, answer -25, feedback -68, remark -16
look bullet cells: out 20, stem -23, more 16, option -23, answer -22, keys -28
look bullet cue-answer: out -19, stem -25, more 53, option -30, answer 30, feedback -21, facts -12, row -47, keys -36, remark -21
look bullet cue-answer bullet: option -19, answer 29
look bullet cue-answer cue-feedback: option -15, answer 19
look bullet cue-answer edge: option -30, answer 21, keys -17
look bullet cue-answer_ num0: option -13, answer 21
look bullet cue-answer_ word0: answer 17
look bullet cue-difficulty: out -66, stem -12, option 53, answer -64, feedback -27, facts 55, keys -48, remark -15
look bullet cue-feedback: stem -22, option 56, answer -28, feedback 20, facts -12, remark -15
look bullet cue-sample: out -42, stem 32, more -12, option -49, remark -19
look bullet edge: out -32, stem 37, more -21, option 25, answer -71, feedback -26, row -13, keys -40, remark -24
look bullet let-lone: out 34, stem -72, option 47, answer -50, row -21
look bullet let0: out -30, stem 79, more -26, option -12, answer -99, feedback -22, facts -17, row -13, keys -25, remark -33
look bullet let0 let0: stem -79, option 43, keys -25
look bullet num0: out -62, passage -17, stem 27, option 38, feedback -63, row -30, keys -19, remark -25
look bullet num0 bullet: stem 71, option -70
look bullet num0 num0: out -33, stem -15, more -20, option 34, row -27, keys -13
look bullet number: out -72, stem 39, more -29, option -29, answer 25, keys -28, remark -34
look bullet phrase: out 51, stem -59, more 32, option -22, wrapped -58, answer -25, feedback -100, facts -35, row -17, keys -21
look bullet phrase bullet: out -84, stem -53, more -24, wrapped -18, answer 27, feedback -22
look bullet rule: out -23, stem 26, more 39, option -28, answer -55, row -18, lines -29
look bullet short: out -30, passage -35, stem -33, more -17, wrapped -15, answer 39, feedback -94, facts -98, row -46, lines -13, keys -28, remark -32
look bullet short bullet: out -96, passage -32, stem -50, option -17, answer 41, feedback -46, facts -69
look bullet short-sentence: out -36, stem -14, more 26, option 15, answer -71, feedback 22, remark -12
look bullet text: out -94, passage -16, stem -34, more 23, option 42, answer 19, feedback -33
look bullet word0: out -19, stem 111, option 32, answer -89, facts -73
look bullet+: passage -26, more -29, option 14, wrapped -23, feedback -87, hint -16, facts -48, bank -32, lines -29, keys -64
look bullet_ bracketed: out 32
look bullet_ bullet: out -141, passage -14, stem 66, option -20, answer -37, feedback -20, facts -18, row -49, remark -39
look bullet_ cue-answer: out -51, stem 23, more 28, option -28, answer -15, feedback -24, row -21, remark -32
look bullet_ cue-level: out -15, stem 21, row -13, remark -32
look bullet_ heading: out -38, stem 33, more -35, row -15
look bullet_ key-title: out 36, stem -48, more -32, option 25, facts -13, row -26
look bullet_ let-lone: out -88, stem 46, more -21, option 53, answer -47, feedback -35, row -32
look bullet_ let0: out -64, stem 41, more -35, option -12, answer -51, feedback -31, facts -37, row 27, remark -17
look bullet_ num0: out -14, stem -27, more -32, answer -83, feedback 30, row -22, remark 15
look bullet_ phrase: out 12, stem 15, option -27, answer -19, remark -12
look bullet_ rule: out -43, option 45
look bullet_ section: out -73, stem 44, option 55, answer -13
look bullet_ short: out 52, stem -49, more -13, answer -20, feedback -30
look bullet_ short-sentence: out 14, stem -55, option 39, answer -14, feedback -37, facts -29, remark -17
look bullet_ word0: out -33, stem -22, option 81, answer -25, feedback -68, remark -16
look bullet_+: out -22, passage -29, more 15, option 23, wrapped -13, answer -173, feedback 13, hint -17, facts -69, bank -14, lines -21, keys -29
look capitals: out 24, passage -83, stem -66, option 24, wrapped -13, answer -37, feedback -76, hint -22, facts -70, row -51, bank -30, keys -38
look capitals _asks: out -25, stem 25
look capitals _bullet: out -41, stem 44, option -32
look capitals _cue-level: out -34, facts 38
look capitals _let-lone: out -45, stem 48, answer -27, keys -35
look capitals _num-lone: out -52, stem 53, keys -36
look capitals _num0: out 15, keys -30
look capitals _num0 let1-first: out -28, stem 29
look capitals _num0_ num0: out -19, stem 19
look capitals _phrase: out 41, passage -22, stem -41, answer -19, feedback -19
look capitals _short: out 54, stem -33, answer -48, facts -13, keys -35
look capitals _text: passage -21
look capitals _word-lone: out -26, facts 76
look capitals _word-lone let-lone: stem -16, facts 25
look capitals _word0: out -61, stem -31, facts 67
look capitals _word0 asks: stem -20, facts 20
look capitals bullet: out -51, stem 54, answer -30, facts -18
look capitals edge: out 48, option -32, answer -58, keys -37
look capitals num0: stem 51, more -20, facts -27, row -27, keys -36
look capitals pair: out 75, passage -38, stem -39, keys -38
look capitals phrase: out 71, passage -36, stem -58, keys -65
look capitals word0: out 45, stem 52, answer -58, facts -35, keys -36
look capitals+: out 36, passage -34, stem -40, option 22, answer -51, feedback -18, facts -37, row -28, keys -25
look capitals_ asks: out 55, answer -48
look capitals_ bullet: out 62, answer -52
look capitals_ cue-level: out -18, option -46, answer 23, facts -17, keys -27
look capitals_ let-lone: more -21, option -43, answer 34, keys -15
look capitals_ num-lone: out 74, answer -68
look capitals_ num0: out 47, option -41, answer -25, feedback -18, facts -21, keys -61
look capitals_ phrase: out -24, option 22, answer -19
look capitals_ short: out 24, answer -29, keys -14
look capitals_ text: out -40, stem -14, option -22, answer 19, feedback -19, facts -13
look capitals_ word-lone: out 85, option -17, answer -75, facts -30, keys -16
look capitals_ word0: out 33, option -43, answer -18, facts -18, keys -48
look capitals_+: out 12, passage -31, stem -27, more -59, feedback -44, hint -14, facts -35, row -15, bank -22, keys -29
look cells: stem -25, more 43, option -46, answer -61, feedback -92, hint -73, facts -40, bank -21, lines -70, keys -49, remark -50
look cells _asks: out 39, stem -28, more -57
look cells _bullet: out -49, stem -34, option 57
look cells _cells: out -59, stem 69, more -67, option -42, answer -18, facts -28, row -26, keys -54
look cells _cue-answer: out -13, stem -20, answer 24, bank -20, keys -13
look cells _field: passage -14, stem 23, more -29, facts -45, row -14, keys -22
look cells _gap: out 33, passage -18, more -22, answer -43
look cells _heading: out 56, facts -56, keys -33
look cells _key-title: keys 17
look cells _let-lone: stem -19, option 31, answer -51, keys -17
look cells _let0: out -27, option 61, row -15, keys -31
look cells _let1-first: out -41, stem -14, option 28
look cells _let1-first let1: out -41, stem -14, option 28
look cells _num-lone: out 51, stem -49, option -31, answer -44, row -13, keys -14
look cells _num0: out -22, stem 69, facts -34, keys -21
look cells _num0_ num0: out -21, stem 24
look cells _phrase: out -28, passage -28, stem 64, more -69, option -42, answer 16, feedback -19, row -28, keys -19
look cells _rom0: out -13
look cells _section: out 17, stem -15, facts -15
look cells _section_ num0: out 13
look cells _short: out 39, passage -60, stem -83, option -15, answer -31, facts -17
look cells _text: passage -43, stem 28, more -71, answer -19, keys -15
look cells _word0: out -58, stem 14, answer -27
look cells _word0 cells: out -13, stem -26, facts 31
look cells _word0 text: out -42, answer -17
look cells arrow: out -15, more -20, option -15, answer 13, feedback -13, facts -22, row -16, keys -15, remark -13
look cells box: out -15, stem 13
look cells box box: out -25, option 26
look cells bracketed: out -62, stem -17, feedback 20, row -23, bank -18, keys -34
look cells bullet: stem -38, more 31, answer -16, row -28
look cells bullet bullet: stem -27, more -27, option 52, row -14
look cells cells: out -49, passage 26, stem -45, more -150, option -83, wrapped -35, answer -115, feedback -41, facts -54, row 45, bank -71, keys -40, remark -31
look cells cells cells: passage 15, more -23, option -42, wrapped -18, answer -28, facts -52, keys -51, remark -13
look cells cells cue-answer: stem -27, more -40, row 34
look cells cells edge: out 33, stem -34, answer -13, facts -18, row -14, keys -31
look cells cells let-lone: row 18
look cells cells_ num0: out -60, passage -24, stem -26, more -41, answer -19, row 26
look cells cue-answer: out -73, stem -19, answer 58, facts -26, bank -24, keys -59
look cells cue-answer edge: option -13, answer 63, keys -51
look cells cue-answer num0: answer 19
look cells cue-answer_ num0: answer 13
look cells cue-sample: out -39, more 33, answer 38, keys -30
look cells edge: passage -38, stem 17, option -66, answer -91, feedback -57, facts -88, row -47, bank -16, keys -15
look cells field: passage -69, stem -69, option 29, facts -72, row -37, bank -16, keys 13
look cells heading: out 86, stem -46, facts -33, keys -16
look cells identity: out 40, more -19, facts -20, row -16
look cells let-lone: stem -94, more -12, option 22, answer 14, row 35, keys -68
look cells let0: passage -26, stem -26, more 41, option -20, facts -26, row -37, keys -44
look cells let0 let0: out 19, row -34, keys -29
look cells let1-first: out 38, stem -64, more 12, option -42, answer -64, facts -26, row 22, keys -60
look cells let1-first let1: stem -51, more -16, option -35, answer -49, row 40, keys -49
look cells num-lone: out -44, passage -29, stem -24, more -49, option 19, answer 21, facts -24, row -20
look cells num0: out -42, passage -53, stem 43, option 21, answer -43, feedback -14, facts -74
look cells num0 num0: out -29, option 36, keys -15
look cells rule: out 37, stem -52, more -17, answer -17, facts -19, lines 36, keys -16
look cells rule rule: more -15, lines 18
look cells short: out 27, passage -90, stem -21, option -56, wrapped 23, answer -92, feedback -63, bank -23
look cells+: out -21, passage 17, stem -14, more -21, option -65, answer -22, feedback -42, hint -28, bank -93, lines -20, keys -30, remark -30
look cells_ asks: out -51, passage -39, stem 44, more -23, option -55, answer -45, feedback -12, facts -35, row 27, bank -15, keys -25
look cells_ bullet: passage -14, stem -20, option 30
look cells_ cells: out -41, passage -19, more 17, option 30, feedback -14, facts -14, row -14, keys -39
look cells_ cue-answer: out -24, stem 17, more 32, row 24
look cells_ field: out -20, stem 31, more 18, answer -13, facts -13, row -13, keys -50
look cells_ gap: out -14, option 29, answer -27, facts -18, row -24, bank -38, keys -35
look cells_ heading: out -41, stem 16, more -63, option 21, answer -28, row -29, bank 36, keys -62
look cells_ identity: out 53, stem -50, row -15
look cells_ key-title: out -43, stem 44, more -28, option -39, answer -16, bank -14, keys -52
look cells_ let-lone: stem -39, more 21, keys -30
look cells_ let0: out 25, passage -33, stem -21, more 15, answer -37, facts -26, bank -13, keys -36
look cells_ let1-first: stem -15, more 16
look cells_ num-lone: out 31, stem -50, more 29, answer -27, feedback -15, row -36, keys -50
look cells_ num0: out 20, passage -28, stem -74, more 31, option -63, answer -58, feedback -29, hint -18, facts -31, bank -35
look cells_ phrase: out -62, passage -37, stem 44, more 17, option 18, answer -35, facts -21, row -33, bank -23, keys 29
look cells_ rom0: out 28, stem -45, option -33, row 16, bank -28, keys -37
look cells_ section: out 31, stem -39, more -22, option 16, answer -28
look cells_ short: out 60, stem -53, keys -35
look cells_ text: out -36, passage -19, stem 39, option 17, answer -17, facts -19, row -38, bank -27, keys -54
look cells_ word0: passage -81, stem 29, option -22, answer -73, feedback -19, facts -37, row -26, bank -25, keys -31
look cells_+: out 21, passage -67, more 31, option 32, wrapped -18, answer -90, feedback -93, hint -28, facts -138, row -29, lines -29, keys -13, remark -34
look chatter: out 62, passage 12, stem -68, more -45, option -26, answer -58, feedback -38, hint -18, facts -65, bank -22, lines -14, keys -42
look chatter _capitals: out 24, keys -20
look chatter _field: out -37, passage -47, stem -68, facts 43
look chatter _heading: out -27, facts 39, keys -32
look chatter _heading_ num0: out 20, facts -33, keys -17
look chatter _heading_ word0: out -40, facts 41, keys -13
look chatter _let-lone: out 27, stem -26, option -23
look chatter _num0: out 13, stem -13
look chatter _num0 let1-first: out -15, stem 17
look chatter _phrase: out 73, passage -27, stem -65, answer -41, facts -13
look chatter _rule: out 20, answer -13
look chatter _short: out 53, passage -22, stem -16, answer -45, facts -20
look chatter _text: out 21, passage -31
look chatter _word0: out -14, facts 23
look chatter edge: out 27, stem -15, answer -23, feedback -18, keys -22
look chatter num0: out -33, stem 42, facts -14
look chatter word0: out -28, passage -41, stem 16, more -23, facts 29
look chatter+: out 15, passage 20, stem -32, more -27, option -16, answer -25, feedback -21, facts -36, keys -22
look chatter_ capitals: out 19
look chatter_ heading: out 17, stem -16
look chatter_ let-lone: out 28, answer -12
look chatter_ num0: out 71, passage -14, answer -22, feedback -26
look chatter_ phrase: out 20, stem -15
look chatter_ rule: out 13
look chatter_ text: out 15
look chatter_+: out 88, passage -22, stem -50, more -24, answer -37, feedback -71, facts -14, bank -13, keys -27
look colon: out -24, passage -20, stem 17, more 23, option -30, answer -54, feedback -37, hint -25, facts -70, row -21, bank -31, keys 20, remark -13
look colon bullet: out -13, stem 15, more -33, option 34
look colon bullet bullet: more -23, option 36
look colon let1-first: out -16, stem 13, more -16, option 22, answer -13, row -17
look colon let1-first let1: out -12, option 23, answer -13, row -16
look colon pair: stem -57, more 28, row -22
look colon pair short: stem -33, more 18, row -14
look colon+: stem 22, more 15, option -19, answer -23, feedback -13, facts -32, row -13, keys -80
look colon_+: passage -14, stem -27, more -35, answer -33, feedback -34, hint -20, facts -40, bank -15, keys 30
look cue-answer: out -129, passage -73, stem -84, more -112, option -42, wrapped -59, answer 91, feedback -87, hint -57, facts -149, row -104, lines -71, keys -13, remark -44
look cue-answer _asks: out 46, stem -41, answer -12
look cue-answer _asks cue-answer: out -53, stem 55
look cue-answer _bracketed: out 47, answer -50, feedback -54, keys -13
look cue-answer _bullet: out -50, stem -17, option -52, feedback -20, facts -29, row -13, remark 26
look cue-answer _bullet bullet: stem -37, remark 35
look cue-answer _bullet cue-answer: out -23, stem 26
look cue-answer _bullet let0: stem 26, option -13, remark -21
look cue-answer _bullet_ bullet: out -35, stem 38
look cue-answer _capitals: out 60, stem -14, answer -74, feedback -21, facts -23
look cue-answer _capitals_ num0: out 50, answer -45
look cue-answer _capitals_ word-lone: out 31, answer -22
look cue-answer _cells: stem 14, option -33, answer -56, feedback -39, hint -14, facts -57, row -26, bank -13, keys -78
look cue-answer _chatter: out 21, stem -16, feedback -18
look cue-answer _chatter edge: out 15, feedback -13
look cue-answer _cue-feedback: out -21, stem -40, option -38, answer -30, feedback 34, facts 16, keys -37, remark -22
look cue-answer _cue-level: out -44, facts 60
look cue-answer _field: out 29, passage -14, stem -17, answer -47, feedback -43, hint -13, facts -61, keys -17
look cue-answer _field-kind: out -74, facts 80
look cue-answer _gap: out -34, stem 17, answer -18
look cue-answer _heading: out -30, stem -25, answer 48, feedback -32, facts -50, keys -30
look cue-answer _heading edge: out 27
look cue-answer _heading_ cue-level: out 52, facts -48
look cue-answer _heading_ num0: out 38
look cue-answer _heading_ word0: out 70, facts -68
look cue-answer _let-lone: out 46, stem -18, option -16, answer -96, row -15
look cue-answer _let0: stem 38, option -44, answer -13, facts -24, row -32, keys -30
look cue-answer _let0 cue-answer: out -31, stem 34
look cue-answer _let1: out 42, option -45, answer -47, feedback -18, facts -28, remark -23
look cue-answer _let1 cue-answer: stem 37, option -37
look cue-answer _num-lone: out 60, stem -36, answer -79, feedback -44, facts -42, keys -80
look cue-answer _num-lone_ num0: out 72, stem -30, answer -19, facts -16, keys -31
look cue-answer _num0: out 37, option -55, feedback -30, facts -58, row -37, keys -25
look cue-answer _num0 bullet: out -59, stem 60
look cue-answer _num0 let-lone: out -25, stem 31
look cue-answer _num0 let1-first: out -120, stem 126
look cue-answer _num0 num1-first: out -61, stem 62
look cue-answer _num0 short: out -67, stem 67
look cue-answer _num0-again: out 13, stem 41, option -43, feedback -15, facts -40, row -14, keys -69
look cue-answer _num0_ box: out -21, stem 24
look cue-answer _num0_ cue-answer: out -36, stem 40
look cue-answer _num0_ num0: out 14, feedback -16, facts -23
look cue-answer _num1: out -20, stem 32
look cue-answer _num1 let2-first: stem 16
look cue-answer _pair: out 52, passage -20, stem -34, answer -18, feedback -78, facts -22, row -26, keys -53
look cue-answer _phrase: out -43, stem 75, option -26, answer -55, feedback -71, facts -27, keys -44
look cue-answer _phrase let0: out -54, stem 54
look cue-answer _rom-lone: out 53, stem -55, answer -17, feedback -12, facts -23
look cue-answer _rom0: stem 12, answer -26, feedback -14, facts -25, keys -51
look cue-answer _rom0_ rom0: out -51, stem 48
look cue-answer _rule: out 14
look cue-answer _section: out 35, stem -30, feedback -14, facts -23
look cue-answer _section_ num0: out 16, stem -20
look cue-answer _sentence: out 20, passage -64, stem 34, answer -60, feedback -54, keys -55, remark -30
look cue-answer _short: out 73, passage -12, stem 12, option -14, answer -82, feedback -27, facts -84
look cue-answer _short-sentence: stem 35, answer -103, feedback -88, keys -17, remark -41
look cue-answer _short-sentence cue-answer: out -30, stem 38, answer -20, remark -12
look cue-answer _short_ num0: out 42, answer -40, feedback -20
look cue-answer _text: passage -21, stem 33, option -15, answer -92, feedback -67, facts -15, keys -14
look cue-answer _text phrase: out -35, stem 36
look cue-answer _text short: out -18, stem 26
look cue-answer _text text: out -21, passage -16, stem 24
look cue-answer _word-lone: out 13, stem -15
look cue-answer _word0: out -55, stem 39, option -18, answer 35, feedback -16, facts -58
look cue-answer _word0 asks: out -46, stem -23, answer 47
look cue-answer _word0 bullet: out -18, stem 18, facts -13
look cue-answer _word0 cells: out -79, stem 34
look cue-answer _word0 cue-answer: out -58, stem 53, answer -31, facts -47
look cue-answer _word0 cue-sample: out -13, stem 25, answer -17, facts -20
look cue-answer _word0 field: out -21, stem -21, facts 28
look cue-answer _word0 gap: out -20
look cue-answer _word0 let1-first: out -94, stem -16, facts 22
look cue-answer _word0 phrase: out -32, stem -38, answer -12, facts 44
look cue-answer _word0 short: stem -15, facts 16
look cue-answer _word0 short-sentence: out -29, stem -31, answer -48, facts 38
look cue-answer _word0 text: stem -63, facts 67
look cue-answer _word0-again: out -14, stem 15
look cue-answer _word0_ word0: out -56, stem 56, facts -22
look cue-answer asks: more -14, option -29, answer 30, feedback -19
look cue-answer bracketed: stem -37, option -83, answer -66, feedback 48, facts -16, row -13, bank -59, keys -92
look cue-answer bracketed edge: out -19, answer -65, feedback 32, keys -24
look cue-answer bracketed_ word0: out -38, answer -48, feedback 46
look cue-answer bullet: out -54, stem 44, option -68, answer 27, feedback -26, facts -16, row -26, keys -23, remark -23
look cue-answer bullet cue-answer: out -28, stem 30, option -18
look cue-answer capitals: out 34, answer 44, feedback -17, facts -14, keys -44
look cue-answer cells: out -30, passage -30, stem 13, option -29, answer -13, feedback -30, facts 20, row -45
look cue-answer chatter: out 24, option -13, answer 57, feedback -33, keys -54
look cue-answer cue-difficulty: out -20, passage -16, stem -45, option -94, wrapped -19, answer 16, feedback -16, bank -19
look cue-answer cue-difficulty edge: out -45, facts 97, keys -70
look cue-answer cue-difficulty_ capitals: facts 41, keys -27
look cue-answer cue-difficulty_ heading: facts 54, keys -50
look cue-answer cue-difficulty_ let-lone: facts 15
look cue-answer cue-difficulty_ section: out -15, facts 42, keys -20
look cue-answer cue-difficulty_ word0: facts 12
look cue-answer cue-feedback: stem -44, option -60, answer 67, feedback 16, facts -15, row -41, keys -65, remark -71
look cue-answer cue-feedback cue-difficulty: feedback 27, remark -25
look cue-answer cue-feedback edge: out -67, feedback 29, keys -15, remark -14
look cue-answer cue-feedback short-sentence: out -26, answer -18, feedback 52, facts -16
look cue-answer cue-feedback_ num0: out -52, feedback 60
look cue-answer cue-feedback_ word0: out -19, feedback 21
look cue-answer cue-level: out -62, option -27, answer 55, feedback -17, facts -32, keys -29
look cue-answer cue-points: out -40, stem -40, more -44, option -41, answer -28, feedback -51, facts 25, bank -30, keys -19
look cue-answer cue-points cue-difficulty: out 13, answer -66, facts -38, keys 48
look cue-answer cue-points cue-feedback: out -32, stem -29, option -33, answer -34, feedback -30, facts 36, keys -38
look cue-answer cue-points edge: out -88, answer 38, feedback -35, facts -20, keys -111
look cue-answer cue-points rule: out -22, facts 43
look cue-answer cue-points_ field-number: facts 16
look cue-answer cue-points_ num0: out -28, stem -14, option -22, answer -24, feedback -18, facts 27
look cue-answer edge: out -30, stem -47, more -45, option -32, feedback -30, bank -44, keys 30
look cue-answer field: out 35, passage -15, stem -22, option -14, answer -45, feedback -47, row -27, keys 37
look cue-answer heading: out 59, answer 37, facts -58, bank -29, keys -30
look cue-answer let-lone: out 19, stem -56, option -12, answer -46, feedback -20, facts -19, row -17, keys 42
look cue-answer let0: out -48, option -66, answer -19, feedback -20, facts -12, keys 31
look cue-answer num-lone: out 37, stem -93, option -13, feedback -70, facts -33, row -21
look cue-answer num-lone edge: out 16, stem -50, answer -43, feedback -47, keys 41
look cue-answer num0: out -31, option -52, answer -24, facts -29, row -52, keys 46
look cue-answer num0 cue-answer: out -18, stem 22, option -15, keys -32
look cue-answer num0 let1-first: out -23, stem 33
look cue-answer num0 num0: stem -30, option -20, feedback -38, row -29, keys 36
look cue-answer num0 short: stem 18
look cue-answer num0-again: out -40, stem -17, more -25, option -28, answer -23, feedback 20, facts -18, row -25, keys 40
look cue-answer num0-again num0-again: stem -17, keys 18
look cue-answer pair: out -29, stem -92, option -23, answer 53, feedback 26, facts -26, row -24, keys 16
look cue-answer phrase: passage -31, stem -30, more -14, option -62, answer 22, feedback -13, facts -25, row -16, bank -15
look cue-answer phrase_ num0: out -83, more -12, answer 41, feedback -31
look cue-answer rom0: out 26, option -54, answer 71
look cue-answer rule: out 92, option -29, answer 27, facts -18, bank -12, keys -44
look cue-answer section: option -49, answer 66, feedback -29, facts -26, keys -49
look cue-answer sentence: passage -99, stem -133, more -23, option -36, answer 22, feedback 15, bank -16, keys -77, remark -49
look cue-answer sentence_ num0: out -59, answer -34, feedback 65
look cue-answer short: out -31, passage -59, stem -98, more -19, option -56, answer 49, facts 13, row -14, remark -19
look cue-answer short-sentence: out -38, stem -77, option -78, answer 31, feedback 42, hint -80, facts -39, keys -62, remark -51
look cue-answer short-sentence cue-difficulty: out -37, stem -60, feedback 14, keys -16, remark -27
look cue-answer short-sentence_ num0: out -26, answer 29, hint -56, facts -26, remark -38
look cue-answer table-down: answer -19, keys 23
look cue-answer text: out -56, passage -41, stem -14, more -14, option 45, keys -38
look cue-answer text short: out -85, passage -20, stem -58, option -26, answer 43, feedback 19, keys -13
look cue-answer word0: out -75, stem 66, option -44, feedback -41, facts -20, keys -38
look cue-answer word0-again: stem 24, answer -26, facts -35, keys 46
look cue-answer+: out -94, passage -30, stem -72, more -62, wrapped -30, answer 15, feedback -50, hint -20, facts -90, row -35, bank -84, lines -37, keys 15, remark -21
look cue-answer_ asks: option -40, answer 64
look cue-answer_ bracketed: option -13, answer 29, keys -15
look cue-answer_ bullet: option -29, answer 45
look cue-answer_ capitals: option -20, answer 79, bank -44, keys -57
look cue-answer_ cells: passage -15, answer 56, keys -45
look cue-answer_ chatter: answer 38, keys -20
look cue-answer_ cue-feedback: out -33, stem -36, option -29, answer 37, keys -31
look cue-answer_ cue-level: option -52, answer 57
look cue-answer_ field: option -32, answer 47, bank -34, keys -40
look cue-answer_ field-kind: answer 33, bank -30
look cue-answer_ field-number: option -26, answer 46, bank -18
look cue-answer_ gap: stem -20, option -27, answer 44, bank -23
look cue-answer_ heading: out -15, option -57, answer 70, bank -16, keys -54
look cue-answer_ let-lone: answer 59, keys -34
look cue-answer_ let0: option -21, answer 63, bank -24, keys -50
look cue-answer_ let1: option -41, answer 86, keys -32
look cue-answer_ num-lone: bank 13, keys -43
look cue-answer_ num0: out -22, stem -22, more -15, option -41, answer 14, facts -22, row -13, bank 33, keys 17
look cue-answer_ num0-again: option -33, answer 38, row -13, bank -17, keys -30
look cue-answer_ num1: option -74, answer 57, bank -14, keys -35
look cue-answer_ pair: answer 50, keys -33
look cue-answer_ phrase: option -29, answer 60, keys -52
look cue-answer_ rom-lone: answer 53, keys -50
look cue-answer_ rom0: option -82, answer 72, bank -24, keys -29
look cue-answer_ rule: stem -18, answer 13
look cue-answer_ section: option -35, answer 124, keys -96
look cue-answer_ sentence: option -26, answer -29, keys 31
look cue-answer_ short: option -15, answer 46, bank -31, keys -56
look cue-answer_ short-sentence: option -20, answer 59, keys -42
look cue-answer_ text: stem -19, option -62, answer 49, bank -27, keys -45
look cue-answer_ word-lone: option -19, answer 25
look cue-answer_ word0: stem -34, more -27, option -109, answer -17, feedback -47, row -23, bank -57, keys 54
look cue-answer_ word0-again: option -40, answer 48
look cue-answer_+: out -66, passage -40, stem -50, more -44, option -34, answer 58, feedback -65, hint -19, facts -37, row -55, bank 18, lines -13, keys -29
look cue-difficulty: out -64, passage -31, stem -72, more -57, option -128, answer -136, feedback -90, facts 91, row -89, bank -40, lines -44, keys 13
look cue-difficulty _bracketed: stem -27, more -27, feedback -23, bank -14, keys 18
look cue-difficulty _capitals: out 35, answer -55, facts -35, keys -13
look cue-difficulty _cue-answer: keys 16
look cue-difficulty _cue-level: out -35, stem -25, facts 34, row -19
look cue-difficulty _cue-level num-lone: out -12, facts 17
look cue-difficulty _cue-level num0: out -23, facts 27
look cue-difficulty _cue-level num1-first: out -12, facts 14
look cue-difficulty _cue-level rom-lone: out -14, facts 16
look cue-difficulty _cue-level word0: out -17, stem -23, facts 22, row -19
look cue-difficulty _heading: out 29, stem -26, facts -50
look cue-difficulty _key-title: out -18, keys 26
look cue-difficulty _let-lone: out 35, stem -27, option -25, answer -41, row -18
look cue-difficulty _let-lone_ cue-level: out 46, answer -28
look cue-difficulty _num-lone: out 28, stem -39, answer -37, facts -23, keys 19
look cue-difficulty _num0: out 13, option -12, facts -38, keys 37
look cue-difficulty _rom-lone: out 60, facts -22, keys -44
look cue-difficulty _section: out 19, facts -16
look cue-difficulty _section_ cue-level: out 14
look cue-difficulty _short: out 65, answer -55, facts -33
look cue-difficulty _word0: out -64, stem -30, facts 85
look cue-difficulty asks: stem 13, more -13
look cue-difficulty bullet: stem 49, option -39, feedback -20, row -16
look cue-difficulty cue-feedback: out -78, stem -69, feedback 114, facts -25, keys -41, remark -39
look cue-difficulty cue-feedback_ field-number: out -18, feedback 32
look cue-difficulty cue-level: out -35, stem -19, option -23, facts 40
look cue-difficulty cue-level num0: facts 22
look cue-difficulty cue-level word0: stem -14, facts 24
look cue-difficulty edge: out -38, answer -42, facts 49, keys -45
look cue-difficulty field-kind: out -74, facts 77
look cue-difficulty field-kind field-stem: out -59, facts 61
look cue-difficulty field-kind word-lone: out -48, facts 51
look cue-difficulty field-stem: stem 13
look cue-difficulty let0: stem 34, option -25, answer -17, feedback -18, facts 15, row -16, keys -42
look cue-difficulty num0: stem 23, more -32, row -23, keys -18
look cue-difficulty num0 cue-difficulty: stem 18
look cue-difficulty num1: stem 37, option -46, row -17
look cue-difficulty phrase: out -13, stem 61, more -20, option -61, answer -15, feedback -38
look cue-difficulty rule: out 44, stem -43, option -12, facts 42, keys -12
look cue-difficulty rule field-number: out 23
look cue-difficulty text: out 13, stem 13, more -19, answer -24, feedback -52, keys -19
look cue-difficulty word0: out -52, stem 61, facts -41
look cue-difficulty+: out -30, stem -40, more -13, option -35, answer -54, feedback -30, facts 35, row -25
look cue-difficulty_ bracketed: facts 53, keys -42
look cue-difficulty_ capitals: out -14, answer -14, facts 74, keys -36
look cue-difficulty_ cue-answer: out -22, stem -15, facts 26, keys -26
look cue-difficulty_ cue-level: facts 73
look cue-difficulty_ field-number: facts 24
look cue-difficulty_ heading: out -15, more -17, facts 65, row -13, keys -54
look cue-difficulty_ key-title: stem -13, facts 58, keys -28
look cue-difficulty_ let-lone: out -13, facts 54, keys -14
look cue-difficulty_ num-lone: out -31, facts 63, keys -42
look cue-difficulty_ num0: out -21, passage -17, option -16, answer -25, feedback -24, facts 32, row -14
look cue-difficulty_ rom-lone: facts 56, keys -16
look cue-difficulty_ rule: out -20, more -13, facts 17, keys -25
look cue-difficulty_ section: out -19, facts 64, keys -23
look cue-difficulty_ short: facts -41, keys 59
look cue-difficulty_ word0: out -12, facts 32
look cue-difficulty_+: out -34, passage -18, stem -33, more -28, option -54, answer -55, feedback -33, facts 53, row -34, bank -15, lines -17
look cue-feedback: out -34, passage -69, stem -91, more -52, option -60, wrapped -72, answer -115, feedback 52, hint -86, facts -47, row -73, bank -62, lines -45, remark 42
look cue-feedback _capitals: out -40, answer 41, facts -15, keys -25
look cue-feedback _field-number: facts 28
look cue-feedback _num0: out -74, stem 78
look cue-feedback _num0 cue-answer: stem 14
look cue-feedback _num0 let1-first: out -23, stem 25
look cue-feedback _rom0: out -50, stem 56, keys -33
look cue-feedback _section: out 33
look cue-feedback _short: stem 37, option -48, answer -73, feedback -20, facts -25
look cue-feedback _word0: out -45, answer 48
look cue-feedback _word0 cue-answer: stem 25, facts -27
look cue-feedback _word0 let1-first: stem -16, facts 24
look cue-feedback cue-difficulty: out -19, option -16, answer -18, feedback 79, facts 14, keys -17, remark -49
look cue-feedback edge: out -22, remark 24
look cue-feedback field-number: out -52, feedback 59, facts -30, remark -15
look cue-feedback num0: out -25, option -25, answer -32, feedback 31, facts -33, keys -18, remark -14
look cue-feedback rule: out -77, answer -32, feedback 49, facts -16, lines -39, keys -37, remark -67
look cue-feedback short: out -81, passage -71, stem -25, more -34, option -56, wrapped -16, answer -95, feedback 110, facts -34, keys -54, remark -36
look cue-feedback short-sentence: out -16, passage -19, stem -44, more -38, option -42, answer -62, feedback 66, hint -52, facts -26, keys -56, remark -45
look cue-feedback+: passage -16, stem -73, more -15, option -36, wrapped -37, answer -38, hint -26, row -27, bank -13, lines -16, keys 29, remark 38
look cue-feedback_ capitals: out -28, more -37, feedback 46
look cue-feedback_ field-number: out -70, more -22, feedback 37, facts -14, remark -14
look cue-feedback_ num0: out 44, stem -12, more -19, option -18, answer -25, hint -15, remark -30
look cue-feedback_ rom0: out -57, feedback 65, hint -19, remark -40
look cue-feedback_ section: out -35, feedback 45, remark -16
look cue-feedback_ short: out -25, feedback 41
look cue-feedback_ word0: out -30, stem -25, more -13, option -24, answer -15, feedback 55, facts -15, row -15, remark -48
look cue-feedback_+: out -27, passage -29, stem -44, more -29, option -44, answer -78, feedback 58, hint -38, facts -48, row -22, bank -25, keys -49, remark -86
look cue-hint: out -77, passage -28, stem -49, option 23, wrapped -18, answer -79, feedback -70, hint 62, facts -39, row -39, bank -12, keys -40, remark -32
look cue-hint+: out -13, stem -13, option -13, answer -31, feedback -12, hint 18, facts -13
look cue-hint_+: out -52, passage -15, stem -34, option 27, answer -50, feedback -50, hint 43, facts -22, keys -45, remark -24
look cue-level: passage -57, stem -75, more -91, feedback -89, facts 36, row -79, bank -25, keys -82
look cue-level asks: stem 31, more -30
look cue-level bullet: out -51, stem -12, more -24, option 32, answer -56, row -14, remark -14
look cue-level let-lone: out 14, passage -16, more -32, option -63, answer -59, facts 17, row -35, keys -12
look cue-level let-lone cue-answer: stem 21, option -17
look cue-level let0: out -53, stem 41, option -52, answer -31, facts 69, row -15
look cue-level num-lone: out -109, stem 33, more -52, option -65, answer -54, feedback -41, facts 39, row -51, keys -29
look cue-level num-lone box: stem 14, more -16
look cue-level num-lone cue-answer: out -15, stem 22, option -25, row -14, keys -20
look cue-level num-lone cue-difficulty: out -15, stem 20, answer -20, feedback -12, facts -18
look cue-level num-lone let1-first: stem 22
look cue-level num-lone num1-first: stem 14
look cue-level num-lone_ cue-level: stem 25, answer -37, feedback -14, facts -17
look cue-level num0: out -73, stem 20, option -64, answer -68, facts 45, row -29, keys -33
look cue-level num0 cue-difficulty: stem 24, row -13
look cue-level num0-again: out -44, answer -41, row -18, keys -18
look cue-level num1-first: out -106, stem 45, option -57, answer -22, facts 55, row -28
look cue-level phrase: out -28, stem 23, more -17, option -44, feedback -16, facts 26
look cue-level rom-lone: out -61, stem 49, more -29, option -24, answer -24, feedback -23, facts 57, row -31, keys -32
look cue-level text: out -18, stem 48, more -18, answer -18, feedback -27, facts 36
look cue-level word-lone: out -55, stem 28, option -13, answer -15, row -25
look cue-level word0: out -34, more -23, option -26, answer -53, facts 29, row -26
look cue-level+: out -27, passage -30, stem -67, more -67, feedback -52, facts 45, row -50, bank -15, keys -57
look cue-outcome: out -15, passage -64, stem -142, more -46, option -81, answer -80, feedback -113, hint -52, facts 28, row -87, bank -48, remark -29
look cue-outcome+: stem -67, answer -59, feedback -17, facts 20, keys 28
look cue-outcome_+: passage -27, stem -79, more -23, option -48, answer -46, feedback -66, hint -23, facts 17, row -50, bank -26, keys -74, remark -13
look cue-points: out -65, passage -37, stem -89, more -69, option -75, answer -33, feedback -88, hint -29, facts 58, row -56, bank -59, lines -64, keys -14, remark -22
look cue-points _field-number: facts 12
look cue-points _heading: out 28, facts -21
look cue-points _num0: out 25, stem 12, keys -52
look cue-points _num0 cue-answer: out -37, stem 39
look cue-points _num0 let1-first: out -78, stem 80
look cue-points _section: out 18, facts -18
look cue-points cue-difficulty: stem -46, option -66, answer -154, feedback -26, facts -18, row -23, keys 68
look cue-points cue-difficulty cue-feedback: facts 17, keys -15
look cue-points cue-difficulty edge: out -17, facts 70, keys -59
look cue-points cue-difficulty rule: out -46, facts 67
look cue-points cue-feedback: out -65, stem -49, more -30, option -34, answer -13, feedback 21, facts 21, keys -42, remark -82
look cue-points cue-feedback rule: out -54, feedback 66, remark -31
look cue-points cue-feedback_ num0: answer -15, feedback 37, remark -24
look cue-points edge: stem -19, answer 23, feedback -39, facts -27
look cue-points field-kind: out -84, facts 82
look cue-points field-kind field-stem: out -84, facts 81
look cue-points field-number: facts 21
look cue-points rule: out 74, stem -40, option -20, answer -50, feedback -13, facts 88, lines -15
look cue-points rule_ field-number: out 13
look cue-points word-lone: stem 35, facts -20
look cue-points+: out -25, passage -14, stem -44, more -34, option -39, feedback -43, facts 14, row -22, bank -18, lines -14
look cue-points_ field-number: option -12, answer -16, facts 28
look cue-points_ heading: answer -20
look cue-points_ num0: out -29, stem -14, option -36, answer -42, feedback -23, facts 42, row -22
look cue-points_ section: answer -21, facts 21
look cue-points_+: out -30, passage -19, stem -32, more -37, option -80, answer -17, feedback -29, facts 37, row -24, bank -21, lines -26, keys -73
look cue-sample: out -53, passage -49, stem -66, more -107, option -46, answer 94, feedback -86, hint -15, facts -58, row -44, bank -55, lines -38, keys -16, remark -23
look cue-sample _bullet: out -20, stem 50, option -64, answer -33
look cue-sample _num0: out -33, stem 40
look cue-sample _section: out 25
look cue-sample _section_ num0: out 15
look cue-sample _word0: out -31, stem 42, facts -22
look cue-sample cue-difficulty: out -32, answer 23, facts 32
look cue-sample edge: out -54, stem -15, more -16, answer 32, feedback -24, keys -42
look cue-sample num0: out -18, stem -16, option -13, answer -27, facts -15, row -22, keys 29
look cue-sample phrase: out -52, stem -26, more -14, option -21, answer 29, feedback -49, facts -13, row -15, keys 22
look cue-sample sentence: out -82, passage -111, stem -51, more -35, option -12, answer 103, feedback -98, facts -19, bank -12, keys -47
look cue-sample short: out -110, passage -21, stem -62, more -37, option -15, answer 80, feedback -73, keys -36
look cue-sample short-sentence: out -57, passage -34, stem -51, more -41, option -12, answer 90, feedback -91, hint -29, facts -21, keys -85, remark -36
look cue-sample short-sentence_ word0: out -65, stem -26, answer 61, feedback -48, hint -12, remark -14
look cue-sample text: out -52, passage -62, stem -72, more -24, option -34, answer 52, feedback -27, bank -13, keys 34
look cue-sample text short: out -30, passage -17, stem -22, answer 58, feedback -19
look cue-sample text short-sentence: out -18, passage -19, stem -26, keys 39
look cue-sample+: out -56, passage -34, stem -53, more -59, option -31, answer 52, feedback -27, facts -43, row -37, bank -34, lines -17
look cue-sample_ bullet: answer 17
look cue-sample_ chatter: out -18, answer 19, keys -18
look cue-sample_ num0: out -20, answer 15, feedback -20
look cue-sample_ section: out -32, stem -42, answer 58, keys -13
look cue-sample_ word0: out -21, stem -27, answer 45
look cue-sample_+: out -31, passage -13, stem -28, more -56, answer 48, feedback -51, bank -14, keys -59
look cue-tags: out -20, passage -34, stem -84, more -40, option -50, answer -66, feedback -59, hint -14, facts 49, row -54, bank -20, keys -27, remark -13
look cue-tags+: out -25, stem -65, option -34, answer -45, feedback -22, facts 14, row -22, bank -13, keys 14
look cue-tags_+: passage -28, stem -33, more -25, answer -33, feedback -30, facts 15, row -19, keys -32
look cue-wordBank: out -24, passage -42, stem -63, more -53, option -54, wrapped -29, answer -84, feedback -60, hint -16, facts -24, row -47, bank 78, lines -19, keys -53
look cue-wordBank _num0: out -47, stem 48
look cue-wordBank cue-answer: out -14, stem -14, more -20, option -29, row -17, bank 20, keys -29
look cue-wordBank cue-answer_ num0: answer 31, bank -15
look cue-wordBank+: out -32, stem -39, more -23, option -31, wrapped -15, answer -35, feedback -17, facts -22, row -26, bank 39, keys -29
look cue-wordBank_ num0: out 29, passage -24, stem -21, option -13, answer -39, bank -25, keys -17
look cue-wordBank_+: passage -35, stem -33, more -26, option -24, answer -44, feedback -30, facts -18, row -25, bank 34, keys -21
look edge _asks: out -44, stem 45
look edge _bracketed: out 37, bank -26, keys -27
look edge _bullet: out 20, stem -17, facts -30
look edge _cells: out -17, stem 21, facts -51, bank -28, keys -17
look edge _cue-level: out -19, stem -20, facts 21
look edge _field: out 74, passage -23, stem -46, facts -120
look edge _field_ heading: out 49, stem -23, facts -27
look edge _field_ identity: out 65, stem -13, facts -54
look edge _heading: out 115, stem -14, facts -106
look edge _heading num0: out 27, facts -23
look edge _identity: out 20, stem -16
look edge _let-lone: out 25, stem -16, keys -19
look edge _let-lone identity: out 34, stem -33
look edge _let0: out -40, stem 40
look edge _num-lone: stem 13, facts -29, keys -70
look edge _num0: out -24, stem 28, facts -42, keys -61
look edge _num0 cue-answer: out -18, stem 18
look edge _num0 let1-first: out -18, stem 18
look edge _pair: out 55, stem -47
look edge _phrase: out 17, passage -29, stem -13
look edge _rom-lone: out -13, stem 19, keys -20
look edge _rom-lone_ word-lone: out 30, stem -27
look edge _rom0: out -51, stem 51
look edge _section: out 70, stem -20, facts -50
look edge _sentence: out 77, passage -36, stem -62
look edge _short: out 81, passage -19, stem -52, facts -40
look edge _short-sentence: out 77, passage -30, stem -81
look edge _short_ sentence: out 12
look edge _short_ text: out 41, passage -16, stem -35
look edge _text: passage -20
look edge _word-lone: out -32, stem -25, facts 37, keys -22
look edge _word-lone let-lone: out -14, stem -18, facts 16
look edge _word-lone let0: out -67, stem 44, facts -22
look edge _word0: out -75, stem 51, facts -43
look edge bracketed: out 90, bank -49, keys -70
look edge capitals: out 46, facts -27, keys -36
look edge cells: out 81, passage -24, stem -103, facts -17, bank -19, keys -24
look edge cells_ let0: out 30, stem -22
look edge cells_ section: out 13
look edge chatter: out 23, stem -16
look edge colon: facts -29, bank -14, keys -36
look edge field: out -13, passage -57, stem -59, facts 29, keys -29
look edge field identity: out 33, facts -32
look edge field let-lone: out 55, stem -15, facts -51
look edge field phrase: out 21, facts -29
look edge field section: out 28, stem -18, facts -23
look edge field_ identity: out -39, stem -22, facts 41
look edge field_ num0: out 33, passage -26, stem -18, facts -25
look edge field_ word0: out -22, facts 23
look edge gap: out 61, stem -59
look edge heading: stem -34
look edge heading field: out 19, facts -18
look edge heading heading: out 31, facts -27
look edge heading identity: out 37, facts -34
look edge heading num0: out 98, facts -92
look edge heading_ cells: out 25, facts -23
look edge heading_ identity: out 47, facts -45
look edge heading_ num0: out 33, facts -32
look edge heading_ word0: out -34, facts 35
look edge identity: out 16
look edge let-lone: out 66, stem -64, keys -20
look edge num-lone: out 21, stem -17, facts -45, keys -71
look edge num0: out -31, stem 23, facts -25, keys -12
look edge num0 bullet: out -38, stem 38
look edge num0 let-lone: out -71, stem 70
look edge num0 let1-first: out -55, stem 55
look edge num0 num0: out -67, stem 58
look edge pair: out 34, passage -24, stem -41, facts -14, keys -22
look edge pair_ num0: out 41, passage -22
look edge pair_ word0: out 44, stem -29
look edge phrase: out 18, passage -27, facts -25, keys -20
look edge phrase phrase: out 36, stem -37
look edge phrase_ identity: out 32, stem -31
look edge phrase_ num0: out 59, stem -42
look edge rom-lone: out 45, stem -44
look edge rom-lone_ identity: out 28, stem -28
look edge section: out -33, stem 37, facts -14
look edge section_ num0: out -39, stem 41
look edge sentence: out 42, passage -49, stem -38, keys -12
look edge sentence_ num0: out 46, passage -35, stem -17
look edge short: out 90, passage -62, stem -73, facts -74, keys -28
look edge short sentence: out 45, passage -24, facts -17
look edge short text: out 43, facts -38
look edge short-sentence: out -21, passage -44, stem 24, keys -14
look edge table-wide: out 48, facts -39
look edge table-wide_ num0: out 13
look edge text: out 40, passage -26, stem -37
look edge word-lone: out 20, stem -18, facts -25, keys -12
look edge word0: stem -28
look edge word0 asks: out -30, facts 37
look edge word0 let1-first: out -81, stem 75, facts -51
look field: out 13, passage 20, stem -45, more -37, option -26, wrapped -39, answer -14, feedback -18, hint -57, row -12, bank -56, lines -56, keys -44, remark -63
look field _asks: out -23, stem 38, more -27
look field _capitals: out 28, answer -15
look field _field: out -23, passage 44, stem -53, facts -13
look field _field-number: facts 21
look field _heading: out -35, stem -26, facts 41, keys -27
look field _heading num0: out 55, facts -43
look field _let-lone: out 29, stem -29
look field _let0: stem 13, option -14, keys -22
look field _num0: out -20, stem 13, option -25, keys -29
look field _num0 let1-first: out -50, stem 15
look field _num0_ num0: out -33, stem 35
look field _phrase: stem 21, more -34, option -23, answer -63, feedback -16, keys -22
look field _rom-lone: out 21
look field _section: out -43, facts 43
look field _sentence: out 79, passage -71, more -42, feedback -14
look field _short: out 52, passage -37, stem -29, answer -65
look field _word0: out 39, answer -37, facts -59
look field _word0 asks: out -25, stem -28, facts 30
look field _word0 let1-first: out 30, facts -42
look field bracketed: out -42, passage -17, more -34, answer -65, feedback 25, facts -73, bank -38, keys 44
look field cells: passage -37, stem -51, option 15, answer -29, feedback -12, facts -31, row -28, keys 17
look field cue-answer: out -47, stem 28, more -79, option 36, facts -22, row -26, bank -31, keys -76
look field cue-answer_ word0: more -19, answer 31
look field edge: out 114, passage -50, stem -67, answer -75, feedback -38, facts -29, row -17, keys -55
look field field: out -59, passage 41, stem 62, more -73, option -47, answer -116, feedback -17, facts -75, bank -13, keys -84, remark -39
look field field field: out -21, stem 28, more -45, option -15, answer -48, facts -32, keys -23, remark -16
look field field_ field: out -49, stem 34, more -14, answer -34, facts -24, row -37, keys -37
look field heading: out 67, passage -34, stem -47, answer -24, facts -44, keys -42
look field identity: out 54, facts -48
look field let-lone: out 74, passage -16, stem -48, answer -20, facts -62, row -36
look field let0: out 22, passage -54, stem -52, more 46, option 21, answer -42, feedback -43, facts -53, row -29, keys -42
look field let0 let0: stem -31, option 31, row -20
look field let1-first: out -65, stem 17, option 32, answer -26, feedback -15, hint -13, facts -29, row -43
look field let1-first let1: out -25, stem -28, more -16, option 49, row -42
look field num-lone: passage -16, more -25, answer -23, feedback -19, facts -28, keys -41
look field num0: out 66, passage -33, stem -45, more -35, option -30, answer 35, feedback -34, facts -116, row -39, keys -32
look field num0 num0: keys -12
look field phrase: out 28, passage -31, stem -30, more 55, answer -16, facts -32, keys -13
look field rule: out 78, passage -41, stem -63, option -15, answer -55, feedback -16, facts -71, row -56, lines -17
look field section: out 59, stem -46, facts -49
look field sentence: out 76, passage -58, stem -54, answer -26, feedback -29, facts -26
look field short: out 32, passage -16, stem -23, more 19, option -36, answer -83, feedback -50, facts -30, row -21, keys -54
look field short-sentence: out -32, passage -33, more 51, option -15, answer -29, feedback -34, facts -36
look field text: passage 63, stem -26, answer -41, facts -50, row -15
look field word0: stem 32, option -18, answer -35, facts -44
look field+: passage 15, stem -25, more -16, wrapped -18, feedback -124, hint -32, row -25, bank -47, lines -37, keys -79, remark -42
look field-kind: out 30, passage -55, stem -103, more -74, option -60, answer -24, feedback -69, hint -12, row -54, bank -25, lines -15, keys -68
look field-kind field-stem: passage -22, stem 17, more -25, option -50, answer -69, feedback -46, row -39, keys -17
look field-kind field-stem asks: out -25, stem 25, answer -22, facts -21, row -15
look field-kind field-stem field-option: out -13, stem 18
look field-kind word-lone: out -102, passage -13, stem 32, more -19, option -28, answer -38, facts 63
look field-kind word-lone asks: stem 16, facts -15
look field-kind word-lone cue-answer: stem 15
look field-kind word-lone field-option: stem 30, more -17, option -27, facts -29
look field-kind+: passage -35, stem -72, more -48, option -38, answer -17, feedback -40, facts 19, row -35, bank -14, keys -37
look field-kind_+: out 82, answer -38, facts -83, keys -36
look field-number: out -40, passage -23, stem -24, option -51, answer -41, facts 68, keys -34
look field-number field-kind: out -73, passage -14, stem -44, option -36, answer -28, facts 86, row -17, keys -26
look field-number field-kind field-stem: out -63, stem -24, option -29, answer -17, facts 64, row -16
look field-number field-kind word-lone: out -48, facts 63
look field-number field-stem: out -32, passage -13, option -25, answer -22, feedback -14, facts 31, keys -21
look field-number field-stem cue-points: stem 13
look field-number word-lone: out -27, stem 36, option -16, answer -22, facts -18
look field-number word-lone cue-answer: stem 15
look field-number word-lone field-option: stem 20, option -15, facts -13
look field-number+: out -39, passage -18, stem -24, option -30, answer -34, facts 61, keys -34
look field-option: out -102, passage -26, stem -101, more -53, option 111, answer -73, feedback -42, hint -14, facts -88, row -98, bank -28, lines -23, keys -45
look field-option _field-number: facts 14
look field-option cue-answer: out -31, stem -28, option 19, answer 68, facts -29, row -26, bank -18, keys -40
look field-option cue-answer cue-points: option -42, answer 54
look field-option cue-answer rule: option -21, answer 38
look field-option cue-answer_ field-number: option -26, answer 32
look field-option cue-difficulty: option -17, facts 52
look field-option cue-difficulty rule: facts 29
look field-option cue-points: out -14, option -50, answer -105, facts 115
look field-option cue-points cue-difficulty: option -47, answer -12, facts 76
look field-option cue-points rule: out -14, answer -16, facts 46
look field-option cue-points_ field-number: facts 16
look field-option field-option: out -89, passage -15, stem -84, more -31, option 93, answer -55, feedback -36, facts -73, row -83, bank -20, lines -13, keys -33
look field-option field-option cue-answer: out -31, stem -28, option 30, answer -24, facts -24, row -26
look field-option field-option cue-points: option 30
look field-option field-option field-option: out -48, stem -42, option 47, answer -36, feedback -15, facts -35, row -41
look field-option rule: out 79, option -74, answer -46
look field-option+: out -68, passage -14, stem -66, more -31, option 74, answer -47, feedback -23, facts -54, row -62, bank -15, keys -28
look field-stem: out -57, passage -35, stem 95, more -48, option -59, answer -62, feedback -57, facts -66, row -43, keys -19, remark -21
look field-stem asks: out -25, more 26, answer -23, facts -22, row -15
look field-stem asks field-option: stem -19, more 19
look field-stem cue-answer: out -52, stem 18, more -49, option -48, answer -19, facts -15, bank -52, keys 27
look field-stem cue-answer cue-difficulty: answer 32, keys -32
look field-stem cue-answer cue-points: more -38, option -30, answer -32, bank -13, keys 36
look field-stem cue-answer rule: answer 44, bank -12, keys -42
look field-stem cue-difficulty: stem 16, more -24, option -12, facts 27
look field-stem cue-points: passage -12, stem 17, more -35, option -17, answer -25, facts 17, keys -13
look field-stem cue-points cue-difficulty: facts 47
look field-stem cue-sample: more -16, answer 31
look field-stem field-option: out -27, stem 27, more -25, option 17, answer -21, facts -18
look field-stem field-option field-option: out -18, stem -18, option 19, answer -18
look field-stem short: out -50, more 77, option -41, answer -69, feedback -79, facts -41
look field-stem short field-option: more 41, option -41
look field-stem short-sentence: passage -20, stem -28, more 69, option -13, answer -41, feedback -35
look field-stem text: stem -40, more 41
look field-stem+: out -40, passage -22, stem 66, more -28, option -37, answer -43, feedback -38, facts -41, row -25, keys -17, remark -14
look field_ asks: out 24, passage -26, stem 23, more -14, answer -48, feedback -38, facts -55
look field_ capitals: out 63, stem -53, answer -17
look field_ field: out -27, passage 13, more -15, option 29, answer -58, feedback -35, facts -75, row -50, bank -17, keys -44
look field_ field-number: out 21, passage 14, stem -46, facts -38
look field_ heading: out 21, passage -29, answer -33, feedback -14, facts -84
look field_ identity: out -42, passage -14, stem -62, more -37, option -39, answer 41, feedback -13, facts 40, row -17
look field_ let-lone: out 57, stem -46, facts -41
look field_ let0: out 74, passage -28, stem -45, feedback -14, facts -62
look field_ num0: passage 15, stem -62, more -40, option -61, feedback 28, hint -18, facts -66, row -40, bank -15, keys -29, remark -15
look field_ phrase: out -45, stem 50, more -30, answer -42, feedback -15, facts -22, row -18, keys -42
look field_ rom-lone: out 52, stem -32, answer -27, facts -24
look field_ section: out -42, passage -16, stem -58, answer -30, feedback -20, facts 46, keys -42
look field_ sentence: out 37, passage -39, stem 43, facts -60
look field_ short: out 46, passage -25, stem -21, answer -42, facts -49, row -22
look field_ word0: passage -25, stem -59, more -16, answer -52, feedback -66, row 30, keys -21
look field_+: more -54, option -33, answer -35, hint -29, bank -31, lines -24, keys 13, remark -27
look gap: out -22, passage -17, more 19, option -86, wrapped -33, feedback -57, hint -65, facts -95, row -50, bank -64, lines -46, keys -83, remark -37
look gap _asks: out -39, stem 65, more -42
look gap _cue-answer: out -16, stem -14, option -15, answer -30, bank 44, keys -80
look gap _heading: out 40, facts -30, bank -13
look gap _num0: option -18, facts -19, keys -17
look gap _short: out -36, passage -18, stem -47, option -22, answer 42, facts -44
look gap _word0: out -80, answer -17, facts 15
look gap _word0 asks: facts 16
look gap bracketed: out -36, passage -40, stem -51, more -20, answer -52, feedback -14, bank 44, keys -15
look gap cells: out -22, stem -61, more 31, answer -22, facts -19, row -15, keys -37
look gap cue-answer: out -49, stem 16, more 16, option -18, answer 45, feedback -19, bank -57, keys -59
look gap cue-answer edge: answer 38, keys -35
look gap cue-answer_ text: answer 18
look gap cue-answer_ word0: answer 35, bank -18, keys -25
look gap cue-wordBank: out -35, passage -17, stem -64, more 40, option -21, answer -33, feedback -19, row -13, bank 26, keys -14
look gap cue-wordBank cue-answer: more -28, bank 41
look gap edge: out 12, more -19, answer -42, bank -14, keys -26
look gap gap: stem -72, more 75, answer -41
look gap gap text: stem -20, more 21
look gap let0: more 28, answer -16, lines -12, keys -19
look gap let0 let0: stem 17
look gap phrase: out -61, stem 56, more -46, option -15, answer -55, facts -15, row -12
look gap short: out 30, passage -26, stem 29, option -60, wrapped -29, answer -34, feedback -52, facts -69, row -16, keys -12
look gap text: passage 54, stem -97, more 30, answer -20, row -17
look gap text gap: stem -38, more 40
look gap+: stem -22, more 36, option -52, wrapped -15, answer -132, feedback -33, hint -19, facts -32, row -21, bank -19, lines -32, keys -36
look gap_ asks: out -64, passage -62, stem 57, more -31, answer -60, feedback -21
look gap_ cue-answer: out -28, more 23, answer -20, feedback -19
look gap_ heading: out 24, stem -38, more 38, answer -50
look gap_ num0: stem -89, more -16, option -15, answer 18, feedback -21, facts -19, row -20, keys -18
look gap_ short: more 39
look gap_ word0: out -76, passage 25, stem -20, more 24, answer -38, feedback -27, row -19
look gap_+: out -30, stem 23, option -39, feedback -42, hint -27, facts -49, row -43, bank -35, lines -26, keys -48, remark -14
look heading: out 21, passage -59, stem -25, more -51, option -79, feedback -73, hint -12, facts -13, row -51, bank -40, lines -18, keys -26
look heading _asks: out -42, stem 44
look heading _bullet: out 24, stem -23, option -32
look heading _capitals: out 31, facts -16
look heading _cells: passage -12, keys -30
look heading _cue-level: out -57, stem -12, facts 19
look heading _cue-level num-lone: out -50, stem -12, facts 16
look heading _field: out 34, passage -49, facts -28
look heading _gap: passage -12, stem 12
look heading _heading: out 69, facts -65
look heading _key-title: out -15, passage -16, stem -22, answer -15, facts -14, keys 27
look heading _let0: keys -25
look heading _num-lone: out -15, stem 22, option -17, keys -91
look heading _num-lone_ num0: out -20, stem 21
look heading _num0: facts -58, keys -14
look heading _num0 bullet: out -12, stem 12
look heading _num0 let1-first: out -19, stem 19
look heading _num0-again: out -58, stem 23
look heading _num0_ num0: out -62, stem 59, facts -14
look heading _pair: out 21, passage -60, stem -12, keys -46
look heading _phrase: out 65, passage -43, stem -53, answer -45, feedback -14, keys -45
look heading _phrase edge: out 69, passage -12, stem -49, answer -42, keys -42
look heading _rom-lone: out 32, stem -23
look heading _section: out 49, stem -27, facts -22
look heading _sentence: feedback -34
look heading _short: out 65, passage -51, stem -30, answer -44, keys -20
look heading _table-wide: out 25
look heading _text: passage -35, stem 22
look heading _word-lone: out -63, stem 13, facts 58
look heading _word-lone let-lone: out -14, stem -14, facts 14
look heading _word0: out 56, stem -41, answer -22, facts -32
look heading _word0 asks: out -23, stem -24, facts 33
look heading _word0 let1-first: out -74, stem -40, facts 75
look heading _word0 sentence: out -56, stem -47, facts 67
look heading bullet: out 67, stem -22, option -32, facts -56, keys -17
look heading cells: out 41, stem -16, option -28, facts -44, row -13
look heading chatter: out 46, facts -38
look heading edge: out 41, answer -53, facts -25, keys -26
look heading field: out 35, passage -13, stem -30, answer -14, facts -43, keys -27
look heading heading: out 52, facts -74, keys -25
look heading identity: out 47, facts -40
look heading let-lone: out 28, option -26, answer -22, row -14, keys -37
look heading let0: out -31, stem 33, facts 21, keys -30
look heading num-lone: stem -32, feedback -23, facts -30, keys 85
look heading num0: out -14, stem 17, option -12, answer -21, facts -135, row -20, keys 44
look heading num0 cue-answer: out -18, stem 19
look heading num0 num0: out -35, stem 37, keys 14
look heading num0-again: out -15, stem 30, option -20, facts -43, row -31
look heading num0-again num0-again: stem -24, keys 13
look heading pair: stem -37, facts -14, row -36
look heading phrase: out 35, passage -20, stem -35, more -18, option -38, answer -41, feedback -21, facts 17, keys -24
look heading rom-lone: out -45, facts -32
look heading rom0: out 53, facts -37, keys -33
look heading rule: out 39, facts -36
look heading section: out 55, answer -13, facts -31
look heading sentence: out 91, passage -64, stem -62, facts -29
look heading short: out 34, passage -26, stem -31, option -23, answer -27, keys -21
look heading short-sentence: out -17, more -31, answer -14, feedback -44, facts 36, remark -17
look heading table-down: out -21, keys 21
look heading text: out 24, passage -43, more -19, answer -28, feedback -14, keys -28
look heading word0: out 40, stem 32, facts -82, keys -48
look heading+: passage -14, stem -94, more -16, option -39, answer -111, feedback -14, facts -19, row -16, keys 39
look heading_ asks: out 51, answer -45, facts -36
look heading_ bullet: out 83, facts -42, keys -40
look heading_ capitals: out -42, facts -23, keys 43
look heading_ cells: out 45, stem -25, facts -23
look heading_ cue-level: out 79, facts -72, keys -19
look heading_ field: out 68, stem -45, answer -21, facts -53
look heading_ gap: out 59, facts -56
look heading_ heading: out 58, facts -24, row -24
look heading_ identity: out 65, facts -56
look heading_ key-title: out 26, facts -13
look heading_ let-lone: out 70, facts -57
look heading_ let0: out 88, stem -36, answer -30, facts -58, keys -46
look heading_ num-lone: out 69, stem -14, answer -22, facts -64, keys -57
look heading_ num0: out 69, passage -16, stem -17, option -12, answer -37, feedback -12, facts -109, keys -69
look heading_ num0-again: out 52, stem -36, answer -44, keys -15
look heading_ pair: out 51, facts -46
look heading_ phrase: out 86, answer -31, facts -67, keys -13
look heading_ rom-lone: out 53, facts -50
look heading_ section: out 68, stem -19, facts -47
look heading_ sentence: out 76, passage -26, answer -14, facts -62, keys -31
look heading_ short: out 27, stem -13, facts -15, keys -16
look heading_ table-wide: out -50, answer 50, facts -32
look heading_ text: out 71, facts -65, keys -22
look heading_ word-lone: out 69, facts -57
look heading_ word0: out -17, passage -19, stem -49, more -27, answer -75, facts 32, bank -16, keys -61
look heading_+: out 33, passage -51, stem -14, more -46, option -23, feedback -54, facts -33, row -30, bank -34, keys -78
look identity: out 74, passage -25, stem -36, more -29, option -16, answer -41, feedback -33, facts -64, row -16, bank -20, keys -40
look identity _bullet: out 37, stem -37, option -23, facts -16
look identity _cells: out 27, stem -28, keys -14
look identity _field: out 68, passage -37, stem -24, facts -39
look identity _heading: out 41, facts -34
look identity _let-lone: out 41, stem -37, answer -47
look identity _num-lone: out 25, stem -22, keys -22
look identity _num0: facts -17
look identity _num0 cue-answer: out -20, stem 21
look identity _num0_ num0: out -77, stem 78
look identity _pair: out 53, passage -26, stem -36, keys -22
look identity _phrase: out -18, passage -26, stem 25, option -20, answer -47, keys -17
look identity _rom-lone: out 15, stem -13
look identity _section: out 33, facts -34
look identity _short: out 67, passage -58, stem -30, answer -37
look identity _short-sentence: out 44, passage -49, stem -27, keys -17
look identity _short-sentence_ text: out 39, passage -22
look identity _short_ sentence: out 25, passage -23
look identity _text: out -14, passage -35, stem 20, answer -26
look identity _word-lone: out -22, stem -33, facts 39
look identity _word0: stem -15, facts 34
look identity _word0 let1-first: out -43, stem -12, facts 37
look identity edge: out 36, answer -22, keys -15
look identity field: out 49, passage -27, stem -21, answer -17, facts -60
look identity heading: out 31, facts -23
look identity num0: out -27, stem 35, option -18
look identity phrase: out 47, passage -12, stem -26, answer -20
look identity rule: out 37, lines -31
look identity rule_ section: out 31, lines -31
look identity sentence: out 25, passage -24, stem -17, answer -13
look identity short: out 67, passage -35, stem -48, answer -57, facts -19
look identity short-sentence: out 46, passage -26, stem -33, answer -24, feedback -34, hint -21
look identity word0: out -47, stem 52, facts 28
look identity+: out 40, passage -12, stem -32, answer -16, feedback -14, facts -26, keys -18
look identity_ bullet: out 22
look identity_ num0: out 16, answer -20
look identity_ rom-lone: out 13
look identity_ section: out 32, more -19
look identity_ text: out 13
look identity_ word0: out 28, stem -18
look identity_+: out 45, stem -22, more -25, answer -41, facts -17, keys -13
look instruction: out 48, stem -39, answer -44, feedback -52, facts -19, keys -46
look instruction+: out 45, answer -19, feedback -22
look instruction_+: out 28, stem -29, feedback -16, keys -27
look key-title: out -18, passage -23, stem -52, more -18, option -44, answer -78, feedback -65, hint -16, facts -48, row -32, bank -20, lines -14, keys 29
look key-title edge: out 19, answer -24, keys -17
look key-title let-lone: out -54, stem -29, more 19, answer -29, facts -14, row -24, keys 41
look key-title num-lone: out -60, more -14, option -14, answer -14, keys 55
look key-title num-lone edge: keys 27
look key-title num0: out -38, stem -22, option -16, feedback -31, facts -17, keys 26
look key-title num0 num0: stem -13, keys 14
look key-title num0-again: out -21, passage -14, stem -18, more -16, option -17, answer -17, feedback -17, hint -17, facts -18, row -17, bank -18, lines -17, keys 19, remark -17
look key-title pair: out -52, feedback -34, keys 56
look key-title table-pairs: out -38, facts -13, keys 38
look key-title table-pairs table-pairs: out -14, keys 13
look key-title text: out -63, passage -12, stem -14, answer -20, keys 54
look key-title+: passage -19, stem -43, more -13, option -30, answer -37, feedback -19, facts -33, row -14, bank -15, keys 17
look key-title_+: passage -41, stem -30, more -13, option -20, answer -52, feedback -46, facts -34, row -29, keys 21
look let-lone: out -18, passage -37, more -30, option -25, wrapped -36, answer -24, feedback -90, hint -44, facts -147, row 14, bank -87, lines -56, keys -46, remark -58
look let-lone _bracketed: more -39, answer -39, keys 46
look let-lone _bullet: out -19, stem 31, option -15
look let-lone _capitals: out 55, answer -55
look let-lone _cue-answer: out -18, answer -39, keys 40
look let-lone _cue-level: out -38, facts 47
look let-lone _field: out 29, passage -22, answer -34, feedback -24, facts -33
look let-lone _heading: out 67, facts -44, keys -25
look let-lone _let-lone: out -65, stem 73, row -15
look let-lone _let0: out 22, passage -24, stem -14, option -17, answer -16, keys -40
look let-lone _let0 let0: out -35, option 19
look let-lone _let0_ let0: out 23, stem -22, option -12, answer -12
look let-lone _num-lone: passage -13, more -15, answer 21, facts -39, keys -63
look let-lone _num0: out -114, stem 43, option -28
look let-lone _num0 let-lone: out -34, stem 43
look let-lone _num0 let1-first: out -24, stem 25
look let-lone _num0 short: out -17, stem 18
look let-lone _num0-again: out -27, stem 38, option -26, keys -27
look let-lone _num0_ num0: out -25, stem 26
look let-lone _num1: out -30, stem 30
look let-lone _phrase: out 52, passage -24, stem -44, answer -24
look let-lone _rom-lone: out 31, facts -24, keys -43
look let-lone _rom0: stem 15, answer -13
look let-lone _rom0_ rom0: out -21, stem 22
look let-lone _rule: out 26
look let-lone _section: out 26, stem -28, answer -12, facts -17, keys -12
look let-lone _section_ num0: out 17
look let-lone _sentence: passage -48, stem 34, answer -78, feedback -63, keys -26, remark -13
look let-lone _short: out 61, passage -38, stem -49, answer -44, facts -69
look let-lone _short-sentence: out 53, passage -44, stem -14, answer -35
look let-lone _text: option -28, answer -18
look let-lone _word-lone: out 14, stem -54, answer -21
look let-lone _word0: out 17, stem -23, answer -70
look let-lone _word0 asks: answer -42, facts 41
look let-lone _word0 let1-first: out -66, answer -15, facts 30
look let-lone _word0 sentence: out 29, stem -19, answer -63, facts -27
look let-lone _word0_ word0: out -35, stem 37
look let-lone arrow: stem -19, answer 34, facts -18
look let-lone arrow_ num0: option -17, answer 31
look let-lone asks: out -44, stem 19, answer 25, row -27
look let-lone box: out -12, stem 21, more -20
look let-lone bracketed: stem 22, more 47, feedback -106, facts -12, row -31, bank -70, keys -69
look let-lone bullet: out 52, stem -42, more -46, option -27, remark -23
look let-lone bullet bullet: out 36, stem -40, more -24, option -23
look let-lone cells: out 13, stem -13, more 32, option -20, answer -17, row 24, keys -31
look let-lone cue-answer: out -72, more -63, answer 44, keys -19
look let-lone cue-answer cue-difficulty: answer 39, keys -39
look let-lone cue-answer cue-feedback: answer 41, keys -37
look let-lone cue-answer edge: answer -15, keys 16
look let-lone cue-answer_ num0: stem -14, option -33, answer 62
look let-lone cue-difficulty: out -51, stem 18, more -16, option 18, answer -16, facts 49, row 18, keys -60
look let-lone edge: out 63, stem -79, more -29, option -38, bank -16, keys -16
look let-lone field: out -30, more -61, option 26, answer -98, feedback -12, facts 48, row -46, lines -13, keys 24, remark -20
look let-lone heading: out 51, stem -35, option -14, facts -15, row -13
look let-lone identity: out 25, stem -20, answer -12, keys -20
look let-lone let-lone: out -39, passage -25, stem 23, more -16, option -45, facts -90, row -37, keys 62
look let-lone let-lone edge: out -95, stem -20, option -14, answer 22, row -19, keys 20
look let-lone let0: out -52, stem 20, more -47, option 44, answer -42, row -19, keys -27
look let-lone let0 let0: stem 13
look let-lone let1-first: out -57, stem 30, more -51, answer -18, row -20
look let-lone let1-first let1: stem -59, more -14, option 84, answer -17
look let-lone num-lone: out -43, stem 22, more -59, option -34, answer 21, facts -46, keys -38
look let-lone num0: out -41, stem 42, more -30, option -39, answer 14, facts -15, keys -99
look let-lone num0 let-lone: out -44, stem 53, option -22
look let-lone num0 num0: out -50, stem -20, row 25
look let-lone num0-again: out 19, stem -27, more -23, option 25, answer -32, facts -16, keys -44
look let-lone num0-again num0-again: out -70, stem -22, option -77, row 34, keys -15
look let-lone rom0: out 16, option -17, answer 39
look let-lone rule: out 33, stem -30, more 19, lines -17
look let-lone sentence: out 41, passage -21, stem -25, answer -27, keys -29
look let-lone short: out -24, passage 44, stem -27, option -59, wrapped -42, feedback 30, facts -59, row -32, keys -60
look let-lone text: out 24, stem -30, more -16, option -22, answer -33, feedback 17, row -16, keys -31
look let-lone word0: out 13, stem 33, more -39, option 38, answer -88, feedback -18, row -32, keys -23
look let-lone+: out 13, passage 18, stem 29, more -81, option -40, wrapped -17, answer -26, feedback -37, hint -13, facts -97, row -47, bank -27, lines -18, remark -38
look let-lone_ bracketed: stem 23, more -29, answer -32
look let-lone_ bullet: out 33, stem -40, option -28, row -20, keys -24
look let-lone_ capitals: out 13
look let-lone_ chatter: out 27, stem -50, answer -13, row -25, keys -15
look let-lone_ cue-answer: out -62, stem -14, more 13, option 26, answer -20, keys -16
look let-lone_ cue-level: out 17, stem 29, option -34, row -17
look let-lone_ field: out -24, stem -37, more 28, answer -35, row -17
look let-lone_ heading: out 19, stem -16, more -42, answer 19, row -16
look let-lone_ identity: out 25, stem -17
look let-lone_ let-lone: out -65, stem 33, more -59, option -23, answer 30, row -50, keys -29
look let-lone_ let0: out -21, more -27, option 21, answer -25, row -44
look let-lone_ num-lone: answer -37, keys -51
look let-lone_ num0: passage -35, stem -47, answer 22, facts -21, row -58, keys -71
look let-lone_ num0-again: out 48, stem -49, option 22, answer -16
look let-lone_ num1: out 28, passage -22, stem -13, option 21, answer -13, row -18, lines -12
look let-lone_ phrase: stem -22, row 13, keys -12
look let-lone_ rom-lone: out -32, answer -39, keys 38
look let-lone_ rom0: stem -63, option -13
look let-lone_ rule: out -75, stem 42, option 14, answer -21, keys -43
look let-lone_ section: stem -17, more -53, answer -30, keys -42
look let-lone_ sentence: out 48, stem -24, option 25, answer -27, keys -29
look let-lone_ short: out 58, stem -65, more -31, option -54, answer 24, row -22
look let-lone_ short-sentence: out 66, stem -61, option -28, answer -32, keys -35
look let-lone_ text: out 41, passage -14, stem -44, option 13, answer -44, keys -15
look let-lone_ word-lone: out 37, stem -50, option -14, answer 12
look let-lone_ word0: out -38, stem -32, more 18, option 17, answer -50, row 26, keys -25
look let-lone_+: passage -44, stem -46, feedback -38, hint -20, facts -48, row 18, bank -42, lines -23, keys -59, remark -25
look let0: more -106, option 14, wrapped -65, answer -38, hint -27, facts -112, row 15, bank -48, lines -51, remark -35
look let0 _asks: out -30, stem 33
look let0 _bracketed: out 31, answer -30, keys -32
look let0 _bullet: out -22, stem 26
look let0 _cells: out 18, passage -13, stem -13, option -31, answer -31, facts -14, keys -33
look let0 _cue-answer: stem -29, answer 87, keys -67
look let0 _cue-answer edge: answer 59, keys -57
look let0 _cue-level: out -22, facts 25
look let0 _field: out 33, passage -29, option -29, answer -52, facts -74, keys -46
look let0 _heading: out -33, stem -71, answer -52, facts 34, keys 13
look let0 _let-lone: out 35, stem -55, answer -32, row -15
look let0 _let0: out -54, stem 66, option -48, answer -50, facts -27, row -37, bank -15
look let0 _let0 let0: out -15, stem -58, keys 25
look let0 _let0_ let0: out -33, stem 43, option -34, row -13
look let0 _num1-first: out -98, stem 67, facts -22, row -32, keys -23
look let0 _pair: stem 21, feedback -20, row -30, keys -47
look let0 _phrase: out -57, stem 48, option -27, answer -39, feedback -29
look let0 _phrase let0: out -16, stem 15, option -27, answer -17
look let0 _rom-lone: out 78, stem -67, keys -42
look let0 _rule: out 29, stem -18, answer -19
look let0 _section: out 31, stem -27
look let0 _sentence: out 50, passage -32, stem -31, more -53, answer -63, feedback -67, keys -42, remark -18
look let0 _short: out -33, stem -50, more -28, option 45, keys -42
look let0 _short-sentence: passage -33, stem 16, option -16, keys -20, remark -28
look let0 _text: stem 15, option -44, answer -37, feedback -17
look let0 _text let0: stem 52, option -28
look let0 _text phrase: stem 14
look let0 _text short: out -13, stem 16, option -14, answer -13
look let0 _word0: out -74, stem -19, answer -25, facts 48
look let0 arrow: answer 108, keys -28
look let0 asks: out -22, stem -14, more 26, option -19, answer 24, row -31
look let0 box: out -30, stem 88, option -98, answer 26, feedback -21, keys -21
look let0 box box: out -17, option 39
look let0 bracketed: out -64, stem -44, option 37, answer 72, feedback -112, bank -16, keys -34
look let0 bullet: out 44, stem 24, more -76, option -24, feedback -18, facts -22, row -25, keys -30, remark -52
look let0 bullet bullet: out -44, more -47, option 48, answer -35
look let0 cells: out -43, more 51, row 37
look let0 cells_ let0: stem -31, more 45, row -18
look let0 cue-answer: out -47, more -28, option 62, answer 20, row 45, keys -92
look let0 cue-answer edge: option -64, answer 54, keys -50
look let0 cue-answer_ asks: option -25, answer 26
look let0 cue-answer_ bullet: option -14, answer 16
look let0 cue-answer_ let0: option -16, answer 27
look let0 cue-answer_ text: option -14, answer 38, keys -32
look let0 cue-difficulty: out -44, feedback -47, facts 38, keys -35
look let0 cue-feedback: out -54, stem -52, more -17, option 36, feedback -19, facts -31, lines -16, keys -52, remark 44
look let0 edge: out -17, stem 64, feedback -49, row -24, keys -43
look let0 field: out 45, passage 27, stem -31, more -27, option -13, answer -53, feedback -48, facts -29, row -15, remark -18
look let0 gap: stem -16, more 40, option -28, answer -21, facts -17
look let0 heading: out 16, stem -23, option 18, answer -27, facts -39, keys -31
look let0 let-lone: out -42, stem -44, more -51, keys 27
look let0 let0: passage -62, stem -50, more -46, option 57, wrapped -25, answer -16, facts -38, row -26, lines -19, keys 44, remark -15
look let0 let0 arrow: stem -23, option 28, keys -23
look let0 let0 bracketed: stem -42, option 43
look let0 let0 bullet: out -46, stem -22, option 19, answer 13, keys -28
look let0 let0 cue-answer: out -22, stem -52, more -24, option 71, answer -14, keys -47
look let0 let0 cue-difficulty: out -13, stem -31, option 40, answer -30, feedback -21, keys -34
look let0 let0 cue-feedback: stem -29, keys -36
look let0 let0 edge: out 12, stem 21, answer -43, feedback -40, keys -31
look let0 let0 let-lone: out -27, stem 52, answer -21
look let0 let0 let0: out 28, stem 12, option -25, answer -61, feedback -27, row -76, keys 22
look let0 let0 text: out -14, stem -16, option 18, keys -12
look let0 let0_ asks: out -16, stem -23, option 34, keys -14
look let0 let0_ cells: out -14, stem -31, option 46
look let0 let0_ cue-answer: out -21, stem -72, option 79
look let0 let0_ field: out 29, stem 19, option -14, row -38, keys -34
look let0 let0_ heading: out -43, stem -41, option 45
look let0 let0_ let0: out -17, stem -62, option 56, keys -21
look let0 let0_ pair: out -26, stem -25
look let0 let0_ phrase: option 22, keys -21
look let0 let0_ rom-lone: stem -18, option 24, keys -21
look let0 let0_ rule: out -35, stem -36, option 58, keys -20
look let0 let0_ section: out -26, stem -25, option 41, keys -38
look let0 let0_ sentence: out -22, option -24, keys 25
look let0 let0_ text: out -18, stem -21, option 37, keys -20
look let0 let1-first: out -53, stem 67, more -23, option -54, answer -37, row -19
look let0 let1-first let1: out -15, stem -60, option 109, answer -37, row -18
look let0 num-lone: out -45, stem 38, more 12, answer -53, facts -23, row -19, keys -14
look let0 num0: out -19, stem 52, feedback -17, row -17, keys -14
look let0 num0 num0: out -15, stem -41, option 27, row -23, keys -13
look let0 num1-first: out 28, passage -13, more -22, option -27, wrapped -33, answer -22, feedback -24, facts -18, row -21, bank -18, keys -23, remark -29
look let0 num1-first num1: out -57, stem 13, more -12, row -32, remark -12
look let0 phrase: passage -16, more 25, option -32, wrapped -18, answer 19, feedback -87, facts -42, row -27, keys -82
look let0 rule: out -31, stem 14
look let0 short: out -87, passage -13, more 15, option -34, answer 14, feedback -53, facts -57, row -31, keys -28
look let0 short let0: out -42, stem -16, option -53, wrapped 44, answer 13, facts -36
look let0 short let1-first: more 18, option -20, answer -14
look let0 short-sentence: out 23, passage 29, stem -49, more -16, wrapped -24, answer -55, feedback -35, row -15, keys 21, remark -35
look let0 text: out 51, passage -29, more 24, option -30, feedback -77, facts -18, row 23, keys -56
look let0+: more -60, wrapped -35, facts -70, bank -21, lines -25, remark -22
look let0_ asks: out -16, stem -23, option 34, keys -14
look let0_ bracketed: out -24, stem 19, option 36, keys -34
look let0_ bullet: out 46, stem -47, option 14
look let0_ cells: out -32, stem -50, option 58, answer -14, row -28, keys -20
look let0_ cue-answer: out -35, stem -17, option 37
look let0_ cue-level: out -25, stem 49, option -18, facts -15, row -15
look let0_ field: out 28, stem 20, option -14, row -38, keys -34
look let0_ heading: out -58, stem 18, option 22, answer -29, row -13, keys -16
look let0_ let-lone: out -13, stem 22, option -42, keys -13
look let0_ let0: out -31, passage -35, stem 45, more -24, answer -39, feedback -14, row -29, keys -52
look let0_ num1-first: out 75, stem -58, option -43, feedback -17, facts -12, row -15, keys -36
look let0_ pair: out -26, stem -25
look let0_ phrase: option 22, keys -21
look let0_ rom-lone: option 23, keys -21
look let0_ rule: out -35, stem -36, option 58, keys -20
look let0_ section: out -26, stem -25, option 41, keys -38
look let0_ sentence: out -22, option -24, keys 25
look let0_ short: out -59, option -43, answer -12, feedback -40, keys 50
look let0_ short-sentence: out -34, stem -32, option 33
look let0_ text: out -31, stem -21, option 27, row 16, keys -21
look let0_ word0: out 53, stem -44, option -36, keys -26
look let0_+: out 17, passage -45, more -44, answer -86, feedback -85, facts -53, row -41, bank -22, keys -42, remark -32
look let1: out -20, passage -69, more -132, option 21, wrapped -84, answer -34, feedback -92, hint -62, facts -104, bank -62, lines -60, keys -31, remark -21
look let1 _bracketed: out 60, answer -61, feedback -43, bank -19, keys 15
look let1 _capitals: out -20, option -12, answer 23, keys -68
look let1 _capitals_ num0: out 25, answer -23, keys -48
look let1 _cue-answer: out -28, stem -37, option -23, wrapped -13, answer 39, feedback -51, facts -20, bank -20
look let1 _cue-answer edge: answer -15, keys 16
look let1 _cue-answer_ num0: answer -39, bank -12, keys 40
look let1 _cue-answer_ word0: stem -19, answer -19, feedback -40, keys 30
look let1 _cue-level: facts 20
look let1 _heading: out 27, stem -23, answer -42, facts -18, keys 18
look let1 _let-lone: out -14, stem -43, option -16, answer 33, row -21, keys 24
look let1 _let-lone_ num0: out -16, stem -19, option -15, answer 36, row -26, keys -37
look let1 _let0: stem 46, option -42
look let1 _let1: out -78, option 67, answer -81, row -42, keys -16, remark -49
look let1 _letter: out -33, answer 33, facts -24, keys -14
look let1 _letter_ num0: out -25, answer 26
look let1 _num-lone: out 51, stem -55, answer -32, facts -35, keys -55
look let1 _num0: out 30, passage -14, stem -15, more -15, option -39, wrapped -14, answer -24, feedback -17, hint -18, facts -35, row -20, bank -18, lines -17, keys -61, remark -18
look let1 _num0 asks: stem 19, facts -18
look let1 _num0 cue-answer: out -53, stem 54
look let1 _num0 edge: out 39, stem -38, keys -26
look let1 _num0 gap: out -26, stem 30
look let1 _num0 let-lone: stem 20
look let1 _num0 let1-first: out 60, stem -59, option -44
look let1 _num0 rule: out -47, stem 47
look let1 _num0-again: stem 19, keys -16
look let1 _num0_ cue-answer: out -34, stem 34
look let1 _num0_ let1-first: out -13, stem 18
look let1 _num0_ num0: out -84, stem 38, option -13, answer -18, facts -16, keys -31
look let1 _phrase: stem -58, wrapped -13, answer 21, feedback -50, facts -15, keys -65
look let1 _rom0: stem 37, answer -27, facts -34, row -26, bank -18, lines -13, keys -30, remark -16
look let1 _rom0 let1-first: stem 25, remark -15
look let1 _rom0_ rom0: out -43, stem 55
look let1 _rule: out -43, stem -23, answer 44, lines -16
look let1 _rule_ key-title: out 56, answer -40
look let1 _section: out 34, stem -27, answer -26, facts -22
look let1 _section_ word0: out 14, facts -13
look let1 _short: out -40, passage -14, stem -93, wrapped -14, answer 39, feedback -35, facts -69, keys -74
look let1 _short-sentence: out 59, passage -29, stem -88, answer -102, feedback -48, hint -55, keys 28, remark -24
look let1 _word0: stem 36, option -26, answer -80
look let1 _word0 asks: out -15, stem -40, answer -44, facts 55
look let1 _word0 cue-answer: stem 13, facts -33
look let1 _word0 field: stem -29, answer -18, facts 47
look let1 _word0 gap: stem -30, answer -23, facts 39
look let1 _word0 let-lone: answer -26, facts 45
look let1 _word0 let1-first: out 46, stem -27, option -29, facts -17
look let1 _word0 phrase: stem -52, facts 58
look let1 _word0 sentence: out -34, stem -28, answer -15, facts 35
look let1 _word0 short-sentence: stem -62, facts 65
look let1 _word0_ word0: out -72, stem 40
look let1 arrow: stem -27, answer 17, facts -26, row -16
look let1 arrow_ num0: option -23, answer 28
look let1 asks: stem -30, more 30
look let1 box: stem 21, option -21
look let1 bracketed: stem -32, option 18, wrapped -14, answer 14, feedback -49, hint -29, facts -25, row -31, bank -67, keys -39, remark -20
look let1 bracketed_ num0: out 43, option -18, answer -38, bank -44, keys -27
look let1 bracketed_ word0: feedback -86, facts -12, bank -12, keys -24
look let1 bullet: out -22, stem 66, more -41, option -56, answer -35, remark -20
look let1 bullet bullet: out -16, stem -23, more -41, option 62, answer -16
look let1 cells: out 56, passage -46, option -13, answer -53, facts -50, row -51, keys -57
look let1 cue-answer: out 32, stem -48, option -19, wrapped -39, answer 24, facts -21, row -106, remark -36
look let1 cue-answer bracketed: option -12, answer 48, keys -42
look let1 cue-answer cue-difficulty: wrapped -19, answer 32, keys -21
look let1 cue-answer cue-feedback: answer 46, keys -35
look let1 cue-answer cue-points: answer 30, facts -13, keys -19
look let1 cue-answer edge: option -12, answer -28, keys 40
look let1 cue-answer num0: option -13, answer 68, keys -51
look let1 cue-answer short-sentence: option -18, answer 33, keys -30
look let1 cue-answer word0: answer 22
look let1 cue-answer_ let1: answer 20
look let1 cue-answer_ num0: option -35, answer 36, keys -29
look let1 cue-answer_ word0: answer 80, keys -69
look let1 cue-difficulty: out -33, facts 80, row -35, keys -74
look let1 cue-feedback: out -75, stem -29, option 65, wrapped -22, answer -38, hint -15, facts -25, row -26, keys -18, remark 16
look let1 cue-hint: out -23, stem -15, answer -37, feedback -12, hint 18, facts -16, row -36, keys -25
look let1 cue-points: out -81, stem -36, option -23, answer 13, facts -15, row 34, keys -74
look let1 edge: out -51, stem 19, option 67, answer -74, keys -67
look let1 let-lone: out -87, stem -33, more 18, option 18, answer 63, row -87, keys -18, remark -18
look let1 let-lone_ num0: out -36, option -25, answer 41
look let1 let-lone_ word0: out -19, option -33, answer 36
look let1 let0: out -54, option -26, answer 25, feedback -14, row -17, remark -21
look let1 let1: out 19, passage -42, stem -51, more -67, option 23, wrapped -47, answer -161, feedback -52, hint -46, facts -57, row -17, bank -46, lines -46, keys -23
look let1 let1 arrow: stem -27, option 48, row -15
look let1 let1 bracketed: out -75, stem -25, option 63, answer -43, row -16, keys -15
look let1 let1 cue-answer: out 15, stem -98, option 65, wrapped -16, answer -123, row -87, keys -70, remark -36
look let1 let1 cue-difficulty: out -26, stem -53, option 15, row -33
look let1 let1 cue-feedback: option 17
look let1 let1 edge: out -78, stem -26, option 75, answer -33, keys -55
look let1 let1 let-lone: out -17, stem -35, option 105, answer -50, row -68, remark -12
look let1 let1 let0: out -29, stem -44, option 67, answer -41, keys -51, remark -21
look let1 let1 let1: out 28, passage -14, stem -86, more -14, answer -23, feedback -17, hint -17, facts -18, bank -18, lines -17, keys -43
look let1 let1 letter: stem -17, option 25
look let1 let1 num0: stem -68, option 35, answer -76, facts -15, row -81, keys -40, remark -43
look let1 let1 phrase: out -52, stem -43, option 90, keys -40
look let1 let1 short: out -21, stem -56, option 68, answer -13, keys -28
look let1 let1 word0: out -45, stem -52, option 104, answer -17, row -35
look let1 let1-first: out -47, stem 69, more -17, option -66, answer -20, row -55
look let1 let1-first let1: out -21, stem 28, option -22, answer -32, row -39
look let1 let1_ bracketed: stem -18, option 29
look let1 let1_ capitals: stem -13, option 84, answer -64, row -25, keys -25
look let1 let1_ cue-answer: out 44, stem -70, answer -74, row -61, remark -46
look let1 let1_ cue-level: out -31, stem -13, answer 13
look let1 let1_ heading: out -50, stem -24, option 86, answer -24, keys -26
look let1 let1_ key-title: option 25
look let1 let1_ let-lone: out -30, stem -50, option 74, answer -50, row -30, keys -13
look let1 let1_ let0: stem -13, option 62, answer -26
look let1 let1_ letter: out -25, stem -20, option 27, answer -19
look let1 let1_ num-lone: out -30, option 66, answer -18, row -18, keys -18
look let1 let1_ num0: out 13, passage -16, stem -52, more -16, option 23, answer -106, feedback -18, hint -17, facts -18, row -113, bank -18, lines -17, remark -42
look let1 let1_ num0-again: out -22, option 26, answer -37, row -34, keys -14
look let1 let1_ phrase: out -29, option 55, answer -32, row -13, keys -26
look let1 let1_ rom0: out -71, stem -22, option 111, answer -50, row -30
look let1 let1_ rule: out -43, stem -64, answer -40, row -46, remark 31
look let1 let1_ section: out -33, option 71, answer -39, keys -19
look let1 let1_ short: out -21, option 38
look let1 let1_ short-sentence: out -75, stem -33, option -36, answer -59, row 46, keys -13
look let1 let1_ word0: out -116, stem 67, answer -111, feedback -25, row -63, keys -36, remark -20
look let1 let2-first: stem 35, more -22, option -15, answer -27
look let1 let2-first let2: more -22, option 39, answer -27
look let1 letter: out -39, stem -17, option 25, answer 50
look let1 num0: stem 28, more -14, option 19, wrapped -31, answer -85, feedback -28, hint -21, facts -57, row -61, keys -72, remark -54
look let1 num0 asks: stem 25
look let1 num0 cue-answer: more 25, option -36
look let1 num0 let1-first: out -39, stem 70, option -88, row -30
look let1 num0 num0: out 23, stem -42, option 18, answer -26, hint -15, facts -25, keys -22
look let1 num0 short: stem 23, option -16
look let1 num0-again: out -94, stem 18, more -18, option -42, answer -54, facts -19, row 12, keys 15, remark -30
look let1 num0_ cue-answer: out -16, stem 26
look let1 phrase: passage -18, more -41, option -38, wrapped 28, answer -32, feedback 23, hint -15, facts -43, row -31, keys -55, remark -14
look let1 short: out -40, passage -20, stem 19, more 24, option -42, wrapped 27, answer -30, feedback -27, facts 21, keys -39
look let1 short let1: out -32, more 15, option -26, wrapped 18, answer -34
look let1 short-sentence: out -79, stem -47, more 14, option -17, wrapped -13, answer -64, hint -68, row -85, keys -49, remark 41
look let1 text: out 51, passage -37, stem -38, more -33, option 32, wrapped 19, answer -83, feedback -55, hint -15, keys -51
look let1 word0: out -61, stem 62, option 50, answer -131, hint -14, facts 58, row -35, remark -16
look let1 word0 let1-first: stem 40, option -36
look let1+: passage -30, more -67, wrapped -39, answer -42, feedback -39, hint -30, facts -58, bank -29, lines -29
look let1-first: out -14, passage -27, more -86, option 20, wrapped -52, feedback -45, hint -30, facts -81, row -29, bank -32, lines -31, keys -52
look let1-first _let1: out -46, stem 26, option 20, answer -38, facts -24, row -44, keys -27, remark -33
look let1-first _let1_ let1: out -48, answer -27, row -38, remark -33
look let1-first cue-answer: out -33, stem 40, option -37, row -32
look let1-first cue-answer_ let1: answer 21
look let1-first let1: passage -32, stem -50, more -81, wrapped -44, feedback -39, hint -29, facts -55, bank -31, lines -30
look let1-first let1 cue-answer: out 26, stem -55, answer 15, row -43, keys -90
look let1-first let1 edge: out -37, stem -54, option 44, answer -39, keys -46
look let1-first let1 let1: passage -14, stem -19, more -15, wrapped -13, answer -27, feedback -20, hint -17, facts -18, bank -18, lines -17, keys 21
look let1-first let1 num0: out 22, stem -45, answer -39, keys -55
look let1-first let1 short: stem -12, option 14
look let1-first let1_ cue-answer: out -78, option -14, answer 27, row -55
look let1-first let1_ num0: out -66, stem -31, option 13, answer 34
look let1-first let1_ word0: out -50, stem 25, option 45, answer -97, row -24
look let1-first let2-first: stem 24, more -23, option -22
look let1-first let2-first let2: more -22, option 35
look let1-first short: option -17, wrapped 33, answer -45
look let1-first short let1: more -13, option -35, wrapped 34
look let1-first+: passage -15, stem -33, more -57, option 21, wrapped -30, feedback -25, hint -17, facts -53, bank -19, lines -18, keys -17
look let1-first_ let1: out -77, stem 47, more -20, option 20, answer -50, row -53, keys -15
look let1-first_+: stem 46, more -23, answer -63, feedback -21, facts -38, row -62, keys -56
look let1_ bracketed: out 50, stem -66, row -12, keys -14
look let1_ capitals: out -28, stem -13, option -41, answer 43, row -31, keys -30
look let1_ cue-answer: out 32, stem -32, answer 20, row -120, keys -21, remark -56
look let1_ cue-level: out -31, stem -13, answer 13
look let1_ heading: out -50, stem -24, option 87, answer -25, keys -26
look let1_ key-title: option 25
look let1_ let-lone: out -54, stem 25, more -15, answer -36, row -40, keys -30
look let1_ let0: stem -13, option 62, answer -26
look let1_ let1: out -66, option 37, answer -48, row -52, remark -54
look let1_ letter: out -25, stem -20, option 27, answer -19
look let1_ num-lone: out 19, stem -22, option 24, answer -18, row -18, keys -20
look let1_ num0: out -20, passage -17, stem -76, more -16, option 45, answer -63, feedback -19, hint -19, facts -19, row -118, bank -18, lines -17, remark -46
look let1_ num0-again: out -22, option 24, answer -38, keys -14
look let1_ phrase: out -29, option 55, answer -32, row -13, keys -26
look let1_ rom0: out 24, stem -60, answer -69, row -33, remark -16
look let1_ rule: out -46, stem -63, answer -40, row -46, keys -14, remark 31
look let1_ section: out -23, stem -22, option 43, answer -73, row -14, keys -28
look let1_ short: out -21, option 38
look let1_ short-sentence: out -75, stem -33, option -36, answer -59, row 46, keys -13
look let1_ word0: out -17, passage -16, stem 69, more -12, option -29, answer -34, feedback -23, facts -26, row -33, keys -47, remark -38
look let1_+: out -43, passage -28, stem 18, more -47, option 14, wrapped -20, feedback -41, hint -22, facts -44, row -28, bank -23, lines -18, keys -83, remark -18
look let2: passage -30, stem -82, more -26, option 25, wrapped -88, answer -34, feedback -52, facts -81, row -62, lines -16, keys -26, remark -23
look let2 _let1: out -19, stem 15, option -14
look let2 _let1 let2-first: stem 14, option -13
look let2 _num1: out -54, stem 50, facts -18
look let2 _word0: out -55, stem -33, answer -19, facts 37
look let2 _word0 let1-first: out -42, stem -23, facts 26
look let2 cue-answer: stem -26, option -34, answer 33, keys -51
look let2 cue-difficulty: out -13, option 23, answer -14, facts 24
look let2 edge: out -23, option 26, answer -28, keys -13
look let2 let1: out -62, stem 46, option -69, answer 39, feedback -15, facts -17, row -49
look let2 let2: out -52, stem -35, option 141, wrapped -60, answer -86, facts -33, row -32, keys -28
look let2 let2 cue-answer: stem -14, option 18
look let2 let2 cue-difficulty: option 23, answer -14
look let2 let2 let1: option 23
look let2 let2 let2: option 33, wrapped -24
look let2 let2_ num1: option 30, answer -19, facts -12
look let2 let2_ word0: option 23
look let2 num1: out -32, stem 41, wrapped -47, answer -54, feedback -15, row -16, keys -31
look let2+: stem -49, more -13, option 21, wrapped -56, answer 19, feedback -20, facts -33, row -28
look let2-first: out 15, passage -17, stem -83, more -69, wrapped -48, answer -34, feedback -24, facts -70, row -43, lines -27, keys -18, remark -24
look let2-first let2: passage -16, stem -62, more -49, wrapped -46, feedback -21, facts -57, row -41, lines -14, keys -20, remark -18
look let2-first let2 let2: out -18, stem -26, option 56, wrapped -28, answer -19, row -19
look let2-first+: stem -55, more -45, wrapped -29, answer -24, feedback -12, facts -41, row -23, lines -14, remark -13
look let2_ let1: out -14, option 22
look let2_ num1: out 16, answer -65, facts -13, keys -16
look let2_ word0: out -26, option 56, answer -26
look let2_+: option 19, answer -82, facts -18, keys -18
look letter: out 27, passage -17, stem -84, more 28, option -93, wrapped -30, answer 13, feedback -78, facts -76, row -12, bank -15, lines -15, keys -50
look letter _num0: out -51, stem 43, keys -18
look letter _word0: out -38, stem 19, facts 39
look letter edge: out -68, more -13, answer 72, feedback -17, keys -19
look letter num0: out -50, stem 27, more -52, option -16, answer 62
look letter+: out 43, stem -48, option -53, wrapped -15, feedback -33, facts -45, keys -26
look letter_ num0: out -30, more -12, answer 31
look letter_ word0: more -13, answer 32
look letter_+: out -56, more 21, option -16, answer 41, feedback -26, facts -17, keys -17
look lines: out -55, passage -63, stem -22, more -13, option -68, wrapped -16, answer 19, feedback -67, hint -39, facts 18, row -32, lines 13, keys -41, remark -20
look lines+: out -24, stem 20, more -22, option -18, answer -57, facts -62, lines 23, keys -21
look num-lone: out -16, passage -24, more -15, wrapped -43, answer -16, feedback -28, hint -53, facts -27, row -13, bank -74, lines -61, remark -40
look num-lone _box: out -28, option 31
look num-lone _box box: out -28, option 31
look num-lone _bracketed: out -50, keys 50
look num-lone _bullet: out -50, stem 24, option -12, row 15, remark -14
look num-lone _bullet bullet: out -27, stem -35, row 17
look num-lone _cue-answer: out -24, answer 44, keys -32
look num-lone _cue-answer cue-difficulty: answer 22, keys -16
look num-lone _cue-answer edge: out -14, answer 40, keys -37
look num-lone _cue-level: out -21, facts 23
look num-lone _heading: out 65, stem -19, answer -35, facts -42, keys -29
look num-lone _key-title: out -21, keys 13
look num-lone _let-lone: out 30, stem -29, option 16, answer -18, row -17, keys -51
look num-lone _let0: out -24, stem 34, option -41, row -15, keys -41
look num-lone _num-lone: out 20, stem -63, more -18, option -14, answer -26, facts -25, row -16, keys 26
look num-lone _num0: out -40, stem 39, row -29, keys -30
look num-lone _num0_ num0: out -13, stem 14
look num-lone _phrase: out 41, passage -19, stem -19, option -24, answer -53, feedback -21, keys -17
look num-lone _rom-lone: out -35, stem 53, facts -25, keys -15
look num-lone _section: out 44, stem -21, more -13, facts -16
look num-lone _sentence: out 31, passage -45, stem -17, more -34, answer -23, feedback -19, keys -18
look num-lone _short: out 55, passage -24, stem -30, more -17, option -25, answer -49, facts -15, keys -17
look num-lone _text: passage -21
look num-lone _word0: out -97, stem 50, answer -33, facts -14
look num-lone _word0 let1-first: out -20, stem 14, facts -13
look num-lone asks: out -66, more 56, facts -16
look num-lone box: out -33, stem 21, answer -14
look num-lone box box: more -18, option 26
look num-lone bracketed: stem -36, option 34, answer -53, feedback 36, bank -37, keys -12
look num-lone bullet: out 36, stem -30, more 20, option -37, answer -50, row -19, keys -14, remark -27
look num-lone bullet bullet: out -41, stem -63, more -49, option 64
look num-lone cells: more 16, option 22, row -20, keys 15
look num-lone cells cells: stem -23, more -21
look num-lone cue-answer: out -105, stem 22, more 24, option 31, answer 31, row -17, keys -77
look num-lone cue-answer cue-difficulty: option -29, answer 31, keys -20
look num-lone cue-answer edge: option -12, answer 59, keys -50
look num-lone cue-answer_ num0: answer 12
look num-lone cue-difficulty: out -20, stem 20, more -23, answer -22, feedback -12, keys -27
look num-lone cue-sample: out -50, stem 35, more 31, answer 37, feedback -13, keys -29
look num-lone edge: out -28, option -60, feedback 18, facts -20
look num-lone field: out 50, stem -53, more -16, answer 23, feedback -17, facts -59, row -31, keys -30
look num-lone heading: out 45, stem -38, keys -14
look num-lone let-lone: out -32, stem 13, more -48, feedback -22, facts -32, row -20, keys 31
look num-lone let0: out -57, stem 43, more 35, option 40, row 17
look num-lone let0 let0: stem -40, option 57
look num-lone let1-first: out -67, option 33, remark -29
look num-lone let1-first let1: stem -24, more -14, option 39, remark -29
look num-lone num-lone: stem -33, option -15, answer -89, feedback -69, facts -35, row -14, keys 15
look num-lone num-lone edge: out 22, stem -52, more 17, answer -62, feedback -32, keys -27
look num-lone num-lone num-lone: out -63, keys 53
look num-lone num0: out -78, stem 25, more -17, option 32, answer -67, feedback -51, facts -27, lines -29, keys -26
look num-lone num0 num0: out -43, stem -70, more -47, option 59, row 18, keys -54
look num-lone num0-again: out -101
look num-lone num0-again num0-again: stem -36, keys -29
look num-lone num1-first: out -53, more 52, option -22, answer -41, keys -15
look num-lone num1-first num1: stem -29
look num-lone phrase: out 38, passage -21, stem -52, more -15, option 15, answer -28, feedback -78, facts -17, row -15, keys -20
look num-lone phrase box: stem -38, more -32, option 37, feedback -22
look num-lone rom0: out 47, stem -32, option -16, answer -20, feedback -19, facts -25, keys -72
look num-lone rule: out 27, stem -26
look num-lone sentence: out 60, passage -64, stem -35, more -19, answer -59, feedback -75, facts -37, keys -19
look num-lone short: out -14, passage -16, stem -23, option -20, answer -58, feedback -54, facts -46, row -16, keys 44
look num-lone short-sentence: out -42, stem -19, more 25, answer -31, feedback -60, keys 44, remark -25
look num-lone table-pairs: out -64, stem -17, more 36, answer -40, row 15, keys -18
look num-lone table-pairs table-pairs: out -29, row 30, keys -15
look num-lone word0: out 63, stem -24, more -14, option -18, answer -54, facts -79, keys -60
look num-lone+: out -12, passage -32, answer -24, facts -106, row -55, bank -13, lines -32, remark -12
look num-lone_ bracketed: out -22, stem 18, option 22
look num-lone_ bullet: out -31, stem 17, answer -24, facts -15, keys 20
look num-lone_ cue-answer: out -14, stem 36, more -59, option 48, answer -36, keys -21
look num-lone_ cue-level: out -30, answer 27, feedback -14, facts -36, keys -33
look num-lone_ field: out 23, stem -55, answer 15, feedback -23, facts -18, keys -32
look num-lone_ heading: out -72, stem 23, more 49, answer -49, facts -50, row -28, keys 36
look num-lone_ identity: out 52, stem -49, facts -14
look num-lone_ key-title: out -22, stem 38, more -12, option 23, answer -54, feedback -18, facts -18, row -22, bank -15, keys -30
look num-lone_ let-lone: out 42, stem -27, answer -36, feedback -16, keys -41
look num-lone_ let0: out -25, stem -87, option 36, answer 28, facts -30
look num-lone_ num-lone: out -16, stem 16, answer -66, facts -14
look num-lone_ num0: passage -20, stem -35, option -17, wrapped -21, answer -22, feedback -43, hint -17, facts -25, row 20, keys -60
look num-lone_ phrase: stem -53, facts -26, keys 28
look num-lone_ rom-lone: out -15, stem 37, more -20, answer -37, keys -34
look num-lone_ section: out -19, stem -30, more -24, answer 20, feedback -15, facts -22, keys 33
look num-lone_ sentence: passage -13, answer -59, facts -15
look num-lone_ short: out 26, stem -26, option 12
look num-lone_ text: out 56, stem -62, more -20, answer -45, facts -21, keys -18
look num-lone_ word0: out 73, stem -103, more 16, option -26, facts 31, row -49, bank -16, keys -89
look num-lone_+: passage -15, more -21, option -18, wrapped -21, answer -14, feedback -135, hint -27, row 13, bank -44, lines -12, keys -23, remark -20
look num0: out -25, passage -76, stem 38, more -16, option -23, wrapped -86, answer -75, feedback -40, hint -54, facts -70, bank -53, lines -57, keys -26, remark -63
look num0 _asks: more -25
look num0 _box: out -52, stem -12, option 71, answer -14
look num0 _box box: out -43, option 68, answer -14
look num0 _bracketed: out -29, stem -15, more 14, answer -42, bank 15, keys 15
look num0 _bracketed num-lone: out -13, more -18, keys 15
look num0 _bullet: out -44, stem -41, option 35, remark -16
look num0 _bullet bullet: out -38, stem -42, option 34, remark -16
look num0 _capitals: out 42, more -20, option -28, answer -68, keys -27
look num0 _cells: out -13, passage -25, more -69, option 40, answer -63, facts -49, bank -41
look num0 _cue-answer: out -31, stem -17, option -36, bank -59
look num0 _cue-answer edge: answer 13, bank -17
look num0 _cue-answer num0: answer 52, keys -42
look num0 _cue-answer_ num0: answer 81, bank -42, keys -58
look num0 _cue-level: stem -32, more -16, keys -20
look num0 _cue-sample: out -25, stem -15, more -14, answer 20, feedback -19, facts -13, row -13
look num0 _field: out 61, stem -43, answer -46, row -18
look num0 _heading: out 24, stem 19, more -23, option -12, answer -24, facts -33, keys -14
look num0 _heading_ num0: out 44, keys -20
look num0 _key-title: out -14, more -18, keys 13
look num0 _key-title num-lone: keys 12
look num0 _let-lone: out 29, stem -38, more -17, option -40, answer -24, row -28, keys 29
look num0 _let-lone_ num0: out 40, option -42, answer -21, row -25, keys -13
look num0 _let0: out -19, stem -56, option 49, keys -34
look num0 _let0 let0: out -19, stem -56, option 49, keys -34
look num0 _let1-first: out -86, stem -39, more -17, option 21, answer -55, row 34, remark -25
look num0 _let1-first let1: out -82, stem -38, more -17, answer -40, row 36, remark -24
look num0 _num-lone: out -15, more -17, option -17, facts -30, row -36
look num0 _num0: out -95, passage -16, stem 90, more -49, answer -24, feedback -17, hint -17, facts -52, row -77, bank -19, lines -17, keys -90, remark -17
look num0 _num0 asks: stem 13
look num0 _num0 box: stem 36, option -36
look num0 _num0 bullet: out -16, stem 52, option -53
look num0 _num0 cue-answer: stem 22
look num0 _num0 edge: out -46, stem 50
look num0 _num0 let-lone: stem 16
look num0 _num0 let1-first: out -23, stem 18, more -13, option -46
look num0 _num0 num0: stem -18, option 39, row -41, keys -50
look num0 _num0 num1-first: stem 44, option -28
look num0 _num0 phrase: out -18, stem 40
look num0 _num0 short: stem 33
look num0 _num0-again: out 18, stem -74, row -29, keys 36
look num0 _num0-again num0-again: out 20, stem -56, row -27
look num0 _num0_ bullet: out -16, stem 24
look num0 _num0_ heading: out -36, stem 38, keys -17
look num0 _num0_ key-title: out -15, stem 22
look num0 _num0_ let1-first: out -13, stem 18
look num0 _num0_ num-lone: out -46, stem 52
look num0 _num0_ num0: out -99, stem 56, more -15, option -88, answer -18, facts -29, row -40, keys -22
look num0 _num0_ num0-again: out -60, stem 62
look num0 _num1-first: out -41, stem 29, row -28
look num0 _number: out -58, more -13, option 19, answer 53, keys -13
look num0 _phrase: out 57, stem -59, more -41, option 26, answer -79, feedback -42, row -15, keys -32
look num0 _rom-lone: out -21, stem 23, keys -13
look num0 _rule: out 15, more -33, answer -41
look num0 _section: out 27, stem -13, option -14, facts -21, keys -24
look num0 _section_ num0: out 13
look num0 _sentence: out 30, passage -43, stem -48, more 24, answer -55, feedback -46, keys -42
look num0 _short: passage -16, stem -89, more -49, feedback -42, facts -43, keys -61
look num0 _short short: out -26, stem -24, more -30, option 45, answer -36
look num0 _short-sentence: more -54, option -76, answer 20, feedback -39, hint -19, row -22, bank -15, keys -66, remark -52
look num0 _short_ num0: more -24, option -93, answer 29
look num0 _table-ticks: out -21, more -18, answer -15, row 19, keys -12
look num0 _table-ticks rule: out -38, row 30
look num0 _text: out 16, stem 15, option -14, answer -39
look num0 _truth: out -47, more -40, answer 48
look num0 _word-lone: out 51, stem -23, more -16, option -19, answer -20, facts -43, keys -22
look num0 arrow: out -29, stem 39, more -29, option 41, answer -18, keys -21
look num0 arrow_ num0: option -34, answer 37
look num0 asks: out -28, passage -26, stem -13, more 37, option -25, answer -14, facts -43, row -36, keys -34
look num0 asks bullet: stem -13, more 15
look num0 asks cue-answer: stem -34, more 35
look num0 asks let1-first: stem -16, more 16
look num0 asks_ num0: passage -17, stem -20, more 29
look num0 box: stem 80, more -35, option -49, answer 38
look num0 box box: more -27, option -39, answer 39
look num0 box ticked: out -23, option 29
look num0 bracketed: out 17, stem 55, more -55, option -20, answer -23, row -21, lines -17, keys -91
look num0 bracketed cue-answer: out 42, stem -17, more -46, answer -73, feedback -44, bank 39, keys -17
look num0 bracketed let1-first: out -14, more 45
look num0 bracketed_ num0: more -62, option -12, answer -17, feedback 34, bank 14, keys -27
look num0 bullet: out 18, stem 22, option -33, answer 13, facts -12, row -43, remark -29
look num0 bullet bullet: out -60, stem -76, option 85, answer 23, row -28, remark -29
look num0 cells: passage -13, stem 14, more -13, answer 29, facts -76, row -26, bank -30, keys -78
look num0 cells cells: out -36, stem 31, more -63, option -34, answer -50, facts -38, row 59, keys -43
look num0 cells cue-answer: out -21, more -34, option 18, answer 42, row -25
look num0 cells let1-first: stem -30, more 31
look num0 cells num0: stem -51, more 45, option 50, answer -14
look num0 cells_ let1-first: stem -15, more 16
look num0 cells_ num0: out -29, stem -31, more 33, option -36, answer -38, row -28, keys -18
look num0 cue-answer: out -37, stem 34, more -40, answer 32, feedback -32, facts -57, row -27, bank -52
look num0 cue-answer cue-difficulty: option -49, answer -43, keys 44
look num0 cue-answer cue-points: option -22, answer 53, keys -41
look num0 cue-answer edge: more -42, option -64, answer -16, feedback -14, keys 23
look num0 cue-answer num0: option -21, answer 85, keys -62
look num0 cue-answer_ capitals: answer 19, keys -18
look num0 cue-answer_ heading: answer 16
look num0 cue-answer_ num0: option -24, answer 113, facts -21, bank -38, keys -13
look num0 cue-answer_ section: answer 32, keys -27
look num0 cue-difficulty: out -39, stem 49, more -19, answer -37, facts 24, row -37, keys -27
look num0 cue-feedback: out -31, stem 25, option -13, feedback 28, keys -15
look num0 cue-level: out -38, more -18, option 23, answer -40
look num0 cue-sample: out -41, stem 21, option -16, answer 17, feedback -23, facts -13, keys -14
look num0 cue-sample_ num0: out -15, answer 28, feedback -15
look num0 cue-wordBank: out -34, stem 23, more -22, option -26, wrapped -15, answer -20, facts -13, row -13, bank 27
look num0 edge: out -16, stem 19, more -25, wrapped -14, answer -31, row -59
look num0 field: out -108, passage -58, more 36, option -42, answer 48, feedback 32, facts -80, row -65, lines -20, keys -23
look num0 gap: out 26, answer -50, facts -17, row -16, keys -16
look num0 gap cue-wordBank: out -22, stem -17, more 45, answer -25
look num0 gap_ cue-answer: stem -51, more 52
look num0 gap_ num0: out -22, stem -47, more 47, answer -46
look num0 heading: option 37, answer -27, feedback -32, facts -44, row -25, keys -22
look num0 let-lone: out -59, option -21, answer -22, feedback 16, facts -57, row 33, bank -23
look num0 let-lone cue-answer: out -13, stem -74, more 23, option 16, answer -64, row -24, keys 48
look num0 let-lone edge: out 34, stem -36, option -46, answer 32, row -33, bank -15, keys -59
look num0 let-lone let-lone: more -32, row 36
look num0 let-lone num0: stem -26, more -35, answer 39, row -32, keys -19
look num0 let-lone_ num0: out -44, stem -23, option 16, row -33
look num0 let0: stem 16, more -46, option 19, answer -35, row -27, keys -31
look num0 let0 let0: stem -16, row -14
look num0 let1-first: out 18, passage -25, more -19, wrapped -24, answer -24, feedback -29, hint -29, facts -33, row -43, bank -29, lines -29, keys -95, remark -43
look num0 let1-first let1: passage -14, stem -116, more -97, option 13, answer -12, feedback -17, hint -17, facts -20, row -29, bank -18, lines -18, keys -92, remark -36
look num0 letter: out -17, stem 47, option -47
look num0 num-lone: out -30, stem -24, more 25, feedback -30, facts -34, row -21, lines -44, keys -65
look num0 num-lone cue-answer: out -19, stem 14, more 19, option 21, answer -19
look num0 num-lone let1-first: stem -17, more 22
look num0 num-lone_ num0: out -47, stem -12, more 28, answer -15, facts -29, row -49, keys -34
look num0 num0: out 45, passage -55, stem -25, more -81, wrapped -27, answer -138, feedback -129, hint -21, facts -150, row 17, bank -42, lines -27, keys 25, remark -29
look num0 num0 asks: stem 53, more -50
look num0 num0 box: stem 32, more -16
look num0 num0 cue-answer: out -43, more -15, option 29, answer -18, row -17, keys -41
look num0 num0 edge: out -57, stem 35, more -21, answer -30, feedback -74, row -55, keys -13
look num0 num0 let-lone: out -42, stem -23, option -76, row 40, keys -15
look num0 num0 let1-first: out 36, stem -19, more -72, option -63
look num0 num0 num-lone: out -59, stem -42, more 35, option -12, row 19, keys -20
look num0 num0 num0: out -24, stem 20, more -98, option -23, row -26, keys 20
look num0 num0 rule: stem 19, more -32, option -23, row -46, keys -22
look num0 num0 short: out -30, stem -20, more -47, option 45, keys 27
look num0 num0-again: more 24, option 17, answer -18, facts -38, row -29, keys -45
look num0 num0-again num0-again: out -50, stem -125, more -36, option 38, row -22, keys -15
look num0 num0_ cue-answer: out -43, stem -13, more -55, option -46, row 49
look num0 num0_ heading: out -48, stem 19, more -18, option -40, row 28
look num0 num0_ let-lone: out -20, stem -24, row 20, keys -23
look num0 num0_ let0: out -35, stem -44, more -13, option 36, row -43, keys -14
look num0 num0_ num-lone: out -67, stem -25, more -13, option -37, row 20, keys 33
look num0 num0_ num0: out 67, stem -65, keys -47
look num0 num0_ section: out -73, stem 60, more -35, option -34, answer -19, row -28, keys -62
look num0 num0_ short: out 45, more -45, option -88, feedback -20, row -59, keys -18
look num0 num0_ word-lone: out -64, stem 68, more -16
look num0 num1-first: out -83, stem 26, answer -14, facts -14, keys -45, remark -26
look num0 num1-first num1: out -13, stem -48, more -27, option 13, answer -13, keys -43, remark -18
look num0 number: out -33, stem 55, more 17, option -24, row -14, keys -37
look num0 number number: more -15, option 54, answer -52
look num0 number_ num0: out -54, more 32, option -23
look num0 pair: out 34, stem -35, more 19, feedback -24, row -30, keys -34
look num0 phrase: out 17, more -19, wrapped -20, feedback -108, facts -16, row -56, keys 14
look num0 phrase box: stem -55, option 25, answer -28
look num0 phrase bullet: out -22, stem -17, more 47, option -50, answer -38
look num0 phrase cue-answer: stem -53, more 69
look num0 phrase let-lone: more 17
look num0 phrase let1-first: stem -68, more 22, option -27
look num0 phrase phrase: out -57, stem -37, option 16, answer -27
look num0 phrase rule: out -45, stem -29, more 44, option -14, answer -16
look num0 phrase short: out -50, stem -23, more 47, option -42, wrapped -13, answer -17
look num0 phrase_ let1-first: more 16
look num0 phrase_ num0: out -87, more 31, option -67, answer -15, feedback -86
look num0 rom1-first: out -59, stem 25, more 22, option -33, row 27, keys -26
look num0 rom1-first rom1: stem -53, more 23, option -32, row 28, keys -22
look num0 rule: stem -13, option -55, answer -68, feedback -43, row -47, lines 21, keys -31
look num0 rule rule: more -49, lines 53
look num0 sentence: out -82, passage -13, stem -17, more 33, option -64, answer 31, feedback -87, facts -14, keys 14
look num0 short: out -68, passage -16, stem 48, more 26, option -43, wrapped -31, feedback -30, facts -56, row -62, keys 26, remark -17
look num0 short box: more 18, option 16, wrapped -16
look num0 short bullet: stem -18, option 69, answer -71
look num0 short cue-answer: more 19, option -38, answer -17
look num0 short gap: more 28, option -21, answer -30
look num0 short let1-first: more 58, option -54, answer -19
look num0 short num0: out -83, stem -64, more -22, wrapped -17, answer 27, feedback -74, facts -17
look num0 short phrase: out -57, stem -80, more -47, answer -66, feedback -28, facts -56, keys 47
look num0 short short: out 47, stem -48, more -112, option 13, answer -106, feedback -20, keys -29
look num0 short-sentence: out -12, passage -12, stem 12, more 23, option 20, wrapped -18, answer -111, hint -29, row -59, keys -70, remark -26
look num0 short_ cue-answer: more 25, answer -14
look num0 short_ let1-first: out -29, stem -20, more 59, answer -39
look num0 short_ num0: out -67, stem -15, more -14, option -52, answer 39
look num0 table-pairs: out -36, stem 16, row 28
look num0 table-pairs table-pairs: out -47, row 28
look num0 table-ticks: out -70, stem 30, more -22, option -16, row 34
look num0 table-ticks rule: out -62, more -16, option -16, row 73
look num0 table-ticks table-ticks: out -13, row 32
look num0 text: out -26, passage -22, stem -17, more 21, option -77, answer 20, feedback -39, facts -24, row -29
look num0 text asks: stem -18, more 19
look num0 text short: stem -24, more 55, option -28, answer -53, feedback -27
look num0 text short-sentence: out -44, stem 13, more -17, option -54, answer 35, keys -14
look num0 text text: out -23, stem -44, answer -16, keys 16
look num0 ticked: out -46, more -21, option 29
look num0 truth: stem 18, more 16, option -21, answer -21, row -21, keys -22
look num0 truth_ num0: out -60, more 17, answer 30
look num0+: out -15, passage -52, stem 16, wrapped -45, answer -91, hint -27, facts -101, bank -28, lines -33, keys -23, remark -33
look num0-again: out -30, passage -56, more -21, wrapped -36, answer -87, feedback -33, hint -53, facts -82, bank -54, lines -55, remark -52
look num0-again _capitals: option -16, answer -29, keys 23
look num0-again _cue-answer: out 16, option -18, row -14, bank -19
look num0-again _heading: out 16, facts -44
look num0-again _num0: out -34, stem 37
look num0-again _num0-again: out -67, stem 82, option -49, feedback -16, row -41, keys -72
look num0-again _section: out 23, stem -15
look num0-again _short: stem -33, option -39, answer 26, facts -43, keys -19
look num0-again cells: out -23, stem 17, more 39, option -13, facts -20, row -32, keys -25
look num0-again cue-answer: out -83, stem -18, more -33, answer 24, row 17, keys -24
look num0-again cue-answer_ num0-again: option -16, answer 34
look num0-again edge: out -13, option -42, answer -15, feedback 12, row -79, keys 20
look num0-again let-lone: out -56, stem -42, more -28, option -12, wrapped -15, answer 20, row 52, keys -34
look num0-again let1-first: out -61, stem 38, more -16, option -27, answer 16, facts -17, row -67
look num0-again let1-first let1: out -42, stem -55, more -12, answer 16, facts -17, row -67
look num0-again num-lone: out -76, stem 44, more 51, option -46, answer -21, row -24
look num0-again num0: out -43, stem -14, more 46, answer -22, facts -15, row -14, keys -18
look num0-again num0-again: out 20, passage -45, stem -29, more -79, option 14, wrapped -28, answer -50, feedback -57, hint -45, facts -51, bank -46, lines -45, remark -45
look num0-again num0-again cue-answer: out -45, stem -44, more -17, row 19
look num0-again num0-again edge: out 17, option -42, answer -14, feedback -32, row -74
look num0-again num0-again let-lone: out -63, stem -20, option -48, row 39, keys -22
look num0-again num0-again num-lone: out -28, stem -23, option -44, row -24, keys 28
look num0-again num0-again num0-again: passage -20, more -24, answer -23, feedback -23, hint -23, facts -24, row -14, bank -24, lines -23, remark -23
look num0-again num0-again phrase: stem -18, keys 25
look num0-again num0-again short: out 46, stem -58, row -30
look num0-again num0-again_ short: out 15, stem 36, row -27, keys -36
look num0-again phrase: out -17, stem -21, more 20, answer -23, feedback -54, keys 43
look num0-again sentence: out -33, stem -35, more -30, option 54, answer -46, feedback -35, row -23, keys -21
look num0-again short: out 73, passage -20, stem -43, more -17, option -36, wrapped -19, answer -57, feedback -54, row -32
look num0-again short-sentence: out -74, stem -17, option -53, answer -67, feedback -48, row -37, keys 39, remark -27
look num0-again text: stem -21, more 15, answer -20, feedback -16, row -17, keys 16
look num0-again+: passage -34, more -20, wrapped -20, answer -43, feedback -12, hint -33, facts -54, bank -33, lines -33, remark -33
look num0-again_ capitals: out -52, option 30, row -14, keys -19
look num0-again_ cue-answer: out -64, stem 72, option -47, row -14, keys 29
look num0-again_ heading: out 24, stem 26, more -34, option -17, row -39, keys -52
look num0-again_ num0: out 47, stem -69, option 43, feedback -16, facts -32, row -14, keys -67
look num0-again_ num0-again: out -47, stem 36, more 14, option -13, feedback -13, row -17, keys -28
look num0-again_ section: out -50, option -26, feedback -34, row -48, keys 22
look num0-again_ short: stem 48, option -21, feedback -36, row -28, keys -36
look num0-again_+: out -39, stem 26, answer -46, feedback -61, facts -45, row -31
look num0_ asks: out 55, stem -51, more -15, option -17, keys -40
look num0_ box: out -48, stem 57
look num0_ bracketed: stem 17, row -32
look num0_ bullet: out -13, stem 35, more -40, option 13, answer -13, row -44, keys -14
look num0_ capitals: out -61, stem 37, option -15, answer -18, feedback -19, row -42, keys 13
look num0_ cells: stem -28, more -22, option 39, facts -15, row -43, keys 16
look num0_ cue-answer: out -89, stem 25, more -56, option -61, answer -25, facts -25, row 49
look num0_ cue-level: out 36, stem -57, option -36, answer -30, facts 14, row -74, keys -37
look num0_ cue-sample: out -48, stem 48
look num0_ field: option -30, feedback -14, facts -24
look num0_ heading: out -73, stem 53, more -18, option -40, facts -19, row 27
look num0_ key-title: out -38, stem 25, more -46, option -27
look num0_ let-lone: out -61, more -36, facts -15, row 20, keys -29
look num0_ let0: out -50, more -24, option 34, facts -31, row -44, keys -14
look num0_ let1-first: out -122, stem -36, more -24, option 74, row -54
look num0_ num-lone: out 29, stem -60, more -13, option -37, facts -19, row 20, keys 29
look num0_ num0: out -92, passage -32, stem 79, more -47, option 13, feedback -69, hint -25, facts -57, row -18, bank -20, lines -17, keys -68, remark -23
look num0_ num0-again: out -34, stem 39, option -26, keys -34
look num0_ num1-first: out 80, passage -13, stem -88, option -39, facts -27, row -31, keys -31
look num0_ number: out -16, stem 17
look num0_ phrase: out -75, stem 63, more -38, option -40, row -32, keys -32
look num0_ rom-lone: out 24, stem -53, keys 46
look num0_ rule: out -64, stem 70, option -20, answer -14, feedback -13, keys -30
look num0_ section: out -114, stem 47, more -36, option -35, answer -39, feedback -35, facts -41, row -29, keys 18
look num0_ sentence: out -57, stem 20, more 16, option -51, answer -32, keys -31
look num0_ short: out 18, stem 13, more -47, option -90, answer -15, feedback -20, facts -15, row -60, keys -18
look num0_ short-sentence: stem -41, option -69, answer -20, keys 28
look num0_ text: out 31, stem -54, more -21, row -14
look num0_ truth: out -13, stem 13
look num0_ word-lone: out 31, stem 17, more -16, facts -25, keys -36
look num0_+: passage -45, stem 18, more -68, option -30, wrapped -27, answer -35, feedback -108, hint -30, facts -26, row -28, bank -30, lines -28, keys -22, remark -35
look num1: out -51, passage -53, stem 16, more -111, wrapped -85, answer -46, feedback -38, hint -54, facts -100, bank -54, lines -50, keys -42, remark -74
look num1 _cue-answer: stem -16, answer 41, bank -27, keys -31
look num1 _heading: out 59, stem -18, answer -19, facts -19, keys -27
look num1 _let0: out 42, stem -33, option -76, row -45, remark -13
look num1 _let1-first: out -56, stem -45, option 80, answer -59, row -41
look num1 _let1-first let1: out -56, stem -45, option 80, answer -59, row -41
look num1 _num0: out 13, stem 43, option -72, answer -16, facts -34, keys -28
look num1 _num0 num1-first: out -27, stem 28, option -18
look num1 _num0_ num0: out 40, option -47, answer -15, facts -17, keys -16
look num1 _num1: out 15, option -43, answer -20, row -34, keys -21
look num1 _rom0: stem 22, more -18, option -14, answer -13, facts -24, row -23
look num1 _rom0_ num1-first: out -14, stem 18
look num1 _section: out 14
look num1 _short: out 75, stem -61, more -21, option 52, answer -86, facts -29, keys -42
look num1 _word0: stem -28, answer -34
look num1 asks: passage -18, stem 41, more 20, option -19, row -42
look num1 asks cue-answer: stem -16, more 16
look num1 box: out -20, stem 71, more -12, option -60, answer -18, row -22
look num1 box box: out -18, more -12, option 35, answer -13
look num1 cue-answer: out -36, stem -56, option 15, answer 51, bank -17, keys -41
look num1 cue-answer edge: option -23, answer 61, keys -52
look num1 cue-answer_ num0: answer 21, bank -16
look num1 cue-answer_ word0: option -15, answer 18
look num1 cue-difficulty: out -25, more -20, answer -35, feedback -34, facts 31, row -18, keys -27
look num1 let-lone: out -62, passage -14, stem -26, more -54, answer -72, row 56, keys -53
look num1 let0: out -34, stem 42, option -56, wrapped -26, answer -48, feedback -31, facts -32, row 43, keys -36
look num1 let2-first: stem 37, more -35, option -18, wrapped -54, facts -35, row -16, keys -36
look num1 let2-first let2: stem -28, more -35, wrapped -32, facts -30, row -22, keys -35
look num1 num0: out -50, stem -37, more -33, option 39, answer -50, feedback -56, hint -18, keys -31, remark -23
look num1 num1: out -84, passage -25, stem -17, more -60, hint -16, facts -47, bank -22, lines -16, remark -49
look num1 num1 cue-answer: stem -91, option 26, answer -24, row -20
look num1 num1 let-lone: stem -15, option -24, row 28
look num1 num1 let0: stem -84, feedback -17, facts -31, row 13, keys -19
look num1 num1 num0: out -25, stem -34, option 20, answer -21, feedback -27, keys -26
look num1 num1 num1: out -14, answer -63, feedback -45, row -55, keys 45, remark -13
look num1 num1 short: out -26, more -21, option -62, feedback 41, row -23, keys -34
look num1 num1_ cue-answer: stem -58, option 22, row -18
look num1 num1_ heading: out -23, stem -58, option -38, answer 33, row 37, keys -38
look num1 num1_ let0: stem 26, option -23, answer -25, row -14
look num1 num1_ let1-first: stem -26, option 50, answer -18, row -44
look num1 num1_ num0: out -19, stem -74, option -17, answer -28, feedback -25, facts -12, row 28, keys -18, remark -19
look num1 num1_ rom0: stem 39, option -19, answer -43, feedback -45, row -31, keys -15
look num1 num1_ word0: out -27, more -14, answer 23, feedback -49, row -32, keys -30
look num1 short: out 19, stem 14, more 24, option -62, wrapped -69, answer 23, feedback 33, facts -18, row -25, keys -36
look num1 text: passage -33, more -56, option 26, answer -16, feedback -52, facts -16, keys -38
look num1+: out -29, passage -18, more -57, wrapped -42, answer -141, hint -20, facts -51, bank -20, lines -22, remark -32
look num1-first: out -51, passage -34, more -103, option 12, wrapped -27, answer -81, feedback -64, hint -37, facts -71, row 20, bank -46, lines -42, keys -41, remark -54
look num1-first _num1: out -37, stem 55, option -22, row -32
look num1-first box: out -16, stem 36, option -34, row -16
look num1-first cue-answer: out -20, stem 39, option -41, answer 50, keys -23
look num1-first let-lone: stem 18
look num1-first let2-first: stem 32, more -22, option -25, answer -52, facts -21, row -25, keys -25
look num1-first let2-first let2: out 21, more -20, answer -50, keys -23
look num1-first num1: out -16, passage -16, stem -34, more -75, option 16, wrapped -20, answer -95, feedback -78, hint -24, facts -39, row 19, bank -27, lines -25, keys -17, remark -42
look num1-first num1 cue-answer: stem -51, option -26, row 33
look num1-first num1 num1: out -16, more -17, feedback -44, facts -13, remark -20
look num1-first+: out -42, passage -16, stem -14, more -70, option 18, wrapped -16, answer -45, feedback -36, hint -21, facts -46, bank -27, lines -25, remark -34
look num1-first_ num1: out -90, passage -15, stem 94, option -57, facts -20, row -39, keys -34
look num1-first_+: passage -15, stem 93, option -59, answer -26, feedback -19, facts -32, row -40, keys -44
look num1_ cue-answer: stem -50, option 23, row -19
look num1_ heading: out -38, stem -43, option -38, answer 33, row 37, keys -38
look num1_ let0: out -14, stem 27, option -23, answer -25, row -14
look num1_ let1-first: stem -34, option 52, answer -19, row -45
look num1_ num0: out -34, answer -49, feedback -30, facts -26, keys -22, remark -20
look num1_ num1: out 33, stem -17, option -42, answer -38, feedback -29, row -32, keys -21
look num1_ rom0: out -72, stem 58, more -15, option -31, answer -39, feedback -51, row -37, keys -30, remark -15
look num1_ section: out -26, stem -47, option -34, answer -50, feedback -34, row 26, keys 35
look num1_ short: out -53, stem 34, answer -38, row -28
look num1_ word0: out -53, more -15, feedback -57, row -39, keys -31
look num1_+: out -29, passage -22, stem 23, more -35, answer -13, feedback -75, hint -19, facts -45, row -15, bank -21, lines -15, keys -46, remark -29
look num2: out -62, more -57, option 27, answer -91, feedback -50, facts -95, keys -43
look num2 num2: out -43, more -36, option 29, answer -63, feedback -32, facts -66, keys -29
look num2 num2 num2: stem -15, option 29, answer -15, facts -17, row -19
look num2+: out -39, more -35, option 13, answer -51, feedback -30, facts -54, keys -23
look num2-first: out -13, stem -38, more -54, option 19, answer -41, feedback -42, hint -20, facts -28, bank -27, remark -16
look num2-first num2: out -13, stem -53, more -37, option 13, answer -40, feedback -29, facts -33, row 15, bank -16, keys -15, remark -13
look num2-first num2 num2: stem -17, answer -22, facts -26
look num2-first+: out -12, stem -38, more -36, answer -27, feedback -27, facts -16, row 13, bank -16
look number: out -33, passage -57, stem -74, option -13, answer 37, feedback -73, hint -15, facts -87, row -40, bank -24, lines -38, keys -32, remark -50
look number _num0: option -23
look number _num0 let1-first: out -41, stem 43
look number cue-difficulty: out -59, more -45, option -33, answer 42, keys -62
look number edge: out -42, more -21, option -30, keys 14
look number num0: out -32, stem 43, more -46, option 15, row -14, keys -31
look number number: out -40, passage -14, stem -22, more -44, option 67, answer -134, facts -13, row -38, keys -43
look number number number: out -19, option 19, answer -17, row -17, keys -18
look number short: out -42, stem -56, wrapped -29, feedback 19, facts -40, row -16, keys -66
look number+: out -23, passage -31, stem -37, more -110, answer 17, facts -51, row -28, lines -20, keys 14
look number_ num0: out 30, more 58, option -38, answer -37, feedback -50, hint -14, facts -32, keys -34, remark -48
look number_+: passage -15, stem -29, more 14, option -38, feedback -54, hint -14, facts -38, bank -19, keys -110, remark -48
look pair: out 19, stem -20, more 43, option -47, wrapped -20, answer -160, feedback -19, hint -47, facts -73, bank -35, lines -40, keys -20, remark -41
look pair _asks: more -54
look pair _bullet: out -81, more -13, option 22, answer -19, facts -18, row -18
look pair _capitals: out 33, keys -21
look pair _heading: out 19
look pair _let-lone: out -15, stem 25, option -13, row -24
look pair _num0: out 14, stem -12
look pair _num0 let1-first: out -18, stem 18
look pair _section: out 29, more -18, facts -18, keys -18
look pair _sentence: out 34, stem -29, more -18, feedback -20
look pair _short: out 69, passage -40, stem -69, answer -39, feedback -16, facts -15, keys -16, remark -18
look pair _word0: out -51, facts 21
look pair _word0 let1-first: out -35, facts 20
look pair colon: out -13, stem -58, more 28, row -19
look pair colon pair: stem -45, more 18
look pair edge: passage -62, more -13, answer -34, feedback -24, bank -35
look pair field: out -31, passage -57, stem 15, more -42, option -21, answer -38, feedback -21, facts -41, bank -15, keys 27
look pair heading: out 44, passage -25, stem -23, facts -18, keys -13
look pair num-lone: out 18, stem 15, more -48, option -35, answer -24, facts 39, row -14, bank -15, keys -59
look pair num0: passage 27, answer -13, feedback -25, facts -34, row -44, keys -58
look pair pair: out -48, passage -47, stem 19, more -121, option -39, answer -33, feedback -70, facts -41, lines -14
look pair pair edge: out -47, stem -34, more -18, feedback -48, row 29
look pair pair pair: out -53, stem 27, more -104, option -19, facts -18, keys -21
look pair phrase: out -32, stem -56, more -18, answer -19, feedback 50, keys 19
look pair rule: out 20, passage -23, stem -14, more -19, row -13, keys -37
look pair sentence: out -28, passage -36, stem -75, more 75, option -44, answer -46, feedback -41, facts -29, row -18, keys -52
look pair short: out 18, passage -43, stem -30, more 14, option -17, answer -42, feedback 33, facts -21, row -17, keys -68
look pair text: out 25, stem -78, more 48, answer -21, feedback -57, row -17
look pair word0: out 35, passage -22, stem -36, more -14, feedback -44
look pair+: out 17, stem -38, more 39, option -31, answer -84, feedback -20, facts -44, bank -20, lines -16
look pair_ asks: out -27, stem 14, more -37, answer -17, feedback 12, facts -20, row -15
look pair_ bullet: out 29, stem -34, more 13
look pair_ capitals: out -42, stem 36
look pair_ heading: passage -19, stem 21, more -21, feedback -19, keys -69
look pair_ identity: out 59, passage -37, stem -32, keys -23
look pair_ let-lone: out 71, passage -17, stem -70, feedback -32, row -31, keys -41
look pair_ num0: out -12, passage 41, stem -126, more -40, answer -15, feedback -37, row -59, bank -22, keys -68
look pair_ section: out -35, stem -25, more -23, answer -27, feedback -57, row -53, keys 45
look pair_ sentence: out -18, passage -47, stem 38, answer -19, feedback -49, row -25, keys -55
look pair_ short: out 46, passage -25, stem -49, more -25, feedback -24, keys -25
look pair_ word0: out 66, passage -40, stem -58
look pair_+: passage 27, stem 20, more -54, option -12, answer -82, hint -31, facts -38, row -97, bank -36, keys -27, remark -18
look phrase: passage -17, stem -31, wrapped 27, answer -40, hint -81, facts -88, row -50, bank -108, lines -63, keys -58, remark -66
look phrase _box: out -15, option 14
look phrase _box box: out -15, option 14
look phrase _bullet: out -33, stem -55, option 53, remark -26
look phrase _bullet bullet: out -33, stem -55, option 53, remark -26
look phrase _capitals: out 55, option -27, answer -52, keys -13
look phrase _cells: stem 14, keys -39
look phrase _cue-answer: option -19, answer 61, keys -40
look phrase _field: out -22, passage -38, stem 32, answer -13, facts -45
look phrase _heading: out 44, facts -33, keys -35
look phrase _let-lone: out 34, stem -38, keys -21
look phrase _let0: out -42, stem 37, answer -18, keys -49
look phrase _let0 let0: stem -18, option 18
look phrase _let1-first: out -31, option 22
look phrase _let1-first let1: out -31, option 22
look phrase _num0: out -56, option -44, facts -12, row -27, keys 31
look phrase _num0 cue-answer: out -13, stem 13
look phrase _num0 let1-first: out -35, stem 35
look phrase _num0 num0: out -19, stem -18, option -27, facts -12, row -26, keys 31
look phrase _num0 short: out -23, stem 27
look phrase _num0_ num0: out -47, stem 50, option -12
look phrase _num1: out -28, stem 29
look phrase _phrase: out -13, passage 41, stem -54, more -45, option -20, feedback -66, facts -19, keys -26
look phrase _phrase_ phrase: passage 18, stem -42
look phrase _rom-lone: out 38, keys -27
look phrase _rom0: stem 25
look phrase _section: out 31, stem -17, facts -24
look phrase _section num0: out 37, facts -24
look phrase _sentence: out 15, stem -78, answer -39, feedback 23, keys -18
look phrase _short: out 33, passage -48, stem 27, option -38, answer -87, feedback -16, facts -40, keys -28
look phrase _short-sentence: out -40, passage 71, stem -12, option -16, answer -57, feedback -27, facts -14, keys -57
look phrase _short-sentence phrase: out -19, passage 19, stem -18
look phrase _text: out 40, passage -68, stem -29, more -43, option -30, answer -56, feedback -18, keys -29
look phrase _word0: stem -18, answer -30, bank -12
look phrase _word0 asks: facts 16
look phrase _word0 short: out -17, stem 50, facts -44
look phrase arrow: out -30, stem -62, more 70, option -67, answer 20
look phrase asks: out -17, passage -40, stem -20, more 47, answer -67, facts -30, row -27
look phrase box: out -49, option 46, wrapped -33, answer -61, feedback -53
look phrase box box: option 13
look phrase bracketed: stem -22, more -15, answer -38, feedback -27, bank 22, keys 29
look phrase bullet: out -76, passage -24, more 32, option -18, wrapped 37, feedback -73, facts -20, row -32, remark -25
look phrase bullet bullet: out -42, more -19, option 20, answer -20, row -29
look phrase cells: out -71, passage -34, stem 17, more -20, option -58, answer -83, feedback 40, facts -40, row 36, bank -47, lines -26
look phrase cells cells: stem -40, more -12, row 15
look phrase cells edge: out -43, passage -24, stem 28, feedback -21, row -64, keys 25
look phrase cue-answer: out -105, stem 57, more -49, option 14, wrapped 51, answer -13, feedback -20, row -52, bank -36, keys -66
look phrase cue-answer cue-difficulty: answer 17
look phrase cue-answer_ num0: option -43, answer 55
look phrase cue-difficulty: out -63, passage -26, stem -47, more -13, option -48, wrapped -36, answer 51, feedback -64, facts 38, row -27, keys -44
look phrase cue-feedback: out -73, stem -62, option -58, wrapped -28, answer 78, feedback 50, keys -46, remark -21
look phrase edge: out -15, passage -57, stem -20, more -14, option -86, wrapped -21, feedback 17, remark -13
look phrase field: passage -72, stem -80, more -46, answer -58, feedback 50, facts -65, row -15, keys -69
look phrase heading: stem -32, more -37, option 47, answer -57, feedback -41, facts -23, keys -31
look phrase identity: out 35, passage -16, stem -25
look phrase let-lone: stem 16, more 17, answer -49, feedback -29, keys -16
look phrase let0: out 34, passage 20, stem 15, more -25, option -17, wrapped -18, answer -21, feedback -76, facts -32, row -13, keys -43
look phrase let0 let0: stem -51, option 23, keys -16
look phrase let1-first: out -53, stem 44, more 38, option -66, wrapped -20, answer -28, feedback -23, facts -14, row -30
look phrase let1-first let1: out -43, stem -46, more -13, option 78, answer -13, row -13
look phrase num-lone: out -25, stem -15, more 18, option 20, answer -50, feedback -38
look phrase num0: out -23, passage -44, stem 17, more -46, option 32, feedback -98, facts -47, row -29, keys -13
look phrase num0 num0: out -57, stem -54, more -14, option 52
look phrase num0-again: out -91, more -30, answer -34, feedback 16, facts -14, row -17, keys 24
look phrase num0-again num0-again: stem -47, option 47
look phrase pair: out 58, stem -17, more -21, option -25, answer -59, feedback -48, facts -15, row -33, keys -46
look phrase phrase: stem -69, more -22, option 45, answer -66, feedback -46, facts -44, row -65, bank -14, keys 49
look phrase phrase edge: out -18, stem -52, more -51, option -57, answer -59, feedback -110, keys 43
look phrase phrase num0: out -41, passage -27, stem -22, more 15, wrapped 24, answer -54, feedback -34, keys -23
look phrase phrase phrase: out -16, passage -13, stem -46, more -26, option 40, wrapped -34, facts -17, row -20, keys -17
look phrase phrase short: out -16, stem 35, option -16, feedback -18
look phrase phrase short-sentence: out -46, passage 16, stem -16, more -22, wrapped -17, answer -26, keys -13
look phrase rule: stem -32, option -14, answer -21, feedback -38, lines 51
look phrase sentence: passage -14, stem -67, more -45, option -20, answer -56, feedback -76, facts -20, keys 53
look phrase short: out -51, passage -27, more 63, option 25, wrapped -78, answer -68, feedback -93, row -20
look phrase short phrase: out -19, more -44, option 22, facts -32
look phrase short short: out -28, stem -38, more 32, option -19, facts -25
look phrase short-sentence: out -39, passage 61, stem -89, more -64, option -19, wrapped -31, answer -13, hint -18, facts -20, row -22, keys -88, remark -21
look phrase short-sentence_ phrase: out -76, passage 19, stem -21, keys -33
look phrase text: out 38, passage -80, stem 18, more -28, option -33, wrapped -68, answer -40, feedback -108, facts -73, row -51, keys -69
look phrase text phrase: out -95, passage -13, stem 13, more -28, wrapped -21, answer 34, feedback -29, keys -21
look phrase text short: passage -36, stem -63, option 18, answer 48, feedback -37
look phrase word0: passage -49, stem -13, option 15, answer -83, feedback -50, facts -31, row -34, keys -12
look phrase+: passage -14, wrapped 15, answer -48, hint -29, facts -122, row -22, bank -47, lines -33, keys -28, remark -43
look phrase_ box: out -60, stem 41, more 16, option -29, answer -45, feedback -17
look phrase_ bullet: out -37, stem 36, more 40, option -65, answer -76, feedback -40, row -13
look phrase_ capitals: passage -30, stem -44, more -17, option -20, answer -64, feedback 50
look phrase_ cells: out -30, passage -13, stem 47, answer -51, feedback -39
look phrase_ cue-answer: out -34, passage -32, option 37, wrapped -21, answer -36
look phrase_ field: stem -75, more 15, answer 15, feedback -53, keys -33
look phrase_ heading: passage -31, stem -87, more 50, option -14, answer 20, feedback -46, facts -13, keys -31
look phrase_ identity: out 50, stem -26, feedback -35
look phrase_ let-lone: out 28, stem -53, option -32, answer 26, feedback -38, keys -39
look phrase_ let0: out 20, passage -32, stem -59, more 56, option -35, wrapped -33, answer -50, facts -16, keys -22
look phrase_ let1-first: out -55, stem 27, more -15, answer -13
look phrase_ num0: out -37, passage -91, stem -122, wrapped -25, answer 35, hint -16, facts -20, row -24, keys -21
look phrase_ num1: out 41, stem -43, option 38, answer -60, feedback -52
look phrase_ phrase: out -44, passage 46, more -23, option -21, answer -73, feedback -62, facts -15
look phrase_ rom-lone: out -36, stem 37, answer -38
look phrase_ rom0: out 45, passage -19, stem -35, answer -50, feedback -22
look phrase_ section: passage -54, more -31, option 53, wrapped -51, answer -74, feedback -59, keys -18
look phrase_ sentence: out -53, stem -77, more -40, option -33, answer 49, feedback -58, keys -27
look phrase_ short: out 48, passage -26, stem -72, more -25, option -44, feedback -49, keys -27
look phrase_ short-sentence: passage 49, stem -35, answer -47, feedback -36
look phrase_ text: passage -19, stem 29, option -64, answer 12, feedback -68, facts -14, keys -12
look phrase_ word0: out 28, passage -63, stem -25, more -34, option -33, wrapped -28, feedback -29, facts -16, row -21, keys -15
look phrase_+: stem -21, more -24, wrapped -24, hint -28, facts -30, row -59, bank -47, lines -17, keys -115
look rom-lone: out 24, passage -32, more -41, option -60, answer -60, feedback -55, facts -82, row -75, lines -22
look rom-lone _cue-level: out -17, facts 30
look rom-lone _field: out -25, passage -19, stem 30, facts -30
look rom-lone _identity: out 14
look rom-lone _let-lone: out -20, stem 23
look rom-lone _num-lone: out -69, stem 70, keys -23
look rom-lone _num0: out -21, stem 35, keys -28
look rom-lone _rom0: out -15, stem 15
look rom-lone _text: out -21, stem 24
look rom-lone _word-lone: out -16, stem -38, facts 20
look rom-lone _word-lone let-lone: out -12, stem -17, facts 13
look rom-lone _word0: out -32, facts 20
look rom-lone edge: stem -13, more -50, answer -19
look rom-lone field: out 77, passage -14, stem -48, answer -34, facts -55, row -16, keys -30
look rom-lone num0: stem 28, facts -13, row -20, keys -68
look rom-lone rom-lone: out -41, stem -24, more -12, answer -17, keys 50
look rom-lone short: more 24, option -30, answer -26, facts -37
look rom-lone+: more -21, option -19, answer -60, facts -68, row -36, keys 22
look rom-lone_ cue-level: out -19, stem 26, more -14, feedback -18, row -19
look rom-lone_ field: out 16, stem -25, keys 14
look rom-lone_ identity: out 28, stem -28
look rom-lone_ let-lone: out -15, stem 18
look rom-lone_ num-lone: out 40, stem -22
look rom-lone_ num0: out 72, stem -54, option -21, answer -37, keys -30
look rom-lone_ rom0: out 48, stem -42
look rom-lone_ text: out 49, stem -33, keys -32
look rom-lone_ word-lone: out 31, stem -37
look rom-lone_ word0: out 32
look rom-lone_+: out 37, passage -25, more -39, option -44, answer -40, feedback -31, facts -28, row -35, keys -39
look rom0: passage -43, stem 17, wrapped -21, answer -76, feedback -68, facts -52, row -59, bank -31, lines -27, keys 25, remark -37
look rom0 _cue-answer: answer 78, bank -22, keys -73
look rom0 _cue-answer_ rom0: answer 30, bank -22
look rom0 _let1-first: out -34, stem 15, answer -29, row -22, keys -14
look rom0 _let1-first let1: out -51, stem -30, option 50, answer -18, row -21
look rom0 _num1-first: out -69, stem 37, option -71, row -14, keys -27
look rom0 _rom0: out -81, stem 52, more -33, answer -15, keys -29
look rom0 _rom0_ rom0: out -62, stem 80, more -16, answer -12, keys -25
look rom0 asks: more 36, option -14, facts -21, row -12
look rom0 box: out -21, stem 35, more -64, option 24
look rom0 box box: out -20, stem -30, option 25
look rom0 bracketed: out -31, stem 25, option -16, answer -30, bank -17, keys -20
look rom0 bullet: stem 32, more -19, option 34, feedback -14
look rom0 bullet bullet: stem -25, more -19, option 53, feedback -14
look rom0 cells: out -33, stem -19, more 37, answer -14, row 34
look rom0 cells cells: stem -21, more -28, row 48
look rom0 cue-answer: out -20, more -28, option 16, answer 32, feedback -14, keys -33
look rom0 cue-answer edge: option -17, answer 48, keys -42
look rom0 cue-answer rom0: answer 31
look rom0 cue-answer_ rom0: option -20, answer 42
look rom0 edge: out -13, stem 24, answer -44, keys -78
look rom0 let1-first: out -52, stem 61, more -42, option 50, wrapped -32, answer -57, row -40, keys -18, remark -17
look rom0 let1-first let1: out -42, stem -45, more -17, option 56, wrapped -20, answer -53, row -39, keys -18
look rom0 num-lone: out -27, stem 28, more 17, option 29, answer -17, facts -21, row -20, keys -18
look rom0 num1-first: out 50, more -28, answer -15, feedback -13, facts -26, row -49, lines -12, keys -22
look rom0 num1-first num1: out -56, stem 21, more -21, row -42, keys -20
look rom0 phrase: out -22, stem 20, option -26, facts -15, row -13, bank -12
look rom0 phrase let1-first: stem -27, more 17, option -26
look rom0 rom0: out -40, stem -33, option 20, answer -35, feedback -15, facts -32, row -22, keys -36
look rom0 rom0 rom0: out -22
look rom0 short: out -59, stem 22, more 54, option -23, answer -69, facts -17
look rom0 short let1-first: more 18, option -19
look rom0 text: stem -51, more 53
look rom0+: out -18, passage -22, stem 38, wrapped -19, answer -59, feedback -24, facts -52, row -40, bank -17, lines -18, keys -56, remark -20
look rom0-again: out -55, passage -30, stem 31, more -31, option -97, answer -54, feedback -20, facts -50, row -28, bank -22, lines -18, keys 42, remark -51
look rom0-again rom0-again: out -33, passage -21, more -29, option -66, answer -38, facts -38, row -30, keys 51, remark -35
look rom0-again rom0-again rom0-again: out -25, stem -17, option -30, answer -19, facts -17, keys 35, remark -14
look rom0-again+: out -34, passage -19, stem 28, more -20, option -62, answer -37, feedback -13, facts -31, row -17, bank -12, keys 24, remark -30
look rom0_ cue-answer: out -16, stem 18
look rom0_ let1-first: out 38, stem -35, option -15, feedback -14, facts -23
look rom0_ num1-first: passage -20, stem -37, more -12, option -18, answer -18, facts -16, row -14, keys 41
look rom0_ rom0: out -76, stem 81, more -16, answer -45, keys -55
look rom0_+: passage -26, more -36, option -60, answer -44, feedback -36, facts -28, row -27, bank -20, keys 37, remark -21
look rom1: out -52, passage -42, stem -15, answer -52, feedback -48, facts -50, bank -18, lines -14, remark -36
look rom1 cue-answer: more -38, option 26, row -47, keys -15
look rom1 rom1: out -32, passage -19, stem -66, answer -35, feedback -26, facts -27, row -14, remark -28
look rom1+: out -30, answer -33, facts -23, row -17, remark -19
look rom1-first: out -74, passage -23, more -31, answer -43, feedback -32, facts -40, bank -32
look rom1-first rom1: out -32, stem -76, more -15, option 16, answer -27, feedback -16, facts -30, bank -14, remark -13
look rom1-first rom1 rom1: stem -38, keys -14
look rom1-first+: out -28, stem -63, more -23, option 18, answer -22, facts -24
look rom1_+: out -18, passage -28, stem 25, more -21, answer -15, feedback -22, facts -41
look rule: out 13, passage -71, stem -63, more -21, option -63, wrapped -38, answer -35, feedback -82, hint -35, facts -143, row -33, bank -45, lines 68, keys -101, remark -32
look rule _bracketed: out -29, answer -14, keys 25
look rule _bracketed num-lone: out -42, keys 42
look rule _bracketed num0: out -13, keys 13
look rule _capitals: out 63, answer -56, keys -23
look rule _chatter: out 15, answer -18, keys -12
look rule _cue-answer: answer 27, keys -24
look rule _cue-answer num0-again: answer -13, keys 12
look rule _cue-sample: out -19, stem -27, answer 37, facts -19, keys 14
look rule _field-kind: out -65, facts 66
look rule _field-kind field-stem: out -63, facts 64
look rule _heading: out 12, stem -29, facts -45
look rule _key-title: out -30, stem -16, facts -16, keys 35
look rule _let0: stem -30, option -25, keys 21
look rule _num-lone: out -37, stem -92, answer -19, keys 59
look rule _num-lone edge: out -32, stem -16, keys 32
look rule _num0: facts -36
look rule _num0 box: out -27, stem 27
look rule _num0 let1-first: out -50, stem 50
look rule _num0-again: out 33, stem -39
look rule _num0_ num0: out -14, stem 22
look rule _rule: stem -15, answer -20, lines 16, keys -21
look rule _section: out 96, stem -32, facts -54, keys -21
look rule _short: out 52, passage -42, stem -45, more -14, option -18, answer -56, feedback -15, facts -55, keys -29
look rule _text: out 27, passage -19, stem -19
look rule _word-lone: out -64, stem 48
look rule _word0: out -98, answer -23, facts 34
look rule _word0 let1-first: stem -21, facts 29
look rule cue-answer: out 38, more 23, answer -24, lines -28, keys 24
look rule cue-sample: out -37, stem -22, more -50, answer 44, facts -18, lines 54, keys -55
look rule cue-sample short: answer 12
look rule cue-sample short-sentence: stem -14, answer 19
look rule edge: out 52, answer -36, lines -27
look rule field-kind: option -19, answer -24, facts 49, lines -18
look rule field-kind field-stem: out -64, facts 60
look rule field-number: out 78, answer -25
look rule num0: out -26, stem 41, more -34, row -15, lines 37
look rule num0 num0: out -19, stem 19
look rule phrase: out -17, passage -40, stem -33, more 24, option -32, answer 31, facts -22, row -16, lines -48, keys 28
look rule rule: out -86, stem -14, more -95, lines 129
look rule rule_ num0: out -35, lines 40
look rule short: stem -38, option -45, answer 33, feedback -22, facts -60, row -12, keys -70
look rule table-ticks: more -20, lines -22
look rule table-ticks table-ticks: out -28, row 36
look rule word0: out -23, more 33, answer -20, lines -32
look rule+: out -30, passage -23, stem -55, more -13, option -37, wrapped -18, answer 27, feedback -15, hint -16, facts -85, row -16, bank -19, lines 30, keys -58, remark -13
look rule_ bracketed: out 76, answer -31
look rule_ capitals: out 32, option -17, answer -17
look rule_ chatter: answer -16, lines 16
look rule_ cue-answer: out 61, stem -63, more -12, option -18, answer -65, lines -34
look rule_ cue-sample: more -58, lines 47
look rule_ field-kind: out 50, option -15
look rule_ field-number: out 70, option -26, answer -15, lines -17
look rule_ field-stem: out 82, more -40, option -31, answer -29, lines -37
look rule_ heading: out 39, more -20, answer -24, lines 16
look rule_ key-title: out 60, stem -17, more -29, option -28, answer -44, row -17
look rule_ let0: out 22, more -36, answer -16, lines 16
look rule_ num-lone: answer -17, lines 19
look rule_ num0: out 20, stem -32, more 22, option -37, answer -28, keys -31
look rule_ num0-again: out 27
look rule_ rule: more -37, option -37, answer -13, lines 14
look rule_ section: out 32, more -38, answer -17, lines -16
look rule_ short: out 30, more -29, lines -30
look rule_ table-down: out 34
look rule_ word-lone: out 36
look rule_ word0: out -13, more 25, answer -23, lines -21
look rule_+: out 39, passage -25, stem -44, option -49, answer -144, feedback -37, facts -21, row -48, bank -13, lines 26, keys -41
look section: out 29, passage -44, stem -12, more -39, option -39, answer -57, feedback -48, hint -17, facts -42, row -23, bank -29, keys 21, remark -27
look section _asks: out -25, stem 26
look section _bullet: out -62, stem 39
look section _bullet_ bullet: out -31, stem 35
look section _cue-level: out -55, stem -25, facts 49
look section _cue-level num-lone: out -21, facts 30
look section _field-number: out -14, stem -15, facts 17, keys -17
look section _let-lone: out -37, stem 39
look section _let0: out -36, stem 36
look section _num-lone: out -28, stem 34, facts -27
look section _num0: out -34, row 31
look section _num0 cue-answer: out -14, stem 20
look section _num0 let-lone: out -35, stem 43
look section _num0 num0: out -86, stem -19, row 35
look section _num0-again: out -56, stem 67, option -15, keys -14
look section _num0_ num0: out -47, stem 49
look section _phrase: out 19, stem -17, answer -36
look section _rom-lone: stem 13
look section _rom0: out -27, stem 27
look section _sentence: passage -59, stem 14, feedback -24
look section _short: passage -71, stem 27, option -19, answer -65, feedback -31, facts -70, keys -21, remark -15
look section _short-sentence: out 52, passage -40, stem -40, answer -22, feedback -33, hint -13, keys -18
look section _text: out 22, stem -17, answer -32
look section _word-lone: out -43, stem -35, facts 42, keys -13
look section _word-lone let-lone: out -12, stem -16, facts 15
look section _word0: out 20, stem -22
look section _word0 asks: stem -85, facts 90
look section _word0-again: stem -31, facts 32
look section bullet: out -14, stem 19, option -28, answer -13, facts -23, remark -25
look section cells: out 33, stem -26, keys -14
look section cue-level: stem -37, option -21, facts 20, row -12, keys -21
look section edge: feedback -29
look section heading: out 31, facts -31
look section identity: out 22
look section num-lone: stem 15, answer -36, facts -19, keys -34
look section num0: out 14, stem 55, more -19, option -21, answer -23, feedback -13, facts -66, row -49, keys -63
look section num0 cue-answer: out -39, stem 52, keys -35
look section num0 let1-first: out -16, stem 17
look section num0 num0: out -72, stem 55, row -34, keys -13
look section num0-again: stem 39, option -12, facts -20, row -65, keys -44
look section pair: out 40, stem -35
look section phrase: out 48, stem -48, answer -26, feedback -27, facts -25, keys -38
look section section: out -67, stem -75, keys 78
look section sentence: out -31, passage -12, answer -25, feedback -25, facts 43, keys -29
look section text: out 32, passage -27, facts -46, keys -18
look section word0: out 45, stem 34, more -28, answer -17, facts -42, keys -19
look section+: out 25, passage -21, stem -73, more -27, option -21, answer -34, feedback -45, row -19
look section_ asks: out 46, stem -26, facts -17
look section_ bullet: out 55, stem -35, more -22
look section_ cells: out 22, stem -19
look section_ cue-level: out 43, stem -36
look section_ field-number: out 19, facts -19
look section_ let-lone: out 40, stem -19
look section_ let0: out 32, answer -26, facts -26
look section_ num-lone: out 19
look section_ num0: stem 27, answer -27, feedback -23, facts -27, keys -22
look section_ num0-again: out 31, keys -14
look section_ phrase: out 37, stem -29
look section_ rom-lone: out 22
look section_ rom0: out 26, stem -16
look section_ sentence: out 37, stem -33
look section_ short: out 37, feedback -19
look section_ short-sentence: out 38, answer -12, facts -15, keys -16
look section_ text: out 45, stem -24
look section_ word-lone: out 53, stem -22
look section_ word0: out 49, stem -44, more -18, answer -17, facts -20, remark -22
look section_ word0-again: out 22
look section_+: out 39, passage -22, more -70, option -15, answer -44, feedback -30, facts -57, bank -23, keys -86, remark -23
look sentence: out -14, passage 24, stem -45, option -13, wrapped -39, answer -25, feedback -20, hint -85, facts -86, row -55, bank -71, lines -67, keys -29, remark -23
look sentence _asks: passage -21, more -53
look sentence _bullet: out -26, stem 22
look sentence _capitals: out 42, answer -27, facts -16
look sentence _cells: out -17, passage -57, stem 40, more -25, option -37, answer -27, facts -35, row -27, bank -33, keys -33
look sentence _cue-answer: out -25, passage -16, answer 31, bank -43, keys 15
look sentence _field: out -42, passage -48, stem 46, feedback -14, facts -36, bank -12
look sentence _gap: out -18, passage -53, stem 47, more -40
look sentence _heading: out 61, passage -26, facts -78, keys 16
look sentence _let-lone: stem 22, more -16, option -14, answer -15
look sentence _let0: stem -20, option 16
look sentence _num0: passage -36, stem -28, facts -14, row 28, keys -60
look sentence _num0 let-lone: out -41, stem 42
look sentence _num0 let1-first: out -56, stem 57
look sentence _phrase: out 37, passage -45, stem -13, more -23, answer -47, facts -22
look sentence _rule: out 29
look sentence _section: out 65, stem -22
look sentence _section_ num0: out 16
look sentence _sentence: out 16, stem -65, more -14, answer -43, feedback -23, row -15, keys -47
look sentence _sentence_ num0: passage 14, stem -28, answer -17, feedback -22, row -15
look sentence _short: out 55, passage -69, stem -42, more -13, option -25, answer -67, facts -25, keys -26
look sentence _text: out 50, passage -13, stem -32, more -20, answer -23, keys -37
look sentence _word0: out -15, answer -33
look sentence _word0 asks: answer -12, facts 26
look sentence bullet: out -55, passage 32, stem -23, feedback -19
look sentence cells: out -20, stem 46, more -49, feedback -45, row 47, remark -23
look sentence chatter: out 54, stem -46, answer -21, keys -16
look sentence cue-answer: out -49, stem 48, answer -22, feedback -12, keys -16
look sentence cue-difficulty: out -44, passage -18, stem -30, answer -18, feedback 30, facts 38, keys -19, remark -26
look sentence cue-sample: out -30, stem 42, option -42, feedback -18, row -13, keys -13
look sentence edge: out 28, passage -29, stem -94, more -91, option -56, feedback -28, remark -27
look sentence field: stem -57, answer -33, feedback -27, facts -21, keys -19
look sentence heading: out 55, passage -29, stem -39
look sentence let-lone: out -17, passage -41, more 49, option 25, answer -41, feedback -40, row -43, keys -48
look sentence let0: out -29, passage -48, stem 31, more -46, answer -32, feedback 30, keys -26, remark -15
look sentence let0 let0: stem -64, option 43
look sentence let1-first: out -31, stem -12, more -28, option 41, feedback -23, row -28, remark -23
look sentence let1-first let1: out -18, stem -29, option 43, row -28, remark -18
look sentence num-lone: out -23, more 23, answer -36
look sentence num0: out -20, passage 41, stem -14, more -54, option -46, answer -69, feedback -16, facts -28, row 47, keys 17
look sentence phrase: out -41, passage -63, stem 35, more 42, option -34, answer -67, feedback -68, remark -23
look sentence rule: out -38, passage -13, stem 42, more -46, answer -13, feedback -51, lines 48
look sentence rule rule: more -16, lines 19
look sentence section: out 68, passage -40, stem -23, keys -20
look sentence sentence: out -27, passage 43, stem -35, more -23, answer -28, feedback -36, keys -28
look sentence sentence_ num0: out 21, passage -18, more -16, answer -16, feedback -22
look sentence short: out 15, passage -33, option -38, answer 14, feedback -46, facts -13, keys -51
look sentence short-sentence: out -35, passage 16, stem -83, more -34, option -39, answer 25, feedback 32, keys -27
look sentence short-sentence text: out -19, passage 19
look sentence word0: more -21, answer -44, feedback -33, facts 45, remark -14
look sentence+: passage 15, stem -31, option -71, wrapped -16, answer -25, feedback -23, hint -15, facts -50, row -23, bank -22, lines -25
look sentence_ asks: out -49, passage -42, stem 45, answer -14, feedback -57, keys -19, remark -14
look sentence_ bullet: out 43, passage -17, stem -57, answer -15
look sentence_ capitals: out 25, passage -30, stem -56, feedback -27, keys -39, remark -17
look sentence_ cells: out -13, passage -78, stem -70, more -45, answer 54, feedback -49
look sentence_ cue-answer: passage -20, stem -21, more 27, answer -25, feedback -30, keys -16
look sentence_ field: out -24, stem -75, answer -15, feedback 32
look sentence_ gap: out -82, passage 44, stem 70, answer -42, feedback -43, keys -35
look sentence_ heading: out -25, passage 40, stem -93, more 35, option -46, answer -18, feedback 16, keys -64
look sentence_ identity: out 46, passage -31, stem -34
look sentence_ let-lone: out 38, passage -47, stem -63, option -28, answer -20, feedback 22
look sentence_ let0: out 25, stem -41, more -53, answer -19, keys -18
look sentence_ num0: out -15, stem -81, more -26, option -67, answer -21, feedback 13, hint -28, row -21, bank -12, keys 29, remark -19
look sentence_ phrase: out 54, passage -33, stem -58, more -18, answer 19, feedback -46
look sentence_ rule: out 20, passage -14, stem 26, more -16, option -55, answer -56, feedback -50, keys -24, remark -27
look sentence_ section: out 25, passage -29, stem -15, more -33, keys -70
look sentence_ sentence: out 15, stem -89, answer -59, feedback -19, row -15, keys -58
look sentence_ short: out 69, passage -75, stem -46, more -31, answer -46, feedback -39, keys -31
look sentence_ text: out 18, stem -38, answer 37, feedback -29, keys -28
look sentence_ word0: out -45, passage 67, stem -61, more -27, option -18, answer -28, keys -34, remark -16
look sentence_+: stem -17, more -20, answer -39, feedback -30, hint -52, facts -40, row -36, bank -39, lines -31, keys -22, remark -51
look short: stem -26, more 29, wrapped 46, answer -18, feedback 15, hint -74, facts -55, row -87, bank -64, lines -92, keys -39, remark -15
look short _asks: more -16, answer -18, feedback -17, facts -17
look short _asks short: out -17, stem 17, facts -17
look short _box: stem -24
look short _box box: stem -24
look short _bracketed: out 40, stem -15, more -21, answer -51, feedback -32, bank -13, keys -17
look short _bullet: out 54, stem -51, option -17
look short _bullet bullet: out 66, stem -66
look short _capitals: option -46, answer 15, keys -30
look short _capitals_ num0: out 65, answer -60
look short _cells: out -36, stem 18, more -20, option -37, answer -13, facts -14, row -23, bank -15, keys 37, remark -13
look short _chatter: out 15
look short _cue-answer: stem -15, option -17, answer 30, bank -13
look short _cue-level: out 28, stem -31, answer -31, facts -25
look short _field: passage 29, stem -47, answer -13, facts -28
look short _field-number: facts 13
look short _field-stem: out -30, stem 32, answer -17, feedback -17, keys -14
look short _heading: out 35, facts -61, keys -17
look short _heading edge: out 15, keys -15
look short _let-lone: out -21, option 16, answer -55, keys -37
look short _let0: out 15, passage -33, stem -38, option 28, keys -24
look short _let0 let0: out -36, stem -51, option 53
look short _let1: stem 57, option -53
look short _let1-first: out 20, stem -43, answer -27, row -14, keys -29
look short _let1-first let1: out -42, stem -13, option 49
look short _num-lone: out 64, stem -18, option -13, answer -52, keys -51
look short _num0: option -70, facts -12, row -44, keys -13
look short _num0 let1-first: out -60, stem 63
look short _num0 num0: out 63, stem -61, option -37, row -22
look short _num0 phrase: out -48, stem 49
look short _num0 short: out -38, stem 42
look short _num0-again: out 41, stem -32, option -40, keys -19
look short _num0-again num0-again: out 46, stem -40, option -40, keys -18
look short _num0_ num0: out -46, stem 55, option -44, row -22
look short _num0_ short: out -55, stem 59
look short _pair: out -40, stem 35, answer -19, feedback -55, row -21, keys -64
look short _phrase: out -35, stem -13, more -44, option -43, wrapped -13, answer 31, feedback 32, facts -13, keys -14
look short _phrase phrase: out -27, passage 12, keys 17
look short _rom-lone: out 53, stem -42
look short _rom0: out -32, passage -13, stem 32, answer -23
look short _rule: out 45, keys -35
look short _section: out 57, stem -36
look short _section_ num0: out 25, stem -23
look short _sentence: out -49, passage 82, stem -33, more -55, answer -56, feedback -101, keys -31
look short _sentence sentence: out -14, passage 13
look short _sentence_ sentence: out -20, passage 21
look short _short: stem -65, option -30, answer 19, feedback -17, facts -67, row -13, keys -24
look short _short-sentence: passage -57, stem -59, more -21, option -23, answer 37, feedback -70, hint -37, keys -38, remark -64
look short _short_ num0: passage -20, option -17
look short _text: out -25, passage 59, more -31, option -33, answer -31, keys -18
look short _text short: out -50, passage 58, option -34
look short _text text: out -68, passage 59, stem -40
look short _word-lone: stem -17, answer -19, facts 34
look short _word0: out -61, option -15, answer -18, facts 44
look short _word0 asks: out -14, facts 15
look short _word0 let1-first: out -16, stem -29, facts 44
look short _word0 short-sentence: facts 17
look short _word0-again: out -24, stem 23, option -13, answer -24, feedback -16, bank -14
look short arrow: out -18, passage -13, stem -27, more 69, option -36, wrapped -16, answer 40, feedback -22
look short asks: more -42, answer -42, facts 20
look short box: stem -79, option 38, answer -102, facts -39, keys -29
look short box short: out -41, option 41
look short bracketed: passage -42, stem -97, more 36, option -24, wrapped -15, facts -43, bank -36, keys -21
look short bullet: passage -86, feedback -14, facts -109, row -27, keys -23, remark -25
look short bullet bullet: out 12, stem 58, option -73
look short bullet let0: out -19, stem 43, answer -25
look short bullet short: out -31, stem 30
look short capitals: out 13, passage -28, stem -21, more -51, option 47, answer -56, feedback -14, facts -35, keys -19
look short cells: out 24, passage -36, stem -48, more 31, answer -28, facts -13, row 43, keys -24
look short chatter: out 27, passage -13, stem -16, answer -67, feedback 18, keys -25
look short cue-answer: out -24, more 48, wrapped -23, feedback -33, facts -25, keys -69
look short cue-answer cue-difficulty: option -13, answer 16
look short cue-answer edge: option -66, answer 56, keys -45
look short cue-answer num0: option -31, answer -14, keys 28
look short cue-answer_ heading: option -36, answer 18
look short cue-answer_ num0: option -80, answer 84
look short cue-answer_ word0: option -18, answer 17
look short cue-difficulty: out -104, passage -34, stem -78, more 20, option 15, wrapped -17, answer -25, feedback 42, facts -32, row -23, keys -50
look short cue-sample: out -27, passage -18, stem 18, more 28, option -45, wrapped -38, feedback -25, keys -16
look short edge: out -25, passage -71, stem -135, more -27, answer 14, feedback 14, facts -117, keys -18
look short field: out 35, passage -64, stem -63, more 31, option -37, answer -54, facts -45, row -35, keys -40
look short field-kind: passage -33, stem -30, answer -46, facts 51, keys -29
look short field-option: more 45, option -44
look short gap: out 35, stem -31, more 32, option -25, answer -47, facts -50
look short gap gap: stem -33, more 35
look short heading: out 54, passage -38, stem -43, option -15, answer -79, facts -44, keys -25
look short identity: out 52, answer -31, facts -24
look short let-lone: out -15, passage 42, stem -31, more 26, option -27, answer -47, facts 13, row -27, keys -54
look short let0: out 49, passage 28, stem 15, more -41, option -37, wrapped 30, answer -39, feedback -42, row -39, keys -52
look short let0 let0: out 20, stem -61, option 42, row -12, keys -19
look short let1: out -59, passage -28, stem -32, more 25, option -18, wrapped 41, answer -59, facts 29, row -67, keys -41, remark -27
look short let1 let1: stem -30, option 48, row -24, remark -19
look short let1-first: out -80, more 30, option -51, wrapped -41, answer 24, feedback -20, facts 44, row -45, keys -18
look short let1-first let1: out -52, stem -62, more -20, answer 31, row -44, keys -17
look short let2-first: stem -27, more 33, wrapped -15
look short let2-first let2: option 14
look short num-lone: out -15, passage -13, stem -53, more -20, option -22, answer -62, feedback 49, facts -49, keys 15
look short num0: out -26, passage -36, stem 67, more -48, option -63, answer 17, feedback 19, facts -141, row 36, keys -49
look short num0 let1-first: stem 50, more -46, option -29
look short num0 num0: out -38, more -23, option -21, feedback -16, row 44, keys -29
look short num0 number: stem 41, option -33, row -13
look short num0 short: out -37, stem -33, option 39
look short num0-again: passage -20, stem 36, more -29, option -38, wrapped -24, answer 27, feedback -42, facts -22, row -18, keys -18
look short num0-again num0-again: out -51, stem 45, row -16, keys -32
look short num1-first: out -32, stem 25, more 31, answer -33, feedback -33, facts -28, row -68
look short num1-first num1: stem -44, option 71, row -66
look short number: out -42, stem 19, more 16, option 63, wrapped -29, answer -56, feedback -28, facts -19, keys -14
look short pair: out -19, passage -79, more 15, option -51, answer -19, feedback 31, facts -41, row -38, keys -63
look short phrase: out -27, passage 62, stem -65, more -45, option 29, wrapped -46, answer -72, facts -43, row -39, keys 31
look short phrase phrase: passage 12, stem -20, answer -15
look short phrase short: out -57, stem -73, more -46, option 72, answer -20, feedback -44
look short rom0: out -24, passage 19, more 20, answer -78, feedback -18, facts -49
look short rule: out -39, passage -32, stem -27, more 64, option -34, answer -77, feedback -38, facts 49, row -20, lines 22, keys -19
look short rule rule: more -18, lines 20
look short section: out 31, passage -24, stem -78, answer -30, feedback -41, facts -46, keys -49
look short sentence: out -29, passage 43, stem -115, option -63, answer -40, facts -86, keys -46, remark -27
look short short: out -45, passage -115, stem -88, more -72, option 99, wrapped -44, answer -80, feedback -128, hint -13, facts -53, row -22, remark -30
look short short cue-answer: out 44, stem -55, more -30, wrapped -22, answer -112
look short short edge: out -14, more -28, option 31, answer -120, feedback -48
look short short num0: out 20, passage -35, stem -51, option -34, wrapped -18, feedback -45, facts -48
look short short phrase: option 38, answer -13
look short short short: out -69, more -21, option 77, facts -26
look short short-sentence: out -20, passage -67, stem -54, more -37, option 46, wrapped -26, feedback 21, hint -51, facts -85, keys -57, remark -46
look short short_ asks: out -22, option -15, answer 26
look short short_ cue-answer: option 56, answer -49
look short short_ num0: out 45, passage -61, more -13, option 60, wrapped -20, answer -101, feedback -60, remark -27
look short short_ section: option 38, wrapped -17, answer -36, feedback -20
look short short_ word0: out -68, passage -29, more -36, option -13, answer 25, feedback -34
look short text: out 42, passage -59, stem 31, more -46, option -26, wrapped -34, answer -144, feedback -68, facts -116, row -20, keys -69
look short ticked: out 58, passage -15, stem -52, option -53, answer -36, feedback -15, facts -17
look short word0: out 49, passage -21, stem -28, more -39, option -51, answer 29, feedback -46, facts -76, keys -40
look short+: out -22, more -16, wrapped 26, answer -52, hint -23, row -46, bank -25, lines -44, remark -35
look short-sentence: out -15, stem -32, option -28, answer -31, hint 14, facts -88, row -70, bank -63, lines -54, keys -42
look short-sentence _asks: out 27, passage -34, stem -15, more -24, facts -17
look short-sentence _cells: passage 23, answer -34, facts -16, row -43, bank -18, keys -50
look short-sentence _cue-answer: passage -14, answer 65, keys -51
look short-sentence _field: passage 25, stem -15, feedback -21, facts -16, row -20
look short-sentence _field field: out -16, passage 24, stem -20, row -20
look short-sentence _field-number: facts 17
look short-sentence _heading: out 54, passage -13, facts -19, keys -17
look short-sentence _heading_ num0: out 43, keys -15
look short-sentence _identity: out 15
look short-sentence _let-lone: out 50, stem -16, more -14, option -31, answer -16, row -62, keys -35
look short-sentence _let0: out -13, stem -20, option 27
look short-sentence _num0: out -27, facts -20, row 25
look short-sentence _num0 cells: stem 19, row -18
look short-sentence _num0 let1-first: out -23, stem 23
look short-sentence _num0_ num0: out -32, stem 36
look short-sentence _pair: out -41, passage 54, stem -71, facts -14, keys -71
look short-sentence _phrase: passage 16, stem -29, more -12, option -15, answer -93, feedback -52, keys 24
look short-sentence _phrase_ short-sentence: out -33, passage 43, stem -20
look short-sentence _rom0: out -18, stem 34
look short-sentence _section: out 45, stem -24, facts -37, keys -18
look short-sentence _sentence: passage -29, stem -105, more -17, answer -33, feedback 33, keys -47
look short-sentence _short: out -27, passage 39, stem 30, option -14, answer -81, feedback -17, facts -38, keys -71
look short-sentence _short-sentence: passage -53, stem 49, more -40, option -36, answer -64, feedback -78, keys -57, remark -12
look short-sentence _text: out -36, passage 55, stem -50, option -22, answer -49, feedback -27, keys 13
look short-sentence _text short: out -59, passage 55, stem -30
look short-sentence _text text: out -29, passage 41, stem -72
look short-sentence _word0: out -50, facts 22
look short-sentence bracketed: out -81, passage -23, stem 52, more -35, option 44, answer -69, feedback 18, bank -24, keys -43
look short-sentence cue-answer: out -61, stem 73, more 17, answer -40, feedback -27, bank -21, keys -25, remark -53
look short-sentence cue-answer_ asks: answer 28
look short-sentence cue-answer_ word0: answer 21
look short-sentence cue-difficulty: out -58, stem -89, more -14, option -44, answer 28, hint -13, facts 34, keys -49, remark -51
look short-sentence cue-points: out 25, passage -23, more 32, answer -40, feedback -20, facts 52, keys -29
look short-sentence cue-sample: out -44, stem -26, more 41, option -62, feedback -17, keys -25
look short-sentence cue-sample sentence: answer 13
look short-sentence edge: passage -15, stem -114, more 23, option -76, hint -22, keys -33, remark -23
look short-sentence gap: out -26, passage -21, stem -58, answer 44, feedback -17, row -29, keys -16
look short-sentence heading: out 26, passage -22, stem -54, more -13, option -48, feedback -28, facts -42, keys -30
look short-sentence let0: out 13, passage 35, stem -37, more -23, option -33, wrapped -23, answer 28, feedback -33, facts -16, row -15, keys 32, remark -31
look short-sentence let0 let0: stem 15, option -23, keys 23
look short-sentence let1-first: out -16, stem -31, more 63, answer -18, row -19
look short-sentence let1-first let1: out -16, stem -12, option 21, answer -13, row -19
look short-sentence num0: out 35, stem -17, more 27, option 25, wrapped -35, answer -117, feedback -47, hint -35, row 15, keys -37, remark -67
look short-sentence num0 num0: out -53, stem 44, more -37, row 19
look short-sentence num0-again: out -74, more -50, option -68, feedback -66, row 49, keys 28
look short-sentence phrase: out -63, passage 39, stem -32, more -25, option -25, feedback -31, keys -41
look short-sentence phrase_ short-sentence: out -37, passage 25, option -20, answer -18
look short-sentence rule: passage -14, stem -30, option -40, wrapped -16, answer -43, hint -14, lines 25, keys 47, remark -43
look short-sentence section: passage -26, stem -65, more -21, option -49, answer -43, feedback 37, facts -46, keys -16
look short-sentence sentence: passage -34, stem -36, more -48, option 64, answer -65, feedback -63, lines -15, keys -34, remark -13
look short-sentence short: out -46, passage -42, stem 23, more -14, option 30, wrapped -29, feedback 25, hint -12, facts -32, keys -33, remark -31
look short-sentence short-sentence: out 44, passage -72, stem -93, more -77, option 79, wrapped 34, answer -118, feedback -86, hint -66, facts -16, keys -52, remark -80
look short-sentence text: out 27, passage 15, stem -60, more -21, option 32, wrapped -22, answer -30, feedback -18, keys -53, remark -12
look short-sentence text text: out -51, passage 55, stem -33
look short-sentence truth: out -23, stem 58, more -67, option -40, answer 25, feedback -19, remark -18
look short-sentence word0: out 26, stem -17, option -17, answer 12, feedback -15, remark -21
look short-sentence+: more -24, wrapped 16, feedback -28, hint -114, facts -57, row -38, bank -21, lines -15, keys -31
look short-sentence_ asks: out -22, passage -27, stem -44, feedback 20
look short-sentence_ cells: out -47, stem -36, answer -31, feedback 36, hint -16, keys 29, remark -14
look short-sentence_ cue-answer: out -56, stem 65, option -48, answer -56, feedback -65, remark -14
look short-sentence_ cue-level: out -50, passage -15, stem -25, more 39, option 29, answer -65, hint -21, remark -23
look short-sentence_ field: out 18, passage -39, stem -35, more -15, answer -32, feedback -28, keys 17
look short-sentence_ field-number: out 48, stem -43, more 22, feedback -31
look short-sentence_ heading: stem -93, more 40, answer 13, feedback -16, keys -30, remark -24
look short-sentence_ identity: out 39, stem -44, feedback -13, remark -15
look short-sentence_ let-lone: out 38, stem -20, more -39, option -29, answer -59, feedback 39, keys -15
look short-sentence_ let0: out 13, passage -13, stem -36, more 17, option -40, answer -57, feedback 12, hint -38, keys -18, remark -25
look short-sentence_ num0: out -49, more -21, option -17, answer -55, feedback 16, hint 25, facts -30, bank -14, keys -67, remark 15
look short-sentence_ pair: out 66, passage -52, stem -41, feedback -37, keys -63
look short-sentence_ phrase: out 52, stem -72, more -20, option -23, answer -34, feedback 14, hint -17, keys -62, remark -34
look short-sentence_ rom0: out -37, stem -20, more 33, option -30, feedback 48, hint -46
look short-sentence_ section: out -18, passage -17, more 13, option -59, answer 36, hint -17, keys -68, remark -28
look short-sentence_ sentence: out 20, passage -66, stem -79, more -41, option -22, answer 25, feedback -34, hint -24, keys -78, remark -25
look short-sentence_ short: out 37, passage -33, option -20, answer -43, hint -15, keys -68, remark -23
look short-sentence_ short-sentence: out -42, passage -40, stem 47, option -16, answer -58, feedback -66, facts -17, keys -36
look short-sentence_ text: out 75, passage -51, stem -123, answer -16, hint -25, keys -82, remark -30
look short-sentence_ word0: stem 39, more -25, option -23, answer -19, feedback -61, hint -43, keys -37, remark -24
look short-sentence_+: passage -34, stem -29, option -34, wrapped -29, answer -29, facts -52, row -32, bank -37, lines -27, keys -19
look short_ asks: out -31, passage -19, stem -70, option -33, wrapped -17, answer 58, feedback -29, facts -28
look short_ box: out 24, passage -28, option -36, answer -26, feedback -33, keys -22
look short_ bracketed: out 38, more 30, answer -38, feedback -17, keys -38
look short_ bullet: out 58, passage -52, stem -35, more 62, option -64, answer -40
look short_ capitals: out -36, stem -12, more 53, option 37, wrapped -21, answer -19, feedback -48, facts -14, keys -26
look short_ cells: out 37, passage -30, stem -66, more -21, option -25, feedback -72, facts -14, keys -31
look short_ chatter: out 40, more -27, option -25, answer -28, feedback -12, keys -28
look short_ cue-answer: out 17, stem -64, more 18, wrapped -20, answer -85, feedback -32, facts -34, row -20
look short_ cue-level: out -38, passage -24, more -30, option 32, wrapped -17, feedback -68, facts -46
look short_ field: out 61, passage -34, stem -43, more -58, option -32, wrapped -32, answer -45, feedback -21, facts -32
look short_ field-number: passage -18, stem -14, answer -46, feedback 22, facts -28
look short_ field-stem: out 21, passage -19, stem -19, more 17, answer -64, facts -23
look short_ heading: out -16, answer -46, feedback -36, facts -15, keys 36
look short_ identity: out 36, answer -17, facts -24
look short_ let-lone: out 19, passage -15, stem 37, more -12, option -64, feedback -25, facts -21, keys -30
look short_ let0: out -61, passage -43, stem -75, more 69, wrapped -49, answer -18, feedback -26, keys -22
look short_ let1: out -59, passage -24, stem -17, more 37, option 31, wrapped -33, feedback -47, facts -23, remark -32
look short_ let1-first: out 32, stem -34, option -14, wrapped -20, answer -53, facts -19
look short_ num-lone: out 14, passage 24, more -28, option 55, answer -33, feedback -22, keys -25
look short_ num0: stem -104, more -46, option -31, feedback -17, hint -15, facts -52, row -17, keys -27, remark 41
look short_ num0-again: out 67, stem -26, answer -61
look short_ pair: out -25, stem -72, more -49, option -48, answer 38, feedback 39, facts -23, keys -23
look short_ phrase: out 22, passage -60, stem -77, more 16, option -74, wrapped -39, answer -24, feedback 20, facts -35, keys -23, remark -25
look short_ rom-lone: out 36, passage 25, stem -15, more -24, option 23, answer -54, feedback -38, facts -23, keys -28
look short_ rom0: out 42, passage 40, stem -51, more -32, option -24, answer -89, feedback 13, keys -16
look short_ rule: out -15, more 43, option 38, answer -66, feedback -45, keys -17
look short_ section: out -43, stem 40, more 27, option 19, wrapped -23, answer -50, feedback 16, facts -22, keys -42, remark -17
look short_ sentence: passage -76, stem -75, more 19, option -39, answer 32, feedback -45, facts -25, keys -23, remark -15
look short_ short: out 24, stem -54, more 36, answer -97, feedback -48, facts -39, keys -31
look short_ short-sentence: out 16, stem -30, more 45, option -26, answer -19, feedback -29, facts -24
look short_ text: out -40, passage -72, stem -104, more -38, option 27, wrapped -24, answer 28, facts -57, keys -15
look short_ word-lone: out 45, passage -32, stem -13, answer -31
look short_ word0: passage 15, more -38, option -26, wrapped -24, feedback 14, facts -68, row -13, keys -39, remark -15
look short_ word0-again: out -59, more 58, option 44, wrapped -34, answer -54, feedback -25, facts -17
look short_+: out 17, passage -17, stem -38, more 24, option -36, feedback -32, hint -30, facts -116, row -36, bank -29, lines -24, keys -61, remark 29
look table-down: out -96, stem -85, option -59, answer -103, feedback -37, facts -59, row -55, bank -15, keys 99, remark -17
look table-down table-down: out -90, stem -79, option -57, answer -95, feedback -14, facts -56, row -52, keys 92, remark -17
look table-down table-down table-down: out -56, stem -45, option -33, answer -55, facts -35, row -29, keys 57
look table-down+: out -65, stem -53, option -35, answer -66, feedback -29, facts -39, row -33, bank -15, keys 67
look table-pairs: passage -38, stem -133, more -109, option -77, wrapped -13, answer -82, hint -49, facts -80, row 24, bank -85, lines -52, remark 14
look table-pairs _cue-answer: answer 26, keys -27
look table-pairs cue-answer: out -16, answer 68, row 24, keys -68
look table-pairs edge: out -69, answer -16, feedback -27, row 19
look table-pairs table-pairs: out -13, stem -93, more -63, option -47, wrapped -13, answer -79, feedback -105, hint -38, facts -54, row 23, bank -56, lines -23, remark -43
look table-pairs table-pairs cue-answer: out -16, row 25
look table-pairs table-pairs edge: out -67, answer -16, feedback -27, row 19
look table-pairs table-pairs table-pairs: out -45, stem -27, feedback -21, hint -15, facts -17, row 14, remark -15
look table-pairs table-pairs_ cue-answer: out -20, feedback -22, row 49, keys -45
look table-pairs+: out 20, passage -20, stem -90, more -62, option -39, wrapped -13, answer -65, feedback -109, hint -27, facts -52, bank -53, lines -32, remark -31
look table-pairs_ cue-answer: out -20, feedback -22, row 49, keys -45
look table-pairs_ num0: out -60, passage -20, stem -23, answer -30, feedback 31, facts -21, row -13, keys -12, remark 20
look table-pairs_+: out -90, passage -22, stem -29, more -18, option -15, answer -39, feedback 23, facts -19, row 29, bank -15, remark 19
look table-ticks: out 15, passage -33, stem -88, more -67, option -45, answer -79, feedback -42, facts -63, row 50, bank -41, lines -16, keys -60
look table-ticks _num0: out -24, stem 25
look table-ticks cue-difficulty: facts 47, keys -31
look table-ticks rule: out -53, passage -22, stem -43, more -26, option -33, answer -40, facts -12, row 66, bank -19, lines -31, keys -17
look table-ticks rule table-ticks: more -20, lines -22
look table-ticks table-ticks: out 52, stem -72, more -41, option -36, answer -51, feedback -30, facts -57, bank -18, keys -59
look table-ticks table-ticks cue-difficulty: row 20
look table-ticks table-ticks table-ticks: out 51, stem -24, option -17, answer -22, feedback -12, facts -28, row -21, keys -31
look table-ticks+: passage -24, stem -75, more -42, option -31, answer -50, feedback -24, facts -39, row 39, bank -24, keys -41
look table-ticks_+: out -27, answer -12, facts -16, row 26
look table-wide: passage -33, stem -130, more -62, option -61, answer -73, feedback -80, facts 18, row -63, bank -55, lines -30, keys 17, remark -48
look table-wide _num0: out -31, stem 31
look table-wide _num0 let1-first: out -31, stem 31
look table-wide+: stem -67, more -36, option -35, answer -82, feedback -55, row -32, bank -25, lines -12, remark -30
look table-wide_ num0: out 52, answer -18, facts -35, keys -18
look table-wide_+: stem -42, option -15, answer -25, feedback -13, facts 12, row -13
look text: out 15, passage 19, stem -17, option -24, wrapped 26, hint -74, facts -108, row -102, bank -55, lines -55, keys -60, remark -57
look text _asks: out -22, stem 22, more -15
look text _box: option 24
look text _box box: option 24
look text _bullet: out -42, stem -37, option 47
look text _capitals: out 16
look text _cells: out -16, stem 37, answer -21, keys -36
look text _heading: out 35, facts -16
look text _let-lone: out 51, option -12, answer -33, row -14
look text _let0: out -16, stem 16, answer -13, keys -20
look text _let0 let0: stem -66, option 69
look text _let1-first: out -30, option 36
look text _let1-first let1: out -30, option 36
look text _num0: stem 14, option -38, feedback -20, facts -18, keys -16
look text _phrase: out -68, passage -74, stem 76, more -64, option -17, answer -67, feedback -24, bank -15
look text _short: out 60, passage -17, answer -45, keys -23
look text _short-sentence: out 28, passage -39, stem -21, answer -59, feedback -25, keys -13
look text _text: out -45, stem 56, more -34, option -43, answer -63, keys -26
look text _word0: out -36, facts 14
look text asks: out -12, passage 26, stem -29, option -13, answer -17, facts -41, keys -20
look text asks cue-answer: stem -35, more 36
look text asks let0: stem -38, more 41
look text asks let1-first: stem -28, more 26
look text box: out -34, stem -43, more -26, option 43, wrapped 24, answer -45, feedback -31
look text bullet: out -92, stem -25, more -64, option 36, feedback -21
look text bullet bullet: out -40, stem -23, more -14, option 35
look text cells: passage -87, stem -15, more 34, option -29, answer -60, feedback -35, facts -49, row -21, keys -48
look text chatter: out 61, passage -49, stem -48, answer -43
look text cue-answer: out -75, passage -14, stem 36, option 31, answer -48, feedback -23, keys 22
look text cue-sample: more 20
look text edge: out 62, passage -49, option -60, answer -123, feedback -102, keys -17
look text gap: out -60, passage 34, stem -15, more 33, option -35, answer -55, feedback -15
look text gap gap: stem -20, more 20
look text heading: out 61, stem -74, answer -44, facts -15, keys -42
look text let-lone: out -32, passage 35, stem -32, more 33, answer -43, row -14, keys -29
look text let0: out -37, stem 16, more 13, answer -48, keys -49
look text let0 let0: out -34, passage -17, stem -27, more -14, option 18, feedback 28, keys -20
look text let1-first: out -54, stem 61, more -61, option 45, answer -49, feedback -50, row -55, keys -25
look text let1-first let1: out -21, stem -17, option 48
look text num-lone: out -40, passage -23, stem -46, more 32, option -29, answer 35, feedback -22, facts -17, row -24, keys -26
look text num0: out 31, passage -35, stem -65, more 18, option -36, answer -23, row 13, keys 18
look text num0 num0: out -27, stem -20, option -30, row 19
look text phrase: out 18, passage -79, stem -30, wrapped -52, answer -22, feedback -119, facts -32, row -54, bank -16, keys 18, remark -13
look text phrase let0: stem -88, more 88
look text rule: out 15, passage -23, stem -33, answer -54, feedback -16
look text sentence: out 13, stem -73, more -13, option -16, answer 20, feedback -60, keys 14
look text sentence short-sentence: out -35, passage 43, more -17
look text sentence_ num0: passage -47, stem -22, answer 40, feedback -45, keys -50
look text short: out -47, passage 19, stem -19, more -31, answer 18, feedback 48, facts -84, row -21, bank -18, keys -67
look text short cue-answer: out -15, stem -47, more 34, option -37, answer -41
look text short cue-sample: stem -39, more 30, option -37, answer -49
look text short edge: out -26, more -16, option -44, answer 20, keys -33
look text short let0: out -27, passage 34, stem -54, option -94, wrapped -13, answer -27, feedback -25, facts -19, keys -15
look text short num0: out 13, passage -20, stem -74, more -26, option -34, wrapped -29, answer -74, feedback 44, facts -24
look text short short: out -50, passage -12, stem -52, more 49, option 21, wrapped -23, answer -64, feedback -35, facts -21, keys -21
look text short-sentence: out -32, stem -45, wrapped 37, answer 32, feedback -129, hint -32, facts -23, row -19, bank -13, remark -23
look text short-sentence text: out -16, passage 17, keys -12
look text short-sentence_ num0: passage 30, stem -47, more -35, answer -28, feedback -54
look text short-sentence_ text: out -47, passage 52
look text short_ let0: out -52, passage -20, more -13, option -34, answer 36, feedback -46
look text short_ num0: passage -14, stem -13, more -40, option -13, answer 32
look text short_ word0: out -51, passage 24, stem -22, more -19, answer 15
look text text: out -25, passage 24, stem -20, wrapped 15, answer -56, feedback -123, facts -40, row -22, bank -19, remark -27
look text text edge: out 52, passage -26, stem -55, more -38, option -46, answer -50, keys 17
look text text phrase: out -72, passage -32, stem 33, more -26, wrapped -45, feedback -13
look text text sentence: stem -40, more 36, option -14, answer -31
look text text short: out 30, passage -16, more -19, wrapped -31, feedback -33
look text text short-sentence: out -33, passage 74, stem -69, more -13
look text text text: out -66, more -16, option 51, wrapped -33, answer -101, feedback -24, keys -44
look text+: passage 30, stem -18, option -14, hint -28, facts -63, row -50, bank -62, lines -29, keys -30, remark -29
look text_ asks: out -48, stem 41, more -42, option -50, answer 30, feedback -40
look text_ box: out -16, stem 20
look text_ bullet: out -42, stem 33, option -30, answer -28, feedback -17, bank -13
look text_ capitals: out 42, passage -12, stem -41, answer -19
look text_ cells: out 42, passage -52, stem -59, option -53, feedback 34, keys -39
look text_ heading: out 30, stem 19, more -29, option -37, answer -43, feedback -28, keys -28
look text_ let-lone: out 54, passage -29, stem -49, option -20, answer -47, feedback -32, keys -37
look text_ let0: more -28, answer -44, feedback 41, keys 32
look text_ let1-first: stem 36, more -25
look text_ num0: out 28, passage -35, stem -96, more 18, option 34, wrapped 26, answer -65, feedback -42, hint -13, keys -17
look text_ phrase: out -40, stem 41
look text_ section: more 37, answer -28, keys -15
look text_ short: out 19, passage -41, stem -40, more -37, option -12, answer -27, feedback -12, keys 14
look text_ short-sentence: out 14, stem -63, more -17, option -49, answer 34, feedback -16, keys -22
look text_ text: out -55, stem 62, more -13, option -36, answer -38, keys -24
look text_ word0: out -45, passage -44, more -29, option -21, answer 44, feedback -55
look text_+: out 22, passage -127, more -35, option 31, wrapped 22, answer -57, feedback -50, hint -23, facts -36, row -54, bank -22, lines -22, keys -47, remark -16
look ticked: passage -33, stem -98, more -89, option 39, wrapped -14, feedback -90, facts -89, row -45, bank -40, keys -79
look ticked _word0: out -42, stem -38, option -18, answer -19, facts 31, row -13, keys -16
look ticked box: out -23, stem -64, more -43, option 29, answer -16, feedback -25, facts -58, row -21, keys -24
look ticked box box: out 30, option -25
look ticked box ticked: out -12, option 16
look ticked box_ num0: option 17
look ticked box_ word0: out -19, option 19, answer -21
look ticked ticked: option 70, answer -75, facts -25
look ticked+: out -17, passage -17, stem -64, more -49, option 17, feedback -31, facts -53, row -14, keys -39
look ticked_ word0: out -55, option -21, answer 29
look ticked_+: more -30, option 16, feedback -32, facts -33, row -16, bank -15, keys -23
look truth: passage -27, stem -63, option 13, feedback -77, facts -70, row -42, bank -30, lines -45, keys -82
look truth _num0: out -61, stem 73, option -12
look truth _word0: out -40, stem 29, answer -18, facts 18
look truth cue-feedback: out -81, more 32, option -18, answer -26, feedback 85, keys -40, remark -12
look truth edge: out -34, more -52, option -23, answer 41, keys -27
look truth num0: out -60, stem 34, more -45, option -23, answer 59
look truth+: stem -30, more -15, option 27, feedback -17, facts -47, row -19, bank -19, lines -19, keys -50
look truth_ num0: out 31, option -18, answer -34, feedback -17, facts -13, keys -16
look truth_ word0: out -87, option -12
look truth_+: out -18, passage -18, stem -16, more 22, option -47, answer 13, feedback -30, facts -25, row -15, keys -32
look word-lone: out -17, passage -42, stem 28, more -60, wrapped -23, answer -77, feedback -82, hint -29, facts -19, row -67, bank -32, lines -14, remark -62
look word-lone _num0: out -13, stem 13
look word-lone _short: out -56, passage -13, stem -49, option -17, answer 34, facts 41, keys -15
look word-lone asks: out -51, stem 12, more 30
look word-lone bullet: stem -49, more -28, option 47, answer -31, feedback -13, facts -22, remark -47
look word-lone bullet bullet: out 26, stem -48, option 38
look word-lone cells: out -43, more 34, answer -22, facts 22, row -22, bank -16, keys -15
look word-lone cue-answer: out -61, stem 69, answer 46, facts -25, keys -44
look word-lone cue-answer cue-difficulty: answer 28, keys -27
look word-lone cue-answer cue-points: answer 23, keys -15
look word-lone cue-answer edge: answer 34, keys -32
look word-lone cue-difficulty: out -54, stem 59, answer -18, facts -45
look word-lone cue-points: out -15, stem 51, answer -49, keys -17
look word-lone cue-points cue-difficulty: answer -30, facts 49, keys -12
look word-lone edge: out 27, stem -66, answer -29, feedback -18, facts -64
look word-lone field-option: out -16, stem 55, more -22, option -45, facts -46
look word-lone field-option field-option: more -18, option 20
look word-lone let-lone: out -41, stem 17, more -31, option -24, answer -40, facts 46, row -63, keys -37
look word-lone let-lone cue-answer: stem 22
look word-lone let-lone let0: stem 13
look word-lone let0: out -54, stem 30, option -41, answer -24, feedback -27, facts 28, row -27, keys -21
look word-lone let0 let0: stem -57, option 62
look word-lone let0_ let0: stem 34, option -34
look word-lone let1-first: out -63, option -13, answer -19, facts 32
look word-lone phrase: out -27, stem 28, more 22, option -28, answer -16, feedback -26
look word-lone rule: out 14, stem 32, more -29, answer -16, facts -26, lines -16
look word-lone short: out -16, stem 54, more -28, option -71, wrapped -13, feedback -66, facts -59, keys -21
look word-lone text: out -32, stem -33, more 18, answer -34, facts 41
look word-lone+: out -45, passage -14, stem 18, more -35, answer -69, feedback -38, row -37, bank -16, remark -38
look word-lone_ num0: out 55, stem -44, option -13, answer -26, facts -29
look word-lone_ short: stem -22, answer -22, facts 29
look word-lone_+: out 28, passage -25, more -27, option -25, answer -42, feedback -25, hint -12, facts -13, row -12, keys -15
look word0: out -16, passage -47, stem 33, more -116, option -18, wrapped -58, answer -39, feedback -53, hint -56, facts 13, row -83, bank -53, lines -39, keys -74, remark -57
look word0 _cue-answer: stem -32, more -13, answer -42, bank -31, keys 55
look word0 _cue-answer_ word0: answer -40, keys 49
look word0 _heading: stem -36, more -26, answer -22, facts 23, keys -20
look word0 _let1-first: out -34, stem -44, option 56, row -20
look word0 _let1-first let1: out -34, stem -44, option 56, row -20
look word0 _num1-first: out -14, stem -22, option 24, row -24
look word0 _num1-first num1: out -13, stem -29, option 28, row -18
look word0 _pair: passage -18, answer -23, keys -29
look word0 _phrase: out 67, passage -39, stem -65, more -40, answer -64, feedback -19, row -26, keys -20
look word0 _rule: out 12, lines 21
look word0 _short: out -68, stem -57, more -15, option 28, facts 39
look word0 _text: out -16, stem -49, more 40, answer -31, keys 30
look word0 _word0: out -100, stem 51, option -35, answer -18, facts -44
look word0 _word0 box: out -13, stem 16
look word0 _word0_ word0: out -65, stem 15
look word0 asks: out -60, more -93, option -20, answer 21, facts 29, row -25, keys -18
look word0 asks box: stem 12, more -15
look word0 asks bullet: stem -18, more 20
look word0 asks cue-answer: more 15
look word0 asks let-lone: stem 16, more -15
look word0 asks let1-first: out -17, stem 76, more -69
look word0 asks_ box: stem 23, more -22
look word0 asks_ let1-first: stem 28, more -24
look word0 asks_ word0: out -46, stem 35, more -24
look word0 box: out -23, stem 53, more -26, facts -26
look word0 box box: more -21, option 24
look word0 bracketed: out 26, more -22, option -14, answer -33, feedback 18, facts -23, bank -62
look word0 bullet: out -110, stem -22, option -22, answer 50, facts -41, row -26, remark -27
look word0 bullet bullet: out -73, stem -95, more -78, option 26, answer 50, row -26, remark -27
look word0 cells: out 25, more 33, option -50, answer -60, row -72, keys -41
look word0 cells cue-answer: out -35, stem -15, more 13, option -15, row -25
look word0 cells_ word0: out -67, stem 43, option -57, answer -23, facts -14, row -55, keys -16
look word0 colon: out -24, stem 14, more -33, answer -27, facts 49
look word0 cue-answer: out -36, stem 45, more -19, option 45, answer -45, feedback -12, facts -63, bank -31
look word0 cue-answer cue-feedback: option -12, answer 24
look word0 cue-answer edge: stem -14, option -85, answer -12, keys 19
look word0 cue-answer word0: stem -20, answer 38
look word0 cue-answer_ word0: stem -25, option -72, answer 101, bank -25, keys -82
look word0 cue-feedback: out -47, stem 41, option -24, answer -26, feedback 35, facts -37
look word0 cue-sample: out -22, stem 32, facts -29
look word0 edge: out -65, stem 67, answer -14
look word0 field: out -61, passage -50, stem 21, more -26, option -28, answer -49, feedback -58, facts 28, row -22
look word0 field cue-answer: out -13, stem 15, answer -12, row -18
look word0 field let1-first: out -16, stem 37, facts -14
look word0 field short: stem 18
look word0 gap: out -81, more -30, option -16, answer -42, feedback -24, facts 42, row -18
look word0 gap cue-answer: more 27
look word0 gap_ word0: out -29, stem 27, more -23, answer -23, feedback -24, row -18
look word0 let-lone: out -60, stem 32, answer 14, facts -23, row -30
look word0 let-lone let1-first: stem 15
look word0 let0: out -34, stem -13, option 44, answer -16, facts -15, row -15
look word0 let0 let0: out -14, stem -36, option 39
look word0 let1-first: stem 32, more 14, option -27, answer -122, row -90, keys -30, remark -13
look word0 let1-first cue-answer: stem 65, option -61, row -32
look word0 let1-first let1: out -62, stem 28, more -56, option 21, answer -103, facts -33, row -101, keys -28, remark -13
look word0 let1-first let2-first: stem 16, option -15
look word0 let1-first short: stem 50, option -50
look word0 let1-first_ let1: stem 30, option -29
look word0 num-lone: out -69, stem -12, more 26, option 31, answer -63, facts -79, row -14, keys -69
look word0 num0: out 53, stem -40, option -29, answer -34, facts -50
look word0 num0 num0: out -69, stem 61, more -51, option -23, row 28
look word0 num1-first: out 14, more -22, feedback -14, facts -39
look word0 num1-first num1: out -59, stem -64, more -22
look word0 pair: out -21, more -22, facts -34, row 30, keys -22
look word0 phrase: out -35, passage -28, stem 22, more 25, option -62, answer -25, feedback -74, facts 19, row -37, keys -17
look word0 phrase box: out -40, stem 31, option -45
look word0 phrase bullet: out -15, stem 42, more 13, option -55, answer -24
look word0 phrase cue-answer: out -23, stem 35, option -36, answer -30
look word0 phrase let1-first: out -37, stem 42, more -21, option -62
look word0 phrase_ bullet: out -23, stem 19, more 19, option -55, answer -35, feedback -28
look word0 phrase_ word0: more -33, option -58, answer 18, feedback -45, facts -13, row -15
look word0 rule: out -31, stem 50, more 16, option -14, answer -22, facts -28, lines -17
look word0 sentence: passage -51, stem 38, more -49, option -59, answer 24, feedback -126, facts -20, row -13, keys -30, remark -24
look word0 sentence rule: more 19
look word0 sentence_ word0: out -54, passage -64, stem 70, more -30, option -14, answer -51, feedback -61
look word0 short: out -113, passage -36, stem 48, option -54, wrapped -22, feedback -59, facts 43, row -20, keys -44, remark -23
look word0 short bullet: out -22, stem -47, more 29, wrapped -15, answer -77, facts -20
look word0 short cue-answer: stem -23, more 42, option -41, answer -43
look word0 short let1-first: out -29, more -40, option -55, answer -13, feedback -18, facts 39
look word0 short short: stem -62, more -28, option 38, answer -35
look word0 short word0: out -51, stem -41, more 29, option -48, feedback -46, facts -24, keys -30
look word0 short-sentence: out -91, passage -14, stem 45, more -29, answer -53, feedback -105, hint -53, facts 31, row -16, keys -33, remark -55
look word0 short-sentence cue-answer: stem 34, option -21
look word0 short-sentence cue-sample: stem 36, option -16
look word0 short_ word0: out -48, passage -27, stem 20, more -43, option -50, answer 47, feedback -23, facts -13, remark -13
look word0 text: out -33, passage -17, option -80, answer -73, feedback -59, facts 44, keys -22
look word0 text asks: stem 17
look word0 text let1-first: out -38, stem 32, more 33
look word0 text phrase: out -18, stem -45, more 36
look word0 text short: out -28, stem 37, more -26, option -16, answer -32, feedback -34
look word0 truth: out -91, stem 33, option 42, answer -26, facts -24
look word0 word0: out -87, more -47, option 58, answer -54, feedback -43, facts -100, row -14
look word0 word0 word0: out -31, stem -21, more -13, option 32, answer -31, facts -34
look word0+: out -36, passage -26, more -66, wrapped -21, answer 15, feedback -31, facts 29, row -35, bank -26, lines -13, keys -47, remark -12
look word0-again: out -73, passage -21, more -41, answer -78, feedback -36, hint -12, facts 36, row -29, bank -30, keys -30, remark -13
look word0-again asks: out -33, stem 12, option -21, answer -28, facts 44, keys -55
look word0-again cells: out -56, stem 30, option -47, facts -13, row -27, bank -15, keys -23
look word0-again cue-answer: option 13, answer 17, facts -13, keys -26
look word0-again edge: out -15, stem -44, facts -19, keys 32
look word0-again let1-first: out -22, stem 40, answer -37, facts 68, row -23
look word0-again sentence: out -66, passage -23, stem 43, more -25, option -44, answer -19, feedback -52, facts 36, remark -20
look word0-again word0-again: out -38, stem -35, more -18, option 38, facts -85, row -19, keys 90
look word0-again word0-again edge: out -15, stem -44, facts -19, keys 32
look word0-again word0-again word0-again: stem -39, option 20, facts -42, keys 43
look word0-again+: out -43, stem 13, more -19, answer -41, feedback -13, facts 23, row -18, bank -14, keys -22
look word0_ cue-answer: out -74, stem 84, more -17, option -29, answer -25, hint -14, facts -31, remark -16
look word0_ heading: out -50, answer -15, facts 16
look word0_ let1-first: out -51, stem 19, facts -14
look word0_ num1-first: out 52, stem -35, answer -16, facts -30
look word0_ pair: out -64, answer -20, facts 29
look word0_ phrase: out -61, stem -17, answer -22, facts 44
look word0_ rule: out -57, stem 47, answer -13, facts -43
look word0_ short: out -47, stem 40, answer -25, facts 28
look word0_ text: out 13, answer -28, facts -23
look word0_ word0: out -32, stem 67, answer -38, facts -60
look word0_+: out 23, passage -30, stem 40, more -33, option -54, wrapped -21, answer -134, feedback -38, hint -38, facts -31, row -43, bank -25, lines -22, keys -40, remark -32
look word1: out -60, stem 45, more -16, answer -32, feedback -15, facts 38, row -13
look word1+: out -44, stem 36, answer -20, facts 21
look word1-first: out -40, passage -17, stem 27, more -26, answer -26
look word1-first+: out -36, passage -17, more -14, answer -22, facts 19
main speaker: out -29, passage 55, stem 55, more -159, option -36, wrapped -34, hint -40, facts 23, row 17, lines 28, keys 31, remark -50
num again: out -14, passage -36, more -13, wrapped -20, answer -73, feedback -28, hint -34, facts -36, bank -35, lines -35, remark -33
num again asks few: out -24, passage -36, more -80, option 17, wrapped -20, answer -67, feedback -79, hint -34, facts -34, bank -35, lines -33, remark -33
num again asks some: stem 25, more 33, option -90, answer -23, feedback 22, facts -14, row -36, keys -43
num again fits few: stem -42, more -40, option -51, row -55, keys 80
num again fits most: out -30, passage -33, stem -31, more -61, option 20, wrapped -19, answer -53, feedback -62, hint -33, facts -30, row -36, bank -34, lines -33, remark -33
num again fits none: stem 47, more -30, answer -26, feedback -35, facts -18, keys -33
num again fits some: out -41, more 31, answer -39, facts -26, row 19, keys -14
num asking few: passage -30, stem 57, more -88, option -79, answer -76, feedback -45, hint -28, row -16, bank -24, lines -28, keys -89, remark -17
num asking most: passage -51, stem 33, option -156, wrapped -27, answer -95, feedback -63, facts -46, row -76, bank -13, lines -46, keys -61, remark -28
num asking none: out -52, passage -77, stem -66, more -71, wrapped -72, answer -56, feedback -13, hint -58, bank -71, lines -49, keys 36, remark -79
num asking some: out -14, passage -44, stem 48, more -28, option -61, wrapped -41, answer -29, feedback -25, hint -35, facts -55, row -73, bank -39, lines -41, keys -108, remark -45
num bare: out -65, passage -39, stem 45, more -82, option -129, wrapped -36, answer 23, feedback 48, row -119, bank -38, lines -16, keys 24, remark -16
num under 0: out -35, passage -22, more 22, option -51, answer -62, feedback -38, row -49, keys 54
num under 1: out -29, passage -18, more -15, option -71, wrapped -35, feedback -37, facts -41, row -67, keys 66
num-lone end asks: stem -13, answer -42, feedback -29, keys -77
num-lone end bracket: out -32, stem -18, more 69, option -24, answer 21, feedback -63, facts -40, row -31, keys -71
num-lone end colon: out -32, stem 45, more -15
num-lone end gap: out 44, passage -13, more -97, option -23, answer -55, feedback -44, facts -21, lines -27, keys -14
num-lone end none: out -36, passage -13, wrapped -22, answer -14, feedback -97, facts -22, bank -38, keys 26
num-lone end stop: passage -44, more -44, option -42, answer -38, hint -19, facts -54, row -15, remark -23
num-lone run: out -78, stem -84, more -80, option 50, answer -97, feedback -17, facts 32, row -39, bank -28
num-lone words 1: passage -27, stem -25, more 28, option -71, wrapped -22, answer -22, feedback -95, hint -14, facts -77, row 40, lines -15, keys 23
num-lone words 15: stem -19, option 57, answer -110, feedback -80, facts -46, row -21, bank -16, remark -17
num-lone words 3: out 24, passage -24, stem 43, more -52, option -49, feedback -29, facts -75, row -103, lines -24, keys -42
num-lone words 7: passage -13, stem 12, more -34, feedback 19, facts 19, row -75, bank -33, keys -30
num-lone words many: out -105, stem 18, answer -37, feedback -34, facts -24, row -13, keys 34
num0 end asks: out 23, passage -15, more -116, option -135, wrapped -23, answer -33, feedback -22, hint -19, facts -24, row -54, bank -18, lines -19, keys -43, remark -25
num0 end bracket: out -52, stem 53, option -28, wrapped -18, feedback -31, facts -62, row -75, bank -12, keys -36
num0 end colon: out -32, stem 44, more -44, option -56, facts -16, row -24, keys -26
num0 end comma: out -21, stem -16, more -34, keys 36
num0 end gap: out -60, passage -33, stem -13, more 46, option -76, answer -17, facts -16, row -59, lines -23, keys -12
num0 end none: out -63, passage -32, stem 15, more -118, option 13, wrapped -24, answer -101, feedback -15, facts -32, row 27, bank -28, lines -13, remark -14
num0 end stop: out 15, passage -18, more -100, option -45, wrapped -16, answer -136, feedback -43, hint -51, facts -78, row -123, lines -19, remark -54
num0 of 1: passage -19, more -51, option -40, answer 12, hint -19, facts -34, row -53, bank -40, lines -33, keys -27, remark -17
num0 of 2: passage -40, stem -27, more 14, answer -112, feedback 15, hint -25, row 47, bank -33, lines -20, keys -36, remark -20
num0 of 4: passage -34, option 56, wrapped -32, answer -121, feedback -117, hint -19, facts -29, row 21, bank -28, lines -33, keys -82, remark -35
num0 of 8: out -67, passage -52, stem 18, more -23, option -55, wrapped -46, answer -51, feedback -82, hint -53, facts -24, row 18, bank -55, lines -55, keys -25, remark -55
num0 of many: out -55, passage -27, stem 46, more -105, option -60, answer -121, feedback -85, hint -20, facts -50, row -84, bank -14, keys 72, remark -27
num0 run: out -88, stem 31, option -67, feedback -21
num0 words 1: passage -14, stem -76, more 31, option 23, wrapped -16, feedback -41, hint -14, facts -59, row -83, lines -19, keys 46
num0 words 15: out -20, passage -42, stem 42, more -132, option -26, wrapped -22, answer -52, feedback -57, hint -19, facts -46, row -32, bank -21, lines -17, keys -20, remark -27
num0 words 3: stem -21, more 22, option 14, wrapped -27, answer -82, feedback -87, row -18, lines -39, keys -12, remark -13
num0 words 7: passage -41, stem 16, more -159, wrapped -13, answer -63, feedback -12, hint -32, facts -121, row 34, bank -30, lines -24, keys -60, remark -35
num0 words many: passage -20, stem 17, more -22, option -39, answer -36, feedback -47, facts -41, row -47, keys -31
num0-again end asks: stem 30, more -31, option -47
num0-again end bracket: stem 32, more -27, option -18, feedback -42, facts -13, row -41
num0-again end none: out -62, passage -33, more -74, wrapped -20, answer -46, feedback -13, hint -33, facts -53, bank -33, lines -33, remark -33
num0-again end stop: out 32, stem -29, more -23, answer -36, feedback -47, facts -23, row -44
num0-again run: out -34, stem -25, option 28, row -27, keys 41
num0-again words 1: out -25, passage -31, stem -103, option 22, wrapped -15, answer -51, feedback -53, hint -30, facts -46, row -64, bank -29, lines -31, remark -28
num0-again words 15: stem 30, more -18, option -71, feedback -55
num0-again words 3: stem -29, more -14, option 14, answer -21, feedback -19, facts -36, keys -19
num0-again words 7: stem 26, more -38, option -58, answer -19, feedback 15, facts -26, row 19, keys -19
num0-again words many: out -74, stem 39, option 25, row -29, keys -18
num1 end asks: out -81, stem 51, more -15, option -20, wrapped -34, answer -14, feedback -17, row -20, bank -13, lines -14
num1 end bracket: out 30, stem -63, option 55, answer -39, feedback -55, facts -21, row -45
num1 end gap: stem 38, option -36, row -12
num1 end none: stem -20, more -46, answer -17, feedback 24, facts -57, row 24, bank -14, keys -26, remark -37
num1 end stop: out -81, passage -26, stem 64, more -47, option -24, wrapped -13, answer -79, feedback -45, hint -22, facts -16, row -48, bank -14, lines -19, keys -63, remark -42
num1 of 1: out -25, passage -23, more 44, option -48, wrapped -22, answer -35, feedback -92, hint -17, facts 17, row 26, bank -23, remark -15
num1 of 2: out -17, stem 25, more -46, option -17, wrapped -24, answer -95, feedback -70, hint -20, facts 21, row -27, bank -15, lines -14, keys -21, remark -23
num1 of 4: out -131, passage -31, stem -12, more -80, option 44, wrapped -36, answer -180, hint -19, facts -28, bank -39, lines -21, keys -67, remark -53
num1 of 8: out -25, passage -31, stem 55, more -37, option -116, answer 19, feedback -44, hint -22, facts -28, row -68, bank -18, lines -27, keys 28, remark -22
num1 run: out -50, stem 26, option -16, answer -47, row -34, keys -33
num1 words 1: out -60, stem -72, option 34, answer -57, feedback -48, facts -30, row -73, remark -37
num1 words 15: out -31, passage -20, stem 24, more -35, option -14, wrapped -35, answer -73, hint -17, bank -18, lines -16, keys -13, remark -34
num1 words 3: out 23, answer 16, feedback -85, facts -46
num1 words 7: out -70, passage -18, stem 15, more -41, option -26, wrapped -14, answer -98, feedback -45, hint -16, facts -27, bank -15, lines -17, keys -80, remark -20
num1 words many: out -41, stem 39, more -21, option -36, answer -28, row -14
num1-first end asks: out -75, stem 84
num1-first end bracket: out -41, stem 30, option 25
num1-first end none: stem -27, more -56, wrapped -16, answer -47, feedback -25, facts -46, row 22, bank -27, keys -15, remark -19
num1-first end stop: out -28, passage -21, stem 23, more -31, option 13, answer -24, feedback -32, hint -14, facts -30, row -41, lines -19, keys -68, remark -19
num1-first run: out 25, row -27, keys -50
num1-first words 1: out 24, stem -34, more -37, option 39, answer -28, feedback -15, facts -18, row -69, keys -58, remark -18
num1-first words 15: out -16, passage -14, stem -14, more -23, answer -13, feedback -20, facts -35, row 17, keys -17
num1-first words 3: out -84, stem 13, more -28, answer -19, facts -40, row -40, lines -12, keys 13
num1-first words 7: out -79, passage -19, more -27, option -21, answer -18, feedback -19, facts -30, row 27, bank -18
num1-first words many: out -52, stem 28, option -24, facts -13, row -14, keys -23
num2 end none: out -17, stem -41, option 25, answer -56, facts -59, keys -25
num2 of 4: out -19, more -52, answer -66, feedback -37, facts -64, row 39, keys -29
num2 words 1: stem -16, option 37, answer -29, facts -31, row -13
num2 words 7: out -14, stem -37, option -20, answer -20, facts -20, row 37, keys -13
num2-first end none: stem -43, more -34, answer -25, facts -15, row 13
num2-first words 1: option 34, row -19
num2-first words 7: out -15, more -32, feedback -17
number end none: out -15, passage -42, stem -55, option -12, answer 21, feedback -62, hint -15, facts -68, row -29, bank -23, lines -25, keys -12, remark -50
number words 1: passage -41, stem -39, option -33, answer 27, feedback -58, hint -15, facts -65, row -28, bank -23, lines -23, remark -50
number words 3: out -32, stem -28, more -63, option 77, answer -25, facts -14, keys -32
other dress: out 25, passage -48, stem -102, option -30, wrapped -14, answer 40, feedback 42, hint -34, facts 29, row 36, bank -18, keys -18, remark -30
other speaker: out 198, passage -71, stem -105, more -52, option -117, wrapped -21, answer -114, feedback -118, hint -17, facts -119, row -38, bank -53, keys -69, remark -24
pair end bracket: stem -17, more 28, answer -34, feedback -69, facts -32, row -18, keys -24
pair end comma: out 63, passage -33, stem -58, more -16, option -31, answer -36, feedback -51, facts -13, row -25, keys -49
pair end none: out -39, passage 35, stem 33, option -30, answer -89, feedback -59, hint -19, facts -43, bank -25, lines -19, keys -14
pair end stop: out 39, passage -69, stem -96, more -27, answer -34, feedback 39, hint -16, row -22, keys 37, remark -13
pair words 15: out 26, passage -79, stem 35, more -79, option -34, answer -64, feedback -21, facts -31, row -56, keys -23
pair words 3: out -68, passage -40, stem -73, more 54, answer -30, feedback -69, facts -55, lines -14
pair words 7: passage 41, stem -39, option -30, answer -80, feedback -14, hint -20, facts -41, row 18, bank -25, keys -39, remark -17
pair words many: out 16, passage -54, more -55, answer -25, row -19, keys 17
phrase end bracket: out 12, passage -78, stem 24, more 34, option -121, wrapped -74, answer -88, hint -16, facts -81, row -35, bank -39, lines -24, keys -104
phrase end comma: out -56, passage 36, stem -22, option -32, answer -21, feedback -24, lines -14
phrase end gap: stem 28, more 37, option -34, answer -16
phrase end none: passage -17, stem -41, more -53, option 16, wrapped 21, answer 15, feedback -70, hint -36, facts -54, row -35, bank -51, lines -23, keys -21, remark -34
phrase words 15: out -86, passage -19, stem 38, option 22, answer -39, feedback -86, facts -27, row -20, keys 23, remark -14
phrase words 7: stem -27, hint -52, facts -65, row -37, bank -74, lines -42, keys -63, remark -40
quote begins: out -86, stem -14, more -65, option -94, wrapped -53, answer -176, feedback 80, hint -59, facts 22, row -45, bank -24, keys -31, remark 45
quote ends: out 50, passage -81, stem -106, more -39, option -48, feedback 33, hint -12, row -95, bank -35, lines -36, keys -103, remark -40
quoted: out -145, passage -34, more -38, wrapped -42, answer 38, feedback 21, hint -79, facts 50, row -13, lines -22, keys -67, remark 32
rom-lone end bracket: out 92, stem -39, more -20, answer -17, facts -16, keys -36
rom-lone end none: out 16, stem -28, more -27, option -23, answer -32, feedback -12, facts -60, row -40, keys 48
rom-lone end stop: passage -18, stem 32, more -23, option -37, answer -39, feedback -20, facts -18, keys -36
rom-lone run: stem -24, keys 29
rom-lone words 1: out 50, passage -17, stem -90, more -16, option -28, answer -33, feedback -13, facts -48, row -29
rom-lone words 15: out -26, stem 31, more -36, answer -13
rom-lone words 3: out 97, stem -29, more -18, option -29, answer -33, facts -43, row -13, keys -28
rom-lone words 7: out 16, more -17, option -15, answer -29, feedback -26, facts -31, row -30, keys -30
rom-lone words many: out -46, more -12, keys 33
rom0 end asks: out -21, stem 29, more -13, answer -18, remark -19
rom0 end bracket: out 35, passage -16, stem -48, more -39, option -29, answer -30, feedback -27, facts -33, row -26, keys 24, remark -15
rom0 end colon: stem 22
rom0 end gap: stem 26, more -18
rom0 end none: out -29, passage -20, stem 85, more -78, option -57, wrapped -12, answer -32, facts -32, row -34, bank -18, lines -14
rom0 end stop: out -29, stem -26, more 31, option 15, answer -37, feedback -25, facts -17, row -15, keys -40
rom0 run: out -16, stem 22, option -18
rom0 words 1: out 36, stem -23, option -34, answer -38, facts -39, keys 18
rom0 words 15: out -14, passage -40, option -27, answer -35, feedback -15, facts -47, row -38, bank -29, lines -21, keys 34, remark -34
rom0 words 3: out 21, stem -30, more -49, option 26, answer -32, feedback -12, facts -19, row -28, keys -38
rom0 words 7: out 16, stem 14, option -26, wrapped -17, answer -38, feedback -20, facts -14, row -23, keys -30
rom0 words many: out -72, stem 62, more -34, answer -24
rom0-again end none: out -28, passage -12, stem 24, more -15, option -43, facts -21, row -16, remark -13
rom0-again end stop: answer -18
rom0-again words 1: out -17, more -15, option -33, answer -17, facts -14, keys 30, remark -12
rom0-again words 15: out -27, passage -14, stem 17, more -15, option -38, answer -21, facts -17, row -16, remark -20
rom0-again words 3: answer -12
rom0-again words 7: stem 22, keys -21
rom0-again words many: stem 30, keys -30
rom1 end none: out -29, passage -21, stem 47, more -36, option -47, answer -33, facts -28, row 35, keys 31
rom1 end stop: out -15, passage -17, stem -52, option 30, answer -28, feedback -17, facts -25, row -23, keys -26, remark -22
rom1 words 15: out -32, stem 47, more 16, option -22, answer -17, row -22
rom1 words 3: out -26, passage -17, more -59, option 54, answer -31, feedback -14, facts -21, row -52, keys -35, remark -21
rom1 words 7: out -28, passage -21, stem 14, option -46, answer -18, facts -15, row 42, keys 15
rom1-first end none: out -54, passage -23, stem 26, more -54, option -13, answer -28, facts -21, row 17, bank -13, keys 15
rom1-first end stop: stem -57, option 23, row -17, keys -19
rom1-first words 15: out -32, more 21, option -20, answer -29, feedback -16, row -40
rom1-first words 3: out -19, stem -54, more -33, option 36, answer -19, facts -22, row -42
rule end gap: out -56, passage -14, stem -44, option -24, wrapped -18, answer -40, feedback -13, facts -17, row -15, bank -12, lines 48
rule end none: out 53, passage -34, stem -52, more -125, option -50, feedback -40, facts -85, bank -20, lines -137, keys -80, remark -12
rule words 1: out 29, passage -43, stem -43, option -51, wrapped -23, answer -121, feedback -48, hint -19, facts -93, bank -25, lines 25, keys -74, remark -17
rule words 15: out 90, stem -46, more -18, row -60
run: out -49, passage -61, more -86, option 50, wrapped -32, answer -20, feedback -69, hint -31, row -100, lines -27, keys -12, remark -34
run before: passage -83, stem 51, more -160, option -119, wrapped -50, answer 65, feedback 35, hint -68, row -74, keys 12, remark -51
run behind: out -41, passage -19, stem 79, more 46, option -38, wrapped -45, answer -13, feedback -49, hint -27, facts -101, row -40, bank -58, lines -15, keys -15, remark -31
run from the first: out -106, passage -59, stem 32, more -85, option 26, wrapped -31, answer -18, feedback -53, hint -27, row -102, lines -27, keys 17, remark -26
run from the start: out -52, passage -53, stem -204, more -77, option 144, answer -48, feedback -59, hint -26, facts 13, row -65, bank -76, lines -22, remark -30
run of 2: passage -23, stem -34, more -32, option 24, answer 23, feedback -36, hint -14, facts -42, row -59, bank -43, keys 27, remark -23
run of 3: passage -22, stem 37, more -33, wrapped -16, answer -52, feedback -15, facts -62, row -77, keys -26
run of 4: out -96, passage -50, stem -18, more -50, option 64, wrapped -17, answer -51, feedback -33, hint -13, facts 20, row -65, bank -51, lines -17, keys -77, remark -18
run of 5: out -21, stem -17, more -31, answer 23, facts -26, row -12, bank -15
second: stem -13, more -27, option -34, answer -74, hint -28, facts -15, row -15, bank -61, lines -28, keys -33, remark -35
section end bracket: out 89, passage -14, stem -154, more -36, option -19, answer -25, feedback -22, facts -57, row -19, bank -27, keys -55, remark -24
section end none: out 19, passage -20, stem -42, option -19, answer -49, feedback -27, keys 16
section end stop: out -33, stem 32, answer -18, feedback -29, keys 40
section words 15: out 28, stem -80, answer -23, feedback -22, facts -17, remark -17
section words 3: out 52, passage -20, stem -28, option -18, answer -55, feedback -13, keys -42
section words 7: more -89, answer -21, feedback -30, facts -53, bank -19, keys 41
sentence end stop: passage 13, stem -27, option -12, wrapped -26, answer -38, feedback -22, hint -63, facts -64, row -44, bank -55, lines -50, keys -20, remark -25
sentence words 15: passage -29, more -14, wrapped -24, hint -52, facts -49, row -41, bank -39, lines -38, keys -25, remark -13
sentence words many: out 16, passage 16, stem -62, option -94, answer -89, feedback -20, hint -15, facts -34, row -21, bank -21, lines -18, remark -24
short asks capital: passage 31, stem -27, more -65, answer -31, feedback -117, hint -20, facts -29, row -18, bank -86, lines 22, keys 23, remark -32
short asks label: out -44, passage -21, stem -60, more -17, answer 79, feedback -46, row -92, keys -83, remark -48
short asks small: passage -17, stem -23, more -111, wrapped -33, answer 23, feedback -51, facts 34, row -107, lines -17, keys -96
short bracket capital: out -34, passage -53, stem -17, more -142, wrapped -24, answer 16, feedback 31, hint -48, facts 13, lines 22, keys -61, remark -43
short bracket label: out -19, stem 21, more -99, answer -38, feedback -80, hint -13, facts -13, row -20, bank -36, lines -15, remark -28
short bracket small: out 19, passage -43, stem -41, more -60, wrapped -14, answer -68, feedback 31, facts -52, row -39, bank -35, lines -12, remark -19
short colon capital: out 58, passage -38, stem -51, more -35, option -28, answer -18, feedback -48, facts -33, row -51, bank -18, lines -20, keys 53
short colon label: out -84, stem -57, more -45, option 22, answer -29, feedback -36, facts -26, row 28, bank -15, remark 23
short colon small: out -59, stem -87, more 14, option 16, answer -64, feedback -25, facts -24, keys 18
short comma capital: out 23, passage -21, option -17, answer -20
short comma small: out 24, passage 24, stem -41, option -29, answer -26, keys -43, remark -18
short deeper capital: out -50, passage -87, stem 60, more -81, option 18, wrapped -26, answer -39, hint -37, facts -21, row -38, bank -91, lines -16, keys -60, remark 27
short deeper label: out -102, passage -27, stem -20, more -53, option -29, wrapped -55, answer 23, feedback -52, hint -25, facts -73, row 65, bank -13, lines -32, remark 29
short deeper small: passage -31, stem 34, more -43, option -49, answer -67, feedback -15, hint -16, facts 23, row 53, bank -19, lines -38, keys 23, remark -33
short end bracket: out -38, passage -43, more 51, wrapped -60, answer -44, feedback 24, facts -84, row -12, keys -43
short end comma: out 50, passage -44, stem -25, more -23, option -29, answer -41, feedback -17, facts -24, keys -15
short end gap: out -66, passage -33, stem 44, more -12, option -52, answer -44, facts -27
short end none: out 33, stem -93, more -55, wrapped 14, answer 19, feedback -92, facts -28, row -49, bank -42, lines -38, keys -44, remark -26
short end stop: out -95, stem 53, option -19, wrapped 30, answer -46, feedback 43, hint -36, facts -97, lines -16, remark 18
short gap capital: out -60, passage 20, stem -56, more 13, wrapped -14, answer 25, feedback -61, hint -20, row -19, keys 17, remark -12
short gap label: out -27, passage -13, stem -22, option 49, answer -53, feedback -20, hint -14, facts -15, row -31, bank -18, lines -31, remark -15
short gap small: passage -33, more -83, wrapped -24, feedback -50, facts -69, row -60, keys -70, remark -24
short none capital: out -23, passage 19, more -102, wrapped -127, answer -28, feedback 38, facts -17, bank -55, lines -71, keys -31, remark 13
short none label: out -47, passage -58, stem -14, more -62, wrapped -92, answer -17, feedback 16, hint -48, facts -67, bank -40, lines -36, keys -13, remark -103
short none small: out -70, passage -100, stem 14, option -37, wrapped -63, answer -39, hint -47, facts -48, bank -47, lines -43, keys 16, remark -58
short out capital: out 29, stem -104, more -77, option -23, wrapped -64, answer 14, feedback 48, hint -69, facts -33, row -25, lines 35, keys -59, remark 24
short out label: out -58, passage -24, stem 12, more -78, wrapped -41, feedback -54, hint -38, facts -14, bank -26, lines -22, remark -46
short out small: out -17, passage -23, more -32, option -63, wrapped -52, answer 73, hint -15, row -20, bank -31, lines -28, keys 28, remark -48
short same capital: out -22, passage 22, more -93, wrapped -129, answer -15, feedback 14, hint 17, bank -63, remark -54
short same label: out -30, passage -87, stem -44, more -24, wrapped -69, answer 13, hint -54, facts -51, row -39, bank -60, lines -59, keys -40, remark -23
short same small: out -53, passage -62, more -73, wrapped -155, answer -16, hint -47, facts -52, row -25, bank -54, lines -43, keys -16, remark -75
short stop capital: passage 13, stem -55, wrapped -36, answer 32, feedback -49, facts -15, row -61, bank -73, lines 38, remark -82
short stop label: out -45, passage -67, stem -52, wrapped -35, answer -30, feedback -40, hint -59, row -24, bank -40, lines -63, keys -31, remark 35
short stop small: out 35, passage -63, more -105, option -39, wrapped -34, answer -28, feedback -105, hint -14, facts 28, bank -33, lines -32, keys 13, remark -86
short words 1: out -52, passage 36, more 31, option -20, wrapped 37, feedback 20, hint -14, facts -154, row -29, bank -24, lines -21, keys -33, remark -46
short words 3: out 23, passage -24, more -36, answer -50, hint -37, row -51, bank -32, lines -45, keys -27, remark 14
short-sentence end stop: passage -24, stem -18, option -13, answer -19, facts -58, row -50, bank -49, lines -39, keys -27
short-sentence words 15: out 55, stem -38, more -44, option -57, wrapped -28, answer -48, feedback 15, hint -87, facts -34, row -24, remark -81
short-sentence words 7: out -33, passage -27, stem -12, more 13, wrapped 21, feedback -17, facts -43, row -40, bank -44, lines -34, keys -21, remark 38
slanted: stem -110, more -62, option -86, wrapped -17, answer -111, feedback 17, hint -60, row -62, bank -17, lines -26, keys -39, remark -50
speaker changes: out 46, passage 38, stem 14, more -65, option -73, wrapped -21, answer -69, feedback -136, hint -17, facts 20, row -48, lines -36, remark -33
table-down end none: out -65, stem -53, option -35, answer -66, feedback -29, facts -39, row -33, bank -15, keys 67
table-down words 15: out -28, stem -21, answer -28, facts -16, keys 28
table-down words 7: out -49, stem -36, option -29, answer -41, feedback -26, facts -28, row -26, bank -15, keys 50
table-pairs end none: out -15, passage -35, stem -104, more -74, option -49, wrapped -13, answer -60, feedback 15, hint -33, facts -59, bank -63, lines -34, remark 17
table-pairs words 15: passage -14, stem -55, more -40, option -19, answer -43, facts -32, row 69, bank -17, lines -15, keys -77, remark 24
table-pairs words 7: out -14, passage -18, stem -62, more -48, option -28, wrapped -13, answer -49, feedback -71, hint -27, facts -41, row -18, bank -46, lines -19, keys 52, remark -28
table-pairs words many: out -65, passage -15, stem -29, answer -21, feedback 32, facts -18, row -50, keys 54, remark -75
table-ticks end none: passage -28, stem -76, more -44, option -32, answer -53, feedback -27, facts -44, row 48, bank -28, keys -42
table-ticks words 15: out -77, passage -26, stem -63, more -41, option -30, answer -37, feedback -15, facts -22, row 74, bank -18, keys -22
table-ticks words 7: out -63, stem -31, more -18, option -27, answer -28, feedback -13, facts -28, row 46, keys -20
table-ticks words many: out -14, row 17
table-wide end none: passage -18, stem -87, more -36, option -40, answer -51, feedback -50, facts 15, row -39, bank -30, lines -16, remark -31
table-wide words 15: out -43, passage -16, stem -79, option -39, answer -70, feedback -34, facts 31, row -39, bank -23, keys 15, remark -31
table-wide words many: out 63, more -27, answer -31, feedback -35, facts -53, keys -44
text end bracket: out -67, passage -68, stem 65, more 33, option -84, wrapped -22, answer -28, feedback -69, hint -18, facts -22, bank -16, lines -15, keys -48
text end comma: more -31, wrapped -28, answer 12, feedback -14
text end none: out 30, passage 33, stem -41, more -40, wrapped 19, hint -30, facts -86, row -69, bank -56, lines -31, keys -36, remark -29
text words 15: passage 27, wrapped 18, answer -18, hint -42, facts -67, row -68, bank -37, lines -31, keys -46, remark -39
text words many: more -13, feedback -100, facts -28, row -15, lines -15
ticked end none: out -12, passage -22, stem -61, more -70, option 21, feedback -48, facts -56, row -27, bank -24, keys -53
ticked words 1: out -93, stem -22, more -41, option 42, answer 26, facts -22, keys -26
ticked words 3: out -68, more -28, option 35, feedback -13, facts -55
ticked words 7: out 59, passage -15, stem -47, more -30, answer -74, feedback -38, facts -20, row -15, bank -19, keys -36
truth end none: out -22, passage -21, stem -41, answer 18, feedback -45, facts -53, row -28, bank -23, lines -24, keys -66
truth words 1: out -14, passage -21, stem -40, feedback -45, facts -50, row -28, bank -23, lines -17, keys -62
word again: out -60, passage -16, stem 22, more -30, answer -54, feedback -27, facts 22, row -22, bank -24, keys -22
word again asks few: out -56, passage -16, more -30, answer -54, feedback -27, facts 23, row -21, bank -24, keys -21
word again fits most: out -38, more -24, option 12, answer -30, feedback -12, row -17, bank -14
word again fits none: out -14, stem 46, facts -31
word again fits some: out -27, stem 21, option -27, answer -38, feedback -16, facts 32, bank -14, keys -35
word asking few: out 32, stem 21, more -32, option -52, wrapped -16, answer -52, feedback -33, hint -16, facts -53, row -14, remark -19
word asking most: out -40, stem 68, more -16, option -41, answer -38, feedback -15, facts -95, row -17, lines -12, keys -32
word asking none: out -31, passage -59, stem -15, more -107, option -84, wrapped -30, feedback -100, hint -48, facts 58, row -77, bank -72, lines -23, keys -69, remark -62
word asking some: more -29, option 40, answer -55, feedback -26, facts -99, row -20, keys -50
word-lone end asks: out -38, stem 45, option -21, facts -27
word-lone end bracket: out 19, stem -54, more -24, answer -36, feedback -14, row -23, keys 22
word-lone end gap: out -45, stem 43, facts -49
word-lone end none: out -59, passage -23, stem 24, more -16, option -37, answer -36, feedback -12, facts 51, row -25, bank -13, keys -16
word-lone end stop: out 79, stem -20, more -28, option 21, answer -44, feedback -37, hint -16, facts -72, keys -37, remark -36
word-lone words 1: out -97, passage -22, more -19, option -28, answer -52, facts 64, keys -31
word-lone words 15: out 53, stem -42, option -20, answer -34, feedback -17, facts -116
word-lone words 3: more -21, option -21, answer -30, row -24, keys -18
word-lone words 7: stem 21, more -37, option 15, answer -40, feedback -33, hint -16, facts -125, row -14, bank -13, keys -39, remark -35
word-lone words many: stem 30, facts -25
word0 end asks: out -52, stem 60, more -21, option -57, answer -18, feedback -12, facts -56, row -16
word0 end bracket: out 43, stem -68, more -33, option -33, answer -82, feedback -43, facts 40, bank -14, lines -15, keys -34, remark -13
word0 end colon: out -43, stem 55, facts -46
word0 end gap: out -34, stem 36, more -14, facts -39
word0 end none: out -61, passage -31, more -43, option -22, wrapped -21, feedback -41, hint -14, facts 36, row -53, bank -19, keys -48
word0 end stop: out 16, passage -13, stem 49, more -12, option -58, wrapped -18, answer -74, feedback -28, hint -23, facts -84, lines -14, remark -22
word0 of 1: passage -30, more -44, answer -57, feedback -49, facts 15, row -27, bank -22, remark -33
word0 of 2: passage -26, more -18, option -17, answer -119, feedback -17, row -16, bank -16, keys -15
word0 of 4: out -43, passage -20, more -40, option 15, wrapped -17, feedback -24, hint -19, facts 41, row -27, bank -24, keys -26
word0 of 8: out 28, passage -29, stem 13, more -38, option -83, wrapped -12, answer -39, feedback -35, hint -17, row -46, bank -31, lines -16, keys -68, remark -27
word0 of many: out -62, stem 67, more -34, option -157, wrapped -16, answer -168, feedback -58, hint -18, facts -24, row -14, lines -16, keys -32, remark -18
word0 run: out -25, stem 56, facts -39
word0 words 1: out -37, passage -31, stem -62, more -37, wrapped -18, answer 19, hint -23, facts 59, row -35, bank -13, lines -16, keys -41, remark -26
word0 words 15: stem 79, more -31, option -52, answer -76, feedback -25, hint -13, facts -126, row -23, bank -27, keys -20, remark -15
word0 words 3: out -70, option -26, answer -42, facts 40, keys -30
word0 words 7: out 20, passage -18, stem 23, more -44, option -55, wrapped -16, answer -106, feedback -69, facts -71, row -26
word0 words many: out -93, stem 35, facts -26
word0-again end asks: out -16, stem 28, facts -18, keys -13
word0-again end bracket: stem 56, facts -52
word0-again end none: out -52, passage -14, more -26, answer -54, feedback -25, facts 24, row -18, bank -21, keys -21
word0-again end stop: stem 18, option -29, facts -14
word0-again words 1: out -20, stem -103, option -42, answer -39, facts 40, keys -27
word0-again words 15: stem 44, facts -32
word0-again words 3: stem -44, option 29, facts -27, keys 15
word0-again words 7: out -46, passage -16, stem 44, option -32, answer -26, feedback -21, facts -54, row -16, bank -24, keys 22
word1 of 1: out -22, more -13, answer -43, hint -14, facts -22, row -24, remark -14
word1 of 2: out -71, passage -17, stem 26, more -20, answer -41, facts 37
word1-first end none: out -36, passage -17, answer -22, facts 19
words 1: out -23, passage -55, stem -192, more 19, option -21, wrapped -22, feedback -67, hint -90, row -128, bank -102, lines -32, remark -136
words 15: out -23, passage -29, stem 53, more -27, option -74, wrapped -61, answer -57, hint -18, facts -128, bank -21, lines -118, keys -41
words 3: out -20, passage -54, stem -112, wrapped -22, answer 36, feedback -67, hint -96, facts 55, row 21, bank -135, keys -27, remark -57
words 7: out -21, passage -27, option -31, wrapped -37, answer -37, hint -14, facts -78, row 25, bank 18, lines -120, remark -27
words many: out -43, stem 63, more -26, option -101, wrapped -32, feedback 35, hint -67, facts -100, row -105, bank -93, lines -79, keys -37, remark -94
zone body: out -65, passage -45, stem -27, more -21, wrapped -18, hint -27, facts -39, row -12, bank -23, lines -87, keys -76
zone body arrow: out -43, passage -14, stem -24, more -20, option -57, answer 63, feedback -25, facts -28, row -31, keys -36
zone body asks: passage 19, option -29, answer -37, feedback -27, facts -29, row -28, keys -15, remark -16
zone body box: out -39, passage -14, stem -70, more -62, option 43, wrapped -16, feedback -34, facts -37, row -34, bank -15, lines -30, keys -32, remark -25
zone body bracketed: passage -24, stem -63, more -45, option -52, wrapped -14, answer -21, feedback 36, hint -40, facts -53, row -34, lines -21, keys -93, remark -30
zone body bullet: out -44, passage -33, stem -80, option 44, wrapped -18, feedback 15, hint -15, facts -38, row 32, keys -33, remark 24
zone body capitals: out -22, passage -36, stem -39, more -44, option 16, answer -12, feedback -47, hint -14, facts -33, row -31
zone body cells: stem -35, option -35, answer -23, feedback -32, hint -36, facts -58, lines -18, keys -52, remark -35
zone body chatter: out -21, passage 28, stem -39, more -24, answer -44, feedback -46, facts -22
zone body colon: out -38, stem -35, answer -17, feedback -28, hint -20, facts -15, keys 42
zone body cue-answer: out -47, passage -28, stem -55, more -42, option -35, wrapped -31, answer 49, feedback -52, facts -62, row -52, bank 18
zone body cue-difficulty: out -26, passage -17, more -13, option -24, answer -35, feedback -27, facts 53, row -29, keys -41
zone body cue-feedback: out -70, passage -22, stem -41, more -43, option -33, wrapped -36, answer -80, feedback 58, hint -48, row -38, bank -15, keys -75, remark 14
zone body cue-hint: out -60, passage -17, stem -42, wrapped -14, answer -54, feedback -52, hint 50, facts -25, row -16, keys -15, remark -27
zone body cue-level: out -15, stem -74, more -60, answer -18, feedback -31, facts 25, row -43, keys -20
zone body cue-outcome: out 14, passage -27, stem -57, more -23, option -43, answer -52, feedback -65, hint -23, row -48, bank -20, keys -64, remark -15
zone body cue-points: out -33, stem -46, more -30, option -41, answer -47, feedback -40, facts 60, row -25, keys -37
zone body cue-sample: out -33, passage -15, stem -26, more -41, option -34, answer 46, feedback -31, facts -22, row -15, bank -27, keys -55, remark -13
zone body cue-wordBank: out -29, passage -17, stem -30, more -36, option -27, wrapped -15, answer -37, feedback -15, facts -30, row -24, bank 47
zone body field: passage 46, stem -23, more -32, option -53, hint -47, facts -62, bank -24, lines -15, keys -76, remark -34
zone body gap: out -41, passage -53, more 19, option -57, wrapped -15, feedback -58, hint -27, facts -41, row -30, bank -18, lines -15, keys -23, remark -15
zone body heading: out 31, passage -17, more -46, option -20, answer -129, feedback -30, facts -45, row -15, bank -29, keys -37
zone body identity: out 50, more -21, answer -19, feedback -13, facts -24
zone body key-title: out -33, stem -16, option -16, answer -19, feedback -34, facts -28, keys 24
zone body let-lone: passage -42, stem -20, option 37, wrapped -14, answer -50, feedback -30, hint -18, facts -52, row -20, bank -24, lines -20, keys -39, remark -25
zone body let0: out -23, stem 32, more -87, option 16, wrapped -42, answer -44, hint -14, facts -79, bank -31, lines -19, keys -57, remark -22
zone body let1: out -14, passage -44, more -78, wrapped -49, answer -30, feedback -59, hint -41, facts -68, bank -41, lines -38, keys -52, remark -16
zone body let1-first: out 23, passage -16, stem -40, more -46, wrapped -28, answer -25, feedback -28, hint -18, facts -51, bank -19, lines -18, keys -31
zone body let2: passage -18, stem -45, more -15, wrapped -54, answer -18, feedback -27, facts -41, row -28, keys -22, remark -12
zone body let2-first: out 16, stem -31, more -42, wrapped -21, answer -19, facts -35, row -21, keys -40, remark -13
zone body letter: out -33, option -13, answer 38, facts -24, keys -13
zone body num-lone: out 14, more -16, option -21, wrapped -22, answer -14, feedback -84, hint -21, bank -37, lines -26, keys -23, remark -19
zone body num0: out -28, passage -58, stem 39, more -23, option -31, wrapped -61, answer -56, feedback -120, hint -45, facts -46, row -36, bank -42, lines -43, remark -52
zone body num0-again: more 34, option -68, answer -34, feedback -26, facts -17, row -34
zone body num1: out -49, passage -23, stem 30, more -62, wrapped -31, answer -150, feedback -189, hint -23, facts -57, bank -25, lines -12, remark -47
zone body num1-first: out -37, passage -22, more -61, wrapped -16, answer -55, feedback -46, hint -17, facts -45, bank -29, lines -22, keys -35, remark -28
zone body number: passage -31, stem -38, more 27, feedback -54, hint -14, facts -61, row -30, bank -17, keys -93, remark -48
zone body pair: passage -12, stem -39, option -29, answer -73, feedback -30, hint -29, facts -38, bank -37, remark -17
zone body phrase: out 20, passage -84, stem -52, more -40, wrapped 38, feedback -34, hint -38, facts -79, bank -36, lines -23, keys -43, remark -31
zone body rom-lone: out 98, more -22, option -36, answer -42, facts -28, row -15, keys -76
zone body rom0: passage -42, stem 15, option -58, wrapped -19, answer -50, feedback -40, facts -43, row -45, bank -31, lines -21, keys 28, remark -36
zone body rom1: out -34, passage -17, stem -32, answer -30, feedback -25, facts -24, remark -21
zone body rom1-first: out -30, stem -16, more -20, answer -26, feedback -20, facts -23, bank -13, keys -12
zone body rule: out 43, stem -36, option -38, wrapped -17, answer -98, row -31, keys -34
zone body section: out 65, stem -69, more -29, option -20, answer -33, feedback -18, facts -97, row -19, bank -20, keys -56, remark -18
zone body sentence: passage -25, stem -15, more -20, option -72, wrapped -23, answer -45, feedback 27, hint -45, facts -42, row -38, bank -23, lines -16
zone body short: stem -31, option -37, wrapped 36, answer -24, feedback -21, hint -32, facts -92, row -48, bank -19, lines -20, keys -95, remark 27
zone body short-sentence: out -64, passage -85, stem -49, more -19, answer -19, hint 15, facts -43, row -39, bank -30, lines -12, keys 14, remark 22
zone body table-pairs: passage -20, stem -60, more -63, option -23, answer -33, feedback 29, facts -31, row 30, bank -42, keys -59, remark 20
zone body table-ticks: out 19, stem -36, more -40, option -27, answer -40, feedback -20, facts -42, row 17, keys -41
zone body text: out -60, passage 20, stem -66, wrapped 29, answer 38, feedback -16, hint -38, facts -42, row -35, bank -48, keys -84, remark -30
zone body ticked: out -41, stem -49, more -44, option 22, feedback -26, facts -29, row -25, keys -23
zone body truth: out 39, stem -23, option -35, answer -31, feedback -21, facts -37, row -26, bank -21, keys -31
zone body word-lone: stem -15, more -29, option 17, wrapped -12, answer -34, feedback -20, hint -17, row -36, bank -15, keys -30, remark -31
zone body word0: passage -34, stem 23, more -82, option -32, wrapped -39, answer -15, feedback -42, hint -42, row -64, bank -45, lines -34, keys -67, remark -43
zone body word0-again: out -25, stem 31, option -13, answer -24, feedback -16, facts -31, bank -14
zone body word1: out -57, stem 35, answer -29, facts 41
zone body word1-first: out -30, passage -17, stem -20, answer -20, facts 33
zone head: stem 16, more -20, option -72, wrapped -95, answer -93, feedback -42, hint -95, facts 41, row -54, bank -64, lines -63, keys -45, remark -110
zone head arrow: stem -18, more -22, option -90, answer 84, facts -38, row -13, keys -18
zone head asks: out 15, passage -66, option -34, answer -28, feedback -22, facts -45, bank -28, lines -28, keys -18
zone head box: out -27, passage -32, stem -28, option 55, answer -60, facts -16
zone head bracketed: out -54, passage -18, stem -43, more -35, answer -70, feedback -106, facts -17, keys 68
zone head bullet: out -33, stem 49, more -78, answer -59, feedback -92, hint -15, facts -62, row -109, bank -24, lines -16, remark -65
zone head capitals: out 50, passage -17, more 19, option -55, answer -119, facts -56, keys -60
zone head cells: passage -93, stem 16, more 28, option 28, wrapped -18, answer -36, feedback -25, hint -12, facts -112, row -88, bank -73, keys -100
zone head chatter: out 57, passage -36, stem -30, facts -19, keys -13
zone head colon: stem 14, facts -34, keys -45
zone head cue-answer: out -16, stem -22, option -92, bank -23, keys 12
zone head cue-difficulty: facts 48, keys -18
zone head cue-feedback: out -49, stem -14, option -15, answer -13, feedback 54, facts -47, keys -30, remark -37
zone head cue-level: out -33, stem -39, answer -20, facts 29
zone head cue-outcome: out 62, facts -51, keys -67
zone head cue-points: out 13, passage -13, stem -12, more -24, option -18, answer -50, keys -25
zone head cue-sample: out -16, answer 26, facts -12, keys 14
zone head cue-tags: out 85, facts -88, keys -26
zone head cue-wordBank: out 52, stem -19, bank -36
zone head field: passage -12, more -12, option 20, answer -76, feedback -40, facts 22, row -38, bank -25, lines -14, keys -46
zone head field-kind: out -25, more -14, facts 29
zone head field-number: out -18, facts 34
zone head field-option: option 12
zone head field-stem: passage -15, stem 23, option -12
zone head gap: more -42, answer -60, feedback -27, facts -23, keys -27
zone head heading: out -33, passage -44, stem -37, answer -58, facts 26, keys 27
zone head identity: out 28, passage -20, stem -19, facts -14
zone head instruction: out 15, stem -12
zone head key-title: passage -37, stem -69, feedback -15
zone head let-lone: passage 26, stem -16, more -13, answer -81, facts -25, row -56, bank -13, keys -71
zone head let0: out 46, passage 17, stem -15, option -21, answer -23, facts -24, keys -57
zone head let1: out -35, stem 23, option 83, answer -58, row -19, keys -66
zone head let1-first: out -51, stem 38, option 44, answer -54, facts -15, row -22, keys -21
zone head num-lone: passage -40, stem 16, more -40, option 25, facts -115, row -43, keys -49
zone head num0: out 64, passage -14, stem -70, more -20, option 13, answer -17, facts -40, row -18, keys -51
zone head num1: answer -26, keys -21
zone head num1-first: out -38, stem 30, more -17, facts -17
zone head pair: passage 19, more 17, feedback -25, facts -22, row -71, keys -53
zone head phrase: out -35, passage 20, stem 43, option -26, wrapped -61, answer -110, feedback -96, facts -26, row -32, bank -22, lines -15, keys -82
zone head rom-lone: out 25, stem -24, more -32, answer -13, facts -21, keys -40
zone head rule: out 17, passage -18, stem -28, more -34, option -34, answer -23, facts -16, row 44
zone head section: out -28, passage -22, stem 26, more -19, facts 24, keys -70
zone head sentence: stem -71, more -16, option -49, answer -21, facts -17, row -14, bank -16, keys -106, remark -24
zone head short: out 20, stem 34, more -38, option -53, wrapped -43, answer -29, feedback -32, facts 15, row -19, bank -19, lines -20, keys -86
zone head short-sentence: out 16, more 12, option -31, wrapped -19, answer -104, hint -83, facts -43, row -13, bank -18, lines -13, keys -142, remark -48
zone head table-pairs: out 19, passage -16, stem -23, feedback -18, facts -13, row 50, keys -52
zone head table-wide: out 96, answer -18, facts -70, keys -52
zone head text: out 25, more -46, option -45, answer -56, feedback -51, facts -48, row -28, bank -17, lines -12, keys -57
zone head word-lone: passage -21, stem -22, more -13, facts 22, keys -39
zone head word0: stem 21, answer -46
zone keys: out -13, passage -127, stem -35, more -56, option -41, wrapped -97, answer -18, hint -75, facts -33, row -21, bank -56, lines -40, keys 16, remark -87
zone keys asks: out -72, more 17, keys -25
zone keys box: out 30, stem -35, answer -82
zone keys bracketed: out -15, stem -17, more 13, option -20, answer -21, feedback -74, facts -13, keys 21
zone keys bullet: out 47, more -47, answer -60, facts -22, row -55, keys -19
zone keys capitals: out 37, option -27, answer -47, facts -14, keys -29
zone keys cells: out -19, passage -41, stem 31, more 31, answer -45, feedback -32, facts -56, row -53, bank -35
zone keys chatter: out 22, stem -13, feedback -13, keys -20
zone keys cue-answer: out -29, stem -33, more -26, option 28, feedback -17, facts -26, row -16, bank -24, lines -14
zone keys cue-difficulty: out -15, facts 49, keys -45
zone keys cue-feedback: out -49, more 23, option -24, answer -34, feedback 27, facts -29, keys -34, remark -17
zone keys cue-level: answer -55, facts 19, row -19, keys -25
zone keys cue-sample: out -22, stem -27, more -18, answer 20, feedback -13, facts -19, keys 21
zone keys field: out 40, passage -17, stem -37, answer -44, feedback -37, facts -25
zone keys gap: out -41, stem -18, more 26, option -15, answer -21, feedback -20
zone keys heading: out -28, stem -33, answer 45, feedback -14, facts -98
zone keys identity: out 15, keys -14
zone keys key-title: out 20, stem -29, more -18, option -40, answer -63, feedback -18, facts -26, row -23, bank -16, lines -13, keys -17
zone keys let-lone: out -29, more -40, option -33, feedback -15, row 30
zone keys let0: out -39, stem -57, option -29, answer -15, feedback -15, row -17, keys 71
zone keys let1: stem -30, option 37, answer -111, facts -26, row -43, keys -17, remark -50
zone keys let1-first: out -72, stem -31, more -17, option 18, facts -20, row -43
zone keys num-lone: out -62, more 50, option -50, answer -125, feedback -87, facts -33, row -14, keys 33
zone keys num0: out -64, option 92, answer -39, feedback -73, facts -57, row -49, keys -74
zone keys num0-again: passage -33, more -59, wrapped -19, answer -40, feedback -57, hint -33, facts -48, row -20, bank -33, lines -34, keys 15, remark -33
zone keys num1: out -62, stem -63, option -59, answer 47, feedback 38, row 29
zone keys num1-first: out -21, stem -19, option -27, row 25, keys 15
zone keys number: out -55, option -20, answer 21, keys 35
zone keys pair: out 13, passage -40, stem -85, more -37, answer -18, row -47, keys 18
zone keys phrase: out 17, passage -57, stem -24, answer -92, facts -25, row -34
zone keys rom-lone: out -23, stem -25, answer -28, keys 36
zone keys rom0-again: out -35, passage -19, stem 23, more -17, option -62, answer -37, feedback -14, facts -31, row -17, bank -12, keys 28, remark -30
zone keys rule: stem -18, more -35, lines 32, keys -16
zone keys section: stem -39, answer -20, feedback -13, facts -25, keys 41
zone keys sentence: out 41, passage -24, more -49, option -37, answer -57, feedback -34, keys -22, remark -23
zone keys short: passage -30, stem -91, option -28, wrapped -54, feedback 49, facts -114, row -13
zone keys short-sentence: passage -12, option -26, feedback -62, hint -48, remark -27
zone keys table-pairs: stem -19, answer -16, feedback -33, hint -21, facts -20, remark -21
zone keys text: passage -45, stem 44, option -42, answer -133, row -24, keys -19
zone keys word-lone: out 13, stem -32, answer -26, feedback -14
zone keys word0-again: out -42, stem 13, more -26, answer -41, feedback -13, facts 23, row -18, bank -14, keys -22
zone no numbers: out -31, stem 39, more -56, wrapped -87, feedback -58, hint -133, facts -39, row -51, bank -27, lines -62, keys -57, remark -75
zone no numbers arrow: out 16, stem -22, option -37
zone no numbers asks: out -45, passage -34, stem 19, more 23, option -64, answer -14, facts -21
zone no numbers box: out 31, passage -29, stem -47, more -41, answer -147, feedback -26, facts -39, remark -17
zone no numbers bracketed: out 43, passage -31, stem -48, more -14, option -85, answer -21, bank -28, lines -13, keys -95
zone no numbers bullet: stem 39, more -55, option -13, answer -144, feedback -92, facts -61, row -86, keys -19, remark -55
zone no numbers capitals: out 25, stem -36, option 12, answer -23, feedback -12, facts -25, keys -42
zone no numbers cells: passage -88, more -29, answer -102, feedback -53, facts 28, row -29, bank -52
zone no numbers chatter: out 38, passage -16, stem -26, more -13, answer -15, feedback -13
zone no numbers colon: more 59, option -18, facts -21, keys -42
zone no numbers cue-answer: out -37, passage -20, stem -88, more -76, option -124, feedback -18, facts -31, row -14, lines -20
zone no numbers cue-difficulty: out -28, stem -46, more -14, option -33, answer -64, feedback -29, facts 31, row -28, bank -17, keys 20
zone no numbers cue-feedback: out 22, passage -16, stem -59, more -43, option -65, answer -73, feedback -15, keys 48, remark 12
zone no numbers cue-level: passage -28, stem -26, more -20, option -15, answer 32, facts -20, keys -15
zone no numbers cue-outcome: out -43, stem -60, answer -30, feedback -13, facts 40, keys 34
zone no numbers cue-points: out -14, passage -14, stem -39, more -26, option -57, answer -154, facts 26, bank -29, lines -15, keys 32
zone no numbers cue-sample: out -48, stem -53, more -45, option -23, answer 15, facts -20, keys 14
zone no numbers cue-tags: out -16, passage -23, stem -34, more -25, answer -33, feedback -29, facts 30, row -12, keys -38
zone no numbers field: passage -41, stem -35, more -13, answer -37, feedback -87, hint -16, facts 20, bank -40, lines -29, keys -86, remark -24
zone no numbers field-kind: out 16, passage -31, stem -68, more -39, option -36, answer -17, feedback -32, row -35, bank -14, keys -27
zone no numbers field-number: out -35, passage -13, stem -24, option -30, answer -24, facts 56, keys -34
zone no numbers field-option: out -68, passage -14, stem -66, more -30, option 74, answer -47, feedback -23, facts -54, row -62, bank -15, keys -28
zone no numbers field-stem: out -33, passage -19, stem 51, more -24, option -25, answer -32, feedback -19, facts -33, row -25
zone no numbers gap: out -13, stem 14, answer -40, bank -15, keys -19
zone no numbers heading: out 102, stem -53, answer -48, facts -77, keys -66
zone no numbers identity: out 37, stem -32, answer -14
zone no numbers instruction: out 42, stem -24
zone no numbers key-title: out -22, stem -16, answer -15, keys 29
zone no numbers let-lone: passage -33, more -162, option -28, answer 13, feedback -15, facts -68, row -40, bank -19, keys 13, remark -37
zone no numbers let0: passage -16, more -13, option 24, answer -83, feedback -33, facts -45, row -41, keys -70
zone no numbers let1: out -103, stem 34, answer -104, feedback -22, keys -31, remark -18
zone no numbers let1-first: out -96, stem 22, more -43, option 24, answer -102, row -81, keys -15
zone no numbers let2: out -28, stem -18, option 62, answer -32, keys -25
zone no numbers let2-first: out -28, stem -28, option 64
zone no numbers letter: out 52, stem -50, more -80, option -51, wrapped -13, feedback -43, facts -29, keys -20
zone no numbers num-lone: out 14, passage -28, stem -15, more 16, option 41, answer -56, feedback -68, facts -41, row -29, keys -18
zone no numbers num0: passage -30, more -39, option -95, answer -28, feedback 28, facts -91, row -47, keys -104
zone no numbers num0-again: out -66, more -54, option 40, answer -26, facts -24, row -43
zone no numbers num1: option 33, answer -58, feedback -26, row -23, keys -18
zone no numbers num1-first: out -31, option 13, row -17
zone no numbers num2: out -42, more -35, answer -50, feedback -29, facts -56, row 13, keys -18
zone no numbers num2-first: more -29, answer -21, facts -13
zone no numbers number: stem -27, more -41, option -34, answer 42, facts -39, keys -102
zone no numbers pair: out 19, passage 18, stem 23, answer -23, feedback 13, facts -25, row -80
zone no numbers phrase: passage 51, stem -40, more 23, option -39, wrapped -76, answer -17, feedback -41, facts -57, row -52, bank -42, keys -76
zone no numbers rom-lone: out 14, passage -14, more -13, answer -39, facts -27, keys -70
zone no numbers rom0: out -17, stem 36, more -24, option -52, answer -53, facts -35, row -14, keys -39
zone no numbers rule: out 22, passage -17, stem -75, more -20, option -59, answer -135, feedback -33, facts -74, row 45, lines 20
zone no numbers section: out 63, stem -78, more -13, option -13, answer -24, facts -32, keys -25
zone no numbers sentence: passage 28, stem -32, more -29, option -49, answer -46, feedback -56, bank -15, keys -136, remark -29
zone no numbers short: out -29, stem -44, option 28, wrapped -91, answer -19, feedback -14, facts -16, row -25, bank -21, keys -19, remark -28
zone no numbers short-sentence: out 16, passage 19, stem -43, more 25, option -85, wrapped 25, answer -15, hint -45, bank -16, keys -98, remark -79
zone no numbers table-pairs: out -69, answer -14, feedback -23, row 41, keys 32
zone no numbers table-ticks: out -53, passage -23, stem -52, option -22, answer -25, facts -16, row 67, bank -20
zone no numbers text: passage 12, stem 20, option -23, wrapped -79, answer -57, feedback -63, facts -18, row -23, bank -19, lines -14, keys -33
zone no numbers ticked: stem -32, more -26, answer 13, feedback -22, facts -47, keys -15
zone no numbers truth: out -51, passage -14, stem -26, more -26, option 26, answer 36, feedback -17, facts -17, lines -14, keys -21
zone no numbers word-lone: out -28, stem 34, more -20, option -28, answer -47, feedback -21, keys -52
zone no numbers word0: option -33, answer -89
zone tail: out -26, passage -126, stem -19, more -18, wrapped -58, feedback -26, hint -109, bank -92, lines 18, keys -43, remark -88
zone tail arrow: out -24, stem -16, more -31, option 34, facts -18, keys -23
zone tail asks: passage -13, option -29, answer -15, feedback -26, facts -22, row -19, lines -19, keys -23
zone tail box: out -15, stem -31, option 58, answer -120, feedback -20, facts -27, keys -28
zone tail bracketed: out 33, stem -66, more 36, option -13, feedback -45, facts -14, bank -93, lines -17, keys -95
zone tail bullet: out 20, more 27, option 22, answer -112, feedback -49, facts -20, row -47, lines -20, keys -41, remark -32
zone tail capitals: out 19, option -51, facts -36, keys -40
zone tail cells: passage -53, more -43, option -26, answer -122, feedback -65, facts -13, row 19, bank -72, lines -26
zone tail chatter: out 36, stem -24, more -30, answer -30, feedback -21, lines -14, keys -18
zone tail cue-answer: out -59, passage -19, stem -33, more -20, option 15, answer 21, feedback -28, hint -14, facts -27, row -19, bank -74, lines -14, keys -22
zone tail cue-difficulty: out -20, more -18, option -39, answer -34, facts 13, lines -24
zone tail cue-feedback: out -62, stem -14, more 36, option -16, answer -22, feedback 34, keys -30, remark -62
zone tail cue-level: stem -17, answer -57, feedback -16, facts 21
zone tail cue-points: stem -20, more -13, option -15, feedback -31, lines -13
zone tail cue-sample: out -24, passage -13, stem -41, more -25, answer 44, feedback -32, facts -20, row -16, bank -15, lines -13, keys -39
zone tail cue-wordBank: out -38, stem -19, option -27, answer -26, feedback -24, row -19, bank 30, keys -18
zone tail field: out 20, passage -66, more -17, option -58, answer -59, feedback -84, facts -118, row -68, lines -18, remark -19
zone tail field-kind: stem -23, answer -46, facts 49, keys -33
zone tail gap: out 17, stem -24, option -27, feedback -23, facts -16, row -14, bank -15, lines -26, keys -32
zone tail heading: out 80, stem -45, option -30, answer -88, feedback -21, facts -22, row -29, keys -59
zone tail identity: out 41, answer -19
zone tail let-lone: out 31, stem 30, option -38, answer -66, feedback -16, facts -21, bank -16
zone tail let0: out 34, stem -65, more -18, option 15, answer 35, feedback -23, row -26
zone tail let1: out 14, stem 18, more -26, option -16, answer -31, feedback -19, facts -29, row -81, keys 18, remark -71
zone tail let1-first: out -28, stem 21, more -61, facts -23, row -65, remark -39
zone tail let2: out -29, stem -13, option 57, wrapped -29, answer -37, keys -19
zone tail let2-first: out -33, more -14, option 45, wrapped -21, answer -15
zone tail letter: out -30, more -13, answer 34, keys -24
zone tail num-lone: stem 12, more -27, option -35, facts -53, row -40, lines -18, keys -39
zone tail num0: out -55, more -31, option -51, answer -36, feedback -74, facts -39, row 73, lines -15, keys -13
zone tail num0-again: stem 37, more -31, option -61, answer -22, feedback 12, facts -14, row 47, keys -68
zone tail num1: out -18, stem 21, more -24, option 31, wrapped -21, answer -88, feedback -37, hint -16, facts -36, row -46, bank -16, lines -21, keys -75
zone tail num1-first: stem -16, option 27, feedback -13, facts -17, row -32, keys -52
zone tail number: out -19, more -61, facts -20, lines -16, keys 18
zone tail pair: out -14, passage -20, more -41, option -41, answer -69, feedback -34, facts -51, row 37, bank -32, lines -18, keys -30
zone tail phrase: out -23, passage -47, wrapped -44, answer -14, feedback 18, facts -35, row -67, lines -13, remark -16
zone tail rom-lone: out -21, stem 25, more -19, option -20, answer -34, feedback -22, facts -69, row -39
zone tail rule: out -18, stem -47, more -65, option -14, answer 27, feedback -13, facts -21, row -40, bank -15, lines 36, keys -44
zone tail section: out 50, stem -35, more -28, answer -27, feedback -37, facts -57, keys -24
zone tail sentence: out -13, passage -49, stem 27, more 13, option 24, feedback -71, hint -14, facts -25, row -16, lines -25, remark -48
zone tail short: passage -41, stem 22, option -26, wrapped 27, answer -36, feedback -41, facts -15, row -22, lines -19, keys -20, remark -12
zone tail short-sentence: out 31, passage -38, more -21, option 27, wrapped -21, answer -12, feedback -12, hint -32, facts -13, row -25, lines -18, keys -54, remark -48
zone tail table-down: out -65, stem -53, option -35, answer -66, feedback -29, facts -39, row -33, bank -15, keys 67
zone tail table-pairs: stem -50, more -12, option -26, wrapped -13, answer -53, feedback -63, facts -36, row -35, lines -19, keys 38, remark -20
zone tail table-ticks: out -52, row 77
zone tail table-wide: out -54, stem -33, option -12, answer -31, feedback -30, facts 17, row -12, keys 39
zone tail text: out 18, passage -54, stem -66, more -19, option 69, wrapped -46, answer -18, facts -27, row -37, bank -17, lines -22
zone tail ticked: out 41, more -29, answer -48, feedback -22, keys -30
zone tail truth: out -72, more 58, option -40, keys -37
zone tail word-lone: out 26, stem -29, more -18, option -14, answer -24, feedback -13, keys -34
# second
step: out>out 78, out>passage -135, out>stem -23, out>option -249, out>answer -17, out>feedback -238, out>hint -57, out>facts -54, out>row -94, out>bank -86, out>lines -112, out>keys -61, out>remark -64, passage>out -197, passage>passage 45, passage>stem -87, passage>facts -55, passage>bank -45, passage>keys -83, stem>out -85, stem>passage -111, stem>more 48, stem>hint -42, stem>facts -54, stem>row -55, stem>bank -12, stem>keys -110, stem>remark -92, more>out -109, more>passage -112, more>stem -37, more>more 35, more>option -21, more>feedback -26, more>hint -22, more>facts -38, more>row -76, more>bank 42, more>lines 28, more>keys -156, more>remark -55, option>out -172, option>passage -131, option>stem -127, option>option 47, option>feedback -44, option>facts -67, option>row -347, option>bank -88, option>lines -49, option>keys -180, option>remark -33, wrapped>out -133, wrapped>passage -46, wrapped>stem -37, wrapped>option 28, wrapped>feedback -80, wrapped>hint -16, wrapped>facts -57, wrapped>row -65, wrapped>bank -14, wrapped>lines -18, wrapped>keys -55, wrapped>remark -39, answer>passage -149, answer>stem -32, answer>option -240, answer>feedback 39, answer>hint -96, answer>facts 21, answer>row -137, answer>bank -62, answer>lines -59, answer>keys -81, answer>remark -135, feedback>out -43, feedback>passage -108, feedback>stem -26, feedback>option -120, feedback>answer -109, feedback>feedback 78, feedback>facts -17, feedback>row -95, feedback>bank -20, feedback>lines -85, feedback>keys -165, feedback>remark -47, hint>out -62, hint>passage -14, hint>stem -83, hint>option -50, hint>feedback -21, hint>facts -30, hint>row -38, hint>lines -13, hint>keys -25, hint>remark -16, facts>out -63, facts>passage -146, facts>stem 70, facts>more -157, facts>option -107, facts>answer -51, facts>feedback -34, facts>hint -44, facts>facts 17, facts>row -100, facts>bank -33, facts>lines -44, facts>keys -154, facts>remark -38, row>out -113, row>passage -139, row>stem -143, row>more -106, row>option -278, row>answer -14, row>feedback -85, row>hint -36, row>row 63, row>bank -38, row>lines -27, row>keys -181, row>remark -86, bank>out -31, bank>passage -13, bank>stem -79, bank>more -54, bank>option -54, bank>answer 12, bank>feedback -48, bank>facts -44, bank>row -43, bank>bank -18, bank>keys -65, bank>remark -13, lines>out -29, lines>passage -53, lines>stem -20, lines>more -83, lines>option -73, lines>feedback -23, lines>facts -28, lines>row -44, lines>bank -30, lines>lines 22, lines>keys -95, lines>remark -15, keys>out -83, keys>passage -66, keys>stem -220, keys>answer -142, keys>feedback -66, keys>hint -41, keys>facts -183, keys>bank -55, keys>keys 81, keys>remark -58, remark>out -92, remark>passage -37, remark>stem -108, remark>option -51, remark>wrapped -37, remark>answer -77, remark>feedback -52, remark>hint -18, remark>facts -77, remark>row -100, remark>bank -13, remark>lines -31, remark>keys -48
step over a gap: out>out 31, out>option -143, out>answer -51, out>feedback -175, out>hint -63, out>row -154, out>bank -137, out>lines -63, out>keys -13, out>remark -65, passage>out -158, passage>passage 55, passage>stem -23, passage>facts -13, passage>bank -49, passage>keys -55, stem>out -29, stem>passage -82, stem>stem -25, stem>more -45, stem>option -14, stem>answer -43, stem>feedback -142, stem>hint -43, stem>facts -26, stem>row 38, stem>keys 42, stem>remark -60, more>out -16, more>passage -52, more>more -103, more>option 31, more>hint -40, more>facts -49, more>row -44, more>bank 36, more>lines -41, more>keys -20, more>remark -50, option>out -46, option>passage -53, option>option -17, option>wrapped -86, option>answer -32, option>feedback -54, option>hint -16, option>facts -21, option>row -107, option>bank -43, option>lines -36, option>keys 20, option>remark -58, wrapped>out -14, wrapped>passage -14, wrapped>stem -12, wrapped>option -47, wrapped>answer 14, wrapped>feedback -13, wrapped>facts -38, wrapped>row -20, wrapped>keys -53, answer>passage -178, answer>option -101, answer>answer -94, answer>facts -29, answer>row -97, answer>bank -75, answer>lines -55, answer>keys -166, feedback>out -39, feedback>passage -118, feedback>stem 27, feedback>option -91, feedback>feedback -85, feedback>hint -32, feedback>row -78, feedback>bank -78, feedback>lines -42, feedback>keys -35, feedback>remark -34, hint>out -76, hint>passage -25, hint>option -28, hint>answer -33, hint>facts -56, hint>row -21, hint>keys -28, facts>out -25, facts>passage -55, facts>stem -48, facts>more -84, facts>option -68, facts>answer -27, facts>feedback -37, facts>hint -49, facts>facts 38, facts>row -60, facts>bank -34, facts>lines -24, facts>keys -44, row>out -27, row>passage -54, row>more -63, row>option -122, row>feedback -46, row>hint -26, row>facts -20, row>row -55, row>bank -31, row>lines -13, row>remark -35, bank>passage -22, bank>stem -28, bank>option -38, bank>answer -60, bank>feedback -16, bank>row -25, bank>bank -14, bank>remark -14, lines>passage -21, lines>stem -23, lines>more -30, lines>option -44, lines>feedback -17, lines>hint -13, lines>facts -26, lines>row -27, lines>bank -18, lines>keys -19, keys>out 26, keys>passage 14, keys>stem -84, keys>answer -145, keys>feedback -82, keys>hint -20, keys>facts -141, keys>bank -33, keys>keys -25, keys>remark -26, remark>out -16, remark>passage -41, remark>stem -65, remark>option -59, remark>wrapped -18, remark>answer -48, remark>feedback -23, remark>facts 21, remark>row -30, remark>bank -20, remark>lines -15, remark>keys -56, remark>remark -40
_full asks capital: out -44, passage -49, option 34, answer -16, facts -84, bank -26, lines -25, keys 31
_full asks label: out 15, stem -31, more -41, answer -65, facts 15, row -25, keys 20
_full asks small: out -43, more -13, option 16, answer 60, row -25, keys -55
_full bracket capital: passage -13, more -62, option -27, feedback -80, facts -60, row -34, bank 13, lines 18, keys -21
_full bracket label: out 30, passage -14, more -55, option 14, answer -104, feedback -48, facts -72, row -104, bank -35, lines -23, keys -28
_full bracket small: out -40, passage -31, more -32, answer 30, feedback -42, facts -27, keys 16
_full colon capital: out 48, answer -20, facts -44, keys -17
_full colon label: out 45, stem -47, facts 23, row -20, remark -12
_full deeper capital: passage -18, stem 47, more -33, option 20, feedback -33, facts -18, row -35, bank -46, lines -12, keys 21
_full deeper label: stem -49, option 45, row -21, keys -28
_full deeper small: passage -24, stem -23, option 38, answer 46, facts -48, bank -21, keys -33
_full gap capital: out 30, passage -58, more -36, option -16, answer -33, feedback -27, facts -27, bank 18, lines 17, keys 17
_full gap label: out 21, passage -21, more -28, option -51, answer -45, feedback -18, hint -20, facts 34, row -35, bank -23, lines -22, remark -18
_full gap small: out -38, stem -44, more -12, option -53, answer 43
_full none capital: passage -71, more -28, option -51, feedback -59, hint -26, facts 26, row -85, bank -57, keys -22, remark -22
_full none label: out 18, passage -19, stem -15, more -53, answer -43, feedback -30, hint -13, facts 14, row -53, bank -15, keys -96, remark -42
_full none small: out 43, passage -14, more -53, option -38, feedback -26, row -47, remark -16
_full out capital: out 14, stem -44, more -44, option 32, feedback -69, hint -18, bank -57, lines -25, keys -28, remark -44
_full out label: stem -30, more -48, answer -16, feedback -51, hint -18, facts 30, row -72, bank -29, lines -21, remark -30
_full out small: out -33, stem -13, more -19, option -35, answer 84, feedback -15, row -22
_full same capital: passage -22, option -71, answer -21, feedback -108, hint -22, bank 35, lines -13, keys -18, remark -39
_full same label: out 41, passage -61, stem -14, more -87, option -58, wrapped -16, feedback -48, hint -28, facts -30, row -19, bank -38, lines -28, keys -21, remark -36
_full same small: out -14, passage 16, more -71, option -68, answer 47, feedback -47, row -16, bank -31, keys -13
_full stop capital: more -14, option -22, feedback -77, lines -43, keys -19, remark -41
_full stop label: out -37, passage -31, more -35, answer 40, feedback -41, hint -12, bank -19, keys -35, remark -18
_full stop small: stem -16, answer -75, facts -13, row -16, bank -37, keys -64
_short asks capital: passage -33, stem -21, more -73, option 32, answer -25, feedback -24, hint -12, facts -40, row 12, bank -53, lines -27, keys 16, remark -13
_short asks label: passage -20, stem -18, more -34, option 38, answer -52, row -50, bank -12, remark -13
_short asks small: passage -51, more -24, answer 15, feedback -49, facts -19, row -13, bank -29, keys -80
_short bracket capital: out 22, passage -63, stem 23, more 31, option -31, feedback -51, hint -34, facts -92, row -31, bank -72, lines -44, keys -49, remark -39
_short bracket label: passage -25, more -25, option 21, answer -113, feedback -18, facts -40, row -52, bank -26, keys 24, remark -22
_short bracket small: out -34, passage -42, stem 13, more -50, option 17, feedback -35, facts -49, row -32, bank -16, keys 19
_short colon capital: out 66, passage -45, stem -26, answer -62, facts -25, keys -39
_short colon label: out -58, stem 41, facts -15, row 24, keys -17
_short colon small: out -30, passage 27, stem 13, keys -38
_short comma capital: out 34, answer 13, keys -19
_short comma label: out -29, facts 21
_short comma small: out 39, passage -24, stem -45
_short deeper capital: out -52, stem -21, more -62, option 31, wrapped -13, answer 18, feedback -87, hint -25, facts -28, row -25, bank -41, lines -28, keys -13, remark -27
_short deeper label: out -31, stem 59, more -20, option 21, answer -40, feedback -15, facts -26, row -13, keys -16
_short deeper small: out -19, passage -18, stem 16, more -24, option 50, feedback -40, facts -20, row -18, bank -33, keys -79, remark -15
_short gap capital: out 35, stem -57, more -27, option -20, answer -25, feedback -19, facts -57, row -21, bank -61, lines 13, keys -32
_short gap label: out 27, passage -17, stem -24, answer -41, row -21, keys -40
_short gap small: passage -35, more -15, option -37, answer 42, facts 23, row -21, keys -17
_short none capital: more -89, option -84, wrapped -77, feedback -15, row -92, bank -109, lines -59, keys -39, remark -37
_short none label: out 38, passage -53, stem -13, more -56, option -48, wrapped -34, feedback -86, hint -34, facts -22, row -91, bank -28, lines -21, keys -27
_short none small: passage 24, more -105, option -36, wrapped -33, answer 47, feedback -105, hint -23, row -83, bank -17, lines -31, keys -19, remark -34
_short out capital: passage -81, stem -15, more -68, wrapped -35, answer -19, feedback -15, facts -59, row -38, bank -109, lines -26, keys 24, remark 37
_short out label: out 23, passage -37, more -44, option -43, wrapped -28, feedback -50, hint -30, row -80, bank -32, lines -21, keys -15, remark -53
_short out small: out 13, passage -33, stem -16, more -39, option -47, wrapped -19, answer 21, feedback -72, hint -19, facts -49, row -55, bank -19, lines -12, keys 23, remark -24
_short same capital: more -23, option -119, wrapped -58, hint -18, facts -31, row -78, bank -25, keys 20, remark -73
_short same label: passage -96, stem -16, more -90, answer -57, feedback -51, hint -43, facts 16, row -20, bank -64, lines -23
_short same small: out -15, passage 29, stem 31, more -49, option -64, wrapped -23, answer 38, feedback -101, facts 13, row -70, bank -38, lines -36, keys -23, remark -16
_short stop capital: out -34, passage 19, stem 13, more -26, option -29, wrapped -17, answer -38, feedback 31, hint -50, facts -50, row -59, keys 28, remark -60
_short stop label: out -17, passage -29, stem -31, more -50, option 25, answer -95, feedback -46, hint -23, facts 44, row 30, bank -37, lines -19, remark -73
_short stop small: passage 16, stem 46, more -42, option 17, answer -100, feedback -58, bank -30, remark -29
any: passage -35, stem -22, more -17, option -20, wrapped -59, answer -21, feedback -37, hint -64, facts -19, row -41, bank -39, lines -56, remark -57
arrow end none: out -44, stem -13, more -41, answer 32, feedback -26, facts -24, row -31, bank -17, keys -31
arrow end stop: out 64, passage -17, stem -38, option -12, answer -43, feedback -19, keys -15
arrow words 15: out 70, passage -17, stem -41, option -47, feedback -15
arrow words 3: out -68, more -25, option -47, answer 55, facts -21, bank -13, keys -19
arrow words 7: out -25, stem -12, more -25, option 19, feedback -18, row -24, keys -22
asks end asks: passage -29, more 31, option -47, answer -52, feedback -42, hint -18, facts -54, row -41, bank -27, lines -32, keys -36, remark -28
asks words 1: out -45, more 23, keys -16
asks words 15: passage -25, stem 26, option -20, answer -32, feedback -25, facts -15, row -22, bank -23, lines -17, keys -16, remark -20
asks words 3: out 23, passage -39, stem -46, more 58, option -31, answer -20, facts -36, lines -20, keys -16
asks words 7: out -41, passage 26, stem 25, option -28, answer -17, facts -15, row -17, keys -32
asks words many: out 48, passage -22, more -34, answer -28, feedback -34, facts -18
before arrow: passage -54, stem -17, option -56, wrapped -30, feedback 21, hint -35, facts 17, row -22, keys -90, remark -36
before asks: out -76, stem 34, option 36, answer 19, feedback -88, hint -12, facts -17, row -56, bank -42, lines -29, keys -18, remark -37
before box: out 40, passage -30, stem -61, wrapped -23, answer -12, feedback -27, hint -89, row -81, bank -51, lines -24, keys -21, remark -84
before bracketed: out -35, passage -31, option 12, answer -16, hint -26, facts -60, row -25, bank -48, keys 69, remark -23
before bullet: out 33, passage -92, more 26, wrapped -86, answer 30, hint -60, bank -49, lines -65, keys -65
before capitals: out -46, stem 28, option 22, answer -96, feedback -76, hint -31, facts -40, row -45, keys 13
before cells: stem -20, more -45, answer -35, feedback -43, hint -29, facts -50, row 21, bank -47, lines 18, keys -30, remark -36
before chatter: passage -30, more -30, option -34, answer -41, feedback -44, facts 76, row -22, bank -12, keys -56, remark -15
before colon: passage 25, stem -76, row -20, keys -34, remark -12
before cue-answer: out -34, passage -94, stem -36, more -19, option -113, wrapped -12, answer -28, feedback 27, row -120, bank -61, lines -30
before cue-difficulty: out 73, passage -84, stem -98, more -49, option -111, answer -146, feedback -82, facts 22, row -68, bank -15, keys -16, remark -75
before cue-feedback: passage -53, stem -26, more -26, option -23, wrapped -20, feedback 15, facts -29, row -84, bank -27, lines -59, remark 18
before cue-hint: out 27, stem -20, option -13, answer 38, facts 21, keys -37
before cue-level: out -28, passage -16, stem 40, more -80, option -45, answer -66, feedback -89, facts 15, row -53, keys -77
before cue-outcome: passage -46, stem 18, more -76, answer -26, feedback -15, facts -14, row -27, remark -38
before cue-points: out -19, passage -60, more -32, option -46, answer -56, feedback 33, hint -39, facts -20, row -52, bank -26, lines -28, keys -12, remark 47
before cue-sample: out -32, passage -66, stem -37, more -47, option -64, answer 73, feedback -140, hint -23, facts 28, row -31, bank -28, lines -14, remark -37
before cue-tags: out -33, passage -24, stem 73, more -78, option -62, answer -46, feedback -29, facts -24, bank -14, keys -54
before cue-wordBank: out -28, passage -23, option -14, answer 34, facts 53, row -18, keys -28
before edge: out 19, passage -86, bank -47, keys -79
before end asks: out -18, stem -63, more -17, option 13, wrapped -35, answer 29, feedback -127, hint -31, facts -22, row -99, bank -107, lines -29, remark -69
before end bracket: passage -107, more -97, wrapped -37, feedback 44, hint -59, facts -28, row 13, lines -14, keys -26, remark -75
before end colon: stem -50, more -19, option 12, answer -15, feedback -79, facts -29, row 14, bank -26, lines -21, keys -29, remark -16
before end comma: stem -29, more 26, option -32, wrapped 14, answer 24, feedback -53, hint -21, facts -59, row -33, bank -17, keys -16, remark -26
before end gap: more -37, option -29, wrapped -40, answer -14, feedback -89, hint -32, facts -38, row -68, keys -31, remark -41
before end none: out -27, passage -48, stem -20, more 14, option -15, wrapped -36, answer -40, feedback -24, hint -44, facts -24, row -22, bank -79, lines -121, keys -15, remark -55
before end stop: passage 29, stem -41, more 26, option -52, wrapped -88, answer -13, feedback -33, hint -49, lines 51, keys -15
before field: out 12, passage 25, more -21, option -43, answer -66, hint -15, facts -43, bank -41, lines -25, remark -33
before field-kind: out 51, passage -55, stem -67, more -44, option -29, answer 47, feedback -38, facts -19, keys -55
before field-number: out -53, stem 28, option -29, answer -25, facts 54, keys -18
before field-option: out -49, stem -33, option 51, feedback 15, facts -80, row -35, bank -14, keys -43, remark -19
before field-stem: out -29, passage -40, stem -27, more 47, answer -39, feedback -18, facts 58, bank -53, lines -37, keys 13
before gap: out -18, passage 13, stem 33, more -53, option -58, answer -25, feedback -105, facts -26, row -67, bank 65, lines -50, keys -36
before heading: passage -39, stem 54, more -41, option -48, answer -107, feedback -106, facts -28, row -57, bank -25, remark -12
before identity: out 52, passage -88, option -34, answer -114, feedback -49, hint -18, facts -37, row -53, bank -23, lines -33, keys -109, remark -20
before instruction: out 98, passage -63, answer -45, facts -23, keys -43
before key-title: out -73, passage -34, stem -23, option -14, answer -64, feedback -35, hint -13, facts -29, row -31, keys 76, remark -12
before let-lone: passage -17, stem 17, more -31, option -19, wrapped -51, feedback -20, hint -29, row -23, bank -56, lines -47, keys -60, remark -34
before let0: stem 44, more -14, wrapped -56, answer -19, feedback -62, hint -46, facts 39, row -51, bank -28, lines -52, keys -14, remark 14
before let1: out -26, passage -113, stem -26, more -32, option -27, feedback -74, hint -22, facts -31, row -21, bank -62, lines -36
before let1-first: out -15, passage -17, more 30, option -20, wrapped 17, feedback -33, hint -18, row -17, bank -20, lines -24, keys 18, remark 13
before let2: out 46, passage -51, stem -13, option -41, wrapped -54, feedback 15, hint -23, facts 19, row -46, remark -46
before let2-first: stem -22, wrapped -27, row -43
before letter: out 29, passage -13, more -44, option 172, answer -110, feedback -59, facts -41, row -18, lines -27, keys -64
before lines: out -52, stem -19, answer 35, bank -29, lines 14
before num-lone: out -39, passage -61, stem 37, more 19, option 15, answer -47, feedback 25, facts -17, row 64, bank -70, lines -32, keys -17, remark -68
before num0: passage -96, stem -39, option 15, wrapped -59, feedback -42, hint -45, facts -53, row -28, bank -13, lines -34, remark -98
before num0-again: out 20, passage -40, stem -18, more -14, option -16, wrapped -44, feedback -33, hint -31, facts -55, bank -48, lines -32, keys -33, remark -39
before num1: passage -51, stem -41, more -13, wrapped -25, answer 22, feedback -22, hint -69, facts -53, row 18, bank -63, lines 18, keys -24, remark -36
before num1-first: out 12, passage -22, more -59, option 19, wrapped -20, answer -13, feedback -65, hint -14, facts -33, bank -31, keys -24, remark -24
before num2: out -29, more -18, answer -31, facts 25, row 19, keys -18
before num2-first: stem -13
before number: out 12, passage -50, more -15, option 48, wrapped -27, answer -122, feedback 41, facts -77, row -21, keys 26
before pair: out -14, passage -132, more 24, option -64, answer -120, feedback 32, facts -17, bank -20, lines -21, keys -61, remark -16
before phrase: out -21, stem -16, option 25, wrapped -16, answer -74, feedback -18, hint -31, facts 17, row -29, keys 45, remark -54
before rom-lone: out -57, passage -79, stem 86, more -12, option -39, answer -59, feedback -49, facts 12, row -60, lines -16, remark -18
before rom0: passage -27, stem 31, option -29, wrapped -14, answer -45, feedback -81, facts -39, row -21, bank -49, lines 33, keys -36, remark -19
before rom0-again: more -16, option -48, answer 19, feedback -32, row -20, keys 14
before rom1: out -57, stem -41, more 41, answer -30, feedback -18, facts 47, keys 25
before rom1-first: out 34, stem -50, answer -45
before rule: out -28, passage -58, more -72, option -101, feedback -35, hint -17, facts 47, row -17, bank -50, lines 21, keys 35, remark -27
before section: out -46, passage -137, stem 103, more -15, option -73, answer -116, feedback -97, hint -14, row -13, bank -30, keys -61, remark -39
before sentence: out -20, stem -37, more 16, option -25, hint -22, row -39, lines 14, remark -43
before short: out -19, passage 69, more -30, option 16, wrapped -77, answer -35, hint -81, facts -33, row -46, bank -75, lines -38, keys -79, remark -85
before short-sentence: out -31, passage 37, stem -21, more -72, option 31, wrapped -45, answer -46, feedback 24, hint -60, facts -18, bank -67, keys -12, remark -78
before table-down: out 21, stem -22, answer -34, feedback -24, keys -17
before table-pairs: out -31, passage -34, more -41, option -37, feedback -40, hint -18, facts -33, row 26, bank -25, lines -14, keys -20, remark -19
before table-ticks: passage -34, stem -45, more -49, option -28, answer -85, feedback -48, hint -20, bank -20, lines -19, keys 21, remark -13
before table-wide: passage -15, stem 26, more -33, option -17, answer -36, feedback -58, row -26, bank -17, keys -64
before text: out -18, passage 20, stem -56, option 27, wrapped 29, feedback -43, hint -35, facts -73, bank -50, lines -25, keys -14, remark -44
before ticked: out -21, passage -26, stem -23, option 13, answer -122, hint 37, facts 35, row -28, keys -64, remark -27
before truth: out 26, passage -21, stem 17, more -41, answer -86, feedback 22, row -63, keys -61, remark -24
before word-lone: out -38, passage -69, stem 31, more -24, answer 38, facts 61, row -29, bank -33, lines -21, keys -83, remark -18
before word0: out -29, passage -65, stem 45, more 35, wrapped -16, answer -28, feedback -126, hint -56, facts -25, row -19, lines -40, keys -24, remark -87
before word0-again: out 13, passage -18, stem 52, more -46, option 22, feedback -65, facts -64, bank -13, keys -15, remark -15
before word1: answer 19
before word1-first: more 23, answer -19
before2 arrow: out -52, passage -81, stem 30, more -29, option 19, wrapped -14, answer -15, feedback 63, hint -18, row -49, bank -21, keys -41, remark -23
before2 asks: out -51, passage -31, stem 18, more -14, option 85, answer -81, feedback -38, hint -33, row -83, bank -18, keys 13
before2 box: out -49, passage -53, stem 43, more -24, option -16, wrapped -43, feedback -20, hint -91, facts -12, row -71, bank -45, lines 26, remark -76
before2 bracketed: passage -45, stem -20, option 15, wrapped -22, answer -53, feedback 21, facts -40, bank 28, lines -13, remark -30
before2 bullet: out -18, passage -130, stem 20, more -29, option 28, wrapped -15, feedback -22, hint 22, facts 14, bank -44, lines -19, keys -44
before2 capitals: stem -46, more 16, answer -27, feedback -28, hint -22, row -19, bank -15, keys -20, remark -18
before2 cells: passage -17, more -37, wrapped -12, answer -16, feedback -59, hint -34, facts -46, row 22, bank -40, lines -25, remark -51
before2 chatter: out 40, passage -27, stem -30, option -26, answer -33, feedback -56, row -17, bank -14, keys 33, remark -25
before2 colon: passage 21, stem -61, more 13, option 20, answer -71, facts -16, row -24, keys -22, remark -15
before2 cue-answer: out -27, option -24, wrapped -23, answer -39, feedback 24, facts -26, bank -52, lines 17, keys -71, remark 62
before2 cue-difficulty: out -23, passage -58, stem -18, answer 23, row 19, bank -19, lines -17, keys 19, remark -50
before2 cue-feedback: out 32, passage -30, stem -17, more -35, option -45, wrapped -33, feedback -16, hint -13, facts -14, row -72, bank -47, lines -18, remark 68
before2 cue-hint: out -34, stem 31, answer -17, facts 13, keys -27
before2 cue-level: passage -50, stem -41, option 47, feedback -50, facts 38, bank -52, keys -71, remark -40
before2 cue-outcome: out -22, stem -57, more -21, option 53, answer -15, row -39, keys -30
before2 cue-points: passage -39, more -73, option -29, answer 26, hint -15, facts 16, bank -26, lines -29, keys 16, remark -20
before2 cue-sample: out -49, passage -43, more -81, option -26, answer 76, feedback -93, hint -17, facts -13, row -17, keys 35, remark -16
before2 cue-tags: out -13, stem 21, more -46, option -13, answer 30, feedback -26, facts -39, row -39, bank -14, keys -30
before2 cue-wordBank: out -76, option 59, answer -45, feedback -12, facts -33, row -19, bank 30
before2 edge: out 20, passage -15, more -25, option -26, answer -70, hint -19, facts -22, row -16, bank -71, lines -18, keys -43, remark -45
before2 field: out -22, passage -36, more -22, option -31, wrapped -13, answer 30, feedback -115, hint -18, facts -15, bank -52, lines -46, keys -17, remark -33
before2 field-kind: out -28, passage 29, stem -32, more 38, answer -64, facts 23, bank -14, lines -15, keys 26
before2 field-number: out -17, passage -13, stem 15, option -69, feedback 14, facts 37, lines -13, keys -71
before2 field-option: out -28, passage -57, stem -37, more 15, option 33, answer -22, feedback -53, row -44, bank -16, lines -15, keys -138, remark -42
before2 field-stem: out -26, passage -37, stem -28, more -24, option 27, answer -89, feedback -38, row -16, bank -26, lines -31, keys 13
before2 gap: passage 13, stem 13, more -28, option -36, feedback -92, hint -14, facts -19, row -20, bank 26, lines -14, keys 24
before2 heading: passage 14, stem -42, option 27, feedback -105, hint -16, facts -41, row -64, remark -35
before2 identity: out 26, passage 18, stem -29, more 18, option -21, answer -36, feedback -83, hint -31, facts -24, row -23, bank -20, lines -24, remark -28
before2 instruction: out 31, passage -18, stem -19, answer -63, feedback -54, facts -13, keys -36
before2 key-title: out -36, passage -22, stem -49, answer -66, feedback -35, hint -13, facts -24, row -35, bank -12, keys 68, remark -13
before2 let-lone: out -13, passage -17, stem -17, more 43, answer -27, feedback 19, hint -29, facts -18, row -19, bank -91, remark -35
before2 let0: out -34, passage -28, stem 50, more -23, wrapped -65, hint -72, facts -16, row -22, bank -31, keys -13, remark -65
before2 let1: out -13, passage -26, stem -31, more -13, option -49, answer -15, feedback -20, facts -29, row -69, bank -77, keys 21, remark -24
before2 let1-first: out -39, passage -33, more 16, feedback -27, hint -67, facts 49, row -25, bank -22, lines -18, remark -26
before2 let2: passage -51, stem 35, option -64, wrapped -42, feedback 42, facts -43, row -77, lines 25, remark -52
before2 let2-first: option 20, wrapped -40, answer 13, feedback -36, hint -16, row -29, keys 22, remark -19
before2 letter: stem 32, more -54, option -46, answer 17, feedback -41, row 23, keys -34, remark -17
before2 lines: out 20, more -20, option -45, row 21
before2 num-lone: passage -106, more 21, option 42, answer -36, feedback -121, facts -23, bank -40, remark -32
before2 num0: passage -113, stem -31, wrapped -94, answer -44, feedback -66, hint -56, facts -43, bank -63, lines -51, remark -98
before2 num0-again: out 32, passage -42, stem -48, option 12, wrapped -29, answer -34, feedback -43, hint -28, facts -78, bank -30, lines -24, keys -25, remark -45
before2 num1: passage -53, stem -12, wrapped -32, answer -15, hint -70, facts -23, row -33, bank -54, remark -42
before2 num1-first: passage -17, stem -21, wrapped -23, answer -24, feedback 33, row 24, bank -23, keys -49, remark -19
before2 num2: out 16, stem -39, answer -25, keys -15
before2 num2-first: out -18, stem 14, answer -18, feedback -16
before2 number: out -26, passage -16, more -47, option 62, wrapped -28, answer 17, feedback -43, facts 24, row -38, bank -21, lines -53, keys -77
before2 pair: out -22, stem 41, answer -44, feedback -67, facts -35, row -22, lines -13, keys -78, remark -18
before2 phrase: out -25, passage 19, more -62, option 14, feedback -49, hint -35, facts -24, row -25, bank -42, lines 19, keys -21, remark -59
before2 rom-lone: out -56, passage -58, stem 18, more 16, option 17, answer -50, row 22, bank -29, lines 14
before2 rom0: out -33, passage -26, stem 44, more -17, answer -21, feedback -23, hint -21, facts -34, bank -15, lines -32, remark -26
before2 rom0-again: out -22, stem -22, option -34, answer -44, feedback 44, facts -26
before2 rom1: out -49, stem 47, more 45, option 14, answer -30, facts -25, row -30, keys 14
before2 rom1-first: out -48, stem -28, answer -33
before2 rule: out -19, passage 14, stem -41, more -21, option -53, answer 12, feedback -110, hint -17, facts 14, row -23, bank -42, keys -16, remark -28
before2 section: out -14, stem 50, more -19, answer -30, feedback 30, lines -16, remark -15
before2 sentence: passage 31, stem 14, more -27, option -22, wrapped -42, feedback -34, hint -27, row -43, lines 24, keys -23, remark 14
before2 short: passage -16, stem -15, feedback 27, hint -54, facts -77, row -13, bank -41, lines -25, keys -41, remark -61
before2 short-sentence: out -21, passage 62, stem -25, more -12, option -14, answer -61, feedback -69, hint -51, facts -62, row 27, bank -37, lines -28, keys -37, remark 30
before2 table-down: out 22, stem -69, answer -55, feedback -44, keys -12
before2 table-pairs: passage -37, stem 48, more -54, option -16, feedback -35, hint -13, facts -40, bank -41, keys -27
before2 table-ticks: out -37, passage -37, stem -13, more -41, option 18, answer -85, feedback -54, hint -13, row 64, bank -19, remark -15
before2 table-wide: out -22, passage -14, stem 17, more 17, answer -77, facts -19
before2 text: out 21, passage 29, more -30, option -21, answer -46, feedback -65, hint -39, facts -13, bank -77, keys -32
before2 ticked: passage -35, stem 18, more -29, option -21, answer -135, facts 17, row -29, keys -70, remark -41
before2 truth: out -54, passage -26, more -31, option 28, answer 65, feedback -36, facts 22, row -44, keys -47
before2 word-lone: out 26, passage -66, more 41, option -27, facts 67, row 39, bank -26, lines -36, keys -50
before2 word0: out -27, passage -79, stem 12, more 62, option -35, wrapped -23, answer -28, feedback -15, hint -16, row -23, bank -18, remark -80
before2 word0-again: out -19, stem -21, more 14, option 15, facts -32, row 28, bank -19, keys 12
before2 word1: out 27, more -12, answer -17
before2 word1-first: stem 17, option -15, answer -23, facts 25
behind arrow: out -92, option 57, answer -93, feedback -31, facts -17, row -20, bank 18, keys -41, remark -17
behind asks: out -42, passage -50, stem 24, option -27, wrapped -68, answer 42, hint -53, row -66, bank -70, keys -63, remark -63
behind box: out -24, passage -46, stem 43, more 24, option -28, wrapped 19, feedback -53, facts -47, row -60, bank -33, lines -21, remark -34
behind bracketed: passage -64, stem 35, more -27, feedback -98, facts -79, row -60, lines -26, remark -18
behind bullet: out 25, passage 18, more -26, answer 21, hint -29, facts -66, bank -53, lines -22, keys -77
behind capitals: out -15, passage -82, stem -51, more -32, option -29, wrapped -15, answer 46, feedback -32, facts -32, bank -57, keys 15, remark -16
behind cells: stem -21, more -31, option -35, answer -20, hint -27, facts -17, row 24, bank -57, lines -63, remark -28
behind chatter: stem -51, more -48, option -31, answer 25, feedback -15, facts -38, row -31, bank -29, lines 18, keys -31, remark -15
behind colon: stem -80, option -29, answer 23, feedback -47, facts 20, row -13, keys -62
behind cue-answer: out -39, passage -16, stem 29, more 50, wrapped -36, answer -44, feedback -92, hint -63, facts -65, row 13, lines -91, keys -56, remark -88
behind cue-difficulty: out -72, passage -47, stem 40, more 35, option 26, wrapped -38, feedback 45, facts -12, row -22, bank -22, remark -43
behind cue-feedback: out -102, more 28, wrapped -34, answer 34, feedback -107, hint 15, facts 29, row -68, bank -24, keys -47, remark -35
behind cue-hint: out -14, option 42, feedback 28, row -27, keys -19, remark -16
behind cue-level: out 28, stem -54, option 39, answer 26, feedback -64, hint -24, row -93, bank -54, keys -116, remark -37
behind cue-outcome: out 14, stem -72, more -34, option -25, feedback -34, facts -13, row -41, bank -17, keys -15, remark -27
behind cue-points: out -45, passage -90, stem -29, more 62, option -44, wrapped -12, answer 61, feedback -39, hint -14, row 41, bank -24, keys -22, remark -15
behind cue-sample: passage -23, stem 50, option -39, wrapped -28, answer -76, feedback -29, facts -21, row -32, lines 54, keys -66, remark -17
behind cue-tags: out -63, stem -25, option -27, answer 14, feedback -32, hint -20, facts 22, row -14, keys 48, remark 34
behind cue-wordBank: out -29, passage -46, stem 41, more 19, option -31, answer -43, feedback -27, facts -46, row -33, lines -22, keys -40
behind edge: out 19, passage -48, stem -12, more -34, option -30, wrapped -25, hint -40, facts -38, row -36, bank -21, lines -46, remark -19
behind field: out -33, stem 14, option -35, wrapped -46, answer -42, hint -27, facts 25, bank -34, lines -44, remark -32
behind field-kind: passage -78, more -53, option -68, answer -83, feedback 22, facts 46, row -50, bank -41, lines -19, keys -39, remark -28
behind field-number: out 45, stem -52, more -17, option -62, answer -82, feedback -13, row -30, bank -39, lines -26, keys -61, remark -31
behind field-option: out -68, stem -42, more 20, option 52, answer -48, facts -48, row -29, keys -27
behind field-stem: out 22, stem -87, option -69, answer -37, feedback -21, row -33, lines -45, keys -63, remark -19
behind gap: out -58, passage -13, more 19, option 39, feedback -77, facts 29, row -27, bank 14, keys -75, remark -24
behind heading: passage 24, more 31, option 17, answer -33, feedback -34, hint -16, bank 23, keys -15, remark -27
behind identity: out 22, passage -83, stem -82, more -42, option 30, feedback -45, facts 20, row -36, bank -12, keys -79, remark -18
behind instruction: out 76, passage -23, stem -65, more -25, option -18, facts -49, keys -36
behind key-title: out -13, passage -22, stem 34, more 33, feedback -41, hint -17, row -14, bank -26, lines -21, keys -68, remark -15
behind let-lone: out -13, stem -14, option -58, wrapped -16, hint 17, facts 26, row 35, bank -31, lines -20, keys -53, remark -24
behind let0: out -14, passage -13, wrapped -48, answer -29, feedback -38, hint -49, facts 30, row -26, bank -44, keys 31
behind let1: out -19, passage -62, stem -38, more 17, wrapped 20, answer -64, feedback -34, hint -43, row -17, bank -43, lines -42, remark 22
behind let1-first: passage -22, stem 26, more 26, option -59, wrapped -58, answer -100, feedback -43, hint -26, facts -14, row -93, bank -35, lines -29, keys -19, remark -45
behind let2: stem -46, more -32, option 20, wrapped -39, answer -34, row -69, remark -13
behind let2-first: out -33, stem 70, more 31, option -68, answer -12, feedback -20, row -33
behind letter: out -110, stem 42, more -24, option 96, facts 38, row -17, keys -65
behind lines: out -46, more -16, option 23, answer -31, facts 41, row -26, lines 16, keys -20
behind num-lone: out 63, passage 40, stem -38, more 24, option -62, answer -27, feedback -25, row 46, keys -23, remark -27
behind num0: passage -18, stem -29, more -45, answer -24, hint -16, facts -78, row -14, bank -16, lines -61, keys -18
behind num0-again: out 17, passage -61, stem -27, more -25, option -28, wrapped -38, answer -44, feedback -39, hint -34, facts -46, bank -43, lines -38, remark -45
behind num1: out -33, passage -49, stem -19, more -50, option 27, answer -62, feedback -37, hint -27, facts -79, bank -45, lines 19, remark -45
behind num1-first: out 78, passage -38, stem -43, more -46, option -51, wrapped -15, answer -67, feedback -65, hint -14, facts -53, row 24, bank -26, keys 49, remark -48
behind num2: out -26, stem -12, more -29, option 17, feedback -17, row 12, keys -12
behind num2-first: out -34, stem 31, more 30, option -33, facts 20
behind number: out -60, passage -33, stem 36, more -16, option 45, answer -57, feedback -78, hint -13, row -43, lines -18, keys -13, remark -26
behind pair: out 17, passage -27, stem 41, more -20, option -60, answer -41, feedback -76, facts -19, bank -28, lines -19, keys -28, remark -45
behind phrase: out -28, option -27, wrapped -56, answer -49, feedback -37, hint -38, facts 32, row -29, bank -66, lines -70, remark -17
behind rom-lone: out 14, more -57, option 51, answer -15, feedback -40, row -49, bank -22
behind rom0: out 27, passage -38, stem 22, more -18, wrapped -21, answer -52, feedback -38, hint 16, facts -80, bank -45, lines 36, keys -14, remark -28
behind rom0-again: passage -17, more -32, option -22, answer -37, feedback 22, facts -36
behind rom1: out 45, passage -27, stem -49, more -20, answer -79, feedback -34, row -16, bank -16, keys 26, remark -16
behind rom1-first: out 17, stem -14, more -22, option -15, answer -61, facts 28
behind rule: out -30, passage -73, stem 14, option -47, wrapped -16, answer -107, feedback 17, hint -35, facts -39, lines 18, keys -131, remark 14
behind section: out -20, passage -38, stem 17, more -49, option 32, wrapped -61, answer -32, feedback 34, hint -22, facts 12, row -38, bank -50, lines -27, remark -47
behind sentence: out -22, passage 15, stem -61, more 13, option 38, answer 19, feedback -73, hint -39, row -87, bank -80, keys 19, remark -50
behind short: out 27, option 13, answer -17, feedback 51, hint -31, row -51, bank -25, lines -32, keys -44, remark -55
behind short-sentence: out -18, passage -22, stem -41, more -75, option 13, answer 34, hint -27, facts 24, bank -45, lines -32, remark -65
behind table-down: more -31, feedback 36, facts -14, row 46
behind table-pairs: passage -30, stem 50, more 21, answer -45, feedback -43, hint -28, facts -52, bank -29, lines -20, remark -34
behind table-ticks: out -23, stem 67, more 23, option -35, answer -34, feedback -33, facts -19, lines -19
behind table-wide: out -38, passage -22, stem 15, option 45, feedback -23, facts 28, row -25, keys -31, remark -25
behind text: more -42, wrapped -66, answer -27, feedback -36, hint -48, row -15, bank -43, lines -41, keys -13, remark -54
behind ticked: out 24, passage -14, stem 36, more -65, option -47, answer -125, feedback -13, facts -34, row -26, keys -20, remark -22
behind truth: out -38, passage -24, stem 74, more -44, option -66, answer 21, feedback -41, facts 29, row -17, bank -17, lines -29, keys -45, remark -22
behind word-lone: out 65, passage -24, more -37, option -41, answer -62, feedback 17, facts 24, row -38, bank -25, keys -78, remark -51
behind word0: out 23, passage 35, more -25, option -22, wrapped -63, feedback 18, hint -56, facts -22, bank -32, lines -57, remark -71
behind word0-again: out 53, passage -45, stem -59, more 19, option 39, wrapped -21, feedback -50, hint -15, facts -92, row 13, keys 21
behind word1: out -28, option -53, wrapped -32, answer 58, feedback -37
behind word1-first: out -44, passage 20, stem -34, more -15, answer -21, facts 18
behind2 arrow: passage -20, stem -48, more 34, option 19, wrapped -32, feedback -31, facts 33, row -18, keys -50, remark -21
behind2 asks: out -14, passage -28, stem -32, option -23, wrapped 33, hint -48, facts 20, row -80, lines -46, keys -108, remark -19
behind2 box: out -29, passage -14, wrapped -56, feedback 13, hint -71, facts -51, row -36, bank -47, lines -16, remark -80
behind2 bracketed: passage -58, stem 21, more 23, option 14, wrapped -63, answer -44, feedback -79, hint -29, row -32, bank -35, lines -20, keys -25, remark -50
behind2 bullet: passage -61, option -14, feedback 35, hint -50, facts 16, row -25, bank -50, remark -21
behind2 capitals: out 22, passage -52, stem -43, more -25, wrapped -21, feedback -82, facts -41, bank 31, keys -18, remark -22
behind2 cells: out -28, passage -18, stem -19, more 42, option -19, wrapped -16, answer -21, feedback -52, hint -66, facts -22, row 27, bank -37, lines -45, remark -25
behind2 chatter: stem -32, more 38, option -14, answer -66, feedback -29, facts -51, row -38, bank -27, lines 20, remark -17
behind2 colon: out 26, passage 23, more -35, option -23, answer 18, feedback -20, facts -84, keys -57
behind2 cue-answer: passage -20, more -15, wrapped 17, answer -45, feedback 14, hint -74, facts 22, row 13, lines -39, keys -93, remark -56
behind2 cue-difficulty: out -52, passage 19, stem 14, option 23, answer 13, facts -32, row 17, bank -16, remark -38
behind2 cue-feedback: out -27, passage -17, stem 21, more -29, option 60, wrapped -28, answer -69, feedback -62, facts -43, row -42, bank -50, lines -20, keys -19, remark 48
behind2 cue-hint: out -18, option 57, answer -28
behind2 cue-level: out -14, passage -36, option -53, wrapped -30, answer -37, hint -17, facts -15, bank 30, lines 21, keys -14, remark 34
behind2 cue-outcome: out 36, stem -59, more -25, option -42, answer 31, row -61, keys 47
behind2 cue-points: out -106, passage -22, stem -40, option 14, answer 77, feedback -48, row 33, bank -21, lines -12, keys -62
behind2 cue-sample: out -56, stem -14, more 36, answer 15, hint -23, facts -17, row -31, bank -18, lines 19, keys 34, remark -33
behind2 cue-tags: out -58, stem 15, more -26, feedback 42, facts 43, row -19
behind2 cue-wordBank: out -24, more -16, answer -12, facts 19, row 20, keys -28
behind2 edge: passage -79, stem -22, more -39, option -25, wrapped -38, feedback -12, hint -50, facts -38, row -42, bank -17, keys 14, remark -42
behind2 field: out 24, passage 14, stem 14, option -57, answer -54, feedback -48, hint -18, facts -52, bank -71, lines -35, remark -22
behind2 field-kind: passage -61, stem -58, more -47, option -64, answer -41, facts 49, row -37, bank -44, lines -23, remark -31
behind2 field-number: out 35, stem -55, more 24, option -64, answer 22, feedback 54, facts 73, row -26, keys -44, remark -29
behind2 field-option: out -58, passage -22, stem -29, more 19, option 32, answer -49, feedback -13, facts 23, row -20, bank -16, lines -43, keys -43, remark -25
behind2 field-stem: out 13, passage -39, stem -125, more 53, option -76, answer -55, facts 30, bank -32, lines -17, keys -70, remark -37
behind2 gap: out -22, passage -85, more 52, wrapped -24, answer -53, feedback -27, facts -44, row 38, bank -30, lines -14, keys -63
behind2 heading: out 14, passage 23, more -25, option -36, answer -21, facts -19, row -25, bank -43, lines -56, keys 24, remark -14
behind2 identity: out 64, passage -33, stem -69, more -16, answer -54, feedback -46, facts -51, keys 14
behind2 instruction: out 27, passage -28, stem -14, more -20, facts -13
behind2 key-title: out 30, passage -42, more -20, option 18, answer -78, feedback -43, hint -20, row 14, lines -14, keys -64, remark -46
behind2 let-lone: out -37, passage 63, stem -18, more -26, option -32, feedback 12, hint -40, row 49, bank -75, lines -14, keys -21, remark -70
behind2 let0: out -16, passage 15, stem 52, more -43, wrapped -58, answer -52, hint -46, facts 18, row -40, bank -51, lines 17, keys 23, remark -52
behind2 let1: passage -36, answer -32, feedback -57, hint -44, facts -72, row -46, bank -49, lines -49, keys -41, remark -29
behind2 let1-first: out 18, stem -62, option -47, wrapped -73, feedback -31, facts 22, row -40, bank -50, lines -66
behind2 let2: out -52, stem 69, more 24, option -14, wrapped -29, answer -53, feedback -20, facts -15, row -59
behind2 let2-first: passage -44, more 19, option -14, wrapped -24, hint -21, facts 56, row -24, bank -17, keys -35, remark -54
behind2 letter: passage -13, stem -55, more -50, option 21, answer 34, feedback -14, facts -50, row -17, keys -18
behind2 lines: option 28, answer 14, keys -32
behind2 num-lone: more 19, option -30, wrapped -16, answer -29, feedback -32, hint -15, facts -52, row 32, bank -54, lines -14, keys 52, remark -24
behind2 num0: passage -23, stem -41, more -16, wrapped -33, answer -21, feedback -32, hint -23, row -13, bank -17, keys -20, remark -31
behind2 num0-again: out -36, passage -80, more -33, option -16, wrapped -37, feedback -17, hint -37, facts -60, row -27, bank -38, lines -41, remark -49
behind2 num1: passage -58, more -38, option 14, wrapped -33, answer -14, feedback -22, hint -31, facts -54, bank -29, lines -23, keys 13, remark -51
behind2 num1-first: stem 29, more -74, option 14, wrapped -45, feedback -33, hint -27, row -20, lines -15, keys -34, remark -27
behind2 num2: out -33, stem -28, more -22, option 25, answer -13
behind2 num2-first: out 44, stem 22, more -12, option -35, answer -25, facts -17
behind2 number: out -12, passage -61, more -66, option 33, wrapped -73, answer 51, row -38, bank -24, lines -17, keys -27, remark -18
behind2 pair: out 46, stem 30, option -50, wrapped -14, answer -96, feedback -43, hint -19, lines -19, keys -21, remark -51
behind2 phrase: out -18, stem -44, option 22, wrapped 38, answer 19, hint -38, bank -59, lines -34, keys -63, remark -12
behind2 rom-lone: out 21, stem -14, more 13, option 17, answer -27, feedback -53, hint -25, facts -47, row -65, bank -16, lines 12, remark -26
behind2 rom0: passage 20, stem 19, option -28, answer -16, hint -27, facts -88, row -15, lines 30, keys 18, remark -25
behind2 rom0-again: out -39, passage -12, option -25, answer -23, feedback -15, facts -24, row 23, keys 18
behind2 rom1: stem -32, more -25, option 17, answer -28, feedback -42, facts -16, row -22, bank -14, keys 12
behind2 rom1-first: out -18, stem 13, option -14, answer -33, feedback -15, facts 43, keys -32
behind2 rule: out -22, passage -87, option -54, wrapped -25, feedback -33, row -61, bank -60, lines 22, keys -24
behind2 section: out 17, passage -73, option 31, wrapped -32, answer -92, facts 27, row -48, lines -36, keys -13, remark -45
behind2 sentence: stem 13, option -33, wrapped -29, feedback 33, hint -28, row -77, bank 21, keys -24
behind2 short: out 21, passage -48, stem 17, more -30, option 31, wrapped 19, feedback -76, hint -41, row -48, bank -82, lines -55, keys -16, remark -31
behind2 short-sentence: out -16, wrapped -41, answer -52, feedback -40, hint -37, facts -40, bank -36, lines 16, keys -29, remark 19
behind2 table-down: stem -38, option -32, answer -66, feedback 16, facts 14, row 68, bank 14, lines -24
behind2 table-pairs: out -13, passage -56, stem 42, more 14, wrapped -28, answer -38, feedback 23, hint -25, facts 28, row -25, bank -41, lines -33, remark -26
behind2 table-ticks: passage -26, stem -29, option -22, answer -58, feedback -50, facts 43, row 19, bank -24, lines -28, keys -57
behind2 table-wide: out -32, stem -38, answer -61, facts -54, row 54, keys -38
behind2 text: out 14, more -21, option -43, wrapped -69, feedback -20, hint -37, row -20, bank -58
behind2 ticked: out -92, passage -29, more 31, option -21, answer -134, feedback -50, hint 37, facts 14, row -27, bank -21, keys -44, remark -25
behind2 truth: out -89, passage -62, stem 21, more -52, option -37, wrapped -55, answer 86, feedback -99, facts 49, bank -21, keys -43, remark -18
behind2 word-lone: out 41, stem -13, more -59, feedback 35, facts -37, row -21, bank -19, keys -89, remark -24
behind2 word0: out -46, stem 20, wrapped -41, feedback 31, hint -31, keys -78
behind2 word0-again: out -58, stem 14, more -21, answer 32, bank -17, keys 29
behind2 word1: out -19, option -12, answer 40, facts -13
behind2 word1-first: passage 16, stem -27, more -18, option -14, lines -16
bold all: out -92, passage -111, stem 17, more -73, wrapped -72, feedback -73, hint -36, facts 77, row -77, bank -49, lines -43, keys -56, remark -69
bold some: out -21, passage -68, stem 33, more -70, option -14, wrapped -34, answer 44, facts -13, row -68, bank 14, lines -32, keys -68, remark -29
box end asks: stem -43
box end bracket: out 23, stem -23, more -17, option 42, answer -40, feedback -15
box end none: out 14, passage -14, stem -50, more -33, option 14, wrapped -12, answer -17, feedback -47, facts -52, row -36, bank -17, keys -59, remark -44
box end stop: out -43, passage -40, stem -35, more -22, option 85, answer -63, feedback -21, remark -13
box open: out -36, stem -14, more -38, option 64, answer -34, feedback -28, hint -21, facts -13, row -13, keys -63, remark -13
box ticked: out -20, answer 21, facts 23
box words 1: out -38, stem -20, more -23, option 28, answer 13, feedback -23, facts -19, row -21, keys -25
box words 15: out 43, stem -23, answer -70, feedback -13
box words 3: stem -31, more -31, option 28, answer -147, feedback -39, facts -35, row -17, keys -24, remark -30
box words 7: out 43, passage -43, stem -48, more -18, option -16, answer -94, feedback -24, facts -13, row -22, bank -12, lines -22, keys -29, remark -18
bracketed end bracket: out 14, passage -50, stem -98, more -16, option -70, wrapped -24, answer -35, hint -47, facts -71, row -30, lines -41, remark -30
bracketed words 1: out -35, more -67, option -35, answer 35, bank -53, keys 12
bracketed words 15: out 17, passage -39, stem -58, more 35, option -22, answer -28, feedback -28, hint -16, facts -33, row -16, lines -19, keys -124
bracketed words 3: stem -20, more 66, option -70, hint -24, facts -29, row -29, bank -65, lines -14, keys 15
bracketed words 7: passage -16, stem -59, more -54, option -44, answer -26, facts -28, row -18, bank 14, lines -14, keys 13, remark -21
bracketed words many: out -76, more -30, feedback 49, bank -18, keys -38
bullet end asks: stem 40, option -46, answer -26, feedback -15, row -21, remark -34
bullet end bracket: out -55, stem 69, more -12, option -13, wrapped -13, answer -95, feedback -61, facts -32, row 22, lines -20, keys -27, remark -37
bullet end colon: stem 25, option -40
bullet end gap: out -44, more -27, option 41, feedback -24, remark -18
bullet end none: out 25, passage -20, stem 14, option 23, answer -31, feedback -114, facts -45, bank -15, lines -13, keys -41, remark -66
bullet end stop: out -16, passage -24, stem -60, option -14, answer -130, feedback 17, hint -18, row -40, remark 40
bullet words 1: out -20, stem -48, more 32, option 27, answer 17, feedback -73, facts -18, row -66, lines -17, keys -25, remark -58
bullet words 15: passage -23, more -90, option -27, answer -69, facts -30, row -136, keys -22, remark 48
bullet words 3: out 14, more -18, option 42, answer -137, feedback -80, facts -29, row 14, lines -16, keys -32, remark -48
bullet words 7: passage -16, stem 20, answer -113, feedback 20, hint -17, facts -15, row -104, bank -14, keys -54, remark -57
bullet words many: out -16, stem 47, more -58, option -53, wrapped -13, answer -27, feedback -38, facts -17
capitals end none: out 17, passage -63, stem -62, more -72, answer -16, feedback -57, hint -21, facts -55, row -39, bank -29, lines -13, keys -26
capitals words 1: out 21, passage -16, stem -35, more -54, option 34, answer -19, feedback -23, facts -95, keys -68
capitals words 3: out 49, passage -32, stem -37, option 38, answer -22, feedback -31, hint -15, facts -50, row -13, keys -82
capitals words 7: out -24, passage -26, stem -25, option -41, answer 14, feedback -27, facts -22, row -28, bank -18
cells end bracket: passage -33, stem -21, option -22, answer -38, feedback -25, hint -16, facts -39, row 40, bank -28, keys -94, remark -13
cells end none: stem -18, option -19, answer -38, feedback -100, hint -24, facts -13, row -14, lines -42, keys -13, remark -26
cells end stop: out -62, more -16, option 21, answer -18, feedback -16
cells run: out -39, passage -13, more -86, option 34, answer -55, feedback -14, facts -46, row -79, bank -27, keys -70
cells words 15: out -49, passage -24, more 29, wrapped -13, answer -74, feedback -65, hint -21, facts -117, row 21, bank -71, keys 23, remark -13
cells words 3: out 35, passage -16, stem -63, more -15, option -56, feedback -28, row 16, bank -29, keys -62
cells words 7: stem -39, wrapped -19, answer -96, feedback -58, hint -18, facts -22, row -14, lines -33, keys -12, remark -17
cells words many: out -84, stem 33, more -20, option -20, answer -53, feedback -16, facts -27, row 13, bank -17, keys 31
chatter end asks: out 41, passage -19, stem -19, more -14, feedback -12
chatter end colon: out 49, stem -26, answer -21, feedback -18, facts -23, keys -13
chatter end comma: out -26, passage 26
chatter end none: out 52, stem -21, answer -13
chatter end stop: out 51, passage -47, stem -25, more -23, answer -42, feedback -29, hint -13, facts -21, row -18, lines -12, keys -15
chatter run: out 20, stem -13, feedback -12
chatter words 15: out 52, passage -38, stem -35, more -34, option -13, answer -31, feedback -42, facts -31, row -15, bank -14, keys -23
chatter words 3: out 31, answer -15, feedback -20
chatter words 7: passage 24, answer -20, feedback -17
chatter words many: out 51, passage -17, stem -26, feedback -25, facts -15
colon end colon: out -25, passage -25, answer -46, feedback -30, hint -12, facts -56, row -15, bank -20, keys 22
colon words 15: out 75, stem -74, answer -25, feedback -17, keys -45
colon words 3: out 57, stem -57, facts -29, keys -18
colon words 7: out -76, stem 40, more 12, facts -13, row -15, bank -12, keys 34
colon words many: out 44, stem -37, answer -15, feedback -31, facts -28, keys -30
coloured: out -59, passage -20, stem 13, more -22, option 54, wrapped -24, answer 85, feedback -12, facts -16, row -63, bank -16, remark -14
columns: out -53, passage -18, more -67, option 31, answer -96, feedback -76, hint -22, row -14, bank 64, lines -24, remark -39
cue-answer end bracket: out -22, more -30, option -42, feedback -22, bank -38
cue-answer end colon: out -20, stem -23, option -27, answer -59, keys 68
cue-answer end none: out -98, passage -23, stem -39, more -46, option -28, wrapped -18, answer 50, feedback -57, facts -75, row -66, lines -14
cue-answer end stop: out -18, passage -16, stem -22, more -36, option -51, answer 55, feedback -49, bank -23, keys -21
cue-answer run: out -15, option -58, answer 25, keys -19
cue-answer words 1: out -26, stem -16, more -13, option 21, answer -44, bank -21, keys 45
cue-answer words 15: out -28, passage -13, stem -15, more -34, option -141, answer 23, feedback -45, bank 24, keys -15
cue-answer words 3: out -63, stem -30, more -31, option -58, wrapped -12, answer 64, feedback -22, facts -63, row -49, bank -65, lines -17, keys -56
cue-answer words 7: out -57, passage -12, stem -29, more -39, answer 30, feedback -52, facts -21, row -30
cue-answer words many: option -31, answer 45, feedback -19, keys -28
cue-difficulty end none: out -24, stem -51, more -16, option -66, answer -91, feedback -38, facts 39, row -41, bank -16, lines -28
cue-difficulty words 3: out -44, stem -51, more -16, option -66, answer -87, feedback -37, facts 53, row -41, bank -16, lines -27
cue-feedback end bracket: out -15, more 33, feedback 30, facts -31, keys -22
cue-feedback end none: out -65, stem -21, more -20, option -13, answer -32, feedback 82, facts -124, row -20, keys -73, remark -12
cue-feedback end stop: out -41, passage -37, stem -46, more -34, option -55, wrapped -45, answer -100, feedback 13, hint -61, row -22, bank -17, lines -12, keys 17, remark 34
cue-feedback words 1: out 40, stem -44, more 46, option 25, answer -13, feedback -37, hint -14, facts 15, keys -46, remark -14
cue-feedback words 15: out -44, passage -23, stem -40, more -41, option -42, wrapped -35, answer -56, feedback 34, hint -40, bank -14, keys 15
cue-feedback words 3: out -64, option -17, answer -41, feedback 30, facts -62, keys -22, remark -28
cue-feedback words 7: out -16, passage -18, stem -32, option -83, answer -63, feedback 12, hint -32, facts -62, row -22, bank -14, lines -15, keys -18, remark 29
cue-feedback words many: out -17, stem -19, option -18, answer -13, feedback 19, keys -14
cue-hint end none: out -18, option 32, answer -35, feedback -25, hint -29, facts -13, row -26, keys -24
cue-hint end stop: out -38, stem -36, option -18, answer -45, feedback -34, hint 48, facts -16, keys -18, remark -19
cue-hint words 1: out -18, option 32, answer -35, feedback -25, hint -29, facts -13, row -26, keys -24
cue-level end none: passage -26, stem -56, more -44, feedback -33, row -37, keys -52
cue-level words 1: out -33, more -46, option 60, answer -45, row -17
cue-level words 3: out 31, passage -16, stem -36, more -34, option -34, feedback -32, facts -21, row -13, keys -36
cue-level words 7: out -198, stem -28, option -81, answer -116, facts 209, row -23, keys -29
cue-outcome end none: passage -27, stem -41, more -27, option -36, answer -72, feedback -60, hint -13, row -38, bank -27
cue-outcome words 7: passage -27, stem -40, more -27, option -36, answer -71, feedback -60, hint -13, row -38, bank -27
cue-points end gap: out 25, passage -14, stem -25, facts -26, bank -15, keys -14
cue-points end none: out -33, stem -33, more -32, option -45, answer -18, feedback -41, facts 26, row -31, lines -29
cue-points words 15: out 25, passage -14, stem -25, facts -26, bank -15, keys -14
cue-points words 3: out -33, stem -33, more -32, option -45, answer -18, feedback -41, facts 26, row -31, lines -29
cue-sample end comma: out -49, passage -13, stem -12, answer 33
cue-sample end none: out -28, stem -42, more -44, option -50, answer 17, facts -20, row -40, bank -29, keys 19
cue-sample end stop: out -24, passage -16, stem -31, more -46, option -24, answer 51, feedback -63, facts -14, row -13, bank -21, keys -38
cue-sample words 15: out -23, passage -18, stem -50, more -49, option -57, answer 57, feedback -21, row -41, bank -29, keys -49
cue-sample words 3: out -15, answer -40, facts -18, keys 42
cue-sample words 7: out -28, more -17, answer 71, keys -29
cue-sample words many: out -70, passage -15, stem -20, more -33, option -14, answer 41, feedback -51, row -12, bank -19, keys -18
cue-tags end none: passage -31, stem -51, option -29, answer -37, feedback -29, facts 17, row -23, keys 13, remark -14
cue-tags words 3: out 16, passage -29, stem -31, more -17, option -15, answer -38, feedback -43, row -20, keys -74
cue-wordBank end none: out -14, passage -39, stem -45, more -40, option -41, answer -50, feedback -34, facts -34, row -22, bank 49, keys -43
cue-wordBank words 15: out -31, more -15, answer -26, feedback -19, facts -13, bank 39, keys -16
cue-wordBank words 7: passage -34, stem -43, more -39, option -38, answer -47, feedback -18, facts -28, row -20, bank 43, keys -35
end asks: passage -16, stem 28, more 20, option -69, wrapped -40, answer -109, feedback -68, hint -30, facts -81, row -82, bank -42, lines -42, keys -79, remark -86
end bracket: out -14, passage -83, more 28, option -43, wrapped -111, hint -75, row -49, lines -75, keys -17, remark -77
end colon: out 65, passage -40, stem 15, option -88, answer -84, feedback -39, hint -31, row -53, bank -30, lines -40, keys 14, remark -30
end comma: out 42, stem -64, more 16, option -21, wrapped -25, feedback -16, hint -13, facts -42, row -37, bank -30, lines -23, keys -46
end gap: out -14, option -28, wrapped -28, answer -54, feedback -80, hint -30, facts -40, row -70, bank -35, lines 31, keys -82, remark -32
end none: passage -35, stem -53, more -82, wrapped -36, feedback -58, hint -110, bank -20, lines -162, remark -168
end stop: out -54, stem -29, more -32, option -46, answer -34, feedback 35, facts -118, row -187, bank -116, lines -137, keys -58, remark 45
field end asks: out -29, passage 50, stem -55, answer -18
field end bracket: out 16, passage -29, stem -31, more -37, option 36, answer -80, hint -15, facts -85, keys -17
field end colon: out 39, passage -34, stem -38, more 22, option -58, answer -66, feedback -14, facts 49, row -41, lines -14
field end gap: passage 16, stem -22, more -27, option -15, answer -41, feedback -15, facts -29, row -20, bank -13, lines -18, keys -24
field end none: out -18, passage -19, stem 34, more -39, option -51, answer -13, feedback -120, hint -15, bank -44, lines -23, remark -18
field end stop: out -17, passage 34, stem -12, option -61, hint -31, facts -51, row -32, bank -15, keys -49, remark -34
field words 1: out 68, stem -59, more -19, option -47, answer -40, facts 61, row -43
field words 15: passage 17, stem 18, more -47, answer -13, feedback -111, hint -21, row -65, bank -18, lines -19, keys -62, remark -34
field words 3: out -21, passage 14, stem -84, more -23, option -82, answer -61, feedback -51, facts -13, row 41, bank -13, lines -17, keys 27, remark -14
field words 7: passage -38, feedback 20, hint -27, facts -43, row -46, bank -29, lines -19, keys -89, remark -19
field words many: out -88, passage 28, stem 57, answer -20, feedback -42, facts -23, row -16, keys -50
field-kind end none: passage -29, stem -62, more -47, option -43, answer -24, feedback -24, row -22, bank -16, keys -46
field-kind words 3: out -28, passage -20, stem -31, more -35, option -33, answer -21, facts 44, row -21, bank -14, keys -32
field-kind words 7: out 40, passage -13, stem -49, more -17, option -15, answer -67, feedback -21, facts -33, keys -38
field-number end none: out -34, stem -19, answer -51, facts 48, keys -40
field-number words 3: out -34, stem -19, answer -51, facts 48, keys -40
field-option end none: out -67, stem -66, more -22, option 73, answer -56, facts -57, row -36, keys -29
field-option words 3: out -43, stem -54, more -17, option 53, answer -39, facts -44, row -27, keys -23
field-option words 7: out -47, stem -42, option 45, answer -23, facts -21, row -20, keys -15
field-stem end asks: stem 17
field-stem end colon: stem 20, more -19, option -20
field-stem end gap: stem 15
field-stem end none: stem 29, facts -13
field-stem end stop: out -24, stem 57, feedback -13
field-stem words 15: stem 53, facts -13
field-stem words 3: out -20, stem 36
field-stem words 7: stem 39, more -19, option -27
first: out 19, passage -86, bank -47, keys -79
full asks capital: out 17, passage 20, stem -90, answer -16, feedback -47, facts 56, bank -30, lines -16, keys -83, remark -37
full asks label: out -26, stem -13, more 60, option -33, answer 34, facts 17, row -85, bank -14, keys -46, remark -14
full asks small: out -72, passage -63, stem -18, more -18, option 30, wrapped -22, feedback -44, facts -15, row -68, bank -31, lines -14, keys -48
full bracket capital: passage -52, more -82, option 23, answer 49, feedback 18, facts 17, row -24, bank 19, keys -78, remark -35
full bracket label: stem -16, more -38, option -29, answer -88, feedback -22, facts 33, bank -16, keys 21, remark -20
full bracket small: passage -19, stem -14, more -28, option -38, feedback 16, row 27, bank -13, lines -15, keys -35
full colon capital: stem -46, more -46, option -17, answer 37, feedback -29, facts -25
full colon label: out 32, passage -15, stem -13, more -19, option 45
full colon small: more -22, option 22, answer -12
full comma capital: out -24, stem -18, more 35, option -17, answer 18, feedback -51, facts -44
full comma label: out -20, stem -38, more 35, answer -12, row -16
full comma small: out -65, passage -24, more 21, option -67, wrapped 26, feedback -38, hint -14, facts -23, remark -14
full deeper capital: out -145, passage -12, stem -142, wrapped -46, answer 32, feedback 27, hint -18, facts 59, row -38, bank -44, keys -20, remark -50
full deeper label: out -84, stem -42, more 28, answer 49, facts -21, row -39, lines -20, remark -39
full deeper small: out -60, passage -66, stem -111, more 21, wrapped 71, answer -18, feedback -15, hint -23, row -70, bank -25, lines -32, keys 19, remark -38
full gap capital: passage -35, stem -71, more 78, option -42, answer -23, feedback -38, facts -37, row -13, lines 48, keys -92
full gap label: out -26, stem 42, option -33, answer -77, row -25, lines -24, keys -27
full gap small: out 35, passage -20, stem -56, more -19, option 25, answer -35, feedback -33, row -23, keys -77
full none capital: out -65, stem -12, wrapped -56, facts 34, row -40, bank 24, lines -16, remark -27
full none label: passage 24, stem -21, more -12, option -20, wrapped -15, facts 23, bank -17, keys -27, remark -59
full none small: out -59, stem -58, more 91, option -37, wrapped 72, feedback -35, hint -89, facts -47, row -18, bank -52, lines -22, keys 33, remark -61
full out capital: out -36, passage -15, stem -77, more -65, option 49, answer 43, facts -26, row 14, bank 52, lines 30, keys -59
full out label: stem -23, more -42, option -24, facts 21, row -21, bank -15, keys -42, remark -47
full out small: out -38, stem -13, wrapped -33, answer 99, feedback -85, hint -18, facts 12, keys -37, remark -23
full same capital: passage 22, stem -36, option -22, wrapped -24, feedback -36, hint -30, row -60, bank -16, lines -16, keys -31, remark -81
full same label: out -16, passage 17, stem -15, more 28, option -64, wrapped -24, hint -20, facts 14, row 19, bank -47, lines -29, keys -46, remark 23
full same small: out -43, passage 14, stem -28, more 49, option -15, wrapped 25, answer 23, hint -81, facts -60, bank -76, lines -13, keys -17, remark -47
full stop capital: out 17, stem -93, more 32, option -19, wrapped -14, answer -34, feedback -15, hint -18, facts -15, row -45, lines 37, remark -58
full stop label: passage -37, more 29, answer -13, facts -32, row -57, bank -30, lines -21, keys -41, remark 22
full stop small: passage -36, stem -19, more -76, option -23, answer 28, feedback -46, facts 26, row -48, bank -12, keys -73, remark -14
gap: out -78, passage 21, stem 48, more 25, option -79, wrapped -22, answer -50, feedback -93, hint -35, facts -37, row -35, bank -40, lines 39, keys -87, remark -43
gap 0: out -31, passage -37, stem -56, wrapped -17, feedback -20, hint -55, facts -24, row -14, bank -53, lines -41, keys -20, remark -40
gap 1: passage -19, more -75, option -49, wrapped -123, feedback -51, hint -28, row -59, bank -21, lines -39, keys -61, remark -35
gap 2: passage -77, stem 59, more -43, option -126, wrapped -37, answer -206, feedback -48, hint -69, facts -22, row -71, bank -94, lines -44, keys 120, remark -30
gap behind 0: out -21, stem -21, more -36, wrapped -25, answer -51, feedback -80, hint -72, row -21, bank -68, lines -49, remark -46
gap behind 1: passage -38, stem -12, option -31, wrapped -40, facts -20, row -41, lines -36, keys -51, remark -27
gap behind 2: passage -54, option -20, wrapped -21, answer 37, hint -101, facts -80, row -22, bank -48, keys -20, remark -120
gap end bracket: out -100, passage -42, stem 61, option -15, answer 16, feedback -32, facts -29, row -27, lines -13, keys -27
gap end gap: out 29, passage -54, more -15, option -15, feedback -26, hint -14, facts -26, bank -16, lines -27, keys -39
gap end none: passage 17, stem -14, more 71, option -22, answer -56, facts -17, row -22, lines -13, keys -20
gap end stop: out -85, passage 20, more 36, option -39, answer -89, feedback -35, hint -21, keys -12
gap words 1: out -59, passage -35, stem 33, more -37, option -21, answer 25, feedback -19, hint -15, lines -25
gap words 15: out -41, stem 42, more -15, answer -116, feedback -26, facts -23, row -27, lines -20, keys -19
gap words 3: out -51, passage -15, stem 36, more 17, answer -52
gap words 7: out 40, passage -78, stem -27, option -44, feedback -28, hint -13, facts -33, row -25, bank -23, keys -49
gap words many: out -78, passage 19, stem -43, more 57, answer -74, feedback -14, keys -13
gaps: out 39, passage -63, stem -26, more 42, option -57, feedback -48, hint -16, facts -52, row -34, bank -31, lines -35, keys -68, remark -12
glued answer: out 13, passage -16, stem 64, more -83, option -51, wrapped -36, answer -32, feedback -136, hint -21, facts -14, row -32, bank -45, keys -70
group 1: out 27, passage -16, stem -58, more 26, option -64, wrapped -25, feedback -20, facts -57, row -33, lines -41, keys -21, remark -49
group 2: passage -42, stem -27, more -21, option -33, wrapped -24, feedback -20, hint -87, facts -73, row 18, bank -34, lines -27, remark -74
group 4: out -34, passage 47, stem -12, more -27, option 16, wrapped -64, feedback -19, hint -124, row 23, bank -29, lines -17, keys -19, remark -93
group 8: out -62, passage -94, stem -38, more -108, option -24, answer -35, feedback -32, hint -76, row -36, bank -93, lines -65, keys -15, remark -80
group answer: out -25, passage -38, stem -60, more -28, feedback -13, hint -68, facts -31, bank -16, lines -71, keys -14, remark -67
group answer many: out 45, passage -56, stem -51, more -58, option -59, wrapped -90, answer 63, feedback -161, facts -62, row -81, lines -19, keys -38, remark -29
group bank: out -24, passage -13, stem -31, option -30, answer -49, feedback -48, facts -17, row -38, bank 25, keys -38
group facts: out -27, passage -57, stem -60, more -40, option -18, wrapped -12, answer 58, feedback -62, hint -26, facts 28, row -38, bank -38, lines 13, keys -107, remark -15
group facts many: out -50, passage -36, stem -104, more -64, option -83, wrapped -36, answer -51, feedback -103, hint -27, facts 60, row -71, bank -29, lines -43, keys 15, remark -22
group feedback: stem -56, more -81, wrapped -42, feedback 23, hint 18, row -35, bank -78, lines -21, remark -89
group feedback many: passage -37, stem -57, more -42, option -60, wrapped -26, answer -44, feedback 16, hint -36, facts -79, row -36, bank -20, lines -15, remark 34
group keys: passage -33, stem -33, option -14, answer -12, feedback -50, hint -21, facts -109, row -92, bank -18, lines -31, keys 28, remark -31
group keys many: out -45, passage -53, more -69, option -44, wrapped -23, answer -12, hint -37, facts 16, bank -37, lines -37, keys -21, remark -41
group lines: out -56, passage -14, stem -14, option -16, answer -23, facts -17, lines 37
group many: out -13, passage -76, stem 41, more -22, option 48, wrapped -111, answer 18, feedback -55, hint -67, facts 13, row -93, bank -63, lines -54, keys -47, remark 58
group more: out 13, more 14, option -44, answer -25, feedback 17, hint -52, facts -101, row -59, bank -12, keys -55, remark -89
group more many: out -20, passage 18, stem -22, more 22, option -58, answer 37, facts 12, row 27, bank -14, lines -15, keys -113, remark -48
group option: out -14, stem -114, more -19, wrapped -77, answer -33, feedback 16, facts -19, bank -40, lines -43, keys -21, remark -22
group option many: out -33, passage -133, stem -52, more -93, option 76, wrapped -33, answer -40, feedback -106, hint -46, facts -111, bank -45, lines -42, keys -87, remark -22
group out: out 18, stem -50, more -13, option -20, wrapped -64, answer -25, feedback -20, hint -32, facts -31, lines -15, keys -30
group out many: passage -51, stem 54, more -85, option -65, wrapped -43, hint -12, facts 38, row -130, bank -34, lines -76, remark -41
group passage: out 53, stem -84, more -40, option -15, wrapped -60, answer -20, feedback -106, hint -30, facts -71, row -40, bank -30, lines -29, keys -23, remark -38
group passage many: out -31, passage 35, option -51, wrapped 23, answer -53, feedback 34, facts -25, row -21, keys -71, remark -20
group row: out -52, passage 68, stem -24, more -91, wrapped -25, answer -51, feedback -71, hint -28, facts -46, bank -59, lines -35, keys -19, remark -37
group row many: passage -65, more -106, answer -57, feedback -51, facts -44, row 23, bank -26, keys 17, remark -13
group stem: out -13, passage -61, stem 44, more -15, option -96, wrapped -72, answer -49, feedback -42, hint -31, facts -115, row -87, bank -23, lines -23, keys -33, remark -98
group stem many: out -53, passage -41, stem 133, more 16, option -158, wrapped -31, answer -67, feedback -102, hint -51, facts -42, bank -57, lines -49, keys -89, remark 23
group wrapped: out -31, passage -27, stem -21, more 25, option -46, wrapped 24, feedback -52
hangs: passage -63, stem -51, more 44, option -59, wrapped 41, feedback -126, hint -33, facts -15, row -52, bank -46, keys 28
hangs_: out -135, passage -22, stem 28, option 43, answer 22, feedback -52, facts -35, row -20, bank -55, keys -43, remark -26
heading: out 62, passage -54, stem -102, more -73, option -52, answer -60, feedback -76, facts 34, row -60, bank -50, lines -17, remark -16
heading end asks: out 49, facts -32
heading end bracket: out -12, passage -13, answer 35, feedback -37, facts -121, keys -88
heading end gap: out 27, facts -24
heading end none: out 26, passage -42, stem -70, more -23, option -39, answer -170, feedback -33, row -37, bank -19
heading end stop: out 80, stem -18, more -23, answer -56, facts -45
heading words 1: out -28, passage -17, stem -24, more -14, option -22, answer -79, facts -176, bank -14, keys 64
heading words 15: out 34, answer -64, feedback -23, facts -108, keys -49
heading words 3: out 15, passage -28, stem -64, more -30, option -16, answer 22, feedback -24, keys -31
heading words 7: out 26, passage -12, stem -30, option -41, answer -37, feedback -24, facts 24, row -29, keys -48
heading words many: out 24, facts -17
identity end colon: out 20
identity end gap: out 62, passage -19, stem -19, more -17, answer -20, facts -17
identity end none: out 44, answer -13, keys -12
identity words 15: out 41
identity words 3: out 33, answer -13, facts -17
identity words 7: out 57, passage -19, stem -16, more -17, answer -20
indent deeper: out -89, passage -67, stem -15, more -24, option 13, wrapped 54, answer -13, feedback 14, hint -55, facts -52, bank -123, lines -17, remark -28
indent out: out 17, passage -51, stem -33, more -110, option -63, wrapped -118, answer 23, feedback -31, hint -19, row -38, lines -26, keys 12, remark 16
indent same: stem -22, option -19, wrapped -130, answer -22, feedback -36, hint -55, facts -32, row -42, bank -48, lines -48, keys -23, remark -68
instruction end none: out 18
instruction end stop: out 54, stem -18, answer -19, feedback -18, keys -23
instruction words 15: out 64, stem -18, keys -22
instruction words 7: out 29, feedback -19
is arrow: passage -18, stem -23, more -47, option -33, answer 64, feedback -43, facts -25, row -49, bank -18, lines -19, keys -81
is asksEssay: out -19, passage -22, stem 23, more 16, answer -68, hint -14, facts 49, row -15, bank -20, lines -19, keys -67, remark -41
is asksMatch: out -79, passage -48, stem 83, more -72, option -13, wrapped -19, feedback 14, hint -32, facts -46, row 33, bank -51, lines -14, keys -32, remark 47
is asksOrder: out -42, passage -16, stem 82, option -31, answer -36, feedback -24, facts -16, row -22, bank -17, remark -34
is asksSeveral: out 21, passage -48, stem 50, more -28, option -86, answer -99, feedback -79, facts -36, row -21, bank -42, lines -13, keys -64, remark -22
is blankLine: out -80, passage -47, option -60, answer -23, feedback -32, hint -20, row -27, bank -14, lines 61, keys -16
is bracketed: out -27, passage -51, option -77, wrapped -27, answer 32, hint -49, facts -77, row -85, lines -47, remark -34
is capitals: out -18, passage -80, stem -85, more -46, option -21, wrapped -20, answer 30, feedback -66, hint -42, facts -46, row -74, bank -65, lines -31, keys 30, remark -29
is chatter: out 44, passage 17, stem -64, more -38, option -66, answer -56, feedback -36, hint -15, facts -49, row -24, bank -19, lines -16, keys -29, remark -14
is commas: out -84, passage 20, stem -69, more -13, feedback -89, hint -40, facts -48, row -61, bank 37, lines -27, keys 76, remark -38
is counts: out -108, passage -74, stem -51, more 51, option -68, wrapped -13, answer 18, feedback -84, facts -18, row -90, bank 27, keys 81, remark -13
is dashStart: passage -56, stem 24, more -67, option -39, wrapped -43, answer -19, feedback -90, hint -34, facts -132, row -24, bank -42, lines -81, keys -75, remark 64
is identity: passage -44, stem -59, more -35, answer -38, feedback -18, facts 35, row -13, keys -17
is instruction: out 76, passage -15, stem -51, more -23, option -47, answer -20, feedback -34, facts -12, keys -27
is keyPairs: out -117, passage -73, stem -14, more -39, option -45, answer 22, feedback -100, hint -38, facts -33, row -108, bank -60, keys 103, remark -30
is keyTitle: out -114, passage -29, stem -48, more -59, answer -97, feedback -68, hint -15, facts -105, row -54, lines -16, keys 146
is legend: out 65, passage -84, stem -97, more -22, option -14, answer -37, feedback -49, hint -25, facts -34, row -16, keys 37
is letter: out -20, passage -18, stem -85, more 25, option -83, answer 73, feedback 18, facts -42, row -33, keys -46
is lowercase: out -96, passage -56, stem -40, option -30, wrapped 30, answer 18, feedback -48, hint -89, facts -33, row -21, bank -117, lines -79, remark -121
is number: out -38, passage -42, stem -63, more -29, option -42, wrapped -22, feedback -52, hint -29, facts -59, row -72, bank -36, lines -34, keys 42, remark -32
is pairSign: passage -48, more -45, option -121, wrapped -16, feedback 48, hint -52, facts -99, row 48, bank -71, lines -52, remark -39
is picture: out -83, stem -54, more 101, option -34, answer -100, feedback -81, bank -73, keys -13
is points: out -58, passage -77, stem 107, more 143, option -151, wrapped -45, answer -132, feedback -129, hint -51, facts -37, row -103, bank -73, lines -18, keys -127, remark -62
is quoteStart: out -106, passage -44, stem 20, more -45, option -74, answer -86, feedback 125, hint -48, facts -37, row -49, bank -13, keys -59, remark -27
is remark: out -67, passage -18, stem -33, more 128, option -31, answer -29, feedback -77, hint -12, facts 45, row -35, bank -19, keys -84
is rule: out 17, passage -38, stem -50, more -14, option -48, wrapped -16, feedback -52, hint -15, facts -89, row -16, bank -27, lines 38, keys -77, remark -20
is section: out 76, passage -48, stem -37, more -34, option -75, answer -57, feedback -77, hint -15, facts -23, row -28, bank -28, keys -27, remark -46
is strokes: out -53, passage -34, stem 18, more -25, option 18, answer 54, feedback -89, facts -14, row -30, bank -48, lines -13
is truthLead: out 14, passage -51, stem 53, more -72, option -73, answer -118, feedback -76, hint -36, facts -40, row -63, bank -20, keys -14, remark -34
is truthTail: out 49, passage -21, stem 46, more 36, option -97, wrapped -17, answer -68, feedback -25, hint -15, facts -38, row -59, bank -28, keys -54, remark -12
is truthWord: out 69, passage -22, stem -84, more -19, option -203, answer 94, feedback -54, facts -36, row -87, bank -22, lines -18, keys 45, remark -16
key-title end bracket: out -41, more -13, option -12, answer -15, feedback -23, facts -20, keys 34
key-title end colon: out -74, stem -16, more -23, keys 106
key-title end none: out 35, passage -21, stem -53, more -12, option -41, answer -50, feedback -25, facts -29, row -18, bank -12
key-title end stop: out -12, passage -29, stem -25, more 30, keys 17
key-title words 1: out -32, more -23, keys 14
key-title words 15: out 74, passage -21, keys -78
key-title words 3: out 17, stem -45, option -39, answer -37, facts -24, row -17
key-title words 7: out -75, passage -18, stem -21, option -15, answer -24, feedback -28, facts -23, bank -13, keys 66
key-title words many: out 67, passage -18, stem -56, answer -29, feedback -25, facts -14, keys -63
last: out 19, passage -48, stem -12, more -34, option -30, wrapped -25, hint -40, facts -38, row -36, bank -21, lines -46, remark -19
last but one: passage -89, more -24, wrapped -32, answer -31, feedback -40, hint -25, facts -36, row -19, bank -12, keys 14, remark -50
lead judgement: out -89, stem 125, option -51, answer 39, feedback -27, facts -17, row -12, keys -30
lead letter: out -57, passage -19, stem -43, more -67, option 16, wrapped -16, answer 22, feedback -22, row 43, keys -92, remark -40
lead room: out -91, stem -70, more -37, option -68, answer -36, row 121, keys -85, remark -13
let again: out -22, stem 31, option -30
let again asks few: out -22, stem 31, option -30
let again fits most: stem -36, option -25, keys 37
let again fits none: stem 47, keys -35
let asking few: out 40, stem -24, more -60, option 21, answer -17, row -30, keys -34
let asking most: passage -33, stem 27, more -52, answer -103, feedback -19, facts -32, lines -20, keys -47
let asking none: out -21, passage -44, stem -20, more -51, option 24, wrapped -117, answer -50, feedback -111, hint -57, facts -66, row 16, bank -65, lines -59, keys -37, remark -21
let asking some: out -42, passage -22, stem 125, more -82, option -44, wrapped -20, answer -90, facts -25, bank -22, lines -15, keys -40, remark -54
let bare: out -24, passage 22, stem -153, option 43, wrapped -19, answer -38, feedback -48, hint -16, facts -46, row 28, bank -20, keys 71, remark -80
let-lone end asks: out 17, more -21, option -52, answer -45, facts -14, row -30, keys -16
let-lone end bracket: out 13, stem -30, more -85, option -45, answer 94, feedback -17, facts -23, row -50, keys -110
let-lone end colon: out 41, stem 15, more -44, answer -39, row -23
let-lone end none: out -13, stem -26, wrapped -23, answer -25, feedback -29, facts -63, row 19, bank -43, lines -19, remark -14
let-lone end stop: out 24, passage -42, stem 15, option -18, answer -82, feedback -32, hint -24, facts -29, row -57, keys -26, remark -25
let-lone run: out -33, passage -28, stem -76, more -34, option 56, answer -75, feedback -19, facts -13, row -61, bank -37, lines -16, keys 23, remark -15
let-lone words 1: passage -38, stem -36, option -45, wrapped -17, feedback -25, hint -13, facts -35, row 17
let-lone words 15: passage 26, more -38, option 98, answer -95, feedback -19, row -78, bank -14
let-lone words 3: out 51, passage -14, stem -14, option -66, answer -27, feedback -13, facts -51
let-lone words 7: passage -35, stem -20, more -39, option 52, feedback -26, hint -14, facts -32, row -29, bank -40, lines -17, keys -56, remark -21
let-lone words many: out -55, stem 54, more -18, option 22, answer -40, row -29, keys 16
let0 end asks: option 13, row -18
let0 end bracket: out 27, stem 16, more -34, option -54, answer 43, feedback -48, row -75, keys -78
let0 end colon: out -24, stem 24
let0 end gap: out -72, passage -28, stem -34, more -16, option 44, answer -24, facts -18, row -27, lines -14, keys -19
let0 end none: out -18, passage 26, stem 13, more -44, option 14, wrapped -22, answer -130, feedback -58, facts -58, keys 27
let0 end stop: passage -50, stem 14, more -22, option 32, answer -100, facts -31, row -41, keys -47, remark -23
let0 of 1: passage 21, stem 25, more -24, option -14, answer -23, feedback -50, hint -17, facts -26, bank -40, lines -14, keys -29, remark -35
let0 of 2: passage 15, more -29, option 15, answer 23, feedback -49, row -12, lines -13, keys -53
let0 of 4: out 19, passage -14, stem -74, more 18, answer -85, hint -13, bank -17, lines -15, keys 39, remark -23
let0 of 8: out -12, stem 78, more -94, option -25, wrapped -14, answer -61, feedback -30, facts 15, row -50
let0 of many: out -128, passage -20, stem 60, more -60, wrapped -19, answer -33, feedback -15, facts -30, row -12, bank -17, keys 57, remark -23
let0 run: out 39, stem 24, option -37, answer -41, facts -15, keys -38
let0 words 1: out -30, passage -33, stem -18, option 26, answer 38, feedback 19, facts -48, keys -30
let0 words 15: out 17, more -53, option -21, wrapped -20, answer -76, feedback -49, facts -19, row 12, keys -22, remark -18
let0 words 3: out 13, passage -38, stem -57, more -17, answer -76, feedback -35, facts -49, keys 35, remark -13
let0 words 7: passage 17, more -21, answer -104, feedback -47, lines -12, keys -51
let0 words many: out -45, stem 50, more -12, option -44, answer -52, feedback -32, keys 32
let1 end asks: out -102, stem 12, option 14, answer -41, row -46, keys -18, remark -31
let1 end bracket: more -19, option -13, answer 33, feedback -29, row -98, keys -14
let1 end gap: out -50, stem -60, option 72, answer -64, row -20
let1 end none: passage -33, more -49, wrapped -32, answer -18, feedback -42, hint -38, facts -42, bank -38, lines -38, remark -53
let1 end stop: out -53, more -20, answer -108, feedback -15, facts -33, row -99, keys -76, remark 22
let1 of 1: out 17, passage -41, stem -53, more -16, wrapped -17, feedback -48, hint -21, facts -25, row -26, bank -35, lines -17, keys -21, remark -18
let1 of 2: out 47, passage -13, more -16, option -50, wrapped -13, answer 27, feedback -45, facts -40, row -70, keys 16, remark -22
let1 of 4: out -32, passage -43, more -95, option 20, wrapped -51, answer -59, feedback -57, hint -47, facts -40, row 25, bank -49, lines -46, keys -49, remark -15
let1 of 8: out -33, more -34, option 22, answer -117, feedback -13, facts -17, row -36, keys 29
let1 run: out -109, option 143, answer -145, keys -58
let1 words 1: passage -33, stem -28, more -35, wrapped -24, feedback -40, hint -38, facts -40, row -74, bank -38, lines -38, remark -41
let1 words 15: stem 22, more -31, answer -85, row -39, keys -93
let1 words 3: stem -108, answer -213, feedback -17, facts -32, row 34, remark -58
let1 words 7: out -57, stem 22, more -25, option 15, answer -22, feedback -16, row -14, keys -48, remark 18
let1 words many: out -13
let1-first end asks: out -26, stem 14, more 20, option -39, answer -36
let1-first end bracket: out -28, more -26, option 15, answer -95, row -32
let1-first end gap: out -15, more -19, option 26, row -38
let1-first end none: passage -16, stem -41, more -68, wrapped -24, feedback -18, hint -17, facts -40, bank -19, lines -17, remark -25
let1-first end stop: out -45, more -31, option 21, answer -60, feedback -14, row -38, keys -50, remark 20
let1-first run: out 26, stem 16, option -26, answer -82, row -14, keys -51
let1-first words 1: out 22, passage -14, more -56, option -25, feedback -17, hint -17, facts -22, row -56, bank -18, lines -17, keys -15, remark -17
let1-first words 15: out -86, stem -27, option 51, answer -53, row -46, keys -55, remark 23
let1-first words 3: out -21, stem -62, more -53, wrapped -16, feedback -12, facts -36, keys 13, remark -42
let1-first words 7: out -31, more -32, option 45, answer -62, facts -13, remark -44
let1-first words many: out -20, stem 33, option -32, keys -24
let2 end none: stem -25, wrapped -51, row -55
let2 end stop: out -33, stem -19, option 34, wrapped -20, answer -58, row -15
let2 of 1: out -42, passage -37, stem -48, more -15, option 41, answer -24, facts -15, lines -15, keys 14, remark -15
let2 of 2: out 26, option -37, answer 14, facts -13, keys 16
let2 of 4: out -61, passage -16, stem 32, option 90, wrapped -50, answer -85, feedback -63, facts -27, row -70, lines -28, keys -49, remark -26
let2 run: out -37, option 45, answer -88, keys -36
let2 words 1: out 28, option -29, wrapped -39, row -28, keys 16
let2 words 15: option 25, wrapped -21, answer -14, row -18
let2 words 3: out -51, option 53, wrapped -26, answer -51, row -33
let2 words 7: out -42, stem -20, option 55, wrapped -22, answer -65, row -22, keys -34
let2-first end none: out 13, stem -33, more -38, row -20
let2-first end stop: option 14, answer -27
let2-first run: out -15, option 32, keys -14
let2-first words 1: out 26, more -31, option -29, keys -55
let2-first words 15: option 13
let2-first words 3: out -28, stem -14, option 50, answer -41, keys 15
let2-first words 7: out -25, stem -17, more -12, option 28, answer -13
letter end none: stem -45, more 25, option -50, answer 34, feedback -33, facts -33, keys -30
letter words 1: stem -45, more 25, option -50, answer 34, feedback -33, facts -33, keys -30
lines end gap: out -36, passage -33, option -48, feedback -24, hint -12, row -19, lines 22
lines words 3: out -34, passage -33, stem 38, more 15, option -49, feedback -22, row -18, lines -66
look _asks: out 42, passage -34, stem 44, more -99, option -17, answer -45, feedback -37, facts -27, row -24, bank -26, lines -19, keys -18
look _box: out 23, stem -42, more -23, option 14, answer -96, feedback -17, row -25, bank -15
look _bracketed: out 37, passage -40, stem -87, more 22, answer -146, feedback -91, facts -19, row -33, bank -20
look _bullet: out -27, passage -15, stem 12, more -36, option 16, answer -51, feedback -35, facts -50, bank -17, lines -25, keys -23
look _capitals: out 36, passage -38, stem -70, more -60, option -100, feedback -44, hint -18, facts -87, bank -27, keys -81
look _cells: stem 22, more -94, option 27, answer -82, feedback -69, hint -24, row -19, lines -18, remark -16
look _chatter: out 13, passage 19, stem -16, answer -46, feedback -25, hint -13, facts -25, row -15, bank -14, lines -13, keys -25
look _colon: passage -18, stem -23, answer -35, feedback -29, facts -19, keys 28
look _cue-answer: out -82, passage -21, stem -37, more -20, option -109, answer 28, feedback -55, facts -38, row -42, bank 19
look _cue-feedback: stem -43, option -38, answer -45, feedback 31, hint -41, facts 12, remark -42
look _cue-level: stem -54, more -34, option -34, answer -14, feedback -12, facts 19, keys -32
look _cue-outcome: out 54, stem -46, answer -42, facts -51, keys -37
look _cue-sample: out -53, passage -12, stem -39, more -26, option -23, answer 31, feedback -24, facts -21, row -20, bank -32
look _cue-tags: passage -30, stem -51, option -16, answer -26, row -15, keys 36, remark -14
look _cue-wordBank: passage -30, stem -24, more -16, answer -27, facts -25, row -13, bank 22, keys -19
look _field: passage 15, stem 39, more -42, option -59, answer -140, feedback -120, hint -18, facts -36, row -44, bank -29, lines -28, keys -98, remark -21
look _field-kind: out -53, stem -33, answer -74, facts 62, keys -35
look _field-number: out -34, stem -19, answer -46, facts 48, keys -40
look _field-stem: out -22, stem 44
look _gap: out -28, passage 13, more 23, option -25, answer -68, feedback -39, hint -20, facts -31, row -16, bank -22, lines -19, keys -53
look _heading: passage -49, stem -16, more -45, option -22, answer 14, feedback -60, facts -18, row -13, bank -32, keys 14
look _identity: out 54, passage -18, stem -18, answer -19, facts -12
look _instruction: out 58, stem -15, feedback -16
look _key-title: out -14, passage -25, stem -53, more -14, option -35, answer -49, feedback -21, hint -12, facts -35, row -17, bank -15, keys 30
look _let-lone: out 15, passage -77, stem 25, more -46, option -12, answer -80, feedback -34, hint -22, facts -59, row -101, bank -37, keys -16, remark -34
look _let0: passage -55, more -54, answer -62, feedback -37, facts -61, row -44, bank -21, remark -17
look _let1: more -22, option 53, answer -106, feedback -15, hint -12, facts -43, row -49, keys -47, remark -54
look _let1-first: out -19, more -21, answer -76, feedback -14, facts -52, keys 19, remark -19
look _let2-first: out -18, option 40
look _letter: out -80, stem -13, more -17, answer 83, keys -18
look _num-lone: out 34, passage -15, more -66, option -18, answer -32, feedback -76, hint -18, facts -108, row -53, bank -26, remark -15
look _num0: passage -58, more -75, option -48, wrapped -24, answer -64, feedback -58, hint -35, facts -40, row 22, bank -38, lines -40, keys -39, remark -43
look _num0-again: stem 15, more -24, option -39, answer -31, feedback -51, facts -58, row -60, keys 23
look _num1: out 12, option -43, answer -27, feedback -14, facts -21, row -20, keys -25
look _num1-first: out 24, passage -16, answer -22, feedback -19, facts -29, row -25
look _number: passage -32, stem -14, more -54, option -12, feedback -28, facts -36, bank -29, remark -20
look _pair: out -25, passage 31, option -26, answer -93, feedback -153, hint -36, facts -61, bank -44, lines -13, keys 16, remark -26
look _phrase: stem 25, more -105, option -25, wrapped -28, feedback -15, hint -19, facts -76, row -60, bank -54, lines -25, keys -74, remark -19
look _rom-lone: out 16, passage -35, more -23, option -40, answer -50, feedback -16, facts -47, row -24
look _rom0: out 29, passage -35, more -38, option -57, wrapped -12, answer -58, feedback -20, facts -48, row -37, bank -20, keys -116, remark -28
look _rom1-first: out -66, stem 17, more -27, option 20, answer -37, row -31
look _rule: out 26, stem -44, more -49, option -41, feedback -15, row -15, keys -57
look _section: out 58, passage -37, stem -145, more -32, answer -45, feedback -28, row -19, bank -27, keys -70, remark -18
look _sentence: more -44, option -65, answer -52, feedback -21, hint -33, facts -43, row -30, bank -30, lines -27, remark -105
look _short: out 32, passage -60, stem 13, more -70, option -58, wrapped -39, answer 19, feedback -143, hint -13, facts -25, row -26, bank -25, lines -23, keys -80, remark 36
look _short-sentence: out 36, passage -78, more -107, wrapped -12, answer -23, feedback -52, hint -109, facts -35, row -29, bank -35, lines -21, keys -14, remark -15
look _table-down: out -28, stem -35, answer -24, feedback -29, facts -34, row -15, keys 55
look _table-pairs: passage -24, stem -61, more -19, option -20, answer -36, feedback 21, hint -12, facts -43, row -58, bank -30, lines -20, remark 16
look _table-ticks: out -66, passage -23, stem -49, more -15, answer -13, feedback -14, row 73, bank -16, keys -29
look _table-wide: out 46, answer -33, facts -26, keys -17
look _text: passage 22, stem 14, more -19, option 25, answer -75, feedback -102, hint -22, facts -40, row -25, bank -26, lines -18, remark -17
look _ticked: out -51, stem -24, option 47, answer 46, keys -13
look _truth: out -56, more -69, option -15, answer 61, feedback -13, facts -19, bank -18, keys -38
look _word-lone: out 20, passage -21, more -22, option -43, answer -45, feedback -30, hint -14, facts 15, row -16, bank -19, keys -52, remark -15
look _word0: passage -26, stem 20, more -24, option -66, feedback -19, hint -19, facts 14, row -24, bank -22, lines -14, keys -55, remark -28
look _word0-again: out -30, stem 40, more -17, option -23, facts -28
look arrow: out -32, passage -34, stem -27, more -66, answer 41, feedback -76, facts -39, row -59, bank -29, lines -16, keys -56, remark -12
look arrow _cue-level: facts 23
look arrow _field: out 74, stem -53, answer -45, feedback -48, facts -15
look arrow _heading: out 43, facts -36
look arrow _num0: out -62, stem 64
look arrow _num0 arrow: out -28, stem 28
look arrow _num0_ num0: out -50, stem 51
look arrow _section: out 26, stem -20
look arrow cue-difficulty: out -18, option -42, answer 47, facts 25
look arrow cue-feedback: out -23, answer 13, feedback 55, keys -18
look arrow edge: stem -22, option -62, answer 52, keys -22
look arrow sentence: out 14, passage -39, stem -47, option -22, answer -58, keys -24
look arrow short-sentence: out -45, stem -17, more -12, option -16, answer 32, hint -35, keys -22, remark -38
look arrow short-sentence_ num0: out -26, answer -38, feedback 57, hint -26
look arrow word0: out -44, stem 55, option -35, answer 63, feedback -18, facts -38
look arrow+: out -24, stem -37, option -80, answer 68, feedback -15, facts -16, keys -27
look arrow_ cue-level: option -15, answer 19
look arrow_ field: option -18, answer 34
look arrow_ heading: option -42, answer 58
look arrow_ num0: passage -12, option -90, answer 84, row -13
look arrow_ section: out -21, option -35, answer 52, keys -20
look arrow_+: passage -18, stem -13, more -48, option 13, feedback -30, facts -30, row -28, bank -14, keys -23
look asks: out -22, passage -30, stem 13, more 61, option -69, wrapped -13, answer -63, feedback -47, hint -27, facts -78, row -57, bank -28, lines -45, keys -51, remark -43
look asks _box: out -77, stem -22, option 29, answer -12, row -19
look asks _box box: out -37, option 54
look asks _bullet: out -37, stem -42, option 77
look asks _bullet bullet: out -30, stem -36, option 65
look asks _cue-answer: answer 79, keys -74
look asks _field: out -29, passage -52, stem 36, more -25, option -18, answer -39, facts -53, keys -18
look asks _heading: out 40, answer -31
look asks _let0: stem -28, option 32
look asks _let0 let0: stem -28, option 32
look asks _let1-first: out -29, option 63, answer -17, row -17
look asks _let1-first let1: out -17, option 38
look asks _num0: out -17, stem 25, more -14, option -14, facts -15, keys -18
look asks _num0_ num0: out -47, stem 44
look asks _number: out -24, option -52, answer 44, keys -37
look asks _rom0: stem 26, more -24
look asks _section: out 44, answer -24, facts -44, keys -14
look asks _short: passage -12, stem 40, more -50, option -57, answer -30, facts -17, keys -35
look asks _word0: out -20, answer -34, facts 27
look asks _word0 asks: facts 15
look asks arrow: out -34, stem 19, more -16, option -18, answer 13
look asks box: out -44, remark -15
look asks box box: option 17
look asks box ticked: out -20, option 19
look asks bracketed: out -38, stem 14, more 42, answer -16, bank -14
look asks bullet: out -88, stem -18, more 20, option 101
look asks bullet bullet: stem -63, option 75
look asks cells: out -45, stem -41, more 30, option 27, answer -15, keys -29
look asks cue-answer: out -50, stem 17, option -92, row -12, bank -19
look asks cue-answer edge: option -27
look asks cue-answer_ word0: answer 16
look asks cue-points: option -15, answer -29, facts 44
look asks cue-sample: stem -26, more 29, answer 15
look asks edge: out 61, stem -88, feedback -15, keys -13
look asks field-option: out -20, stem -28, more 18, option 15, answer -20, keys -15
look asks field-option field-option: out -17, stem -16, more -15, option 18, answer -20, keys -15
look asks gap: out -45, passage -33, stem -90, more 70, option -22, answer -44
look asks let-lone: out -49, stem 65, more -32, option 63, answer -60
look asks let0: out -74, option 35, keys -14
look asks let0 let0: stem -37, option 40, keys -14
look asks let1-first: out -53, more 13, option 60, answer -52, lines -15
look asks let1-first let1: out -34, stem -13, option 78, answer -51
look asks num0: out -17, stem 34, more -17, answer -13, row -38, keys -13
look asks num0 num0: out -30, stem 37, row -36
look asks num1-first: option 22
look asks num1-first num1: option 22
look asks number: out -28, stem 40, more 21, option -37, keys -13
look asks phrase: out -15, stem -14, more 37, option 20, answer -73, feedback -29, keys -31
look asks phrase phrase: stem -69, more -41, option 21, answer -22
look asks rule: out 50, stem -45, more -33, option -33, answer -28
look asks short: out -52, passage 50, stem 33, more -60, answer 43, feedback -25, facts -41, keys -28
look asks short short: out -26, stem -35, more -61, option 37, answer -46
look asks+: more 24, option -35, answer -21, feedback -26, hint -12, facts -34, row -23, lines -24, keys -31
look asks_ box: out -71, stem 56, more -31
look asks_ bullet: out -31, stem 27, more 21, answer -14
look asks_ cue-answer: out -32, stem 42, more -22
look asks_ field: out -47, stem 38, facts -13
look asks_ heading: out 16, stem -23, more 22, answer -14, feedback -20
look asks_ let0: out -54, stem 66, more -14
look asks_ let1-first: out -37, stem 40
look asks_ num0: out 30, passage -21, stem -53, more 33, answer -15, feedback -15
look asks_ section: out 51, stem -54
look asks_ short: out -33, stem 40
look asks_ word0: out 47, more -26, facts -12
look asks_+: passage -39, stem 47, more 29, option -39, answer -48, feedback -36, facts -34, row -25, bank -19, lines -17, keys -29, remark -21
look box: passage -82, stem -74, more -82, option 46, wrapped -31, answer -32, feedback -57, hint -23, facts -84, row -48, bank -28, lines -49, keys -101, remark -85
look box _asks: out -61, stem 62, keys -13
look box _bracketed: out 35, answer -42, feedback -41, keys 23
look box _capitals: out 73, answer -63, facts -25, keys -22
look box _cue-answer: out -14
look box _cue-answer_ num0: answer 42, keys -41
look box _field: out 25, passage -13, stem 32, answer -36, facts -16
look box _heading: out 31, answer -38, facts -68, keys -17
look box _let0: out -14, stem 33, option -58, keys -26
look box _let1: stem 26, option -24
look box _num-lone: out 32, stem -68, option -31, answer -64, facts -21
look box _num0: out -41, stem 65, option -17, facts -27, keys 17
look box _num0_ num0: out -49, stem 56
look box _phrase: out 48, option -57, answer -43, feedback -77, keys -48
look box _rom-lone: out 42, stem -30
look box _rom0: out 33, stem -18, option -15, keys -48
look box _rule: out 23, answer -16
look box _section: out 46, stem -36
look box _short: out 31, stem -91, option -33, wrapped -15, feedback -16, facts -63, keys -37
look box _text: out -66, stem -21, option -43, answer 32, keys 14
look box _word0: out 27, stem -49, option -13, answer -48, facts 27
look box _word0 asks: facts 39
look box _word0_ word0: out -64, stem 65
look box arrow: out -47, option -45, answer 76
look box box: passage -35, stem -56, more -45, option 40, feedback -31, facts -38, row -33, bank -15, lines -24, keys -51, remark -38
look box box arrow: option 29, answer -20
look box box box: stem -13, answer -38
look box box bracketed: option 65, answer -61
look box box cue-answer: out -29, option 90, answer -54
look box box cue-difficulty: out -21, option 43, answer -44
look box box cue-feedback: option 28, answer -23
look box box edge: answer -54, keys -16
look box box num0: out -34, option 68, answer -60
look box box phrase: out -22, option 31
look box box short: out -51, option 62
look box box ticked: out -15, option 15
look box box word0: out -27, option 55, answer -37
look box box_ asks: option 28, answer -19
look box box_ bracketed: option 29, answer -17
look box box_ cue-answer: out 21, answer -62
look box box_ field: option 23
look box box_ heading: option 29, answer -14
look box box_ let0: out 31, answer -35
look box box_ let1: option 19
look box box_ num-lone: answer -43
look box box_ num0: option 42, answer -68, feedback -21
look box box_ num1: out -28, option 41, answer -13
look box box_ phrase: option 40, answer -16
look box box_ rom-lone: out -40, option 52, answer -28
look box box_ rom0: out -20, option 32, answer -33
look box box_ rule: out -26, option 42, answer -14
look box box_ section: option 26, answer -22
look box box_ short: out -34, option -25, answer 41
look box box_ text: out -34, option 31, answer -24
look box box_ word0: out -17, option 82, answer -64
look box bracketed: out -153, option 54, answer 141, feedback -139, bank -23, keys -35
look box bracketed edge: out -14, answer 34, feedback -72, keys -26
look box cue-answer: out -29, answer 86, keys -66
look box cue-answer cue-difficulty: answer 26, keys -12
look box cue-answer edge: answer 59, keys -46
look box cue-difficulty: out -39, option 44, answer -51, facts 39, keys -14
look box cue-feedback: out -34, option 48, answer -35, feedback 40, facts -25, keys -14, remark -28
look box edge: out 29, answer -73, feedback -24, keys -22
look box num0: out -63, stem 83, answer -63, keys -31
look box num0 box: stem 15, option -14
look box phrase: out -100, stem -79, answer 20, feedback -120, keys -23
look box phrase box: out -25, stem -51, option 50, answer -26
look box short: out -26, passage -29, stem -55, wrapped -12, feedback -82, facts -68, keys -85
look box short box: out -23, option 34, wrapped 17, answer -15
look box short edge: out -59, stem -13, option 23, wrapped 24, answer -26, feedback -54, keys -60
look box text: out -59, stem -34, wrapped 41, answer 26, feedback -43
look box ticked: stem -29, more -15, option 47, answer -49, feedback -31, facts -48, row -30, keys -15, remark -23
look box ticked box: out -45, option 76, answer -46
look box ticked_ word0: out -39, option 25, answer -20
look box word0: out -34, stem 36, option 38, answer -76, facts 51
look box+: out 21, passage -16, stem -54, more -54, option 20, answer -24, feedback -20, facts -32, row -30, bank -16, lines -23, keys -39, remark -37
look box_ asks: out -59, passage -20, option 57, answer -28, feedback -17
look box_ bracketed: option 29, answer -17
look box_ capitals: out -13, option 44, answer -31
look box_ cue-answer: out 21, answer -62
look box_ cue-level: out 35, option -16, answer -14
look box_ field: option 13, answer -15
look box_ heading: out -35, option 60, answer -22
look box_ let0: out 31, answer -44
look box_ let1: option 19
look box_ num-lone: answer -43
look box_ num0: option 52, answer -74, feedback -22
look box_ num1: out -28, option 42, answer -15
look box_ phrase: option 40, answer -16
look box_ rom-lone: out -15, option 32, answer -28
look box_ rom0: out -20, option 32, answer -33
look box_ rule: out -26, option 42, answer -14
look box_ section: option 28, answer -22
look box_ short: out -34, option -25, answer 41
look box_ text: out -34, option 31, answer -24
look box_ word0: out -24, option 37, answer -56
look box_+: out -20, passage -40, stem -15, option 27, answer -15, feedback -55, facts -37, row -26, keys -34, remark -26
look bracketed: passage -59, stem -118, more -38, option -104, wrapped -42, answer -23, feedback 15, hint -79, facts -106, row -44, bank 24, lines -66, remark -53
look bracketed _capitals: out -24, option -36, answer 27
look bracketed _heading: out 30, keys -25
look bracketed _let0: out -14, stem 29, option -19
look bracketed _num0: out -52, stem 53
look bracketed _num0_ num0: out -37, stem 37
look bracketed _phrase: out -23, passage -12, stem 29, answer -33, feedback -44
look bracketed _short: out 60, stem -19, answer -68, keys -16
look bracketed _short-sentence: out 60, passage -22, stem -81, answer -68, feedback -52, keys -33
look bracketed _text: out 70, stem -58, answer -32, feedback -24
look bracketed _word0: out -55, stem 39, answer -53, facts 62
look bracketed _word0 phrase: out -15, facts 31
look bracketed _word0_ word0: out -33, stem 36
look bracketed box: out -31, more 42
look bracketed bullet: out -85, more 56, answer -21, feedback 38
look bracketed bullet bullet: option 13
look bracketed cells: out -66, stem 26, answer 31, feedback -34, row -69, bank -12, keys 58
look bracketed cells edge: out -36, stem -44, keys 39
look bracketed cue-answer: out 26, stem -43, more -22, option -19, feedback -48, row -21, keys -23
look bracketed cue-difficulty: out -18, more 23, feedback -15, facts 22
look bracketed cue-feedback: more 22, answer -16, bank -16
look bracketed edge: out 21, stem -14, more 33, option -14, bank -43, keys -67
look bracketed field: out 41, stem -28, answer -29, feedback -13, facts -22
look bracketed heading: out -29, answer 31, bank -15, keys 26
look bracketed identity: out 45, keys -29
look bracketed let-lone: out 36, stem -44, more 24, option -18, answer -65, feedback -14, keys 64
look bracketed let0: stem -14, keys 16
look bracketed let0 let0: keys 15
look bracketed let1-first: out -53, more 58, option 17, answer -14, row -13, bank -15
look bracketed let1-first let1: option 18, row -13
look bracketed num-lone: out -54, more -19, answer -29, keys 72
look bracketed num-lone edge: out -16, keys 27
look bracketed num0: out -70, stem -22, option -25, answer -43, feedback 55, row 23, bank -37, keys 56
look bracketed num0 num0: out -21, stem -16, option -23, row 24, keys 24
look bracketed num0-again: out 38, more 18, answer -38, feedback -42, keys 65
look bracketed pair: out -65, stem -17, feedback -27, keys 53
look bracketed short: out -12, stem -18, feedback -31, keys -18
look bracketed short-sentence: out 30, stem -40, feedback 29, facts -13, keys -35
look bracketed table-down: keys 13
look bracketed text: out -54, stem -46, more -39, option -52, answer -23, feedback 34, bank -32
look bracketed word0: out -34, stem 14, more -19, answer 49, facts -17, bank -27, keys -13
look bracketed+: out 12, stem -81, more -24, option -50, wrapped -14, feedback 29, facts -44, row -48, lines -29, keys -59, remark -23
look bracketed_ capitals: out -25, more 49, answer 32, feedback -48, bank -16, keys -36
look bracketed_ heading: out 15, more 12, answer -91, feedback -53, bank -56, keys -46
look bracketed_ let0: out -49, option -15, answer 50, feedback -23, bank -23, keys -23
look bracketed_ num0: stem -25, more -74, option -17, answer -30, facts -19, row -14, bank -21, keys 18
look bracketed_ phrase: out -79, option -14, answer 44, keys -60
look bracketed_ short: out 25, feedback -35
look bracketed_ short-sentence: out 58, answer -34, bank -12, keys -28
look bracketed_ text: more -38, option -15, answer 50, feedback -15, bank -32, keys -54
look bracketed_ word0: out 21, option -49, answer -23, row -21, bank -39, keys -41
look bracketed_+: passage -46, stem -64, option -46, feedback -46, hint -39, facts -42, row -25, lines -19, keys 16
look bullet: passage -63, option 43, wrapped -30, answer -47, hint -45, facts -81, bank -48, lines -47, keys -70
look bullet _bracketed: out -26, more -12, answer -17, keys 36
look bullet _bullet: out -115, stem 67, more -32, option -40, answer -30, row -18, remark -24
look bullet _bullet bullet: out -73, stem 22, option -19
look bullet _bullet_ bullet: out -80, stem 52, option -30, answer -20
look bullet _cue-answer: answer 54, keys -42
look bullet _heading: out 59, answer -39, facts -40
look bullet _key-title: out 35, option -31, answer -36, facts -16, row -15, keys -25
look bullet _let-lone: out 52, stem -39, answer -26
look bullet _let0: out 12, keys -24
look bullet _let0 let0: out -71, stem -36, option 64, keys -24
look bullet _num0: out -31, option -62, answer -29, facts 33, row -62, keys 24
look bullet _num0 bullet: out -52, stem 52
look bullet _phrase: out -23, stem 27, feedback -31, facts -16, keys -13
look bullet _rule: out 30
look bullet _section: out 38
look bullet _short: out -28, passage -49, stem -115, more -12, option -69, answer 21, facts 42, keys -42
look bullet _short-sentence: out -46, passage -20, stem -28, answer 38, feedback -25, keys -16
look bullet _word0: out -96, stem 25, option -13, answer -41, facts 71
look bullet _word0 asks: facts 18
look bullet _word0_ word0: out -63, stem 67
look bullet arrow: out -22, stem 23, more -12, answer 71, remark -12
look bullet asks: stem 16, more -15
look bullet box: out -62, stem 88, more 60, option -60, answer -39
look bullet box box: option 23
look bullet bracketed: out -135, more 32, option 59, answer 156, feedback -120
look bullet bullet: out 17, passage -26, stem -47, more -24, option 56, wrapped -23, answer -17, hint -22, facts -49, row 23, keys -44, remark 13
look bullet bullet arrow: option 38, answer -25
look bullet bullet bracketed: option 62, answer -46
look bullet bullet bullet: out 15, stem -16, more -65, answer -52, feedback -40, facts -13, row 16
look bullet bullet cue-answer: out 16, stem -146, more 55, option -34, answer -121, row -38, keys -14, remark -15
look bullet bullet cue-difficulty: stem -14, option 71, answer -48
look bullet bullet edge: out 19, stem -95, option 25, answer -55, feedback -29, keys -16, remark -27
look bullet bullet num0: option 101, answer -85
look bullet bullet number: more -21, option 28
look bullet bullet phrase: out -28, stem -36, option 68, answer -13
look bullet bullet short: out 29, more -24, option 19, answer -42, feedback -20, row -26, remark -18
look bullet bullet text: out -15, stem -47, option 52
look bullet bullet word0: option 103, answer -63
look bullet bullet_ bracketed: out -23, stem -42, option 55
look bullet bullet_ bullet: out -39, stem -49, option 90, answer -14
look bullet bullet_ cue-answer: stem -49, option 62, answer -14
look bullet bullet_ cue-level: out 25, stem -28, option 31, row -12, remark -23
look bullet bullet_ heading: out -34, stem 36, more -35, row -14
look bullet bullet_ key-title: out -38, stem -32, more -30, option 35
look bullet bullet_ let0: out -39, stem -31, more -35, option -16, answer -34, feedback -14, row 27
look bullet bullet_ num0: stem -23, more -40, answer -93, row -26, remark 17
look bullet bullet_ phrase: out 30, stem -55, option -20, row -15
look bullet bullet_ section: option 43
look bullet bullet_ short: out 59, stem -59, more -15, answer -19, feedback -39
look bullet bullet_ word0: out -22, option 79, answer -30, feedback -65, remark -16
look bullet cells: out 18, more 29, option -15, answer -16, row -20, keys -24
look bullet cue-answer: stem 13, more 54, option -36, row -39, keys -27, remark -19
look bullet cue-answer bullet: answer 22
look bullet cue-answer cue-feedback: answer 16
look bullet cue-answer edge: option -46, answer 19, keys -16
look bullet cue-answer_ num0: answer 23
look bullet cue-answer_ word0: answer 27, keys -13
look bullet cue-difficulty: out -56, stem 13, option 91, answer -39, facts 31, row -17, keys -18
look bullet cue-feedback: answer -14, feedback 18, facts -12
look bullet cue-sample: out -26, stem 19, option -26, answer 21, remark -15
look bullet edge: out -31, stem 37, option 12, answer -58, feedback -29, keys -50, remark -28
look bullet let-lone: out 37, stem -60, more -18, option 57, answer -60, row -15
look bullet let0: out -81, stem 52, more -33, answer -78, row -15, keys -25, remark -26
look bullet let0 let0: stem -42, option 34, keys -25
look bullet num0: out -76, more 33, option 23, answer 26, feedback -43, row -40, remark -21
look bullet num0 bullet: stem 52, option -51
look bullet num0 num0: out -39, stem 36, option 39, row -38
look bullet number: out -40, stem 32, more -23, option -35, answer 26, keys -28, remark -21
look bullet phrase: out 65, stem -59, more 31, option -29, wrapped -44, answer -13, feedback -85, row -20
look bullet phrase bullet: out -107, stem -72, more -29, option -23, answer 39, row -13
look bullet rule: out -43, stem 32, more 48, option -18, answer -56, row -16, lines -40
look bullet short: out -30, passage -14, stem -28, wrapped -18, answer 48, feedback -70, facts -62, row -39, lines -16, keys -13, remark -18
look bullet short bullet: out -39, stem -81, more 34, option -22, wrapped 17, answer 52, feedback -56, facts -34
look bullet short-sentence: out -16, stem -31, more 45, option -27, answer -44, feedback 28
look bullet text: out -68, stem -32, more 18, option 41, answer 19, feedback -31
look bullet word0: out -19, stem 90, option 25, answer -68, facts -41
look bullet+: passage -27, stem 16, more -13, option 13, wrapped -14, feedback -109, facts -52, bank -25, lines -25, keys -42
look bullet_ bracketed: out 39, stem -49, option 21
look bullet_ bullet: out -123, stem 104, option -20, answer -26, feedback -19, row -28, remark -17
look bullet_ cue-answer: out -29, stem 27, more 23, option -17, answer -15, remark -15
look bullet_ cue-level: out -15, stem 17, option 29, row -12, remark -29
look bullet_ heading: out -35, stem 38, more -35, row -14
look bullet_ key-title: out 21, stem -44, more -33, option 19, row -17
look bullet_ let-lone: out -62, stem 48, more -29, option 50, answer -41, feedback -35, row -32
look bullet_ let0: out -72, stem 38, more -36, option -14, answer -58, feedback -25, row 25, remark -29
look bullet_ num0: stem -29, more -40, answer -94, feedback 20, row -27, remark 17
look bullet_ phrase: out 20, stem 18, option -35, answer -12, row -17
look bullet_ rule: out -40, option 50
look bullet_ section: out -60, stem 49, option 53, answer -13
look bullet_ short: out 55, stem -55, more -15, answer -26, feedback -39
look bullet_ short-sentence: out 25, stem -29, option 39, answer -12
look bullet_ word0: out -27, stem -31, option 89, answer -30, feedback -65, remark -16
look bullet_+: out -25, passage -18, answer -143, hint -17, facts -30, lines -15, keys -15
look capitals: passage -87, stem -79, option 17, wrapped -15, answer -42, feedback -74, hint -35, facts -71, row -62, bank -32, lines -15, keys -27
look capitals _asks: out -21, stem 22
look capitals _bullet: out -33, stem 36, option -34
look capitals _cue-level: out -38, facts 42
look capitals _let-lone: out -38, stem 43, answer -32, keys -27
look capitals _num-lone: out -46, stem 48, keys -50
look capitals _num0: out 29, stem -21, keys -18
look capitals _num0 let1-first: out -25, stem 26
look capitals _num0_ num0: out -44, stem 47
look capitals _phrase: out 47, passage -15, stem -47
look capitals _short: out 67, stem -39, answer -45, keys -46
look capitals _text: passage -28, stem 35
look capitals _word-lone: out -38, facts 71
look capitals _word-lone let-lone: out -14, stem -20, facts 25
look capitals _word0: out -62, facts 65
look capitals bullet: out -49, stem 47, answer -28
look capitals edge: out 70, option -34, answer -50, keys -58
look capitals num0: stem 47, more -24, option 22, facts -21, row -13, keys -33
look capitals pair: out 81, passage -43, stem -37, keys -39
look capitals phrase: out 85, passage -31, stem -48, feedback -14, keys -65
look capitals word0: out 55, stem 80, option -23, answer -59, facts -29, keys -34
look capitals+: passage -33, stem -53, option 20, answer -54, feedback -14, facts -42, row -33, keys -17
look capitals_ asks: out 64, answer -56, keys -18
look capitals_ bullet: out 52, answer -41, keys -13
look capitals_ cue-level: out -14, option -58, answer 22, facts -20, keys -21
look capitals_ let-lone: option -42, answer 26, keys -14
look capitals_ num-lone: out 48, answer -44
look capitals_ num0: out 43, option -57, answer -28, feedback -26, facts -21, keys -64
look capitals_ phrase: out -20, option 17, answer -15
look capitals_ short: out 37, option -21, answer -32, keys -17
look capitals_ text: out -40, option -12, answer 23, feedback -16, facts -15
look capitals_ word-lone: out 81, more -12, option -14, answer -61, facts -32, keys -15
look capitals_ word0: out 37, option -30, facts -35, keys -51
look capitals_+: passage -39, stem -31, more -60, option -15, feedback -52, hint -22, facts -51, row -13, bank -26, keys -32
look cells: more 32, option -49, answer -46, feedback -108, hint -62, facts -35, row 15, bank -12, lines -65, keys -37, remark -49
look cells _asks: out 32, stem -16, more -61
look cells _bullet: out -43, stem -33, option 50
look cells _cells: out -56, stem 67, more -73, option -52, facts -30, row -13, keys -56
look cells _cue-answer: answer 45, bank -24, keys -20
look cells _field: stem 26, more -14, facts -45
look cells _gap: out 41, passage -18, stem -17, more -36, answer -26
look cells _heading: out 53, facts -56, keys -20
look cells _key-title: keys 15
look cells _let-lone: stem -19, option 26, answer -58, keys -25
look cells _let0: out -32, more -18, option 51, row -21, keys -25
look cells _let1-first: out -22, stem -15, option 47
look cells _let1-first let1: out -22, stem -15, option 47
look cells _num-lone: out 46, stem -40, option -25, answer -35, row -13, keys -16
look cells _num0: out -16, stem 52, facts -30
look cells _num0_ num0: out -30, stem 31
look cells _phrase: out -41, stem 42, more -79, option -59, answer 19, feedback -18, row -22, keys -21
look cells _section: out 32, facts -14
look cells _section_ num0: out 16
look cells _short: out 18, passage -64, stem -77, option -22, facts -18
look cells _text: passage -27, stem 19, more -61, option -17, answer -14, keys -14
look cells _word0: out -40, stem 24, answer -15, facts 18
look cells _word0 cells: out -22, facts 36
look cells _word0 text: out -25, stem 13, answer -12, facts 13
look cells arrow: out -19, passage -13, stem 15, more -13, option -38, answer 22, feedback -19, facts -20, row -12, keys -20, remark -13
look cells box: out -30, stem 26, option 19
look cells box box: out -34, option 35
look cells bracketed: out -45, stem -32, feedback 20, row -24, keys -38
look cells bullet: stem -31, more 33, option 36, row -29
look cells bullet bullet: stem -16, more -23, option 62, row -16
look cells cells: out -29, stem -32, more -74, option -81, wrapped -20, answer -91, feedback -23, hint -17, facts -47, row 38, bank -41, lines -15, keys -38, remark -34
look cells cells cells: option -36, answer -13, facts -23, keys -30, remark -14
look cells cells cue-answer: stem -33, more -13, row 37
look cells cells edge: out 36, stem -50, facts -16, row -29, keys -31
look cells cells_ num0: passage -21, stem -17, row 20
look cells cue-answer: out -62, stem -14, answer 49, facts -13, bank -31, keys -59
look cells cue-answer edge: answer 43, keys -39
look cells cue-answer_ num0: answer 17
look cells cue-sample: out -42, more 31, option -17, answer 44, keys -34
look cells edge: stem 22, option -62, answer -96, feedback -53, facts -73, row -87, bank -21, keys -20
look cells field: passage -36, stem -54, more 12, option 28, answer 25, facts -59, row -28, keys -13
look cells heading: out 70, stem -40, facts -28, keys -18
look cells identity: out 48, stem -14, facts -22, row -15
look cells let-lone: out 19, stem -65, more -27, answer 36, facts -13, row 14, keys -69
look cells let0: out 32, stem -42, more 43, answer -15, facts -14, row -44, keys -29
look cells let0 let0: out 27, answer -15, row -37, keys -24
look cells let1-first: out 37, stem -49, option -31, answer -38, row 19, keys -56
look cells let1-first let1: stem -27, option -30, answer -36, row 32, keys -43
look cells num-lone: stem -16, more -41, option 19, answer 34, facts -13, row -13, keys -27
look cells num0: out -39, passage -47, stem 36, more 18, answer -36, feedback -15, facts -63, row -18
look cells num0 num0: out -34, option 22, facts -14, row -17, keys -47
look cells rule: out 17, stem -68, answer -19, facts -28, lines 29, keys -13
look cells rule rule: lines 13
look cells short: out 25, passage -67, more -20, option -58, wrapped 18, answer -81, feedback -38, facts -16, bank -24
look cells+: out -16, more -18, option -71, answer -12, feedback -51, hint -26, row 15, bank -75, lines -19, keys -20, remark -33
look cells_ asks: out -49, passage -26, stem 35, more -31, answer -28, feedback -13, facts -32, row 24, keys -31
look cells_ bullet: out -33, passage -16, stem -12, option 31
look cells_ cells: out -63, more 17, option 24, keys -13
look cells_ cue-answer: out -19, stem 14, more 39, row 30
look cells_ field: more 12, keys -52
look cells_ gap: option 23, answer -19, facts -16, row -20, bank -32, keys -28
look cells_ heading: out -25, stem -15, more -42, option -15, answer -22, row -46, bank 35, keys -73
look cells_ identity: out 68, stem -49, row -12
look cells_ key-title: out -41, stem 46, more -35, option -48, answer -12, row -14, bank -20, keys -46
look cells_ let-lone: stem -31, more 24, keys -29
look cells_ let0: out 33, stem -28, option -29, answer -32, facts -19, keys -25
look cells_ let1-first: more 19
look cells_ num-lone: out 35, stem -57, more 39, answer -35, row -34, keys -48
look cells_ num0: out 23, passage -25, stem -84, more 28, option -57, answer -47, feedback -27, hint -13, facts -28, bank -28, keys 23, remark -12
look cells_ phrase: out -64, passage -15, stem 32, option 17, answer -30, facts -41, row -28, bank -17, keys 31
look cells_ rom0: out 26, stem -43, option -17, answer -14, bank -24, keys -34
look cells_ section: out 29, stem -54, more -12, option 21, answer -32, keys -41
look cells_ short: out 69, stem -58, more 15, keys -40
look cells_ text: out -35, stem 29, option 20, facts -14, row -25, bank -15, keys -39
look cells_ word0: out -13, passage -23, stem 28, option -24, answer -70, facts -31, row -45, bank -29, keys -28
look cells_+: out 19, passage -53, more 33, option 38, wrapped -16, answer -95, feedback -74, hint -22, facts -123, row -19, bank 14, lines -29, remark -15
look chatter: out 52, passage 16, stem -58, more -59, option -21, answer -63, feedback -42, hint -16, facts -65, row -26, bank -24, lines -20, keys -31, remark -15
look chatter _capitals: out 23
look chatter _field: out -38, passage -45, stem -57, answer -17, facts 43, keys -14
look chatter _heading: out -28, facts 40, keys -41
look chatter _heading_ num0: out 30, facts -19, keys -22
look chatter _heading_ word0: out -41, facts 42, keys -18
look chatter _let-lone: out 27, stem -25, option -26
look chatter _num0: out 29, stem -29, facts -13
look chatter _num0 let1-first: out -17, stem 17
look chatter _phrase: out 75, passage -13, stem -61, answer -34
look chatter _rule: out 31, answer -19
look chatter _section: out 13
look chatter _short: out 63, passage -16, answer -40
look chatter _text: passage -34, stem 18, answer -19
look chatter _word0: out -28, facts 23
look chatter edge: out 29, stem -12, answer -25, feedback -21, keys -18
look chatter num0: out -35, stem 44, facts -22
look chatter word0: out -21, passage -23, stem 27, more -12
look chatter+: out 14, passage 19, stem -27, more -33, answer -32, feedback -24, facts -37, row -20, keys -19
look chatter_ capitals: out 18
look chatter_ heading: out 20, stem -13
look chatter_ let-lone: out 18
look chatter_ num0: out 66, passage -22, answer -20, feedback -23
look chatter_ phrase: out 13
look chatter_ rule: out 15
look chatter_ section: out 12
look chatter_ text: out 31, stem -15
look chatter_ word0: out 12
look chatter_+: out 78, passage -34, stem -38, answer -34, feedback -63, facts -14, keys -17
look colon: out -40, passage -31, stem 13, more 20, option -19, answer -55, feedback -31, hint -14, facts -80, row -23, bank -35, keys 17
look colon bullet: out -19, stem 13, more -32, option 16, answer -15, row -15, keys -14, remark -20
look colon bullet bullet: more -32, option 16, remark -18
look colon let1-first: out -16, option 18, answer -16, row -15
look colon let1-first let1: out -15, option 18, answer -16, row -15
look colon pair: out -13, stem -29, more 21, row -21
look colon pair short: stem -25, more 12
look colon+: out -22, stem 29, more 13, answer -20, facts -25, row -15, keys -83
look colon_+: passage -23, stem -24, more -16, answer -31, feedback -35, facts -45, bank -16, keys 32
look cue-answer: out -138, passage -52, stem -55, more -125, option -46, wrapped -35, answer 81, feedback -80, hint -33, facts -115, row -88, lines -41
look cue-answer _asks: out 40, stem -33, answer -23, feedback -19
look cue-answer _asks cue-answer: out -44, stem 47
look cue-answer _bracketed: out 58, answer -50, feedback -54
look cue-answer _bullet: out -43, stem -17, option -45, answer -12, remark 24
look cue-answer _bullet bullet: out 25, stem -33, option -24, answer -12, remark 33
look cue-answer _bullet cue-answer: stem 12
look cue-answer _bullet let0: stem 21, remark -20
look cue-answer _bullet_ bullet: out -41, stem 41
look cue-answer _capitals: out 67, answer -84, feedback -27, facts -30
look cue-answer _capitals_ num0: out 30, answer -28
look cue-answer _capitals_ word-lone: out 30, answer -20, facts -13
look cue-answer _cells: stem 14, option -36, answer -40, feedback -43, hint -14, facts -50, row -19, bank -14, keys -55, remark -12
look cue-answer _chatter: out 26, feedback -21
look cue-answer _chatter edge: out 19, feedback -16
look cue-answer _cue-feedback: stem -43, option -38, answer -32, feedback 34, hint -15, facts 15, keys -64, remark -16
look cue-answer _cue-level: out -13, facts 27
look cue-answer _field: out 43, passage -13, stem -29, answer -52, feedback -31, facts -43
look cue-answer _field-kind: out -49, facts 56
look cue-answer _gap: out -17, stem 15, answer -17
look cue-answer _heading: out -30, stem -14, answer 45, feedback -36, facts -26, keys -18
look cue-answer _heading edge: out 42, feedback -14
look cue-answer _heading_ cue-level: out 53, facts -50
look cue-answer _heading_ num0: out 25
look cue-answer _heading_ word0: out 66, facts -65
look cue-answer _let-lone: out 60, stem -36, option -12, answer -68, feedback -13
look cue-answer _let0: stem 57, option -51, facts -21, keys -12
look cue-answer _let0 cue-answer: out -15, stem 17
look cue-answer _let1: out 36, stem -28, option -27, answer -38, feedback -13, facts -21
look cue-answer _let1 cue-answer: stem 34, option -31
look cue-answer _num-lone: out 66, stem -30, answer -41, feedback -42, facts -51, keys -37
look cue-answer _num-lone_ num0: out 52, keys -12
look cue-answer _num0: out 48, stem -29, option -29, feedback -26, facts -88
look cue-answer _num0 bullet: out -48, stem 49
look cue-answer _num0 cue-answer: out 15, facts -14
look cue-answer _num0 let-lone: out -14, stem 18
look cue-answer _num0 let1-first: out -116, stem 118
look cue-answer _num0 num1-first: out -43, stem 44
look cue-answer _num0 short: out -58, stem 58
look cue-answer _num0-again: out 33, stem 13, option -54, facts -24, keys -39
look cue-answer _num0_ box: out -14, stem 15
look cue-answer _num0_ cue-answer: out -33, stem 35
look cue-answer _num0_ num0: feedback -16, facts -27
look cue-answer _num1: out -17, stem 19
look cue-answer _pair: out 69, stem -42, feedback -81, facts -17, row -20, keys -47
look cue-answer _phrase: out -31, stem 78, option -26, answer -47, feedback -64, facts -21, keys -31
look cue-answer _phrase let0: out -39, stem 55
look cue-answer _rom-lone: out 43, stem -49, answer -20, feedback -13, facts -25
look cue-answer _rom0: answer -19, feedback -16, keys -44
look cue-answer _rom0_ rom0: out -54, stem 43
look cue-answer _rule: out 23
look cue-answer _section: out 26, answer -14, feedback -14, facts -17
look cue-answer _section_ num0: out 24
look cue-answer _sentence: passage -52, stem 52, answer -66, feedback -53, keys -51, remark -22
look cue-answer _short: out 75, option -17, answer -80, feedback -39, facts -66
look cue-answer _short-sentence: out 41, stem 19, answer -82, feedback -83, keys -14, remark -35
look cue-answer _short-sentence cue-answer: out -45, stem 55
look cue-answer _short_ num0: out 30, answer -27, feedback -18
look cue-answer _text: passage -19, stem 33, option -39, answer -92, feedback -71, facts -26, keys -14
look cue-answer _text phrase: out -29, stem 30
look cue-answer _text short: stem 20
look cue-answer _text text: out -21, stem 25
look cue-answer _word-lone: out 19, facts -14
look cue-answer _word0: out -46, stem 33, option -14, answer 28, feedback -13, facts -54, remark -17
look cue-answer _word0 asks: out -27, stem -16, answer 39
look cue-answer _word0 bullet: out -12, stem 18
look cue-answer _word0 cells: out -66, stem 38, answer -17, facts -29
look cue-answer _word0 cue-answer: out -27, stem 48, facts -45
look cue-answer _word0 cue-sample: out -18, stem 22, facts -12
look cue-answer _word0 field: out -13, answer -23, facts 32
look cue-answer _word0 let1-first: out -54, answer -33
look cue-answer _word0 phrase: out -23, stem -18, answer -27, facts 39
look cue-answer _word0 short: stem -26, facts 27
look cue-answer _word0 short-sentence: out -16, stem -14, answer -43, facts 34
look cue-answer _word0 text: stem -17, facts 37
look cue-answer _word0-again: stem 13
look cue-answer _word0_ word0: out -66, stem 66
look cue-answer asks: out 24, option -25, answer 26, feedback -22
look cue-answer bracketed: option -72, answer -71, feedback 20, facts -21, bank -43, keys -81
look cue-answer bracketed edge: out -26, answer -47, feedback 30, keys -22
look cue-answer bracketed_ word0: out -37, answer -63, feedback 54
look cue-answer bullet: out -47, stem 44, option -33, answer 48, feedback -19, row -27, keys -28, remark -19
look cue-answer bullet cue-answer: out -31, stem 33
look cue-answer capitals: out 34, option -18, answer 47, feedback -19, facts -14, keys -41
look cue-answer cells: out -17, option -20, answer -21, feedback -21, facts 21, row -28, keys -43
look cue-answer chatter: out 23, option -22, answer 61, feedback -37, keys -51
look cue-answer cue-difficulty: out 16, option -126, feedback -15, bank -16
look cue-answer cue-difficulty edge: out -52, facts 70, keys -37
look cue-answer cue-difficulty_ capitals: out -23, facts 48, keys -23
look cue-answer cue-difficulty_ heading: out -15, facts 46, keys -36
look cue-answer cue-difficulty_ let-lone: out -13, facts 22
look cue-answer cue-difficulty_ section: out -27, facts 46
look cue-answer cue-difficulty_ word0: facts 15
look cue-answer cue-feedback: option -75, answer 61, facts 14, row -12, keys -61, remark -60
look cue-answer cue-feedback cue-difficulty: feedback 20, remark -13
look cue-answer cue-feedback edge: out -27, feedback 19, keys -16, remark -17
look cue-answer cue-feedback short: feedback 25
look cue-answer cue-feedback short-sentence: out -12, answer -28, feedback 85, facts -65, keys -13
look cue-answer cue-feedback_ num0: out -43, feedback 52
look cue-answer cue-feedback_ word0: out -14, feedback 21
look cue-answer cue-level: out -38, option -28, answer 40, facts -31, keys -18
look cue-answer cue-points: out -37, more -16, option -41, answer -38, feedback -41, facts 27, bank -25
look cue-answer cue-points cue-difficulty: answer -80, facts -33, keys 42
look cue-answer cue-points cue-feedback: out -34, option -32, answer -33, feedback -32, facts 35, keys -37
look cue-answer cue-points edge: out -74, answer 30, facts -22, keys -84
look cue-answer cue-points rule: out -30, facts 42
look cue-answer cue-points_ num0: out -26, answer -25, feedback -17, facts 26
look cue-answer edge: out -15, stem -19, more -14, option -30, feedback -33, bank -30, keys 20
look cue-answer field: out 29, passage -15, stem -12, option -27, answer -51, feedback -43, row -34, keys 20
look cue-answer heading: out 69, option -14, answer 37, facts -66, bank -23, keys -33
look cue-answer let-lone: out 33, stem -36, answer -33, facts -23, row -19, keys 32
look cue-answer let0: out -40, option -47, answer -33, feedback -16, keys 42
look cue-answer num-lone: out 28, stem -68, option -37, feedback -64, facts -44, row -18
look cue-answer num-lone edge: out 22, stem -58, answer -12, feedback -46, keys 41
look cue-answer num0: out -40, stem -15, option -71, answer -23, facts -27, row -28, keys 45
look cue-answer num0 cue-answer: stem 25
look cue-answer num0 let1-first: stem 15
look cue-answer num0 num0: stem -26, option -33, feedback -32, facts -18, row -23, keys 50
look cue-answer num0 short: stem 24, feedback -17
look cue-answer num0-again: out -23, stem -31, more -21, option -62, answer -32, feedback 25, keys 53
look cue-answer pair: out -19, stem -86, option -22, answer 56, feedback 31, facts -40, row -22
look cue-answer phrase: stem -54, option -72, answer 21, facts -17, row -15, keys -18
look cue-answer phrase_ num0: out -75, answer 44, feedback -34
look cue-answer rom0: stem 21, option -37, answer 54
look cue-answer rule: out 96, option -31, answer 30, facts -16, keys -37
look cue-answer section: out 14, option -41, answer 64, feedback -15, facts -20, keys -55
look cue-answer sentence: passage -74, stem -92, option -57, facts -26, keys -88, remark -26
look cue-answer sentence_ num0: out -61, answer -42, feedback 62
look cue-answer short: out -24, passage -48, stem -83, option -39, answer 38, feedback 14, row -15, keys 23
look cue-answer short-sentence: out -36, stem -84, option -68, answer 45, feedback 18, hint -72, facts -38, keys -78, remark -59
look cue-answer short-sentence cue-difficulty: out -25, stem -29, keys -21
look cue-answer short-sentence_ num0: out -26, answer 42, hint -38, facts -25, remark -18
look cue-answer table-down: answer -26, keys 32
look cue-answer text: out -49, passage -14, option 36, answer -15, facts -34, keys -55
look cue-answer text short: out -72, passage -12, stem -43, option -54, answer 34, keys -14
look cue-answer word0: out -75, stem 88, option -49, feedback -33, facts 18, keys -41
look cue-answer word0-again: stem 34, answer -34, facts -17, keys 26
look cue-answer+: out -94, passage -17, stem -70, more -67, wrapped -16, feedback -62, facts -71, row -39, bank -131, lines -19
look cue-answer_ asks: option -27, answer 70, keys -18
look cue-answer_ bullet: option -18, answer 38, bank -13, keys -13
look cue-answer_ capitals: option -35, answer 72, bank -35, keys -52
look cue-answer_ cells: answer 76, keys -44
look cue-answer_ chatter: answer 32, keys -21
look cue-answer_ cue-feedback: out -27, stem -36, option -17, answer 37, keys -29
look cue-answer_ cue-level: option -25, answer 32
look cue-answer_ field: option -53, answer 45, bank -39, keys -37
look cue-answer_ field-kind: answer 28, bank -25
look cue-answer_ field-number: option -15, answer 43, bank -17
look cue-answer_ gap: option -13, answer 25, bank -20
look cue-answer_ heading: option -48, answer 77, bank -14, keys -74
look cue-answer_ let-lone: answer 47, keys -25
look cue-answer_ let0: option -20, answer 42, bank -20, keys -51
look cue-answer_ let1: option -18, answer 78, keys -36
look cue-answer_ num-lone: bank 12, keys -47
look cue-answer_ num0: out -18, option -37, answer 17, feedback -13, facts -25, bank 30
look cue-answer_ num0-again: option -28, answer 56, bank -19, keys -41
look cue-answer_ num1: option -44, answer 46, feedback -17, bank -16, keys -29
look cue-answer_ pair: answer 47, keys -34
look cue-answer_ phrase: option -34, answer 39, keys -34
look cue-answer_ rom-lone: answer 63, keys -51
look cue-answer_ rom0: option -58, answer 57, bank -28, keys -39
look cue-answer_ rule: answer 13, keys -12
look cue-answer_ section: option -37, answer 125, keys -90
look cue-answer_ sentence: option -34, answer -29, keys 31
look cue-answer_ short: option -17, answer 47, bank -31, keys -44
look cue-answer_ short-sentence: option -27, answer 65, keys -41
look cue-answer_ text: option -43, answer 45, bank -31, keys -41
look cue-answer_ word-lone: option -23, answer 29
look cue-answer_ word0: out -14, more -23, option -105, answer -23, feedback -39, row -14, bank -62, keys 45
look cue-answer_ word0-again: option -36, answer 41
look cue-answer_+: out -64, passage -23, stem -41, more -36, option -35, answer 57, feedback -55, facts -29, row -46, bank 14, keys -21
look cue-difficulty: out -31, passage -20, stem -86, more -27, option -106, wrapped -17, answer -139, feedback -62, facts 56, row -67, bank -31, lines -50
look cue-difficulty _bracketed: more -21, keys 35
look cue-difficulty _capitals: out 33, answer -49, facts -24, keys -20
look cue-difficulty _cue-level: out -52, facts 55
look cue-difficulty _cue-level num0: facts 14
look cue-difficulty _cue-level rom-lone: out -17, facts 19
look cue-difficulty _cue-level word0: out -22, facts 25
look cue-difficulty _heading: out 41, stem -15, facts -44
look cue-difficulty _key-title: out -25, keys 28
look cue-difficulty _let-lone: out 32, stem -22, option -26, answer -38, facts -15, row -13
look cue-difficulty _let-lone_ cue-level: out 42, answer -15
look cue-difficulty _num-lone: out 31, stem -24, answer -48, facts -35
look cue-difficulty _num0: out 14, stem 27, option -17, facts -35, keys 19
look cue-difficulty _rom-lone: out 54, stem -22, keys -44
look cue-difficulty _section: out 20, facts -18
look cue-difficulty _short: out 71, answer -61, facts -31
look cue-difficulty _word0: out -68, answer -24, facts 75
look cue-difficulty asks: stem 12
look cue-difficulty bullet: stem 40
look cue-difficulty cue-feedback: out -66, stem -44, option -17, feedback 120, facts -41, keys -62, remark -34
look cue-difficulty cue-feedback_ field-number: feedback 19
look cue-difficulty cue-level: out -46, facts 69
look cue-difficulty cue-level num0: facts 16
look cue-difficulty cue-level word0: facts 17
look cue-difficulty edge: out -30, more -16, option -23, answer -55, feedback -18, facts 51, row -14, lines -14, keys -96
look cue-difficulty field-kind: out -87, facts 90
look cue-difficulty field-kind field-stem: out -64, facts 66
look cue-difficulty field-kind word-lone: out -49, facts 51
look cue-difficulty field-number: facts 28
look cue-difficulty let0: stem 43, option -23, facts 17, row -17, keys -22
look cue-difficulty num0: stem 14, facts 26
look cue-difficulty phrase: stem 44, feedback -12
look cue-difficulty rule: out 15, stem -27, answer -15, facts 41, keys -14
look cue-difficulty rule field-number: out 18
look cue-difficulty text: out 30, answer -19, feedback -39
look cue-difficulty word0: out -54, stem 68
look cue-difficulty+: out -25, stem -23, more -18, option -44, answer -69, feedback -20, facts 19, row -20, lines -16
look cue-difficulty_ bracketed: out -17, facts 56, keys -22
look cue-difficulty_ capitals: out -31, facts 79, keys -26
look cue-difficulty_ cue-answer: out -32, option -13, answer -12, facts 33, keys -31
look cue-difficulty_ cue-level: out -22, answer -19, facts 87
look cue-difficulty_ field-number: out -18, facts 28
look cue-difficulty_ heading: out -27, more -24, facts 77, keys -40
look cue-difficulty_ key-title: out -15, stem -21, facts 58, keys -22
look cue-difficulty_ let-lone: out -26, facts 49
look cue-difficulty_ num-lone: out -43, facts 45
look cue-difficulty_ num0: out -25, answer -27, feedback -24, facts 32, row -14
look cue-difficulty_ rom-lone: out -24, facts 58, keys -14
look cue-difficulty_ rule: out -24, facts 15
look cue-difficulty_ section: out -32, facts 67
look cue-difficulty_ short: out 42, facts -41, keys 45
look cue-difficulty_ word0: out -24, facts 36
look cue-difficulty_+: stem -36, more -15, option -36, answer -55, feedback -26, facts 39, row -30, lines -14, keys -56
look cue-feedback: out -58, passage -73, stem -68, more -56, option -76, wrapped -74, answer -111, feedback 45, hint -103, facts -13, row -66, bank -47, lines -38, remark 49
look cue-feedback _capitals: out -38, answer 39, keys -17
look cue-feedback _field-number: answer -29, facts 31
look cue-feedback _num0: out -77, stem 80
look cue-feedback _num0 cue-answer: stem 13
look cue-feedback _num0 let1-first: out -21, stem 21
look cue-feedback _rom0: out -21, stem 24, keys -32
look cue-feedback _section: out 26
look cue-feedback _short: out 16, stem 30, answer -54, feedback -13
look cue-feedback _word0: out -41, answer 39
look cue-feedback _word0 cue-answer: stem 21, facts -14
look cue-feedback _word0 let1-first: facts 19
look cue-feedback cue-difficulty: out -20, answer -18, feedback 82, facts 18, keys -20, remark -36
look cue-feedback edge: out -57, stem -21, answer -13, facts -12, remark 19
look cue-feedback field-number: out -15, feedback 53, facts -45, keys -14
look cue-feedback num0: out -21, stem -24, option -17, answer -35, feedback 32, facts -26, keys -16, remark -16
look cue-feedback rule: out -44, answer -25, feedback 22, facts -74, lines -36, keys -40, remark -58
look cue-feedback short: out -73, passage -44, stem -16, more -16, option -65, answer -74, feedback 100, facts -79, keys -82
look cue-feedback short-sentence: passage -15, stem -44, more -23, option -37, answer -64, feedback 61, hint -63, facts -89, keys -61, remark -25
look cue-feedback+: out -41, passage -14, stem -36, more -14, option -69, wrapped -45, answer -44, hint -34, row -25, lines -16, keys 21, remark 41
look cue-feedback_ capitals: out -15, more -24, feedback 53, keys -16
look cue-feedback_ field-number: out -37, passage -14, more -18, feedback 27, facts -63
look cue-feedback_ num0: out 47, more -17, answer -23, hint -22, facts 18, remark -25
look cue-feedback_ rom0: out -50, feedback 61, hint -26, remark -33
look cue-feedback_ section: out -25, feedback 42
look cue-feedback_ short: out -17, feedback 38
look cue-feedback_ word0: out -17, option -15, feedback 62, facts -23, remark -38
look cue-feedback_+: passage -29, stem -41, more -28, option -42, answer -75, feedback 45, hint -50, facts -51, row -16, bank -18, keys -68, remark -66
look cue-hint: out -59, passage -20, stem -43, wrapped -14, answer -79, feedback -47, hint 59, facts -28, row -50, keys -53, remark -20
look cue-hint+: out -18, option -13, answer -34, hint 19
look cue-hint_+: out -41, stem -39, option 24, answer -52, feedback -35, hint 40, facts -19, row -20, keys -31, remark -18
look cue-level: out 13, passage -46, stem -58, more -54, option 26, feedback -53, row -53, keys -69
look cue-level asks: stem 32, more -32
look cue-level bullet: out -50, stem 23, more -24, option 43, answer -49, facts 45, row -17
look cue-level let-lone: out 20, more -23, option -42, answer -67, row -14, keys -18
look cue-level let0: out -55, stem 44, option -19, answer -30, facts 51
look cue-level num-lone: out -99, stem 27, more -52, option -22, answer -53, facts 63, row -25, keys -33
look cue-level num-lone cue-answer: stem 15
look cue-level num-lone cue-difficulty: stem 13
look cue-level num-lone num1-first: stem 13
look cue-level num-lone_ cue-level: stem 31, answer -19
look cue-level num0: out -76, stem 20, option -50, answer -50, facts 108, keys -15
look cue-level num0 cue-difficulty: stem 15
look cue-level num0-again: out -28, answer -22, facts 41
look cue-level num1-first: out -69, facts 75
look cue-level phrase: out -28, stem 20, facts 20
look cue-level rom-lone: out -51, stem 39, more -18, option -14, feedback -20, facts 43, row -25, keys -29
look cue-level text: out -12, stem 23, facts 12
look cue-level word-lone: out -59, stem 57, facts 14, keys -13
look cue-level word0: out -31, stem 13, answer -45, facts 55
look cue-level+: stem -55, more -44, feedback -26, facts 14, row -33, keys -46
look cue-outcome: passage -46, stem -64, more -48, option -61, answer -93, feedback -96, hint -24, facts 18, row -69, bank -44, remark -15
look cue-outcome+: out 23, stem -72, answer -50, facts -19
look cue-outcome_+: passage -17, stem -36, more -25, option -28, answer -42, feedback -56, facts 14, row -33, bank -25, keys -78
look cue-points: out -43, passage -21, stem -52, more -52, option -70, answer -29, feedback -64, hint -18, facts 39, row -53, bank -44, lines -53, keys -13
look cue-points _heading: out 32, facts -22
look cue-points _num0: out 23, keys -51
look cue-points _num0 let1-first: out -56, stem 57
look cue-points _section: out 15, facts -17
look cue-points cue-difficulty: out 15, stem -38, option -29, answer -140, facts -38, keys 48
look cue-points cue-difficulty cue-feedback: facts 24, keys -22
look cue-points cue-difficulty edge: out -32, facts 78, keys -75
look cue-points cue-difficulty field-number: facts 27
look cue-points cue-difficulty rule: out -45, facts 32
look cue-points cue-difficulty_ field-number: out -15, facts 23
look cue-points cue-feedback: out -50, stem -29, option -33, facts 15, keys -45, remark -80
look cue-points cue-feedback rule: out -29, feedback 69, facts -29, keys -13, remark -33
look cue-points cue-feedback_ num0: feedback 37, remark -18
look cue-points edge: out 14, stem -27, answer 17, facts -28, keys 16
look cue-points field-kind: out -47, answer -15, feedback -19, facts 50
look cue-points field-kind field-stem: out -47, answer -12, feedback -19, facts 50
look cue-points field-number: facts 17
look cue-points rule: out 84, stem -47, answer -46, feedback -23, facts 60, remark -14
look cue-points+: out -17, stem -44, more -13, option -40, answer -20, feedback -33, row -27
look cue-points_ field-number: answer -16, facts 32
look cue-points_ heading: facts 22, keys -13
look cue-points_ num0: out -28, answer -37, feedback -17, facts 34
look cue-points_ section: answer -19, facts 35
look cue-points_+: out -20, passage -15, stem -22, more -31, option -50, feedback -18, facts 18, bank -15, lines -27, keys -74
look cue-sample: out -42, passage -41, stem -74, more -109, option -85, answer 80, feedback -94, facts -35, row -48, bank -52, lines -20, keys -13, remark -12
look cue-sample _bullet: out -28, stem 46, option -33
look cue-sample _num0: out -23, stem 26
look cue-sample _section: out 16
look cue-sample _word0: out -34, stem 39
look cue-sample cue-difficulty: out -36, answer 15, facts 36
look cue-sample edge: out -66, more -12, answer 35, feedback -21, keys -30
look cue-sample num0: out -14, keys 16
look cue-sample phrase: out -44, stem -22, more -14, option -32, answer 23, feedback -50, facts -13, row -27, keys 31
look cue-sample sentence: out -115, passage -57, stem -41, more -23, option -22, answer 98, feedback -85, facts -12, row -18, bank -12, keys -62
look cue-sample short: out -121, passage -14, stem -30, more -46, option -24, answer 82, feedback -48, facts -20, keys -54
look cue-sample short-sentence: out -55, passage -19, stem -27, more -19, option -22, answer 72, feedback -92, hint -15, keys -49, remark -25
look cue-sample short-sentence_ word0: out -70, stem -17, answer 74, feedback -59
look cue-sample text: out -106, passage -47, stem -50, more -13, option -42, answer 40, feedback -41, row -12, keys 35
look cue-sample text short: out -27, option -18, answer 55, feedback -35
look cue-sample text short-sentence: out -36, passage -17, stem -24, keys 39
look cue-sample+: out -47, passage -23, stem -51, more -51, option -48, answer 47, feedback -25, facts -25, row -48, bank -33
look cue-sample_ chatter: out -13, answer 14, keys -18
look cue-sample_ num0: out -20, answer 15, feedback -21
look cue-sample_ section: out -23, stem -14, more -12, option -12, answer 56
look cue-sample_ word0: out -28, answer 63
look cue-sample_+: out -20, stem -23, more -43, option -22, answer 37, feedback -50, bank -18, keys -60
look cue-tags: out -21, passage -32, stem -60, more -28, option -45, answer -65, feedback -73, facts 48, row -40, bank -15, keys -13, remark -15
look cue-tags+: out -28, stem -51, option -25, answer -31, feedback -18, facts 29, row -20, keys 14, remark -14
look cue-tags_+: passage -27, stem -29, more -17, answer -32, feedback -35, row -15, keys -37
look cue-wordBank: out -15, passage -47, stem -65, more -51, option -65, wrapped -14, answer -71, feedback -52, hint -16, facts -42, row -30, bank 67, lines -20, keys -64
look cue-wordBank _num0: out -49, stem 50
look cue-wordBank cue-answer: out -14, more -18, option -22, row -15, bank 17, keys -23
look cue-wordBank cue-answer_ num0: answer 24
look cue-wordBank+: out -49, stem -24, more -22, option -37, answer -35, feedback -17, facts -12, row -22, bank 34, keys -31
look cue-wordBank_ num0: out 49, passage -28, stem -21, answer -37, facts -12, row -15, bank -35, keys -21
look cue-wordBank_+: passage -38, stem -32, more -29, option -12, answer -37, feedback -22, facts -29, row -18, bank 28, keys -28
look edge _asks: out -50, stem 50
look edge _bracketed: out 46, bank -22, keys -17
look edge _bullet: out 17, stem -16
look edge _capitals: out 24, facts -16
look edge _cells: out -19, stem 23, facts -50, bank -28
look edge _cue-level: out -15, facts 21
look edge _field: out 88, stem -45, facts -107
look edge _field_ heading: out 45, stem -22, facts -26
look edge _field_ identity: out 62, stem -19, facts -49
look edge _heading: out 98, facts -88
look edge _heading num0: out 16, facts -12
look edge _let-lone: out 24, stem -18
look edge _let-lone identity: out 34, stem -33
look edge _let-lone_ num0: out 13
look edge _let0: out -33, stem 34
look edge _num-lone: keys -41
look edge _num0: out -31, stem 34, facts -51, keys -25
look edge _pair: out 46, stem -38
look edge _phrase: out 34, stem -31
look edge _rom-lone: out -21, stem 24
look edge _rom-lone_ word-lone: out 35, stem -26
look edge _rom0: out -40, stem 40
look edge _section: out 71, stem -13, facts -55
look edge _section_ word-lone: out 15, facts -12
look edge _sentence: out 79, passage -17, stem -64
look edge _short: out 79, stem -52, facts -42
look edge _short-sentence: out 84, passage -23, stem -101
look edge _short_ sentence: out 14
look edge _short_ text: out 35, stem -30
look edge _text: out -19, passage -12, stem 21
look edge _word-lone: out -23, stem -47, facts 34
look edge _word-lone let-lone: out -15, stem -25, facts 24
look edge _word-lone let0: out -43, stem 37
look edge _word0: out -87, stem 32, facts -28
look edge bracketed: out 72, bank -44, keys -24
look edge capitals: out 36, facts -18, keys -25
look edge cells: out 95, passage -16, stem -73, facts -26, bank -14
look edge cells_ let0: out 21, stem -19
look edge cells_ section: out 14
look edge chatter: out 25, stem -14
look edge colon: facts -40, bank -15, keys -16
look edge field: out -22, passage -31, stem -67, facts 31
look edge field identity: out 37, facts -36
look edge field let-lone: out 61, facts -59
look edge field phrase: out 32, facts -33
look edge field section: out 39, stem -15, facts -27
look edge field_ identity: out -33, stem -24, facts 35
look edge field_ num0: out 36, passage -15, stem -21, facts -21
look edge field_ word0: out -17, stem -16, facts 20
look edge gap: out 55, stem -52
look edge heading: stem -31
look edge heading field: out 31, facts -31
look edge heading heading: out 28, facts -25
look edge heading identity: out 44, facts -42
look edge heading num0: out 63, facts -56
look edge heading rule: out 13, facts -13
look edge heading_ identity: out 43, facts -42
look edge heading_ num0: out 15, facts -15
look edge heading_ word0: out -26, facts 26
look edge let-lone: out 58, stem -58, facts -15
look edge num-lone: out 21, stem -18, facts -60, keys -16
look edge num0: out -49, stem 50, facts -12, keys -12
look edge num0 bullet: out -43, stem 43
look edge num0 let-lone: out -43, stem 43
look edge num0 let1-first: out -57, stem 57
look edge num0 num0: out -65, stem 65
look edge pair: out 36, passage -16, stem -47, facts -13, keys -13
look edge pair_ num0: out 39, stem -21
look edge pair_ word0: out 45, stem -32
look edge phrase: out 20, stem -17, facts -20, keys -14
look edge phrase phrase: out 23, stem -22
look edge phrase_ identity: out 25, stem -23
look edge phrase_ num0: out 61, stem -51
look edge rom-lone: out 43, stem -42
look edge rom-lone_ identity: out 23, stem -21
look edge section: out -32, stem 35, facts -31
look edge section_ num0: out -37, stem 38
look edge sentence: out 66, passage -27, stem -65
look edge sentence_ num0: out 41, passage -18, stem -23
look edge short: out 91, passage -31, stem -93, facts -69
look edge short sentence: out 35, facts -19
look edge short text: out 39, stem -21, facts -24
look edge short-sentence: out -24, passage -24, stem 26, keys -13
look edge table-wide: out 21, facts -19
look edge text: out 45, stem -43
look edge word-lone: out 16, stem -13, facts -35
look edge word0: out 24, stem -54, facts 42
look edge word0 asks: facts 15
look edge word0 let1-first: out -71, stem 73
look field: out 13, passage 17, stem -42, more -54, option -18, wrapped -20, answer -14, hint -53, bank -49, lines -51, keys -40, remark -54
look field _asks: out -52, stem 30, more -25
look field _capitals: out 35, answer -18, keys -12
look field _field: out -28, passage 44, stem -43, answer -13, facts -32, keys -14
look field _heading: out -25, passage -15, stem -18, facts 32, keys -54
look field _heading num0: out 57, facts -26, keys -39
look field _let-lone: out 48, stem -47, keys -13
look field _let0: stem 13, option -14, keys -22
look field _num0: out -45, stem 42, option -25, facts -13, keys -50
look field _num0 let1-first: out -34, stem 13
look field _num0_ num0: out -32, stem 33
look field _phrase: stem 33, more -16, answer -46, feedback -17, keys -43
look field _rom-lone: out 30, keys -12
look field _section: out -44, stem -17, facts 45
look field _sentence: out 75, passage -70, stem -17, more -26, feedback -34, keys -12
look field _short: out 48, passage -44, stem -38, answer -51, keys -31
look field _word0: out 30, answer -26, facts -44, keys 12
look field _word0 asks: out -19, facts 34
look field _word0 let1-first: out 28, facts -15
look field bracketed: out -51, passage -22, stem 41, more -24, answer -62, feedback 31, facts -62, bank -30, keys 42
look field cells: out 44, passage -16, stem -44, more 20, answer -23, facts -15, row -32
look field cue-answer: out -46, stem 31, more -46, option 32, answer 17, row -13, bank -25, keys -71
look field cue-answer_ word0: answer 30
look field edge: out 137, passage -35, stem -65, option -13, answer -78, feedback -36, facts -39, keys -40
look field field: out -54, passage 37, stem 74, more -88, option -84, answer -88, feedback -21, facts -75, bank -15, lines -13, keys -89, remark -30
look field field field: out -24, stem 32, more -47, answer -37, facts -49, row 14, keys -13, remark -15
look field field_ field: out -53, passage 16, stem 34, more -25, option -34, answer -25, facts -17, row -27, keys -35
look field heading: out 73, passage -35, stem -37, answer -23, facts -48, row -12, keys -45
look field identity: out 53, facts -49
look field let-lone: out 51, passage -15, stem -33, more 12, answer -19, facts -66, row -34
look field let0: out 28, passage -34, stem -48, more 45, answer -33, feedback -45, facts -22, row -23, keys -18
look field let0 let0: stem -25, option 44, row -21
look field let1-first: out -51, stem 34, answer -13, row -33
look field let1-first let1: stem -18, more -13, option 28, row -33
look field num-lone: passage -18, stem 13, more -15, answer -21, feedback -16, facts -19, keys -61
look field num0: out 61, passage -44, stem -44, more -31, option -42, answer 21, feedback -25, facts -74, row -36, keys -28
look field num0 num0: keys -16
look field phrase: out 47, passage -35, stem -26, more 53, feedback -25, facts -37, keys -12
look field rule: out 76, passage -36, stem -50, answer -56, facts -63, row -47, lines -13, keys -23
look field section: out 37, stem -25, facts -61
look field sentence: out 61, passage -40, stem -40, answer -40, feedback -36, facts -24, keys -36
look field short: out 26, passage -17, stem -22, more 12, option -29, answer -65, feedback -56, facts -49, row -20, keys -52
look field short-sentence: out -29, passage -20, more 59, option -19, answer -41, feedback -28, facts -32
look field text: passage 39, stem -45, answer -36, facts -30, row -20
look field word0: out 13, stem 43, answer -36, facts -33
look field+: passage 15, stem -33, more -18, wrapped -12, feedback -100, hint -27, bank -42, lines -35, keys -97, remark -27
look field-kind: out 28, passage -44, stem -87, more -77, option -71, answer -28, feedback -40, facts -22, row -35, bank -26, lines -20, keys -67, remark -18
look field-kind field-stem: out 19, passage -17, more -19, option -26, answer -73, feedback -22, row -16, keys -32
look field-kind word-lone: out -97, stem 69, option -25, answer -52, facts 92
look field-kind word-lone asks: stem 29, facts -28
look field-kind word-lone field-option: stem 32, option -22
look field-kind+: passage -29, stem -56, more -47, option -42, answer -21, feedback -24, row -22, bank -16, keys -36
look field-kind_+: out 76, stem -13, answer -26, facts -64, keys -29
look field-number: out -34, stem -19, answer -55, facts 49, keys -40
look field-number field-kind: out -60, stem -32, option -14, answer -32, facts 68, keys -27
look field-number field-kind field-stem: out -50, stem -22, option -14, answer -23, facts 51, keys -18
look field-number field-kind word-lone: out -50, facts 60
look field-number field-stem: out -30, answer -17, facts 30, keys -28
look field-number word-lone: out -19, stem 23, option -15, answer -33, facts 20
look field-number word-lone field-option: stem 15, option -14
look field-number+: out -34, stem -19, answer -51, facts 48, keys -40
look field-option: out -102, passage -14, stem -99, more -36, option 108, answer -85, feedback -21, facts -93, row -58, bank -15, lines -22, keys -47, remark -20
look field-option cue-answer: out -26, stem -29, option 18, answer 60, facts -32, row -24, keys -29
look field-option cue-answer cue-difficulty: option -17, answer 17
look field-option cue-answer cue-points: option -53, answer 65, facts -13
look field-option cue-answer rule: option -27, answer 35
look field-option cue-answer_ field-number: option -15, answer 24
look field-option cue-difficulty: out -16, option -32, answer -15, facts 58
look field-option cue-difficulty rule: out -13, facts 28
look field-option cue-points: out -18, option -34, answer -92, facts 127
look field-option cue-points cue-difficulty: facts 34
look field-option cue-points rule: out -18, answer -16, facts 40
look field-option cue-points_ field-number: facts 14
look field-option field-option: out -89, stem -84, more -24, option 92, answer -68, feedback -15, facts -76, row -46, lines -13, keys -37, remark -14
look field-option field-option cue-answer: out -26, stem -29, option 30, answer -30, facts -28, row -24
look field-option field-option field-option: out -47, stem -44, option 47, answer -38, facts -35, row -24, keys -15
look field-option rule: out 84, option -73, answer -46
look field-option+: out -67, stem -66, more -22, option 73, answer -56, facts -57, row -36, keys -29
look field-stem: out -45, passage -19, stem 109, more -36, option -58, answer -19, feedback -17, facts -37, keys -17
look field-stem asks: stem -23, more 26
look field-stem asks field-option: stem -20, more 20
look field-stem cue-answer: out -21, more -27, option -30, answer -13, facts -20, bank -47, keys 20
look field-stem cue-answer cue-difficulty: answer 50, keys -44
look field-stem cue-answer cue-points: more -12, answer -22, bank -13, keys 25
look field-stem cue-answer rule: answer 52, keys -36
look field-stem cue-difficulty: stem 21, more -25, facts 30
look field-stem cue-points: stem 23, answer -35, facts 56, keys -14
look field-stem cue-points cue-difficulty: answer -16, facts 41, keys -13
look field-stem cue-sample: more -13, answer 36
look field-stem field-option: out -19, more -25, option 18, answer -18
look field-stem field-option field-option: out -19, stem -17, option 19, answer -18
look field-stem short: out -56, more 71, option -28, answer -45, feedback -83, facts -23
look field-stem short field-option: more 35, option -35
look field-stem short-sentence: passage -25, stem -21, more 68, option -16, answer -43, feedback -44
look field-stem text: stem -38, more 38
look field-stem+: out -31, stem 71, more -22, option -36, answer -12, feedback -14, facts -21
look field_ asks: out 13, stem 15, more -13, answer -32, feedback -28, facts -52
look field_ capitals: out 66, stem -52, answer -16
look field_ field: out -39, passage 24, more -29, option 23, answer -47, feedback -33, facts -74, row -32, keys -39
look field_ field-number: out 39, passage -31, stem -22, facts -29
look field_ heading: out 17, passage -24, answer -35, feedback -14, facts -84, keys -12
look field_ identity: out -37, passage -21, stem -64, more -32, option -42, answer 28, facts 34
look field_ let-lone: out 49, stem -44, answer -19, facts -43
look field_ let0: out 69, passage -17, stem -39, facts -54
look field_ num0: passage 22, stem -72, more -37, option -51, feedback 28, hint -19, facts -72, row -53, bank -17, keys -31, remark -14
look field_ phrase: out -41, passage -25, stem 48, option -28, answer -42, feedback -20, facts -23, row -19, keys -32
look field_ rom-lone: out 44, passage -13, stem -34, answer -22, facts -23
look field_ section: out -44, stem -52, facts 48, keys -39
look field_ sentence: out 23, passage -29, stem 39, answer -15, facts -55
look field_ short: out 51, passage -31, stem -25, answer -31, facts -40, row -24
look field_ word0: passage -47, stem -60, more -31, answer -46, feedback -75, row 32, keys -23
look field_+: more -53, option -31, answer -38, hint -27, facts -14, bank -29, lines -23, remark -27
look gap: out -15, passage -18, option -102, wrapped -15, feedback -63, hint -47, facts -78, row -59, bank -46, lines -59, keys -85, remark -18
look gap _asks: out -53, stem 59, more -51
look gap _cue-answer: out -19, answer -38, row -13, bank 43, keys -80
look gap _heading: out 35, answer -14, facts -14
look gap _num0: facts -15
look gap _short: out -39, passage -14, stem -59, answer 45, facts -49
look gap _word0: out -81, stem 49, answer -17, facts 37
look gap bracketed: out -29, passage -38, stem -50, more -29, answer -40, bank 41, keys -14
look gap cells: out -29, stem -31, more 37, answer -18, keys -37
look gap cue-answer: out -47, stem -13, more 62, answer 60, bank -48, keys -60
look gap cue-answer edge: answer 34, keys -31
look gap cue-answer_ text: answer 14
look gap cue-answer_ word0: answer 35, bank -13, keys -29
look gap cue-wordBank: out -27, passage -14, stem -64, more 51, answer -27, feedback -13, facts -12, bank 20, keys -12
look gap cue-wordBank cue-answer: more -20, bank 31
look gap edge: out 46, stem -25, answer -40, keys -36
look gap gap: out -19, stem -105, more 71, answer -40
look gap let0: stem -52, more 62, answer -13
look gap let0 let0: option 20
look gap phrase: out -75, passage -18, stem 61, more -48, option -38, answer -60, row -12
look gap short: out 23, passage -32, stem 26, option -49, wrapped -16, answer -50, feedback -57, facts -56, row -18, lines -12, keys -13
look gap text: passage 71, stem -95, more 40, answer -15, row -22
look gap text gap: stem -40, more 41
look gap+: out -26, passage -39, more 13, option -34, answer -95, feedback -15, hint -13, facts -20, row -22, bank -14, lines -21, keys -44
look gap_ asks: out -46, passage -51, stem 60, more -23, answer -43, feedback -13
look gap_ cue-answer: out -42, stem -23, more 36, answer -22, feedback -17
look gap_ heading: out 35, stem -60, more 49, answer -39
look gap_ num0: stem -79, answer 13, feedback -20, facts -17, row -15, bank -14, keys -13
look gap_ short: out -14, stem 14
look gap_ word0: out -85, passage 17, stem -14, more 36, answer -43, feedback -19, facts -16, row -19
look gap_+: out -18, option -48, feedback -49, hint -25, facts -44, row -34, bank -25, lines -34, keys -42
look heading: out 23, passage -52, stem -21, more -48, option -62, feedback -69, hint -13, row -58, bank -33, keys -26, remark -12
look heading _asks: out -32, stem 34
look heading _bullet: out 20, stem -19, option -25
look heading _capitals: out 39, facts -19
look heading _cells: out 28, passage -13, stem -15, keys -25
look heading _cue-level: out -42, stem -13, facts 30
look heading _cue-level num-lone: out -36, stem -13, facts 26
look heading _field: out 27, passage -39, stem 13, answer -37, facts -39, keys -16
look heading _gap: passage -29, stem 12
look heading _heading: out 38, facts -36
look heading _key-title: out -23, passage -21, stem -43, answer -14, feedback -13, facts -16, keys 29
look heading _let0: keys -17
look heading _num-lone: stem 15, keys -79
look heading _num-lone_ num0: out -31, stem 33
look heading _num0: facts -37
look heading _num0 bullet: out -14, stem 14
look heading _num0 let1-first: out -19, stem 19
look heading _num0-again: out -66, stem 15
look heading _num0_ num0: out -63, stem 54, facts -18
look heading _pair: out 15, passage -60, keys -45
look heading _phrase: out 82, passage -28, stem -74, answer -26, feedback -13, keys -47
look heading _phrase edge: out 60, stem -48, answer -23, keys -41
look heading _rom-lone: out 48, stem -28, keys -18
look heading _section: out 54, stem -17, facts -27
look heading _sentence: out -16, stem 21, answer -19, feedback -51, keys -27
look heading _short: out 74, passage -47, stem -20, answer -60, keys -27
look heading _table-wide: out 45, answer -15, facts -18
look heading _text: passage -53, stem 42, keys -17
look heading _word-lone: out -104, facts 90, keys -13
look heading _word-lone let-lone: out -14, facts 18
look heading _word0: out 44, passage -13, stem -29, answer -23, facts -26
look heading _word0 asks: out -31, facts 32
look heading _word0 let1-first: out -76, facts 77
look heading _word0 sentence: out -49, facts 51
look heading bullet: out 43, stem -31, option -23, facts -32
look heading cells: out 44, option -28, facts -54
look heading chatter: out 51, facts -46
look heading edge: out 23, answer -59, feedback -20, facts -34
look heading field: out 42, stem -28, answer -13, facts -67, row -12, keys -38
look heading heading: out 88, answer -13, facts -60, keys -24
look heading identity: out 56, facts -47
look heading let-lone: out 17, passage -18, option -38, answer -15, facts -30, keys -24
look heading let0: out -31, stem 28, facts 22, keys -15
look heading num-lone: stem -73, option -21, facts -24, keys 41
look heading num0: stem 22, option -20, answer -28, facts -104, row -15, keys 67
look heading num0 num0: out -42, stem 43
look heading num0-again: out -22, stem 22, option -13, answer -15, facts -40
look heading num0-again num0-again: keys 17
look heading pair: out 26, stem -31, facts -20, row -25
look heading phrase: out 34, passage -15, stem -50, more -23, option -22, answer -44, feedback -24, facts 16, row -14, keys -43
look heading rom-lone: out -50, stem 29, facts -27
look heading rom0: out 32, facts -26, keys -23
look heading rule: out 46, facts -36
look heading section: out 54, answer -30, facts -38
look heading sentence: out 79, passage -55, stem -59, facts -27, keys -15
look heading short: out 40, passage -28, stem -42, option -20, answer -28, facts -21, keys -27
look heading short-sentence: out -20, more -42, answer -14, feedback -30, facts 30
look heading table-down: out -52, keys 52
look heading text: out 23, passage -58, more -12, answer -47, feedback -13, keys -29
look heading word0: out 23, stem 22, facts -74, keys -43
look heading+: out -26, passage -19, stem -52, more -12, option -37, answer -117, feedback -28, keys 53
look heading_ asks: out 77, answer -44, facts -53
look heading_ bullet: out 69, facts -37, keys -27
look heading_ capitals: out -37, facts -13, keys 38
look heading_ cells: out 20
look heading_ cue-level: out 45, answer -13, facts -50
look heading_ field: out 77, stem -51, answer -20, facts -50
look heading_ gap: out 51, facts -41
look heading_ heading: out 53, facts -25, row -23
look heading_ identity: out 58, facts -51
look heading_ key-title: out 20
look heading_ let-lone: out 53, answer -13, facts -37
look heading_ let0: out 72, stem -34, answer -20, facts -56, keys -45
look heading_ num-lone: out 55, answer -22, facts -52, keys -45
look heading_ num0: out 122, passage -14, answer -22, facts -79, keys -81
look heading_ num0-again: out 54, stem -41, answer -43, keys -15
look heading_ pair: out 39, facts -37
look heading_ phrase: out 80, answer -36, facts -66, keys -18
look heading_ rom-lone: out 43, facts -39
look heading_ section: out 60, stem -14, facts -42
look heading_ sentence: out 77, stem -12, answer -16, facts -58, keys -33
look heading_ short: out 33, keys -15
look heading_ table-wide: out -47, answer 47, facts -24
look heading_ text: out 62, answer -14, facts -59, keys -14
look heading_ word-lone: out 51, facts -42
look heading_ word0: passage -14, stem -39, more -29, answer -81, facts 19, bank -16, keys -51
look heading_+: out 36, passage -39, more -42, option -17, answer 16, feedback -46, facts -29, row -31, bank -28, keys -46
look identity: out 107, passage -20, stem -20, more -28, answer -43, feedback -13, facts -52, keys -29
look identity _bullet: out 51, stem -38, option -14
look identity _capitals: out 13
look identity _cells: out 50, stem -45
look identity _field: out 38, passage -32, stem -26, facts -24
look identity _heading: out 39, facts -27
look identity _let-lone: out 50, stem -43, answer -42
look identity _num-lone: out 26, stem -24, facts -13, keys -28
look identity _num0_ num0: out -77, stem 77
look identity _pair: out 59, passage -19, stem -33, keys -16
look identity _phrase: passage -20, stem 27, answer -28
look identity _rom-lone: out 14
look identity _rom0: stem 19
look identity _section: out 40, facts -36
look identity _short: out 70, passage -48, stem -28, answer -41
look identity _short-sentence: out 59, passage -42, stem -37
look identity _short-sentence_ text: out 25, passage -13
look identity _short_ sentence: out 23, passage -18
look identity _text: passage -31, stem 20, answer -16
look identity _word-lone: out -20, stem -24, facts 31
look identity _word0: out -21, facts 62
look identity _word0 let1-first: out -34, facts 31
look identity edge: out 24
look identity field: out 66, passage -21, stem -28, answer -14, facts -52
look identity heading: out 26, facts -16
look identity num0: out -31, stem 32
look identity phrase: out 56, stem -34
look identity rule: out 37, lines -30
look identity rule_ section: out 30, lines -30
look identity sentence: out 29, passage -30, stem -18
look identity short: out 64, passage -36, stem -46, answer -50, facts -19
look identity short-sentence: out 48, passage -32, stem -41, answer -20, feedback -35, hint -16, keys -17, remark -14
look identity word0: out -54, stem 45, facts 39
look identity+: out 48, answer -14, facts -21, keys -13
look identity_ bullet: out 18
look identity_ num0: out 25, stem -12
look identity_ section: out 20
look identity_ word0: out 13
look identity_+: out 65, stem -16, answer -28, facts -17
look instruction: out 73, passage -12, stem -21, answer -30, feedback -36, facts -20, keys -39
look instruction+: out 40, answer -12, feedback -20
look instruction_+: out 43, stem -15, keys -22
look key-title: out -16, passage -27, stem -58, more -26, option -52, answer -64, feedback -55, hint -12, facts -43, row -27, bank -16, keys 27
look key-title edge: out 22, answer -24, keys -21
look key-title let-lone: out -56, stem -26, more 21, answer -38, keys 52
look key-title num-lone: out -70, stem -14, more -21, answer -23, keys 63
look key-title num-lone edge: out -12, keys 23
look key-title num0: out -42, keys 18
look key-title num0 num0: keys 17
look key-title num0-again: out -21, passage -14, stem -18, more -15, option -18, answer -17, feedback -17, hint -17, facts -18, row -17, bank -18, lines -17, keys 19, remark -17
look key-title pair: out -72, stem -12, feedback -24, keys 72
look key-title table-down: out -25, keys 27
look key-title table-pairs: out -63, stem -17, row -20, keys 64
look key-title table-pairs table-pairs: out -22, row -20, keys 22
look key-title text: out -70, answer -26, keys 77
look key-title+: passage -19, stem -38, option -23, answer -28, feedback -19, facts -22, row -12, bank -13, keys 12
look key-title_+: passage -45, stem -32, more -13, option -31, answer -44, feedback -38, facts -33, row -22, keys 21
look let-lone: out -21, passage -29, more -33, option -29, wrapped -42, answer -15, feedback -88, hint -41, facts -109, bank -77, lines -50, keys -28, remark -49
look let-lone _bracketed: out 24, more -29, answer -38, keys 44
look let-lone _bullet: stem 16
look let-lone _capitals: out 71, answer -72
look let-lone _cue-answer: out -14, answer -36, keys 37
look let-lone _cue-level: out -14, facts 21
look let-lone _field: out 56, stem -29, answer -22, feedback -24, facts -19
look let-lone _heading: out 59, facts -32, keys -35
look let-lone _let-lone: out -34, stem 46
look let-lone _let0: out 28, passage -17, stem -28, option 13, keys -35
look let-lone _let0 let0: out -40, stem -21, option 33
look let-lone _let0_ let0: out 27, stem -27
look let-lone _num-lone: answer 25, facts -26, keys -78
look let-lone _num0: out -89, stem 83, option -13, keys -12
look let-lone _num0 let-lone: out -18, stem 22
look let-lone _num0 let1-first: out -34, stem 35
look let-lone _num0-again: out -24, stem 31, option -34, feedback -12, keys -19
look let-lone _num0_ num0: out -29, stem 30
look let-lone _num1: out -14, stem 15
look let-lone _phrase: out 47, passage -25, stem -45, answer -21, feedback -25
look let-lone _rom-lone: out 39, facts -18, keys -26
look let-lone _rom0_ rom0: out -16, stem 18
look let-lone _rule: out 25
look let-lone _section: out 34, stem -25, facts -18
look let-lone _section_ num0: out 20
look let-lone _sentence: out -13, passage -57, stem 28, answer -75, feedback -57, keys -43
look let-lone _short: out 59, passage -53, stem -36, option -12, answer -50, facts -55
look let-lone _short-sentence: out 70, passage -50, stem -17, answer -24
look let-lone _text: more -12, option -23
look let-lone _word-lone: stem -52, answer -23, feedback -13, facts 13
look let-lone _word0: answer -37
look let-lone _word0 asks: out -27, answer -39, facts 62
look let-lone _word0 let1-first: out -54, stem -17, facts 52
look let-lone _word0 sentence: out 37, stem -27, answer -30, facts -38
look let-lone _word0_ word0: out -44, stem 45
look let-lone arrow: out -12, stem -13, option 15, answer 35
look let-lone arrow_ num0: answer 31
look let-lone asks: out -22, stem 14, more -13, answer 25, row -13
look let-lone box: out -24, option 27
look let-lone bracketed: out -15, stem 17, more 49, feedback -121, row -42, bank -50, keys -36
look let-lone bullet: out 57, stem -54, more -24, option -31, row -12, remark -13
look let-lone bullet bullet: out 30, stem -28, more -15, option -28
look let-lone cells: stem -15, more 32, row 60, keys -19
look let-lone cue-answer: out -54, stem -24, more -66, option -19, answer 43
look let-lone cue-answer cue-difficulty: answer 40, keys -41
look let-lone cue-answer cue-feedback: answer 25, keys -21
look let-lone cue-answer edge: option -13, answer -17, keys 18
look let-lone cue-answer_ num0: answer 46, keys -25
look let-lone cue-difficulty: out -47, stem 30, option 48, answer -46, facts 37, row 20, keys -50
look let-lone edge: out 61, stem -69, more -18, option -25, row 20, bank -13, keys -30
look let-lone field: out -14, more -54, option 27, answer -96, feedback -19, facts 25, row -50, bank -12, lines -16, keys 27, remark -15
look let-lone heading: out 62, stem -44, option -12, facts -15
look let-lone identity: out 22, stem -20, answer -13, keys -27
look let-lone let-lone: out -12, passage -22, stem 35, more -31, option -50, row -50, keys 52
look let-lone let-lone edge: out -122, stem -26, option -13, answer 22, keys 14
look let-lone let0: out -44, stem 13, more -28, option 42, answer -42, row -13
look let-lone let1-first: out -54, stem 23, more -39, answer -19, row -18
look let-lone let1-first let1: stem -58, option 90, answer -15, row -16
look let-lone num-lone: out -54, stem 30, more -24, option -41, answer 27, facts -34, keys -36
look let-lone num0: out -20, passage -14, stem 23, more -44, option -22, facts -14, keys -72
look let-lone num0 let-lone: out -47, stem 55
look let-lone num0 num0: out -42, stem 35, row 14
look let-lone num0-again: out 14, stem -15, more -17, option 19, answer -40, row -16, keys -37
look let-lone num0-again num0-again: out -49, stem -22, option -45, row 28
look let-lone rom0: stem -15, answer 44
look let-lone rule: out 48, stem -40, more 27, lines -24
look let-lone sentence: out 33, passage -16, stem -26, answer -18, feedback 14, keys -40
look let-lone short: out -35, passage 48, stem -35, more 13, option -83, wrapped -43, answer -14, feedback 23, facts -39, row -38, keys -63
look let-lone text: out 23, stem -27, option -22, answer -33, feedback 20, keys -29
look let-lone word0: out 25, more -24, option 50, answer -87, feedback -14, row -25
look let-lone+: passage 24, stem 34, more -56, option -40, wrapped -16, answer -16, feedback -30, hint -13, facts -67, row -50, bank -26, lines -14, remark -23
look let-lone_ bracketed: out -18, stem 25, more -15, answer -28
look let-lone_ bullet: out 25, stem -53, answer 14
look let-lone_ capitals: out 21, stem -15
look let-lone_ chatter: out 24, stem -35, answer -15, row -22
look let-lone_ cue-answer: out -45, stem -23, option 20, answer -18, keys -21
look let-lone_ cue-level: stem 28, option -29, answer 12
look let-lone_ field: out -25, stem -25, more 29, answer -42
look let-lone_ heading: out 25, stem -26, more -52, answer 18, row -18
look let-lone_ identity: out 26, stem -18
look let-lone_ let-lone: out -66, stem 37, more -48, option -26, answer 30, row -40, keys -17
look let-lone_ let0: out -15, passage -13, stem 17, more -15, option 42, answer -31, row -31, keys 19
look let-lone_ num-lone: option 13, answer -37, keys -26
look let-lone_ num0: passage -37, stem -50, option 22, answer 18, feedback -18, facts -33, row -57, bank -14, keys -79
look let-lone_ num0-again: out 42, stem -38, option 26, keys -19
look let-lone_ num1: out 39, passage -18, option 19, answer -14, row -18
look let-lone_ phrase: stem -25, row 12, keys -12
look let-lone_ rom-lone: out -13, answer -51, keys 46
look let-lone_ rom0: stem -60, more -16, option -12, answer 22
look let-lone_ rule: out -65, stem 49, option 18, keys -38
look let-lone_ section: stem -24, more -51, answer -23, row 30, keys -49
look let-lone_ sentence: out 45, stem -23, option 23, answer -33, keys -28
look let-lone_ short: out 42, stem -46, more -38, option -44, answer 42
look let-lone_ short-sentence: out 49, stem -30, option -32, answer -38, keys -35
look let-lone_ text: out 38, passage -23, stem -36, option 13, answer -39
look let-lone_ word-lone: out 35, stem -41, option -20, answer 15
look let-lone_ word0: out -28, stem -33, more 33, option 27, answer -54, facts -26, row 21, keys -13
look let-lone_+: passage -45, stem -38, feedback -44, hint -20, facts -61, row 17, bank -40, lines -20, keys -59, remark -27
look let0: passage 20, more -62, option 18, wrapped -37, hint -13, facts -93, bank -26, lines -31, remark -31
look let0 _asks: out -31, stem 32
look let0 _bracketed: out 44, answer -45, keys -25
look let0 _bullet: out -25, stem 27
look let0 _cells: out 23, stem -18, option -51, answer -29, facts -17, keys -27
look let0 _cue-answer: answer 91, keys -76
look let0 _cue-answer edge: answer 51, keys -50
look let0 _cue-level: out -36, facts 39
look let0 _field: out 41, stem -17, option -21, answer -55, facts -63, keys -44
look let0 _heading: out -38, stem -55, answer -47, facts 31, keys 12
look let0 _let-lone: out 44, stem -55, answer -32
look let0 _let0: out -62, stem 54, more -21, option -37, answer -32, facts -24, row -21, keys 20
look let0 _let0 let0: out -43, stem -50, keys 31
look let0 _let0_ let0: out -50, stem 51
look let0 _num1-first: out -90, stem 53, option 19, row -18
look let0 _pair: row -16, keys -40
look let0 _phrase: out -54, stem 46, answer -33, feedback -35
look let0 _phrase let0: out -35, stem 44
look let0 _rom-lone: out 59, stem -59, keys -24
look let0 _rule: out 45, stem -23, answer -13
look let0 _section: out 46, stem -33
look let0 _sentence: out 56, stem -42, more -49, answer -70, feedback -63, keys -50, remark -15
look let0 _short: out -57, stem -72, more -23, option 57, keys -41
look let0 _short-sentence: out 28, passage -38, stem 18, keys -31
look let0 _text: out 27, option -21, answer -28, feedback -13
look let0 _text let0: stem 19
look let0 _text short: out -22, stem 42, option -19
look let0 _word0: out -57, option -12, answer -26, facts 40
look let0 arrow: option -52, answer 84
look let0 asks: out -25, stem -32, more 30, option -16, answer 21, feedback -14
look let0 box: stem 101, option -78, answer 28, feedback -16, keys -17
look let0 box box: out -15, option 58, answer -13
look let0 bracketed: out -64, answer 69, feedback -124, keys -23
look let0 bullet: out 12, stem 34, more -44, facts -17, row -15, keys -29, remark -23
look let0 bullet bullet: out -25, stem -46, more -13, option 103, answer -15
look let0 cells: out -49, stem -21, more 60, row 22
look let0 cells_ let0: out -22, stem -22, more 45
look let0 cue-answer: out -19, stem -24, more -17, option 47, answer 22, row 41, bank -20, keys -67
look let0 cue-answer edge: option -82, answer 49, keys -41
look let0 cue-answer_ asks: option -21, answer 22
look let0 cue-answer_ bullet: option -16, answer 18
look let0 cue-answer_ heading: answer 12
look let0 cue-answer_ let0: option -15, answer 39, bank -20
look let0 cue-answer_ text: answer 30, keys -27
look let0 cue-difficulty: out -41, stem 28, facts 54, keys -23
look let0 cue-feedback: out -38, stem -35, more -13, option 29, answer -23, facts -50, lines -13, keys -59, remark 38
look let0 edge: stem 50, option 26, feedback -33, keys -51
look let0 field: out 55, passage 16, stem -35, more -17, option -45, answer -33, feedback -43, facts -34, keys -32
look let0 gap: stem -41, more 50, option -32, answer -21, facts -15
look let0 heading: out 38, stem -18, option 25, answer -19, facts -22, keys -29
look let0 let-lone: out -61, stem -46, more -38, option 20
look let0 let0: out -14, passage -33, stem -29, more -26, option 14, facts -24, row -41, lines -14, keys 35, remark -21
look let0 let0 arrow: option 17
look let0 let0 bracketed: option 20
look let0 let0 bullet: out -28, stem -13, option 16, keys -28
look let0 let0 cue-answer: out -15, stem -32, more -16, option 45, answer -20, keys -34
look let0 let0 cue-difficulty: stem -23, option 47, answer -28
look let0 let0 edge: out 18, stem 26, option 29, answer -83, feedback -28, keys -44
look let0 let0 let-lone: out -15, stem 25, option 13, answer -16, keys -12
look let0 let0 let0: option -18, answer -60, feedback -22, row -98, keys 14
look let0 let0 text: out -15, option 16
look let0 let0_ asks: stem -19, option 45
look let0 let0_ cells: out -25, stem -31, option 44, keys -12
look let0 let0_ cue-answer: out -13, stem -42, option 63
look let0 let0_ field: out 14, stem 13, option -15, row -49, keys -51
look let0 let0_ heading: out -34, stem -33, option 35, answer -13, keys -17, remark -12
look let0 let0_ let0: stem -40, option 57
look let0 let0_ pair: out -63, stem -15, answer -14, keys 18
look let0 let0_ phrase: out -14, option 31, keys -22
look let0 let0_ rom-lone: out -20, stem -17, option 35, row -12, keys -32
look let0 let0_ rule: out -25, stem -26, option 33, keys -24
look let0 let0_ section: out -20, stem -14, option 49, keys -25
look let0 let0_ sentence: out -21, option -29, keys 30
look let0 let0_ text: out -18, stem -15, option 62
look let0 let1-first: out -39, stem 69, option -27, answer -21, row -18
look let0 let1-first let1: stem -38, option 104, answer -21, row -18
look let0 num-lone: out -51, stem -13, more 22, answer -51, facts -25, row -17, keys 23
look let0 num0: out -16, stem 41, option -15, row -14, keys -17
look let0 num0 num0: stem -35, option 27, row -23, keys -17
look let0 num1-first: out 19, passage -19, stem -15, more -28, option -21, wrapped -17, answer -17, feedback -13, facts -15, bank -17, keys -28, remark -27
look let0 num1-first num1: out -37, more -12, option 61, row -16
look let0 phrase: passage -22, more 27, option -60, answer 26, feedback -76, facts -19, row -39, keys -65
look let0 rule: out -34, more 30, lines -22
look let0 short: out -110, stem -18, more 38, wrapped -17, feedback -58, facts -38, row -24, keys -14
look let0 short let0: out -45, stem -19, option -64, wrapped 38, answer 36, facts -17
look let0 short let1-first: more 17
look let0 short-sentence: passage 31, stem -44, more -28, wrapped -27, answer -56, feedback -48, facts -16, keys 28, remark -33
look let0 text: out 61, passage -15, more 29, option -34, answer 14, feedback -77, row 24, keys -45
look let0+: passage 17, stem -18, more -43, option 19, wrapped -23, facts -51, lines -16, remark -16
look let0_ asks: stem -19, option 45
look let0_ bracketed: out -35, option 50, keys -44
look let0_ bullet: out 20, stem -13
look let0_ cells: out -35, stem -32, option 62, answer -13, row -28, keys -13
look let0_ cue-answer: out -17, stem -32, option 61
look let0_ cue-level: out -35, stem 53, option -16, facts -16
look let0_ field: out 14, stem 13, option -15, row -49, keys -51
look let0_ heading: out -46, stem 23, option 21, answer -28, keys -31, remark -12
look let0_ let-lone: out -18, stem 20, option 21, keys -13
look let0_ let0: out -22, passage -28, stem 27, more -20, option 29, answer -29, facts -18, keys -43
look let0_ num1-first: out 51, stem -65, option -26, keys -43
look let0_ pair: out -63, stem -15, answer -14, keys 18
look let0_ phrase: out -14, option 31, keys -22
look let0_ rom-lone: out -20, option 35, row -12, keys -32
look let0_ rule: out -25, stem -26, option 33, keys -24
look let0_ section: out -20, stem -14, option 49, keys -25
look let0_ sentence: out -21, option -29, keys 30
look let0_ short: out -47, stem 23, option -16, feedback -16, keys 49
look let0_ short-sentence: out -31, stem -20, option 38
look let0_ text: out -28, stem -17, answer -14, row 23, keys -33
look let0_ word0: out 60, passage -13, stem -41, option -21, keys -22
look let0_+: out 29, passage -45, stem 20, more -31, option -12, answer -58, feedback -61, facts -56, row -35, bank -14, remark -24
look let1: out -16, passage -56, stem 16, more -91, wrapped -59, answer -20, feedback -79, hint -60, facts -73, row -17, bank -60, lines -59, remark -15
look let1 _bracketed: out 52, answer -55, feedback -49, row -14, bank -26
look let1 _capitals: out -16, option -39, answer 20, facts -16, keys -60
look let1 _capitals_ num0: out 30, option -27, answer -26, keys -47
look let1 _cue-answer: out -22, stem -32, option -14, answer 45, feedback -48, bank -12, keys -14
look let1 _cue-answer_ num0: answer -36, keys 37
look let1 _cue-answer_ word0: answer -19, feedback -35, keys 23
look let1 _heading: out 53, stem -20, answer -44, facts -43, keys 35
look let1 _let-lone: stem -57, option -61, answer 22, facts -12, row -33, keys 28
look let1 _let-lone_ num0: out -14, stem -21, option -50, answer 30, row -30, keys -40
look let1 _let0: stem 31, option -18
look let1 _let1: out -65, stem -80, option 69, answer -51, row -23, keys -18, remark -36
look let1 _letter: out -48, answer 48
look let1 _letter_ num0: out -25, answer 25
look let1 _num-lone: out 54, stem -56, option -17, answer -36, facts -31, keys -47
look let1 _num0: out 22, passage -14, more -15, option -27, wrapped -14, answer -25, feedback -17, hint -18, facts -37, row -18, bank -18, lines -18, keys -49, remark -19
look let1 _num0 asks: stem 19, facts -19
look let1 _num0 cue-answer: out -48, stem 49
look let1 _num0 edge: out 41, stem -41
look let1 _num0 gap: out -13, stem 16
look let1 _num0 let1-first: out 53, stem -52
look let1 _num0 rule: out -41, stem 41
look let1 _num0 short: out -31, stem 32
look let1 _num0-again: out -15, stem 25
look let1 _num0_ cue-answer: out -39, stem 39
look let1 _num0_ let1-first: out -35, stem 37
look let1 _num0_ num0: out -96, stem 37, option -15, answer -18, keys -34
look let1 _phrase: stem -34, option -19, wrapped -21, feedback -27, keys -39
look let1 _rom0: out 20, stem 32, facts -26, remark -16
look let1 _rom0 let1-first: stem 22, remark -16
look let1 _rom0 short: stem 13
look let1 _rom0_ rom0: out -22, stem 34
look let1 _rule: out -44, stem -26, answer 45, lines -12
look let1 _rule_ key-title: out 49, answer -34
look let1 _section: out 51, stem -28, answer -25, facts -21
look let1 _section_ word0: out 14
look let1 _short: out -37, stem -92, option 14, wrapped -12, answer 35, feedback -21, facts -63, keys -63
look let1 _short-sentence: out 68, passage -16, stem -71, option -19, answer -70, feedback -55, hint -47, keys 19, remark -21
look let1 _word0: out -14, stem 35, option -44, answer -91, keys -23
look let1 _word0 asks: out -15, answer -43, facts 55
look let1 _word0 cue-answer: out -15, stem 14
look let1 _word0 field: facts 13
look let1 _word0 let-lone: answer -13, facts 26
look let1 _word0 let1-first: out 41, stem -17, option -41, answer -20, facts -27, keys -18
look let1 _word0 phrase: facts 14
look let1 _word0 sentence: out -47, stem -12, answer -19, facts 18
look let1 _word0_ word0: out -68, stem 70
look let1 arrow: stem -15, answer 16, row -21
look let1 arrow_ num0: option -15, answer 19
look let1 asks: stem -20, more 21
look let1 box: stem 14, option -12
look let1 bracketed: stem -22, wrapped -19, feedback -19, hint -31, facts -27, row -36, bank -42, keys -45, remark -19
look let1 bracketed_ num0: out 29, stem -17, option -13, answer -31, bank -20, keys -34
look let1 bracketed_ word0: answer 14, feedback -79, keys -26
look let1 bullet: out -13, stem 78, more -28, option -41, answer -29
look let1 bullet bullet: out -13, stem -26, more -28, option 64, answer -18
look let1 cells: out 56, passage -32, stem -15, option -13, answer -37, facts -51, row -37, keys -40
look let1 cue-answer: out 26, stem -58, option -27, wrapped -23, answer 27, row -111, keys 13, remark -18
look let1 cue-answer bracketed: answer 25, keys -23
look let1 cue-answer cue-difficulty: answer 27
look let1 cue-answer cue-feedback: answer 28, keys -23
look let1 cue-answer cue-points: answer 27, keys -14
look let1 cue-answer edge: answer -20, keys 34
look let1 cue-answer num0: answer 37, keys -25
look let1 cue-answer short-sentence: answer 27, keys -22
look let1 cue-answer word0: answer 23
look let1 cue-answer_ let1: answer 16
look let1 cue-answer_ num0: option -35, answer 36, keys -57
look let1 cue-answer_ rom0: answer 24, keys -22
look let1 cue-answer_ word0: answer 93, keys -87
look let1 cue-difficulty: out -32, stem -46, answer 13, facts 73, row -61, keys -61
look let1 cue-feedback: out -69, stem -26, option 51, wrapped -21, answer -25, hint -17, facts -21, row -50, keys -39, remark 16
look let1 cue-hint: out -34, answer -45, hint 19, row -46, keys -33
look let1 cue-points: out -52, stem -42, option -27, answer 16, facts -18, row 36, keys -64
look let1 edge: out -48, stem -16, option 59, answer -48, keys -64
look let1 let-lone: out -94, more 32, option 37, answer 84, row -60, keys -18
look let1 let-lone_ num0: out -32, option -19, answer 45
look let1 let-lone_ word0: out -17, option -31, answer 60
look let1 let0: out -59, stem -19, option -32, answer 27, row -16, keys 13, remark -14
look let1 let1: out 12, passage -41, more -46, option 14, wrapped -38, answer -125, feedback -52, hint -46, facts -46, row -25, bank -46, lines -46, keys -21
look let1 let1 arrow: stem -15, option 47, row -21
look let1 let1 bracketed: out -66, stem -13, option 32, answer -46, row -16
look let1 let1 cue-answer: stem -88, option 41, answer -151, row -134, keys -34, remark -18
look let1 let1 cue-difficulty: out -23, stem -67, answer 17, row -60, keys -13
look let1 let1 edge: out -34, stem -22, option 78, answer -43, keys -43
look let1 let1 let-lone: option 113, answer -48, row -51
look let1 let1 let0: out -19, stem -47, option 79, answer -38, remark -14
look let1 let1 let1: out 18, passage -14, stem -129, more -14, answer -21, feedback -17, hint -17, facts -18, bank -18, lines -17, keys -56
look let1 let1 letter: option 14
look let1 let1 num0: out 13, stem -71, answer -108, row -72, keys -27, remark -43
look let1 let1 phrase: out -33, stem -48, option 88, keys -31
look let1 let1 short: out -18, stem -46, option 63, answer -15
look let1 let1 word0: out -22, stem -33, option 112, row -23
look let1 let1-first: out -32, stem 55, option -51, answer -27, row -36, keys -13
look let1 let1-first let1: out -25, stem 31, option -22, answer -41, row -36
look let1 let1_ bracketed: stem -30, option 37
look let1 let1_ capitals: option 84, answer -54, row -24
look let1 let1_ cue-answer: out 36, stem -103, option -20, answer -74, row -62, keys -12, remark -19
look let1 let1_ cue-level: out -25, answer 13
look let1 let1_ heading: out -44, stem -32, option 82, answer -21
look let1 let1_ key-title: stem -15, option 37
look let1 let1_ let-lone: out -34, stem -61, option 83, answer -52, row -40
look let1 let1_ let0: option 50, answer -31
look let1 let1_ letter: out -25, option 27, answer -22
look let1 let1_ num-lone: out -19, stem -15, option 59, row -21
look let1 let1_ num0: out 14, passage -14, stem -50, more -15, option 22, answer -129, feedback -18, hint -17, facts -18, row -73, bank -18, lines -17, remark -36
look let1 let1_ num0-again: out -20, option 23, answer -35, keys -15
look let1 let1_ phrase: out -29, option 37, answer -29, row -14, keys -18
look let1 let1_ rom0: out -66, option 117, answer -50, row -23
look let1 let1_ rule: out -30, stem -81, option -16, answer -46, row -36, remark 34
look let1 let1_ section: out -22, option 59, answer -40, keys -12
look let1 let1_ short: out -20, option 39
look let1 let1_ short-sentence: out -67, stem -20, option -35, answer -53, row 40, keys -16
look let1 let1_ word0: out -139, stem 64, answer -143, feedback -28, row -72, keys -28, remark -13
look let1 let2-first: stem 25, answer -25
look let1 let2-first let2: option 43, answer -25
look let1 letter: out -46, option 14, answer 48
look let1 num0: out 16, option 24, wrapped -30, answer -45, feedback -18, hint -21, facts -34, row -68, keys -93, remark -45
look let1 num0 asks: stem 22
look let1 num0 cue-answer: more 16, option -12
look let1 num0 let1-first: out -43, stem 80, option -51
look let1 num0 num0: out 29, stem -49, option 37, wrapped -18, answer -28, hint -17, facts -13, keys -32
look let1 num0 short: stem 19
look let1 num0-again: out -84, stem 24, option -46, answer -36, row 24, keys 14, remark -32
look let1 num0_ cue-answer: out -33, stem 37
look let1 phrase: out 20, stem 13, more -44, option -44, wrapped 28, answer -26, feedback 24, hint -14, facts -23, row -39, keys -45
look let1 short: more 18, option -36, wrapped 28, answer -29, feedback -27, facts 23, keys -17
look let1 short let1: out -31, more 13, option -23, wrapped 15, answer -27
look let1 short-sentence: out -79, stem -21, more 14, option -17, wrapped -16, answer -66, hint -59, row -72, keys -49, remark 43
look let1 text: out 49, passage -18, stem -35, more -15, option 33, answer -89, feedback -46, keys -49
look let1 word0: out -49, stem 75, option 34, answer -110, hint -12, facts 45, row -24
look let1 word0 let1-first: stem 48, option -45
look let1+: passage -25, more -37, wrapped -28, answer -35, feedback -31, hint -29, facts -38, bank -29, lines -29
look let1-first: out -21, passage -28, more -53, option 15, wrapped -42, feedback -37, hint -29, facts -50, row -26, bank -31, lines -29, keys -28
look let1-first _let1: out -31, more -20, option 15, answer -37, facts -23, row -38, keys -25, remark -30
look let1-first _let1_ let1: out -36, more -14, option 13, answer -33, row -35, remark -30
look let1-first cue-answer: out -23, stem 24, option -23, answer 30, keys -31
look let1-first cue-answer_ let1: answer 34
look let1-first let1: passage -28, stem -18, more -85, wrapped -35, answer 13, feedback -31, hint -29, facts -38, row -18, bank -29, lines -29, keys 12
look let1-first let1 cue-answer: out 22, stem -37, option -20, answer 19, row -37, keys -102
look let1-first let1 edge: out -39, stem -34, option 43, answer -34, keys -47
look let1-first let1 let1: out 14, passage -14, stem -27, more -14, answer -22, feedback -17, hint -17, facts -18, row -15, bank -18, lines -17, keys 18
look let1-first let1 num0: out 19, stem -15, option 24, answer -30, keys -14
look let1-first let1_ cue-answer: out -66, answer 25, row -54, keys -19
look let1-first let1_ num0: out -59, answer 29
look let1-first let1_ word0: out -49, option 83, answer -83, row -20
look let1-first short: stem -37, more 24, option -24, wrapped 31, answer -48
look let1-first short let1: option -32, wrapped 31
look let1-first+: out -13, passage -16, more -39, wrapped -24, feedback -20, hint -17, facts -29, row -12, bank -18, lines -17
look let1-first_ let1: out -53, stem 33, option 32, answer -35, row -32
look let1-first_+: stem 31, option 18, answer -38, feedback -15, facts -36, row -44, keys -51
look let1_ bracketed: out 42, stem -49, option 30
look let1_ capitals: out -31, option -43, answer 45, row -31, keys -28
look let1_ cue-answer: out 24, stem -18, option -20, answer 18, row -111, keys -30, remark -26
look let1_ cue-level: out -25, answer 13
look let1_ heading: out -44, stem -32, option 85, answer -22, keys -13
look let1_ key-title: stem -15, option 37
look let1_ let-lone: out -54, stem 41, option -22, answer -41, row -46, keys -19
look let1_ let0: option 50, answer -31
look let1_ let1: out -53, stem -15, more -14, option 38, answer -42, row -41, keys -14, remark -47
look let1_ letter: out -25, option 27, answer -22
look let1_ num-lone: out 26, stem -18, option 23, facts -13, row -21
look let1_ num0: passage -14, stem -65, more -15, option 38, answer -45, feedback -18, hint -19, facts -18, row -74, bank -18, lines -17, keys -13, remark -44
look let1_ num0-again: out -20, option 21, answer -35, row 23, keys -21
look let1_ phrase: out -29, option 37, answer -29, row -14, keys -18
look let1_ rom0: out 22, stem -32, answer -62, row -23
look let1_ rule: out -39, stem -73, option -15, answer -47, row -36, remark 34
look let1_ section: out -41, option 63, answer -71, row -14, keys -29
look let1_ short: out -20, option 39
look let1_ short-sentence: out -67, stem -20, option -35, answer -53, row 40, keys -16
look let1_ word0: stem 58, option -39, answer -36, feedback -18, facts -20, row -35, keys -40, remark -15
look let1_+: out -31, passage -17, stem 22, more -42, option 13, feedback -35, hint -21, facts -34, row -39, bank -18, lines -17, keys -85, remark -21
look let2: out 13, passage -13, stem -51, option 21, wrapped -81, feedback -18, facts -31, row -100, remark -19
look let2 _let1: out -19, stem 13
look let2 _num1: out -52, stem 56
look let2 _word0: out -49, stem -15, answer -12, facts 55
look let2 _word0 let1-first: out -33, stem -13, facts 38
look let2 cue-answer: option -36, answer 36, keys -35
look let2 cue-difficulty: out -18, option 19, answer -13, facts 25
look let2 edge: option 12
look let2 let1: out -31, stem 29, option -60, answer 43, row -28
look let2 let2: out -57, stem -30, option 92, wrapped -61, answer -77, row -71
look let2 let2 cue-difficulty: option 19, answer -13
look let2 let2 let2: option 37, wrapped -37, answer -23, row -26
look let2 let2_ num1: option 21
look let2 num1: out -34, stem 42, option -19, wrapped -32, answer -32, row -24
look let2+: stem -31, wrapped -54, answer 19, row -62, keys 15
look let2-first: out 16, stem -64, more -53, wrapped -19, answer -24, row -39, keys 18, remark -18
look let2-first let2: out 14, stem -44, more -32, wrapped -27, facts -17, row -58, keys 16, remark -16
look let2-first let2 let2: stem -22, option 40, wrapped -27, answer -43, row -43
look let2-first+: stem -38, more -31, answer -13, row -21
look let2_ let1: option 18
look let2_ num1: out 25, answer -43
look let2_ word0: out -21, option 46, answer -33
look let2_+: out 20, option 20, answer -52, keys -49
look letter: out 37, stem -74, more 39, option -76, wrapped -20, answer 32, feedback -53, facts -53, keys -43
look letter _num0: out -30, stem 36
look letter _word0: facts 14
look letter edge: out -77, answer 75, keys -17
look letter num0: out -53, more -42, answer 54
look letter+: out 46, stem -35, option -49, answer 13, feedback -12, facts -28, keys -24
look letter_ num0: out -49, answer 51
look letter_ word0: more -14, answer 30
look letter_+: out -83, stem -14, more 31, answer 35, feedback -23
look lines: out -51, passage -52, option -63, answer 26, feedback -44, hint -24, row -34, lines 27, keys -17
look lines+: out -25, stem 15, option -32, answer -52, facts -57, lines 25
look num-lone: out -15, passage -19, stem 34, more -14, wrapped -31, answer -15, feedback -32, hint -36, facts -18, bank -65, lines -57, remark -38
look num-lone _box: out -18, option 21
look num-lone _box box: out -18, option 21
look num-lone _bracketed: out -49, more -13, keys 58
look num-lone _bullet: out -47, stem 27, row 17
look num-lone _bullet bullet: out -29, stem -56, row 17
look num-lone _cue-answer: out -27, answer 15
look num-lone _cue-answer cue-difficulty: answer 37, keys -27
look num-lone _cue-answer edge: answer 47, keys -46
look num-lone _cue-level: out -27, facts 28
look num-lone _field: out 25
look num-lone _heading: out 44, stem -21, answer -44, facts -31, keys -32
look num-lone _key-title: out -31, keys 15
look num-lone _let-lone: out 40, stem -32, option 19, answer -24, row -19, keys -35
look num-lone _let0: out -40, stem 41, option -39, keys -30
look num-lone _num-lone: stem -77, more -25, option -14, answer -18, facts -20, row -21, keys 26
look num-lone _num0: out -33, stem 27, option 27, row -23
look num-lone _num0_ num0: out -18, stem 19
look num-lone _phrase: out 33, stem -32, option -30, answer -30, feedback -29, keys -23
look num-lone _rom-lone: out -22, stem 42, facts -15
look num-lone _section: out 47, more -13, facts -16
look num-lone _sentence: out 36, passage -43, stem -12, more -37, answer -29, feedback -16, keys -22
look num-lone _short: out 47, passage -25, stem -27, option -21, answer -42, keys -15
look num-lone _text: out 18, passage -23
look num-lone _word0: out -99, stem 51, answer -16
look num-lone _word0 let1-first: out -23
look num-lone asks: out -49, more 54
look num-lone box: out -40, stem 30, more 24
look num-lone box box: option 21
look num-lone bracketed: stem -49, option 41, answer -41, feedback 37, bank -34, keys -38
look num-lone bullet: out 37, stem -21, more 14, option -39, answer -49, remark -18
look num-lone bullet bullet: out -22, stem -48, more -34, option 82
look num-lone cells: out -46, stem -27, more 23, option 31, row -19, keys 52
look num-lone cells cells: out -14, more -19, keys 31
look num-lone cue-answer: out -75, more 25, option 26, answer 16, keys -99
look num-lone cue-answer cue-difficulty: option -27, answer 57, keys -21
look num-lone cue-answer edge: answer 60, keys -50
look num-lone cue-difficulty: out -26, stem 13, more -18, option 24, answer -17
look num-lone cue-difficulty_ cue-level: facts 15
look num-lone cue-sample: out -50, stem 14, more 30, answer 47, feedback -14, row -14, keys -25
look num-lone edge: out -23, stem 21, more 15, option -42, answer 16, feedback 13, row -12
look num-lone field: out 61, stem -76, answer 25, facts -36, row -26, keys -26
look num-lone heading: out 51, stem -45, keys -12
look num-lone let-lone: out -47, stem 29, more -50, facts -15, row -36, keys 33
look num-lone let0: out -71, stem 31, more 38, option 20, keys -13
look num-lone let0 let0: out -14, stem -33, option 31, row -34, keys -13
look num-lone let1-first: out -60, option 22, remark -29
look num-lone let1-first let1: stem -15, option 24, remark -29
look num-lone num-lone: stem -21, option -24, answer -87, feedback -35, facts -29
look num-lone num-lone edge: out 24, stem -80, more 16, answer -52, keys -25
look num-lone num-lone num-lone: out -59, keys 22
look num-lone num0: out -79, stem 33, more -14, option 35, answer -68, feedback -41, facts -25, row 18, lines -21, keys -26
look num-lone num0 num0: out -49, stem -59, more -40, option 53, row 22, keys -55
look num-lone num0-again: out -67, stem -25, option 13, row 14, keys 31
look num-lone num0-again num0-again: stem -43, option 14, row 16, keys -57
look num-lone num1-first: out -30, stem -17, more 57, answer -38, keys -41
look num-lone num1-first num1: stem -27, keys -12
look num-lone phrase: out 41, passage -16, stem -59, option 34, answer -29, feedback -71, facts -13, row -14, keys -31
look num-lone phrase box: stem -35, more -28, option 37, row -15
look num-lone rom0: out 78, stem -55, option -29, answer -19, feedback -14, facts -24, keys -34
look num-lone rule: out 21, stem -20
look num-lone sentence: out 86, passage -67, stem -18, answer -63, feedback -71, facts -22, keys -39
look num-lone short: out -21, passage -26, stem -46, more 41, option -38, answer -35, feedback -72, facts -48, row -21, keys 59
look num-lone short-sentence: out -35, stem -24, more 25, answer -34, feedback -53, keys 41, remark -23
look num-lone table-pairs: out -56, stem -17, more 38, answer -33, row 40, keys -37
look num-lone table-pairs table-pairs: out -23, row 45, keys -36
look num-lone word0: out 52, passage -20, stem -23, more -33, answer -46, facts -60, keys -52
look num-lone+: passage -30, stem 17, more 15, answer -24, facts -112, row -64, lines -26, remark -15
look num-lone_ bracketed: out -27, stem 19, option 26, keys -19
look num-lone_ bullet: out -41, stem 25, answer -19, feedback -14, keys 26
look num-lone_ cue-answer: stem 39, more -50, option 73, answer -28, keys -33
look num-lone_ cue-level: out -35, answer 34, facts -60, keys -30
look num-lone_ field: out 33, stem -49, feedback -21, facts -13, keys -28
look num-lone_ heading: out -64, stem 25, more 48, option 27, answer -47, facts -40, row -19, keys 56
look num-lone_ identity: out 49, stem -41, facts -14
look num-lone_ key-title: stem 37, more -15, option 40, answer -38, facts -15, row -21, bank -16, keys -29
look num-lone_ let-lone: out 53, stem -29, answer -35, keys -35
look num-lone_ let0: out -35, stem -74, option 41, answer 30, facts -31
look num-lone_ num-lone: out -28, stem 31, answer -73, facts -33, keys -19
look num-lone_ num0: passage -19, stem -56, more 26, option -16, wrapped -18, answer -25, feedback -40, hint -16, facts -33, row 16, keys -66
look num-lone_ phrase: stem -46, facts -13, keys 26
look num-lone_ rom-lone: out -24, stem 39, answer -27, keys -25
look num-lone_ section: out -14, stem -28, option -12, answer 48, facts -12, keys 39
look num-lone_ sentence: answer -44, facts -12
look num-lone_ short: out 40, stem -41, option 13
look num-lone_ text: out 60, stem -53, more -14, answer -49, facts -21
look num-lone_ word0: out 59, passage -17, stem -93, more 25, option -21, feedback -13, facts 18, row -45, bank -13, keys -64
look num-lone_+: passage -15, more -24, wrapped -18, feedback -128, hint -23, facts -12, bank -40, lines -13, remark -12
look num0: out -33, passage -61, more -13, option -17, wrapped -64, answer -42, feedback -36, hint -51, facts -52, row -27, bank -52, lines -48, keys -37, remark -58
look num0 _asks: out 14, more -17, keys -18
look num0 _box: out -58, option 79, answer -14
look num0 _box box: out -38, option 63, answer -14
look num0 _bracketed: out -32, more 25, answer -17, bank 12, keys 27
look num0 _bracketed num-lone: out -16, more -14, keys 25
look num0 _bullet: out -79, stem -53, option 30, answer -23, remark -19
look num0 _bullet bullet: out -57, stem -79, option 30, answer -20, remark -19
look num0 _capitals: out 54, more -25, option -26, answer -81, facts -13, bank -19, keys -27
look num0 _cells: passage -24, stem 19, more -42, option 37, answer -37, facts -18, bank -30, keys -35
look num0 _cue-answer: out -22, stem -16, option -37, bank -70
look num0 _cue-answer edge: answer 12
look num0 _cue-answer num0: answer 49, keys -40
look num0 _cue-answer_ num0: answer 86, bank -46, keys -69
look num0 _cue-level: stem -34, more -34, option -16, answer -12, keys -23
look num0 _cue-sample: out -33, stem -18, more -17, answer 21, feedback -16, row -13, bank -12, keys -14
look num0 _field: out 63, stem -48, answer -42
look num0 _heading: stem 19, more -18, answer -24, facts -39
look num0 _heading_ num0: out 34
look num0 _key-title: out -15
look num0 _let-lone: out 30, stem -35, option -37, answer -49, facts -18, row -25, bank -12, keys 43
look num0 _let-lone_ num0: out 42, option -36, answer -43, facts -16, row -22
look num0 _let0: out -21, stem -63, option 44, keys -14
look num0 _let0 let0: out -21, stem -63, option 44, keys -14
look num0 _let1-first: out -63, stem -42, more -12, option 22, answer -43, row 22, keys -28, remark -17
look num0 _let1-first let1: out -111, stem -39, answer -46, row 24, keys -22, remark -16
look num0 _num-lone: stem 22, more -16, option -25, facts -14, row -37, keys -35
look num0 _num0: out -107, passage -24, stem 70, more -56, answer -20, feedback -17, hint -17, facts -38, row -52, bank -19, lines -17, keys -47, remark -17
look num0 _num0 box: stem 43, option -43
look num0 _num0 bullet: out -24, stem 58, option -56
look num0 _num0 cue-answer: stem 33, option -19
look num0 _num0 edge: out -44, stem 52
look num0 _num0 let-lone: stem 20
look num0 _num0 let1-first: out -47, stem 23, option -74
look num0 _num0 num0: out 19, stem -41, option 31, row -39, keys -18
look num0 _num0 num1-first: out -22, stem 46, option -39
look num0 _num0 phrase: out -20, stem 39
look num0 _num0 short: stem 33
look num0 _num0-again: out 26, stem -77, row -42, keys 29
look num0 _num0-again num0-again: out 29, stem -60, row -42
look num0 _num0_ bullet: out -18, stem 27
look num0 _num0_ heading: out -36, stem 41
look num0 _num0_ key-title: out -14, stem 19
look num0 _num0_ let1-first: out -19, stem 45, option -18
look num0 _num0_ num-lone: out -35, stem 39
look num0 _num0_ num0: out -102, stem 34, more -13, option -43, answer -13, facts -15, keys -15
look num0 _num0_ num0-again: out -41, stem 44
look num0 _num1-first: out -33, stem 35, option 24, row -18
look num0 _number: out -53, more -17, option 38, answer 40, keys -15
look num0 _phrase: out 53, stem -75, more -33, option 20, answer -86, feedback -29, row -18, bank -14, keys -31
look num0 _rom-lone: out -38, stem 43
look num0 _rule: more -27, answer -39
look num0 _section: out 29, more -12, answer -13, facts -23, keys -23
look num0 _section_ num0: out 15
look num0 _sentence: out 49, passage -25, stem -49, more 22, answer -58, feedback -45, keys -25
look num0 _short: stem -86, more -30, feedback -26, facts -30, keys -35
look num0 _short short: out -19, stem -26, more -29, option 76, answer -35
look num0 _short-sentence: out 20, stem -17, more -50, option -60, answer 34, feedback -49, row -24, bank -14, keys -67, remark -37
look num0 _short_ num0: more -47, option -71, answer 32
look num0 _table-ticks: out -39, more -14, row 35, keys -16
look num0 _table-ticks rule: out -31, row 24, keys -15
look num0 _text: out 34, option -29, answer -29, keys -19
look num0 _truth: out -43, more -39, answer 45
look num0 _word-lone: out 52, stem -20, more -14, option -21, facts -26, bank -12, keys -37
look num0 arrow: out -34, more -24, option 42, answer -30, keys -23
look num0 arrow_ num0: option -58, answer 64
look num0 asks: out -23, passage -38, more 38, option -28, facts -38, row -33, keys -21, remark -13
look num0 asks bullet: stem -18, more 20
look num0 asks cue-answer: stem -18, more 19
look num0 asks let1-first: stem -13, more 14
look num0 asks_ num0: passage -21, stem -15, more 33
look num0 box: stem 83, more -42, option -33, answer 33
look num0 box box: more -26, option -31, answer 33
look num0 box ticked: out -25, option 27
look num0 bracketed: stem 68, more -53, option -29, row -20, keys -68
look num0 bracketed cue-answer: out 32, more -47, answer -81, feedback -41, bank 29, keys -17
look num0 bracketed let1-first: out -17, more 31
look num0 bracketed_ num0: more -69, option -13, answer -20, feedback 24, keys -26
look num0 bullet: out 25, stem 15, more 19, option -30, row -51, remark -28
look num0 bullet bullet: out -95, stem -91, option 56, answer 14, row -49, remark -28
look num0 cells: stem 23, option -19, answer 29, facts -49, row -19, bank -30, keys -75
look num0 cells cells: out -44, stem 28, more -30, option -31, answer -38, facts -14, row 55, keys -34
look num0 cells cue-answer: out -55, stem -16, more -29, answer 37, row -25
look num0 cells let1-first: stem -33, more 43
look num0 cells num0: out -18, stem -63, more 51, option 48, answer -21, row -18
look num0 cells_ let1-first: more 14
look num0 cells_ num0: out -43, stem -36, more 30, answer -44, row -20, keys -13
look num0 cue-answer: stem 33, more -22, answer 26, feedback -22, facts -39, row -30, bank -66
look num0 cue-answer cue-difficulty: option -28, answer -43, keys 44
look num0 cue-answer cue-points: answer 46, keys -37
look num0 cue-answer edge: more -13, option -51, feedback -12
look num0 cue-answer num0: option -27, answer 82, keys -45
look num0 cue-answer_ heading: answer 14
look num0 cue-answer_ num0: option -17, answer 127, facts -25, bank -54, keys -31
look num0 cue-answer_ section: answer 29, keys -25
look num0 cue-difficulty: out -37, stem 51, more -14, option 23, answer -32, facts 23, row -28, keys -51
look num0 cue-difficulty_ cue-level: facts 18
look num0 cue-feedback: out -26, stem 14, more -13, feedback 27, keys -26
look num0 cue-level: option 22, answer -33, facts 38, row -15
look num0 cue-sample: out -43, option -16, answer 19, feedback -24
look num0 cue-sample_ num0: out -14, answer 52, feedback -17
look num0 cue-wordBank: out -50, stem 19, more -21, option -30, answer -21, row -13, bank 26
look num0 edge: more -23, option 18, wrapped -14, answer -38, row -41
look num0 field: out -122, passage -22, more 39, option -37, answer 53, feedback 32, facts -58, row -51, lines -14, keys -29
look num0 gap: out 30, passage -22, answer -57, facts -16
look num0 gap cue-wordBank: more 29
look num0 gap_ cue-answer: stem -30, more 34
look num0 gap_ num0: out -28, stem -44, more 58, answer -53
look num0 heading: stem 26, option 32, answer -34, facts -43, row -27, keys -21
look num0 let-lone: out -39, more -16, option -29, answer -21, feedback 13, facts -42, row 42, bank -22
look num0 let-lone cue-answer: stem -55, more 18, answer -116, keys 46
look num0 let-lone edge: out 26, stem -30, option -34, row -29, bank -13, keys -61
look num0 let-lone let-lone: row 33, keys -12
look num0 let-lone num0: stem -22, more -24, option 13, answer 21, row -47, keys -14
look num0 let-lone_ num0: out -46, stem -14, option 17, row -28
look num0 let0: out -12, stem 31, more -35, option 16, answer -24, facts -17, row -27, keys -63
look num0 let0 let0: option 30, row -15
look num0 let1-first: out 16, passage -25, wrapped -28, answer -20, feedback -29, hint -29, facts -31, row -38, bank -29, lines -29, keys -85, remark -49
look num0 let1-first let1: passage -14, stem -77, more -66, wrapped -12, feedback -17, hint -17, facts -18, row -25, bank -18, lines -17, keys -85, remark -41
look num0 letter: out -22, stem 44, option -41
look num0 num-lone: out -32, stem -18, more 22, option -15, feedback -28, facts -36, lines -34, keys -51
look num0 num-lone cue-answer: out -15, more 18, option 27, answer -29, keys -12
look num0 num-lone let1-first: stem -13, more 18
look num0 num-lone_ num0: out -38, stem -14, more 28, facts -30, row -40, keys -28
look num0 num0: out 27, passage -39, stem -19, more -74, option -25, wrapped -23, answer -155, feedback -100, hint -19, facts -107, bank -38, lines -14, remark -29
look num0 num0 asks: stem 54, more -52
look num0 num0 box: stem 40, more -19
look num0 num0 cue-answer: out -71, stem 14, option 24, answer -35, row -29, keys -22
look num0 num0 edge: out -59, stem 43, more -18, option 20, answer -24, feedback -56, row -40, keys -26
look num0 num0 let-lone: out -30, stem -24, more -19, option -31, row 43, keys -19
look num0 num0 let1-first: out 38, stem -27, more -103, option -94
look num0 num0 num-lone: out -61, stem -30, more 30, option -24, row 26, keys -23
look num0 num0 num0: stem 15, more -71, option -34, row -18, keys 23
look num0 num0 rule: out -15, stem 23, more -24, option -38, row -22, keys -21
look num0 num0 short: stem -13, more -53, option 27, keys 37
look num0 num0-again: out -13, stem -24, more 28, option 22, answer -29, facts -26, row -28, keys -21
look num0 num0-again num0-again: out -52, stem -53, more -23, option 34, row -26
look num0 num0_ cue-answer: out -54, stem -22, more -52, option -31, row 46, keys -17
look num0 num0_ heading: out -56, stem 27, option -28, row 29, keys -19
look num0 num0_ let-lone: out -20, stem -20, option 20, row -16, keys -19
look num0 num0_ let0: out -43, stem -24, option 48, row -40
look num0 num0_ num-lone: out -64, stem -15, more -12, option -36, row 23, keys 29
look num0 num0_ num0: out 63, stem -64, more -19, answer -15, keys -21
look num0 num0_ section: out -88, stem 39, more -30, option -39, row -21, keys -73
look num0 num0_ short: out 35, stem 22, more -49, option -70, answer -25, feedback -15, facts -15, row -62, keys -38
look num0 num0_ word-lone: out -56, stem 52, more -18
look num0 num1-first: out -81, stem 49, more 16, keys -22, remark -27
look num0 num1-first num1: out -16, stem -131, more -19, keys -22, remark -20
look num0 number: out -35, stem 14, more 25, option -17, keys -13
look num0 number number: option 31, answer -30
look num0 number_ num0: out -29, more 30, option -43
look num0 pair: out 39, stem -52, more 77, feedback -27, row -37, keys -27
look num0 phrase: out 12, more -15, option 14, wrapped -13, feedback -86, row -63
look num0 phrase box: stem -64, more -29, option 35, answer -19
look num0 phrase bullet: out -35, stem -24, more 67, option -43
look num0 phrase cue-answer: stem -38, more 85, option -27, answer -14
look num0 phrase let-lone: more 26
look num0 phrase let1-first: stem -62, more 23, option -30
look num0 phrase phrase: out -16, stem -41, option 33, answer -35, row -17, keys -14
look num0 phrase rule: out -27, stem -21, more 50
look num0 phrase short: out -54, stem -17, more 48, option -44, wrapped -12, answer -25
look num0 phrase_ num0: out -52, more 38, option -49, answer -21, feedback -58
look num0 rom1-first: out -63, stem 54, more 36, option -27, facts -12, row 28, keys -31
look num0 rom1-first rom1: stem -32, more 40, option -27, row 28, keys -20
look num0 rule: stem -15, option -58, answer -63, feedback -19, row -22, keys -22
look num0 rule rule: more -27, lines 30
look num0 sentence: out -79, passage -12, stem -18, more 28, option -57, answer 30, feedback -53, facts -30
look num0 short: out -71, passage -30, stem 44, more 37, option -44, wrapped -28, feedback -13, facts -31, row -23, lines -14, keys 27, remark -16
look num0 short box: more 16
look num0 short bullet: out -32, stem -46, option 83, answer -77
look num0 short cue-answer: more 21, option -20, answer -18
look num0 short gap: more 30, option -17, answer -18
look num0 short let1-first: more 63, option -43
look num0 short num0: out -80, stem -71, more -15, answer 50, feedback -82
look num0 short phrase: out -57, stem -74, more -57, option -17, answer -69, feedback -13, facts -20, keys 48
look num0 short short: out 39, stem -80, more -123, answer -145, feedback -22, keys -45
look num0 short-sentence: out -14, stem -17, more 22, option 27, wrapped -14, answer -83, hint -13, row -50, keys -63, remark -36
look num0 short_ cue-answer: more 31, answer -18
look num0 short_ let1-first: out -37, stem -24, more 46
look num0 short_ num0: out -69, stem -19, more -23, option -32, answer 38, feedback 19, keys -18
look num0 table-pairs: out -58, stem 14, row 46, keys -13
look num0 table-pairs table-pairs: out -51, row 46, keys -13
look num0 table-ticks: out -75, stem 24, option -18, row 67
look num0 table-ticks rule: out -49, option -13, row 55
look num0 table-ticks table-ticks: out -30, row 34
look num0 text: out -24, passage -14, stem -13, more 46, option -73, answer 27, feedback -43, facts -26, row -47, keys -20
look num0 text asks: stem -19, more 20
look num0 text short: stem -26, more 44, option -29, answer -22, feedback -27
look num0 text short-sentence: out -24, stem 20, more -16, option -55, answer 35, row -44, keys -25
look num0 text text: passage -13, stem -38, more 26, keys 19
look num0 ticked: out -29, more -15, option 31
look num0 truth: option -34, keys -14
look num0 truth_ num0: out -65, answer 19
look num0+: out -26, passage -38, wrapped -39, answer -88, hint -25, facts -79, bank -32, lines -29, keys -28, remark -33
look num0-again: out -27, passage -55, option -17, wrapped -35, answer -79, feedback -30, hint -53, facts -69, row -16, bank -53, lines -53, remark -52
look num0-again _capitals: out 16, option -14, answer -42, keys 13
look num0-again _cue-answer: option -19, answer -18, bank -19, keys 30
look num0-again _heading: out 30, answer -15, facts -33
look num0-again _num0-again: out -47, stem 57, option -53, answer -13, feedback -22, facts -17, row -12, keys -63
look num0-again _section: out 29
look num0-again _short: stem -48, more -25, option -42, answer 28, feedback -13, facts -42, keys -14
look num0-again cells: more 32, option -24, row -33, keys -36
look num0-again cue-answer: out -81, stem -28, more -30, answer 24, feedback -24
look num0-again cue-answer edge: answer -13, keys 13
look num0-again cue-answer_ num0-again: answer 35, keys -16
look num0-again edge: out -27, stem 12, more -17, option -17, answer -16, feedback 13, row -39
look num0-again let-lone: out -72, stem -56, more -29, option -16, wrapped -12, answer 18, row 45, keys -40
look num0-again let1-first: out -38, stem 29, more -13, option -31, answer 15, row -28, keys 19
look num0-again let1-first let1: out -28, stem -63, option -14, answer 15, row -73
look num0-again num-lone: out -50, stem 31, more 54, option -18, row -25, keys 17
look num0-again num0: out -44, stem -21, more 43, answer -30
look num0-again num0-again: out 18, passage -45, stem -19, more -79, wrapped -27, answer -49, feedback -55, hint -45, facts -50, bank -46, lines -45, remark -45
look num0-again num0-again cue-answer: out -56, stem -26
look num0-again num0-again edge: out 22, stem 13, more -14, option -16, answer -13, feedback -26, row -37
look num0-again num0-again let-lone: out -61, stem -17, option -26, row 34, keys -12
look num0-again num0-again num-lone: out -27, option -17, row -24, keys 26
look num0-again num0-again num0-again: out 12, passage -20, more -23, answer -23, feedback -23, hint -23, facts -25, bank -24, lines -23, remark -23
look num0-again num0-again short: out 43, stem -57, row -24
look num0-again num0-again_ short: out 23, stem 38, row -15, keys -31
look num0-again phrase: out -14, stem -22, more 22, answer -20, feedback -46, keys 20
look num0-again sentence: out -45, stem -41, more -13, option 47, answer -35, feedback -28, keys -17
look num0-again short: out 68, stem -54, more -33, option -85, answer -64, feedback -45, row -24
look num0-again short-sentence: out -83, stem -15, option -49, answer -70, feedback -52, keys 26
look num0-again text: passage -12, stem -22, more 17, answer -14
look num0-again+: out -22, passage -33, option -19, wrapped -19, answer -44, hint -33, facts -42, bank -33, lines -33, remark -33
look num0-again_ capitals: out -31, stem -25, option 22, keys -19
look num0-again_ cue-answer: out -23, stem 46, option -45, keys 42
look num0-again_ heading: out 52, stem -30, more -20, option -32, row -28, keys -40
look num0-again_ num0: out 65, stem -61, option 28, feedback -22, facts -21, keys -29
look num0-again_ num0-again: out -43, stem 25, more 13, feedback -18
look num0-again_ section: out -35, option -50, feedback -18, row -33, keys 17
look num0-again_ short: stem 45, option -14, feedback -31, row -16, keys -31
look num0-again_+: out -26, stem 18, answer -43, feedback -62, facts -39, row -23, keys -22
look num0_ asks: out 53, stem -53, more -15, option -20, answer -16, feedback -23, facts -17, row -12, keys -42
look num0_ box: out -48, stem 62, more -19
look num0_ bracketed: out 14, stem 17, facts -31, row -13, keys -16
look num0_ bullet: stem 76, more -14, option 27, facts -24, row -43, keys -16
look num0_ capitals: out -68, stem 20, option -18, answer -17, feedback -18, row -14, keys 15
look num0_ cells: out 14, stem -15, more -22, option 41, row -47, keys 30
look num0_ cue-answer: out -67, more -52, option -36, answer -14, facts -21, row 45, keys -20
look num0_ cue-level: out 36, stem -52, option -26, facts 32, row -61, keys -24
look num0_ cue-sample: out -38, stem 39
look num0_ field: out 45, stem -35, facts -19
look num0_ heading: out -45, stem 47, option -28, facts -19, row 29, keys -28
look num0_ key-title: out -32, stem 15, more -32
look num0_ let-lone: out -47, stem 54, more -48, option 20, row -16, keys -19
look num0_ let0: out -49, option 48, row -40
look num0_ let1-first: out -122, stem -41, more -32, option 69, row -39
look num0_ num-lone: stem -60, more -12, option -36, facts -16, row 23, keys 25
look num0_ num0: out -81, passage -27, stem 71, more -35, feedback -65, hint -25, facts -52, row -13, bank -18, lines -17, keys -46, remark -20
look num0_ num0-again: out -45, stem 61, option -15
look num0_ num1-first: out 83, stem -62, option -31, facts -43, row -18, keys -47
look num0_ phrase: out -79, stem 82, more -34, option -24, keys -18
look num0_ rom-lone: stem -38, answer -13, keys 43
look num0_ rule: out -49, stem 53, option -34, answer -16
look num0_ section: out -90, stem 31, more -30, option -43, answer -47, feedback -38, facts -18, row -21, keys 28
look num0_ sentence: out -31, more 18, option -48, answer -38
look num0_ short: out 15, stem 41, more -49, option -70, answer -25, feedback -15, facts -15, row -62, keys -38
look num0_ short-sentence: stem -33, option -51, answer -17, keys 24
look num0_ text: out 52, stem -53, more -14, row -14, keys 34
look num0_ truth: out -32, stem 32
look num0_ word-lone: out 25, stem 48, more -18, facts -29, keys -40
look num0_+: passage -38, more -46, option -41, wrapped -13, answer -13, feedback -102, hint -30, row -30, bank -26, lines -26, keys -20, remark -32
look num1: out -42, passage -50, stem 48, more -74, wrapped -41, answer -20, hint -44, facts -73, row 15, bank -65, lines -35, keys -18, remark -68
look num1 _cue-answer: answer 32, bank -25, keys -46
look num1 _heading: out 47, stem -35, answer -20, facts -18, keys -20
look num1 _let0: out 29, stem -21, option -28, answer -12, row -33, bank -12, remark -14
look num1 _let1-first: out -58, stem -45, option 78, answer -61, row -36, keys -16
look num1 _let1-first let1: out -58, stem -45, option 78, answer -61, row -36, keys -16
look num1 _num0: stem 33, option -56, answer -27, facts -26, keys -38
look num1 _num0 num1-first: out -21, stem 20
look num1 _num0_ num0: out 43, option -45, answer -27, facts -15, keys -14
look num1 _num1: out 17, stem -15, option -23, answer -14
look num1 _rom0: stem 35, facts -19, row -28
look num1 _rom0_ num1-first: out -18, stem 35, row -17
look num1 _section: out 16
look num1 _short: out 69, stem -68, more -28, option 60, answer -69, facts -33, keys -29
look num1 _word0: stem -43, option -20, answer -29, facts 28
look num1 asks: passage -18, stem 17, more 18, option -20, row -24
look num1 box: out -37, stem 54, option -40, answer -24
look num1 box box: out -28, option 57, answer -23
look num1 cue-answer: out -31, stem -67, option 19, answer 54, row -14, keys -46
look num1 cue-answer edge: option -23, answer 55, keys -43
look num1 cue-answer_ num0: answer 28, keys -15
look num1 cue-answer_ word0: option -21, answer 23, keys -15
look num1 cue-difficulty: out -35, stem -22, answer -42, feedback -17, facts 41, keys -26
look num1 let-lone: out -53, passage -23, stem -21, more -15, option -16, answer -54, row 47, keys -46
look num1 let0: out -37, stem 26, option -57, wrapped -13, answer -28, row 45, keys -36
look num1 let2-first: stem 43, more -26, option -32, wrapped -12, row -26, keys -58
look num1 let2-first let2: stem -21, more -26, row -20, keys -57
look num1 num0: out -40, stem -49, more -12, option 40, answer -58, feedback -53, hint -17, keys -16
look num1 num1: out -53, passage -30, more -53, option 16, hint -13, facts -34, bank -46, remark -48
look num1 num1 cue-answer: stem -61, option 27, answer -16, row -23
look num1 num1 let-lone: stem -14, option -24, row 23, keys -14
look num1 num1 let0: stem -79, row 20
look num1 num1 num0: out -23, stem -40, option 14, answer -14, feedback -28, keys -14
look num1 num1 num1: more -19, option 19, answer -39, row -53, bank -13, keys 39, remark -15
look num1 num1 short: out -17, stem 14, option -38, feedback 34, keys -24
look num1 num1_ cue-answer: stem -42, option 17, row -15
look num1 num1_ heading: out -14, stem -42, option -30, answer 29, feedback -18, row 35, keys -32
look num1 num1_ let0: stem 17, more -16, row -18, bank -18
look num1 num1_ let1-first: stem -39, option 51, row -44
look num1 num1_ num0: out -19, stem -33, option -12, answer -28, feedback -27, facts -15, row 37, keys -16, remark -19
look num1 num1_ rom0: stem 32, option -13, answer -29, feedback -21, row -25, keys -38
look num1 num1_ word0: out -20, stem 12, option -23, answer 23, feedback -53, row -64, keys -22
look num1 short: out 25, stem 13, more 41, option -41, wrapped -40, answer 33, feedback 22, facts -37, keys -25
look num1 text: out 16, passage -40, stem -33, more -58, option 18, answer -24, feedback -61, facts -20, row -34, keys -52
look num1+: passage -20, more -34, answer -109, hint -14, facts -29, bank -26, lines -13, keys 16, remark -31
look num1-first: out -55, passage -33, stem 31, more -67, wrapped -17, answer -70, feedback -35, hint -19, facts -42, row 20, bank -26, lines -23, keys -39, remark -37
look num1-first _num1: out -38, stem 56
look num1-first box: out -25, stem 41, option -17, answer -16
look num1-first box box: option 25, answer -16
look num1-first cue-answer: option -43, answer 57, keys -16
look num1-first let-lone: option 13
look num1-first let2-first: stem 36, more -14, option -27, answer -48, row -27, keys -22
look num1-first let2-first let2: out 18, answer -46, keys -22
look num1-first num1: out -19, passage -28, stem -13, more -45, wrapped -18, answer -100, feedback -47, hint -17, facts -29, row 20, bank -18, lines -14, remark -39
look num1-first num1 cue-answer: stem -27, option -23, row 25, keys -15
look num1-first num1 num1: out -19, more -18, feedback -23, bank -13, remark -22
look num1-first+: out -40, passage -23, more -41, answer -33, feedback -15, facts -22, bank -13, lines -13, remark -23
look num1-first_ num1: out -65, stem 78, option -17, row -19, keys -12
look num1-first_+: out 18, stem 66, option -39, answer -20, feedback -15, facts -23, row -20, keys -34
look num1_ cue-answer: stem -52, option 18, answer -12, row -15
look num1_ heading: out -30, stem -40, option -30, answer 29, feedback -18, row 35, keys -32
look num1_ let0: out -15, stem 17, more -16, row -18, bank -18
look num1_ let1-first: out -12, stem -59, option 53, answer -14, row -45, keys -23
look num1_ num0: out -35, wrapped -12, answer -41, feedback -34, facts -25, row 15, keys -23, remark -21
look num1_ num1: out 35, stem -31, option -45, answer -34
look num1_ rom0: out -53, stem 49, option -33, answer -33, feedback -28, row -28, keys -53
look num1_ section: out -35, stem -52, option -21, answer -53, feedback -35, row 38, keys 26
look num1_ short: stem -12, option 56, answer -29, row -22
look num1_ word0: out -49, answer 15, feedback -56, row -24, keys -23
look num1_+: passage -15, stem 30, more -20, option -13, wrapped -15, feedback -83, hint -13, facts -33, bank -19, keys -53, remark -31
look num2: out -29, stem 21, more -28, option 28, answer -49, feedback -28, row 21, keys -24
look num2 num2: out -18, stem 13, more -18, option 24, answer -30, feedback -16, keys -16
look num2 num2 num2: stem -12, option 22, row -19
look num2+: out -18, stem 16, more -18, answer -22, feedback -16, row 12, keys -13
look num2-first: out -27, stem -50, more -46, option 32, answer -40, facts -13, bank -12
look num2-first num2: out -17, stem -54, more -29, option 12, answer -22, row 18
look num2-first num2 num2: stem -13
look num2-first+: out -17, stem -45, more -29, option 17, answer -21
look number: out -37, passage -39, stem -56, option -28, answer 31, feedback -65, facts -86, row -48, bank -34, lines -34, keys -19, remark -20
look number _num0: out -19, stem 27, option -15
look number _num0 let1-first: out -25, stem 28
look number cue-difficulty: out -44, option -64, answer 85, keys -54
look number edge: out -30, option -12
look number num0: out -44, stem 38, more -50, option 24, answer 23, keys -17
look number number: out -27, stem -15, more -14, option 97, answer -109, row -32, keys -18
look number number number: option 14
look number short: out -30, stem -27, option -12, wrapped -20, feedback 31, facts -37, row -14, keys -50
look number+: stem -17, more -92, facts -45, row -30, lines -13
look number_ num0: passage -26, more 60, option -36, answer -24, feedback -34, facts -23, bank -13, keys -60, remark -20
look number_+: out -24, passage -31, stem -22, option -34, answer 21, feedback -42, facts -26, bank -26, keys -108, remark -20
look pair: more 45, option -42, answer -161, feedback -12, hint -45, facts -73, bank -36, lines -37, keys -14, remark -38
look pair _asks: more -32
look pair _bullet: out -44, stem 24, more -17, option 19, answer -23, feedback -16, facts -14, lines -14
look pair _capitals: out 38, more -19, keys -21
look pair _heading: out 24
look pair _let-lone: out -19, stem 29
look pair _num0: facts -22
look pair _num0 let1-first: out -13, stem 13
look pair _section: out 43, facts -33, keys -23
look pair _sentence: out 25, passage -22, stem -22, more -26, feedback -14
look pair _short: out 81, passage -41, stem -50, answer -44, feedback -12
look pair _word0: out -33, stem -15, answer -13, facts 36
look pair _word0 let1-first: out -30, stem 16, facts 16
look pair colon: out -15, stem -32, more 21, option -13, row -16
look pair colon pair: stem -23, more 13
look pair edge: passage -39, more -28, answer -31, bank -31, keys -21
look pair field: out -29, passage -65, stem 16, more -15, option -37, answer -40, feedback -21, facts -43, bank -15, keys 32
look pair heading: out 51, passage -26, stem -35, keys -22
look pair identity: out 19
look pair num-lone: out 17, more -37, option -31, answer -31, facts 34, row -15, bank -12, keys -57
look pair num0: passage 29, stem -29, answer -12, feedback -19, facts -43, row -40, keys -49
look pair pair: out -36, passage -22, stem 21, more -78, option -30, answer -25, feedback -46, facts -42
look pair pair edge: out -66, stem -20, feedback -27, row 24
look pair pair pair: out -21, stem 26, more -18, option -17, facts -19, keys -22
look pair phrase: out -29, stem -44, feedback 48, keys 17
look pair rule: out 19, passage -18, stem -15, more -20, keys -37
look pair sentence: passage -41, stem -56, more 61, answer -32, feedback -38, facts -26, row -16, keys -35
look pair short: passage -22, stem -34, more 13, option -16, answer -49, feedback 29, facts -39, row -13, keys -84
look pair text: out 15, stem -66, more 37, answer -22, feedback -64, facts -13, row -33, keys -16
look pair word0: out 46, passage -18, more -18, feedback -37
look pair+: out 17, stem -28, more 41, option -27, answer -83, facts -42, bank -19, lines -13, remark -15
look pair_ asks: out -42, passage -13, stem 22, more -22, answer -17, facts -29, row -14, keys -14
look pair_ bullet: out 26, stem -25, more 34
look pair_ capitals: out -50, stem 31, keys -19
look pair_ heading: out -14, passage -33, stem 25, more -18, feedback -13, keys -70
look pair_ identity: out 45, passage -32, stem -31, keys -22
look pair_ let-lone: out 71, stem -48, feedback -21, row -16, keys -49
look pair_ num0: out -12, passage 33, stem -119, more -40, answer -22, feedback -42, row -56, bank -24, keys -76
look pair_ section: out -35, stem -44, more -21, option -17, answer -27, feedback -46, row -43, keys 46
look pair_ sentence: out -29, passage -48, stem 43, answer -18, feedback -57, facts -14, bank -13, keys -52
look pair_ short: out 56, passage -22, stem -50, more -43, keys -21
look pair_ word0: out 69, passage -38, stem -59
look pair_+: passage 20, more -78, option -23, answer -88, feedback -15, hint -31, facts -74, row -110, bank -39, lines -13, keys -23, remark -21
look phrase: option -14, wrapped 23, answer -29, feedback 17, hint -63, facts -97, row -29, bank -98, lines -61, keys -33, remark -50
look phrase _box: out -21, option 29
look phrase _box box: out -21, option 29
look phrase _bullet: out -50, stem -55, option 62, remark -20
look phrase _bullet bullet: out -50, stem -55, option 62, remark -20
look phrase _capitals: out 67, option -33, answer -63
look phrase _cells: stem 21, keys -47
look phrase _cue-answer: answer 62, keys -41
look phrase _field: out -21, passage -35, stem 32, answer -14, feedback -20, facts -32
look phrase _heading: out 66, facts -25, keys -41
look phrase _let-lone: out 34, stem -40, keys -23
look phrase _let0: out -28, stem 26, keys -44
look phrase _let0 let0: stem -18, option 19
look phrase _let1-first: out -37, option 29
look phrase _let1-first let1: out -37, option 29
look phrase _num0: out -50, stem 14, option -46, feedback -17, facts -16, row -29, keys 26
look phrase _num0 let1-first: out -36, stem 36
look phrase _num0 num0: out -14, stem -19, option -34, facts -16, row -27, keys 26
look phrase _num0 short: out -24, stem 26
look phrase _num0_ num0: out -47, stem 47, option -17, feedback -17
look phrase _num1: out -28, stem 28
look phrase _phrase: out -21, passage 108, stem -30, more -37, option -24, answer 23, feedback -54, keys -21
look phrase _phrase_ phrase: out 19, passage 35, stem -55
look phrase _rom-lone: out 44, keys -37
look phrase _rom0: stem 20
look phrase _section: out 46, stem -20, facts -30
look phrase _section num0: out 36, facts -24
look phrase _sentence: out 26, stem -42, answer -39, feedback 23, keys -14
look phrase _short: out 20, passage -69, stem 25, option -41, answer -87, feedback -22, facts -61, keys -38
look phrase _short-sentence: out -26, passage 82, option -24, answer -71, feedback -37, keys -49
look phrase _short-sentence phrase: passage 40, stem -38
look phrase _text: out 24, passage -51, stem -14, more -44, option -15, answer -58, feedback -28, keys -31
look phrase _word0: stem -33, answer -19, facts 22
look phrase _word0 asks: facts 16
look phrase arrow: out -32, stem -60, more 57, option -50
look phrase asks: passage -39, stem -17, more 31, option 12, answer -54, facts -30, row -30
look phrase box: out -97, stem 15, more -20, option 38, wrapped -37, answer -51, feedback -30, row -32
look phrase bracketed: stem -24, more -19, answer -40, feedback -18, bank 24, keys 23
look phrase bullet: out -54, more 33, option -12, wrapped 26, answer 16, feedback -50, row -45, remark -28
look phrase bullet bullet: out -33, stem 19, answer -38, row -33, remark -23
look phrase cells: out -75, passage -34, more -12, option -43, answer -79, feedback 32, facts -42, row 44, bank -46, lines -26, keys -13
look phrase cells cells: stem -19
look phrase cells edge: out -46, stem 32, feedback -15, row -42, keys 25
look phrase cue-answer: out -67, stem 54, more -44, option 30, wrapped 41, feedback -23, row -37, bank -45, keys -63
look phrase cue-answer_ num0: option -31, answer 44
look phrase cue-difficulty: out -75, passage -18, stem -39, option -52, wrapped -21, answer 44, feedback -65, facts 26, row -45, keys -36
look phrase cue-feedback: out -53, stem -39, option -67, wrapped -23, answer 57, feedback 51, facts -45, keys -49
look phrase edge: passage -33, option -55, wrapped -15, keys -24
look phrase field: passage -55, stem -100, more -18, answer -49, feedback 48, facts -69, row -22, keys -78
look phrase heading: passage -13, stem -23, more -39, option 47, answer -55, feedback -39, facts -34, keys -31
look phrase identity: out 34, stem -18
look phrase let-lone: out 13, answer -46, keys -14
look phrase let0: out 36, passage 21, more -34, option -28, wrapped -18, answer -20, feedback -64, facts -14, row -30, keys -34
look phrase let0 let0: stem -24, option 38, row -16, keys -14
look phrase let1-first: out -65, stem 46, more 22, option -33, wrapped -19, answer -19, row -29
look phrase let1-first let1: out -33, stem -43, option 75, answer -13, row -22
look phrase num-lone: out -28, stem -56, more 34, option 41, answer -30, feedback -13
look phrase num0: out -30, passage -26, stem 27, more -36, option 29, wrapped 16, feedback -102, facts -47, row -34, bank -14, keys -21
look phrase num0 num0: out -53, stem -46, more -15, option 56
look phrase num0-again: out -73, stem 19, answer -17, feedback 13, row -16
look phrase num0-again num0-again: stem -49, option 49, row -15
look phrase pair: out 60, stem -19, option -37, answer -64, feedback -62, row -36, keys -54
look phrase phrase: out -21, passage 21, stem -63, more -16, option 30, answer -48, feedback -37, facts -17, row -62, bank -17, lines -13, keys 26
look phrase phrase edge: out -20, stem -48, more -26, option -28, answer -49, feedback -101, keys 39
look phrase phrase num0: out -28, stem -30, more 30, option -22, wrapped 29, answer -68, feedback -27
look phrase phrase phrase: out -16, stem -80, more -27, option 34, wrapped -44, row -24, keys -22
look phrase phrase short: out -13, stem 37, option -17
look phrase phrase short-sentence: out -51, passage 13, stem -12, more -25, wrapped -20, answer -21, row -17
look phrase rule: out 28, stem -22, more -21, feedback -31, lines 33
look phrase rule rule: more -14, lines 17
look phrase sentence: out 13, passage -22, stem -80, more -24, option -19, answer -53, feedback -49, facts -19, keys 58
look phrase short: out -42, passage -17, stem -25, more 69, option 16, wrapped -80, answer -47, feedback -86, row -44
look phrase short phrase: out -18, stem -26, more -24, option 20
look phrase short short: out -31, stem -50, more 28
look phrase short-sentence: out -51, passage 51, stem -64, more -58, option -17, wrapped -22, answer -24, hint -19, row -35, lines -15, keys -83, remark -25
look phrase short-sentence_ phrase: out -55, passage 16, stem -18
look phrase text: out 37, passage -55, option -34, wrapped -61, answer -15, feedback -62, facts -34, row -70, keys -61
look phrase text phrase: out -97, stem 14, more -19, option -13, answer 38, feedback -17, row -18, keys -19
look phrase text short: out -20, stem -73, more -27, option 33, answer 49, feedback -17
look phrase word0: passage -35, more -17, option 22, answer -105, feedback -41, facts -18, row -36, keys -18
look phrase+: wrapped 17, answer -42, feedback -13, hint -25, facts -62, row -14, bank -44, lines -35, keys -16, remark -28
look phrase_ box: out -85, stem 66, more 36, answer -31
look phrase_ bullet: out -37, stem 39, more 56, option -25, answer -61, feedback -14, facts -12
look phrase_ capitals: passage -17, stem -40, more -17, option -27, answer -49, feedback 48, row -16
look phrase_ cells: out -21, passage -12, stem 46, more 18, answer -39, feedback -24
look phrase_ cue-answer: out -24, more 26, option 42, wrapped -14, answer -13
look phrase_ field: stem -73, more 18, answer 15, feedback -56, row -12, keys -26
look phrase_ heading: passage -29, stem -57, more 43, option -24, answer 25, feedback -33, keys -32
look phrase_ identity: out 42, stem -20, answer -16, feedback -28
look phrase_ let-lone: out 35, stem -39, option -44, answer 20, feedback -25, keys -40
look phrase_ let0: passage -24, stem -47, more 59, option -44, wrapped -22, answer -57
look phrase_ let1-first: out -47, stem 46
look phrase_ num0: out -41, passage -108, stem -140, more 16, wrapped -30, answer 30, facts -20, row -26, bank -14, keys -20
look phrase_ num1: out 51, stem -42, option 33, answer -55, feedback -63
look phrase_ phrase: out -30, passage 87, stem 36, more -29, answer -62, feedback -54, bank -16
look phrase_ rom-lone: out -35, stem 37, option -16, answer -42
look phrase_ rom0: out 46, passage -17, stem -52, more 14, answer -47, feedback -17
look phrase_ section: passage -38, stem -23, more -32, option 50, wrapped -45, answer -74, feedback -68, keys -21
look phrase_ sentence: out -52, passage 21, stem -42, more -18, option -30, answer 52, feedback -66, keys -22
look phrase_ short: out 27, passage -27, stem -108, more -33, option -73, answer 27, feedback -74, keys -18
look phrase_ short-sentence: out 18, passage 111, stem -35, answer -48, feedback -29
look phrase_ text: stem 36, option -57, answer 14, feedback -78, keys -19
look phrase_ word0: out 43, passage -52, stem -18, more -28, option -46, wrapped -38, feedback -37, facts -14, row -30, bank -14, keys -23
look phrase_+: more -26, wrapped -19, hint -20, facts -35, row -51, bank -49, keys -107
look rom-lone: out 17, passage -43, more -31, option -65, answer -61, feedback -56, facts -58, row -56, bank -16, lines -18, remark -17
look rom-lone _field: passage -23, stem 15
look rom-lone _let-lone: out -14, stem 22
look rom-lone _num-lone: out -43, stem 43, facts -14, keys -21
look rom-lone _num0: out -19, stem 30
look rom-lone _rom0: out -14, stem 14
look rom-lone _text: out -32, stem 33
look rom-lone _word-lone: out -17, stem -32, facts 21
look rom-lone _word-lone let-lone: out -14, stem -20, facts 15
look rom-lone _word0: out -21, facts 18
look rom-lone edge: more -32, answer -14
look rom-lone field: out 64, passage -24, stem -32, answer -34, facts -39, row -12, keys -52
look rom-lone num0: stem 18, option -37, feedback -16, row -21, keys -51
look rom-lone rom-lone: out -58, stem -28, option -13, answer -13, keys 43
look rom-lone short: out 25, passage -13, stem -17, more 26, option -23, answer -35, feedback -18, facts -43
look rom-lone+: more -18, option -13, answer -52, feedback -13, facts -34, row -26, keys 17
look rom-lone_ cue-level: out -24, stem 30, feedback -13, facts -13, row -13
look rom-lone_ field: out 40, passage -13, stem -21, keys 14
look rom-lone_ identity: out 23, stem -21
look rom-lone_ let-lone: out -22, stem 24
look rom-lone_ num-lone: out 52, stem -31
look rom-lone_ num0: out 82, stem -50, option -13, answer -34, keys -27
look rom-lone_ rom0: out 52, stem -44
look rom-lone_ text: out 41, stem -30, keys -40
look rom-lone_ word-lone: out 30, stem -42, facts -17
look rom-lone_ word0: out 29
look rom-lone_+: out 27, passage -34, more -29, option -43, answer -46, feedback -31, facts -36, row -26, keys -26
look rom0: passage -35, stem -26, wrapped -13, answer -73, feedback -41, facts -53, row -64, bank -23, lines -26, keys 33, remark -28
look rom0 _cue-answer: answer 64, bank -25, keys -57
look rom0 _cue-answer_ rom0: answer 31, bank -25, keys -16
look rom0 _let1-first: out -47, stem 22, option -17, answer -30, keys -24
look rom0 _let1-first let1: out -34, stem -21, option 81, answer -27
look rom0 _num1-first: out -63, passage -14, stem 44, option -52, row -15, keys -50
look rom0 _rom0: out -59, stem 80, more -53, keys -28
look rom0 _rom0_ rom0: out -36, stem 48, more -15, keys -27
look rom0 asks: out -13, stem -17, more 29, facts -18
look rom0 box: out -39, stem 66, more -68, option 39
look rom0 box box: out -37, stem -34, option 49
look rom0 bracketed: out -43, stem 21, option -18, answer -15, bank -17, keys -12
look rom0 bullet: more -16, option 58
look rom0 bullet bullet: stem -22, more -15, option 67
look rom0 cells: out -39, more 52, row 13
look rom0 cells cells: stem -12, row 25
look rom0 cue-answer: out -15, stem 24, more -29, answer 44, keys -52
look rom0 cue-answer edge: answer 46, keys -39
look rom0 cue-answer rom0: option -15, answer 30
look rom0 cue-answer_ rom0: option -28, answer 49
look rom0 edge: out -22, stem 32, answer -26, keys -69
look rom0 gap: stem -14, more 20
look rom0 let1-first: out -49, stem 67, more -52, option 37, wrapped -20, answer -46, row -39, remark -16
look rom0 let1-first let1: out -39, stem -43, option 62, wrapped -12, answer -44, row -39
look rom0 num-lone: out -38, stem 36, option 42, answer -30, facts -19, row -24, keys -19
look rom0 num1-first: out 34, option -15, answer -17, facts -13, row -52, keys -30
look rom0 num1-first num1: out -51, stem 16, row -42, keys -29
look rom0 phrase: stem 24, more -20, option -17
look rom0 phrase let1-first: stem -30, more 47, option -17
look rom0 rom0: out -28, stem -48, more 13, option 27, answer -31, row -13, keys -42
look rom0 rom0 rom0: out -14, stem -24
look rom0 short: out -64, stem 32, more 61, answer -62, feedback -16
look rom0 short let1-first: more 19, option -15
look rom0 text: stem -44, more 47
look rom0 text cells: stem -15, more 18
look rom0+: out -20, passage -13, stem 22, option 18, wrapped -12, answer -43, feedback -17, facts -41, row -43, bank -15, lines -14, keys -53, remark -20
look rom0-again: out -40, stem 53, more -19, option -50, answer -13
look rom0-again rom0-again: out -14, stem 17, option -42, keys 19
look rom0-again rom0-again rom0-again: stem -25, option -23, keys 32
look rom0-again+: out -21, stem 31, option -30
look rom0_ let1-first: out 46, stem -46, option -13
look rom0_ num1-first: stem -30, option -19, facts -14, row -23, keys 37
look rom0_ rom0: out -70, stem 76, more -15, answer -14, keys -42
look rom0_+: out 13, passage -35, stem -19, more -42, option -60, answer -37, feedback -20, facts -26, row -25, keys 35, remark -14
look rom1: out -32, passage -12, stem 17, answer -37, feedback -36, facts -34, keys 26, remark -30
look rom1 cue-answer: stem -19, more -15, option 36, row -31, keys -30
look rom1 rom1: out -32, stem -51, answer -24, feedback -16, row -16, keys 28, remark -21
look rom1+: out -22, stem 16, answer -32, row -21, keys 15
look rom1-first: out -88, more -21, answer -42, feedback -13, facts -16, bank -24, keys 13
look rom1-first rom1: out -42, stem -78, answer -26
look rom1-first rom1 rom1: stem -30
look rom1-first+: out -36, stem -64, option 13, answer -24
look rom1_+: stem 26, answer -18, feedback -23, facts -31
look rule: passage -62, stem -57, more -25, option -54, wrapped -24, answer -29, feedback -86, hint -29, facts -132, row -28, bank -40, lines 60, keys -92, remark -36
look rule _bracketed: out -75, keys 80
look rule _bracketed num-lone: out -20, keys 23
look rule _bracketed num0: keys 13
look rule _capitals: out 72, answer -66, facts -14, keys -41
look rule _chatter: out 13, answer -13
look rule _cue-answer: answer 32, keys -32
look rule _cue-answer num0-again: answer -17, keys 17
look rule _cue-sample: out -17, facts -13, keys 15
look rule _field-kind: out -67, facts 68
look rule _field-kind field-stem: out -64, facts 65
look rule _heading: stem -32, facts -57
look rule _key-title: out -27, keys 39
look rule _let0: stem -25, option -22, facts -19, keys 23
look rule _num-lone: out -49, stem -85, answer -23, facts -15, keys 60
look rule _num-lone edge: out -34, keys 35
look rule _num0: stem -13, facts -29
look rule _num0 box: out -23, stem 23
look rule _num0 let1-first: out -51, stem 52
look rule _num0-again: out 34, stem -36, keys 18
look rule _num0_ num0: out -20, stem 23
look rule _rule: stem -32, answer -30, lines 17, keys -27
look rule _section: out 105, stem -14, facts -82
look rule _short: out 58, passage -60, stem -55, more -14, option -19, answer -59, feedback -16, facts -62, keys -39
look rule _text: out 19, passage -24
look rule _word-lone: out -53, stem 40
look rule _word0: out -72, stem 46, answer -21, facts 71
look rule _word0 let1-first: out -24, facts 34
look rule cue-answer: out 16, more 31, answer -18, lines -33, keys 18
look rule cue-sample: out -27, more -45, answer 64, lines 57, keys -19
look rule edge: out 50, answer -34, lines -18
look rule field-kind: passage -13, option -13, answer -34, facts 40, lines -15
look rule field-kind field-stem: out -47, facts 47
look rule field-number: out 70, answer -14
look rule num0: out -26, more -34, lines 42, keys 29
look rule num0 num0: out -28, keys 33
look rule phrase: out -28, passage -33, stem -37, more 19, option -31, answer 28, feedback -14, row -18, lines -44, keys 34
look rule rule: out -67, more -96, lines 123
look rule rule cue-sample: lines 13
look rule rule_ num0: out -19, lines 25
look rule short: out 16, stem -47, option -20, answer 38, facts -49, keys -71
look rule table-ticks: stem -16, lines -17
look rule table-ticks table-ticks: out -46, row 51
look rule word0: more 24, lines -22
look rule+: out -37, passage -24, stem -55, option -34, answer 28, feedback -20, facts -77, bank -15, lines 21, keys -53, remark -18
look rule_ bracketed: out 77, answer -26
look rule_ capitals: out 29, option -17, answer -13
look rule_ chatter: answer -17, lines 18
look rule_ cue-answer: out 96, stem -38, option -21, answer -40, lines -31
look rule_ cue-sample: stem -15, more -47, lines 51
look rule_ field-kind: out 46, option -15
look rule_ field-number: out 66, answer -14, lines -18
look rule_ field-stem: out 89, more -23, option -25, answer -33, lines -33
look rule_ heading: out 63, stem -22, more -25, answer -23, lines 21
look rule_ key-title: out 84, stem -25, more -22, answer -38
look rule_ let0: out 44, stem -25, more -34, answer -14, lines 21
look rule_ num-lone: answer -18, lines 21
look rule_ num0: out 29, stem -33, more 27, option -37, answer -30, lines -13, keys -27
look rule_ num0-again: out 21
look rule_ rule: more -34, option -29, lines 13
look rule_ section: out 37, more -26, option -13, lines -21
look rule_ short: out 27, more -24, lines -26
look rule_ table-down: out 36
look rule_ word-lone: out 33
look rule_ word0: more 31, answer -20, lines -24
look rule_+: out 41, passage -17, stem -42, more -15, option -46, answer -146, feedback -37, facts -32, row -24, bank -14, lines 28, keys -39
look section: out 22, passage -57, stem 19, more -32, option -52, answer -62, feedback -57, facts -34, row -20, bank -28, keys 17, remark -24
look section _asks: out -28, stem 28
look section _bullet: out -44, stem 48
look section _bullet_ bullet: out -34, stem 34
look section _cue-level: out -42, facts 52
look section _cue-level num-lone: facts 13
look section _field-number: facts 17, keys -20
look section _let-lone: out -42, stem 45
look section _let0: out -38, stem 38
look section _num-lone: stem 15, facts -28, keys -19
look section _num0: out -54, row 33
look section _num0 let-lone: out -22, stem 23
look section _num0 num0: out -87, stem -20, row 34
look section _num0-again: out -54, stem 56
look section _num0_ num0: out -47, stem 47
look section _phrase: out 21, stem -20, answer -17
look section _rom-lone: out -15, stem 17, facts -13
look section _rom0: out -32, stem 32
look section _sentence: out -22, passage -48, stem 29, feedback -21
look section _short: passage -70, stem 20, option -21, answer -62, facts -43, keys -34
look section _short-sentence: out 60, passage -27, stem -33, answer -27, feedback -46, keys -21
look section _text: out 33, stem -28, answer -14
look section _word-lone: out -34, stem -70, facts 46, keys -21
look section _word-lone let-lone: out -13, stem -39, facts 17
look section _word0: stem 24
look section _word0 asks: out -19, stem -43, facts 63
look section _word0-again: stem 15, facts -15
look section bullet: out 14, option -27, facts -19, row -14
look section cells: out 41, stem -31
look section cue-level: out 23, facts -12
look section heading: out 16, facts -16
look section identity: out 32, facts -29
look section num-lone: answer -27, facts -16, keys -38
look section num0: stem 70, more -15, option -32, answer -28, facts -84, row -48, bank -12, keys -57
look section num0 cue-answer: out -56, stem 59, keys -34
look section num0 let1-first: out -24, stem 24
look section num0 num0: out -42, stem 63, row -37, keys -28
look section num0-again: out -15, stem 49, facts -26, row -13, keys -54
look section pair: out 52, stem -44
look section phrase: out 66, stem -61, answer -25, feedback -15, facts -16, keys -32
look section section: out -57, stem -63, facts -18, keys 70
look section sentence: out -46, passage -15, answer -14, feedback -14, facts 45, keys -38
look section text: out 45, passage -16, stem -21, answer -13, facts -48
look section word0: out 30, stem 28, more -20, answer -12, facts -14
look section+: out 16, passage -21, stem -95, more -20, option -31, answer -38, feedback -23, row -15, bank -14
look section_ asks: out 41, stem -23
look section_ bullet: out 57, stem -30, facts -14
look section_ cells: out 23, stem -18
look section_ cue-level: out 43, stem -26
look section_ field-number: out 20, answer -14, feedback -12, facts -19
look section_ let-lone: out 27, stem -14
look section_ let0: out 29, answer -20, facts -36
look section_ num-lone: out 26
look section_ num0: passage -14, stem 33, answer -20, feedback -14, facts -33
look section_ num0-again: out 27
look section_ phrase: out 32, stem -20
look section_ rom-lone: out 14
look section_ rom0: out 30, stem -18
look section_ sentence: out 42, stem -37
look section_ short: out 32, stem -13
look section_ short-sentence: out 35, facts -22, keys -17
look section_ text: out 49, stem -19, facts -18
look section_ word-lone: out 51, facts -18
look section_ word0: out 64, stem -30, more -18, facts -25, remark -18
look section_+: out 37, passage -31, stem 16, more -57, answer -43, feedback -32, facts -52, bank -22, keys -40, remark -18
look sentence: out -15, passage 28, stem -24, option -32, wrapped -28, answer -29, feedback -19, hint -90, facts -86, row -46, bank -56, lines -59, remark -22
look sentence _asks: out 18, more -82
look sentence _bullet: out -25, stem 24
look sentence _capitals: out 48, answer -30, facts -17
look sentence _cells: out -26, passage -48, stem 43, more -30, option -57, answer -24, feedback -13, facts -37, row -32, bank -25, keys -31
look sentence _cue-answer: answer 37, bank -48, keys 14
look sentence _field: out -43, passage -40, stem 49, feedback -12, facts -21
look sentence _gap: out -16, passage -38, stem 42, more -38
look sentence _heading: out 53, facts -51
look sentence _let-lone: out 20, stem 21
look sentence _let0: stem -14, option 13
look sentence _num0: out 28, stem -45, row 36, keys -39
look sentence _num0 let-lone: out -47, stem 48
look sentence _num0 let1-first: out -53, stem 54
look sentence _phrase: out 38, passage -42, more -44, answer -26, facts -28
look sentence _rule: out 23
look sentence _section: out 62, more -13, facts -13
look sentence _section_ num0: out 18
look sentence _sentence: stem -42, more -21, answer -33, feedback -38, row -13, keys -50
look sentence _sentence_ num0: stem -15, answer -19, feedback -33, row -13
look sentence _short: out 52, passage -76, stem -36, option -18, answer -79, facts -24, keys -28
look sentence _text: out 55, passage -41, stem -32, answer -35, keys -43
look sentence _word0: out -30, stem 36, answer -24
look sentence bullet: out -49, passage 34, stem -16, answer -13
look sentence cells: out -24, stem 46, more -19, feedback -30, row 30, remark -19
look sentence chatter: out 57, stem -28, answer -13, keys -26
look sentence cue-answer: out -56, stem 53, keys -17
look sentence cue-difficulty: out -37, passage -14, stem -28, more 15, answer -17, feedback 25, facts 47, keys -23, remark -20
look sentence cue-sample: out -34, stem 47, option -40, feedback -25, keys -13
look sentence edge: out 24, stem -94, more -76, option -39, feedback -21, remark -36
look sentence field: stem -56, answer -23, feedback -32, keys -21
look sentence heading: out 67, passage -31, stem -36, keys -13
look sentence let-lone: out -28, passage -46, more 51, option 17, answer -55, feedback -23, row -28, keys -51
look sentence let0: out -17, passage -44, stem 48, more -30, option -29, answer -37, feedback 44, keys -19, remark -27
look sentence let0 let0: stem -53, option 56
look sentence let1-first: out -31, stem -16, option 52, answer -13, row -26, remark -15
look sentence let1-first let1: out -18, stem -27, option 52, answer -13, row -26, remark -15
look sentence num-lone: out -29, more 34, answer -29
look sentence num0: out -13, passage 28, stem -15, more -34, option -45, answer -83, feedback -27, row 49, bank -14
look sentence phrase: out -42, passage -52, stem 27, more 41, option -37, answer -39, feedback -64, keys -27, remark -17
look sentence rule: out -35, passage -19, stem 51, more -49, answer -16, feedback -48, lines 40
look sentence rule rule: more -14, lines 14
look sentence section: out 75, passage -40, stem -23, keys -30
look sentence sentence: out -22, passage 26, stem -55, more -31, answer -14, feedback -20, keys -39
look sentence sentence_ num0: out 26, passage -25
look sentence short: passage -28, option -56, answer 25, feedback -63, keys -55
look sentence short-sentence: out -37, passage 14, stem -77, option -49, answer 26, feedback 38, keys -31, remark -14
look sentence short-sentence text: out -30, passage 31
look sentence word0: out 12, stem 20, answer -39, feedback -53, facts 30
look sentence+: passage 14, stem -26, more 27, option -52, answer -14, facts -53, lines -18
look sentence_ asks: out -54, passage -46, stem 54, answer -15, feedback -61, keys -27, remark -18
look sentence_ bullet: out 40, passage -19, stem -49, answer -21, feedback -18
look sentence_ capitals: out 28, passage -33, stem -36, feedback -27, keys -38
look sentence_ cells: out -19, passage -57, stem -61, more -21, answer 53, feedback -39
look sentence_ cue-answer: passage -12, stem -25, more 30, answer -20, feedback -25, keys -26
look sentence_ field: stem -53, answer -16, feedback 39
look sentence_ gap: out -69, passage 51, stem 63, answer -32, feedback -34, keys -27
look sentence_ heading: out -35, passage 38, stem -86, more 33, option -54, answer -25, feedback 24, facts -15, keys -55
look sentence_ identity: out 60, passage -37, stem -24
look sentence_ let-lone: out 28, passage -47, stem -44, option -38, answer -20, feedback 22, keys -12
look sentence_ let0: out 31, stem -51, more -49, answer -19, feedback 13
look sentence_ num0: stem -38, option -59, answer -12, feedback -19, hint -25, row -16, keys 33, remark -14
look sentence_ phrase: out 47, passage -39, stem -45, answer 34, feedback -31, keys -20
look sentence_ rule: out 24, passage -15, stem 34, option -59, answer -55, feedback -49, keys -40, remark -34
look sentence_ section: out 20, passage -23, stem -49, more -27, answer 18, feedback 27, keys -76
look sentence_ sentence: out 27, stem -96, answer -49, feedback -20, row -15, keys -52
look sentence_ short: out 71, passage -55, stem -38, more -36, answer -66, feedback -31, keys -34
look sentence_ text: out 24, passage -12, stem -49, answer 40, feedback -16, keys -14
look sentence_ word0: out -38, passage 68, stem -58, more -15, answer -33, feedback 15, keys -55
look sentence_+: more -22, answer -40, feedback -30, hint -56, facts -48, row -35, bank -36, lines -34, keys -16, remark -34
look short: out -17, more 23, option -17, wrapped 40, feedback 18, hint -72, facts -48, row -96, bank -66, lines -80, keys -45, remark -22
look short _asks: more -16, answer -21, feedback -20, facts -13
look short _asks short: out -21, stem 24, facts -13
look short _box: out 25, stem -36
look short _box box: out 25, stem -36
look short _bracketed: out 48, passage -19, more -33, answer -50, feedback -40, bank -17, keys -13
look short _bullet: out 68, stem -66, option -14
look short _bullet bullet: out 69, stem -68, option -12
look short _capitals: stem -16, option -56, answer 16, feedback -14, keys -26
look short _capitals_ num0: out 64, answer -55
look short _cells: out -38, passage -15, stem 14, more -33, option -56, answer -13, row -16, bank -17, keys 37
look short _chatter: out 14
look short _cue-answer: answer 51, keys -27
look short _cue-level: out 42, answer -14, facts -32
look short _field: passage 16, stem -51, answer -15, facts -23, row -20
look short _field-stem: out -20, stem 32
look short _heading: out 65, facts -42, keys -30
look short _heading edge: out 32, keys -28
look short _let-lone: out -15, option 18, answer -45, keys -38
look short _let0: passage -28, stem -25, option 34, facts -18, keys -19
look short _let0 let0: out -24, stem -39, option 41
look short _let1: stem 12
look short _let1-first: out 21, stem -27, answer -25, row -13, keys -26
look short _let1-first let1: out -33, stem -21, option 55
look short _num-lone: out 78, stem -56, option -19, answer -48, keys -52
look short _num0: out 14, option -82, row -30
look short _num0 let1-first: out -61, stem 65
look short _num0 num0: out 56, stem -54, option -43, row -16
look short _num0 phrase: out -55, stem 55
look short _num0-again: out 29, stem -35, option -23, keys -44
look short _num0-again num0-again: out 30, stem -38, option -23, keys -43
look short _num0_ num0: out -28, stem 29
look short _num0_ short: out -44, stem 46
look short _pair: out -46, passage 25, stem 35, answer -18, feedback -59, bank -13, keys -64
look short _phrase: out -46, stem -40, more -37, option -34, answer 43, feedback 21, facts -17
look short _phrase phrase: out -18, stem -13, keys 14
look short _rom-lone: out 63, stem -46
look short _rom0: out -27, passage -25, stem 36, option -14, answer -27
look short _rule: out 39, keys -24
look short _section: out 62, stem -34, facts -13
look short _section_ num0: out 28, stem -25
look short _sentence: out -33, passage 57, stem -43, more -47, answer -40, feedback -108, keys -34
look short _sentence sentence: passage 12
look short _sentence_ sentence: out -42, passage 42
look short _short: stem -92, option -22, wrapped -14, facts -75, keys -41
look short _short-sentence: passage -56, stem -78, more -20, option -23, answer 37, feedback -62, hint -33, keys -35, remark -51
look short _short_ num0: passage -44, option -16
look short _text: out -37, passage 63, more -45, option -27, answer -41, feedback -16, keys -18
look short _text short: out -65, passage 63, more -21, option -26
look short _text text: out -55, passage 91, stem -57
look short _word-lone: out 15, stem -19, facts 28
look short _word0: out -71, stem -13, answer -15, facts 43
look short _word0 asks: facts 26
look short _word0 let1-first: out -14, facts 25
look short _word0 short-sentence: facts 12
look short _word0-again: out -14, stem 32
look short arrow: out -19, stem -46, more 75, option -36, answer 32, feedback -18
look short asks: stem -15, more -44, answer -49, facts 23
look short box: out -19, stem -77, option 47, answer -90, feedback -14, facts -26, keys -20
look short box short: out -18, option 18
look short bracketed: stem -49, more 52, option -41, feedback 14, facts -26, bank -19, keys -41
look short bullet: passage -63, stem 14, more 28, option -20, facts -119, row -28, keys -17, remark -21
look short bullet bullet: stem 43, more -16, option -47, answer -15, row -12
look short bullet let0: option 33, answer -29
look short bullet short: out -19, option 32
look short capitals: passage -34, stem -15, more -33, option 60, answer -47, facts -42, keys -22
look short cells: out 18, passage -34, stem -35, more 37, option 17, answer -40, facts -19, row 34, keys -14
look short chatter: out 39, stem -15, answer -79, feedback 44, facts -14, keys -13
look short cue-answer: out 22, more 55, option -28, wrapped -20, feedback -29, keys -46
look short cue-answer edge: option -43, answer 56, keys -47
look short cue-answer num0: stem -14, answer -21, keys 30
look short cue-answer word0: answer 14
look short cue-answer_ heading: option -18, answer 24
look short cue-answer_ num0: option -24, answer 35
look short cue-answer_ word0: answer 17, keys -14
look short cue-difficulty: out -125, passage -40, stem -49, option 24, wrapped -21, answer -38, feedback 45, facts -28, row -16, keys -35
look short cue-sample: out -28, passage -23, stem 17, more 30, option -53, wrapped -15, feedback -26
look short cue-sample short-sentence: answer 13
look short edge: out -24, passage -60, stem -123, more -23, wrapped 18, facts -105, keys 13, remark -15
look short field: out 17, passage -64, stem -107, more 29, option -37, answer -64, facts -53, row -25, keys -80
look short field-kind: out -14, passage -41, stem -30, answer -41, facts 33, keys -22
look short field-option: more 38, option -37
look short gap: out 59, stem -48, more 65, option -20, answer -61, facts -51
look short gap gap: stem -19, more 21
look short heading: out 99, passage -28, stem -33, option -13, answer -76, facts -48, keys -27
look short identity: out 54, option -15, answer -35, facts -29
look short let-lone: passage 38, stem -39, more 20, answer -56, feedback 29, facts 21, row -16, keys -40, remark -15
look short let0: out 60, passage 17, more -35, option -53, wrapped 14, answer -36, feedback -47, facts 20, row -51, keys -54
look short let0 let0: out 26, stem -28, option 48, row -13, keys -34
look short let1: out -46, passage -26, more 28, option -36, wrapped 36, answer -48, facts 28, row -33, remark -20
look short let1 let1: stem -40, option 42, row -20, remark -12
look short let1-first: out -40, stem -37, more 61, option -27, wrapped -30, answer 34, facts 32, row -39, keys -18
look short let1-first let1: out -37, stem -43, option 22, answer 35, row -39, keys -17
look short let2-first: stem -39, more 47
look short num-lone: passage -13, stem -76, more -16, option -16, answer -48, feedback 47, facts -26, keys 17
look short num0: passage -31, stem 67, more -35, option -76, wrapped 15, feedback 23, facts -86, row 26, keys -34
look short num0 let1-first: stem 29, more -23
look short num0 num0: out -49, stem 25, more -33, option -14, feedback -14, row 31, keys -19
look short num0 short: out -21, stem -29, option 44
look short num0-again: stem 26, more -30, option -23, wrapped -12, answer 25, feedback -29, facts -12, row -14, keys -33
look short num0-again num0-again: out -40, stem 38, option 14, row -13, keys -37
look short num1-first: out -63, stem 38, more 30, option -22, answer -29, feedback -16, facts -27, row -76
look short num1-first num1: stem -47, option 78, row -67
look short number: out -86, more 34, option 58, wrapped -13, answer -53, keys -12
look short pair: out -18, passage -73, more 20, option -35, answer -33, feedback 38, facts -59, row -42, keys -57
look short phrase: out -35, passage 35, stem -79, option 31, wrapped -51, answer -105, facts -39, row -38, keys 37
look short phrase phrase: passage 17, stem -37
look short phrase short: out -33, stem -58, more -51, option 87
look short rom0: out -24, passage 46, more 30, option 46, answer -82, feedback -23, facts -32
look short rule: out -31, passage -35, stem -39, more 67, option -45, answer -50, feedback -30, facts 46, lines 12, keys -13
look short rule rule: more -12, lines 14
look short section: out 29, passage -28, stem -77, option -19, answer -13, feedback -39, facts -60, keys -48
look short sentence: out -29, passage 54, stem -129, option -70, answer -43, facts -88, keys -74, remark -23
look short short: out -15, passage -73, stem -87, more -65, option 84, wrapped -61, answer -64, feedback -95, facts -26, row -21, keys 20, remark -20
look short short cue-answer: out 51, stem -37, more -60, option -15, wrapped -21, answer -164
look short short edge: out -21, stem -23, more -23, option 36, answer -99, feedback -38
look short short num0: out 21, stem -75, option -43, wrapped -72, answer 14, feedback -75
look short short phrase: out -16, option 41, answer -16
look short short short: out -51, option 55
look short short-sentence: out -19, passage -69, stem -52, more -23, option 28, wrapped -33, feedback 16, hint -38, facts -74, keys -49, remark -48
look short short_ asks: out -17
look short short_ cue-answer: option 47, answer -42
look short short_ num0: out 47, passage -60, option 69, wrapped -25, answer -107, feedback -68, remark -18
look short short_ section: option 47, wrapped -13, answer -47
look short short_ word0: out -63, more -27, answer 25, feedback -59
look short text: out 34, passage -55, stem 26, more -55, option -14, wrapped -34, answer -115, feedback -54, facts -64, row -19, keys -29
look short ticked: out 57, passage -19, stem -49, option -49, answer -30, facts -26, keys -14
look short word0: out 59, passage -38, stem -49, more -24, option -64, answer 31, feedback -61, facts -45, row -16, keys -19
look short+: out -20, more -17, wrapped 23, answer -46, hint -21, row -61, bank -19, lines -37, remark -34
look short-sentence: out -17, option -21, answer -25, facts -95, row -43, bank -66, lines -48, keys -33, remark 19
look short-sentence _asks: out 29, passage -29, stem -24, more -37, facts -12
look short-sentence _cells: out 18, passage 24, answer -27, facts -16, row -37, bank -17, keys -53
look short-sentence _cue-answer: answer 79, keys -60
look short-sentence _field: out -15, passage 12, stem -12, feedback -23, facts -30, row -13, keys -17
look short-sentence _field field: passage 17, stem -26, keys -17
look short-sentence _heading: out 58, passage -18, facts -13, keys -24
look short-sentence _heading_ num0: out 33, keys -17
look short-sentence _let-lone: out 47, option -27, answer -24, row -52, keys -27
look short-sentence _let0: out -12, stem -15, option 28
look short-sentence _num0: out -36, option -16, facts -23, row 16, keys -21
look short-sentence _num0 let1-first: out -25, stem 25
look short-sentence _num0_ num0: out -47, stem 49
look short-sentence _pair: out -38, passage 50, stem -72, keys -73
look short-sentence _phrase: out 19, passage 15, stem -50, option -16, answer -97, feedback -50, keys 19
look short-sentence _phrase_ short-sentence: out -29, passage 32
look short-sentence _section: out 59, stem -20, facts -43, keys -17
look short-sentence _sentence: passage -25, stem -81, answer -19, feedback 27, keys -52
look short-sentence _short: out -21, passage 40, stem 29, answer -71, feedback -20, facts -24, keys -67
look short-sentence _short-sentence: out -17, passage -56, stem 46, more -55, option -25, answer -32, feedback -75, facts -12, keys -67
look short-sentence _text: out -26, passage 47, stem -51, option -32, answer -55, feedback -26, row -17, keys 21
look short-sentence _text short: out -32, passage 42, stem -36
look short-sentence _text text: out -18, passage 22, stem -59
look short-sentence _word0: out -52, facts 55
look short-sentence bracketed: out -82, stem 49, more -14, option 39, answer -73, feedback 19, row -12, bank -18, keys -57
look short-sentence cue-answer: out -52, stem 29, more 19, option 23, answer -17, feedback -12, keys -36, remark -16
look short-sentence cue-answer_ asks: answer 37, keys -14
look short-sentence cue-answer_ word0: answer 19
look short-sentence cue-difficulty: out -48, stem -52, option -41, answer 29, feedback -14, facts 24, row -15, keys -40, remark -31
look short-sentence cue-points: out 24, passage -22, more 52, answer -49, feedback -22, facts 42, keys -22
look short-sentence cue-sample: out -45, stem -35, more 54, option -65, feedback -13, keys -23
look short-sentence cue-sample sentence: answer 13
look short-sentence edge: stem -88, more 25, option -74, hint -24, keys -29, remark -57
look short-sentence gap: out -40, passage -18, stem -65, more -36, option -22, answer 44, feedback -14, facts -14, row -29
look short-sentence heading: out 40, passage -17, stem -68, option -48, feedback -31, facts -43, keys -44, remark -13
look short-sentence let0: out 27, passage 45, stem -29, option -25, wrapped -26, answer 26, feedback -32, facts -19, keys 34, remark -22
look short-sentence let0 let0: option -23, keys 23
look short-sentence let1-first: stem -29, more 58, row -18
look short-sentence let1-first let1: stem -13, option 19, row -18
look short-sentence num0: out 40, passage 15, stem -17, more 27, option 14, wrapped -32, answer -127, feedback -45, hint -38, keys -38, remark -54
look short-sentence num0 num0: out -28, stem 29, more -38, keys -13
look short-sentence num0-again: out -115, more -41, option -50, feedback -38, row 50, keys 42
look short-sentence phrase: out -34, passage 27, stem -20, more -14, option -15, answer 30, feedback -39, keys -38
look short-sentence phrase_ short-sentence: out -48, passage 50
look short-sentence rule: passage -18, stem -49, option -28, answer -60, feedback 24, lines 28, keys 34, remark -36
look short-sentence section: out -16, passage -29, stem -48, option -53, answer -47, feedback 40, facts -51, keys -12, remark -14
look short-sentence sentence: passage -40, stem -86, more -20, option 62, answer -70, feedback -33, lines -16, keys -57, remark -19
look short-sentence short: out -47, passage -67, stem 24, option 31, wrapped -21, answer -12, feedback 30, facts -28, keys -35, remark -21
look short-sentence short-sentence: out 43, passage -79, stem -106, more -68, option 87, wrapped 26, answer -83, feedback -64, hint -56, row -29, keys -59, remark -81
look short-sentence text: out 17, passage -15, stem -69, more -23, option 31, wrapped -22, answer -58, feedback -28, keys -29, remark -16
look short-sentence text text: out -47, passage 51, stem -31
look short-sentence truth: out -23, stem 64, more -57, option -47, answer 47, feedback -12, remark -18
look short-sentence word0: out 28, passage 19, remark -21
look short-sentence+: passage -13, more -14, wrapped 15, feedback -29, hint -99, facts -33, row -55, bank -18, keys -37, remark 19
look short-sentence_ asks: out -20, passage -18, stem -31, feedback 18, hint -18
look short-sentence_ cells: out -22, stem -30, answer -41, feedback 38, hint -16, keys 25
look short-sentence_ cue-answer: out -66, stem 54, option -33, answer -48, feedback -50
look short-sentence_ cue-level: out -48, passage -17, stem -13, more 25, option 26, answer -57, feedback -17, hint -23, remark -13
look short-sentence_ field: out 33, passage -39, stem -49, answer -28, feedback -32, remark -12
look short-sentence_ field-number: out 49, passage -16, stem -46, more 28, answer -13, feedback -30
look short-sentence_ heading: out 22, stem -76, more 36, option -16, answer 21, feedback -25, keys -32, remark -15
look short-sentence_ identity: out 45, stem -52, feedback -14, keys -15, remark -18
look short-sentence_ let-lone: out 64, stem -41, more -25, option -37, answer -74, feedback 29, keys -23
look short-sentence_ let0: out 15, passage -17, stem -53, more 16, option -33, answer -55, feedback 15, hint -23, keys -21, remark -17
look short-sentence_ num0: out -41, option -32, answer -39, feedback 22, hint 18, facts -27, row -12, bank -14, keys -36
look short-sentence_ pair: out 54, passage -47, stem -31, feedback -32, keys -60
look short-sentence_ phrase: out 45, passage 13, stem -68, option -32, answer -42, feedback 19, hint -18, keys -44, remark -25
look short-sentence_ rom0: out -48, more 38, option -37, answer -33, feedback 56, hint -46
look short-sentence_ section: out -12, passage -22, more 27, option -56, answer 53, keys -60, remark -27
look short-sentence_ sentence: out 22, passage -52, stem -104, more -64, option -55, answer 26, feedback -31, hint -18, keys -58, remark -23
look short-sentence_ short: out 33, passage -28, stem -20, more 12, answer -37, keys -67
look short-sentence_ short-sentence: out -36, passage -48, stem 41, answer -34, feedback -59, facts -15, keys -49
look short-sentence_ text: out 65, passage -57, stem -116, more 15, answer -24, feedback 19, hint -21, keys -62, remark -24
look short-sentence_ word0: stem 62, option -15, answer -33, feedback -34, hint -19, keys -33, remark -21
look short-sentence_+: passage -23, stem -13, more 15, option -42, wrapped -20, answer -37, facts -59, row -27, bank -38, lines -27, keys -23
look short_ asks: out -32, passage -21, stem -70, more 15, option -26, wrapped -18, answer 49, feedback -34, facts -22
look short_ box: out 30, passage -39, more -17, option -44, answer -22, feedback -24, keys -44
look short_ bracketed: out 38, more 29, answer -34, feedback -16, keys -39
look short_ bullet: out 56, passage -46, stem -38, more 66, option -63, answer -47
look short_ capitals: out -35, more 56, option 25, wrapped -13, answer -22, feedback -41, keys -26
look short_ cells: out 41, stem -67, more -25, option -27, feedback -88, facts -20, keys -18
look short_ chatter: out 45, more -25, option -23, answer -27, keys -20
look short_ cue-answer: stem -48, wrapped -13, answer -68, feedback -26, facts -25, row -19
look short_ cue-level: out -37, passage -19, more -34, option 55, answer -13, feedback -53, facts -48
look short_ field: out 55, passage -28, stem -48, more -43, option -34, wrapped -39, answer -51, feedback -23, facts -18, row -15, keys -15
look short_ field-number: passage -17, stem -16, answer -47, feedback 31, facts -41
look short_ field-stem: out 29, stem -13, more 28, answer -60, facts -23
look short_ heading: out -14, stem -13, answer -37, feedback -46, facts -17, keys 37
look short_ identity: out 38, answer -20, facts -18
look short_ let-lone: out 26, passage -12, stem 28, option -65, feedback -16, facts -14, keys -30
look short_ let0: out -73, passage -31, stem -73, more 46, wrapped -35, answer -20, feedback -19, keys -13
look short_ let1: out -72, passage -15, more 41, option 28, wrapped -28, answer -12, feedback -44, hint -16, facts -31, remark -21
look short_ let1-first: out 21, stem -55, wrapped -16, answer -47, facts -15
look short_ num-lone: out 17, passage 51, more -57, option 50, answer -33, feedback -18, keys -20
look short_ num0: passage 15, stem -120, more -48, option -16, feedback -18, hint -13, facts -57, keys -30, remark 35
look short_ num0-again: out 74, stem -31, answer -78, keys -15
look short_ pair: out -18, stem -48, more -51, option -48, answer 42, feedback 20, facts -33, keys -17
look short_ phrase: out 28, passage -45, stem -60, option -53, wrapped -26, answer -35, feedback 29, facts -36, bank -13, keys -22
look short_ rom-lone: out 35, passage 23, stem -40, more -19, answer -43, feedback -33, facts -18, keys -32
look short_ rom0: out 45, passage 62, stem -46, option -15, answer -65, feedback 37
look short_ rule: out -17, stem -22, more 50, option 33, answer -52, feedback -33, keys -12
look short_ section: out -36, passage -14, stem 37, more 22, wrapped -20, answer -68, feedback 18, facts -22, keys -46
look short_ sentence: out -19, passage -58, stem -69, more 29, option -21, answer 37, feedback -35, facts -20, keys -15
look short_ short: out 22, stem -67, more 46, answer -92, feedback -49, facts -37, keys -20
look short_ short-sentence: stem -13, more 44, option -44, feedback -28, facts -19, keys -13
look short_ text: out -40, passage -53, stem -81, more -34, option 23, wrapped -28, answer 25, feedback 34, facts -57, keys -17
look short_ word-lone: out 38, passage -43, stem -18, answer -24, facts -14
look short_ word0: passage 20, stem 22, more -41, option -17, wrapped -16, feedback 19, facts -73, keys -26
look short_ word0-again: out -67, more 68, option 44, wrapped -21, answer -48, feedback -18
look short_+: out 16, stem -14, more 15, option -33, feedback -32, hint -31, facts -131, row -38, bank -35, lines -25, keys -60, remark 24
look table-down: out -97, stem -38, answer -39, feedback -29, facts -37, row -15, keys 110
look table-down table-down: out -85, keys 88
look table-down table-down table-down: out -45, keys 46
look table-down+: out -62, stem -36, answer -29, feedback -29, facts -36, row -15, keys 77
look table-pairs: passage -65, stem -119, more -63, option -75, answer -75, hint -44, facts -74, row 22, bank -53, lines -34, remark 16
look table-pairs _cue-answer: answer 21, keys -21
look table-pairs cue-answer: out -16, answer 28, keys -49
look table-pairs edge: out -61, feedback -29, row 24, keys 15
look table-pairs table-pairs: out -12, passage -32, stem -79, more -32, option -45, answer -56, feedback -94, hint -33, facts -50, row 22, bank -30, remark -33
look table-pairs table-pairs cue-answer: out -13, row 35, keys -15
look table-pairs table-pairs edge: out -59, feedback -29, row 24, keys 13
look table-pairs table-pairs table-pairs: out -41, answer -15, facts -18, row 15
look table-pairs table-pairs_ cue-answer: out -17, feedback -22, row 43, keys -48
look table-pairs+: out 22, passage -34, stem -81, more -39, option -44, answer -50, feedback -76, hint -24, facts -52, bank -33, lines -24, remark -25
look table-pairs_ cue-answer: out -17, feedback -22, row 43, keys -48
look table-pairs_ num0: out -46, passage -17, stem -15, answer -34, feedback 27, facts -32, row -12, keys -19, remark 17
look table-pairs_+: out -73, passage -21, stem -21, answer -36, feedback 25, facts -32, row 16, keys 17, remark 17
look table-ticks: passage -36, stem -76, more -35, option -73, answer -55, feedback -30, facts -61, row 16, bank -33, lines -18, keys -72
look table-ticks _num0: out -25, stem 27
look table-ticks cue-difficulty: out -18, facts 36, keys -13
look table-ticks rule: out -39, passage -23, stem -33, more -17, option -34, answer -21, row 51, bank -16, lines -25, keys -31
look table-ticks rule table-ticks: stem -12, lines -17
look table-ticks table-ticks: out 41, stem -51, more -21, option -29, answer -32, feedback -16, facts -42, row -28, bank -12, keys -38
look table-ticks table-ticks cue-difficulty: row 21
look table-ticks table-ticks table-ticks: out 40, facts -14, row -39
look table-ticks+: passage -24, stem -61, more -25, option -46, answer -34, feedback -19, facts -27, row 22, bank -23, keys -42
look table-ticks_+: out -40, answer -12, facts -17, row 46, keys -20
look table-wide: passage -40, stem -96, more -48, option -67, answer -82, feedback -78, row -82, bank -39, lines -28, keys 22, remark -44
look table-wide _num0: out -42, stem 42
look table-wide _num0 let1-first: out -42, stem 42
look table-wide+: stem -47, more -29, option -25, answer -54, feedback -54, row -38, bank -16, remark -26
look table-wide_ num0: out 43, passage -19, answer -24, facts -36, keys -27
look table-wide_+: passage -19, stem -41, option -13, answer -37
look text: passage 13, option -22, wrapped 18, hint -63, facts -104, row -67, bank -66, lines -54, keys -57, remark -55
look text _asks: out -25, stem 33
look text _box: out -23, option 42
look text _box box: out -23, option 42
look text _bullet: out -71, stem -44, option 57
look text _capitals: out 25
look text _cells: out 25, option -13, answer -12, keys -36
look text _heading: out 24, facts -15, keys -22
look text _let-lone: out 37, option -16, answer -31, row -13
look text _let0: out -24, stem 25, option 27, answer -15, keys -32
look text _let0 let0: stem -35, option 43
look text _let1-first: out -28, option 34
look text _let1-first let1: out -28, option 34
look text _num0: stem 12, option -32, answer -13, feedback -23, facts -15
look text _phrase: out -69, passage -62, stem 78, more -51, option -21, answer -59, feedback -16, bank -21
look text _short: out 48, stem -18, answer -56, keys -16
look text _short-sentence: out 46, passage -38, stem -25, more -12, answer -68, feedback -17, keys -14
look text _text: out -51, stem 63, more -32, option -49, answer -57, keys -37
look text _word0: out -32, facts 36
look text asks: out -27, stem -19, facts -35, keys -15
look text asks cue-answer: stem -30, more 31
look text asks let0: stem -46, more 47
look text asks let1-first: stem -25, more 27
look text box: out -40, stem -38, more -35, option 41, answer -27
look text bullet: out -88, stem -26, more -40, option 25, answer 21
look text bullet bullet: out -19, stem -15, option 30
look text cells: passage -85, stem -21, more 23, option -31, answer -92, feedback -30, facts -35, row -46, keys -47
look text chatter: out 53, passage -43, stem -50, answer -43, feedback -19, keys -21
look text cue-answer: out -74, option 26, answer -33, row -28, keys 19
look text cue-sample: stem -15, more 26, answer 16
look text edge: out 60, passage -56, option -62, answer -131, feedback -122, facts -13, keys -14
look text gap: out -56, passage 25, more 30, option -24, answer -55, feedback -18, facts -15, row -21
look text gap gap: stem -29, more 25
look text heading: out 63, stem -72, answer -53, feedback -13, facts -17, keys -49
look text let-lone: out -27, passage 34, stem -37, more 23, option 16, answer -35, row -14, keys -15
look text let0: out -32, stem 14, more 22, option -23, wrapped -14, answer -57, facts -16, row -34, keys -36
look text let0 let0: out -28, stem -37, option 33, answer -17, feedback 23, row -23
look text let1-first: out -48, stem 54, more -54, option 40, answer -39, feedback -26, row -59, keys -28
look text let1-first let1: out -18, stem -15, option 51, row -19
look text num-lone: out -42, passage -34, stem -65, more 53, option -24, answer 47, feedback -30, facts -21, row -23, keys -32
look text num0: out 39, passage -17, stem -54, more 36, answer -30, facts -31, keys 12
look text num0 num0: out -12
look text phrase: out 27, passage -76, stem -33, option -18, wrapped -27, feedback -116, facts -12, row -73, keys -60
look text phrase let0: stem -74, more 76
look text rule: out 25, passage -23, stem -41, answer -51, feedback -20
look text sentence: stem -60, more -21, answer 31, feedback -46, keys 19
look text sentence short-sentence: out -27, passage 30
look text sentence_ num0: out 13, passage -35, stem -21, answer 44, feedback -41, keys -55
look text short: out -57, passage -14, stem -37, more -21, option 25, answer 13, feedback 49, facts -56, row -14, keys -77
look text short cue-answer: out -41, stem -38, more 71, option -39, answer -42
look text short cue-sample: passage -13, stem -40, more 39, option -32, wrapped -12, answer -38
look text short edge: more -14, option -41, feedback 19, keys -56
look text short let0: out -63, passage 23, stem -64, option -43, wrapped -17, answer -22
look text short num0: out 23, passage -26, stem -80, more -19, option -22, wrapped -27, answer -75, feedback 40
look text short short: out -34, stem -37, more 32, option 18, answer -45, feedback -27, keys -12
look text short-sentence: out -32, passage -26, stem -60, option 19, wrapped 39, answer 28, feedback -109, hint -30, facts -37, row -20, keys 22, remark -24
look text short-sentence text: out -42, passage 63, stem -15
look text short-sentence_ num0: passage 65, stem -36, more -19, option -17, answer -38, feedback -50, hint -16, keys -12
look text short-sentence_ text: out -57, passage 61
look text short_ let0: out -54, more 24, option -24, answer 40, feedback -44
look text short_ num0: stem -19, more -57, option -23, wrapped -22, feedback 13
look text short_ word0: out -62, passage 26, stem -31, more -17, answer 20
look text text: out -35, passage 27, stem -16, more 20, option 17, answer -40, feedback -86, facts -29, row -32, bank -15
look text text edge: out 47, passage -22, stem -51, more -14, option -40, answer -47, keys 23
look text text phrase: out -86, passage -30, stem 30, more -30, wrapped -32, feedback -20, keys -18
look text text sentence: stem -44, more 35, answer -18, keys 18
look text text short: out 30, passage -37, stem -15, option 13, wrapped -24, answer 16, feedback -31
look text text short-sentence: out -43, passage 105, stem -73
look text text text: out -59, passage 29, option 58, wrapped -22, answer -76, feedback -34, row -15, keys -25
look text+: passage 24, more -14, answer 17, hint -25, facts -60, row -39, bank -41, lines -19, keys -31, remark -25
look text_ asks: out -33, stem 35, more -43, option -49, answer 12, feedback -44
look text_ box: out -26, stem 30
look text_ bullet: out -60, stem 35, answer -13, bank -15
look text_ capitals: out 30, stem -30, answer -14
look text_ cells: out 48, passage -44, stem -50, option -48, feedback 43, keys -43
look text_ heading: stem 29, more -24, option -35, answer -34, feedback -23, keys -25
look text_ let-lone: out 59, passage -22, stem -65, option -30, answer -48, feedback -32, keys -31
look text_ let0: more -31, option -21, answer -47, feedback 51, keys 25
look text_ let1-first: out -22, stem 30
look text_ num0: passage -44, stem -131, more 22, option 28, wrapped 31, answer -64, feedback -56, hint -15
look text_ phrase: out -50, stem 52
look text_ section: more 33, option -18, answer -31
look text_ short: out 23, passage -31, stem -71, more -31, answer -20, keys 30
look text_ short-sentence: out 17, stem -60, more -20, option -46, answer 33, feedback -18, keys -30
look text_ text: out -61, stem 70, option -43, answer -48, keys -26
look text_ word0: out -30, passage -38, stem -19, more -14, option -19, answer 53, feedback -41
look text_+: out 14, passage -145, stem 14, more -27, option 21, wrapped 24, answer -62, feedback -51, hint -22, facts -58, row -55, bank -29, lines -26, keys -40, remark -14
look ticked: passage -37, stem -80, more -67, option 28, feedback -77, facts -86, row -49, bank -34, keys -60, remark -24
look ticked _word0: out -69, facts 71
look ticked box: out -17, stem -35, more -34, option 24, answer -26, facts -36, row -29, keys -24, remark -21
look ticked box box: out 16, stem -13
look ticked box ticked: out -30, option 28
look ticked box_ num0: out -14, option 30
look ticked box_ word0: out -18, option 21, answer -20
look ticked ticked: option 77, answer -76
look ticked+: passage -15, stem -48, more -36, option 19, answer 22, feedback -13, facts -23, row -18, keys -34
look ticked_ word0: out -44, option -14, answer 23, facts -12, keys -17
look ticked_+: passage -12, stem -17, more -18, option 15, feedback -33, facts -36, row -17, bank -16, keys -26
look truth: passage -17, stem -51, feedback -80, facts -57, row -44, bank -36, lines -37, keys -92
look truth _num0: out -55, stem 56
look truth _word0: out -38, stem 20, answer -27, facts 33
look truth cue-feedback: out -39, more 35, option -41, answer -32, feedback 68, facts -27, keys -36
look truth edge: out -48, more -41, option -18, answer 51, feedback -13, keys -28
look truth num0: out -60, more -55, option -37, answer 61
look truth+: out -23, stem -27, option 23, feedback -21, facts -26, row -24, bank -18, lines -16, keys -53
look truth_ num0: out 20, option -18, answer -19, feedback -13
look truth_ word0: out -54, option -18, answer 29
look truth_+: out -14, option -89, answer 15, feedback -31, facts -22, row -14, keys -25
look word-lone: out -16, passage -46, stem 25, more -68, option 15, answer -81, feedback -62, hint -26, row -49, bank -31, keys -13, remark -39
look word-lone _num0: out -18, stem 20
look word-lone _short: out -57, stem -43, more -17, answer 41, facts 37, keys -27
look word-lone asks: out -60, more 25, facts 39
look word-lone bullet: out -12, stem -36, more -21, option 41, answer -36, feedback -14, remark -24
look word-lone bullet bullet: out 19, stem -32, option 26
look word-lone cells: out -95, more 30, answer -13, facts 50, keys -12
look word-lone cue-answer: out -51, stem 57, answer 38, keys -37
look word-lone cue-answer cue-difficulty: answer 33, keys -32
look word-lone cue-answer edge: answer 28, keys -27
look word-lone cue-difficulty: out -74, stem 48, option -14, facts -27, keys -23
look word-lone cue-points: stem 47, answer -41, facts 42
look word-lone cue-points cue-difficulty: answer -40, facts 51
look word-lone edge: out 21, stem -54, option -38, answer -27, feedback -16, facts -55
look word-lone field-option: out -17, stem 41, option -38
look word-lone let-lone: out -36, stem 16, more -16, answer -36, facts 52, row -39, keys -15
look word-lone let0: out -88, stem 53, option -15, facts 60
look word-lone let0 let0: option 23
look word-lone let0_ let0: stem 29, option -16
look word-lone let1-first: out -48, stem -17, facts 74
look word-lone phrase: out -30, more 52, option -27, answer -18, facts 14
look word-lone rule: stem 38, more -29, answer -15, facts -20, lines -15
look word-lone short: out -40, stem 61, option -97, feedback -73, facts -68, keys -39
look word-lone text: out -38, stem -56, more 29, answer -21, facts 54
look word-lone+: out -21, stem 17, more -28, answer -54, feedback -23, row -25, bank -15, remark -23
look word-lone_ num0: out 72, stem -52, option -14, answer -31, hint -12, facts -22
look word-lone_ short: out -23, stem -41, facts 39
look word-lone_+: out 16, passage -31, stem 14, more -26, option -44, answer -43, feedback -38, hint -13, keys -33, remark -15
look word0: passage -36, more -106, option 27, wrapped -26, answer -18, feedback -36, hint -41, facts 19, row -61, bank -35, lines -19, keys -74, remark -29
look word0 _cue-answer: more -12, answer -38, facts -14, bank -42, keys 54
look word0 _cue-answer_ word0: answer -41, bank -22, keys 48
look word0 _heading: stem -15, more -23, answer -19, facts 16
look word0 _let1-first: out -36, stem -22, option 55, row -22
look word0 _let1-first let1: out -36, stem -22, option 55, row -22
look word0 _num1-first: out -22, option 26, row -20
look word0 _num1-first num1: stem -35, option 45, row -20
look word0 _pair: out -15, passage -17, answer -15, keys -47
look word0 _phrase: out 62, passage -29, stem -66, more -37, option 14, answer -63, feedback -14, row -20, keys -28
look word0 _rule: out -16, lines 32
look word0 _short: out -69, stem -35, more -34, option 19, answer 14, facts 32
look word0 _text: stem -47, more 39, answer -19, keys 44
look word0 _word0: out -96, stem 70, more -14, option -49, facts -42
look word0 _word0 box: out -28, stem 31
look word0 _word0_ word0: out -53, stem 31
look word0 asks: out -82, more -72, option -20, answer 22, facts 17, keys -19
look word0 asks box: stem 14
look word0 asks bullet: stem -26, more 27
look word0 asks let1-first: out -19, stem 52, more -41
look word0 asks_ word0: out -30, stem 31, more -13
look word0 box: out -32, stem 60, more -18, option -21, answer -13
look word0 box box: option 43, answer -13
look word0 bracketed: out 25, stem 15, option -30, answer -23, facts -16, bank -52, keys -13
look word0 bullet: out -115, stem -38, option -29, answer 47, row -40, remark -33
look word0 bullet bullet: out -87, stem -106, more -75, answer 48, row -40, remark -33
look word0 cells: out 26, more 47, option -32, answer -75, facts -27, row -72, keys -45
look word0 cells cue-answer: out -30, stem -14, more 20, row -17
look word0 cells let1-first: more 13
look word0 cells_ word0: out -69, stem 34, option -25, answer -19, facts -16, row -52, keys -18
look word0 colon: out -26, stem 20, more -18, answer -23, facts 39
look word0 cue-answer: out -30, stem 41, more -23, option 49, answer -49, feedback -14, facts -53, bank -48, keys 14
look word0 cue-answer cue-feedback: option -27, answer 35
look word0 cue-answer edge: option -63, answer -19, keys 22
look word0 cue-answer word0: answer 22
look word0 cue-answer_ word0: option -58, answer 132, bank -45, keys -98
look word0 cue-feedback: out -40, stem 26, more 20, option -17, answer -20, feedback 32
look word0 cue-sample: out -23, stem 23, feedback -12, facts -14, keys -13
look word0 edge: out -58, stem 59
look word0 field: out -92, passage -37, stem 15, option -15, answer -68, feedback -34, facts 23
look word0 field cue-answer: out -15, stem 15
look word0 field let1-first: out -22, stem 31
look word0 field short: stem 24
look word0 gap: out -63, stem 16, more -14, answer -38, facts 36, row -22
look word0 gap cue-answer: more 15
look word0 gap_ word0: out -41, stem 25, more -16, answer -23, facts -13, row -19
look word0 let-lone: out -50, stem 17, more 22, answer -18, row -17
look word0 let0: out -33, option 32, answer -13, facts 28, row -24
look word0 let0 let0: out -16, stem -25, option 32, row -15
look word0 let1-first: stem 43, more 16, answer -135, facts -24, row -93, keys -37, remark -15
look word0 let1-first cue-answer: stem 27, option -24
look word0 let1-first let1: out -91, stem 34, more -26, option 13, answer -93, row -86, keys -23
look word0 let1-first_ let1: stem 23, option -22
look word0 num-lone: out -63, stem -35, more 13, option 40, answer -73, facts -29, row -14, keys -84
look word0 num0: out 49, stem -31, more -29, option -29, answer -15, facts -26, row 18
look word0 num0 num0: out -72, stem 56, more -41, option -14, row 48
look word0 num1-first: out 17, facts -19
look word0 num1-first num1: out -64, stem -22
look word0 pair: out -41, stem -15, more -41, row 23, keys -16
look word0 phrase: out -43, passage -16, option -14, feedback -61, facts 33, row -57, bank -15, keys -25
look word0 phrase box: out -46, stem 41, option -45
look word0 phrase bullet: out -21, stem 41, more 19, option -38
look word0 phrase cue-answer: out -24, stem 34, more 21, option -21, answer -17
look word0 phrase let1-first: out -69, stem 46, more -26, option -40
look word0 phrase_ bullet: out -14, more 39, option -12
look word0 phrase_ word0: more -34, option -44, answer 30, feedback -46, facts -13, row -18, bank -13
look word0 rule: out -48, stem 52, more 20, lines -19
look word0 sentence: passage -46, stem 14, more -33, option -20, answer 24, feedback -97, facts -33, keys -44
look word0 sentence_ word0: out -67, passage -36, stem 86, answer -23, feedback -50
look word0 short: out -117, passage -38, stem 40, more -21, option -46, wrapped -15, feedback -69, facts 55, row -30, keys -23
look word0 short bullet: out -27, stem -38, option 30, wrapped -26, answer -50
look word0 short cue-answer: more 65, option -41, answer -50
look word0 short let1-first: out -36, stem -16, more -16, option -26, facts 30
look word0 short short: stem -56, more -24, option 53, answer -41
look word0 short word0: out -48, stem -17, more 39, option -44, feedback -49, facts -16
look word0 short-sentence: out -116, stem 21, option -13, answer -114, feedback -77, hint -29, facts 27, keys -32, remark -55
look word0 short-sentence cue-answer: stem 30, option -14
look word0 short-sentence cue-sample: stem 22
look word0 short_ word0: out -44, passage -38, stem 30, more -34, option -62, answer 39, feedback -44, facts -20
look word0 text: out -21, passage -19, option -54, answer -28, feedback -44, facts 35
look word0 text asks: stem 17, facts -12
look word0 text let1-first: out -20, more 21
look word0 text phrase: out -22, passage -16, stem -25, more 25
look word0 text short: out -21, stem 59, more -36, option -12, answer -20, feedback -32
look word0 truth: out -88, option 39, answer -24
look word0 word0: out -99, more -57, option 61, answer -49, feedback -39, facts -46, row -15
look word0 word0 word0: out -31, stem -25, option 35, answer -29, facts -21
look word0+: out -24, passage -18, stem 14, more -60, feedback -21, facts 20, row -29, bank -20, keys -41, remark -23
look word0-again: out -87, stem -29, more -34, option -28, wrapped -50, answer -108, feedback -26, hint -21, facts 47, row -19, bank -26, lines -16, keys -45
look word0-again asks: out -48, stem 18, option -37, wrapped -18, answer -53, facts 44, keys -47
look word0-again cells: out -52, stem 19, more 23, facts -14, row -28
look word0-again cue-answer: option 16, answer 24, keys -30
look word0-again edge: stem -16, facts -22, keys 25
look word0-again let1-first: stem 26, option 49, answer -42, row -23
look word0-again sentence: out -61, stem 65, answer -15, feedback -52
look word0-again word0-again: option 55, feedback -12, facts -85, keys 67
look word0-again word0-again edge: stem -16, facts -22, keys 25
look word0-again word0-again word0-again: stem -13, option 31, facts -47, keys 36
look word0-again+: out -58, more -22, option -16, wrapped -30, answer -70, hint -14, facts 25, bank -13, keys -27
look word0_ cue-answer: out -75, stem 78, more -14, option -24, hint -12
look word0_ heading: out -44, answer -13, facts 25
look word0_ let1-first: out -66, stem 23
look word0_ num1-first: out 55, stem -45, facts -13
look word0_ pair: out -43, answer -17, facts 25, keys -13
look word0_ phrase: out -48, stem 13, answer -17, facts 47
look word0_ rule: out -43, stem 34, facts -18
look word0_ short: out -40, option -12, answer -26, facts 30
look word0_ text: answer -24, facts -24
look word0_ word0: out -35, stem 55, facts -53
look word0_+: out 25, passage -21, stem 19, more -28, option -47, answer -142, feedback -33, hint -22, facts -29, row -21, keys -43
look word1: out -39, stem 21, answer -21, facts 40
look word1+: out -31, stem 18, answer -16, facts 37
look word1-first: out -29, stem 45
look word1-first+: out -29, stem 24, facts 27
main speaker: out -30, passage 43, stem 51, more -151, option -27, wrapped -59, hint -36, facts 15, row 36, lines 33, keys 15, remark -52
num again: out -16, passage -35, option -18, wrapped -19, answer -69, feedback -24, hint -34, facts -48, bank -35, lines -34, remark -33
num again asks few: out -38, passage -35, more -104, wrapped -19, answer -65, feedback -82, hint -34, facts -48, bank -35, lines -33, remark -33
num again asks some: out 15, stem 15, more 31, option -79, answer -19, feedback 25, keys -57
num again fits few: stem -31, option -49, row -35, keys 85
num again fits most: out -38, passage -33, stem -24, more -72, option 30, wrapped -19, answer -58, feedback -54, hint -33, facts -41, row -24, bank -33, lines -33, keys -20, remark -33
num again fits none: out 23, stem 38, more -36, feedback -17, facts -21, keys -56
num again fits some: out -40, stem -16, more 30, answer -34, keys -30
num asking few: out -14, stem 27, more -64, option -78, wrapped -13, answer -65, feedback -30, hint -24, lines -16, keys -73, remark -16
num asking most: out 20, passage -24, option -91, wrapped -24, answer -92, feedback -57, facts -45, row -56, bank -15, lines -34, keys -104, remark -32
num asking none: out -51, passage -76, stem -48, more -54, wrapped -59, answer -44, feedback -13, hint -48, bank -64, lines -45, keys 26, remark -85
num asking some: out -19, passage -41, stem 26, more -28, wrapped -32, feedback -15, hint -35, facts -59, row -27, bank -43, lines -37, keys -81, remark -47
num bare: out -41, passage -42, stem 56, more -68, option -86, answer 26, feedback 41, row -89, bank -32
num under 0: passage -22, stem -13, more -13, option -33, answer -56, feedback -22, facts -16, row -41, keys 50
num under 1: out -25, stem -17, option -42, answer 15, feedback -29, row -37, keys 56
num-lone end asks: passage -15, more 20, answer -52, feedback -22, row -14, keys -91
num-lone end bracket: out -27, stem -22, more 79, option -25, answer 30, feedback -41, facts -26, row -26, keys -54
num-lone end colon: out -42, stem 43
num-lone end gap: out 43, more -87, option -23, answer -46, feedback -46, facts -17, lines -28, keys -22
num-lone end none: out -28, more -17, wrapped -17, feedback -52, bank -32, keys 32
num-lone end stop: out 28, passage -51, more -38, option -97, answer -24, hint -20, facts -45, row -22, keys -37, remark -24
num-lone run: out -93, stem -73, more -106, option 33, answer -115, feedback -24, facts 29, row -45, bank -18, keys 21
num-lone words 1: passage -29, stem -26, more 25, option -65, wrapped -17, answer -16, feedback -70, facts -56, row 34, lines -17, keys 12
num-lone words 15: passage -20, stem -18, option 49, answer -104, feedback -70, facts -69, row -61, keys 12
num-lone words 3: out 32, passage -14, stem 18, more -50, option -48, feedback -18, facts -86, row -74, lines -20, keys -41
num-lone words 7: passage -12, stem 20, more -36, feedback 19, facts 15, row -63, bank -36, keys -18, remark -15
num-lone words many: out -79, stem 23, answer -41, feedback -23, keys 61
num0 end asks: out 26, passage -15, more -99, option -97, wrapped -21, answer -29, feedback -21, hint -19, facts -23, row -33, bank -18, lines -18, keys -46, remark -28
num0 end bracket: out -43, stem 26, more 18, wrapped -17, answer 19, feedback -22, facts -43, row -52, keys -41
num0 end colon: out -60, stem 71, more -42, option -45, keys -15
num0 end comma: out -16, stem 17, keys 21
num0 end gap: out -51, passage -15, stem -14, more 45, option -54, answer -21, row -26, lines -16, keys -13
num0 end none: out -63, passage -41, stem 14, more -118, wrapped -19, answer -118, feedback -23, facts -15, row 12, bank -27, keys -27, remark -13
num0 end stop: out 21, passage -19, more -87, option -13, answer -101, feedback -25, hint -40, facts -44, row -87, bank -14, lines -15, remark -31
num0 of 1: out 18, passage -16, stem 21, more -52, option -32, hint -13, facts -54, row -67, bank -32, lines -31, keys -23, remark -17
num0 of 2: passage -38, more 26, answer -135, feedback 19, hint -28, facts -61, row 32, bank -32, lines -16, keys -33, remark -13
num0 of 4: passage -37, option 21, wrapped -22, answer -148, feedback -87, facts -35, bank -18, lines -15, keys -61, remark -34
num0 of 8: out -58, passage -52, more -22, option -38, wrapped -45, answer -28, feedback -72, hint -53, row 31, bank -54, lines -54, keys -39, remark -57
num0 of many: out -28, more -94, option -21, answer -86, feedback -64, hint -17, facts -50, row -43, keys 63, remark -17
num0 run: out -55, stem 52, option -57, answer -13, feedback -19, keys 12
num0 words 1: out 14, passage -17, stem -47, more 27, option 36, answer 12, feedback -34, facts -88, row -78, lines -13, keys 60
num0 words 15: out -19, passage -20, stem 37, more -142, option -38, wrapped -16, answer -45, feedback -57, hint -18, facts -49, row -34, bank -22, lines -18, keys -19, remark -26
num0 words 3: stem -24, more 22, wrapped -21, answer -109, feedback -65, facts 27, row -32, lines -19, keys 21
num0 words 7: passage -36, more -163, wrapped -21, answer -77, hint -33, facts -108, row 19, bank -29, lines -23, keys -87, remark -35
num0 words many: passage -22, stem 13, more -47, option -33, answer -21, feedback -34, facts -38, row -19
num0-again end asks: option -26
num0-again end bracket: out -40, more -49, feedback -30, row -45, keys 16
num0-again end none: out -50, passage -33, more -79, wrapped -19, answer -46, hint -33, facts -42, bank -33, lines -33, remark -33
num0-again end stop: out 26, stem -25, more -21, answer -33, feedback -54, facts -39, row -41
num0-again run: out -34, stem -28, option 41, row -18, keys 33
num0-again words 1: out -31, passage -30, stem -107, wrapped -15, answer -45, feedback -53, hint -30, facts -35, row -72, bank -29, lines -29, keys 20, remark -28
num0-again words 15: stem 24, more -33, option -52, feedback -40
num0-again words 3: stem -51, more -22, answer -22, feedback -22, facts -28, row -25
num0-again words 7: out 14, stem 16, more -58, option -37, feedback 18, facts -13, row 28, keys -34
num0-again words many: out -63, stem 47, option 22, keys -14
num1 end asks: out -88, stem 56, row -16
num1 end bracket: out 32, stem -70, option 57, answer -17, feedback -34, row -35
num1 end gap: stem 12
num1 end none: out -13, passage -15, more -27, option -15, feedback 16, facts -39, row 27, bank -19, remark -33
num1 end stop: out -98, passage -16, stem 86, more -21, option -41, wrapped -16, answer -92, feedback -68, hint -17, row -57, bank -17, keys -59, remark -51
num1 of 1: out -33, passage -22, more 43, option -36, wrapped -18, answer -39, feedback -70, hint -14, facts 18, row 19, bank -19
num1 of 2: out 28, more -22, answer -94, feedback -52, facts 17, row -27, keys -19
num1 of 4: out -82, passage -40, more -59, option 59, answer -169, hint -16, facts -40, bank -36, keys -63, remark -48
num1 of 8: passage -13, stem 35, more -18, option -100, answer 29, feedback -47, row -25, lines -16, keys 22, remark -46
num1 run: out -75, stem 17, more -25, option 15, wrapped -12, answer -43, feedback -14, row -33, bank -18, keys -37, remark -17
num1 words 1: out -40, stem -110, option 14, answer -53, feedback -35, facts -26, row -80, keys 27, remark -33
num1 words 15: more -34, wrapped -17, answer -65, hint -13, facts -12, bank -27, remark -38
num1 words 3: out 35, answer 26, feedback -72, facts -15, keys -16
num1 words 7: out -55, stem 23, more -18, option -23, answer -89, feedback -59, keys -69, remark -26
num1 words many: out -44, passage -14, stem 37, more -18, option -39, answer -23, feedback -12, row -20, bank -15
num1-first end asks: out -70, stem 73
num1-first end bracket: out -38, stem 35, option 22
num1-first end none: passage -16, stem -17, more -36, answer -37, feedback -16, facts -30, row 20, bank -16, keys -13, remark -20
num1-first end stop: out -13, stem 39, more -22, answer -15, feedback -14, row -45, keys -55, remark -21
num1-first run: out 26, stem -24, row -12, keys -45
num1-first words 1: out 20, stem -65, more -20, option 62, answer -24, feedback -15, facts -23, row -71, keys -45, remark -20
num1-first words 15: stem -24, more -15, option -22, row 27
num1-first words 3: out -70, stem 35, answer -18, facts -12, row -40, keys 20
num1-first words 7: out -80, passage -19, stem 13, more -14, option -23, row 15, keys -45, remark -14
num1-first words many: out -33, stem 18, option -15
num2 end none: stem -35, option 24, answer -30, row 12, keys -13
num2 of 4: out -26, more -36, answer -37, feedback -16, row 51, keys -17
num2 words 1: option 36, answer -17, row -12
num2 words 7: stem -28, option -20, row 30, keys -12
num2-first end none: out -17, stem -46, more -26, answer -20
num2-first words 1: option 27, row -16
num2-first words 7: out -12, more -27
number end none: out -19, passage -36, stem -36, option -18, answer 18, feedback -49, facts -62, row -32, bank -31, lines -22, remark -20
number words 1: out -15, passage -35, stem -26, option -42, answer 20, feedback -47, facts -61, row -19, bank -31, lines -21, remark -20
number words 3: out -27, more -56, option 96, answer -17, row -18, keys -26
other dress: out 12, passage -34, stem -74, option -21, wrapped -12, answer 63, feedback 43, hint -35, facts 17, row 36, remark -16
other speaker: out 186, passage -61, stem -109, more -73, option -77, wrapped -30, answer -110, feedback -119, hint -20, facts -83, row -47, bank -50, keys -59, remark -24
pair end bracket: passage -18, more 31, answer -24, feedback -62, facts -47, row -55, keys -37
pair end comma: out 63, passage -20, stem -60, more -16, option -33, answer -35, feedback -45, row -23, keys -39
pair end none: out -40, passage 34, stem 36, option -24, answer -92, feedback -29, hint -25, facts -42, bank -27, lines -19, keys -12
pair end stop: out 43, passage -63, stem -92, more -50, answer -26, feedback 37, hint -14, facts -23, row -22, keys 39, remark -23
pair words 15: out 34, passage -66, stem 32, more -83, option -36, answer -59, facts -24, row -51, remark -12
pair words 3: out -60, passage -41, stem -57, more 47, answer -22, feedback -46, facts -51, row 18
pair words 7: out -25, passage 40, stem -32, option -23, answer -80, feedback -21, hint -25, facts -41, row 24, bank -27, keys -42, remark -21
pair words many: out 27, passage -49, more -37, answer -15, row -19, keys 22
phrase end bracket: out 13, passage -92, stem 18, more 18, option -95, wrapped -74, answer -72, hint -14, facts -67, row -45, bank -41, lines -20, keys -136
phrase end comma: out -47, passage 28, stem -19, more 33, option -26, answer -16, feedback -19
phrase end gap: more 32, option -13
phrase end none: passage -24, stem -34, more -32, option 13, wrapped 22, feedback -41, hint -25, facts -53, row -20, bank -49, lines -23, keys -14, remark -24
phrase words 15: out -88, passage -27, stem 35, option 23, answer -42, feedback -65, facts -14, row -24, keys 35
phrase words 7: wrapped 13, hint -41, facts -72, row -27, bank -73, lines -42, keys -46, remark -29
quote begins: out -84, more -52, option -68, wrapped -49, answer -168, feedback 73, hint -63, facts 18, row -44, bank -16, keys -16, remark 48
quote ends: out 37, passage -73, stem -94, more -44, option -31, answer -20, feedback 31, row -107, bank -45, lines -38, keys -109, remark -26
quoted: out -125, passage -63, more -36, option -25, wrapped -59, answer 40, feedback 19, hint -89, facts 44, lines -22, remark 32
rom-lone end bracket: out 93, stem -31, more -17, answer -15, feedback -14, keys -59
rom-lone end none: out 12, passage -13, stem -33, more -17, option -24, answer -32, facts -56, row -31, keys 34
rom-lone end stop: out -16, passage -26, stem 33, more -25, option -34, answer -48, feedback -20, facts -20, keys -39, remark -14
rom-lone run: out -26, stem -25, keys 48
rom-lone words 1: out 42, passage -28, stem -100, option -13, answer -42, feedback -14, facts -39, row -23
rom-lone words 15: out -20, stem 23, more -37
rom-lone words 3: out 111, stem -48, more -12, option -31, answer -36, facts -41, keys -21
rom-lone words 7: stem 15, more -14, answer -17, feedback -27, facts -22, row -24, keys -53
rom-lone words many: out -34, keys 31
rom0 end asks: out -17, stem 35, more -21, remark -18
rom0 end bracket: out 39, stem -51, more -46, option -34, answer -19, feedback -19, row -24, keys 18
rom0 end colon: stem 14
rom0 end gap: stem 22, more -18
rom0 end none: out -17, stem 65, more -85, option -97, answer -42, facts -37, row -35, bank -13
rom0 end stop: out -41, passage -13, stem -34, more 17, option 23, answer -31, facts -25, keys -44
rom0 run: out -17, stem 21, option -14
rom0 words 1: out 33, passage -23, stem -33, option -34, answer -35, facts -32, keys 46
rom0 words 15: out -17, passage -28, more 19, option -34, answer -35, facts -36, row -20, bank -20, keys 23, remark -27
rom0 words 3: stem -23, more -37, option 22, answer -31, facts -18, row -30, keys -15
rom0 words 7: out 15, option -27, answer -22, feedback -15, row -21, keys -35
rom0 words many: out -63, stem 85, more -42
rom0-again end none: out -17, stem 23, option -28
rom0-again end stop: stem -31, keys 33
rom0-again words 1: stem -34, option -25, keys 44
rom0-again words 15: stem 26
rom0-again words 7: stem -20, keys 23
rom0-again words many: stem 12, keys -12
rom1 end none: out -38, stem 28, more -26, option -44, answer -30, row 31, keys 22
rom1 end stop: out 17, stem -36, more 23, option 36, answer -18, feedback -14, facts -27, row -21, remark -19
rom1 words 15: stem 20, more 13, option -13
rom1 words 3: out -22, more -23, option 56, answer -21, row -67, keys -13, remark -15
rom1 words 7: out -38, stem 28, option -46, answer -12, row 43
rom1-first end none: out -60, stem 19, more -40, option -23, answer -26, row 15, keys 16
rom1-first end stop: stem -43, option 24, row -14, keys -13
rom1-first words 15: out -28, more 39
rom1-first words 3: out -26, stem -36, more -23, option 33, answer -22, row -46
rule end gap: out -47, passage -16, stem -18, option -29, answer -39, facts -19, bank -13, lines 43
rule end none: out 40, passage -27, stem -50, more -130, option -46, feedback -46, facts -82, bank -17, lines -87, keys -76, remark -15
rule words 1: out 20, passage -34, stem -41, more 12, option -47, wrapped -16, answer -118, feedback -52, hint -14, facts -87, bank -25, lines 21, keys -66, remark -20
rule words 15: out 72, stem -41, row -65
run: out -24, passage -57, more -65, option 54, wrapped -23, answer -15, feedback -48, hint -19, row -94, lines -19, keys -17, remark -29
run before: passage -52, stem 47, more -171, option -106, wrapped -66, answer 35, feedback 33, hint -74, row -72, lines -15, keys 17, remark -57
run behind: out -24, passage 18, stem 70, more 34, option -25, wrapped -23, feedback -31, facts -68, row -33, bank -52, lines -14, keys -24, remark -23
run from the first: out -97, passage -56, stem 16, more -65, option 42, wrapped -14, answer -15, feedback -36, hint -17, row -84, lines -19, remark -18
run from the start: out -24, passage -44, stem -141, more -49, option 103, wrapped -15, answer -43, feedback -59, facts 21, row -84, bank -51, lines -17, remark -27
run of 2: passage -13, stem -26, more -49, option 26, wrapped -14, answer 26, feedback -41, facts -58, row -65, bank -29, keys 16, remark -23
run of 3: passage -14, stem 32, more -52, answer -44, feedback -17, facts -27, row -50
run of 4: out -115, passage -43, more -36, option 57, answer -52, feedback -38, facts 21, row -62, bank -38, lines -16, keys -51, remark -16
run of 5: stem -34, more -36, option 48, answer 27, facts -28, keys -25
second: more -25, option -26, answer -70, hint -19, facts -30, row -16, bank -56, lines -18, keys -30, remark -45
section end bracket: out 116, stem -161, more -30, answer -21, feedback -18, facts -56, row -14, bank -26, keys -61, remark -18
section end none: out 20, passage -29, stem -39, option -28, answer -64, feedback -28
section end stop: out -28, passage -13, stem 31, answer -14, feedback -15, keys 34
section words 15: out 40, passage -17, stem -80, answer -18, feedback -16, facts -14, keys 26, remark -12
section words 3: out 37, passage -29, stem -31, option -28, answer -60, feedback -17, keys -67
section words 7: stem 19, more -67, answer -35, feedback -27, facts -50, bank -23, keys 38, remark -12
sentence end stop: stem -14, option -20, wrapped -19, answer -33, feedback -18, hint -64, facts -66, row -39, bank -44, lines -45, remark -21
sentence words 15: passage -23, more -21, option -14, wrapped -19, hint -50, facts -52, row -30, bank -35, lines -33, keys -22, remark -15
sentence words many: out 12, stem -70, option -76, answer -85, feedback -18, hint -19, facts -36, row -19, lines -18, keys 19, remark -12
series answer: out 42, passage 22, stem 45, option -48, feedback -35, row -43, keys -30
series facts: out -49, passage -32, stem -51, option -81, wrapped -32, facts 56, row 16, bank -20, lines -13
series keys: out -54, passage -43, stem -17, more -24, wrapped -25, hint -34, facts -27, row -145, bank -36, lines -33, remark -34
series more: passage -14, stem -24, answer -62, feedback -40, facts -22, row 26, bank -13, lines -29, keys -39, remark -13
series option: out -19, passage -54, stem -65, more -98, option 36, wrapped -115, answer -51, feedback -107, hint -50, facts -77, row 15, bank -48, lines -49, keys -51, remark -59
series out: stem -51, more 14, option 48, answer -22, feedback -43, hint -13, facts 30, bank -33, lines -15, keys -66, remark -21
series row: out -47, stem -49, more -36, answer -46, feedback -35, facts -30, keys 61
series stem: out -37, passage -70, stem 116, more -69, option -63, wrapped -69, answer -91, feedback -38, hint -52, facts -96, row -94, bank -64, lines -46, keys -96, remark -120
short asks capital: out 12, passage 26, stem -25, more -55, answer -26, feedback -83, bank -68, lines 18, keys 15, remark -32
short asks label: out -37, passage -15, stem -40, option -12, answer 68, feedback -32, row -77, keys -77, remark -34
short asks small: out 18, passage -15, stem -22, more -86, answer 23, feedback -65, facts 41, row -98, lines -13, keys -82
short bracket capital: out -21, passage -41, stem -35, more -97, option 12, feedback 13, hint -39, lines 28, keys -58, remark -35
short bracket label: stem 20, more -88, option 13, answer -37, feedback -70, row -15, bank -14, keys 12, remark -30
short bracket small: out 29, passage -20, more -46, wrapped -13, answer -63, feedback 46, facts -47, row -24, bank -17, remark -16
short colon capital: out 60, passage -40, stem -60, option -34, feedback -33, facts -14, row -22, lines -13
short colon label: out -89, stem -23, more -29, option 15, answer -36, feedback -29, facts -19, keys -27, remark 17
short colon small: out -55, passage -14, stem -46, more 14, answer -72, feedback -36, facts -17, row 14, bank -13, keys 26
short comma capital: out 42, passage -21, answer -13
short comma small: out 27, passage 13, stem -34, option -28, answer -35, keys -27, remark -13
short deeper capital: out -36, passage -67, stem 58, more -52, option 26, answer -25, hint -27, facts -29, row -28, bank -70, keys -63, remark 30
short deeper label: out -93, passage -21, stem -23, more -58, option -31, wrapped -43, answer 24, feedback -74, facts -66, row 64, lines -21, keys 54, remark 17
short deeper small: passage -21, stem 18, more -34, option -54, wrapped 13, answer -57, feedback 13, hint -15, facts 29, row 55, bank -23, lines -29, remark -18
short end bracket: out -39, passage -22, more 36, wrapped -40, answer -23, feedback 24, facts -58, keys -29
short end comma: out 45, passage -48, stem -30, more -20, option -37, answer -40, feedback -19, facts -27, keys -15
short end gap: out -58, stem 39, option -34, answer -41
short end none: out 28, passage 17, stem -80, more -34, wrapped 14, answer 25, feedback -70, facts -17, row -60, bank -34, lines -35, keys -46, remark -20
short end stop: out -73, stem 43, wrapped 17, answer -52, feedback 29, hint -38, facts -115, lines -20, remark 13
short gap capital: out -56, stem -47, more 30, wrapped -13, answer 12, feedback -57, hint -18, row -31, bank 18, keys 22, remark -17
short gap label: out -20, passage -14, stem -29, more 13, option 55, answer -42, feedback -16, row -33, lines -21, keys -24, remark -16
short gap small: passage -26, stem 26, more -83, wrapped -17, feedback -33, facts -30, row -39, bank -13, lines -12, keys -49, remark -14
short none capital: out -20, passage 26, more -80, wrapped -119, answer -28, feedback 28, bank -49, lines -68, keys -23
short none label: out -39, passage -53, stem -15, more -42, option -17, wrapped -91, answer -16, feedback 18, hint -47, facts -53, bank -39, lines -34, remark -106
short none small: out -64, passage -92, option -35, wrapped -60, answer -32, feedback -14, hint -49, facts -36, bank -42, lines -42, keys 18, remark -56
short out capital: out 25, stem -70, more -79, option -27, wrapped -58, feedback 32, hint -81, facts -25, row -20, lines 17, keys -42, remark 24
short out label: out -32, passage -14, stem -15, more -75, option 27, wrapped -25, answer 13, feedback -57, hint -32, facts 27, bank -15, lines -13, keys 17, remark -34
short out small: passage -12, stem 19, more -28, option -65, wrapped -48, answer 61, feedback -13, bank -25, keys 20, remark -22
short same capital: out -19, passage 21, stem -27, more -76, wrapped -118, answer -16, hint 14, bank -63, keys 17, remark -50
short same label: out -29, passage -78, stem -33, more -16, wrapped -67, hint -51, facts -53, row -41, bank -55, lines -48, keys -24, remark -29
short same small: out -33, passage -60, stem -17, more -73, wrapped -120, hint -50, facts -45, row -21, bank -47, lines -45, keys -14, remark -72
short stop capital: stem -27, more -13, option 16, wrapped -27, answer 37, feedback -55, facts -31, row -35, bank -56, lines 35, remark -78
short stop label: out -47, passage -59, stem -44, more 12, wrapped -19, answer -31, feedback -37, hint -45, row -46, bank -34, lines -49, keys -25, remark 35
short stop small: out 53, passage -37, stem 23, more -64, option -35, wrapped -30, answer -14, feedback -90, facts 34, row 12, bank -25, lines -16, remark -66
short words 1: out -44, passage 29, more 28, option -27, wrapped 27, feedback 14, facts -145, row -22, bank -21, lines -17, keys -47, remark -13
short words 3: out 25, passage -20, more -32, answer -55, hint -40, row -59, bank -34, lines -42
short-sentence end stop: passage -25, answer -17, facts -62, row -34, bank -51, lines -36, keys -22, remark 13
short-sentence words 15: out 63, more -38, option -75, wrapped -30, answer -42, hint -76, facts -37, row -14, keys -24, remark -99
short-sentence words 7: out -32, passage -27, wrapped 20, feedback -12, facts -37, row -53, bank -43, lines -31, keys -15, remark 38
slanted: stem -112, more -56, option -54, wrapped -22, answer -75, feedback 13, hint -43, row -45, bank -15, lines -33, keys -32, remark -53
speaker changes: out 36, passage 23, more -85, option -78, wrapped -32, answer -64, feedback -152, hint -22, row -79, lines -14, keys 15, remark -27
table-down end none: out -62, stem -36, answer -32, feedback -29, facts -36, row -15, keys 78
table-down words 15: out -22, keys 28
table-down words 7: out -48, stem -35, answer -24, feedback -29, facts -35, row -15, keys 82
table-pairs end none: out -12, passage -45, stem -93, more -42, option -53, answer -58, feedback 16, hint -29, facts -59, bank -42, lines -27, remark 16
table-pairs words 15: passage -30, stem -46, more -17, option -24, answer -37, facts -30, row 76, keys -89, remark 22
table-pairs words 7: stem -57, more -29, option -35, answer -41, feedback -79, hint -25, facts -44, row -13, bank -27, lines -18, keys 38, remark -24
table-pairs words many: out -52, passage -16, stem -21, answer -23, feedback 32, facts -22, row -43, keys 51, remark -69
table-ticks end none: passage -29, stem -63, more -25, option -48, answer -37, feedback -22, facts -38, row 31, bank -25, keys -51
table-ticks words 15: out -100, passage -23, stem -50, more -23, option -31, answer -26, feedback -16, facts -29, row 110, bank -16, keys -30
table-ticks words 7: out -127, stem -21, option -23, answer -19, facts -15, row 117, keys -34
table-ticks words many: out -80, row 84
table-wide end none: passage -25, stem -64, more -29, option -36, answer -59, feedback -49, row -46, bank -24, lines -15, keys 12, remark -27
table-wide words 15: out -43, passage -19, stem -62, option -27, answer -53, feedback -36, facts 25, row -45, bank -16, keys 18, remark -27
table-wide words many: out 70, stem -17, more -28, answer -40, feedback -34, facts -42, keys -53
text end bracket: out -63, passage -62, stem 58, more 29, option -122, wrapped -20, answer -18, feedback -90, hint -19, facts -18, row -13, bank -14, keys -66, remark -15
text end comma: passage -27, more -42, option 19, wrapped -18, answer 14
text end none: out 31, passage 27, stem -31, more -28, option -12, wrapped 13, hint -26, facts -102, row -47, bank -41, lines -30, keys -31, remark -22
text words 15: passage 17, wrapped 14, answer -13, hint -40, facts -70, row -43, bank -44, lines -31, keys -37, remark -34
text words many: more -35, feedback -84, facts -22, row -26, bank -12
ticked end none: out -14, passage -23, stem -51, more -46, option 16, answer 21, feedback -42, facts -53, row -30, bank -19, keys -40
ticked words 1: out -87, more -29, option 34, answer 38, facts -22, row -17, keys -25
ticked words 3: out -64, stem -13, more -23, option 27, facts -25
ticked words 7: out 61, passage -19, stem -31, more -21, option -13, answer -66, feedback -28, facts -21, bank -17, keys -32
truth end none: out -25, passage -13, stem -31, answer 15, feedback -48, facts -39, row -28, bank -27, lines -19, keys -69
truth words 1: out -19, passage -13, stem -30, feedback -48, facts -35, row -28, bank -27, lines -16, keys -64
was answer: passage -35, stem -75, more -28, wrapped -23, feedback -14, hint -70, facts -43, lines -83, keys -34, remark -77
was answer answer answer: out -45, more -14, option -22, wrapped -29, feedback 25, facts -54, row -14, lines -27, keys 42
was answer answer edge: out -44, stem -26, more -13, option -17
was answer answer facts: passage -23, stem -43, more -20, option -38, answer 52, feedback -107, facts 39, row -33, keys -73
was answer answer out: out 27, passage -30, stem -69, more -32, option -38, wrapped 29, feedback -86, facts -16, bank -21, lines -13, keys -40
was answer answer stem: out 14, passage -66, stem -42, more -48, option -69, wrapped -25, answer 46, feedback -92, hint -14, facts -71, row -16, keys -41, remark -22
was answer facts edge: out -96, answer 25, keys -126
was answer facts facts: out -27, stem -49, answer 37, feedback -75, hint -12, facts -26, row -14
was answer facts feedback: out -34, option -32, answer -33, feedback -32, facts 35, keys -37
was answer facts out: out 21, answer -57, keys -18
was answer facts stem: out -82, stem 15, option -16, feedback -28, facts 25
was answer feedback edge: out 33, stem -29, answer -90, keys -31, remark -29
was answer feedback facts: out -67, passage -27, stem -37, option -31, answer -15, feedback 45, facts 14, keys -56, remark -42
was answer feedback feedback: stem -44, option -43, feedback -23, facts 45, keys -68, remark -33
was answer feedback out: passage -23, stem -48, option -38, hint -33, facts -30, keys -91, remark -40
was answer feedback stem: out -26, passage -74, stem -24, option 40, wrapped -14, feedback 25, hint -69, facts -60, keys -87, remark -72
was answer option option: out -13, stem -20, option 43
was answer out edge: passage -26, option -29, answer -184, feedback 35, facts -94, row -45, remark -30
was answer out facts: out 54, passage -68, stem -101, option -21, answer -54, feedback -94, row -23, keys -48
was answer out keys: stem -20, answer -17, feedback -12, facts -14, row -13, keys 38
was answer out out: out 16, passage -30, stem -24, option 54, feedback -41, facts -20, row -62, keys -45, remark -22
was answer out stem: out 53, passage -17, more 29, option -31, wrapped -13, answer -94, feedback -28, hint -54, facts -53, bank -26, keys -100, remark -45
was answer stem answer: out -48, stem 75, more -16, option -92, answer -93, feedback -31, hint -17, facts -63, keys -26, remark -35
was answer stem edge: out -104, stem 110, answer -22
was answer stem facts: facts -26
was answer stem feedback: out -24, stem 26, answer -32, feedback -13, hint 15, facts -16, keys -44
was answer stem lines: out -20, stem 39, option -16, feedback -38, remark -18
was answer stem more: out -43, passage -28, stem 12, more -55, option -49, answer -86, feedback 43, facts -13, row -19, keys -47
was answer stem option: out -110, more -30, option -23, answer -30, feedback -43, hint -24, row -29, keys 22, remark 25
was answer stem out: out -111, stem 118, answer -14, feedback -23, keys -14
was answer stem row: out -47, stem 52, feedback -33, remark -19
was answer stem stem: out 59, passage -52, stem -16, more -21, option -40, wrapped -18, answer -76, feedback -17, hint -12, facts -47, row -34, bank -17, keys -41
was bank: out -31, passage -13, stem -32, option -30, answer -49, feedback -32, facts -17, row -39, bank 30, lines -12, keys -34
was bank answer stem: answer 44
was before answer: out -42, passage -86, stem -15, more -37, option -39, hint -20, row -69, bank -91, lines -66, keys -58
was before bank: out 14, option -27, answer 21, row -14, bank -14, keys -37
was before edge: out 19, passage -86, bank -47, keys -79
was before facts: out -33, passage -67, stem 76, more -163, option -92, wrapped -16, answer -70, hint -89, row -80, bank -76
was before feedback: out -15, passage -110, stem 15, more -36, option -26, wrapped -24, facts -17, row -78, bank -61, lines -58, keys 15, remark -60
was before keys: out -38, passage -54, stem -57, option 24, wrapped -27, answer -43, feedback -66, hint -43, facts -27, bank -44, lines -34, remark -54
was before lines: out 14, passage -22, more -62, option -41, feedback -20, hint -14, facts 14, row -32, bank -16, lines 17
was before more: out -40, passage 21, stem -29, wrapped -18, feedback 12, hint -64, facts -29, row -26, remark -77
was before option: out -51, passage -148, stem -16, more -47, wrapped -19, feedback -43, hint -14, facts -23, bank -99, lines -77, keys -50, remark -31
was before out: passage 24, stem -14, more 38, option -31, wrapped -45, answer -53, hint -64, row -34, bank -100, lines -51, remark -36
was before passage: out -18, passage 53, more -16, option -74, answer -17, feedback -77, hint -29, facts -15, row -41, bank -41, lines -23, keys -71, remark -38
was before row: out -47, passage 39, more -83, wrapped 14, feedback -75, hint -46, facts -40, bank -56, lines -31, keys -30, remark -42
was before stem: out -32, passage -67, stem -47, wrapped -46, feedback -17, hint -69, facts -19, row -35, lines -16, keys -22, remark -34
was before wrapped: out 18, passage -38, stem -72, more -28, option 60, wrapped -52, answer 50, feedback -56, row -59, bank -14, keys -41, remark -41
was behind answer: out -52, stem 45, more 27, wrapped -24, answer -40, feedback -36, facts -56, keys -69, remark -82
was behind bank: out -63, passage -37, stem 35, more 33, option -30, answer -51, feedback -24, row -22, lines -22, keys -32
was behind edge: out 19, passage -48, stem -12, more -34, option -30, wrapped -25, hint -40, facts -38, row -36, bank -21, lines -46, remark -19
was behind facts: out -15, more -74, option -22, wrapped -62, feedback 13, hint -76, bank -23, lines -31, keys -16, remark -32
was behind feedback: passage 21, stem -72, more -26, option 17, wrapped -30, answer 20, feedback -82, facts 21, row -72, bank -51, lines -19, keys -51, remark -44
was behind keys: out -20, passage -77, stem 12, more -25, wrapped -50, answer -53, feedback -67, hint -51, facts -38, bank -24, lines -45, keys -14, remark -56
was behind lines: out -65, stem 51, more 13, option -24, wrapped -14, answer -50, feedback -57, hint -15, facts -15, row -21, lines 70, remark -36
was behind more: out -13, passage 58, stem -76, more 16, feedback 24, hint -18, facts -26, row -44, bank -69, lines -63, keys 22, remark -47
was behind option: out -17, stem 17, more -18, option -21, wrapped -14, answer -64, feedback -148, hint -62, facts -83, bank -75, lines -70
was behind out: passage -52, stem -23, more -25, wrapped -47, feedback 13, hint -107, bank -16, keys -19, remark -44
was behind passage: out 14, passage 25, more -33, option -26, wrapped -41, answer 14, feedback -57, hint -45, facts -60, row -56, bank -37, lines -36, keys -92, remark -63
was behind row: out -55, passage 17, more -23, wrapped -37, answer -115, feedback -97, hint -48, facts -62, bank -62, lines -48, keys 14, remark -29
was behind stem: passage -35, stem -60, more -34, option -25, feedback 14, hint -13, facts 25, row -14, bank -20, lines -23, keys -63, remark -26
was behind wrapped: stem 31, option -16, answer -50, row -18, remark -18
was edge facts stem: out -68, stem 15, facts 24
was edge out facts: out -19, passage -36, stem -91, facts 40, bank -19
was edge out out: out 58, passage -43, stem -57, facts -22, bank -30, keys -52
was edge out passage: out 71, passage -44, stem -69
was edge out stem: out 51, passage -61, facts -140, bank -42, keys -43
was edge stem answer: out -74, stem 75
was edge stem more: stem 19, facts -47, keys -22
was edge stem option: out -19, stem 28, facts -54, keys -14
was edge stem stem: out 26, stem -26
was facts: out -48, passage -66, stem -13, more -84, option -82, wrapped -49, feedback -116, hint -52, facts 36, row -64, bank -61, lines -28, remark -35
was facts answer stem: out 81, stem -37, option -28, answer -82, feedback -52, bank -12, keys -64, remark -20
was facts facts edge: out -57, stem -23, answer -45, facts 13
was facts facts facts: stem -40, answer -36, facts -46, keys 55
was facts facts feedback: stem -31, facts -20, keys 26
was facts facts out: out -25, facts 30, keys -30
was facts facts stem: stem -54, option -35, answer -48, feedback -20, row -20, keys -12
was facts feedback facts: out -63, stem -21, feedback 77, facts -61, keys -79, remark -24
was facts feedback feedback: out 38, passage -16, stem -17, option -17, answer -42, facts -51, row -12, keys -47, remark -29
was facts feedback out: out 29, stem -66, feedback -23, facts -76, keys 35, remark -74
was facts feedback stem: out -19, feedback 52, remark -18
was facts keys keys: out -13, stem -36, keys 31
was facts out edge: out -27, stem -56, answer 48, feedback -66, facts 35, keys -74, remark -22
was facts out facts: out 36, passage -64, option -60, answer -69, feedback -37, facts -55, row -18, keys -85, remark -45
was facts out keys: out 46, stem -27, more -21, keys -15
was facts out out: out 29, passage -26, stem -46, more -21, option -21, answer -75, feedback -36, facts 24, row -16, keys -45, remark -30
was facts out stem: out -95, passage -48, stem -96, more -26, option -49, answer 25, hint -38, row -47, bank -14, lines -17, keys -70, remark 55
was facts stem answer: out -51, stem 53, more -94, option -52, answer -25, feedback -26, row -38, lines 14, keys -27
was facts stem edge: out -83, stem 57, answer -36, feedback -42, keys -15
was facts stem facts: out -17, passage -92, stem 30, more -51, option -86, answer 26, feedback -105, hint -20, facts -77, row -51, keys -19, remark -18
was facts stem keys: out -45, stem 56, more -25, keys -16
was facts stem lines: stem 35, more -15, remark -18
was facts stem more: out -69, passage -14, stem 33, option -45, answer -48, feedback -44, row -43, keys -24, remark -15
was facts stem option: stem 64, more -103, option -73, wrapped -13, answer -34, feedback -33, facts 14, row -34, keys -12, remark -26
was facts stem out: passage -13, stem 33, more -33, option -25, answer -84, feedback -91, facts -13, row -73, bank -14, keys -80, remark -27
was facts stem row: out 24, more -56, feedback -24, row -35, keys -38, remark -47
was facts stem stem: out -17, passage -18, more -25, answer -26, feedback -32, facts 30, row -19, keys -35
was feedback: stem -77, more -63, option -14, wrapped -48, answer -35, hint 15, facts -44, row -34, bank -84, lines -31, remark -31
was feedback facts facts: out -50, answer -74, facts 64
was feedback facts out: out 22, answer -42, facts -18, row -16, keys -20
was feedback facts stem: out -67, stem -65, answer 62, feedback -20, facts -21
was feedback feedback facts: out -57, passage -20, stem -31, option 26, answer -46, hint -19
was feedback feedback out: out -14, passage -13, stem -39, more -12, option -22, answer -47, feedback 25, keys -39, remark -12
was feedback feedback stem: out 26, passage -30, stem -38, more -40, option -70, answer -25, feedback -46, hint 15, facts 23, remark -21
was feedback out edge: out -29, stem -48, answer -73, feedback 25, keys 17
was feedback out facts: out 63, passage -43, stem -41, answer -51, facts -47, row -14, bank -13
was feedback out out: out 28, passage -20, option -22, answer -67, feedback -71, facts -47, row -30, bank -13, lines -18, keys -26, remark -20
was feedback out stem: passage -68, option -38, hint -25, facts -73, row -17, bank -20, keys -49
was feedback stem answer: out 25, stem -23, more -12, option -28
was feedback stem more: out -65, passage -22, stem -24, more -15, option -27, answer -37, feedback -25, facts 46, lines -13, keys -24
was feedback stem option: out -33, stem 39, option -46, keys -36, remark -16
was feedback stem out: out -68, stem 64, keys -39
was feedback stem stem: out -57, stem 24, option -15, feedback 20
was keys: out -61, passage -63, more -18, option 18, wrapped -38, answer -13, feedback -21, hint -46, facts -18, row -14, bank -62, lines -53, keys -25, remark -52
was keys keys answer: out -17, stem -21, option 39, answer -35, feedback -23, row 43, keys -68
was keys keys edge: out 16, passage -21, stem 26, more 17, option -52, answer -86, feedback -125, facts -23, row -14, bank -13, remark -18
was keys keys keys: out -70, passage -40, stem -51, wrapped -20, answer -81, feedback -54, hint -34, facts -53, bank -30, lines -29, keys 26, remark -35
was keys keys out: out -46, more -52, option 32, answer 26, feedback 22, facts -38, row -30, bank -42, keys -21
was keys keys stem: out -99, stem 21, option 35, answer -25, feedback -13, row -28, keys -35
was keys out edge: out 40, stem -55, more -24, answer -51, feedback -68, remark -28
was keys out facts: out 60, passage -17, stem -27, option -16, keys -47
was keys out keys: out 27, answer -46, row -14, keys -23
was keys out out: out 22, passage -28, stem -30, more -45, option 33, answer -90, feedback -112, facts -52, row -30, bank -27
was keys out stem: out -47, stem -65, more -27, option -60, answer -61, feedback -46, facts 44, row -17
was keys stem more: out 49, stem -56, option -25, row -25
was lines: out -45, passage -15, stem -15, option -16, answer -24, facts -17, lines 28
was lines answer answer: out -15, answer 49, keys -15
was lines answer edge: out -23, answer 30, keys -26
was lines answer stem: out -38, option -14, answer 63
was lines keys keys: stem -15, answer -42, lines -21
was lines lines answer: lines 13
was lines lines facts: out -25, lines 30
was lines lines out: lines 12
was lines lines stem: out -21, lines 32
was lines out stem: out 56, stem -34, answer -38, facts -20, keys -15
was lines stem more: stem 15
was lines stem option: out -39, stem 42
was lines stem stem: out -23, stem 38
was more: passage 30, stem -18, more 13, option -28, answer -18, hint -49, row -47, lines -12, keys -37, remark -94
was more answer answer: out 29, stem -38, more -55, row -36, bank -24, keys -44
was more answer edge: out -71, more -13, option -41, answer 73, feedback -44, keys -45
was more answer facts: out -63, option -18, answer 41, facts -15, bank -37, keys -58
was more answer feedback: out -12, option -15, answer 16, keys -13
was more answer out: passage -17, stem 31, option -60, feedback -45, facts -26, row -23, bank -34, keys -24
was more answer stem: out 47, passage -14, more 22, option -49, answer -35, feedback -48, facts -24, row -25, bank -58
was more bank answer: out -13, more -14, answer -19, bank 15
was more bank stem: more -14, bank 30
was more facts facts: option -15, answer -51, facts 72, keys -18
was more facts out: out -48, answer -40, facts 105
was more facts stem: out -41, stem -32, answer -23, facts 29, keys -14
was more feedback stem: out -60, stem -13, more -15, option -30, answer -53, feedback 37, row -14, bank -13
was more keys keys: out -79, stem -36, answer -53, keys 85
was more lines answer: more -19, lines 27
was more lines lines: out -15, more -36, lines 38
was more more answer: out -32, answer -60, feedback -29, row -19, bank 26, lines -13
was more more bank: stem -59, more 68, lines -21
was more more facts: out -43, passage 15, stem -58, more 14, answer -38, feedback -16
was more more lines: more 16
was more more more: out 12, passage 25, stem -58, more 26, answer -35, feedback -37, facts -31, row -28, lines -22, keys -45
was more more option: passage 27, option -55, wrapped -23, answer -43, feedback -25, facts -56, lines -22
was more more out: out -41, passage -17, stem -46, option 47, wrapped -49, answer -71, feedback -46
was more more stem: out -119, passage -60, stem -50, option -45, answer 27, feedback -34, facts -20, row -13, bank -14
was more option answer: out -29, stem -29, option 38
was more option option: out -50, passage 34, more -106, option 13, answer -76, feedback -34, facts -28, keys -34, remark -29
was more option out: out -16, stem -14
was more option stem: out 55, passage -29, stem -23, more -18, option -21, answer -65, feedback -37, facts -15, row -31, keys -39
was more out edge: out -45, stem 49, more -22, option -20, answer -44, feedback -31, bank -17, keys -58
was more out facts: out -39, passage -31, stem -41, more -16, option 19, answer 20, facts -29, bank -13, lines -16, keys -22
was more out keys: stem 20, more -47, option -52, answer -39, facts -15, row -22, bank -38, lines -17, keys -36
was more out out: out -31, passage -21, stem -121, more -80, answer -22, feedback 18, facts -34, row -75, bank -79, keys 34
was more out stem: out 36, passage -21, stem -92, more -49, option -66, answer -16, feedback 26, facts -33, row -30, bank -33, lines -28, keys -66
was more row row: out -71, stem -53, more -31, row 37, keys -27
was more stem answer: out -23, stem 56, more -14, option -21, keys -15
was more stem keys: out -60, stem 88, more -52, option -33
was more stem more: passage -16, stem -25, more -12, answer 37, feedback -17, facts -17, row -36, bank -18, keys -23
was more stem option: out -117, stem 36, more -79, answer -18, feedback -17
was more stem out: out -33, stem 33, more -14, option -27, answer -13, feedback -16
was more stem stem: out 15, passage -28, more -49, option -84, answer 26, feedback -67, hint -22, facts -27, row -36, bank -25, keys -53, remark -30
was option: out -22, passage -31, stem -13, more -35, option -13, wrapped -67, feedback -45, hint -38, facts -85, bank -64, lines -65, keys -26, remark -15
was option answer answer: out -63, stem -36, option 13, answer -31, feedback -56, facts 52, row 18, bank -27, keys -81
was option answer edge: out -23, stem -86, option 15, wrapped -23, answer -13, bank -17
was option answer facts: out -23, passage -22, stem -68, option 36, wrapped -31, answer 34, facts -93, row -20, keys -81
was option answer feedback: stem -41, option -123, wrapped -20, answer 47, feedback -83, facts -36, keys -92
was option answer out: out 20, stem -81, option -13, wrapped -34, answer 40, feedback -60, facts -27, row -13, bank -24, keys -98
was option answer stem: passage -28, stem -55, more -42, option -36, hint -16, facts -109, row 28, bank -56, keys 15
was option facts edge: out -51, option -20, answer -22, facts 44, keys -28
was option facts facts: option -24, answer -21, facts 55
was option facts feedback: out -15, stem -27, option -28, answer 52, facts -45, keys -28
was option facts keys: out -43, option -27, answer -17, facts 50, keys -49
was option facts out: out -44, stem 22, option -29, answer -88, facts 16, keys -54
was option facts stem: stem -32, option -54, wrapped -38, answer -54, feedback -13, hint -20, facts 37, row -21, lines -41, keys -49
was option feedback facts: out -18, passage -18, stem -24, option -49, answer -36, facts -38, keys -30, remark 13
was option feedback feedback: stem -17, option -32, answer -16, facts -51, keys 28, remark -25
was option feedback out: out 30, passage -23, stem -19, option -45, answer -31, facts -23, keys -29, remark -52
was option feedback stem: out 22, passage -69, stem -37, option -16, wrapped -25, answer 26, feedback -35, hint 21, facts -47, row -18, bank -29, keys -33
was option keys edge: out -29, stem -46, answer -80, keys 58
was option keys keys: out -22, stem -52, more -17, option -95, answer 22, keys -16
was option keys out: out -15, answer 51, keys -46
was option keys stem: out 42, stem -71, option -58, answer -32, feedback -14, facts -21, keys -21
was option option answer: stem -68, option 20, wrapped -37, feedback -60, hint 16, facts -37, keys -56, remark -47
was option option edge: out -56, stem 56, option 23, wrapped -17, answer -34, feedback -51, row -31, keys -13
was option option facts: out -98, passage -15, stem 22, answer -34, feedback -76, facts -44, row 16, keys -86, remark -35
was option option feedback: out -59, stem -31, option 102, answer -97, row -29, keys -34
was option option keys: stem 41, option -27, wrapped -14, answer -85, keys -73
was option option option: passage -88, stem -15, more -23, option -15, wrapped -32, answer -40, feedback -84, hint -32, facts -59, bank -30, lines -29, remark -13
was option option out: out -26, passage -28, stem -16, more -41, option -16, wrapped -39, answer -35, feedback -71, hint -28, facts -26, row 25, keys 26
was option option stem: out -30, passage -64, stem -25, more -47, option 33, wrapped -21, answer -17, feedback 12, hint -46, facts -57, row -57, bank -19, lines -20, keys -59, remark -15
was option option wrapped: stem 32, option -16, remark -18
was option out edge: out -15, passage -19, stem 23, more -42, wrapped -14, feedback -105, facts -45, bank -15, lines -12, keys -104, remark -27
was option out facts: out 31, passage -46, stem -66, option -36, feedback -13, facts -69, keys -68
was option out keys: passage -20, stem -36, answer 18, feedback -33, hint -16, facts -36, row -32, lines -13, keys -12, remark -21
was option out out: passage -58, stem 43, more -21, wrapped -24, answer -20, feedback -32, facts -88, row -20, bank -14, lines -27, keys -42, remark -46
was option out stem: out -21, passage -75, stem 23, more -47, wrapped -32, feedback -34, hint 15, facts -24, row -55, bank -33, keys -75, remark -70
was option stem answer: out -15, stem 28, more -17, option -112, answer -62, hint -17, facts -13, row -13
was option stem edge: option -35, wrapped -14, answer -25, keys -47
was option stem facts: passage -17, stem -55, option -13, answer -83, feedback 36, facts 34, row -44, keys -53
was option stem keys: out -56, option -40, answer -13, row 18, keys -45
was option stem lines: stem 19, option -18
was option stem more: passage -19, stem -17, more -34, wrapped -35, answer 31, feedback -67, row -59, keys -16, remark -25
was option stem option: out 25, option -32, wrapped -39, answer -56, feedback -26, hint -24, facts -26, row -30, bank -19, lines -12, keys -45, remark -39
was option stem out: out -20, stem 26, option -56, feedback -21, facts -53, row -45, keys -50
was option stem row: out -51, option -13, answer -16, feedback -19, hint -20, row -18, keys 26, remark -19
was option stem stem: passage -48, stem -26, more -14, wrapped -38, answer -57, feedback -94, hint -27, facts -64, row -37, keys 28, remark -42
was option wrapped answer: option -18, wrapped 60, answer -45
was option wrapped option: out -14, more -56, option -47, wrapped 51, answer -37
was option wrapped stem: more 35, option -20, answer -29
was out: out -17, passage -36, option -17, wrapped -86, hint -34, row -23, lines -23, keys -32
was out answer out: out -18, option -29
was out answer stem: out -24, passage 19, more -38, option -40, answer 22, keys -16
was out facts facts: out -65, stem -42, answer -20, facts 30, keys -17
was out facts out: out 48, stem -19, answer -32, facts -48
was out facts stem: out 16, passage -28, stem -53, option -29, answer -90, facts 39, row -27, keys -36
was out keys edge: out -30, stem -54, answer 30, feedback -21, keys -19
was out keys keys: out -33, stem 58, more -21, option -27, answer -30, facts -27, row 48, keys -22
was out keys out: out -62, stem 31
was out option option: passage -12, stem -73, more 29, option -43, answer -40, feedback -34, facts -13, row -30, keys 17
was out out answer: out -77, passage 22, stem 62, more 27, option -26, answer 18, feedback -32, row -29, keys -29
was out out edge: out 27, passage -140, stem -26, more -142, answer -72, feedback -30, facts -102, row -99, bank -23, remark 18
was out out facts: passage -16, stem -44, more -17, option -61, answer -91, feedback -74, facts 21, row 16, bank -13, keys -89, remark -30
was out out keys: out -39, passage -26, stem 52, more -13, answer -39, keys -66
was out out option: out -74, passage -43, stem 50, more 42, answer -58, facts -31, row -37, keys -31
was out out out: out 19, passage -31, stem -17, option 42, answer -70, feedback -25, facts -28, row -39, bank -58, lines -25, keys -14
was out out passage: out 46, passage -33, stem -131, more -46, option -30, feedback -16, facts -31, row -19, keys -31, remark -18
was out out row: out -49, stem 23, option -27, answer -15, facts -37, row 30, keys -23
was out out stem: out -26, passage 13, stem -73, more -19, wrapped -21, hint -49, facts -31, row -100, bank -55, lines -16, keys 21, remark -40
was out passage facts: out -52, passage 53, stem -42
was out passage passage: out -33, passage 34, stem -20, more -19, option -13, answer -18, feedback -15, facts -13, row -19, keys -39
was out passage stem: out -16, passage -23, stem -67, answer -44, feedback 49, keys -18
was out row row: out -67, passage -18, option 28, row -22, keys 35
was out stem answer: out -117, stem 52, more 16, option -67, answer -28, feedback -27, facts -18, row -49, keys -54, remark -17
was out stem edge: out 53, stem -50, keys -63
was out stem facts: out 14, passage -34, more -23, option -30, answer -17, facts -84, row -33, keys -50
was out stem feedback: passage -22, answer -31, keys -17
was out stem keys: out 23, passage -32, stem -30, more -25, option -48, answer -34, row -20, keys 17, remark -14
was out stem lines: out -26, stem 34, more -26
was out stem more: out 20, passage 37, stem -28, more -37, option -79, answer -53, feedback -35, facts -43, row 12, keys 37
was out stem option: out -19, passage -24, more -99, option 14, answer -22, feedback -14, facts -33, row 13, bank -16, lines -12, keys -16, remark -17
was out stem out: passage -14, stem 23, more -26, option -21, answer -71, feedback -27, facts -17, row -34, keys -88
was out stem row: out -111, stem 17, more -13, row 18, keys -23
was out stem stem: more 23, answer -64, feedback -20, facts -44, row -38, keys 21, remark -13
was passage: out -33, passage 24, stem -17, more -29, wrapped -17, answer -28, feedback 18, hint -35, facts -80, row -50, bank -36, lines -32, keys -79, remark -44
was passage facts stem: out -39, passage -15, facts 58
was passage passage facts: out -79, passage 92, stem -49, more -26
was passage passage passage: out 22, stem 19, more -18, option -59, wrapped -30, answer -16, feedback -26, hint -20, facts -23, row -31, bank -15, lines -22, keys -26, remark -28
was passage passage stem: out -13, passage 16, stem -99, option -47, feedback -56, facts -48, row -14, keys -41, remark -13
was passage stem answer: out -82, more -48, option 26, answer -16
was passage stem more: out -61, passage 34, more -28, option -28, answer -39, keys -37
was passage stem option: out -48, stem 54, more -34
was passage stem stem: out -65, passage -47, stem 79, more -46, feedback -15
was row: out -14, passage 27, stem -21, more -137, option 18, wrapped -26, answer -59, feedback -105, hint -30, facts -62, bank -75, lines -45, remark -37
was row answer edge: answer -16, keys 16
was row answer facts: answer 42, keys -41
was row answer out: out -21, stem -13, answer 57, row -30, keys -61
was row answer stem: out -17, passage -12, stem -37, more -18, option -14, answer 50, facts -44, row -42, bank -15, keys -53
was row facts stem: out -60, stem -19, answer -15, facts 35
was row keys keys: out -27, answer -13, keys 39
was row out edge: out 52, passage -18, stem -35, answer -44, feedback -40, hint -14, keys -13, remark -14
was row out out: out -19, passage -22, more -29, answer 14, feedback -12, facts -41, row 40
was row out stem: passage 18, stem -98, more -28, option -60, answer -13, feedback -48, facts -33, bank -16, keys -22
was row row answer: out -46, passage -13, stem -40, more -31, option -63, answer -14, row 29, keys 24
was row row edge: out -74, passage -14, stem -24, option 24, answer -49, row 39, keys -64
was row row facts: out -53, option -28, answer -21, row 39, keys -31
was row row keys: out -21, stem -59, row 32, keys -31
was row row out: out -66, stem 29, more -14, option -23, answer -63, feedback -38, facts -21, keys 20
was row row row: out 18, passage 13, stem 19, more -16, answer -35, feedback -12, hint -14, facts -26, row -34, lines -16, remark -23
was row row stem: out -72, passage -20, stem -49, more -31, option -65, answer -56, feedback -23, facts -18, row 83, keys -53
was row stem answer: out -14, stem -28, row 35
was row stem more: out -18, stem 84, more -28, facts -20, row -62
was row stem option: out -56, stem 55, answer -28, keys -26
was row stem stem: out -66, stem -42, more -21, option 45, row 14
was stem: passage -35, more -14, wrapped -93, answer -31, feedback -55, hint -38, facts -56, row -23, bank -41, lines -43, keys -14, remark -51
was stem answer answer: out 39, stem -19, more -50, option -74, answer -33, row -32
was stem answer edge: stem -73, more -119, option -73, answer 14, feedback 28, facts -13, row -15, bank -28, keys -17
was stem answer facts: out -60, stem -31, more -101, option -133, answer 29, feedback -45, facts -43, row -26, bank -47, remark -22
was stem answer feedback: out 40, stem -17, more 15, answer -53, facts -15, keys -72
was stem answer option: out -54, stem -31, option 52, answer -55
was stem answer out: out -61, passage -14, option 34, answer 29, feedback -62, facts -23, row 15, bank -53, lines -23, keys -21, remark -14
was stem answer stem: out -83, passage -22, stem -77, feedback 43, facts -102, row -65, bank 18, lines -14
was stem bank answer: out -18, more 25, option -15, answer -16, row -13, bank -16
was stem facts edge: out -15, more -15, answer -35, bank -15
was stem facts facts: out 32, stem -28, more -30, option -16, facts -24, keys -33
was stem facts keys: out -14, more -26, facts 50
was stem facts out: out -67, more -27, option -13, answer -81, facts 67, lines -17, keys -49
was stem facts stem: stem -53, more -29, option -19, answer -80, facts 22, row -16, bank -20, lines 14, keys -38
was stem feedback out: more -26, feedback 54, keys -16
was stem feedback stem: passage -44, stem -32, more -40, option -34, hint -23, facts -15, row -14, bank -49, keys -28, remark -24
was stem keys edge: out -55, stem -41, more -24, option -17, answer -22, keys 48
was stem keys keys: out 20, stem -66, more -43, option 34, answer -62, feedback -12, facts -14, row -51, bank -20, lines -14, keys -24
was stem keys out: out 18, stem -55, more -25, option -25, answer -22, feedback -24, facts -16, row -16, bank -13, lines -17
was stem lines answer: out -25, lines 12
was stem lines lines: more -75, lines 84
was stem lines out: more -44, lines 15
was stem lines stem: out -40, more 28, option -13, answer -22, facts -16
was stem more answer: out 41, passage -28, stem -78, more -32, wrapped -27, feedback -75, hint -13, facts -28, row -55, keys -70, remark -23
was stem more bank: stem -52, more 55, answer -15
was stem more edge: stem -97, more 26, option -20, answer -91, feedback -27
was stem more facts: out -77, passage 16, stem 13, option -83, wrapped -39, answer -30, facts -63, row -35, keys -17
was stem more feedback: out -48, more -20, option -15, answer 32, feedback -63, bank -30
was stem more keys: out 21, stem -77, more 25, option 19, wrapped -16, answer -84, feedback -51, facts -23, keys -51
was stem more lines: out -39, stem -46, more 61, option -18, answer -37, feedback -25, lines -13
was stem more more: out -69, passage 21, option 14, answer -96, facts -24, row -17, bank -22, lines -16, keys -27
was stem more option: out 20, passage -38, stem -30, more 31, option -49, wrapped -28, answer -127, feedback -94, facts 42, bank -66, lines -52, remark -40
was stem more out: passage -32, stem -15, option -77, wrapped -13, answer -42, feedback 34, facts -32, row -13, bank -66, lines -57, keys -53, remark -20
was stem more row: out -81, stem -82, more 30, option -31, wrapped -20, answer -45, feedback -39, row -39, keys 25
was stem more stem: out -33, passage -33, stem 36, more 14, option -89, wrapped -16, answer 22, facts 17, bank -32, keys -24, remark -13
was stem option answer: out -33, stem -65, more 34, option 22, answer -109, row -61, keys 17
was stem option edge: out 16, stem -54, more -18, option -37, answer 29, row -29, bank -13, keys -67
was stem option facts: out -36, stem -37, more -23, option -45, answer 31, facts 34, row -20, bank -12, keys -59
was stem option feedback: out -35, stem -30, more -26, option 25, answer -67, keys -15
was stem option keys: out 46, stem -40, more -45, facts -13, row -32, keys -66
was stem option option: passage -38, stem -16, more -99, wrapped -29, feedback -44, hint -20, facts -32, bank -21, lines -28, keys -64
was stem option out: stem -56, more -44, option -33, answer 18, feedback -60, facts -27, row -59, bank -14, keys 34
was stem option stem: out -62, passage -34, more 16, option -24, answer 25, feedback -40, hint -13, facts -69, row -21, bank -34, lines -16, keys -146, remark -39
was stem out edge: out 39, stem -26, more -47, option -45, feedback -47, facts -28, row -46, bank -36, lines -28, keys -78
was stem out facts: out 22, passage -44, stem -86, more 15, option -99, answer -50, feedback -34, facts -59, row -22, bank 13, lines -16, keys -52
was stem out keys: out 59, stem -37, more -66, option -23, answer -40, bank -13, lines -21, keys -18
was stem out out: out -26, passage -25, stem 40, more -93, feedback -98, facts 15, row -57, bank -70, lines -38, remark -30
was stem out stem: passage -75, stem 13, more -53, option -131, feedback -87, hint -14, facts -34, row -86, bank 23, lines -31, keys -124, remark -17
was stem row row: out 37, passage 13, stem -51, more -86, option -20, answer -41, feedback -21, facts -30, row 26, bank -42, lines -23, keys -13, remark -16
was stem stem answer: out -24, stem -29, more 29, answer -21, feedback -16, row -28, bank -24, lines -18, keys -33
was stem stem edge: stem 15, more -35, option -46, answer -26, keys -33
was stem stem facts: out -43, stem 32, more -21, option -12, answer -15
was stem stem keys: stem 17, more -53, option -32, keys -19
was stem stem lines: out -13, stem 16, more -22
was stem stem more: out -95, passage -16, stem -31, more 24, answer -29, feedback -14, facts -44, row -34, keys 29
was stem stem option: out 36, stem -76, option 66, answer -46, feedback -12, facts -14, row -30, bank -12, keys -32, remark -37
was stem stem out: out -26, stem 22, more -92, option 15, answer -51, feedback -15, facts -24, row -31, bank 27, lines -13, keys -81, remark -17
was stem stem row: out -26, more -27, option -18, row 14
was stem stem stem: out -33, passage -30, stem 26, option -36, answer 19, feedback -29, hint -14, facts -36, row -50, bank -33, lines -13, keys -47, remark -44
was wrapped: out -27, passage -18, stem -21, more 30, option -59, wrapped 45, answer -12, feedback -15, keys -24
was wrapped option answer: out -35, stem -43, option 78, answer -54, row -19
was wrapped option option: out -43, stem -47, option 71, row -23, remark -12
was wrapped option stem: out -53, passage -15, stem -39, option 54, wrapped -17, answer -79, feedback -29, row -55, remark -31
word again: out -59, more -25, option -16, wrapped -30, answer -70, feedback -16, hint -14, facts 25, bank -18, keys -27
word again asks few: out -53, more -25, option -16, wrapped -30, answer -70, feedback -16, hint -14, facts 25, bank -18, keys -27
word again fits most: out -37, more -21, wrapped -15, answer -47, bank -13
word again fits none: stem 24, facts -16
word again fits some: out -36, stem 35, option -38, wrapped -19, answer -38, facts 39, keys -34
word asking few: out 44, more -50, option -71, answer -21, feedback -22, hint -13, facts -36
word asking most: out -35, stem 46, option -53, facts -47, row -18
word asking none: out -32, passage -49, more -94, option -61, wrapped -38, answer -20, feedback -69, hint -42, facts 37, row -60, bank -56, lines -26, remark -52
word asking some: more -20, option 54, answer -60, feedback -18, facts -23, keys -50
word-lone end asks: out -44, stem 50, option -14
word-lone end bracket: out 13, stem -36, more -22, option -43, answer -38, feedback -15, facts -16, row -15, keys 27
word-lone end gap: out -35, stem 47, facts -41
word-lone end none: out -65, passage -18, stem 52, option -31, answer -34, feedback -15, facts 50, row -18, keys -30
word-lone end stop: out 80, passage -16, stem -35, more -23, option 27, answer -40, feedback -29, hint -17, facts -59, keys -45, remark -24
word-lone words 1: out -83, passage -14, option -36, answer -36, facts 67, keys -38
word-lone words 15: out 55, stem -63, answer -29, feedback -17, facts -103, keys 19
word-lone words 3: stem 16, more -14, option -44, answer -35, row -13, keys -21
word-lone words 7: passage -17, stem 41, more -24, option 23, answer -33, feedback -28, hint -18, facts -58, bank -14, keys -45, remark -24
word-lone words many: stem 29, facts -16
word0 end asks: out -47, stem 54, option -46, facts -31, row -18
word0 end bracket: out 33, stem -59, more -29, option -48, answer -69, feedback -30, facts 32, keys -22, remark -23
word0 end colon: out -40, stem 46, facts -43
word0 end gap: out -30, stem 31, more -26
word0 end none: out -46, passage -25, more -34, option 19, answer 24, feedback -25, facts 16, row -25, keys -44
word0 end stop: out 22, stem 26, more -19, option -52, answer -44, feedback -18, hint -15, facts -63, keys -14
word0 of 1: passage -33, more -45, answer -58, feedback -40, row -22, bank -21, keys -17, remark -27
word0 of 2: out 13, passage -19, stem -22, more -16, option -15, answer -111, facts 16, keys -22
word0 of 4: out -52, passage -14, more -34, option 17, wrapped -14, feedback -17, hint -18, facts 40, bank -17, keys -77
word0 of 8: out 37, passage -15, stem 36, more -24, option -52, wrapped -28, answer -39, feedback -24, hint -15, facts -54, row -25, bank -20, lines -12, keys -28, remark -28
word0 of many: out -57, stem 48, more -57, option -126, answer -153, feedback -39, hint -12, row -22
word0 run: out -42, stem 68, option -30, facts -21
word0 words 1: out -30, passage -25, stem -22, more -32, option 25, hint -17, facts 23, row -15, lines -13, keys -45
word0 words 15: stem 22, more -36, option -102, answer -66, feedback -18, facts -92, bank -12, keys -14, remark -14
word0 words 3: out -38, stem 15, option -14, answer -68
word0 words 7: out 22, stem -13, more -48, option -118, answer -68, feedback -41, row -25, keys -19
word0 words many: out -78, stem 20, facts -13
word0-again end asks: out -14, stem 16, facts -15
word0-again end none: out -57, more -18, option -16, wrapped -30, answer -70, feedback -15, facts 26, bank -15, keys -27
word0-again end stop: option -12, facts -14, keys 13
word0-again words 1: out -50, stem -30, option -50, wrapped -30, answer -70, facts 45, keys -30
word0-again words 15: stem 29, facts -26
word0-again words 3: stem -15, option 40, facts -33
word0-again words 7: out -23, stem 20, option -23, facts -13, bank -18
word1 of 1: out -22, stem 21, answer -32, feedback -13, hint -16, row -13, keys -13, remark -14
word1 of 2: out -42, stem 37, answer -30, facts 44
word1-first end none: out -29, stem 22, facts 27
words 1: passage -43, stem -164, more 21, option -24, wrapped -26, feedback -58, hint -83, facts -30, row -116, bank -102, lines -34, keys 27, remark -135
words 15: out -30, passage -22, stem 44, more -22, option -59, wrapped -56, answer -46, facts -76, bank -17, lines -100, keys -46, remark 17
words 3: out -23, passage -59, stem -88, option -12, wrapped -23, answer 33, feedback -65, hint -86, facts 51, row 24, bank -128, keys -21, remark -58
words 7: out -25, passage -20, stem -23, more -17, option -32, wrapped -25, answer -35, hint -13, facts -75, row 28, bank 22, lines -106, remark -21
words many: out -41, passage 19, stem 49, more -34, option -68, wrapped -25, feedback 35, hint -56, facts -65, row -97, bank -73, lines -62, keys -36, remark -81
zone body: out -60, passage -47, stem -41, more -14, wrapped -19, hint -28, facts -40, row -13, bank -25, lines -81, keys -40
zone body arrow: out -66, more -13, option -51, answer 56, facts -16, row -18, keys -26
zone body asks: option -23, answer -48, feedback -33, facts -23, row -19, keys -14, remark -19
zone body box: out -31, stem -35, more -39, option 38, wrapped -16, feedback -30, facts -23, row -33, lines -22, keys -18, remark -12
zone body bracketed: passage -17, stem -49, more -32, option -57, wrapped -19, feedback 35, hint -42, facts -52, row -27, lines -14, keys -97, remark -27
zone body bullet: out -28, passage -21, stem -62, more 31, option 15, answer 12, feedback 17, hint -15, facts -25, row 38, keys -20, remark 23
zone body capitals: out -23, passage -30, stem -44, more -46, option 14, answer -18, feedback -50, hint -20, facts -37, row -38, bank -13
zone body cells: option -38, answer -23, feedback -41, hint -34, facts -45, lines -18, keys -43, remark -34
zone body chatter: out -20, passage 26, stem -19, more -12, answer -43, feedback -44, facts -27
zone body colon: out -47, stem -34, answer -15, feedback -31, keys 41
zone body cue-answer: out -46, passage -13, stem -39, more -41, option -34, wrapped -18, answer 42, feedback -46, facts -43, row -37, bank 14
zone body cue-difficulty: out -30, answer -37, feedback -24, facts 46, row -21, keys -37
zone body cue-feedback: out -17, stem -40, more -24, option -40, wrapped -32, answer -54, feedback 54, hint -57, facts -18, row -25, keys -87
zone body cue-hint: out -44, stem -40, answer -59, feedback -35, hint 48, facts -20, row -18, keys -25, remark -19
zone body cue-level: stem -38, more -44, answer -19, feedback -18, row -30, keys -31
zone body cue-outcome: out 22, passage -17, stem -36, more -25, option -22, answer -64, feedback -56, hint -12, row -32, bank -22, keys -49
zone body cue-points: out -41, stem -19, more -25, option -39, answer -39, feedback -37, facts 52, row -22, lines -15, keys -42
zone body cue-sample: out -58, stem -26, more -48, option -34, answer 49, feedback -33, row -17, bank -22, keys -35
zone body cue-wordBank: out -28, stem -19, more -37, option -33, answer -28, facts -20, row -16, bank 43
zone body field: passage 27, more -21, option -51, wrapped -12, hint -43, facts -63, bank -27, lines -16, keys -69, remark -25
zone body gap: out -35, passage -50, more 16, option -34, feedback -40, hint -21, facts -34, row -32, bank -20, keys -20
zone body heading: out 34, more -38, option -30, answer -129, feedback -30, facts -33, bank -26, keys -30
zone body identity: out 40, facts -22
zone body key-title: out -19, stem -16, option -15, answer -13, feedback -21, facts -13, keys 19
zone body let-lone: out -24, passage -40, stem 15, more 14, option 31, wrapped -16, answer -43, feedback -35, hint -21, facts -52, row -18, bank -25, lines -18, keys -42, remark -25
zone body let0: stem 13, more -75, wrapped -23, answer -58, facts -67, bank -21, keys -81, remark -22
zone body let1: out -19, passage -35, more -54, wrapped -35, answer -19, feedback -54, hint -40, facts -52, bank -39, lines -38, keys -43, remark -16
zone body let1-first: out 14, passage -19, stem -57, more -34, option 12, wrapped -20, answer -26, feedback -25, hint -18, facts -43, bank -20, lines -17, keys -29
zone body let2: out 16, stem -24, wrapped -48, row -57, keys -58
zone body let2-first: out 19, stem -15, more -30, row -18, keys -60
zone body letter: out -67, answer 42, feedback -12
zone body num-lone: option -16, wrapped -18, answer -13, feedback -62, hint -17, bank -33, lines -22, keys -14
zone body num0: out -24, passage -51, more -20, option -15, wrapped -48, answer -27, feedback -98, hint -43, facts -34, row -43, bank -39, lines -37, remark -51
zone body num0-again: more 31, option -50, answer -25, feedback -27, row -12, keys -33
zone body num1: out -46, passage -27, stem 58, more -44, wrapped -18, answer -162, feedback -87, hint -18, facts -38, bank -38, remark -44
zone body num1-first: out -34, passage -21, stem 35, more -42, answer -46, feedback -24, facts -30, bank -17, keys -30, remark -22
zone body number: passage -27, stem -13, more 38, feedback -36, facts -44, row -29, bank -22, keys -59, remark -20
zone body pair: out -27, stem -33, option -22, answer -71, feedback -82, hint -34, facts -36, row 21, bank -37, keys 16, remark -27
zone body phrase: out 14, passage -47, stem -56, more -50, wrapped 41, feedback -28, hint -30, facts -53, bank -44, lines -18, keys -99, remark -18
zone body rom-lone: out 108, more -17, option -36, answer -38, facts -31, keys -69
zone body rom0: passage -33, option -61, wrapped -13, answer -39, feedback -23, facts -42, row -41, bank -20, keys 28, remark -27
zone body rom1: out -31, stem -26, more 23, answer -20, feedback -16, keys 18, remark -15
zone body rom1-first: out -37, answer -22
zone body rule: out 45, stem -33, option -38, wrapped -13, answer -99, row -29, keys -29
zone body section: out 78, stem -77, more -25, answer -36, feedback -17, facts -94, row -16, bank -21, keys -37, remark -15
zone body sentence: passage -20, more -26, option -42, wrapped -17, answer -39, feedback 30, hint -43, facts -52, row -26, bank -18
zone body short: option -52, wrapped 33, answer -34, feedback -23, hint -34, facts -59, row -51, bank -28, lines -24, keys -77, remark 17
zone body short-sentence: out -58, passage -84, stem -46, more -25, answer -30, facts -46, row -40, bank -26, remark 23
zone body table-pairs: passage -21, stem -42, more -29, option -31, answer -34, feedback 26, facts -32, bank -30, keys -78, remark 17
zone body table-ticks: out 17, stem -20, more -23, option -20, answer -19, facts -24, keys -30
zone body text: out -60, passage 19, stem -46, option 15, wrapped 24, answer 42, hint -34, facts -68, row -36, bank -34, keys -95, remark -24
zone body ticked: out -78, stem -36, more -34, option 14, answer 21, feedback -18, facts -25, row -26, keys -19
zone body truth: out 28, stem -13, option -49, answer -25, feedback -21, facts -23, row -21, bank -24, keys -26
zone body word-lone: stem 24, more -21, option 24, answer -39, feedback -26, hint -18, row -21, bank -16, keys -49, remark -21
zone body word0: passage -21, more -71, wrapped -17, feedback -27, hint -30, row -43, bank -28, lines -14, keys -54, remark -29
zone body word0-again: out -14, stem 48, facts -35
zone body word1: out -38, stem 15, answer -21, facts 40
zone body word1-first: out -29, facts 46
zone head: stem 24, more -13, option -78, wrapped -68, answer -83, feedback -35, hint -72, facts 29, row -46, bank -66, lines -61, keys -36, remark -104
zone head arrow: out 25, passage -13, stem -16, more -25, option -88, answer 72, feedback -19, facts -20, row -15
zone head asks: out 40, passage -38, stem 15, more 15, option -23, answer -24, feedback -18, facts -17, row -13, bank -19, lines -16, keys -17
zone head box: passage -21, stem -27, option 63, answer -53
zone head bracketed: out -46, passage -22, stem -21, more -37, answer -63, feedback -111, keys 55
zone head bullet: stem 32, more -59, answer -72, feedback -76, facts -21, row -82, keys -13, remark -72
zone head capitals: out 58, passage -30, stem -21, more 16, option -53, answer -114, facts -75, keys -66
zone head cells: passage -89, stem 16, more 20, option 33, answer -55, feedback -23, facts -113, row -85, bank -65, keys -87
zone head chatter: out 76, passage -47, stem -24
zone head colon: stem 15, facts -24, keys -24
zone head cue-answer: out -13, option -41, answer 14, bank -17
zone head cue-difficulty: out -22, facts 51
zone head cue-feedback: out -71, option -15, answer -16, feedback 38, facts -71, keys -19, remark -24
zone head cue-level: out -45, facts 49
zone head cue-outcome: out 34, facts -28, keys -40
zone head cue-points: out 14, passage -15, stem -16, answer -51
zone head cue-sample: out -15, answer 52, keys 13
zone head cue-tags: out 80, facts -79, keys -32
zone head cue-wordBank: out 31, stem -12, row -15, bank -27
zone head field: passage -53, option 18, answer -80, feedback -40, facts 22, row -38, bank -23, lines -14, keys -38
zone head field-kind: out -40, more -13, facts 59
zone head field-number: facts 20
zone head field-stem: stem 26
zone head gap: passage 15, more -59, answer -62, feedback -24, facts -19, keys -22
zone head heading: out -21, passage -42, stem -45, answer -66, facts 23, keys 35
zone head identity: out 37, passage -19, stem -13
zone head instruction: out 20
zone head key-title: passage -41, stem -41, more -22, feedback -20, facts -16
zone head let-lone: passage 27, stem -33, option 25, answer -82, facts -29, row -73, bank -16, keys -77
zone head let0: out 33, passage 19, option -27, answer -37, facts -21, keys -55
zone head let1: out -58, option 107, answer -41, row -24, keys -27
zone head let1-first: out -43, option 73, answer -17, row -25
zone head num-lone: passage -58, stem 16, more -18, option 18, feedback -14, facts -61, row -30, keys -30
zone head num0: out 34, passage -14, stem -27, more -39, option 13, answer -33, feedback -26, facts -60, keys -74
zone head num1: out 13, stem -13, option 26, answer -17
zone head num1-first: out -33, stem 30, option 13
zone head pair: stem -18, answer -13, feedback -42, facts -24, row -63, keys -62
zone head phrase: out -32, passage 22, stem 38, option -27, wrapped -65, answer -119, feedback -95, facts -36, row -36, bank -16, lines -15, keys -82
zone head rom-lone: out 32, passage -21, stem -27, more -31, answer -15, facts -26, keys -47
zone head rule: out 13, passage -14, stem -44, more -32, option -21, answer -28, row 37, lines -17
zone head section: out -24, passage -42, stem 25, more -15, facts 26, keys -54
zone head sentence: stem -64, option -21, answer -27, feedback 18, facts -32, row -14, keys -129, remark -29
zone head short: out 22, stem 33, more -24, option -49, wrapped -38, answer -30, feedback -57, facts 15, row -24, bank -20, lines -13, keys -47
zone head short-sentence: out 14, more 38, option -39, wrapped -17, answer -111, feedback -16, hint -56, facts -22, row -14, bank -18, keys -82, remark -55
zone head table-pairs: passage -19, stem -28, row 83, keys -71
zone head table-wide: out 61, passage -19, answer -24, facts -50, keys -60
zone head text: out 31, stem -22, more -49, option -44, answer -57, feedback -31, facts -38, row -20, bank -18, lines -12, keys -36
zone head word-lone: out 15, passage -21, stem -64, more -15, facts 25, keys -36
zone head word0: out -14, passage -13, stem 28, answer -43
zone keys: out -26, passage -111, stem -20, more -38, option -19, wrapped -89, answer -33, hint -62, facts -28, row -17, bank -47, lines -46, keys 12, remark -87
zone keys asks: out -45, keys -21
zone keys box: stem -15, option 16, answer -48, keys -13
zone keys bracketed: out -37, stem -21, more 19, answer -37, feedback -92, facts -13, keys 44
zone keys bullet: out 43, stem 17, more -45, option -16, answer -34, row -23, keys -39
zone keys capitals: out 59, option -38, answer -53, facts -14, keys -59
zone keys cells: out -16, passage -17, stem 26, more 32, answer -61, feedback -20, facts -45, row -29, bank -33, keys -29
zone keys chatter: out 24, stem -13, answer -17, feedback -12, keys -19
zone keys cue-answer: out -20, stem -27, more -25, option 14, feedback -26, row -20, bank -35
zone keys cue-difficulty: out -20, facts 70, keys -61
zone keys cue-feedback: out -26, more 20, option -17, answer -34, feedback 28, facts -20, keys -31, remark -23
zone keys cue-level: out 17, answer -21, facts 22, keys -13
zone keys cue-sample: out -55, stem -24, feedback -17, row -21, keys 20
zone keys field: out 51, passage -14, stem -56, answer -32, feedback -24, facts -17
zone keys gap: out -34, stem -20, more 26, answer -18
zone keys heading: out -22, stem -28, option -13, answer 43, feedback -16, facts -105
zone keys identity: out 13
zone keys key-title: out 28, stem -33, more -16, option -41, answer -50, feedback -19, facts -24, row -18, bank -13, keys -17
zone keys let-lone: out -32, more -31, option -30, row 29
zone keys let0: out -51, stem -62, option -16, answer -22, feedback -12, row -36, keys 63
zone keys let1: stem -17, answer -89, facts -13, row -54, remark -50
zone keys let1-first: out -41, stem -66, answer 13, row -92
zone keys num-lone: out -26, more 104, option -21, answer -107, feedback -39, facts -24, row -23, keys 34
zone keys num0: out -53, stem -68, option 64, answer -48, feedback -64, facts -44, row -67, keys -20
zone keys num0-again: passage -33, stem -12, more -74, wrapped -19, answer -38, feedback -57, hint -33, facts -44, row -22, bank -33, lines -33, remark -33
zone keys num1: out -52, stem -62, option -53, answer 44, feedback 32, row 39
zone keys num1-first: stem -14, option -23, row 25
zone keys number: out -48, option -35, answer 26, keys 19
zone keys pair: out 24, passage -45, stem -67, more -43, answer -12, feedback 16, row -44, keys 20
zone keys phrase: out 23, passage -32, stem -27, more 28, option 26, answer -74, facts -26, row -29
zone keys rom-lone: out -21, stem -32, answer -14, keys 71
zone keys rom0-again: out -20, option -27
zone keys rule: stem -17, more -46, lines 25, keys -13
zone keys section: stem -31, answer -14, facts -27, keys 32
zone keys sentence: out 50, passage -20, more -31, option -18, answer -71, feedback -13, lines -13, keys -48
zone keys short: passage -22, stem -101, option -13, wrapped -41, answer -19, feedback 38, facts -99
zone keys short-sentence: stem 20, option -50, feedback -38, hint -38, row -13, remark -57
zone keys table-pairs: out 13, stem -13, option -17, answer -25, feedback -40, hint -16, facts -23, row -32, keys 29, remark -14
zone keys text: passage -47, stem 40, more 17, option -37, answer -94, facts -17, row -31, keys -32
zone keys word-lone: out 18, stem -55, facts -15
zone keys word0-again: out -58, more -22, option -16, wrapped -30, answer -70, hint -14, facts 27, bank -13, keys -27
zone no numbers: out -23, stem 43, more -45, wrapped -54, feedback -55, hint -114, facts -23, row -42, lines -55, keys -23, remark -79
zone no numbers arrow: out 32, stem -18, option -57, answer 12
zone no numbers asks: out -53, passage -24, stem 21, more 19, option -45, facts -29
zone no numbers box: out 25, passage -32, stem -40, more -21, answer -153, feedback -41, facts -27, row -16, keys -36, remark -44
zone no numbers bracketed: out 50, passage -18, stem -41, more -24, option -67, answer -19, lines -13, keys -71
zone no numbers bullet: passage -15, stem 48, more -44, wrapped -14, answer -102, feedback -106, facts -28, row -68, bank -14, keys -23, remark -42
zone no numbers capitals: out 37, passage -15, stem -18, answer -21, facts -40, keys -59
zone no numbers cells: passage -73, stem -14, option 15, answer -97, feedback -33, facts 26, bank -51
zone no numbers chatter: out 46, passage -15, stem -30
zone no numbers colon: stem 23, more 42, facts -28, keys -57
zone no numbers cue-answer: out -46, stem -42, more -40, option -158, feedback -17, facts -25
zone no numbers cue-difficulty: out -24, stem -44, more -14, option -42, answer -51, feedback -21, facts 16, row -16, bank -15, keys 13
zone no numbers cue-feedback: passage -23, stem -26, more -27, option -62, answer -72, feedback -26, hint -21, facts 17, bank -15, keys 40, remark 24
zone no numbers cue-level: out 18, passage -24, stem -26, answer 22, facts -30, keys -16
zone no numbers cue-outcome: out -28, stem -61, answer -17
zone no numbers cue-points: stem -23, option -47, answer -168, facts 16, bank -19, keys 33
zone no numbers cue-sample: out -58, passage -13, stem -20, more -31, option -26, answer 16, keys 13
zone no numbers cue-tags: passage -19, stem -31, more -17, answer -30, feedback -30, facts 17, row -16, keys -33
zone no numbers field: stem -47, option 12, answer -24, feedback -60, bank -32, lines -21, keys -105, remark -13
zone no numbers field-kind: out 13, passage -26, stem -54, more -35, option -39, answer -22, feedback -24, row -22, bank -15, keys -35
zone no numbers field-number: out -33, stem -19, answer -22, facts 46, keys -40
zone no numbers field-option: out -67, stem -66, more -22, option 73, answer -56, facts -57, row -36, keys -29
zone no numbers field-stem: stem 62, more -21, option -32, facts -15
zone no numbers gap: out -16, passage -26, stem 22, answer -31, bank -12, keys -13
zone no numbers heading: out 95, stem -43, answer -57, facts -74, keys -67
zone no numbers identity: out 36, stem -14, answer -14
zone no numbers instruction: out 38, stem -17
zone no numbers key-title: out -28, stem -28, answer -14, facts -13, keys 28
zone no numbers let-lone: out 17, passage -34, more -80, option -26, answer 13, feedback -14, facts -43, row -37, bank -15, remark -23
zone no numbers let0: passage -27, stem -21, option 23, answer -56, facts -26, row -22, keys -72
zone no numbers let1: out -129, stem 17, more -18, answer -72, keys -68, remark -27
zone no numbers let1-first: out -104, stem 18, more -14, option 24, answer -124, row -84, keys -39
zone no numbers let2: out -30, option 57, answer -29, keys -24
zone no numbers let2-first: out -17, stem -24, option 70
zone no numbers letter: out 49, stem -45, more -55, option -48, feedback -19, keys -17
zone no numbers num-lone: passage -19, stem -13, more 18, option 44, answer -38, feedback -53, facts -49, row -22, keys -22
zone no numbers num0: out 25, passage -31, more -37, option -71, answer -30, feedback 31, facts -98, row -18, bank -14, keys -63
zone no numbers num0-again: out -60, stem -25, more -44, option 44, answer -33, facts -28, row -44
zone no numbers num1: stem -31, option 34, answer -48, row -22, keys -13
zone no numbers num1-first: out -14, stem -44, option 29, row -15
zone no numbers num2: out -18, stem 17, more -18, answer -29, feedback -16, row 30
zone no numbers num2-first: out -12, more -25, answer -20, row 16
zone no numbers number: out 14, stem -14, more -32, option -70, answer 37, keys -91
zone no numbers pair: out 24, passage 19, stem 32, more 15, answer -22, feedback 17, facts -34, row -76
zone no numbers phrase: out 19, passage 66, stem -22, more 38, option -38, wrapped -61, answer -17, feedback -13, facts -21, row -74, bank -37, keys -99
zone no numbers rom-lone: out 18, passage -15, more -15, answer -33, feedback -16, facts -35, keys -79
zone no numbers rom0: passage -23, stem 20, more -14, option -55, answer -44, facts -30, row -13, keys -22
zone no numbers rule: stem -40, option -84, answer -128, feedback -42, facts -75, row 27, remark -14
zone no numbers section: out 65, stem -69, option -26, answer -34, feedback -13, facts -39, keys -30
zone no numbers sentence: passage 26, stem -22, more -28, option -40, answer -35, feedback -34, facts -15, bank -16, keys -100, remark -25
zone no numbers short: out -31, stem -60, more -27, option 35, wrapped -71, facts -14, row -18, bank -13, remark -21
zone no numbers short-sentence: out 21, stem -38, more 24, option -98, wrapped 27, hint -43, facts -14, keys -102, remark -61
zone no numbers table-pairs: out -63, feedback -25, row 50, keys 20
zone no numbers table-ticks: out -56, passage -24, stem -46, option -22, answer -19, facts -13, row 67, bank -16, keys -30
zone no numbers text: stem 15, wrapped -59, answer -40, feedback -64, facts -18, keys -46
zone no numbers ticked: out -15, stem -25, feedback -16, facts -31, keys -24
zone no numbers truth: out -35, stem -19, more -41, option 33, answer 35, feedback -17, facts -13, row -13, keys -22
zone no numbers word-lone: out -26, stem 29, option -38, answer -23, feedback -14, keys -54
zone no numbers word0: out 17, stem -24, option -26, answer -121, keys -16
zone tail: out -21, passage -106, more -43, wrapped -62, feedback -30, hint -107, facts 15, bank -100, lines 24, keys -28, remark -79
zone tail arrow: out -32, more -23, option 31, answer -12, facts -15, keys -23
zone tail asks: option -28, answer -18, feedback -34, lines -24, keys -23
zone tail box: stem -66, option 46, answer -122, feedback -16
zone tail bracketed: out 26, stem -49, more 23, option -14, answer 18, feedback -45, facts -16, bank -69, lines -20, keys -70
zone tail bullet: out 23, more 17, option 19, answer -93, feedback -34, facts -21, row -40, lines -23, keys -32, remark -31
zone tail capitals: out 15, option -50, facts -51, bank -16, keys -64
zone tail cells: passage -34, option -22, answer -127, feedback -60, facts -23, bank -73, lines -26, keys 31
zone tail chatter: out 42, stem -23, more -23, answer -30, feedback -23, row -19, lines -16, keys -15
zone tail cue-answer: out -60, stem -16, option 16, feedback -23, facts -21, row -27, bank -57
zone tail cue-difficulty: more -14, option -29, answer -49, row -18, lines -26, keys -47
zone tail cue-feedback: out -37, stem -12, more 29, option -15, answer -22, feedback 30, facts -38, keys -33, remark -65
zone tail cue-level: out -22, answer -69, facts 30
zone tail cue-points: stem -25
zone tail cue-sample: out -19, stem -25, more -23, option -12, answer 39, feedback -26, bank -17, keys -35
zone tail cue-wordBank: out -41, stem -13, more -15, option -16, answer -25, feedback -23, facts -14, row -13, bank 28, keys -20
zone tail field: out 16, passage -52, option -60, answer -41, feedback -74, facts -128, row -16, lines -18, remark -12
zone tail field-kind: stem -16, answer -31, facts 52, keys -23
zone tail gap: stem -13, option -36, feedback -20, facts -19, row -13, lines -34, keys -43
zone tail heading: out 61, stem -49, option -40, answer -110, feedback -29, row -28, keys -83
zone tail identity: out 36
zone tail let-lone: out 33, stem 35, option -22, answer -60, feedback -19, facts -17, bank -14, keys -21
zone tail let0: out 34, stem -43, more -16, answer 46, feedback -35, row -29
zone tail let1: out 20, option -15, row -69, keys 23, remark -65
zone tail let1-first: out -14, stem 21, more -47, option -14, row -119, remark -37
zone tail let2: stem -12, option 46, wrapped -40, answer -42, row -26
zone tail let2-first: out -27, option 34
zone tail letter: out -39, answer 43
zone tail num-lone: more -21, option -29, facts -85, row -39, lines -18, remark -15
zone tail num0: out -52, stem 34, more -28, option -63, answer -36, feedback -54, facts -22, row 70, bank -13, lines -15, keys -43
zone tail num0-again: out -19, stem 35, more -33, option -31, answer -13, feedback 17, row 41, keys -59
zone tail num1: more -14, option 48, answer -71, feedback -30, facts -23, row -37, keys -49
zone tail num1-first: out 18, stem -30, option 53, row -27, keys -48
zone tail number: more -68, option -32, facts -16, keys 16
zone tail pair: out -12, passage -23, stem -18, more -47, option -45, answer -68, feedback -26, facts -41, row 38, bank -29, lines -15
zone tail phrase: out -20, passage -28, stem 13, more -15, option 13, wrapped -33, answer -15, feedback 14, facts -36, row -88, lines -14, remark -12
zone tail rom-lone: out -29, stem 32, more -15, option -17, answer -40, feedback -20, facts -57, row -36, keys 13
zone tail rule: out -27, passage -16, stem -47, more -48, option -12, answer 26, facts -21, row -36, bank -16, lines 36, keys -48
zone tail section: out 82, stem -31, answer -14, feedback -21, facts -51, keys -28
zone tail sentence: passage -48, stem 38, feedback -69, hint -23, facts -22, row -14, lines -24, remark -66
zone tail short: passage -30, stem 15, more 34, option -32, wrapped 29, answer -26, feedback -52, row -23, lines -19, remark -17
zone tail short-sentence: out 33, passage -27, stem -15, more -13, option -13, wrapped -15, hint -25, facts -16, row -12, lines -17, keys -51, remark -63
zone tail table-down: out -62, stem -36, answer -29, feedback -29, facts -36, row -15, keys 78
zone tail table-pairs: out 15, stem -47, more -14, option -23, answer -38, feedback -54, facts -32, row -25, lines -18, keys 22
zone tail table-ticks: out -67, row 69
zone tail table-wide: out -55, stem -40, answer -28, feedback -28, facts 18, keys 42
zone tail text: passage -55, stem -49, option 49, wrapped -37, answer -20, feedback 16, facts -42, row -22, bank -15, lines -21
zone tail ticked: out 45, stem -17, more -18, answer -46, feedback -14, keys -25
zone tail truth: out -81, more 49, option -48, keys -31
zone tail word-lone: stem -60, option -48, answer -32, feedback -17, facts 14, keys -42
`
