/**
 * What each feature of a line says for and against its roles, in hundredths: made by `npm run reading -- --fit` from the
 * labelled drafts, and not changed by hand.
 */
export const WEIGHTS_TABLE = `# first
step: out>out 107, out>passage -131, out>stem -30, out>option -282, out>answer -45, out>feedback -230, out>hint -70, out>facts -41, out>row -154, out>bank -116, out>lines -131, out>keys -83, out>remark -71, passage>out -208, passage>passage 56, passage>stem -127, passage>facts -91, passage>bank -35, passage>keys -119, stem>out -103, stem>passage -198, stem>more 48, stem>option 12, stem>answer 22, stem>feedback 13, stem>hint -79, stem>facts -40, stem>row -32, stem>bank -26, stem>lines 26, stem>keys -129, stem>remark -132, more>out -122, more>passage -126, more>stem -94, more>more 61, more>option -21, more>answer 19, more>feedback -53, more>hint -29, more>facts -57, more>row -84, more>bank 51, more>lines 21, more>keys -162, more>remark -95, option>out -191, option>passage -200, option>stem -127, option>option 62, option>wrapped -15, option>answer 18, option>feedback -71, option>hint 15, option>facts -68, option>row -371, option>bank -152, option>lines -128, option>keys -176, option>remark -40, wrapped>out -131, wrapped>passage -96, wrapped>stem -79, wrapped>option 49, wrapped>answer -55, wrapped>feedback -106, wrapped>hint -13, wrapped>facts -63, wrapped>row -97, wrapped>lines -19, wrapped>keys -82, wrapped>remark -36, answer>passage -189, answer>option -250, answer>feedback 67, answer>hint -106, answer>facts 25, answer>row -179, answer>bank -90, answer>lines -89, answer>keys -115, answer>remark -108, feedback>out -41, feedback>passage -130, feedback>option -186, feedback>answer -135, feedback>feedback 94, feedback>row -120, feedback>bank -26, feedback>lines -92, feedback>keys -160, feedback>remark -50, hint>out -66, hint>passage -18, hint>stem -86, hint>option -79, hint>feedback -21, hint>facts -51, hint>row -42, hint>lines -16, hint>keys -27, hint>remark -15, facts>out -109, facts>passage -152, facts>stem 125, facts>more -261, facts>option -211, facts>answer -89, facts>feedback -46, facts>hint -68, facts>row -167, facts>bank -56, facts>lines -81, facts>keys -175, facts>remark -52, row>out -151, row>passage -128, row>stem -153, row>more -197, row>option -312, row>feedback -140, row>hint -42, row>facts -33, row>row 79, row>bank -38, row>lines -49, row>keys -218, row>remark -86, bank>out -91, bank>passage -15, bank>stem -50, bank>more -44, bank>option -92, bank>answer 23, bank>feedback -30, bank>facts -62, bank>row -66, bank>bank -17, bank>lines -12, bank>keys -63, bank>remark -12, lines>out -66, lines>passage -28, lines>more -87, lines>option -109, lines>answer 25, lines>feedback -31, lines>hint -13, lines>facts -62, lines>row -52, lines>bank -47, lines>lines 30, lines>keys -78, lines>remark -16, keys>out -124, keys>passage -89, keys>stem -218, keys>answer -159, keys>feedback -104, keys>hint -54, keys>facts -205, keys>bank -59, keys>keys 81, keys>remark -93, remark>out -133, remark>passage -54, remark>stem -139, remark>option -53, remark>wrapped -59, remark>answer -103, remark>feedback -60, remark>hint -13, remark>facts -70, remark>row -96, remark>bank -13, remark>lines -26, remark>keys -75, remark>remark 18
step over a gap: out>out 34, out>passage 18, out>option -150, out>answer -87, out>feedback -152, out>hint -82, out>facts -25, out>row -205, out>bank -158, out>lines -76, out>remark -73, passage>out -213, passage>passage 80, passage>stem -40, passage>facts -28, passage>bank -38, passage>keys -27, stem>out -48, stem>passage -147, stem>stem -38, stem>more -46, stem>option 31, stem>answer -26, stem>feedback -138, stem>hint -58, stem>facts -17, stem>row 23, stem>lines -18, stem>keys 28, stem>remark -63, more>out -70, more>passage -85, more>more -120, more>option 37, more>answer 44, more>hint -59, more>facts -50, more>row -73, more>bank 26, more>lines -53, more>remark -47, option>out -62, option>passage -95, option>option -39, option>wrapped -93, option>feedback -79, option>hint -20, option>facts -26, option>row -117, option>bank -53, option>lines -42, option>keys 23, option>remark -66, wrapped>stem -49, wrapped>option -87, wrapped>wrapped -20, wrapped>answer 50, wrapped>feedback -47, wrapped>facts -56, wrapped>row -26, wrapped>keys -42, answer>passage -186, answer>stem 14, answer>option -158, answer>answer -103, answer>feedback -12, answer>facts -25, answer>row -125, answer>bank -91, answer>lines -55, answer>keys -188, feedback>out -25, feedback>passage -115, feedback>stem 30, feedback>option -137, feedback>answer -16, feedback>feedback -73, feedback>hint -25, feedback>row -92, feedback>bank -78, feedback>lines -37, feedback>keys -65, feedback>remark -36, hint>out -116, hint>passage -26, hint>option -40, hint>answer -43, hint>facts -84, hint>row -27, hint>bank -13, hint>keys -37, facts>out -21, facts>passage -97, facts>stem -30, facts>more -106, facts>option -72, facts>answer -47, facts>feedback -36, facts>hint -55, facts>facts 41, facts>row -48, facts>bank -44, facts>lines -28, facts>keys -40, facts>remark -33, row>out -31, row>passage -53, row>more -80, row>option -128, row>answer 35, row>feedback -61, row>hint -22, row>facts -54, row>row -86, row>bank -27, row>lines -14, row>keys -48, row>remark -24, bank>passage -37, bank>stem -37, bank>more 14, bank>option -56, bank>feedback -23, bank>facts -12, bank>row -22, bank>bank -17, bank>keys -27, lines>passage -35, lines>stem -19, lines>more -50, lines>option -47, lines>answer -38, lines>feedback -37, lines>hint -27, lines>facts -29, lines>row -27, lines>bank -33, lines>keys -30, lines>remark -40, keys>out 31, keys>passage 18, keys>stem -98, keys>answer -178, keys>feedback -91, keys>hint -16, keys>facts -137, keys>bank -40, keys>keys -50, keys>remark -22, remark>out -22, remark>passage -31, remark>stem -115, remark>option -55, remark>wrapped -15, remark>answer -90, remark>feedback -30, remark>facts 19, remark>row -51, remark>bank -21, remark>lines -13, remark>keys -44, remark>remark -34
_full asks capital: passage 22, stem -38, answer -32, feedback -32, facts -47, row -22, bank -43, lines -34, keys 49
_full asks label: out 46, passage -23, stem -40, more -43, option -32, answer -67, feedback -14, facts 16, row -36, keys 24, remark -30
_full asks small: out -51, stem 31, more -35, answer 35, facts -15, row -33, keys -17
_full bracket capital: out -19, passage -16, more -83, option -75, answer 16, feedback -67, facts -27, row -43, bank 15, lines 19, keys -21
_full bracket label: passage -14, more -43, option 33, answer -78, feedback -20, facts -15, row -63, bank -20, keys -31
_full bracket small: out -24, passage -27, stem -14, more -20, option -52, answer 45, feedback -14, facts 35, keys -30
_full colon capital: out 37, stem -34, answer -16
_full colon label: out 31, stem -17, option -43, facts 33, remark -12
_full deeper capital: out -28, passage -55, stem 69, more -71, option 26, feedback -40, facts -17, row -44, bank -52, lines -21, keys 41
_full deeper label: stem -26, more -12, option 72, answer -37, facts -39, row -63, keys -41, remark -34
_full deeper small: out -67, passage -20, stem -20, more 21, option 49, answer 43, keys -30
_full gap capital: out 24, passage -70, stem 38, more -54, option -45, answer -38, feedback -28, facts -15, bank 16
_full gap label: out 47, passage -17, stem -29, more -21, option -61, answer -37, feedback -20, hint -20, row -30, bank -21, lines -23, keys -58, remark -37
_full gap small: out -22, passage -18, stem -47, answer 37, facts 13
_full none capital: passage -90, stem -18, more -19, option -35, wrapped -13, answer 22, feedback -72, row -99, bank -55
_full none label: out 17, passage -21, more -76, feedback -20, hint -12, facts 13, row -89, lines -13, keys -70, remark -22
_full none small: out 22, passage -24, more -49, option -19, answer 12, feedback -53, facts -39, row -58, bank -13, keys -14, remark -14
_full out capital: passage -14, stem -75, more -43, option -17, answer 35, feedback -63, row -36, bank -31, lines -29
_full out label: out 17, passage -20, stem -27, more -31, option -47, answer -20, feedback -14, facts 32, row -57, bank -20, keys -32, remark -28
_full out small: out -13, passage -36, stem -13, more -17, answer 50, feedback -52, facts -23, row -34
_full same capital: passage -32, option -76, wrapped -14, answer -28, feedback -104, hint -26, facts -26, bank 33, lines -20, keys -32, remark -40
_full same label: out 47, passage -85, stem -16, more -99, option -60, wrapped -20, answer -17, feedback -43, hint -32, facts -24, row -63, bank -39, lines -30, keys -31, remark -46
_full same small: passage -51, stem 18, more -67, option -53, answer 17, feedback -39, facts -19, row -15, bank -27, keys -19
_full stop capital: passage -33, more -14, option -33, feedback -50, facts -26, row -16, bank 17, lines -32, keys -16, remark -24
_full stop label: out 13, passage -61, stem -17, more -49, feedback -23, hint -27, row -33, bank -38, lines -17, keys -52, remark -30
_full stop small: out 26, passage -13, more 17, option -39, answer -43, feedback -32, facts -29, row -16, bank -18
_short asks capital: passage -35, stem -23, more -60, option 46, answer -20, feedback -53, hint -17, facts -76, row 15, bank -47, lines -34
_short asks label: passage -28, stem 34, more -35, option 14, answer -95, feedback -12, facts -12, row -57, keys -17, remark -16
_short asks small: out 16, passage -28, feedback -54, facts -47, row -12, bank -31, keys -70
_short bracket capital: passage -105, more 22, option -15, answer 13, feedback -44, hint -39, facts 17, row -24, bank -88, lines -33, keys -51, remark -21
_short bracket label: out 24, passage -40, stem -16, more -23, answer -107, feedback -22, hint -13, facts -53, row -31, bank -46, lines -17, keys 16, remark -26
_short bracket small: out -14, passage -33, stem 32, more -35, feedback -45, facts -29, row -30, bank -37, keys -21
_short colon capital: out 35, passage -25, stem -36, option 64, answer -35, facts -16, keys -20
_short colon label: passage -19, stem -14, option 35, row 26
_short colon small: out -38, passage 40, answer -40, row -15, keys -15
_short comma capital: passage -40, keys -23
_short comma label: out 13, stem -22, keys -17
_short comma small: out -33, passage 45, stem -46
_short deeper capital: out -61, stem 53, more -73, answer -18, feedback -111, hint -29, facts -31, row -26, bank -53, lines -34, keys -39, remark -45
_short deeper label: out -38, stem 13, more -36, option 50, answer -53, feedback -29, facts -65, row -18, lines -18, keys -19, remark -13
_short deeper small: out -71, passage -30, stem 62, more -17, option 51, answer -18, feedback -60, facts -42, bank -25, keys -71, remark -20
_short gap capital: out 36, stem -45, more -37, option -52, answer -18, feedback -28, hint -23, facts -52, bank -43, lines 14
_short gap label: passage -29, more -15, option -26, answer -16, row -40, bank -18, keys -75
_short gap small: out 34, passage -42, answer -39, facts -22, keys -12
_short none capital: out 12, passage -33, stem 33, more -98, option -94, wrapped -82, feedback -24, facts -25, row -117, bank -112, lines -74, keys -44, remark -95
_short none label: out 25, passage -22, stem -22, more -86, option -34, wrapped -40, feedback -86, hint -38, row -147, bank -29, lines -31, keys -45
_short none small: out -22, more -101, option -40, wrapped -40, answer 36, feedback -94, hint -31, facts -31, row -100, bank -36, lines -14, keys -24, remark -34
_short out capital: out 20, passage -128, stem -45, more -75, option 45, wrapped -35, answer -26, feedback -27, facts -77, row -80, bank -93, lines -64, keys 28, remark -39
_short out label: out 48, passage -50, stem -14, more -69, option -74, wrapped -28, answer -43, feedback -56, hint -30, row -74, bank -40, lines -30, keys -41, remark -56
_short out small: passage -47, stem 22, more -29, option -49, wrapped -22, feedback -73, hint -14, facts -38, row -52, bank -42, lines -19, keys -26, remark -32
_short same capital: more -40, option -126, wrapped -66, hint -22, facts -20, row -70, bank -34, lines -19, keys 40, remark -80
_short same label: passage -34, more -112, option -36, wrapped -25, answer -29, feedback -58, hint -57, row -17, bank -87, lines -47, keys -20
_short same small: passage 58, more -104, option -63, wrapped -33, answer 37, feedback -73, hint -29, facts -18, row -65, bank -60, keys -74
_short stop capital: out -37, passage 58, stem -26, more -25, wrapped -21, answer -56, feedback 25, hint -53, facts -33, row -59, keys 33, remark -59
_short stop label: passage -44, more -69, option -20, answer -119, feedback -27, hint -27, row 31, bank -59, lines -37, remark -97
_short stop small: stem 22, more -56, answer -32, feedback -27, bank -28, lines -15, keys -84, remark -32
any: passage -34, stem -13, option -24, wrapped -70, answer -14, feedback -39, hint -67, facts -19, row -39, bank -41, lines -59, remark -65
arrow end none: out -53, passage -15, stem -45, option -24, answer 30, facts -58, row -52, bank -21, lines -18, keys -34
arrow end stop: out 53, passage -17, stem -30, more -40, answer -22, feedback -38, keys -17
arrow words 15: out 58, passage -18, stem -38, more -22, option -29, feedback -48
arrow words 3: out -85, stem -55, more 17, option -67, answer 40, feedback -120, facts -49, row -37, lines -18, keys -13
arrow words 7: out -28, stem -21, more -21, option 19, feedback 21, facts -27, row -22, bank -17, keys -26
asks end asks: out 14, more 28, option -35, wrapped -36, answer -62, feedback -55, hint -38, facts -53, row -48, bank -37, lines -41, keys -54, remark -29
asks words 1: out -45, passage -17, stem -18, more 40, option -52, answer -14
asks words 15: out 30, passage -64, more -22, option -46, answer -47, feedback -38, hint -22, facts -23, row -29, bank -29, lines -24, keys -17, remark -19
asks words 3: passage -18, option -42, wrapped -23, answer -33, facts -39, lines -16
asks words 7: out -106, stem 29, more 38, option -18, answer -34, feedback -20, hint -15, facts -24, row -22, keys -37
asks words many: out 27, passage 17, stem -14, more -43, option -13, facts -20
before arrow: out -26, passage -39, stem 20, more -53, option -87, wrapped -19, answer -51, feedback 59, hint -25, facts -13, row -58, bank -37, lines -18, keys -79, remark -30
before asks: out -70, stem 33, more 20, option 34, feedback -80, hint -32, facts -21, row -36, bank -68, lines -37, keys -32, remark -45
before box: passage -63, stem -40, more -23, option 22, wrapped -26, answer 16, feedback -26, hint -58, row -71, bank -66, lines -21, keys -28, remark -87
before bracketed: out -14, passage -35, stem -17, more 53, answer -62, feedback -20, hint -35, facts -25, row -82, bank -16, keys 65, remark -21
before bullet: out 22, passage -98, stem -25, more 41, wrapped -41, answer 15, feedback -49, hint -104, facts -26, row -20, bank -35, lines -50, keys -74, remark -18
before capitals: out -63, stem 35, more -18, wrapped -23, answer -47, hint -38, facts -12, row -87, bank -22, keys 18, remark -18
before cells: out -13, stem -20, more -132, option 21, wrapped 22, answer 33, feedback -27, hint -39, facts -50, bank -19, lines 23, remark -33
before chatter: out -15, passage -23, stem 15, option -21, answer -82, feedback -30, facts 50, row -34, bank -37, keys -71
before colon: passage 39, stem -41, more 22, option -14, feedback -17, keys -21
before cue-answer: out -35, passage -112, stem -24, more -44, option -155, wrapped -22, answer -21, feedback 44, row -126, bank -76, lines -49, keys -19
before cue-difficulty: out 68, passage -107, stem -44, more -121, option -86, answer -119, feedback -100, hint -31, facts 31, row -99, lines -15, keys 17, remark -24
before cue-feedback: out -12, passage -76, stem -21, more -40, wrapped -29, answer 20, feedback 33, hint 16, facts -31, row -104, bank -37, lines -41, keys -54
before cue-hint: out -44, stem 33, answer 16, feedback 33
before cue-level: out -27, passage -41, stem 103, more -88, option -124, answer -87, feedback -102, hint -33, facts 16, row -86, bank -15, keys -94, remark -35
before cue-outcome: out -26, passage -63, more -71, answer -26, row -43, keys 21, remark -75
before cue-points: out 13, passage -56, stem -13, more -53, option -63, answer -91, feedback 57, hint -34, facts -22, row -77, bank -20, lines -24, remark -66
before cue-sample: out -38, passage -88, stem -39, more -42, option -41, answer 133, feedback -162, hint -18, facts 20, row -21, bank -54, remark -26
before cue-tags: out -14, passage -12, stem 45, more -58, option -47, answer -44, feedback -22, facts -19, keys -24, remark -14
before cue-wordBank: out 18, passage -37, stem -16, more 12, option -16, answer -24, feedback -26, facts 34, row -22, bank -13, keys -91
before edge: out 55, passage -117, stem -38, facts -20, bank -61, keys -84
before end asks: out -14, passage -28, stem -48, more -27, option 21, wrapped -51, answer 23, feedback -154, hint -44, facts -14, row -130, bank -111, lines -45, keys -12, remark -80
before end bracket: passage -147, more -104, wrapped -53, answer 21, feedback 34, hint -78, bank -13, keys -29, remark -78
before end colon: stem -94, more -14, option 13, wrapped -21, feedback -93, hint -22, facts -48, row 31, bank -40, lines -16, keys 12
before end comma: out -24, passage 24, stem -47, more 51, option -55, wrapped 39, answer 27, feedback -118, hint -51, facts -30, row -38, bank -25, keys -17, remark -35
before end gap: passage -39, stem -20, more -37, wrapped -27, answer -30, feedback -74, hint -38, row -72, bank 14, keys -46, remark -57
before end none: out -27, passage -48, stem -13, option -17, wrapped -51, answer -30, feedback -14, hint -39, facts -33, row -16, bank -107, lines -113, keys -15, remark -66
before end stop: passage 29, stem -23, more 28, option -48, wrapped -105, answer -16, feedback -46, hint -71, lines 36, keys -13
before field: out -17, passage 25, stem -12, option -32, feedback -38, hint -17, facts -53, bank -52, lines -27, keys 14, remark -34
before field-kind: out 14, passage -14, stem -36, more -60, option -22, answer 53, feedback -52, row -30, keys -28
before field-number: out -51, stem 36, more -19, option -41, answer -32, feedback -14, facts 36, row -25, keys -15
before field-option: out -37, passage -27, stem -59, option 52, answer 18, feedback 33, row -51, bank -27, keys -91, remark -31
before field-stem: out -15, passage -24, stem -41, more 50, answer -50, feedback -84, facts 68, row -31, bank -49, lines -17, keys 23
before field-time: out 26, passage -30, stem -61, answer -48, feedback -23, facts 20, bank -28, keys -40
before gap: out -45, passage 27, stem 34, more 17, option -30, answer -41, feedback -92, row -71, bank 71, lines -58, keys -65, remark -14
before heading: passage -20, stem 19, more -47, option -59, answer -130, feedback -108, hint -17, facts -32, row -98, bank -50, keys 29, remark -35
before identity: out 67, passage -82, option -51, answer -102, feedback -32, row -40, bank -40, lines -30, keys -74, remark -22
before instruction: out 56, passage -45, stem -40, answer -56, row -34, keys -37
before key-title: out -78, passage -71, stem -57, more -17, option -15, answer -72, feedback -26, hint -14, facts -28, row -26, bank -17, keys 92
before let-lone: passage -46, more -115, option -29, wrapped -21, feedback -33, hint -40, facts 13, row -40, bank -75, lines -30, keys -79, remark -68
before let0: out -24, stem 43, more -36, feedback -52, hint -41, row -22, bank -44, lines -47, keys -13, remark 20
before let1: out -22, passage -140, stem -45, more -22, option -25, answer 14, feedback -85, hint -21, facts -42, row -22, bank -69, lines -46, keys -48, remark 17
before let1-first: out -24, passage -42, more -30, option -25, wrapped 22, answer 16, feedback -25, hint -19, facts 17, row -18, bank -23, lines -19, remark 22
before let2: out 26, passage -35, option -33, wrapped -56, feedback -55, facts 16, row -23, remark -37
before let2-first: stem -46, more -20, wrapped -26, feedback -18, facts -14, row -27, bank -15, keys -16
before letter: out -36, passage -50, stem -23, option 131, wrapped -16, answer -101, feedback 39, hint -15, facts 13, row -17, bank -12, keys -67, remark -13
before lines: out -23, stem -13, more -29, bank -23, lines 14, keys -12
before num-lone: out -16, passage -58, stem 15, option -20, wrapped -36, answer -59, feedback 13, hint -54, facts 36, row 46, lines -20, keys -19, remark -34
before num0: passage -113, stem -56, option 14, wrapped -59, feedback -18, hint -52, facts -55, bank -36, lines -37, remark -94
before num0-again: out 20, passage -64, stem -26, more -24, wrapped -42, feedback -109, hint -35, facts -87, bank -48, lines -33, keys -22, remark -34
before num1: passage -84, stem -74, more -28, wrapped -41, answer 13, hint -62, facts -49, row 26, bank -77, lines 21, keys -58, remark -64
before num1-first: passage -20, stem -13, more -28, option 21, wrapped -15, answer -15, feedback -76, hint -13, facts -53, bank -27, keys -28, remark -28
before num2: out -67, passage -15, more -20, option 15, wrapped -13, answer -48, feedback -43, keys -72
before num2-first: out -17, stem -43, more -14, feedback -39, facts -19, keys -21
before number: passage -31, stem 13, more -33, option 67, answer -82, facts -25, row -17, bank -34, remark -20
before pair: out -15, passage -94, more -22, option -47, answer -73, feedback 39, hint -17, facts -32, bank -18, keys -19, remark -22
before phrase: out -36, passage 29, stem -38, more -52, option 42, answer -24, feedback -37, hint -49, row -38, bank -66, lines 14, remark -43
before rom-lone: out -70, passage -47, stem 62, option -40, answer -56, feedback -75, facts 41, bank -30, lines -29, remark -23
before rom0: passage -34, stem 40, option -34, wrapped -18, answer -46, hint -52, facts -28, bank -53, keys -39, remark -45
before rom0-again: out 25, passage -16, option -45, answer -49, feedback -58, hint -12, facts -27, row -64, keys 31, remark -31
before rom1: out -38, stem -59, more 29, answer -26, feedback -20, facts 25, remark -12
before rom1-first: passage -13, answer -23, feedback -20, facts -27, keys -13
before rule: out -54, passage -107, more -82, option -80, answer -47, feedback -56, hint -36, facts 47, row -25, bank -16, lines 22, keys 70, remark -52
before section: out -52, passage -91, stem 123, more -13, option -90, answer -136, feedback -55, hint -19, facts 52, bank -33, keys -76, remark -19
before sentence: passage 17, stem -29, more 25, option -27, wrapped -35, answer -63, feedback -82, hint -24, facts -39, row -19, bank -17, remark -47
before short: out -26, passage 85, stem -24, more -59, option 45, wrapped -72, answer -19, feedback -28, hint -103, facts -54, row -50, bank -36, keys -81, remark -85
before short-sentence: out -27, passage 45, stem -18, more -105, option 74, wrapped -72, answer -50, feedback -28, hint -70, row -22, bank -87, lines -47, keys -32, remark -81
before table-down: out 23, stem -74, option -28, answer -74, feedback -51, facts -34, row -29, keys -14
before table-pairs: out -45, passage -67, more -36, option -30, answer 38, feedback -58, hint -19, facts -32, row 23, bank -14, lines -18, keys -23, remark -16
before table-ticks: out 23, passage -21, stem -52, more -72, option -23, answer -84, feedback -55, hint -20, facts -30, row 12, bank -26, lines -35, keys -21
before table-wide: passage -29, stem 28, more -27, option -38, answer -47, feedback -65, facts 20, row -44, bank -25, keys -54, remark -19
before text: out -18, passage 22, stem -65, more 23, option 13, answer -18, feedback -20, hint -53, facts -95, row -82, bank -72, keys -24, remark -39
before ticked: out -22, passage -19, stem -19, wrapped -13, answer -69, hint 42, facts -24, row -28, keys -31
before truth: passage -28, stem 30, more -51, option -19, answer -89, feedback 79, hint -24, facts 26, row -14, bank -21, keys -41, remark -21
before word-lone: out -59, passage -33, stem 70, option -43, feedback -76, facts 22, row -41, bank -40, lines 21, keys -20, remark -34
before word0: out -24, passage -84, stem 74, answer -56, feedback -118, hint -87, facts -30, lines -32, keys -36, remark -99
before word0-again: out -19, passage -51, stem 73, more -77, feedback -32, hint -19, facts -44, row -28, bank -18, lines -30, remark -37
before word1: out -27, passage -39, stem 23, more 22, option 17, answer -24, feedback -58, row -16, keys -24, remark -16
before word1-first: out -27, passage -23, more 30, option 39, answer -27, feedback -55, facts -38, row -17
before2 arrow: out -25, passage -18, stem 25, more 49, option 20, answer -32, feedback -59, facts 29, row -41, bank -14, keys -69, remark -47
before2 asks: out -78, passage 12, stem 23, more -16, option 82, answer -50, feedback -96, hint -39, row -24, bank -34, lines -23, keys -82
before2 box: out -54, passage -114, option -13, wrapped -25, answer 25, hint -72, row -12, bank -75, lines -23, keys -13, remark -46
before2 bracketed: passage -46, more -74, option 38, wrapped -15, answer -56, hint -32, row -63, bank 31, lines -20, remark -23
before2 bullet: out -40, passage -37, stem 19, more -64, option 20, wrapped -15, answer 23, feedback -58, hint 15, facts 14, row -36, bank -78, lines -56, keys -42, remark -27
before2 capitals: passage -20, stem -27, more 28, option 21, feedback -75, facts -19, row -61, bank -14
before2 cells: stem 36, more -32, wrapped -51, answer -74, hint -25, facts -49, bank -61, lines -45, remark -37
before2 chatter: out 16, passage 41, stem -23, more -48, option -28, answer -90, feedback -40, facts -12, row -47, bank -15, lines 20, keys 17
before2 colon: passage -31, stem -38, more 13, option 14, answer -80, feedback -27, facts -33, keys -28
before2 cue-answer: out -19, more -18, wrapped -34, answer -35, feedback 22, facts -19, row -39, bank -62, lines -26, keys -47, remark 23
before2 cue-difficulty: out -49, passage -82, stem 16, option -13, answer -95, feedback 16, hint -17, facts 23, row -55, bank -28, lines -27, keys 42, remark -57
before2 cue-feedback: out -12, passage -93, more -48, option -39, wrapped -25, answer 32, feedback -28, hint -15, facts -15, row -92, bank -21, lines -19, keys 16, remark 72
before2 cue-hint: out 24, stem -36, keys -23
before2 cue-level: out -23, stem -50, more 21, wrapped -16, answer -36, feedback -62, hint -13, facts 75, row 18, bank -51, lines 20, keys -47, remark -32
before2 cue-outcome: out -24, passage -64, stem -54, more -25, option 31, row -48, lines -13, keys -37, remark -13
before2 cue-points: passage -46, stem -27, more -52, option -25, feedback 57, hint -12, facts 47, row -72, bank -23, lines -49, keys 24, remark -36
before2 cue-sample: out -56, passage -74, more -83, option -18, answer 115, feedback -151, hint -35, facts -19, bank -28, keys 29
before2 cue-tags: out -17, stem 23, more -38, option -17, answer 33, facts -66, row -61, keys -25
before2 cue-wordBank: out 34, passage -27, more -20, answer -14, feedback -68, facts 16, row -23, bank 22, keys -28
before2 edge: out 44, passage -83, stem -15, more -26, option -41, answer -77, feedback -89, hint -27, facts -19, bank -82, lines -35, keys -62, remark -28
before2 field: out -26, stem -31, more -65, option -16, wrapped -17, answer 22, feedback -19, hint -26, facts -14, bank -56, keys -13, remark -44
before2 field-kind: out -25, passage -18, stem -26, more 40, option 15, answer -67, feedback -25, facts 27, row -13, bank -43, lines -55, keys 23
before2 field-number: out 16, more 25, option -45, answer 31, feedback -34, row -15, keys -84
before2 field-option: out -41, passage -52, stem -30, option 37, feedback 25, row -60, bank -31, lines -18, keys -146, remark -51
before2 field-stem: out -29, passage -55, stem -64, more -24, option 20, answer -71, feedback -43, hint -13, row -31, bank -55, lines -46, keys 30
before2 field-time: passage -47, stem 75, answer -12
before2 gap: out -18, passage -33, more -19, option -29, answer 37, feedback -116, facts -33, row -21, bank 44, lines -14, keys -20, remark -19
before2 heading: out 36, more -54, answer -31, feedback -167, hint -33, facts -59, row -16, lines -24, keys -33, remark -36
before2 identity: out 33, passage 19, stem -24, more -25, answer -36, feedback -24, hint -44, row -82, bank -44, keys -14, remark -22
before2 instruction: out 82, passage -49, option -68, answer -46, feedback -33, row -56, keys -37
before2 key-title: out -29, stem -37, more -33, answer -58, feedback -34, facts -37, row -39, bank -24, keys 78
before2 let-lone: passage -77, more -27, wrapped -21, answer -34, feedback 21, hint -46, row -37, bank -84, lines -33, remark -59
before2 let0: passage -108, stem 74, more -40, option -43, feedback -28, hint -65, facts -59, bank -77, remark -113
before2 let1: out -31, passage -35, stem -19, option -50, answer -16, hint -12, facts -22, row -57, bank -99, lines -59, remark -18
before2 let1-first: out -41, passage -28, feedback 31, hint -29, facts 47, row -17, bank -21, lines -16, keys -50, remark -15
before2 let2: passage -45, stem 43, more -18, option -62, wrapped -55, feedback 25, hint -14, facts 20, row -26, remark -44
before2 let2-first: out 47, stem -47, option 43, wrapped -27, feedback -16, row -13, keys -28
before2 letter: out 14, more -13, option -26, feedback 36, facts 19, row -70, bank -13, keys -69
before2 lines: out 24, more -39, option -49, answer -19, facts -13, row 13
before2 num-lone: passage -58, stem -12, more 22, option 38, wrapped -17, answer -58, feedback -29, hint -34, bank -42, keys -15, remark -34
before2 num0: passage -98, stem -61, wrapped -86, answer -50, hint -67, facts -38, bank -54, lines -21, remark -104
before2 num0-again: passage -79, more -26, wrapped -30, answer -30, feedback -17, hint -32, facts -96, bank -33, lines -20, remark -48
before2 num1: out -32, passage -54, more 15, wrapped -40, feedback -94, hint -64, facts -40, bank -76, lines -36, remark -60
before2 num1-first: out -19, passage -33, stem -15, more 30, wrapped 16, answer -53, feedback 44, hint -36, bank -21, lines -25, keys -33, remark -45
before2 num2: out -56, passage -25, more -13, option 18, answer -48, keys -23
before2 num2-first: out -47, stem -89, more -16, answer -41, facts 20, keys -18
before2 number: out -31, passage -59, stem 23, more -18, wrapped -30, answer 26, feedback 30, hint -12, row -69, bank -36, lines -14, keys -90, remark -22
before2 pair: out -30, stem 23, wrapped -24, answer -36, feedback -89, hint -13, facts -30, row -13, lines -14, keys -102, remark -12
before2 phrase: out -38, passage 26, more -82, option 57, wrapped 22, feedback -35, hint -17, facts -28, row -20, bank -68, keys -47, remark -48
before2 rom-lone: passage -46, more 15, feedback -70, facts -20, row 13, bank -22, remark -19
before2 rom0: passage -32, wrapped -17, feedback -101, hint -18, facts -81, row 13, bank -35, lines 16, remark -37
before2 rom0-again: out 30, passage -24, stem 12, more -25, option -39, answer -77, feedback -50, facts -40, row -39, bank -12, keys 20, remark -36
before2 rom1: out -21, passage -17, stem 23, option 12, answer -21, facts -33, row -31
before2 rom1-first: out 33, passage -38, stem -40, more 12, answer -33, feedback -22, facts -20
before2 rule: out -52, passage -22, stem -12, more -40, option -21, answer 39, feedback -130, hint -51, facts -12, row -54, bank -74, lines 15, remark -45
before2 section: out -34, passage -14, stem 58, option -13, wrapped -18, feedback -90, hint -20, facts -15, row -16, bank -18, keys -21, remark -16
before2 sentence: passage 22, stem 23, more -24, option -31, wrapped -17, answer -60, feedback -40, hint -70, row -31, keys -22
before2 short: stem -20, answer -26, feedback 20, hint -68, facts -51, row -41, bank -84, keys -82, remark -69
before2 short-sentence: out -24, passage 80, stem -38, more -34, wrapped 17, answer -63, feedback -106, hint -57, facts -49, bank -38, keys -18, remark 37
before2 table-down: out 30, passage -44, stem -100, option -26, answer -88, feedback -56, facts -47, row -27, keys -17
before2 table-pairs: passage -45, stem 18, more -58, option -54, answer 30, feedback -82, hint -19, facts -16, bank -46, remark -22
before2 table-ticks: out -34, passage -28, stem 13, more -46, option -42, answer -106, feedback -63, hint -12, facts -27, bank -27, keys -14
before2 table-wide: out -28, stem 20, answer -77, facts -18, bank -27
before2 text: passage 51, stem 17, more -37, option -17, wrapped -42, answer -92, feedback -83, hint -43, facts -28, row -57, bank -50, keys -51
before2 ticked: out 44, passage -34, stem -21, more -29, option -25, answer -158, feedback 41, row -39, keys -26, remark -51
before2 truth: out -32, passage -37, more -75, option 15, answer 40, feedback -44, facts 51, bank -22, keys -43, remark -27
before2 word-lone: out -52, passage -36, stem 29, more -14, wrapped -12, feedback 15, row 13, lines 17, keys -16
before2 word0: passage -64, more 27, wrapped -48, feedback -30, hint -40, facts -33, bank -19, lines -35, remark -75
before2 word0-again: out 17, more 19, option 38, feedback 15, facts -36, row -17, bank -13, lines 32, remark -20
before2 word1: out -15, passage -20, stem -17, option 21, answer 21, facts -25, row -15, keys -63, remark -17
before2 word1-first: out -28, stem -18, answer 21, row -22
behind arrow: out -50, stem 34, more 60, answer -111, feedback -16, hint -27, facts -52, row -15, keys -68, remark -34
behind asks: out -45, passage -13, stem 29, more -32, wrapped -19, answer 37, feedback -31, hint -49, facts 24, row -87, bank -66, keys -105, remark -28
behind box: out -13, passage -42, stem 45, more 35, wrapped 19, answer -141, feedback -110, hint -26, facts -126, bank -57, lines -31, keys -77, remark -28
behind bracketed: out -20, passage -59, stem 13, option 15, feedback -72, facts -50, lines -35, keys -18, remark -22
behind bullet: passage 29, more -19, feedback -70, hint -54, facts -59, row -27, bank -54, lines -45, keys -41
behind capitals: out -15, passage -55, stem -20, more -22, wrapped -27, answer 33, feedback -25, facts -20, bank -47, lines -42, keys -33, remark -14
behind cells: out -40, more -53, wrapped 13, answer -21, hint -43, row 13, bank -74, lines -31, remark -36
behind chatter: passage 14, stem -19, option -44, wrapped -12, feedback -14, facts -54, row -40, bank -32, lines 16
behind colon: passage -36, stem -59, more 26, option -17, answer 29, feedback -62, facts -19, row -18, keys -64
behind cue-answer: out -81, passage -39, stem 76, more 66, wrapped -23, answer -72, feedback -128, hint -58, facts -83, row 31, lines -103, keys -144, remark -83
behind cue-difficulty: out -102, passage -59, stem 50, option 20, wrapped -66, answer 22, feedback 42, hint -35, row -56, bank -53, lines -18, keys -15, remark -62
behind cue-feedback: out -39, stem -57, more 32, wrapped -38, answer 46, feedback -120, hint 18, row -68, bank -21, lines -14, keys -60, remark -51
behind cue-hint: option 47, answer 27, feedback 13, row -38, keys -31
behind cue-level: out 46, passage -21, stem -22, more -54, option -17, wrapped -13, hint -19, facts -17, row -81, bank -52, lines 15, keys -92, remark -46
behind cue-outcome: stem -111, more -23, feedback -58, row -56, bank -18, remark -30
behind cue-points: out -62, passage -54, stem -44, more 46, option -83, answer 81, hint -19, row 32, bank -34, lines -48, keys -59, remark -20
behind cue-sample: out -77, passage -24, stem 80, option -22, wrapped -25, answer -72, feedback -45, hint -19, facts -36, row -38, lines 48, keys -47, remark -16
behind cue-tags: out -45, passage -36, stem -47, more -48, option -32, hint -40, facts 42, row -13, bank -35, keys 36, remark 35
behind cue-wordBank: passage -58, stem 33, option -14, answer -51, feedback -22, facts -25, row -17, lines -15, keys -19
behind edge: out 39, passage -50, stem -21, more -20, option -31, wrapped -52, feedback -28, hint -37, facts -43, row -49, bank -28, lines -40, remark -28
behind field: stem -16, more -81, answer -15, hint -29, facts 34, row -21, bank -31, lines -34, keys -18, remark -45
behind field-kind: passage -31, stem -14, more -61, option -79, answer -63, feedback -20, facts 42, row -55, bank -35, lines -30, keys -55, remark -29
behind field-number: out 23, passage -18, stem -52, more -50, option -67, feedback -17, facts 30, row -31, bank -29, lines -28, keys -41, remark -40
behind field-option: out -71, stem -42, more 57, option 38, answer -44, feedback -24, facts -87, row -48, bank -28, lines -13, keys -28
behind field-stem: out 19, passage -41, stem -100, option -68, answer -45, feedback 21, bank -35, lines -37, keys -58, remark -25
behind gap: out -20, passage -31, stem -28, more 53, option 13, feedback -23, facts 17, row -24, bank 18, keys -112, remark -39
behind heading: stem -13, more -50, option 20, wrapped -27, answer 43, feedback -58, hint -22, facts -22, row -83, bank 19, lines -31, remark -29
behind identity: passage -56, stem -57, feedback 18, row -34, bank -35, remark -34
behind instruction: out 48, passage -30, stem -66, more -66, option -37, answer 12, feedback -21, facts -58, row -22, keys 62
behind key-title: passage -21, stem 38, wrapped -26, answer 22, feedback -35, hint -19, facts -26, row -34, bank -23, keys -70, remark -22
behind let-lone: out -16, passage 33, option -56, wrapped -30, answer -13, feedback -32, facts 21, row 13, bank -80, keys -28, remark -42
behind let0: out -84, passage -57, stem 50, option -13, wrapped -30, answer -75, feedback -30, hint -28, facts -23, row -30, bank -59, lines -30, keys 52
behind let1: out -23, passage -77, stem -96, more -81, wrapped 37, answer -56, feedback -12, hint -48, facts 14, bank -44, lines -39, keys -27, remark 38
behind let1-first: out -25, passage -42, stem 34, more 70, option -103, wrapped -61, answer -103, feedback -65, hint -32, facts 51, row -89, bank -33, lines -27, keys -51, remark -44
behind let2: stem -73, more -47, option 23, wrapped -46, answer -23, feedback -15, facts -29, row -45, lines -20, keys -23, remark -13
behind let2-first: out -38, stem 81, more 28, option -72, wrapped -39, answer -49, feedback -47, facts -32, row -43
behind letter: out -98, stem 68, more -37, option 81, answer -34, feedback -54, row -41, keys -63, remark -22
behind lines: out -47, more -22, option 14, answer -38, facts 42, lines 17, keys -21
behind num-lone: out 55, passage -68, stem -36, option -41, wrapped -64, answer -27, feedback -31, hint -18, facts -26, bank 15, lines -15, remark -20
behind num0: out 26, stem -70, more -47, wrapped -22, feedback -31, facts -93, bank -28, lines -33, keys -26, remark -32
behind num0-again: out 13, passage -75, option -29, wrapped -36, answer -63, feedback -120, hint -37, facts -37, bank -31, lines -43, remark -49
behind num1: out -33, passage -60, stem -15, more -35, wrapped -17, answer -61, feedback -17, hint -34, facts -95, bank -54, lines 13, remark -48
behind num1-first: out 55, passage -58, stem -23, more -21, option -67, wrapped -63, answer -77, hint -18, facts -50, row -55, bank -25, lines -16, keys 49, remark -34
behind num2: out -21, stem -53, more -44, option 18, answer -14, feedback -12, facts -39, bank -14, keys -28
behind num2-first: stem 40, more 53, option -55, wrapped -16, answer -32, feedback -39
behind number: out -80, passage -28, stem 22, more 53, option 56, answer -64, feedback -72, hint -14, facts -32, row -83, lines -13, keys -24
behind pair: out 12, passage -46, more -19, option 22, wrapped -13, answer -61, feedback -24, hint -13, facts 16, bank -59, lines -30, keys -28, remark -18
behind phrase: out -17, passage 13, stem -16, more -26, wrapped -30, answer -28, feedback -16, hint -36, facts 18, row -50, bank -18, lines -35, keys -26, remark -15
behind rom-lone: passage -39, stem -43, more 15, wrapped -29, feedback -15, facts 12, row -37, bank -18, remark -17
behind rom0: out 29, stem -14, more -53, option -17, answer -38, feedback -18, hint 16, facts -53, bank -52, lines 15, remark -48
behind rom0-again: out 23, passage -25, more -21, option -49, answer -75, feedback 26, hint -22, facts -46, row -18, bank -12, lines -16, keys 36, remark -41
behind rom1: passage -54, stem -49, more -14, option 20, answer -41, feedback -51, hint -21, facts -45, row -17, bank -28, keys -42, remark -24
behind rom1-first: out -55, stem 37, more -20, option -22, answer -36, keys 24
behind rule: out -44, passage -68, stem 20, more 19, option -47, wrapped -15, answer -91, feedback 25, hint -44, facts -106, bank -71, lines 30, keys -128, remark 13
behind section: out -33, passage -62, stem 17, more -23, wrapped -50, answer 28, feedback 26, hint -16, row -27, bank -84, lines -30, keys -17, remark -19
behind sentence: out 18, passage 22, stem -74, more -31, option -43, wrapped -23, answer 32, feedback -72, hint -37, facts 44, row -114, bank -66, lines -23, remark -77
behind short: out 12, more -45, wrapped -17, answer -17, feedback 56, hint -48, facts -33, row -43, bank -14, lines -15, remark -87
behind short-sentence: passage -21, stem -56, more -101, option 13, answer 37, hint -15, facts 20, row -14, bank -53, lines -12, keys -20, remark -74
behind table-down: out -39, passage -22, more -33, option -44, answer -40, feedback -15, hint -15, facts -28, row -30, keys 47
behind table-pairs: passage 13, stem 57, more -25, option -50, answer -103, feedback -91, hint -32, facts -48, bank -64, lines -35, remark -43
behind table-ticks: out -36, stem 76, more 34, option -28, answer -70, feedback -58, hint -21, facts -41, row 30, lines -35, keys -41, remark -12
behind table-wide: out -38, passage -33, option 26, feedback -20, facts 55, row -20, keys -36, remark -14
behind text: out -21, passage -16, more -12, option 34, wrapped -104, answer -30, feedback -32, hint -50, row -20, bank -14, remark -72
behind ticked: out 37, more -79, option -27, answer -80, feedback -28, facts -34, keys -12
behind truth: out -46, passage -29, stem 104, more -44, option -27, feedback -82, hint -17, facts 14, row -27, lines -14, keys -32, remark -16
behind word-lone: out -16, passage -68, stem 20, more -31, option -76, answer -63, feedback -48, facts 62, row -38, bank -18, keys -106, remark -20
behind word0: out 32, passage 24, stem -14, more -24, option -17, wrapped -86, hint -75, facts -22, row -14, bank -26, remark -74
behind word0-again: out 92, passage -47, stem -71, more -22, hint -31, facts -89, row -36, bank -23, lines 20, keys 25, remark -62
behind word1: out -41, passage -55, more -47, option -20, answer 40, feedback 25, hint -30, facts -46, keys -55, remark -32
behind word1-first: out 53, stem -57, more -17, option -25, answer -34, feedback -14, facts 29, keys -25
behind2 arrow: out 22, passage -55, stem -14, more -20, option 34, wrapped -13, answer -15, hint -22, facts 35, row -33, bank -13, keys -58, remark -69
behind2 asks: out -47, passage -14, stem 15, more -21, option 27, wrapped 21, feedback -26, hint -52, facts 36, row -73, lines -37, keys -101, remark -31
behind2 box: out -30, passage -86, stem 24, more -33, option -24, feedback 40, hint -66, facts -52, row -24, bank -63, lines -21, keys -15, remark -47
behind2 bracketed: out 15, passage -52, stem 16, option 16, wrapped -23, answer -58, feedback -96, hint -58, facts 22, bank -27, lines -26, keys -42, remark -37
behind2 bullet: passage -18, more -25, option -18, answer -20, hint -86, bank -70, keys 21, remark -24
behind2 capitals: passage -55, more -56, option -41, answer 22, facts -14, bank -14, lines -45, keys -42, remark -33
behind2 cells: out -32, stem -15, wrapped -31, feedback -17, hint -68, facts -55, bank -30, lines -22, remark -37
behind2 chatter: out -18, passage 18, stem -27, more -57, option -19, wrapped -12, answer 21, feedback -18, facts -43, row -40, bank -23, lines 19, remark -13
behind2 colon: passage -24, stem -38, more 13, answer 16, feedback -76, facts -55, bank -32, keys -13, remark -12
behind2 cue-answer: out 18, passage -12, stem -47, more 15, option 21, wrapped -25, answer -47, feedback -26, hint -97, facts 32, row 29, lines -37, keys -154, remark -53
behind2 cue-difficulty: out -92, passage -42, more -29, option 22, wrapped -17, feedback 35, hint -15, facts 19, bank 15, lines -48, keys -31, remark -36
behind2 cue-feedback: out -13, stem -28, more 13, option 57, wrapped -26, answer -68, feedback -56, facts -30, row -85, bank -44, remark 49
behind2 cue-hint: out -18, option 54, row -25
behind2 cue-level: passage -28, stem -45, wrapped -32, answer -15, hint -22, row -36, bank 20, keys -76, remark 41
behind2 cue-outcome: out 12, stem -69, option -25, answer -26, row -59, keys 14
behind2 cue-points: out -87, passage -21, stem -35, more -28, answer 74, feedback -60, hint -17, row 39, bank -19, keys -63
behind2 cue-sample: out -43, stem -20, more -44, answer 36, feedback -18, hint -26, facts -29, row -60, bank -49, lines 22, keys 28, remark -18
behind2 cue-tags: out -67, passage -18, stem -13, more -19, feedback 12, facts 56, row -44, keys -61, remark -16
behind2 cue-wordBank: out -25, passage -22, stem -36, more 30, answer -12, facts 29
behind2 edge: out 28, passage -64, stem -19, more -42, option -43, wrapped -65, answer -15, feedback -29, hint -47, facts -31, row -56, bank -47, lines -15, keys 13, remark -48
behind2 field: passage 17, more -25, option -16, answer -17, feedback -33, hint -36, facts -33, row -24, bank -72, lines -24, remark -32
behind2 field-kind: stem -67, more -24, option -31, answer -51, facts 45, row -47, lines -26, keys -96, remark -19
behind2 field-number: out 51, stem -40, more 39, option -63, answer 35, feedback 31, facts 18, row -46, bank -27, keys -112, remark -14
behind2 field-option: out -57, passage -42, stem -19, more 56, option 18, answer -57, row -42, bank -33, lines -48, keys -45, remark -15
behind2 field-stem: passage -78, stem -103, more -32, option -79, answer -13, feedback -24, facts 63, bank -37, lines -28, keys -49, remark -35
behind2 gap: out -26, passage -44, more 24, wrapped -15, answer -87, feedback -59, facts 22, row 50, bank -57, keys -18, remark -23
behind2 heading: out 33, passage 24, stem -16, more -57, option 29, wrapped -15, answer -53, hint -32, facts -37, row -78, bank -35, keys -53, remark -17
behind2 identity: out 30, passage -52, more -26, option -35, feedback -43, facts -69, row -37, remark -26
behind2 instruction: passage -18, stem -67, more -16, answer 17, feedback -56, keys 29
behind2 key-title: out -23, passage -53, stem 40, more -37, option 51, answer -76, feedback -16, hint -22, row -31, bank -12, keys -63, remark -22
behind2 let-lone: out -31, passage 46, stem -17, more 12, option -48, wrapped -38, feedback -55, hint -62, facts -32, row 42, bank -82, lines -17, keys -46, remark -53
behind2 let0: passage -42, stem 73, option -36, wrapped -51, answer -62, feedback -59, hint -46, facts -40, row -79, bank -16, lines -32, keys 55, remark -32
behind2 let1: out -21, passage -59, stem 31, more 37, option -18, wrapped 15, answer -50, feedback -30, hint -49, facts -89, row -39, bank -53, lines -45, keys -86, remark -15
behind2 let1-first: out 19, stem -38, option -39, wrapped -19, answer -16, facts 23, row -20, bank -68, lines -42, keys -74, remark -73
behind2 let2: out -61, stem 69, wrapped -55, answer -45, feedback -53, facts -56, row -48, bank -13, keys -24
behind2 let2-first: out 33, passage -32, stem -28, wrapped -23, facts 18, row -20, bank -17, keys -67, remark -40
behind2 letter: out 24, passage -19, stem -59, more -106, answer 14, facts -53, row -51, keys -50, remark -26
behind2 lines: out -17, more 14
behind2 num-lone: out -18, passage -23, wrapped -28, answer -65, feedback 21, hint -25, row -19, bank 19, lines -57, keys 28, remark -32
behind2 num0: out -27, stem -39, more -28, answer -22, feedback -21, hint -26, facts -27, bank -51, keys -16, remark -30
behind2 num0-again: out -34, passage -94, stem -19, more -32, option -20, wrapped -54, feedback -25, hint -35, facts -38, row -30, bank -49, lines -31, remark -48
behind2 num1: passage -70, more -23, wrapped -15, answer -52, feedback -25, hint -49, facts -60, bank -46, lines -36, keys 13, remark -56
behind2 num1-first: passage 25, more -51, option -14, wrapped -53, answer -17, feedback 27, hint -36, facts -12, bank -50, keys -33, remark -43
behind2 num2: out -31, stem 18, more -21, option -17, answer -71, feedback -47, facts -31, row 20, bank -14, keys -26
behind2 num2-first: out 17, passage -24, stem -47, answer -13, feedback -21, facts 57, row -38, keys -65
behind2 number: out -28, passage -55, stem -26, more -65, wrapped -20, answer 64, feedback -37, facts 17, row -60, lines -24, keys -12, remark -34
behind2 pair: out 18, passage -37, stem 26, more 16, option -17, feedback -109, hint -12, facts -41, lines -19, keys -17, remark -34
behind2 phrase: passage 12, stem -26, option 24, wrapped 24, answer -22, hint -48, facts -65, bank -49, lines -27, keys -63, remark -15
behind2 rom-lone: out -26, passage -50, stem 38, option -16, wrapped 38, answer -64, facts -20, row -51, bank -20, lines 35
behind2 rom0: out -28, passage 13, stem 63, option -32, answer -55, feedback -57, hint -12, facts -58, bank -46, lines -30, remark -36
behind2 rom0-again: out -29, passage -16, option -46, answer -42, feedback -26, facts -28, row -16, bank -13, keys 26, remark -36
behind2 rom1: out -52, more -30, option 26, answer -40, feedback -23, facts -63, row -21, remark -17
behind2 rom1-first: out -42, passage 25, more -15, option 18, facts 15, keys -14
behind2 rule: out -29, passage -48, stem -37, option -51, wrapped -33, feedback -25, row -77, bank -66, lines 19, keys -16
behind2 section: out 29, passage -94, stem 20, more 32, option -26, wrapped -21, answer -30, feedback 15, facts -43, row -41, bank -49, keys -54, remark -25
behind2 sentence: out 37, stem -49, option -39, wrapped -39, answer -12, feedback -48, hint -34, facts 37, row -66, bank 27, lines -26, keys -19
behind2 short: passage -57, more -30, option 23, wrapped -12, feedback -44, hint -71, row -86, bank -34, keys 23, remark -29
behind2 short-sentence: out -34, passage 22, more -32, option 19, wrapped -58, answer -50, feedback -112, hint -44, facts -53, row -34, lines -43, remark 23
behind2 table-down: out -31, passage -41, stem -21, more -26, option 20, answer -63, feedback -85, facts -32, row -67, bank -28, lines -24, keys 44
behind2 table-pairs: out -17, stem 28, more -24, option -37, wrapped -13, answer 25, feedback -76, hint -28, row -34, bank -68, lines -37, keys 16, remark -37
behind2 table-ticks: out -22, passage -32, stem 20, more -60, option -38, feedback -53, hint -23, facts -16, row 38, bank -16, lines -40, keys -39, remark -15
behind2 table-wide: out -22, stem -47, option -14, answer -36, facts -40, row 57, keys -34
behind2 text: out -14, stem 33, more -51, option -30, wrapped 13, answer 29, feedback -20, hint -39, facts -39, row 22, keys -23, remark -16
behind2 ticked: out -82, more -46, answer -69, feedback -44, hint 41
behind2 truth: out -111, passage -47, more -60, option -56, answer 105, hint -22, facts 67, row -24, keys -42
behind2 word-lone: passage -60, stem -31, wrapped -28, answer 20, row -63, bank -52, keys -80, remark -50
behind2 word0: out -23, more 21, wrapped -13, answer 20, feedback -50, hint -46, facts 13, row -14, bank 13, lines -49, keys -87
behind2 word0-again: out -25, passage -16, stem 19, feedback -62, hint -14, row -41, bank -36
behind2 word1: out -61, passage -18, more -43, option 17, feedback 13, facts 34, row -18, keys -76
behind2 word1-first: out 40, passage -13, stem -13, more 39, option -34, answer -41, facts -52, row -45, bank -21, keys -27
bold all: out -102, passage -105, stem 12, more -82, wrapped -18, feedback -98, hint -42, facts 67, row -115, bank -57, lines -47, keys -81, remark -48
bold some: out -13, passage -70, stem 27, more -89, wrapped -20, answer 30, hint 14, row -109, lines -37, keys -88, remark -41
box end asks: stem -18, option 40, answer -15
box end bracket: stem -41, more -30, option 46, answer -66, feedback -30, facts -20
box end gap: out -21, stem -16, option 41, lines -18
box end none: out 16, passage -18, stem -69, more -45, answer -22, feedback -33, facts -61, row -37, bank -15, keys -57, remark -16
box end stop: out -29, passage -19, stem -36, more -41, option 85, wrapped -13, answer -52, feedback -25, remark -27
box open: out 21, option 41, answer -58, feedback -42, hint -15, facts -20, row -55, keys -24
box ticked: out -43, facts 53
box words 1: out -22, stem -25, more -27, option 19, facts -25, row -16, keys -26
box words 15: out 16, stem -41, more -65, option 30, answer -79, feedback -26, keys -14
box words 3: stem -56, more -31, option 39, answer -159, feedback -27, facts -49, row -22, remark -16
box words 7: out 20, passage -19, stem -65, more -26, answer -123, feedback -29, facts -12, row -18, lines -24, keys -30, remark -16
box words many: out 19, option -24, answer -14, feedback -14
bracketed end bracket: out 15, passage -34, stem -107, option -66, wrapped -19, answer -41, hint -48, facts -86, row -43, bank 15, lines -42, remark -34
bracketed words 1: out -58, stem -14, more -60, option -84, answer 46, feedback -45, facts -24, bank -53, keys 51
bracketed words 15: out 19, passage -46, stem -68, more 31, option -26, answer -67, feedback 19, hint -15, facts -20, row -18, lines -14, keys -136, remark -21
bracketed words 3: passage -15, stem -46, more 32, option -56, answer 30, feedback -81, facts -45, row -33, bank -66
bracketed words 7: out 15, passage -15, stem -94, more -72, option -35, answer -17, hint -22, facts -30, row -24, lines -14, keys -15, remark -14
bracketed words many: out -62, stem -31, answer -28, feedback 37, bank -18, keys -36
bullet end asks: out -114, stem 118, more 18, option -48, answer -64, feedback -22, row -41, remark -26
bullet end bracket: more -88, answer -93, feedback -50, facts -21, row 22, keys -28, remark -32
bullet end colon: stem 31, more -33, option -54, row -33, remark -31
bullet end gap: out 25, stem 19, more -63, option -57, row -12, remark -13
bullet end none: passage -20, more -17, option 27, wrapped -26, answer -40, feedback -28, facts -48, bank -29, lines -22, keys -45, remark -73
bullet end stop: out -38, passage -46, stem -28, more -19, option -25, answer -142, feedback 24, row -60, keys -13, remark 35
bullet run: stem 36, option -28
bullet words 1: out -63, passage -33, more 22, option 49, wrapped -14, answer 27, feedback -74, facts -32, row -56, keys -23, remark -43
bullet words 15: passage -12, more -110, option -52, answer -95, hint -14, facts -41, row -126, keys -32, remark 47
bullet words 3: out 15, more -68, option 36, answer -206, feedback -105, facts -31, row 28, lines -16, keys -26, remark -54
bullet words 7: out 27, passage -15, answer -138, feedback 32, facts -29, row -80, bank -17, keys -29, remark -63
bullet words many: out -16, stem 46, option -45, answer -17, feedback -23, row -17
capitals end none: out 50, passage -50, stem -122, more -102, wrapped -15, answer -14, feedback -132, hint -23, facts -54, row -32, bank -25, lines -18, keys -30
capitals words 1: out 54, stem -59, more -31, option 22, wrapped -17, answer -98, feedback 28, facts -86, keys -27
capitals words 3: out 48, passage -24, stem 21, option 39, answer -20, feedback -82, facts -51, row -16, keys -73
capitals words 7: passage -25, stem -58, more -15, option -26, answer -16, feedback -34, facts -26, row -26, bank -12
cells end bracket: out 25, passage -34, stem -31, more -13, option -15, answer -54, feedback -30, hint -16, facts -13, row 34, bank -30, keys -74
cells end none: more 20, answer -50, feedback -126, hint -38, facts -30, row -22, lines -36, keys -25, remark -24
cells run: passage -70, more -85, option 41, answer -75, feedback -34, facts -70, row -58, bank -57, keys -101
cells words 15: out -37, passage -34, option 15, wrapped -42, answer -101, feedback -64, hint -35, facts -86, bank -80, lines -15, keys 38
cells words 3: out 39, passage -13, stem -33, option -98, feedback -34, bank -27, keys -116
cells words 7: out 14, passage 17, stem -57, option -17, wrapped -22, answer -87, feedback -91, facts -34, row -19, lines -16, keys -34, remark -15
cells words many: out -90, passage -34, stem 62, more -32, option -18, answer -40, feedback -15, facts -43, row -31, bank -20, keys 44
chatter end asks: out 39, stem -41, feedback -14
chatter end bracket: out 23, keys -24
chatter end colon: out 58, stem -15, feedback -16, keys -15
chatter end comma: out -40, passage 40, stem -15, answer -15, facts -14
chatter end none: answer -19, facts -18
chatter end stop: out 56, passage -38, stem -27, option -29, answer -49, feedback -30, hint -15, facts -15, lines -14, keys -22
chatter run: out 41, passage -14, stem -45, option -14, answer -21, feedback -13, keys -24
chatter words 15: out 32, passage -50, stem -13, option -17, answer -33, feedback -56, facts -22, bank -14, keys -35
chatter words 3: out 42, passage -32, answer -28, feedback -19, facts -12, lines -12, keys -13
chatter words 7: out -20, passage 37, stem -36, more -15, answer -21, feedback -16, facts -14, keys -18
chatter words many: out 62, passage -25, stem -73, option -17, answer -30, feedback -40, keys -15
colon end colon: passage -23, more 15, option -23, answer -47, feedback -35, hint -19, facts -42, row -15, bank -17, remark -16
colon words 15: out 54, stem -48, more -25, answer -19, feedback -24, keys -37
colon words 3: out 33, passage -12, stem -53, answer -16, feedback -18, facts -17, keys -36
colon words 7: out -82, stem 54, more 19, option -22, answer -12, facts -23, row -15, keys 43
colon words many: out 55, stem -50, more -20, answer -31, feedback -25, keys -45
coloured: out -84, passage -34, stem 29, more -47, option 44, answer 86, facts -17, row -102, remark -14
columns: out -43, stem 15, more -92, option 26, answer -116, feedback -93, hint -24, row -14, bank 60, lines -29, remark -39
cue-answer end asks: out -29, stem -13, answer 57, keys -48
cue-answer end bracket: out -26, stem -15, more -50, option -24, feedback -32, hint -17, facts -14, bank -35
cue-answer end colon: out -24, stem -19, more -21, answer -55, keys 49
cue-answer end comma: stem -16, answer 27, keys -22
cue-answer end none: out -85, passage -45, stem -61, more -78, option -26, wrapped -32, answer 51, feedback -40, hint -14, facts -98, row -71, lines -30, remark -13
cue-answer end stop: out -19, passage -31, stem -58, more -46, option -33, answer 71, feedback -47, bank -25, keys -57
cue-answer run: out -21, option -34, answer 21, keys -13
cue-answer words 1: out -36, stem -32, more -31, option 26, answer -55, hint -14, facts -22, bank -28, lines -17, keys 55
cue-answer words 15: out -23, passage -35, stem -38, more -20, option -116, answer 31, feedback -45, bank 30, keys -19
cue-answer words 3: out -79, passage -36, stem -30, more -54, option -57, wrapped -23, answer 75, facts -84, row -43, bank -75, lines -14, keys -79
cue-answer words 7: out -53, passage -18, stem -36, more -67, option -13, wrapped -14, answer 29, feedback -56, hint -20, facts -30, row -29
cue-answer words many: more -21, answer 59, feedback -24, bank -15, keys -52
cue-difficulty end none: out -45, passage -17, stem -48, more -50, option -70, answer -84, feedback -56, facts 65, row -54, lines -23
cue-difficulty words 3: out -43, passage -17, stem -48, more -50, option -69, answer -80, feedback -55, facts 74, row -54, lines -21, keys -13
cue-feedback end bracket: out -26, more 21, feedback -13
cue-feedback end none: out -86, stem -39, more -41, option 15, answer -18, feedback 77, facts -45, row -22, bank -22, keys -74, remark -20
cue-feedback end stop: passage -32, stem -62, more -29, option -68, wrapped -36, answer -118, hint -44, facts -29, row -33, bank -16, lines -17, keys 19, remark 35
cue-feedback words 1: out 32, stem -43, more 18, option 37, answer -12, feedback -44, facts 14, keys -23, remark -14
cue-feedback words 15: out -12, passage -13, stem -59, more -17, option -53, wrapped -36, answer -52, feedback 24, hint -30, facts -25, row -19, keys 20
cue-feedback words 3: out -51, option -43, answer -38, feedback 121, remark -15
cue-feedback words 7: passage -20, stem -58, more -27, option -97, answer -79, feedback 39, hint -14, facts -74, row -25, bank -27, lines -12, keys -47, remark 29
cue-feedback words many: out -46, stem -20, option -19, answer -19, feedback 25, keys -44, remark -32
cue-hint end none: out 26, stem -16, option 41, answer -37, feedback -31, hint -24, facts -26, keys -18
cue-hint end stop: out -60, passage -15, stem -42, option -31, wrapped -14, answer -40, feedback -54, hint 52, facts -21, keys -14, remark -17
cue-hint words 1: out 26, stem -16, option 41, answer -37, feedback -31, hint -24, facts -26, keys -18
cue-level end none: out -15, passage -36, stem -84, more -58, option -21, feedback -57, facts 31, row -49, bank -16, keys -67
cue-level words 1: out -56, stem -16, more -34, option 65, answer -51, facts -42, row -14
cue-level words 3: out 39, passage -21, stem -33, more -18, option -20, feedback -42, facts -36, keys -41
cue-level words 7: out -159, passage -22, stem -53, more -18, option -47, answer -137, feedback -22, facts 129, row -36, bank -16, keys -40
cue-outcome end none: passage -40, stem -112, more -19, option -56, answer -66, feedback -89, hint -33, facts 22, row -61, bank -26, remark -22
cue-outcome words 7: passage -39, stem -119, more -19, option -56, answer -65, feedback -88, hint -33, row -61, bank -26, remark -21
cue-points end gap: out 19, stem -17, facts -20
cue-points end none: out -49, passage -31, stem -46, more -56, option -52, answer -21, feedback -60, hint -21, facts 41, row -38, bank -18, lines -31
cue-points words 15: out 19, stem -17, facts -20
cue-points words 3: out -49, passage -31, stem -46, more -56, option -52, answer -21, feedback -60, hint -21, facts 41, row -38, bank -18, lines -31
cue-sample end comma: out -13, passage -20, more -19, answer 29
cue-sample end none: out -35, passage -12, stem -39, more -43, option -15, answer 28, feedback -13, facts -39, row -28, bank -26, keys 13
cue-sample end stop: out -38, passage -23, stem -47, more -57, option -17, answer 65, feedback -59, facts -18, row -18, bank -27, lines -15, keys -43
cue-sample words 15: out -26, passage -29, stem -56, more -50, option -14, answer 64, feedback -32, facts -22, row -24, bank -33, lines -16, keys -44
cue-sample words 3: out -28, stem -15, more -20, option -17, answer -37, facts -27, keys 41
cue-sample words 7: out -26, more -25, answer 74
cue-sample words many: out -56, passage -19, stem -39, more -41, option -12, answer 47, feedback -42, facts -16, row -15, bank -19, keys -17
cue-tags end none: passage -46, stem -55, more -36, option -36, answer -88, feedback -36, row -47, bank -31, lines -21, keys 26, remark -15
cue-tags words 3: out 17, passage -44, stem -32, more -45, option -33, answer -66, feedback -40, facts 15, row -42, bank -26, lines -20, keys -63
cue-wordBank end none: out -15, passage -34, stem -39, more -54, option -35, answer -60, feedback -44, facts -18, row -35, bank 56, keys -35
cue-wordBank words 7: out -14, passage -34, stem -39, more -48, option -39, answer -58, feedback -44, facts -18, row -34, bank 53, keys -34
end asks: stem 48, option -112, wrapped -64, answer -135, feedback -80, hint -40, facts -109, row -86, bank -54, lines -54, keys -91, remark -74
end bracket: out -16, passage -123, stem 19, more 51, option -65, wrapped -99, hint -76, facts 16, row -71, lines -99, keys -55, remark -74
end colon: out 57, passage -67, stem 38, option -100, answer -110, feedback -49, hint -38, facts 36, row -44, bank -38, lines -62, keys 24, remark -54
end comma: passage 34, stem -63, more 39, option -57, wrapped -39, answer 47, feedback -68, hint -24, facts -50, row -43, bank -37, lines -28, remark -49
end gap: passage -32, stem -24, option -25, wrapped -37, answer -44, feedback -78, hint -36, facts -21, row -51, bank -35, lines 37, keys -70, remark -28
end none: passage -33, stem -79, more -87, wrapped -29, feedback -47, hint -130, facts 13, bank -19, lines -187, keys 14, remark -172
end stop: out -44, stem -20, more -37, option -31, answer -38, feedback 26, facts -161, row -203, bank -150, lines -173, keys -53, remark 22
field end asks: out -79, passage 33, more -15, facts -14
field end bracket: out -57, passage -35, stem 32, option 46, answer -83, feedback -53, facts -74, row -60, bank -22, keys -42
field end colon: out 38, passage -44, stem -48, more 15, option -46, answer -72, feedback -27, facts 75, row -47, keys -18
field end gap: out 29, stem -22, more -30, option -14, answer -60, feedback -40, facts -59, row -21, lines -12, keys -25
field end none: passage 17, more -81, option -110, answer -46, feedback -157, hint -24, row 14, bank -52, lines -25, keys -66, remark -27
field end stop: out -37, passage 33, stem -27, option -54, hint -28, facts -59, row -38, bank -13, keys 14, remark -23
field words 1: out 40, passage -13, stem -42, more -13, option -38, answer -40, facts 64, row -33
field words 15: out -22, stem 20, more -31, option -76, feedback -123, hint -33, row -74, bank -27, keys 17, remark -23
field words 3: out -15, passage 31, stem -48, more -51, option -73, answer -87, feedback -80, facts -20, row 34, bank -14, lines -24, keys -27, remark -23
field words 7: out 17, passage -26, stem -22, more -12, hint -18, facts -30, row -42, bank -24, lines -15, keys -67, remark -17
field words many: out -71, passage 60, feedback -34, facts -22
field-kind end none: passage -45, stem -84, more -34, option -36, answer -28, feedback -61, facts 18, row -44, bank -20, keys -45
field-kind words 3: out 16, passage -13, stem -32, more -28, option -31, answer -14, feedback -17, facts 27, row -36, bank -13, keys -21
field-kind words 7: passage -36, stem -67, option -34, answer -69, feedback -52, facts 13, row -26, keys -35
field-number end none: out -41, passage -33, stem -33, more -13, option -32, answer -46, facts 48, row -14, keys -16
field-number words 3: out -41, passage -33, stem -33, more -13, option -32, answer -46, facts 48, row -14, keys -16
field-option end none: out -67, stem -68, more -20, option 73, answer -46, feedback -22, facts -58, row -58, bank -14, keys -29
field-option end stop: more -27, option 61
field-option words 15: option 15
field-option words 3: out -42, stem -55, more -14, option 52, answer -32, facts -44, row -38, keys -26
field-option words 7: out -43, stem -46, more -31, option 45, answer -20, feedback -18, facts -24, row -31, keys -13
field-stem end asks: out -13, stem 51, option -14, facts -18
field-stem end bracket: stem 25, more -23
field-stem end colon: stem 15
field-stem end gap: stem 15
field-stem end none: out -28, stem 30, answer -20, facts -26, row -15
field-stem end stop: out -21, stem 65, option -13, answer -13, facts -15
field-stem words 15: out -33, stem 45, more -29, answer -25, feedback -19, facts -31, row -17
field-stem words 3: stem 30, facts -14
field-stem words 7: stem 43, option -23
field-stem words many: stem 33
field-time end none: out -28, passage -19, stem -99, answer -22, feedback -78, hint -15, facts 19, row -35, keys -64
field-time words 3: out -28, passage -19, stem -99, answer -22, feedback -78, hint -15, facts 19, row -35, keys -64
first: out 55, passage -117, stem -38, facts -20, bank -61, keys -84
full asks capital: passage 26, stem -122, more 18, option -22, feedback -31, facts 51, row -23, bank -45, lines -26, keys -76
full asks label: passage -35, stem -38, more 38, answer 25, row -84, keys -45, remark -33
full asks small: out -37, passage -38, more -64, option 48, wrapped -17, answer -20, feedback -15, facts -18, row -83, bank -14, lines -13, keys -51
full bracket capital: out -18, passage -30, more -70, wrapped -17, answer 43, feedback 54, hint -27, facts -31, row -36, keys -67, remark -17
full bracket label: out -31, stem -25, more 13, answer -120, feedback -49, facts 32, row -39, bank -16, keys 19, remark -39
full bracket small: out 48, passage -27, stem -36, more -41, feedback -46, facts -30, row -38, bank -13, lines -14, keys -54
full colon capital: passage -18, stem -30, more -50, option -36, answer 56, feedback -33
full colon label: out 22, stem -52, answer -12, row -40, keys -51
full colon small: stem -33, more -48, option 31, answer -17, keys -19
full comma capital: passage 36, stem -31, more 42, option -30, feedback -52, hint -30, facts -47, keys -66
full comma label: stem -25, more 45, option -31, answer -36, row -42, keys -23
full comma small: out -51, stem -77, more 19, option -54, wrapped 43, answer 27, feedback -90, hint -21, facts -28, bank -13, keys 21, remark -22
full deeper capital: out -119, passage -14, stem -78, more 34, wrapped -14, answer 15, feedback 55, hint -17, facts 38, row -45, bank -53, lines -40, keys -39, remark -24
full deeper label: out -73, passage -16, stem -86, more 23, option 17, answer 46, feedback -55, facts -37, row -43, lines -19, remark -45
full deeper small: out -49, passage -67, stem -120, wrapped 65, answer -23, feedback -60, hint -26, facts -17, row -32, bank -25, lines -27, keys 36, remark -48
full gap capital: out -42, passage -24, more 29, option -73, feedback -27, facts -69, bank 21, lines 34, keys -82
full gap label: out 22, stem -18, more 20, option -34, answer -28, facts 16, row -28, keys -15
full gap small: out -13, stem -52, option 19, feedback -64, row -28, bank -25, keys -56
full none capital: out -49, passage -35, stem -61, more 39, wrapped -18, answer 15, hint -30, facts 22, row -74, lines -34, remark -39
full none label: out -27, stem -19, more -25, option -20, wrapped -16, answer 30, feedback -65, hint -21, row 23, lines -15, keys -32, remark -45
full none small: out -64, passage 28, stem -95, more 99, option -61, wrapped 82, answer 15, feedback -23, hint -70, facts -117, row -41, bank -37, lines -16, keys 43, remark -47
full out capital: out -38, passage -17, stem -68, more -99, option 18, wrapped -16, answer 66, feedback 34, facts -27, row -17, bank 33, lines 37, keys -76
full out label: out -21, stem -53, more -68, feedback -27, facts 21, row 18, keys -23, remark -72
full out small: out -113, stem -54, more -40, wrapped -22, answer 78, feedback -37, row -25, keys -16
full same capital: out -17, stem -25, more 14, option -57, wrapped -46, feedback -64, hint -74, facts -15, row -101, bank -22, remark -83
full same label: stem -33, more 61, option -46, wrapped -15, feedback -72, hint -22, facts 12, bank -44, lines -33, keys -40, remark 33
full same small: out -57, passage 27, stem -53, more 52, option -19, wrapped 49, answer 46, feedback -24, hint -80, facts -23, row -40, bank -26, lines -19, keys -16, remark -64
full stop capital: passage 30, stem -29, more 27, option -28, wrapped -33, answer -28, feedback -37, facts -36, row -33, lines 72, remark -61
full stop label: passage -25, more 26, option -40, answer -25, feedback -27, facts -45, bank -29, lines -25, keys -18, remark 35
full stop small: passage -29, more -104, option -42, wrapped -35, answer 29, feedback -53, facts 32, row 16, lines -14, remark -27
gap: out -70, stem 50, more 38, option -83, wrapped -36, answer -51, feedback -82, hint -31, facts -30, bank -46, lines 44, keys -136, remark -39
gap 0: out -37, passage -39, stem -52, more 22, wrapped -26, hint -52, facts -25, bank -54, lines -36, remark -36
gap 1: out 27, more -90, option -69, wrapped -137, feedback -54, hint -35, facts -15, row -66, bank -25, lines -48, keys -82, remark -54
gap 2: passage -110, stem 57, more -55, option -173, wrapped -33, answer -223, feedback -65, hint -69, row -69, bank -98, lines -64, keys 113, remark -45
gap behind 0: out -31, more -35, wrapped -33, answer -61, feedback -89, hint -84, row -18, bank -101, lines -49, remark -39
gap behind 1: passage -32, option -32, wrapped -54, answer 14, hint -12, facts -22, row -46, lines -29, keys -77, remark -46
gap behind 2: passage -50, more 40, option -50, answer 15, hint -88, facts -97, bank -43, keys -51, remark -64
gap end bracket: out -106, passage -22, stem 44, more -24, option -17, answer 13, feedback -22, facts -29, row -24, lines -14, keys -20
gap end colon: out -13, stem -38, more 33
gap end comma: passage 39, stem -13, more -23
gap end gap: out 25, passage -79, stem -13, option -24, feedback -34, hint -19, facts -32, row -14, bank -21, lines -21, keys -33
gap end none: out -30, passage -21, stem -13, more 70, option -16, answer -111, feedback -30, facts -29, row -31, bank -13, keys -26
gap end stop: out -69, passage 14, stem 24, option -28, answer -74, feedback -30, hint -13, lines -18, keys -28
gap run: stem 17
gap words 1: out -46, stem 37, more -42, option -25, answer 30, lines -20, keys -17
gap words 15: out -35, stem 33, option -14, answer -76, feedback -37, facts -18, row -18, bank -18, lines -13, keys -41
gap words 3: out -62, stem -13, more 49, answer -32, facts -20, row -15
gap words 7: out 42, passage -71, stem -15, option -43, feedback -56, hint -16, facts -42, row -20, bank -23, lines -26, keys -23
gap words many: out -75, passage 17, stem -37, more 52, answer -65, feedback -13, keys -13
gaps: out 53, passage -62, more 16, option -85, wrapped -12, answer -27, feedback -51, hint -24, facts -51, row -46, bank -24, lines -34, keys -85, remark -20
glued answer: passage -34, stem 118, more -69, option -43, wrapped -26, answer -35, feedback -87, hint -31, facts -41, row -89, bank -38, lines -13, keys -61, remark -21
group 1: out 54, stem -68, more 47, option -92, wrapped -19, answer -17, feedback 30, facts -99, row -46, bank 16, lines -53, keys -15, remark -100
group 2: out 17, passage -30, stem -22, more -17, option -51, wrapped -69, feedback -30, hint -102, facts -85, bank -43, lines -16, remark -82
group 4: out -37, stem -25, more -55, option 20, wrapped -63, answer 21, feedback -60, hint -141, row 48, bank -35, lines -25, keys -29, remark -100
group 8: out -87, passage -14, more -107, answer -24, feedback -92, hint -90, facts -16, row -26, bank -95, lines -79, keys -56, remark -73
group many: out -65, passage -92, stem 34, more -134, option 63, wrapped -140, answer -21, feedback -77, hint -79, facts 52, row -122, bank -109, lines -63, keys -25, remark 55
hangs: passage -76, stem -78, more 75, option -67, wrapped 63, answer -26, feedback -95, hint -55, facts -25, row -48, bank -58, lines -21, keys 16, remark 19
hangs_: out -122, passage -34, option 28, answer 57, feedback -81, hint -13, facts -80, row -14, bank -63, lines -21, keys -18, remark -25
heading: out 44, passage -60, stem -169, more -74, option -99, answer -100, feedback -100, hint -28, facts 67, row -96, bank -59, lines -39, keys -34
heading end asks: out 54, keys -46
heading end bracket: passage -13, more -36, answer 33, feedback -24, facts -126, bank -25, lines -21, keys -45
heading end none: out 17, passage -46, stem -36, more -35, option -42, answer -135, feedback -52, row -33
heading end stop: out 36, stem -39, more -19, answer -36, facts -18, keys -23
heading words 1: out 56, more -15, option -20, answer -57, facts -120
heading words 15: out 27, more -33, answer -59, feedback -16, facts -58, lines -22, keys -56
heading words 3: passage -36, stem -52, more -31, option -51, feedback -36, facts -17, row -37
heading words 7: out 13, passage -20, stem -75, more -21, option -13, answer -68, feedback -30, facts 32, row -17, bank -22, keys -103
heading words many: out 24, facts -12
identity end colon: out 12
identity end gap: out 43, passage -16, stem -26, answer -19, feedback -13, facts -23
identity end none: out 59, stem -15, answer -29, feedback -13, keys -16
identity words 15: out 38, stem -23, keys -16
identity words 3: out 40, answer -26
identity words 7: out 44, passage -16, stem -24, more -12, answer -16, feedback -16, facts -23, keys -17
indent deeper: out -102, passage -64, wrapped 45, hint -82, facts -61, bank -108, lines -31, remark -14
indent out: out 17, passage -57, stem -16, more -144, option -75, wrapped -134, answer 29, hint -26, facts 17, row -30, bank -30
indent same: stem -22, option -20, wrapped -126, answer -22, feedback -54, hint -56, facts -29, row -35, bank -42, lines -46, keys -19, remark -66
instruction end none: out 15, feedback -20, facts -15
instruction end stop: out 34, stem -27, answer -26, feedback -35, keys -36
instruction words 15: out 41, stem -22, answer -25, feedback -33, keys -36
instruction words 7: out 22, answer -13, feedback -23, facts -15
is arrow: out -14, passage -41, stem -74, option -25, answer 39, facts -61, row -78, bank -29, lines -37, keys -56, remark -13
is asksEssay: out -110, passage -65, stem 93, more 23, option 39, wrapped -18, answer -55, feedback -27, hint -23, facts 17, row -52, bank -34, lines -24, keys -73, remark -66
is asksMatch: out -104, passage -91, stem 121, more -111, option -27, wrapped -33, answer -18, hint -37, facts -39, row 13, bank -48, lines -34, keys -36, remark 26
is asksOrder: out -47, passage -34, stem 122, option -45, wrapped -18, answer -58, feedback -58, hint -12, facts -23, row -46, bank -23, keys -33, remark -57
is asksSeveral: passage -29, stem 67, more -33, option -70, wrapped -39, answer -137, feedback -105, hint -16, facts -74, row -32, bank -41, lines -18, keys -74, remark -19
is blankLine: out -91, passage -34, stem -41, option -51, answer -18, feedback -35, hint -25, facts 13, row -37, bank -13, lines 70, keys -33
is bracketed: out -55, passage -35, stem 37, option -128, wrapped -24, answer 60, hint -54, facts -97, row -124, bank 15, lines -49, remark -40
is capitals: out -24, passage -63, stem -66, more -33, wrapped -33, answer 17, feedback -45, hint -55, facts -62, row -118, bank -86, lines -64, keys 16, remark -41
is chatter: out 87, passage 18, stem -92, more -26, option -37, answer -64, feedback -37, hint -18, facts -56, row -24, bank -20, lines -17, keys -57, remark -13
is commas: out -77, passage 49, stem -85, more -53, option -36, wrapped -39, answer 44, feedback -109, hint -49, facts -79, row -83, bank 45, lines -38, keys 55, remark -35
is counts: out -134, passage -86, stem -48, more 44, option -66, answer 31, feedback -82, hint -23, facts -28, row -96, bank 26, lines -24, keys 72, remark -20
is dashStart: passage -88, stem 67, more -25, option -40, wrapped -48, answer -91, feedback -141, hint -37, facts -104, bank -71, lines -130, keys -104, remark 37
is identity: passage -32, stem -39, more -30, option -12, answer -54, feedback -22, facts 31, row -18, lines -22, keys -28
is instruction: out 76, passage -16, stem -57, more -13, option -61, answer -30, feedback -48, facts -15, row -34, keys -71, remark -34
is keyPairs: out -122, passage -109, stem -43, option -71, wrapped -12, answer 20, feedback -117, hint -50, facts -37, row -111, bank -68, lines -14, keys 118, remark -34
is keyTitle: out -133, passage -41, stem -82, more -82, option -45, answer -95, feedback -71, hint -26, facts -100, row -87, lines -33, keys 164, remark -14
is legend: out 62, passage -85, stem -73, more -25, option -34, answer -44, feedback -47, facts -20, row -14, bank -15, keys 32
is letter: out -34, passage -22, stem -95, option -94, wrapped -12, answer 97, feedback -64, facts -66, row -74, bank -20, lines -22, keys -39
is lowercase: out -90, passage -43, stem -54, option -23, wrapped 39, answer 25, feedback -23, hint -89, facts -22, row -18, bank -87, lines -79, remark -121
is number: out -28, passage -51, stem -64, more -22, option -48, wrapped -18, feedback -59, hint -32, facts -97, row -85, bank -38, lines -40, keys 61, remark -29
is pairSign: passage -37, stem -34, more -66, option -96, wrapped -32, feedback 38, hint -41, facts -113, row 50, bank -56, lines -74, keys 17, remark -98
is picture: out -82, stem -73, more 107, option -17, answer -100, feedback -57, bank -88, lines -13
is points: out -74, passage -78, stem 127, more 158, option -243, wrapped -61, answer -134, feedback -97, hint -67, row -145, bank -90, lines -47, keys -174, remark -43
is quoteStart: out -102, passage -44, stem -30, more -83, option -77, wrapped -38, answer -133, feedback 154, hint -78, facts -30, row -25, keys -48, remark -58
is remark: out -37, passage -19, stem -34, more 57, option -31, answer -32, feedback -81, hint -16, facts 19, row -49, bank -25, keys -66
is rule: out 23, passage -42, stem -51, more -24, option -52, feedback -56, hint -20, facts -94, row -16, bank -39, lines 44, keys -85
is section: out 93, passage -42, stem -64, more -53, option -77, answer -50, feedback -42, facts -33, row -51, bank -24, lines -16, keys -39, remark -30
is strokes: out -88, passage -71, stem 13, more -52, wrapped -13, answer 87, feedback -101, facts -18, row -30, bank -67, keys 26
is truthLead: passage -93, stem 68, more -55, option -88, answer -113, feedback -78, hint -28, facts -40, row -55, bank -22, lines -15, keys -35, remark -58
is truthTail: out 28, passage -66, stem 62, more 29, option -78, answer -85, feedback -28, facts -41, row -64, bank -16, lines -15, keys -58
is truthWord: out 82, passage -45, stem -111, option -223, wrapped -12, answer 98, feedback -76, facts -48, row -112, bank -20, lines -26, keys 83, remark -13
key-title end bracket: out -62, stem -15, option -15, answer -20, feedback -42, facts -24, row -13, bank -13, keys 44
key-title end colon: out -50, stem -27, more -15, facts -20, keys 46
key-title end none: out 17, passage -21, stem -26, option -13, answer -29, feedback -14, facts -21, row -13, bank -17
key-title end stop: passage -28, stem -38, more 22, option -15
key-title words 1: out -60, stem -23, more -19, answer -13, facts -14, keys 25
key-title words 15: out 85, passage -21, stem -29, keys -82
key-title words 3: out -83, stem -16, more 40, option -23, answer -28, facts -25, row -12, keys 47
key-title words 7: out -89, passage -21, stem -24, more -13, option -16, answer -24, feedback -50, facts -25, row -14, bank -16, keys 71
key-title words many: out 77, passage -15, stem -45, answer -13, bank -16, keys -73
last: out 39, passage -50, stem -21, more -20, option -31, wrapped -52, feedback -28, hint -37, facts -43, row -49, bank -28, lines -40, remark -28
last but one: passage -55, more -39, option -19, wrapped -33, answer -41, feedback -21, hint -23, facts -14, row -28, bank -66, remark -50
lead: out -167, passage -28, more -41, option -56, feedback -43, hint -15, facts -54, row 102, bank -18, lines -23, keys -127, remark -33
let again: out -53, passage -19, stem 46, more -21, option -62, wrapped -24, answer -57, feedback -16, hint -21, facts -37, row -25, bank -15, lines -14, keys 21, remark -30
let again asks few: out -53, passage -19, stem 46, more -21, option -62, wrapped -24, answer -57, feedback -16, hint -21, facts -37, row -25, bank -15, lines -14, keys 21, remark -30
let again fits most: stem -27, keys 28
let asking few: out 32, stem 69, more -52, option -25, answer -17, feedback -14, row -23, keys -14
let asking most: out -38, passage -56, stem 80, more -54, answer -120, feedback -36, hint -16, facts -49, row -64, bank -21, lines -29, keys -47
let asking none: out -15, passage -50, stem -66, more -53, option 31, wrapped -152, answer -71, feedback -122, hint -67, facts -95, row 29, bank -72, lines -69, keys -44, remark -25
let asking some: out -36, passage -27, stem 106, more -83, option -51, wrapped -17, answer -95, feedback -72, facts -38, row -28, bank -23, lines -28, keys -13, remark -52
let bare: out -40, stem -111, more 33, option 54, wrapped -15, answer -171, feedback -17, hint -21, facts -41, row 48, bank -21, keys 71, remark -83
let-lone end asks: passage -17, stem 39, option -33, answer -74, row -51, keys -29
let-lone end bracket: passage -14, stem -56, more -40, option -28, answer 89, feedback -19, facts -16, row -85, keys -60
let-lone end none: out -30, passage 14, stem -39, option -16, wrapped -26, answer -36, feedback -32, hint -13, facts -87, row 15, bank -40, lines -19, keys -16, remark -14
let-lone end stop: out 56, passage -86, more -23, option -50, answer -92, feedback -44, hint -24, facts -34, row -31, lines -17, keys -20, remark -24
let-lone run: out -40, passage -40, stem -102, more -32, option 87, answer -77, feedback -15, facts -21, row -97, bank -35, lines -12, keys 25, remark -14
let-lone words 1: passage 43, stem -79, more 13, option -59, wrapped -23, feedback -37, facts -73, row 26, lines -15, keys -44
let-lone words 15: out -13, stem 13, more -90, option 60, answer -92, feedback -33, facts -17, row -79, bank -18, remark -15
let-lone words 3: out 80, passage -91, stem -23, more -28, option -83, answer -54, facts -45, keys 30
let-lone words 7: out -16, passage -73, more -38, option 63, feedback -18, hint -17, facts -38, row -36, bank -35, lines -15, keys -92, remark -18
let-lone words many: out -40, passage -17, stem 46, more -19, answer -40, row -37, keys 43
let0 end asks: out 38, passage -23, stem -17, more -13, option -30, answer -18
let0 end bracket: out -65, stem 25, more -58, option -20, answer 49, feedback -29, keys -57
let0 end gap: out -25, stem -51, more -19, option 41, answer -33, facts -16, row -16, lines -18, keys -21
let0 end none: more -30, option 24, answer -159, feedback -22, facts -58, bank -18
let0 end stop: out 41, passage -21, stem -16, more -31, answer -94, feedback -25, facts -13, row -26, keys -13, remark -22
let0 of 1: passage 38, stem 19, option -38, answer -27, feedback -42, hint -20, facts -41, bank -39, lines -26, remark -21
let0 of 2: out 17, passage -35, stem 19, more -29, option -34, feedback -20, row -15, bank -16, lines -22
let0 of 4: passage -14, stem -37, option 33, wrapped -15, answer -64, feedback -50, hint -12, facts -49, row -25, bank -22, lines -23, remark -22
let0 of 8: out -39, stem 103, more -85, option 26, wrapped -26, answer -71, feedback -27, hint -26, facts 17, row -27, keys -118
let0 of many: out -92, passage -30, stem 55, more -89, option -102, answer -79, feedback -28, row -44, bank -23, lines -26, keys 76, remark -43
let0 run: out 41, stem -18, option -29, answer -19
let0 words 1: out -42, passage -15, stem -26, more -64, option 13, answer 44, facts -42, row -20
let0 words 15: stem 21, more -17, option -16, answer -87, feedback -39, facts -23, bank -16, remark -14
let0 words 3: out 16, more -15, option 31, answer -114, facts -26, row -19, keys -23
let0 words 7: out 26, stem -61, more -35, option 44, answer -91, feedback -14, facts -17, lines -17, keys -43, remark -14
let0 words many: out -55, passage -25, option -29, answer -41, keys 21
let1 end asks: out -30, stem 27, more -15, option -20, answer -43, facts -18, row -33, remark -32
let1 end bracket: out -36, stem 80, more -32, option -25, answer 18, feedback -18, facts -28, row -122, bank -12
let1 end gap: out -34, stem -24, option 31, answer -23
let1 end none: passage -39, stem 15, more -64, wrapped -56, answer -37, feedback -42, hint -38, facts -63, bank -38, lines -38, keys -30, remark -74
let1 end stop: out -55, passage -14, stem -32, more -15, option 16, answer -106, feedback -43, hint -15, facts -15, row -70, keys -58, remark 30
let1 of 1: passage -18, stem -15, more -54, wrapped -26, answer -27, feedback -60, hint -24, facts -78, bank -34, lines -16, keys -48, remark -17
let1 of 2: out 38, passage -33, stem -47, more -44, answer 33, feedback -37, facts -47, row -64, bank -16, keys -85, remark -21
let1 of 4: out -33, passage -52, stem 13, more -64, option 20, wrapped -79, answer -103, feedback -71, hint -51, facts -82, row 30, bank -50, lines -47, keys -61
let1 of 8: out -38, passage -20, stem -18, more -31, option 50, answer -82, feedback -22, keys 16, remark -35
let1 run: stem 35, answer -149, keys -32, remark -12
let1 words 1: out 16, passage -33, stem -21, more -39, option -23, wrapped -26, answer 15, feedback -39, hint -38, facts -46, row -74, bank -38, lines -38, keys -61, remark -43
let1 words 15: stem 23, more -40, option 16, answer -132, feedback -40, facts -26, row -103, keys -68
let1 words 3: stem -91, more -18, wrapped -33, answer -171, facts -95, row 43, keys 23, remark -51
let1 words 7: out -49, passage -21, more -27, option 38, answer -146, feedback -34, hint -14, facts -27, row -31, bank -14, keys -102, remark 32
let1 words many: out -35, stem 59, more -21, option -53, answer -26, row -35
let1-first end asks: out -23
let1-first end bracket: out -14, stem 23, more -55, option 47, answer -61, row -37
let1-first end gap: stem -35, option 39
let1-first end none: passage -16, stem -23, more -78, wrapped -27, feedback -20, hint -17, facts -47, row -13, bank -20, lines -17, keys -44, remark -34
let1-first end stop: out -80, passage -12, more -35, option 37, answer -80, feedback -37, facts -14, row -44, remark 27
let1-first run: out 25, stem 25, option -28, answer -46, row -12, keys -40
let1-first words 1: out 32, passage -16, more -36, option -24, feedback -23, hint -17, facts -29, row -56, bank -18, lines -17, keys -33, remark -18
let1-first words 15: out -81, more -25, option 46, answer -58, facts -17, row -50, remark 30
let1-first words 3: out -44, stem -42, more -59, option 22, wrapped -18, answer 18, facts -27, keys -18, remark -47
let1-first words 7: out -39, stem 13, more -68, option 42, answer -64, feedback -30, facts -44, keys -36, remark -64
let1-first words many: out -28, stem 38, option 17, answer -41
let2 end none: stem -37, wrapped -51, facts -41, row -39, keys -20
let2 end stop: out -33, stem -24, option 32, wrapped -17, answer -41, feedback -13, keys -13
let2 of 1: out 26, passage -44, stem -17, more -60, option 16, answer -45, feedback -15, facts -21, remark -13
let2 of 2: out 18, passage -15, stem -18, more -39, option -15, feedback -25, facts -26, bank -19, lines -20, keys -28
let2 of 4: out -91, passage -20, option 115, wrapped -63, answer -102, feedback -69, facts -66, row -57, bank -20, lines -31, keys -27, remark -24
let2 of 8: out -15, stem -21, option 30, wrapped -31, answer -37
let2 run: out -27, option 33, answer -38
let2 words 1: out 23, stem -16, option -24, wrapped -35, answer 15, facts -24, row -13, keys -53
let2 words 15: out -30, stem -13, option 35, wrapped -17, answer -24, row -12
let2 words 3: out -16, option 70, wrapped -27, answer -53, facts -15, row -14, keys -24
let2 words 7: out -52, passage -12, stem -42, more -22, option 58, wrapped -21, answer -61, feedback -29, row -13, bank -16, lines -12, keys -13
let2-first end none: out 15, stem -30, more -36, wrapped -19, answer -16, facts -31, row -20, lines -13, keys -20
let2-first end stop: out -23, stem -20, more -14, option 28
let2-first run: stem -17
let2-first words 1: out 32, more -42, option -31, answer -12, facts -22, keys -36
let2-first words 15: stem -17, more -14, option 24
let2-first words 3: out -15, stem -25, more -22, option 44, answer -15
let2-first words 7: out -48, stem -25, more -25, option 50, wrapped -20, answer -32
letter end none: passage -16, stem -54, option -29, feedback -49, facts -60, row -21, bank -17, lines -16, keys -36
letter words 1: passage -16, stem -54, option -29, feedback -49, facts -60, row -21, bank -17, lines -16, keys -36
lines end gap: out -35, passage -24, stem -38, option -38, feedback -23, hint -18, facts 14, row -21, lines 15, keys -27
lines words 3: out -30, passage -24, stem -49, more 42, option -34, answer 13, feedback -21, hint -12, facts 15, row -20, lines -65
look _asks: passage -116, stem 39, more -130, option -63, answer -63, feedback -46, hint -25, facts -29, row -34, bank -35, lines -28, keys -23, remark -15
look _box: out 23, passage -16, stem -65, more -25, option 14, answer -50, facts -31, row -24, keys -28
look _bracketed: out 37, passage -19, stem -65, more 17, answer -144, feedback -103, facts -29, row -17, bank -20, lines -12, keys 38
look _bullet: out -16, passage -16, more -64, option 26, answer -49, feedback -56, facts -72, bank -16, lines -18, keys -26
look _capitals: out 72, passage -28, stem -117, more -54, option -107, answer -19, feedback -53, hint -15, facts -48, bank -21, lines -14, keys -69
look _cells: stem 26, more -127, option 25, wrapped -15, answer -74, feedback -68, hint -34, facts -41, row -29, lines -19
look _chatter: out 15, more -15, option -15, answer -47, feedback -18, facts -28, bank -15, lines -17, keys -23
look _colon: stem -28, more -26, answer -43, feedback -26, hint -14, facts -18, row -14, keys 21
look _cue-answer: out -79, passage -43, stem -49, more -52, option -70, wrapped -12, answer 32, feedback -66, hint -23, facts -58, row -48, bank 20, lines -33
look _cue-feedback: stem -45, option -38, answer -43, feedback 29, hint -32, keys 15, remark -40
look _cue-level: out -22, passage -22, stem -76, more -31, answer -16, feedback -31, facts 28, row -38, keys -40
look _cue-points: out 14, stem -15
look _cue-sample: out -66, passage -15, stem -41, more -35, option -25, answer 44, feedback -32, facts -39, row -16, bank -37
look _cue-tags: passage -42, stem -54, more -27, option -46, answer -55, feedback -22, facts -28, row -31, bank -30, keys 44, remark -15
look _cue-wordBank: passage -33, stem -21, more -14, answer -24, feedback -16, facts -17, row -13, bank 23, keys -13
look _field: passage 17, stem 31, more -33, option -19, answer -152, feedback -80, hint -23, facts -46, row -60, bank -30, lines -14, keys -90
look _field-kind: out -59, passage -32, stem -64, answer -46, feedback -17, facts 77, keys -16
look _field-number: out -39, passage -23, stem -29, option -19, answer -37, facts 39, row -13, keys -15
look _field-stem: out -20, stem 29
look _gap: out -46, more 25, option -17, answer -129, feedback -29, hint -17, facts -39, row -22, bank -30, lines -17, keys -42
look _heading: passage -48, stem -20, more -43, option -51, feedback -40, hint -12, facts -24, row -28, bank -31
look _identity: out 40, passage -15, stem -22, answer -28, facts -16
look _instruction: out 51, stem -25
look _key-title: passage -23, stem -39, more -32, option -15, answer -36, feedback -19, hint -14, facts -34, row -16, bank -21, keys 30
look _let-lone: out 13, more -70, option -26, answer -58, feedback -37, hint -29, facts -63, row -130, bank -34, lines -22, keys -132, remark -19
look _let0: out 32, more -19, option -21, answer -106, feedback -20, facts -50, row -33, bank -25, keys -37, remark -14
look _let1: out -19, passage -15, stem 59, more -31, option 14, answer -93, feedback -29, hint -12, facts -58, row -82, bank -15, keys -73, remark -76
look _let1-first: out -26, passage -18, stem -47, more -27, option 51, answer -119, facts -60, remark -47
look _let2-first: out -25, stem -20, option 29, answer -14
look _letter: out -74, passage -12, stem -16, more -46, answer 58, feedback -15, facts -37, bank -16, keys -54
look _num-lone: out 23, passage -19, stem 25, more -77, option -41, answer -31, feedback -68, hint -23, facts -93, row -35, bank -24, lines -20, keys -18, remark -19
look _num0: passage -56, stem 19, more -63, option -79, wrapped -23, answer -38, feedback -43, hint -34, facts -52, bank -36, lines -37, keys -24, remark -40
look _num0-again: out 22, stem 23, option -13, answer -44, feedback -21, facts -56, row -116
look _num1: out -13, passage -32, stem 49, more -42, option -78, answer -59, feedback -16, hint -21, facts -40, row -74, bank -27, lines -23, keys -66
look _num1-first: passage -26, stem -27, more -27, option 37, answer -36, feedback -21, facts -45, row -27, bank -23
look _num2-first: stem -35, option -15, answer -30, row 27
look _number: passage -28, stem -52, more -100, option -49, feedback -37, hint -14, facts -50, bank -26, lines -13, keys 13
look _pair: out -15, passage 35, answer -167, feedback -97, facts -36, bank -39
look _phrase: passage 12, more -121, option -27, wrapped -37, hint -14, facts -69, row -57, bank -63, lines -28, keys -39
look _rom-lone: out 15, passage -23, stem 15, more -17, option -30, answer -33, feedback -16, facts -35, row -21, bank -14
look _rom0: out 39, passage -44, more -32, option -62, wrapped -15, answer -54, feedback -24, hint -15, facts -41, row -37, bank -31, lines -23, remark -36
look _rom1: out -15, passage -20, stem 51, more -17, option -64, answer -39, facts -14
look _rule: out 27, stem -44, more -43, option -40, answer 16, row -21, keys -67
look _section: out 70, passage -38, stem -186, more -34, option -27, answer -43, feedback -26, row -24, bank -22, keys -66, remark -25
look _sentence: out -21, more -34, answer -34, feedback -38, hint -44, facts -45, row -33, bank -46, lines -24, keys -31, remark -75
look _short: out 30, passage -47, stem 42, more -128, option -52, wrapped -44, answer 23, feedback -137, hint -25, facts -12, row -60, bank -30, lines -38, keys -96
look _short-sentence: out 14, passage -82, more -100, option -50, wrapped -13, answer 15, feedback -65, hint -139, facts -45, row -17, bank -32, lines -13, keys 34, remark -36
look _table-down: out -42, stem -28, feedback -22, keys 56
look _table-pairs: out -18, passage -36, stem -43, answer -27, feedback 41, facts -22, row -59, bank -38, keys 15
look _table-ticks: out -65, passage -12, stem -50, more -18, answer -22, row 60, keys -14
look _table-wide: out 52, stem -16, answer -31, facts -29, keys -23
look _text: out -20, passage 43, stem 25, more -16, option -13, wrapped -17, answer -53, feedback -101, facts -38, row -31, bank -25, lines -17, keys -22
look _truth: out -50, passage -35, more -86, option -23, answer 58, facts -34, bank -22, keys -50
look _word-lone: passage -40, stem -24, more -35, option -39, answer -49, feedback -20, facts 36, row -20, bank -18, keys -14
look _word0: passage -39, more -33, option -67, wrapped -13, answer 13, feedback -30, hint -20, facts 28, row -39, bank -35, lines -20, keys -48, remark -25
look _word0-again: passage -17, stem 12, option -18, answer -24, facts 12, keys -27
look _word1: out -58, stem 92, option -12, answer -17, facts -79, row -13
look _word1-first: stem 26, facts -47
look arrow: out -24, passage -46, stem -81, option -31, answer 35, facts -86, row -88, bank -40, lines -36, keys -70, remark -24
look arrow _bullet: out 29, stem -27
look arrow _cue-level: out -46, stem -12, facts 53
look arrow _heading: out 40, facts -60
look arrow _num-lone: out 63, stem -59, answer -40, feedback -12, facts -22
look arrow _num0: out -30, stem 31
look arrow _num0 arrow: out -59, stem 61
look arrow _num0_ num0: out -13, stem 13
look arrow _section: out 51, facts -41
look arrow _short: out 55, stem -44, answer -48, feedback -13, facts -33, keys -13
look arrow _word0: out -30, facts 15
look arrow bracketed: out 14, more -37, option -12, answer -29, bank -17, keys -16
look arrow cue-difficulty: more -33, option -48, answer 72, feedback -28, facts 30, keys -13
look arrow cue-feedback: out -34, more -22, answer 52, feedback 29
look arrow edge: out -42, more -38, option -16, answer 41, keys -24
look arrow short-sentence: out -53, stem -67, option -12, answer 14, feedback 52, hint -17, facts -15, keys -23, remark -25
look arrow word0: out -30, stem 22, more -32, option -41, answer 76, feedback -67
look arrow+: out -38, stem -60, more 21, option -81, answer 18, feedback 20, facts -44, row -35, bank -12, keys -39
look arrow_ bullet: option -40, answer 57
look arrow_ cue-level: out -18, more -20, option -29, answer 43, facts -14
look arrow_ heading: option -40, answer 42
look arrow_ num-lone: out -32, more -53, option -20, answer 69
look arrow_ num0: out -20, passage -16, more 15, option -86, answer 22, feedback -80, facts -19, row -17
look arrow_ section: more -49, option -52, answer 82
look arrow_ short: out -41, more -17, option -19, answer 38, feedback -23
look arrow_ word0: out -15, option -46, answer 55, feedback -27
look arrow_+: passage -25, stem -31, more -22, answer 17, feedback -147, facts -52, row -25, keys -19
look asks: passage 26, more 49, option -50, wrapped -54, answer -77, feedback -63, hint -50, facts -74, row -61, bank -38, lines -54, keys -77, remark -42
look asks _asks: out -73, passage -21, stem 45, more -17, option -23
look asks _box: out -41, stem -22, option 25, row -19
look asks _box box: out -19, option 26
look asks _bullet: out -43, stem 16
look asks _bullet bullet: out -25, stem -75, option 101
look asks _cue-answer: option -17, answer 59, keys -54
look asks _let-lone: stem -25, option 31
look asks _let0: stem -28, option 38
look asks _let0 let0: stem -28, option 38
look asks _let1-first: out -31, stem -21, option 45, answer -24
look asks _let1-first let1: out -19, stem -21, option 38, answer -20
look asks _num0: out -59, passage -19, stem 35, more -20, answer -16, facts -16, keys -22
look asks _number: out -41, more -38, option -41, answer 49, keys -53
look asks _phrase: out -20, stem 23, more -42, option -42, feedback -17, keys -16
look asks _section: out 52, more -13, answer -15, facts -18
look asks _short: passage 26, stem -53, more -28, answer -44, facts -17, keys -33
look asks _word0: out -34, stem -14, option -18, answer -36, facts 69
look asks _word0 asks: stem -30, facts 41
look asks _word0 short-sentence: facts 20
look asks arrow: out -65, stem 21, more -40, option -26, answer 27
look asks box: out -38, more 34, answer -14
look asks box box: out -28, stem -22, more -37, option 55
look asks box ticked: out -14, option 14
look asks bracketed: out -21, passage -13, stem -15, more 35, option -14, answer -44, feedback -20, bank -15, keys -18
look asks bullet: out -82, passage -24, stem -69, option 85, answer -37
look asks bullet bullet: stem -76, more -40, option 97
look asks cells: out -47, stem -104, more 41, answer -29, facts -14
look asks cue-answer: out -56, passage -17, more 21, option -57, answer -20, facts -12, row -13, keys 13
look asks cue-answer cue-difficulty: answer 29, keys -12
look asks cue-answer cue-points: answer 24, keys -22
look asks cue-answer edge: option -31, answer -36, keys 37
look asks cue-answer_ section: answer 38, keys -37
look asks cue-answer_ text: option -21, answer 28
look asks cue-answer_ word0: more -13, answer 16
look asks cue-difficulty: out -27, more 42, answer -20, facts 38
look asks cue-points: answer -37, facts 51
look asks edge: out 42, passage -16, stem -50
look asks field-option: out -19, stem -25, more 19, option 13, answer -21, keys -17
look asks field-option field-option: out -17, stem -15, option 18, answer -20, keys -17
look asks gap: out -44, stem -81, more 86, answer -59
look asks let-lone: out -34, stem 19, more -27, option 66, answer -43
look asks let-lone cue-answer: stem -18, option 18
look asks let0: out -17, stem 61, more -46, option 41, keys -41
look asks let0 let0: stem -56, option 42, keys -39
look asks let1-first: out -74, stem -23, more 28, option 32, answer -41, row -14, lines -15
look asks let1-first let1: out -21, stem -35, option 88, answer -37
look asks let2-first: stem -25, more 20
look asks num-lone: out 22, stem -28, option -16, answer -56, facts -60, keys -41
look asks num0: out 18, passage -16, stem -15, more 22, option -34, answer -58, facts -20, keys -14
look asks num0 num0: out -36, stem 34, more -12, option -30, answer -16
look asks num0-again: out -74, stem 38, keys -24
look asks num0-again num0-again: stem -65, option 49, keys -22
look asks num1-first: stem -29, more 13, option 31
look asks num1-first num1: stem -26, option 28
look asks number: out -27, more 29, option -27
look asks phrase: passage -21, stem -25, more 51, answer -49, keys -23
look asks rule: out 35, stem -17, more -30, option -25, answer -43
look asks rule rule: more -28, lines 33
look asks short: out -74, passage 63, stem 21, more -18, option -13, answer 16, feedback -16, facts -28, keys -50
look asks short let-lone: out -35, passage 41, more -31, option -21, answer -23, facts -21, keys -17
look asks short short: out -38, stem -29, more -76, option 40, answer -21, facts -12
look asks word0: out 44, passage -25, stem -46, more 15, option -25, answer -44, facts 39
look asks+: out 17, passage 21, option -27, wrapped -28, answer -35, feedback -25, hint -18, facts -42, row -25, lines -28, keys -50
look asks_ asks: passage -45, more -12, answer -20
look asks_ box: out -65, stem 59, more -29, row -12
look asks_ bullet: out -88, stem 16, more 34, answer -18, feedback -16, bank -21, lines -15
look asks_ cue-answer: out -59, stem 37
look asks_ let-lone: stem 56, more -54
look asks_ let0: out -16, stem -56, more 66
look asks_ let1-first: out -68, stem 83, more -41
look asks_ num0: out 34, passage -17, stem -53, more 29, answer -29
look asks_ number: out -22
look asks_ phrase: out -19, passage -17
look asks_ section: out -30, stem 32, more -15
look asks_ short: out -23, passage 24, stem -29
look asks_ word0: passage -15, more 17
look asks_+: out -34, passage -40, stem 20, more 58, option -43, answer -64, feedback -40, hint -22, facts -37, row -32, bank -32, lines -26, keys -30, remark -22
look box: passage -54, stem -120, more -97, option 65, wrapped -28, answer -52, feedback -98, hint -26, facts -96, row -51, bank -40, lines -62, keys -92, remark -73
look box _asks: out -51, stem 52
look box _bracketed: out -15, keys 25
look box _bullet: out -48, stem 74, option -49
look box _bullet box: out -16, stem 32, option -25
look box _bullet_ bullet: out -37, stem 43
look box _capitals: out 61, answer -40, keys -19
look box _cells: out 47, stem -30, option -42, answer -43, keys -17
look box _cue-answer: stem -15, answer 58, keys -64
look box _cue-answer_ num0: answer 29, keys -21
look box _cue-level: out -17, facts 24
look box _heading: answer -44, facts -47, keys 16
look box _heading_ num0: out 47, answer -36
look box _let-lone: out 46, stem -50, option -25, answer -33
look box _let1: stem 31, option -29
look box _num-lone: out 51, stem -62, answer -64, keys -32
look box _num0: out -20, stem -32, option -13, answer -55, facts -32, row -22, keys 47
look box _num0 box: stem 24
look box _num0 cue-answer: stem 16
look box _num0 phrase: stem 33, keys -26
look box _num0 rule: out -20, stem 23
look box _num0 short: stem 17, facts -14, keys -47
look box _num0_ num0: out -46, stem 58
look box _num1: out -26, stem 36, option -21, row -14
look box _num1 box: stem 24, option -21, row -14
look box _pair: out 12, option -13, answer -53, feedback -26, facts -12, keys -54
look box _phrase: passage -27, stem 16, option -71, feedback -49, keys -13
look box _phrase box: out -53, stem 60, option -54, answer -38
look box _rom0: out 27, stem -24, facts -13
look box _rule: out 46, answer -31
look box _section: out 74, answer -18, facts -47, keys -24
look box _sentence: out -18, passage -29, stem -58, answer -62, feedback 38, keys -20
look box _short: out 24, passage -14, option -44, wrapped -26, feedback -27, facts -62, keys -48
look box _short_ num0: answer 12
look box _text: out 13, passage -29, stem -34, option -65, answer -19, feedback -39, keys 26
look box _word0: out 17, stem -42, option -21, answer -37, facts 18, keys -17
look box _word0 asks: stem -14, answer -23, facts 31
look box arrow: out -31, stem -13, option -66, answer 91, feedback -79, facts -15
look box box: out 29, passage -31, stem -91, more -64, option 21, feedback -55, facts -43, row -25, bank -19, lines -30, keys -42, remark -36
look box box arrow: out -24, option 42
look box box box: stem -17, answer -15, remark -12
look box box bracketed: out -76, option 88, answer -19
look box box cue-answer: out -38, option 70, answer -26
look box box cue-difficulty: option 48, answer -22
look box box cue-feedback: option 24, answer -19
look box box edge: answer -22
look box box num0: out -19, option 22, answer -29
look box box phrase: option 20
look box box short: out -31, option 31
look box box word0: option 18, answer -24, facts -24
look box box_ asks: out -36, option 48, answer -37
look box box_ bracketed: option 12
look box box_ bullet: out -35, option 47, answer -45
look box box_ capitals: answer -47
look box box_ cells: answer -16
look box box_ cue-answer: option 25, answer -16
look box box_ heading: out 18, option -15, answer -67
look box box_ key-title: option 13
look box box_ let1: out -45, option 50, answer -20
look box box_ num-lone: out -26, option 36, answer -29
look box box_ num0: option 79, answer -62
look box box_ num1: option 37, answer -14
look box box_ pair: out 28, stem -14, option -26, answer -28, facts -15
look box box_ phrase: out -37, option 42, answer -28, feedback -12
look box box_ rom0: out -16, option 29, answer -28
look box box_ rule: out -14, option 37, answer -17
look box box_ section: out 22, answer -52
look box box_ sentence: answer -16
look box box_ short: out -26, stem -14, option -16, answer 38
look box box_ text: out -33, option 54, answer -20
look box box_ word0: out 40, option 13, answer -72
look box bracketed: out -43, stem -21, option 23, answer 71, feedback -64, facts -16, bank -34, keys -89
look box bracketed edge: out 23, answer -13, feedback -67, keys -20
look box cue-answer: out -38, option -27, answer 55, keys -47
look box cue-answer cue-difficulty: answer 17
look box cue-answer edge: option -14, answer 30, keys -28
look box cue-answer num0: answer 20
look box cue-answer phrase: answer 14
look box cue-answer_ num0: option -12, answer 24
look box cue-difficulty: option 42, answer -26, facts 19, keys -15
look box cue-feedback: out -68, option 37, answer -55, remark -28
look box cue-feedback_ num0: out -15, feedback 44
look box edge: answer -24, keys -19
look box let-lone: out -29, stem -53, option 33, answer 14, facts -35, row -36, keys -27
look box num0: out -29, stem 63, answer -65, keys -14
look box num0 box: stem 51, option -43
look box num0 num0: stem 49, option -39
look box number: out -14, option -21, answer 17
look box phrase: out -99, stem -52, wrapped -13, answer 19, feedback -55, facts -19, keys -31
look box phrase box: out -24, stem -62, option 31, wrapped 17, answer -18, feedback -17
look box phrase_ num0: out -44, option 22, feedback -56
look box sentence: passage -15, stem -48, option 22, answer -87, feedback 26, keys -50, remark -24
look box short: passage -39, stem -58, more -15, answer 20, feedback -99, facts -58, keys -47
look box short box: out -24, option 14, wrapped 25, answer -32
look box short_ num0: out -105, option 30, wrapped -37, answer -19, feedback -88
look box text: out -59, stem -48, answer 26, feedback -29, keys -20
look box ticked: out -16, stem -20, option 68, answer -66, feedback -39, facts -43, row -13, keys -20
look box ticked box: out -13, option 16
look box ticked_ num0: out -34, option 43, answer -47
look box word0: stem 36, answer -91, feedback -30, facts 70
look box+: out 24, passage -24, stem -86, more -66, option 21, answer -143, feedback -43, facts -57, row -32, lines -28, keys -49, remark -23
look box_ asks: out -40, option 20, answer -40
look box_ bracketed: option 12
look box_ bullet: out -35, option 47, answer -45
look box_ capitals: answer -47
look box_ cells: answer -16
look box_ cue-answer: option 28, answer -16
look box_ cue-level: out -16, option 28, answer -41
look box_ heading: out 18, option -14, answer -79
look box_ key-title: option 13
look box_ let-lone: answer -45
look box_ let1: out -45, option 50, answer -20
look box_ num-lone: out -26, option 36, answer -29
look box_ num0: out -19, option 108, answer -77
look box_ num1: out -25, option 43, answer -25
look box_ pair: out 28, stem -14, option -26, answer -28, facts -15
look box_ phrase: out -32, option 39, answer -28, feedback -12
look box_ rom0: out -16, option 29, answer -28
look box_ rule: out -14, option 37, answer -17
look box_ section: out 22, option 18, answer -53
look box_ sentence: answer -16
look box_ short: out -26, stem -14, option -16, answer 38
look box_ text: out -33, option 54, answer -20
look box_ word0: out -15, option 24, answer -44, keys -12
look box_+: out -19, passage -18, stem -39, option 35, answer -14, feedback -42, facts -32, row -18, bank -13, keys -26, remark -20
look bracketed: passage -49, stem -142, more -26, option -97, wrapped -33, answer -20, hint -80, facts -124, row -62, bank 31, lines -66, remark -59
look bracketed _asks: stem 14
look bracketed _bullet: out -15, option 19
look bracketed _cells: stem 40, more -13, option -14, answer -21, feedback -13, row -19, bank -21, keys -32
look bracketed _cue-answer: answer 48, keys -48
look bracketed _cue-level: out -29, facts 32
look bracketed _let1-first: out -19, option 26
look bracketed _let1-first let1: out -19, option 25
look bracketed _num0: option -19, row -13, keys -45
look bracketed _num0 bullet: stem 22
look bracketed _num0 let-lone: stem 21, keys -15
look bracketed _num0 phrase: out -12, stem 17
look bracketed _num0-again: stem 20
look bracketed _num0_ num0: out -28, stem 32
look bracketed _phrase: out 16, stem -34, option -15, answer 21, feedback -23, keys -13
look bracketed _section: out 35, stem -26
look bracketed _short: out 54, stem -34, more -18, option -25, facts -25
look bracketed _word0: out -97, answer -21, facts 49
look bracketed _word0 asks: stem -37, facts 38
look bracketed box: out -27, stem -12, more 17, answer -17, feedback -19
look bracketed bullet: out -47, stem 39, more 45, option -26, feedback -56, keys -42
look bracketed bullet bullet: out -44, stem 35
look bracketed cells: more 16, option 35, answer -62, feedback -28, facts -45, row -32, bank -20
look bracketed cue-answer: out 47, stem -48, more -38, answer 12, feedback -43, keys -36
look bracketed cue-difficulty: out -45, stem -13, more 51, option -32, facts 15, bank -15, keys -44
look bracketed edge: out 52, option -12, feedback -46, bank -45, keys -80
look bracketed identity: out -43, answer -39, feedback 45, keys -40
look bracketed let-lone: out 15, more 15, option 25, answer -21, feedback -20, row -14, keys -64
look bracketed let0: out -27, stem -14, more 18, option -23, answer -31, bank -15, keys 31
look bracketed let0 let0: option -19, keys 19
look bracketed let1-first: out -32, stem -23, more 20, option 37, answer -24, bank -12
look bracketed let1-first let1: stem -37, option 38, answer -24
look bracketed num-lone: out -50, more -17, answer -38, keys 52
look bracketed num0: out -67, passage -21, stem 15, more -24, option 13, answer -25, feedback 52, facts -15, row -46, bank -48, keys 38
look bracketed num0 let1-first: stem 13
look bracketed num0 num0: out -21, stem 20, option 17, row -42
look bracketed num0-again: out -17, keys 28
look bracketed pair: out -43, passage -14, stem -49, option -17, answer -23, feedback -37, row -24, keys 45
look bracketed rule: out 33, more -34, answer -15, bank -13
look bracketed short: out 32, more 17, option 17, answer -66, feedback -29, facts -15, bank -18, keys -29
look bracketed short-sentence: out 57, stem -44, option -15, answer 32, feedback -42, hint -21, keys -17
look bracketed table-down: keys 15
look bracketed text: out 12, stem -14, more -26, option -54, answer 40, feedback -31, bank 21, keys 15
look bracketed word0: out -23, stem 30, more -22, option -26, answer -32, feedback 43, bank -24, keys -58
look bracketed+: passage -32, stem -90, option -47, answer -19, feedback 24, hint -18, facts -70, row -29, bank -24, lines -15, keys -12, remark -14
look bracketed_ asks: out 22, stem -18, answer 22, feedback -34, keys -17
look bracketed_ bullet: out -40, stem -21, more 56, option -18, answer 24, feedback 20, bank -19
look bracketed_ cells: out 26, stem -26, more -53, answer -22, feedback 40, row -30, bank -37, keys -65
look bracketed_ chatter: out 51, answer -48, feedback -24, bank -22, keys -59
look bracketed_ cue-answer: out -29, more 24, answer -13, feedback -29, bank 17
look bracketed_ cue-level: out -42, option -12, answer 62, feedback -57, bank -32
look bracketed_ heading: out 23, more -38, answer -25, bank -72, keys -46
look bracketed_ identity: out 44, bank -25, keys -31
look bracketed_ let1-first: out -16, more 16, bank -15
look bracketed_ num0: passage -14, stem -17, more -13, option -25, answer 23, feedback -40, hint -13, facts -13, bank -89, keys -74
look bracketed_ num0-again: out -18, answer 40, feedback -22
look bracketed_ phrase: more -13, answer -28
look bracketed_ section: stem -17, keys -49
look bracketed_ short: answer -31, feedback -40, bank 13, keys -17
look bracketed_ word0: out 13, stem -15, more -33, option -36, feedback -16, facts -13, row -18, bank -71, keys -54
look bracketed_+: out 14, passage -25, stem -74, more -16, option -45, answer -21, feedback -19, hint -34, facts -42, row -32, bank 17, lines -29, remark -22
look bullet: passage -97, more -15, option 20, wrapped -50, answer -59, feedback 17, hint -40, facts -81, bank -56, lines -33, keys -84
look bullet _asks: out -50, stem 31, answer -23, feedback -21, bank -22, lines -19
look bullet _bracketed: out 21, answer -44, keys 19
look bullet _bullet: out -116, stem 73, more -36, option -42, answer -41, facts -34, row -61, remark -20
look bullet _bullet box: stem 18, option -14
look bullet _bullet let0: stem 30, option -29
look bullet _bullet short: out -35, stem 41
look bullet _bullet_ bullet: out -47, stem 41, option -34, answer -26, facts -15
look bullet _capitals: out 67, option -14, answer -63, keys -39
look bullet _cells: out -40, stem 15, more -31, option -13, answer -29, facts -47, row -22, keys 30
look bullet _cue-answer: out -36, answer 31, keys -25
look bullet _cue-answer edge: out -35, answer 17, keys -13
look bullet _cue-level: out -45, stem -16, more -12, option 25
look bullet _field: out 31, answer -32
look bullet _heading: out 18, stem -16, answer -24
look bullet _key-title: out -18, stem -15, keys 22
look bullet _key-title num-lone: out -13, keys 17
look bullet _let-lone: out 29, passage -16, stem -26, answer -26
look bullet _let0: out 17, stem -41, option 14, answer -14, keys -26
look bullet _let0 let0: out -23, stem -32, option 38, keys -26
look bullet _let1: out 19, stem 44, option -49, answer -15
look bullet _num-lone: out 61, stem -58, more -18, option -19, answer -44
look bullet _num0: out -52, option -60, answer -65, facts 31, row -61, keys 18
look bullet _num0 bullet: out -53, stem 57
look bullet _num0 num0: stem -63, option -19, facts -27, keys 32
look bullet _num0-again: out 44, stem -61, answer -13, facts -13, row -43, keys -56
look bullet _num0_ num0: out -57, stem 60, answer -51, facts -13
look bullet _phrase: out -30, passage -17, more -20, answer 31, feedback -24, facts -22, keys -13
look bullet _rule: out 21
look bullet _section: out 67, stem -17, answer -15, facts -17
look bullet _sentence: out 61, passage -37, stem -66, answer -73, feedback -43
look bullet _short: passage -48, stem -80, more -16, option 22, answer 13, facts -42
look bullet _short-sentence: out 17, passage -33, stem -30, more -19, option -49, answer 19, feedback -36, hint -15, keys -67, remark -18
look bullet _short_ num0: option -22
look bullet _text: out -46, stem 38, option -15, answer -28
look bullet _word0: out 38, stem -64, answer -70, facts 34
look bullet _word0 asks: stem -25, answer -22, facts 42
look bullet _word0 bullet: out -28, stem 58, facts -32
look bullet _word0 let1-first: stem -13, facts 15
look bullet _word0 phrase: facts 14
look bullet _word0 text: stem -15, facts 15
look bullet arrow: out -46, stem -24, more -36, option 25, answer 106, feedback -45
look bullet asks: out -77, passage -23, stem -64, more -19, option 59, answer -26
look bullet asks cue-answer: out -18, stem -29, more 32
look bullet asks let0: stem -43, more 45
look bullet box: out -38, stem 63, option -62
look bullet box box: out -40, option 61
look bullet bracketed: out -118, stem 49, more 58, option -35, answer 76, feedback -94, facts -17, bank -78, keys -47, remark -16
look bullet bracketed cue-difficulty: out -28, more 45, option -25, answer 36, feedback -71, facts -13
look bullet bullet: out 26, passage -52, stem -67, more -83, option 39, wrapped -27, answer -20, feedback -14, hint -14, facts -49, row 28, bank -18, keys -46, remark 15
look bullet bullet arrow: out -24, stem -40, more -23, option 61, answer -47, feedback -13
look bullet bullet bracketed: out -56, stem 42, more -15, option -24, answer -160
look bullet bullet bullet: stem 22, more -84, option -17, answer -85, feedback -46, facts -21, row 28, keys -17
look bullet bullet cue-answer: stem -105, more 37, answer -116, row -69, keys -16, remark -16
look bullet bullet cue-difficulty: out -43, stem -64, option 69, answer -49, feedback -52, row -35, remark -24
look bullet bullet edge: stem -96, option 24, answer -63, row -26, remark -28
look bullet bullet num0: stem -58, option 43, answer -144, feedback -33, remark -22
look bullet bullet phrase: out -41, stem -40, option 71
look bullet bullet short: out 34, stem -27, answer -53, feedback -14, row -23
look bullet bullet short-sentence: out -14, stem -37, option 19, answer -43, remark -14
look bullet bullet word0: out -37, stem -15, option 103, answer -60
look bullet bullet_ asks: out -36, stem -45, option 69, answer -18
look bullet bullet_ capitals: out 26, stem -49, answer -41, feedback -28, row -18
look bullet bullet_ cells: stem -66, option 41, answer -28, feedback -23, row -24
look bullet bullet_ cue-answer: out 48, stem -78, more -38, option 35, answer -38, feedback -27, row -25, remark -14
look bullet bullet_ cue-level: out -41, stem -52, more -18, option 49, answer -36, feedback -30, row -17, remark -15
look bullet bullet_ heading: out 42, stem -52, more -15, answer -22
look bullet bullet_ key-title: out -53, stem -12, more -26, option 59
look bullet bullet_ let-lone: out 48, stem -58, option -26, answer -13, row -18
look bullet bullet_ let1: option 62, feedback -35, remark -18
look bullet bullet_ num0: out -43, stem -31, more -48, answer -75, feedback 21, row -69, remark 21
look bullet bullet_ num0-again: out -16, stem -36, option 28, answer -19, feedback -17
look bullet bullet_ phrase: out 23, stem -67, answer -14, feedback -14
look bullet bullet_ section: out -53, stem -29, option 88, answer -38
look bullet bullet_ sentence: out 32, stem -61, option -17, answer -25, feedback -26, row -13, remark -13
look bullet bullet_ short: out 41, more -18, option -56, answer -39, feedback -21, row -19
look bullet bullet_ short-sentence: out 40, stem -15, option -32, answer -20, feedback -26, row -38, remark -21
look bullet bullet_ text: stem -58, option 71
look bullet bullet_ word0: stem -61, more -16, option 73, answer -27, feedback -52, row -12, remark -26
look bullet cells: out 30, stem -35, more 33, option -36, wrapped -37, answer -23, row -13, keys -21
look bullet cells cells: stem -28, more -33, row 43
look bullet cue-answer: out -16, more 49, answer 19, row -81, bank -12, keys -38, remark -32
look bullet cue-answer cue-difficulty: option -50, answer 65
look bullet cue-answer cue-feedback: option -23, answer 27
look bullet cue-answer edge: option -33, answer 24, keys -22
look bullet cue-answer short: option -35, answer 38
look bullet cue-answer_ bullet: answer 18
look bullet cue-answer_ num0: option -20, answer 32
look bullet cue-answer_ sentence: answer 18
look bullet cue-answer_ word0: option -21, answer 26
look bullet cue-difficulty: out -56, stem 44, more -31, answer -84, feedback -75, row -35, keys -19, remark -43
look bullet cue-difficulty edge: facts 24
look bullet cue-feedback: out -21, stem -19, option 45, answer -45, feedback 23
look bullet cue-sample: out -32, stem 34, option -14, answer 24
look bullet edge: option 18, answer -77, feedback -22, row -35, keys -15, remark -42
look bullet field: out 48, passage -37, stem -60, option 64, answer -58, facts -32, row -14
look bullet let-lone: stem -53, option 60, answer -61, row -18, keys -21
look bullet let0: out -31, stem 97, more -19, option -68, keys -14, remark -21
look bullet let0 let0: stem -74, more -13, option 45, keys -12
look bullet num-lone: stem -14, more -28, option 37, answer -25, feedback -23, facts -19, keys -38
look bullet num0: out 56, stem -41, more -56, option -18, answer -17, feedback -46, keys -15, remark -25
look bullet num0 bullet: out 52, stem -45, option -122, answer -23
look bullet num0 num0: out -39, stem 26, more -21, answer -15, keys -14
look bullet phrase: out -43, passage -22, stem -18, wrapped 16, feedback -115, facts -20, row -25, keys -19
look bullet phrase bullet: out -36, stem -26, wrapped 33, answer -65, feedback -24
look bullet rule: out 45, stem -45, more 20, option 13, answer -29, lines -18
look bullet short: passage -74, stem -35, more 44, option -34, wrapped -18, answer -46, feedback 30, facts -81, row -44, keys -32
look bullet short bullet: out 31, stem -54, more -25, option -33, wrapped 26, answer -77
look bullet short num0: out 20, stem -28, more 20, wrapped -27, answer -73, feedback -49, facts -26
look bullet short-sentence: out -45, passage -32, stem -35, more -22, option 40, wrapped -31, answer -106, feedback 48, hint -62, keys -16, remark -57
look bullet short_ let0: stem -24, more 23
look bullet short_ num0: out -69, passage -14, more -46, option 39, wrapped -39, answer -36, feedback 35
look bullet text: out -14, stem -28, more 34, option -47, answer 31, feedback -45
look bullet truth: out -83, stem 36, more 31, option -26, answer -21
look bullet word0: out 23, stem -22, option 18, answer -93, facts 43
look bullet+: passage -42, more -26, wrapped -26, feedback -40, facts -49, bank -18, lines -15, keys -50
look bullet_ asks: out -36, stem -45, option 69, answer -18
look bullet_ bracketed: out -53, stem 61, more -24, option -21, answer -21, row -29
look bullet_ bullet: out -74, stem 74, option -24, answer -37, feedback -26, facts -23, row -34, keys -14, remark -50
look bullet_ capitals: out 13, stem -15, answer -41, feedback -29, row -18
look bullet_ cells: stem -56, option 41, answer -28, feedback -35, row -32
look bullet_ cue-answer: out 43, stem -71, more 54, answer -49, feedback -41, row -36, remark -26
look bullet_ cue-level: out -52, stem 39, more -18, option 46, answer -36, feedback -54, row -20, remark -35
look bullet_ field: out 50, stem -61, more -27, option 36, answer -17, feedback -19
look bullet_ heading: out -17, stem 15, more -15, answer -22
look bullet_ key-title: out 36, stem -52, more -27, row -14
look bullet_ let-lone: stem 28, option -26, answer -13, row -18
look bullet_ let0: out -55, stem 18, more -25, option -27, answer -14, feedback -20, row 38, remark -17
look bullet_ let1: option 62, feedback -35, remark -18
look bullet_ num-lone: out 15, stem -37, option -13
look bullet_ num0: out -67, stem -41, more -64, option 18, answer -86, feedback 34, row -82, remark 20
look bullet_ num0-again: out -54, option 51, answer -19, feedback -40, remark -12
look bullet_ phrase: stem 15, option -25, answer -15, feedback -16
look bullet_ rule: out -40, stem 24, option 33
look bullet_ section: out 15, stem -27, option 18, answer -38
look bullet_ sentence: out 39, stem -64, more -17, option -26, answer -31, feedback -40, row -13, remark -13
look bullet_ short: out 20, stem 41, more -18, option -60, answer -40, feedback -47, facts -30, row -25
look bullet_ short-sentence: option 15, answer -20, feedback -26, row -38, remark -21
look bullet_ text: stem -60, option 70
look bullet_ word0: out 24, stem -87, more -20, option 80, answer -28, feedback -64, row -17, remark -28
look bullet_+: out -14, passage -26, stem 19, answer -143, hint -16, facts -59, bank -22, lines -13, keys -32
look capitals: passage -71, option 13, wrapped -32, answer -22, hint -33, facts -73, row -49, bank -32, lines -22, keys -35
look capitals _bullet: out 17, stem -15, option -20, remark -14
look capitals _bullet bullet: out 50, stem -49
look capitals _cue-level: out -15, facts 22
look capitals _num-lone: out -60, stem 64, option -13, answer -40, facts -15, keys -87
look capitals _num0: keys -36
look capitals _num0 let1-first: out -38, stem 38
look capitals _num0-again: option -30, keys -33
look capitals _num0_ num0: out -20, stem 22
look capitals _rom0: out -41, stem 41
look capitals _sentence: out -45, passage -37, stem 48, answer -13
look capitals _text: out 36, passage -32, stem 13, answer -31, keys -33
look capitals _word-lone: out -38, stem -49, facts 40
look capitals _word-lone let-lone: out -22, stem -26, facts 23
look capitals _word-lone let0: out -28, stem -30, facts 49
look capitals _word0: out -34, stem 44, facts -23
look capitals bracketed: out -26, stem -23, option -60, answer 21, feedback 36, bank -20, keys -53
look capitals bullet: out -37, stem 22, option 28, answer -35, feedback -27, keys -16
look capitals capitals: out -41, passage -13, stem -36, more -44, answer -46, feedback -30, facts -24, row -35, keys 21
look capitals edge: out 46, answer -46, keys -24
look capitals num0: stem 43, more 26, option -68, facts -18, row -46, keys -23
look capitals num0 num0: out 42, stem 31, option -21, row -39, keys -36
look capitals phrase: out 58, passage -20, stem -16, more -18, option -39, answer -71, feedback -26, facts -12, keys -33
look capitals sentence: out 33, passage 32, stem -86, answer -40, feedback -65, keys -38
look capitals word0: out 46, more -17, option -29, answer -55, keys -35
look capitals+: out 24, passage -35, stem -59, more 16, option 20, answer -14, feedback -83, facts -44, row -26, lines -15, keys -18
look capitals_ bullet: out 73, option -42, answer -75, keys -27
look capitals_ cue-level: out 50, answer -48, keys -13
look capitals_ num-lone: out -31, option -20, answer -75, feedback 48, keys -49
look capitals_ num0: out 13, stem -24, option -53, feedback -44, facts -18, keys -63
look capitals_ num0-again: out 64, stem -22, option -14, answer -59, keys -34
look capitals_ rom0: out 31, answer -21, keys -43
look capitals_ text: out 28, answer -47
look capitals_ word-lone: out 91, stem -22, answer -61, facts -28, keys -18
look capitals_ word0: out 23, stem 34, more -35, answer -77, feedback -51, facts -24, keys -22
look capitals_+: passage -23, stem 13, more -58, option -16, wrapped -15, answer -14, feedback 15, hint -15, facts -40, row -15, bank -20, keys -36
look cells: more 42, option -39, answer -67, feedback -81, hint -70, facts -42, bank -19, lines -56, keys -57, remark -44
look cells _asks: out -71, passage -30, stem 80, more -28
look cells _bullet: out -62, stem -56, option 69, row -13
look cells _capitals: out 21, answer -15
look cells _cells: out -17, passage -34, stem 32, more -57, option -89, answer -63, facts -44, row -61, bank -33, keys -49
look cells _cells_ cells: out 32, stem -19, option -52, answer -17, row -44, keys -15
look cells _cells_ text: out -42, stem 39, more -13, option -19, row -13
look cells _cue-answer: stem -17
look cells _cue-answer num0: answer -14, keys 15
look cells _field: out 27, passage -26, stem 13, answer -47, facts -55, row -16, bank -12
look cells _gap: passage -22, stem 33, more -42, answer -70, feedback -12
look cells _heading: stem -21, answer -37, facts -61, row -15
look cells _let-lone: out 17, passage -16, stem -29, answer -15
look cells _let0: stem -22, option 50
look cells _let1-first: out -36, option 61, answer -20, row -15
look cells _let1-first let1: out -36, option 61, answer -20, row -15
look cells _num-lone: out 39, answer -22
look cells _num0: out -54, stem 17, option -56, answer -35, facts -21, row -13, keys 29
look cells _num0 num0: out -30, stem -45, keys 38
look cells _num0_ num0: out -23, stem 52
look cells _phrase: out -37, stem 41, more -17, option -35, answer 23, row -14, keys -27
look cells _rom0: out -32, stem 14
look cells _section: out 35, stem -38, answer -34, facts -13
look cells _section_ num0: out 13, answer -13
look cells _sentence: out 61, passage -62, stem -32, more -39, answer -50, feedback -24, bank -18
look cells _short: out -42, stem -13, option 40, feedback -13, facts -26, keys -25
look cells _text: out 57, passage -19, more -53, option -38, answer -43
look cells _word0: out -54, answer -27, facts 19
look cells _word0 asks: stem -27, answer -16, facts 37
look cells arrow: out -15, more -19, feedback -14, facts -20, row -26, keys -15, remark -13
look cells box: out -46, stem -22, more 25, option 12
look cells box box: out -28, option 36
look cells bracketed: out -73, stem -25, more -42, option 31, answer 60, row -32, bank -26, keys -56
look cells bullet: out -22, stem 19, more 27, option -19, wrapped -32, answer -41, facts -28, row -23, keys -53
look cells bullet bullet: out -49, stem 36, answer -36
look cells cells: out -50, passage 21, stem -147, more -108, option -69, answer -98, feedback -28, facts -30, row 50, bank -57, keys 16, remark -31
look cells cells cells: passage 12, stem -24, more -23, option -19, answer -20, facts -30, keys -28, remark -13
look cells cells cue-answer: stem -53, more -30, row 86
look cells cells edge: passage -46, stem -57, more -21, answer -25, facts -18, row 25
look cells cells let-lone: row 30
look cells cells_ cue-answer: stem -33, more -32, option 14, row 42
look cells cells_ num0: out -21, passage -23, stem -33, more -13, option -24, answer -23, row 23, keys -12
look cells chatter: stem -19, more 47, answer -18
look cells cue-answer: out -46, stem 41, more -52, answer 71, feedback -18, facts -29, keys -70
look cells cue-answer edge: answer 38, keys -38
look cells cue-answer_ text: answer 17
look cells cue-difficulty: out -45, passage -16, more 62, option -16, answer -55, feedback -19, facts 44, row -44, keys -20
look cells edge: out -26, passage -96, stem 28, more 38, option 28, answer -77, feedback -43, facts -50, bank -37, keys -56
look cells field: out 30, passage -13, more -14, option -36, answer -52, facts -52, row -15
look cells heading: out 50, stem -22, facts -15, keys -16
look cells identity: out 57, stem -29, keys -24
look cells let-lone: passage -25, stem -28, more 23, option -20, answer -19, row 34, bank -20, keys -55
look cells let-lone cue-answer: more -28, option -20, answer -16, row 49, keys -15
look cells let0: stem 19, more 33, option 13, answer 14, keys -16
look cells let0 let0: stem -23, option 17, keys -16
look cells let1-first: out 51, stem -84, more -25, option -38, answer -45, facts -19, row 14, keys -46
look cells let1-first let1: stem -50, option -35, answer -81, row 35, keys -39
look cells num-lone: stem -46, facts -27, row -15
look cells num0: passage -54, option 27, answer 17, facts -80, row -40, keys -26
look cells num0 num0: out -65, stem -58, more -22, option 33, row -21, keys -35
look cells num0-again: out 16, stem -15, more 25, option -26, wrapped -21, facts -23, row -70, keys 56
look cells num0-again num0-again: out -52, option -21, row -66, keys 51
look cells num1-first: out -58, stem 55, more 16, facts -13, row -23, keys -12
look cells num1-first num1: stem -56, option 14, keys -12
look cells number: out -28, stem 43, more -14, option 17, answer -27, row -13, keys 12
look cells pair: out -14, more 16, option -65, answer -63, facts 24, row -57, bank -19, keys 21
look cells phrase: passage -27, more -73, option -76, wrapped -13, feedback -54, facts -55, row 29, bank -16, keys -65
look cells rule: passage -16, stem -26, answer -15, row -15, lines 30, keys -18
look cells sentence: passage 45, stem -47, more -19, option 14, answer -66, feedback -72, facts -71, row -37, keys 13, remark -19
look cells short: out 49, passage -71, stem -56, more -21, option -80, wrapped 28, answer -70, facts -75, row -28, bank -15
look cells short num0: out -41, passage -20, stem -12, more -16, option -33, wrapped 25, answer 37, feedback -56, facts -29, keys -49
look cells short short: out 15, stem -29, more -46, answer -33
look cells text: out 77, more -34, answer -66, feedback -14, keys -23
look cells+: passage 15, stem -14, more -27, option -42, answer -21, feedback -39, hint -28, facts -17, bank -111, lines -31, keys -29, remark -30
look cells_ asks: out -20, passage -51, stem 35, more 27, option -43, answer -36, facts -15
look cells_ bullet: out -17, stem 20, more 14
look cells_ capitals: out 35, stem -38, row 22
look cells_ cells: passage -49, stem 15, more -52, answer -51, facts -27, row -33, bank -33, keys -65
look cells_ chatter: out 40, stem -35
look cells_ cue-answer: out -36, stem 14, more 14, option 14, row 34
look cells_ field: out 46, stem -46, more 13, option 24, row 24, keys -38
look cells_ gap: out -43, stem -25, more -12, option 31, answer -17, row -22, bank -35, keys -16
look cells_ heading: out -24, stem -65, more 37, option -25, answer -67, facts -12, row -33, bank 33, keys -42
look cells_ identity: out 51, stem -36
look cells_ let-lone: out 23, passage -18, stem -77, answer -13, row -28, bank -21, keys -23
look cells_ let1-first: more 15
look cells_ num-lone: out 59, stem -37, more -13
look cells_ num0: out -39, passage -27, more 18, option -15, answer -75, feedback -46, hint -24, facts -33, bank -56, keys 27
look cells_ phrase: more -26, option 27, row -25, bank -29
look cells_ rom0: out 18, stem -41, more -26, option 20, bank -20, keys -32
look cells_ section: out -18, more 22, option 32, answer -21, feedback -20, facts -17, row -32
look cells_ sentence: out -13, passage -23, stem 39, answer -38, facts -30, row -13, keys -50
look cells_ short: passage -21, stem -45, option 28, row 35, bank -14
look cells_ text: out -39, passage -15, stem 69, more 13, option -25, answer -28, facts -34, keys -49
look cells_ word0: passage -43, answer -42, facts -36, row -20, bank -41
look cells_+: out 13, passage -62, stem 22, more 45, option 13, wrapped -26, answer -93, feedback -81, hint -28, facts -107, row -20, keys -26
look chatter: out 37, passage 23, stem -36, more -27, option -45, answer -69, feedback -50, hint -27, facts -52, row -13, bank -24, lines -17, keys -62
look chatter _chatter: out 34, passage -29
look chatter _field: out -38, passage -58, stem -50, facts 44
look chatter _heading: out -33, facts 45, keys -30
look chatter _heading_ num0: out 13
look chatter _let-lone: out 41, passage -17, stem -19
look chatter _short: out 39, passage -36, stem -17, answer -20
look chatter _short-sentence: out 74, passage -37, stem -64, answer -18, keys -12
look chatter _word0: out -13, facts 25
look chatter edge: out 28, passage -12, stem -16, more -14, answer -22, feedback -15, keys -20
look chatter heading: out 68, facts -64
look chatter identity: out 14, passage -13
look chatter num0: passage -14, stem 18, row -14
look chatter section: out 44, answer -24, feedback -30
look chatter sentence: out 42, passage -27, stem -46, answer -17, keys -31
look chatter short: out 14, passage -13, option -13, answer -29, feedback -17, facts -22
look chatter text: passage 24, stem -33, answer -35, keys -19
look chatter text text: stem -15, keys -17
look chatter+: passage 22, more -17, option -31, answer -43, feedback -26, hint -14, facts -33, keys -30
look chatter_ heading: out 20, feedback -13
look chatter_ identity: out 32, keys -29
look chatter_ let-lone: out 22, stem -12
look chatter_ num0: out 52, passage -30, answer -29
look chatter_ word0: out 17
look chatter_+: out 86, passage -49, stem -44, answer -30, feedback -66, bank -13, lines -13, keys -36
look colon: passage -36, stem 15, more 25, option -35, answer -58, feedback -44, hint -24, facts -61, row -23, bank -28, remark -20
look colon let0: out -24, stem 17, more 22
look colon let1-first: out -13, stem 13, more -16, option 18, answer -13, row -16
look colon let1-first let1: option 19, answer -13, row -15
look colon pair: stem -48, more 36, row -33
look colon pair short: stem -15, more 18, row -16
look colon+: passage -15, stem 31, more 14, option -22, answer -23, feedback -16, facts -27, row -15, keys -38, remark -12
look colon_+: stem -30, answer -36, feedback -42, facts -25, bank -14, keys 27
look cue-answer: out -128, passage -86, stem -91, more -134, option -40, wrapped -56, answer 89, feedback -85, hint -51, facts -149, row -98, lines -53, remark -25
look cue-answer _asks: stem 19
look cue-answer _asks cue-answer: out -34, stem 35
look cue-answer _bullet: out -54, option -43, feedback -26, facts -17, row -16, remark 36
look cue-answer _bullet bullet: out 45, stem -58, option -28, feedback -13, facts -13, remark 42
look cue-answer _bullet cue-answer: out -64, stem 74, option -33, remark -35
look cue-answer _bullet let0: stem 23, remark -19
look cue-answer _capitals: out 95, answer -97, feedback -17, facts -34, keys -22
look cue-answer _capitals_ num0: out 66, answer -71, feedback -12
look cue-answer _capitals_ word-lone: out 37, facts -18
look cue-answer _cells: out 37, stem -19, option -25, answer -50, feedback -47, hint -21, facts -35, keys -33
look cue-answer _cells cue-answer: out -52, stem 43, option -12, feedback -16, facts -26, keys -15
look cue-answer _cells_ cells: out -13, stem 13
look cue-answer _chatter: feedback -15
look cue-answer _chatter edge: out 16, stem -23, feedback -13
look cue-answer _colon: out -28, stem 24
look cue-answer _cue-feedback: stem -42, option -38, answer -31, feedback 32, facts 14, keys -34, remark -21
look cue-answer _cue-level: out 19, answer -68, feedback -21
look cue-answer _cue-level num-lone: out -55, facts 60
look cue-answer _cue-level num0: out -15, facts 22
look cue-answer _field: out 42, passage -30, stem -18, answer -53, feedback -48, hint -16, facts -44, keys -15
look cue-answer _field cue-answer: out -53, stem 53
look cue-answer _field-kind: out -13, stem -22, facts 25
look cue-answer _field-number: facts 27
look cue-answer _gap: out 45, stem -44, answer -29, feedback -16, facts -16
look cue-answer _gap cue-answer: out -36, stem 40
look cue-answer _heading: out -25, stem -38, answer 48, feedback -13, facts -70, keys -69
look cue-answer _heading num0: out 36, answer -21, facts -32, keys -19
look cue-answer _heading_ num0: out 34, stem -20
look cue-answer _heading_ num0-again: out 16
look cue-answer _heading_ word-lone: out 40, facts -33
look cue-answer _heading_ word0: out 51, facts -37
look cue-answer _identity: out 29, stem -12
look cue-answer _let-lone: out 33, passage -26, option -42, answer -72, feedback -13, facts -27, row -15, keys -14
look cue-answer _let-lone num0: out 32, stem -30
look cue-answer _let-lone_ num0: out 18, answer -14
look cue-answer _let-lone_ word-lone: out 30, stem -15
look cue-answer _let-lone_ word0: passage -15, stem 22, option -31, answer -33
look cue-answer _let0: out -26, stem 35, option -26, answer -62, facts -16, row -17
look cue-answer _let0 cue-answer: out -32, stem 33, option -24, answer -26
look cue-answer _let1: stem 48, option -48, feedback -14, remark -37
look cue-answer _let1 cue-answer: out -16, stem 20
look cue-answer _let1 short: out -17, stem 17, option -14
look cue-answer _let1_ word0: out 17, stem -16, option -13, feedback -13, remark -13
look cue-answer _num-lone: out 73, stem -68, answer -116, feedback -47, facts -25, keys -45
look cue-answer _num-lone_ num0: out 20, stem -20, answer -45, feedback -19, facts -12
look cue-answer _num0: out 24, option -25, answer -69, feedback -17, facts -91, keys -52
look cue-answer _num0 bullet: out -49, stem 51
look cue-answer _num0 let-lone: out -28, stem 31
look cue-answer _num0 let1-first: out -92, stem 98
look cue-answer _num0 num-lone: out -15, stem 16
look cue-answer _num0 num0-again: out -34, stem 35
look cue-answer _num0 num1-first: out -23, stem 24
look cue-answer _num0 phrase: out -26, stem 29
look cue-answer _num0 rule: out -18, stem 23
look cue-answer _num0 short: out -66, stem 68
look cue-answer _num0 ticked: stem 13
look cue-answer _num0-again: out -51, stem 68, facts -26, keys -52
look cue-answer _num0_ box: out -41, stem 43
look cue-answer _num0_ cue-answer: out -19, stem 20
look cue-answer _num0_ cue-sample: out -22, stem 23
look cue-answer _num0_ let1-first: out -26, stem 27
look cue-answer _num0_ num0: answer -47, facts -28, keys -13
look cue-answer _num1: answer -24, facts -18
look cue-answer _num1 let2-first: out -35, stem 40
look cue-answer _pair: out 59, stem -45, answer -14, feedback -54, keys -28
look cue-answer _phrase: out 35, passage -13, stem 13, option -33, answer -110, feedback -77, facts -14, row -28
look cue-answer _phrase cue-answer: out -90, stem 99, option -28, answer -62
look cue-answer _phrase let0: out -67, stem 68
look cue-answer _phrase num0-again: out -31, stem 29
look cue-answer _rom-lone: out 40, stem -39, answer -17, facts -20, keys -41
look cue-answer _rom-lone_ num0: out 39, stem -32
look cue-answer _rom-lone_ word0: out 13
look cue-answer _rom0: out 13, keys -21
look cue-answer _section: out 47, stem -46, answer -13, feedback -15, facts -61
look cue-answer _section_ num0: out 13, feedback -14
look cue-answer _section_ word-lone: out 28, stem -16
look cue-answer _section_ word0: out 14
look cue-answer _sentence: out 41, passage -54, answer -114, feedback -74, keys -43, remark -20
look cue-answer _sentence edge: out 71, stem -63, answer -42, feedback -42
look cue-answer _short: passage -21, stem 51, answer -106, feedback -74, hint -16, facts -31, keys -20
look cue-answer _short-sentence: stem 35, answer -61, feedback -48
look cue-answer _short-sentence cue-answer: out -23, stem 23
look cue-answer _text: passage -21, stem 23, answer -97, feedback -66, facts -20, keys -22
look cue-answer _text asks: stem 18
look cue-answer _text cells: out -13, stem 16
look cue-answer _text let0: out -22, passage -15, stem 18, keys -16
look cue-answer _text short: out -46, stem 48
look cue-answer _word-lone: out -20, stem 34, facts -21
look cue-answer _word0: out -29, stem 29, option -18, answer 33, feedback -16, facts -57
look cue-answer _word0 asks: out -16, stem -41, answer 47, facts 14
look cue-answer _word0 bullet: stem 31, facts -31
look cue-answer _word0 cells: out -46, facts 15
look cue-answer _word0 cue-answer: out -59, stem 54, answer -43, facts -47
look cue-answer _word0 cue-sample: stem 24, answer -22, facts -19
look cue-answer _word0 field: stem -19, facts 31
look cue-answer _word0 gap: out -15
look cue-answer _word0 let-lone: out -37, stem 21, answer -39, facts -17
look cue-answer _word0 let1-first: out -22, stem 18, facts -15
look cue-answer _word0 num1-first: out -76, stem 24, facts -20
look cue-answer _word0 pair: facts 20
look cue-answer _word0 phrase: stem -37, answer -20, facts 41
look cue-answer _word0 sentence: stem -59, facts 60
look cue-answer _word0 short: out -25
look cue-answer _word0 short-sentence: out -22, stem -31, answer -41, facts 39
look cue-answer _word0 text: stem -44, facts 48
look cue-answer _word0-again: out -13, facts 13
look cue-answer _word0-again cue-answer: stem 14
look cue-answer _word0_ word0: out -31, stem 39
look cue-answer asks: out -25, stem 28, option -21, answer 40, keys -15
look cue-answer bracketed: out -80, stem -38, option -100, answer -69, feedback 116, facts -12, row -12, bank -30, keys -87
look cue-answer bracketed_ num0: out -23, answer -68, feedback 41
look cue-answer bracketed_ word0: out -50, answer -13, feedback 20
look cue-answer bullet: out -33, stem 48, option -52, answer 18, feedback -32, row -21, keys -15
look cue-answer cells: out -84, passage -44, option -49, answer -28, feedback -31, facts 21, row -28, keys 67
look cue-answer cue-difficulty: out -44, passage -12, stem -28, option -174, wrapped -17, answer 21, feedback -27, facts 29, bank -31
look cue-answer cue-difficulty edge: out -31, facts 92, keys -64
look cue-answer cue-difficulty rule: out -14, facts 30
look cue-answer cue-difficulty_ cue-level: facts 19
look cue-answer cue-difficulty_ heading: facts 27, keys -21
look cue-answer cue-difficulty_ num-lone: facts 33, keys -14
look cue-answer cue-difficulty_ section: facts 15
look cue-answer cue-difficulty_ short: out -14, feedback -15, facts -28, keys 39
look cue-answer cue-difficulty_ word0: facts 16
look cue-answer cue-feedback: out 17, stem -37, option -58, answer 75, facts -18, row -41, keys -73, remark -69
look cue-answer cue-feedback cue-difficulty: feedback 20, remark -18
look cue-answer cue-feedback edge: out -71, feedback 44, keys -26, remark -14
look cue-answer cue-feedback short: feedback 15
look cue-answer cue-feedback word0: feedback 22
look cue-answer cue-feedback_ num0: out -69, feedback 79
look cue-answer cue-feedback_ word0: out -16, feedback 19
look cue-answer cue-level: out -58, option -41, answer 52, feedback -21, facts -32, keys -20
look cue-answer cue-level num1-first: answer -12, facts 29
look cue-answer cue-points: out -47, stem -43, more -36, option -44, answer -25, feedback -56, facts 34, row -13, bank -32, keys -30
look cue-answer cue-points cue-difficulty: answer -82, feedback -18, facts -39, keys 50
look cue-answer cue-points cue-feedback: out -32, stem -29, option -33, answer -37, feedback -30, facts 37, keys -38
look cue-answer cue-points edge: out -84, answer 35, feedback -24, keys -82
look cue-answer cue-points rule: out -50, answer -18, facts 104, keys -28
look cue-answer cue-points_ heading: facts 14
look cue-answer cue-points_ num0: out -28, stem -14, option -22, answer -27, feedback -24, facts 29
look cue-answer edge: out -51, stem -46, more -48, option -39, answer -19, feedback -16, facts -13, bank -29, keys 40
look cue-answer field: out 28, passage -33, option -17, answer -48, feedback -36, row -46, keys 44
look cue-answer field-kind: out 21, stem -25, option -27, answer 28, feedback -26, facts -17, keys -51
look cue-answer field-number: option -28, answer 47, keys -14
look cue-answer heading: out 38, stem -33, option -74, answer 60, feedback -13, facts -61, keys -40
look cue-answer identity: out 22, answer 32, feedback -16, keys -43
look cue-answer let-lone: out 64, feedback -12, row -45, keys -69
look cue-answer let0: out -24, stem -15, option -23, answer -28, facts -20, row -14, keys 43
look cue-answer let0 let0: out -13, option -21, keys 26
look cue-answer let1: stem 19, option -21, answer 25, facts -20
look cue-answer num-lone: out -19, stem 21, feedback -34, facts -26, row -34
look cue-answer num-lone edge: answer -38, keys 40
look cue-answer num0: out -84, stem 47, option -39, answer 13, feedback -33, facts -38, row -63, keys 20
look cue-answer num0 cue-answer: out -26, stem 29, option -16, answer -34, keys -31
look cue-answer num0 num0: out -33, option -12, keys 37
look cue-answer num0 phrase: stem 21
look cue-answer num0-again: out -68, stem 39, more -23, option -41, feedback -18, row -25, bank -16
look cue-answer num0-again num0-again: out -52, stem 23, option -23, row -13
look cue-answer num0_ cue-answer: stem 17, row -14
look cue-answer num1: stem 57, option -36, answer 32, feedback -20, row -29
look cue-answer pair: stem -42, option -52, answer 23, facts -13, row -27, keys 24
look cue-answer pair num0: out 56, answer -19, feedback -56, row -19
look cue-answer phrase: passage -32, stem -35, more -22, option -74, answer 31, facts -38, row -24, keys -19
look cue-answer phrase_ num0: out -68, stem -14
look cue-answer rom0: stem 16, option -31, answer 38
look cue-answer rom0-again: out -16, passage -19, stem -16, more -15, answer -21, facts -12, keys 21
look cue-answer rule: out 96, more -15, option -43, answer 21, feedback -25, facts -23, bank -23, lines -12, keys -48
look cue-answer rule_ word-lone: out 18
look cue-answer section: out 52, stem -30, option -32, feedback -41, facts -25
look cue-answer sentence: out 31, passage -49, stem -94, option -34, answer 47, keys -74, remark -20
look cue-answer sentence_ num0: out -53, answer -47, feedback 58
look cue-answer short: out -44, passage -31, stem -94, more -25, option -56, wrapped -13, answer 55, feedback -22, row -14
look cue-answer short-sentence: out -20, passage -35, stem -26, option -62, feedback 18, hint -84, facts -39, keys -50, remark -42
look cue-answer short-sentence_ num0: out -36, stem -58, answer 23, hint -64, facts -26, keys -21
look cue-answer short_ num0: out -25, answer 32, feedback -66
look cue-answer table-down: answer -25, keys 26
look cue-answer text: out -12, passage -19, stem -50, more -17, option 49, answer 31, feedback -24, keys -42
look cue-answer text short: out -63, stem -49, answer 46, keys -34
look cue-answer word0: out -18, stem 26, option -86, answer 38, keys -56
look cue-answer word0 asks: answer -59, facts 12
look cue-answer word0 cue-answer: stem 17
look cue-answer word0 let1-first: stem -17, facts 20
look cue-answer word0 short: stem 15
look cue-answer word0-again: stem -14, answer -43, facts -30, keys 48
look cue-answer+: out -101, passage -24, stem -100, more -81, option 16, wrapped -28, feedback -35, hint -25, facts -86, row -36, bank -71, lines -30, keys 14, remark -13
look cue-answer_ asks: option -23, answer 55, bank -12, keys -21
look cue-answer_ bullet: option -27, answer 66, keys -21
look cue-answer_ capitals: answer 62, bank -15, keys -61
look cue-answer_ cells: passage -29, stem -16, option -43, answer 44, keys -30
look cue-answer_ chatter: answer 59, keys -52
look cue-answer_ colon: answer 12, keys -12
look cue-answer_ cue-feedback: out -33, stem -36, option -29, answer 37, keys -33
look cue-answer_ cue-level: stem -19, option -14, answer 50
look cue-answer_ field: option -37, answer 34, bank -35, keys -26
look cue-answer_ field-kind: answer 32
look cue-answer_ field-number: option -13, answer 50, bank -20
look cue-answer_ gap: option -17, answer 35
look cue-answer_ heading: option -31
look cue-answer_ identity: answer 23
look cue-answer_ let-lone: answer 79, keys -63
look cue-answer_ let0: answer 44, bank -35, keys -42
look cue-answer_ let1: option -71, answer 113, keys -48
look cue-answer_ num-lone: stem -13, option -40, keys -67
look cue-answer_ num0: out -21, stem -20, more -24, option -38, facts -23, row -13, bank 32, keys 25
look cue-answer_ num0-again: option -38, answer 39, bank -19, keys -32
look cue-answer_ num1: out -16, option -20, answer 51, bank -21, keys -34
look cue-answer_ pair: option -16, answer 57, keys -40
look cue-answer_ phrase: option -35, answer 75, keys -14
look cue-answer_ rom-lone: option -25, answer 77, keys -54
look cue-answer_ rom0: option -26, answer 45, bank -32
look cue-answer_ section: answer 113, bank -29, keys -90
look cue-answer_ sentence: option -24, bank -14, keys 12
look cue-answer_ short: answer 68, keys -61
look cue-answer_ short-sentence: answer 55, bank -12, keys -43
look cue-answer_ text: stem -15, option -71, answer 50, bank -32, keys -42
look cue-answer_ word-lone: option -31, answer 40
look cue-answer_ word0: stem -43, more -28, option -102, feedback -47, row -25, bank -54, keys 48
look cue-answer_ word0-again: option -21, answer 26
look cue-answer_+: out -61, passage -55, stem -49, more -43, option -53, answer 61, feedback -66, hint -20, facts -42, row -50, bank 19, lines -13, keys -20
look cue-difficulty: out -67, passage -30, stem -73, more -82, option -113, answer -133, feedback -91, facts 94, row -89, lines -42, keys 12
look cue-difficulty _capitals: out 23, answer -13, facts -21, keys -29
look cue-difficulty _cue-answer: out -16, answer -24, keys 20
look cue-difficulty _cue-level: out -48, stem -17, option -16, facts 42, row -26
look cue-difficulty _cue-level bullet: out -34, facts 40
look cue-difficulty _cue-level num-lone: out -23, facts 22, row -19
look cue-difficulty _cue-level num0: out -19, facts 19
look cue-difficulty _field-number: facts 19
look cue-difficulty _field-number field-kind: facts 13
look cue-difficulty _heading: out 64, facts -56, keys -16
look cue-difficulty _heading_ cue-level: out 32, facts -24
look cue-difficulty _let-lone: out 31
look cue-difficulty _num-lone: out 33, stem -23, answer -26, facts -30, keys -34
look cue-difficulty _num0: stem -13, keys 14
look cue-difficulty _phrase: out 52, passage -21, stem -33, answer -46
look cue-difficulty _rom-lone: out 42, stem -25, facts -14
look cue-difficulty _section: out 16, facts -13
look cue-difficulty _short: out 71, stem -36, answer -52, facts -13
look cue-difficulty _word0: out -28, stem -35, answer -24, facts 66
look cue-difficulty asks: out 17, passage -13, stem -15, more -30
look cue-difficulty bullet: out -31, stem 34, more -16, option -28, feedback -25, row -24, remark -17
look cue-difficulty cue-feedback: out -104, stem -59, feedback 128, facts -25, keys -40, remark -41
look cue-difficulty cue-feedback rule: out -48, feedback 52, keys -14
look cue-difficulty cue-level: out -40, option -29, facts 55
look cue-difficulty cue-level num-lone: facts 25
look cue-difficulty cue-level num0: facts 19
look cue-difficulty cue-level word-lone: facts 20
look cue-difficulty edge: out -25, option -17, answer -34, facts 47, keys -47
look cue-difficulty field: out 35, passage -40, stem -31, answer -28, feedback -30, facts -29
look cue-difficulty field-kind: out -67, facts 73
look cue-difficulty field-kind field-stem: out -51, facts 53
look cue-difficulty let1: stem 51, option -39, facts -13, row -16
look cue-difficulty num0: out -61, stem 62, more -15, option -28, facts 17, row -21, keys -15
look cue-difficulty num0 bullet: stem 29, option -21
look cue-difficulty num0 cue-difficulty: stem 16, keys -13
look cue-difficulty num1: out -16, stem 43, option -26
look cue-difficulty num1 cue-answer: stem 17, option -15
look cue-difficulty phrase: out 29, stem 35, more -50, option -34, answer -21, feedback -36
look cue-difficulty rom0: stem 27
look cue-difficulty rom1: stem 29, more -27
look cue-difficulty rule: out 27, stem -32, answer -16, facts 90, keys -33
look cue-difficulty rule field-number: out 50, facts -25
look cue-difficulty rule_ field-number: out 22
look cue-difficulty word-lone: out -35, stem 47, option -13, answer -17, facts -43
look cue-difficulty word-lone cue-points: out -35, stem 46, option -13, answer -17, facts -43
look cue-difficulty word0: stem 25, option -34
look cue-difficulty word1: stem 21, more -18, facts -16, row -13
look cue-difficulty+: out -32, stem -42, more -23, option -34, answer -69, feedback -28, facts 38, row -18
look cue-difficulty_ capitals: answer -21, facts 55, row -18, keys -19
look cue-difficulty_ cue-answer: stem -17, more -32, option -17, facts 70, keys -23
look cue-difficulty_ cue-level: out -18, answer -14, facts 50
look cue-difficulty_ field-number: facts 12
look cue-difficulty_ heading: answer -19, facts 83, keys -36
look cue-difficulty_ let-lone: facts 28, keys -12
look cue-difficulty_ num-lone: out -24, facts 62, row -13, keys -28
look cue-difficulty_ num0: out -21, passage -16, stem -14, answer -27, feedback -20, facts 33, row -15, keys -19
look cue-difficulty_ phrase: facts 38, keys -26
look cue-difficulty_ rom-lone: facts 67, keys -48
look cue-difficulty_ rule: facts 37
look cue-difficulty_ section: out -14, facts 82, keys -27
look cue-difficulty_ short: out -14, feedback -15, facts -28, keys 39
look cue-difficulty_ word0: facts 27
look cue-difficulty_+: out -29, passage -16, stem -36, more -44, option -52, answer -51, feedback -35, facts 62, row -39, lines -16
look cue-feedback: out -29, passage -59, stem -100, more -51, option -38, wrapped -64, answer -108, feedback 47, hint -74, facts -47, row -73, bank -66, lines -40, remark 53
look cue-feedback _field-number: facts 16
look cue-feedback _num0: out -66, stem 74
look cue-feedback _num0 bullet: out -37, stem 38
look cue-feedback _num0 cue-answer: out -15, stem 21
look cue-feedback _num0 let1-first: out -16, stem 20
look cue-feedback _section: out 35, facts -13
look cue-feedback _word0: out -48, answer 48, facts -23
look cue-feedback _word0 cue-answer: stem 23, facts -21
look cue-feedback _word0 let1-first: facts 18
look cue-feedback cue-difficulty: out -17, more -24, option -27, answer -17, feedback 46, facts 13, remark -19
look cue-feedback edge: stem -20, option -17, answer -14, feedback -13, remark 17
look cue-feedback field-number: out -47, feedback 64, remark -34
look cue-feedback let1: out -65, stem -49, option 46, wrapped -24, answer -24, feedback -35, facts -19, row -70, remark 38
look cue-feedback rule: out -48, stem -37, more 46, feedback 53, keys -16, remark -28
look cue-feedback short: out -86, passage -45, stem -31, more -33, wrapped -22, answer -123, feedback 87, facts -20, keys -75, remark -16
look cue-feedback short-sentence: out -45, passage -28, stem -65, more -13, option -46, answer -79, feedback 60, hint -28, facts -14, keys -33
look cue-feedback short-sentence_ num0: out -26, option -14, answer -45, feedback 62, hint -27
look cue-feedback short_ num0: out -20, answer -27, feedback 23
look cue-feedback word0: out -24, stem 19, more -33, feedback 46, facts -41
look cue-feedback+: passage -23, stem -81, more -54, option -24, wrapped -33, answer -34, hint -28, row -27, bank -28, lines -19, keys 24, remark 45
look cue-feedback_ field-number: out -52, stem -14, feedback 67, facts -13
look cue-feedback_ num0: out 42, option -50, answer -37, remark -18
look cue-feedback_ section: out -36, feedback 68
look cue-feedback_ word0: out -30, stem -39, option -21, feedback 48, facts -19, remark -30
look cue-feedback_+: out -20, passage -16, stem -44, more 19, option -45, answer -73, feedback 40, hint -31, facts -32, row -21, keys -45, remark -52
look cue-hint: out -68, passage -25, stem -52, wrapped -20, answer -62, feedback -75, hint 64, facts -42, row -30, keys -31, remark -23
look cue-hint+: out -16, stem -16, answer -23, feedback -19, hint 18, facts -15, row -14, keys -14
look cue-hint_+: out -43, passage -14, stem -34, option 17, answer -41, feedback -55, hint 45, facts -27, keys -19
look cue-level: passage -49, stem -92, more -79, option -29, feedback -82, hint -16, facts 31, row -59, bank -27, lines -14, keys -90, remark -14
look cue-level asks: out -32, facts 45
look cue-level bullet: passage -13, more -22, option -33, answer -61, feedback -36, row -17, keys -16, remark -63
look cue-level bullet bullet: out 13, stem 51, option -48, row -15, remark -40
look cue-level bullet cue-difficulty: out -12, stem 19, feedback -19
look cue-level let-lone: out -99, passage -14, stem 66, more -44, option -31, answer -40, facts 63, row -45
look cue-level let1-first: out -24, stem 25, option -28, answer -26, facts 65
look cue-level num-lone: out -70, stem 41, more -40, option -39, answer -97, feedback -41, facts 46, row -35, keys -33
look cue-level num-lone box: out -20, stem 19, more -18, option -19
look cue-level num-lone cue-answer: stem 35
look cue-level num-lone cue-difficulty: out -22, stem 43, answer -41, facts -29, keys -22
look cue-level num-lone cue-sample: stem 25, option -13
look cue-level num-lone let1-first: stem 35, more -21
look cue-level num-lone num1-first: stem 14
look cue-level num-lone phrase: stem 13
look cue-level num-lone short: stem 17
look cue-level num-lone_ cue-level: out -15, stem 16, feedback -26, facts -28
look cue-level num0: out -44, stem 26, option -40, answer -67, facts 69
look cue-level num0 cue-difficulty: stem 13
look cue-level num1-first: out -55, stem 26, option -48, answer -34, facts 54, row -23, keys -16
look cue-level num1-first cue-answer: stem 19, option -16
look cue-level phrase: out -29, stem 36, feedback -24, facts 34
look cue-level rom-lone: out -80, stem 30, option -32, answer -38, feedback -27, facts 35, row -25, keys -27
look cue-level rom-lone cue-difficulty: stem 21, feedback -16, keys -13
look cue-level rom0: out -33, facts 35
look cue-level rom1-first: out -45, stem 26, more -29, option -26, answer -30, feedback -22, facts 24
look cue-level rom1-first cue-difficulty: stem 31, answer -14, feedback -14, facts -16
look cue-level text: out -40, stem 18, more -13, facts 43
look cue-level word-lone: out -79, stem 68
look cue-level word0: out -44, stem 19, option -36, answer -39
look cue-level word1-first: out -56, stem 38, more -14, answer -29, feedback -17, facts 30
look cue-level+: out -40, passage -31, stem -83, more -58, option -18, feedback -57, facts 44, row -47, bank -16, keys -67
look cue-level_+: out 40, answer -73, feedback -21, facts -35
look cue-outcome: out -13, passage -72, stem -170, more -36, option -91, answer -100, feedback -137, hint -64, facts 33, row -99, bank -47, remark -38
look cue-outcome+: passage -12, stem -64, answer -30, feedback -22, facts 25, keys 13
look cue-points: out -67, passage -42, stem -83, more -89, option -79, answer -34, feedback -91, hint -43, facts 62, row -61, bank -40, lines -58, keys -18, remark -14
look cue-points _field-number: facts 15
look cue-points _heading: out 42, facts -35
look cue-points _num0: out 23, answer -30, keys -46
look cue-points _num0 cue-answer: out -47, stem 49
look cue-points _num0 let1-first: out -87, stem 88
look cue-points _section: out 13
look cue-points cue-difficulty: stem -46, more -14, option -58, answer -150, feedback -38, facts -19, row -15, keys 68
look cue-points cue-difficulty cue-feedback: facts 25, keys -18
look cue-points cue-difficulty rule: out -51, facts 81, keys -30
look cue-points cue-feedback: out -63, stem -51, more -14, option -34, feedback 19, facts 17, keys -43, remark -50
look cue-points cue-feedback rule: out -62, feedback 68, remark -16
look cue-points cue-feedback_ num0: answer -15, feedback 29
look cue-points edge: out 34, stem -33, more -13, answer 20, feedback -24, facts -27
look cue-points field-kind: out -56, stem -12, facts 56
look cue-points field-kind field-stem: out -57, facts 59
look cue-points field-number: facts 38
look cue-points field-stem: stem 16, option -18, facts 13
look cue-points rule: out 45, stem -53, more -13, option -20, answer -59, feedback -19, facts 122, row -19, lines -12, keys -37
look cue-points rule edge: out 15
look cue-points rule field-number: out 19
look cue-points rule_ field-number: out 22
look cue-points+: out -14, stem -55, more -42, option -41, feedback -44, facts 12, row -26
look cue-points_ field-number: option -12, answer -41, facts 23
look cue-points_ heading: stem -20, answer -29, facts 13, keys -16
look cue-points_ num0: out -29, stem -14, option -39, answer -52, feedback -24, facts 48, row -21
look cue-points_ section: answer -24, facts 37
look cue-points_+: out -42, passage -24, stem -28, more -48, option -60, answer -19, feedback -32, hint -12, facts 44, row -24, bank -18, lines -27, keys -96
look cue-sample: out -55, passage -53, stem -76, more -119, option -45, answer 97, feedback -88, hint -22, facts -57, row -44, bank -57, lines -41, keys -15, remark -19
look cue-sample _bullet: out -40, stem 25, option -12, remark -20
look cue-sample _capitals: out 48, stem -39, answer -43, facts -27, keys -24
look cue-sample _chatter: out 20, stem -14
look cue-sample _heading: out 49, facts -17, keys -34
look cue-sample _num0: out 25, answer -34, facts -37, row -22
look cue-sample _num0 cue-answer: stem 26, row -13
look cue-sample _section: out 28
look cue-sample _word0: out -32, stem 20, answer -19, facts 39
look cue-sample cue-difficulty: answer 18, facts 35, keys -19
look cue-sample edge: out -62, stem -15, more -17, answer 28, feedback -15, keys -23
look cue-sample field: out -31, passage -27, stem -57, answer 44, feedback -16, keys -42
look cue-sample num-lone: out -15, stem -26, feedback -22, facts -13, keys 28
look cue-sample num0: out -30, stem -35, option -37, facts -13, row -16, keys 38
look cue-sample phrase: out -47, passage -16, stem -23, option -27, answer 53, feedback -26, keys -30
look cue-sample sentence: out -69, passage -58, stem -68, more -52, option -15, answer 98, feedback -124, keys -49
look cue-sample sentence_ num0: out -43, passage -27, answer 43, feedback -47, keys -28
look cue-sample short: out -103, passage -14, stem -52, more -42, option -22, answer 64, feedback -80, keys -44
look cue-sample short-sentence: out -147, passage -42, stem -57, more -28, option -35, answer 97, feedback -85, facts -13, keys -69
look cue-sample short-sentence_ num0: answer 16, feedback -15
look cue-sample text: out -66, passage -44, stem -62, more -33, option -48, answer 51, feedback -75, bank -16, keys 31
look cue-sample text short: out -69, passage -16, stem -62, option -28, answer 47, feedback -63, keys -62
look cue-sample text short-sentence: out -41, passage -22, stem -28, more -16, option -14, feedback -20, keys 36
look cue-sample+: out -62, passage -33, stem -54, more -69, option -26, answer 52, feedback -33, facts -44, row -35, bank -32, lines -20
look cue-sample_ bullet: answer 25
look cue-sample_ capitals: out -13, stem -24, answer 27
look cue-sample_ chatter: out -17, answer 18, keys -17
look cue-sample_ heading: out -32, stem -15, answer 29, keys -25
look cue-sample_ num0: out -20, more -15, answer 16, feedback -17
look cue-sample_ section: answer 19
look cue-sample_ word0: out -17, more -12, answer 47
look cue-sample_+: out -32, passage -14, stem -34, more -39, option -12, answer 51, feedback -48, bank -23, keys -51
look cue-tags: out -17, passage -51, stem -79, more -61, option -58, answer -92, feedback -65, hint -17, facts 42, row -65, bank -35, lines -34, remark -16
look cue-tags+: out -23, stem -55, more -18, option -34, answer -61, feedback -16, facts 13, row -24, lines -14, keys 28, remark -15
look cue-tags_+: passage -43, stem -32, more -41, option -19, answer -45, feedback -38, row -33, bank -26, keys -73
look cue-wordBank: out -19, passage -36, stem -56, more -74, option -60, answer -85, feedback -65, facts -20, row -53, bank 77, lines -17, keys -54
look cue-wordBank cue-answer: out -17, stem -20, more -28, option -24, row -25, bank 27, keys -43
look cue-wordBank+: out -14, stem -24, more -25, option -33, answer -31, facts -18, row -27, bank 29, keys -20
look cue-wordBank_+: passage -34, stem -35, more -42, option -18, answer -49, feedback -43, facts -17, row -22, bank 42, keys -30
look edge _bracketed: out 29, bank -23
look edge _bullet: out 27, stem -26
look edge _cells: out 70, stem -61, facts -17
look edge _field: facts -67
look edge _heading: out 86, stem -30, facts -82
look edge _let-lone: out 40, stem -37
look edge _num-lone: out 66, stem -64, facts -16
look edge _num0: out 41, stem -28, facts -47, keys -24
look edge _pair: out 56, passage -13, stem -32, facts -23
look edge _phrase: out 79, stem -70
look edge _rom-lone: out 49, stem -48
look edge _section: out 15
look edge _sentence: out 81, passage -51, stem -72
look edge _short: out 84, stem -38, facts -40
look edge _short-sentence: out 42, stem -37
look edge _word-lone: out 50, stem -46, facts -32
look edge _word0: stem -21, facts 22
look edge bracketed: out 61, bank -52
look edge capitals: out 35, facts -20, keys -29
look edge cells: out 76, passage -24, stem -95, facts -51
look edge chatter: out 21, stem -15
look edge colon: out -20, stem 26, keys -13
look edge cue-level: out 28, facts -28
look edge field: out -31, passage -59, stem -48, facts 45, keys -20
look edge field phrase: out 22, facts -30
look edge field_ identity: out -38, stem -21, facts 40
look edge field_ num0: out 27, passage -12, stem -13, facts -21
look edge gap: out 38, stem -42
look edge heading: facts 12
look edge heading field: out 20, facts -20
look edge heading heading: out 25, facts -19
look edge heading identity: out 18, facts -16
look edge heading let-lone: out 40, facts -39
look edge heading phrase: out 19, facts -19
look edge heading sentence: out 35, facts -33
look edge heading text: out 13, facts -12
look edge heading_ heading: out 37, facts -36
look edge heading_ identity: out 43, facts -41
look edge heading_ num0: out 29, facts -29
look edge heading_ section: out 21, facts -21
look edge heading_ short-sentence: out 22, facts -21
look edge heading_ text: out 23, facts -21
look edge heading_ word0: out -31, facts 32
look edge identity: out 13
look edge key-title: out 39, stem -20, keys -38
look edge let-lone: out 74, stem -70, keys -14
look edge let-lone_ num0: out 19, stem -18
look edge num-lone: facts -39, keys -17
look edge num0: out -52, stem 50, facts -25, keys -31
look edge num0 bullet: out -88, stem 88
look edge num0 let-lone: out -74, stem 76
look edge num0 let1-first: out -49, stem 49
look edge num0 num0: out -74, stem 53
look edge pair: out 33, passage -18, stem -49, facts -12, keys -17
look edge pair_ word0: out 31
look edge phrase: out 61, passage -30, stem -56, facts -35
look edge phrase num0: out 27, stem -19
look edge phrase section: out 19, stem -17
look edge phrase_ heading: out 45, stem -43
look edge phrase_ num0: out 40, stem -31
look edge rom-lone: out 54, stem -53
look edge section: out -36, stem 39, facts -19
look edge sentence: out 52, passage -55, stem -47
look edge sentence sentence: out 18
look edge sentence_ heading: out 24, stem -16
look edge short: out 62, passage -28, stem -56, facts -53, bank -13, keys -15
look edge short-sentence: out -20, passage -37, stem 23
look edge short_ identity: out 20, facts -17
look edge table-wide: out 29, facts -21
look edge text: out 52, passage -27, stem -49
look edge text text: out 26, passage -15, stem -12
look edge word-lone: out 24, stem -13, facts -39
look edge word0: out 18, facts -34
look edge word0 asks: out -19, facts 32
look edge word0 let1-first: out -60, stem 49, facts -34
look edge word0 num1-first: out 46, stem -45, facts -14
look field: passage 30, stem -40, more -32, option -36, wrapped -15, answer -27, feedback -24, hint -49, bank -55, lines -50, keys -45, remark -56
look field _bullet: out 51, stem -48, option -46
look field _capitals: out 21, answer -15
look field _cells: stem 16
look field _chatter: out -21, passage 20
look field _chatter text: out -21, passage 20
look field _field: out -75, passage 76, stem -31, facts -39
look field _heading: out 56, facts -45
look field _num0: out -17, stem 12, row -14, keys -50
look field _num0 let1-first: out -51, stem 16
look field _pair: out 76, passage -53, stem -43
look field _section: out -39, stem -42, facts 40
look field _sentence: passage -62, more -50, answer 45, feedback -54, keys -53
look field _short: out 33, passage -34, stem -22, answer -21, facts -14
look field _text: out 34, passage -54, more -43, answer -21, keys -16
look field _word0: out -84, stem 20, answer -27
look field _word0 asks: stem -25, answer -17, facts 30
look field bracketed: out -41, stem -49, more -34, option -31, answer 15, feedback 13, facts -56, row -28, bank -38, keys 49
look field bullet: passage -14, stem -79, more -14, answer -41, facts 74
look field cells: out -54, more 37, option -24, answer -47, facts -28, row -18, keys 19
look field chatter: out -46, passage 49, stem -46, facts -25
look field cue-answer: out -50, passage -51, stem 26, more -69, option 36, facts -27, row -26, bank -25, keys -58
look field cue-answer_ word0: answer 19
look field edge: out 40, passage -72, stem -95, option -12, answer -33, feedback -21, facts -31, row -21
look field field: out -44, passage 52, stem 16, more -54, option -43, answer -81, feedback -29, facts -64, row 15, bank -15, keys -60, remark -41
look field field field: stem -30, option -14, facts -30, row 18, keys -21, remark -16
look field field_ field: out -60, passage 60, facts -16
look field heading: out 49, stem -45, more -38, answer -26, facts -22, keys -13
look field identity: out 49, stem -28, facts -18
look field let-lone: out 53, passage -23, stem -45, facts -68, row -42, keys -24
look field let0: out -42, stem 18, more 34, option 31, facts -48, keys -16
look field let0 let0: stem -31, more -33, option 32, keys -16
look field let1-first: out -35, stem 21, option 46, answer -20, facts -25, row -28
look field let1-first let1: option 54, answer -18, row -25
look field num0: passage -49, stem 22, more -35, option -38, answer 40, feedback -24, facts -104, row -14, keys -20
look field phrase: out 26, passage -27, stem -16, more 30, option -19, answer -38, feedback -18, facts -36, keys -21
look field rule: out 93, passage -102, stem -79, option -18, answer -89, feedback -16, facts -74, row -74, keys -24
look field section: out 52, stem -19, keys -18
look field sentence: out 37, passage -49, more -25, option -32, answer -53, feedback -33, facts -15, row -15, keys -20
look field short: passage -41, stem 30, more 52, option -35, answer -60, feedback -55, facts -83, row -19, keys -73
look field short-sentence: out 39, passage 24, stem -38, more -26, answer -41, feedback -35, keys -46
look field text: passage 53, stem -27, answer -69, facts -23, row -14
look field text text: out -33, passage 42, stem -22, keys -16
look field truth: out -55, stem 42, more -34, answer 42
look field+: passage 28, stem -15, more -18, feedback -142, hint -37, facts -18, row -19, bank -41, lines -38, keys -30, remark -44
look field-kind: out 32, passage -57, stem -114, more -54, option -56, answer -33, feedback -93, hint -13, row -68, bank -31, keys -67
look field-kind _num0: stem 12
look field-kind edge: out 40, answer -28, feedback -16, facts -32, keys -24
look field-kind field-stem: passage -18, more -13, option -52, answer -67, feedback -41, row -33, keys -22
look field-kind field-stem asks: out -25, stem 25, answer -19, facts -22
look field-kind field-stem cue-answer: stem 18
look field-kind field-stem field-option: stem 28, option -19
look field-kind word-lone: out -59, passage -16, stem 33, more -12, option -23, answer -37, feedback -13, facts 54, row -25
look field-kind word-lone cue-answer: stem 14
look field-kind word-lone field-option: out -17, stem 17, option -12, facts -20
look field-kind+: passage -38, stem -78, more -33, option -36, answer -26, feedback -55, facts 22, row -44, bank -20, keys -43
look field-kind_ num0: out 29, answer -31, facts -21
look field-kind_+: out 90, stem -28, answer -43, facts -80
look field-number: out -44, passage -42, stem -37, more -19, option -44, answer -55, facts 56, row -15, keys -16
look field-number field-kind: out -62, passage -20, stem -40, option -29, answer -42, feedback -13, facts 65, row -26, keys -16
look field-number field-kind field-stem: out -45, stem -22, answer -13, facts 47, keys -14
look field-number field-kind word-lone: out -31, stem -14, answer -20, facts 32, row -15
look field-number field-stem: out -49, stem 27, option -32, answer -22, facts 76, keys -16
look field-number word-lone: out -29, stem 31, more -13, option -21, answer -17, facts 13
look field-number word-lone asks: stem 13, facts -13
look field-number word-lone cue-answer: stem 13
look field-number word-lone field-option: stem 13
look field-number+: out -41, passage -33, stem -33, more -13, option -32, answer -46, facts 48, row -14, keys -16
look field-option: out -100, passage -18, stem -103, more -70, option 110, answer -72, feedback -52, facts -93, row -93, bank -27, lines -21, keys -45
look field-option cue-answer: out -31, stem -29, option 24, answer 124, facts -31, row -23, bank -21, keys -73
look field-option cue-answer cue-difficulty: option -38, answer 52
look field-option cue-answer cue-points: option -78, answer 65, facts -13, keys -16
look field-option cue-answer rule: option -38, answer 39, keys -17
look field-option cue-difficulty: option -24, facts 36
look field-option cue-feedback: out -22, option -28, feedback 64, remark -30
look field-option cue-points: option -33, answer -86, facts 63
look field-option cue-points cue-difficulty: option -55, answer -29, facts 82
look field-option cue-points cue-feedback: option -18, answer -34, facts 46
look field-option cue-points field-stem: facts 12
look field-option cue-points rule: answer -17, facts 45
look field-option cue-points_ field-number: facts 13
look field-option field-number: facts 19
look field-option field-option: out -88, stem -87, more -41, option 93, answer -54, feedback -42, facts -78, row -78, bank -20, lines -12, keys -34
look field-option field-option cue-answer: out -31, stem -29, option 30, answer -22, facts -24, row -23
look field-option field-option cue-points: option 35
look field-option field-option field-option: out -48, stem -43, option 47, answer -36, feedback -17, facts -37, row -38, keys -13
look field-option rule: out 64, option -47, answer -26
look field-option rule_ field-number: out 64, option -47, answer -26
look field-option+: out -67, stem -68, more -41, option 74, answer -46, feedback -28, facts -58, row -58, bank -14, keys -29
look field-stem: out -51, passage -19, stem 82, more -52, option -63, answer -44, feedback -49, facts -66, row -33, keys -12
look field-stem asks: out -25, more 26, answer -20, facts -22
look field-stem asks field-option: stem -19, more 19
look field-stem cue-answer: out -21, stem 13, more -61, option -50, answer -28, bank -44, keys 35
look field-stem cue-answer cue-difficulty: answer 35, keys -19
look field-stem cue-answer cue-points: more -29, option -38, answer -24, bank -16, keys 27
look field-stem cue-answer rule: out -17, more -13, answer 66, keys -29
look field-stem cue-difficulty: stem 18, more -21, facts 15, keys -20
look field-stem cue-points: stem 19, more -21, answer -26, facts 52
look field-stem cue-points cue-difficulty: more -13, facts 30
look field-stem field-option: out -25, stem 20, more -44, option 18, answer -20, facts -17
look field-stem field-option field-option: out -18, stem -19, more -21, option 19, answer -19, facts -15
look field-stem gap: more 19
look field-stem phrase: more 49, option -19, answer -34
look field-stem phrase field-option: more 19, option -19
look field-stem rule: out 45, more -40, option -14, answer -44, facts -26, row -14
look field-stem short: out -19, more 36, option -34, answer -27, feedback -15
look field-stem short cue-answer: more 16, option -14, answer -13
look field-stem short field-option: more 21, option -21
look field-stem short-sentence: stem -14, more 66, option -15, answer -35, feedback -47
look field-stem+: out -31, stem 53, more -34, option -38, answer -27, feedback -23, facts -40, row -18
look field-stem_+: out -20, stem 42
look field-time: passage -22, stem -102, answer -23, feedback -78, hint -15, row -47, keys -66
look field_ bullet: out 82, passage -12, stem -45, answer -14, facts -69
look field_ capitals: out 58, stem -32, answer -45, facts -58, row -20
look field_ cells: out 21, passage 25, stem -32, facts -28
look field_ chatter: out -25, passage 26, stem -39, answer -14, feedback -18, facts -13, row -18, keys -51
look field_ field: passage 47, stem -66, more -21, answer -15, facts -43, row -20
look field_ heading: out 80, passage -23, stem -57, answer -23, facts -86
look field_ identity: out -36, passage -16, stem -30, facts 39, row -20
look field_ num0: out 16, stem -66, more -52, option -55, answer 14, feedback 20, hint -15, facts -46, row -34, keys -19, remark -15
look field_ pair: stem 35, facts -68
look field_ section: out -19, passage -30, stem -53, answer -20, facts 45, row -14
look field_ sentence: out 12, passage -22, stem 43, answer -16, feedback -27, facts -56, keys -27
look field_ short: out 34, passage -16, stem -39, answer -14, feedback -22, facts -57, keys -19
look field_ text: passage -40, stem 21, answer -36, feedback -14, facts -60, row -15, bank -16, keys -13
look field_ word0: passage -13, stem -69, more -58, answer -67, feedback -75, facts 26, row 29
look field_+: out 12, more -53, option -60, answer -44, hint -20, bank -32, lines -18, keys -27, remark -18
look gap: more 26, option -80, wrapped -22, feedback -66, hint -47, facts -88, row -59, bank -62, lines -46, keys -80, remark -30
look gap _cells: out -21, stem 25, more -29, answer -20, facts -16
look gap _cue-answer: stem -21, answer -48, bank 44
look gap _cue-answer_ num0: answer -42, bank 42
look gap _heading: out 61, stem -26, more -14, answer -39, facts -46, bank -20, keys -29
look gap _key-title: out 27, keys -19
look gap _num0: out -25, stem 37, facts -23, keys -48
look gap _num0_ num0: out -12, stem 15, facts -19
look gap _rule: out 51, more -14, answer -24
look gap _short: out -36, passage -13, stem -57, more -13, facts 34
look gap _text: stem 54, more -44
look gap _word0: out -82, answer -21
look gap box: out -34, stem 17, more -14, option 29
look gap bracketed: out -29, stem -31, more -25, answer -77, feedback -28, bank 47, keys -14
look gap bracketed cue-answer: out -47, more -31, answer -36, bank 54
look gap cue-answer: out -37, stem 17, more 24, option -25, row -12, bank -84, keys -51
look gap cue-answer edge: answer 45, keys -37
look gap cue-answer_ num0: answer 12
look gap cue-answer_ word0: answer 18
look gap cue-difficulty: stem -47, more 53, facts 17
look gap cue-wordBank: out -39, passage -21, option -12, answer -40, feedback -17, bank 28, lines -14, keys -23
look gap edge: passage -18, more 12, answer -33, keys -13
look gap gap: out -58, stem -61, more 75, option -16, answer -43, row -24, bank -13
look gap gap bracketed: stem -16, more 17
look gap gap cue-wordBank: stem -25, more 28
look gap let0: stem 25, more -24
look gap num0: out -36, passage 28, option -29, answer -31, row -31
look gap rule: out -21, more 45, option -18, answer -27, bank -19, lines -52
look gap short: passage -15, stem 27, more 13, option -46, answer -29, feedback -48, facts -20, row -14, keys -22
look gap short-sentence: out -48, passage 77, stem 35, more -76, answer -16, facts -21
look gap+: out -58, passage 23, stem 17, more 24, option -44, answer -92, feedback -29, hint -14, facts -46, row -25, bank -26, lines -39, keys -36
look gap_ cells: out -24, passage -17, stem 23, answer -43, row -16
look gap_ cue-answer: out -35, stem -18, more 34, answer -19, feedback -14
look gap_ heading: stem -25, more 65, answer -57
look gap_ key-title: out 15, stem -27, more 17
look gap_ num0: stem -75, more -18, option -16, answer 16, feedback -18, facts -19, row -23, keys -19
look gap_ rule: out -40, stem -84, more 67, answer -33, feedback -15
look gap_ short: answer -21
look gap_ text: out -43, passage -18, stem 58, more -43, answer -35
look gap_ word0: out -86, stem 15, more 15, answer -30, feedback -15, facts -13, row -13
look gap_+: passage -71, option -30, feedback -38, hint -21, facts -44, row -39, bank -24, lines -23, keys -43
look heading: out 14, passage -58, stem -33, more -80, option -53, answer -15, feedback -96, hint -22, row -39, bank -48, lines -47, keys -13
look heading _bullet: option -16
look heading _capitals: out 33, keys -17
look heading _cells: out 19, keys -42
look heading _cue-level: stem -12, answer -19, facts 14, keys -14
look heading _cue-level num-lone: out -53, facts 57
look heading _cue-level num1-first: out -34, facts 32
look heading _field: out 63, passage -23, stem -46
look heading _field-number: out -22, facts 40
look heading _heading: out 71, facts -45, keys -47
look heading _identity: out 21
look heading _key-title: passage -29, stem -18, answer -17, feedback -12, facts -13, keys 17
look heading _let-lone: passage -37
look heading _num-lone: out -20, passage -17, stem 26, answer -28, facts -13, keys -70
look heading _num-lone_ num0: out 59, stem -49
look heading _num0: out 27, stem -18, facts -63, keys -28
look heading _num0 bullet: out -38, stem 38
look heading _num0 cue-answer: out -18, stem 19
look heading _num0 let1-first: out -23, stem 23
look heading _num0-again: out -45, stem 25, option -14
look heading _num0_ let1-first: out 35, stem -35
look heading _num0_ num0: out -77, stem 72, facts -15, keys -17
look heading _pair: out 85, passage -58, stem -41, keys -16
look heading _phrase: out 49, passage -28, stem -30, option -14, answer -39, keys -57
look heading _rom-lone: out -54, stem 58
look heading _rom0: out -13, stem 13
look heading _section: out 73, stem -31, facts -45
look heading _section num0: out 31, stem -29
look heading _sentence: out 16, passage 13, stem -74, answer -28, feedback -14, keys -28
look heading _sentence_ num0: out 32, passage -30, stem -29
look heading _short: out 52, passage -33, stem -30, answer -37
look heading _short-sentence: passage -26, stem 22, keys -58
look heading _short-sentence_ text: out 56, passage -18, stem -73, keys -36
look heading _table-wide: out 34, stem -14, answer -15, facts -15
look heading _text: out -33, passage -38, stem 35
look heading _word-lone: out -47, stem -27, facts 45
look heading _word-lone let-lone: out -16, stem -15, facts 16
look heading _word0: out 58, stem -25, answer -19, facts -49
look heading _word0 asks: out -26, stem -24, facts 44
look heading _word0 let1-first: out -32, stem -27, facts 43
look heading _word0 text: out -24, stem -17, facts 38
look heading _word0-again: out 24, stem -28, facts -17, keys -13
look heading bullet: out 45, stem -17, option -19, facts -77, keys -34
look heading cells: out 67, passage -17, stem 14, option -17, facts -47, row -17, keys -69
look heading edge: out 29, answer -40, facts -45, keys -21
look heading field: out 50, passage -33, stem -47, facts -79, row -15, keys -16
look heading field-kind: out 34, facts -20
look heading heading: stem -19, answer -19, facts -87, keys 19
look heading identity: out 66, answer -12, facts -46
look heading let-lone: out 36, stem -53, facts 33, row -17, keys -30
look heading let1: out -50, stem 14, option -13, facts 72, keys -56
look heading num-lone: stem -24, answer -25, facts -49, keys 39
look heading num0: stem 74, more -30, answer -28, facts -55, row -13
look heading num0 num0: out -33, stem 63
look heading num0-again: out 17, stem -45, keys 24
look heading pair: out -13, stem -21, facts -16, row -13, keys 20
look heading pair edge: out 32, keys -29
look heading phrase: out 60, passage -16, stem -77, answer -27, facts -52, keys -18
look heading rom0: out 20, stem 21, facts -45, row -13, keys -31
look heading rule: out 41, facts -32
look heading section: out 23
look heading sentence: passage -64, stem 30, more -15, answer -56, feedback -44, keys -85, remark -29
look heading short: out -16, passage -19, stem 40, option -23, answer -43, feedback -22, facts -41
look heading short-sentence: out 75, stem -60, answer -19, feedback -26, facts -34, keys -32
look heading table-down: out -15, keys 15
look heading text: out 28, stem -13, facts -24
look heading word0: out 55, stem 28, option -26, answer -37, facts -30, keys -67
look heading+: passage -13, stem -48, more -44, option -32, answer -78, feedback -39, facts -34, row -24, lines -25, keys 39
look heading_ bullet: out 85, stem -13, answer -19, facts -67
look heading_ capitals: out 58, facts -44
look heading_ cells: out 61, facts -50, keys -23
look heading_ cue-level: out 87, facts -80
look heading_ field: out 23, facts -22
look heading_ field-number: out 30, facts -28
look heading_ heading: out 68, answer -21, facts -62, keys -14
look heading_ identity: out 62, facts -66
look heading_ key-title: out 35, stem -23, facts -13, keys -14
look heading_ let-lone: out 79, facts -60
look heading_ num-lone: out 43, facts -18, keys -34
look heading_ num0: out 83, passage -19, stem -21, answer -98, feedback -15, facts -91, keys -55
look heading_ num0-again: out 42, stem -30, answer -14, facts -15, keys -18
look heading_ pair: out 42, facts -37
look heading_ phrase: out 69, answer -23, facts -39, keys -12
look heading_ rom-lone: out 13
look heading_ rom0: out 37, keys -15
look heading_ section: stem -31, answer -25, facts -76, keys 27
look heading_ sentence: out 75, facts -62
look heading_ short: out 47, facts -54, keys -27
look heading_ short-sentence: out 60, facts -51, keys -27
look heading_ table-wide: out -48, answer 49, facts -34
look heading_ text: out 52, stem -29, answer -33, facts -51, keys -29
look heading_ word-lone: out 85, facts -76, keys -14
look heading_ word0: out -20, passage -13, stem -40, more -19, answer -71, facts 34, keys -31
look heading_ word0-again: out 22, facts -13
look heading_+: out 25, passage -45, more -41, option -14, feedback -41, hint -12, facts -19, row -22, bank -31, keys -102
look identity: out 78, passage -19, stem -35, more -23, option -15, answer -49, feedback -31, facts -42, row -14, keys -44
look identity _bullet: out -20, stem 20
look identity _capitals: out 14
look identity _cells: out 22, stem -20
look identity _field: passage -36, stem 24, facts -26
look identity _field-number: out -26, facts 31
look identity _field-number field-kind: out -26, facts 31
look identity _heading: out 34, stem -12, facts -23
look identity _let-lone: out 27, passage -24
look identity _num-lone: stem 16, facts -19
look identity _num0: out -25, stem 26
look identity _num0 num0: out 25, stem -25
look identity _num0_ num0: out -44, stem 44
look identity _pair: out 57, passage -36, stem -21
look identity _phrase: out -31, passage -31, stem 36, option -20
look identity _rom-lone: out 48, stem -40
look identity _rom0: out 13
look identity _section: out 18
look identity _sentence: out 62, passage -61, stem -53
look identity _short: out 64, passage -40, stem -45, answer -43, facts -16
look identity _short-sentence: out 67, passage -36, stem -40
look identity _short-sentence_ field: out 39, passage -18, stem -24
look identity _short_ num0: out 23, answer -19
look identity _short_ text: out 29, passage -21, stem -15
look identity _text: out -20, passage -14, stem 23
look identity _word-lone: out 30, stem -29, facts -14
look identity _word0: out -12, stem -25, facts 55
look identity capitals: out 25, answer -14, keys -17
look identity cells: out 44, stem -42, facts -13, row -24
look identity cue-level: out 15, option -14, answer -27
look identity edge: out 21, stem -12, keys -15
look identity field: out 22, passage -29, facts -71
look identity field-kind: out -54, facts 55
look identity heading: out 21, facts -15
look identity let-lone: out 29, stem -24
look identity num0: out -25, stem 39, keys -24
look identity num0 cue-answer: out -13, stem 15
look identity phrase: out 31, stem -24, answer -24
look identity rule: out 30, lines -26
look identity rule_ section: out 26, lines -26
look identity section: out 29, facts -24
look identity sentence: passage -21
look identity short: out 38, passage -14, option -13, answer -21
look identity+: out 56, stem -36, answer -17, feedback -16, facts -14, keys -22
look identity_ chatter: out 13
look identity_ num0: out 19, answer -23
look identity_ short: out 21
look identity_ word0: out 23, stem -13
look identity_+: out 41, passage -14, stem -21, answer -33, facts -18
look instruction: out 59, passage -16, stem -42, answer -32, feedback -71, facts -23, row -17, keys -66, remark -14
look instruction _heading: out 30, facts -21
look instruction _num0: out 39, stem -44, row -33
look instruction edge: out 38, keys -29
look instruction+: out 53, stem -17, keys -30
look instruction_ heading: out 23, stem -16, answer -14, feedback -16
look instruction_ num0: out 12
look instruction_+: out 36, stem -26, answer -19, feedback -46, facts -13
look key-title: out -35, passage -24, stem -53, more -26, option -43, answer -49, feedback -67, hint -15, facts -46, row -26, bank -25, keys 46
look key-title cells: out -30, stem -50, keys 57
look key-title num-lone: out -47, stem -25, option -18, answer -24, keys 61
look key-title num0: out -39, stem -18, facts -13, keys 21
look key-title num0 num0: out -17, stem -14, keys 22
look key-title num0-again: out -24, passage -14, stem -18, more -16, option -18, answer -17, feedback -17, hint -17, facts -18, row -17, bank -18, lines -17, keys 19, remark -17
look key-title num0-again num0-again: out -18
look key-title+: passage -19, stem -48, more -23, option -29, answer -28, feedback -13, facts -33, row -16, bank -18, keys 25
look key-title_+: out -18, passage -46, stem -24, answer -26, feedback -52, facts -22, bank -14, keys 25
look let-lone: out -36, passage -20, stem -19, more -25, option -59, wrapped -52, answer -20, feedback -118, hint -50, facts -134, bank -69, lines -58, keys -39, remark -54
look let-lone _asks: out -54, stem 60
look let-lone _bracketed: out 12, more -33, answer -24, feedback -13, keys 16
look let-lone _bullet: stem 21, option -29
look let-lone _bullet_ bullet: out -58, stem 56
look let-lone _capitals: out 58, answer -59, keys -23
look let-lone _cells: out -44, stem 46, option -17, answer -40, facts -18
look let-lone _chatter: out 24, passage -17
look let-lone _cue-answer: out -12, answer -23, bank -21, keys 24
look let-lone _cue-level: out -37, facts 49
look let-lone _field-kind: answer -35
look let-lone _gap: out 13, answer -16
look let-lone _heading: out -20, facts -49, keys 26
look let-lone _let-lone: out -14, passage -35, stem 45, option -29, row -15
look let-lone _num-lone: out -26, stem 38, option -13, answer -34, facts -25, keys -33
look let-lone _num0: stem 27, answer -55, facts -26, row -19, keys -32
look let-lone _num0 cue-answer: out -16, stem 17
look let-lone _num0 let-lone: stem 22
look let-lone _num0 let1-first: out -28, stem 29
look let-lone _num0 phrase: stem 15, row -12
look let-lone _num0-again: out -18, stem 20
look let-lone _num0_ num0: out -45, stem 48, answer -20, facts -13
look let-lone _phrase: out 55, passage -19, option -32, answer -66, feedback -43
look let-lone _rom-lone: out 27, stem -18
look let-lone _rule: out 18
look let-lone _section: out 19, answer -21, facts -17
look let-lone _sentence: out 15, passage -58, stem 23, option -27, answer -60, feedback -51, keys -22
look let-lone _short: out 54, passage -48, stem -87, option -26, answer -24, facts -72, keys -48
look let-lone _short-sentence: out 42, passage -24, stem -18, option -30, answer -43, feedback -34, keys -14
look let-lone _text: out 34, stem -29, answer -16
look let-lone _word-lone: stem -36, facts 31
look let-lone _word0: out -16, stem -13, option -15, answer -43, keys -14
look let-lone _word0 asks: stem -12, facts 14
look let-lone _word0 let-lone: stem 14
look let-lone _word0 let1-first: out -19, stem 19, facts -17
look let-lone arrow: more 21, option -33, answer 37, feedback -66, facts -19, keys -20
look let-lone arrow_ num0: answer 24
look let-lone asks: out 45, stem -12, more -15, answer 16, row -23, keys -29
look let-lone box: out -55, stem -28, more -24, option 46, answer -46, facts -35, row -40
look let-lone bracketed: out 18, option 60, feedback -113, facts -13, bank -27, keys -37
look let-lone bracketed_ num0: out 24, option -15, feedback -79, bank -25
look let-lone cells: out -64, more -26, option -12
look let-lone cue-answer: out -51, stem -14, answer 43, keys -21
look let-lone cue-answer cue-difficulty: answer 29, keys -29
look let-lone cue-answer cue-feedback: option -16, answer 47, keys -41
look let-lone cue-answer edge: answer 31, keys -30
look let-lone cue-answer_ num0: stem -13, option -38, answer 67, keys -22
look let-lone cue-difficulty: out -37, option -21, answer 14, facts 41
look let-lone cue-feedback: out -24, option -15, answer 15, feedback 28, facts -16, keys -22
look let-lone edge: passage 18, stem -65, more -24, row -56, keys -16
look let-lone field: out 25, passage -38, stem -19, more -70, option 29, answer -100, feedback -32, facts 33, row -46, bank -14, lines -16, keys -37, remark -12
look let-lone field-number: out 28, passage -24, stem -25, keys -30
look let-lone heading: out 35, passage -25, stem -56, more -32, option -49, answer -61, facts 20, row -24, keys 20
look let-lone identity: out 41, stem -37, answer -16
look let-lone let-lone: passage -80, stem 13, more -118, option -24, facts -89, row -19
look let-lone let-lone edge: out -79, stem -16, more -15, option -13, answer 19, keys 12
look let-lone let0: more -26, option 26, answer -15
look let-lone let1-first: stem 47, more -30, option -35, answer -42, row -34
look let-lone let1-first let1: stem -48, option 95, answer -17, row -30
look let-lone num-lone: out -18, stem 15, more -25, option -16, answer 15, facts -35, keys -38
look let-lone num0: stem 36, more -55, option -57, answer -14, facts -21, row 32, keys -48
look let-lone num0 let-lone: out -37, stem 53, option -24, row -21
look let-lone num0 let1-first: out -23, stem 40, option -18
look let-lone num0-again: out 23, passage -16, stem -37, more -19, answer -38, row 22, keys -40
look let-lone pair: out 36, stem -34, more -18, answer -45, feedback -23
look let-lone phrase: out 70, stem -48, answer -37
look let-lone rule: passage 16, more -20, answer -16, row -26, lines 17
look let-lone section: out 28, stem -32, option -16, row -17
look let-lone short: out -23, passage 35, stem -16, more -30, option -30, answer -20, feedback -52, facts -37, row 38, keys -46
look let-lone text: out 22, stem -17, answer -15, feedback 13, row -22, keys -24
look let-lone word0: passage -41, more -36, answer -21, facts 25, row 56, keys -31
look let-lone word0 phrase: out -50, stem 41, facts 19
look let-lone word0 word0: stem 56, facts -41
look let-lone+: out -12, passage 27, more -49, option -42, wrapped -23, answer -25, feedback -35, hint -15, facts -81, row -21, bank -17, lines -27, remark -19
look let-lone_ asks: out 24, passage -34, stem -16, option 13, answer -54, row -23
look let-lone_ bracketed: out -12, stem 34, more -29, option 37, answer -34, row -45, keys -38
look let-lone_ bullet: out 24, passage 14, stem -40, answer -31, keys -13
look let-lone_ capitals: stem 21
look let-lone_ cells: out 47, stem -15, more -14, option 16, answer -62, row -22, keys -20
look let-lone_ chatter: out 31, stem -22
look let-lone_ cue-answer: out -34, stem 24, more -61, answer -13
look let-lone_ cue-level: out -33
look let-lone_ field-kind: out 19, passage -21, stem -13, option -12, answer -25
look let-lone_ gap: stem -30, option 28
look let-lone_ heading: keys -16
look let-lone_ identity: out 15, stem -14
look let-lone_ let-lone: out -18, passage -31, stem -30, more -45, option -21, answer 26, row -39
look let-lone_ num-lone: out 21, passage -14, stem -19, more -18, answer -31, row 16, keys -30
look let-lone_ num0: out 25, passage -14, stem -48, more 12, option -20, facts -15, row -13, bank -13, keys -46
look let-lone_ num0-again: out 34, stem -25
look let-lone_ num1: out -21, passage -21, stem -18, option 28, row -36
look let-lone_ phrase: out -24, passage -25, stem -50, option 35, answer -32, feedback -12, keys 13
look let-lone_ rom-lone: more -18, answer 22
look let-lone_ rom0: passage 25, stem -51, more -13, option -29, answer -25, row 13
look let-lone_ rule: out -16, option 23
look let-lone_ section: stem -32, option 13, row -24, keys -21
look let-lone_ sentence: out 60, stem -67, option 28, answer -16
look let-lone_ short: out -13, passage -14, stem -55, more -25, option -27, answer 19, row -13
look let-lone_ short-sentence: out 16, stem -27, answer -32, row -45, keys -16
look let-lone_ text: out -13, passage -32, stem -33, more 32, option 20, answer -33, row -22
look let-lone_ word-lone: out 90, passage -22, stem -70, answer -28
look let-lone_ word0: out -53, passage -82, stem 25, more -25, option 28, answer -16, facts -19, keys -18
look let-lone_+: out 19, passage -22, stem -41, option -17, answer -13, feedback -58, hint -26, facts -61, row 12, bank -41, lines -17, keys -31, remark -23
look let0: stem -23, more -84, option 37, wrapped -30, feedback -60, hint -21, facts -85, bank -37, lines -40, remark -31
look let0 _asks: answer -12
look let0 _bullet: out -79, stem 38, option -23, row -13, remark -17
look let0 _bullet cue-answer: out -23, stem 19, remark -13
look let0 _bullet let0: stem 17, option -17
look let0 _bullet_ bullet: out -63, stem 66, option -29
look let0 _capitals: stem -48, option -19, answer 21, facts -12, keys -52
look let0 _cells: out 13, option -30, answer -19, bank -23, keys -50
look let0 _cue-answer: stem -22, answer 70, keys -58
look let0 _cue-answer edge: answer 51, keys -47
look let0 _field: stem 12, answer -18
look let0 _heading: out 25, stem -22
look let0 _letter: answer 29
look let0 _num-lone: out 18, option -27, answer -57, facts -37, keys -71
look let0 _num1-first: out -99, stem 117, option -79, keys -38
look let0 _phrase: option -16, answer -27, feedback -36
look let0 _section: out 66, stem -35, facts -22, keys -39
look let0 _sentence: passage -43, stem 12, answer -90, feedback -81, keys -51
look let0 _short-sentence: out -43, passage 33, option -15, answer -54, feedback -41, keys -46
look let0 _text: passage -16, stem -21, answer 26, keys -13
look let0 arrow: answer 30, keys -13
look let0 asks: out -53, more 19, answer 21, facts -24, row -23, keys -31
look let0 bracketed: out -72, stem -50, answer 22, facts -15, bank -18, keys -51
look let0 bullet: out -63, stem 74, option -72, answer 25, row -15, keys -37
look let0 cells: option 16, answer -17, facts -13, row -14
look let0 cue-answer: out -61, stem 57, more -12, option 45, answer 73, row -29, keys -87
look let0 cue-answer cue-difficulty: answer 20, keys -20
look let0 cue-answer edge: option -40, answer 23, keys -19
look let0 cue-answer_ asks: option -16, answer 30, keys -20
look let0 cue-answer_ phrase: answer 19
look let0 cue-answer_ text: option -14, answer 26, keys -17
look let0 cue-difficulty: out -21, stem -13, answer 19, facts 38, keys -31
look let0 cue-feedback: out -55, stem -33, option 41, answer -55, feedback -21, row -17, keys -60, remark 44
look let0 edge: out 66, stem -16, keys -47
look let0 gap: out -19, stem 20, option -34, row -13, keys -28
look let0 let-lone: out -107, stem -57, option -19, row -14, keys 47
look let0 let0: out -48, stem -155, more -31, option 41, wrapped -23, answer -39, feedback -22, facts -24, row -37, lines -18, keys 46, remark -16
look let0 let0 bracketed: stem -14, option 23
look let0 let0 bullet: out -23, stem -43, option 75, answer 31, keys -37
look let0 let0 cue-answer: out -23, stem -23, option 67, answer -21, keys -65
look let0 let0 cue-difficulty: answer 22, keys -26
look let0 let0 edge: out 31, option 26, answer -31, keys -38
look let0 let0 let-lone: option -15, keys 16
look let0 let0 let0: out -47, stem -47, more -28, answer -59, keys 45
look let0 let0 letter: option 29, keys -13
look let0 let0 phrase: out -29, stem -25, answer -15
look let0 let0 short: stem -28
look let0 let0_ asks: out -14, stem -17, option 25, answer -44
look let0 let0_ bullet: out -32, option 49, answer -73, keys -39
look let0 let0_ capitals: option 16, answer -24, keys -15
look let0 let0_ cells: out -42, stem -42, option 43, answer -47, feedback -26, keys -22
look let0 let0_ cue-answer: out -14, stem -34, option 56, answer -27, keys -20
look let0 let0_ field: out -15, option 27
look let0 let0_ num-lone: out -44, option 43, answer -27, keys -36
look let0 let0_ phrase: out -12, option 42, answer -25, keys -18
look let0 let0_ section: out -37, option 34, answer -47, keys -27
look let0 let0_ sentence: out -19, option 39, answer -19, keys -22
look let0 let0_ short-sentence: option 29, answer -21
look let0 let0_ text: out -28, stem -28, option 16
look let0 let1-first: out -74, stem 30, more -13, option -22, answer -26, row -29
look let0 let1-first let1: stem -28, option 62, row -28
look let0 letter: out -18, option -69, answer 102, keys -27
look let0 num1-first: out 27, more -22, option -49, answer -21, feedback -27, facts -19, row -36, bank -18, keys -32, remark -30
look let0 phrase: out -65, stem 32, more -17, option -14, answer -46, feedback -34
look let0 sentence: out 18, passage -55, option -30, answer -66, feedback -20, keys 27, remark -20
look let0 short: out -43, stem -46, more -28, option -24, feedback -59, facts -34, keys 36
look let0 short let0: stem -24, more -26, option -75, answer -23, feedback -14
look let0+: out 21, passage -12, stem -22, more -47, option 21, answer -14, feedback -28, facts -59, bank -14, lines -23, remark -23
look let0_ asks: out -13, stem -19, option 21, answer -21
look let0_ bullet: out 39, stem -27, answer 21, keys -39
look let0_ capitals: out -27, stem 30, option 16, answer -45, keys -15
look let0_ cells: out -24, stem -42, option 43, answer -47, feedback -26, keys -25
look let0_ cue-answer: out -14, stem 29, answer -28, row -41, keys -21
look let0_ field: out -35, stem -25, option 44, keys -20
look let0_ heading: out -14, stem 32, option 13, keys -26
look let0_ num-lone: stem -15, more -37, option 29, facts -12, row -21, keys -37
look let0_ num1-first: out 51, stem -76, option -28, answer 20, keys -24
look let0_ phrase: out -12, option 42, answer -25, keys -18
look let0_ section: out 21, stem -25, option 34, answer -48, keys -27
look let0_ sentence: out -19, option 39, answer -19, keys -22
look let0_ short-sentence: out -14, passage 14, option 15, answer -21
look let0_ text: out -33, stem -41, option 17, keys -12
look let0_+: out 17, more -43, option 15, feedback -38, facts -29, row -36, bank -19, keys -59
look let1: out -21, passage -67, stem 15, more -121, option 20, wrapped -100, answer -41, feedback -82, hint -61, facts -100, row -18, bank -62, lines -60, keys -37, remark -16
look let1 _bracketed: out 14, answer -63, feedback -28, keys 33
look let1 _capitals: stem -15, option -22, feedback -15, hint -12, keys -48
look let1 _capitals_ num0: option -20, keys -12
look let1 _chatter: out 26, answer -22
look let1 _cue-answer: out -28, stem -32, option -28, answer 37, feedback -54, facts -13, bank -17
look let1 _cue-answer num-lone: answer 42, keys -42
look let1 _cue-answer num0-again: answer -20, keys 20
look let1 _cue-answer_ num0: answer -40, keys 40
look let1 _cue-answer_ word0: answer -16, feedback -41, keys 28
look let1 _cue-level: out -21, facts 36
look let1 _heading: out 65, stem -14, answer -56, facts -36, keys -38
look let1 _heading_ num0: out 45, answer -33, keys -15
look let1 _let-lone: out -12, passage -26, option -16, answer 19, row -35, keys -13
look let1 _let-lone_ num0: out -17, stem -24, option -14, answer 39, row -22
look let1 _let1: out -34, stem -74, more -12, option 43, answer -57, facts -20, row -34, keys -52, remark -52
look let1 _let1-first: out -37, stem 56, option -44, answer -40, facts -24
look let1 _let2-first: out -17, option 22
look let1 _let2-first let2: out -17, option 22
look let1 _letter: out -32, option -15, answer 34, facts -21, keys -12
look let1 _letter_ num0: out -24, option -15, answer 25, facts -15
look let1 _num-lone: out 57, stem -44, answer -41, facts -16, keys -53
look let1 _num0: out 33, passage -14, more -14, option -55, answer -45, feedback -17, hint -17, facts -38, row -17, bank -18, lines -17, keys -50, remark -18
look let1 _num0 asks: stem 18, facts -18
look let1 _num0 cue-answer: out -29, stem 41
look let1 _num0 edge: out 38, stem -37, keys -37
look let1 _num0 let1-first: out 62, stem -61, option -22
look let1 _num0 short: out -15, stem 20
look let1 _num0-again: out -57, stem 38, option -15
look let1 _num0_ cue-answer: out -40, stem 41
look let1 _num0_ let1-first: out -56, stem 60
look let1 _num0_ num0: out -127, stem 40, option -13, answer -37, facts -21, keys -31
look let1 _phrase: out 50, stem -51, option -19, wrapped -25, answer -38, feedback -38, keys -63
look let1 _rom-lone: out 38, stem -20, answer -19, facts -14, keys -46
look let1 _rom0: out -40, stem 56, answer -37, facts -31, row -26, bank -18, lines -14, keys -32, remark -16
look let1 _rom0 let1-first: stem 25, remark -15
look let1 _rom0_ rom0: out -35, stem 43
look let1 _rule: out -50, stem -19, answer 49
look let1 _section: out 36, stem -18, answer -30, facts -21, keys -13
look let1 _section_ word0: out 15, answer -13
look let1 _sentence: passage -40, stem -69, answer -91, feedback -95, hint -20, keys 48
look let1 _short: out -12, passage -12, stem -44, more -16, option -21, wrapped -18, answer 18, facts 19, keys -31
look let1 _short-sentence: out 35, passage -16, stem -64, answer -89, feedback -39, hint -50, keys 29, remark -19
look let1 _text: out 27, answer -41, feedback -15
look let1 _word0: out -54, stem 46, option -20, answer -77, facts -17
look let1 _word0 asks: stem -48, answer -49, facts 63
look let1 _word0 let-lone: facts 17
look let1 _word0 let1-first: stem -33, option -16, facts 35
look let1 _word0 phrase: stem -79, facts 85
look let1 _word0 short-sentence: stem -22, answer -37, facts 34
look let1 _word0 text: facts 16
look let1 _word0_ let1-first: out -13, stem 32, facts -32
look let1 _word0_ word0: out -43, stem 35, answer -21, facts -30
look let1 arrow: out -20, more -12, option -13, answer 21, feedback -22, facts -17, row -30, remark -14
look let1 arrow cue-difficulty: answer 14
look let1 arrow_ num0: option -13, answer 31
look let1 asks: stem 16, more 58, option -38, wrapped -21, row -29
look let1 box: out -39, stem 40, option 21
look let1 box box: out -39, option 44
look let1 bracketed: out -24, stem -31, more 27, option 16, answer 15, feedback -14, hint -32, facts -21, row -30, bank -69, keys -66, remark -13
look let1 bracketed num0: out -70, answer -60, feedback 66, keys -52
look let1 bracketed_ num0: out 58, answer -26, feedback -45, bank -16, keys -17
look let1 bracketed_ word0: more 24, option -26, feedback -27, row -15, bank -28, keys -17
look let1 bullet: out -32, stem 56, more -30, option -45, answer -26
look let1 bullet bullet: stem -74, more -30, option 68, answer -26
look let1 cells: out 41, stem -41, option -38, answer -30, feedback -19, keys -36
look let1 cue-answer: out 25, stem -49, more -13, option -22, wrapped -50, answer 18, hint -13, facts -21, row -119, remark -38
look let1 cue-answer cue-difficulty: wrapped -17, answer 26
look let1 cue-answer cue-feedback: answer 45, keys -35
look let1 cue-answer cue-points: option -16, answer 31, facts -12, keys -20
look let1 cue-answer edge: option -13, answer -22, keys 33
look let1 cue-answer num0: answer 41, keys -34
look let1 cue-answer phrase: answer 35, keys -29
look let1 cue-answer short-sentence: answer 27, keys -21
look let1 cue-answer_ num0: option -35, answer 36, keys -30
look let1 cue-answer_ section: answer 13
look let1 cue-answer_ word0: answer 83, keys -76
look let1 cue-difficulty: out -32, stem -17, option 61, answer -37, facts 66, row -45, keys -15
look let1 cue-feedback: out -62, stem -25, option 46, wrapped -19, answer -36, facts -14, row -32, keys -20, remark 18
look let1 cue-feedback_ num0: option -15, feedback 20, remark -14
look let1 cue-hint: out -21, stem -17, answer -28, feedback -15, hint 18, row -44, keys -17
look let1 cue-level: answer -49, facts 30, row -21
look let1 cue-points: out -84, stem -51, option -36, answer 13, hint -17, row 43, keys -61
look let1 cue-sample: out 22, stem 12, option -27, answer 50, row -27, keys -50
look let1 edge: out -34, stem 13, option 48, answer -57, row -18, keys -66, remark -16
look let1 field: passage -31, stem -32, option 14, answer 12, feedback -20, facts -51, keys -25, remark -24
look let1 let-lone: out -76, stem 54, more -50, option -45, answer 28, row -76, keys -31, remark -14
look let1 let-lone num0: answer 17
look let1 let-lone_ num0: out -43, more -32, answer 19
look let1 let-lone_ word0: out -20, option -23, answer 24
look let1 let1: out 15, passage -41, stem -126, more -49, option 26, wrapped -61, answer -130, feedback -52, hint -46, facts -58, bank -46, lines -46, keys -22
look let1 let1 arrow: stem -50, option 62, row -29
look let1 let1 bracketed: out -80, stem -23, option 61, answer -25
look let1 let1 cue-answer: stem -90, option 69, wrapped -30, answer -99, row -108, keys -47, remark -36
look let1 let1 cue-difficulty: stem -30, option 63, answer -18, row -29
look let1 let1 cue-feedback: option 32, answer -15
look let1 let1 cue-level: option 59, row -21
look let1 let1 edge: out -138, stem 32, option 15, answer -33, row -15, keys -42, remark -16
look let1 let1 field: out -76, stem -20, option 49, answer -15, remark -23
look let1 let1 let-lone: stem -48, option 93, answer -38, row -46
look let1 let1 let1: out 30, passage -14, stem -63, more -14, option -21, answer -27, feedback -17, hint -17, facts -18, bank -18, lines -17, keys -23
look let1 let1 letter: stem -27, option 39
look let1 let1 num0: stem -78, option 37, answer -53, row -80, remark -31
look let1 let1 phrase: out -55, stem -15, option 45, answer -17, row -20
look let1 let1 rom0: out -31, stem -47, option 79, row -12
look let1 let1 short: out -38, stem -60, option 69
look let1 let1 short-sentence: option 38, remark -32
look let1 let1 word0: out -36, stem -44, option 98, row -33
look let1 let1-first: out -32, option 58
look let1 let1-first let1: out -32, stem -18, option 69
look let1 let1_ bracketed: stem -14, option 28
look let1 let1_ capitals: option 46, answer -16, row -13
look let1 let1_ chatter: out -27, option 48, answer -20
look let1 let1_ cue-answer: out 38, stem -98, option -13, answer -52, row -88, remark -37
look let1 let1_ cue-level: out -19, option 30, answer -15
look let1 let1_ heading: out -32, option 28, keys -25, remark -23
look let1 let1_ key-title: option 31
look let1 let1_ let-lone: out -39, stem -31, option 50, answer -18, row -32
look let1 let1_ letter: out -25, option 26, row -19
look let1 let1_ num-lone: out -27, stem -18, option 25
look let1 let1_ num0: passage -14, stem -36, more -14, option 27, answer -99, feedback -17, hint -17, facts -18, row -98, bank -18, lines -17, remark -36
look let1 let1_ num0-again: out -23, option 27, answer -26, row -62
look let1 let1_ phrase: out -24, stem -19, option 30, answer -25, row -19
look let1 let1_ rom0: out -19, stem -19, option 76, answer -17, row -37
look let1 let1_ rule: out -41, stem -44, option -27, answer -20, row -40, remark 32
look let1 let1_ section: out -32, option 63, answer -40
look let1 let1_ short: option 15
look let1 let1_ short-sentence: out -71, option -32, answer -45, row 42
look let1 let1_ word0: out -129, stem 45, option 57, answer -25, feedback -23, row -54
look let1 let2-first: out -36, stem 26, more -38, option -22, answer -33
look let1 let2-first let2: out -36, stem -27, more -29, option 36, answer -28
look let1 letter: out -77, stem -40, option -44, answer 172, remark -17
look let1 letter_ num0: out -14, option -35, answer 54
look let1 num-lone: out -78, more -15, option -44, wrapped -13, answer -25, feedback -18, facts -12, row 58, keys -26
look let1 num0: stem 35, option 13, wrapped -28, answer -53, facts -54, row -73, keys -44, remark -41
look let1 num0 let1-first: out -36, stem 70, option -96, wrapped -14, row -24
look let1 num0 num0: out 20, option -35, wrapped -19, answer -48, facts -21, keys -39
look let1 num0 phrase: stem 38, option -27
look let1 num0 short: stem 36, option -15, facts -12, row -17
look let1 num0-again: out -68, stem 30, option 15, answer -13, facts -15, row -43
look let1 num2-first: out -24, stem -13, more -22, option -24, row 23
look let1 num2-first num2: more -19
look let1 pair: stem 15, more 38, wrapped -19, answer -28, feedback -52, row -23, keys -48
look let1 phrase: stem 29, option -63, wrapped 14, answer -14, feedback -13, hint -17, facts -12, row -38, keys -40, remark -12
look let1 phrase let1: more -17, option -24, wrapped 25, answer -25
look let1 rom0: out -44, stem 22, option 77, wrapped -21, row -12, keys -24
look let1 sentence: passage -39, stem -32, more -33, option -13, answer -42, feedback 19, row -41, remark 29
look let1 short: out -19, passage -27, stem 55, more 28, option -97, wrapped 32, feedback -104, facts 39, row -15, keys -32
look let1 short let1: more -25, option -27, wrapped 31, answer -29, facts 40
look let1 short-sentence: out -79, stem -71, more 13, option -20, answer -79, hint -77, row -58, keys -40, remark 47
look let1 short_ word0: out -25, more 43, option -54, wrapped -33, answer -32, feedback -29
look let1 text: out 35, passage -28, stem -30, more -23, wrapped 18, answer -91, feedback 15, hint -14, keys -53, remark -15
look let1 word0: out -44, stem 72, option 31, answer -107, facts -12, row -34
look let1 word0 let1-first: stem 38, option -18, facts -22
look let1+: passage -25, stem 43, more -72, option -19, wrapped -55, answer -32, feedback -31, hint -29, facts -57, bank -29, lines -29, keys -14
look let1-first: out -14, passage -35, more -98, option 21, wrapped -46, feedback -52, hint -30, facts -65, row -30, bank -33, lines -29, keys -72, remark 13
look let1-first _let1: out -55, stem 18, more -15, option 27, answer -50, facts -33, row -49, keys -17, remark -33
look let1-first _let1_ let1: out -47, stem -22, option 43, answer -27, row -31, remark -33
look let1-first _short: out -41, passage -15, stem -22, option -28, facts 42
look let1-first box: out -27, stem 15, more -20, option 21
look let1-first box box: out -27, more -20, option 22
look let1-first bullet: out 34, stem 25, more -34, facts -20, row -15
look let1-first bullet bullet: stem -48, more -33, option 40
look let1-first cue-answer: stem 20, option -18, answer 28, row -17, keys -16
look let1-first cue-answer_ let1: answer 19, keys -16
look let1-first cue-feedback: out -46, stem -16, more -35, option 19, answer -31, facts -31, row -14, remark 24
look let1-first cue-feedback let1: feedback -19, remark 24
look let1-first let1: out -15, passage -28, stem -91, more -66, option 17, wrapped -43, answer 15, feedback -35, hint -29, facts -45, row -15, bank -30, lines -30, keys -17
look let1-first let1 bracketed: option 16
look let1-first let1 cue-answer: out 23, more -12, option -48, answer 27, row -34, keys -66
look let1-first let1 cue-difficulty: option 20
look let1-first let1 let-lone: out -26, stem -57, option 47, answer -45, row -19, keys -14
look let1-first let1 let1: passage -14, stem -20, more -14, option -13, wrapped -15, answer -41, feedback -17, hint -17, facts -21, bank -18, lines -17, keys 16
look let1-first let1 num0: stem -27, option 16, answer -25
look let1-first let1 phrase: option 22
look let1-first let1-first: stem -19, option 42, answer -20
look let1-first let1-first let1: stem -38, option 52, answer -18
look let1-first let1_ cue-answer: out -70, stem -19, option -17, answer 35, row -37
look let1-first let1_ num0: out -74, option -19, answer 45
look let1-first let1_ rom0: option 34, answer -22
look let1-first let1_ word0: out -51, stem -21, option 22
look let1-first let2-first: stem 50, option -50
look let1-first let2-first let2: stem -12, option 41
look let1-first num2-first: stem 68, row -15
look let1-first num2-first num2: option 14, row -12
look let1-first short: out 25, stem 35, option -27, wrapped 32, answer -27, feedback -28, facts -57
look let1-first short let1: out 33, option -35, wrapped 32, answer -33, feedback -26, facts -54
look let1-first+: passage -20, stem -35, more -63, option 25, wrapped -27, feedback -26, hint -18, facts -45, row -14, bank -19, lines -17, keys -44
look let1-first_ let1: out -80, stem 53, option 14, answer -65, facts -25, row -51
look let1-first_ short: out -20, stem 22, more -13, option -20, answer -21, feedback -15
look let1-first_+: out -33, stem 39, more -29, option 15, answer -72, feedback -28, facts -30, row -57, keys -14
look let1_ bracketed: out 39, stem -54
look let1_ capitals: option 46, answer -16, row -13
look let1_ chatter: out -27, option 48, answer -20
look let1_ cue-answer: out 24, stem -78, option -21, answer 30, row -20, keys -16, remark -47
look let1_ cue-level: out 13, answer -32
look let1_ heading: out -32, option 28, keys -25, remark -23
look let1_ key-title: out -17, option 31
look let1_ let-lone: out -52, stem -32, option 53, answer -18, row -32
look let1_ let1: out -82, stem 16, option 48, answer -65, facts -16, row -46, keys -20, remark -58
look let1_ let1-first: out -22, stem -29, option 27, answer 27
look let1_ let2-first: stem 20, option -19, answer -14, row -12
look let1_ letter: out -25, option 26, row -20
look let1_ num-lone: out -38, stem -18, option 36, answer -16, keys -21
look let1_ num0: out -15, passage -15, stem -87, more -14, option 35, answer -44, feedback -19, hint -21, facts -20, row -100, bank -18, lines -17, remark -37
look let1_ num0-again: out -23, stem -36, option 20, answer -29, row 28, keys -16
look let1_ phrase: out -24, option 30, answer -43, row -19
look let1_ rom-lone: out -12, option 32, answer -12
look let1_ rom0: out -29, stem -19, option 92, answer -37, row -37
look let1_ rule: out -49, stem -48, option -25, answer -34, row -40, remark 32
look let1_ section: out -27, stem -30, option 30, answer -21, row -17, keys -13
look let1_ sentence: out -22, stem -41, option 27, answer -14, remark -17
look let1_ short: out -40, stem 26, answer -16
look let1_ short-sentence: out -71, option -32, answer -45, row 42
look let1_ text: out 18, stem -23, option -16, answer -23
look let1_ word0: out 21, passage -14, stem 47, option -25, answer -26, feedback -54, row -67, keys -19, remark -29
look let1_+: out -33, passage -32, stem -20, more -39, option 30, wrapped -14, feedback -45, hint -22, facts -38, row -34, bank -23, lines -17, keys -56
look let2: passage -34, stem -87, more -38, option 30, wrapped -84, answer -22, feedback -56, hint -18, facts -87, row -74, bank -32, lines -25, keys -33, remark -20
look let2 _cue-answer: out -18, stem -17, facts -18, keys 13
look let2 _heading: out -39, facts 22
look let2 _let1: out -62, stem 71, option -52, answer -31
look let2 _num1: out -49, stem 53
look let2 _num1 let2-first: out -34, stem 36
look let2 _word0: out -14, stem -23, facts 23
look let2 _word0 let1-first: stem -23, facts 22
look let2 cue-answer: option -39, answer 44, keys -65
look let2 cue-difficulty: option 38, answer -32, facts 30
look let2 let1: out -54, stem 41, option -38, facts -19, row -15
look let2 let1 let2-first: stem 16, option -16
look let2 let2: out -47, stem -49, more -14, option 127, wrapped -58, answer -80, facts -42, row -41, keys -44
look let2 let2 cue-answer: option 12
look let2 let2 cue-difficulty: option 24, answer -18
look let2 let2 let1: option 44, answer -17, facts -14
look let2 let2 let2: option 37, wrapped -31
look let2 let2_ num1: option 22, answer -14
look let2 let2_ word0: out -19, stem -15, option 17
look let2 num1: out -27, stem 35, wrapped -44, answer -63, feedback -12, row -17, keys -23
look let2 num1 let2-first: stem 38, option -38, wrapped -35
look let2+: stem -31, more -14, wrapped -54, answer 30, feedback -20, facts -33, row -37, keys -44
look let2-first: out 16, passage -17, stem -51, more -68, option 14, wrapped -46, answer -24, feedback -24, facts -57, row -41, lines -38, keys -32, remark -18
look let2-first let2: passage -15, stem -79, more -51, option 14, wrapped -42, feedback -27, facts -42, row -44, bank -21, lines -25, keys -29, remark -15
look let2-first let2 let2: out -20, stem -29, option 51, wrapped -26, answer -30, row -26
look let2-first+: stem -37, more -44, option 13, wrapped -28, answer -18, feedback -13, facts -32, row -22, lines -20, keys -20
look let2_ cue-answer: out -13, option 17
look let2_ num1: out 19, answer -59
look let2_ word0: out -19, stem -15, option 17
look let2_+: passage -17, stem -29, more -25, option 35, answer -84, feedback -19, facts -21, bank -17, keys -14
look letter: out 33, passage -20, stem -82, more 22, option -43, wrapped -23, feedback -72, facts -79, row -34, bank -18, lines -21, keys -51
look letter _num0: out -16, stem 28, keys -23
look letter cue-feedback: out -54, stem -34, option -36, answer 65, feedback 53, facts -13
look letter edge: out -73, answer 63, keys -17
look letter+: out 54, stem -46, more -46, option -29, answer -16, feedback -25, facts -52, row -15, keys -19
look letter_ num0: out -45, more 30, option 28, feedback -20, facts -15
look letter_+: out -72, more 13, option 19, answer 26, feedback -33, facts -24, bank -15, keys -56
look lines: out -50, passage -40, stem -63, more 17, option -58, answer 16, feedback -41, hint -30, facts 23, row -32, lines 14, keys -40
look lines+: out -15, stem -13, answer -76, facts -42, lines 25, keys -21
look num-lone: out -15, passage -25, wrapped -41, feedback -17, hint -57, row -18, bank -72, lines -60, keys -18, remark -41
look num-lone _bracketed: out 51, keys -27
look num-lone _bullet: out -12, row 22
look num-lone _bullet bullet: stem -28, row 23
look num-lone _capitals: out 70, answer -42, keys -38
look num-lone _cells: out 14, row -19, bank -17
look num-lone _cue-answer: answer 40, keys -38
look num-lone _cue-level: out -22, stem -15, facts 23
look num-lone _heading: out 89, answer -30, facts -51, keys -36
look num-lone _num-lone: out -16, option -15, facts -25, keys 27
look num-lone _num0: stem 45, option -35, answer -58, facts -32, keys -41
look num-lone _num0 num1-first: stem 13
look num-lone _num0-again: out -54, stem 60, option -57, facts -16, keys -17
look num-lone _num0_ num0: out -45, stem 50
look num-lone _phrase: out -25, passage -35, stem 55, more -16, option -18, answer -67, feedback -18, keys -22
look num-lone _rom-lone: out -33, stem 21, keys -41
look num-lone _rom0: out -41, stem 42
look num-lone _section: out 57, stem -43
look num-lone _sentence: out 46, stem -63, answer -37, feedback -27, keys -24
look num-lone _short: out 68, passage -40, stem -19, answer -62
look num-lone _text: out -28, stem 24, more -24
look num-lone _word0: out -66, stem 26, answer -50, facts -13
look num-lone arrow: out -28, stem 24, more -24, option -17, answer 50, facts -17
look num-lone asks: more 21
look num-lone box: out -22, stem 19, option -23, answer -20, lines -14
look num-lone box box: out -15, option 22
look num-lone bracketed: out -16, stem -23, option 31, answer -26, bank 13, keys -34
look num-lone bullet: out 69, stem -60, more -44, answer -46, feedback -45, facts -25, row -54, keys -19
look num-lone bullet bullet: out 14, stem -41, more -25, row -24
look num-lone capitals: out 29, stem 36, option -21, answer -35, keys -56
look num-lone cells: stem -29, more 29, option 36, answer -30, facts -40, row -18, bank -18
look num-lone cue-answer: out -84, stem 31, more 27, option 34, answer 32, keys -77
look num-lone cue-answer cue-difficulty: option -12, answer 26
look num-lone cue-answer edge: option -24, answer 67, keys -57
look num-lone cue-difficulty: out -58, more 18, option -29, answer 18, feedback -38, facts -21, keys -45
look num-lone cue-difficulty edge: out -13, facts 41
look num-lone cue-sample: out -33, stem 38, option -13
look num-lone edge: out -46, stem 46, more -47, option -65, answer 27, feedback -26, row -19, keys -15
look num-lone field: passage -18, stem 33, answer -22, feedback -35, facts -47, row -40, keys -79
look num-lone heading: stem -67, answer -56, facts 31
look num-lone let-lone: out 23, stem -40, more 35, answer 14, row -26, keys -45
look num-lone let1-first: out -55, option 45, answer -17, row -49, remark -16
look num-lone let1-first let1: stem -41, option 53, answer -14, row -49, remark -16
look num-lone num-lone: stem -43, option -27, answer -64, feedback -32, facts -78, row -20, keys 38
look num-lone num-lone edge: stem -62, option -26, answer -17, feedback -18, row -23, keys 12
look num-lone num0: out -44, passage -14, stem 25, more 21, answer -48, feedback -29, facts -62, row 13, keys -15
look num-lone num0 num-lone: out -19, stem -29, keys 31
look num-lone num0 num0: out -50, stem -60, more -36, option -29, row 46, keys -23
look num-lone num0-again: out -70, more 14, option 54, answer -17, row -54, keys 59
look num-lone num1: out 62, option -21, feedback -21, keys -15
look num-lone num1-first: out -19, stem -25, more 17, answer -21, feedback -22
look num-lone num1-first num1: stem -26, more -39, keys -12
look num-lone number: out -38, more -38, option -27, answer 27
look num-lone pair: out 34, stem -33, more 31, row -33, keys -25
look num-lone phrase: out 13, stem -26, more 42, option -17, answer -26, feedback -13, facts -27, keys -19
look num-lone phrase cue-answer: stem -42, more 42
look num-lone rom0: out 13, stem 19, answer -28, facts -32, keys -35
look num-lone rule: stem 30, option -24, answer -43, facts -25
look num-lone sentence: out 40, passage -37, stem -45, more -19, answer -75, feedback 13, keys -57
look num-lone short: passage -33, stem -22, option -18, wrapped -25, answer -43, feedback 15, facts -14, keys 17
look num-lone short-sentence: out 88, passage -27, stem -55, more -13, answer -46, feedback -60, hint -25, keys -62
look num-lone text: stem -100, more 19, option -15, answer -39, feedback 21, facts -22, keys -45
look num-lone word0: out 44, option -21, wrapped -14, answer -33, facts -22, row -27, keys -41
look num-lone+: passage -34, more -13, wrapped -16, feedback -68, hint -19, facts -119, row -41, bank -18, lines -27, keys -17, remark -20
look num-lone_ bracketed: out 14, stem -52, answer -15, keys 24
look num-lone_ bullet: out 27, stem -54, more -20, option 21, answer -66, keys 24
look num-lone_ capitals: out 39, stem -36, answer -63, keys -21
look num-lone_ cells: out 40, stem -39, more -16, answer 19, facts -23, row -23, keys -31
look num-lone_ cue-answer: out -42, stem 16, option 52, keys -39
look num-lone_ cue-level: out 23, answer -32, feedback -26, facts -46, keys -38
look num-lone_ heading: stem -15, option -12, facts -22, row -14
look num-lone_ identity: stem -50, answer -28, facts -15, keys 32
look num-lone_ num-lone: answer -38, facts -19, keys -26
look num-lone_ num0: out -23, passage -31, stem -111, answer -23, feedback -54, hint -16, facts -28, row 25
look num-lone_ num0-again: stem -50, more 41, facts -28, keys -47
look num-lone_ phrase: out 20, stem -33, option -21, answer 18, facts -39, row -42
look num-lone_ rom-lone: out 26, stem 21, more 13, option -19, answer -32, facts -15, keys -25
look num-lone_ rom0: out 69, stem -59, answer -21, keys -23
look num-lone_ section: option 41, answer -27, feedback -17, facts -35, row -44, keys 31
look num-lone_ sentence: out 18, answer -53, keys 46
look num-lone_ short: out 40, stem -35, answer -35, feedback -29, keys -20
look num-lone_ text: out 12, passage -20, stem -91, more -39, option -33, answer 16, feedback 31, facts -30, row -54, keys -37
look num-lone_ word0: out 55, stem -81, option -37, facts 41, keys -32
look num-lone_+: out -16, passage -16, wrapped -12, answer -25, feedback -22, hint -24, bank -37, lines -16, keys -28, remark -14
look num0: passage -69, stem 31, more -33, option -25, wrapped -79, answer -45, feedback -104, hint -48, facts -66, bank -52, lines -52, keys -18, remark -57
look num0 _box: out -44, option 66
look num0 _box box: out -43, option 64
look num0 _bracketed: stem -13, more -18, answer -50, feedback -26, bank 18, keys 22
look num0 _bullet: out -105, stem -60, option 38, feedback -13, row -25
look num0 _bullet bullet: out -26, stem -82, option 37, row -12
look num0 _capitals: out 40, more -20, option -36, answer -50, keys -19
look num0 _capitals_ num0: out 42, option -25, answer -36, keys -33
look num0 _cells: passage -25, stem -21, more -63, option 44, answer -52, facts -32, bank -43, keys -17
look num0 _chatter: out 20
look num0 _cue-answer: out -34, stem -17, more -19, option -25, facts -13, bank -60
look num0 _cue-answer edge: bank -16
look num0 _cue-answer num-lone: answer -58, keys 57
look num0 _cue-answer num0: answer 17, keys -15
look num0 _cue-answer num0-again: keys 13
look num0 _cue-answer_ num0: answer 77, keys -46
look num0 _cue-level: stem -31, more -18, option -17, keys -23
look num0 _cue-sample: out -32, passage -12, stem -16, more -19, answer 27, feedback -25, row -13, keys -17
look num0 _cue-sample_ num0: out -13
look num0 _heading: out 15, stem 20, more -21, answer -34, facts -57, keys -13
look num0 _heading_ num0: out 48, answer -21
look num0 _key-title: out -12, option -13
look num0 _let-lone: out 33, stem -36, option -27, answer -19, facts -17, row -31
look num0 _let-lone_ num0: out 25, stem -13, option -23, answer -16, row -27
look num0 _let0: stem -36, option 38, keys -24
look num0 _let0 let0: out -13, stem -36, option 38, keys -24
look num0 _let1-first: out -37, stem -89, more -20, option 17, answer -41, row 27, remark -28
look num0 _let1-first let1: out -87, stem -63, more -19, answer -15, row 30, remark -27
look num0 _num-lone: out -56, more -35, answer 28, facts -49, row -31
look num0 _num0: out -112, passage -16, stem 98, more -53, answer -50, feedback -18, hint -17, facts -46, row -76, bank -18, lines -18, keys -88, remark -17
look num0 _num0 cells: out -14, stem 16
look num0 _num0 cue-answer: stem 12
look num0 _num0 edge: out -33, stem 46, keys -30
look num0 _num0 field: out -13, stem 13
look num0 _num0 gap: out 46, stem -42, keys -22
look num0 _num0 let1-first: option -13
look num0 _num0 num0: out 29, stem -54, option 37, row -56, keys -20
look num0 _num0 num1-first: stem 15
look num0 _num0 short: out -22, stem 32
look num0 _num0 short-sentence: out -26, stem 37, option -42, facts -14, row -12, keys -13
look num0 _num0 text: out -44, stem 46
look num0 _num0-again: stem -37, option 22, row -67, keys -30
look num0 _num0-again num0-again: out 13, stem -48, option 23, row -67, keys -30
look num0 _num0_ capitals: out -37, stem 46
look num0 _num0_ cue-answer: out -17, stem 34, option -19
look num0 _num0_ heading: out -41, stem 43, option -17, keys -24
look num0 _num0_ key-title: stem 12
look num0 _num0_ let1-first: out -19, stem 23
look num0 _num0_ num0: out -57, stem 52, option -63, answer -28, facts -24, row -32, keys -23
look num0 _num0_ rule: stem 19
look num0 _num0_ section: out -40, stem 43, more -21, answer -29, keys -38
look num0 _num1-first: passage -12, stem 25, more -15, option -18, row -29
look num0 _num1-first num1: out -68, stem -33, option 14, row -24, keys 31
look num0 _number: out -44, more -34, option -37, answer 56, keys -70
look num0 _number_ num0: out -37, more -27, option -45, answer 38
look num0 _pair: stem 23, more -33, option -46, answer -45, feedback -18, row -35, bank -13, keys -87
look num0 _phrase: out 26, passage -17, stem -72, more -33, option -74, feedback -50, row -21
look num0 _rom-lone: out 53, stem -35
look num0 _rule: out 16, more -20, answer -23, lines -14
look num0 _section: out 30, stem -21, more -12, option -15, answer -12, facts -53, keys -26
look num0 _section num0: out 13, stem -16
look num0 _section_ num0: out 13
look num0 _sentence: passage -40, stem -38, more 25, option -17, answer -43, feedback -31, bank -14, keys -40
look num0 _short: out 18, passage -44, stem -91, more -43, option -17, facts -48, row -12, keys -78
look num0 _short num0: out 23, stem -32, option -49, answer 32, facts -25, keys -33
look num0 _short short: out -39, stem -28, more -26, option 76, answer -51
look num0 _short-sentence: out -26, passage -14, stem 34, more -21, option 13, answer -35, feedback -13, keys -40
look num0 _short_ num0: more -16, option -51, keys -22
look num0 _short_ num0-again: out 46, answer -47, keys -13
look num0 _table-ticks: out -18, more -17, row 17
look num0 _table-ticks rule: out -26, row 24
look num0 _text: more -20, option 29, answer -63, keys -24
look num0 _truth: out -53, more -37, answer 56, keys -31
look num0 _truth_ num0: out -29, more -29, answer 31
look num0 _word-lone: out 29, more -17, option -25, answer -14, facts -28
look num0 arrow: out -56, stem 54, more 29, option 31, answer -21, feedback -58, row 22, keys -44
look num0 arrow edge: out -40, more -38, option -15, answer 40, keys -24
look num0 arrow_ num0: out -17, more 19, option -43, feedback -33
look num0 asks: out -35, passage -26, more 36, option -57, answer -30, facts -45, row -43, keys -15
look num0 asks box: stem -29, more 31
look num0 asks bullet: stem -24, more 34
look num0 asks cue-answer: stem -34, more 37
look num0 asks let1-first: stem -14, more 15, option -12
look num0 asks phrase: stem -13, more 13
look num0 asks short: more 14
look num0 asks_ cue-answer: stem -19, more 20
look num0 asks_ num0: passage -17, stem -18, more 27
look num0 box: out 34, stem 96, more -59, option -43, answer -14
look num0 box box: out 37, stem -21, more -28, option -33, answer -12
look num0 box ticked: out -13, option 15
look num0 bracketed: out 49, stem 74, more -47, option -24, answer -41, feedback -28, row -21, bank -57, keys -85
look num0 bracketed box: out -18, more 49, answer -13, feedback -19
look num0 bracketed bullet: out -16, stem -15, more 22, answer -40, feedback -15
look num0 bracketed_ num0: more -28, answer 15, bank -17, keys -18
look num0 bullet: out 42, stem -59, more 36, option -30, wrapped -12, answer 47, feedback -70, row -78, keys -45, remark -27
look num0 bullet bullet: out -38, stem -87, more -33, option 48, answer 47, feedback -24, row -82, remark -27
look num0 capitals: out -40, stem 22, more 43, option -63, answer -41, facts -13, row 38, keys -20
look num0 cells: out -64, more 36, answer 24, feedback -19, facts -48, row -48, keys -62
look num0 cells cells: stem -49, more -78, answer -13, row 91
look num0 cells cue-answer: out -20, more -58, option 30, answer 48, row -29
look num0 cells let1-first: stem -35, more 38
look num0 cells num0: more 35, row -16
look num0 cells_ num0: out -30, stem -38, more 17, option 15, answer -36, row -20
look num0 cue-answer: out -35, option -15, answer 32, feedback -22, facts -40, bank -31
look num0 cue-answer bracketed: option -13, answer 26, keys -24
look num0 cue-answer cue-difficulty: option -24, answer -34, keys 36
look num0 cue-answer cue-points: option -20, answer 42, keys -26
look num0 cue-answer edge: stem -20, more -43, option -54, answer -23, keys 33
look num0 cue-answer num0: option -48, answer 55
look num0 cue-answer_ num-lone: answer 24, keys -20
look num0 cue-answer_ num0: more -20, answer 109, facts -21, bank -23, keys -24
look num0 cue-answer_ section: answer 36, keys -25
look num0 cue-difficulty: out -42, stem 44, more -20, option -76, answer 27, facts 15, row -42, lines -14, keys -18
look num0 cue-difficulty num0: more -13, facts 16
look num0 cue-feedback: out -33, more 20, answer -12, keys -12
look num0 cue-level: out -26, stem 36, more -22, answer -69, row -14, keys -24
look num0 cue-sample: out -40, stem 25, more -32, option -20, answer 19, feedback -25, facts -14, keys -13
look num0 cue-sample num0: answer 13
look num0 cue-sample_ num0: out -14, answer 27
look num0 edge: out -24, stem 35, more -21, option -41, answer -53, row -57
look num0 field: out -77, passage -50, more 26, option -42, answer 48, feedback 31, facts -55, row -87, lines -14, keys -60
look num0 field let1-first: stem -13, more 13
look num0 gap: out 33, option -19, answer -55, feedback -17, facts -22, keys -31
look num0 gap cue-answer: stem -36, more 47
look num0 gap_ num0: out -40, stem -42, more 43, answer -40
look num0 heading: option 22, answer -60, facts -14, row -15, keys -13
look num0 identity: out 43, stem -14, keys -15
look num0 key-title: more 37, option -17, answer -14
look num0 let-lone: out -129, stem -16, answer -23, facts -14, row 22, bank -13, keys 18
look num0 let-lone arrow: out -20, stem -18, more 26, option 30, row -17
look num0 let-lone cue-answer: stem -91, more -105, option 30, answer -109, row -30, keys 37
look num0 let-lone num0: out -41, stem -54, more -47, answer 41, row -60, keys -31
look num0 let-lone_ num0: out -52, more 21, option 24, answer -40, row -19, keys -36
look num0 let0: out -68, stem 18, more 28, option 17, answer -29, keys -16
look num0 let1-first: passage -25, more -34, wrapped -32, answer -22, feedback -30, hint -29, facts -36, row -41, bank -29, lines -29, keys -39, remark -42
look num0 let1-first let1: passage -14, stem -93, more -81, option 16, feedback -20, hint -17, facts -24, row -28, bank -18, lines -17, keys -31, remark -34
look num0 num-lone: out -43, stem -14, option 30, answer -32, feedback -23, facts -19, row -19
look num0 num-lone cue-answer: more 36, answer -30
look num0 num-lone let1-first: more 29, option -15
look num0 num-lone_ num0: out -27, option 22, answer -20, keys -20
look num0 num0: out 31, passage -19, stem -24, more -118, option 13, wrapped -27, answer -240, feedback -65, facts -122, row 20, bank -24, lines -30, keys 17, remark -27
look num0 num0 arrow: out -56, stem 19, row 25, keys -19
look num0 num0 asks: out -59, stem -20, more -25, answer -27, facts -18, row -24, keys 19
look num0 num0 box: stem 42, more -35, option -33
look num0 num0 bullet: out -40, stem 44, option -43
look num0 num0 cells: out -50, stem 41, more -33, option 45, row -38, keys -19
look num0 num0 cue-answer: out -30, stem -66, more -30, option 42, row 18, keys -41
look num0 num0 edge: out -36, stem 37, more -21, option -41, answer -22, row -56, keys -17
look num0 num0 let-lone: more -15, option -21, row 25
look num0 num0 let1-first: out 30, stem -33, option -59
look num0 num0 num-lone: out -26, more -45, option 35
look num0 num0 num0: out -14, stem 17, more -50, answer -19, facts -23
look num0 num0 phrase: out -59, stem -24, option -15, row 16, keys 67
look num0 num0 rule: more -23, row -35, keys -13
look num0 num0 sentence: stem -34, more -29, row -24, keys 29
look num0 num0 short: out 42, stem -34, more -23, option -44, row -12, keys 22
look num0 num0-again: out -59, stem -12, more -24, answer -13, row 18
look num0 num0-again num0-again: out -37, stem -141, option -18, row 20
look num0 num0_ bullet: out -63, stem -48, answer -34, keys -42
look num0 num0_ capitals: out 43, stem -39, answer -22, row -30, keys -37
look num0 num0_ cue-answer: out -31, more -32, option -31, row 34
look num0 num0_ heading: stem 14, more -18, option -36, keys -48
look num0 num0_ let0: out -18, stem -65, option 52, row -48, keys -13
look num0 num0_ let1-first: out -71, stem -25, more -60, option 42, row -18
look num0 num0_ num-lone: more -25, option -22, answer -19, row 17, keys -15
look num0 num0_ num0: out -32, stem 16, option -19, answer -42, row 43, keys -37
look num0 num0_ section: out 29, more -19, option -68, answer -52, feedback -25, facts -12, keys -27
look num0 num0_ short: out 45, stem -48, more -50, option -52, row -14
look num0 num0_ short-sentence: stem -31, option -34, answer -16, row 21, keys -46
look num0 num0_ text: out -13, stem -70, option 17, answer -19, row 16, keys -23
look num0 num1-first: out -60, answer -12, facts -14, row 24, keys -32, remark -25
look num0 num1-first num1: out -20, stem -42, more -32, row 24, keys -30, remark -18
look num0 number: out -57, stem 68, option -58, answer 37, row -44, keys -80
look num0 number number: more -36, option 44, answer -33
look num0 number_ num0: out -24, more 31, option -60, keys -27
look num0 pair: out -64, stem 13, more 42, option 35, feedback -69, facts -22, row -70, keys -37
look num0 pair_ num0: out -41, more 23, option -93, answer 14, feedback -57, row -54, keys -29
look num0 phrase: passage -22, more -20, wrapped -85, answer -20, feedback -147, facts -28, lines -23, keys 32
look num0 phrase box: stem -57, option 36, wrapped -40, answer -15
look num0 phrase bullet: stem -48, more 40, answer -48
look num0 phrase cue-answer: more 73, option -21, answer -31
look num0 phrase let-lone: more 27, option -23
look num0 phrase let1-first: stem -49, more 24, option -15
look num0 phrase num0: out -47, passage -15, option -68, answer 12, feedback -58, keys 33
look num0 phrase num1-first: stem -13, more 30, option -14
look num0 phrase phrase: stem -67, more 26, option -13, answer -30
look num0 phrase rule: out 42, more -33
look num0 phrase short: out -58, stem -17, option 19, wrapped -38, answer -81, feedback -24, row -15, keys -28
look num0 phrase_ let1-first: stem -14, more 15
look num0 phrase_ num0: out -77, stem -16, more 13, option -55, feedback -111, keys -14
look num0 phrase_ short: more 17
look num0 rom1-first: out -15, more 13, option -32, row 26
look num0 rom1-first rom1: stem -44, more 13, option -32, row 26
look num0 rule: stem -13, option -51, answer -79, facts -12, row -41, lines 13, keys -20
look num0 rule cue-answer: more 64, lines -63
look num0 rule rule: more -56, lines 58
look num0 rule_ num0: out -78, more 18
look num0 section: out -30, stem 36, more -43, option -20, answer -32, facts -19, row -13, keys -46
look num0 sentence: out -14, passage -37, stem -36, more -13, option -75, wrapped -15, feedback 18, row -32, lines -16, keys 22
look num0 sentence num0: out 48, passage -21, stem -51, more -22, option -39, answer -58, feedback -68, lines -15, keys -57
look num0 short: out -54, passage -37, stem 38, more 13, option -39, wrapped -27, feedback 19, facts -37, row -51, remark -15
look num0 short box: stem -71, more -50, option 69, wrapped -31, answer -49, feedback -12
look num0 short bullet: out 33, stem -91, more -60, answer -99, feedback -13, keys -22
look num0 short cue-answer: more 80, option -50, answer -47
look num0 short cue-sample: more 31
look num0 short let1-first: more 43, option -39, answer -20
look num0 short num0: out -54, more -42, option -60, wrapped -24, answer 55, feedback -49, facts -28, keys 23
look num0 short num1-first: out -13, more 24, answer -21
look num0 short rule: stem -13, more 38, answer -13
look num0 short short: stem -67, more -66, option 73, answer -87, feedback -20
look num0 short truth: stem -38, more -39, option -57, feedback -24, facts -12, keys -30
look num0 short-sentence: passage -16, stem -53, more 14, option -14, wrapped -17, answer -47, hint -38, facts -15, row -28, keys -26, remark -21
look num0 short-sentence cue-answer: stem -13, more 50, option -15, answer -15
look num0 short-sentence_ num0: out -42, stem -33, option -78, answer -93, feedback 34, hint -28, keys -13
look num0 short_ let1-first: out -19, stem -27, more 35
look num0 short_ num0: out -94, stem -14, more 21, option -62, keys -22
look num0 table-pairs: out -42, stem 18, more -15, row 44
look num0 table-pairs table-pairs: out -42, more -15, row 59
look num0 table-ticks: out -28, stem 19, row 43
look num0 table-ticks rule: out -24, row 45
look num0 text: out 14, passage -34, stem -20, wrapped -18, feedback -80, facts -28, row -30, keys 32
look num0 text asks: stem -20, more 20, facts -13
look num0 text gap: stem -29, more 30
look num0 text phrase: more 20
look num0 text short: out -24, stem 32, more -31, option -37, wrapped -15, answer -67, feedback -55, keys 33
look num0 text short-sentence: out -48, stem -39, option -51, answer 39, keys -14
look num0 text text: out -43, stem -49, more -21, option 33, answer -30, feedback -21
look num0 ticked: out -58, stem 38, more -27, option 44, keys -15
look num0 ticked box: more -20, option 53, answer -28
look num0 truth: out 17, stem 37, more -59, option -16, keys -14
look num0 truth_ num0: out -52, more -66, answer 57
look num0+: passage -39, stem 17, option -19, wrapped -47, answer -43, feedback -31, hint -20, facts -94, bank -23, lines -27, remark -32
look num0-again: out -29, passage -53, more -51, wrapped -34, answer -91, feedback -63, hint -52, facts -79, bank -53, lines -53, remark -52
look num0-again _bullet: out -57, stem 52
look num0-again _cells: out 13, stem 15, keys -18
look num0-again _cue-answer: out 14, answer 18, bank -19, keys -18
look num0-again _heading: out 58, answer -23, facts -44, keys -23
look num0-again _let0: out -26, stem -33, option 40, answer -14, keys -29
look num0-again _let0 let0: out -26, stem -33, option 40, answer -14, keys -29
look num0-again _num0: out -21, stem 34, row -22
look num0-again _num0-again: out -20, stem 81, option -63, answer -14, row -61, keys -60
look num0-again _num0-again_ num0-again: out -40, stem 44, option -26, keys -32
look num0-again _phrase: out -37, passage -16, stem -18, option 36, answer -69, keys -17
look num0-again _section: out 38, stem -19, keys -19
look num0-again _sentence: out 58, passage -17, stem -50, answer -21, keys -20
look num0-again _short: stem -24, keys -18
look num0-again _short-sentence: out 75, stem -61, more -20, answer -63, feedback -20, keys -41
look num0-again asks: out -22, stem 24, more 30, row -24
look num0-again cells: stem -21, more 34, option 25, wrapped -21, answer -29, row -31, keys -28
look num0-again cue-answer: out -57, stem -34, option 25
look num0-again cue-answer edge: option -26, answer -27, keys 28
look num0-again cue-answer_ num0-again: option -15, answer 28
look num0-again edge: out -16, more -25, option -17, row -62, keys 15
look num0-again let-lone: out -68, stem -15, more -58, option -36, row 62, keys -39
look num0-again let-lone cue-answer: out -25, more -57, option -28, answer 31, keys -28
look num0-again let1-first: out -45, stem 15, answer 24, row -80, keys -16
look num0-again let1-first let1: out -27, stem -66, answer 24, row -83
look num0-again num-lone: out -96, more 17, option -59, feedback -16, row -38, keys 58
look num0-again num0: out -38, stem 21, option 25, facts -21, row -52
look num0-again num0 num0: out -30, option -16, row 19
look num0-again num0-again: out 17, passage -45, stem -39, more -42, wrapped -28, answer -58, feedback -47, hint -45, facts -52, bank -46, lines -46, remark -45
look num0-again num0-again cells: out -95, row -22
look num0-again num0-again cue-answer: out -31, stem -65, option 24
look num0-again num0-again edge: out -12, stem 30, more -24, option -17, row -61, keys -15
look num0-again num0-again let-lone: out -22, stem -26, option -59, row 47, keys -17
look num0-again num0-again num-lone: out -31, stem -26, option -55, row -21, keys 47
look num0-again num0-again num0: out -48, stem -41, option 32, row -37, keys -15
look num0-again num0-again num0-again: out 18, passage -20, stem -18, more -20, wrapped -12, answer -23, feedback -23, hint -23, facts -26, row -13, bank -24, lines -23, remark -23
look num0-again num0-again phrase: out -25, stem -47, keys 21
look num0-again num0-again sentence: stem -19, option 13, keys -16
look num0-again num0-again short: out 19, stem -53, option -16, row -27, keys 13
look num0-again num0-again short-sentence: out -22, stem 13, more -44, row -28
look num0-again num0-again text: out -27, row -57
look num0-again num0-again_ cells: out -29, stem -15, option 15, row -37, keys 18
look num0-again num0-again_ cue-answer: out -32, stem -47, option -35, row 24, keys 23
look num0-again num0-again_ let0: out -16, stem -39, option 38, row -28, keys -22
look num0-again num0-again_ num0: out -44, stem -26, row 61, keys -56
look num0-again num0-again_ phrase: out 26, stem -17, option 19, row -32, keys -13
look num0-again num0-again_ section: out -42, option 15, keys -22
look num0-again num0-again_ sentence: out -13, stem -57, option -32, row -46, keys 36
look num0-again phrase: out 21, more 30, option -43, answer 20, feedback -66, row -17, keys -17
look num0-again sentence: out -13, passage -31, stem -44, more -13, answer -60, feedback -30, keys 29
look num0-again short: out 26, stem -29, more -32, option -35, wrapped -12, answer -13, feedback -23, row -34, keys 23
look num0-again short num0-again: out -36, option 31, answer -12, keys 12
look num0-again short-sentence: out -23, wrapped -17, answer -60, hint -21, row -28
look num0-again text: out -68, stem 25, more 18, option -52, wrapped -22, feedback -67, row -59
look num0-again+: passage -33, more -96, wrapped -19, answer -45, feedback -37, hint -33, facts -57, bank -33, lines -33, remark -33
look num0-again_ bullet: out -71, stem -55, option 30, row -44, keys 25
look num0-again_ cells: out -29, stem -15, option 15, row -37, keys 18
look num0-again_ cue-answer: out -50, option -36, feedback -14, row 24, keys 20
look num0-again_ heading: out -59, stem 50, row -13, keys -48
look num0-again_ let0: out -16, stem -39, option 38, row -28, keys -22
look num0-again_ num0: out 22, stem -63, answer -29, row 58, keys -65
look num0-again_ num0-again: out -78, stem 104, more 20, option -55, answer -18, row -39, keys -51
look num0-again_ phrase: out 26, stem -17, option 19, row -32, keys -13
look num0-again_ section: out -67, stem 54, option 15, row -13, keys -24
look num0-again_ sentence: out -13, stem -57, option -32, row -46, keys 36
look num0-again_ short: out -22, stem 46, option -53, row -33, keys -34
look num0-again_ short-sentence: stem 34, option -20, row -16, keys -29
look num0-again_+: out -30, stem 53, more 24, answer -45, feedback -26, facts -30, keys -37
look num0_ box: out -59, stem 75, more -12
look num0_ bracketed: out 32, stem -45, more -23, option -25, answer -17, row 34, keys -27
look num0_ bullet: out -99, stem 35, more -16, answer -36, facts -13, keys -42
look num0_ capitals: out 35, stem -30, answer -29, row -30, keys -51
look num0_ cells: out -73, stem -43, more -24, option 25, answer 56, facts -16, row -27, keys -56
look num0_ chatter: keys 13
look num0_ cue-answer: out -92, stem 89, more -32, option -33, row 31
look num0_ cue-level: out 18, stem -49, option -37, answer -41, facts 22, row -59, keys -40
look num0_ cue-sample: out -38, stem 38, option -28, row 17, keys -15
look num0_ heading: out -54, more -18, option -52, answer -43, facts -25, row -14, keys 13
look num0_ key-title: out -45, stem 15
look num0_ let-lone: out -60, stem 25, answer -30, facts -18, row -35, keys 31
look num0_ let0: out -18, stem -65, option 52, row -48, keys -13
look num0_ let1-first: out 16, stem -28, more -61, option 42, row -18
look num0_ num-lone: out 45, stem -61, more -25, option -23, answer -45, feedback -21, facts -18, row 16
look num0_ num0: out -107, passage -27, stem 92, more -45, answer -34, feedback -27, hint -23, facts -65, row 21, bank -20, lines -17, keys -78, remark -19
look num0_ num0-again: more -15, option -15, row -14
look num0_ num1-first: out 35, passage -12, option -64, answer -40, facts -31, row -33, keys -34
look num0_ number: out -18, stem 23
look num0_ pair: out 30, stem -27, row -17, keys -43
look num0_ phrase: out -20, stem 48, more -49, option -49, row -45, keys -41
look num0_ rom-lone: out -45, stem -26, option -46, row -13, keys 39
look num0_ rule: out -56, stem 42, option -21, row 13
look num0_ section: stem 36, more -38, option -68, answer -85, feedback -26, facts -28, keys -22
look num0_ sentence: out 37, stem -35, option -26, answer -26, row -42, keys -56
look num0_ short: out 15, stem -18, more -53, option -65, answer -43, facts -38, row -16
look num0_ short-sentence: stem -31, option -34, answer -16, row 21, keys -46
look num0_ text: out -16, stem -51, option 17, answer -25, facts -23, row 16, keys -23
look num0_ truth: out -24, stem 25
look num0_ word-lone: out 35, stem -22, option -18, facts -21, keys -12
look num0_ word0: out 15, stem -24, more 23, option -27, answer -52, row -34
look num0_+: passage -41, more -47, wrapped -13, answer -22, feedback -65, hint -30, facts -25, row -41, bank -33, lines -29, keys -37, remark -30
look num1: out -37, passage -70, stem 14, more -51, wrapped -86, answer -48, feedback -44, hint -57, facts -104, bank -66, lines -54, keys -37, remark -78
look num1 _bracketed: out 56, stem -34, more -55, answer -20, bank -23, keys -26
look num1 _cue-answer: stem -14, answer 40, bank -37, keys -17
look num1 _let0: out 28, stem -30, answer -13, feedback -12, row -19, keys -20, remark -13
look num1 _let1-first: out -53, stem -23, option 92, answer -32
look num1 _let1-first let1: out -53, stem -23, option 92, answer -32
look num1 _num0: stem -22, option -74, answer 35, facts -35, row -13, keys -27
look num1 _num0 num1-first: out -42, stem 42
look num1 _num0 phrase: out 23, stem -19, option -16, answer -35, keys -17
look num1 _num0 short: out -16, stem 18
look num1 _num0_ num0: out 48, option -44, answer -51, facts -15
look num1 _num1: option -61, row -28
look num1 _rom0: more -17
look num1 _word0: stem -27, answer -70, facts 13
look num1 arrow: out -26, stem -32, option 21, answer 99, feedback -23, row -25
look num1 asks: passage -18, more 19, option -18
look num1 box: out -24, stem 25, more -20, row -14
look num1 box box: out -12, more -20, option 27
look num1 bracketed: out -38, stem -33, more 31, option 52, answer 23, feedback -50, keys -47
look num1 bullet: out -39, stem 57, more -46, option -45, answer -13, feedback -19, row -18
look num1 bullet bullet: out -24, stem -49, more -46, option 53, feedback -19
look num1 cells: out 28, stem 30, more 22, option -28, answer -36, row -29
look num1 cue-answer: out -43, stem -29, more -20, answer 40, row 20, bank -18, keys -40
look num1 cue-answer cue-difficulty: answer 24, keys -22
look num1 cue-answer_ num0: answer 31, bank -17, keys -22
look num1 cue-answer_ word0: answer 17
look num1 cue-difficulty: out -76, stem -20, more -22, option 33, answer -36, feedback -62, facts 36, keys -45
look num1 cue-difficulty_ cue-level: facts 13
look num1 edge: out 14, option 44, answer -37, feedback -13, row -43, keys -40
look num1 let-lone: out -41, passage -14, stem -22, more -69, option -32, answer -99, feedback -12, row 80, keys -35
look num1 let-lone cue-answer: more -36, option -25, answer -41, row 46
look num1 let-lone_ rom0: out -27, more -13, answer -25, row 14
look num1 let1-first: row -13
look num1 let1-first let1: option 17
look num1 let2-first: stem 33, more -32, option -19, wrapped -57, facts -27, row -14, keys -18
look num1 let2-first let2: more -32, wrapped -33, facts -23, row -17, keys -18
look num1 num-lone: out -90, stem -59, option -19, answer 80, feedback -15, row -51, keys 17
look num1 num0: out -60, stem -41, option 56, feedback -40, hint -17, facts -30, row -30, keys -49, remark -12
look num1 num1: passage -23, stem -31, more -90, hint -13, facts -43, bank -25, lines -16, keys -15, remark -51
look num1 num1 cue-answer: stem -73, more -13, answer -20, row 12
look num1 num1 cue-difficulty: out -33, stem -38, option 33, answer -29, feedback -51, keys -27
look num1 num1 let-lone: out -21, stem -16, option -43, row 46
look num1 num1 num0: out -40, stem -43, more -16, option 32, feedback -23, row -14, keys -20
look num1 num1 num1: more -16, option -17, answer -94, feedback -62, row -23, keys 41, remark -12
look num1 num1 number: stem -23, option 31, row -30
look num1 num1 short: out -53, more -45, option -20, feedback 44, row -31, keys -40
look num1 num1_ cue-answer: stem -52, option 56
look num1 num1_ let0: out -16, stem 20, answer -22, row -33, keys -20
look num1 num1_ let1-first: stem -39, more -17, option 49, row -44
look num1 num1_ num0: out -61, stem -64, option 20, answer -40, feedback -33, keys -20, remark -19
look num1 num1_ rom0: out -24, stem 35, option -41, answer -25, feedback -33, row 12, keys -19
look num1 num1_ word0: out -65, stem 26, more -20, option -34, answer 21, feedback -50, row -13, keys -25
look num1 number: out -15, stem -23, option -22, answer 96, row -31
look num1 number_ num0: out -13, option -65, answer 57
look num1 phrase: out -38, stem 24, more -30, option 21, wrapped -35, answer -68, feedback -87, row -29, keys 25
look num1 rule: out -32, passage -14, stem 19, more -48, option -23, answer -22, feedback -22, hint -18, facts -18, row -16, bank -17, lines 13
look num1 short: more 31, option -84, answer 14, feedback 38, facts -40, row -38, keys -43
look num1 text: out -47, stem -17, more -29, option 46, answer -14, feedback -59, row -24, keys -34
look num1+: out -35, passage -24, more -31, wrapped -42, answer -154, hint -18, facts -59, bank -22, lines -20, remark -32
look num1-first: out -56, passage -36, more -65, option 13, wrapped -20, answer -106, feedback -78, hint -32, facts -75, row 16, bank -41, lines -49, keys -19, remark -54
look num1-first _num1: out -53, stem 68, option -20, answer -19, facts -16, row -21, keys -16
look num1-first box: out -14, stem 19, option -19
look num1-first bullet: out -43, stem -35, more -21, option 38, row -15
look num1-first bullet bullet: out -26, stem -42, more -21, option 40, row -15
look num1-first cue-answer: out -19, stem 25, option -25, answer 45
look num1-first cue-answer num1: option -15, answer 26
look num1-first cue-answer_ num1: answer 13
look num1-first cue-difficulty: stem 20
look num1-first let-lone: more 14
look num1-first let-lone_ num1: option 13
look num1-first let2-first: stem 35, more -27, option -27, answer -49, facts -14, row -22, keys -16
look num1-first let2-first let2: out 20, more -19, answer -46, keys -13
look num1-first num1: passage -28, stem -51, more -38, option 16, wrapped -17, answer -90, feedback -67, hint -21, facts -33, row 15, bank -18, lines -24, remark -41
look num1-first num1 num1: out 34, stem -12, more -31, answer -20, feedback -22, facts -12, remark -20
look num1-first num1-first: out -20, stem -23, option 17, keys -18
look num1-first num1-first num1: stem -19
look num1-first num1_ num0: out -26, stem -29, more 16, option 20, row -13, keys -13
look num1-first phrase: out -40, stem -49, more -29, option 41, wrapped 49, answer -43, feedback -15, row -21, keys -16
look num1-first rule: out -23, stem 19, more -28, option -34, answer -18, row -13
look num1-first short: out -41, stem 41, more 14, option 28, answer -44, feedback -16, row -26, keys -13
look num1-first+: out -37, passage -20, stem -22, more -45, option 20, answer -52, feedback -39, hint -19, facts -39, bank -19, lines -28, remark -34
look num1-first_ num1: out -104, passage -15, stem 104, more -14, option -51, answer -18, facts -18, row -34, keys -57
look num1-first_+: passage -16, stem 61, more -17, option -61, answer -39, feedback -27, facts -38, row -45, bank -24, keys -35
look num1_ bracketed: out 18, stem -12, option -23, answer -22, feedback -15, row 23, keys -13
look num1_ cue-answer: out -21, stem -19, more -16, option 49
look num1_ key-title: out -13, stem -37, option 50
look num1_ let0: out -25, stem 27, more -21, answer -23, feedback -16, row -34, keys -26
look num1_ let1-first: out -13, stem -55, more -32, option 58, row -50
look num1_ num0: out -73, more 15, option 41, answer -67, feedback -39, hint -17, facts -16, row -21, remark -20
look num1_ num1: out 21, more -30, option -57, answer -54, feedback -30
look num1_ rom0: out -79, stem 70, more -41, option -58, answer -25, feedback -37, keys -33, remark -14
look num1_ word0: stem 19, more -23, option -46, answer 20, feedback -53, facts -15, row -15, keys -25
look num1_+: out -15, passage -37, stem 23, more -12, feedback -77, hint -30, facts -44, row -23, bank -32, lines -30, keys -54, remark -30
look num2: passage -21, more -44, answer -20, feedback -81, hint -18, facts -94, bank -24, keys -57
look num2 cue-answer: stem -49, answer 148, row -61, keys -40
look num2 num2: out -50, more -20, answer -65, feedback -17, facts -44, keys -29
look num2 num2 cue-answer: stem -49, option 97, row -61
look num2 num2 num2: stem -18, row 13
look num2+: more -18, answer -24, feedback -41, facts -49, keys -29
look num2-first: out -14, stem -28, more -66, option 32, answer -73, feedback -50, facts -49, bank -17, keys -33
look num2-first num2: out -13, passage -13, stem -62, more -47, option 21, answer -15, feedback -60, facts -39, bank -22, keys -37
look num2-first num2 num2: out -21, stem -20, answer -21, facts -13
look num2-first+: stem -30, more -44, option 20, answer -53, feedback -32, facts -34, bank -14, keys -22
look num2_+: stem -59, option -13, feedback -16, facts -18, row 14, keys -12
look number: out -47, passage -52, stem -78, more 20, answer 28, feedback -84, hint -19, facts -66, row -56, bank -36, lines -39, keys -28
look number _bullet: out -53, stem 54, option -17
look number _num0: out 23, stem -13, option -13, keys -29
look number _num0 let1-first: out -35, stem 39
look number cue-difficulty: out -35, more -26, option -92, answer 86, facts 19, keys -63
look number edge: out -39, passage -25, more 31, option -78, answer 19, keys -15
look number num0: out -53, more -29, option -82, answer 58, facts -28, keys -49
look number number: out -28, stem -29, more -82, option 110, answer -114, feedback -15, facts -27, row -51, keys -47
look number number number: option 29, answer -15, row -17, keys -18
look number+: out -52, passage -30, stem -50, option 23, feedback -16, facts -44, row -33, lines -15, keys 14
look number_ bullet: out -40, more 21
look number_ num0: out 32, more 36, option -85, answer -22, feedback -30, hint -13, facts -19, keys -82
look number_+: passage -17, stem -25, feedback -50, hint -14, facts -34, row -14, bank -24, lines -22, keys -58
look pair: out -13, option 14, wrapped -39, answer -31, hint -40, facts -69, row -20, bank -36, lines -52, keys -19, remark -32
look pair _bullet: out -35, stem 16, option -12
look pair _capitals: out 46, answer -23
look pair _cells: out -36, passage -12, stem 38, keys -34
look pair _heading: out 65, stem -22, facts -56, keys -27
look pair _num0: option -12
look pair _num0 let1-first: stem 21, option -12
look pair _section: out 43, facts -29
look pair _short: out 47, passage -49, stem -55, option -12, answer -35, feedback -19
look pair _short-sentence: out 90, passage -31, stem -86, answer -20, keys -14
look pair _short_ num0: out 49, answer -81, feedback -13
look pair _short_ text: out 32, passage -36, stem -32, answer -14
look pair _word0: out -14, answer -30
look pair cells: out 51, stem -32, row -28, keys -13
look pair chatter: out -35, stem -25, answer -16, feedback 38, row -25, keys -27
look pair colon: stem -77, more 35, option -17, row -22
look pair colon pair: stem -45, more 18
look pair cue-level: out 28, passage -40, stem -18, option -44, answer -30, feedback -13, facts -13
look pair edge: out 36, passage -82, stem -114, option -51, wrapped -19, answer -67, row 17, keys -46
look pair field: out -48, passage -44, stem 21, more -45, option -22, answer -49, feedback -58, facts -36, bank -15, keys 47
look pair heading: out 45, passage -16, stem -39, option -19, row -23, keys -56
look pair identity: out 47, passage -41, stem -17, feedback -49
look pair num0: out 23, passage 30, stem -31, option -48, answer -37, feedback -59, row -35, keys -36
look pair pair: out -59, passage -49, more -103, answer -86, feedback -96, facts -49, bank -16, lines -19, keys -19
look pair pair pair: out -58, stem 22, more -74, feedback -15, facts -21, keys -27
look pair phrase: out -58, passage -29, stem -46, more -31, option -21, answer -61, feedback 58, row -18, keys 18
look pair sentence: out -35, stem -16, more 26, option -20, answer -66, feedback 19, keys -35
look pair short: out -14, passage -26, stem 16, answer -47, feedback -35, facts -24, row -16, keys -69
look pair short-sentence: passage -40, stem -27, more -45, answer -57, feedback 52, keys 26
look pair text: out 53, stem -53, more 56, answer -36, feedback -41, row -22, keys -55
look pair word0: stem -29, more 25, feedback 14, keys -14
look pair+: passage -13, more 30, wrapped -23, answer -129, hint -15, facts -40, bank -14, lines -14, keys -20
look pair_ bullet: out 21, passage -13, stem -65, more -14, option 26, answer -77, feedback -36, facts -18, row -18, keys -47
look pair_ capitals: passage -48, stem -47, answer -54, feedback -39, keys 41
look pair_ cells: out -27, passage 25, stem -50, answer -36, feedback -50, row -14, keys 32
look pair_ heading: out -19, passage -46, stem -49, more -55, option -67, answer 55, feedback -49, row -35, keys -34
look pair_ identity: out 36, passage -12
look pair_ num0: passage 27, stem -47, option -74, feedback -25, row -68, keys -68
look pair_ section: out -16, passage -56, stem 24, answer -51, feedback -17, row -19, keys 21
look pair_ short: out 39, passage -18, stem -42, option -46, answer -89, feedback -35, row -32, keys -17
look pair_ short-sentence: out 36, passage -26, keys -14
look pair_ word0: passage 18, stem -49, answer -17
look pair_+: out 16, passage 25, stem -25, more -65, feedback -43, facts -35, row -109, bank -59, lines -17
look phrase: out -16, passage -16, stem -17, wrapped 32, answer -26, hint -76, facts -86, row -52, bank -101, lines -61, keys -46, remark -42
look phrase _asks: more -36
look phrase _box: out -24, stem -14, option 29
look phrase _box box: out -24, stem -14, option 29
look phrase _bullet: out -33, option 63, facts -30
look phrase _bullet bullet: out -17, stem -82, option 74
look phrase _cells: out 59, stem -48, keys -23
look phrase _cue-answer: out -13, stem -30, answer 28, keys -20
look phrase _cue-level: facts 13
look phrase _field: out -24, passage -41, stem 32, answer -20
look phrase _heading: option -21, answer -19, facts -50, keys 14
look phrase _let-lone: out 21, passage -25, stem -42, option 25, answer -77, facts -23, row -16
look phrase _let0: passage 14, stem -59, keys -16
look phrase _let0 let0: stem -34, option 38
look phrase _let1-first: stem -38, option 26, facts -20, row -20
look phrase _let1-first let1: out -34, option 34, row -20
look phrase _num-lone: out 49, stem -76, option 21, answer -49, facts -25, keys -23
look phrase _num0: out -70, option -34, answer -46, facts -29, row -28, keys 30
look phrase _num0 box: out -19, stem 19
look phrase _num0 let1-first: out -24, stem 24
look phrase _num0 num0: out -81, stem 28, row -18, keys 17
look phrase _num0 phrase: out 21, stem -30, option -30, keys 21
look phrase _num0 short: stem 18, keys -16
look phrase _num0-again: stem 20, option 14, keys -67
look phrase _num0_ num0: out -19, stem 28
look phrase _pair: out 78, passage -62, stem -28, answer -34, feedback -14, keys -33
look phrase _phrase: out -36, passage 43, stem -99, option -51, answer 20, feedback -25, facts -21, keys -64
look phrase _rom-lone: out 42, stem -31, keys -30
look phrase _section: out 24
look phrase _sentence: out -35, stem -107, answer -81, feedback 40, keys -50
look phrase _short: passage -44, stem 25, answer -21, feedback -26, facts -76, row -20, keys -15
look phrase _short-sentence: out -20, stem -16, option -43, answer 43, feedback -55, keys -86
look phrase _text: out 47, passage -59, stem -35, more -69, option -65, answer -54
look phrase _word0: out -27, answer -51, facts 15
look phrase asks: out -27, passage -16, more 22, answer -39, row -19
look phrase box: out -98, more 33, answer -37, feedback -30
look phrase bracketed: out 30, stem -38, more -26, answer -41, feedback -30, keys -18
look phrase bullet: out -108, passage -15, more 53, facts -13, row -38, keys -31, remark -25
look phrase bullet bullet: out -34, stem -32, more -26, option 43, answer -27, feedback -24, row -29, remark -13
look phrase cells: passage -34, stem -72, more 29, option 18, answer -61, feedback -23, facts -28, row 33, keys -32
look phrase chatter: out -44, passage -32, stem 60, more -23, answer -33, feedback -52, keys 20
look phrase cue-answer: out -97, stem -26, option 40, wrapped -17, answer 24, feedback -35, row -30, bank -15, keys -59
look phrase cue-answer_ num0: answer 14
look phrase cue-answer_ text: answer 15
look phrase cue-difficulty: out -38, stem -40, more -25, option 38, answer -24, feedback 29, keys -20
look phrase cue-sample: stem -51, more 53, answer 24
look phrase edge: out 42, passage -80, stem -142, more -49, option -49, feedback -116, keys -20
look phrase field: passage -75, stem -37, more -34, answer -48, feedback 44, facts -60, row -23, keys -40
look phrase field-option: more 20, option -19
look phrase heading: out 35, passage -12, stem -14, more -15, option -12, answer -37, feedback -43, facts -27, keys -30
look phrase identity: out 34, passage -18, stem -38, option -15
look phrase let-lone: more 33, answer -32, feedback -14, row -14, keys -62
look phrase let-lone cue-answer: stem -17, option 18
look phrase let0: out -28, stem 45, option -17, wrapped -38, answer -28, feedback -18, keys -20
look phrase let0 let0: stem -62, option 46, keys -19
look phrase let1: out 28, stem 16, more -17, option -50, wrapped 27, answer -65, feedback -15, facts -37, row -59
look phrase let1 let1: stem -16, option 25
look phrase let1-first: out -44, more 51, option -56, wrapped -30, answer -36, feedback -25, facts -15, row -27
look phrase let1-first let1: out -40, stem -22, option 99, answer -28, row -19
look phrase num-lone: out 30, passage -13, stem 28, option -49, answer -34, facts -28, keys -13
look phrase num0: out -37, passage -58, stem -23, answer 31, feedback -35, facts -38, bank -25, lines -13, keys -47
look phrase num0 num0: out -37, stem -24, option 26, answer -12, row 14, keys -27
look phrase num0 short: stem 25, option -19
look phrase num0-again: out -44, stem 69, more -20, option -46, answer -35, feedback -37, row -46, keys 17
look phrase num0-again num0-again: stem -31, row -46
look phrase num1-first: out -48, stem 59, more 19, option -44, wrapped -34, answer -50, feedback -68, keys -16
look phrase num1-first num1: out -14, stem -33, row 13
look phrase pair: out 49, passage -13, stem -30, more -21, option -39, answer -56, feedback -35, facts -13, row -25, keys -39
look phrase phrase: passage 34, stem -22, more -34, option 49, answer -160, feedback -127, facts -50, row -63
look phrase phrase cue-answer: stem -42, option 17, wrapped -17, answer -36
look phrase phrase phrase: stem -49, more -23, option 28, wrapped -36, row -19
look phrase phrase short: stem -20, option 13
look phrase phrase_ num0: passage -12, stem -56, more 32, option 47, wrapped -12, answer -37, feedback -45
look phrase phrase_ phrase: out -19, passage 20, stem -32, answer -20
look phrase rom0: out 46, passage -13, stem -43, more -13, option -26, answer -44, feedback -36, facts -12, row -13, keys -13
look phrase rule: out 13, passage -13, option -22, answer -23, lines 44
look phrase section: out -43, passage -20, stem 45, more -17, answer -21
look phrase sentence: stem -63, option -14, answer -59, feedback -87, facts -25, keys 66
look phrase short: out -34, passage -48, stem -37, more -24, option 52, answer -18, facts -59, row -24, keys -58
look phrase short phrase: out -18, option 19, answer -14
look phrase short short: stem -30, option -40, wrapped 43, answer -20
look phrase short-sentence: out -49, passage 71, stem -94, more -63, wrapped -18, answer 37, feedback -25, hint -30, facts -28, lines -13, keys -64, remark -15
look phrase short-sentence phrase: passage 13, stem -14, keys -15
look phrase short-sentence_ num0: out 23, stem -76, feedback -13, hint -24, keys -16
look phrase short-sentence_ phrase: out -27, passage 13, keys -21
look phrase text: out 58, passage -73, stem -37, more -33, option 23, wrapped -95, answer -88, feedback -37, facts -38, row -38, keys -34
look phrase text phrase: out -62, more -39, option 19, wrapped -39, answer -38, feedback -29, keys -23
look phrase text short: out -39, stem -62, more -33, option 71, answer -56, feedback -12, keys -21
look phrase truth: out -85, stem 14, more -15, option -16, wrapped 18, answer 43
look phrase word0: out 14, passage -17, stem -15, more -28, option -34, wrapped -27, answer 66, feedback -68, facts -44, keys -15
look phrase+: stem -24, answer -33, hint -23, facts -101, row -24, bank -48, lines -28, keys -23, remark -21
look phrase_ asks: out -27, passage -39, stem 24, feedback -26
look phrase_ box: out -19, stem 17, more 44, option -48, answer -23, feedback -20
look phrase_ bullet: out -26, passage -13, stem 12, more 14, option -29, wrapped 15, feedback -37, row -13, keys -14
look phrase_ cells: out 57, stem -54, answer -38, feedback -13
look phrase_ cue-answer: out -23, option -18, wrapped 38, answer -67, feedback -20, row -16, keys -13
look phrase_ cue-level: passage -18, stem -50, option 16, wrapped -13, feedback -63, facts -18
look phrase_ field: stem -61, option -55, answer 23, feedback -59, facts -13, row -41, keys -29
look phrase_ heading: out -13, passage -12, stem 37, more -14, option -21, answer -75, feedback -27, keys -30
look phrase_ identity: out 23, stem -72, answer -16
look phrase_ let-lone: out 14, passage -32, option 40, wrapped -23, answer -84, feedback 17, keys 30
look phrase_ let0: more -13
look phrase_ let1-first: out 14, passage -15, stem 13, more -32, answer -18, feedback -17
look phrase_ num-lone: out 34, passage -26, stem -61, option -32, wrapped -45, answer 26, feedback -56, keys -42
look phrase_ num0: out -21, passage -82, stem -24, option 17, wrapped -31, answer 25, feedback -14, hint -20, facts -22, row -26, lines -14, keys -50
look phrase_ num0-again: out -52, stem -53, more 27, option 31, wrapped -13, answer 32, feedback -42, keys -34
look phrase_ pair: passage -33, stem -66, answer -61, feedback 46, keys -32
look phrase_ phrase: out -26, passage 49, stem -83, more -20, option -36, feedback -44, facts -23, keys -50
look phrase_ rom-lone: out 47, passage -27, stem -78, feedback -35, keys -32
look phrase_ section: out 17, passage -15, stem -19, option -43, answer -21, keys -67
look phrase_ sentence: out -52, passage 38, stem -112, option -28, answer 17, feedback -16, facts -23, keys -58
look phrase_ short: out 47, passage -20, stem -86, more 27, option 30, answer -48, feedback -62, keys -25
look phrase_ short-sentence: stem 23, answer -61, feedback -58, facts -19
look phrase_ text: out -38, passage -45, stem 53, more -32, option 15, feedback -44, bank -21, keys -31
look phrase_ word0: out 60, passage -43, stem -89, option 39, wrapped -21, answer -84, feedback -49, facts -14, row -13, keys -19
look phrase_+: more -22, wrapped 12, feedback -18, hint -29, facts -34, row -94, bank -50, lines -30, keys -54
look rom-lone: out 26, passage -31, stem 16, more -83, option -82, answer -58, feedback -59, facts -51, row -65, bank -14, keys 21
look rom-lone _cue-level: out -12, facts 19
look rom-lone _heading: facts -54, keys 50
look rom-lone _num-lone: out -69, stem 70
look rom-lone _num0: out -54, stem 63
look rom-lone _num0-again: out -29, stem 39, keys -36
look rom-lone _short: passage -18, stem 21, answer -53, facts -51, keys -20
look rom-lone _text: stem 21
look rom-lone _word-lone: out -23, facts 17
look rom-lone _word0: out -15
look rom-lone bullet: out 40, stem -43, option -14, row -13
look rom-lone bullet bullet: out 17, stem -45, option -13
look rom-lone cue-difficulty: stem 21, feedback -16, keys -13
look rom-lone edge: out 78, stem -78, keys -13
look rom-lone heading: out 34, more -30, answer -16, facts -38, lines -20
look rom-lone let1-first: option 18
look rom-lone let1-first let1: option 22
look rom-lone num0: out 18, stem 25, more -25, option -24, answer -51, facts -16, row 35, keys -52
look rom-lone rom-lone: out -64, stem -37, option -17, answer -45, row -14, keys 45
look rom-lone short: out 24, passage -17, stem -26, answer -25
look rom-lone word0: out 41, stem -37, answer -20
look rom-lone+: out 26, more -36, option -48, answer -43, feedback -28, facts -58, row -36
look rom-lone_ cue-level: stem 20, facts -26, keys -16
look rom-lone_ heading: stem -29, more -15, answer -20, keys 12
look rom-lone_ num-lone: out 38, keys -20
look rom-lone_ num0: out 92, stem -68, option -14, answer -12, keys -51
look rom-lone_ num0-again: out 61, stem -27, keys -42
look rom-lone_ short: out 20, stem -53, keys 54
look rom-lone_ text: out 53, stem -50
look rom-lone_ word-lone: out 75, stem -62, answer -18
look rom-lone_ word0: out 77, stem -38, keys -18
look rom-lone_+: passage -20, stem 16, more -30, option -25, answer -29, feedback -13, facts -30, row -22, bank -13
look rom0: out -20, passage -44, stem 46, option -28, wrapped -22, answer -80, feedback -67, hint -17, facts -47, row -69, bank -31, lines -46, keys 28, remark -36
look rom0 _cue-answer: stem -22, option -14, answer 51, bank -32, keys -35
look rom0 _let1-first: out -30, stem -25, option 41, row -32, remark -24
look rom0 _let1-first let1: out -30, stem -25, option 41, row -32, remark -24
look rom0 _num1-first: out -78, stem 17, option -36, keys -18
look rom0 _rom0: out -17, stem 48, more -18, option -21, answer -38, facts -22, keys -54
look rom0 _rom0_ rom0: stem 35, option -15, keys -60
look rom0 _rule: out 38, more -15
look rom0 asks: more 31, facts -20, row -12
look rom0 box: stem 38, more -36
look rom0 bracketed: more 18
look rom0 cells: out -19, stem 15, more 17, row 13, keys -25
look rom0 cue-answer: out -22, stem -22, more -19, option 26, answer 12, keys -22
look rom0 cue-answer_ rom0: answer 26
look rom0 edge: out -36, stem -21, keys 39
look rom0 let1-first: out -47, stem 42, more -53, option 48, wrapped -27, answer -41, row -43, remark -15
look rom0 let1-first let1: out -19, stem -78, option 57, wrapped -17, answer -39, row -42
look rom0 num1-first: out 52, more -45, option -15, answer -13, feedback -15, facts -19, row -25, keys -48
look rom0 num1-first num1: out -51, stem 17, more -37, feedback -14, row -12, keys -43
look rom0 phrase: out -22, stem -21, more 42, option -33, answer -13, facts -15, row -13, bank -12
look rom0 rom0: out -119, stem -15, option -13, wrapped -23, answer -40, feedback -25, facts -39, row -34, lines -22, keys 29
look rom0 rom0 rom0: out -27, stem -40, option -28, facts -17, row -12, keys 42
look rom0 rule: more -19, lines 31
look rom0 short: out -69, option 42, answer -30, feedback -62, facts -13, keys 40
look rom0 short_ let1-first: out -33, stem -24, more 21, option -17
look rom0+: passage -22, stem 28, option -18, wrapped -18, answer -57, feedback -14, facts -50, row -45, bank -17, lines -22, remark -19
look rom0-again: out -69, passage -30, stem 53, more -31, option -96, wrapped -27, answer -75, feedback -25, hint -24, facts -53, row -34, bank -24, lines -23, keys 37, remark -51
look rom0-again rom0-again: out -33, passage -24, stem 17, more -26, option -66, answer -42, feedback -15, facts -39, row -28, keys 40, remark -36
look rom0-again rom0-again rom0-again: out -26, option -30, answer -19, facts -17, keys 24, remark -14
look rom0-again+: out -52, passage -19, stem 27, more -20, option -62, wrapped -24, answer -57, feedback -12, hint -21, facts -37, row -25, bank -15, lines -14, keys 34, remark -30
look rom0-again_+: stem 37, keys -36
look rom0_ cue-answer: out -28, stem 25, more -18
look rom0_ num1-first: out 16, passage -20, stem -53, option -13, answer -20, facts -19, keys 41
look rom0_ rom0: out -50, stem 69, more -51, option -51, answer -32, feedback -13, facts -18, row -14, keys -59
look rom0_ rule: out -37, stem 32
look rom0_+: passage -27, stem 24, more -38, option -60, answer -50, feedback -37, hint -15, facts -27, row -23, bank -20, lines -17, remark -22
look rom1: out -70, passage -44, stem 19, option 14, answer -54, feedback -34, facts -49, lines -16, keys -21, remark -34
look rom1 asks: stem -13, more 22, option -19
look rom1 rom1: out -34, passage -14, stem -88, more 18, option 19, answer -35, feedback -12, facts -13, row -15, keys -17, remark -27
look rom1+: out -33, passage -12, answer -32, feedback -16, facts -24, row -19, keys -16, remark -18
look rom1-first: out -32, stem -27, more -22, answer -45, feedback -47, facts -46, keys 24, remark -17
look rom1-first cue-difficulty: stem 31, answer -16, feedback -14
look rom1-first rom1: out -30, stem -120, answer -23, facts -13, keys -17, remark -17
look rom1-first rom1 rom1: stem -63
look rom1-first+: out -28, more -22, option 16, answer -24, feedback -23, facts -22, keys -13
look rom1_+: out -30, passage -24, stem 34, more -12, answer -15, facts -12, keys 13
look rule: out 17, passage -68, stem -59, more -39, option -63, wrapped -13, answer -27, feedback -89, hint -36, facts -139, row -27, bank -61, lines 72, keys -104, remark -17
look rule _asks: out -33, stem 35
look rule _bracketed: out -41, answer -23, keys 38
look rule _bullet: out 39, stem -20, option -58, row -14, remark -34
look rule _capitals: out 33, answer -37, keys -15
look rule _chatter: out 15, answer -18, lines -13
look rule _cue-answer: answer 23, bank -14, keys -22
look rule _cue-answer num-lone: answer -39, keys 39
look rule _cue-level: facts 14
look rule _cue-sample: out -52, stem -39, answer 52, bank -12
look rule _cue-sample sentence: answer 21
look rule _field-kind: out -48, facts 48
look rule _field-number: facts 38, keys -26
look rule _field-number field-kind: facts 20, keys -14
look rule _field-number word-lone: facts 13
look rule _field-stem: out -20, stem 32
look rule _heading: out 46, stem -22, facts -107, keys -17
look rule _key-title: out -13, keys 14
look rule _let-lone: out 33, passage -42, stem -27, answer -25, facts -13, keys -40
look rule _num-lone: out -47, stem -49, facts -34, keys 64
look rule _num0: out -45, stem 74, keys 14
look rule _num0 bullet: out -40, stem 40
look rule _num0-again: out -35, stem -35, row -13, keys 36
look rule _num0-again num0-again: out -35, stem -35, row -13, keys 36
look rule _rom-lone: stem -57, keys 28
look rule _rule: stem -14, answer -14, lines 16, keys -25
look rule _section: out 79, stem -15, facts -64
look rule _section num0: out 50, facts -47
look rule _short: out 18, passage -42, stem -85, more -13, option -21, facts -24, keys -40
look rule _short-sentence: out 22, passage -43, stem 13, more -27, answer -70, feedback -17, hint -18, keys -69
look rule _text: out -17, passage -13, stem 22, more -23, option -16, answer -24
look rule _word-lone: out -45, stem 53, facts -43
look rule _word0: out -79, stem -40, facts 65
look rule _word0 asks: facts 13
look rule bracketed: out -21, more 20, answer -30, feedback -33, bank 19, lines -22
look rule cue-answer: more 36, answer -45, bank -51, lines -47, keys 47
look rule cue-difficulty: facts 17
look rule cue-sample: out -34, passage -13, stem -24, more -59, answer 47, facts -15, lines 55, keys -53
look rule cue-sample text: answer 15, keys -12
look rule edge: out 43, more -17, answer -35
look rule field-kind: out -31, stem -18, more -31, answer -83, feedback -14, facts 53, row -22
look rule field-kind field-stem: out -58, facts 57
look rule field-number: out 53, more -14, option -23, answer -56, facts -15, row -15, lines -18
look rule field-stem: out 57, stem -16, more -45, option -13, facts -18, lines -30
look rule num0: out -35, stem 42, more -35, lines 43
look rule num0 num0: out 17
look rule rule: out -53, more -110, answer -13, lines 69
look rule rule_ num0: lines 12
look rule rule_ word0: lines 14
look rule short: out 40, passage -22, stem -52, more -46, option -31, answer 12, feedback -27, facts -53, lines 46, keys -81
look rule table-ticks: more -14, answer -18, lines -33
look rule table-ticks table-ticks: out -39, row 48
look rule word0: out -46, stem 49, option -19
look rule+: out -22, passage -30, stem -46, more -32, option -45, answer 34, feedback -28, hint -17, facts -81, row -12, bank -13, lines 28, keys -62
look rule_ asks: more -20, answer -25, lines 33
look rule_ bracketed: out 51, stem -19, answer -36
look rule_ bullet: out -15, more 21
look rule_ capitals: out -41, more 43, lines -39
look rule_ chatter: lines 16
look rule_ cue-answer: out 41, stem -53, option -15, answer -42, row -12, lines -39
look rule_ cue-level: out -19, lines 19
look rule_ cue-sample: out 26, stem -29, more -36, lines 37
look rule_ field-kind: out 32, stem -12, more -19, option -15, answer -23, facts -15, bank -18, lines -14
look rule_ field-number: out 105, more -22, option -48, answer -30
look rule_ field-stem: out 33, more -14, option -12, lines -12
look rule_ heading: out 56, answer -33
look rule_ key-title: out 34, stem -12, answer -38, lines 33
look rule_ let-lone: lines 34
look rule_ num0: out 23, stem -32, more 18, option -37, answer -30, lines 13, keys -31
look rule_ num0-again: out 20
look rule_ rom-lone: out 16
look rule_ rule: out -18, more -13, lines 19
look rule_ section: out 25, lines -21
look rule_ short: out 22, answer -12, lines -41
look rule_ short-sentence: out -12, lines 12
look rule_ table-down: out 20, answer -12
look rule_ text: out -30, more -21, lines 42
look rule_ word-lone: out 48, stem -14
look rule_ word0: more -35, answer -22, lines 32
look rule_+: out 36, passage -16, stem -43, option -48, answer -125, feedback -38, facts -32, row -46, bank -30, lines 29, keys -42
look section: passage -42, stem 24, more -57, option -43, answer -53, feedback -54, facts -41, row -43, bank -23, lines -20, remark -25
look section _asks: out -17, stem 17
look section _bullet: out -19, stem 17, option -29, remark -13
look section _cells: out -31, stem 32
look section _cue-level: out -48, stem -13, facts 15
look section _cue-level num0: out -16, facts 18
look section _field: out -18, passage -12, stem 21
look section _field-number: out -17, facts 13
look section _heading: out 64, facts -41, keys -27
look section _heading edge: out 33, keys -24
look section _heading_ num0: out 18, facts -12
look section _identity: out 35, stem -34
look section _num-lone: out -72, stem 75, answer -27, facts -26, keys -53
look section _num0: out -80, stem -12, facts -17, row 39
look section _num0 let-lone: out -21, stem 26
look section _num0-again: out -35, stem 38
look section _num0_ num0: out -15, stem 24
look section _num1: out -41, stem 41
look section _phrase: out -12, stem 17, option -15, answer -30, feedback -19
look section _rom0: out -24, stem 24
look section _section: out 45, stem -26, facts -18
look section _sentence: out 59, passage -65, stem -34, answer -38, feedback -39
look section _short: out 61, passage -35, stem 32, option -45, answer -39, facts -54
look section _short-sentence: out 40, passage -34, stem -31, answer -48, feedback -23, hint -14, keys -41
look section _text: out -23, stem 30
look section _word-lone: out -18, stem -39, facts 43
look section _word-lone let-lone: stem -20, facts 34
look section _word-lone let0: out -21, stem -31, facts 33
look section _word0: out -75, stem -29, facts 44
look section _word0 asks: stem -52, facts 57
look section _word0 let1-first: stem -13, facts 14
look section _word0 sentence: stem -13, facts 13
look section _word0 text: stem -57, facts 57
look section _word0-again: stem -30, facts 30
look section _word0_ word0: out -17, stem 21
look section bullet: out 31, facts -24
look section cells: out 43, stem -29
look section cue-level: facts 14
look section edge: out -12, stem -68, feedback -16, keys 32
look section heading: out 35, facts -26, keys -26
look section identity: out 20, stem -14
look section num-lone: out -39, stem 56, answer -37, facts -52, row -18, keys -37
look section num0: stem 64, more -24, option -20, answer -41, feedback -22, facts -90, row -49, keys -65
look section num0 cue-answer: out -53, stem 66, keys -43
look section num0 let1-first: out -12, stem 21
look section num0 num0: out -62, stem 45, row -32, keys -16
look section num0-again: out -20, stem 47, option -17, facts -23, row -54, keys -30
look section num1: out 22, stem 37, option -34, facts -49, keys -29
look section section: stem -114, feedback -14, keys 41
look section sentence: out -28, passage -18, answer -24, feedback -43, facts 43, keys -35
look section short: out 57, passage -14, stem -83, option -17, answer -32, facts -49
look section word0: answer -42, feedback -17, facts 18, keys -33
look section+: passage -19, stem -28, more -33, option -26, answer -69, feedback -65, row -30, lines -14, keys -12
look section_ asks: out 46, stem -29
look section_ bullet: out 28, stem -16
look section_ cells: out 43, stem -36
look section_ cue-level: out 15, facts -13
look section_ field: out 41, answer -37
look section_ field-number: out 28, facts -16
look section_ heading: out 31, stem -26
look section_ identity: out 19
look section_ num-lone: out 39, keys -16
look section_ num0: stem 32, answer -27, feedback -25, facts -17, keys -23
look section_ num0-again: out 44
look section_ num1: out 49, stem -44
look section_ phrase: out 37, stem -21
look section_ rom0: out 23
look section_ section: out 26, stem -21
look section_ sentence: out 51, facts -22
look section_ short: out 35, stem -14
look section_ short-sentence: out 29, answer -20
look section_ text: out 45, stem -26, answer -12
look section_ word-lone: out 81, stem -57, facts -34
look section_ word0: out 55, stem -68, more -15, answer -17, facts -16, remark -23
look section_ word0-again: out 44, stem -17, answer -23
look section_+: out 38, passage -24, more -68, option -14, answer -40, feedback -27, facts -55, row -17, bank -15, keys -32, remark -23
look sentence: passage 14, stem -53, option -15, wrapped -48, answer -33, hint -83, facts -103, row -53, bank -65, lines -73, keys -29, remark -13
look sentence _asks: out 26, passage -14, stem -26, more -46
look sentence _bullet: out -23, stem 32, option -50
look sentence _cells: out 21, passage -57, stem 18, more -29, option -42, row -39, bank -38, keys -58
look sentence _cells_ cells: out -60, passage -26, stem 61, more -22, option -24, row -39, bank -19, keys -26
look sentence _chatter: out 45, passage -17, stem -25
look sentence _cue-answer: out -18, passage -17, answer 40, bank -43
look sentence _field: out 39, passage -30, stem -24
look sentence _field edge: out 31, passage -22, stem -24
look sentence _heading: out 44, passage -17, stem -21, answer -15, facts -67
look sentence _heading_ num0: out 23, facts -15
look sentence _let-lone: passage -38, stem -19, more -19, option 17, answer -17
look sentence _let1: out -42, stem 36, option -34
look sentence _num0: out -23, stem 43, answer -12, facts -34, keys -33
look sentence _num0 let1-first: out -43, stem 44
look sentence _num0_ num0: out -29, stem 44
look sentence _pair: passage -49, keys -61
look sentence _phrase: out -13, passage -19, stem 21, option -26, answer -23
look sentence _section: out 36
look sentence _sentence: out -38, stem 27, answer -37, feedback -18, row -15, keys -62
look sentence _sentence_ num0: out -21, passage 21, stem -17, answer -17, feedback -17, row -15
look sentence _short: out 79, passage -94, stem 19, more -48, option -19, answer -67, facts -24, keys -20
look sentence _short-sentence: out -18, passage -68, stem 45, more -47, answer -55, bank -17, keys -40
look sentence _text: out 27, passage 25, stem -20, more -23, option -14, answer -35, bank -17, keys -36
look sentence _word0: out -16, passage -12, stem -44, answer -18, facts 32
look sentence _word0 asks: stem -27, facts 33
look sentence asks: out -72, stem -30, more 74, answer -17, feedback -22
look sentence bracketed: out -37, passage -26, stem -71, more 14, answer -58, feedback -30, bank -36, keys 37
look sentence cue-answer: out -69, stem 76, more 13, option -34, answer -51, feedback -21, keys -30
look sentence cue-difficulty: out -47, passage -28, stem 44, option -33, answer -40, feedback 21, facts 23, keys -20
look sentence cue-sample: out -62, stem 26, more 13, option -15, feedback -14, row -14, keys -14
look sentence edge: out 40, passage -26, stem -65, more -71, option -80, answer -33, remark -26
look sentence field: out -21, passage 12, stem -81, more -37, answer 40, feedback -69, facts -27, keys -64
look sentence gap: out -100, passage -77, stem 70, more -23, answer -42, facts -24, bank -18
look sentence heading: out 49, passage -17, stem -21, more -13, answer -26, facts -16, keys -14
look sentence identity: out -30, stem -13, answer -31, feedback -16, keys 41
look sentence let-lone: passage -39, more 23, answer -18, feedback -14, row -43, keys -12
look sentence let0: passage -15, option -13, row 24
look sentence let0 let0: stem -14
look sentence let1-first: out -36, more 15, option 58, row -27
look sentence let1-first let1: out -18, option 62, row -27
look sentence num-lone: out 71, passage -30, stem -64, more 25, answer -24, keys -23
look sentence num0: out 30, stem -40, more -26, option -63, answer -79, row 26, lines -16, keys -102, remark -53
look sentence num0 num0: out -34, option -34, row 37, keys -21
look sentence num0-again: out 39, stem -66, option 28, feedback -24, row -37, keys -16
look sentence pair: passage -16, stem -41, more -33, option -12, answer -47, feedback 32, keys -70, remark -12
look sentence phrase: out 16, passage -36, stem -27, option 45, answer -84, feedback -51, row -14, keys -48
look sentence rule: out 30, passage -39, more -14, option -21, answer -30, feedback -48, lines 48
look sentence rule rule: more -21, lines 25
look sentence section: out 44, stem -36
look sentence sentence: out 20, stem -30, more 16, option -59, answer -126, feedback -52, facts -16, keys -43, remark -22
look sentence sentence num0: passage 14, stem -18
look sentence sentence short-sentence: out 20, stem -33, more -34, option -21, answer -36, keys -13
look sentence sentence_ num0: out 20, passage -17, more -34, answer -13
look sentence short: passage -78, stem 37, more 35, option -48, wrapped -16, answer -62, feedback -27, facts -70, keys -57
look sentence short short: out 23, stem -23, more -67, wrapped -14, answer -15
look sentence short-sentence: out 14, passage -13, stem -83, more -44, option 48, wrapped -36, feedback -79, keys -30, remark -39
look sentence short-sentence sentence: out 32, passage -29, stem -13, answer -14
look sentence short-sentence_ short: out 51, passage -37, stem -36, more -43, option -22, answer -34, keys -45
look sentence short-sentence_ text: out -39, passage 32, stem -13
look sentence text: out -58, stem 27, option -84, feedback -55, facts -12, row -25, keys -47, remark -27
look sentence truth: out -54, stem 41, more 28, option -21, keys -25
look sentence word0: out -18, passage 31, more 29, option -34, feedback -58, facts -40, keys -18, remark -17
look sentence+: more -30, option 20, wrapped -22, feedback -42, facts -54, row -23, bank -24, lines -29, remark 14
look sentence_ asks: out -32, passage -63, stem 45, more -39, answer -32, keys -33
look sentence_ bullet: out -43, passage 52, stem -75, answer -32, feedback 23
look sentence_ cells: out 32, passage 23, stem -29, more -40, option -17, answer -71, feedback -41, keys -67
look sentence_ chatter: passage -24, stem -23, answer 13, feedback -15, keys -18
look sentence_ cue-answer: out -54, passage -21, more 27, answer -30, feedback -35
look sentence_ field: out 63, passage -18, stem -57, more -15, answer -44, feedback -47, keys -35
look sentence_ heading: passage 43, stem -42, option -19, answer -38, feedback -36, keys -78
look sentence_ identity: out 50, stem -41
look sentence_ let-lone: passage -31, stem 34, more -56, answer 14, feedback -55, keys -61
look sentence_ let1: out -28, stem -35, more -33, answer -22, feedback 47
look sentence_ num0: out -23, passage 18, stem -163, more -46, option -65, answer -73, hint -33, row -19, bank -12, keys 26, remark -15
look sentence_ pair: out 47, passage -30, stem -41, answer -18, feedback -61, keys -14
look sentence_ phrase: out -26, stem -41, more -13, answer 19, feedback -23
look sentence_ rom0: out 37, passage -21, stem -78, more -26, option -14, answer -32, remark -19
look sentence_ section: out 25, passage -43, stem -91, option -22, answer -83, feedback 52, keys -20
look sentence_ sentence: out 16, passage 15, stem -86, more -44, answer -41, feedback -26, row -15, keys -64
look sentence_ short: out 81, passage -61, stem -69, more -27, option -26, answer -49, feedback -68, keys -67
look sentence_ short-sentence: out -12, passage -79, stem 38, answer -31, feedback -23
look sentence_ text: out -21, passage -31, more 37, option -20, answer -39, feedback -79, keys -33
look sentence_ word0: passage 13, stem -66, option -36, answer -52, keys -21
look sentence_+: passage 13, stem -33, option -147, answer -81, hint -56, facts -41, row -34, bank -38, lines -27, keys -43, remark -46
look short: stem -28, more 38, wrapped 42, answer -17, feedback 27, hint -66, facts -68, row -82, bank -58, lines -88, keys -46, remark -61
look short _asks: out -36, passage -53, stem 44, more -49, facts -18, keys -22
look short _asks short: out -17, stem 17, facts -17
look short _box: out 26, stem -23, option -22
look short _box box: out 26, stem -23, option -22
look short _bullet: out 44, stem -48
look short _bullet bullet: out 57, stem -66
look short _capitals: out 98, option -66, answer -89
look short _cells: out -14, passage -33, stem 28, more -39, option -51, answer -14, facts -13, row -31, bank -19, keys -59
look short _chatter: out 34, stem -21, answer -16
look short _cue-answer: stem -24, answer 63, keys -50
look short _cue-answer cue-difficulty: stem -12, answer 16, keys -13
look short _cue-level: out 13, option -26
look short _field: out 50, stem -59, answer -33, facts -57
look short _field text: passage 46, stem -19
look short _field-number: out -14, facts 39
look short _gap: out -21, passage 27, answer -49, feedback -17
look short _heading: stem -35, answer -47, facts -49, keys 14
look short _key-title: keys 13
look short _let-lone: passage 42, stem -29, option -37, answer -69, row -31, keys -25
look short _let-lone_ num0: passage 24, option -39, answer -36
look short _let0: out 78, passage -14, stem -51, keys -15
look short _let0 let0: out -25, stem -28, option 34
look short _let1: out 18, stem 21, option -25, answer -26
look short _let1-first: out -35, stem -17, option 36, row -13
look short _let1-first let1: out -27, stem -26, option 41, row -13
look short _num-lone: passage -17, option -21, answer -34, feedback -26, keys -35
look short _num0: option -52, answer -25, facts -25, row -37
look short _num0 bullet: out 20, stem -20
look short _num0 cue-answer: out -30, stem 33
look short _num0 let1-first: out -41, stem 41
look short _num0 num0: out 69, stem -71, option -38, facts -13, row -34
look short _num0 num1-first: out -39, stem 39
look short _num0 phrase: out -44, stem 44
look short _num0 short: out -55, stem 51, option -24
look short _num0-again: out 21, option -58, keys -52
look short _num0-again num0-again: out 50, stem -46, option -21, keys -50
look short _num0_ num0: out -54, stem 61, option -42, answer -19, keys -27
look short _num1: out 24, passage -15, option -38, answer -32, facts -29, row -30, bank -20, lines -12, keys -43
look short _num1-first: out 24, stem -16, option -42, row -17, keys -22
look short _pair: out -27, passage 43, stem -58, option -15, answer -37, feedback -43, keys -56
look short _phrase: out -100, passage 26, stem -20, more -31, option -18, answer 59, feedback 38, facts -16, keys -21
look short _phrase phrase: out -37, passage 14, stem -30, answer -22
look short _rom-lone: out 60, stem -54, keys -25
look short _rom0: out 19
look short _rule: out 53, stem -15, keys -40
look short _section: out 66, stem -29
look short _section_ num0: out 20, stem -13
look short _sentence: passage 30, more -18, option -65, answer -69, feedback -53, keys -30
look short _sentence sentence: out -75, passage -27, stem 38
look short _sentence_ sentence: out -20, passage 20
look short _short: out -60, passage 15, answer 43, feedback -23, facts -75, keys -26
look short _short-sentence: passage -65, stem -12, more -22, option -17, answer 33, feedback -52, hint -40, keys -64, remark -19
look short _short-sentence_ num0: out 71, passage -49, stem -69, more -20, option -15, answer -53, feedback -37, hint -34, keys -16, remark -12
look short _short_ num0: out -22, passage -66, stem -17, option -18, answer 35
look short _short_ sentence: out 63, passage -75, option -13, answer 30, facts -13
look short _text: out -30, passage 46, more -38, option -47, answer -50, feedback -33, keys -18
look short _text short: out -27, passage 31, option -18, answer -13, feedback -39
look short _text text: out -79, passage 35, stem -24
look short _truth: out -61, more -26, answer 61, keys -17
look short _word0: out -103, passage -13, answer -62, facts 27
look short _word0 asks: stem -12, facts 27
look short _word0 let1-first: stem -32, facts 40
look short _word0 sentence: out -15, answer -31, facts 14
look short _word0 short: out -25, stem -19, facts 21
look short arrow: out -25, more 41, option -34, answer 32, feedback -58, facts -23
look short arrow_ num0: more -14, answer 21
look short box: out -53, stem -48, wrapped 26, answer -35, feedback -33
look short box_ num0: option 23, answer -17
look short bracketed: out 13, passage -28, stem -55, option -17, answer -26, feedback -15, facts -24, bank 16, keys -15
look short bullet: out 16, passage -83, stem 13, more -16, wrapped 26, answer -57, feedback -87, facts -58, row -47, keys -15, remark -35
look short bullet bullet: out 23, stem -56, more -18, remark -14
look short bullet short: out -21, option 23
look short bullet_ num0: out -34, stem -44, option 46, answer -13, feedback -43, row -27
look short cells: out -39, passage -68, stem 33, more -37, option -59, answer -43, feedback 34, facts -32, row -39, bank -16, keys -46
look short cells_ num0: out -30, passage -47, stem 36, option -39, answer -16, feedback -25, facts -12, row -69, bank -14
look short chatter: out 83, passage -17, stem -43, option -26, answer -56, feedback -18
look short cue-answer: stem 15, more 34, option -50, answer 28, feedback -30, facts -15, keys -79
look short cue-answer cue-difficulty: option -13, answer 20
look short cue-answer edge: option -47, answer 50, keys -44
look short cue-answer num0: option -32, answer 41
look short cue-answer short: option -54, answer 68, keys -31
look short cue-answer_ num0: option -47, answer 51
look short cue-answer_ word0: option -16, answer 14
look short cue-difficulty: out -94, passage -17, stem -64, more 25, wrapped -44, feedback 17, facts -39, row -18, keys -53
look short cue-difficulty_ cue-level: facts 19
look short cue-feedback: out -67, stem -36, more -16, option 41, wrapped -22, answer -24, feedback -20, facts -60, keys -27
look short cue-feedback short: option 26, feedback -29
look short cue-level: stem -55, more -28, option -41, answer -39, feedback 35
look short cue-points: out 35, stem -20, more 24
look short cue-sample: out -22, passage -23, stem -49, more 51, option -63, feedback -14, keys -18
look short cue-sample text: out -15, answer 25
look short edge: passage -87, stem -122, more 27, option -24, answer 21, feedback -19, facts -45
look short field: passage 32, stem -61, more -24, option -30, answer -40, feedback 13, facts -39, row -44, keys -41
look short field-kind: stem -31, more 13, option -22, answer 15, feedback -36, facts -13
look short field-option: more 27, option -27
look short gap: out -12, passage -18, stem -29, more 52, option -15, answer -38, facts -42
look short gap gap: stem -24, more 27
look short heading: out 60, passage -13, stem -17, more -13, option -15, answer -61, facts -43
look short identity: out 53, facts -25
look short let-lone: out -30, passage 48, stem -80, option -27, feedback -55, facts 25, row -46, keys -57
look short let0: stem 21, more 42, option -24, answer -63, feedback -15, facts -24, row -15, keys -29
look short let0 let0: stem -46, keys 14
look short let1: out -47, passage -30, stem -45, more -32, option -14, wrapped 47, answer -87, feedback -35, facts 58, row -60, keys -37, remark -35
look short let1 let1: out -20, stem -16, option 44, facts -14, remark -18
look short let1-first: out -74, passage -28, stem -37, more 30, option -42, wrapped -49, answer 15, feedback -23, facts 57, row -44, keys -18, remark -17
look short let1-first let1: out -54, stem -59, answer 22, row -42, remark -17
look short num-lone: out 39, stem -43, more -26, option -41, wrapped -18, answer -103, feedback 26, facts -35, keys -36
look short num0: more -51, option -19, feedback -13, facts -144, row -50, keys 63
look short num0 cue-answer: out -22, stem 59, option -35
look short num0 num0: out -24, stem -80, option 31, answer -18, row -47, keys 70
look short num0 phrase: stem 68, option -50, keys -15
look short num0 short: out -20, stem 62, option -59
look short num0-again: out -26, stem 21, more 43, option -14, wrapped -22, answer -98, feedback -31, facts -12, row 23, keys -55
look short num0-again num0-again: out -95, stem 25, row 23, keys -44
look short num1-first: stem -55, more 64, option -27, wrapped -26, answer -42, feedback -27, keys -14
look short num1-first num1: out 30, stem -48, more -16
look short number: out -23, stem -52, more 20, option 64, answer -42, feedback -21, keys -14
look short pair: out 18, passage -54, stem -57, more -39, option 65, answer -55, feedback -105, facts -25, row -13, keys -63
look short phrase: out -28, passage 17, stem -22, more -62, option 66, wrapped -62, answer -50, feedback -69, facts -87, row -24, lines -13, keys -55
look short phrase phrase: out -13, passage 22, stem -32
look short phrase short: out 26, passage -15, stem -33, option -13, answer -19, feedback -20
look short phrase_ num0: out 18, passage -32, stem 36, more -55, option -41, answer -79, feedback -20
look short rom-lone: stem -88, option 49, wrapped -16, answer -45, facts -16, keys -40
look short rom0: out 22, stem -18, more 40, option -18, feedback -40, facts -74, keys -30
look short rule: out -21, more 29, option -39, answer -59, feedback -21, lines 30
look short rule_ num0: lines 12
look short section: out 60, passage -23, more 26, answer -66
look short sentence: out -20, passage 64, stem -77, more -44, option -40, answer -43, feedback -69, facts -43, keys -86, remark -23
look short short: out -76, passage -54, stem -37, more -38, option 124, wrapped -59, answer -81, feedback -135, facts -67, row -23, keys -21
look short short arrow: option 56, answer -48
look short short cue-answer: out 49, stem -68, more -73, wrapped -21, answer -142
look short short edge: passage -38, stem -12, option 17, answer -126, feedback -35, keys -32
look short short num0: out 22, passage -33, stem -27, wrapped -46, answer 12, feedback -24, facts -37, keys -18
look short short phrase: out 21, passage -17, stem -26, option -20
look short short short: out -69, more -16, option 77, facts -26
look short short-sentence: out -27, passage -33, more -16, option 30, wrapped -43, answer -14, hint -49, facts -56, lines -14, keys -76, remark -48
look short short_ asks: out -21, option 21, answer -13
look short short_ bullet: out 14, passage -27, more -53, option -34, answer 30
look short short_ cue-answer: stem -22, option 48, answer -40
look short short_ num0: out 27, passage -21, stem -15, more -14, option 74, wrapped -14, answer -75, feedback -66
look short short_ section: out -47, more -14, feedback -34
look short short_ short: out -33, option 20, answer -39, feedback -15, keys 19
look short short_ text: out -34, option 37, answer -41
look short short_ word0: option 64, answer -56
look short table-pairs: out -20, more 18, answer -17, row 45, keys -42
look short table-pairs table-pairs: out -18, answer -12, row 48, keys -39
look short text: out 39, passage -53, more -25, option -67, wrapped -43, answer -49, feedback 49, facts -81, row -19, keys -86
look short text short: out -46, passage -39, stem 32, more -29, option -42, answer -55, feedback 49, keys -18
look short truth: out 22, more -78, option 17, answer -37, feedback -41, facts -26, keys -27
look short word0: out 33, passage -24, stem -20, more 28, option -88, wrapped -34, answer 42, feedback -74, facts -54, row -13, keys -23
look short+: out -27, passage -15, option 22, wrapped 29, answer -43, feedback -21, hint -28, row -41, bank -17, lines -33, remark -28
look short-sentence: out -18, stem -27, option -18, wrapped 16, answer -35, facts -87, row -73, bank -82, lines -69, keys -39
look short-sentence _asks: out 30, passage -68, stem 19, more -49, option -23, facts -12
look short-sentence _bullet: out 21, stem -54, option 40
look short-sentence _cells: passage 30, more -32, option -34, answer -18, facts -12, row -32, bank -13, keys -12
look short-sentence _cue-answer: option -18, bank -22, keys 14
look short-sentence _cue-level: out -38, facts 41
look short-sentence _cue-sample: out -24, answer 27, keys -22
look short-sentence _field: out -69, passage 41, more -17, row -23
look short-sentence _field field: out -26, passage 23, stem -15, row -23
look short-sentence _field_ field: out -49, passage 53, stem -42
look short-sentence _heading: out 44, facts -21
look short-sentence _heading_ num0: out 34, facts -17
look short-sentence _let-lone: out 45, passage -35, option -33, answer -14, row -68, keys -27
look short-sentence _let1: out -18, stem 39, option -37
look short-sentence _num-lone: out 31, stem -66, option -15, answer -25, feedback -21, facts -15, keys 12
look short-sentence _num0: out -41, stem 13, option -22, facts -20, row 28, keys -28
look short-sentence _num0 let1-first: out -21, stem 22
look short-sentence _num0-again: out 35, stem -34, option -16
look short-sentence _num0_ cue-answer: stem 13
look short-sentence _num0_ num0: out -16, stem 17
look short-sentence _phrase: out 33, stem -16, more -18, option -29, answer -50, feedback -64, keys -19
look short-sentence _phrase short-sentence: out -29, passage 22, stem -25, answer -15, keys -19
look short-sentence _phrase_ short-sentence: out 35, passage -34, stem -43
look short-sentence _section: out 23, facts -18
look short-sentence _sentence: out -44, more -56, answer -35, feedback 31, keys -34
look short-sentence _sentence_ num0: out -26, passage -27, stem -46, answer -20, feedback 47
look short-sentence _short: out -13, passage 13, stem 15, more -12, answer -63, feedback -17, facts -43, lines -15, keys -57
look short-sentence _short phrase: out -45, passage 46, stem -12, option -12, facts -19
look short-sentence _short_ num0: out 28, passage -81, option -16, answer -20
look short-sentence _text: out -72, passage 65, stem -34, option -34, keys -15
look short-sentence _text sentence: out -26, passage 40, stem -27
look short-sentence _text short: out -58, passage 50, stem -26, option -15
look short-sentence _text text: out -31, passage 38, stem -31
look short-sentence _word0: out -71, stem 22, answer -23
look short-sentence _word0 asks: stem 13
look short-sentence _word0 let1-first: stem -26, facts 26
look short-sentence bullet: out -22, passage 34, stem -24, more -65, wrapped -14, answer -81, feedback 17, facts -15, keys -12, remark -63
look short-sentence bullet bullet: out -42, passage -32, stem 59, option -57, remark -16
look short-sentence cells: passage -51, stem 34, more -17, answer -29, feedback -41, keys -16, remark -38
look short-sentence cells cells: stem -32, row 47
look short-sentence cue-answer: out -52, stem 57, more 16, option -62, answer -37, row -13, keys -33
look short-sentence cue-difficulty: out -56, passage -19, stem 21, more -17, option -55, wrapped -28, answer -55, feedback 63, hint -20, facts 23, keys -31, remark -39
look short-sentence cue-points: more 35, option -14, feedback -34, facts 22
look short-sentence cue-sample: out -31, more 26, option -41, wrapped -14
look short-sentence edge: stem -106, more -52, option -48, answer 25, feedback 17, keys -35, remark -16
look short-sentence gap: out -47, passage -12, stem -20, more -14, option -15, answer 43, row -21, bank -15, keys -17
look short-sentence heading: out 63, passage -27, stem -53, answer -27, facts -35, keys -17
look short-sentence identity: out 19, stem -18, answer -14
look short-sentence let1-first: more 15
look short-sentence num-lone: out 41, passage -27, stem -65, more 13, answer -30, feedback -35, keys -25
look short-sentence num0: out 19, more -30, option -41, wrapped -27, feedback -70, hint -53, facts -35, lines -12, keys -47, remark -67
look short-sentence num0 num0: option -34
look short-sentence num0-again: more -23, option -21, answer -34, feedback -16, row 23, keys -52
look short-sentence num0-again num0-again: out 19, stem -32, option -21, row 23, keys -33
look short-sentence num1-first: out -40, stem 29, more 42, option 16, feedback -28, row -14
look short-sentence num1-first num1: stem -73, option 18, row -12
look short-sentence phrase: passage 31, stem 22, more -56, option -23, answer -46, feedback -66, facts -18, keys -38, remark -18
look short-sentence phrase short-sentence: out -27, passage 12
look short-sentence rom0: out -22, passage 43, stem -40, option -22, answer -54, facts -13, keys -33
look short-sentence rule: out -27, stem 14, answer -28, feedback -24, lines 15, keys 45
look short-sentence sentence: out 75, passage -65, stem -36, more -30, option -32, answer -79, feedback -69, keys -57, remark -13
look short-sentence short: passage -26, more -69, option 46, wrapped -43, feedback -63, hint -18, facts -36, keys -49, remark -25
look short-sentence short-sentence: out -14, passage -87, stem -78, more -59, option 100, wrapped 32, answer -108, feedback -78, hint -62, facts -20, keys -70, remark -73
look short-sentence table-pairs: out -54, stem 43, answer -13, row 22, remark -13
look short-sentence table-pairs table-pairs: out -25, row 23
look short-sentence text: passage -15, stem -18, more -32, option 24, wrapped -25, answer -19, feedback 26, hint -17, keys -53, remark -32
look short-sentence text short-sentence: out -21, passage -12, stem -53, option 26, wrapped -25, answer -23
look short-sentence text text: out -47, passage 43, stem -25, option -21
look short-sentence truth: out -32, passage -12, stem 57, more -51, option -20, answer 13, feedback -36, keys -13, remark -14
look short-sentence word0: out -52, passage -16, stem -20, more 27, option -55, facts -23, keys -24, remark -37
look short-sentence+: more -24, wrapped 28, answer -23, feedback -33, hint -120, facts -65, row -36, bank -18, lines -26, keys -27, remark 20
look short-sentence_ asks: out -23, stem 35, option -63, answer -94
look short-sentence_ bullet: out -41, passage -51, more -30, option 27, answer 14, feedback -45, keys -21
look short-sentence_ cells: out -64, passage 15, stem 16, option -40, answer -57, hint -22, bank -13, keys 27
look short-sentence_ cue-answer: out -32, stem 43, option -27, answer -29, feedback -32
look short-sentence_ cue-level: out -22, passage -16, stem -37, more 22, option -23, feedback -33, keys -41
look short-sentence_ cue-sample: out -26, more 39, option -18, wrapped -17, answer -40, feedback -38, hint -15, keys -24
look short-sentence_ field: out 31, passage -71, stem -14, more -27, answer -55, feedback -21
look short-sentence_ heading: out -32, passage -16, stem 26, more -39, option 19, answer 15, feedback -33, hint -15, keys -55, remark -30
look short-sentence_ identity: stem -33, more -15, answer -21, feedback 17, keys -13
look short-sentence_ let-lone: out 50, passage -14, stem -49, more 43, option -15, answer -73, hint -26, keys -56, remark -14
look short-sentence_ let1: out -48, stem -34, option -47, answer 14, feedback 23, hint -21, keys -30, remark -18
look short-sentence_ num-lone: out -18, passage -15, answer -31, feedback -30, keys 23
look short-sentence_ num0: out -42, passage 34, stem -39, more -20, option 19, wrapped -13, answer -26, hint 25, facts -29, bank -13, keys -99, remark -49
look short-sentence_ num0-again: out 43, stem -48, option -15, feedback -27, keys -33
look short-sentence_ phrase: out 25, passage 19, stem -61, more 36, option -13, answer -52, feedback 16, hint -12, keys -58
look short-sentence_ section: out 43, stem 16, more -19, option -18, feedback -27, keys -33, remark -15
look short-sentence_ sentence: passage -89, stem -25, more -17, answer 36, keys -93
look short-sentence_ short: out 21, passage -62, stem -34, more -29, option -24, feedback -46, remark -19
look short-sentence_ text: out 73, stem -98, option -49, answer -18, feedback 26, hint -20, keys -68
look short-sentence_ word0: out -45, stem 36, option -75, wrapped -18, feedback -45, hint -42, keys -34, remark -18
look short-sentence_+: passage -27, stem -20, option -24, wrapped -63, facts -51, row -28, bank -48, lines -23, remark -12
look short_ asks: out -57, passage -29, stem 31, more 65, option -13, answer 16, feedback -80, facts -27, keys -14
look short_ box: out 66, passage -29, stem -75, option -15, answer -52, keys -17
look short_ bullet: out 81, passage -78, stem -50, more -49, option -32, wrapped -28, answer -41, feedback -82, facts -39, keys 49
look short_ capitals: out -48, more -16, option 65, answer -35, feedback 24, keys -15
look short_ cells: out -25, passage -69, stem -13, option -13, wrapped 16, answer 38, feedback -65, facts -30, keys -35
look short_ chatter: option -16, feedback -61
look short_ cue-answer: passage -19, stem 62, wrapped -24, answer -67, feedback -54, row -17
look short_ cue-level: out -30, stem -14, more -36, answer 20, feedback 31
look short_ field: out 74, passage -51, stem -35, more -21, option 25, answer -97, feedback -77, facts -15, keys -38
look short_ field-number: out -42, passage -30, stem -23, more -18, option -25, feedback 15, facts -25
look short_ gap: out -25, passage -63, stem -17, option -13, answer 44, feedback -27, facts -34
look short_ heading: passage -15, stem -54, more -30, option 13, wrapped -16, feedback -67, facts -17, keys -26
look short_ identity: out -43, option -17, answer 49, facts -18
look short_ key-title: out -55, stem -48, option 31, answer -35, feedback 13
look short_ let-lone: out -38, passage 39, more 19, option -39, feedback -44, facts -38, row -15, keys -50
look short_ let0: stem -50, more 61, option -17, wrapped -36, answer -21, feedback -25, facts -17, keys -18
look short_ let1: out 42, stem -31, option -30, answer -30, feedback -72, facts -53
look short_ let1-first: out 35, stem 21, more -15, option -17, wrapped -18, answer -45, feedback -19
look short_ num-lone: out 31, stem -23, more 39, answer -42
look short_ num0: stem -123, more -45, facts -35, row -23, keys -83
look short_ num0-again: out 50, passage -36, stem -65, more 25, option 31, answer -56, keys -67
look short_ num1: out 35, passage -39, stem -54, more 35, answer 17, feedback -72
look short_ num1-first: out -20, passage -41, stem -22, more -25, option -20, answer -32, feedback 41, keys -24
look short_ pair: out 19, passage -30, stem -73, more -53, option -47, answer 31, feedback -13, facts -20
look short_ phrase: passage 32, stem -80, option -41, wrapped 30, answer -49, facts -35, keys -15
look short_ rom-lone: out -37, stem -14, more 57, wrapped -35, answer -16, feedback -39, facts -16, keys -14
look short_ rom0: out -15, stem -15, more -14, option 51, wrapped 21, answer -35
look short_ rule: passage -12, stem -46, more 24, answer -56, facts -18
look short_ section: out -39, passage -17, stem -47, wrapped -37, answer 30, facts -56, keys -23
look short_ sentence: out 58, passage -98, stem -53, more 36, option -34, feedback -50, facts -22, keys -35
look short_ short: out 40, passage -61, stem -96, more 42, option -32, answer -37, feedback -24, facts -47, keys 16
look short_ short-sentence: out 48, passage -17, stem -15, option -45, answer -48, feedback 40, facts -24, keys -58
look short_ text: passage -37, stem -124, facts -46, keys -22
look short_ truth: out 28, stem -54, more 58, option -18, answer -60, feedback -46, facts -14
look short_ word0: out -46, passage 31, more 12, option 55, wrapped -35, answer -55, feedback -27, facts -70, keys -40
look short_+: out 20, more 16, option -49, hint -24, facts -122, row -38, bank -34, lines -36, keys -32, remark -12
look table-down: out -97, stem -83, option -49, answer -102, feedback -37, facts -57, row -53, keys 99
look table-down table-down: out -91, stem -71, option -48, answer -93, feedback -13, facts -52, row -52, keys 92
look table-down table-down table-down: out -56, stem -39, option -28, answer -53, facts -31, row -29, keys 57
look table-down+: out -65, stem -55, option -29, answer -65, feedback -30, facts -38, row -30, keys 67
look table-pairs: passage -52, stem -130, more -93, option -73, answer -82, hint -45, facts -78, row 32, bank -68, lines -47, keys -13, remark -41
look table-pairs _num0: out -13, stem 13
look table-pairs _section: out 50, stem -34, answer -13
look table-pairs _word0: stem -14, answer -33, facts 40
look table-pairs cue-answer: out -22, answer 49, row 25, keys -50
look table-pairs edge: out -50, answer -12, feedback -12, row 28, keys 21
look table-pairs table-pairs: passage -27, stem -86, more -56, option -45, answer -93, feedback -96, hint -33, facts -57, row 19, bank -42, lines -26, remark -34
look table-pairs table-pairs cue-answer: out -22, row 25
look table-pairs table-pairs edge: out -54, row 38
look table-pairs table-pairs table-pairs: out -53, stem -32, answer -24, feedback -16, facts -20, keys 20, remark -14
look table-pairs table-pairs_ num0: feedback -30, row 30, keys -17
look table-pairs table-pairs_ section: out -38, answer -20, feedback -25, row 30, keys -17
look table-pairs table-pairs_ word0: feedback -20, row 29
look table-pairs+: out 26, passage -30, stem -83, more -57, option -38, answer -64, feedback -69, hint -23, facts -48, bank -44, lines -28, remark -21
look table-pairs_ num0: out -59, answer -24, feedback 44, row 16, keys -17
look table-pairs_ section: out -38, answer -20, feedback -25, row 30, keys -17
look table-pairs_ word0: feedback -20, row 29
look table-pairs_+: out -95, passage -25, stem -32, answer -38, feedback 32, facts -16, row 18, bank -20, keys 17
look table-ticks: out 13, passage -31, stem -99, more -63, option -49, answer -84, feedback -34, facts -63, row 51, bank -34, keys -62
look table-ticks _num0: stem 18
look table-ticks _word0: out -40, stem -13, facts 41
look table-ticks edge: out -60, row 64
look table-ticks num0: out -42, stem 38, row -35, keys -22
look table-ticks rule: out -62, passage -13, stem -61, more -37, option -44, answer -49, row 75, lines -38, keys -17
look table-ticks rule table-ticks: more -14, answer -18, lines -33
look table-ticks table-ticks: out 53, stem -51, more -19, option -39, answer -37, feedback -27, facts -60, bank -17, keys -60
look table-ticks table-ticks edge: out -60, row 64
look table-ticks table-ticks num0: out -21, row 35
look table-ticks table-ticks table-ticks: out 50, stem -20, option -18, answer -14, facts -30, row -20, keys -32
look table-ticks table-ticks_ num0: out -13, row 13
look table-ticks table-ticks_ word0: out -23, row 35
look table-ticks+: passage -17, stem -76, more -41, option -34, answer -54, feedback -18, facts -40, row 38, bank -15, keys -42
look table-ticks_ num0: out -13, row 13
look table-ticks_ word0: out -23, row 35
look table-ticks_+: out -30, row 28
look table-wide: passage -38, stem -123, more -50, option -60, answer -81, feedback -78, hint -13, facts 16, row -70, bank -47, lines -33, keys 19, remark -48
look table-wide _num0: out -29, stem 29
look table-wide _num0 let1-first: out -29, stem 29
look table-wide+: stem -62, more -28, option -35, answer -77, feedback -56, row -37, bank -19, lines -13, remark -30
look table-wide_ num0: out 48, passage -16, answer -20, facts -31, keys -17
look table-wide_+: passage -16, stem -41, option -14, answer -30, feedback -14, facts 12, row -13
look text: out 13, stem -16, option -19, wrapped 19, hint -68, facts -104, row -93, bank -47, lines -61, keys -26, remark -59
look text _bullet: stem -34, option 29
look text _bullet bullet: out 15, stem -40, option 29
look text _cue-answer: answer 48, keys -47
look text _field: out 35, passage -39, stem -26, more -14, facts -27
look text _heading: out 45, answer -21, facts -27
look text _let-lone: out 12, stem -23, answer -14
look text _let0: stem -41, option 53
look text _let0 let0: stem -41, option 53
look text _let1-first: out -35, stem -14, option 23
look text _let1-first let1: out -28, option 36
look text _num0: out -34, stem 41, option -15
look text _num0 let1-first: stem 15
look text _pair: out 38, keys -19
look text _phrase: out -27, passage -13, stem 36, more -51, answer -48, bank -19
look text _section: out 57, facts -36
look text _short: out 93, passage -49, stem -24, more -33, answer -74, facts -16, keys -21
look text _text: out -45, passage -53, stem 43, more -50, answer 14, keys -59
look text _word0: out -25, stem -12, facts 17
look text asks: out -21, passage 34, more -26, option -78, answer -91, feedback -16, facts -45, keys -20
look text asks bullet: stem -27, more 31, option -14
look text asks cue-answer: stem -45, more 46
look text asks let0: stem -75, more 79
look text asks let1-first: stem -56, more 45
look text asks short: out -23, passage 30, stem -35, more -28, option -14
look text box: out -86, stem -50, more -51, option 71, wrapped -35, answer -34, feedback -47
look text bracketed: out 42, stem -12, more -28, answer -35, feedback -39, bank -16
look text bullet: out -47, passage -40, stem 40, more 48, option 25, answer -58, feedback -21
look text bullet bullet: out -28, stem -71, option 80
look text cells: out -83, passage -47, stem -28, more 78, wrapped -23, answer -66, feedback -28, facts -15, row 16, keys -47
look text cells cells: stem -33, option -27, row 23
look text cells cue-answer: stem -65, more 42, option 41
look text cells let0: stem -38, more 42
look text cue-answer: out -96, stem 68, option -92, answer -52, feedback -51, row -28, keys -46
look text edge: out 59, passage -110, stem -16, more -48, option -56, answer -79, feedback -96, keys -13
look text field: passage 45, stem -25, more 36, option -16, answer -35, feedback -27, facts -30
look text gap: out -54, passage 56, stem -61, more 62, answer -56
look text heading: out 51, passage -21, stem -45, answer -12, facts -15
look text identity: out 47, stem -32
look text let-lone: out -47, passage 24, stem -20, more -27, answer -28, feedback -12, keys 26
look text let0: out -53, passage -22, stem 32, more 29, option 22, answer -38, feedback -56, keys -40
look text let0 let0: stem -22, more -12, option 26, keys -25
look text let1-first: out -54, stem 53, more -35, option 38, answer -39, feedback -42, row -47, keys -26
look text let1-first let1: out -15, stem -16, option 50, row -12
look text num0: out -14, passage -56, stem 45, more -37, option 27, wrapped -21, answer -72, feedback -63, row -19, keys 30
look text num0 num0: out -33, stem -51, option 31, row -18
look text num0-again: out -28, stem 30, more -58, option 25, row -15, keys -40
look text num0-again num0-again: out -13, stem -39, option 40, row -15, keys -29
look text pair: passage -56, stem -24, more -24, answer -40, feedback -32, keys 38
look text phrase: out 38, passage -76, stem -45, more 21, option -33, wrapped 21, answer -50, hint -13, facts -32, row -38
look text phrase let0: stem -23, more 23
look text phrase phrase: out -65, passage -27, stem -64, more -19, option 52, wrapped -44, answer -22
look text phrase_ num0: out 16, stem -22, option 35, wrapped -20, answer -13, feedback -52
look text rule: out 30, passage -24, stem -20, answer -35, lines 15
look text section: out 42, stem -19, more -21
look text sentence: out 17, stem -70, option -24, answer -16, feedback -64, facts -13, keys -103
look text sentence short-sentence: out -15, passage 16
look text sentence text: passage 25, stem -14, more 23, answer -17
look text sentence_ num0: out 50, passage -45, answer -40, feedback -23
look text short: out -43, stem -24, more -36, wrapped -36, feedback 61, facts -85, row -18, bank -16, lines -18, remark -15
look text short box: more 26, option -42, wrapped 21, answer -13, feedback -15
look text short cue-answer: stem -41, more 64, option -27, answer -19
look text short let-lone: more 25, option -13
look text short let0: stem -47, more 76, option -69, wrapped -25
look text short num0: out -13, passage 33, stem -66, more -22, option -39, wrapped -30, answer -20, facts -38, keys 29
look text short num0-again: more 33, option -36, wrapped -13, answer -22, feedback -26, keys -23
look text short phrase: out -19, passage -30, stem -54, option 24, wrapped -45, answer 39, feedback -44, facts -18, keys -24
look text short rule: more 39, option -17, answer -20, feedback -39
look text short short: out -35, stem -15, more 37, option 16, answer -24, feedback -46
look text short-sentence: out -37, passage 22, stem -59, more 24, option -35, wrapped 31, answer 22, feedback -56, hint -45, facts -19, row -14, remark -21
look text short-sentence edge: out -54, passage 22, stem -34, more -38, option -36, answer 50, feedback -82, keys -28
look text short-sentence text: passage 13
look text short-sentence_ num0: out 16, stem -44, more -31, option -34, answer 16, feedback -24, hint -28, keys -19
look text short-sentence_ text: out -36, passage 48, answer -27
look text short_ num0: passage -14, more -40, option -45, wrapped -39, answer 35, feedback -13, keys -25
look text short_ section: out 31, passage -17, more 40, option -17, answer -75, facts -15
look text short_ word0: out -44, passage 40, stem -15, more -17, option -30, feedback -60
look text text: passage 26, more -18, option -28, wrapped -53, answer -84, feedback -136, facts -39, row -22, bank -17, lines -23, keys -19, remark -22
look text text asks: out -28, passage 24, stem -43, more 31
look text text field: passage 40, stem -36
look text text phrase: out -59, passage -41, stem 22, more 29, answer -38, feedback -39, keys 13
look text text sentence: passage 17, stem -30, more -15, keys -15
look text text short: out 17, passage -22, stem -16, option -59, wrapped -18, answer 29, feedback -71, keys -50
look text text short-sentence: out -63, stem -38, more 17, option -15, answer -28, keys -15
look text text text: out -45, more -15, option 37, wrapped -26, answer -93, feedback -33, keys -81
look text+: passage 25, option -19, wrapped 13, feedback 36, hint -31, facts -62, row -53, bank -60, lines -39, keys -21, remark -31
look text_ bullet: out -20, passage -20, stem 25, more -19, answer -27, feedback -17, bank -13
look text_ cue-answer: more 20
look text_ field: out 35, passage -21, stem -21, answer -53
look text_ heading: out 49, stem -35, answer -42
look text_ identity: out 13, stem -14, answer -14
look text_ let-lone: out 20, stem -18, answer -38, keys -13
look text_ let0: out -57, stem 73, more -18
look text_ let1-first: out -20, stem 62, more -49
look text_ num0: out 74, passage -49, stem -65, more 20, option -69, answer -64, keys -38
look text_ pair: out 58, stem -39, more -38, answer -61
look text_ phrase: stem 28, more -28, answer -22, feedback -55, keys -52
look text_ section: out -26, stem -80, more 42, option -12, answer -53, feedback -29, keys 22
look text_ short: out 52, passage -39, stem -48, option -17, answer -39, feedback -31, keys -52
look text_ text: out -53, passage -19, stem 37, more -30, option 47, answer -39, feedback -24, keys -34
look text_ word0: out 47, passage -18, stem -35, answer -28
look text_+: out 26, passage -83, stem -18, more -30, option 44, answer -26, feedback -94, facts -30, row -32, bank -20, lines -18, keys -34
look ticked: passage -27, stem -94, more -74, option 26, answer 14, feedback -73, hint -20, facts -73, row -33, keys -62
look ticked _num0: out -30, stem 33
look ticked _word0: out -54, stem -17, answer -20, facts 31
look ticked box: stem -68, more -38, answer -70, feedback -13, facts -42, row -18, keys -21
look ticked box box: out 39, option -39
look ticked box cue-feedback: out -16, option 32
look ticked box ticked: out -12, option 15
look ticked box_ num0: option 25
look ticked ticked: option 51, answer -78, facts -21
look ticked+: stem -49, more -44, facts -42, row -19, keys -28
look ticked_ num0: out -18, option 42, answer -47
look ticked_ word0: out -30, option -33, answer 36
look ticked_+: out -14, stem -37, option 18, answer 14, feedback -42, hint -14, facts -31, row -12, keys -16
look truth: passage -46, stem -77, more 19, feedback -80, facts -93, row -38, bank -25, lines -49, keys -66
look truth _num0: out -51, stem 53
look truth _word0: out -18, facts 33
look truth+: passage -25, stem -36, more -82, option 16, answer 20, facts -59, row -15, lines -15, keys -31
look truth_ num0: out 21, more 35, option -18, answer -37, feedback -20, facts -13, keys -15
look truth_ word0: out -68
look truth_+: out -26, passage -20, stem -20, more 36, option -33, feedback -38, facts -32, bank -18, keys -40
look word-lone: passage -49, stem 32, more -63, option -13, wrapped -15, answer -86, feedback -81, hint -22, facts -22, row -33, bank -35, lines -20, keys -15, remark -34
look word-lone _num0: out 41, stem -41
look word-lone asks: out -49, passage -16, stem 27, more 13
look word-lone asks cue-answer: stem -29, more 29
look word-lone bullet: out 16, stem -42, more -47, option 71, answer -22, feedback -30, remark -26
look word-lone cue-answer: out -87, stem 76, more -20, answer 63, facts -43, bank -15, keys -58
look word-lone cue-answer cue-difficulty: answer 23
look word-lone cue-answer cue-points: answer 41, keys -32
look word-lone cue-answer edge: answer 46, bank -12, keys -45
look word-lone cue-points: out -90, stem 48, more -30, option -18, answer -63, feedback -13, facts -38, keys -37
look word-lone edge: passage -12, stem -92, more -14, answer -15
look word-lone field-option: out -22, stem 51, more -31, option -28, facts -42, bank -13
look word-lone field-option field-option: more -16, option 16
look word-lone gap: out -45, answer -28, facts 40, keys -14
look word-lone let-lone: out -33, stem 18, more -30, answer -25, facts 34, row -24, keys -13
look word-lone let-lone cue-answer: stem 13, more -15
look word-lone let0: stem 21, more -20, option -59, answer -26, facts 52, row -27, keys -41
look word-lone let0 let1-first: stem 17, more -13, option -18
look word-lone let1-first: out -49, stem -55, facts 77
look word-lone pair: more 40, answer -48, feedback -23, facts -19, keys -13
look word-lone rule: out -35, stem 37, more -21, answer -24, facts -30, lines 23
look word-lone sentence: out -16, stem -15, option -15, answer -33, feedback -16, facts 26, keys -17
look word-lone short: out -35, stem 43, more 28, option -30, answer -52, facts -33
look word-lone short cue-answer: stem -21, more 50, answer -32
look word-lone short field-option: more 24, option -23
look word-lone short-sentence: out -42, stem -19, more 44, option -44, answer -17, feedback -17, facts -44, remark -15
look word-lone text: out 32, passage -13, more 81, answer -17, facts 23
look word-lone+: out -19, passage -30, more -38, answer -57, feedback -22, facts 18, row -16, bank -17, remark -21
look word-lone_ num0: out 67, stem -50, option -18
look word-lone_+: out 22, passage -21, more -22, option -26, answer -48, feedback -45, facts -28, row -13, bank -13, keys -21
look word0: out -30, passage -49, stem 46, more -135, option -19, wrapped -40, answer -37, feedback -53, hint -30, facts 15, row -83, bank -60, lines -29, keys -75, remark -33
look word0 _asks: out 29, passage -22, more -53, answer -17, feedback -18, row -20
look word0 _cells: out -25, stem -42, more -45, option 23, answer -19, facts -12, bank 33
look word0 _cue-answer: more -13, answer -35, bank -18, keys 49
look word0 _cue-answer_ word0: answer -33, bank -12, keys 45
look word0 _cue-level: out -25, stem -25, facts 51
look word0 _cue-level let-lone: out -13, facts 26
look word0 _heading: out -39, stem -28, more -19, answer -16, facts 53, keys -20
look word0 _let-lone: out 39, stem -48, option 17, row -29
look word0 _let1-first: out -60, stem -34, option 65, row -20, remark -15
look word0 _let1-first let1: out -60, stem -34, option 65, row -20, remark -15
look word0 _num-lone: out 21, more -18, option 39, answer -16, facts -34, row -13, keys -37
look word0 _num1-first: out -28, row -19
look word0 _num1-first num1: out -18, option 13, row -15
look word0 _pair: stem -21, option -16, answer -22, feedback -17, keys -20
look word0 _sentence: out -32, passage -25, stem 41, more -32, answer -33, feedback -27, facts -14, row -14, keys -48
look word0 _short: out -38, passage -13, stem -62, more -41, option -20, answer 22, facts 41
look word0 _text: out 14, stem -43, more 33, answer -32, keys 14
look word0 _word0: out -103, stem 43, answer -16, facts -32
look word0 _word0_ let1-first: stem 12
look word0 _word0_ word0: out -75, stem 29, facts -20
look word0 arrow: out -64, stem 35, more -30, option -34, answer 46, facts -21, row -13
look word0 asks: out -53, passage -20, stem -30, more -52, option -29, answer 20, facts 34, row -20, keys -13
look word0 asks bracketed: stem -20, more 20
look word0 asks bullet: stem 33, option -65
look word0 asks cue-answer: stem 16, more -41, row -12
look word0 asks let1-first: out -21, stem 32, more -23
look word0 asks short: out -26, stem 37, more -18
look word0 asks_ cue-answer: stem 27, more -23
look word0 asks_ let1-first: stem 17
look word0 asks_ word0: out -54, passage -15, stem 23, more 13
look word0 box: out -35, stem 76, option -23, facts -71
look word0 box box: option 22
look word0 bracketed: out 45, stem 13, more 15, option -12, answer -50, feedback -50, facts -25, bank -55
look word0 bullet: out -86, stem 20, more -71, answer 45, facts -43, row -34, remark -26
look word0 bullet bullet: out -72, stem -151, more -71, answer 46, row -34, remark -26
look word0 cells: passage -48, stem 27, more -53, option -114, answer -92, facts 48, row -42, bank -35, keys -30
look word0 cells cue-answer: stem 25, more 33, option -29, row -25
look word0 cells let1-first: stem -43, more 45
look word0 cells_ word0: out -78, stem 74, option -49, answer -24, facts -37, row -40, bank -22
look word0 colon: out -28, answer -37, facts 17
look word0 colon let1-first: stem 13, more -13
look word0 cue-answer: out -43, stem 46, more -17, option 45, answer -56, facts -60, bank -29, keys 25
look word0 cue-answer cue-feedback: answer 24
look word0 cue-answer edge: option -61, answer -40, keys 45
look word0 cue-answer word0: stem -19, option -20, answer 42
look word0 cue-answer_ word0: stem -36, option -72, answer 117, bank -14, keys -85
look word0 cue-sample: out -21, stem 24, facts -19, keys -13
look word0 edge: out -36, stem 37
look word0 field: out -72, passage -38, stem 29, option -26, answer -56, feedback -67, facts 25, row -31
look word0 field cue-answer: out -13, stem 18, more -24, answer -15, row -20
look word0 field let1-first: out -25, stem 29, more -27, facts -15
look word0 field_ word0: out -85, passage -34, stem 75, answer -24, feedback -58, facts -41, row -17
look word0 gap: out 19, option -14, answer -45, facts 18, row -14
look word0 gap cue-answer: stem 30, more -44
look word0 gap_ word0: out -58, stem 32, more -24, answer -19
look word0 let-lone: stem 28, more -13, option 17, answer -50, facts -13, row -44, keys -19
look word0 let-lone cue-answer: out -20, stem -40, more 21, option 16, answer -20, row -29
look word0 let-lone let1-first: stem 37, more -22, option -28
look word0 let1-first: out -48, stem 62, more -43, option -30, answer -134, feedback -15, facts 19, row -95, remark -24
look word0 let1-first bullet: stem 29, option -29
look word0 let1-first cue-answer: stem 19, option -17, row -17
look word0 let1-first let1: out -60, more -49, option 56, answer -84, row -93, remark -20
look word0 let1-first let2-first: stem 30, option -31
look word0 let1-first short: out -32, stem 39, option -25, answer -13
look word0 let1-first_ let1: stem 37, option -36
look word0 num-lone: out -79, option 31, wrapped -14, answer -59, facts -87, keys -38
look word0 num0: out 65, stem -71, more 36, option -30, answer -84, facts -15, row 20, keys -26
look word0 num0 num0: out -95, stem 84, more -45, option -27, row 21, keys -13
look word0 num1-first: answer -14, facts -31, keys -24
look word0 num1-first num1: out -77, stem -29, more -60, keys -24
look word0 number: out -40, stem 23, more 31, option -31, answer -15, facts -17, keys -42
look word0 pair: out -42, stem -16, more -35, option -59, answer 29, feedback -39, facts 58, keys -22
look word0 phrase: out -17, stem 18, option -31, answer -77, feedback -75, facts 22, row -52
look word0 phrase box: out -36, stem 20, more 23, option -71
look word0 phrase bullet: stem 37, more 52, option -74, answer -44, feedback -14
look word0 phrase let1-first: out -30, stem 13, option -75, feedback -16
look word0 phrase short: stem 24, more -59, option -13, feedback -13
look word0 phrase word0: more -27, option 26, answer -70, feedback -46, facts -13
look word0 phrase_ let1-first: out -38, stem 67, more -16
look word0 rule: out -21, more -31, lines 34
look word0 rule rule: more -15, lines 18
look word0 sentence: out 27, passage -26, option -72, answer 25, feedback -129, facts -26, row -15, keys -30, remark -55
look word0 sentence cue-answer: stem 37
look word0 sentence cue-sample: more 31, answer -40
look word0 sentence let1-first: stem -20, more 22
look word0 sentence_ word0: out -79, passage -42, stem 93, more -17, option -16, answer -34, feedback -77
look word0 short: out -30, passage -28, stem 46, more -18, option -47, answer -101, feedback -81, facts 53, row -13
look word0 short cue-answer: out -28, option -17, answer -17
look word0 short let1-first: stem -17, more -46, option -62, facts 43
look word0 short short: more -73, option 27, answer -23
look word0 short-sentence: out -108, passage -25, option -70, answer -112, feedback -20, hint -56, facts 48, row -26, keys -46, remark -50
look word0 short-sentence cue-answer: stem 56, more -39, option -13
look word0 short-sentence num1-first: stem 46, feedback -15
look word0 short-sentence_ cue-answer: stem 23, option -22, answer -13, feedback -28
look word0 short-sentence_ word0: out -34, passage -20, stem 44, option -51, answer -39, feedback -43, hint -20, remark -16
look word0 short_ word0: out -53, stem 27, option -56, answer -47, feedback -52
look word0 table-pairs: out 33, more -23, row -18, keys -16
look word0 table-pairs table-pairs: out 34, stem -23, more -23, row -18, keys -16
look word0 text: out -70, passage -24, stem -28, option 17, answer -58, feedback -77, facts 64
look word0 text asks: stem -42, more 47
look word0 text cells: stem 16, more -16
look word0 text let1-first: out -29, more 19, option -52, feedback -14
look word0 text short: out -26, more 14, option -17, feedback -27
look word0 text text: stem -35, more 18
look word0 text_ let1-first: out -13, stem 57, more -47
look word0 truth: out -112, stem 30, option -51, answer 47, facts -40
look word0 word0: out -117, stem 38, more -69, option 50, answer -65, feedback -32, facts -123, row -15, keys -23
look word0 word0 phrase: stem 13
look word0 word0 word0: out -34, stem -18, more -15, option 33, answer -33, facts -37
look word0+: out -34, passage -19, more -82, wrapped -21, answer 13, feedback -27, facts 39, row -37, bank -25, keys -37, remark -14
look word0-again: out -56, passage -27, stem 43, more -50, option -18, wrapped -27, answer -85, feedback -41, hint -14, facts 28, row -32, bank -26, keys -27, remark -24
look word0-again asks: out -35, more 13, option -26, answer -28, facts 48, keys -55
look word0-again cue-answer: option 18, answer 15, facts -18, keys -27
look word0-again edge: out -28, stem -42, facts -17, keys 38
look word0-again let-lone: out -16, facts 41
look word0-again let1-first: out -36, stem 21, answer -33, row -20
look word0-again let1-first let1: option 29, answer -33, row -19
look word0-again phrase: out -30, stem 24, more 42, option -22, answer -30, feedback -40, facts 23, keys -29
look word0-again short: out -88, stem 25, more -24, option -42, answer 47, feedback -28, facts -39
look word0-again text: out -25, stem 16, answer -21, feedback -33, keys -17
look word0-again word0-again: out -46, stem -60, option 39, facts -84, row -25, bank -13, keys 95
look word0-again word0-again edge: out -28, stem -42, facts -17, keys 38
look word0-again word0-again word0-again: stem -43, option 20, facts -42, keys 45
look word0-again+: out -23, passage -17, stem 18, more -21, wrapped -14, answer -45, facts 22, row -19, bank -13, keys -19
look word0_ asks: out 54, passage -15, stem -51, option -23, answer -48, facts -31, row -20, keys -22
look word0_ cells: out -41, stem 30, facts -28
look word0_ cue-answer: out -22, stem 32
look word0_ cue-level: out -67, stem -51, answer -37, facts 89
look word0_ heading: out -67, stem 13, answer -53
look word0_ let-lone: out -60, stem 84, facts -43
look word0_ let1-first: out -67, stem 44, facts -38
look word0_ num-lone: answer -16, facts -18
look word0_ num1-first: out 69, stem -52, answer -14, facts -32
look word0_ pair: out -42, answer -20, facts 14
look word0_ sentence: out -36, passage -12, stem -30, option -15, answer -32, facts 32, keys -15
look word0_ short: out -16, stem 21, answer -41, feedback -20
look word0_ text: out -38, answer -47
look word0_ word0: out -38, passage -21, stem 69, answer -36, facts -48
look word0_+: passage -36, stem 50, more -21, option -47, answer -126, feedback -46, hint -20, facts -34, row -36, bank -26, lines -14, keys -38, remark -16
look word1: out -71, stem 25, more -32, option -58, answer -84, feedback -21, facts 19, row -29
look word1 bullet: out -24, stem -15, more -22, option 49, facts -14
look word1 bullet bullet: out -15, stem -66, more -19, option 51
look word1 cue-answer: out -38, stem 56, option -17, answer 17, facts -23
look word1 short: option -32, answer -13, feedback -23
look word1+: out -60, stem 17, more -19, option -36, answer -55, facts 12, row -21
look word1-first: out -53, stem 39, more -20, option -38, answer -82, feedback -33, facts 15, row -14, keys -16
look word1-first+: out -60, stem 33, more -16, option -25, answer -49, facts 15
main speaker: out -15, passage 36, stem 76, more -146, wrapped -63, answer 23, hint -43, facts -22, row -47, bank -26, remark -75
num again: passage -33, more -34, wrapped -19, answer -86, feedback -43, hint -33, facts -23, bank -38, lines -34, remark -33
num again asks few: passage -33, more -101, wrapped -19, answer -82, feedback -42, hint -33, facts -23, bank -38, lines -33, remark -33
num again asks some: out -21, stem 39, more 28, option -43, answer -18, row -43, keys -28
num again fits few: out -16, stem -30, option -95, bank -15, keys 66
num again fits most: out -31, passage -33, stem -34, more -33, option 24, wrapped -18, answer -76, feedback -34, hint -33, facts -35, row -20, bank -34, lines -33, remark -33
num again fits none: out -16, stem 65, more -25, option -36, answer -26, facts 14, row -17, keys -18
num again fits some: stem -21, more -21, answer -29, feedback -28, facts -42
num asking few: out -64, passage -20, stem 57, more -23, option -52, answer -94, feedback -48, hint -18, facts -19, bank -26, lines -28, keys -29, remark -14
num asking most: out 15, passage -20, stem 32, more -81, option -136, wrapped -25, answer -101, feedback -16, facts -35, row -44, lines -14, keys -41, remark -35
num asking none: out -36, passage -83, stem -74, more -46, wrapped -67, answer -34, feedback -16, hint -57, row -14, bank -74, lines -58, keys 30, remark -74
num asking some: passage -45, stem 60, more -45, option -53, wrapped -57, answer -48, feedback -53, hint -37, facts -49, row -74, bank -43, lines -39, keys -111, remark -46
num bare: out -14, passage -38, option -144, wrapped -37, answer 40, feedback 35, hint -14, row -130, bank -41, lines -27, keys 21, remark -15
num under 0: out -65, passage -20, stem -15, option -98, answer -60, feedback -39, row -50, keys 92
num under 1: out -19, passage -20, stem 25, more -25, option -24, wrapped -36, answer -57, feedback -39, facts -31, row -68, keys 38
num-lone end asks: out 25, passage -18, stem -21, more -64, answer -56, facts -19, row -26, keys -25
num-lone end bracket: out -29, more 60, option -89, answer 33, feedback -85, facts -44, row -12, lines -14, keys -105
num-lone end gap: out 56, stem -56, answer -20
num-lone end none: out -28, passage -12, option 15, wrapped -18, feedback -99, bank -37
num-lone end stop: out -27, passage -53, stem 31, more -61, option -20, answer -56, hint -26, facts -41, row -19, lines -15, remark -20
num-lone run: out -89, stem -107, more -56, option 47, answer -154, feedback -13, facts 37, row -23, bank -21
num-lone words 1: out 36, passage -37, stem -123, more 38, option -27, wrapped -13, answer -54, feedback -98, hint -22, facts -74, row 40
num-lone words 15: passage -17, more -98, option 21, answer -56, feedback -89, facts -49, row -22, remark -16
num-lone words 3: out 23, passage -20, stem -31, more 27, option -57, answer 17, feedback -63, facts -69, row -71, lines -16, keys -27
num-lone words 7: out -25, passage -12, stem 51, more -56, answer 26, feedback 24, facts 25, row -50, bank -33, keys -62
num-lone words many: out -96, answer -45, feedback -14, facts -27, row -13, keys 58
num0 end asks: out 33, passage -16, stem -13, option -113, answer -68, feedback -17, hint -18, facts -26, row -44, bank -18, lines -18, keys -50, remark -23
num0 end bracket: out -37, stem 63, more 22, option -133, wrapped -21, answer -13, feedback -34, facts -71, row -97, bank -13, lines -13, keys -52
num0 end colon: out -46, stem 54, more -63, option -38, facts -18, row -17, keys -29
num0 end comma: out -13, more -17, option -17, row -18, keys 25
num0 end gap: out -21, stem 20, more -52, option -49, wrapped -24, answer -23, facts -23, row -43, lines -15, keys -34
num0 end none: out -50, passage -27, more -39, wrapped -26, feedback -35, facts -27, row 20, bank -27, lines -15, remark -14
num0 end stop: passage -22, stem -14, more -113, option -25, answer -150, feedback -67, hint -34, facts -78, row -76, lines -23, remark -41
num0 of 1: out -16, passage -22, stem 17, option -60, wrapped -15, answer -27, hint -20, facts -33, row -40, bank -35, lines -29, remark -23
num0 of 2: out 50, passage -15, stem -43, more 15, option 29, answer -39, feedback -25, hint -15, row 41, bank -14, keys -73
num0 of 4: out 38, passage -29, stem 20, more -76, option 37, wrapped -12, answer -26, feedback -65, facts 13, row 22, bank -37, lines -20, keys -84, remark -32
num0 of 8: out -107, passage -53, more -182, wrapped -49, answer -144, feedback -70, hint -54, facts -22, bank -57, lines -54, remark -56
num0 of many: out -98, stem 71, option -69, wrapped -25, answer -53, feedback -43, facts -46, row -41, lines -21, keys 62, remark -27
num0 run: stem 45, option -18, answer -26, row -16, keys -32
num0 words 1: out 13, passage -14, stem -69, more 22, option 58, feedback -30, hint -12, facts -74, row -73, lines -20, remark -16
num0 words 15: out -21, passage -21, stem 40, more -56, wrapped -31, answer -90, feedback -26, hint -18, facts -49, row -68, bank -22, lines -17, keys -13, remark -24
num0 words 3: option 18, wrapped -25, answer -50, feedback -24, facts 19, row -20, lines -27, keys -13
num0 words 7: out -14, passage -33, more -154, option -54, wrapped -27, feedback -42, hint -28, facts -122, row 39, bank -31, lines -25, remark -31
num0 words many: out 17, passage -20, more -23, option -29, answer -82, feedback -37, facts -45, row -71, keys -50
num0-again end asks: stem -23, more -28, option -21
num0-again end bracket: out -38, answer -18, facts -15, row -35
num0-again end gap: out 34, stem -37, option -15, row -17
num0-again end none: out -37, passage -33, stem 17, more -44, wrapped -18, answer -47, feedback -33, hint -33, facts -47, bank -33, lines -33, remark -33
num0-again end stop: out 37, stem -27, more -41, option 27, answer -33, feedback -34, facts -29, row -53, keys -36
num0-again run: out -26
num0-again words 1: out -90, passage -28, stem -92, option 21, wrapped -15, answer -46, feedback -31, hint -29, facts -42, row -118, bank -29, lines -28, keys 24, remark -28
num0-again words 15: stem 41, more -65, option -40, feedback -16, facts -20, row -48, keys -26
num0-again words 3: stem -77, more -20, answer -28, feedback -13, facts -27, row 30, keys -14
num0-again words 7: out -38, stem 30, more -20, answer -17, feedback -12, facts -25, row 22, keys -42
num0-again words many: out 24, stem 16, more -24, option -55, answer -15, row -27
num1 end asks: out -86, passage -12, stem 54, more -17, option -27, wrapped -34, answer -18, feedback -18, row -18, bank -14, lines -13
num1 end bracket: stem -24, more 19, option 16, answer -43, feedback -67, facts -33, row -38
num1 end colon: out -16, stem 16
num1 end none: passage -14, stem -43, more -77, option -13, feedback 25, facts -59, row 24, bank -24, keys -19, remark -37
num1 end stop: out -24, passage -36, stem 56, more -92, wrapped -13, answer -68, feedback -51, hint -31, facts -19, row -55, bank -18, lines -24, keys -58, remark -38
num1 of 1: passage -14, more -29, option -23, wrapped -13, feedback -88, hint -21, facts 17, row 17, bank -20, lines -13, keys -25
num1 of 2: out -28, passage -38, stem 33, option -32, wrapped -21, answer -112, feedback -87, hint -29, facts -26, row -26, bank -41, lines -30, remark -18
num1 of 4: passage -33, more -118, option 24, wrapped -35, answer -248, hint -15, facts -53, bank -30, lines -28, keys -70, remark -53
num1 of 8: out -48, passage -28, stem 29, more -68, answer 15, feedback -43, hint -22, facts -15, row -79, bank -19, lines -24, keys -14, remark -20
num1 run: out -101, stem 20, answer -52, row -38, keys -15
num1 words 1: out -78, stem -85, option 22, answer -118, feedback -89, hint -17, facts -30, row -116, keys 29, remark -37
num1 words 15: passage -18, stem 22, more -69, wrapped -34, answer -68, hint -13, facts -18, row -23, bank -17, lines -12, keys -16, remark -29
num1 words 3: out -13, passage -15, stem 19, more 15, answer 32, feedback -72, facts -46, bank -20, lines -13, keys -20
num1 words 7: passage -23, more -60, option -37, wrapped -14, answer -83, feedback -46, hint -15, facts -26, row 15, bank -13, lines -18, keys -55, remark -17
num1 words many: out -40, stem 44, more -30, option -38, row -16, keys -19
num1-first end asks: out -67, stem 83, option -30
num1-first end bracket: out -22, option 23, answer -32, facts -19, row -26, keys -46
num1-first end gap: out -22, stem 27
num1-first end none: passage -18, stem -30, more -95, answer -46, feedback -39, facts -51, row 21, bank -27, remark -19
num1-first end stop: out -80, passage -19, stem 22, more -57, option 29, answer -24, feedback -28, hint -14, facts -23, row -43, lines -16, keys -48, remark -18
num1-first run: out -24, option 14, row -20, keys -49
num1-first words 1: stem -32, more 15, option 32, answer -34, feedback -27, facts -16, row -78, bank -14, remark -18
num1-first words 15: out -27, more -31, feedback -14, facts -26, row 17, keys -29
num1-first words 3: more -61, answer -31, feedback -15, facts -39, row -27, lines -15
num1-first words 7: out -17, passage -19, stem -29, more -59, answer -27, feedback -21, facts -36, row 22, bank -20
num1-first words many: out -23, stem 21, option -21, facts -12, keys -26
num2 end none: more -20, answer -88, feedback -48, facts -57, bank -12, keys -32
num2 of 1: out 62, stem -26, option 17, answer -20, facts -13, keys -41
num2 of 2: passage -13, stem -21, more -17, feedback -49, facts -52, row -27, keys -21
num2 of 4: more -51, option 26, answer -87, feedback -30, facts -49, bank -16, keys -39
num2 words 1: out -32, stem -49, option 22, answer 24, feedback -13, facts -13, row -34
num2 words 3: out -23, stem -40, answer -46, facts -16
num2 words 7: answer -59, feedback -37, facts -37, row 13, keys -23
num2-first end none: out -17, stem -44, more -44, option 20, answer -41, feedback -29, facts -20, bank -13, keys -22
num2-first words 1: out -19, more -22, option 29, row -27
num2-first words 15: out -14, stem -36, more -17, option -28, answer -12, row 31
num2-first words 3: out 15, stem -14, more -21, option 14, answer -29, facts -14
num2-first words 7: stem -37, option 26, answer -20, feedback -21
number end none: out -24, passage -41, stem -65, answer 19, feedback -62, hint -16, facts -58, row -37, bank -31, lines -26
number words 1: out -20, passage -39, stem -45, answer 14, feedback -57, hint -16, facts -59, row -18, bank -30, lines -26, keys -22
number words 3: out -66, stem -31, more -94, option 41, facts -20, row -31, keys 16
other dress: out 48, passage -62, stem -118, more 50, answer 34, feedback -96, hint -37, row -44, bank -34, lines -25, keys 17, remark -25
other speaker: out 193, passage 43, stem -131, more -86, option -120, wrapped -44, answer -166, feedback -155, hint -36, facts -89, row -51, bank -29, lines -26, keys -76, remark -36
pair end bracket: out 28, passage -46, stem -32, option 39, answer -104, feedback -68, facts -20, row -68, bank -14, keys -44
pair end comma: out 33, passage -46, stem -38, more -17, answer -39, feedback -31
pair end none: out -23, passage 28, option -24, wrapped -23, answer -17, feedback -21, hint -21, facts -45, row -13, bank -24, lines -24, keys -15
pair end stop: out -13, passage -76, stem -24, more -36, option 23, answer -56, feedback 28, keys 21
pair words 15: out 17, passage -103, stem 45, more -87, option -105, answer -126, facts -21, row -59, bank -20
pair words 3: out -88, passage -34, stem -77, more 34, option 43, answer -112, feedback -57, facts -71, row 18, lines -16, keys 16
pair words 7: out 21, passage 28, stem -145, option -20, wrapped -21, feedback -39, facts -38, bank -23, lines -13, keys -76
pair words many: out -42, passage -47, stem 32, more -48, option -14, answer -47, feedback 16, row -19, keys 30
phrase end bracket: passage -53, more 41, option -50, wrapped -41, answer -87, feedback 18, facts -55, row -49, bank -38, lines -34, keys -120, remark -13
phrase end comma: out -48, passage 32, stem -20, more 38, option -55, answer -35, feedback -17
phrase end gap: more 50, option -60
phrase end none: stem -30, more -75, wrapped 33, answer 14, feedback -97, hint -38, facts -59, row -36, bank -57, lines -23, remark -19
phrase words 15: out -99, passage -54, more 43, wrapped 20, feedback -50, facts -27, row -41, keys 22
phrase words 7: more -23, answer -14, hint -46, facts -64, row -33, bank -78, lines -41, keys -44, remark -21
quote begins: out -78, passage 13, stem -19, more -58, option -87, wrapped -41, answer -155, feedback 83, hint -60, row -54, bank -23, remark 56
quote ends: out 35, passage -54, stem -68, more -42, option -26, wrapped -26, answer -41, feedback 16, hint -26, facts 13, row -100, bank -23, lines -12, keys -64, remark -24
quoted: out -118, passage -83, stem 42, more -41, option -52, wrapped -64, answer -24, hint -75, facts 22, row 22, lines -18, keys 24, remark 40
rom-lone end bracket: more -40, answer -35, facts -31, row -42, keys -45
rom-lone end none: passage -14, more -17, option -55, answer -40, facts -33, row -31, bank -14, keys 30
rom-lone end stop: out 67, passage -13, option -16, answer -39, feedback -30, facts -28, keys -34
rom-lone run: out -29, stem -49, answer -13, keys 31
rom-lone words 1: out 40, stem -115, option -26, answer -15, facts -21
rom-lone words 15: out 20, more -33, option -22, answer -24, feedback -17, row -29
rom-lone words 3: out 29, passage -15, more -23, option -23, answer -28, facts -34, row -20, keys -35
rom-lone words 7: out -26, stem 14, option -13, answer -14, row -19, keys 24
rom-lone words many: out -42, stem 19, answer -13, keys 15
rom0 end asks: out -25, stem 31, more -13, wrapped -13, answer -19, remark -19
rom0 end bracket: out 34, passage -17, more -83, option -50, answer -28, feedback -20, facts -29, row -19, lines -13, remark -14
rom0 end colon: out -38, stem 38
rom0 end gap: out -17, stem 25
rom0 end none: passage -19, stem 57, more -104, option -93, wrapped -13, answer -22, facts -27, row -36, bank -18, lines -14, keys 53
rom0 end stop: out -65, stem -19, more 40, option 46, answer -50, feedback -25, facts -22, row -22, keys -57
rom0 run: stem 18
rom0 words 1: out 18, more -16, option -50, answer -43, facts -24, keys 32
rom0 words 15: passage -42, more 13, option -62, wrapped -12, answer -40, feedback -20, facts -47, row -36, bank -29, lines -21, keys 26, remark -34
rom0 words 3: out 19, more -80, option 30, answer -30, feedback -15, facts -19, row -28, lines -19, keys -62
rom0 words 7: stem 34, more -20, option -52, wrapped -13, answer -19, feedback -15, facts -18, row -15
rom0 words many: out -65, stem 72, wrapped -13
rom0-again end bracket: out -15, stem 66, more -16, option -32, answer -23, facts -15, remark -13
rom0-again end none: out -52, passage -13, stem 13, more -15, option -42, wrapped -20, answer -42, hint -19, facts -30, row -23, keys 29, remark -14
rom0-again words 1: out -16, stem -17, more -15, option -33, answer -16, facts -14, keys 30, remark -12
rom0-again words 15: out -51, passage -14, stem 18, more -15, option -38, wrapped -21, answer -44, hint -20, facts -27, row -24, bank -12, keys 18, remark -21
rom0-again words 3: stem -19
rom0-again words 7: stem 48, keys -47
rom1 end bracket: stem 22, more -20, option 28, answer -15, row -27
rom1 end none: out -20, more -41, option -29, answer -25, row 31, keys 35
rom1 end stop: more 17, option 12, answer -30, feedback -16, facts -15, row -21, keys -20, remark -20
rom1 words 15: out -23, stem 12, option -17, answer -13
rom1 words 3: out -24, stem -21, more -61, option 57, answer -29, facts -17, row -57, keys -19, remark -19
rom1 words 7: out -44, passage -25, stem 24, option -44, answer -38, facts -16, row 40
rom1-first end bracket: out -22, more -29, option 24, answer -21, row -22
rom1-first end none: out 30, stem -29, more -32, answer -21, facts -20, row 19
rom1-first end stop: out -24, stem -29, answer -23, feedback -18, row -17, keys 14
rom1-first words 15: more 19, option -18, answer -18, feedback -20, row -32
rom1-first words 3: stem -48, more -42, option 44, answer -21, facts -31, row -44
rom1-first words many: out -24, answer -28, feedback -27, keys 23
rule end gap: out -55, stem -13, option -22, answer -38, feedback -15, facts -19, row -20, bank -12, lines 49
rule end none: out 53, passage -35, stem -51, more -96, option -51, feedback -45, facts -79, bank -31, lines -148, keys -84
rule words 1: out 31, passage -41, stem -43, more -12, option -52, answer -134, feedback -56, hint -19, facts -91, bank -35, lines 33, keys -75
rule words 15: out 92, stem -66, more -19, answer -24, row -62
run: out -53, passage -64, more -82, option 44, wrapped -21, answer -16, feedback -71, hint -30, row -115, lines -32, remark -42
run before: passage -109, stem 41, more -161, option -110, wrapped -51, answer 55, feedback 53, hint -41, facts -17, row -51, lines -13, keys 25, remark -32
run behind: out -49, passage -41, stem 60, more 61, option -47, wrapped -39, answer -30, feedback -29, hint -41, facts -45, row -37, bank -60, lines -35, remark -33
run from the first: out -136, passage -59, stem 37, more -77, option 33, wrapped -19, answer -17, feedback -62, hint -23, row -117, lines -26, keys 13, remark -29
run from the start: passage -45, stem -208, more -70, option 137, answer -51, feedback -37, hint -17, facts 22, row -73, bank -82, lines -18, keys -18, remark -33
run of 2: passage -31, stem -41, more -37, option 36, answer 28, feedback -29, hint -14, facts -78, row -56, bank -48, lines -13, keys 16, remark -29
run of 3: out -41, passage -24, stem 29, more -86, answer -64, feedback -27, facts -72, row -71, keys 16
run of 4: out -68, passage -47, more -41, option 64, wrapped -15, answer -60, feedback -35, hint -12, facts 19, row -66, bank -45, lines -15, keys -70, remark -16
run of 5: out -28, stem -45, more -21, option 27, answer 24, keys -16
second: passage -54, more -26, option -41, answer -77, feedback -89, hint -27, bank -58, lines -35, keys -24, remark -28
section end bracket: out 103, passage -15, stem -223, more -37, option -22, answer -31, feedback -32, facts -81, row -22, bank -21, keys -42, remark -25
section end none: passage -27, stem 26, more -37, option -21, answer -59, feedback -20, row -27
section end stop: out -29, stem 33
section words 15: more -35, option -12, answer -24, feedback -25, facts -17, row -21, keys -23, remark -17
section words 3: out 41, passage -27, stem -68, more -20, option -17, answer -99, row -21, keys -16
section words 7: more -75, answer -29, feedback -33, facts -63, keys 25
sentence end stop: out -12, stem -28, wrapped -30, answer -32, feedback -17, hint -64, facts -76, row -43, bank -56, lines -49, keys -23, remark -16
sentence words 15: out -14, passage -35, wrapped -29, hint -57, facts -59, row -39, bank -39, lines -23, keys -35
sentence words many: out 24, passage 19, stem -68, more -29, option -75, answer -99, feedback -33, facts -38, row -22, bank -22, lines -31, keys 18, remark -23
short asks capital: stem -37, more -39, option -22, feedback -101, hint -24, facts -68, row -22, bank -66, keys 31, remark -20
short asks label: out -13, passage -59, stem -39, more -29, answer 66, feedback -32, facts 28, row -124, bank -13, keys -89, remark -49
short asks small: out -16, stem 21, more -90, wrapped -28, feedback -73, facts 40, row -108, bank -25, keys -30
short bracket capital: out -13, passage -65, more -120, wrapped -30, hint -54, facts 19, lines 40, keys -48, remark -40
short bracket label: out -19, more -112, answer -27, feedback -113, facts -15, bank -44, lines -28, keys 15, remark -36
short bracket small: passage -38, more -82, option -22, wrapped -19, answer -19, facts -48, row -60, bank -39, lines -22, keys -16, remark -20
short colon capital: out 47, passage -34, stem -51, more -84, option -42, feedback -36, hint -15, facts -45, row -31, bank -19, keys 52
short colon label: out -57, stem -78, more -35, option 26, answer -84, feedback -24, facts -17, row 25, remark 24
short colon small: out -43, passage -13, stem -63, more 22, answer -79, feedback -39, facts -16, bank -13
short comma capital: more 39, answer -34
short comma label: out 16
short comma small: out 22, passage 29, stem -61, more -23, option -29, keys -36, remark -15
short deeper capital: out -33, passage -69, stem 64, more -109, wrapped -33, hint -59, facts -32, row -54, bank -55, lines 19, keys -73, remark 18
short deeper label: out -83, passage -25, stem -14, more -38, option -26, wrapped -43, answer 24, facts -116, row 31, bank -15, lines -30, keys 29, remark 27
short deeper small: out 14, passage -45, more -31, option -51, answer -45, feedback 18, hint -13, facts 42, row 47, bank -24, lines -23, remark -31
short end bracket: out -18, passage -16, stem 30, more 45, option -34, wrapped -29, answer -31, facts -96, row -14, lines -17, keys -45
short end comma: out 43, passage -34, stem -42, more -37, answer -23, feedback -19, facts -33, keys -15
short end gap: out -28, stem 28, more 66, option -70
short end none: stem -106, more -42, wrapped 22, answer 22, feedback -110, hint -18, facts -26, row -44, bank -42, lines -36, keys -53
short end stop: out -22, passage -24, stem 41, option -27, wrapped 15, answer -55, feedback 29, hint -30, facts -91, row -17, lines -15, keys 22, remark -29
short gap capital: out -24, stem -70, more -50, option -20, answer 22, feedback -37, facts 27, row -26, bank 17, lines 17, keys 21, remark -17
short gap label: out -51, more -16, option 54, answer -52, feedback -22, hint -17, row -31, bank -23, lines -18, keys -45, remark -29
short gap small: passage -19, stem -49, more -26, option 27, wrapped -19, feedback -86, facts 26, row -31, keys -41
short none capital: out -24, passage 43, stem 26, more -155, wrapped -140, answer -40, feedback 38, hint 17, facts -24, bank -34, lines -22, keys -31, remark 21
short none label: out -31, passage -21, stem -26, more -181, wrapped -90, answer -29, feedback 21, hint -45, facts -53, bank -43, lines -37, remark -109
short none small: out -62, passage -94, stem 21, option -40, wrapped -65, answer -51, feedback 20, hint -49, facts -42, bank -60, lines -40, remark -54
short out capital: stem -56, more -104, option -39, wrapped -57, answer 24, feedback 24, hint -90, row -16, bank 27, lines 29, keys -79, remark 36
short out label: out -53, passage -17, more -84, wrapped -40, answer 19, feedback -58, hint -23, bank -27, lines -24, remark -52
short out small: out -29, passage -23, stem 45, more -34, option -80, wrapped -59, answer 39, feedback 18, bank -27, lines -23, keys 45, remark -37
short same capital: out -20, more -82, option -14, wrapped -135, answer -22, feedback 26, hint 17, bank -59, keys 28, remark -41
short same label: out -24, passage -38, stem -47, wrapped -72, hint -54, facts -44, row -30, bank -67, lines -53, keys -33, remark -28
short same small: out -65, passage -55, more -52, option 14, wrapped -176, answer -32, hint -50, facts -33, row -15, bank -50, lines -50, keys -27, remark -72
short stop capital: out -30, passage -28, stem -54, more 21, option -19, wrapped -35, answer 63, feedback -59, facts 30, row -60, bank -60, lines 24, remark -75
short stop label: out -74, passage -85, stem -18, more 34, option 35, wrapped -30, answer -50, feedback -49, hint -42, facts -85, row -44, bank -38, lines -58, keys -39, remark 30
short stop small: passage -51, stem -12, more -117, wrapped -32, feedback -75, hint -15, facts 33, lines -33, keys -15, remark -77
short words 1: out -37, passage -19, more 25, option -39, wrapped 31, answer 23, hint -28, facts -107, row -28, bank -24, lines -25, keys -31, remark -16
short words 3: passage -13, more -22, option 26, answer -56, hint -28, row -48, bank -31, lines -43, keys -27, remark -29
short-sentence end stop: passage -16, stem -13, answer -17, feedback -13, facts -58, row -48, bank -58, lines -43
short-sentence words 15: out 24, passage 32, stem -36, more -25, wrapped -39, feedback -18, hint -82, facts -32, row -18, bank -20, lines -14, keys -25, remark -42
short-sentence words 7: out -20, passage -38, wrapped 14, answer -17, facts -45, row -41, bank -46, lines -33, remark 23
slanted: stem -113, more -62, option -87, wrapped -16, answer -128, feedback 16, hint -64, row -71, bank -27, lines -29, keys -37, remark -47
speaker changes: out 61, passage 57, stem 34, more -97, option -62, wrapped -32, answer -140, feedback -72, hint -39, facts -39, row -36, bank -21, lines -46, remark -41
table-down end none: out -65, stem -55, option -29, answer -65, feedback -30, facts -38, row -30, keys 67
table-down words 15: out -28, stem -21, answer -26, facts -14, keys 28
table-down words 7: out -50, stem -45, option -23, answer -41, feedback -27, facts -29, row -24, keys 51
table-pairs end none: passage -44, stem -95, more -63, option -45, answer -57, feedback 26, hint -28, facts -55, row 17, bank -55, lines -28, remark -22
table-pairs words 15: passage -20, stem -63, more -52, option -22, answer -39, feedback 12, facts -29, row 71, lines -20, keys -76
table-pairs words 7: passage -28, stem -54, more -26, option -23, answer -51, feedback -84, hint -24, facts -31, row -17, bank -48, keys 46, remark -16
table-pairs words many: out -72, passage -12, stem -35, answer -21, feedback 29, facts -17, row -43, keys 50
table-ticks end none: passage -22, stem -77, more -42, option -35, answer -57, feedback -22, facts -44, row 47, bank -21, keys -43
table-ticks words 15: out -74, passage -16, stem -65, more -38, option -19, answer -32, feedback -14, facts -20, row 67, keys -22
table-ticks words 7: out -73, stem -25, more -17, option -35, answer -39, facts -25, row 52, bank -14, keys -20
table-ticks words many: out -19, row 21
table-wide end none: passage -22, stem -82, more -28, option -40, answer -57, feedback -49, facts 13, row -44, bank -26, lines -18, remark -30
table-wide words 15: out -42, passage -20, stem -73, option -38, answer -68, feedback -35, facts 27, row -43, bank -24, lines -13, keys 16, remark -30
table-wide words many: out 59, stem -16, more -17, answer -37, feedback -39, facts -44, keys -42
text end bracket: out -55, passage -89, stem 70, more 45, option -60, wrapped -19, answer -92, feedback -121, facts -17, row -15, bank -15, lines -13, keys -55
text end comma: out 18, stem -52, more -45, wrapped -36, answer 42, feedback -37, hint -13, facts -12, keys -13
text end gap: stem 14
text end none: out 20, passage 24, stem -27, more -32, wrapped 14, feedback 21, hint -24, facts -80, row -60, bank -58, lines -35, keys -14, remark -33
text words 15: passage 26, wrapped 13, hint -38, facts -67, row -63, bank -33, lines -38, keys -33, remark -38
text words many: passage -17, more -34, option -36, answer -23, facts -21, row -13, keys 27
ticked end none: passage -16, stem -63, more -44, option 15, feedback -49, hint -14, facts -46, row -20, keys -38
ticked words 1: out -67, more -27, option 18, answer 13, feedback -14, facts -21, keys -28
ticked words 3: out -55, stem -15, more -15, option 32, facts -50, row -13
ticked words 7: out 39, stem -47, answer -64, feedback -29, hint -19, facts -15, row -16
truth end none: out -22, passage -41, stem -49, answer 21, feedback -46, facts -67, row -23, bank -24, lines -26, keys -54
truth words 1: out -13, passage -41, stem -46, more 15, feedback -46, facts -66, row -23, bank -24, lines -23, keys -48
word again: out -34, passage -21, stem 35, more -32, wrapped -14, answer -58, feedback -27, facts 21, row -20, bank -17, keys -20, remark -14
word again asks few: out -26, passage -17, more -28, wrapped -14, answer -52, feedback -28, facts 21, row -18, bank -14, keys -18
word again asks some: out -48, stem 35, option -21, answer -16, facts 20, keys -14
word again fits most: out -25, passage -17, more -26, option 14, answer -43, feedback -28, row -18, bank -14
word again fits none: out -21, stem 72, option -50, wrapped -12, facts -44
word again fits some: out -35, option -38, answer -31, facts 34, keys -35
word asking few: out 22, passage -23, stem 34, more -16, option -42, answer -52, feedback -30, facts -65, row -15, keys -19
word asking most: out -16, stem 39, option -26, answer -16, facts -80
word asking none: out -28, passage -59, stem -17, more -88, option -125, wrapped -36, feedback -101, hint -40, facts 63, row -80, bank -67, lines -27, keys -67, remark -48
word asking some: out -27, passage -16, stem 35, more -61, option 40, answer -74, feedback -30, facts -104, row -24, bank -15, lines -13, keys -56
word-lone end asks: out -31, stem 35, option -15, facts -19
word-lone end bracket: out 40, stem -77, more -21, answer -34, feedback -41, facts -24, keys 27
word-lone end gap: out -13, stem 39, option -18, facts -23
word-lone end none: out -30, passage -39, stem 13, more -27, option -30, answer -49, feedback -14, facts 52, row -17, bank -15, keys -15
word-lone end stop: out 17, passage -15, stem 30, more -19, option 20, answer -38, feedback -24, facts -60, keys -52, remark -17
word-lone words 1: out -73, stem -36, more -13, option -29, answer -40, facts 79, keys -16
word-lone words 15: out 43, passage -33, stem -39, more -21, option -22, answer -52, feedback -29, facts -143, keys 13
word-lone words 3: more -15, option -14, answer -12
word-lone words 7: out 60, passage -14, more -41, answer -29, feedback -35, facts -77, bank -17, keys -43, remark -16
word-lone words many: out -57, stem 64, facts -47
word0 end asks: out -43, stem 54, more -13, option -68, facts -66
word0 end bracket: out 37, stem -66, more -37, option -47, answer -83, feedback -31, facts 51, bank -21, remark -15
word0 end colon: out -62, stem 65, facts -59
word0 end gap: out -13, stem 16, facts -31
word0 end none: out -104, passage -37, more -31, wrapped -17, answer 16, feedback -29, facts 38, row -54, bank -22, keys -53
word0 end stop: out 25, stem 46, more -41, option -73, answer -84, feedback -31, facts -82, keys -26
word0 of 1: passage -44, stem 15, more -48, option -38, answer -67, feedback -52, row -27, bank -24, lines -13, keys -14, remark -12
word0 of 2: stem -41, more -15, option -64, answer -92, facts 31, keys -31
word0 of 4: out -54, passage -21, more -43, option 14, wrapped -24, feedback -30, hint -14, facts 36, row -34, bank -17, keys -29, remark -15
word0 of 8: out 26, passage -38, stem 20, more -33, option -75, answer -56, feedback -39, hint -17, row -39, bank -31, lines -17, keys -64, remark -26
word0 of many: out -67, stem 71, more -54, option -131, answer -182, feedback -50, facts -25, row -20, bank -15, keys -20
word0 run: out -27, stem 58, option -30, facts -19
word0 words 1: out -79, passage -29, stem -50, more -58, answer 12, facts 67, row -32, bank -13, lines -13, keys -47
word0 words 15: out -16, passage -20, stem 83, more -15, option -37, answer -68, feedback -27, facts -121, row -15, bank -21, keys -26, remark -14
word0 words 3: out -34, stem -47, option -34, answer -72, facts 59
word0 words 7: out 39, stem 17, more -39, option -54, wrapped -14, answer -85, feedback -53, facts -94, row -34, bank -17
word0 words many: out -80, stem 48, option -16, answer -21, facts -31
word0-again end asks: out -24, stem 29, facts -16, keys -13
word0-again end bracket: out -17, stem 15
word0-again end none: out -14, passage -15, stem -20, more -21, wrapped -14, answer -45, facts 24, row -16, keys -18
word0-again end stop: out -59, stem 39, more -15, option -19, answer -32, feedback -20, facts -43
word0-again words 1: out -77, stem -74, option -43, answer -39, facts 46, keys -27
word0-again words 15: passage -14, stem 57, more -23, option -20, answer -26, feedback -15, facts -65, keys -39
word0-again words 3: out -30, stem -79, option 32, facts -23, keys 16
word0-again words 7: out -56, stem 56, option -48, wrapped -12, answer -22, feedback -16, facts -58, bank -14, keys 23
word0-again words many: facts -28, keys 20
word1 end none: out -47, stem 19, more -20, option -35, answer -51, row -21
word1 of 1: option 22, answer -16, facts -27, keys -12
word1 of 2: out 38, stem 46, answer -24, feedback -13, facts -51, row -13
word1 of 4: out -23, stem 30, more -17, answer -19, facts -29, row -18
word1 words 15: out -30, stem 63, answer -23, facts -46, row -13
word1 words 7: out -30, stem 28, more -18, facts -22
word1-first end none: out -20, stem 20, more -14, option -24, answer -43
word1-first words 15: out -31, stem 28, more -12, answer -12, feedback -12, facts -14
words 1: out -12, passage -57, stem -184, wrapped -26, feedback -75, hint -93, row -146, bank -106, lines -24, remark -120
words 15: out -33, passage -34, stem 50, option -84, wrapped -50, answer -38, hint -17, facts -126, row -19, bank -26, lines -120, keys -30, remark 13
words 3: out -26, passage -39, stem -110, option -14, wrapped -19, answer 43, feedback -89, hint -88, facts 43, row 41, bank -143, lines -17, keys -29, remark -85
words 7: out -19, passage -42, more -16, option -28, wrapped -48, answer -37, hint -15, facts -66, row 23, bank 23, lines -115, keys -23, remark -35
words many: out -32, passage 27, stem 60, more -37, option -135, wrapped -26, answer -14, feedback 36, hint -51, facts -106, row -103, bank -87, lines -79, keys -29, remark -71
zone body: out -51, passage -69, stem -34, more -13, wrapped -19, hint -26, facts -48, row -16, bank -34, lines -55, keys -55, remark -14
zone body arrow: out -68, passage -13, stem -51, more 16, option -75, answer 35, feedback 13, facts -47, row -33, bank -17
zone body asks: out 25, more -15, wrapped -24, answer -54, feedback -26, hint -23, facts -50, row -29, keys -18, remark -16
zone body box: out -47, passage -13, stem -53, more -43, option 53, wrapped -15, feedback -41, facts -53, row -36, lines -28, keys -34, remark -30
zone body bracketed: passage -20, stem -87, more -32, option -57, wrapped -13, answer -21, feedback 13, hint -42, facts -65, row -35, lines -19, keys -36, remark -29
zone body bullet: passage -14, stem -89, more 16, option 29, wrapped -21, feedback 20, hint -16, facts -41, row 37, bank -15, keys -33, remark 25
zone body capitals: out -30, passage -28, wrapped -17, answer -32, hint -16, facts -36, row -30, bank -16
zone body cells: stem -47, answer -25, feedback -32, hint -37, facts -52, lines -18, keys -56, remark -29
zone body chatter: passage 17, stem -39, answer -33, feedback -25, facts -13
zone body colon: out -46, stem -24, more 15, answer -31, feedback -25, hint -12, facts -12, keys 43
zone body cue-answer: out -58, passage -23, stem -52, more -44, option -27, wrapped -30, answer 48, feedback -54, facts -53, row -52, bank 12
zone body cue-difficulty: out -26, passage -17, more -22, option -33, answer -45, feedback -23, facts 61, row -38, keys -78
zone body cue-feedback: out -67, passage -14, stem -47, more -45, option -36, wrapped -31, answer -68, feedback 65, hint -41, row -34, bank -15, keys -65, remark 22
zone body cue-hint: out -61, passage -15, stem -42, wrapped -15, answer -47, feedback -55, hint 52, facts -25, row -17, keys -20, remark -17
zone body cue-level: out -21, stem -62, more -46, option -50, answer -29, feedback -45, facts 44, row -40, bank -12, keys -46
zone body cue-points: out -40, stem -36, more -27, option -40, answer -48, feedback -40, hint -18, facts 60, row -27, lines -13, keys -39
zone body cue-sample: out -31, passage -16, stem -23, more -51, option -34, answer 46, feedback -38, facts -26, row -18, bank -24, keys -64
zone body cue-tags: passage -32, stem -54, more -33, option -35, answer -82, feedback -34, facts -16, row -43, bank -29, lines -21, keys 40, remark -15
zone body cue-wordBank: out -27, stem -37, more -19, option -41, answer -33, feedback -24, facts -16, row -20, bank 36
zone body field: passage 31, stem -30, more -20, option -51, answer 14, hint -42, facts -71, bank -16, lines -20, keys -68, remark -31
zone body field-kind: out 41, stem -35, answer -41, feedback -24, facts -36, keys -14
zone body gap: out -58, passage -23, stem -21, more 39, option -44, feedback -39, hint -22, facts -28, row -26, bank -20, keys -21, remark -12
zone body heading: out 32, passage -16, more -57, option -46, answer -122, feedback -46, hint -15, facts -47, row -27, bank -32, lines -25, keys -20
zone body identity: out 38, answer -28
zone body key-title: out -29, stem -12, option -19, answer -17, feedback -41, facts -17, keys 23
zone body let-lone: out 13, passage -92, stem -33, more -31, option 42, wrapped -20, answer -54, feedback -49, hint -22, facts -63, bank -26, lines -21, keys -118, remark -23
zone body let0: out -27, more -58, wrapped -16, answer -12, feedback -42, facts -40, row -18, bank -26, remark -17
zone body let1: out -12, passage -34, stem -39, more -58, option 21, wrapped -63, answer -36, feedback -49, hint -40, facts -56, bank -39, lines -38, keys -59
zone body let1-first: out 24, passage -16, stem -23, more -56, wrapped -26, answer -19, feedback -26, hint -18, facts -31, bank -19, lines -17, keys -31
zone body let2: passage -12, stem -40, more -15, wrapped -51, feedback -16, facts -34, row -33, keys -16
zone body let2-first: out 20, stem -23, more -36, option -14, wrapped -20, facts -26, row -15, keys -19
zone body letter: out -79, more 23, option 81, answer -34, feedback -32, facts -33, row -21, keys -38
zone body lines: out -30, stem 26, more 33, option -34, answer 23, feedback -20, hint -16, facts -21, row -16, lines -61
zone body num-lone: passage -12, stem 21, more -27, wrapped -21, answer -36, feedback -12, hint -32, row 12, bank -24, keys -38, remark -24
zone body num0: out -21, passage -55, stem 51, more -37, option -49, wrapped -56, answer -36, feedback -70, hint -41, facts -44, row -65, bank -43, lines -42, keys 16, remark -48
zone body num0-again: out -37, stem 45, option -46, answer -17, facts -29, row -17
zone body num1: out -75, passage -37, stem 24, more -99, wrapped -31, answer -178, feedback -153, hint -33, facts -65, bank -38, lines -31, keys -16, remark -49
zone body num1-first: out -83, more -29, answer -60, feedback -54, hint -17, facts -49, row 12, bank -23, lines -20, keys -15, remark -29
zone body num2: out 20, answer 20, feedback -14, facts -30, keys -12
zone body num2-first: out -19, stem 57, more -12, row -13
zone body number: passage -15, stem -40, more 13, answer 15, feedback -41, hint -14, facts -52, row -20, bank -22, keys -115
zone body pair: out -16, passage 26, stem -75, option -26, answer 14, feedback -20, hint -14, facts -37, bank -38, keys 25
zone body phrase: passage -48, stem -60, more -20, option -16, wrapped 31, hint -32, facts -61, bank -45, lines -19, remark -19
zone body rom-lone: out 66, more -21, option -33, answer -66, feedback -30, facts -52, row -13, keys -17
zone body rom0: passage -44, stem 19, option -90, wrapped -18, answer -56, feedback -34, hint -16, facts -36, row -37, bank -31, lines -23, remark -36
zone body rom1: out -66, passage -33, stem 19, answer -32, feedback -19, facts -30, remark -20
zone body rom1-first: out -27, answer -24, feedback -23, facts -22, keys -13
zone body rule: out 41, stem -33, more -35, option -38, answer -73, row -16, lines 31, keys -34
zone body section: out 67, stem -107, more -29, option -30, answer -32, feedback -25, facts -113, row -27, bank -16, keys -51, remark -18
zone body sentence: out -13, passage -36, option -24, wrapped -28, answer -22, hint -45, facts -32, row -33, bank -40, lines -30
zone body short: passage -25, stem -13, option -50, wrapped 37, answer -18, feedback -26, hint -29, facts -74, row -44, bank -19, lines -20, remark -20
zone body short-sentence: out -47, passage -68, stem -36, wrapped 34, hint 13, facts -42, row -41, bank -28, lines -17, remark 17
zone body table-pairs: out -15, passage -16, stem -59, more -34, answer -26, feedback 41, facts -14, row 47, bank -28, keys -66
zone body table-ticks: out 13, stem -48, more -23, option -30, answer -39, feedback -20, facts -44, row 22, bank -13, keys -42
zone body text: stem -54, option 24, wrapped 21, feedback -18, hint -31, facts -37, row -35, bank -48, remark -29
zone body ticked: out -15, stem -60, more -39, option 15, feedback -32, hint -19, facts -23, row -17, keys -26
zone body truth: out 25, stem -25, more 24, option -48, answer -26, feedback -36, facts -39, row -22, lines -18, keys -40
zone body word-lone: out -31, stem 18, more -27, option 17, answer -47, feedback -20, bank -13, remark -15
zone body word0: passage -40, stem 31, more -89, option -28, wrapped -29, feedback -41, hint -24, row -61, bank -45, lines -24, keys -55, remark -29
zone body word0-again: out -13, stem 38, facts -29
zone body word1: out -20, stem 32, more -19, option -13, answer -17, facts -28, row -21
zone body word1-first: out 18, stem 28, more -14, facts -51
zone head: passage 20, stem 15, more -47, option -41, wrapped -90, answer -85, feedback -67, hint -94, facts 42, row -33, bank -50, lines -88, keys -84, remark -84
zone head arrow: out 24, passage -17, stem -28, more -35, option -56, feedback -36, facts -23
zone head asks: out 20, stem -13, more 12, option -48, answer -26, feedback -22, facts -32, row -13, bank -27, lines -22
zone head box: out 20, stem -62, more -30, answer -117, feedback -25, facts -20
zone head bracketed: out -29, passage -32, stem -43, more -18, option -36, answer -44, facts -16, row -24, keys 44
zone head bullet: passage -15, stem 33, more -44, answer -61, feedback -77, facts -52, row -132, bank -12, keys -14, remark -35
zone head capitals: out 94, stem -34, more -17, option -57, answer -72, facts -40, keys -55
zone head cells: passage -102, stem 36, option -22, answer -55, feedback -32, facts -19, bank -48, keys -119
zone head chatter: out 34, stem -58, feedback -26, keys -13
zone head colon: passage -15, more -15, facts -19, keys -29
zone head cue-answer: out -28, passage -36, stem -42, more -26, option -113, answer 57, facts -27, bank -62, keys -29
zone head cue-difficulty: out -46, facts 71, keys -31
zone head cue-feedback: out -60, stem -29, more -24, option -31, answer -15, feedback 64, facts -51, remark -21
zone head cue-level: passage -23, stem -42, option -16, answer -38, facts 13
zone head cue-points: out 14, passage -16, stem -14, more -46, option -34, answer -93, facts 27, bank -12, keys -26
zone head cue-sample: out -17, passage -14, stem -38, more -25, option -18, facts -16, keys 23
zone head cue-wordBank: out 31, stem -17, more -20, answer -17, row -16, keys -13
zone head field: passage -28, stem 26, more -19, option -24, answer -81, feedback -24, facts 27, row -45, bank -23, lines -14, keys -38
zone head field-kind: out -40, passage -24, stem -24, facts 47
zone head field-number: out -22, facts 31
zone head field-option: option 25
zone head field-stem: stem 54, more -23, facts -24
zone head gap: passage 19, answer -52, feedback -14, facts -36, lines -13, keys -26
zone head heading: passage -44, stem -43, answer -41, facts 12
zone head identity: out 27, stem -20, facts -18
zone head instruction: out 14
zone head key-title: out 31, passage -38, stem -30, answer -25, facts -26
zone head let-lone: out 16, passage 49, stem -24, more -68, option -30, answer -78, facts -34, row -78, bank -15, keys -83
zone head let0: out 23, stem -19, more -33, option -40, answer 31, facts -36, row 13, keys -43
zone head let1: out -68, passage -14, stem 81, more -26, option -56, answer -46, feedback -17, facts -46, row -65, keys -21
zone head let1-first: out -29, passage -13, stem 61, more -23, answer -50, feedback -14, facts -38, row -71, keys -12
zone head let2: out -23, stem -16, option 31, facts -12
zone head let2-first: out -19, stem -19, more -34, option 33
zone head num-lone: out 28, passage -57, stem -30, feedback -32, facts -124, row -65, keys -23
zone head num0: out 16, passage -14, stem -87, more -41, answer -65, facts -56, row 34, keys -63
zone head num1: out -15, answer -33, feedback -14, facts -17, row 18, keys -35
zone head num1-first: out -59, passage -12, more -39, option 38, answer -15, keys -19
zone head number: out -17, more 33, option 29, answer -72
zone head pair: stem -124, more -31, option 50, answer 31, facts -25, row -72, bank -13, keys -76
zone head phrase: out -32, stem 13, wrapped -48, answer 20, feedback -100, facts -33, row -63, bank -18, lines -13, keys -92
zone head rom-lone: passage -13, more -18, facts -22, row -29, keys -12
zone head rule: out 47, stem -34, more 15, option -15, answer -20, facts -41, row -16, lines -32
zone head section: out -25, passage -31, stem 24, more -21, answer -13, facts 20, keys -27
zone head sentence: out -15, passage 30, stem -36, more -30, option -75, answer -32, feedback -35, hint -12, facts -43, row -17, keys -103, remark -62
zone head short: wrapped -35, answer -67, feedback -31, hint -16, facts 30, row -20, bank -19, keys -109
zone head short-sentence: stem 30, more -20, option -18, wrapped -21, answer -47, feedback -41, hint -83, facts -48, row -14, bank -32, keys -184, remark -49
zone head table-pairs: out 12, passage -17, stem -19, row 35, keys -35
zone head table-wide: out 81, passage -16, answer -20, facts -49, keys -52
zone head text: out 24, passage -15, stem -30, option 34, wrapped -23, answer -40, facts -42, row -29, bank -17, lines -12, keys -89
zone head truth: out -63, passage -16, stem -12, more -74, option 34, answer 20, facts -25, bank -12, keys -12
zone head word-lone: out 21, passage -18, stem -25, more -15, option -24, facts 27, keys -19
zone head word0: out -93, stem -37, option -30, answer -50, facts 77
zone keys: out -20, passage -147, stem -26, more -67, option -43, wrapped -60, hint -81, facts -35, bank -37, lines -23, remark -90
zone keys arrow: out -12, stem -13, option -68, answer 27, feedback -33, keys -23
zone keys asks: out -58, more 31, option -35, answer -27, keys -25
zone keys box: stem -14, option 100, answer -92, keys -17
zone keys bracketed: stem -12, more -30, answer 12, feedback -83
zone keys bullet: stem -40, more -44, option 51, answer -75, feedback -44, facts -17, row -36, keys -19, remark -24
zone keys capitals: out 49, stem -29, option -17, answer -97, facts -33, keys -28
zone keys cells: out -16, passage -54, stem 43, more 41, option -16, wrapped -32, answer -99, feedback -36, facts -55, row -73, bank -43
zone keys chatter: out 45, stem -35, answer -20, feedback -52, keys -28
zone keys colon: out 34, stem -17, more -14, feedback -22, keys -36
zone keys cue-answer: out -34, stem -57, more -31, option -54, hint -12, facts -30, row -19, bank -27, lines -17, keys 13
zone keys cue-difficulty: out -14, more -18, facts 67, keys -37
zone keys cue-feedback: out -80, more 17, option 20, answer -18, keys -29, remark -21
zone keys cue-sample: out -27, stem -29, answer 20, facts -12, bank -12
zone keys cue-wordBank: out -24, option -12, answer -21, feedback -22, row -18, bank 29, keys -15
zone keys field: passage -32, stem -41, more 29, option -18, answer -71, feedback -75, facts -23, row -16, bank -14, keys 33
zone keys gap: stem -25, more 33, answer -25, row -24, bank -12, lines -17, keys -19
zone keys heading: out -33, stem -25, option -25, answer 44, feedback -18, facts -30
zone keys identity: out 25, feedback -12, keys -12
zone keys instruction: out 38, keys -26
zone keys key-title: stem -33, more -13, option -17, answer -27, facts -24, row -17, bank -18
zone keys let-lone: out 28, passage -34, stem -46, more -54, option -38, row 34
zone keys let0: stem -45, answer -32
zone keys let1: stem -50, option 23, answer -93, facts -15, row -18, keys -43, remark -59
zone keys let1-first: out -70, stem -45, more -17, option 19, row -58, remark -23
zone keys num-lone: out -41, answer -70, feedback -56, facts -33, row -28, bank -15, lines -15, keys 49
zone keys num0: out -78, stem 32, more -69, option 30, answer -114, feedback -22, facts -60, row 74, keys -72
zone keys num0-again: passage -33, stem -18, more -33, wrapped -19, answer -53, feedback -41, hint -33, facts -46, bank -33, lines -33, remark -33
zone keys num1: stem -47, option -76, answer 40, feedback 42, row -83, keys 25
zone keys num1-first: stem -18, row -28, keys 14
zone keys number: out -41, passage -24, stem -16, more -16, option -19, facts -17, keys 33
zone keys pair: out 15, stem -71, option -16, answer -59, row -44
zone keys phrase: passage -48, stem -45, more -24, option -13, answer -48, feedback 18, hint -12, facts -19, row -24, keys -13
zone keys rom-lone: out -71, stem 53, more -17, option -27, answer -19, facts -21, row -23, keys 14
zone keys rom0: out -38, stem 12, row -13
zone keys rom0-again: out -53, passage -19, stem 46, more -21, option -62, wrapped -24, answer -57, feedback -16, hint -21, facts -37, row -25, bank -15, lines -14, keys 21, remark -30
zone keys rule: out 38, stem -14, more -14, answer -13, row -64, lines 43, keys -18
zone keys section: out 30, stem -53, answer -21, facts -21, keys 30
zone keys sentence: out 53, passage -40, more -44, option -48, answer -38, feedback -97, keys -31
zone keys short: out 33, passage -21, stem -40, more -17, option -42, wrapped -18, facts -59, row -16
zone keys short-sentence: out -26, passage -48, more -39, option -45, wrapped -20, answer -29, feedback -13, hint -57, remark -22
zone keys table-pairs: stem -33, option -14, answer -38, feedback -48, hint -14, facts -20, bank -15
zone keys text: out -54, passage -58, stem 15, option -27, wrapped -28, feedback 22
zone keys word-lone: stem -43, answer -29, feedback -20, facts 20
zone keys word0: out -66, stem 19, option -29, answer -55, facts 34, row -21, keys -20
zone keys word0-again: out -86, passage -16, stem 43, more -30, wrapped -14, answer -55, feedback -27, facts 21, row -20, bank -17, keys -19, remark -14
zone no numbers: out -33, passage 18, stem 44, more -31, option -21, wrapped -129, feedback -66, hint -115, facts -25, row -60, bank -33, lines -120, keys -46, remark -69
zone no numbers arrow: out -16, more -25, option -46, answer 65, feedback -26, facts -15
zone no numbers asks: out -77, stem 28, more 20, option -86, feedback -12, facts -17, keys -23
zone no numbers box: out 62, passage -19, stem -60, more -37, option -29, answer -109, feedback -26, facts -39, bank -13, keys -17, remark -14
zone no numbers bracketed: out 52, stem -30, option -14, answer -49, facts -17, bank -61
zone no numbers bullet: passage -38, stem 62, more -138, option -58, answer -97, feedback -95, facts -46, row -89, keys -14, remark -50
zone no numbers capitals: out -20, passage -14, stem -60, more -14, option 36, answer -13, feedback -33, facts -21, keys -50
zone no numbers cells: out 17, passage -62, stem -20, more 15, option -57, answer -47, facts -52, bank -33, keys -87
zone no numbers chatter: passage 20, stem -30, answer -25, facts -14
zone no numbers colon: out -28, stem 33, more 20, option -19, answer -26, facts -14, keys -51
zone no numbers cue-answer: out -23, stem -69, more -64, option -32, answer -31, feedback -30, facts -25
zone no numbers cue-difficulty: out -21, stem -44, more -23, option -26, answer -33, feedback -25, facts 15, row -15, keys 24
zone no numbers cue-feedback: out 26, passage -17, stem -54, more -18, option -73, answer -79, feedback -28, hint -14, facts -13, keys 36, remark 20
zone no numbers cue-level: stem -25, answer 37, feedback -19, facts -35, keys -14
zone no numbers cue-points: out -26, stem -24, more -50, option -44, answer -207, facts 29, row -14, keys 37
zone no numbers cue-sample: out -19, stem -22, more -48, option -16, answer 42, keys -23
zone no numbers cue-tags: out -37, stem -32, more -27, answer -25, feedback -27, facts 49, keys -43
zone no numbers field: out -28, passage -18, stem -47, more -13, answer -34, feedback -83, facts 19, row 13, bank -35, lines -23, keys -71, remark -22
zone no numbers field-kind: passage -26, stem -66, more -33, option -34, answer -15, feedback -28, facts 13, row -42, bank -19, keys -26
zone no numbers field-number: out -21, passage -29, stem -29, option -28, answer -42, facts 44, row -12, keys -36
zone no numbers field-option: out -67, stem -68, more -40, option 74, answer -46, feedback -23, facts -58, row -58, bank -14, keys -29
zone no numbers field-stem: out -34, stem 43, more -13, option -28, answer -28, feedback -21, facts -29, row -18
zone no numbers gap: passage -45, stem -13, more 14, answer -53, feedback -15, facts -12, keys -17
zone no numbers heading: out 111, stem -27, answer -17, facts -81, keys -33
zone no numbers identity: out 50, stem -31
zone no numbers instruction: out 15, stem -15, answer -17, feedback -13
zone no numbers let-lone: out -32, passage 21, stem 20, more -17, option -35, answer 19, feedback -17, hint -13, facts -64, row -45, bank -24, lines -13, keys 17, remark -16
zone no numbers let0: out 21, stem -24, option 21, answer -63, facts -22, row -18, keys -54
zone no numbers let1: out -53, stem 34, more -21, option 21, answer -80, facts -21, row -90, keys -33, remark -25
zone no numbers let1-first: out -95, stem 28, more -16, option 54, answer -48, row -29
zone no numbers let2: out -49, stem -24, more -18, option 52, answer -34, feedback -15, bank -12
zone no numbers let2-first: out -40, stem -26, more -21, option 30, answer -29
zone no numbers letter: out 60, stem -49, more -53, option -105, answer 49, feedback -28, facts -41, keys -24
zone no numbers num-lone: stem -32, option 28, answer 45, feedback -43, facts -31, row -27, bank -14, keys -85
zone no numbers num0: option -34, answer -43, facts -44, row -36, keys -64
zone no numbers num0-again: out -24, stem 31, more -49, option 26, answer -17, facts -13, row -28, keys -52
zone no numbers num1: out 33, more 14, answer -73, feedback -72, row -54, keys -66
zone no numbers num1-first: out 16, stem 15, option -21, facts -13, row -19, keys -43
zone no numbers num2: out 25, stem -68, option -14, answer -32, row 17
zone no numbers num2-first: out 21, stem -34, more -15, answer -24
zone no numbers number: out -16, stem -25, more -70, option 22, answer 33, facts -41, row -30, keys -109
zone no numbers pair: out -15, passage -75, stem 57, option -81, wrapped -20, answer -113, facts -20, row -80, keys 13
zone no numbers phrase: out 24, stem -20, option -22, wrapped -85, answer -47, feedback -103, facts -43, row -43, bank -33, keys -35
zone no numbers rom-lone: out 43, stem -43, answer -26, facts -15, keys -40
zone no numbers rom0: out 40, stem -31, more -13, answer -22, facts -27, keys -14
zone no numbers rule: out 25, passage -22, stem -99, option -53, answer -125, feedback -31, facts -53, row 47, bank -23, lines -52
zone no numbers section: out 93, stem -56, more -29, answer -31, facts -31, keys -23
zone no numbers sentence: stem -21, more -53, option 34, answer -54, keys -95, remark -27
zone no numbers short: out -34, passage -24, stem -23, option 47, wrapped -50, answer -24, facts -71, row -17, bank -17, keys -82
zone no numbers short-sentence: out 39, stem -48, more 25, option -13, wrapped -31, answer -65, hint -42, facts -21, keys -138, remark -47
zone no numbers table-ticks: out -53, passage -16, stem -46, more -31, option -30, answer -23, row 61
zone no numbers text: passage 20, stem 45, more -43, option -48, wrapped -45, answer -15, feedback -100, facts -15, row -23, keys -73
zone no numbers truth: out -45, passage -15, stem -26, option -47, answer 36, facts -22, keys -13
zone no numbers word-lone: passage -18, stem 25, more -12, option -25, answer -33, facts -41, keys -17
zone no numbers word0: out -15, stem -38, option -28, answer -80, facts 32
zone tail: out -26, passage -31, stem -16, more -32, wrapped -88, hint -131, row -28, bank -73, keys -39, remark -86
zone tail arrow: out -19, stem -17, more -142, option 37, feedback -39, row -17, keys -24
zone tail asks: passage -69, more 56, option -48, answer -19, feedback -13, facts -19, row -15, lines -21, keys -22
zone tail box: out -47, stem -14, option 79, answer -76
zone tail bracketed: stem -61, more 36, option -17, answer -27, row -14, lines -21, keys -92
zone tail bullet: more -70, option 65, answer -94, feedback -60, facts -32, row -47, keys -30, remark -35
zone tail capitals: out 17, stem -39, more -12, option -73, feedback -50, facts -37, keys -49
zone tail cells: out -19, passage -114, stem 14, option -35, answer -106, feedback -79, bank -62, lines -21
zone tail chatter: out 23, passage -15, answer -35, feedback -21, facts -14, lines -17, keys -26
zone tail colon: out 23, stem -12, more 14, answer -21, feedback -18, facts -22, keys -33
zone tail cue-answer: out -57, stem -34, more -27, answer 27, feedback -27, hint -16, facts -21, row -13, bank -53, lines -16, keys -25
zone tail cue-difficulty: out -31, option -30, answer -41, feedback -17, facts 37, lines -13, keys -15
zone tail cue-feedback: out -65, stem -24, more 40, option -19, answer -25, feedback 40, facts -22, keys -47, remark -59
zone tail cue-level: stem -27, more -21, answer -74, facts 18, keys -20
zone tail cue-points: out 22, stem -30, option -14, feedback -35, facts -15
zone tail cue-sample: out -29, passage -15, stem -37, more -22, option -13, answer 44, feedback -37, facts -12, row -16, bank -16, lines -13, keys -30
zone tail cue-wordBank: out -28, stem -22, more -26, answer -23, row -17, bank 28
zone tail field: out 52, passage -112, more -35, option -56, answer -79, feedback -80, facts -92, row -48, bank -13, keys -63
zone tail field-kind: out -21, stem -15, answer -31, feedback -20, facts 31, keys -28
zone tail field-stem: stem 19
zone tail gap: passage -28, stem 14, more -47, option -21, answer 17, feedback -40, facts -19, lines -21, keys -26
zone tail heading: out 56, stem -61, more -12, answer -81, feedback -17, facts -16, keys -107
zone tail identity: out 25, stem -16, keys -14
zone tail instruction: out 23, answer -13, feedback -50, facts -15, keys -14
zone tail let-lone: out 34, passage -58, more 14, option -41, answer -69, feedback -25, facts -21
zone tail let0: out 28, stem -39, more -17, option 27, answer 41, row -12, lines -17, keys -40
zone tail let1: out 16, stem 13, more -33, option -25, answer -20, feedback -16, facts -26, row -70, keys 15, remark -87
zone tail let1-first: stem -13, more -61, facts -26, row -89, keys -38, remark -26
zone tail let2: out -35, option 57, wrapped -35, answer -46, row -16, keys -29
zone tail let2-first: out -33, stem 16, more -28, option 42, wrapped -21, answer -17
zone tail letter: out -55, answer 71, keys -18
zone tail num-lone: passage -13, stem 22, more 20, option -41, feedback -50, facts -108, row -32, lines -16, keys -38
zone tail num0: out 37, stem -75, more -12, facts -55, keys -24
zone tail num0-again: stem 31, option -61, answer -19, row 38, keys -70
zone tail num1: out -31, stem 26, more -33, option 19, wrapped -21, answer -104, feedback -52, hint -15, facts -20, row -38, bank -15, lines -18, keys -53
zone tail num1-first: out 20, stem -16, more -41, feedback -13, facts -28, row -18, bank -16, keys -77
zone tail num2: out -42, stem 17, more -20, option 13, answer -18, feedback -43, facts -28, row -18, keys -23
zone tail num2-first: out -22, more -16, option 24, answer -30, feedback -26, facts -50, keys -16
zone tail number: out -43, more -13, option 31, answer -21, feedback -23, facts -17, lines -21, keys 32
zone tail pair: passage -86, stem 25, more -25, answer -125, feedback -82, facts -31, row 37, bank -27, lines -20, keys -39
zone tail phrase: passage 30, stem 48, more -22, option -32, wrapped -79, answer -86, facts -54, row -52, lines -31
zone tail rom-lone: out 26, stem -36, more -15, answer -26, facts -17, row -19, keys 26
zone tail rule: out -32, passage -17, stem -42, option -13, answer 28, feedback -27, facts -45, bank -18, lines 24, keys -48
zone tail section: out 17, stem 12, more -50, answer -41, feedback -45, facts -25, row -19, keys -34
zone tail sentence: passage -21, option -107, feedback -38, facts -35, row -14, lines -19, keys -16, remark -46
zone tail short: out 17, passage 22, stem 15, option -83, feedback 18, facts -63, row -27, lines -33, keys -66
zone tail short-sentence: passage -96, stem -18, more 14, option 14, wrapped -16, hint -51, facts -13, row -17, lines -20, keys -22, remark -42
zone tail table-down: out -65, stem -55, option -29, answer -65, feedback -30, facts -38, row -30, keys 67
zone tail table-pairs: out -17, passage -30, stem -42, more -37, option -23, answer -60, feedback -78, hint -13, facts -42, bank -21, lines -18, keys 21, remark -14
zone tail table-ticks: out -41, more -12, row 52
zone tail table-wide: out -58, stem -30, answer -30, feedback -26, facts 18, keys 44
zone tail text: out 27, passage 19, stem -56, more -43, option 54, answer -24, feedback -14, facts -34, row -36, bank -14, lines -28, keys -27
zone tail ticked: out -28, option 59, answer -47, keys -17
zone tail truth: out -47, passage -13, more -48, option -19, answer 49, keys -21
zone tail word-lone: passage -14, stem 21, more -24, answer -25, feedback -37, facts -14, keys -32
zone tail word0-again: out 16, stem -26, option -17, keys -28
# second
step: out>out 89, out>passage -144, out>stem -37, out>option -255, out>answer -22, out>feedback -221, out>hint -62, out>facts -46, out>row -121, out>bank -85, out>lines -83, out>keys -82, out>remark -48, passage>out -193, passage>passage 48, passage>stem -93, passage>facts -76, passage>bank -26, passage>keys -96, stem>out -79, stem>passage -136, stem>stem 15, stem>more 27, stem>hint -58, stem>facts -43, stem>row -38, stem>bank -15, stem>lines 12, stem>keys -129, stem>remark -86, more>out -92, more>passage -140, more>stem -78, more>more 37, more>feedback -33, more>hint -32, more>facts -40, more>row -46, more>bank 25, more>keys -148, more>remark -70, option>out -172, option>passage -156, option>stem -113, option>option 53, option>feedback -46, option>hint 14, option>facts -61, option>row -334, option>bank -103, option>lines -88, option>keys -166, option>remark -34, wrapped>out -123, wrapped>passage -49, wrapped>stem -50, wrapped>option 42, wrapped>answer -52, wrapped>feedback -74, wrapped>hint -17, wrapped>facts -52, wrapped>row -79, wrapped>lines -14, wrapped>keys -50, wrapped>remark -37, answer>passage -158, answer>stem -25, answer>option -228, answer>feedback 50, answer>hint -95, answer>facts 21, answer>row -133, answer>bank -60, answer>lines -79, answer>keys -66, answer>remark -101, feedback>out -49, feedback>passage -88, feedback>option -180, feedback>answer -102, feedback>feedback 76, feedback>row -105, feedback>bank -20, feedback>lines -71, feedback>keys -154, feedback>remark -61, hint>out -51, hint>passage -14, hint>stem -84, hint>option -57, hint>feedback -23, hint>facts -28, hint>row -33, hint>keys -21, hint>remark -15, facts>out -107, facts>passage -130, facts>stem 68, facts>more -238, facts>option -129, facts>answer -44, facts>feedback -35, facts>hint -50, facts>facts 13, facts>row -99, facts>bank -31, facts>lines -48, facts>keys -110, facts>remark -31, row>out -140, row>passage -100, row>stem -156, row>more -121, row>option -298, row>feedback -107, row>hint -42, row>facts -16, row>row 73, row>bank -26, row>lines -34, row>keys -177, row>remark -68, bank>out -78, bank>passage -14, bank>stem -50, bank>more -65, bank>option -58, bank>answer 20, bank>feedback -25, bank>facts -57, bank>row -39, bank>bank -15, bank>keys -55, bank>remark -13, lines>out -65, lines>passage -22, lines>more -84, lines>option -71, lines>answer 25, lines>feedback -22, lines>facts -56, lines>row -41, lines>bank -32, lines>lines 20, lines>keys -67, lines>remark -14, keys>out -116, keys>passage -91, keys>stem -209, keys>answer -145, keys>feedback -85, keys>hint -40, keys>facts -195, keys>bank -42, keys>keys 81, keys>remark -69, remark>out -108, remark>passage -53, remark>stem -105, remark>option -49, remark>wrapped -47, remark>answer -75, remark>feedback -63, remark>hint -15, remark>facts -68, remark>row -71, remark>bank -13, remark>lines -17, remark>keys -66, remark>remark 15
step over a gap: out>out 32, out>stem -14, out>option -129, out>answer -59, out>feedback -146, out>hint -57, out>facts -21, out>row -183, out>bank -152, out>lines -51, out>remark -63, passage>out -177, passage>passage 69, passage>stem -37, passage>bank -58, stem>out -29, stem>passage -109, stem>more -52, stem>answer -49, stem>feedback -171, stem>hint -40, stem>facts -18, stem>row 24, stem>remark -56, more>out -50, more>passage -69, more>more -99, more>option 33, more>answer 32, more>hint -39, more>facts -35, more>row -66, more>bank 26, more>lines -40, more>remark -25, option>out -43, option>passage -78, option>option -34, option>wrapped -85, option>answer -26, option>feedback -59, option>hint -18, option>facts -26, option>row -109, option>bank -47, option>lines -41, option>keys 22, option>remark -50, wrapped>passage -15, wrapped>stem -53, wrapped>option -87, wrapped>wrapped -19, wrapped>answer 43, wrapped>feedback -51, wrapped>facts -46, wrapped>row -13, wrapped>keys -32, answer>passage -141, answer>option -104, answer>answer -82, answer>feedback -14, answer>facts -23, answer>row -97, answer>bank -70, answer>lines -42, answer>keys -157, feedback>out -28, feedback>passage -74, feedback>stem 25, feedback>option -99, feedback>answer -14, feedback>feedback -81, feedback>hint -23, feedback>row -74, feedback>bank -74, feedback>lines -31, feedback>keys -57, feedback>remark -23, hint>out -89, hint>passage -21, hint>option -21, hint>answer -51, hint>facts -59, hint>row -20, hint>bank -12, hint>keys -26, facts>out -18, facts>passage -35, facts>stem -36, facts>more -96, facts>option -57, facts>answer -23, facts>feedback -25, facts>hint -45, facts>facts 24, facts>row -36, facts>bank -42, facts>lines -25, facts>keys -15, facts>remark -20, row>out -13, row>passage -49, row>more -76, row>option -105, row>feedback -45, row>hint -22, row>facts -29, row>row -51, row>bank -24, row>lines -14, row>keys -25, row>remark -24, bank>passage -50, bank>stem -28, bank>option -49, bank>feedback -39, bank>row -18, bank>bank -14, bank>keys -14, bank>remark -13, lines>passage -26, lines>stem -30, lines>more -43, lines>option -41, lines>answer -35, lines>feedback -29, lines>hint -22, lines>facts -16, lines>row -25, lines>bank -25, lines>remark -32, keys>out 18, keys>passage 25, keys>stem -88, keys>answer -166, keys>feedback -99, keys>hint -16, keys>facts -132, keys>bank -46, keys>keys -31, keys>remark -16, remark>out -21, remark>passage -22, remark>stem -92, remark>option -51, remark>wrapped -16, remark>answer -64, remark>feedback -26, remark>facts 28, remark>row -39, remark>bank -18, remark>lines -13, remark>keys -75, remark>remark -42
_full asks capital: out -17, passage 27, stem -31, answer -25, feedback -31, facts -48, row -19, bank -44, lines -23, keys 39
_full asks label: out 47, stem -38, more -35, option -34, answer -61, row -28, keys 31, remark -28
_full asks small: out -48, stem 35, more -32, answer 38, row -27, bank -13, keys -17
_full bracket capital: out -12, passage -16, stem 26, more -83, option -76, feedback -57, facts -18, row -51, lines 13
_full bracket label: out -13, passage -12, stem 22, more -49, option 17, answer -81, feedback -14, facts -16, row -52, bank -22, keys -13
_full bracket small: passage -24, stem -36, more -40, option -19, answer 45, keys -15
_full colon capital: out 45, stem -36, answer -12
_full colon label: out 31, stem -41, option -51, facts 28, row -16
_full deeper capital: out -25, passage -50, stem 80, more -51, option 28, feedback -38, facts -29, row -33, bank -45, lines -20, keys 27
_full deeper label: out 17, stem -24, option 54, answer -24, facts -14, row -65, keys -14, remark -28
_full deeper small: out -66, passage -20, more 14, option 26, answer 61, keys -23
_full gap capital: out 17, passage -57, stem 38, more -31, option -41, answer -26, feedback -26, facts -19, lines -14, keys -13
_full gap label: out 38, passage -18, stem -25, more -22, option -45, answer -29, feedback -18, hint -18, facts 35, row -27, bank -18, lines -21, keys -32, remark -29
_full gap small: stem -54, option -17, answer 28
_full none capital: passage -77, option -58, answer 43, feedback -63, row -41, bank -38
_full none label: out 12, passage -30, stem 12, more -68, answer -17, feedback -24, hint -13, row -67, bank -15, keys -56, remark -20
_full none small: out 18, passage -23, more -69, option -20, feedback -46, facts -38, row -56, keys -18
_full out capital: passage -13, stem -57, more -46, option -34, answer 26, feedback -61, row -38, bank -53, lines -22
_full out label: passage -12, more -43, option -19, answer -28, feedback -28, facts 31, row -59, bank -29, keys -51, remark -28
_full out small: out -13, passage -43, stem -59, more -28, answer 47, feedback -39, facts -17, row -17
_full same capital: passage -21, option -62, wrapped -13, answer -13, feedback -95, hint -13, facts -35, bank 39, lines -23, keys -30, remark -21
_full same label: out 48, passage -83, more -113, option -57, wrapped -15, answer -24, feedback -35, hint -29, facts -29, row -64, bank -32, lines -28, keys -20, remark -46
_full same small: out 13, passage -66, more -67, option -54, feedback -35, facts -28, row -12, bank -41, keys -42
_full stop capital: passage -20, more -19, option -24, feedback -51, facts -21, bank 22, lines -28, keys -22
_full stop label: passage -69, stem -19, more -65, feedback -18, hint -18, row -31, bank -30, lines -12, keys -43, remark -23
_full stop small: out 36, more 13, option -16, answer -40, feedback -26, facts -14, bank -23, keys 22
_short asks capital: out -13, passage -33, stem -24, more -50, option 45, answer -15, feedback -51, hint -15, facts -68, row 19, bank -42, lines -29
_short asks label: out 19, passage -24, stem 51, more -21, answer -69, row -47
_short asks small: out 17, passage -23, stem -24, answer 27, feedback -43, facts -41, bank -27, keys -74
_short bracket capital: passage -71, stem 20, option -18, feedback -36, hint -28, bank -71, lines -26, keys -28
_short bracket label: out 33, passage -49, stem -14, more -46, answer -86, feedback -20, facts -60, row -24, bank -25, keys 38, remark -23
_short bracket small: out -17, passage -40, stem 45, more -38, option -13, feedback -48, facts -18, row -32, bank -41, keys -32
_short colon capital: out 37, passage -53, stem -39, option 67, answer -43, facts -23, keys -30
_short colon label: out -26, passage -24, stem -20, option 41, row 29, keys -17
_short colon small: out -38, passage 39, answer -35, row -14, keys -15
_short comma capital: out 41, passage -46, answer 13, keys -22
_short comma label: out 19, stem -22, keys -22
_short comma small: out -14, passage 18, stem -43
_short deeper capital: out -53, stem 17, more -89, feedback -83, hint -29, facts -29, row -24, bank -42, lines -30, remark -29
_short deeper label: out -15, stem 31, more -36, option 44, answer -57, feedback -31, facts -17, row -28
_short deeper small: out -46, passage -21, stem 41, more -14, option 47, answer -23, feedback -39, facts -34, bank -31, keys -67, remark -15
_short gap capital: out 24, stem -37, more -31, option -48, feedback -22, hint -16, facts -41, bank -41, lines 14
_short gap label: passage -41, answer -17, keys -57
_short gap small: out 42, passage -35, answer -33, facts -12, keys -14
_short none capital: out 13, passage -22, stem 17, more -105, option -79, wrapped -77, feedback -27, facts -25, row -95, bank -100, lines -67, keys -35, remark -79
_short none label: out 24, stem -18, more -61, option -17, wrapped -36, feedback -97, hint -31, row -120, bank -25, lines -26, keys -37
_short none small: passage 16, more -91, wrapped -17, answer 45, feedback -61, hint -19, facts -43, row -90, bank -18, keys -26, remark -21
_short out capital: passage -121, stem -31, more -86, option 42, wrapped -36, answer -20, feedback -27, facts -46, row -108, bank -77, lines -52, keys 30, remark -37
_short out label: out 51, passage -37, stem -29, more -46, option -36, wrapped -27, answer -35, feedback -58, hint -24, row -73, bank -32, lines -26, remark -41
_short out small: out 19, passage -32, more -43, option -22, wrapped -23, feedback -82, hint -17, facts -40, row -53, bank -43, keys -33, remark -23
_short same capital: stem -15, more -42, option -100, wrapped -64, hint -18, facts -21, row -72, bank -29, keys 29, remark -66
_short same label: passage -38, more -98, wrapped -16, answer -39, feedback -48, hint -47, bank -56, lines -34, keys -13
_short same small: passage 58, more -63, option -57, wrapped -15, answer 50, feedback -48, facts -26, row -59, bank -51, keys -43
_short stop capital: out -32, passage 44, stem -16, more -14, wrapped -14, answer -48, feedback 22, hint -48, facts -30, row -62, bank -16, keys 32, remark -45
_short stop label: out -14, passage -41, more -68, answer -114, feedback -47, hint -20, facts 25, row 32, bank -43, lines -26, keys -28, remark -82
_short stop small: out 39, more -48, option 17, feedback -19, facts 15, bank -38, keys -65, remark -29
any: out 12, passage -31, stem -23, more -17, option -19, wrapped -63, answer -21, feedback -33, hint -62, facts -19, row -41, bank -39, lines -56, remark -62
arrow end none: out -83, stem -23, option -19, answer 25, feedback 22, facts -52, row -43, bank -29, lines -16, keys -39
arrow end stop: out 47, passage -15, stem -37, more -55, option -23, answer -35, feedback -47, keys -18
arrow words 15: out 47, passage -15, stem -41, more -37, option -32, answer -15, feedback -57, keys -13
arrow words 3: out -131, stem -33, more 13, option -65, answer 42, feedback -113, facts -44, row -32, bank -16, lines -13, keys -21
arrow words 7: out -42, stem -16, more -75, option 21, answer -19, feedback 27, facts -27, row -17, bank -19, keys -30
asks end asks: more 21, option -28, wrapped -20, answer -51, feedback -47, hint -27, facts -51, row -42, bank -27, lines -37, keys -37, remark -20
asks words 1: out -40, stem -31, more 48, option -44
asks words 15: out 41, passage -31, more -16, option -27, answer -36, feedback -33, hint -22, row -19, bank -24, lines -17, keys -16, remark -14
asks words 3: out 21, passage -28, more 23, option -38, wrapped -13, answer -14, facts -21, lines -24
asks words 7: out -94, passage 17, stem 22, more 22, answer -23, facts -15, row -20, keys -26
asks words many: out 30, passage 23, more -69, feedback -12, facts -17
before arrow: out -37, passage -40, stem 42, more -33, option -58, wrapped -16, answer -53, feedback 36, hint -26, facts -26, row -56, bank -18, keys -72, remark -17
before asks: out -55, stem 31, option 15, feedback -71, hint -20, facts -23, row -25, bank -52, lines -24, remark -32
before box: passage -50, stem -41, wrapped -26, feedback -21, hint -65, row -83, bank -53, lines -12, keys -19, remark -66
before bracketed: passage -28, more 55, answer -39, feedback -48, hint -30, row -53, keys 57
before bullet: out 35, passage -97, more 37, option 13, wrapped -44, feedback -20, hint -99, row -15, bank -20, lines -42, keys -50
before capitals: out -65, stem 44, more -16, wrapped -16, answer -32, feedback 22, hint -32, row -70, bank -18, keys 12
before cells: stem -14, more -111, option 16, wrapped 17, answer 37, hint -31, facts -43, bank -30, lines 23, remark -36
before chatter: out -14, more 26, option -32, answer -94, feedback -31, facts 58, row -31, bank -22, keys -87
before colon: passage 38, stem -31, more 19, option -23, feedback -15, keys -30
before cue-answer: out -34, passage -101, stem -34, more -38, option -108, wrapped -22, answer -25, feedback 26, row -94, bank -46, lines -37
before cue-difficulty: out 83, passage -93, stem -66, more -58, option -38, answer -91, feedback -112, hint -29, row -47, keys 14, remark -23
before cue-feedback: passage -45, stem -13, more -20, wrapped -17, answer 24, hint 18, facts -25, row -90, bank -20, lines -21, keys -59
before cue-hint: out -51, stem 29, option -13, answer 27, feedback 21
before cue-level: out -26, passage -30, stem 27, more -70, option -64, answer -97, feedback -104, hint -17, facts 14, row -49, keys -100, remark -37
before cue-outcome: out -22, passage -45, stem 13, more -81, answer -23, facts -16, row -16, keys 25, remark -41
before cue-points: passage -45, stem -13, more -29, option -51, answer -59, feedback 50, facts -17, row -40, bank -17, lines -20, keys 15, remark -46
before cue-sample: out -26, passage -67, stem -47, more -55, option -35, answer 103, feedback -130, hint -18, row -43, bank -41, lines -14, keys 14, remark -27
before cue-tags: stem 27, more -68, option -43, answer -40, feedback -53, facts -22, bank -13, keys -42
before cue-wordBank: passage -40, option -25, answer -37, feedback -37, facts 35, keys -80
before edge: out 32, passage -76, stem -15, facts -16, bank -41, keys -65
before end asks: passage -22, stem -52, more -32, option 17, wrapped -29, answer 17, feedback -135, hint -33, facts -29, row -131, bank -94, lines -35, remark -68
before end bracket: passage -124, more -63, option -12, wrapped -37, answer 29, feedback 28, hint -63, bank -16, keys -25, remark -71
before end colon: stem -107, more -21, feedback -74, hint -17, facts -25, row 23, bank -30, lines -12
before end comma: out -19, passage 31, stem -25, more 46, option -48, wrapped 15, feedback -114, hint -42, facts -38, row -25, bank -29, lines -16, remark -36
before end gap: passage -42, stem -20, more -35, option -18, wrapped -17, answer -30, feedback -87, hint -31, row -76, bank 15, keys -23, remark -42
before end none: out -25, passage -48, stem -18, wrapped -38, answer -34, hint -38, facts -39, row -21, bank -118, lines -104, keys -20, remark -62
before end stop: passage 28, stem -34, option -48, wrapped -85, feedback -37, hint -55, bank 14, lines 40, keys -13
before field: out -14, passage 16, option -43, feedback -15, hint -15, facts -62, bank -51, lines -26, remark -22
before field-kind: out 30, passage -17, stem -62, more -32, option -18, answer 52, feedback -17, facts -21, keys -30
before field-number: out -53, stem 22, answer -25, feedback -20, facts 52
before field-option: out -46, passage -25, stem -62, option 52, feedback 39, row -54, bank -21, keys -94, remark -32
before field-stem: out -35, passage -31, stem -39, more 56, answer -44, feedback -70, facts 81, row -24, bank -44, lines -14, keys 19
before field-time: out 19, passage -30, stem -42, answer -37, feedback -26, facts 36, bank -25, keys -49
before gap: out -47, stem 51, option -40, answer -42, feedback -109, facts 27, row -73, bank 63, lines -46, keys -69, remark -13
before heading: stem 28, more -39, option -61, answer -105, feedback -88, facts -28, row -71, bank -37, keys 19
before identity: out 65, passage -71, option -25, answer -102, feedback -24, facts -16, row -27, bank -33, lines -24, keys -123
before instruction: out 39, passage -47, stem -20, option -18, answer -47, row -33, keys -59
before key-title: out -74, passage -81, stem -39, option 15, answer -57, feedback -25, facts -26, row -18, keys 78
before let-lone: passage -26, stem 32, more -71, option -33, wrapped -24, answer -13, feedback -41, hint -37, row -42, bank -56, lines -29, keys -67, remark -51
before let0: out -20, stem 47, more -18, option -20, wrapped -16, answer -38, feedback -30, hint -41, row -31, bank -30, lines -42, remark 14
before let1: passage -119, stem -37, more -21, option -32, feedback -78, hint -20, facts -48, row -20, bank -58, lines -44, keys -32, remark 18
before let1-first: out -18, passage -45, more -22, option -21, wrapped 20, answer 14, feedback -22, hint -19, facts 30, row -20, bank -23, lines -17, keys 17, remark 18
before let2: out 41, option -55, wrapped -46, answer 20, feedback -51, row -33, remark -29
before let2-first: stem -29, more -15, wrapped -24, row -39, keys -26
before letter: out -24, passage -42, option 120, answer -106, feedback 24, facts -35, row -17, keys -69
before lines: out -23, more -13, answer -13, bank -16, lines 13, keys -13
before num-lone: out -20, passage -56, stem 36, option -18, wrapped -27, answer -50, feedback 16, hint -42, facts 41, row 38, lines -22, keys -30, remark -45
before num0: passage -106, stem -28, wrapped -44, answer -14, feedback -25, hint -45, facts -57, bank -40, lines -36, remark -86
before num0-again: out 18, passage -61, stem -26, wrapped -51, feedback -99, hint -34, facts -79, bank -48, lines -33, keys -31, remark -34
before num1: passage -57, stem -57, more -29, wrapped -44, answer 16, feedback 12, hint -62, facts -42, row 24, bank -67, lines 17, keys -49, remark -56
before num1-first: passage -16, more -12, wrapped 22, feedback -93, hint -14, facts -41, bank -25, keys -15, remark -27
before num2: out -48, more -15, answer -46, feedback -25, facts 31, keys -61
before num2-first: out -28, stem -45, feedback -36, facts -19, keys -16
before number: passage -19, stem 22, more -30, option 46, answer -60, hint -12, facts -14, row -14, bank -20, remark -20
before pair: out -19, passage -100, stem 21, more -30, option -32, answer -50, feedback 41, hint -13, facts -16, bank -20, lines -13, remark -14
before phrase: out -35, passage 16, stem -17, more -59, option 30, answer -21, feedback -27, hint -36, row -34, bank -53, keys 19, remark -27
before rom-lone: out -50, passage -58, stem 47, more -17, option -35, answer -59, feedback -74, facts 39, bank -19, lines -23, keys 17
before rom0: passage -30, stem 50, option -38, answer -34, feedback -15, hint -35, bank -48, keys -81, remark -38
before rom0-again: passage -13, more -19, option 43, answer -52, feedback -58, facts -23, row -24, remark -23
before rom1: out -39, stem -19, more 28, option 14, wrapped -13, answer -16, facts 49, keys -13
before rom1-first: stem 17, feedback -17
before rule: out -55, passage -87, stem -23, more -79, option -43, answer -31, feedback -69, hint -27, facts 40, lines 19, keys 58, remark -37
before section: out -51, passage -115, stem 100, more -25, option -69, answer -100, feedback -92, hint -16, facts 25, bank -25, keys -62, remark -13
before sentence: out -16, stem -14, more 34, wrapped -31, answer -70, feedback -84, hint -20, facts -57, remark -30
before short: out -21, passage 86, more -43, option 24, wrapped -68, feedback -14, hint -81, facts -37, row -37, bank -38, keys -57, remark -75
before short-sentence: out -33, passage 46, more -77, option 57, wrapped -37, answer -33, feedback -37, hint -64, row -27, bank -81, lines -54, keys -23, remark -75
before table-down: out 36, stem -44, answer -38, feedback -42, keys -33
before table-pairs: out -44, passage -71, more -54, option -35, answer 29, feedback -33, hint -12, facts -25, row 18, bank -15, lines -14, keys -30
before table-ticks: out 22, passage -17, stem -37, more -66, option -26, answer -76, feedback -40, hint -13, facts -19, lines -21
before table-wide: passage -15, stem 32, more -13, option -32, answer -32, feedback -64, row -33, bank -17, keys -36
before text: out -31, stem -43, more 36, wrapped 14, hint -42, facts -68, row -59, bank -42, remark -43
before ticked: out -17, stem -13, option -13, wrapped -14, answer -56, feedback 16, hint 37, facts 31, row -29, keys -18
before truth: passage -17, more -57, option -12, answer -84, feedback 71, hint -12, facts 26, keys -51, remark -13
before word-lone: out -54, passage -46, stem 58, option -17, answer 12, feedback -90, facts 28, row -58, bank -23, lines 28, keys -13, remark -20
before word0: out -13, passage -75, stem 26, more 31, answer -42, feedback -85, hint -49, lines -22, keys -35, remark -84
before word0-again: out 16, passage -25, stem 36, more -50, option 30, facts -58, row -19, lines -20, remark -32
before word1: out -49, passage -26, stem 40, answer -48, feedback -63, hint -27, row -18, keys -28, remark -24
before word1-first: out -32, stem 35, more 37, option 28, answer -25, feedback -44, facts -20
before2 arrow: passage -30, stem 13, more 58, answer -31, feedback -54, facts 32, row -45, bank -16, keys -89, remark -44
before2 asks: out -68, passage 19, option 74, answer -46, feedback -77, hint -30, facts -29, bank -34, lines -20, keys -34
before2 box: out -34, passage -83, more 21, wrapped -29, feedback 12, hint -72, bank -55, lines -16, keys -21, remark -49
before2 bracketed: passage -37, stem 31, more -69, option 39, answer -54, hint -22, row -46, bank 29, lines -18, remark -33
before2 bullet: out -27, passage -21, stem 26, more -56, option 31, wrapped -32, answer 30, feedback -39, hint 25, facts 18, row -14, bank -54, lines -44, keys -16
before2 capitals: out -20, passage -12, stem -29, more 29, option 14, feedback -87, hint -14, facts -15, row -43
before2 cells: passage -21, stem 34, more -35, wrapped -51, answer -57, feedback -20, hint -24, facts -54, bank -33, lines -40, keys 15, remark -35
before2 chatter: out 12, passage 58, stem -47, more -39, option -29, answer -71, feedback -35, row -60, bank -12, lines 17, keys 24
before2 colon: passage -52, stem -29, more 13, option 16, answer -75, feedback -13, facts -55, keys -50
before2 cue-answer: out -15, option -14, wrapped -18, answer -30, feedback 19, facts -26, row -31, bank -82, lines -19, keys -34, remark 32
before2 cue-difficulty: out -42, passage -98, more 41, option 26, answer -66, facts 25, row -28, bank -21, keys 35, remark -58
before2 cue-feedback: passage -65, more -35, option -25, wrapped -15, answer 27, feedback -16, facts -14, row -73, bank -30, lines -14, remark 72
before2 cue-hint: out 33, stem -20
before2 cue-level: stem -44, answer -27, feedback -96, facts 69, row 15, bank -32, lines 15, keys -53, remark -30
before2 cue-outcome: out -29, passage -29, stem -59, more -16, option 40, answer -21, row -35, keys -31
before2 cue-points: passage -49, more -53, option -31, answer 18, feedback 62, row -81, bank -26, lines -61, keys 32, remark -16
before2 cue-sample: out -67, passage -65, stem -38, more -49, answer 100, feedback -112, hint -20, facts -12, bank -25, keys 36, remark -17
before2 cue-tags: out -13, stem 25, more -43, answer 30, facts -59, row -57, bank -14, keys -19
before2 cue-wordBank: out 42, passage -29, more -17, answer -21, feedback -61, facts 18, bank 22, keys -25
before2 edge: out 40, passage -65, more -15, option -33, answer -56, feedback -75, hint -21, facts -19, bank -59, lines -26, keys -43, remark -22
before2 field: out -24, passage -21, stem -50, more -66, answer 30, feedback -18, hint -23, bank -45, lines -18, keys -17, remark -25
before2 field-kind: out -20, passage -27, stem -30, more 41, option 22, answer -56, feedback -44, facts 18, row -27, bank -39, lines -50, keys 13
before2 field-number: stem 12, more 25, option -71, answer 40, feedback -30, facts 19, keys -95
before2 field-option: out -41, passage -43, stem -30, option 36, answer -26, feedback 35, facts -23, row -43, bank -27, lines -13, keys -147, remark -36
before2 field-stem: out -36, passage -33, stem -65, option 22, answer -64, feedback -47, hint -12, row -26, bank -42, lines -26, keys 34
before2 field-time: out 18, passage -36, stem 62, answer -18
before2 gap: passage -28, stem -13, more -17, answer 43, feedback -69, facts -18, row -15, bank 30
before2 heading: out 34, stem -19, more -54, answer -26, feedback -149, hint -15, facts -40, row -14, lines -39, keys -44, remark -30
before2 identity: out 31, stem -41, more -27, option 15, answer -39, feedback -42, hint -33, facts 17, row -96, bank -27, keys 12, remark -17
before2 instruction: out 83, passage -43, option -76, answer -49, feedback -37, facts -14, row -52, keys -73
before2 key-title: out -56, passage -15, stem -43, more -28, answer -66, feedback -42, facts -29, row -25, bank -16, keys 72
before2 let-lone: passage -55, wrapped -22, answer -24, hint -48, facts -17, row -24, bank -61, lines -22, keys 20, remark -47
before2 let0: passage -37, stem 75, more -13, option -26, wrapped -23, answer -23, feedback -31, hint -53, facts -64, row 13, bank -57, remark -81
before2 let1: out -38, passage -24, stem -16, option -48, answer -16, hint -14, facts -19, row -58, bank -86, lines -55, remark -19
before2 let1-first: out -40, passage -28, stem -29, feedback 22, hint -29, facts 56, row -20, bank -22, lines -17, keys -37, remark -15
before2 let2: passage -19, stem 37, option -68, wrapped -28, feedback 24, row -50, lines -16, remark -36
before2 let2-first: out 42, stem -29, option 42, wrapped -33, answer -13, row -19, keys -25
before2 letter: out 13, stem 17, more -17, option -22, feedback 25, row -49, keys -61
before2 lines: out 28, more -31, option -44, answer -23, facts -12, row 19
before2 num-lone: out -18, passage -47, more 32, option 45, answer -36, feedback -15, hint -25, bank -33, remark -38
before2 num0: out -15, passage -86, stem -48, wrapped -79, answer -54, hint -59, facts -51, bank -85, lines -30, remark -93
before2 num0-again: out -20, passage -82, wrapped -42, answer -39, feedback -15, hint -31, facts -88, bank -31, lines -26, keys -14, remark -45
before2 num1: out -16, passage -54, more 22, wrapped -52, feedback -96, hint -69, facts -32, bank -61, lines -29, remark -45
before2 num1-first: passage -24, stem -13, more 16, wrapped -24, answer -49, feedback 42, hint -32, facts -19, row 15, bank -26, lines -20, keys -25, remark -39
before2 num2: out -45, stem 22, more -13, answer -46, feedback -14, facts 23
before2 num2-first: out -36, stem -89, answer -44, facts 28, keys -20
before2 number: out -14, passage -47, stem 42, option -32, answer 30, feedback 36, hint -37, facts 17, row -71, bank -28, keys -69, remark -27
before2 pair: out -17, option -16, answer -28, feedback -80, hint -13, row -12, lines -13, keys -132, remark -14
before2 phrase: out -41, passage 29, more -70, option 42, wrapped 20, feedback -32, hint -16, facts -29, row -30, bank -49, keys -49, remark -45
before2 rom-lone: out 33, passage -56, stem -23, more 37, feedback -59, facts -50, bank -25, remark -12
before2 rom0: passage -25, stem 20, more 13, feedback -102, hint -13, facts -58, bank -41, lines 13, keys -14, remark -16
before2 rom0-again: out 37, more -19, answer -54, feedback -51, facts -20, row -20, keys 16, remark -25
before2 rom1: out -18, stem 26, option 22, answer -21, facts -25, row -33
before2 rom1-first: out 26, passage -26, stem -33, more 13, answer -27, feedback -29
before2 rule: out -44, passage -19, stem -14, option -12, answer 51, feedback -99, hint -36, facts -29, row -13, bank -46, keys -22, remark -57
before2 section: out -38, stem 58, option -20, feedback -129, facts -14, bank -14, lines -17, remark -24
before2 sentence: out -15, stem 27, more -24, answer -62, feedback -46, hint -67, row -14, lines -13, keys -42, remark 13
before2 short: option 13, answer -17, feedback 26, hint -48, facts -48, row -32, bank -69, keys -63, remark -62
before2 short-sentence: out -14, passage 65, stem -24, more -26, wrapped 21, answer -61, feedback -74, hint -40, facts -61, bank -30, remark 39
before2 table-down: out 36, passage -37, stem -74, answer -76, feedback -49, facts -22, keys -29
before2 table-pairs: out 15, passage -44, more -61, option -43, answer 26, feedback -53, hint -15, facts -20, bank -39, keys -22
before2 table-ticks: out -22, passage -28, more -45, option -42, answer -91, feedback -55, facts -24, bank -12
before2 table-wide: out -28, stem 22, answer -81, facts -15, bank -22
before2 text: passage 23, stem 33, more -25, answer -67, feedback -75, hint -41, facts -25, row -29, bank -71, keys -18
before2 ticked: out 37, passage -24, stem -21, more -14, option -34, answer -101, feedback 39, facts 16, row -46, keys -22, remark -43
before2 truth: passage -30, stem 12, more -32, option 14, answer 45, feedback -42, facts 62, bank -23, keys -54, remark -21
before2 word-lone: out -53, passage -71, stem 44, more -29, option -22, answer -19, feedback 39, facts 29, row 26, lines 22, keys -15
before2 word0: passage -87, more 20, wrapped -25, feedback -38, hint -26, facts -30, lines -32, remark -75
before2 word0-again: out -19, more 19, option 33, feedback 14, facts -35, row -32, bank -18, lines 15, keys 17, remark -32
before2 word1: stem -31, more -22, option 13, answer 29, facts -20, row -16, keys -44, remark -16
before2 word1-first: out -20, stem -14, answer 24
behind arrow: stem 37, more 57, answer -72, feedback -20, hint -23, facts -36, bank -15, keys -35
behind asks: out -42, stem 42, more -29, option -27, wrapped -25, answer 34, feedback -23, hint -36, row -82, bank -55, lines -12, keys -81, remark -14
behind box: passage -51, stem 27, more 48, wrapped 33, answer -91, feedback -82, hint -15, facts -49, row 15, bank -37, lines -13, keys -74, remark -25
behind bracketed: passage -71, stem 27, answer -22, feedback -77, facts -41, lines -26, remark -19
behind bullet: passage 42, more -17, answer 18, feedback -39, hint -43, facts -38, row -18, bank -51, lines -30
behind capitals: passage -85, more -17, wrapped -17, answer 41, feedback -30, facts -23, bank -34, lines -44, keys -34, remark -14
behind cells: out -31, more -37, answer -15, feedback -16, hint -43, facts -33, bank -70, lines -31, remark -24
behind chatter: passage 12, more 30, option -41, facts -50, row -44, bank -27, lines 15, keys -21
behind colon: out -13, passage -39, stem -87, more 22, answer 28, feedback -38, facts -16, row -15, keys -62
behind cue-answer: out -34, passage -19, stem 19, more 39, answer -41, feedback -123, hint -52, facts -47, row 23, lines -117, keys -80, remark -61
behind cue-difficulty: out -86, passage -46, stem 35, more 28, wrapped -47, answer 12, feedback 41, hint -16, row -53, bank -43, lines -23, keys 14, remark -47
behind cue-feedback: out -43, stem -43, more 37, option 20, wrapped -24, answer 34, feedback -105, hint 15, row -67, keys -65, remark -35
behind cue-hint: option 48, answer 15, feedback 15, row -40, keys -16
behind cue-level: out 55, passage -31, stem -27, more -15, option -32, answer 26, hint -13, facts -17, row -72, bank -41, lines 19, keys -114, remark -37
behind cue-outcome: out 17, stem -77, more -31, option 22, answer 12, feedback -44, facts -16, row -37, bank -12, keys -16, remark -18
behind cue-points: out -62, passage -51, stem -30, more 49, option -70, answer 58, feedback -42, hint -17, row 42, bank -26, lines -43, keys -35
behind cue-sample: out -36, passage -13, stem 58, option -14, answer -43, feedback -31, facts -20, row -50, lines 44, keys -55
behind cue-tags: out -47, passage -46, stem -59, more -38, option -30, feedback -17, hint -27, facts 25, row -13, bank -25, keys 40, remark 38
behind cue-wordBank: passage -58, stem 47, option -25, answer -71, feedback -31, facts -31, row -28, keys -41
behind edge: out 24, passage -37, stem -15, option -29, wrapped -38, feedback -13, hint -33, facts -31, row -37, bank -22, lines -36, remark -20
behind field: stem 16, more -56, wrapped -12, answer -29, feedback -26, hint -26, facts 21, row -20, bank -30, lines -39, keys -18, remark -32
behind field-kind: out -15, passage -36, more -52, option -56, answer -48, feedback -29, facts 29, row -29, bank -28, lines -18, keys -92, remark -18
behind field-number: out 28, passage -38, stem -44, more -17, option -80, answer -27, row -29, bank -25, keys -63, remark -28
behind field-option: out -67, stem -45, more 55, option 46, answer -41, facts -55, row -51, keys -29, remark -21
behind field-stem: out 13, passage -42, stem -86, option -68, answer -31, feedback 29, bank -34, lines -19, keys -52
behind gap: out -23, passage -30, stem -22, more 23, option 15, answer -30, feedback -18, facts 36, bank 15, lines -21, keys -52, remark -35
behind heading: passage 21, stem -18, more -44, option 13, answer 42, feedback -64, hint -13, facts -28, row -59, bank 18, lines -38, remark -24
behind identity: passage -100, stem -50, answer 14, facts 19, row -41, bank -32, remark -24
behind instruction: out 35, passage -26, stem -78, more -46, option -58, facts -49, row -14, keys 34
behind key-title: passage -22, stem 22, wrapped -15, answer 24, feedback -32, hint -20, row -46, bank -16, keys -76, remark -25
behind let-lone: out -22, passage 31, option -51, wrapped -31, feedback -35, bank -64, keys -53, remark -37
behind let0: out -65, passage -64, stem 57, more -17, option -19, wrapped -43, answer -69, feedback -16, hint -18, facts -22, row -13, bank -39, lines -14, keys 45
behind let1: out -26, passage -64, stem -58, more -47, wrapped 28, answer -58, hint -45, row -20, bank -42, lines -38, remark 33
behind let1-first: passage -33, more 53, option -91, wrapped -53, answer -55, feedback -59, hint -23, facts 42, row -71, bank -24, lines -27, keys -51, remark -45
behind let2: stem -64, more -35, wrapped -34, answer -18, row -62, keys -22, remark -12
behind let2-first: out -35, stem 66, more 20, option -49, wrapped -19, answer -44, feedback -33, facts -30, row -33
behind letter: out -108, stem 32, more -41, option 73, answer -21, facts 32, row -45, keys -58
behind lines: out -49, more -13, answer -31, facts 45, lines 16, keys -20
behind num-lone: out 54, passage -64, stem -46, option -33, wrapped -51, answer -32, facts -21, row 25, remark -16
behind num0: out 18, stem -47, more -23, wrapped -20, feedback -34, facts -74, row -13, bank -26, lines -44, remark -30
behind num0-again: passage -79, more -14, option -38, wrapped -48, answer -46, feedback -106, hint -38, facts -45, bank -36, lines -37, remark -53
behind num1: out -53, passage -52, more -26, wrapped -36, answer -68, hint -33, facts -79, bank -49, lines 15, keys 12, remark -50
behind num1-first: out 66, passage -54, stem -22, more -28, option -62, wrapped -39, answer -60, hint -13, facts -34, row -64, bank -21, keys 49, remark -30
behind num2: out -29, passage -15, stem -59, more -40, facts -20, keys -18
behind num2-first: out -19, stem 26, more 35, option -34, answer -17, feedback -28, facts 33, row 17
behind number: out -61, more 30, option 38, answer -41, feedback -63, hint -16, row -69, remark -15
behind pair: passage -29, option 22, answer -57, feedback -14, facts 23, bank -23, lines -13, keys -21, remark -15
behind phrase: option -23, wrapped -31, answer -14, feedback -19, hint -35, row -35, bank -30, lines -26, remark -16
behind rom-lone: out 21, passage -36, stem -53, more 22, option -23, wrapped -25, facts 34, row -48, lines -12
behind rom0: more -20, option -14, answer -56, hint 18, facts -37, bank -46, lines 13, remark -19
behind rom0-again: out 49, passage -22, more -16, option 34, answer -73, feedback 26, hint -18, facts -31, keys 18, remark -43
behind rom1: passage -40, stem -18, answer -63, feedback -42, hint -12, facts -25, bank -22, keys -50, remark -13
behind rom1-first: out -80, stem 61, more -23, answer -36, facts -23, keys 38
behind rule: out -40, passage -58, stem 15, more 31, option -30, wrapped -14, answer -88, feedback 15, hint -28, facts -86, bank -66, lines 15, keys -144, remark 19
behind section: out -25, passage -55, stem 18, more -12, wrapped -19, answer 22, feedback 20, facts 27, row -17, bank -66, lines -25, keys -12, remark -20
behind sentence: passage 20, stem -39, option -12, wrapped -16, answer 13, feedback -56, hint -29, facts 20, row -99, bank -63, lines -27, remark -67
behind short: out 12, more -21, wrapped -34, answer 15, feedback 56, hint -34, facts -30, row -29, keys -24, remark -42
behind short-sentence: stem -24, more -69, answer 28, hint -20, facts 17, row -14, bank -44, lines -15, keys -37, remark -69
behind table-down: out -21, stem 59, more -32, option -25, keys 24
behind table-pairs: passage 19, stem 43, more 18, option -31, answer -78, feedback -45, hint -24, facts -44, bank -45, lines -27, remark -18
behind table-ticks: out -24, stem 80, more 25, option -21, answer -39, feedback -51, hint -12, facts -35, row 23, lines -22, keys -37
behind table-wide: out -39, passage -28, option 44, answer 13, feedback -27, facts 37, keys -22, remark -18
behind text: out -20, passage -12, stem 23, option 22, wrapped -89, answer -22, feedback -18, hint -46, row -20, lines 14, remark -53
behind ticked: out 53, stem -28, more -68, option -43, answer -86
behind truth: out -18, passage -18, stem 70, more -49, option -37, feedback -74, hint -32, facts 25, row -13, lines -21, keys -44, remark -15
behind word-lone: out -32, passage -73, stem 38, option -36, answer -81, feedback -67, facts 35, row -22, bank -16, keys -64, remark -12
behind word0: out 29, passage 24, more -14, wrapped -62, answer -23, hint -54, bank -24, remark -72
behind word0-again: out 93, passage -53, stem -87, option 17, answer 23, hint -24, facts -86, row -46, bank -17, lines 14, keys 32, remark -47
behind word1: passage -51, stem 19, more -29, option -47, answer 14, hint -21, facts -39, keys -52, remark -27
behind word1-first: out 55, stem -73, more -23, answer -27, facts 38, row -13, keys -32
behind2 arrow: out 15, passage -40, more -32, option 27, wrapped -17, answer -21, feedback -40, facts 31, row -14, keys -39, remark -60
behind2 asks: out -40, stem 14, more -31, option 16, wrapped 25, feedback -18, hint -57, facts 26, row -68, lines -20, keys -63, remark -17
behind2 box: out -17, passage -75, stem 24, more -31, wrapped 18, feedback 55, hint -38, facts -58, bank -40, remark -38
behind2 bracketed: out 20, passage -46, stem 14, wrapped -12, answer -43, feedback -83, hint -59, facts 22, bank -22, lines -23, keys -35, remark -25
behind2 bullet: more -25, option -23, wrapped -22, answer -27, feedback 21, hint -80, bank -60, keys 30, remark -15
behind2 capitals: out 34, passage -68, stem -31, option -24, answer 17, feedback 12, row 16, bank -15, lines -43, keys -52, remark -27
behind2 cells: out -35, stem -15, option 22, wrapped -62, feedback -19, hint -63, facts -46, bank -38, lines -12, remark -26
behind2 chatter: out -32, passage 24, stem -44, more -66, option -28, answer 28, facts -28, row -47, bank -12, lines 16
behind2 colon: passage -16, stem -24, more 13, option -14, answer 15, feedback -61, facts -37, bank -29
behind2 cue-answer: out 22, stem -43, wrapped -16, answer -43, feedback -19, hint -81, facts 31, row 18, lines -33, keys -114, remark -48
behind2 cue-difficulty: out -63, passage -25, more -19, option 13, wrapped -18, feedback 33, bank 26, lines -67, remark -42
behind2 cue-feedback: stem -13, more 13, option 49, wrapped -20, answer -59, feedback -48, facts -45, row -42, bank -46, remark 51
behind2 cue-hint: out -21, option 58, answer -17, row -25
behind2 cue-level: out 13, passage -20, stem -47, more 20, wrapped -19, answer -23, hint -17, facts -19, row -36, bank 21, keys -75, remark 43
behind2 cue-outcome: out 20, stem -52, answer -19, row -42, keys 45
behind2 cue-points: out -86, passage -22, stem -44, more -17, wrapped -13, answer 74, feedback -50, facts -13, row 34, bank -19, keys -40
behind2 cue-sample: out -41, passage 21, stem -24, more -22, answer 26, hint -26, facts -33, row -76, bank -35, lines 17, keys 36
behind2 cue-tags: out -58, stem -36, more -17, feedback 15, facts 52, row -37, keys -50
behind2 cue-wordBank: out -26, passage -27, stem -27, more 46, facts 28, keys -22
behind2 edge: out 21, passage -61, option -44, wrapped -61, answer -17, feedback -30, hint -43, facts -29, row -50, bank -39, remark -38
behind2 field: passage 24, option -18, wrapped 13, answer -26, feedback -31, hint -21, facts -57, row -25, bank -60, lines -21, remark -23
behind2 field-kind: passage -19, stem -50, answer -25, facts 51, row -47, keys -29
behind2 field-number: out 35, passage 21, stem -28, more 38, option -81, answer 36, facts 20, row -46, bank -21, keys -86
behind2 field-option: out -43, passage -41, stem -34, more 60, option 27, answer -42, row -37, bank -19, lines -28, keys -36, remark -19
behind2 field-stem: passage -67, stem -72, option -80, feedback -41, facts 42, row 19, bank -26, lines -15, keys -79, remark -20
behind2 gap: out -32, passage -64, answer -66, feedback -66, facts 44, row 58, bank -41
behind2 heading: out 24, passage 36, stem -27, more -33, option 42, answer -48, feedback -14, hint -14, facts -66, row -89, bank -36, keys -39, remark -14
behind2 identity: out 28, passage -72, stem -13, more -19, option -59, feedback -39, facts -96, row -43, remark -14
behind2 instruction: out -14, stem -81, option 16, answer 13, feedback -34, keys 43
behind2 key-title: out -15, passage -59, stem 38, more -34, option 50, wrapped -17, answer -61, feedback -20, hint -19, row -34, bank -13, lines -18, keys -76, remark -19
behind2 let-lone: out -34, passage 48, stem -17, option -48, wrapped -28, feedback -66, hint -65, facts -32, row 43, bank -58, lines -18, keys -57, remark -42
behind2 let0: out 15, passage -41, stem 72, more -18, option -32, wrapped -46, answer -55, feedback -51, hint -38, facts -33, row -50, lines -14, keys 59, remark -44
behind2 let1: out -33, passage -55, more 33, answer -34, feedback -16, hint -43, facts -56, row -36, bank -44, lines -44, keys -76, remark -22
behind2 let1-first: out 24, stem -31, option -30, wrapped -30, answer -21, feedback 15, row -28, bank -71, lines -32, keys -54, remark -58
behind2 let2: out -51, stem 64, more 12, wrapped -32, answer -26, feedback -35, facts -43, row -72, keys -16
behind2 let2-first: out 43, passage -26, stem -39, more 35, wrapped -22, feedback 14, row -34, bank -17, keys -33, remark -33
behind2 letter: out 13, stem -16, more -89, feedback 30, facts -51, row -52, keys -46, remark -27
behind2 lines: out -16, more 16, option 14, keys -18
behind2 num-lone: passage -28, answer -55, feedback 25, hint -19, row -20, bank 22, lines -45, keys 27, remark -23
behind2 num0: out -18, stem -32, more -31, answer -19, feedback -32, hint -29, bank -51, remark -38
behind2 num0-again: out -34, passage -102, more -21, option -21, wrapped -45, feedback -23, hint -36, facts -62, row -27, bank -38, lines -31, remark -53
behind2 num1: passage -60, more -20, option 16, wrapped -35, answer -43, feedback -20, hint -39, facts -49, bank -33, lines -31, remark -47
behind2 num1-first: passage 23, stem 14, more -75, wrapped -22, answer -19, feedback 14, hint -33, facts -35, bank -38, keys -20, remark -29
behind2 num2: out -53, option -21, answer -49, feedback -30, row 29, keys -14
behind2 num2-first: out 23, passage -19, stem -46, option 13, answer -41, feedback -30, facts 52, row -67, keys -52
behind2 number: out -21, passage -54, more -51, answer 69, feedback -32, row -52, lines -18, remark -34
behind2 pair: out 25, passage -28, stem 35, more 13, answer 13, feedback -101, facts -44, row -16, lines -17, keys -15, remark -33
behind2 phrase: option 31, wrapped 18, answer -17, hint -44, facts -51, bank -47, lines -24, keys -60, remark -12
behind2 rom-lone: passage -44, stem 39, option -31, wrapped 41, answer -64, row -77, bank -15, lines 32
behind2 rom0: out -35, passage 18, stem 54, option -16, answer -42, feedback -52, facts -94, bank -55, lines -25, keys 13, remark -25
behind2 rom0-again: out -60, passage -13, stem 15, option 35, answer -51, feedback -29, keys 18, remark -14
behind2 rom1: out -40, more -19, option 21, answer -35, feedback -18, facts -46, row -13, keys 27
behind2 rom1-first: out -55, passage 41, option 16, facts 20
behind2 rule: out -23, passage -39, stem -33, option -41, wrapped -19, answer 12, feedback -30, facts 15, row -65, bank -58, lines 14
behind2 section: out 25, passage -78, more 33, answer -28, facts -41, row -36, bank -56, keys -50, remark -17
behind2 sentence: out 33, passage -16, stem -59, option -20, wrapped -24, feedback -40, hint -39, facts 26, row -49, bank 27, lines -17
behind2 short: out 21, passage -57, option 17, feedback -32, hint -70, row -68, bank -54, remark -37
behind2 short-sentence: out -42, passage 26, more -19, wrapped -22, answer -39, feedback -111, hint -24, facts -78, row -33, lines -40, remark 20
behind2 table-down: out -16, passage -20, more -19, option 48, answer -85, feedback -40, row -55, bank -18, lines -17, keys 25
behind2 table-pairs: out -16, passage -13, stem 31, more -41, option -48, answer 37, feedback -44, hint -21, facts 25, row -29, bank -53, lines -33, remark -15
behind2 table-ticks: out -17, passage -23, more -49, option -46, answer 21, feedback -46, hint -14, facts -20, row 34, bank -14, lines -22, keys -35
behind2 table-wide: out -38, stem -25, answer -31, facts -44, row 47, keys -25
behind2 text: stem 58, more -42, option -57, wrapped 13, answer 35, feedback -31, hint -36, facts -28, row 15, remark -18
behind2 ticked: out -97, more -34, answer -85, feedback -31, hint 37, facts 13, row -18
behind2 truth: out -103, passage -17, more -69, option -46, wrapped -22, answer 96, hint -18, facts 50, keys -52
behind2 word-lone: out 22, passage -67, stem -34, option -37, wrapped -15, answer 15, facts -16, row -44, bank -44, keys -76, remark -42
behind2 word0: out -36, more 30, wrapped -26, feedback -47, hint -42, facts 16, row -13, lines -51, keys -89
behind2 word0-again: passage -20, stem 35, feedback -43, row -35, bank -23, keys 17
behind2 word1: out -76, more -40, option 17, answer -25, feedback 18, facts 40, row -20, keys -65
behind2 word1-first: stem 13, more 23, option -31, answer -44, facts -66, row -39, bank -17, keys -54
bold all: out -86, passage -119, stem 13, more -68, wrapped -37, feedback -102, hint -41, facts 83, row -103, bank -53, lines -41, keys -46, remark -46
bold some: out -18, passage -90, stem 30, more -80, wrapped -31, answer 31, facts -14, row -96, lines -24, keys -56, remark -30
box end asks: out -15, stem -20, option 48
box end bracket: stem -67, more -26, option 61, answer -72, feedback -18, facts -15
box end gap: out -13, stem -18, option 56, answer -17
box end none: out 25, passage -18, stem -38, more -20, option 20, answer -15, feedback -28, facts -49, row -42, keys -46, remark -22
box end stop: out -57, passage -20, stem -45, more -27, option 90, answer -92, feedback -23, remark -18
box open: out 21, option 33, answer -43, feedback -52, hint -19, facts -12, row -50, keys -25
box ticked: out -51, facts 58
box words 1: stem -31, option 13, facts -27, row -40, keys -34
box words 15: stem -22, more -21, option 31, answer -93, feedback -14, bank -13
box words 3: out 18, stem -19, more -31, option 18, answer -141, feedback -20, facts -35, row -25, keys -17, remark -15
box words 7: out 16, passage -18, stem -48, more -15, answer -105, feedback -24, row -16, lines -14, keys -21, remark -19
box words many: out 56, option -44, answer -22
bracketed end bracket: passage -45, stem -105, option -67, wrapped -22, answer -33, hint -39, facts -70, row -34, lines -40, remark -25
bracketed words 1: out -57, stem -15, more -35, option -56, answer 47, feedback -17, bank -33, keys 57
bracketed words 15: out 16, passage -38, stem -59, more 39, option -26, answer -60, feedback 19, hint -16, facts -22, row -19, bank -13, lines -16, keys -88, remark -17
bracketed words 3: out -13, stem -36, more 40, option -64, answer 32, feedback -55, facts -39, row -26, bank -58
bracketed words 7: out 13, passage -16, stem -55, more -67, option -44, answer -18, hint -22, facts -29, row -18, bank 14, lines -18
bracketed words many: out -67, stem -16, answer -34, feedback 45, keys -53
bullet end asks: out -67, stem 96, more 23, option -26, answer -60, feedback -17, row -34, remark -32
bullet end bracket: more -96, answer -73, feedback -75, facts -17, row 12, keys -34, remark -39
bullet end colon: out 33, stem 36, more -59, option -55, feedback -23, row -35, remark -27
bullet end gap: out 39, more -51, option -35, remark -14
bullet end none: passage -21, stem 20, option 29, answer -21, feedback -26, facts -54, bank -19, lines -15, keys -30, remark -68
bullet end stop: out -30, passage -40, stem -33, more -25, option -16, answer -147, feedback 24, hint -16, row -90, keys -29, remark 31
bullet run: stem 33, option -27
bullet words 1: out -63, passage -22, more 42, option 37, answer 27, feedback -80, row -83, keys -28, remark -46
bullet words 15: out 13, passage -18, more -142, option -55, answer -76, feedback -14, hint -15, facts -23, row -86, keys -42, remark 46
bullet words 3: out 30, passage -22, stem -13, more -91, option 43, answer -173, feedback -102, facts -33, row 26, lines -14, keys -23, remark -52
bullet words 7: out 14, passage -17, stem 13, option 15, answer -113, feedback 37, facts -39, row -100, bank -12, keys -30, remark -63
bullet words many: out -13, stem 44, option -41, answer -15, feedback -13
capitals end none: out 44, passage -47, stem -137, more -84, feedback -121, hint -21, facts -51, row -38, bank -26, lines -16, keys -21
capitals words 1: out 54, stem -38, more -31, option 19, answer -94, feedback 29, facts -46, keys -31
capitals words 3: out 30, passage -18, stem 14, more 24, option 32, feedback -78, facts -36, row -18, keys -64
capitals words 7: passage -34, stem -66, more -16, option -12, answer -19, feedback -43, facts -18, row -22, bank -16
cells end bracket: out 23, passage -30, stem -26, option -21, answer -54, feedback -23, hint -13, facts -22, row 31, bank -26, keys -70, remark -15
cells end none: out -13, more 13, answer -37, feedback -94, hint -39, facts -26, row -19, lines -33, keys -19, remark -27
cells run: out -24, passage -37, stem 17, more -67, option 52, answer -67, feedback -25, facts -49, row -53, bank -37, keys -124
cells words 15: out -44, passage -29, stem 21, option 17, wrapped -15, answer -114, feedback -43, hint -24, facts -73, row 14, bank -71, keys 24
cells words 3: out 43, passage -17, stem -47, more -15, option -82, feedback -20, row 16, bank -28, lines -14, keys -100
cells words 7: stem -48, more 22, wrapped -25, answer -104, feedback -65, hint -21, facts -17, row -20, lines -17, keys -22, remark -20
cells words many: out -79, passage -38, stem 58, more -48, option 13, answer -33, feedback -18, facts -15, keys 15
chatter end asks: out 38, feedback -13
chatter end bracket: out 13, keys -13
chatter end colon: out 54
chatter end comma: out -37, passage 37, answer -13, keys -14
chatter end none: passage -13, stem 16, feedback -13, facts -12
chatter end stop: out 62, passage -42, stem -22, option -22, answer -59, feedback -31, hint -19, facts -17, lines -13, keys -26
chatter run: out 28, passage -15, stem -28, answer -20, feedback -16, keys -13
chatter words 15: out 39, passage -52, option -20, answer -30, feedback -56, hint -14, facts -23, bank -13, keys -30
chatter words 3: out 45, passage -39, answer -30, feedback -16, facts -15, keys -18
chatter words 7: out -20, passage 36, answer -23, feedback -17
chatter words many: out 69, passage -32, stem -48, answer -24, feedback -35
colon end colon: out -14, passage -28, more 12, answer -40, feedback -37, facts -38, row -13, bank -18
colon words 15: out 49, stem -84, more -26, answer -23, feedback -22, keys -32
colon words 3: out 42, passage -14, stem -51, answer -20, feedback -18, facts -23, keys -46
colon words 7: out -85, stem 54, more 14, facts -17, row -13, keys 38
colon words many: out 41, stem -36, answer -27, feedback -23, keys -39
coloured: out -65, passage -29, stem 43, more -42, option 63, answer 86, feedback -24, facts -21, row -63, bank -15
columns: out -32, passage -17, stem 17, more -59, option 42, answer -94, feedback -58, hint -24, row -24, bank 46, lines -24, keys -14, remark -46
cue-answer end asks: out -14, answer 54, keys -42
cue-answer end bracket: out -21, stem -12, more -45, option -33, feedback -29, bank -44
cue-answer end colon: out -20, stem -21, more -15, answer -49, keys 50
cue-answer end comma: stem -15, option -17, answer 31, keys -20
cue-answer end none: out -99, passage -22, stem -42, more -62, option -25, wrapped -40, answer 44, feedback -37, facts -79, row -60, lines -14
cue-answer end stop: passage -17, stem -15, more -23, option -16, answer 67, feedback -47, bank -21, keys -36
cue-answer run: out -15, option -32, answer 21, keys -14
cue-answer words 1: out -39, stem -25, more -14, answer -37, bank -21, keys 47
cue-answer words 15: out -25, passage -19, stem -20, more -27, option -163, answer 20, feedback -41, bank 29
cue-answer words 3: out -64, stem -26, more -41, option -46, wrapped -32, answer 75, facts -68, row -30, bank -63, keys -81
cue-answer words 7: out -49, stem -29, more -57, answer 16, feedback -43, facts -23, row -30
cue-answer words many: answer 57, feedback -23, bank -17, keys -39
cue-difficulty end none: out -33, stem -47, more -31, option -52, answer -80, feedback -37, facts 45, row -33, lines -18
cue-difficulty words 3: out -38, stem -47, more -31, option -52, answer -77, feedback -37, facts 55, row -33, lines -18
cue-feedback end bracket: out -31, more 36, feedback -14
cue-feedback end none: out -88, stem -24, more -30, answer -24, feedback 77, facts -43, bank -16, keys -71, remark -14
cue-feedback end stop: passage -30, stem -51, more -21, option -55, wrapped -23, answer -102, hint -37, facts -22, row -33, lines -13, remark 38
cue-feedback words 1: out 22, stem -55, more 24, option 30, feedback -29, hint -13, facts 16, keys -32, remark -13
cue-feedback words 15: stem -44, more -19, option -43, wrapped -29, answer -52, hint -31, facts -16, row -27, keys 17
cue-feedback words 3: out -53, option -17, answer -41, feedback 115, remark -15
cue-feedback words 7: passage -20, stem -38, more -21, option -70, answer -49, feedback 48, facts -59, bank -19, keys -33, remark 29
cue-feedback words many: out -32, stem -19, option -19, answer -16, feedback 22, keys -22, remark -24
cue-hint end none: option 24, answer -35, feedback -32, hint -25, facts -14, row -12, keys -13
cue-hint end stop: out -53, passage -13, stem -33, option -18, wrapped -14, answer -54, feedback -44, hint 49, facts -21, keys -13, remark -14
cue-hint words 1: option 24, answer -35, feedback -32, hint -25, facts -14, row -12, keys -13
cue-level end none: passage -28, stem -65, more -37, feedback -42, row -26, keys -50
cue-level words 1: out -43, stem -20, more -16, option 44, answer -23, facts -23, row -14
cue-level words 3: out 33, passage -19, stem -32, more -31, option -26, feedback -40, facts -30, keys -44
cue-level words 7: out -114, stem -36, option -38, answer -118, facts 125, row -15
cue-outcome end none: passage -25, stem -54, option -48, answer -64, feedback -74, hint -24, facts 15, row -50, bank -20
cue-outcome words 7: passage -25, stem -51, option -48, answer -62, feedback -74, hint -24, row -50, bank -20
cue-points end gap: out 17, stem -22, facts -12
cue-points end none: out -27, stem -44, more -42, option -41, answer -18, feedback -45, hint -16, facts 26, row -34, bank -15, lines -23
cue-points words 15: out 17, stem -22, facts -12
cue-points words 3: out -27, stem -44, more -42, option -41, answer -18, feedback -45, hint -16, facts 26, row -34, bank -15, lines -23
cue-sample end comma: more -18, answer 40
cue-sample end none: out -49, stem -43, more -60, option -48, answer 25, facts -33, row -27, bank -35, keys 17
cue-sample end stop: out -22, passage -16, stem -40, more -38, option -12, answer 51, feedback -49, facts -17, row -13, bank -28, keys -43
cue-sample words 15: out -20, passage -18, stem -44, more -67, option -38, answer 60, feedback -15, row -27, bank -43, keys -63
cue-sample words 3: out -28, stem -24, option -24, answer -34, facts -27, keys 43
cue-sample words 7: out -14, answer 69, feedback -13, keys -13
cue-sample words many: out -53, passage -15, stem -34, more -26, answer 38, feedback -39, facts -13, row -12, bank -22, keys -17
cue-tags end none: out -12, passage -50, stem -31, more -31, option -41, answer -68, feedback -37, row -39, bank -27, lines -15, keys 19, remark -12
cue-tags words 3: out 16, passage -48, stem -30, more -34, option -40, answer -61, feedback -31, row -41, bank -26, lines -16, keys -41
cue-wordBank end none: out -12, passage -39, stem -34, more -40, option -29, answer -47, feedback -39, facts -26, row -27, bank 49, keys -32
cue-wordBank words 7: out -12, passage -39, stem -35, more -38, option -35, answer -47, feedback -39, facts -26, row -27, bank 48, keys -32
end asks: out 14, stem 25, option -88, wrapped -49, answer -103, feedback -67, hint -32, facts -68, row -78, bank -41, lines -45, keys -97, remark -73
end bracket: passage -104, stem 13, more 26, option -38, wrapped -83, hint -61, row -65, lines -84, keys -45, remark -72
end colon: out 81, passage -63, stem 13, option -113, answer -86, feedback -48, hint -35, row -27, bank -29, lines -44, keys 17, remark -40
end comma: passage 39, stem -58, more 41, option -43, wrapped -32, answer 46, feedback -49, hint -25, facts -31, row -32, bank -23, lines -22, keys 19, remark -38
end gap: passage -30, more -18, option -39, wrapped -23, answer -47, feedback -54, hint -30, facts -17, row -51, bank -31, lines 30, keys -57, remark -25
end none: passage -27, stem -62, more -71, wrapped -25, feedback -36, hint -115, bank -21, lines -153, remark -178
end stop: out -48, stem -28, more -33, option -32, wrapped -16, answer -26, feedback 27, facts -137, row -196, bank -134, lines -138, keys -44, remark 33
field end asks: out -100, passage 43, stem -16
field end bracket: out -53, passage -39, stem 44, more -14, option 32, answer -88, feedback -49, facts -66, row -61, keys -19
field end colon: out 47, passage -46, stem -40, more 15, option -49, answer -56, feedback -26, facts 45, row -18
field end gap: out 18, more -24, answer -59, feedback -28, facts -65, row -21, keys -17
field end none: passage 26, more -69, option -101, wrapped -13, answer -37, feedback -144, hint -24, row 13, bank -47, lines -26, keys -62, remark -15
field end stop: out -48, passage 31, stem -16, option -68, answer 26, hint -19, facts -39, row -24, bank -12, keys 20, remark -14
field words 1: out 50, stem -42, more -13, option -45, answer -27, facts 27, row -31
field words 15: out -18, stem 28, option -99, feedback -102, hint -19, facts 20, row -61, bank -15, keys 17, remark -16
field words 3: out -19, passage 34, more -42, option -74, answer -72, feedback -73, facts -18, row 36, bank -13, lines -22, keys -35, remark -13
field words 7: out 19, passage -19, stem -29, feedback 14, hint -18, facts -29, row -40, bank -27, lines -15, keys -48, remark -12
field words many: out -62, passage 53, feedback -17
field-kind end none: passage -40, stem -63, more -45, option -34, answer -28, feedback -52, row -35, bank -21, keys -42
field-kind words 3: out 12, passage -15, stem -30, more -39, option -30, answer -16, feedback -16, facts 17, row -31, bank -13, keys -22
field-kind words 7: passage -31, stem -44, option -19, answer -74, feedback -41, row -17, keys -23
field-number end none: out -36, answer -26, facts 68
field-number words 3: out -36, answer -26, facts 68
field-option end none: out -68, stem -60, more -19, option 72, answer -49, facts -50, row -59, keys -31, remark -16
field-option end stop: option 20
field-option words 3: out -44, stem -55, more -15, option 52, answer -36, facts -41, row -44, keys -30
field-option words 7: out -47, stem -36, more -13, option 44, answer -18, facts -13, row -37, keys -16
field-stem end asks: stem 31
field-stem end bracket: stem 29, more -25
field-stem end colon: stem 12
field-stem end none: stem 25
field-stem end stop: out -22, stem 36
field-stem words 15: out -23, stem 59, more -29
field-stem words 7: stem 23
field-stem words many: stem 24
field-time end none: out -29, passage -25, stem -49, answer -26, feedback -80, hint -17, facts 26, row -28, keys -58
field-time words 3: out -29, passage -25, stem -49, answer -26, feedback -80, hint -17, facts 26, row -28, keys -58
first: out 32, passage -76, stem -15, facts -16, bank -41, keys -65
full asks capital: passage 25, stem -132, more 17, option -28, feedback -40, facts 48, bank -33, lines -28, keys -87, remark -15
full asks label: passage -36, stem -20, more 36, answer 25, feedback -16, facts 14, row -95, keys -54, remark -47
full asks small: out -45, passage -51, stem 23, more -49, option 38, answer -18, feedback -21, row -54, bank -12, lines -12, keys -70
full bracket capital: passage -31, stem -18, more -49, wrapped -16, answer 34, feedback 58, hint -18, facts -23, row -29, lines 14, keys -43
full bracket label: out -17, stem -20, option -20, answer -132, feedback -48, facts 27, row -28, bank -13, keys 42, remark -41
full bracket small: out 37, passage -16, stem -32, answer 12, feedback -41, row -34, bank -12, lines -16, keys -57
full colon capital: passage -16, stem -33, more -54, option -44, answer 57, feedback -37
full colon label: out 48, stem -37, more 27, option 86, row -50, keys -38
full colon small: out 41, stem -26, more -12, option 13, answer -14
full comma capital: passage 17, stem -52, more 42, option -27, feedback -55, hint -29, facts -46, keys -53
full comma label: stem -27, more 43, option -25, answer -34, row -45, keys -23
full comma small: out -33, passage 12, stem -98, option -41, wrapped 28, answer 13, feedback -107, facts -22, bank -20, keys 28, remark -29
full deeper capital: out -131, passage -13, stem -87, more 33, wrapped -26, answer 20, feedback 43, facts 60, row -44, bank -41, lines -32, keys -32, remark -27
full deeper label: out -72, passage -14, stem -70, more 33, answer 35, feedback -42, facts -25, row -44, lines -19, keys 19, remark -44
full deeper small: out -56, passage -54, stem -102, wrapped 54, feedback -69, hint -22, row -35, bank -24, lines -29, keys 42, remark -39
full gap capital: out -26, passage -17, stem 15, more 26, option -41, answer 33, feedback -13, facts -43, bank 23, lines 35, keys -88
full gap label: out 39, passage -12, stem -24, more 14, option -13, answer -31, facts 55, row -45, keys -28
full gap small: out -25, stem -30, option 18, feedback -53, bank -21, keys -62
full none capital: out -35, passage -45, stem -23, more 15, wrapped -38, answer 20, feedback 14, hint -13, facts 31, row -47, lines -24, remark -32
full none label: out -39, stem -24, more -18, wrapped -16, answer 15, feedback -84, hint -18, row 20, lines -12, keys -35, remark -47
full none small: out -51, stem -66, more 90, option -54, wrapped 75, hint -61, facts -75, row -35, bank -36, lines -31, keys 47, remark -53
full out capital: out -31, stem -73, more -90, option 15, answer 63, feedback 37, facts -30, row -18, bank 19, lines 34, keys -48
full out label: out -38, stem -60, more -83, answer -20, feedback -38, facts 21, keys -18, remark -68
full out small: out -110, stem -59, more -46, wrapped -21, answer 35, row -24, keys -18, remark -15
full same capital: option -48, wrapped -31, feedback -63, hint -57, row -69, remark -65
full same label: passage -14, stem -32, more 56, option -57, wrapped -19, feedback -87, hint -22, row 17, bank -31, lines -28, keys -31, remark 33
full same small: out -24, passage 22, stem -33, more 37, option -24, wrapped 46, answer 26, hint -59, facts -40, row -39, bank -16, lines -29, remark -52
full stop capital: passage 17, more 17, option -15, wrapped -15, answer -25, feedback -32, facts -45, row -29, lines 55, remark -47
full stop label: out 13, passage -39, option -42, answer -27, feedback -19, facts -27, row -16, bank -22, lines -22, remark 34
full stop small: passage -46, more -84, option -30, wrapped -31, answer 23, feedback -57, facts 39, remark -25
gap: out -66, stem 31, more 26, option -92, wrapped -21, answer -38, feedback -66, hint -28, facts -18, bank -36, lines 38, keys -130, remark -35
gap 0: out -32, passage -41, stem -53, wrapped -21, hint -51, facts -21, row -14, bank -53, lines -41, keys -17, remark -34
gap 1: out 23, more -80, option -49, wrapped -127, feedback -54, hint -29, facts -14, row -71, bank -21, lines -39, keys -71, remark -55
gap 2: passage -97, stem 59, more -60, option -132, wrapped -28, answer -203, feedback -62, hint -59, facts -16, row -63, bank -75, lines -53, keys 120, remark -36
gap behind 0: out -13, stem -20, more -43, wrapped -35, answer -57, feedback -68, hint -80, row -22, bank -88, lines -47, remark -43
gap behind 1: passage -25, more -13, option -23, wrapped -55, feedback -13, facts -23, row -50, lines -28, keys -56, remark -35
gap behind 2: out 13, passage -41, more 45, option -34, answer 17, feedback 19, hint -84, facts -94, bank -49, lines 17, keys -29, remark -45
gap end bracket: out -91, passage -29, stem 35, more -21, option -27, feedback -30, facts -19, row -18, keys -16
gap end colon: stem -24, more 23
gap end comma: passage 33, stem -23, answer -13
gap end gap: out 32, passage -49, stem -16, option -26, feedback -27, hint -14, facts -31, row -22, bank -16, lines -24, keys -22
gap end none: out -19, passage -18, stem -17, more 59, answer -101, feedback -21, facts -16, row -21, bank -13, keys -15
gap end stop: out -49, passage 22, more 13, option -17, answer -54, feedback -32, lines -17, keys -26
gap run: out -14, stem 27
gap words 1: out -36, stem 37, more -42, answer 34, lines -18, keys -20
gap words 15: out -18, stem 22, answer -71, feedback -31, row -17, bank -14, lines -27, keys -29
gap words 3: out -59, stem -37, more 45, answer -35
gap words 7: out 38, passage -62, option -47, answer -13, feedback -38, facts -37, row -21, bank -20, lines -22, keys -24
gap words many: out -53, passage 25, stem -26, more 44, answer -68, feedback -15
gaps: out 40, passage -74, option -78, answer -28, feedback -51, hint -20, facts -43, row -54, bank -29, lines -35, keys -72, remark -20
glued answer: passage -51, stem 129, more -71, option -44, wrapped -23, answer -52, feedback -90, hint -25, facts -40, row -63, bank -46, keys -77, remark -13
group 1: out 27, stem -46, more 32, option -70, wrapped -33, answer -24, feedback 17, facts -57, row -40, bank 13, lines -53, keys -26, remark -74
group 2: passage -40, stem -15, more -27, option -29, wrapped -71, answer 15, feedback -37, hint -97, facts -74, bank -44, lines -16, remark -72
group 4: out -31, stem -39, more -35, option 20, wrapped -44, answer 19, feedback -46, hint -130, row 52, bank -24, lines -14, keys -27, remark -93
group 8: out -57, passage -38, stem -28, more -50, option -13, wrapped 19, answer -17, feedback -59, hint -78, facts -29, row -29, bank -81, lines -61, keys -47, remark -86
group answer: out -35, passage -60, stem -44, option -63, wrapped -50, answer 24, feedback -27, hint -82, facts -51, row -31, bank -14, lines -68, remark -58
group answer many: stem -82, more -90, option -34, wrapped 12, answer 67, feedback -195, hint -20, facts -37, row -109, lines -33, keys -40, remark -12
group bank: out -39, stem -27, more -32, option -23, answer -17, feedback -68, row -35, bank 49, keys -47
group facts: out -20, passage -58, stem -26, more -61, option -50, answer 45, feedback -69, hint -17, facts 21, row -55, bank -25, lines -34, keys -99
group facts many: out -48, passage -68, stem -133, more -72, option -94, wrapped -35, answer -55, feedback -60, hint -21, facts 83, row -80, bank -39, lines -39, remark -17
group feedback: out 15, passage 13, more -73, wrapped -52, feedback 15, facts -34, row -49, bank -38, lines -14, remark -75
group feedback many: out -34, passage 16, stem -53, option -50, wrapped -18, answer -26, feedback 35, hint -31, facts -44, row -20, bank -18, keys -47, remark 41
group keys: out 49, passage -31, stem -39, more -107, option -23, answer -41, feedback -29, hint -31, facts -91, row -85, bank -14, lines -29
group keys many: out -80, passage -39, more -51, option -19, feedback -12, hint -35, facts -37, row -22, bank -35, lines -34, remark -41
group lines: out -66, passage -13, answer -23, facts -20, lines 46
group lines many: out -31, more -15, answer -13, facts -15, lines 37
group many: out -19, passage -55, stem 40, more -64, option 51, wrapped -125, feedback -51, hint -56, facts 22, row -113, bank -75, lines -44, remark 58
group more: out -15, more 36, option -18, wrapped -19, hint -40, facts -40, row -73, bank -22, keys -44, remark -63
group more many: out -54, passage 15, stem 55, more 30, option -107, wrapped -40, answer 30, facts -48, row -64, lines -14, keys -63
group option: out -24, passage -42, stem -61, more -28, option 19, wrapped -56, answer -42, hint 17, facts -23, row -30, bank -43, lines -41, keys -21, remark -27
group option many: out -35, passage -108, stem -86, more -127, option 74, wrapped -17, answer -51, feedback -107, hint -48, facts -123, row 20, bank -43, lines -43, keys -34, remark -19
group out: out 37, stem -56, more -36, option -61, wrapped -66, answer -12, hint -29, facts -59, lines -26, remark -79
group out many: out 21, more -103, option -95, wrapped -30, feedback 16, hint -12, facts 22, row -154, bank -40, lines -60, keys -48, remark -42
group passage: stem -86, more -26, wrapped -29, answer -18, feedback -48, hint -38, facts -52, bank -30, lines -31, keys -82, remark -36
group passage many: passage 87, stem -16, more -101, option -43, wrapped -15, answer -117, feedback -21, facts -15, row -18, keys -36, remark -15
group row: passage 54, stem -32, more -21, option -15, wrapped -20, answer -69, feedback -74, hint -17, bank -50, lines -41, remark -27
group row many: out -21, passage -54, stem 41, more -75, option 15, answer -101, feedback -51, facts -51, row 24, bank -29, lines -22
group stem: out -36, passage -61, stem 54, more 19, option -115, wrapped -69, answer -20, feedback -27, hint -30, facts -90, row -116, bank -72, lines -28, keys -45, remark -88
group stem many: out -65, passage -23, stem 131, more -33, option -137, wrapped -55, answer -179, feedback -87, hint -42, facts -76, row 46, bank -55, lines -49, keys -17, remark 23
group wrapped: out -43, passage -20, stem -26, more 13, option -41, wrapped 29, answer -74, facts -17, keys 32
hangs: passage -66, stem -59, more 58, option -60, wrapped 52, answer -18, feedback -98, hint -43, facts -40, row -39, bank -45, lines -15
hangs_: out -113, passage -28, stem 18, option 20, answer 61, feedback -76, facts -32, row -22, bank -51, lines -12, keys -22, remark -25
heading: out 50, passage -69, stem -103, more -41, option -64, answer -80, feedback -81, hint -15, facts 36, row -83, bank -43, lines -30
heading end asks: out 48, keys -38
heading end bracket: more -22, answer 30, feedback -30, facts -99, bank -21, lines -19, keys -43
heading end none: passage -42, stem -66, more -20, option -45, answer -178, feedback -54, row -37
heading end stop: out 63, stem -18, more -12, answer -41, facts -15, keys -22
heading words 1: out 34, option -23, answer -40, facts -91, keys 24
heading words 15: out 30, more -22, answer -51, feedback -13, facts -53, lines -19, keys -42
heading words 3: passage -29, stem -61, more -30, option -38, answer 17, feedback -37, row -26
heading words 7: out 12, passage -20, stem -59, answer -51, feedback -34, facts 32, row -12, bank -17, keys -75
heading words many: out 17
identity end gap: out 54, stem -20, answer -15, facts -28
identity end none: out 66, answer -22
identity words 15: out 48
identity words 3: out 32, answer -22
identity words 7: out 53, stem -20, answer -13, facts -27
indent deeper: out -79, passage -65, more -16, wrapped 32, hint -64, facts -52, bank -102, lines -24, remark -34
indent out: out 18, passage -48, stem -20, more -126, option -69, wrapped -109, hint -18, facts 16, row -28, bank -24
indent same: stem -30, option -14, wrapped -104, answer -26, feedback -43, hint -53, facts -32, row -38, bank -39, lines -43, keys -19, remark -65
instruction end none: out 22, feedback -15
instruction end stop: out 49, stem -17, answer -14, feedback -29, keys -32
instruction words 15: out 50, stem -17, answer -14, feedback -29, keys -32
instruction words 7: out 23, feedback -15
is arrow: passage -41, stem -44, option -19, answer 20, feedback 16, facts -55, row -71, bank -34, lines -21, keys -53
is asksEssay: out -100, passage -63, stem 72, option 66, answer -71, facts 39, row -51, bank -30, lines -15, keys -52, remark -44
is asksMatch: out -90, passage -56, stem 92, more -76, option -20, wrapped -16, hint -24, facts -40, row 31, bank -36, lines -16, keys -26, remark 45
is asksOrder: out -40, passage -27, stem 86, option -20, answer -47, feedback -53, facts -46, row -21, bank -19, keys -15, remark -35
is asksSeveral: passage -24, stem 56, more -39, option -59, wrapped -21, answer -98, feedback -76, facts -35, row -22, bank -32, lines -13, keys -92, remark -20
is blankLine: out -72, passage -37, stem -27, option -35, answer -13, feedback -26, hint -16, row -29, bank -13, lines 59, keys -20
is bracketed: out -33, passage -46, stem 13, option -118, wrapped -26, answer 36, hint -41, facts -78, row -85, lines -45, remark -29
is capitals: out -24, passage -56, stem -39, more -29, wrapped -22, feedback -27, hint -54, facts -61, row -87, bank -71, lines -57, keys 17, remark -28
is chatter: out 78, passage 20, stem -87, more -20, option -57, answer -78, feedback -40, hint -20, facts -47, row -32, bank -19, lines -17, keys -44
is commas: out -78, passage 47, stem -74, more -32, option -26, wrapped -41, answer 21, feedback -87, hint -36, facts -47, row -71, bank 39, lines -26, keys 52, remark -18
is counts: out -117, passage -72, stem -34, more 38, option -65, answer 23, feedback -84, facts -33, row -65, bank 29, keys 69, remark -17
is dashStart: passage -56, stem 51, option -29, wrapped -43, answer -79, feedback -114, hint -30, facts -127, bank -55, lines -97, keys -99, remark 43
is identity: passage -31, stem -34, answer -62, feedback -19, facts 29, row -17, lines -19, keys -18
is instruction: out 76, stem -68, option -39, answer -49, feedback -37, facts -15, row -21, keys -59, remark -14
is keyPairs: out -103, passage -85, stem -32, option -63, feedback -85, hint -37, facts -31, row -98, bank -55, keys 117, remark -29
is keyTitle: out -130, passage -32, stem -69, more -37, answer -94, feedback -67, hint -22, facts -96, row -68, lines -22, keys 157
is legend: out 39, passage -76, stem -118, more -23, option -34, answer -42, feedback -52, hint -14, facts -28, row -21, bank -17, keys 26
is letter: out -20, stem -58, more 21, option -61, answer 64, feedback -47, facts -48, row -29, bank -16, keys -66
is lowercase: out -89, passage -45, stem -54, more -12, option -19, wrapped 33, answer 12, feedback -23, hint -82, facts -50, row -22, bank -69, lines -71, keys -21, remark -118
is number: out -18, passage -41, stem -53, more -13, option -51, wrapped -17, feedback -49, hint -30, facts -87, row -95, bank -36, lines -35, keys 49, remark -28
is pairSign: passage -38, more -54, option -84, wrapped -18, feedback 37, hint -32, facts -105, row 54, bank -46, lines -63, remark -93
is picture: out -78, stem -61, more 98, option -27, answer -96, feedback -47, bank -73, keys -13
is points: out -66, passage -78, stem 86, more 137, option -159, wrapped -20, answer -119, feedback -106, hint -53, row -93, bank -71, lines -33, keys -192, remark -34
is quoteStart: out -110, passage -29, stem -32, more -58, wrapped -15, answer -90, feedback 132, hint -63, facts -24, row -14, keys -21, remark -41
is remark: out -35, passage -26, more 72, option -23, answer -40, feedback -82, hint -17, facts 26, row -32, bank -18, keys -60
is rule: out 20, passage -44, stem -46, more -16, option -45, feedback -58, hint -12, facts -75, bank -32, lines 39, keys -71
is section: out 65, passage -49, stem -27, more -38, option -47, answer -56, feedback -60, hint -15, facts -28, row -63, bank -28, lines -13, keys -36, remark -17
is strokes: out -83, passage -37, more -60, option 40, answer 83, feedback -119, facts -14, row -33, bank -53, lines -12, keys 24
is truthLead: passage -49, stem 64, more -52, option -70, answer -99, feedback -90, hint -28, facts -25, row -38, bank -16, keys -12, remark -48
is truthTail: out 20, passage -59, stem 61, more 45, option -70, answer -70, feedback -20, facts -37, row -55, bank -13, lines -13, keys -47
is truthWord: out 67, passage -44, stem -64, option -211, wrapped -19, answer 88, feedback -81, facts -42, row -69, bank -25, lines -20, keys 56, remark -15
key-title end bracket: out -41, stem -16, option -22, answer -16, feedback -27, facts -20, bank -13, keys 40
key-title end colon: out -73, stem -20, keys 91
key-title end none: out 16, passage -23, stem -33, option -18, answer -27, feedback -16, facts -27, row -13, bank -18
key-title end stop: passage -31, stem -26
key-title words 1: out -64, option -12, answer -16, keys 19
key-title words 15: out 89, passage -22, stem -24, keys -83
key-title words 3: out -82, stem -23, more 29, option -27, answer -16, facts -17, keys 52
key-title words 7: out -76, passage -31, stem -22, option -20, answer -25, feedback -34, facts -21, bank -18, keys 69
key-title words many: out 73, passage -21, stem -36, answer -12, bank -15, keys -72
last: out 24, passage -37, stem -15, option -29, wrapped -38, feedback -13, hint -33, facts -31, row -37, bank -22, lines -36, remark -20
last but one: out 14, passage -52, option -23, wrapped -34, answer -51, feedback -40, hint -22, facts -28, row -30, bank -54, keys 12, remark -50
lead: out -163, passage -18, more -19, option -54, answer -12, feedback -67, facts -58, row 94, bank -13, lines -13, keys -73, remark -37
let again: out -46, stem 36, option -43, answer -36, row -15
let again asks few: out -46, stem 36, option -43, answer -36, row -15
let again fits most: stem -39, keys 50
let asking few: out 38, stem 94, more -50, option -49, facts -14, keys -17
let asking most: out -26, passage -15, stem 80, more -31, answer -64, facts -18, row -37, bank -14, lines -19, keys -38
let asking none: out -25, passage -24, stem -41, more -53, option 21, wrapped -110, answer -54, feedback -103, hint -60, facts -106, row 18, bank -64, lines -62, keys -61, remark -21
let asking some: out -83, passage -21, stem 100, more -68, option -16, wrapped -16, answer -60, feedback -45, row 17, bank -19, remark -38
let bare: out -34, stem -101, more 47, option 66, answer -132, feedback -23, hint -14, facts -28, row 43, bank -15, keys 39, remark -79
let-lone end asks: stem 55, option -42, answer -46, facts -16, row -23, keys -31
let-lone end bracket: passage -24, stem -65, option -21, answer 93, row -55, keys -65
let-lone end none: out -31, passage 19, stem -48, option -22, wrapped -26, feedback -31, facts -62, bank -24, lines -14, remark -14
let-lone end stop: out 44, passage -121, stem 12, option -32, answer -88, feedback -45, hint -23, facts -34, row -56, bank -21, lines -15, remark -21
let-lone run: out -29, passage -27, stem -95, more -41, option 71, answer -72, row -99, bank -17, keys 26, remark -16
let-lone words 1: passage 31, stem -71, more 15, option -52, wrapped -20, feedback -33, facts -55, row 14, keys -40
let-lone words 15: passage 13, stem 22, more -60, option 32, answer -79, feedback -24, facts -13, row -47, bank -13, keys 18
let-lone words 3: out 65, passage -74, stem -37, option -61, answer -67, facts -33, row 15, keys 17
let-lone words 7: out -14, passage -111, more -28, option 64, feedback -23, hint -15, row -20, bank -30, lines -14, keys -65, remark -18
let-lone words many: out -72, passage -14, stem 41, more -15, answer -36, row -39, keys 35
let0 end asks: out 41, stem -38, option -14, keys 18
let0 end bracket: out -42, stem 23, more -38, answer 79, row -14, keys -61
let0 end gap: out -22, stem -29, option 28, answer -26, row -16
let0 end none: stem -50, more -15, option 13, answer -118, facts -44, row 14, remark -15
let0 end stop: out 41, passage -26, more -14, option 21, answer -70, feedback -21, facts -13, row -17, bank -15, keys -48, remark -18
let0 of 1: out -19, passage 31, stem 21, option -41, answer -21, feedback -48, hint -20, facts -51, row -16, bank -33, lines -25, remark -17
let0 of 2: out 24, passage -33, stem 18, more -21, option -16, feedback -15
let0 of 4: stem -41, more 14, option 13, answer -23, feedback -34, facts -41, bank -19, lines -19, keys 33, remark -20
let0 of 8: out -71, stem 108, more -51, option 19, wrapped -17, answer -59, feedback -21, hint -14, facts 23, row -19, keys -75
let0 of many: out -114, passage -21, stem 50, more -108, option -45, answer -34, facts 25, bank -16, keys 82, remark -20
let0 run: out 25, option 28, keys -28
let0 words 1: out -69, passage -17, stem -36, more -37, option 37, answer 89, facts -32, row -18, keys -35
let0 words 15: out 16, passage -17, stem 13, more -13, option -63, answer -53, feedback -18, bank -19, keys 26, remark -18
let0 words 3: answer -115, facts -17, row -66, keys 43
let0 words 7: stem -60, more -21, option 85, answer -57, keys -78
let0 words many: out -25, stem 32, option -14, keys 31
let1 end asks: out -31, stem 26, option -14, answer -18, feedback -15, row -31, remark -34
let1 end bracket: stem 29, more -17, option -15, answer 46, row -103
let1 end gap: out -26, stem -26, option 60, answer -34
let1 end none: passage -34, stem 22, more -47, wrapped -31, answer -22, feedback -40, hint -38, facts -42, bank -38, lines -38, keys -18, remark -67
let1 end stop: out -46, stem -35, more -17, option 17, answer -80, feedback -19, row -79, keys -39, remark 31
let1 of 1: passage -13, more -41, wrapped -29, answer -14, feedback -68, hint -17, facts -57, bank -34, keys -28
let1 of 2: out 39, stem -42, more -23, option -24, answer 37, feedback -18, facts -35, row -67, keys -91, remark -19
let1 of 4: out -27, passage -50, stem 20, more -49, wrapped -52, answer -91, feedback -57, hint -49, facts -47, row 31, bank -47, lines -46, keys -37
let1 of 8: out -35, more -24, option 44, answer -70, feedback -13, facts 28, row -15, remark -23
let1 run: stem 25, answer -169, keys -31, remark -12
let1 words 1: passage -34, stem -18, more -35, option -14, wrapped -23, answer 19, feedback -38, hint -38, facts -41, row -72, bank -38, lines -38, keys -59, remark -39
let1 words 15: out 17, stem 20, more -34, answer -121, feedback -27, row -61, keys -56
let1 words 3: stem -100, answer -126, facts -20, row 36, keys 27, remark -59
let1 words 7: out -43, option 29, answer -106, feedback -17, row -23, keys -81, remark 31
let1 words many: out -17, stem 46, option -44, row -29
let1-first end asks: out -19, stem -17, option 25
let1-first end bracket: out -14, stem 23, more -14, option 67, answer -40, row -20
let1-first end gap: out -18, stem -35, option 43, row -19
let1-first end none: passage -17, stem -42, more -48, wrapped -22, feedback -17, hint -17, facts -22, row -13, bank -18, lines -17, keys -43, remark -30
let1-first end stop: out -69, more -24, option 22, answer -68, feedback -17, facts -19, row -44, remark 23
let1-first run: out 33, stem -16, option -21, answer -86, keys -35
let1-first words 1: out 23, passage -17, more -19, option -28, feedback -18, hint -17, facts -21, row -56, bank -18, lines -17, keys -27, remark -17
let1-first words 15: out -85, stem -28, more -17, option 50, answer -64, row -38, remark 26
let1-first words 3: out -24, stem -85, more -55, wrapped -13, answer 13, facts -15, keys -13, remark -56
let1-first words 7: out -32, stem 39, more -37, option 35, answer -74, feedback -17, keys -41, remark -52
let1-first words many: out -13, stem 39, option 21, answer -37
let2 end none: stem -12, wrapped -42, row -50, keys -27
let2 end stop: out -32, stem -19, option 31, wrapped -16, answer -46, row -15
let2 of 1: out 18, passage -47, stem -28, more -30, option 18, answer -39, remark -16
let2 of 2: out 20, stem -25, more -27, option -24, answer 13, row -15, keys -39
let2 of 4: out -51, passage -22, stem 25, option 83, wrapped -43, answer -86, feedback -62, facts -33, row -59, bank -13, lines -34, keys 16
let2 of 8: out -14, stem -15, option 24, wrapped -25, answer -52, row -13
let2 run: out -30, option 42, answer -33
let2 words 1: out 29, option -35, wrapped -34, answer 17, row -20, keys -21
let2 words 15: out -23, stem -13, option 29, wrapped -21, answer -15, row -17
let2 words 3: option 42, wrapped -18, answer -50, row -15
let2 words 7: out -44, stem -29, more -15, option 62, wrapped -23, answer -58, feedback -18, hint -12, row -25, keys -17
let2-first end none: out 14, stem -31, more -27, wrapped -14, row -24, keys -19
let2-first end stop: out -16, stem -21, more -18, option 19
let2-first run: out -19, option 23, answer -13
let2-first words 1: out 27, more -25, option -30, keys -17
let2-first words 15: stem -15, option 26
let2-first words 3: out -26, stem -18, option 65, answer -45, row -14
let2-first words 7: out -34, stem -34, more -18, option 40, answer -36
letter end none: stem -38, option -18, feedback -33, facts -37, row -14, keys -42
letter words 1: stem -38, more 14, option -18, feedback -33, facts -37, row -14, keys -42
lines end gap: out -32, passage -25, stem -24, option -24, answer 16, feedback -14, facts 13, row -20, lines 17, keys -17
lines words 3: out -28, passage -25, stem -25, more 66, option -18, answer 19, feedback -13, facts 14, row -20, lines -48
look _asks: out 16, passage -65, stem 64, more -123, option -25, answer -41, feedback -36, hint -21, facts -26, row -28, bank -25, lines -19, keys -16
look _box: out 26, passage -16, stem -33, more -13, answer -44, facts -25, row -26, keys -22
look _bracketed: out 22, passage -18, stem -72, more 28, option -18, answer -108, feedback -115, bank -17, lines -14, keys 48
look _bullet: out -18, passage -37, more -87, answer -38, feedback -66, facts -28, bank -12, lines -16, keys -28
look _capitals: out 61, passage -24, stem -111, more -42, option -102, answer -19, feedback -67, hint -18, facts -58, bank -25, lines -15, keys -54
look _cells: stem 19, more -90, option 29, wrapped -19, answer -78, feedback -61, hint -35, facts -36, row -21, lines -18
look _chatter: out 23, answer -52, feedback -21, facts -29, bank -15, lines -17, keys -25
look _colon: passage -13, stem -21, answer -45, feedback -25, facts -13, keys 20
look _cue-answer: out -85, passage -21, stem -42, more -32, option -53, answer 34, feedback -59, facts -28, row -34, bank 18, lines -15
look _cue-feedback: stem -43, option -38, answer -49, feedback 27, hint -30, facts 13, remark -37
look _cue-level: out -13, passage -23, stem -57, more -32, answer -13, feedback -35, facts 12, keys -39
look _cue-points: out 15, stem -18
look _cue-sample: out -75, stem -50, more -32, option -37, answer 28, feedback -19, facts -34, row -17, bank -42
look _cue-tags: passage -46, stem -30, more -27, option -19, answer -45, feedback -19, facts -25, row -27, bank -26, keys 34, remark -12
look _cue-wordBank: passage -38, stem -23, answer -32, feedback -26, facts -26, row -18, bank 25, keys -24
look _field: passage 24, stem 45, more -34, option -26, answer -154, feedback -89, hint -19, facts -52, row -32, bank -26, lines -15, keys -92, remark -12
look _field-kind: out -66, passage -25, stem -35, answer -55, feedback -25, facts 87, keys -14
look _field-number: out -31, answer -23, facts 55
look _field-stem: out -19, stem 27
look _gap: out -29, passage 17, more 19, answer -72, feedback -40, hint -14, facts -20, row -21, bank -22, lines -23, keys -32
look _heading: passage -45, more -37, option -37, feedback -40, facts -23, row -30, bank -25
look _identity: out 56, passage -12, stem -21, answer -26, facts -24
look _instruction: out 39
look _key-title: passage -25, stem -45, more -13, option -14, answer -31, feedback -18, hint -13, facts -31, bank -21, keys 20
look _let-lone: out 16, passage -19, stem 13, more -56, option -21, answer -53, feedback -44, hint -28, facts -58, row -105, bank -36, lines -20, keys -126
look _let0: out 26, more -12, answer -62, feedback -17, facts -45, row -36, bank -23, keys -31, remark -17
look _let1: more -34, option 23, answer -82, feedback -17, facts -35, row -47, keys -40, remark -60
look _let1-first: out -15, stem -15, more -16, option 19, answer -87, facts -29, remark -26
look _let2-first: out -22, stem -28, option 32
look _letter: out -92, more -56, answer 59, feedback -28, facts -28, keys -37
look _num-lone: out 33, passage -19, stem 28, more -36, option -40, answer -40, feedback -96, hint -18, facts -100, row -67, bank -24, keys -12
look _num0: passage -56, more -66, option -56, wrapped -23, answer -23, feedback -40, hint -33, facts -27, bank -34, lines -35, keys -15, remark -40
look _num0-again: out 30, option -14, answer -37, facts -41, row -78
look _num1: passage -16, stem 22, more -45, option -50, answer -52, feedback -21, facts -24, row -38, bank -17, keys -39
look _num1-first: out 31, stem -41, more -21, option 31, answer -15, facts -41, row -36
look _num2-first: stem -26, option -18, answer -29, row 28
look _number: passage -23, stem -36, more -97, option -68, feedback -19, facts -45, bank -28, keys 18
look _pair: passage 40, stem -16, answer -150, feedback -113, hint -17, facts -41, bank -24
look _phrase: stem 17, more -112, wrapped -31, hint -14, facts -56, row -47, bank -53, lines -32, keys -43
look _rom-lone: passage -43, stem 42, more -15, option -20, answer -35, feedback -33, facts -35, row -21, bank -16
look _rom0: out 31, passage -28, stem -17, more -28, option -39, answer -49, hint -15, facts -24, row -24, bank -17, remark -23
look _rom1: out -17, stem 47, more -24, option -38, answer -30
look _rule: out 24, stem -39, more -33, option -41, answer 13, row -20, bank -14, keys -61
look _section: out 60, passage -49, stem -192, more -26, option -23, answer -45, feedback -29, row -25, bank -24, lines -13, keys -95, remark -17
look _sentence: out -15, stem 12, more -48, option 27, answer -24, feedback -33, hint -48, facts -42, row -33, bank -36, lines -25, keys -36, remark -66
look _short: out 18, passage -29, stem 60, more -132, option -46, wrapped -47, answer 17, feedback -116, hint -24, row -32, bank -34, lines -25, keys -68
look _short-sentence: passage -66, stem 15, more -123, option -89, feedback -65, hint -111, facts -22, row -19, bank -27, keys 26, remark -29
look _table-down: out -14, stem -37, answer -25, feedback -26, facts -12, keys 48
look _table-pairs: out -20, passage -44, stem -60, option -23, answer -30, feedback 28, facts -39, row -73, bank -35, keys 27
look _table-ticks: out -65, passage -14, stem -46, row 59, keys -13
look _table-wide: out 52, stem -22, answer -25, facts -27, keys -17
look _text: passage 16, stem 32, more -25, option -22, answer -22, feedback -101, hint -13, facts -26, row -25, bank -26, lines -25, keys -21
look _truth: out -41, passage -15, more -100, option -27, answer 48, facts -17, bank -30, keys -41
look _word-lone: passage -45, more -41, option -53, answer -60, feedback -30, facts 29, row -15, bank -20, keys -44
look _word0: passage -33, more -26, option -40, feedback -21, hint -23, facts 15, row -22, bank -23, lines -13, keys -38, remark -27
look _word0-again: stem 23, facts -36
look _word1: out -46, stem 78, facts -22
look _word1-first: out 22, stem 27, facts -25
look arrow: passage -37, stem -50, option -24, answer 13, feedback 24, facts -79, row -77, bank -47, lines -30, keys -68, remark -18
look arrow _bullet: out 40, stem -38
look arrow _cue-level: out -31, answer -27, facts 52
look arrow _heading: out 56, facts -57
look arrow _num-lone: out 52, stem -49, answer -40, facts -13
look arrow _num0: out -19, stem 19
look arrow _num0 arrow: out -26, stem 27
look arrow _num0_ num0: out -15, stem 15
look arrow _section: out 39, facts -26
look arrow _short: out 85, stem -33, answer -74, feedback -29, facts -28
look arrow _word0: out -28, facts 34
look arrow bracketed: out 20, more -27, answer -34, keys -14
look arrow cue-difficulty: out -27, more -35, option -54, answer 74, feedback -44, facts 40, keys -18
look arrow cue-difficulty_ cue-level: facts 17
look arrow cue-feedback: out -29, more -25, option -18, answer 36, feedback 27
look arrow edge: out -34, more -49, answer 65, keys -30
look arrow short-sentence: out -43, stem -49, option -12, feedback 53, hint -17, facts -14, keys -19, remark -19
look arrow word0: out -45, stem 38, more -24, option -59, answer 90, feedback -47
look arrow+: out -56, stem -40, more 14, option -77, answer 13, feedback 26, facts -38, row -26, bank -17, keys -38
look arrow_ bullet: out -12, option -33, answer 53
look arrow_ cue-level: out -17, option -23, answer 52
look arrow_ heading: option -53, answer 65
look arrow_ num-lone: out -43, more -46, option -34, answer 65
look arrow_ num0: passage -15, option -147, feedback -68, facts -16
look arrow_ section: out -22, more -22, option -68, answer 92
look arrow_ short: out -33, option -39, answer 58
look arrow_ word0: out -29, more -17, option -67, answer 97, feedback -24
look arrow_+: out 13, passage -17, stem -25, more -30, feedback -156, facts -45, row -24, bank -18, keys -21
look asks: more 41, option -40, wrapped -30, answer -64, feedback -57, hint -32, facts -71, row -55, bank -29, lines -54, keys -53, remark -30
look asks _asks: out -58, stem 48, more -23
look asks _box: out -47, stem -21, option 22, row -18, keys -13
look asks _box box: out -20, option 24
look asks _bullet: out -45, option 51
look asks _bullet bullet: out -27, stem -45, option 66
look asks _cue-answer: answer 59, keys -56
look asks _let-lone: option 21
look asks _let0: option 29, keys -13
look asks _let0 let0: option 29, keys -13
look asks _let1-first: out -25, stem -17, option 46, answer -19, row -17
look asks _let1-first let1: out -19, stem -17, option 35
look asks _num0: out -45, stem 30, facts -18, keys -17
look asks _number: out -42, more -54, option -53, answer 54, keys -56
look asks _phrase: out -27, stem 32, more -33, option -50, answer 19, feedback -25, bank -12, keys -15
look asks _section: out 38
look asks _short: passage 20, stem -38, more -18, answer -56, facts -17, keys -30
look asks _word0: out -24, answer -32, facts 43
look asks _word0 asks: facts 20
look asks _word0 short-sentence: answer -13, facts 17
look asks arrow: out -42, stem 16, more -43, option -18, answer 24
look asks box: out -88, more 21
look asks box box: out -25, option 41
look asks box ticked: out -33, option 39
look asks bracketed: out -27, stem -35, more 50, option -18, answer -25, feedback -14
look asks bullet: out -99, passage -15, stem -84, option 62, answer -35
look asks bullet bullet: stem -71, more -22, option 105
look asks cells: out -48, stem -56, more 32, answer -45, facts -14, row -13
look asks cue-answer: out -45, more 23, option -70, answer -17
look asks cue-answer cue-difficulty: answer 24, keys -17
look asks cue-answer cue-points: answer 23, keys -20
look asks cue-answer edge: answer -24, keys 24
look asks cue-answer_ section: answer 31, keys -31
look asks cue-answer_ text: answer 15
look asks cue-answer_ word0: answer 20, keys -16
look asks cue-difficulty: out -23, more 32, answer -14, facts 28
look asks cue-points: answer -15, facts 33
look asks edge: out 48, passage -14, stem -71, more -17
look asks field-option: out -18, stem -26, more 18, option 17, answer -21, keys -17
look asks field-option field-option: out -16, stem -16, more -15, option 18, answer -21, keys -17
look asks gap: out -68, stem -70, more 50, option -22, answer -37, feedback -14
look asks let-lone: out -49, option 65, answer -37
look asks let0: out -22, stem 50, more -47, option 36, keys -33
look asks let0 let0: stem -14, option 41, keys -32
look asks let1-first: out -70, stem -19, more 24, option 31, answer -47, row -14, lines -20
look asks let1-first let1: out -32, option 83, answer -44
look asks let2-first: stem -18, more 17
look asks num-lone: out 31, stem -17, more 30, answer -41, facts -75, keys -29
look asks num0: out 20, stem -16, more 40, option -13, answer -40, facts -21, row -13
look asks num0 num0: out -20, stem 20, answer -13, row -12
look asks num0-again: out -53, stem 50
look asks num0-again num0-again: out -13, stem -53, option 39
look asks num1-first: out -13, stem -18, more 25, option 21
look asks num1-first num1: stem -18, option 19
look asks number: out -36, more 26, option -33, keys -15
look asks phrase: out -27, stem -29, more 46, answer -43, keys -24
look asks rule: out 28, more -24, option -28, answer -20
look asks rule rule: more -15, lines 19
look asks short: out -69, passage 55, stem 24, option -16, answer 35, feedback -16, facts -26, keys -41
look asks short let-lone: out -43, passage 39, stem -15, more -20, option -19, answer -17, facts -16, keys -26
look asks short short: out -26, stem -43, more -71, option 38, answer -49
look asks word0: out 41, passage -38, stem -42, option -14, answer -31, facts 30
look asks+: passage 16, option -13, wrapped -17, answer -25, feedback -24, facts -37, row -18, lines -25, keys -33
look asks_ asks: passage -39, stem 15, more -13
look asks_ box: out -66, stem 57, more -22
look asks_ bullet: out -80, stem 18, more 48, answer -16
look asks_ cue-answer: out -64, stem 39, more -22
look asks_ let-lone: stem 40, more -36
look asks_ let0: out -20, stem -61, more 69
look asks_ let1-first: out -52, stem 66, more -34
look asks_ num0: out 25, passage -21, stem -34, more 32, answer -29, hint -14
look asks_ number: out -15, stem 14
look asks_ phrase: out -12, more 12
look asks_ section: out -31, stem 34
look asks_ short: out -24, passage 24, stem -19
look asks_ word0: stem 15, more 40
look asks_+: passage -23, more 47, option -34, answer -44, feedback -32, hint -18, facts -22, row -27, bank -19, lines -16, keys -25, remark -13
look box: passage -57, stem -62, more -101, option 57, wrapped -19, answer -27, feedback -93, hint -28, facts -77, row -55, bank -33, lines -38, keys -71, remark -57
look box _asks: out -53, stem 55
look box _bracketed: out -23, answer -13, keys 34
look box _bullet: out -63, stem 78, option -23
look box _bullet box: out -20, stem 31, option -18
look box _bullet_ bullet: out -48, stem 54
look box _capitals: out 66, answer -50, keys -19
look box _cells: out 54, stem -28, option -23, answer -28, row -15, keys -24
look box _cue-answer: answer 62, keys -60
look box _cue-answer_ num0: answer 33, keys -28
look box _cue-level: out -22, facts 28
look box _heading: answer -42, facts -47, keys 17
look box _heading_ num0: out 48, answer -32
look box _let-lone: out 66, stem -42, option -18, answer -46
look box _num-lone: out 90, stem -53, answer -46, keys -58
look box _num0: stem -25, option -13, answer -30, facts -12, row -26, keys 46
look box _num0 box: out -33, stem 39
look box _num0 cue-answer: out -21, stem 24
look box _num0 phrase: stem 33, keys -27
look box _num0 rule: out -21, stem 22
look box _num0 short: stem 19, keys -41
look box _num0_ num0: out -60, stem 65
look box _num1: out -41, stem 57, option -14
look box _num1 box: out -17, stem 38, option -14
look box _pair: out 32, answer -55, feedback -27, keys -55
look box _phrase: stem 23, option -60, feedback -78, keys -14
look box _phrase box: out -64, stem 75, option -31
look box _rom0: out 19, stem -17, option -18
look box _rule: out 64, stem -17, answer -42
look box _section: out 71, facts -42, keys -12
look box _sentence: passage -32, stem -43, answer -36, feedback 39, keys -15
look box _short: out 16, stem 31, option -37, wrapped -31, feedback -38, facts -92, keys -29
look box _short_ num0: out -12, stem -14, answer 15
look box _text: out 15, stem -34, option -44, feedback -41, keys 20
look box _word0: out 23, stem -45, option -13, answer -52, facts 24
look box _word0 asks: answer -26, facts 34
look box arrow: out -40, option -53, answer 83, feedback -87
look box box: out 13, passage -33, stem -103, more -60, feedback -51, facts -34, row -19, bank -15, lines -16, keys -38, remark -26
look box box arrow: out -15, option 35
look box box box: option 23
look box box bracketed: out -55, option 70
look box box cue-answer: out -38, option 58, answer -25
look box box cue-difficulty: option 24
look box box cue-feedback: option 21, answer -15
look box box edge: answer -26
look box box num0: out -40, option 47, answer -12
look box box number: out -15, option 15
look box box phrase: out -28, option 48, answer -18
look box box short: out -39, option 50
look box box_ asks: out -26, option 46, answer -23
look box box_ bracketed: out -21, option 25
look box box_ bullet: out -31, option 59, answer -24
look box box_ capitals: out 20, option -16, answer -27
look box box_ cue-answer: out -15, option 33, answer -19
look box box_ heading: out 28, answer -34
look box box_ key-title: out -18, option 24
look box box_ let1: out -29, option 30, answer -13
look box box_ num-lone: out -23, option 25
look box box_ num0: option 67, answer -32
look box box_ num1: option 25
look box box_ pair: out 31, option -31, answer -18
look box box_ phrase: out -19, option 20, answer -28
look box box_ rom0: option 13, answer -19
look box box_ rule: out -21, option 34
look box box_ section: out 17, answer -26, feedback -13
look box box_ sentence: out 32, answer -22
look box box_ short: out -17, stem -36, option -25, answer 36
look box box_ text: out -24, option 51, answer -14
look box box_ word0: out 43, answer -44
look box bracketed: out -38, option 28, answer 48, feedback -40, bank -26, keys -98
look box bracketed edge: out 38, answer -29, feedback -72, keys -43
look box cue-answer: out -38, answer 81, keys -58
look box cue-answer edge: answer 39, keys -36
look box cue-answer num0: answer 13
look box cue-answer phrase: answer 18
look box cue-difficulty: out -13, option 13, facts 19, keys -12
look box cue-feedback: out -40, option 41, answer -41, feedback 64, remark -30
look box cue-feedback_ num0: out -15, feedback 31
look box edge: answer -26
look box let-lone: out -28, stem -36, option 41, facts -43, row -32, keys -30
look box num0: out -52, stem 55, option -15, answer -52
look box num0 box: stem 42, option -44
look box num0 num0: stem 33, option -23
look box number: out -21, option -30, answer 15
look box phrase: out -110, stem -106, option -28, answer 44, feedback -84, row -33, keys -45
look box phrase box: out -26, stem -64, option 15, wrapped 26, answer -24, feedback -17
look box phrase_ num0: out -31, option 37, wrapped -13, answer -21, feedback -74
look box sentence: passage -19, stem -51, option 21, answer -83, feedback 14, keys -42, remark -25
look box short: out 12, passage -24, stem -64, option 14, wrapped -39, answer -12, feedback -87, facts -71, keys -60
look box short box: out -29, stem -16, option 46
look box short_ num0: out -100, option 30, wrapped -40, answer -18, feedback -30
look box text: out -52, stem -58, wrapped 12, answer 30, feedback -28, hint -16, keys -22
look box ticked: option 55, answer -51, feedback -32, facts -27, row -21
look box ticked box: out -15, option 44
look box ticked_ num0: out -17, option 39, answer -45
look box word0: out -15, stem 43, option -15, answer -75, feedback -41, facts 68
look box+: out 31, passage -21, stem -42, more -64, option 22, answer -146, feedback -26, facts -42, row -37, keys -32, remark -21
look box_ asks: out -38, option 58, answer -24
look box_ bracketed: out -21, option 25
look box_ bullet: out -31, option 59, answer -24
look box_ capitals: out 20, option -16, answer -27
look box_ cue-answer: out -15, option 33, answer -19
look box_ cue-level: out -21, option 47, answer -32
look box_ heading: out 28, answer -38
look box_ key-title: out -18, option 24
look box_ let-lone: out 17, answer -29
look box_ let1: out -29, option 30, answer -13
look box_ num-lone: out -23, option 25
look box_ num0: out -37, option 91, answer -38
look box_ num1: out -15, option 23
look box_ pair: out 31, option -31, answer -18
look box_ phrase: out -19, option 21, answer -28
look box_ rom0: option 13, answer -19
look box_ rule: out -21, option 34
look box_ section: out 19, answer -29, feedback -13
look box_ sentence: out 33, answer -22
look box_ short: out -17, stem -36, option -25, answer 36
look box_ text: out -24, option 51, answer -14
look box_ word0: option 27, answer -40, facts -15, row -18, keys -15
look box_+: out -23, passage -18, stem -59, option 31, feedback -40, facts -25, row -28, bank -15, keys -34, remark -20
look bracketed: passage -69, stem -134, more -23, option -97, wrapped -38, answer -25, hint -67, facts -107, row -51, bank 24, lines -60, remark -46
look bracketed _bullet: out -27, stem 15, option 17
look bracketed _cells: stem 44, answer -30, facts -18, row -17, bank -20, keys -21
look bracketed _cue-answer: answer 42, keys -39
look bracketed _cue-level: out -18, facts 20
look bracketed _heading: out -14, facts 22, keys -22
look bracketed _let1-first: out -19, option 23
look bracketed _let1-first let1: out -19, option 23
look bracketed _num0: stem 14, row -19, keys -43
look bracketed _num0_ num0: out -26, stem 30
look bracketed _phrase: out -15, stem -20, more -13, option -17, answer 24, feedback -32
look bracketed _section: out 39, stem -15, facts -19
look bracketed _short: out 58, stem -37, more -19, facts -22
look bracketed _word0: out -53, stem 27, answer -38, facts 48
look bracketed _word0 asks: answer -24, facts 39
look bracketed box: out -33, more 26
look bracketed bullet: out -43, stem 29, more 48, option -38, feedback -62, row -16, keys -39
look bracketed bullet bullet: out -33, stem 30, option 28
look bracketed cells: option 31, answer -36, feedback -18, facts -53, row -29, bank -13, keys -40
look bracketed cue-answer: out 45, stem -26, more -33, option -14, answer 20, feedback -38, bank -14, keys -34
look bracketed cue-difficulty: out -71, more 46, option -33, facts -21, bank -14, keys -52
look bracketed edge: out 39, more 16, feedback -12, bank -46, keys -71
look bracketed identity: out -39, answer -33, feedback 42, keys -52
look bracketed let-lone: stem -13, more 18, option 24, answer -18, feedback -19, row -28, keys -58
look bracketed let0: out -59, stem -18, more 15, option -33, answer -21, feedback 26, keys 53
look bracketed let0 let0: option -21, keys 22
look bracketed let1-first: out -41, stem -25, more 34, option 28
look bracketed let1-first let1: stem -23, option 29
look bracketed num-lone: out -46, answer -25, keys 48
look bracketed num0: out -87, passage -23, more -14, feedback 54, facts -13, row -15, bank -32, keys 23
look bracketed num0 let1-first: stem 20, option -13
look bracketed num0 num0: out -24, option 15, row -15, keys -14
look bracketed num0-again: out -19, keys 19
look bracketed pair: out -36, stem -56, option -13, answer -62, feedback -52, row -36, keys 49
look bracketed rule: out 50, more -27
look bracketed short: out 36, stem -16, answer -37, feedback -16, keys -25
look bracketed short-sentence: out 60, stem -36, option -13, answer -13, feedback -42, hint -19
look bracketed table-down: out -31, keys 37
look bracketed text: out 18, stem -17, more -51, option -44, answer 41, feedback -32, bank 25, keys 36
look bracketed word0: out -29, stem 65, more -17, answer -17, feedback 41, facts 60, bank -18, keys -61
look bracketed+: passage -28, stem -83, more 23, option -56, wrapped -13, answer -14, feedback 16, facts -63, row -24, bank -26, lines -16
look bracketed_ asks: out 24, answer 22, feedback -41
look bracketed_ bullet: out -85, more 45, answer 49
look bracketed_ cells: out 24, more -48, option -16, feedback 33, bank -33, keys -52
look bracketed_ chatter: out 39, answer -47, feedback -23, keys -37
look bracketed_ cue-answer: out -32, more 31, feedback -16, bank 19
look bracketed_ cue-level: out -20, answer 38, feedback -59, bank -17
look bracketed_ heading: more -27, option -14, bank -61, keys -38
look bracketed_ identity: out 65, answer -18, bank -18, keys -54
look bracketed_ let1-first: out -13, more 14
look bracketed_ num0: out 13, stem -18, more -12, option -19, answer 20, feedback -36, facts -13, row -15, bank -74, keys -95
look bracketed_ num0-again: out -16, answer 50, feedback -28
look bracketed_ phrase: out -19, more -15, feedback 12, bank 22
look bracketed_ section: answer 23, feedback 26, keys -68
look bracketed_ short: out -27, answer -22, feedback -47, bank 18, keys -15
look bracketed_ word0: more -17, option -38, facts -15, row -19, bank -58, keys -48
look bracketed_+: passage -29, stem -64, more -23, option -43, wrapped -12, answer -15, hint -30, facts -36, row -27, bank 17, lines -27, remark -19
look bullet: passage -52, stem 21, more 20, option 20, wrapped -29, answer -36, feedback 22, hint -45, facts -72, bank -35, lines -29, keys -59
look bullet _asks: out -57, stem 32, answer -20, feedback -16, bank -14
look bullet _bracketed: out 31, answer -48, keys 46
look bullet _bullet: out -145, stem 57, more -54, option -28, answer -32, facts -15, row -77, remark -17
look bullet _bullet box: stem 19, option -18
look bullet _bullet let0: stem 22, option -18
look bullet _bullet short: out -24, stem 38
look bullet _bullet_ bullet: out -54, stem 41, option -35, answer -21, row -32
look bullet _capitals: out 77, option -17, answer -68, keys -42
look bullet _cells: out -42, facts -39, row -22, bank -21, keys 21
look bullet _cue-answer: out -18, answer 36, keys -31
look bullet _cue-answer edge: out -18, answer 23, keys -20
look bullet _cue-level: out -35, stem -17, option 21, answer -14, facts -15
look bullet _field: out 34, stem -19, answer -36, facts -16, row -15
look bullet _heading: stem -19, answer -30, facts 19
look bullet _key-title: out -25, keys 31
look bullet _key-title num-lone: out -18, keys 20
look bullet _let-lone: out 34, passage -14, stem -38, answer -27
look bullet _let0: out 58, stem -30, option 22, answer -17, keys -27
look bullet _let0 let0: out -34, option 34, keys -27
look bullet _let1: out 16, stem 41, option -42
look bullet _num-lone: out 69, stem -46, answer -40
look bullet _num0: out -44, option -35, answer -60, facts 42, row -46, keys 24
look bullet _num0 bullet: out -74, stem 75
look bullet _num0 num0: out -19, stem -18, option -18, keys 19
look bullet _num0-again: out 43, stem -35, answer -13, facts -13, row -49, keys -53
look bullet _num0_ num0: out -54, stem 65, option -12, answer -46
look bullet _phrase: out -35, stem 27, more -15, option -34, answer 21, feedback -23, facts -13, keys -18
look bullet _rule: out 26, answer -13
look bullet _section: out 71, stem -26, answer -14, facts -20
look bullet _sentence: out 60, passage -38, stem -85, answer -50, feedback -39, keys -19
look bullet _short: out -28, passage -40, stem -97, answer 20, facts -42, keys -13
look bullet _short-sentence: out 21, passage -19, stem -50, option -41, feedback -38, hint -16, keys -51
look bullet _short_ num0: option -37
look bullet _text: out -27, stem 28, option -12, answer -32
look bullet _word0: out 35, stem -39, answer -23, facts 79
look bullet _word0 asks: facts 19
look bullet _word0 bullet: out -25, stem 30
look bullet _word0 let1-first: facts 17
look bullet _word0 phrase: facts 13
look bullet arrow: out -56, stem -39, more -30, answer 120, feedback -57, row -19
look bullet asks: out -76, passage -15, stem -37, more -17, option 38
look bullet asks cue-answer: out -25, stem -39, more 43
look bullet asks let0: stem -43, more 48, option -13
look bullet box: out -68, stem 50, more -26, option -45
look bullet box box: out -32, option 42
look bullet bracketed: out -128, stem 38, more 69, option -19, answer 70, feedback -57, facts -29, bank -49, keys -50, remark -12
look bullet bracketed cue-difficulty: out -33, more 47, option -21, answer 54, feedback -83, facts -24
look bullet bullet: out 18, passage -30, stem -28, more -62, option 32, wrapped -12, hint -17, facts -43, row 33, bank -12, keys -34, remark 14
look bullet bullet arrow: out -17, stem -37, option 76, answer -49, row -18
look bullet bullet bracketed: out -48, stem 39, more -21, option -17, answer -105
look bullet bullet bullet: out -15, more -86, option 13, answer -57, feedback -42, row 30
look bullet bullet cue-answer: stem -114, more 31, answer -96, row -75, keys -14, remark -14
look bullet bullet cue-difficulty: out -38, stem -55, option 52, answer -28, feedback -42, row -42, remark -21
look bullet bullet edge: out 21, stem -48, more -17, option 41, answer -40, row -13
look bullet bullet num0: stem -55, option 45, answer -111, feedback -28
look bullet bullet phrase: out -36, stem -23, option 65, row -16
look bullet bullet short: out 37, stem -22, answer -68, row -51
look bullet bullet short-sentence: out -30, stem -15, option 51, answer -39, remark -15
look bullet bullet word0: out -13, option 68, answer -30
look bullet bullet_ asks: out -27, stem -39, option 55, answer -22
look bullet bullet_ capitals: out 33, stem -43, answer -27, feedback -23, row -22
look bullet bullet_ cells: stem -60, option 46, answer -20, row -23
look bullet bullet_ cue-answer: out 53, stem -57, more -40, answer -45, feedback -19, row -40
look bullet bullet_ cue-level: out -26, stem -42, option 35, answer -41, feedback -24, row -25, remark -14
look bullet bullet_ heading: out 31, stem -44, option 13, answer -13
look bullet bullet_ key-title: out -54, stem -32, more -20, option 48
look bullet bullet_ let-lone: out 39, stem -65, option -27, row -28
look bullet bullet_ let1: option 48, feedback -20
look bullet bullet_ num0: out -30, stem -27, more -27, answer -73, feedback 21, row -68, remark 23
look bullet bullet_ num0-again: option 37
look bullet bullet_ phrase: out 28, stem -53, answer -14, row -16
look bullet bullet_ section: out -37, stem -20, option 64, answer -21
look bullet bullet_ sentence: out 43, stem -64, more -14, option -30, feedback -34, row -16
look bullet bullet_ short: out 51, more -24, option -33, answer -34, feedback -21, row -20
look bullet bullet_ short-sentence: out 46, stem -22, option -34, answer -18, feedback -24, row -60, remark -24
look bullet bullet_ text: out 19, stem -54, option 66
look bullet bullet_ word0: out 30, stem -59, option 69, answer -12, feedback -45, row -27, remark -25
look bullet cells: out 28, stem -43, option -32, answer -28, row -16, keys -27, remark -19
look bullet cells cells: out -27, stem -20, more -14, row 45
look bullet cue-answer: stem 33, more 35, answer 15, row -78, keys -34, remark -19
look bullet cue-answer cue-difficulty: option -62, answer 73, keys -17
look bullet cue-answer cue-feedback: option -14, answer 20
look bullet cue-answer edge: option -24, answer 20, keys -18
look bullet cue-answer short: option -40, answer 50
look bullet cue-answer_ bullet: answer 26
look bullet cue-answer_ num0: option -12, answer 25
look bullet cue-answer_ sentence: option -23, answer 28
look bullet cue-answer_ word0: option -25, answer 33
look bullet cue-difficulty: out -37, stem 38, more -27, answer -62, feedback -68, row -40, keys -21, remark -42
look bullet cue-difficulty edge: out -15, facts 19
look bullet cue-feedback: out -31, option 50, answer -35, feedback 19, remark -12
look bullet cue-sample: out -17, stem 33, answer 20
look bullet edge: out 29, stem -33, more -17, option 35, answer -52, feedback -25, row -21, keys -19, remark -29
look bullet field: out 51, passage -21, stem -53, option 48, answer -53, feedback -15, facts -37, row -22
look bullet let-lone: stem -46, more 14, option 50, answer -46, row -20, keys -17, remark -13
look bullet let0: out -33, stem 56, more -16, option -33, keys -24, remark -14
look bullet let0 let0: option 39, keys -24
look bullet num-lone: out -20, option 41, answer -27, feedback -27, facts -19, keys -29
look bullet num0: out 45, stem -29, more -43, option -21, feedback -47, facts -16, keys -22
look bullet num0 bullet: out 50, stem -47, option -85
look bullet num0 num0: out -32, stem 41, answer -19, keys -13
look bullet phrase: passage -12, stem -18, option 28, answer -19, feedback -115, row -23, keys -32
look bullet phrase bullet: out -41, stem -20, more 20, wrapped 34, answer -61, feedback -31
look bullet rule: out 46, stem -55, more 25, option 21, answer -27, lines -20
look bullet short: out 41, passage -55, stem -40, more 46, option -45, wrapped -18, answer -16, feedback 25, facts -75, row -44, keys -33
look bullet short bullet: out 26, stem -64, more -18, wrapped 18, answer -97, feedback -20
look bullet short num0: out 31, stem -23, more 55, option -16, wrapped -18, answer -73, feedback -55, facts -17
look bullet short-sentence: out -39, passage -29, stem -98, more -24, option 35, answer -59, feedback 52, hint -64, row -16, keys -34, remark -70
look bullet short_ let0: stem -18, more 27
look bullet short_ num0: out -89, more -36, option 26, wrapped -15, answer -22, feedback 20
look bullet text: out -23, stem -77, more 52, option -37, answer 48, feedback -53
look bullet truth: out -80, stem 29, more 39, option -30, answer -33
look bullet word0: out 32, stem -25, option 32, answer -66, facts 49
look bullet+: passage -45, stem 22, feedback -32, facts -52, keys -32
look bullet_ asks: out -27, stem -39, option 55, answer -22
look bullet_ bracketed: out -58, stem 41, option 27, row -21
look bullet_ bullet: out -89, stem 62, option 19, answer -30, feedback -32, row -55, keys -23, remark -50
look bullet_ capitals: out 18, answer -27, feedback -23, row -22
look bullet_ cells: stem -53, option 45, answer -20, feedback -16, row -26
look bullet_ cue-answer: out 47, stem -51, more 38, option -20, answer -57, feedback -26, row -42, remark -22
look bullet_ cue-level: out -41, stem 30, option 35, answer -41, feedback -31, row -26, remark -30
look bullet_ field: out 46, stem -48, option 24
look bullet_ heading: out -21, stem 19, option 13, answer -13
look bullet_ key-title: out 27, stem -33, more -23, option 24, row -18
look bullet_ let-lone: stem 36, option -29, row -28
look bullet_ let0: out -51, more -17, option -24, feedback -28, row 48, remark -20
look bullet_ let1: option 48, feedback -20
look bullet_ num-lone: out 40, stem -18, option -16
look bullet_ num0: out -50, stem -37, more -39, option 19, answer -92, feedback 29, hint -12, row -74, remark 22
look bullet_ num0-again: out -48, option 64, feedback -23, remark -24
look bullet_ phrase: out 14, option -31, answer -12, row -18
look bullet_ rule: out -54, stem 36, option 35
look bullet_ section: stem -18, option 17, answer -21
look bullet_ sentence: out 48, stem -71, more -15, option -33, answer -20, feedback -45, row -16
look bullet_ short: out 24, stem 30, more -24, option -33, answer -37, feedback -51, row -33
look bullet_ short-sentence: answer -19, feedback -24, row -60, remark -24
look bullet_ text: out 23, stem -57, option 66
look bullet_ word0: out 37, stem -76, option 78, answer -17, feedback -58, facts -13, row -30, remark -28
look bullet_+: passage -22, option -12, answer -106, hint -22, facts -16, row 17, bank -14, lines -13, keys -43
look capitals: out -16, passage -70, more 32, hint -30, facts -70, row -60, bank -29, lines -20, keys -23
look capitals _bullet: out 25, stem -20, option -20
look capitals _bullet bullet: out 42, stem -40, option -16
look capitals _cue-level: out -28, facts 32
look capitals _num-lone: out -45, stem 53, option -22, answer -31, facts -21, keys -90
look capitals _num0: stem 32, keys -26
look capitals _num0 let1-first: out -19, stem 19
look capitals _num0-again: out -17, stem 23
look capitals _num0_ num0: out -31, stem 32
look capitals _rom0: out -29, stem 30, keys -12
look capitals _sentence: out -27, passage -39, stem 31
look capitals _text: out 41, passage -32, stem 21, answer -39, keys -34
look capitals _word-lone: out -29, stem -34, facts 31
look capitals _word-lone let-lone: out -21, facts 25
look capitals _word-lone let0: out -29, stem -20, facts 41
look capitals _word0: out -16, stem 17
look capitals bracketed: out -45, stem -12, option -36, answer 27, feedback 40, bank -16, keys -74
look capitals bullet: out -45, stem 24, option 39, answer -31, feedback -34
look capitals capitals: out -59, passage -18, stem -30, more -29, answer -42, feedback -29, facts -14, row -39, keys 18
look capitals edge: out 48, answer -48, keys -26
look capitals num0: stem 45, more 33, option -42, row -43, keys -45
look capitals num0 num0: out 24, stem 32, row -35, keys -20
look capitals phrase: out 61, passage -19, stem -26, more -26, option -47, answer -78, feedback -16, keys -35
look capitals sentence: out 35, passage 32, stem -96, option -22, answer -36, feedback -80, keys -43
look capitals word0: out 37, answer -53, keys -20
look capitals+: out 27, passage -34, stem -70, more 24, feedback -72, facts -42, row -28, lines -12
look capitals_ bullet: out 78, option -22, answer -72, keys -23
look capitals_ cue-level: out 48, answer -41
look capitals_ num-lone: out -29, option -16, answer -71, feedback 46, keys -44
look capitals_ num0: stem -21, option -45, feedback -46, facts -17, keys -68
look capitals_ num0-again: out 54, stem -28, option -15, answer -71, keys -30
look capitals_ rom0: out 28, answer -23, keys -28
look capitals_ text: out 32, answer -40
look capitals_ word-lone: out 77, stem -14, answer -59, facts -22, keys -18
look capitals_ word0: out 20, stem 33, more -17, answer -59, feedback -60, facts -26, keys -25
look capitals_+: passage -28, stem 12, more -31, answer -18, hint -18, facts -58, row -14, bank -22, keys -35
look cells: stem -15, more 39, option -53, answer -44, feedback -139, hint -63, facts -32, bank -14, lines -52, keys -41, remark -47
look cells _asks: out -61, passage -17, stem 71, more -45, answer -13
look cells _bullet: out -51, stem -48, option 53, row -15
look cells _capitals: out 21
look cells _cells: passage -17, stem 25, more -106, option -110, answer -32, facts -15, row -72, bank -27, keys -34
look cells _cells_ cells: out 32, stem -24, more -20, option -25, row -52
look cells _cells_ text: out -41, stem 44, more -19, option -17
look cells _cue-answer: option -15
look cells _cue-answer num0: answer -27, keys 31
look cells _field: out 42, passage -19, stem 19, more -18, answer -47, facts -40
look cells _gap: out 20, passage -13, stem 34, more -37, answer -46
look cells _heading: out 36, answer -24, facts -41
look cells _let-lone: out 20, passage -29, stem -29, option 58, answer -15, keys -13
look cells _let0: stem -29, option 41, keys -12
look cells _let1-first: out -23, option 33
look cells _let1-first let1: out -23, option 33
look cells _num-lone: out 53, answer -18, facts -18
look cells _num0: out -52, option -33, answer -18, facts -15, keys 25
look cells _num0 num0: out -30, stem -27, keys 29
look cells _num0_ num0: out -16, stem 39
look cells _phrase: out -36, stem 51, more -18, option -16, answer 20, keys -22
look cells _rom0: out -30, stem 12
look cells _section: out 62, stem -30, answer -33
look cells _section_ num0: out 21
look cells _sentence: out 95, passage -59, stem -38, more -36, answer -17, feedback -24, keys -20
look cells _short: out -51, passage -18, stem -32, more -16, option 49, answer 29, feedback -12, facts -17, keys -41
look cells _text: out 60, more -65, option -21, answer -28, keys -18
look cells _word0: out -26, answer -15, facts 17
look cells _word0 asks: answer -22, facts 32
look cells arrow: stem -41, more -38, answer 14, feedback -21, facts -15, row -32, bank -19, keys -15
look cells box: out -39, stem -17, more 20, option 24
look cells box box: out -26, option 32
look cells bracketed: out -75, stem -32, more -37, option 38, answer 54, feedback 27, row -17, keys -60
look cells bullet: out -32, stem 21, more 32, option 14, answer -17, facts -35, row -39, bank -21, keys -55
look cells bullet bullet: out -40, stem 29, option 29
look cells cells: out -36, stem -105, more -71, option -108, wrapped -15, answer -82, feedback -24, facts -23, row 34, bank -29, lines -16, keys 26, remark -35
look cells cells cells: stem -31, option -30, answer -15, facts -16, keys -38, remark -14
look cells cells cue-answer: stem -51, more -16, option -19, row 65
look cells cells edge: passage -21, stem -61, more -21, answer -30
look cells cells let-lone: row 37
look cells cells_ cue-answer: stem -22, more -20, option 13, row 38
look cells cells_ num0: passage -19, stem -33, option -24, row 20
look cells chatter: stem -28, more 42, answer -14
look cells cue-answer: out -56, stem 47, more -52, option 18, answer 56, facts -13, keys -74
look cells cue-answer edge: answer 37, keys -37
look cells cue-answer_ text: answer 17
look cells cue-difficulty: out -45, passage -13, stem -26, more 61, answer -60, feedback -14, facts 35, row -49, keys -23
look cells edge: out -41, passage -79, stem 38, more 37, option 42, answer -80, feedback -31, facts -57, bank -44, keys -42
look cells field: out 48, option -24, answer -19, facts -26
look cells heading: out 56, stem -18, keys -20
look cells identity: out 52, stem -24, keys -23
look cells let-lone: out -23, passage -38, stem -17, more 27, option -19, answer -30, row 29, bank -25, keys -44
look cells let-lone cue-answer: more -22, option -30, row 39
look cells let0: stem -20, more 39, option 23, keys -25
look cells let0 let0: option 27, keys -25
look cells let1-first: out 48, stem -47, more -28, option -40, answer -57, facts -12, row 21, keys -47
look cells let1-first let1: stem -32, option -39, answer -39, row 35, keys -34
look cells num-lone: out -18, stem -49, more 19, facts -25
look cells num0: passage -23, option 20, answer 14, facts -63, row -29, keys -30
look cells num0 num0: out -33, stem -44, more -22, option 24, row -16, keys -14
look cells num0-again: out 24, more 33, row -63, keys 47
look cells num0-again num0-again: out -76, row -75, keys 48
look cells num1-first: out -67, stem 66, row -22, keys -22
look cells num1-first num1: stem -44, keys -22
look cells number: out -26, stem 34, more -18, answer 19, keys 17
look cells pair: out -24, more 13, option -47, answer -42, facts 28, row -50, keys 22
look cells phrase: out 13, passage -30, more -57, option -71, wrapped -23, answer 20, feedback -42, facts -31, row 34, bank -18, keys -94, remark -16
look cells rule: passage -18, stem -44, facts -13, lines 33, keys -14
look cells sentence: passage 42, stem -32, more -22, option 17, answer -75, feedback -60, facts -43, row -30, keys 25, remark -21
look cells short: out 58, passage -66, stem -59, more -26, option -67, wrapped 31, answer -57, facts -65, row -22
look cells short num0: out -21, passage -21, more -42, option -17, wrapped 22, answer 47, feedback -53, facts -27, keys -34
look cells short short: out 37, stem -23, more -35, option 29, answer -18
look cells text: out 79, stem 18, more -32, answer -51, keys -31
look cells+: stem -12, more -30, option -63, feedback -76, hint -21, bank -91, lines -28, remark -33
look cells_ asks: out -23, passage -42, stem 32, more 13, option -54, answer -26
look cells_ bullet: more 15
look cells_ capitals: out 14, stem -19, row 25
look cells_ cells: passage -25, more -60, option -26, answer -18, facts -14, row -40, bank -29, keys -36
look cells_ chatter: out 47, stem -36
look cells_ cue-answer: out -40, stem 20, option 13, row 37
look cells_ field: out 45, stem -51, more 19, keys -27
look cells_ gap: out -37, stem -32, option 29, row -22, bank -20, keys -17
look cells_ heading: out -19, stem -53, more 51, option -42, answer -64, row -46, bank 30, keys -36
look cells_ identity: out 52, stem -31, keys -18
look cells_ let-lone: out 59, passage -29, stem -63, more 15, answer -13, facts -14, row -31, keys -23
look cells_ let0: out 35, stem -20
look cells_ num-lone: out 52, stem -34, row -14
look cells_ num0: out -38, passage -23, more 18, option -65, answer -94, feedback -39, hint -23, facts -36, bank -31, keys 23
look cells_ phrase: more -31, option 29, row -25, bank -16
look cells_ rom0: out 16, passage -12, stem -36, more -21, bank -18, keys -21
look cells_ section: out -28, stem 18, more 32, option 23, answer -32, facts -24, row -23, keys 17
look cells_ sentence: passage -15, stem 39, option -31, answer -18, facts -29, row -23, keys -53
look cells_ short: passage -27, stem -31, option 22, row 35
look cells_ text: out -35, passage -14, stem 39, more 24, option -44, answer -22, facts -22, row 18, keys -49
look cells_ word0: out -24, passage -28, stem -12, more 16, option 22, answer -28, facts -21, row -21, bank -32, keys -21
look cells_+: passage -56, stem 18, more 52, option 39, wrapped -19, answer -105, feedback -63, hint -31, facts -89, keys -26
look chatter: out 25, passage 28, stem -28, more -15, option -43, answer -82, feedback -50, hint -33, facts -51, row -13, bank -21, lines -17, keys -48
look chatter _chatter: out 34, passage -30
look chatter _field: out -36, passage -67, stem -51, facts 44
look chatter _heading: out -31, facts 43, keys -25
look chatter _let-lone: out 42, passage -28, stem -19
look chatter _section: out 16
look chatter _short: out 50, passage -38, answer -13
look chatter _short-sentence: out 65, passage -37, stem -51, answer -18
look chatter _word0: out -24, facts 33
look chatter edge: out 28, stem -13, answer -21, feedback -17, keys -18
look chatter heading: out 57, facts -54
look chatter identity: out 17, passage -15
look chatter num0: out 13, passage -18, stem 19, row -14
look chatter section: out 43, stem -15, answer -18, feedback -18
look chatter sentence: out 61, passage -57, stem -40, answer -14, keys -26
look chatter short: passage -27, stem 18, more 29, answer -44, feedback -20, facts -18
look chatter text: passage 19, stem -20, answer -21
look chatter text text: out 22, stem -12
look chatter+: passage 23, option -26, answer -55, feedback -27, hint -17, facts -24, keys -23
look chatter_ heading: out 23
look chatter_ identity: out 39, keys -38
look chatter_ let-lone: out 22, stem -13
look chatter_ num0: out 68, passage -29, answer -32
look chatter_ word0: out 20
look chatter_+: out 68, passage -53, stem -38, answer -31, feedback -65, facts -20, bank -13, keys -23
look colon: out -24, passage -41, stem 19, more 21, option -19, answer -49, feedback -48, facts -56, row -21, bank -29
look colon let0: out -43, stem 36, more 19, option 27, keys -24
look colon let0 let0: option 27, keys -19
look colon let1-first: stem 18, more -18, option 23, answer -16, row -19
look colon let1-first let1: option 23, answer -16, row -19
look colon pair: out -16, stem -39, more 29, option -17, row -29
look colon pair short: more 17, option -23, row -16
look colon+: passage -13, stem 29, more 13, answer -21, feedback -17, row -13, keys -28
look colon_+: passage -17, stem -14, more -17, answer -34, feedback -41, facts -34, row -14, bank -16, keys 30
look cue-answer: out -126, passage -45, stem -57, more -130, option -40, wrapped -69, answer 76, feedback -70, hint -27, facts -128, row -85, lines -27
look cue-answer _asks: stem 17
look cue-answer _asks cue-answer: out -33, stem 36
look cue-answer _bullet: out -35, option -26, feedback -33, row -16, remark 30
look cue-answer _bullet bullet: out 36, stem -46, option -23, remark 37
look cue-answer _bullet cue-answer: out -54, stem 61, remark -22
look cue-answer _bullet let0: stem 15, remark -14
look cue-answer _capitals: out 73, answer -91, feedback -25, facts -31
look cue-answer _capitals_ num0: out 72, answer -64, feedback -14
look cue-answer _capitals_ word-lone: out 31, answer -13, facts -18
look cue-answer _cells: out 31, option -17, answer -50, feedback -41, hint -18, facts -21, keys -26
look cue-answer _cells cue-answer: out -47, stem 44
look cue-answer _cells_ cells: out -25, stem 21
look cue-answer _chatter: stem 27, feedback -16
look cue-answer _chatter edge: out 17, feedback -14
look cue-answer _colon: out -30, stem 24
look cue-answer _cue-feedback: stem -42, option -38, answer -31, feedback 32, hint -14, facts 15, keys -47, remark -14
look cue-answer _cue-level: out 33, answer -62, feedback -27
look cue-answer _cue-level num-lone: out -22, facts 28
look cue-answer _cue-level num0: facts 14
look cue-answer _field: out 50, passage -28, stem -28, answer -48, feedback -46, facts -30
look cue-answer _field cue-answer: out -45, stem 46
look cue-answer _field-kind: feedback -16, facts 24
look cue-answer _gap: out 48, stem -51, answer -30, feedback -15, facts -13
look cue-answer _gap cue-answer: out -33, stem 41
look cue-answer _heading: out -26, stem -20, answer 44, feedback -21, facts -64, keys -44
look cue-answer _heading edge: out 14
look cue-answer _heading num0: out 27, answer -13, facts -23
look cue-answer _heading_ num0: out 13
look cue-answer _heading_ num0-again: out 17
look cue-answer _heading_ word-lone: out 60, facts -49
look cue-answer _heading_ word0: out 48, facts -39
look cue-answer _let-lone: out 62, passage -16, stem 13, option -24, answer -80, feedback -18, facts -16
look cue-answer _let-lone num0: out 29, stem -17
look cue-answer _let-lone_ num0: out 21, answer -19
look cue-answer _let-lone_ word-lone: out 28, stem -15
look cue-answer _let-lone_ word0: stem 30, option -23, answer -45
look cue-answer _let0: out -37, stem 71, option -37, answer -47
look cue-answer _let0 cue-answer: out -32, stem 40, option -12
look cue-answer _let1: out 16, stem 29, option -26, remark -23
look cue-answer _let1_ word0: out 17, stem 17, option -20
look cue-answer _num-lone: out 68, stem -53, answer -87, feedback -38, facts -20, keys -26
look cue-answer _num-lone_ num0: out 25, stem -20, answer -37, feedback -18, facts -12
look cue-answer _num0: out 32, stem -13, answer -45, feedback -19, facts -81, keys -39
look cue-answer _num0 bullet: out -37, stem 41
look cue-answer _num0 cue-answer: out 12, facts -14
look cue-answer _num0 let-lone: out -13, stem 15
look cue-answer _num0 let1-first: out -78, stem 81
look cue-answer _num0 num0-again: out -24, stem 25
look cue-answer _num0 num1-first: out -19, stem 20
look cue-answer _num0 phrase: stem 15
look cue-answer _num0 short: out -58, stem 58
look cue-answer _num0-again: out -53, stem 55, facts -19, keys -23
look cue-answer _num0_ box: out -29, stem 29
look cue-answer _num0_ cue-answer: out -23, stem 26
look cue-answer _num0_ let1-first: out -13, stem 15
look cue-answer _num0_ num0: answer -28, facts -13, keys -12
look cue-answer _num1: answer -14, facts -18
look cue-answer _pair: out 63, stem -43, answer -24, feedback -55
look cue-answer _phrase: out 59, passage -14, stem 44, option -15, answer -96, feedback -76
look cue-answer _phrase cue-answer: out -56, stem 75, option -15, answer -39
look cue-answer _phrase let0: out -32, stem 34
look cue-answer _phrase num0-again: out -33, stem 35
look cue-answer _rom-lone: out 33, stem -42, answer -19, facts -16, keys -28
look cue-answer _rom-lone_ num0: out 27, stem -13
look cue-answer _rom0: stem 17
look cue-answer _section: out 78, stem -13, feedback -15, facts -47
look cue-answer _section_ num0: out 19
look cue-answer _sentence: out 56, passage -54, answer -112, feedback -69, keys -42, remark -27
look cue-answer _sentence edge: out 72, stem -58, answer -50, feedback -56
look cue-answer _short: passage -33, stem 56, option -14, answer -138, feedback -59, hint -16, facts -23
look cue-answer _short-sentence: out 22, stem 14, answer -49, feedback -35
look cue-answer _short-sentence cue-answer: out -40, stem 42
look cue-answer _text: stem 22, answer -105, feedback -86, facts -17, keys -24
look cue-answer _text cue-answer: stem 13
look cue-answer _text short: out -13, stem 19
look cue-answer _word-lone: out -20, stem 33
look cue-answer _word0: stem 33, option -12, answer 24, feedback -14, facts -69, remark -19
look cue-answer _word0 asks: out -19, stem -15, answer 37
look cue-answer _word0 cells: out -61, stem 24, answer -30, facts -21
look cue-answer _word0 cue-answer: out -29, stem 48, facts -40, remark -13
look cue-answer _word0 cue-sample: out -12, stem 20, facts -12
look cue-answer _word0 field: answer -31, facts 46
look cue-answer _word0 let-lone: out -31, answer -42
look cue-answer _word0 let1-first: answer -45
look cue-answer _word0 num1-first: out -46, stem 12
look cue-answer _word0 pair: answer -12, facts 16
look cue-answer _word0 phrase: out -19, stem -18, answer -33, facts 59
look cue-answer _word0 sentence: stem -15, facts 24
look cue-answer _word0 short: out -18, answer -13, facts 13
look cue-answer _word0 short-sentence: out -22, answer -45, facts 64
look cue-answer _word0 text: answer -29, facts 45
look cue-answer _word0_ word0: out -33, stem 37
look cue-answer asks: out -21, stem 25, option -24, answer 39, keys -20
look cue-answer bracketed: out -79, option -69, answer -74, feedback 97, keys -86
look cue-answer bracketed_ num0: out -22, answer -61, feedback 26
look cue-answer bracketed_ word0: out -31, feedback 31
look cue-answer bullet: out -15, stem 41, option -40, answer 27, feedback -25, keys -21
look cue-answer cells: out -75, stem 20, option -44, answer -35, feedback -18, row -14, keys 59
look cue-answer cue-difficulty: out -16, option -148, wrapped -17, feedback -20, facts 13, bank -19, keys 15
look cue-answer cue-difficulty edge: out -36, facts 71, keys -24
look cue-answer cue-difficulty rule: out -22, facts 37
look cue-answer cue-difficulty_ cue-level: facts 29
look cue-answer cue-difficulty_ field-number: facts 15
look cue-answer cue-difficulty_ heading: facts 27, keys -17
look cue-answer cue-difficulty_ num-lone: facts 29, keys -13
look cue-answer cue-difficulty_ section: facts 14
look cue-answer cue-difficulty_ short: out 18, facts -38, keys 57
look cue-answer cue-difficulty_ word0: facts 21
look cue-answer cue-feedback: out 18, option -58, answer 59, facts -14, row -23, keys -50, remark -51
look cue-answer cue-feedback edge: out -65, feedback 29, keys -18, remark -19
look cue-answer cue-feedback short: feedback 30
look cue-answer cue-feedback word0: feedback 24
look cue-answer cue-feedback_ num0: out -62, feedback 69
look cue-answer cue-feedback_ word0: out -15, feedback 20
look cue-answer cue-level: out -40, option -15, answer 39, facts -28
look cue-answer cue-level num1-first: answer -22, facts 23
look cue-answer cue-points: out -38, stem -24, more -26, option -50, answer -39, feedback -44, facts 34, bank -26, keys -14
look cue-answer cue-points cue-difficulty: out 13, answer -98, facts -32, keys 47
look cue-answer cue-points cue-feedback: out -34, option -32, answer -34, feedback -32, facts 35, keys -37
look cue-answer cue-points edge: out -80, stem -17, answer 19, keys -83
look cue-answer cue-points field-kind: facts 12
look cue-answer cue-points field-number: answer -13, facts 18
look cue-answer cue-points rule: out -60, facts 91, keys -13
look cue-answer cue-points_ num0: out -26, answer -26, feedback -17, facts 28
look cue-answer edge: out -28, stem -25, more -51, option -22, bank -28, keys 30
look cue-answer field: out 28, passage -26, stem -32, answer -43, feedback -40, row -35, keys 33
look cue-answer field-kind: out 30, stem -30, option -37, answer 14, feedback -23, facts -18, keys -52
look cue-answer field-number: option -34, answer 48, keys -13
look cue-answer heading: out 52, option -68, answer 42, feedback -14, facts -32, keys -38
look cue-answer identity: out 20, answer 28, feedback -12, keys -28
look cue-answer let-lone: out 68, answer -15, row -46, keys -60
look cue-answer let0: out -37, answer -26, keys 35
look cue-answer let0 let0: out -35, keys 23
look cue-answer let1: stem 21, option -21
look cue-answer num-lone: out -15, stem 19, answer 19, feedback -24, facts -15, keys -17
look cue-answer num-lone edge: out -29, answer -28, keys 42
look cue-answer num0: out -98, stem 84, option -61, feedback -16, facts -17, row -20, keys 14
look cue-answer num0 cue-answer: stem 44, keys -17
look cue-answer num0 num0: out -52, option -20, keys 46
look cue-answer num0 phrase: stem 15
look cue-answer num0-again: out -32, stem 33, option -34, feedback -13
look cue-answer num0-again num0-again: out -22, stem 25, option -16, keys -32
look cue-answer num1: stem 29, option -16, answer 27
look cue-answer pair: stem -38, option -43, row -21, keys 15
look cue-answer pair num0: out 61, feedback -61, row -15
look cue-answer phrase: out -15, passage -17, stem -32, option -114, answer 13, feedback 15, facts -28, row -16, bank -12, keys -30
look cue-answer phrase_ num0: out -74, answer 32
look cue-answer rom0: stem 13, option -19, answer 28, keys 14
look cue-answer rom0-again: stem -19, answer -25, keys 28
look cue-answer rule: out 100, option -55, answer 21, feedback -18, facts -32, bank -16, keys -31
look cue-answer section: out 31, option -18, feedback -30, facts -16
look cue-answer sentence: out 28, passage -34, stem -101, option -37, answer 33, keys -64, remark -27
look cue-answer sentence_ num0: out -60, answer -19, feedback 68
look cue-answer short: out -18, passage -18, stem -82, more -16, option -92, wrapped -19, answer 24, feedback -33, bank -17
look cue-answer short-sentence: passage -27, stem -13, option -32, answer 31, hint -63, facts -36, keys -39, remark -39
look cue-answer short-sentence_ num0: out -37, passage -14, stem -42, option -16, answer 39, hint -51, facts -26, remark -13
look cue-answer short_ num0: out -35, answer 38, feedback -47
look cue-answer table-down: answer -40, keys 38
look cue-answer text: passage -15, stem -41, option 49, feedback -18, facts -25, keys -62
look cue-answer text short: out -50, stem -39, option -26, answer 38, feedback 13, keys -29
look cue-answer word0: out -17, stem 40, option -65, answer 37, facts 61, keys -56
look cue-answer word0 asks: answer -43, facts 49
look cue-answer word0-again: answer -32, facts -23, keys 44
look cue-answer+: out -82, passage -14, stem -74, more -99, option 16, wrapped -24, feedback -24, hint -13, facts -71, row -26, bank -108, lines -13
look cue-answer_ asks: option -17, answer 57, bank -13, keys -20
look cue-answer_ bullet: option -17, answer 55
look cue-answer_ capitals: answer 53, keys -52
look cue-answer_ cells: passage -17, option -28, answer 68, keys -33
look cue-answer_ chatter: answer 53, keys -49
look cue-answer_ cue-feedback: out -27, stem -36, option -17, answer 37, keys -30
look cue-answer_ field: option -33, answer 38, bank -29, keys -31
look cue-answer_ field-kind: option -14, answer 27
look cue-answer_ field-number: option -21, answer 42
look cue-answer_ gap: option -21, answer 35
look cue-answer_ heading: option -33
look cue-answer_ identity: answer 23
look cue-answer_ let-lone: answer 64, keys -41
look cue-answer_ let0: answer 31, bank -21, keys -56
look cue-answer_ let1: option -46, answer 84, keys -30
look cue-answer_ num-lone: option -53, keys -73
look cue-answer_ num0: more -14, option -36, answer 14, facts -25, bank 29, keys 17
look cue-answer_ num0-again: option -22, answer 30, bank -22, keys -26
look cue-answer_ num1: option -12, answer 40, bank -23, keys -25
look cue-answer_ pair: answer 43, keys -31
look cue-answer_ phrase: answer 51, keys -22
look cue-answer_ rom-lone: option -22, answer 64, keys -46
look cue-answer_ rom0: option -21, answer 38, bank -32, keys -16
look cue-answer_ section: option -25, answer 84, bank -25, keys -70
look cue-answer_ sentence: option -35, bank -17
look cue-answer_ short: option -12, answer 58, keys -53
look cue-answer_ short-sentence: answer 34, bank -14, keys -16
look cue-answer_ text: option -55, answer 47, bank -26, keys -40
look cue-answer_ word-lone: option -42, answer 50
look cue-answer_ word0: more -20, option -98, answer -18, feedback -39, row -25, bank -54, keys 43
look cue-answer_ word0-again: answer 13
look cue-answer_+: out -55, passage -27, stem -41, more -31, option -50, wrapped -19, answer 56, feedback -55, facts -34, row -41, bank 14
look cue-difficulty: out -44, passage -22, stem -81, more -49, option -83, answer -124, feedback -59, facts 64, row -53, lines -34, keys 20
look cue-difficulty _capitals: out 25, stem -13, answer -16, facts -21, keys -29
look cue-difficulty _cue-answer: out -13, answer -14, keys 12
look cue-difficulty _cue-level: out -57, facts 60
look cue-difficulty _cue-level bullet: out -15, facts 18
look cue-difficulty _cue-level let-lone: out -12, facts 21
look cue-difficulty _cue-level num-lone: out -26, facts 26
look cue-difficulty _cue-level num0: out -29, facts 31
look cue-difficulty _cue-level num1-first: out -23, facts 24
look cue-difficulty _heading: out 73, facts -51, keys -14
look cue-difficulty _heading_ cue-level: out 16
look cue-difficulty _let-lone: out 44, stem -28, answer -15
look cue-difficulty _num-lone: out 31, stem -24, answer -28, facts -49, keys -33
look cue-difficulty _num0: out 14, stem -15, keys 21
look cue-difficulty _phrase: out 49, passage -16, stem -39, answer -38, feedback -24, facts -13
look cue-difficulty _rom-lone: out 54, stem -42, answer -16
look cue-difficulty _section: out 14, stem -14
look cue-difficulty _short: out 51, stem -48, answer -45, feedback -18, facts -18
look cue-difficulty _word0: out -45, answer -30, facts 56
look cue-difficulty asks: out 13, stem -13
look cue-difficulty bullet: out -26, stem 29, option -21, remark -19
look cue-difficulty cue-feedback: out -93, stem -38, feedback 125, facts 17, keys -45
look cue-difficulty cue-feedback rule: out -36, feedback 43
look cue-difficulty cue-level: out -62, stem -13, facts 82
look cue-difficulty cue-level num-lone: out -23, facts 29
look cue-difficulty cue-level num0: facts 19
look cue-difficulty cue-level word-lone: out -19, facts 24
look cue-difficulty edge: out -26, stem -15, option -17, answer -32, facts 42, keys -89
look cue-difficulty field: out 32, passage -27, stem -30, feedback -26
look cue-difficulty field-kind: out -67, facts 69
look cue-difficulty field-kind field-stem: out -53, facts 54
look cue-difficulty field-number: facts 31
look cue-difficulty field-stem: out -12, facts 23
look cue-difficulty num0: out -58, stem 67, facts 20, keys -20
look cue-difficulty num0 cue-difficulty: stem 22, keys -18
look cue-difficulty num1: out -17, stem 20
look cue-difficulty phrase: stem 31, more -35, answer -17, feedback -33
look cue-difficulty rom0: out -15, stem 34
look cue-difficulty rule: out -21, stem -29, answer -20, facts 73, keys -46
look cue-difficulty rule field-number: out 48, facts -21
look cue-difficulty rule_ field-number: out 16
look cue-difficulty word-lone: out -38, stem 37, facts -29
look cue-difficulty word-lone cue-points: out -38, stem 37, facts -30
look cue-difficulty word0: stem 30, option -23
look cue-difficulty word1: stem 14, facts 18
look cue-difficulty+: out -21, stem -25, more -16, option -32, answer -46, feedback -19, facts 25, keys 13
look cue-difficulty_ capitals: out -13, answer -20, facts 49, keys -16
look cue-difficulty_ cue-answer: out -33, stem -15, more -21, option -17, facts 53, keys -27
look cue-difficulty_ cue-level: out -27, answer -12, facts 63
look cue-difficulty_ field-number: out -25, facts 56
look cue-difficulty_ heading: out -15, facts 77, keys -27
look cue-difficulty_ let-lone: facts 16
look cue-difficulty_ num-lone: out -29, facts 54, keys -22
look cue-difficulty_ num0: out -22, answer -25, feedback -20, facts 32, keys -36
look cue-difficulty_ phrase: out -17, facts 38, keys -22
look cue-difficulty_ rom-lone: out -34, facts 56, keys -34
look cue-difficulty_ rule: facts 20
look cue-difficulty_ section: out -22, facts 37, keys -17
look cue-difficulty_ short: out 18, facts -38, keys 57
look cue-difficulty_ word0: facts 35
look cue-difficulty_+: out -22, stem -29, more -22, option -37, answer -58, feedback -29, facts 48, row -28, keys -19
look cue-feedback: out -21, passage -57, stem -77, more -46, option -48, wrapped -44, answer -94, feedback 40, hint -70, facts -35, row -65, bank -41, lines -28, keys -19, remark 52
look cue-feedback _field-number: facts 12
look cue-feedback _num0: out -66, stem 73
look cue-feedback _num0 cue-answer: stem 16
look cue-feedback _num0 let1-first: out -15, stem 16
look cue-feedback _section: out 34, facts -13
look cue-feedback _word0: out -40, stem 25, answer 41, facts -22
look cue-feedback _word0 cue-answer: stem 17
look cue-feedback _word0 let1-first: stem -21, answer -17, facts 31
look cue-feedback cue-difficulty: out -17, more -23, option -22, answer -18, feedback 22, facts 16, bank -13
look cue-feedback edge: stem -20, answer -15, keys -21
look cue-feedback field-number: out -37, feedback 50, remark -24
look cue-feedback let1: out -53, stem -32, more -13, option 20, wrapped -17, answer -32, feedback -40, row -67, keys -31, remark 42
look cue-feedback rule: out -40, more 31, feedback 60, remark -15
look cue-feedback short: out -74, passage -39, stem -17, more -19, wrapped -19, answer -56, feedback 70, facts -18, keys -57, remark -17
look cue-feedback short-sentence: out -33, stem -47, option -27, answer -49, feedback 49, hint -38, facts -21, keys -34
look cue-feedback short-sentence_ num0: out -40, answer -36, feedback 75, hint -38
look cue-feedback short_ num0: out -37, answer -41, feedback 44
look cue-feedback word0: out -22, stem 12, more -29, answer -14, feedback 34
look cue-feedback+: passage -20, stem -44, more -40, option -29, wrapped -27, answer -34, hint -31, row -31, bank -21, lines -13, remark 42
look cue-feedback_ field-number: out -34, feedback 55
look cue-feedback_ num0: out 36, option -27, answer -36, remark -17
look cue-feedback_ section: out -49, feedback 70
look cue-feedback_ word0: out -43, feedback 65, facts -17, remark -27
look cue-feedback_+: out -20, passage -17, stem -41, more 35, option -40, answer -69, feedback 39, hint -25, facts -26, keys -39, remark -39
look cue-hint: out -62, passage -21, stem -38, wrapped -18, answer -70, feedback -59, hint 60, facts -26, row -34, keys -38, remark -16
look cue-hint+: out -15, option -14, answer -19, hint 15, row -14
look cue-hint_+: out -36, passage -13, stem -35, option 14, answer -53, feedback -46, hint 43, facts -23, keys -15
look cue-level: passage -32, stem -73, more -41, feedback -50, row -37, bank -20, keys -62
look cue-level asks: out -32, facts 42
look cue-level bullet: out 12, stem -17, answer -66, feedback -20, facts 28, keys -18, remark -36
look cue-level bullet bullet: stem 26, option -22, remark -20
look cue-level bullet cue-difficulty: out -13, stem 20
look cue-level let-lone: out -83, stem 77, more -26, option -23, answer -53, facts 57, row -23
look cue-level let1-first: out -19, stem 20, option -20, answer -12, facts 39
look cue-level num-lone: out -63, stem 43, more -37, option -33, answer -70, feedback -16, facts 70, keys -37
look cue-level num-lone box: out -19, stem 19
look cue-level num-lone cue-answer: stem 18
look cue-level num-lone cue-difficulty: out -22, stem 72, answer -43, facts -42, keys -25
look cue-level num-lone cue-sample: stem 19
look cue-level num-lone let1-first: stem 16
look cue-level num-lone num-lone: stem 14
look cue-level num-lone short: stem 18
look cue-level num-lone_ cue-level: out -13, stem 14, facts -14
look cue-level num0: out -43, stem 35, option -25, answer -58, facts 56
look cue-level num1-first: out -32, answer -24, facts 36
look cue-level phrase: out -31, stem 16, facts 41
look cue-level rom-lone: out -92, stem 62, answer -35, facts 70, keys -23
look cue-level rom-lone cue-difficulty: out -21, stem 34, keys -17
look cue-level rom0: out -62, facts 64
look cue-level rom1-first: out -31, stem 48, option -13, answer -19, facts 50
look cue-level rom1-first cue-difficulty: stem 33
look cue-level text: out -31, facts 34
look cue-level word-lone: out -60, stem 69, facts 32
look cue-level word0: out -30, stem 32, answer -18, facts 19
look cue-level word1-first: out -48, stem 15, facts 48
look cue-level+: out -38, passage -24, stem -63, more -37, feedback -40, facts 25, row -26, keys -50
look cue-level_+: out 38, answer -64, feedback -20, facts -33
look cue-outcome: out -13, passage -47, stem -82, option -87, answer -97, feedback -120, hint -47, facts 22, row -86, bank -36, remark -15
look cue-outcome+: stem -71, answer -32, keys 12
look cue-points: out -39, passage -22, stem -44, more -66, option -64, answer -29, feedback -69, hint -32, facts 41, row -60, bank -31, lines -44, keys -14
look cue-points _heading: out 41, facts -31
look cue-points _num0: out 13, answer -13, keys -53
look cue-points _num0 cue-answer: out -27, stem 28
look cue-points _num0 let1-first: out -55, stem 56
look cue-points _section: out 23
look cue-points cue-difficulty: out 16, stem -32, answer -136, feedback -25, facts -32, keys 66
look cue-points cue-difficulty cue-feedback: facts 39, keys -34
look cue-points cue-difficulty field-number: facts 26
look cue-points cue-difficulty field-stem: facts 18
look cue-points cue-difficulty rule: out -42, facts 61, keys -45
look cue-points cue-difficulty_ field-number: out -16, facts 40
look cue-points cue-feedback: out -54, stem -38, option -32, facts 13, keys -43, remark -39
look cue-points cue-feedback rule: out -41, feedback 48
look cue-points cue-feedback_ num0: feedback 19
look cue-points edge: out 31, stem -39, answer 13, facts -27, keys -22
look cue-points field-kind: out -51, answer -13, facts 51
look cue-points field-kind field-stem: out -64, facts 64
look cue-points field-number: answer -16, facts 26
look cue-points field-stem: facts 14
look cue-points rule: out 63, stem -43, answer -46, feedback -27, facts 97, keys -13
look cue-points rule edge: out 17
look cue-points rule field-number: out 24
look cue-points rule_ field-number: out 18
look cue-points+: stem -60, more -16, option -37, answer -18, feedback -37, row -25
look cue-points_ field-number: answer -29, facts 47
look cue-points_ heading: stem -13, answer -17, facts 26, keys -13
look cue-points_ num0: out -29, option -13, answer -42, feedback -17, facts 38
look cue-points_ section: answer -18, facts 28
look cue-points_+: out -32, passage -16, stem -17, more -39, option -38, feedback -20, facts 25, bank -15, lines -23, keys -93
look cue-sample: out -38, passage -27, stem -79, more -120, option -68, answer 77, feedback -82, facts -49, row -38, bank -62, lines -23, keys -19, remark -15
look cue-sample _bullet: out -50, stem 20, remark -15
look cue-sample _capitals: out 55, stem -13, answer -50
look cue-sample _chatter: out 22
look cue-sample _heading: out 34, keys -22
look cue-sample _num0: out 17, stem 41, answer -33, facts -32
look cue-sample _word0: out -18, answer -32, facts 44
look cue-sample cue-difficulty: facts 28
look cue-sample edge: out -56, more -13, answer 31, keys -25
look cue-sample field: out -48, stem -49, answer 60, feedback -13, facts -26, keys -42
look cue-sample num-lone: out -12, stem -32, feedback -22, facts -18, keys 37
look cue-sample num0: out -41, stem -28, option -40, facts -14, row -17, keys 42
look cue-sample phrase: out -84, stem -18, option -20, answer 96, feedback -24, keys -50
look cue-sample sentence: out -83, passage -35, stem -63, more -46, answer 98, feedback -107, facts -12, row -13, bank -19, keys -62
look cue-sample sentence_ num0: out -58, answer 67, feedback -60, keys -45
look cue-sample short: out -88, stem -26, more -30, option -20, answer 42, feedback -101, keys -34
look cue-sample short-sentence: out -127, passage -25, stem -56, more -28, option -26, answer 99, feedback -68, keys -53
look cue-sample short-sentence_ num0: answer 13, feedback -12
look cue-sample text: out -87, passage -40, stem -31, more -35, option -61, answer 59, feedback -51, row -13, bank -17
look cue-sample text short: out -58, passage -15, stem -57, option -26, answer 44, feedback -42, keys -49
look cue-sample text short-sentence: out -46, passage -18, stem -15, option -23, feedback -25, keys 15
look cue-sample+: out -80, passage -20, stem -53, more -80, option -52, answer 43, feedback -18, facts -38, row -31, bank -40
look cue-sample_ bullet: answer 13
look cue-sample_ capitals: out -12, stem -22, answer 29
look cue-sample_ chatter: out -12, answer 14, keys -17
look cue-sample_ heading: out -23, answer 36, keys -33
look cue-sample_ num0: out -18, answer 14, feedback -12
look cue-sample_ section: answer 21
look cue-sample_ word0: out -13, answer 46
look cue-sample_+: out -19, passage -12, stem -34, more -19, answer 38, feedback -45, bank -25, keys -70
look cue-tags: out -12, passage -56, stem -56, more -41, option -65, answer -86, feedback -53, hint -14, facts 29, row -52, bank -33, lines -25, remark -14
look cue-tags+: out -25, stem -30, option -29, answer -41, feedback -13, keys 21, remark -12
look cue-tags_+: passage -48, stem -27, more -33, option -19, answer -47, feedback -30, facts 14, row -39, bank -25, keys -76
look cue-wordBank: out -15, passage -40, stem -44, more -57, option -56, answer -61, feedback -52, facts -26, row -35, bank 67, lines -16, keys -40
look cue-wordBank cue-answer: out -15, stem -14, more -23, option -20, answer 17, row -21, bank 24, keys -21
look cue-wordBank+: out -21, stem -15, more -22, option -26, answer -26, row -22, bank 30, keys -15
look cue-wordBank_+: passage -39, stem -28, more -30, option -26, answer -41, feedback -39, facts -25, row -23, bank 34, keys -25
look edge _bracketed: out 22, bank -17
look edge _bullet: out 27, stem -25
look edge _cells: out 82, stem -76
look edge _cue-level: out 14, facts -12
look edge _field: facts -59
look edge _heading: out 69, stem -14, facts -56
look edge _heading_ section: out 12
look edge _let-lone: out 49, stem -46
look edge _num-lone: out 65, stem -56, facts -31
look edge _num0: out 48, facts -48, keys -15
look edge _pair: out 55, stem -40
look edge _phrase: out 89, stem -83
look edge _rom-lone: out 55, stem -53
look edge _section: out 27, facts -16
look edge _sentence: out 97, passage -18, stem -93
look edge _short: out 95, stem -51, facts -38
look edge _short-sentence: out 87, stem -81
look edge _text: out 48, stem -45
look edge _word-lone: out 38, stem -36, facts -17
look edge _word0: out -17, stem -23, facts 38
look edge asks: out 27, stem -27
look edge bracketed: out 56, bank -46
look edge capitals: out 29, facts -15, keys -21
look edge cells: out 80, passage -16, stem -101, facts -45
look edge cells heading: out 12
look edge chatter: out 27, stem -16
look edge colon: out -18, stem 28, facts -13
look edge cue-level: out 26, facts -25
look edge field: out -39, passage -48, stem -62, facts 52
look edge field phrase: out 31, facts -28
look edge field_ identity: out -34, stem -34, facts 36
look edge field_ num0: out 27, stem -13, facts -23
look edge gap: out 43, stem -41
look edge heading: facts 13
look edge heading heading: out 16
look edge heading identity: out 16, facts -15
look edge heading let-lone: out 26, facts -25
look edge heading phrase: out 13, facts -12
look edge heading sentence: out 27, facts -26
look edge heading_ heading: out 27, facts -25
look edge heading_ identity: out 35, facts -30
look edge heading_ num0: out 17, facts -16
look edge heading_ section: out 17, facts -14
look edge heading_ short-sentence: out 18, facts -17
look edge heading_ text: out 15, facts -15
look edge heading_ word0: out -24, facts 24
look edge key-title: out 30, stem -15, keys -27
look edge let-lone: out 70, stem -64
look edge let-lone_ num0: out 16, stem -15
look edge num-lone: out 28, stem -23, facts -40
look edge num0: out -61, stem 62, facts -47, keys -26
look edge num0 bullet: out -71, stem 70
look edge num0 let-lone: out -50, stem 50
look edge num0 let1-first: out -51, stem 51
look edge num0 num0: out -73, stem 71
look edge pair: out 37, passage -15, stem -75
look edge pair_ word0: out 36, stem -17
look edge phrase: out 76, passage -13, stem -76, facts -25
look edge phrase num0: out 29, stem -22
look edge phrase section: out 13, stem -12
look edge phrase_ heading: out 39, stem -38
look edge phrase_ num0: out 47, stem -41
look edge rom-lone: out 51, stem -48
look edge section: out -29, stem 32, facts -18
look edge sentence: out 78, passage -37, stem -84
look edge sentence sentence: out 12
look edge sentence_ heading: out 22, stem -20
look edge short: out 54, passage -20, stem -73, facts -38
look edge short text: out 16
look edge short-sentence: out -14, passage -31, stem 16
look edge short_ identity: out 21, facts -14
look edge table-wide: out 19, facts -16
look edge text: out 43, passage -13, stem -40
look edge text text: out 30, stem -23
look edge word-lone: out 17, facts -48
look edge word0: out 38, stem -27
look edge word0 asks: out -18, facts 28
look edge word0 let1-first: out -46, stem 50
look edge word0 num1-first: out 46, stem -46
look field: passage 24, stem -29, more -49, option -26, wrapped -20, answer -31, hint -43, bank -48, lines -47, keys -37, remark -36
look field _bullet: out 66, stem -64, option -39
look field _capitals: out 32, answer -24
look field _cells: out 16
look field _chatter: out -15, passage 15
look field _chatter text: out -15, passage 15
look field _field: out -63, passage 59, stem -26, facts -23
look field _heading: out 31, facts -26, keys -14
look field _num0: out -35, stem 26, row -21, keys -52
look field _num0 let1-first: out -29, stem 13
look field _pair: out 73, passage -44, stem -40, answer -12
look field _section: out -40, passage -12, stem -50, facts 42, keys -20
look field _sentence: passage -51, stem 13, more -41, answer 39, feedback -55, keys -36
look field _short: out 72, passage -35, stem -30, answer -42
look field _text: out 35, passage -39, stem 15, more -26, answer -24
look field _word0: out -70, stem 61, facts 47
look field _word0 asks: facts 15
look field bracketed: out -43, stem -58, more -31, option -34, answer 22, feedback 20, facts -48, row -28, bank -17, keys 50
look field bullet: out 41, stem -59, more -22, answer -40, facts 56
look field cells: out -53, passage -17, stem -16, more 47, option -15, answer -44, facts -16, row -22
look field chatter: out -43, passage 45, stem -47, facts -35, row -20
look field cue-answer: out -43, passage -39, stem 26, more -35, option 26, row -13, bank -17, keys -50
look field cue-answer_ word0: answer 16
look field edge: out 30, passage -74, stem -94, answer -24, feedback -27, facts -35, row -26
look field field: out -44, passage 30, stem 31, more -41, option -52, answer -59, feedback -32, facts -63, row 18, bank -20, keys -47, remark -31
look field field field: out -12, stem -32, more -14, option -16, answer -13, facts -20, row 22, keys -25
look field field_ field: out -64, passage 64
look field heading: out 58, stem -40, more -34, answer -29, facts -21
look field identity: out 49, stem -34, facts -16
look field let-lone: out 51, passage -33, stem -43, answer -31, facts -53, row -42, keys -35
look field let0: out -80, stem 30, more 48, option 26, keys -22
look field let0 let0: out -15, option 31, keys -22
look field let1-first: out -39, stem 38, more 17, option 33, row -30
look field let1-first let1: option 44, row -29
look field num0: out -29, passage -80, stem 48, more -26, option -35, answer 49, feedback -25, facts -79, keys -20
look field phrase: out 31, passage -23, stem -13, more 34, option -30, answer -43, feedback -20, facts -36, row -12, keys -16
look field rule: out 89, passage -60, stem -50, answer -78, feedback -16, facts -72, row -37, keys -26
look field section: out 52, stem -20, keys -14
look field sentence: out 47, passage -47, more -19, option -26, answer -66, feedback -39, facts -23, row -19, keys -37
look field short: passage -47, more 45, option -30, answer -90, feedback -80, facts -53, row -20, keys -68
look field short-sentence: out 46, passage 16, stem -44, more -36, answer -46, feedback -33, keys -43
look field text: passage 50, stem -36, more -17, answer -62, row -18, keys -18
look field text text: out -27, passage 36, stem -30
look field truth: out -72, stem 36, more -34, answer 40
look field+: out -12, passage 26, wrapped -12, answer -19, feedback -125, hint -28, facts -15, bank -37, lines -35, keys -19, remark -24
look field-kind: out 28, passage -52, stem -93, more -72, option -55, answer -30, feedback -74, hint -16, row -52, bank -32, lines -14, keys -65
look field-kind _num0: out -16, stem 17
look field-kind edge: out 64, answer -40, feedback -20, facts -27, keys -19
look field-kind field-stem: option -22, answer -55, feedback -16
look field-kind field-stem cue-answer: stem 13
look field-kind word-lone: out -52, passage -14, stem 51, answer -52, facts 55
look field-kind word-lone cue-answer: stem 14
look field-kind word-lone field-option: stem 40, facts -17
look field-kind+: passage -30, stem -56, more -45, option -34, answer -26, feedback -45, row -34, bank -20, keys -37
look field-kind_ num0: out 45, answer -33, facts -19
look field-kind_+: out 108, passage -15, stem -20, answer -42, feedback -12, facts -82
look field-number: out -41, answer -29, facts 80
look field-number field-kind: out -57, stem -17, answer -28, feedback -16, facts 65, keys -12
look field-number field-kind field-stem: out -47, answer -14, facts 49
look field-number field-kind word-lone: out -34, answer -13, facts 34
look field-number field-stem: out -17, answer -15, facts 51
look field-number word-lone: out -48, stem 38
look field-number+: out -36, answer -26, facts 68
look field-option: out -104, stem -91, more -39, option 108, answer -76, feedback -21, hint -13, facts -83, row -93, bank -15, lines -20, keys -49, remark -30
look field-option cue-answer: out -27, stem -30, option 18, answer 85, feedback -24, facts -31, row -26, bank -18, keys -75
look field-option cue-answer cue-difficulty: option -62, answer 75
look field-option cue-answer cue-points: option -100, answer 109
look field-option cue-answer rule: option -55, answer 53, keys -14
look field-option cue-difficulty: option -26, facts 42
look field-option cue-feedback: out -24, option -36, feedback 60, remark -26
look field-option cue-points: answer -74, facts 119
look field-option cue-points cue-difficulty: facts 34
look field-option cue-points cue-feedback: answer -49, facts 53
look field-option cue-points rule: facts 35
look field-option cue-points_ field-number: facts 15
look field-option field-option: out -90, stem -77, more -24, option 92, answer -56, feedback -14, facts -67, row -80, keys -39, remark -21
look field-option field-option cue-answer: out -27, stem -29, option 30, answer -33, facts -27, row -26
look field-option field-option field-option: out -47, stem -42, option 47, answer -36, facts -29, row -45, keys -22
look field-option rule: out 64, option -30
look field-option rule_ field-number: out 64, option -30
look field-option+: out -68, stem -60, more -24, option 73, answer -49, facts -50, row -59, keys -31, remark -16
look field-stem: out -34, stem 125, more -44, option -32, feedback -30, facts -30
look field-stem asks: stem -24, more 26
look field-stem asks field-option: stem -20, more 19
look field-stem cue-answer: stem 14, more -47, option -47, answer -22, facts -13, bank -40, keys 28
look field-stem cue-answer cue-difficulty: answer 40, keys -27
look field-stem cue-answer cue-points: more -23, option -37, answer -18, bank -13, keys 21
look field-stem cue-answer rule: answer 33, keys -15
look field-stem cue-difficulty: out -20, more -14, facts 24, keys -19
look field-stem cue-points: answer -37, facts 52
look field-stem cue-points cue-difficulty: answer -18, facts 26
look field-stem field-option: out -18, stem 13, more -35, option 18, answer -19
look field-stem field-option field-option: out -18, stem -16, option 19, answer -19
look field-stem gap: more 22
look field-stem phrase: more 37, option -19, answer -12
look field-stem phrase field-option: more 18, option -17
look field-stem rule: out 42, more -44, answer -41, facts -18
look field-stem short: more 33, option -27, answer -28, feedback -24
look field-stem short cue-answer: more 17, option -15, answer -16
look field-stem short field-option: more 31, option -30
look field-stem short-sentence: passage -13, more 43, option -21, feedback -46
look field-stem+: out -13, stem 73, more -29, option -17, feedback -13, facts -16
look field-stem_+: out -17, stem 26
look field-time: passage -37, stem -64, option -16, answer -27, feedback -80, hint -17, facts 14, row -45, keys -65
look field_ bullet: out 75, passage -16, stem -32, answer -15, facts -60
look field_ capitals: out 63, stem -23, answer -52, facts -55, row -23
look field_ cells: passage 30, stem -26, facts -15
look field_ chatter: out -21, passage 26, stem -39, feedback -17, facts -19, row -16, keys -49
look field_ field: out -12, passage 19, stem -59, answer -16, facts -32, row -23
look field_ heading: out 75, passage -38, stem -52, answer -18, facts -78, row -16, keys -13
look field_ identity: out -31, passage -27, stem -42, facts 35, row -26
look field_ num0: stem -65, more -48, option -47, feedback 19, hint -17, facts -49, row -34, keys -15, remark -13
look field_ pair: out 14, passage -22, stem 44, facts -59
look field_ section: out -23, passage -42, stem -64, answer -19, facts 45, row -13
look field_ sentence: out 22, passage -38, stem 42, answer -12, facts -53, keys -19
look field_ short: out 72, passage -26, stem -70, answer -22, feedback -22, facts -42
look field_ text: passage -36, stem 27, answer -27, feedback -14, facts -30, row -12
look field_ word0: passage -16, stem -52, more -51, answer -54, feedback -61, facts 15, row 21
look field_+: out 18, more -48, option -56, answer -33, hint -19, row -23, bank -26, lines -16, keys -25, remark -14
look gap: out -16, passage -30, option -87, wrapped -13, answer 13, feedback -71, hint -34, facts -76, row -55, bank -44, lines -55, keys -86, remark -14
look gap _cells: out -19, stem 21, more -43
look gap _cue-answer: answer -42, bank 42, keys -13
look gap _cue-answer_ num0: answer -39, bank 40
look gap _heading: out 68, stem -17, answer -29, facts -50, bank -17
look gap _key-title: out 29, keys -20
look gap _num0: out -17, stem 23, keys -14
look gap _num0_ num0: out -13, stem 14
look gap _rule: out 48
look gap _short: out -40, passage -21, stem -45, more -13, facts 29
look gap _text: stem 35, more -33
look gap _word0: out -71, stem 55, answer -14, facts 19
look gap box: out -21, stem 16, option 21
look gap bracketed: out -20, stem -63, more -19, answer -41, feedback -29, bank 36, keys -14
look gap bracketed cue-answer: out -39, bank 49
look gap cue-answer: out -69, stem 19, more 56, option -15, answer 46, bank -68, keys -24
look gap cue-answer edge: answer 24, keys -15
look gap cue-answer_ num0: answer 13, bank -12
look gap cue-answer_ word0: answer 13
look gap cue-difficulty: stem -44, more 51, answer -17
look gap cue-wordBank: out -26, passage -13, option -13, answer -46, bank 23, keys -27
look gap edge: more 12, answer -25
look gap gap: out -40, passage -19, stem -71, more 77, option -20, answer -26, row -19, lines -15
look gap gap bracketed: stem -25, more 28
look gap gap cue-wordBank: stem -29, more 30
look gap let0: stem 26, more -26
look gap num0: out -52, passage 28, option -32, answer -38
look gap rule: out -20, stem -13, more 36, answer -17, lines -40
look gap short: passage -13, stem 26, option -38, answer -43, feedback -73, facts -17, row -17, lines -16, keys -30
look gap short-sentence: out -57, passage 79, stem 54, more -64
look gap+: out -52, stem 19, option -29, answer -82, feedback -24, facts -26, row -21, bank -17, lines -42, keys -31
look gap_ cells: out -34, stem 29, more -18, answer -36
look gap_ cue-answer: out -48, stem -14, more 34, answer -16, feedback -17
look gap_ heading: stem -22, more 60, answer -50
look gap_ key-title: stem -28
look gap_ num0: out 20, stem -64, option -22, facts -17, row -20, bank -13, keys -16
look gap_ rule: out -59, stem -89, more 49, option -14, answer -29, feedback -16
look gap_ short: out 18, answer -26
look gap_ text: out -50, stem 58, more -28, answer -43
look gap_ word0: out -68, passage -15, stem 29, more 32, answer -39, feedback -13, facts -12
look gap_+: passage -41, option -40, feedback -54, hint -19, facts -44, row -37, bank -24, lines -25, keys -42
look heading: passage -60, stem -16, more -43, option -62, feedback -91, hint -13, row -45, bank -37, lines -40
look heading _bullet: stem 13
look heading _capitals: out 33, keys -19
look heading _cells: out 28, stem -13, keys -29
look heading _cue-level: out -20, answer -20, facts 28, keys -19
look heading _cue-level num-lone: out -54, facts 57
look heading _cue-level num1-first: out -33, facts 33
look heading _field: out 59, passage -30, stem -47, keys -17
look heading _heading: out 78, facts -38, keys -59
look heading _identity: out 17
look heading _key-title: passage -39, stem -24, answer -15, feedback -14, facts -18, keys 13
look heading _let-lone: passage -40
look heading _num-lone: out -20, passage -24, stem 29, answer -26, facts -17, keys -77
look heading _num-lone_ num0: out 63, stem -51, keys -29
look heading _num0: out 42, stem -36, facts -58, row -17, keys -68
look heading _num0 bullet: out -49, stem 49
look heading _num0 cue-answer: out -16, stem 17
look heading _num0 let1-first: out -23, stem 23
look heading _num0 num0: out 23, stem -16, row -17, keys -14
look heading _num0-again: out -65, stem 14
look heading _num0_ let1-first: out 39, stem -39
look heading _num0_ num0: out -100, stem 97, keys -18
look heading _pair: out 84, passage -58, stem -33, keys -22
look heading _phrase: out 53, passage -31, stem -41, answer -25, keys -57
look heading _rom-lone: out -52, stem 53, keys -15
look heading _section: out 66, stem -20, facts -42
look heading _section num0: out 17, stem -15
look heading _sentence: passage 17, stem -102, answer -14, feedback -25, keys -36
look heading _sentence_ num0: out 50, passage -48, stem -23
look heading _short: out 66, passage -28, stem -23, answer -39
look heading _short-sentence: passage -31, stem 27, keys -48
look heading _short-sentence_ text: out 54, stem -43, keys -16
look heading _table-wide: out 42, stem -21, answer -16, facts -17
look heading _text: out -33, passage -22, stem 36, answer -14, keys -12
look heading _word-lone: out -40, stem -25, facts 41
look heading _word-lone let-lone: out -17, facts 18
look heading _word0: out 59, stem -32, facts -37
look heading _word0 asks: out -36, facts 32
look heading _word0 let1-first: out -36, stem -19, facts 49
look heading _word0 text: out -25, facts 28
look heading _word0-again: out 27, stem -40, facts -27
look heading bullet: out 38, option -36, facts -73, keys -38
look heading cells: out 56, passage -31, stem 36, option -18, facts -37, keys -75
look heading edge: out 29, answer -34, facts -40, keys -19
look heading field: out 79, passage -36, stem -27, facts -72, row -21, keys -19
look heading field-kind: out 17, facts -12
look heading heading: stem -19, answer -20, facts -73, keys 19
look heading identity: out 72, facts -49, keys -19
look heading let-lone: out 53, stem -53, facts 22, keys -21
look heading let1: out -59, stem -23, facts 72, keys -38
look heading num-lone: stem -48, answer -14, facts -54, keys 64
look heading num0: stem 70, answer -21, facts -43, keys 18
look heading num0 num0: out -61, stem 55
look heading num0-again: out 12, stem -45, keys 21
look heading num0-again num0-again: keys 13
look heading pair: passage -15, stem -18, facts -17, row -12, keys 23
look heading pair edge: out 33, keys -28
look heading phrase: out 78, passage -14, stem -76, answer -25, facts -39, keys -14
look heading rom0: out 28, stem 26, facts -32, keys -22
look heading rule: out 42, facts -31
look heading section: out 27, stem -14
look heading sentence: passage -44, stem 21, more -27, answer -57, feedback -47, keys -81
look heading short: out -21, passage -36, stem 46, option -16, answer -42, feedback -30, facts -46, keys -17
look heading short-sentence: out 72, stem -62, feedback -15, facts -16, keys -23
look heading table-down: out -36, keys 37
look heading text: out 23, stem -13, facts -15
look heading word0: out 56, stem 73, option -13, answer -28, facts -46, keys -68
look heading+: passage -17, stem -93, more -23, option -42, answer -107, feedback -46, facts -25, row -22, lines -22, keys 33
look heading_ bullet: out 79, answer -17, facts -48, keys -29
look heading_ capitals: out 51, facts -27
look heading_ cells: out 58, answer -12, facts -26, keys -27
look heading_ cue-level: out 79, facts -71
look heading_ field: out 20, facts -19
look heading_ field-number: out 33, facts -32
look heading_ heading: out 82, answer -13, facts -53, keys -23
look heading_ identity: out 79, facts -59
look heading_ key-title: out 44, stem -34
look heading_ let-lone: out 76, facts -50
look heading_ num-lone: out 61, facts -15, keys -37
look heading_ num0: out 139, answer -75, facts -59, keys -59
look heading_ num0-again: out 36, stem -33, answer -25, facts -21, keys -16
look heading_ pair: out 38, facts -30
look heading_ phrase: out 52, answer -32, facts -22, keys -33
look heading_ rom-lone: out 20
look heading_ rom0: out 34
look heading_ section: stem -24, answer -30, facts -69, keys 19
look heading_ sentence: out 73, facts -49, keys -15
look heading_ short: out 45, facts -54, keys -24
look heading_ short-sentence: out 56, facts -50, keys -34
look heading_ table-wide: out -45, answer 45, facts -31
look heading_ text: out 68, stem -22, answer -21, facts -51, keys -29
look heading_ word-lone: out 57, facts -50, keys -15
look heading_ word0: out -14, stem -28, more -12, answer -64, facts 21, keys -63
look heading_ word0-again: out 20, facts -13
look heading_+: out 25, passage -39, more -33, feedback -38, facts -15, row -20, bank -24, keys -61
look identity: out 94, passage -12, stem -28, answer -40, feedback -27, facts -41, keys -29
look identity _bullet: out -30, stem 31
look identity _capitals: out 18
look identity _cells: out 54, stem -47
look identity _field: out 41, passage -38, facts -21
look identity _heading: out 36, facts -30
look identity _let-lone: out 38, passage -33
look identity _num-lone: out -21, stem 24, facts -15, keys -15
look identity _num0: out -37, stem 38
look identity _num0 num0: out 46, stem -46
look identity _num0_ num0: out -52, stem 52
look identity _pair: out 45, passage -38, stem -21
look identity _phrase: out -17, passage -30, stem 24, option -22
look identity _rom-lone: out 55, stem -44
look identity _section: out 24, facts -21
look identity _sentence: out 60, passage -64, stem -47
look identity _short: out 73, passage -47, stem -48, answer -46, facts -17
look identity _short-sentence: out 60, passage -21, stem -46
look identity _short-sentence_ field: out 51, passage -18, stem -42
look identity _short_ num0: out 22
look identity _short_ text: out 24, passage -28, stem -22, answer -19
look identity _text: out -25, stem 27
look identity _word-lone: out 20, stem -16, facts -21
look identity _word0: facts 93
look identity _word0 let1-first: out -12
look identity capitals: out 19
look identity cells: out 37, stem -37, facts -18, row -23
look identity cue-level: out 22, answer -30, facts -17
look identity edge: out 27
look identity field: out 38, passage -33, facts -37
look identity field-kind: out -63, facts 65
look identity heading: out 19, facts -13
look identity let-lone: out 33, stem -28
look identity num0: out -43, stem 65, keys -25
look identity phrase: out 37, stem -33, answer -12
look identity rule: out 24, lines -22
look identity rule_ section: out 22, lines -22
look identity section: out 23, facts -13
look identity sentence: out 19, passage -15
look identity short: out 70, answer -19
look identity text: out -16, stem 31
look identity+: out 59, feedback -12, facts -17, keys -13
look identity_ num0: out 24, answer -21
look identity_ word0: out 23
look identity_+: out 55, stem -20, answer -28, facts -23
look instruction: out 79, stem -22, answer -32, feedback -51, facts -19, keys -55
look instruction _heading: out 40, facts -31
look instruction _num0: out 47, stem -55, row -33, keys -24
look instruction edge: out 34, keys -28
look instruction+: out 48, keys -29
look instruction_ heading: out 24, feedback -18
look instruction_ num0: out 13
look instruction_+: out 46, answer -20, feedback -35
look key-title: out -35, passage -29, stem -48, more -13, option -50, answer -47, feedback -52, hint -18, facts -44, row -25, bank -26, keys 44
look key-title cells: out -45, stem -52, keys 68
look key-title num-lone: out -51, stem -25, option -14, answer -13, keys 76
look key-title num0: out -49, keys 19
look key-title num0-again: out -31, passage -14, stem -18, more -14, option -17, answer -17, feedback -17, hint -17, facts -18, row -17, bank -18, lines -17, keys 20, remark -17
look key-title num0-again num0-again: out -22, keys 12
look key-title table-down: keys 16
look key-title+: passage -19, stem -37, option -29, answer -25, facts -23, bank -18, keys 14
look key-title_+: out -15, passage -57, stem -24, option -13, answer -27, feedback -35, hint -14, facts -28, row -15, bank -15, keys 28
look let-lone: out -34, more -17, option -55, wrapped -52, feedback -103, hint -44, facts -96, row 15, bank -56, lines -49, keys -29, remark -49
look let-lone _asks: out -44, stem 48
look let-lone _bracketed: more -22, answer -32, keys 17
look let-lone _bullet: stem 25, option -20
look let-lone _bullet_ bullet: out -53, stem 49
look let-lone _capitals: out 60, answer -59, keys -23
look let-lone _cells: out -36, stem 40, option -13, answer -23
look let-lone _chatter: out 20, passage -15
look let-lone _cue-answer: answer -27, bank -21, keys 29
look let-lone _cue-level: out -25, answer -13, facts 50
look let-lone _field-kind: answer -36, facts 13
look let-lone _gap: out 15
look let-lone _heading: out -28, facts -31, keys 31
look let-lone _let-lone: passage -33, stem 30, option -31, row -16
look let-lone _num-lone: out -40, stem 45, answer -37, facts -27, row -32, keys -48
look let-lone _num0: out 15, stem 26, answer -50, keys -65
look let-lone _num0 let1-first: out -47, stem 47
look let-lone _num0 phrase: out -18, stem 19
look let-lone _num0_ num0: out -40, stem 45
look let-lone _phrase: out 44, passage -23, stem -30, answer -27, feedback -48, keys -16
look let-lone _rom-lone: out 44, stem -31
look let-lone _rom0: out 12
look let-lone _rule: out 21
look let-lone _section: out 20, answer -14, facts -14
look let-lone _sentence: out 28, passage -42, stem 36, answer -49, feedback -45, keys -16
look let-lone _short: out 39, passage -37, stem -106, option -27, answer -26, facts -79, keys -43
look let-lone _short-sentence: out 23, passage -18, option -16, answer -52, feedback -32, keys -20
look let-lone _text: out 41, stem -30, answer -29
look let-lone _word-lone: stem -39, facts 38
look let-lone _word0: answer -44
look let-lone _word0 let1-first: out -16, facts 16
look let-lone arrow: stem -32, more 21, option 14, answer 58, feedback -23, facts -18, keys -13
look let-lone arrow_ num0: answer 34
look let-lone asks: out 16, stem -20, row -16, keys -16
look let-lone box: out -60, stem -32, more -23, option 49, answer -31, facts -39, row -30, keys -21
look let-lone bracketed: option 64, feedback -89, row -15, bank -12, keys -34
look let-lone bracketed_ num0: out 15, feedback -78
look let-lone cells: out -32, stem -14, option -14, row 38
look let-lone cue-answer: out -52, stem -90, answer 36
look let-lone cue-answer cue-difficulty: answer 41, keys -41
look let-lone cue-answer cue-feedback: answer 39, keys -35
look let-lone cue-answer edge: answer 27, keys -27
look let-lone cue-answer_ num0: option -16, answer 57, keys -35
look let-lone cue-difficulty: out -40, stem 12, answer 19, facts 36
look let-lone cue-feedback: out -15, option 23, answer -22, feedback 40
look let-lone edge: passage 24, stem -79, more -48, answer 15, row -45, keys -15
look let-lone field: out 42, passage -30, more -45, option 21, answer -75, feedback -37, row -41, lines -14, keys -26
look let-lone field-number: out 25, passage -28, stem -20, answer -12, facts -26, keys -29
look let-lone heading: out 17, passage -24, stem -37, more -24, option -34, answer -50, row -23, keys 19
look let-lone identity: out 42, stem -40, answer -19
look let-lone let-lone: passage -89, more -112, option -36, answer 13, facts -21, row -41, keys -16
look let-lone let-lone edge: out -45, passage -14, stem -18, more -32, option -15, answer 25, keys 12
look let-lone let0: out -12, stem -15, more -14, option 36
look let-lone let1-first: stem 41, more -22, option -36, answer -49, row -12
look let-lone let1-first let1: stem -24, option 64, row -12
look let-lone num-lone: out -29, stem 26, more -24, option -17, answer 24, feedback -14, facts -23, row -14, keys -24
look let-lone num0: out -14, passage -14, stem 43, more -47, option -46, row 35, keys -50
look let-lone num0 let-lone: out -46, stem 41, row -35
look let-lone num0 let1-first: out -26, stem 31
look let-lone num0-again: out 27, stem -46, more -29, answer -51, row 12, keys -41
look let-lone pair: out 54, passage -13, stem -64, answer -27, feedback -21
look let-lone phrase: out 81, stem -58, answer -26
look let-lone rule: passage 12, more -17, answer -12, row -19
look let-lone section: out 55, stem -33, row -40, keys 13
look let-lone short: out -23, passage 38, stem -22, more -31, option -29, answer -40, feedback -57, facts -34, row 32, keys -23
look let-lone text: out 20, stem -21, answer -32, feedback 15, row -28, keys -29
look let-lone word0: out 24, passage -42, stem 24, more -40, answer -19, facts 53, row 35, keys -14
look let-lone word0 phrase: out -47, stem 47
look let-lone word0 word0: stem 45, answer -17
look let-lone+: passage 27, stem 20, more -28, option -26, wrapped -20, answer -17, feedback -31, facts -54, bank -17, lines -21
look let-lone_ asks: out 30, passage -32, stem -16, option 13, answer -43, row -19
look let-lone_ bracketed: out -18, stem 33, more -17, option 16, answer -31, row -42, keys -37
look let-lone_ bullet: out 23, stem -35, option 24, answer -46, row -12
look let-lone_ capitals: option 16
look let-lone_ cells: out 52, answer -54, row -24, keys -22
look let-lone_ chatter: out 36, stem -27
look let-lone_ cue-answer: out -25, stem 29, more -58, answer -15, row 16
look let-lone_ cue-level: out -30, stem 16, answer 32
look let-lone_ field-kind: out 17, passage -22, stem -13, option -18, answer -21
look let-lone_ gap: out 29, passage -15, stem -27, option 15
look let-lone_ heading: out 17, stem -13, option 28, keys -23
look let-lone_ identity: out 23, stem -22, keys -21
look let-lone_ let-lone: passage -31, stem -30, more -18, option -21, answer 23, row -23, keys -19
look let-lone_ num-lone: out 34, stem -35, more -18, option 27, answer -35, row 14, keys -44
look let-lone_ num0: out 19, passage -23, stem -42, more 16, feedback -13, facts -26, row -19, bank -15, keys -34
look let-lone_ num0-again: out 38, stem -26, answer -13
look let-lone_ num1: out -31, option 22, answer -14, row -20
look let-lone_ phrase: out -31, passage -15, stem -42, answer -41, keys 22
look let-lone_ rom0: passage 20, stem -43, option -28, answer -17
look let-lone_ rule: stem 13, option 23, keys -13
look let-lone_ section: stem -16, option 13, answer 21, row -18, keys -27
look let-lone_ sentence: out 70, stem -53, answer -18
look let-lone_ short: passage -18, stem -53, option -40, answer 22
look let-lone_ short-sentence: out 56, stem -38, option 32, answer -43, row -42
look let-lone_ text: passage -28, stem -53, more 22, option 19, answer -28, row -20
look let-lone_ word-lone: out 71, passage -32, stem -62, answer -38, facts -20
look let-lone_ word0: out -42, passage -88, stem 25, option 23, facts -19, keys -15
look let-lone_+: out 18, passage -20, stem -32, option -19, wrapped -14, feedback -55, hint -27, facts -42, bank -34, lines -16, keys -27, remark -23
look let0: out 15, more -73, option 20, answer 22, feedback -42, hint -15, facts -60, bank -24, lines -23, remark -22
look let0 _bullet: out -101, stem 38, option -14, row -15, remark -25
look let0 _bullet cue-answer: out -18, stem 19
look let0 _bullet let0: stem 22, option -14
look let0 _bullet_ bullet: out -85, stem 102, option -17
look let0 _capitals: stem -40, option -17, answer 15, keys -50
look let0 _cells: out 44, passage -17, stem -33, option -47, answer -17, bank -13, keys -43
look let0 _cue-answer: answer 69, keys -63
look let0 _cue-answer edge: answer 55, keys -51
look let0 _heading: out 39, stem -34
look let0 _letter: out -20, option -22, answer 42
look let0 _num-lone: out 27, stem -21, option -18, answer -50, facts -15, keys -76
look let0 _num1-first: out -79, stem 93, option -18, keys -15
look let0 _phrase: stem 32, option -15, answer -16, feedback -35
look let0 _section: out 68, stem -28, facts -18, keys -19
look let0 _sentence: passage -15, answer -47, feedback -83, keys -53
look let0 _short-sentence: out -56, passage 19, answer -48, feedback -36, keys -33
look let0 _text: stem -39, option -14, answer 32, keys -35
look let0 arrow: option -13, answer 70, keys -16
look let0 asks: out -31, stem -16, more 38, answer 12, keys -13
look let0 bracketed: out -64, stem -30, option 18, answer 24, keys -55
look let0 bullet: out -45, stem 58, option -47, answer 16, row -28, keys -19
look let0 cells: option 16
look let0 cue-answer: out -52, stem 40, option 61, answer 84, keys -77
look let0 cue-answer cue-difficulty: answer 20, keys -18
look let0 cue-answer edge: option -27, answer 44, keys -40
look let0 cue-answer_ asks: answer 15
look let0 cue-answer_ phrase: answer 26, keys -21
look let0 cue-answer_ text: option -13, answer 20
look let0 cue-difficulty: out -31, answer 27, facts 34, keys -47
look let0 cue-feedback: out -85, stem -52, option 43, answer -37, keys -47, remark 39
look let0 edge: out 49, answer -23, keys -42
look let0 gap: out -31, stem 17, more 21, option -26, answer 12
look let0 let-lone: out -89, stem -68, option 13, answer 12, keys 62
look let0 let0: out -48, stem -166, more -33, option 24, answer -38, feedback -15, row -60, keys 45, remark -35
look let0 let0 arrow: option 20, keys -14
look let0 let0 bracketed: option 27, keys -20
look let0 let0 bullet: out -28, stem -13, option 25, answer 19, keys -19
look let0 let0 cue-answer: out -30, stem -13, option 68, answer -36, keys -56
look let0 let0 cue-difficulty: option 14, answer 33, keys -37
look let0 let0 edge: option 50, answer -21, keys -41
look let0 let0 let-lone: option 38
look let0 let0 let0: out -30, stem -69, answer -51, keys 35
look let0 let0 phrase: out -27, answer -16
look let0 let0 short: out -17, stem -39, option -13, keys 18
look let0 let0_ asks: out -19, option 39, answer -43
look let0 let0_ bullet: out -20, option 33, answer -30, keys -27
look let0 let0_ capitals: option 23
look let0 let0_ cells: out -28, stem -19, option 50, answer -34, keys -34
look let0 let0_ cue-answer: out -15, option 30, answer -30, keys -13
look let0 let0_ field: option 14
look let0 let0_ num-lone: option 37, answer -17, keys -21
look let0 let0_ phrase: option 26, answer -22, keys -19
look let0 let0_ section: out -18, option 40, answer -26, keys -29
look let0 let0_ sentence: option 18
look let0 let0_ short-sentence: option 14
look let0 let0_ text: out -31, option 26, keys -41
look let0 let1-first: out -41, stem 37, option 18, answer -17, row -19
look let0 let1-first let1: stem -25, option 56, row -19
look let0 letter: out -27, option -95, answer 107
look let0 num1-first: out 20, passage -28, stem 24, more -23, option -43, answer -25, feedback -27, hint -13, facts -17, row -51, bank -22, keys -19, remark -32
look let0 phrase: out -61, stem 24, option -15, wrapped 16, answer -45, feedback -28
look let0 sentence: out 19, passage -45, option -34, answer -37, keys 27, remark -20
look let0 short: out -31, passage -13, stem -74, more -39, option -33, answer -15, feedback -43, facts -41, keys 57
look let0 short let0: stem -34, more -30, option -16, feedback -13, keys 17
look let0+: out 29, passage -13, stem -16, more -35, feedback -22, facts -34, bank -15, lines -13, remark -20
look let0_ asks: out -13
look let0_ bullet: out 48, stem -28, option 15, answer -14, keys -30
look let0_ capitals: out -20, stem 27, option 21, answer -32, keys -14
look let0_ cells: stem -19, option 46, answer -34, keys -34
look let0_ cue-answer: out -15, option 30, answer -30, keys -13
look let0_ field: out -23, option 30, keys -21
look let0_ heading: out -19, option 35, keys -29
look let0_ num-lone: more -26, answer 24, keys -21
look let0_ num1-first: out 38, stem -45, option -39, answer 17
look let0_ phrase: option 26, answer -22, keys -19
look let0_ section: stem -29, option 40, answer -27, keys -29
look let0_ sentence: option 18
look let0_ short-sentence: passage 12, option 14
look let0_ text: out -31, option 27, keys -41
look let0_+: stem 20, more -29, option 45, feedback -16, facts -27, row -39, bank -13, keys -42
look let1: out -20, passage -58, stem 27, more -82, option 14, wrapped -60, answer -23, feedback -70, hint -60, facts -65, row -21, bank -60, lines -59, keys -25
look let1 _bracketed: out 23, more -13, answer -51, feedback -31, bank -18, keys 53
look let1 _capitals: out 15, hint -16, keys -44
look let1 _capitals_ num0: keys -19
look let1 _chatter: out 35, answer -28
look let1 _cue-answer: out -26, stem -32, option -24, answer 46, feedback -52
look let1 _cue-answer num-lone: answer 45, keys -45
look let1 _cue-answer num0-again: answer -23, keys 23
look let1 _cue-answer_ num0: answer -34, keys 35
look let1 _cue-answer_ word0: answer -21, feedback -37, keys 27
look let1 _cue-level: facts 22
look let1 _heading: out 56, stem -20, answer -70, facts -28, keys -43
look let1 _heading_ num0: out 46, answer -24, keys -20
look let1 _key-title: answer -14, keys 21
look let1 _let-lone: passage -22, option -20, answer 17, facts -15, row -45, keys -16
look let1 _let-lone_ num0: out -18, stem -24, option -15, answer 27, facts -14, row -27
look let1 _let1: out -21, stem -72, more -20, option 33, answer -53, row -26, keys -34, remark -41
look let1 _let1-first: out -55, stem 47, option -26, answer -24
look let1 _let2-first: out -15, option 17
look let1 _let2-first let2: out -15, option 17
look let1 _letter: out -42, option -24, answer 49
look let1 _letter_ num0: out -24, option -12, answer 26
look let1 _num-lone: out 50, stem -51, option -12, answer -46, facts -22, keys -45
look let1 _num0: out 26, passage -14, more -14, option -31, wrapped -13, answer -37, feedback -17, hint -17, facts -23, row -18, bank -18, lines -17, keys -54, remark -18
look let1 _num0 asks: stem 12
look let1 _num0 cue-answer: out -58, stem 64
look let1 _num0 edge: out 41, stem -41, keys -28
look let1 _num0 let-lone: out -16, stem 17
look let1 _num0 let1-first: out 48, stem -47, option -13
look let1 _num0 short: out -30, stem 34
look let1 _num0-again: out -55, stem 40
look let1 _num0_ cue-answer: out -27, stem 29
look let1 _num0_ let1-first: out -79, stem 81
look let1 _num0_ num0: out -152, stem 44, option -15, answer -34, keys -33
look let1 _phrase: out 50, stem -61, option -39, wrapped -17, answer -45, feedback -34, keys -54
look let1 _rom-lone: out 46, stem -25, answer -20, facts -13, keys -48
look let1 _rom0: out -34, stem 53, answer -19, hint -12, facts -13, keys -41, remark -16
look let1 _rom0 let1-first: stem 22, remark -16
look let1 _rom0_ rom0: out -27, stem 39, answer -14, hint -12
look let1 _rule: out -46, stem -35, answer 47
look let1 _section: out 46, answer -28, facts -17, keys -12
look let1 _section_ word0: out 14
look let1 _sentence: passage -21, stem -68, option -12, answer -83, feedback -92, hint -24, keys 48
look let1 _short: stem -60, more -39, option -15, wrapped -27, answer 15, facts 16, keys -48
look let1 _short-sentence: out 29, stem -46, answer -85, feedback -31, hint -35, keys 21, remark -20
look let1 _text: out 37, answer -44
look let1 _word0: out -79, stem 40, option -22, answer -83, facts 13
look let1 _word0 asks: stem -31, answer -43, facts 64
look let1 _word0 cells: stem -15, facts 17
look let1 _word0 let-lone: facts 17
look let1 _word0 let1-first: stem -41, option -17, facts 47
look let1 _word0 phrase: out -18, stem -40, facts 48
look let1 _word0 short-sentence: answer -26, facts 28
look let1 _word0_ let1-first: out -12, stem 33, facts -33
look let1 _word0_ word0: out -47, stem 55
look let1 arrow: out -34, stem 17, option -26, answer 23, feedback -40, row -35
look let1 arrow cue-difficulty: answer 14
look let1 arrow_ num0: answer 34, feedback -13
look let1 asks: out -15, stem 16, more 32, option -23, wrapped -13, row -28
look let1 box: out -18, option 15
look let1 box box: out -18, option 23
look let1 bracketed: out -29, stem -13, more 23, option 38, wrapped -13, answer 21, hint -20, facts -20, row -33, bank -44, keys -54
look let1 bracketed num0: out -72, answer -55, feedback 60, keys -43
look let1 bracketed_ num0: out 44, answer -28, feedback -37, keys -24
look let1 bracketed_ word0: out -14, more 19, option -19, answer 17, feedback -25, row -18, bank -18, keys -20
look let1 bullet: stem 33, more -21, option -13, answer -21, row -15
look let1 bullet bullet: stem -38, more -21, option 73, answer -21, row -15
look let1 cells: out 37, stem -48, more -15, option -31, wrapped 13, answer -39, keys -33
look let1 cue-answer: out 31, stem -19, option -32, wrapped -45, answer 21, facts -38, row -125, remark -24
look let1 cue-answer cue-difficulty: wrapped -17, answer 26, facts -19
look let1 cue-answer cue-feedback: answer 24, keys -16
look let1 cue-answer cue-points: answer 32, facts -22, keys -19
look let1 cue-answer edge: answer -14, keys 27
look let1 cue-answer num0: answer 36, keys -35
look let1 cue-answer phrase: answer 30, keys -22
look let1 cue-answer_ num0: option -35, answer 36, keys -39
look let1 cue-answer_ section: answer 24, keys -21
look let1 cue-answer_ word0: answer 93, keys -87
look let1 cue-difficulty: out -32, stem -15, option 57, answer -22, facts 74, row -16, keys -15
look let1 cue-feedback: out -51, stem -28, more -13, option 25, wrapped -17, answer -20, row -59, keys -37, remark 16
look let1 cue-feedback_ num0: out -14, feedback 20, remark -15
look let1 cue-hint: out -27, answer -19, hint 16, row -49, keys -22
look let1 cue-level: option 22, answer -32, facts 47, row -16
look let1 cue-points: out -57, stem -23, option -42, answer 24, hint -14, facts -20, row 45, keys -56
look let1 cue-sample: out 27, option -22, answer 42, row -30, keys -46
look let1 edge: out -39, option 45, answer -60, row -19, keys -36, remark -14
look let1 field: passage -25, stem -26, option 28, feedback -18, hint -13, facts -23, remark -22
look let1 let-lone: out -98, stem 70, more -13, option -50, row -79, keys -17
look let1 let-lone num0: out -15, answer 21
look let1 let-lone_ num0: out -64, answer 25
look let1 let-lone_ word0: out -29, answer 34
look let1 let1: passage -41, stem -72, more -42, option 18, wrapped -36, answer -123, feedback -50, hint -46, facts -46, row -13, bank -46, lines -46, keys -20
look let1 let1 arrow: stem -29, option 58, row -34
look let1 let1 bracketed: out -43, stem -19, option 63, answer -25
look let1 let1 cue-answer: stem -59, option 41, answer -107, row -117, keys -43, remark -23
look let1 let1 cue-difficulty: stem -16, option 45
look let1 let1 cue-feedback: option 25, answer -18
look let1 let1 cue-level: option 29, row -16
look let1 let1 edge: out -123, stem 24, answer -40, keys -16, remark -14
look let1 let1 field: out -58, stem -21, option 41, remark -22
look let1 let1 let-lone: option 101, answer -18, row -57
look let1 let1 let1: passage -14, stem -66, more -14, answer -21, feedback -17, hint -17, facts -18, bank -18, lines -17, keys -29
look let1 let1 letter: stem -15, option 36
look let1 let1 num0: out 29, stem -38, answer -52, row -83, remark -27
look let1 let1 phrase: out -49, option 19, answer -13, row -14
look let1 let1 rom0: out -19, stem -18, option 61, row -14
look let1 let1 short: out -14, stem -32, option 36
look let1 let1 short-sentence: option 34, remark -26
look let1 let1 word0: out -19, option 61, row -37
look let1 let1-first: out -14, option 42
look let1 let1-first let1: out -14, option 48
look let1 let1_ bracketed: out -14, option 30
look let1 let1_ capitals: option 25
look let1 let1_ chatter: out -20, option 34
look let1 let1_ cue-answer: out 32, stem -61, option -19, answer -63, row -68, remark -21
look let1 let1_ heading: out -48, option 18, answer 19, keys -19, remark -20
look let1 let1_ key-title: out -12, option 32
look let1 let1_ let-lone: out -35, stem -25, option 51, row -44
look let1 let1_ letter: out -24, option 27, row -30
look let1 let1_ num-lone: out -29, option 43
look let1 let1_ num0: passage -14, stem -31, more -14, option 20, answer -72, feedback -17, hint -17, facts -18, row -82, bank -18, lines -17, keys -14, remark -34
look let1 let1_ num0-again: out -21, option 26, answer -15, row -58
look let1 let1_ phrase: out -22, stem -13, option 24, answer -13, row -18, keys -16
look let1 let1_ rom0: option 54, row -25
look let1 let1_ rule: out -31, stem -17, option -31, row -35, remark 34
look let1 let1_ section: out -25, option 40, answer -15
look let1 let1_ short-sentence: out -46, option -31, answer -27, row 38
look let1 let1_ word0: out -143, stem 34, option 45, answer -21, feedback -20, row -62
look let1 let2-first: out -31, stem 23, more -24, option -19, answer -22
look let1 let2-first let2: out -31, stem -31, more -23, option 50, answer -22
look let1 letter: out -80, stem -16, option -82, answer 160
look let1 letter_ num0: out -19, option -47, answer 67
look let1 num-lone: out -67, option -34, answer -28, feedback -13, facts -13, row 53, keys -42
look let1 num0: option 13, wrapped -19, answer -35, facts -22, row -63, keys -53, remark -29
look let1 num0 let1-first: out -42, stem 62, option -33, answer -23, row -17
look let1 num0 num0: stem -14, option 14, wrapped -14, answer -39, row 23, keys -45
look let1 num0 phrase: stem 31, keys -15
look let1 num0 short: stem 18
look let1 num0-again: out -56, stem 22, option 27, row -52
look let1 num2-first: out -13, option -26, row 32
look let1 num2-first num2: row 23
look let1 pair: out 35, stem -21, more 42, option 22, answer -50, feedback -39, row -19, keys -29
look let1 phrase: out 17, stem 18, option -56, wrapped 21, answer -16, hint -17, row -33, keys -42
look let1 phrase let1: option -23, wrapped 23, answer -20, row -15
look let1 rom0: out -35, stem 50, row -14, keys -24
look let1 sentence: passage -42, stem -29, more -33, option -17, answer -43, feedback 31, row -43, remark 26
look let1 short: passage -15, stem 35, more 31, option -83, wrapped 24, feedback -99, facts 30, row -21, keys -26
look let1 short let1: option -24, wrapped 21, facts 31
look let1 short-sentence: out -75, passage -15, stem -50, more 35, option -26, wrapped -15, answer -105, hint -64, row -72, keys -24, remark 46
look let1 short_ word0: out -28, more 32, option -48, wrapped -26, answer -20, feedback -31
look let1 text: out 35, passage -38, stem -21, option -15, answer -101, keys -53
look let1 word0: out -23, stem 39, answer -48, facts 39, row -37
look let1 word0 let1-first: stem 20, option -16
look let1+: passage -26, stem 51, more -49, wrapped -29, answer -24, feedback -30, hint -29, facts -31, bank -29, lines -29
look let1-first: out -19, passage -27, more -83, wrapped -39, feedback -37, hint -29, facts -39, row -30, bank -31, lines -29, keys -68
look let1-first _let1: out -35, more -18, option 22, answer -34, facts -22, row -27, remark -31
look let1-first _let1_ let1: out -34, stem -17, option 32, answer -24, row -22, remark -31
look let1-first _short: out -46, stem -30, more -17, option -47, answer -12, facts 50
look let1-first asks: more 12
look let1-first box: out -21, more -18, option 30
look let1-first box box: out -21, more -18, option 30
look let1-first bullet: out 19, more -29, option 29, answer -15, row -19
look let1-first bullet bullet: stem -24, more -29, option 34, answer -15, row -19
look let1-first cue-answer: answer 25, keys -16
look let1-first cue-answer_ let1: answer 20, keys -16
look let1-first cue-feedback: out -49, more -23, answer -35, facts -25, row -19, bank -13, remark 22
look let1-first cue-feedback let1: option -22, feedback -19, remark 22
look let1-first let1: passage -25, stem -25, more -60, wrapped -32, answer 19, feedback -31, hint -29, facts -32, row -21, bank -29, lines -29
look let1-first let1 cue-answer: out 28, stem 13, option -46, answer 27, row -37, keys -53
look let1-first let1 cue-difficulty: option 14
look let1-first let1 let-lone: out -38, stem -48, option 42, answer -35, row -21
look let1-first let1 let1: passage -14, stem -29, more -14, answer -27, feedback -17, hint -17, facts -18, row -12, bank -18, lines -17, keys 22
look let1-first let1 num0: stem -31, option 22, answer -26
look let1-first let1 short: stem 16, option -15
look let1-first let1-first: option 26
look let1-first let1-first let1: stem -12, option 26
look let1-first let1_ cue-answer: out -62, option -23, answer 33, row -24
look let1-first let1_ num0: out -83, option -13, answer 38
look let1-first let1_ rom0: option 20, answer -13
look let1-first let1_ word0: out -58, option 45
look let1-first let2-first: out -15, stem 24, option -22
look let1-first let2-first let2: option 24
look let1-first num2-first: option 27, row -19
look let1-first num2-first num2: option 27, row -19
look let1-first short: out 28, more 25, option -29, wrapped 30, answer -34, feedback -26, facts -37
look let1-first short let1: out 31, option -31, wrapped 30, answer -26, feedback -25, facts -37
look let1-first+: passage -17, stem -24, more -51, wrapped -22, feedback -20, hint -17, facts -25, row -15, bank -18, lines -17, keys -43
look let1-first_ let1: out -46, stem 38, option 22, answer -56, feedback -14, row -42
look let1-first_+: out -30, stem 25, option 24, answer -57, feedback -14, facts -14, row -44
look let1_ bracketed: out 37, stem -39, option 22
look let1_ capitals: option 25
look let1_ chatter: out -20, option 34
look let1_ cue-answer: out 22, stem -80, option -26, answer 28, row -45, remark -33
look let1_ cue-level: option 33, answer -31
look let1_ heading: out -48, option 18, answer 19, keys -19, remark -20
look let1_ key-title: out -17, option 32
look let1_ let-lone: out -38, stem -25, option 53, row -44
look let1_ let1: out -59, option 50, answer -45, row -30, remark -51
look let1_ let1-first: stem -15, answer 18
look let1_ let2-first: stem 15, option -14
look let1_ letter: out -24, option 27, row -30
look let1_ num-lone: out -42, option 59, keys -14
look let1_ num0: passage -14, stem -56, more -14, option 22, answer -26, feedback -19, hint -20, facts -18, row -83, bank -18, lines -17, keys -18, remark -36
look let1_ num0-again: out -22, option 13, answer -15, row 15
look let1_ phrase: out -22, option 24, answer -13, row -18, keys -16
look let1_ rom-lone: option 19
look let1_ rom0: option 66, answer -18, row -25
look let1_ rule: out -37, stem -24, option -30, answer -15, row -35, remark 34
look let1_ section: out -30, option 23, row -13
look let1_ sentence: out -21, stem -47, option 26, remark -13
look let1_ short: out -29, option 36, answer -16
look let1_ short-sentence: out -46, option -31, answer -27, row 38
look let1_ text: out 16, option -13, answer -15
look let1_ word0: out 33, stem 35, option -44, answer -14, feedback -35, facts -13, row -70
look let1_+: out -19, passage -18, stem -31, more -28, option 22, feedback -31, hint -20, facts -26, row -35, bank -18, lines -17, keys -80
look let2: passage -13, stem -60, more -27, option 12, wrapped -72, feedback -33, hint -23, facts -32, row -90, bank -17, lines -13, keys -55, remark -14
look let2 _cue-answer: answer -36, keys 43
look let2 _heading: out -29, facts 24
look let2 _let1: out -58, stem 68, option -27, answer -14
look let2 _num1: out -40, stem 40
look let2 _num1 let2-first: out -19, stem 19
look let2 _word0: out -25, stem -32, answer -20, facts 46
look let2 _word0 let1-first: stem -27, facts 35
look let2 cue-answer: option -35, answer 41, keys -52
look let2 cue-difficulty: out -20, option 38, answer -35, facts 52, keys -22
look let2 let1: out -55, stem 35, option -32
look let2 let2: out -58, stem -26, option 96, wrapped -50, answer -98, row -55
look let2 let2 cue-answer: option 29, answer -25
look let2 let2 cue-difficulty: option 23, answer -18
look let2 let2 let1: out -26, option 57, answer -30
look let2 let2 let2: option 30, wrapped -26
look let2 let2_ num1: out -20, option 42
look let2 let2_ word0: out -17, stem -15, option 30
look let2 num1: out -29, stem 34, option -13, wrapped -31, answer -63, row -19, keys -14
look let2 num1 let2-first: out -18, stem 35, option -33, wrapped -15
look let2+: stem -21, wrapped -47, answer 32, row -49, keys -14
look let2-first: out 15, stem -71, more -56, wrapped -30, answer -20, row -45, lines -21, keys -37, remark -19
look let2-first let2: stem -71, more -38, wrapped -26, hint -12, row -59, lines -12, keys -39, remark -14
look let2-first let2 let2: stem -15, option 35, wrapped -24, answer -20, row -37
look let2-first+: stem -51, more -34, wrapped -16, answer -12, row -26, keys -19
look let2_ cue-answer: out -13, option 17
look let2_ let1: option 19
look let2_ num1: out 27, answer -47
look let2_ word0: out -17, stem -15, option 30
look let2_+: out 14, stem -29, option 26, answer -57, keys -24
look letter: out 32, stem -64, more 28, option -32, feedback -38, facts -47, row -24, keys -54
look letter _num0: stem 14
look letter cue-feedback: out -47, more -13, option -36, answer 52, feedback 51, facts -12
look letter edge: out -68, answer 72, keys -20
look letter+: out 47, stem -36, more -53, option -30, facts -24, keys -22
look letter_ num0: out -62, more 27, option 43, answer -15, feedback -29, keys -14
look letter_+: out -96, more 20, option 24, answer 15, feedback -33, facts -16, keys -45
look lines: out -47, passage -40, stem -35, option -37, answer 28, feedback -27, hint -17, facts 22, row -32, lines 19, keys -27
look lines+: out -19, stem -18, option -16, answer -70, facts -30, lines 23
look num-lone: out -20, passage -22, stem 12, option 20, wrapped -44, answer -16, feedback -14, hint -44, bank -60, lines -46, remark -24
look num-lone _bracketed: out 53, keys -29
look num-lone _bullet: out -32, row 26
look num-lone _bullet bullet: out -25, stem -58, row 27
look num-lone _capitals: out 67, answer -39, keys -39
look num-lone _cells: out 30, stem -23
look num-lone _cue-answer: answer 18, keys -15
look num-lone _cue-level: out -15, facts 16
look num-lone _heading: out 90, answer -42, facts -54, keys -46
look num-lone _num-lone: out -21, stem -23, option -26, facts -18, keys 39
look num-lone _num0: stem 47, answer -54, keys -16
look num-lone _num0 num1-first: out -26, stem 26
look num-lone _num0-again: out -20, stem 32, option -14
look num-lone _num0_ num0: out -59, stem 62
look num-lone _phrase: passage -32, stem 50, more -15, option -27, answer -73, feedback -24, keys -24
look num-lone _rom-lone: out -29, stem 21, keys -39
look num-lone _rom0: out -36, stem 40, keys -18
look num-lone _section: out 63, stem -20
look num-lone _section_ num0: out 16
look num-lone _sentence: out 49, stem -65, answer -22, feedback -23, keys -27
look num-lone _short: out 70, passage -41, stem -26, answer -63
look num-lone _text: out 24, more -28, keys -17
look num-lone _word0: out -69, stem 27, answer -18
look num-lone arrow: out -22, stem 18, answer 61, keys -13
look num-lone box: out -21, stem 19, more 39, option -32
look num-lone box box: out -17, option 35
look num-lone bracketed: out -26, stem -48, option 33, answer -28, feedback -24, keys -38
look num-lone bullet: out 57, stem -52, more -34, option 19, answer -24, feedback -47, facts -13, row -61, keys -35
look num-lone bullet bullet: out 14, stem -21, more -15, option 18, row -32
look num-lone capitals: out 31, stem 43, answer -44, feedback -14, keys -57
look num-lone cells: passage -15, stem -38, more 38, option 41, answer -24, facts -35, row -20, bank -13
look num-lone cue-answer: out -94, option 32, answer 22, keys -79
look num-lone cue-answer cue-difficulty: answer 13
look num-lone cue-answer edge: option -13, answer 62, keys -55
look num-lone cue-difficulty: out -62, more 16, answer 13, feedback -29, keys -48
look num-lone cue-difficulty edge: out -20, answer -18, facts 27
look num-lone cue-sample: out -30, stem 38, more 12, answer 15, keys -13
look num-lone edge: out -30, stem 29, more -49, option -33, answer 44, feedback -14, row -16, keys -18
look num-lone field: out -20, passage -16, stem 37, answer -13, feedback -32, facts -51, row -48, keys -75
look num-lone heading: out -22, stem -71, option -12, answer -58, facts 39, keys -14
look num-lone let-lone: stem -58, more 31, answer 12, row -23, keys -62
look num-lone let1-first: out -47, option 64, row -37
look num-lone let1-first let1: stem -40, option 71, row -37
look num-lone num-lone: out 20, stem -33, option -30, wrapped -15, answer -46, feedback -22, facts -79, row -16, keys 33
look num-lone num-lone edge: stem -72, more -15, option -13
look num-lone num0: out -35, passage -20, stem 22, more 22, answer -35, feedback -24, facts -63, keys -16
look num-lone num0 num-lone: out -18, stem -18, keys 35
look num-lone num0 num0: out -38, stem -66, more -18, option -28, row 39, keys -12
look num-lone num0-again: out -56, option 66, row -51, keys 45
look num-lone num1: out 70, option -19, facts -15
look num-lone num1-first: out -19, stem -21, feedback -15, keys 15
look num-lone num1-first num1: stem -21, more -35, keys -29
look num-lone number: out -53, more -38, option -24, answer 37, keys -15
look num-lone pair: out 48, stem -25, more 21, feedback -19, row -23, keys -25
look num-lone phrase: stem -18, more 33, option -18, answer -21, feedback -35, facts -31, row -29, keys -26
look num-lone phrase cue-answer: out -13, stem -21, more 22
look num-lone rom0: stem 25, answer -44, facts -16
look num-lone rule: out -19, stem 29, option -23, answer -39, lines -16
look num-lone sentence: out 45, passage -75, stem -55, more -16, answer -76, feedback 20, keys -50
look num-lone short: passage -44, stem -17, more 66, wrapped -23, answer -69, facts -15, keys 16
look num-lone short-sentence: out 87, passage -27, stem -86, answer -43, feedback -58, hint -21, keys -56, remark -19
look num-lone text: passage -24, stem -87, more 19, option -25, answer -25, feedback 28, facts -41, keys -55
look num-lone word0: out 34, option -29, answer -18, facts -15, row -13, keys -26
look num-lone+: passage -36, stem -15, more -17, option 15, wrapped -22, feedback -83, hint -16, facts -124, row -51, bank -25, lines -17, remark -13
look num-lone_ bracketed: out 12, stem -59, keys 16
look num-lone_ bullet: out 28, stem -59, option 19, answer -71, keys 26
look num-lone_ capitals: out 77, stem -62, answer -38, keys -23
look num-lone_ cells: out 44, stem -65, more -13, answer 16, facts -19, row -22, keys -32
look num-lone_ cue-answer: out -47, stem 39, option 76, keys -61
look num-lone_ cue-level: out 14, answer -33, facts -18, keys -35
look num-lone_ heading: stem -14, more -18, facts -28
look num-lone_ identity: out 45, stem -62, answer -27, facts -21, keys 40
look num-lone_ num-lone: out -21, stem 17, answer -37, feedback -15, facts -26, keys -27
look num-lone_ num0: out -25, passage -33, stem -124, feedback -59, hint -14, facts -30, row 22
look num-lone_ num0-again: out 16, stem -40, more 43, facts -23, keys -40
look num-lone_ phrase: out 30, stem -41, answer 16, facts -14, row -33
look num-lone_ rom-lone: out 33, stem 14, more 14, option -21, answer -29, facts -15, keys -25
look num-lone_ rom0: out 80, stem -62, answer -23, keys -38
look num-lone_ section: option 28, answer -16, feedback -15, facts -39, row -28, keys 15
look num-lone_ sentence: out 27, answer -18
look num-lone_ short: out 72, stem -62, answer -30, feedback -22, keys -24
look num-lone_ text: out 14, stem -55, more -50, option -20, feedback 31, facts -17, row -43, keys -17
look num-lone_ word0: out 52, passage -14, stem -62, option -33, feedback -23, facts 30, keys -67
look num-lone_+: passage -15, stem 25, more 17, answer -15, hint -19, row 12, bank -25, lines -15, keys -17
look num0: out -22, passage -66, more -36, option -23, wrapped -62, answer -27, feedback -94, hint -46, facts -42, row -21, bank -43, lines -44, remark -56
look num0 _box: out -43, option 60
look num0 _box box: out -43, option 60
look num0 _bracketed: out -14, answer -38, feedback -25, bank 12, keys 63
look num0 _bullet: out -119, stem -32, more -16, option 38, answer -15, row -54
look num0 _bullet bullet: out -20, stem -98, more -16, option 26, row -31
look num0 _capitals: out 52, option -32, answer -68, bank -14, keys -22
look num0 _capitals_ num0: out 43, option -14, answer -32, keys -16
look num0 _cells: passage -24, more -48, option 33, answer -30, facts -26, bank -28
look num0 _chatter: out 13
look num0 _cue-answer: out -32, stem -17, bank -50
look num0 _cue-answer edge: answer 13, bank -17
look num0 _cue-answer num-lone: answer -51, keys 54
look num0 _cue-answer num0: answer 16, keys -14
look num0 _cue-answer_ num0: answer 72, bank -20, keys -32
look num0 _cue-level: stem -28, more -31, option -23, keys -21
look num0 _cue-sample: out -40, stem -17, more -23, option -27, answer 32, feedback -15, row -16, bank -18, keys -28
look num0 _heading: stem 14, answer -28, facts -58
look num0 _heading_ num0: out 30
look num0 _key-title: out -12
look num0 _let-lone: out 38, stem -44, option -30, answer -26, facts -15, row -25
look num0 _let-lone_ num0: out 29, option -29, answer -22, facts -12, row -25
look num0 _let0: out -20, option 41
look num0 _let0 let0: out -20, option 41
look num0 _let1-first: out -40, stem -74, more -13, option 19, answer -45, row 18, remark -19
look num0 _let1-first let1: out -73, stem -61, row 22, remark -19
look num0 _num-lone: out -51, stem 20, more -16, option -16, answer 31, facts -28, row -12
look num0 _num0: out -84, passage -22, stem 68, more -53, answer -33, feedback -17, hint -17, facts -27, row -46, bank -18, lines -17, keys -52, remark -17
look num0 _num0 bullet: stem 42, option -39
look num0 _num0 cue-answer: out -18, stem 37
look num0 _num0 edge: out -22, stem 36, keys -21
look num0 _num0 field: out -14, stem 15
look num0 _num0 gap: out 20, stem -16, keys -30
look num0 _num0 let1-first: stem 13, more -13, option -23
look num0 _num0 num-lone: stem 15
look num0 _num0 num0: stem -66, option 34, answer -13, row -25, keys -16
look num0 _num0 num0-again: stem 15
look num0 _num0 num1-first: stem 12
look num0 _num0 phrase: stem 23
look num0 _num0 short: stem 24
look num0 _num0 short-sentence: stem 45, option -26
look num0 _num0 text: out -35, stem 40
look num0 _num0-again: out 22, stem -58, option 22, row -42, keys -13
look num0 _num0-again num0-again: out 23, stem -62, option 22, row -42, keys -13
look num0 _num0_ capitals: out -39, stem 44
look num0 _num0_ cue-answer: stem 34, option -25
look num0 _num0_ heading: out -52, stem 68, keys -17
look num0 _num0_ key-title: out -17, stem 18
look num0 _num0_ let1-first: out -25, stem 28
look num0 _num0_ num0: out -99, stem 39, option -56, answer -12, row -48, keys -22
look num0 _num0_ rule: out -21, stem 29
look num0 _num0_ section: out -53, stem 55, more -12, answer -19, keys -44
look num0 _num1-first: stem 25, more -12, row -22, keys 12
look num0 _num1-first num1: out -64, stem -34, row -22, keys 33
look num0 _number: out -51, more -30, option -19, answer 58, keys -61
look num0 _number_ num0: out -49, more -27, option -42, answer 36
look num0 _pair: stem 34, more -32, option -22, answer -39, feedback -27, row -52, keys -80
look num0 _phrase: out 27, passage -22, stem -91, more -30, option -73, answer -21, feedback -57
look num0 _rom-lone: out 42, stem -37
look num0 _rule: answer -50
look num0 _section: out 28, stem -15, facts -34, keys -21
look num0 _section_ num0: out 14
look num0 _sentence: out 25, passage -29, stem -22, more 19, answer -22, feedback -33, bank -14, keys -39
look num0 _short: passage -62, stem -91, more -42, answer 21, facts -34, row -13, keys -74
look num0 _short num0: out 26, stem -31, option -37, answer 36
look num0 _short short: out -19, stem -33, option 95, answer -58
look num0 _short-sentence: passage -22, stem 32, more -17, option 19, answer -19, keys -38
look num0 _short_ num0: passage -14, more -23, option -45, answer 17
look num0 _short_ num0-again: out 63, answer -67
look num0 _table-ticks: out -19, row 17
look num0 _table-ticks rule: out -31, row 34
look num0 _text: out 14, more -23, option 34, answer -74
look num0 _truth: out -44, more -45, answer 48, bank -14, keys -23
look num0 _truth_ num0: out -30, more -37, answer 32
look num0 _word-lone: out 51, stem -17, more -15, option -27, facts -23, bank -12
look num0 arrow: out -58, stem 29, more 28, option 18, answer -41, feedback -65, row 17, keys -45
look num0 arrow edge: out -32, more -48, answer 62, keys -29
look num0 arrow_ num0: out -32, option -70, answer 19, feedback -19
look num0 asks: out -20, passage -38, more 33, option -38, answer -42, facts -41, row -31, keys -14
look num0 asks box: stem -14, more 23
look num0 asks bullet: stem -19, more 42, option -16
look num0 asks cue-answer: stem -23, more 34
look num0 asks gap: more 13
look num0 asks let1-first: more 12
look num0 asks phrase: stem -12, more 13
look num0 asks short: more 12
look num0 asks_ cue-answer: stem -17, more 19
look num0 asks_ num0: passage -21, more 32
look num0 box: out 25, stem 102, more -38, option -27
look num0 box box: out 30, stem -12, more -13, option -27
look num0 box ticked: out -31, option 31
look num0 bracketed: out 51, stem 89, more -37, option -25, answer -21, feedback -45, facts -15, row -20, bank -52, keys -63
look num0 bracketed box: out -31, more 48
look num0 bracketed bullet: out -23, more 26
look num0 bracketed let1-first: out -13, more 18
look num0 bracketed_ num0: more -37, answer 23
look num0 bullet: out 28, stem -68, more 48, option -24, answer 38, feedback -60, row -83, keys -46, remark -23
look num0 bullet bullet: out -17, stem -99, more -17, option 52, answer 36, row -77, remark -23
look num0 capitals: out -24, more 37, option -44, answer -37, row 17, keys -15
look num0 cells: out -53, stem -16, more 30, option -14, answer 20, facts -47, row -27, bank -15, keys -54
look num0 cells cells: out -14, stem -42, more -21, row 85
look num0 cells cue-answer: out -28, stem 20, more -53, option 21, answer 48, row -37
look num0 cells let1-first: stem -12, more 24
look num0 cells num0: more 35, option -12
look num0 cells_ num0: out -15, more 17, option 34, answer -35, row -15
look num0 cue-answer: more -17, answer 27, facts -39, row 20, bank -44
look num0 cue-answer bracketed: answer 28, keys -25
look num0 cue-answer cue-difficulty: answer -32, keys 33
look num0 cue-answer cue-points: answer 37, keys -24
look num0 cue-answer edge: more -42, option -16, answer -14, keys 18
look num0 cue-answer num0: option -18, answer 46
look num0 cue-answer_ num-lone: answer 24, keys -18
look num0 cue-answer_ num0: more -13, answer 105, facts -25, bank -32, keys -29
look num0 cue-answer_ section: answer 41, keys -35
look num0 cue-difficulty: out -26, stem 35, more -27, option -43, answer 23, feedback -26, facts 14, row -51, keys -42
look num0 cue-difficulty num0: facts 13
look num0 cue-feedback: out -40, more 34
look num0 cue-level: stem 51, option -25, answer -63, row -14, keys -17
look num0 cue-sample: out -36, stem 35, more -30, option -25, answer 21, feedback -18, keys -12
look num0 cue-sample_ num0: answer 37
look num0 edge: out -23, stem 38, more -24, option -67, answer -45, row -25, keys -15
look num0 field: out -75, passage -46, more 28, option -36, answer 43, feedback 31, facts -49, row -75, lines -15, keys -48
look num0 gap: out 45, stem -23, option -37, answer -56, feedback -22, row 22, lines -14, keys -54
look num0 gap cue-answer: stem -23, more 43, answer -13
look num0 gap_ num0: out -51, stem -35, more 47, answer -42
look num0 heading: out 14, stem -14, option 18, answer -56, keys -19
look num0 identity: out 27, keys -18
look num0 key-title: more 23
look num0 let-lone: out -134, stem 13, more -19, answer -23, row 23, keys 16
look num0 let-lone arrow: stem -30, more 24, option 43
look num0 let-lone cue-answer: out -15, stem -88, more -84, option 36, answer -102, row -41, keys 37
look num0 let-lone num0: out -38, stem -66, more -44, option 60, answer 44, row -51, keys -32
look num0 let-lone_ num0: out -46, more 20, option 23, answer -39, keys -23
look num0 let0: out -59, stem 33, more 37, option 27, answer -27, keys -26
look num0 let0 let0: option 29, keys -21
look num0 let1-first: out 13, passage -25, more -25, wrapped -25, answer -21, feedback -29, hint -29, facts -29, row -46, bank -29, lines -29, keys -31, remark -50
look num0 let1-first let1: passage -14, stem -103, more -52, option 14, feedback -17, hint -17, facts -18, row -34, bank -18, lines -17, keys -21, remark -43
look num0 num-lone: out -35, option 20, answer -12, feedback -16, facts -14, row -19
look num0 num-lone cue-answer: more 37, answer -23
look num0 num-lone let1-first: more 21, option -16
look num0 num-lone_ num0: out -24, option 26, answer -15, keys -15
look num0 num0: passage -31, more -87, wrapped -23, answer -232, feedback -64, facts -89, row 13, lines -21, remark -30
look num0 num0 arrow: out -49, stem 47, option -16, row 18, keys -22
look num0 num0 asks: out -32, more -19, answer -34, row -22, keys 14
look num0 num0 box: stem 46, more -26, option -30
look num0 num0 bullet: out -22, stem 55, option -44
look num0 num0 cells: out -26, stem 45, more -28, option 31, row -38
look num0 num0 cue-answer: out -39, stem -60, more -52, option 23, row 22, keys -53
look num0 num0 edge: out -36, stem 53, more -24, option -65, answer -20, row -25, keys -36
look num0 num0 let-lone: option -15, row 22, keys -19
look num0 num0 let1-first: out 44, stem -36, option -54
look num0 num0 num-lone: stem 28, more -32
look num0 num0 num0: stem 14, more -38, answer -32, facts -19, row -12
look num0 num0 phrase: out -63, option -32, answer -27, row 27, keys 24
look num0 num0 rule: out -12, stem 17, row -48
look num0 num0 sentence: out -29, stem -22, more -21, keys 28
look num0 num0 short: out 37, stem -15, more -29, option -35, row -15, keys 13
look num0 num0-again: out -58, stem -25, more -21, option -15, answer -26
look num0 num0-again num0-again: out -44, stem -83, option -21, keys 35
look num0 num0_ bullet: out -34, stem -30, keys -38
look num0 num0_ capitals: out 45, stem -43, row -22, keys -15
look num0 num0_ cue-answer: stem 50, more -24, option -34, row 30
look num0 num0_ heading: stem 42, option -24, keys -31
look num0 num0_ let0: out -37, stem -54, more -36, option 70, row -43
look num0 num0_ let1-first: out -51, stem -12, more -47, option 40, row -28
look num0 num0_ num-lone: more -13, option -22, row 24, keys -14
look num0 num0_ num0: out -22, stem 19, option -15, answer -33, row 26, keys -26
look num0 num0_ section: out 30, option -70, answer -33, feedback -26, facts -18, keys -32
look num0 num0_ short: out 43, stem -37, more -19, option -34, answer -12, row -20, keys -17
look num0 num0_ short-sentence: stem -42, option -37, answer -29, row 25, keys -38
look num0 num0_ text: out 26, stem -39, answer -16, row 23, keys -14
look num0 num1-first: out -64, stem 41, more 13, option -17, answer -25, keys -26, remark -26
look num0 num1-first num1: out -27, stem -93, more -30, keys -23, remark -19
look num0 number: out -51, stem 42, option -82, answer 30, row -34, keys -54
look num0 number number: more -33, option 55, answer -39
look num0 number_ num0: out -24, more 15, option -62
look num0 pair: out -36, more 38, option 38, feedback -92, row -53, keys -40
look num0 pair_ num0: out -35, more 15, option -75, feedback -69, row -40
look num0 phrase: out 19, more -12, wrapped -46, answer -13, feedback -136, lines -17, keys 30
look num0 phrase box: stem -40, more 56, wrapped -25, answer -20
look num0 phrase bullet: stem -28, more 50, option 13, answer -34, feedback -12
look num0 phrase cue-answer: more 78, option -41, answer -21
look num0 phrase let-lone: more 29, option -25
look num0 phrase let1-first: stem -30, more 14, option -21
look num0 phrase num0: out -70, stem -21, more -14, option -63, answer 20, feedback -67, keys 56
look num0 phrase num1-first: more 27
look num0 phrase phrase: out -19, stem -74, more 23, option 15, answer -41, row -14, keys -16
look num0 phrase rule: out 24
look num0 phrase short: out -53, stem -62, wrapped -23, answer -92, feedback -17, row -21, keys -37
look num0 phrase_ num0: out -71, stem -37, option -103, feedback -101
look num0 phrase_ short: more 15
look num0 rom1-first: out -13, option -23, row 22
look num0 rom1-first rom1: stem -20, more 21, option -23, row 22
look num0 rule: stem -18, option -32, answer -64, row -49, keys -13
look num0 rule cue-answer: more 70, lines -68
look num0 rule rule: more -30, lines 34
look num0 rule_ num0: out -82, more 21
look num0 section: out -41, stem 47, option -15, answer -19, facts -17, row -14, keys -31
look num0 sentence: out -28, passage -41, stem -36, more 12, option -58, wrapped -16, feedback 12, facts -14, row -19, lines -15, keys 20
look num0 sentence num0: out 48, passage -18, stem -41, option -28, answer -53, feedback -61, keys -43
look num0 short: out -26, passage -55, stem 22, option -38, wrapped -14, feedback 24, facts -48, row -47, lines -14, keys -19
look num0 short box: stem -77, more -50, option 79, answer -46
look num0 short bullet: out 35, stem -71, more -24, option -20, answer -96, keys -23
look num0 short cue-answer: more 89, option -43, answer -40
look num0 short cue-sample: more 38, answer -12
look num0 short let1-first: more 52, option -33
look num0 short num0: out -56, stem -13, more -38, option -25, wrapped -21, answer 44, feedback -41, facts -14, keys 16
look num0 short num1-first: out -19, more 34
look num0 short rule: stem -17, more 33, answer -13
look num0 short short: stem -78, more -54, option 63, answer -127
look num0 short truth: passage -14, stem -46, more -46, option -57, feedback -29, keys -31
look num0 short-sentence: passage -24, stem -48, more 25, answer -24, feedback 12, hint -18, row -33, keys -48, remark -20
look num0 short-sentence cue-answer: more 48, option -23
look num0 short-sentence_ num0: out -30, stem -20, option -93, answer -98, feedback 30, hint -15
look num0 short_ let1-first: out -19, stem -16, more 35
look num0 short_ num0: out -94, more 16, option -27, feedback 16, keys -16
look num0 table-pairs: out -60, row 30
look num0 table-pairs table-pairs: out -57, row 30
look num0 table-ticks: out -49, stem 25, row 34
look num0 table-ticks rule: out -35, row 48
look num0 text: out 33, passage -37, stem -27, feedback -60, row -16, keys 22
look num0 text asks: stem -33, more 33
look num0 text cells: stem -13, more 15
look num0 text gap: stem -35, more 38
look num0 text phrase: more 28
look num0 text short: out -19, stem 32, more -26, option -62, answer -58, feedback -39, keys 21
look num0 text short-sentence: out -50, stem -27, option -48, answer 50, keys -18
look num0 text text: out -24, stem -47, more -21, option 25, answer -15, feedback -13
look num0 ticked: out -53, stem 36, more -18, option 51, answer -36
look num0 ticked box: more -12, option 38, answer -31
look num0 truth: out 20, stem 23, more -95, option -16, keys -13
look num0 truth_ num0: out -57, more -79, answer 63
look num0+: out -16, passage -38, more -28, option -14, wrapped -37, answer -18, feedback -35, hint -18, facts -111, bank -20, lines -24, remark -31
look num0-again: out -22, passage -53, more -48, wrapped -35, answer -89, feedback -58, hint -52, facts -60, row -13, bank -52, lines -52, remark -52
look num0-again _bullet: out -83, stem 77, option 14, row -16
look num0-again _cells: out 22, keys -19
look num0-again _cue-answer: out -12, stem -12, bank -22
look num0-again _heading: out 52, answer -35, facts -45, keys -40
look num0-again _let0: out -26, option 25, keys -23
look num0-again _let0 let0: out -26, option 25, keys -23
look num0-again _num0: out -24, stem 36, row -13
look num0-again _num0-again: stem 38, option -64, row -38, keys -40
look num0-again _num0-again_ num0-again: out -60, stem 52, option -16, keys -19
look num0-again _phrase: out -55, passage -23, stem -28, option 36, answer -60
look num0-again _section: out 42, stem -14
look num0-again _sentence: out 49, passage -13, stem -63, answer -22, keys -17
look num0-again _short: out 16, stem -50, more -14, option 14, keys -14
look num0-again _short-sentence: out 77, stem -63, more -19, answer -50, feedback -15, keys -24
look num0-again asks: out -24, stem 25, more 14
look num0-again cells: stem -21, more 39, option 42, answer -12, row -25, keys -47
look num0-again cue-answer: out -56, stem -31, option 32
look num0-again cue-answer edge: answer -27, keys 27
look num0-again cue-answer_ num0-again: option -15, answer 27
look num0-again edge: out -19, more -32, option -18, answer -12, row -54, keys 33
look num0-again let-lone: out -95, stem -15, more -55, option -33, row 61, keys -47
look num0-again let-lone cue-answer: out -33, more -50, option -27, answer 28, keys -49
look num0-again let1-first: out -29, answer 23, row -49, keys -12
look num0-again let1-first let1: out -17, stem -39, answer 23, row -90
look num0-again num-lone: out -61, stem -39, option -35, answer 15, row -33, keys 42
look num0-again num0: out -41, stem 16, option 28
look num0-again num0 num0: out -34, row 12, keys 38
look num0-again num0-again: passage -45, stem -18, more -39, wrapped -28, answer -54, feedback -46, hint -45, facts -47, bank -46, lines -45, remark -45
look num0-again num0-again cells: out -74, option 12, row -14, keys 18
look num0-again num0-again cue-answer: out -44, stem -30, option 23
look num0-again num0-again edge: out -15, stem 31, more -31, option -18, row -54
look num0-again num0-again let-lone: out -29, stem -14, option -52, row 46, keys -30
look num0-again num0-again num-lone: out -27, option -33, keys 37
look num0-again num0-again num0: out -27, stem -18, option 51, row -46
look num0-again num0-again num0-again: passage -20, more -20, answer -23, feedback -23, hint -23, facts -24, bank -24, lines -23, keys -17, remark -23
look num0-again num0-again phrase: out -41, stem -47, option 36, keys 41
look num0-again num0-again sentence: out -21, stem -14, option 38
look num0-again num0-again short: out 14, stem -79, option -36, row -22
look num0-again num0-again short-sentence: more -30, row -24, keys 24
look num0-again num0-again text: out -21, option 56, row -56
look num0-again num0-again_ cells: out -28, option 30, row -33, keys 32
look num0-again num0-again_ cue-answer: out -41, stem -40, option -37, row 17, keys 37
look num0-again num0-again_ let0: stem -55, option 77, row -37, keys -23
look num0-again num0-again_ num0: out -111, stem -44, option -34, row 58, keys -66
look num0-again num0-again_ phrase: out 14, option 35, row -30
look num0-again num0-again_ section: out -30, stem -14, option 44, keys -23
look num0-again num0-again_ sentence: stem -36, option -22, row -30, keys 40
look num0-again phrase: out 15, more 32, option -52, answer 18, feedback -65, row -21, keys -32
look num0-again phrase num0-again: out -17, keys 26
look num0-again sentence: out -28, passage -33, stem -38, option 35, answer -68, feedback -25, keys 31
look num0-again short: out 24, stem -81, more -34, option -36, wrapped -19, feedback -33, row -23
look num0-again short num0-again: out -50, option 17, keys 55
look num0-again short-sentence: out -18, answer -20, feedback 20, row -24, keys 46
look num0-again text: out -60, stem 25, more 29, option -67, answer 21, feedback -54, row -64
look num0-again+: out -13, passage -33, more -87, wrapped -19, answer -52, feedback -35, hint -33, facts -41, row -16, bank -34, lines -33, remark -33
look num0-again_ bullet: out -38, stem -43, option 59, row -60, keys 33
look num0-again_ cells: out -28, option 30, row -33, keys 32
look num0-again_ cue-answer: out -16, option -39, feedback -13, row 17, keys 36
look num0-again_ heading: out -79, stem 69, option 28, keys -17
look num0-again_ let0: stem -55, option 77, row -37, keys -23
look num0-again_ num0: out 39, stem -54, option -42, answer -26, row 56, keys -84
look num0-again_ num0-again: out -47, stem 101, more 32, option -44, answer -12, row -30, keys -58
look num0-again_ phrase: out 14, option 35, row -30
look num0-again_ section: out -56, stem 44, option 43, keys -24
look num0-again_ sentence: stem -36, option -22, row -30, keys 40
look num0-again_ short: out -50, stem 42, option -41, row -20, keys -37
look num0-again_ short-sentence: out 18, keys -13
look num0-again_+: stem 21, more 33, option -16, answer -50, feedback -16, facts -16, row 15, keys -17
look num0_ box: out -48, stem 55
look num0_ bracketed: out 34, stem -42, option -28, row 35, keys -35
look num0_ bullet: out -60, stem 44, more -14, keys -40
look num0_ capitals: out 43, stem -41, row -22, keys -17
look num0_ cells: out -63, stem -50, more -28, option 17, answer 52, row -16, keys -31
look num0_ chatter: out -13, keys 15
look num0_ cue-answer: out -64, stem 96, more -24, option -40, row 30
look num0_ cue-level: out 19, stem -49, option -18, answer -30, facts 35, row -42, keys -47
look num0_ cue-sample: out -28, stem 32, option -17, row 14
look num0_ heading: out -57, option -34, answer -13, keys 22
look num0_ key-title: out -28, stem 13
look num0_ let-lone: out -66, stem 34, answer -36, keys 59
look num0_ let0: out -37, stem -54, more -36, option 70, row -43
look num0_ let1-first: out 19, stem -27, more -48, option 40, row -28
look num0_ num-lone: out 40, stem -31, more -13, option -23, answer -20, facts -17, row 23
look num0_ num0: out -85, passage -26, stem 74, more -25, answer -19, feedback -28, hint -24, facts -40, bank -19, lines -17, keys -58, remark -19
look num0_ num0-again: out 31, answer -18
look num0_ num1-first: out 64, passage -12, stem 23, option -51, answer -38, facts -26, row -46, keys -24
look num0_ pair: out 28, stem -25, row -31, keys -17
look num0_ phrase: out -28, stem 61, more -25, option -37, row -18, keys -40
look num0_ rom-lone: out -49, stem -20, option -28, row -27, keys 33
look num0_ rule: out -64, stem 61, option -23, row 27
look num0_ section: stem 21, more -15, option -70, answer -62, feedback -26, facts -30, keys -16
look num0_ sentence: out 46, stem -21, option -26, answer -16, row -38, keys -39
look num0_ short: stem 17, more -20, option -42, answer -36, facts -17, row -33, keys -48
look num0_ short-sentence: stem -42, option -37, answer -29, row 25, keys -38
look num0_ text: out 25, stem -37, answer -16, row 23, keys -15
look num0_ truth: out -16, stem 16
look num0_ word-lone: out 17, stem 23, facts -32
look num0_ word0: out 13, stem -38, more 45, answer -37, facts -19, row -38
look num0_+: passage -39, more -12, wrapped -13, answer -16, feedback -52, hint -31, row -53, bank -28, lines -25, keys -32, remark -31
look num1: out -18, passage -46, stem 43, more -39, option -15, wrapped -50, hint -53, facts -88, bank -65, lines -45, keys -24, remark -79
look num1 _bracketed: out 47, stem -33, more -37, answer -50, bank -23, keys -26
look num1 _cue-answer: answer 43, bank -28, keys -28
look num1 _let0: out 19, stem -14, option 23, answer -18, feedback -13, row -17, bank -17, keys -19, remark -17
look num1 _let1-first: out -48, stem -16, option 94, answer -17
look num1 _let1-first let1: out -48, stem -16, option 94, answer -17
look num1 _num0: out -15, option -63, answer 30, facts -23, row -24, keys -28
look num1 _num0 num1-first: out -36, stem 32
look num1 _num0 phrase: out 38, answer -31
look num1 _num0_ num0: out 45, stem 12, option -42, answer -48, facts -13
look num1 _num1: out 14, stem -12, option -24
look num1 _rom0: stem 33, answer -17, row -16
look num1 _word0: stem -40, option -14, answer -44, facts 29
look num1 arrow: out -22, option 39, answer 87, row -49
look num1 asks: passage -18, more 18, option -19
look num1 box: out -27, stem 38
look num1 box box: option 23
look num1 bracketed: out -35, more 30, option 38, feedback -46, row -26, keys -19
look num1 bullet: out -44, stem 48, more -42, option -38, answer -20, feedback -14, row -17
look num1 bullet bullet: out -21, stem -49, more -42, option 48, answer -19, feedback -14, row -14
look num1 cells: out 26, more 24, option -22, answer -45, row -15, keys -31
look num1 cue-answer: out -43, answer 28, row 13, keys -47
look num1 cue-answer cue-difficulty: answer 30, keys -29
look num1 cue-answer_ num0: answer 37, keys -35
look num1 cue-answer_ word0: option -12, answer 17, row -14, keys -13
look num1 cue-difficulty: out -38, more -13, option 30, answer -22, feedback -43, facts 18, keys -32
look num1 edge: out 14, stem -13, option 49, answer -33, row -15, keys -29
look num1 let-lone: out -52, passage -30, stem -27, more -54, option -47, answer -73, row 71, keys -39
look num1 let-lone cue-answer: more -29, option -31, answer -20, row 63
look num1 let-lone_ rom0: out -12, answer -14, row 12
look num1 let1-first: option 29, row -14
look num1 let1-first let1: option 17
look num1 let2-first: stem 35, more -20, option -23, wrapped -27, row -28, keys -17
look num1 let2-first let2: more -20, wrapped -15, row -23, keys -13
look num1 num-lone: out -69, stem -40, option -19, answer 82, feedback -14, row -52, keys 22
look num1 num0: out -57, stem -56, more 24, option 47, feedback -38, hint -20, facts -14, row -26, keys -42
look num1 num1: passage -27, more -63, hint -18, facts -36, bank -44, remark -58
look num1 num1 cue-answer: out -16, stem -35, answer -26
look num1 num1 cue-difficulty: out -26, stem -47, option 39, answer -18, feedback -35, keys -24
look num1 num1 let-lone: out -23, stem -23, option -56, row 47
look num1 num1 num0: out -27, stem -49, more -14, option 28, feedback -13, keys -24
look num1 num1 num1: more -19, answer -78, feedback -52, row -16, bank -15, keys 40, remark -20
look num1 num1 number: option 39, row -37
look num1 num1 short: out -45, more -20, feedback 39, row -47, keys -31
look num1 num1_ cue-answer: stem -38, option 44
look num1 num1_ let0: stem 13, more -20, answer -25, row -27, bank -14
look num1 num1_ let1-first: stem -31, option 67, row -79
look num1 num1_ num0: out -33, stem -51, option 29, answer -36, feedback -22, row -18, keys -30, remark -18
look num1 num1_ rom0: out -16, stem 25, option -40, answer -20, feedback -13
look num1 num1_ word0: out -66, stem 35, option -37, answer 25, feedback -47, row -22, keys -26
look num1 number: out -19, answer 123, row -38
look num1 number_ num0: out -15, option -70, answer 60
look num1 phrase: out -25, stem 28, more -35, wrapped -27, answer -82, feedback -96, row -51, keys 30
look num1 rule: out -29, passage -14, stem 19, more -28, answer -15, feedback -18, hint -13, facts -22, bank -12, lines 13
look num1 short: more 45, option -76, wrapped -21, answer 18, feedback 29, facts -30, row -52, keys -34
look num1 text: out -31, stem -34, more -17, option 45, answer -14, feedback -50
look num1+: passage -18, more -19, wrapped -21, answer -156, hint -18, facts -37, bank -29, lines -17, keys 13, remark -38
look num1-first: out -56, passage -36, stem 16, more -37, wrapped -14, answer -78, feedback -43, hint -28, facts -47, row 16, bank -26, lines -34, remark -41
look num1-first _num1: out -38, stem 50, more -19, option -13
look num1-first box: out -19, stem 35, option -29
look num1-first bullet: out -42, stem -33, more -18, option 56, row -39
look num1-first bullet bullet: out -27, stem -51, more -18, option 62, row -39
look num1-first cue-answer: option -18, answer 31
look num1-first cue-answer num1: option -13, answer 22
look num1-first cue-difficulty: stem 13
look num1-first let-lone: option 14, row -16
look num1-first let-lone_ num1: option 14, row -16
look num1-first let2-first: stem 39, more -24, option -28, answer -48, facts -18, row -33
look num1-first let2-first let2: out 15, more -13, answer -46
look num1-first num1: out 17, passage -26, stem -41, more -14, answer -78, feedback -62, hint -21, facts -26, row 15, bank -20, lines -15, remark -40
look num1-first num1 num1: out 22, more -22, answer -16, feedback -37, facts -13, bank -14, remark -26
look num1-first num1-first: out -28, stem -20, option 16, keys -35
look num1-first num1-first num1: stem -29, keys -21
look num1-first num1_ num0: out -47, stem -22, more 19, option 19, answer -19, row -29
look num1-first phrase: out -38, stem -56, more -22, option 37, wrapped 37, answer -55, feedback -23
look num1-first rule: out -21, passage -12, stem 12, more -22, answer -18, facts -17
look num1-first short: out -44, stem 24, more 35, option 42, answer -44, feedback -19
look num1-first+: out -32, passage -23, more -21, option 13, answer -48, feedback -21, hint -16, facts -25, bank -15, lines -20, remark -26
look num1-first_ num1: out -79, stem 100, option -42, row -32, keys -31
look num1-first_+: out 22, stem 17, more -13, option -43, feedback -16, facts -35, row -33, keys -37
look num1_ bracketed: out 19, stem -12, option -31, answer -19, feedback -24, row 28, keys -25
look num1_ cue-answer: out -20, option 42
look num1_ key-title: out -16, stem -34, option 50
look num1_ let0: out -55, more -22, option 21, answer -27, row -28, bank -14, keys -31
look num1_ let1-first: stem -37, more -37, option 77, row -82
look num1_ num0: out -53, more 18, option 30, answer -58, feedback -27, facts -15, row -41, remark -19
look num1_ num1: out 16, stem -13, option -25, answer -36, feedback -13
look num1_ rom0: out -67, stem 52, more -30, option -53, answer -24, feedback -24, keys -43
look num1_ word0: stem 29, option -38, answer 25, feedback -49, row -24, keys -26
look num1_+: passage -22, stem 43, option -14, answer 14, feedback -58, hint -18, facts -36, row -23, bank -23, lines -16, keys -53, remark -29
look num2: passage -26, more -43, option -19, answer -27, feedback -74, facts -75, keys -55
look num2 cue-answer: stem -19, option 38, answer 103, row -78, keys -37
look num2 num2: out -79, stem 22, more -23, option -15, answer -63, facts -24, keys -21
look num2 num2 cue-answer: stem -19, option 82, answer -15, row -78
look num2 num2 num2: out -16, stem -25
look num2+: more -13, answer -37, feedback -38, facts -33, keys -27
look num2-first: out -14, stem -21, more -54, option 24, answer -61, feedback -32, facts -51, keys -19
look num2-first num2: out -32, passage -13, stem -62, more -40, option 14, feedback -48, facts -42, keys -24
look num2-first num2 num2: out -24, stem -45
look num2-first+: stem -23, more -33, option 13, answer -46, feedback -20, facts -32
look num2_+: out -22, stem -70, option -24, answer 20, feedback -14, facts -20, row 13, keys -12
look number: out -38, passage -26, stem -59, more 31, option 21, answer 23, feedback -77, facts -54, row -40, bank -30, lines -24, keys -26
look number _bullet: out -40, stem 42, option -41
look number _num0: out 26, stem -24
look number _num0 let1-first: out -31, stem 34
look number cue-difficulty: out -46, more -29, option -78, answer 85, keys -59
look number edge: out -47, more 13, option -58, answer 14, keys -20
look number num0: out -60, more -36, option -74, answer 63, facts -15, keys -41
look number number: out -22, stem -24, more -74, option 71, answer -103, row -22, keys -41
look number+: out -28, stem -38, feedback -12, facts -35, row -23, keys 21
look number_ bullet: out -62, more 29, option 16, answer 23
look number_ num0: passage -17, more 23, option -85, feedback -20, facts -15, keys -50
look number_+: out -13, passage -18, answer 16, feedback -42, facts -18, bank -23, keys -57
look pair: stem 15, option 13, hint -26, facts -58, row -12, bank -30, lines -45
look pair _bullet: out -27, stem 13
look pair _capitals: out 55, answer -27, keys -17
look pair _cells: out -33, passage -12, stem 35, keys -46
look pair _heading: out 50, stem -13, facts -43, keys -38
look pair _num0: out -24, stem 38, option -13
look pair _num0 let1-first: stem 26, option -13
look pair _section: out 46, facts -27
look pair _short: out 43, passage -25, stem -56, option -12, answer -43, feedback -19, keys -25
look pair _short-sentence: out 90, passage -17, stem -79, keys -13
look pair _short_ num0: out 29, answer -40, feedback -18
look pair _short_ text: out 48, passage -14, stem -28
look pair _word0: out -16, answer -18, facts 16
look pair cells: out 64, stem -49, more 28, row -33, keys -13
look pair chatter: out -29, stem -13, answer -15, feedback 32, row -14, keys -14
look pair colon: out -19, stem -77, more 28, option -17, row -20
look pair colon pair: stem -35, more 13
look pair cue-level: out 41, passage -27, more 15, option -18, answer -22, feedback -14
look pair edge: out 38, passage -80, stem -56, option -41, answer -65, row 25, keys -41
look pair field: out -37, passage -42, stem 16, more -21, option -21, answer -33, feedback -46, facts -33, bank -15, keys 47
look pair heading: out 45, passage -14, stem -26, feedback -17, row -31, keys -55
look pair identity: out 55, passage -37, stem -30, feedback -47, keys -18
look pair num0: out 23, passage 29, stem -41, option -31, answer -34, feedback -72, row -49, keys -33
look pair pair: out -36, passage -40, stem 29, more -55, answer -65, feedback -65, facts -41, row 14, bank -13
look pair pair pair: out -48, stem 28, more -15, feedback -20, facts -14, keys -51
look pair phrase: out -45, passage -20, stem -36, more -26, option -35, answer -60, feedback 48, keys 16
look pair sentence: out -32, more 27, option -23, answer -58, feedback 20, keys -34
look pair short: out -37, passage -26, stem 16, option 13, answer -57, feedback -43, facts -31, row -16, keys -67
look pair short-sentence: out -25, passage -35, stem -41, more -20, answer -22, feedback 19, keys 35
look pair text: out 80, stem -71, more 58, option -22, answer -42, feedback -38, row -16, keys -65
look pair word0: stem -21, more 31, row -14
look pair+: more 22, answer -137, facts -29, bank -13
look pair_ bullet: out 12, stem -55, option 30, answer -86, feedback -35, facts -18, row -27, keys -44
look pair_ capitals: passage -54, stem -36, answer -46, feedback -43, keys 38
look pair_ cells: out -25, passage 48, stem -34, option -19, answer -42, feedback -31, row -27, keys 28
look pair_ heading: out -19, passage -59, stem -46, more -41, option -51, answer 62, feedback -64, row -49, keys -55
look pair_ identity: out 50, passage -14, keys -20
look pair_ num0: passage 28, stem -76, option -84, feedback -61, row -70, keys -61
look pair_ section: passage -59, stem 16, answer -41, feedback -26, facts -16, keys 17
look pair_ short: out 39, passage -22, stem -54, option -51, answer -78, feedback -52, row -18, bank -13, keys -40
look pair_ short-sentence: out 50, passage -33, option -17, answer -16, keys -18
look pair_ word0: stem -40, option -13, answer -20
look pair_+: passage 21, more -37, answer 13, feedback -30, hint -17, facts -57, row -88, bank -42, lines -17
look phrase: out -17, more 15, option -13, wrapped 31, answer -16, feedback 15, hint -77, facts -82, row -53, bank -85, lines -70, keys -23, remark -28
look phrase _asks: more -15
look phrase _box: out -15, option 16
look phrase _box box: out -15, option 16
look phrase _bullet: out -29, stem -34, option 58
look phrase _bullet bullet: stem -65, option 60
look phrase _cells: out 64, stem -43, keys -26
look phrase _cue-answer: stem -28, answer 49, keys -34
look phrase _field: out -24, passage -53, stem 35, option -17, answer -27, feedback -29
look phrase _heading: facts -33, keys 13
look phrase _let-lone: out 20, passage -12, stem -30, answer -85, row -29
look phrase _let0: passage 12, stem -38
look phrase _let0 let0: option 18
look phrase _let1-first: stem -15, option 32, row -25
look phrase _let1-first let1: out -25, option 35, row -25
look phrase _num-lone: out 51, stem -73, option 27, answer -35, facts -14, keys -76
look phrase _num0: out -44, option -45, row -15
look phrase _num0 box: out -14, stem 15
look phrase _num0 let1-first: out -24, stem 24
look phrase _num0 num0: out -70, stem 32, option -31, row -14
look phrase _num0 phrase: out 27, stem -29, option -17
look phrase _num0 short: out -30, stem 30, keys -19
look phrase _num0-again: out 24, keys -20
look phrase _pair: out 73, passage -56, stem -25, answer -37, feedback -18, keys -46
look phrase _phrase: out -46, passage 46, stem -78, option -48, answer 33, feedback -34, keys -27
look phrase _rom-lone: out 23, stem -15, keys -23
look phrase _section: out 35
look phrase _sentence: out -29, stem -88, answer -70, feedback 37, keys -57
look phrase _short: out 16, passage -57, stem 17, more -23, answer -39, feedback -21, facts -53, keys -30
look phrase _short-sentence: out -20, passage -34, stem 16, option -24, answer 47, feedback -31, keys -55
look phrase _text: out 47, passage -29, stem -43, more -85, option -20, answer -60, keys -16
look phrase _word0: out -15, answer -41
look phrase asks: out -25, more 26, answer -28
look phrase box: out -107, more 31, option 14, wrapped 22, answer -31, feedback -27, row -20
look phrase bracketed: out 53, stem -53, more -23, option -17, answer -37, feedback -28, keys -13
look phrase bullet: out -82, stem -16, more 43, wrapped -14, answer 25, row -46, keys -56, remark -29
look phrase bullet bullet: out -19, stem -16, more -27, option 29, row -28, remark -22
look phrase cells: passage -34, stem -90, more 19, option -20, answer -53, facts -18, row 34, keys -37, remark -13
look phrase chatter: out -42, passage -43, stem 57, more -27, option -16, answer -28, feedback -54, keys 17
look phrase cue-answer: out -97, stem -30, option 37, wrapped -15, answer 34, feedback -28, row -13, bank -15, keys -56
look phrase cue-answer_ num0: answer 16
look phrase cue-difficulty: out -31, stem -42, more -18, option 30, answer -19, feedback 34, facts -13, keys -23
look phrase cue-sample: stem -48, more 51, answer 30
look phrase edge: out 61, passage -75, stem -147, more -29, option -13, feedback -113, keys -19
look phrase field: passage -83, stem -68, more -17, answer -68, feedback 36, facts -59, row -37, keys -62
look phrase field-option: more 19, option -19
look phrase heading: out 67, answer -38, feedback -45, facts -21, keys -26
look phrase identity: out 51, passage -16, stem -38, option -20, answer -13
look phrase let-lone: out 14, more 44, answer -25, feedback -13, keys -27
look phrase let0: out -28, stem 35, wrapped -25, answer -17, feedback -19, keys -23
look phrase let0 let0: out -16, stem -38, option 27, keys -21
look phrase let1: out 23, option -48, wrapped 23, answer -40, row -44
look phrase let1-first: out -26, stem -14, more 51, option -29, wrapped -23, answer -30, feedback -16, row -25
look phrase let1-first let1: out -32, option 48, answer -22, row -22
look phrase num-lone: out 35, stem -24, more 30, option -22, answer -32, facts -36, keys -18
look phrase num0: out -17, passage -43, stem -28, option -34, answer 28, feedback -21, hint -13, facts -23, row -27, bank -23, keys -21
look phrase num0 num0: out -44, stem -20, option 20, keys -17
look phrase num0-again: out -72, stem 64, option -42, feedback -20, row -39, keys 35
look phrase num0-again num0-again: stem -47, option 77, row -39
look phrase num1-first: out -63, stem 39, more 24, option -51, wrapped -24, answer -62, feedback -63, keys -36
look phrase num1-first num1: stem -55, row 15, keys -16
look phrase pair: out 62, passage -20, stem -43, more -14, option -30, answer -62, feedback -27, row -32, keys -48
look phrase phrase: passage 30, more -52, option 35, answer -165, feedback -101, facts -15, row -75, keys -14
look phrase phrase cue-answer: option 14, wrapped -15, answer -35
look phrase phrase phrase: out -12, stem -65, more -29, option 22, wrapped -37, row -25
look phrase phrase short: stem -14, option 12, wrapped -13
look phrase phrase text: out -19, option 21, keys 18
look phrase phrase_ num0: out 32, stem -44, more 36, option 56, answer -45, feedback -49
look phrase phrase_ phrase: out -15, passage 67, stem -39
look phrase rom0: out 42, passage -14, stem -29, option -30, answer -45, feedback -49
look phrase rule: out 24, passage -24, stem -15, option -19, answer -23, feedback -12, lines 28
look phrase section: out -45, passage -22, stem 46, feedback -13, facts -14
look phrase sentence: out -17, passage -22, stem -112, option -31, answer -68, feedback -115, facts -18, keys 63
look phrase short: out -34, passage -60, stem -48, option 39, answer -17, facts -41, row -29, lines -15, keys -88
look phrase short phrase: out -18, option 19
look phrase short short: option -30, wrapped 49, answer -12, keys -12
look phrase short-sentence: out -53, passage 69, stem -85, more -59, wrapped -20, feedback -28, hint -26, facts -16, row -27, bank -13, lines -14, keys -69
look phrase short-sentence phrase: stem -13
look phrase short-sentence_ num0: out 27, stem -66, answer -15, hint -20
look phrase short-sentence_ phrase: out -31, passage 15, stem -13, keys -18
look phrase text: out 43, passage -41, stem -39, more -31, option 24, wrapped -71, answer -58, feedback -17, row -42, keys -41
look phrase text phrase: out -80, more -35, option 20, wrapped -20, answer -76, feedback -49, keys -34
look phrase text short: out -30, stem -67, more -20, option 68, answer -50
look phrase truth: out -87, stem 21, more -16, option -26, answer 70, keys -13
look phrase word0: passage -23, more -30, wrapped -24, answer 77, feedback -74, facts -20, row -15, keys -19
look phrase+: stem -28, answer -14, hint -28, facts -47, row -26, bank -42, lines -33, keys -13, remark -14
look phrase_ asks: out -31, passage -37, stem 34, option -13, answer 14, feedback -33
look phrase_ box: out -19, more 26, option -22, feedback -14
look phrase_ bullet: out -32, stem 25, more 19, option -57, wrapped 27, answer -20, feedback -48, keys -12
look phrase_ cells: out 57, stem -54, answer -35, feedback -24
look phrase_ cue-answer: out -54, stem 14, option -43, wrapped 36, answer -76, keys -17
look phrase_ cue-level: out 21, stem -42, option -14, wrapped -14, feedback -63, facts -15
look phrase_ field: stem -50, option -54, answer 20, feedback -74, row -36, keys -22
look phrase_ heading: stem 31, option -32, answer -75, feedback -34, keys -44
look phrase_ identity: out 33, stem -78, answer -18
look phrase_ let-lone: out 31, stem -43, option 35, answer -69, feedback 24, keys 28
look phrase_ let0: out 25, stem -29, more -19
look phrase_ let1-first: out 15, answer -18
look phrase_ num-lone: out 49, passage -47, stem -53, more 20, option -37, wrapped -39, answer 28, feedback -66, keys -43
look phrase_ num0: out -19, passage -80, stem -23, option 24, wrapped -62, answer 13, feedback -20, hint -14, facts -22, row -32, keys -42
look phrase_ num0-again: out -44, stem -44, more 20, option 36, answer 33, feedback -41, keys -27
look phrase_ pair: out 34, passage -48, stem -78, option -14, answer -41, feedback 37, keys -36
look phrase_ phrase: out -19, passage 66, stem -50, option -52, feedback -51, keys -54
look phrase_ rom-lone: out 40, passage -16, stem -77, feedback -45, keys -45
look phrase_ section: out 29, stem -26, option -53, keys -50
look phrase_ sentence: out -33, passage 35, stem -106, option -30, feedback -17, facts -15, keys -33
look phrase_ short: out 58, passage -28, stem -60, more 39, option 22, answer -29, feedback -50, keys -37
look phrase_ short-sentence: out -13, passage -32, stem 25, answer -55, feedback -58
look phrase_ text: out -13, passage -35, stem 21, more -19, feedback -57, keys -22
look phrase_ word0: out 78, passage -28, stem -81, more 23, option 32, wrapped -18, answer -57, feedback -65, facts -16, row -21, bank -13
look phrase_+: passage -47, stem 19, more -26, wrapped 23, answer -13, feedback -12, hint -21, facts -44, row -83, bank -41, lines -25, keys -48
look rom-lone: passage -49, stem 12, more -58, option -72, answer -61, feedback -56, facts -41, row -64, bank -21, keys 33, remark -16
look rom-lone _cue-level: out -12, facts 19
look rom-lone _heading: facts -37, keys 40
look rom-lone _num-lone: out -58, stem 58, keys -12
look rom-lone _num0: out -42, stem 53, keys -14
look rom-lone _num0-again: out -25, stem 31
look rom-lone _short: out 44, passage -23, answer -55, facts -55, keys -20
look rom-lone _text: stem 18, more -14
look rom-lone _word-lone: out -33, stem 21, facts 25
look rom-lone bullet: out 73, stem -43, keys 13
look rom-lone bullet bullet: out 41, stem -28
look rom-lone cue-difficulty: out -21, stem 34, keys -17
look rom-lone edge: out 71, stem -85, more -18, keys -28
look rom-lone heading: out 26, stem -17, more -18, answer -16, facts -39, lines -17, keys -21
look rom-lone let1-first let1: option 14
look rom-lone num0: out 21, stem 28, option -51, answer -47, feedback -14, facts -12, keys -37
look rom-lone rom-lone: out -95, stem -26, option -25, answer -21, row -15, keys 37
look rom-lone short: out 31, passage -25, stem -23, option -15, answer -22, facts -12
look rom-lone word0: out 36, stem -17, answer -23, facts 16
look rom-lone+: out 24, passage -14, stem -16, more -28, option -46, answer -44, feedback -21, facts -43, row -35, keys 17
look rom-lone_ cue-level: stem 18
look rom-lone_ heading: answer -29, keys 16
look rom-lone_ num-lone: out 38, stem -15, keys -16
look rom-lone_ num0: out 109, stem -69, answer -15, keys -58
look rom-lone_ num0-again: out 65, stem -44, keys -34
look rom-lone_ short: out 24, stem -47, keys 43
look rom-lone_ text: out 63, stem -59
look rom-lone_ word-lone: out 69, stem -51, answer -18, keys -17
look rom-lone_ word0: out 84, stem -43, keys -16
look rom-lone_+: passage -34, stem 25, more -23, option -17, answer -29, feedback -28, facts -29, row -20, bank -18, keys 17
look rom0: out -21, passage -28, more -16, wrapped -22, answer -56, feedback -58, hint -15, facts -25, row -59, bank -17, lines -28, keys 33, remark -23
look rom0 _cue-answer: option -17, answer 39, bank -33, keys -19
look rom0 _let1-first: out -35, stem -25, option 47, row -23, remark -17
look rom0 _let1-first let1: out -35, stem -25, option 47, row -23, remark -17
look rom0 _num1-first: out -56, stem 26, option -40, keys -30
look rom0 _rom0: stem 20, more -19, option -22, keys -27
look rom0 _rom0_ rom0: out -31, stem 69, keys -25
look rom0 _rule: out 20
look rom0 asks: stem 18
look rom0 box: out -17, stem 49, more -46
look rom0 box box: option 14
look rom0 bracketed: out -18, more 25
look rom0 cells: out -18, stem 48, more -24
look rom0 cue-answer: out -17, stem 16, keys -12
look rom0 cue-answer_ rom0: answer 22
look rom0 edge: out -45, keys 50
look rom0 let1-first: out -64, stem 61, more -54, option 49, wrapped -18, answer -42, row -40, remark -16
look rom0 let1-first let1: stem -41, option 61, answer -41, row -40
look rom0 num1-first: out 37, more -47, option -25, answer -17, facts -22, row -50, keys -47
look rom0 num1-first num1: out -34, stem 19, more -36, answer -12, row -30, keys -43
look rom0 phrase: stem -27, more 38, option -42
look rom0 rom0: out -105, stem -25, option 16, answer -31, feedback -21, row -16, lines -15
look rom0 rom0 rom0: out -19, keys 49
look rom0 rule: more -18, lines 30
look rom0 short: out -32, more 39, option 84, answer -51, feedback -45, keys 25
look rom0 short_ let1-first: out -41, more 50, option -13
look rom0+: out 14, passage -12, stem 14, option 13, wrapped -16, answer -24, facts -28, row -31, remark -17
look rom0-again: out -75, passage -14, stem 47, option -65, answer -62, feedback -22, row -27
look rom0-again rom0-again: out -32, stem 15, option -30, answer -27, keys 17
look rom0-again rom0-again rom0-again: keys 15
look rom0-again+: out -25, option -17, keys 20
look rom0-again_+: out -26, stem 33, option -28, answer -31, keys -29
look rom0_ cue-answer: out -21, stem 34
look rom0_ num1-first: stem -33, option -13, answer -12, keys 34
look rom0_ rom0: out -31, stem 49, more -37, option -39, answer -21, feedback -19, hint -12, keys -50
look rom0_ rule: stem 20
look rom0_+: passage -21, more -41, option -51, answer -51, feedback -29, hint -15, facts -18, row -14, keys 21
look rom1: out -71, passage -25, stem 20, more 21, answer -36, feedback -17, keys 17, remark -23
look rom1 asks: stem -31, more 42
look rom1 rom1: out -26, passage -12, stem -69, more 24, answer -18, keys 14, remark -15
look rom1+: out -32, passage -12, more 12, answer -31
look rom1-first: out -36, stem -54, more -20, answer -46, feedback -30, facts -42, keys 29
look rom1-first cue-difficulty: stem 33
look rom1-first rom1: out -30, stem -65, answer -20
look rom1-first rom1 rom1: stem -37, more 12
look rom1-first+: out -31, stem -39, more -19, option 14, answer -22
look rom1_+: out -29, stem 37, answer -19, keys 13
look rule: out 16, passage -70, stem -52, more -27, option -50, answer -23, feedback -97, hint -23, facts -111, row -16, bank -48, lines 61, keys -84, remark -12
look rule _asks: out -27, stem 28
look rule _bracketed: out -34, answer -29, keys 43
look rule _bullet: out 25, stem -19, option -50, row -18, remark -28
look rule _capitals: out 26, answer -31, facts -18
look rule _chatter: out 16, answer -16, lines -12
look rule _cue-answer: answer 16, bank -15, keys -15
look rule _cue-answer num-lone: answer -35, keys 38
look rule _cue-sample: out -44, stem -28, answer 48, bank -12
look rule _cue-sample sentence: answer 17
look rule _field-kind: out -49, facts 49
look rule _field-stem: out -18, stem 26
look rule _heading: out 47, stem -23, facts -74, keys -16
look rule _let-lone: out 37, passage -47, stem -25, answer -48, facts -31, keys -37
look rule _num-lone: out -50, stem -48, option -12, facts -29, keys 60
look rule _num0: out -51, stem 52
look rule _num0 bullet: out -24, stem 24
look rule _num0 let1-first: out -16, stem 16
look rule _num0-again: out -32, stem -44, keys 47
look rule _num0-again num0-again: out -32, stem -44, keys 47
look rule _num0_ num0: stem 16
look rule _rom-lone: passage -16, stem -64, facts -17, keys 27
look rule _rule: lines 15, keys -26
look rule _section: out 35, stem -25, facts -27
look rule _section num0: out 46, facts -40
look rule _short: out 16, passage -64, stem -67, more -14, option -21, facts -28, keys -53
look rule _short-sentence: out 31, passage -32, more -15, answer -52, feedback -15, hint -15, keys -47
look rule _text: out -20, stem 16
look rule _word-lone: out -51, stem 48, facts -41
look rule _word0: out -80, stem -23, facts 86
look rule bracketed: out -26, more 16, answer -23, feedback -25, bank 22, lines -17
look rule cue-answer: more 66, answer -38, bank -43, lines -73, keys 40
look rule cue-difficulty: out -14, more 19, facts 16, lines -16
look rule cue-sample: out -20, stem -17, more -42, answer 69, lines 44, keys -48
look rule cue-sample text: answer 17
look rule edge: out 53, more -18, answer -45
look rule field-kind: out -37, stem -12, more -35, answer -75, facts 47
look rule field-kind field-stem: out -57, answer -13, facts 56
look rule field-number: out 63, answer -41, facts -25
look rule field-stem: out 61, more -37, answer -12, lines -16
look rule num0: stem 13, lines 27
look rule rule: out -43, more -80, facts -13, lines 62
look rule rule_ num0: out -13, lines 13
look rule rule_ word0: lines 16
look rule short: out 32, passage -17, stem -46, more -41, option -15, answer 16, facts -54, lines 41, keys -74
look rule table-ticks: stem -19, more -24, lines -21
look rule table-ticks table-ticks: out -42, row 52
look rule word0: out -52, stem 58
look rule+: out -27, passage -35, stem -45, more -18, option -31, answer 32, feedback -30, facts -61, lines 26, keys -44
look rule_ asks: more -16, answer -16, lines 24
look rule_ bracketed: out 59, stem -18, answer -36
look rule_ bullet: out -18, more 25, answer -12
look rule_ capitals: out -45, more 49, lines -41
look rule_ chatter: lines 15
look rule_ cue-answer: out 30, stem -30, option -25, answer -53, lines -54
look rule_ cue-level: out -23, lines 23
look rule_ cue-sample: out 19, stem -21, more -34, lines 34
look rule_ field-kind: out 42, more -18
look rule_ field-number: out 102, option -30
look rule_ field-stem: out 55, feedback -13
look rule_ heading: out 72, stem -13, answer -42
look rule_ key-title: out 53, stem -15, answer -30, lines 29
look rule_ let-lone: lines 23
look rule_ num0: out 27, stem -33, more 21, option -37, answer -29, keys -27
look rule_ num0-again: out 22
look rule_ rule: out -13, more -15, lines 13
look rule_ section: out 24, lines -16
look rule_ short: out 20, more 13, answer -24, lines -29
look rule_ short-sentence: out -12, lines 13
look rule_ table-down: out 21
look rule_ text: out -20, more -23, lines 40
look rule_ word-lone: out 51, stem -18
look rule_ word0: more -39, answer -17, facts -17, lines 30
look rule_+: out 38, passage -13, stem -40, option -44, answer -125, feedback -36, facts -38, row -25, bank -23, lines 24, keys -38
look section: passage -50, stem 36, more -35, option -36, answer -57, feedback -80, hint -15, facts -37, row -36, bank -26, lines -13, remark -17
look section _asks: out -15, stem 16
look section _bullet: option -14
look section _cells: out -43, stem 46
look section _cue-level: out -16, facts 15
look section _cue-level num0: out -26, facts 29
look section _field: out -31, passage -31, stem 34
look section _field-number: facts 13
look section _heading: out 63, facts -34, keys -36
look section _heading edge: out 42, keys -33
look section _heading_ num0: out 13
look section _identity: out 22, stem -14
look section _num-lone: out -71, stem 83, answer -27, facts -21, keys -48
look section _num0: out -65, stem -22, row 41
look section _num0 let-lone: out -21, stem 23
look section _num0-again: out -21, stem 23
look section _num0_ num0: out -18, stem 19
look section _num1: out -42, stem 42
look section _phrase: stem 24, answer -24, feedback -17, keys -13
look section _rom0: out -17, stem 17
look section _section: out 42, stem -14, facts -26
look section _sentence: out 51, passage -66, stem -33, answer -36, feedback -37
look section _short: out 67, passage -39, stem 34, option -43, answer -32, facts -41
look section _short-sentence: out 51, passage -35, stem -23, answer -47, feedback -24, hint -12, keys -39
look section _text: out -25, stem 36
look section _word-lone let-lone: out -17, facts 26
look section _word-lone let0: out -25, stem -22, facts 37
look section _word0: out -70, facts 17
look section _word0 asks: facts 22
look section _word0 cells: facts 15
look section _word0 let1-first: stem -37, facts 43
look section _word0 sentence: facts 20
look section _word0 text: stem -12, facts 13
look section _word0_ word0: out -14, stem 14
look section bullet: out 12, stem 20, facts -17
look section cells: out 26, row -16, keys -27
look section edge: stem -65, feedback -14, keys 31
look section heading: out 42, facts -13, keys -29
look section identity: out 26
look section num-lone: out -45, stem 80, answer -20, facts -48, keys -42
look section num0: stem 62, more -17, option -24, answer -35, feedback -15, facts -69, row -54, bank -14, keys -75
look section num0 cue-answer: out -48, stem 56, keys -35
look section num0 let1-first: out -17, stem 19
look section num0 num0: out -59, stem 44, row -38, keys -38
look section num0-again: out -39, stem 56, facts -21, row -20, keys -25
look section num1: out 46, stem 20, facts -39
look section section: stem -113, feedback -13, facts -13, keys 48
look section sentence: out -30, passage -33, answer -18, feedback -57, facts 42, keys -51
look section short: out 90, stem -58, option -24, answer -32, facts -47
look section text: out 29, facts -15
look section word0: stem 32, answer -32, facts -38, keys -32
look section+: passage -25, stem -12, more -22, option -22, answer -68, feedback -47, row -27, bank -14, lines -12
look section_ asks: out 26, stem -15
look section_ bullet: out 45
look section_ cells: out 29, stem -21
look section_ cue-level: out 13, facts -13
look section_ field: out 41, stem -14, answer -24
look section_ field-number: out 33, facts -21
look section_ heading: out 29, stem -18
look section_ identity: out 32, stem -15
look section_ num-lone: out 45
look section_ num0: out -12, stem 35, answer -20, feedback -19
look section_ num0-again: out 27
look section_ num1: out 45, stem -39
look section_ phrase: out 30
look section_ rom0: out 30
look section_ section: out 36, stem -30
look section_ sentence: out 42, facts -17
look section_ short: out 41, stem -27
look section_ short-sentence: out 30
look section_ text: out 54, stem -26, answer -13
look section_ word-lone: out 91, stem -33, facts -42
look section_ word0: out 78, stem -56, facts -37, remark -16
look section_ word0-again: out 25, answer -17
look section_+: out 34, passage -27, stem 18, more -45, answer -38, feedback -28, facts -46, row -13, bank -20, keys -35, remark -16
look sentence: stem -20, option -23, wrapped -49, answer -33, hint -76, facts -82, row -50, bank -51, lines -58, keys -23
look sentence _asks: out 35, passage -13, stem -29, more -65
look sentence _bullet: out -33, stem 41, option -44
look sentence _cells: passage -39, stem 19, more -29, option -48, row -34, bank -47, keys -55
look sentence _cells_ cells: out -32, passage -15, stem 42, more -22, option -41, row -34, bank -25, keys -14
look sentence _chatter: out 37, passage -25
look sentence _cue-answer: answer 42, bank -50
look sentence _field: out 55, passage -34, stem -27
look sentence _field edge: out 39, passage -17, stem -23
look sentence _heading: out 18, passage -13, stem -17, facts -51, keys 16
look sentence _let-lone: passage -39, stem -18, more -17, option 16, answer -14
look sentence _let1: out -28, stem 45, option -40
look sentence _num0: out -28, stem 70, facts -30
look sentence _num0 let1-first: out -32, stem 32
look sentence _num0_ num0: out -20, stem 25
look sentence _pair: out 27, passage -43, keys -47
look sentence _phrase: passage -19, stem 30, option -17, answer -13
look sentence _section: out 45, facts -17
look sentence _sentence: out -32, stem 35, answer -35, feedback -15, keys -54
look sentence _sentence_ num0: out -19, passage 19, answer -18, feedback -14
look sentence _short: out 87, passage -98, stem 29, more -49, answer -74, facts -23, keys -41
look sentence _short-sentence: out -31, passage -65, stem 50, more -40, answer -24, keys -28
look sentence _text: out 33, passage 13, more -20, answer -19, keys -22
look sentence _word0: out -43, passage -15, stem -29, answer -13, facts 42
look sentence asks: out -36, passage -33, stem -19, more 62, feedback -18
look sentence bracketed: out -44, passage -33, stem -83, more 32, answer -40, feedback -24, bank -41, keys 37
look sentence cue-answer: out -67, stem 81, option -38, answer -27, keys -24
look sentence cue-difficulty: out -59, passage -20, stem 35, answer -17, facts 21, keys -14
look sentence cue-sample: out -43, stem 20, option -13, answer 21
look sentence edge: out 27, passage -31, stem -75, more -82, option -73, answer -20, remark -42
look sentence field: stem -67, answer 41, feedback -54, keys -38
look sentence gap: out -75, passage -80, stem 58, more -37, answer -20, feedback -14, keys -23
look sentence heading: out 75, stem -17, answer -21, facts -13, keys -23
look sentence identity: out -31, stem -26, answer -19, feedback -18, keys 38
look sentence let-lone: passage -49, more 19, answer -15, feedback -17, row -29
look sentence let0: out 20, passage -28, stem -16, option -17, row 20, keys 12
look sentence let0 let0: out -14
look sentence let1-first: out -36, stem 14, more 15, option 39, answer -13, row -27
look sentence let1-first let1: out -19, option 41, answer -13, row -27
look sentence num-lone: out 87, passage -25, stem -66, more 27, answer -25, keys -34
look sentence num0: out 25, stem -46, option -41, answer -82, feedback -22, row 31, lines -13, keys -83, remark -42
look sentence num0 num0: out -65, stem -33, option -28, row 45, keys -16
look sentence num0-again: out 21, stem -41, option 39, feedback -20, row -39, keys 23
look sentence pair: passage -20, stem -41, more -19, answer -34, feedback 37, row -15, keys -88
look sentence phrase: out 32, passage -34, stem -41, more -16, option 41, answer -60, feedback -71, keys -48
look sentence rule: out 46, passage -30, answer -30, feedback -39, lines 43
look sentence rule rule: more -14, lines 17
look sentence section: out 37, stem -25
look sentence sentence: out 20, stem -13, more 34, option -62, answer -88, feedback -64, facts -16, keys -46
look sentence sentence num0: passage 13, stem -15
look sentence sentence short-sentence: out 34, passage -16, stem -20, answer -24
look sentence sentence_ num0: out 18, passage -17
look sentence short: passage -87, stem 13, more 38, option -41, answer -40, feedback -41, facts -55, keys -61
look sentence short short: out 22, passage -13, stem -28, more -44, answer -16
look sentence short-sentence: out 33, passage -20, stem -118, more -46, option 25, wrapped -31, answer 24, feedback -74, keys -37, remark -34
look sentence short-sentence sentence: out 30, passage -25, stem -15
look sentence short-sentence_ short: out 54, passage -34, stem -42, answer -31, keys -26
look sentence short-sentence_ text: out -75, passage 66, stem -13
look sentence text: out -49, passage -24, stem 33, more 24, option -50, feedback -77, keys -46, remark -24
look sentence truth: out -65, more 39, option -18, answer -12, keys -19
look sentence word0: out -13, passage 30, more 44, option -22, answer -12, feedback -52
look sentence+: stem -15, more -34, wrapped -22, feedback -44, facts -40, lines -23, remark 18
look sentence_ asks: out -40, passage -54, stem 50, more -28, answer -33, keys -34
look sentence_ bullet: out -55, passage 38, stem -40, option -25, answer -29, feedback 23
look sentence_ cells: out 41, passage 26, stem -23, more -26, option -29, answer -47, feedback -41, keys -55
look sentence_ chatter: passage -21, stem -35, answer 15, feedback -17, keys -21
look sentence_ cue-answer: out -83, passage -12, stem -14, more 27, answer -19, feedback -25, keys -18
look sentence_ field: out 38, passage -29, stem -79, answer -19, feedback -29, keys -40
look sentence_ heading: passage 39, stem -45, option -32, answer -21, feedback -35, keys -86
look sentence_ identity: out 60, stem -48
look sentence_ let-lone: passage -32, stem 28, more -22, answer 33, feedback -47, keys -57
look sentence_ let1: out -42, more -33, answer -33, feedback 43
look sentence_ num0: out -29, passage 23, stem -180, more -16, option -63, answer -105, hint -32, bank -13, keys 32, remark -13
look sentence_ pair: out 60, passage -33, stem -52, feedback -56, keys -18
look sentence_ phrase: out -35, passage 18, stem -45, answer 22, feedback -17
look sentence_ rom0: out 39, passage -22, stem -65, answer -37, remark -18
look sentence_ section: out 18, passage -44, stem -89, option -35, answer -71, feedback 46, keys -32
look sentence_ sentence: out 20, stem -101, more -24, answer -23, feedback -25, row -15, keys -71
look sentence_ short: out 90, passage -78, stem -54, more -15, option -14, answer -54, feedback -73, keys -52
look sentence_ short-sentence: out -16, passage -76, stem 32, answer -12, feedback -29
look sentence_ text: out -34, passage -38, stem 16, more 47, option -19, answer -48, feedback -59, keys -29
look sentence_ word0: out 22, passage 14, stem -40, more 14, option -25, answer -19, keys -22, remark -12
look sentence_+: stem -19, option -130, answer -83, hint -54, facts -43, row -38, bank -37, lines -28, keys -27, remark -32
look short: stem -21, more 42, wrapped 40, feedback 29, hint -67, facts -52, row -74, bank -61, lines -80, keys -43, remark -57
look short _asks: out -26, passage -42, stem 56, more -37, facts -13, keys -19
look short _asks short: stem 19, facts -13
look short _box: out 20, passage -13, stem -34
look short _box box: out 20, passage -13, stem -34
look short _bullet: out 44, passage -20, stem -48, more -14, option -18
look short _bullet bullet: out 54, passage -20, stem -65, option -17
look short _capitals: out 74, option -30, answer -72, feedback -20
look short _cells: out -17, passage -26, stem 28, more -35, option -60, wrapped -15, answer -19, facts -17, row -31, bank -13, keys -44
look short _chatter: out 36, answer -17, feedback -12
look short _cue-answer: stem -15, answer 62, keys -54
look short _cue-level: out 21
look short _field: out 35, passage -17, stem -69, answer -16, facts -53
look short _field text: passage 41, stem -39
look short _gap: out -12, passage 27, stem -12, answer -32, feedback -15
look short _heading: stem -22, answer -33, facts -66, keys 13
look short _key-title: out -15, keys 19
look short _let-lone: out 17, passage 36, stem -29, option -27, answer -52, row -27, keys -29
look short _let-lone_ num0: passage 15, option -21, answer -46
look short _let0: out 65, passage -18, stem -32, option -21, answer -16
look short _let0 let0: out -19, stem -18, option 26
look short _let1: out 16, stem 12, option -27, answer -15
look short _let1-first: out -23, stem -20, option 44
look short _let1-first let1: out -23, stem -14, option 39
look short _num-lone: passage -21, answer -48, feedback -21, keys -45
look short _num0: stem 15, option -24, answer -26, facts -33, row -30
look short _num0 bullet: out 17, stem -17
look short _num0 let1-first: out -44, stem 44
look short _num0 num0: out 50, stem -56, option -20, answer -14, facts -23, row -27
look short _num0 num1-first: out -39, stem 38
look short _num0 phrase: out -48, stem 48
look short _num0 short: out -13, stem 33, option -22
look short _num0-again: out 41, stem -39, option -24, keys -49
look short _num0-again num0-again: out 51, stem -49, option -20, keys -49
look short _num0_ num0: out -24, stem 27
look short _num0_ num1-first: out 17, stem -15
look short _num1: out 30, option -13, answer -33, facts -39, row -21, bank -17, keys -14
look short _num1-first: out 31, stem -20, option -28, row -15, keys -13
look short _pair: out -27, passage 39, stem -46, option -21, answer -37, feedback -36, keys -58
look short _phrase: out -90, passage 22, stem -16, more -19, option -34, answer 62, feedback 27, facts -22, lines -15, keys -60
look short _phrase phrase: out -20, passage 15, stem -25
look short _rom-lone: out 95, stem -82, keys -34
look short _rom0: out 42, stem -19
look short _rule: out 46, keys -37
look short _section: out 73, stem -24, answer -14
look short _section_ num0: out 22, stem -12
look short _sentence: passage 31, stem -21, more -15, option -59, answer -73, feedback -54, keys -32
look short _sentence sentence: out -87, passage -40, stem 46, option -14
look short _sentence_ sentence: out -49, passage 47
look short _short: out -62, stem -29, option -19, answer 48, feedback -42, facts -53, keys -35
look short _short-sentence: out -12, passage -82, more -16, answer 30, feedback -63, hint -33, keys -58
look short _short-sentence_ num0: out 88, passage -48, stem -76, more -16, answer -65, feedback -44, hint -29
look short _short_ num0: out -28, passage -71, stem -19, option -15, answer 25, facts -12
look short _short_ sentence: out 31, passage -47, option -26, answer 36
look short _text: out -31, passage 68, more -27, option -20, answer -33, feedback -16, keys -14
look short _text short: out -26, passage 34, feedback -15, keys -15
look short _text text: out -81, passage 49, stem -28
look short _truth: out -59, passage -13, more -31, answer 59, keys -12
look short _word0: out -100, answer -57, facts 32
look short _word0 asks: answer -19, facts 35
look short _word0 let1-first: stem -19, facts 21
look short _word0 sentence: out -15, answer -25, facts 23
look short _word0 short: out -21, stem -30, facts 30
look short arrow: out -29, stem -17, more 16, answer 41, feedback -41, facts -12
look short arrow_ num0: out -14, more -25, answer 30
look short box: out -59, stem -13, more 29, option -14, wrapped 33, answer -66, feedback -16
look short box box: out -16, option 19
look short box_ num0: option 17
look short bracketed: out 19, passage -24, stem -31, answer -40, facts -22, bank 17, keys -31
look short bullet: out 29, passage -77, more -15, wrapped 18, answer -22, feedback -53, facts -68, row -57, keys -44, remark -24
look short bullet bullet: out 43, stem -40, more -15, option -13, remark -12
look short bullet short: out -48, option 50
look short bullet_ num0: out -32, stem -23, option 31, answer -21, feedback -28
look short cells: out -39, passage -70, stem 39, more -43, option -65, answer -50, feedback 30, facts -38, row -17, keys -55
look short cells_ num0: out -26, passage -43, stem 43, option -36, feedback -12, facts -16, row -90
look short chatter: out 76, passage -21, stem -47, option -33, answer -51
look short cue-answer: stem 32, more 56, option -44, wrapped -14, answer 38, feedback -21, bank -13, keys -77
look short cue-answer cue-difficulty: answer 15
look short cue-answer edge: option -23, answer 58, keys -54
look short cue-answer num0: answer 21
look short cue-answer short: option -43, answer 57
look short cue-answer_ num0: answer 15
look short cue-answer_ word0: answer 13
look short cue-difficulty: out -80, passage -14, stem -64, more 30, option -13, wrapped -37, answer 42, facts -22, keys -47
look short cue-feedback: out -71, stem -25, more -22, option 37, answer -23, facts -35
look short cue-feedback short: option 23, feedback -23
look short cue-level: passage 29, stem -32, more -22, option -26, answer -20, feedback 23
look short cue-points: out 23, stem -13, more 19
look short cue-sample: out -26, passage -13, stem -39, more 62, option -83, answer 32, feedback -15, keys -18
look short cue-sample text: out -16, answer 18
look short edge: passage -84, stem -121, option -25, wrapped -14, facts -43
look short field: passage 20, stem -60, more -16, option -22, answer -39, facts -56, row -43, keys -27
look short field-kind: out 17, stem -24, more 24, option -17, answer 14, feedback -55, facts -29
look short field-option: more 25, option -25
look short gap: out 12, stem -35, more 51, option -13, answer -16, facts -40
look short gap gap: stem -24, more 25
look short heading: out 91, stem -15, option -17, answer -73, facts -36, keys -19
look short identity: out 74, stem -14, option -18, facts -23
look short let-lone: out -36, passage 51, stem -78, more -18, option -18, feedback -51, facts 28, row -58, keys -50
look short let0: more 52, option -44, answer -60, feedback -16, facts -14
look short let0 let0: out -29, stem -27, option -24, keys 32
look short let1: out -45, passage -18, stem 13, option -40, wrapped 38, answer -63, feedback -32, facts 71, row -56, keys -26, remark -25
look short let1 let1: stem -21, option 24, remark -14
look short let1-first: out -78, passage -16, stem -49, more 23, option -31, wrapped -22, answer 29, facts 56, row -49, keys -16
look short let1-first let1: out -56, stem -44, answer 33, row -49
look short num-lone: out 61, stem -63, option -52, answer -50, feedback 27, facts -32, keys -47
look short num0: stem -20, more -56, option -23, feedback -20, facts -121, row -58, keys 58
look short num0 cue-answer: out -17, stem 46, option -23
look short num0 num0: stem -64, option 26, answer -26, row -54, keys 41
look short num0 phrase: stem 59, option -38, keys -15
look short num0 short: stem 71, option -67
look short num0-again: stem 20, more 47, answer -69, feedback -15, row 31, keys -65
look short num0-again num0-again: out -64, stem 25, row 31, keys -53
look short num1-first: stem -47, more 55, option -24, wrapped -14, answer -32
look short num1-first num1: out 32, stem -45, option 25
look short number: out -16, stem -52, more -40, option 51, answer -31
look short pair: out 29, passage -51, stem -67, more -46, option 66, answer -43, feedback -102, facts -44, row -15, keys -68
look short phrase: out -33, passage -20, more -55, option 66, wrapped -48, answer -47, feedback -49, facts -70, row -36, keys -58
look short phrase phrase: out -12, passage 32, stem -61, option 15
look short phrase short: out 57, passage -15, stem -59, option 24, answer -20, feedback -21
look short phrase_ num0: out 29, passage -41, stem 23, more -45, option -52, answer -39, feedback -16
look short rom-lone: out -26, passage -20, stem -106, option 47, wrapped -13, answer -52, feedback -19, facts -15, keys -48
look short rom0: passage -21, more 35, feedback -41, facts -67, keys -35
look short rule: passage -13, more 37, option -31, answer -51, feedback -26, facts -16, lines 39
look short section: out 51, passage -17, stem -20, more 29, answer -50, feedback -20, facts -18
look short sentence: passage 64, stem -84, more -57, option -50, answer -40, feedback -47, facts -32, keys -92, remark -18
look short short: out -60, passage -57, option 111, wrapped -50, answer -43, feedback -134, hint -15, facts -81, row -23, keys -25
look short short arrow: option 57, answer -51
look short short cue-answer: out 49, stem -53, more -64, wrapped -21, answer -131
look short short edge: passage -20, stem -23, option 35, answer -98, feedback -24, keys -35
look short short num0: out 35, passage -33, stem -39, wrapped -51, answer 15, feedback -29, facts -24
look short short phrase: out 33, passage -18, stem -41, option -42, answer -17
look short short short: out -51, more -22, option 54
look short short-sentence: out -15, passage -49, more -16, option 54, wrapped -23, answer -16, feedback -20, hint -35, facts -36, row -20, keys -75, remark -27
look short short_ asks: out -12, option 29, answer -39
look short short_ bullet: out 26, passage -18, more -34, option -41, answer 37
look short short_ cue-answer: option 46, answer -42
look short short_ num0: out 23, passage -20, stem -28, more -22, option 49, answer -114, feedback -73, hint -13
look short short_ section: out -49, stem -15, more -34, feedback -26
look short short_ short: out -36, option 63, answer -62, feedback -14, keys 33
look short short_ text: out -26, option 27, answer -27
look short short_ word0: option 71, answer -61
look short table-pairs: out -18, more 13, option -13, row 44, keys -26
look short table-pairs table-pairs: out -34, stem -18, option -13, row 46, keys -21
look short text: out 25, passage -44, option -53, wrapped -37, answer -28, feedback 51, facts -86, row -20, keys -81
look short text short: out -35, passage -20, stem 24, more -39, option -59, answer -55, feedback 52, row -21, keys -28
look short truth: out 26, passage -16, more -56, option 20, wrapped -15, answer -35, feedback -34, facts -14, row -13, lines -12, keys -36
look short word0: out 39, passage -33, stem -72, more 41, option -79, wrapped -57, answer 19, feedback -76, facts -32, row -20, keys -19
look short+: out -23, passage -18, stem 19, option 25, wrapped 30, answer -40, hint -28, row -18, lines -27, remark -22
look short-sentence: option -22, answer -38, facts -86, row -67, bank -80, lines -64, keys -36, remark 15
look short-sentence _asks: out 29, passage -49, stem 28, more -35
look short-sentence _bullet: out 27, stem -39, option 28
look short-sentence _cells: passage 22, stem -19, more -48, option -44, facts -13, row -27, keys -22
look short-sentence _cue-answer: answer 64, bank -15, keys -21
look short-sentence _cue-level: out -25, facts 31
look short-sentence _cue-sample: answer 50, keys -42
look short-sentence _field: out -58, passage 46, more -17, facts -12, row -21
look short-sentence _field field: out -19, passage 21, stem -18, row -21
look short-sentence _field_ field: out -40, passage 42, stem -25
look short-sentence _heading: out 41, facts -14
look short-sentence _heading_ num0: out 25
look short-sentence _let-lone: out 46, passage -25, more -14, option -32, answer -17, row -67, keys -15
look short-sentence _let1: stem 18, option -14
look short-sentence _num-lone: out 25, stem -83, option -21, answer -17, feedback -14, facts -14
look short-sentence _num0: out -39, passage -13, stem 13, option -22, facts -13, row 19, keys -16
look short-sentence _num0 let1-first: out -23, stem 23
look short-sentence _num0-again: out 44, stem -44, option -17
look short-sentence _num0_ num0: out -17, stem 20
look short-sentence _phrase: out 16, more -17, option -28, answer -53, feedback -64
look short-sentence _phrase short-sentence: out -23, passage 36, stem -27
look short-sentence _phrase_ short-sentence: out 35, passage -34, stem -32
look short-sentence _section: out 31, facts -14
look short-sentence _sentence: out -38, more -46, option -18, answer -18, feedback 29, keys -18
look short-sentence _sentence_ num0: out -22, passage -20, stem -39, feedback 44
look short-sentence _short: out -24, stem 13, option 42, answer -98, feedback -26, facts -54, keys -59
look short-sentence _short phrase: out -78, passage 80, stem -13, option -45, facts -14
look short-sentence _short_ num0: out 68, passage -66, option -19, answer -32
look short-sentence _text: out -73, passage 61, stem -20
look short-sentence _text sentence: out -23, passage 37, stem -13
look short-sentence _text short: out -50, passage 56, stem -58
look short-sentence _text text: out -47, passage 55, stem -41
look short-sentence _word0: out -49, stem 40, facts 26
look short-sentence _word0 let1-first: stem -13, facts 15
look short-sentence bullet: out -20, passage 29, stem -29, more -53, answer -77, feedback 32, hint -16, keys -31, remark -72
look short-sentence bullet bullet: out -27, passage -17, stem 63, option -61
look short-sentence cells: out 22, passage -50, stem 30, answer -19, feedback -24, row -17, keys -14, remark -31
look short-sentence cells cells: stem -25, row 41
look short-sentence cue-answer: out -39, stem 41, more 48, option -39, answer -14, keys -24
look short-sentence cue-answer_ asks: answer 14
look short-sentence cue-difficulty: out -69, passage -21, stem 34, more -34, option -56, answer -34, feedback 48, keys -24, remark -27
look short-sentence cue-points: passage -13, more 29, option -15, feedback -26, facts 18
look short-sentence cue-sample: out -38, stem -27, more 52, option -40, answer 14, keys -15
look short-sentence edge: out -16, stem -77, more -43, option -32, answer 38, keys -30, remark -18
look short-sentence gap: out -52, passage -18, more -28, option -31, answer 44, feedback -21, row -14
look short-sentence heading: out 76, passage -27, stem -51, answer -42, facts -37, keys -18
look short-sentence identity: out 19, stem -18
look short-sentence num-lone: out 59, passage -23, stem -72, more 15, answer -27, feedback -21, facts -20, keys -41
look short-sentence num0: out 24, stem 28, more -19, option -27, feedback -68, hint -48, facts -12, row 34, keys -41, remark -38
look short-sentence num0 num0: out -14, option -29, row 45
look short-sentence num0-again: out 32, stem -29, more -31, option -23, answer -36, row 26, keys -23
look short-sentence num0-again num0-again: out 33, stem -37, option -23, row 26, keys -13
look short-sentence num1-first: out -44, stem 26, more 53, option 17, feedback -17, row -15
look short-sentence num1-first num1: stem -43, option 24, row -15
look short-sentence phrase: out -23, passage 31, stem 28, more -48, option -22, answer -32, feedback -70, keys -36
look short-sentence phrase short-sentence: out -12, passage 12
look short-sentence rom0: out -29, passage 34, stem -52, more 30, option -23, answer -48
look short-sentence rule: out -37, stem -24, answer -26, feedback -28, keys 39
look short-sentence sentence: out 84, passage -67, stem -58, more -16, option -21, answer -91, feedback -43, facts -16, keys -84
look short-sentence short: passage -35, more -72, option 52, wrapped -17, feedback -63, hint -20, facts -18, keys -51, remark -18
look short-sentence short-sentence: out 15, passage -65, stem -52, more -34, option 84, wrapped 25, answer -74, feedback -51, hint -59, keys -45, remark -67
look short-sentence table-pairs: out -52, stem 28, row 42
look short-sentence table-pairs table-pairs: out -30, row 42
look short-sentence text: passage -20, more -45, wrapped -26, answer -21, feedback 40, hint -20, keys -54, remark -32
look short-sentence text short-sentence: out -30, passage 27, stem -33, option 21, wrapped -26, answer -20
look short-sentence text text: out -40, passage 64, stem -26
look short-sentence truth: out -28, stem 54, more -41, option -60, answer 30, feedback -40
look short-sentence word0: out -31, passage -14, stem -32, more 34, option -21, answer 15, keys -14
look short-sentence+: out 20, more -32, wrapped 21, feedback -31, hint -85, facts -24, row -33, lines -14, keys -37, remark 21
look short-sentence_ asks: passage 16, stem 30, option -62, answer -82
look short-sentence_ bullet: out -47, passage -34, stem -35, more -15, option 26, feedback -50, keys -16
look short-sentence_ cells: out -59, passage 12, stem 19, option -41, answer -56, hint -24, keys 22
look short-sentence_ cue-answer: out -51, stem 74, feedback -19
look short-sentence_ cue-level: out -26, passage -25, stem -42, more 26, feedback -21, keys -14
look short-sentence_ cue-sample: out -12, more 22, option -20, feedback -16, keys -12
look short-sentence_ field: out 17, passage -64, more -24, answer -43, feedback -18, keys 16
look short-sentence_ heading: out -25, passage -17, stem 32, more -30, option 16, answer 18, feedback -36, keys -55, remark -23
look short-sentence_ identity: out 14, stem -39, more -14, answer -16, feedback 30, keys -21
look short-sentence_ let-lone: out 36, passage -21, stem -90, more 55, option -25, answer -53, feedback 13, hint -22, keys -54, remark -24
look short-sentence_ let1: out -26, stem -16, option -46, feedback 34, hint -20, keys -15
look short-sentence_ num-lone: out -29, stem 22, more 24, answer -18, feedback -55, keys 21
look short-sentence_ num0: out -38, passage 16, stem -15, option 27, hint 21, facts -27, keys -65, remark -46
look short-sentence_ num0-again: out 40, stem -45, answer 15, feedback -37, keys -26
look short-sentence_ phrase: out 12, passage 25, stem -46, more 23, option -13, answer -37, hint -14, keys -34
look short-sentence_ section: out 39, more -13, feedback -50, keys -21, remark -14
look short-sentence_ sentence: out -21, passage -74, answer 39, keys -77
look short-sentence_ short: out 12, passage -64, stem -48, more -25, feedback -35, remark -13
look short-sentence_ text: out 69, passage 27, stem -109, option -45, answer -23, feedback 35, hint -18, keys -40
look short-sentence_ word0: out -25, passage 15, stem 27, more 13, option -47, answer 13, feedback -30, hint -22, keys -30, remark -15
look short-sentence_+: out -17, passage -24, more 25, option -15, wrapped -17, facts -53, row -31, bank -52, lines -26
look short_ asks: out -52, passage -16, stem 41, more 85, feedback -52, facts -19
look short_ box: out 91, passage -37, stem -80, option -18, answer -72, keys -21
look short_ bullet: out 87, passage -62, stem -67, more -42, option -16, answer -27, feedback -69, facts -34, keys 48
look short_ capitals: out -25, more 24, option 60, answer -17, feedback 33
look short_ cells: out -16, passage -32, more 31, option -19, answer 28, feedback -40, facts -24, keys -43
look short_ chatter: stem -12, more 23, feedback -61
look short_ cue-answer: passage -14, stem 44, wrapped -15, answer -69, feedback -22, row -13
look short_ cue-level: out -39, more -25, option -36, answer 28, feedback 23
look short_ field: out 41, passage -44, stem -45, option -20, answer -63, feedback -57, facts -13
look short_ field-number: out 19, passage -28, feedback 16, facts -22
look short_ gap: passage -56, stem -19, more 13, option -15, answer 62, feedback -22, facts -35
look short_ heading: passage -22, stem -64, more -36, option 13, feedback -73, facts -24, keys -24
look short_ identity: out -36, stem -17, option -34, answer 41, facts -17
look short_ key-title: out -43, stem -52, more 28, option 25, answer -16, feedback 17
look short_ let-lone: out -33, passage 37, stem -18, more 15, option -68, feedback -48, facts -29, keys -31
look short_ let0: stem -45, more 71, option -18, feedback -48, facts -18, keys -26
look short_ let1: out 53, stem -32, option -34, answer -42, feedback -62, facts -36
look short_ let1-first: out 27, more -16, option -13, answer -46, feedback -24
look short_ num-lone: out 57, more 38, answer -57, feedback -21
look short_ num0: passage -14, stem -117, more -33, hint -18, facts -49, row -21, keys -53
look short_ num0-again: out 57, passage -49, stem -60, more 12, option 25, answer -55, feedback -14, keys -38
look short_ num1: out 52, stem -67, more 30, option -17, answer -15, feedback -83, facts -13
look short_ num1-first: out -27, passage -29, stem -21, more -22, option -14, answer -24, feedback 37, keys -14
look short_ pair: passage -45, stem -76, more -44, option -54, answer 40, feedback -16, facts -29
look short_ phrase: passage 42, stem -58, option -28, wrapped 20, answer -31, facts -28, bank -13, keys -21
look short_ rom-lone: out -48, stem -18, more 47, wrapped -29, feedback -26, facts -18, keys -21
look short_ rom0: out -21, stem -24, option 61, wrapped 19, answer -33
look short_ rule: out 12, passage -20, stem -61, more 43, option -18, answer -55, feedback -38, facts -38
look short_ section: out -31, passage -28, stem -66, more 14, wrapped -15, answer 34, feedback -14, facts -68, keys -24
look short_ sentence: out 55, passage -82, stem -35, more 51, option -39, feedback -30, facts -15, keys -15
look short_ short: out 29, passage -61, stem -71, more 73, option -22, answer -19, feedback -27, facts -51, keys 31
look short_ short-sentence: out 48, passage -16, stem -17, option -46, answer -32, feedback 31, facts -20, keys -39
look short_ text: out -18, stem -78, more 31, feedback 22, facts -31
look short_ truth: out 18, stem -34, more 56, option -19, answer -26, feedback -26
look short_ word0: out -34, passage 33, option 55, wrapped -27, answer -54, feedback -40, facts -82, keys -23
look short_+: out 22, stem -12, more 16, option -47, hint -24, facts -117, row -34, bank -40, lines -33, keys -52, remark -15
look table-down: out -103, stem -43, answer -36, feedback -26, facts -24, keys 109
look table-down table-down: out -93, keys 94
look table-down table-down table-down: out -54, keys 54
look table-down+: out -68, stem -40, answer -31, feedback -26, facts -18, keys 76
look table-pairs: out -12, passage -67, stem -120, more -65, option -71, answer -69, hint -28, facts -67, row 25, bank -54, lines -35, remark -24
look table-pairs _num0: out -15, stem 16
look table-pairs _section: out 36, stem -21, answer -15
look table-pairs _word0: answer -27, facts 31
look table-pairs cue-answer: out -26, answer 44, row 19, keys -28
look table-pairs edge: out -67, row 61, keys 20
look table-pairs table-pairs: out -17, passage -18, stem -91, more -32, option -39, answer -75, feedback -57, hint -21, facts -50, row 14, bank -27, lines -14, remark -22
look table-pairs table-pairs cue-answer: out -24, row 23
look table-pairs table-pairs edge: out -69, row 62
look table-pairs table-pairs table-pairs: out -32, stem -27, feedback -24, facts -12
look table-pairs table-pairs_ num0: feedback -14, row 22, keys -19
look table-pairs table-pairs_ section: out -35, feedback -23, row 34, keys -18
look table-pairs table-pairs_ word0: out -15, row 14
look table-pairs+: out 19, passage -36, stem -86, more -40, option -44, answer -53, feedback -45, hint -13, facts -40, bank -33, lines -22, remark -12
look table-pairs_ num0: out -45, answer -25, feedback 38, facts -22, row 13, keys -19
look table-pairs_ section: out -35, feedback -23, row 34, keys -18
look table-pairs_ word0: out -15, row 14
look table-pairs_+: out -76, passage -28, answer -29, feedback 30, facts -28, row 14, bank -15, keys 16
look table-ticks: passage -23, stem -89, more -33, option -53, answer -49, feedback -18, facts -53, row 39, bank -16, keys -56
look table-ticks _num0: stem 16
look table-ticks _word0: out -31, facts 37
look table-ticks edge: out -53, row 59
look table-ticks num0: out -43, stem 33, option -21, row -30
look table-ticks rule: out -37, passage -12, stem -51, more -38, option -50, answer -21, row 51, lines -21, keys -15
look table-ticks rule table-ticks: stem -17, more -24, lines -21
look table-ticks table-ticks: out 45, stem -37, option -30, answer -23, feedback -14, facts -51, keys -54
look table-ticks table-ticks edge: out -53, row 59
look table-ticks table-ticks num0: out -13, row 22
look table-ticks table-ticks table-ticks: out 46, option -13, facts -28, row -24, keys -29
look table-ticks table-ticks_ num0: row 12
look table-ticks table-ticks_ word0: out -21, row 30
look table-ticks+: passage -16, stem -67, more -22, option -37, answer -26, facts -34, row 29, keys -38
look table-ticks_ num0: row 12
look table-ticks_ word0: out -21, row 30
look table-ticks_+: out -26, row 27
look table-wide: passage -44, stem -84, more -22, option -69, answer -89, feedback -75, facts 13, row -57, bank -28, lines -22, remark -31
look table-wide _num0: out -30, stem 31
look table-wide _num0 let1-first: out -30, stem 31
look table-wide+: stem -47, option -34, answer -66, feedback -57, row -28, remark -18
look table-wide_ num0: out 42, passage -18, answer -13, facts -33, keys -19
look table-wide_+: passage -19, stem -35, answer -33, feedback -12
look text: passage 17, feedback 12, hint -69, facts -81, row -59, bank -56, lines -54, remark -41
look text _bullet: out 13, stem -31, option 26
look text _bullet bullet: out 17, stem -32, option 26
look text _cue-answer: answer 40, keys -39
look text _field: out 47, passage -57, stem -37, facts -26
look text _heading: out 38, answer -12, facts -15
look text _let-lone: out 29, stem -18, option 24, answer -19
look text _let0: stem -13, option 50, keys -31
look text _let0 let0: stem -13, option 50, keys -31
look text _let1-first: out -29, stem -15, option 32
look text _let1-first let1: out -22, option 29
look text _num0: out -41, stem 45, option -13, answer -20
look text _pair: out 52, keys -24
look text _phrase: out -23, stem 38, more -46, answer -77
look text _section: out 57, facts -29
look text _short: out 70, passage -49, stem -56, more -32, answer -78, keys -14
look text _text: out -51, passage -52, stem 48, more -58, option -22, answer 14, keys -61
look text _word0: out -23, facts 18
look text asks: out -19, passage 27, stem 20, more -38, option -68, answer -58, feedback -23, keys -17
look text asks bullet: stem -27, more 30
look text asks cue-answer: stem -53, more 55
look text asks let0: stem -79, more 80
look text asks let1-first: stem -27, more 29
look text asks short: out -28, passage 22, stem -48, more -19
look text box: out -65, stem -36, more -64, option 57, answer -33, feedback -42, row -17
look text bracketed: out 70, stem -15, more -42, answer -37, feedback -35, keys -12
look text bullet: out -36, stem 31, more 49, option 38, answer -36, feedback -15
look text bullet bullet: out -12, stem -71, option 88
look text cells: out -44, passage -30, stem -14, more 73, option 15, answer -34, feedback -14, row 16, keys -48
look text cells cells: stem -48, more 24, option -14, row 48
look text cells cue-answer: stem -61, more 38, option 38
look text cells let0: stem -34, more 35
look text cue-answer: out -95, stem 34, more 23, option -65, answer -24, feedback -34, keys -35
look text edge: out 64, passage -100, more -52, option -60, answer -76, feedback -91, facts -13, keys -17
look text field: out -18, passage 15, more 49, option -23, answer -14, feedback -23
look text gap: out -28, stem -62, more 63, answer -48
look text gap gap: stem -18, more 18
look text heading: out 89, passage -17, stem -51, answer -19, facts -27, keys -14
look text identity: out 55, stem -36, answer -26
look text let-lone: out -39, passage 28, stem -26, more -19, option 13, keys 52
look text let0: out -69, stem 26, option 23, answer -33, feedback -29, keys -22
look text let0 let0: option 25, keys -22
look text let1-first: out -59, stem 65, more -57, option 47, answer -37, feedback -48, row -51, keys -26
look text let1-first let1: out -13, option 26, row -20
look text num0: passage -60, stem 35, more -31, option 33, wrapped -12, answer -56, feedback -69, row -31, keys 14
look text num0 num0: out -14, stem -16, option 37, row -31
look text num0-again: out -49, stem 23, more -51, option 16, answer -14, row -34, keys -27
look text num0-again num0-again: out -13, stem -53, option 45, row -34, keys -26
look text pair: passage -50, stem -64, more -27, option -17, answer -49, feedback -28, keys 38
look text phrase: out 42, passage -80, stem -42, more 30, option -31, wrapped 23, answer -23, hint -16, row -27
look text phrase let0: stem -35, more 37
look text phrase phrase: out -47, passage -29, stem -50, more -22, option 52, wrapped -30
look text phrase_ num0: out 45, stem -23, option 43, wrapped -21, answer -21, feedback -48
look text rule: out 38, passage -20, stem -36, more 17, answer -16, lines 14
look text section: out 63, stem -46
look text sentence: stem -96, more 44, option -15, answer -21, feedback -48, keys -75
look text sentence short-sentence: out -40, passage 43
look text sentence text: out -17, passage 31
look text sentence_ num0: out 59, passage -55, stem -13, answer -26, feedback -36
look text short: out -37, passage -31, stem -32, more -21, option 14, wrapped -20, feedback 59, facts -48, row -25, lines -14, remark -15
look text short box: more 17, option -30, wrapped 25
look text short cue-answer: more 51, option -26
look text short let-lone: more 24, option -13
look text short let0: stem -46, more 84, option -53, wrapped -29
look text short num0: passage 40, stem -47, more -24, option -57, wrapped -12, answer -60, facts -26, keys 22
look text short num0-again: more 39, option -23, keys -24
look text short phrase: out -24, passage -34, stem -44, more -23, wrapped -39, answer 42, feedback -40, keys -16
look text short rule: more 38, feedback -25
look text short short: out -32, stem -15, more 26, option 21, answer -21, feedback -41
look text short-sentence: out -17, stem -74, more 41, option -14, wrapped 26, feedback -45, hint -32, facts -16, row -13, bank -15, keys -16, remark -36
look text short-sentence edge: out -48, passage 17, stem -20, more -36, option -19, answer 58, feedback -63, keys -23
look text short-sentence text: out -23, passage 44, stem -28
look text short-sentence_ num0: stem -42, more -33, option -35, feedback -18, hint -16, keys -18
look text short-sentence_ text: out -56, passage 62, answer -13
look text short_ num0: passage -31, more -43, option -32, wrapped -16, answer 21
look text short_ section: out 44, more 29, option -32, answer -68, feedback -24, facts -22
look text short_ word0: out -37, passage 49, stem -23, more -23, option -24, feedback -79
look text text: out -16, passage 31, more 57, wrapped -50, answer -31, feedback -89, facts -23, row -17, keys -50
look text text asks: passage 22, stem -38, more 59
look text text field: passage 25, stem -16
look text text phrase: out -51, passage -29, stem 18, answer -65, feedback -22, keys 22
look text text sentence: out -23, passage 45, stem -48
look text text short: out 17, passage -30, stem -17, more 22, option -67, wrapped -20, answer 33, feedback -50, keys -29
look text text short-sentence: out -54, passage -14, stem -56, more 33, answer -15
look text text text: out -48, passage 22, more -17, option 38, wrapped -17, answer -57, feedback -18, keys -44
look text+: passage 22, option -22, feedback 33, hint -34, facts -43, row -34, bank -32, lines -35, keys -15, remark -22
look text_ bullet: out 15, passage -16, stem 18, more -14, answer -24, bank -15
look text_ field: out 49, passage -19, stem -25, answer -53
look text_ heading: out 64, stem -55, answer -55
look text_ identity: out 41, stem -19, answer -27
look text_ let-lone: out 39, stem -40, answer -41, keys -14
look text_ let0: out -36, stem 42
look text_ let1-first: out -22, stem 56, more -32
look text_ num0: out 62, passage -32, stem -73, more 26, option -67, answer -69, keys -34
look text_ pair: out 69, stem -50, more -28, option -21, answer -58, feedback -13
look text_ phrase: out -18, stem 38, more -34, feedback -49, keys -42
look text_ section: out 27, stem -59, more 60, option -27, answer -40, feedback -27, keys 22
look text_ short: out 66, passage -40, stem -60, option -19, answer -46, feedback -41, keys -56
look text_ text: out -58, passage -17, stem 21, more -21, option 46, answer -79, feedback -38, keys -50
look text_ word0: out 28, passage -20, stem -19, more -28, answer -21
look text_+: out 17, passage -126, stem -13, more -16, option 47, answer -18, feedback -69, facts -41, row -36, bank -23, lines -18, keys -42
look ticked: passage -16, stem -73, more -59, answer 24, feedback -66, hint -19, facts -47, row -44, keys -71, remark -13
look ticked _num0: out -26, stem 27
look ticked _word0: out -45, facts 46
look ticked box: out 30, stem -36, more -29, option -18, answer -114, facts -16, row -29
look ticked box box: out 36, option -36
look ticked box cue-feedback: out -20, option 29
look ticked box ticked: out -66, option 69
look ticked box_ num0: out -28, option 34
look ticked ticked: out -34, option 82, answer -80
look ticked ticked box: out -13, option 27
look ticked+: stem -38, more -32, answer 18, facts -17, row -33, keys -34
look ticked_ num0: option 39, answer -45
look ticked_ word0: passage -13, option -34, answer 38, facts -13
look ticked_+: out -17, passage -14, stem -41, feedback -46, facts -26, row -12, keys -16
look truth: passage -44, stem -54, more 12, wrapped -25, feedback -70, facts -76, row -41, bank -34, lines -41, keys -77
look truth _num0: out -35, stem 36
look truth+: out -16, passage -17, stem -30, more -99, option 19, wrapped -15, answer 25, facts -38, row -12, lines -12, keys -32
look truth_ num0: out 16, more 36, option -21, answer -34, keys -18
look truth_ word0: out -80
look truth_+: out -15, passage -15, more 30, option -57, feedback -33, facts -19, row -13, bank -26, keys -45
look word-lone: passage -54, more -53, option 26, answer -83, feedback -60, hint -14, facts -12, row -15, bank -36, lines -27, keys -19, remark -19
look word-lone asks: out -34, stem 38
look word-lone bullet: out 12, stem -47, more -35, option 61, answer -24, feedback -39, facts 27, row -20, remark -23
look word-lone cue-answer: out -76, stem 93, answer 64, keys -61
look word-lone cue-answer cue-difficulty: answer 24, keys -20
look word-lone cue-answer cue-points: answer 43, keys -36
look word-lone cue-answer edge: answer 45, keys -44
look word-lone cue-points: out -97, stem 50, answer -51, facts -38, keys -28
look word-lone edge: stem -74, more -12, feedback -12
look word-lone field-option: out -26, stem 54, more -19, option -49, facts -34
look word-lone gap: out -33, more -27, answer -30, facts 29, keys -24
look word-lone let-lone: out -34, stem 27, more -22, facts 41
look word-lone let-lone cue-answer: stem 14
look word-lone let0: out -19, option -36, facts 65, keys -26
look word-lone let0 let1-first: stem 18, option -15
look word-lone let1-first: out -40, stem -17, option 22, facts 63
look word-lone pair: out -18, stem 13, more 43, option -18, answer -56, feedback -39, row -18, keys -33
look word-lone rule: out -35, stem 29, more -27, answer -19, lines 28
look word-lone sentence: out -14, stem -18, more -31, answer -38, facts 24, keys -29
look word-lone short: out -23, stem 44, more 27, option -22, answer -45, facts -29
look word-lone short cue-answer: more 38, answer -24
look word-lone short field-option: more 22, option -22
look word-lone short-sentence: out -58, stem -21, more 54, option -48, facts -37
look word-lone text: out 18, stem -75, more 66, answer -20, facts 31
look word-lone+: out -14, passage -31, more -33, answer -29, feedback -19, facts 21, bank -16, remark -13
look word-lone_ num0: out 67, stem -53, option -18
look word-lone_+: out 20, passage -26, more -32, option -26, answer -59, feedback -39, facts -39, row -12, bank -14, keys -41
look word0: out -20, passage -34, stem 21, more -126, option 18, wrapped -19, feedback -44, hint -24, facts 15, row -65, bank -23, lines -16, keys -49, remark -27
look word0 _asks: out 35, passage -20, stem -17, more -38
look word0 _cells: out -29, stem -34, more -25, option 34, answer -16, facts -14, row -18, bank 29, keys -15
look word0 _cue-answer: answer -36, bank -36, keys 52
look word0 _cue-answer_ word0: answer -35, bank -29, keys 43
look word0 _cue-level: out -27, facts 35
look word0 _heading: out -35, more -12, facts 42
look word0 _let-lone: out 47, stem -32, row -30
look word0 _let1-first: out -42, stem -22, option 69, row -17
look word0 _let1-first let1: out -42, stem -22, option 69, row -17
look word0 _num-lone: out 15, more -14, answer -17, facts -21, keys -24
look word0 _num1-first: out -50, stem 53, option -20
look word0 _num1-first num1: out -25, option 19
look word0 _pair: stem -26, answer -16, feedback -15, keys -47
look word0 _sentence: out -38, passage -24, stem 38, more -31, answer -41, feedback -31, facts -12, row -13, keys -41
look word0 _short: out -46, passage -14, stem -42, more -41, option -28, answer 18, facts 40, keys -17
look word0 _text: stem -35, more 33, answer -25, keys 13
look word0 _word0: out -77, stem 73, more -13, facts -15
look word0 _word0_ word0: out -63, stem 58
look word0 arrow: out -42, stem 44, more -26, option -43, answer 70
look word0 asks: out -93, more -56, option -21, answer 22, row -16, keys -15
look word0 asks bracketed: stem -22, more 23
look word0 asks bullet: stem 16, option -19
look word0 asks cue-answer: stem 15, more -19
look word0 asks let1-first: out -13, stem 47, more -32
look word0 asks short: stem 17
look word0 asks_ cue-answer: stem 13
look word0 asks_ let1-first: stem 21, more -16
look word0 asks_ word0: out -38, stem 44, more 22
look word0 box: out -22, stem 66, option -14, facts -28
look word0 box box: option 20
look word0 bracketed: out 46, more -20, option -13, answer -45, feedback -52, bank -50
look word0 bullet: out -73, stem -26, more -80, answer 43, row -60, remark -22
look word0 bullet bullet: out -63, stem -123, more -80, answer 43, row -60, remark -22
look word0 cells: passage -36, stem 37, more -63, option -72, answer -125, row -21, keys -70
look word0 cells cue-answer: more 24
look word0 cells let1-first: more 12
look word0 cells_ word0: out -70, stem 89, more 14, option -41, answer -17, facts -15, row -38
look word0 colon: out -18, stem 31, more -22, answer -21, facts 35
look word0 colon let1-first: stem 19, more -15
look word0 cue-answer: out -36, stem 40, more -16, option 50, answer -56, facts -46, bank -35, keys 26, remark -13
look word0 cue-answer cue-feedback: option -12, answer 19
look word0 cue-answer edge: option -14, answer -35, keys 37
look word0 cue-answer word0: option -22, answer 32
look word0 cue-answer_ word0: option -60, answer 127, bank -29, keys -93
look word0 cue-sample: out -22, stem 20, feedback -13, facts -13, keys -21
look word0 edge: out -27, stem 27
look word0 field: out -101, passage -30, stem 32, more 15, option -13, answer -77, feedback -52, facts 16
look word0 field cue-answer: out -14, stem 14
look word0 field let1-first: out -27, stem 40, more -21
look word0 field_ word0: out -66, passage -30, stem 84, feedback -43, facts -14
look word0 gap: more 32, answer -42, facts 41
look word0 gap cue-answer: stem 26, more -19
look word0 gap_ word0: out -59, stem 36, more -15, answer -20
look word0 let-lone: out -17, stem 13, option 16, answer -65, row -15, keys -20
look word0 let-lone cue-answer: stem -18, more 17, option 23, answer -18
look word0 let-lone let1-first: stem 23
look word0 let1-first: out -82, stem 49, more -27, answer -149, feedback -15, facts 19, row -84, remark -23
look word0 let1-first let1: out -38, stem 21, more -24, option 27, answer -75, row -84, remark -22
look word0 let1-first short: stem 14
look word0 let1-first_ let1: stem 22, option -21
look word0 num-lone: out -51, stem -13, option 34, answer -32, facts -31, keys -49
look word0 num0: out 65, stem -70, more 44, option -17, answer -39, row 15
look word0 num0 num0: out -89, stem 77, more -42, option -16, answer -23, row 16
look word0 num1-first: more -33, keys -22
look word0 num1-first num1: out -65, stem 38, more -44, keys -22
look word0 number: out -24, more 30, option -45, answer -13, keys -38
look word0 pair: out -54, more -42, option -62, answer 36, feedback -49, facts 38, row 20, keys -42
look word0 phrase: answer -104, feedback -83, facts -17, row -18
look word0 phrase box: out -20, stem 40, more 45, option -57
look word0 phrase bullet: more 53, option -55
look word0 phrase let1-first: out -82, stem -14, more 20, option -35
look word0 phrase short: stem 48, more -60, option -16
look word0 phrase word0: more -20, option 21, answer -62, feedback -40, facts -13
look word0 phrase_ let1-first: out -26, stem 43
look word0 rule: out -12, more -30, lines 32
look word0 sentence: out 17, passage -41, more 27, option -31, answer 30, feedback -73, facts -38, keys -30, remark -16
look word0 sentence cue-answer: stem 15
look word0 sentence cue-sample: stem -21, more 29, answer -28
look word0 sentence let1-first: more 18
look word0 sentence_ word0: out -81, passage -38, stem 64, answer -29, feedback -51
look word0 short: out -67, passage -28, stem 38, option -40, answer -93, feedback -82, facts 50
look word0 short cue-answer: out -12, stem 20
look word0 short let1-first: stem -17, more -36, facts 26
look word0 short short: out -17, stem 27, more -89, answer -52
look word0 short-sentence: out -92, passage -30, more 16, option -41, answer -108, hint -29, facts 30, keys -36, remark -47
look word0 short-sentence cue-answer: stem 36
look word0 short-sentence num1-first: stem 20
look word0 short-sentence_ cue-answer: stem 34, feedback -17
look word0 short-sentence_ word0: out -40, passage -20, stem 53, answer -30, feedback -46, remark -12
look word0 short_ word0: out -38, stem 26, more 25, option -44, answer -52, feedback -52
look word0 table-pairs: out 28, stem 21, row -20
look word0 table-pairs table-pairs: out 29, row -20
look word0 text: out -66, passage -22, stem -33, more 25, option 38, answer -28, feedback -55, facts 48
look word0 text asks: stem -65, more 70
look word0 text let1-first: stem 13, more 16
look word0 text short: out -12, stem -14, more 32, feedback -29
look word0 text text: passage -16, stem -33, more 37
look word0 text_ let1-first: stem 46, more -32
look word0 truth: out -91, more -16, option -34, answer 102
look word0 word0: out -99, more -69, option 49, answer -54, feedback -45, facts -85, row -32
look word0 word0 word0: out -36, stem -18, option 27, answer -26, facts -21, row -18
look word0+: out -24, stem 12, more -75, feedback -25, facts 16, row -36, bank -15, keys -33, remark -23
look word0-again: out -73, passage -21, more -35, option -45, wrapped -42, answer -95, feedback -53, hint -25, facts 35, row -33, bank -30, lines -21, keys -39, remark -36
look word0-again asks: out -34, option -41, wrapped -14, answer -46, facts 47, keys -49
look word0-again cue-answer: stem -25, option 19, answer 21, keys -31
look word0-again edge: out -20, stem -23, facts -14, keys 29
look word0-again let-lone: facts 12
look word0-again let1-first: out -27, stem 43, option 24, answer -45, row -15
look word0-again let1-first let1: option 40, answer -45, row -15
look word0-again phrase: out -47, stem 38, more 23, option -20, wrapped -15, answer -23, feedback -32, facts 24, keys -30
look word0-again short: out -69, more 13, option -52, answer 35, feedback -22
look word0-again text: out -46, stem 47, feedback -20
look word0-again word0-again: out -44, stem -47, option 56, facts -87, keys 83
look word0-again word0-again edge: out -20, stem -23, facts -14, keys 29
look word0-again word0-again word0-again: stem -30, option 31, facts -49, keys 45
look word0-again+: out -35, more -19, option -28, wrapped -24, answer -62, facts 19, row -19, keys -20
look word0_ asks: out 52, answer -63, facts -50
look word0_ cells: out -36, stem 46, facts -36
look word0_ cue-answer: out -41, stem 32
look word0_ cue-level: out -64, stem -12, answer -38, facts 80
look word0_ heading: out -63, stem 17, answer -34, facts 58
look word0_ let-lone: out -63, stem 65
look word0_ let1-first: out -68, stem 49, facts -42
look word0_ num-lone: out 14, stem -13
look word0_ num1-first: out 70, stem -60
look word0_ pair: out -24
look word0_ sentence: out -72, stem -14, answer -44, facts 60
look word0_ short: out -53, stem 26, answer -25, facts 42
look word0_ text: out -15, answer -22, facts 41
look word0_ word0: out -49, passage -17, stem 55, answer -20, feedback -18, facts -28
look word0_+: out 14, passage -31, stem 28, more -14, option -21, answer -148, feedback -36, hint -13, facts -28, row -15, keys -14
look word1: out -72, option -46, answer -57, facts 46, keys -44
look word1 bullet: out -14, stem -53, more -14, option 67
look word1 bullet bullet: stem -68, more -14, option 68
look word1 cue-answer: out -12, stem 20, answer 18
look word1 short: more 34, option -23, answer -14
look word1+: out -39, option -28, answer -37, facts 29, keys -25
look word1-first: stem 35, more -33, option -20, answer -44, feedback -17, facts 31, keys -22
look word1-first+: out -57, stem 27, more -20, answer -29, facts 34
main speaker: out -13, passage 20, stem 54, more -125, wrapped -57, answer 19, hint -33, facts -65, row -23, bank -35, lines 13, remark -61
num again: passage -33, more -31, wrapped -19, answer -73, feedback -38, hint -33, facts -24, bank -34, lines -33, remark -33
num again asks few: passage -33, more -93, wrapped -19, answer -69, feedback -38, hint -33, facts -24, bank -33, lines -33, remark -33
num again asks some: out -24, stem 25, more 40, option -44, answer -17, row -13, keys -22
num again fits few: out -96, stem -19, option -102, row 22, keys 63
num again fits most: out -22, passage -33, stem -46, more -20, option 28, wrapped -18, answer -64, feedback -33, hint -33, facts -34, bank -34, lines -33, keys -18, remark -33
num again fits none: out -30, stem 62, more -25, option -26, answer -17, row -12, keys -31
num again fits some: stem -39, more -22, answer -31, feedback -18, facts -28, keys -33
num asking few: out -32, passage -16, stem 31, more -24, option -45, answer -77, feedback -30, hint -15, facts 17, bank -17, lines -20, remark -12
num asking most: out 30, passage -28, more -65, option -86, wrapped -16, answer -85, feedback -16, facts -14, row -21, keys -48, remark -36
num asking none: out -43, passage -81, stem -58, more -30, wrapped -50, answer -23, feedback -13, hint -52, row -13, bank -59, lines -48, keys 27, remark -90
num asking some: passage -46, stem 20, more -48, wrapped -48, answer -39, feedback -45, hint -36, facts -25, row -77, bank -43, lines -37, keys -69, remark -49
num bare: out 13, passage -43, more 17, option -80, wrapped -16, answer 40, feedback 32, row -75, bank -26, lines -14
num under 0: out -36, passage -25, stem -15, option -54, answer -39, feedback -26, row -60, keys 71
num under 1: out -15, more -24, option 14, wrapped -15, answer -41, feedback -14, facts -16, row -60, keys 37
num-lone end asks: passage -28, more -49, answer -58, facts -19, keys -36
num-lone end bracket: out -26, more 61, option -151, answer 46, feedback -81, facts -30, row -21, keys -89
num-lone end gap: out 55, stem -55
num-lone end none: out -21, passage -12, more -13, wrapped -21, feedback -87, bank -30
num-lone end stop: out -13, passage -51, stem 45, more -28, option -19, answer -24, hint -23, facts -43, row -29
num-lone run: out -102, stem -76, more -50, option 29, answer -94, feedback -18, facts 37, row -17
num-lone words 1: passage -44, stem -170, more 31, answer -46, feedback -109, hint -21, facts -85, row 36
num-lone words 15: passage -25, more -75, feedback -82, facts -89, row -27, keys 14
num-lone words 3: out 40, passage -18, stem -30, more 18, option -40, answer 31, feedback -43, facts -69, row -90, keys -36
num-lone words 7: out -27, stem 52, more -70, option 17, answer 22, feedback 26, facts 25, row -44, bank -35, keys -57
num-lone words many: out -83, more -15, answer -56, feedback -14, facts -17, keys 56
num0 end asks: out 38, passage -16, stem -23, option -101, answer -55, feedback -17, hint -17, facts -24, row -47, bank -18, lines -17, keys -52, remark -30
num0 end bracket: out -30, passage -17, stem 37, more 23, option -111, feedback -37, facts -42, row -88, keys -26
num0 end colon: stem 24, more -59, option -18, keys -18
num0 end comma: out -29, stem -26, keys 28
num0 end gap: out -46, stem 37, more -46, option -30, wrapped -15, answer -31, row -27, lines -13, keys -20
num0 end none: out -45, passage -38, more -61, wrapped -20, feedback -28, row 13, bank -16, lines -14
num0 end stop: out 26, passage -23, stem -16, more -68, option 15, answer -109, feedback -54, hint -26, facts -56, row -73, remark -27
num0 of 1: out -19, passage -20, stem 26, more 17, option -68, wrapped -20, hint -13, facts -32, row -54, bank -34, lines -19
num0 of 2: out 21, passage -21, more 23, answer -27, feedback -26, hint -19, row 23, keys -42
num0 of 4: out 29, passage -37, stem 29, more -27, wrapped -15, answer -29, feedback -76, bank -23, lines -22, keys -59, remark -36
num0 of 8: out -70, passage -52, stem -22, more -159, option -31, wrapped -37, answer -109, feedback -59, hint -53, facts -14, row 16, bank -55, lines -53, remark -57
num0 of many: out -70, stem 13, wrapped -18, feedback -31, facts -13, keys 29
num0 run: out 14, stem 20, answer -28, facts -21, row -15, keys -41
num0 words 1: passage -16, stem -64, more 18, option 34, feedback -36, facts -49, row -95, keys 18
num0 words 15: out -29, passage -33, stem 35, more -56, wrapped -22, answer -65, feedback -29, hint -18, facts -53, row -44, bank -18, lines -17, keys -18, remark -24
num0 words 3: out 19, stem -21, wrapped -14, answer -18, feedback -15, facts 32, row -37, lines -19
num0 words 7: passage -34, more -133, option -30, wrapped -25, feedback -36, hint -30, facts -108, row 22, bank -28, lines -24, keys -19, remark -34
num0 words many: out 20, passage -21, stem 17, more -46, option -29, answer -61, feedback -26, facts -33, row -57, keys -38
num0-again end asks: out -13, stem 12, keys 15
num0-again end bracket: out -61, stem -19, more 26, option 34, answer -15, row -39
num0-again end gap: out 26, stem -35, option -19, row -15
num0-again end none: out -37, passage -33, stem 21, more -41, option -22, wrapped -18, answer -51, feedback -33, hint -33, facts -37, bank -33, lines -33, remark -33
num0-again end stop: out 39, stem -35, more -34, option 46, answer -42, feedback -18, facts -29, row -49
num0-again run: out -24, keys 13
num0-again words 1: out -136, passage -28, stem -102, option 26, wrapped -15, answer -49, feedback -29, hint -29, facts -33, row -100, bank -29, lines -28, keys 26, remark -28
num0-again words 15: out 18, stem 39, more -54, option -26, feedback -13, row -33, keys -17
num0-again words 3: out -25, stem -61, more -28, answer -25, feedback -14, facts -22, keys -14
num0-again words 7: out -41, stem 26, option -23, answer -13, row 20, keys -40
num0-again words many: out 40, stem -22, more -26, option -46, row -31
num1 end asks: out -86, stem 61, more -13, wrapped -16
num1 end bracket: out 17, stem -30, more 27, answer -30, feedback -41, row -45
num1 end colon: out -22, stem 24
num1 end none: passage -17, stem -34, more -49, option -15, answer 13, feedback 17, facts -39, row 21, bank -29, remark -35
num1 end stop: out -13, passage -18, stem 68, more -40, option -21, answer -70, feedback -79, hint -24, facts -18, row -88, bank -18, lines -13, keys -54, remark -48
num1 of 1: passage -14, more -38, answer -16, feedback -89, hint -21, facts 26, row 24, bank -13, lines -13, keys -36
num1 of 2: passage -18, more 32, option -23, answer -119, feedback -59, hint -16, row -26, bank -23, lines -18, keys 22
num1 of 4: passage -34, stem -24, more -88, option 43, wrapped -19, answer -184, hint -20, facts -41, bank -35, lines -17, keys -60, remark -49
num1 of 8: out -35, passage -15, more -64, answer 29, feedback -38, hint -16, row -110, lines -18, keys -17, remark -40
num1 run: out -86, stem 22, more -22, option 14, answer -29, feedback -16, row -51, bank -20
num1 words 1: out -66, stem -104, more 16, answer -86, feedback -62, facts -19, row -66, keys 44, remark -35
num1 words 15: more -43, wrapped -18, answer -50, feedback 14, hint -13, facts -15, bank -25, remark -33
num1 words 3: stem 18, more 15, option -16, answer 40, feedback -77, facts -18, bank -17, keys -21
num1 words 7: out 24, stem 22, more -36, option -31, answer -73, feedback -62, facts -12, row 12, lines -12, keys -44, remark -25
num1 words many: out -46, passage -17, stem 33, more -22, option -24, feedback -13, row -12, bank -15
num1-first end asks: out -62, stem 73, option -30
num1-first end bracket: stem -32, option 32, answer -21, keys -24
num1-first end gap: out -19, stem 22
num1-first end none: out 17, stem -18, more -96, option -16, answer -21, feedback -19, facts -33, row 20, bank -13, remark -20
num1-first end stop: out -86, passage -16, stem 35, more -51, option 23, answer -29, feedback -19, hint -13, facts -14, row -52, keys -69, remark -22
num1-first run: out -18, stem 20, option 19, row -25, keys -58
num1-first words 1: out -21, stem -60, more 15, option 25, answer -26, feedback -15, row -102, remark -19
num1-first words 15: more -35, option -26, row 13, remark -12
num1-first words 3: stem 14, more -64, answer -20, facts -47, row -25, keys -27
num1-first words 7: stem -28, more -49, option -15, answer -20, feedback -12, row 16, remark -12
num2 end none: passage -13, more -23, answer -60, feedback -40, facts -45, keys -30
num2 of 1: out 64, stem -23, option 15, facts -31, keys -45
num2 of 2: out -23, passage -13, stem -21, feedback -47, facts -35, row 15, keys -23
num2 of 4: more -49, option 13, answer -78, feedback -12, facts -43, row -21, keys -31
num2 words 1: out -20, stem -52, option 23, answer 26, feedback -13, row -44, keys -13
num2 words 3: out -27, stem -49, answer -39, row 13
num2 words 7: answer -41, feedback -37, facts -29, keys -19
num2-first end none: out -26, stem -34, more -30, option 13, answer -32
num2-first words 1: more -16, option 18, row -15
num2-first words 15: out -22, stem -26, option -36, row 39
num2-first words 3: out 34, more -15, option 17, answer -33, row -15
num2-first words 7: stem -19, option 17, answer -14
number end none: out -18, passage -25, stem -48, answer 12, feedback -52, facts -49, row -27, bank -29, lines -17
number words 1: out -13, passage -25, stem -43, more 14, feedback -48, facts -48, row -20, bank -29, lines -17, keys -15
number words 3: out -62, more -83, option 56, answer 20, facts -12, row -15, keys 22
other dress: out 30, passage -43, stem -88, more 56, answer 41, feedback -76, hint -29, row -45, bank -27, lines -22, keys 26
other speaker: out 167, passage 45, stem -125, more -70, option -102, wrapped -31, answer -174, feedback -168, hint -40, facts -58, row -87, bank -28, lines -20, keys -58, remark -20
pair end bracket: out 22, passage -49, stem -39, option 42, answer -84, feedback -83, facts -34, row -54, bank -15, keys -46
pair end comma: out 42, passage -39, stem -40, more -17, option -14, answer -37, feedback -24
pair end none: out -21, passage 22, stem 25, option -24, feedback -16, hint -16, facts -35, bank -19, lines -19
pair end stop: passage -76, stem -25, more -29, option 30, answer -47, feedback 19, keys 33
pair words 15: out 19, passage -99, stem 47, more -47, option -72, answer -117, facts -31, row -68, bank -20, keys 33
pair words 3: out -91, passage -35, stem -66, more 37, option 55, answer -83, feedback -58, facts -52, row 25, keys 30
pair words 7: out 20, passage 23, stem -161, option -25, answer 18, feedback -25, facts -25, bank -18, lines -14, keys -54
pair words many: out -38, passage -42, stem 32, more -25, answer -28, row -19, keys 29
phrase end bracket: out -13, passage -73, more 37, option -27, wrapped -28, answer -64, facts -39, row -28, bank -25, lines -27, keys -131
phrase end comma: out -42, passage 32, stem -25, more 28, option -49, answer -21, feedback -16
phrase end gap: stem -31, more 38, option -28
phrase end none: stem -18, more -67, wrapped 37, answer 13, feedback -57, hint -38, facts -53, row -35, bank -49, lines -25, remark -13
phrase words 15: out -85, passage -43, more 34, option -13, wrapped 23, answer 15, feedback -37, facts -21, row -37, lines -14, keys 19
phrase words 7: more -15, wrapped 15, answer -15, hint -44, facts -56, row -27, bank -65, lines -43, keys -34, remark -16
quote begins: out -68, stem -18, more -51, option -56, wrapped -24, answer -120, feedback 70, hint -62, facts 18, row -24, remark 54
quote ends: out 29, passage -44, stem -63, more -34, option 13, answer -40, hint -23, facts 27, row -111, bank -23, keys -78, remark -12
quoted: out -82, passage -93, stem 50, more -27, option -16, wrapped -54, answer -18, feedback 27, hint -83, facts 26, row 56, lines -17, keys 21, remark 41
rom-lone end bracket: stem 17, more -30, answer -42, facts -18, row -27, keys -38
rom-lone end none: passage -16, option -48, answer -43, facts -30, row -28, bank -16, keys 33
rom-lone end stop: out 72, passage -25, stem -22, option -13, answer -66, feedback -31, facts -36, keys -33
rom-lone run: out -29, stem -43, option -23, keys 29
rom-lone words 1: out 60, passage -22, stem -100, option -20, answer -24, feedback -16, facts -32
rom-lone words 15: more -29, option -26, answer -31, row -33
rom-lone words 3: out 43, passage -17, more -14, option -41, answer -32, feedback -20, facts -21, row -25, keys -49
rom-lone words 7: out -26, stem 19, keys 22
rom-lone words many: out -38, stem 16, answer -14, keys 17
rom0 end asks: out -43, stem 39, more -20, keys -12, remark -18
rom0 end bracket: out 25, stem -25, more -65, option -57, answer -21, feedback -13, row -16, keys 18
rom0 end colon: out -36, stem 36
rom0 end gap: out -17, stem 20
rom0 end none: out -15, stem 64, more -78, option -53, answer -19, facts -19, row -25, bank -12, keys 29
rom0 end stop: out -73, stem -33, more 19, option 22, answer -29, feedback -18, hint -14, facts -13, keys -84
rom0 run: stem 16
rom0 words 1: option -21, answer -25, facts -22
rom0 words 15: passage -25, stem -25, more 28, option -57, answer -28, hint -13, facts -20, bank -16, keys 29, remark -23
rom0 words 3: out 22, more -25, option 19, answer -29, facts -13, row -20, lines -14, keys -38
rom0 words 7: option -46, answer -20, feedback -17, row -15
rom0 words many: out -45, stem 53, more -16, keys -13
rom0-again end bracket: out -30, stem 41, option -32, answer -33, row -15, keys -24
rom0-again end none: out -20, stem -44, keys 66
rom0-again words 1: stem -34, keys 50
rom0-again words 3: stem -14, keys 15
rom0-again words 7: out -19, stem 30, option -18, answer -13, row -14, keys -26
rom1 end bracket: option 37, row -36
rom1 end none: option -28, row 29, keys 15
rom1 end stop: passage -13, more 23, option 17, answer -21, row -25, remark -12
rom1 words 15: out -16, more 13, option -14
rom1 words 3: out -12, stem -19, more -17, option 73, answer -16, row -72
rom1 words 7: out -48, passage -14, stem 21, option -36, answer -20, row 34
rom1-first end bracket: out -15, more -15, option 29, answer -17, row -28
rom1-first end none: out 27, stem -35, more -35, answer -17, facts -28, row 15
rom1-first end stop: out -28, stem -22, option 15, answer -27, feedback -18, row -13, keys 17
rom1-first words 15: more 30, option -17
rom1-first words 3: stem -42, more -43, option 50, answer -26, facts -30, row -43
rom1-first words many: out -17, stem -16, answer -18, feedback -13, keys 18
rule end gap: out -40, passage -15, option -20, answer -31, feedback -14, facts -28, bank -13, lines 41
rule end none: out 39, passage -37, stem -46, more -62, option -45, feedback -50, facts -73, bank -22, lines -108, keys -71
rule words 1: out 26, passage -42, stem -39, option -45, answer -106, feedback -58, facts -74, row 14, bank -27, lines 26, keys -63
rule words 15: out 65, stem -35, more -25, answer -34, row -62
run: out -27, passage -70, more -65, option 55, feedback -44, hint -25, row -103, lines -22, remark -29
run before: passage -85, stem 24, more -169, option -89, wrapped -62, answer 39, feedback 68, hint -45, row -42, lines -23, keys 22, remark -48
run behind: out -30, passage -24, stem 50, more 46, option -47, wrapped -28, feedback -22, hint -26, facts -43, row -22, bank -41, lines -24, remark -25
run from the first: out -115, passage -59, stem 24, more -64, option 54, answer -13, feedback -36, hint -20, row -117, lines -20, remark -21
run from the start: out 13, passage -33, stem -173, more -50, option 95, answer -46, feedback -37, hint -12, facts 35, row -70, bank -50, lines -17, keys 14, remark -26
run of 2: passage -32, stem -21, more -51, option 17, answer 29, feedback -32, facts -87, row -57, bank -24, keys 29, remark -24
run of 3: out -28, passage -22, more -64, option 25, answer -53, feedback -20, facts -23, row -75
run of 4: out -54, passage -48, stem 28, more -35, option 48, answer -56, feedback -40, facts 15, row -78, bank -30, lines -12, keys -44, remark -16
run of 5: out -21, stem -32, more -19, option 58, answer 30, bank -13, keys -27
second: out 23, passage -48, more -15, option -33, answer -56, feedback -75, hint -21, facts -13, bank -42, lines -26, keys -24, remark -22
section end bracket: out 119, stem -220, more -25, option -18, answer -28, feedback -33, facts -72, row -20, bank -24, keys -44, remark -17
section end none: passage -36, stem 16, more -16, option -18, answer -91, feedback -33, row -33
section end stop: out -24, stem 29
section words 15: more -16, answer -18, feedback -23, facts -15, row -16, keys -36
section words 3: out 29, passage -36, stem -91, more -15, option -24, answer -96, feedback -12, row -20, keys -36
section words 7: stem 16, more -43, answer -41, feedback -36, facts -61, bank -16, keys 30
sentence end stop: wrapped -31, answer -28, feedback -15, hint -62, facts -65, row -42, bank -44, lines -43, keys -21
sentence words 15: passage -36, stem 23, option 13, wrapped -31, hint -56, facts -51, row -32, bank -30, lines -24, keys -28
sentence words many: out 26, passage 16, stem -54, more -26, option -45, answer -112, feedback -30, facts -30, row -19, bank -18, lines -26, remark -16
series answer: out 31, stem 75, option -48, answer -18, feedback -33, facts 41, row -50
series facts: out -63, passage -24, stem -66, option -92, wrapped -29, feedback -46, facts 96, row -39, bank -28, lines -19, remark -15
series keys: out -16, passage -45, stem -28, more -67, wrapped -20, hint -35, facts -62, row -96, bank -36, lines -35, keys 20, remark -42
series more: out 24, passage -21, more 12, answer -58, feedback -34, facts -45, row -12, lines -32, keys -48, remark -14
series option: passage -56, stem -91, more -73, option 34, wrapped -103, answer -35, feedback -119, hint -57, facts -70, bank -50, lines -52, keys -64, remark -58
series out: out 74, passage -34, stem -38, more -34, option -15, answer -13, feedback -58, bank -29, keys -110, remark -21
series row: passage -15, stem -53, more -64, option 14, answer -46, feedback -13, facts -48, keys 47
series stem: out -61, passage -82, stem 120, more -74, option -53, wrapped -73, answer -100, feedback -90, hint -49, facts -107, row -32, bank -60, lines -46, keys -89, remark -104
short asks capital: out 25, passage -19, more -48, feedback -80, hint -12, facts -67, bank -51, keys 25, remark -21
short asks label: out -21, passage -58, stem -58, more -19, answer 57, feedback -29, facts 32, row -106, keys -84, remark -39
short asks small: stem 21, more -63, answer -14, feedback -60, facts 36, row -114, bank -19, keys -83
short bracket capital: passage -64, stem 17, more -93, hint -47, facts 25, lines 53, keys -51, remark -32
short bracket label: stem 17, more -125, answer -68, feedback -88, row -13, bank -26, lines -13, keys 16, remark -30
short bracket small: out 25, passage -15, stem -19, more -82, answer -12, facts -29, row -49, bank -25, keys -29, remark -15
short colon capital: out 47, passage -34, stem -56, more -68, option -31, feedback -25, facts -20, row -16, keys 44
short colon label: out -21, stem -54, more -31, answer -103, feedback -28, facts -12, row 15, keys -30, remark 16
short colon small: out -50, passage -18, stem -74, option 15, answer -78, feedback -40, facts -12, row 15, bank -20
short comma capital: more 36, answer -32
short comma label: out 15
short comma small: out 13, passage 31, stem -40, option -29, wrapped -12, feedback -17, keys -25
short deeper capital: out -23, passage -47, stem 46, more -83, option 31, wrapped -23, hint -44, facts -39, row -32, bank -48, lines 19, keys -79, remark 26
short deeper label: out -68, passage -12, stem -13, more -75, option -29, wrapped -32, answer 23, facts -58, row 35, lines -20, keys 35, remark 14
short deeper small: out 20, passage -44, stem -16, more -33, option -43, answer -38, feedback 30, hint -13, facts -16, row 45, bank -17, lines -21, keys -28, remark -20
short end bracket: passage -37, stem 19, more 37, option -41, wrapped -26, answer -23, facts -81, row -14, keys -44
short end comma: out 36, passage -39, stem -28, answer -32, facts -23
short end gap: out -36, stem 36, more 43, option -59
short end none: stem -60, more -17, wrapped 20, answer 20, feedback -64, facts -16, row -85, bank -35, lines -32, keys -38
short end stop: out -24, stem 47, more -12, option -37, wrapped 16, answer -38, hint -42, facts -76, row -14, lines -17, keys 14, remark -27
short gap capital: out -21, passage -20, stem -61, more -35, answer 50, feedback -21, facts 34, row -20, bank 15, lines 14, keys 32
short gap label: out -56, option 53, answer -44, feedback -18, hint -16, row -31, bank -14, lines -13, keys -29, remark -25
short gap small: passage -17, stem -75, option 16, feedback -62, facts 31, row -32, keys -30
short none capital: out -19, passage 38, more -125, wrapped -128, answer -25, feedback 26, hint 16, facts -23, row 13, bank -31, keys -39, remark 21
short none label: out -26, passage -14, stem -26, more -142, wrapped -86, answer -30, feedback 21, hint -41, facts -51, row -13, bank -41, lines -35, remark -113
short none small: out -65, passage -94, more -15, option -39, wrapped -54, answer -41, hint -51, facts -14, bank -50, lines -40, remark -58
short out capital: stem -41, more -101, option -32, wrapped -30, answer 18, hint -73, row -28, bank 17, lines 46, keys -66, remark 33
short out label: out -41, passage -30, more -85, wrapped -22, answer 21, feedback -56, hint -16, facts -15, row 16, bank -26, lines -23, remark -56
short out small: out -17, passage -14, stem 60, more -29, option -86, wrapped -45, answer 31, feedback 29, facts 17, bank -17, keys 41, remark -22
short same capital: out -19, stem -24, more -57, wrapped -126, answer -15, feedback 19, hint 18, row 12, bank -54, keys 26, remark -36
short same label: out -17, passage -43, stem -46, more -24, wrapped -68, hint -55, facts -43, row -42, bank -57, lines -47, keys -30, remark -33
short same small: out -55, passage -57, stem -23, more -55, option 13, wrapped -125, answer -30, feedback -29, hint -52, row -14, bank -55, lines -45, keys -38, remark -72
short stop capital: out -29, passage -14, stem -29, option -13, wrapped -28, answer 58, feedback -25, facts 15, row -56, bank -55, lines 20, remark -62
short stop label: out -54, passage -52, more 42, option 27, wrapped -21, answer -50, feedback -46, hint -45, facts -43, row -60, bank -31, lines -50, keys -31, remark 28
short stop small: out 26, passage -52, stem 17, more -82, wrapped -27, feedback -48, row 16, lines -13, remark -53
short words 1: out -32, passage -21, more 28, option -50, wrapped 27, answer 26, hint -19, facts -111, row -20, bank -19, lines -19, keys -26
short words 3: out 17, more -16, option 35, answer -62, hint -34, facts -12, row -34, bank -35, lines -41, keys -18, remark -31
short-sentence end stop: passage -13, facts -55, row -45, bank -56, lines -38
short-sentence words 15: out 31, passage 42, stem -28, more -15, option 15, feedback -18, hint -60, facts -33, row -18, bank -22, keys -20, remark -62
short-sentence words 7: out -25, passage -29, facts -32, row -50, bank -40, lines -30, remark 21
slanted: stem -106, more -44, option -43, wrapped -23, answer -108, hint -46, row -61, bank -17, lines -32, keys -36, remark -43
speaker changes: out 38, passage 51, stem 19, more -84, option -35, wrapped -21, answer -126, feedback -98, hint -41, facts -52, row -46, bank -28, lines -31, remark -22
table-down end none: out -68, stem -40, answer -31, feedback -26, facts -18, keys 76
table-down words 15: out -27, keys 27
table-down words 7: out -45, stem -37, answer -26, feedback -26, facts -15, keys 62
table-pairs end none: out -18, passage -56, stem -91, more -41, option -49, answer -51, feedback 17, hint -16, facts -53, row 13, bank -45, lines -23, remark -12
table-pairs words 15: out -15, passage -16, stem -39, more -28, option -28, answer -30, facts -23, row 72, lines -13, keys -72
table-pairs words 7: passage -40, stem -72, more -16, option -32, answer -65, feedback -44, hint -13, facts -42, row -13, bank -36
table-pairs words many: out -48, answer -20, feedback 27, facts -20, row -36, keys 43
table-ticks end none: passage -18, stem -68, more -22, option -37, answer -29, facts -36, row 39, keys -39
table-ticks words 15: out -79, passage -14, stem -62, more -18, option -22, answer -16, facts -17, row 70, keys -21
table-ticks words 7: out -66, stem -12, option -47, answer -15, facts -22, row 55, keys -19
table-ticks words many: out -26, row 30
table-wide end none: passage -25, stem -56, option -38, answer -63, feedback -47, row -31, bank -18, remark -19
table-wide words 15: out -40, passage -20, stem -53, option -35, answer -63, feedback -38, facts 23, row -30, bank -13, keys 15, remark -19
table-wide words many: out 56, stem -28, answer -39, feedback -38, facts -41, keys -40
text end bracket: out -40, passage -53, stem 68, more 27, option -55, wrapped -14, answer -85, feedback -96, facts -17, row -27, bank -20, keys -36
text end comma: passage 28, stem -54, more -81, wrapped -26, answer 42, feedback -34, hint -17, keys -28
text end none: out 15, passage 21, stem -17, more -21, feedback 16, hint -21, facts -73, row -38, bank -29, lines -34, remark -20
text words 15: passage 24, hint -39, facts -46, row -35, bank -37, lines -30, keys -21, remark -22
text words many: stem 22, more -48, option -46, facts -41, row -19, bank -13, lines -16, keys 29
ticked end none: passage -14, stem -47, more -34, answer 15, feedback -47, facts -30, row -27, keys -43
ticked words 1: out -113, more -31, answer 30, feedback -19, facts -13, keys -36
ticked words 3: out -64, stem -18, option 31, facts -26, row -24
ticked words 7: out 35, passage -12, stem -28, answer -84, feedback -31, hint -16, facts -14, row -22
truth end none: out -20, passage -30, stem -32, wrapped -15, feedback -42, facts -49, row -24, bank -32, lines -22, keys -60
truth words 1: out -14, passage -30, stem -29, wrapped -15, feedback -42, facts -47, row -24, bank -32, lines -22, keys -52
was answer: out -22, passage -77, stem -56, more -16, wrapped -28, answer 12, feedback -68, hint -92, facts -28, row -44, lines -78, keys -21, remark -72
was answer answer answer: out -57, passage -17, stem -47, more -19, option 38, feedback -87, facts -19, row -17
was answer answer edge: out 14, stem -28, option -37, feedback -82
was answer answer facts: out -93, passage -47, stem -60, more -43, option -29, wrapped -16, answer 17, feedback -88, hint -21, facts 32, keys -97, remark -12
was answer answer out: out -26, passage -14, stem -74, option -16, answer 20, feedback 13, facts -28, bank -30, lines -12, keys -68
was answer answer stem: out -40, passage -46, stem -55, more -52, option 14, wrapped -28, answer 72, feedback -144, facts -56, keys -88, remark -16
was answer facts edge: out -109, stem -17, answer 18, feedback -14, keys -111
was answer facts facts: stem -14, answer 15, feedback -20, facts -26, keys 44
was answer facts feedback: out -34, option -32, answer -34, feedback -32, facts 35, keys -37
was answer facts out: out -24, stem -16, answer -86, facts 29, keys 24
was answer facts stem: out -46, option -25, feedback -37
was answer feedback edge: out -43, stem -55, more -26, option -16, answer 20, keys -18
was answer feedback facts: out -97, passage -33, stem 24, option -40, answer -120, feedback 53, facts -47, row -16, keys -23, remark -42
was answer feedback feedback: out 41, stem -13, answer -98, feedback -31, keys -18, remark -29
was answer feedback out: option -38, answer -134, hint -16, facts -20, keys -99, remark -30
was answer feedback stem: out -34, passage -25, stem -42, option 46, feedback 16, hint -81, facts -35, row -15, keys -44, remark -32
was answer keys keys: out -41, stem -46, answer -26, feedback -30, facts -20, keys 59
was answer option option: out 19, option -63, wrapped 27, answer -23, row -12, keys 28, remark -22
was answer out edge: out 28, passage -43, stem -26, answer -64, facts -60, row -26
was answer out facts: out 42, passage -34, stem -53, option -58, answer -104, feedback -69, row -17, keys -43
was answer out out: out 32, stem -12, more 17, option -36, answer -55, feedback -15, facts -67, row -58, bank -16, lines -19, keys -151, remark -18
was answer out stem: out 68, passage -40, stem -27, option -46, answer -44, hint -70, facts -57, row -73, bank -19, keys -99
was answer stem answer: out -41, stem 69, more -47, option -31, answer -76, feedback -20, facts -58, row -19, keys -41, remark -49
was answer stem edge: out -53, stem 62, feedback -15, keys -16, remark -26
was answer stem facts: out -34, passage -17, option -25, feedback -51, facts 31, keys -37
was answer stem feedback: out -26, answer -36, feedback -14, hint 16
was answer stem lines: out -19, stem 27, feedback -19
was answer stem more: out -34, passage -14, more -24, option -16, answer -59, feedback 40, facts -52, row -15, keys -78, remark -14
was answer stem option: out -83, stem 21, option -28, answer -84, hint -20, facts -25, keys -40, remark 28
was answer stem out: out 58, stem -29, option -12, answer -99, feedback -53, facts -22, keys -67, remark -12
was answer stem row: out -75, stem 56, answer -30, feedback -17, facts -15, row -17
was answer stem stem: passage -16, option -45, answer -77, facts -22, row -15, keys -30, remark -20
was bank: out -44, stem -28, more -33, option -23, answer -64, feedback -54, row -35, bank 53, keys -37
was bank answer facts: answer 24, keys -19
was bank answer stem: out 25, answer -20, facts -19, keys -17
was before answer: out -50, passage -89, stem -18, more -36, option -56, wrapped -16, hint -17, row -83, bank -94, lines -58, keys -50
was before bank: out 23, passage -35, stem -14, option -71, answer 16, feedback -33, facts -34, bank -13, keys -50
was before edge: out 32, passage -76, stem -15, facts -16, bank -41, keys -65
was before facts: out -14, passage -74, stem 76, more -137, option -101, wrapped -15, answer -78, hint -77, facts 17, row -145, bank -58, lines -56, remark -96
was before feedback: passage -86, more -42, option -49, wrapped -28, feedback 31, hint 18, facts -13, row -74, bank -34, lines -36, keys -26, remark -52
was before keys: out -30, passage -87, stem -15, more -122, wrapped -45, answer -58, feedback -42, hint -45, facts -26, bank -49, lines -35
was before lines: passage -29, more -53, option -56, answer -20, feedback -30, hint -26, facts -40, row -27, bank -30, lines 20, remark -34
was before more: out -20, passage -18, more 21, option 12, hint -62, facts -25, row -35, bank 21, keys -35, remark -67
was before option: out -44, passage -90, stem -27, more -22, option -14, wrapped -28, feedback -40, hint -15, facts -27, bank -94, lines -45, keys -27, remark -30
was before out: out -14, passage 17, more 56, option -26, wrapped -39, answer -62, feedback -19, hint -67, row -21, bank -43, lines -72, remark -87
was before passage: out -23, passage 59, stem -47, option -35, wrapped -27, answer -32, feedback -81, hint -35, facts -32, bank -36, lines -25, keys -14, remark -31
was before row: out -20, passage 20, stem 14, more -32, option 19, wrapped -18, answer 38, feedback -76, hint -39, facts -36, bank -39, lines -33, keys -37, remark -30
was before stem: out -52, passage -37, stem -54, option 12, wrapped -49, hint -72, row -18, lines -13, remark -30
was before wrapped: out -53, passage -57, stem -104, more -16, option 56, wrapped 26, answer 21, feedback -68, row -70, lines -17, keys 22, remark -25
was behind answer: out -54, passage -21, stem 28, more 33, wrapped -23, answer -55, feedback -62, hint -13, facts -53, lines 22, keys -42, remark -72
was behind bank: out -62, passage -38, stem 20, more 41, option -25, answer -35, feedback -31, lines -17, keys -24
was behind edge: out 24, passage -37, stem -15, option -29, wrapped -38, feedback -13, hint -33, facts -31, row -37, bank -22, lines -36, remark -20
was behind facts: stem -18, more -54, option -29, wrapped -75, hint -82, facts 32, bank -22, lines -16, keys -24, remark -39
was behind feedback: out -13, passage 24, stem -60, more 14, option -41, wrapped -32, answer 40, feedback -56, hint 13, facts 20, row -61, bank -31, lines -13, keys -58, remark -39
was behind keys: out -13, passage -66, stem 42, more -15, wrapped -56, answer -48, hint -48, facts -81, row 18, bank -21, lines -44, keys -34, remark -18
was behind lines: out -54, passage -14, stem 60, option -61, answer -70, feedback -64, hint -15, facts -29, row -18, lines 26
was behind more: out -32, passage 50, stem -48, option 14, answer -42, feedback 32, facts -53, row -63, keys 32, remark -42
was behind option: out -25, passage -26, stem 15, option -27, answer -54, feedback -84, hint -77, facts -81, bank -72, lines -68
was behind out: stem -20, more -56, wrapped -69, feedback 15, hint -102, row -25, bank -31, remark -31
was behind passage: out 30, stem -23, more -53, wrapped -35, feedback -65, hint -44, facts -55, row -22, bank -38, lines -35, keys -27, remark -27
was behind row: out -31, more -16, answer -97, feedback -82, hint -48, facts -26, bank -58, lines -59, remark -28
was behind stem: passage -27, stem -51, more -33, option -20, wrapped -16, answer 13, facts 13, row 23, bank -24, lines -24, keys -79, remark -37
was behind wrapped: out -25, stem 23, more -41, option -27, wrapped -12, answer -31, feedback 29, row -35, keys 19, remark -40
was edge facts stem: out 15, stem -77
was edge out facts: out -19, passage -51, stem -117, facts 34, bank -18, keys -32
was edge out out: out 42, passage -46, stem -28, facts -22, bank -33, keys -58
was edge out passage: out 51, passage -32, stem -49, facts -16
was edge out stem: out 35, passage -48, facts -80
was edge stem answer: out -33, stem 33
was edge stem more: out -61, stem 62
was edge stem option: out 20, stem -19
was edge stem stem: out -44, stem 44
was facts: out -20, passage -85, stem -13, more -91, option -93, wrapped -47, answer -13, feedback -88, hint -48, facts 43, row -104, bank -55, lines -64, keys -40, remark -20
was facts facts facts: stem 19, answer -23, facts -38, keys 49
was facts facts feedback: stem -40, answer -13, facts -20, keys 41
was facts facts keys: out -12, facts 62, keys -46
was facts facts out: stem -64, feedback -16, row -17, keys -48
was facts facts stem: passage -16, stem -74, option -15, answer -71, feedback -34, row -26, keys -39
was facts feedback facts: out -117, passage -30, facts -37, keys 37, remark -43
was facts feedback feedback: out -20, stem -13, feedback 17, facts -22, keys -32
was facts feedback out: out -96, stem -31, feedback 97, keys -45, remark -21
was facts feedback stem: out -57, feedback 71, facts -13
was facts keys keys: out -34, stem -20, answer -14, keys 23
was facts option option: out -63, stem 59, more -29, option -55, feedback -30, facts -39, remark -13
was facts out edge: out -32, passage -18, stem -70, answer 48, feedback -80, facts 41, keys -73
was facts out facts: passage -45, stem 35, more -22, option -55, answer -68, feedback -79, facts -46, keys -75
was facts out keys: out 21, stem -21, keys -15
was facts out out: out -12, passage -32, more -26, answer -78, feedback -49, facts 29, row -15, lines -16, keys -56
was facts out stem: out -63, passage -15, stem -30, more -27, option -23, answer 28, feedback 12, hint -21, facts 13, row -30, bank -12, keys -70
was facts stem answer: out -49, stem 82, more -125, option -58, answer -29, feedback -50, facts -14, row -36, keys -25
was facts stem edge: out 17, more -20, answer -42, feedback -52, keys -50
was facts stem facts: out 27, passage -88, stem 19, more -48, option -51, answer 34, feedback -142, hint -20, facts -78, row -53, bank -15, remark -36
was facts stem keys: out -42, stem 45, feedback -33, keys -14
was facts stem lines: out -16, stem 56, more -25, feedback -28, row -14
was facts stem more: out -48, passage -13, stem 96, more -93, feedback -55, facts -34, keys -15
was facts stem option: out -25, stem 50, more -46, option -86, answer -27, feedback -76, facts -14, row -18, keys -16, remark -19
was facts stem out: passage -12, stem 38, more -60, option -24, answer -30, feedback -56, facts -27, row -47, keys -44, remark -18
was facts stem row: out 23, more -54, feedback -43, row -24, keys -42
was facts stem stem: out 46, passage -81, stem -66, more -22, answer -45, feedback -92, hint -14, facts 33, row -30
was feedback: out -19, stem -36, more -73, wrapped -53, answer -15, hint -22, facts -68, row -60, bank -51, lines -26, keys -16, remark -24
was feedback facts facts: out -51, stem -19, answer -64, facts 70
was feedback facts out: out 26, passage -15, stem -18, answer -47, facts -22, row -14
was feedback facts stem: out -102, passage -13, stem -54, answer 63, feedback -15, row -17, keys -15
was feedback feedback facts: out -59, passage -17, stem -24, answer -69, feedback 96
was feedback feedback out: out -30, passage -12, stem -39, option -26, answer -93, feedback 34, keys -14
was feedback feedback stem: passage -24, stem -21, more -28, option -20, answer -82, feedback -19, hint 20, keys 20
was feedback out edge: passage -25, stem -63, answer -57, feedback 28, facts -27, row -15, keys -46
was feedback out facts: out 53, answer -23
was feedback out keys: out 30, stem -21
was feedback out out: out 16, passage -55, answer -81, feedback -56, facts -62, row -32, lines -13, keys -21
was feedback out stem: passage -32, stem -35, option -37, feedback -22, facts 22, keys -28
was feedback stem answer: out -28, stem 38, option -38, answer -54
was feedback stem more: out -31, stem -31, answer -31, feedback 23, facts 19, keys -38
was feedback stem option: out -29, stem 31, option -13
was feedback stem out: out -58, stem 60, answer -19, feedback -13
was feedback stem stem: stem -20, option -13, answer -49, feedback 31, row -19, keys -13
was keys: out -27, passage -58, stem -15, more -124, option 17, wrapped -53, answer -18, feedback -33, hint -50, facts -34, bank -62, lines -47, keys -20
was keys keys answer: out -50, stem -30, answer -40, feedback -25, row 36, keys -15
was keys keys edge: passage -22, stem -21, more -27, option -44, answer -129, feedback -99, facts -22, row -36, keys 13
was keys keys keys: passage -39, stem -28, more -51, wrapped -41, answer -87, feedback 14, hint -31, facts -85, row 13, bank -30, lines -30, keys -14
was keys keys out: out -32, passage -30, stem 18, more -60, wrapped -20, answer 21, feedback -111, hint -23, facts -45, row -34, bank -13, keys 13, remark -32
was keys keys stem: stem 21, more -13, option 18, answer -51, feedback -39, facts -21, row -27, keys -27
was keys out edge: out -18, passage -22, stem 20, answer -127, feedback -95, bank -16
was keys out keys: stem 12, answer -25, row -26
was keys out out: passage -30, more -18, option -27, answer -124, feedback -100, facts -33, row -16, bank -14
was keys out stem: out -37, passage -40, stem -111, option -40, answer -67, feedback -57, facts 71, row -33, bank -18, keys -115
was lines: out -53, passage -13, more -14, answer -25, feedback -14, facts -27, bank -12, lines 38
was lines answer answer: out -16, answer 57, keys -33
was lines answer out: out -23, stem -27, keys 16
was lines answer stem: out -15, answer 39
was lines facts stem: facts 18
was lines lines facts: lines 16
was lines lines out: out -24, lines 29
was lines lines stem: out -24, lines 26
was lines out keys: out 23, stem -19
was lines out stem: out 57, passage -19, stem -25, more -15, answer -49, feedback -16, hint -15, facts -25, keys -34
was lines stem answer: out -26, stem 32
was lines stem more: out -27, stem 46, keys -13
was lines stem option: stem 24, more -19
was lines stem stem: out -52, stem 58, remark -28
was more: passage 33, stem -30, more 29, hint -30, facts -42, row -82, bank -25, keys -29, remark -58
was more answer answer: out 41, stem -18, more -52, option -49, row -16, bank -23, keys -42
was more answer edge: out -34, stem -30, more -16, option -13, answer 59, keys -46
was more answer facts: out -35, stem -16, more -23, option -49, answer 111, facts -32, bank -28, keys -65
was more answer feedback: out -39, stem -14, more -33, option 23, answer -14, keys -32
was more answer out: out -73, stem 22, more -40, option -66, answer 61, feedback -37, facts -19, bank -44, keys -58
was more answer stem: out -14, passage -35, stem -62, more 39, option -50, feedback -79, row -25, lines -14
was more bank answer: out -26, stem -19, more -21, option -15, answer -23, feedback -25, row -16, bank 27, keys -16
was more bank stem: out -14, more -29, answer -35, feedback -25, bank 19
was more facts facts: answer -36, facts 54
was more facts out: out -39, answer -28, facts 73
was more facts stem: out -66, stem 31, option -19, answer -29, facts 13, keys -16
was more keys keys: out -22, stem -65, option 29, answer -65, row -37, keys 13
was more lines answer: more -12, lines 17
was more lines lines: out -16, more -33, lines 28
was more lines stem: out -41, more -27, lines 49
was more more answer: out -32, stem -58, more 17, option 26, answer -24, feedback -31, lines -24
was more more bank: out -15, stem -43, more 49
was more more facts: out -14, stem -18, more 15, answer -17, feedback -35
was more more lines: more 29, feedback -20
was more more more: out -58, passage 20, stem -24, option 19, wrapped -33, answer -54, facts -20, row -29, bank -23, lines -26, keys -43
was more more option: out -48, passage 21, stem 13, option -23, wrapped -54, answer -77, feedback -69, row -12, lines -20, keys 18
was more more out: stem -89, more 44, option -50, answer -67, feedback -28, keys -24
was more more stem: out -102, passage -48, stem -53, wrapped 22, answer 22, feedback -43, facts -26, row -24, bank -17, keys -15
was more option answer: out 42, stem -72, more -12, option -63, answer 26, row -22, keys -29
was more option option: out -16, stem -24, more -54, option 23, answer -86, feedback -46, hint -12, keys -15, remark -42
was more option stem: out 13, passage -52, stem 34, more -72, option -24, answer -39, feedback -16, row -52, keys -38
was more option wrapped: stem 27, more -36, option -21, row -13
was more out edge: out 70, passage -36, stem -37, option -20, answer -50, feedback -39, keys -42
was more out facts: out 94, passage -53, stem -54, more -34, option -47, answer -60, facts -61, row -22, bank -28, lines -16, keys -36
was more out keys: out 21, stem -47, more -13, option -21, answer -20, feedback -14, facts -12, bank -12
was more out out: out -32, stem -51, more -27, option 68, answer -24, facts -29, row -19, bank -24, keys -40
was more out stem: out 23, passage -18, stem -137, more -86, option -91, feedback 21, hint -24, facts -80, row -52, bank -43, lines -20, keys -113
was more row row: out -69, more -47, row 30, keys -23
was more stem answer: out -62, stem 80, more -31, option -38
was more stem keys: out -62, stem 81, option -29
was more stem more: out 21, passage -16, stem 28, more -98, option -66, answer -18, feedback -12, facts -19, row -13, bank -18
was more stem option: out -59, more -56, option 25
was more stem out: out -77, stem 85, more -24, answer -31, keys -31
was more stem row: out -46, stem -28, option 45, row -52, keys -41
was more stem stem: out -73, passage -12, stem 78, more -27, option -40, answer -33, keys -21
was option: out -24, passage -75, more -46, option -20, wrapped -46, answer -12, feedback -63, hint -14, facts -74, bank -63, lines -66, keys -28, remark -15
was option answer answer: out 32, stem -60, option 19, wrapped -21, answer -66, feedback -13, facts 55, row -23, keys -82
was option answer edge: stem -26, more -12, option -30, wrapped -15, feedback -113, keys 31
was option answer facts: out 20, passage -51, stem -47, option 18, wrapped -35, answer 22, facts -81, row -42, bank -51, keys -94
was option answer feedback: stem -32, option -26, wrapped -18, answer 48, feedback -83, facts -42, row -14, bank -14, keys -75
was option answer option: out -29, stem -25, wrapped -28, answer 29, keys -40
was option answer out: passage -46, stem -14, option 31, wrapped -58, answer 17, feedback -74, facts -51, row -19, bank -16, keys -42
was option answer stem: passage -42, stem -13, more -75, option -45, wrapped 13, feedback 25, hint -38, facts -65, row 33, bank -75, remark -21
was option facts edge: out -17, option -16, answer -16, facts 20, keys -26
was option facts facts: option -15, answer -26, facts 75
was option facts feedback: answer 46, facts -45
was option facts keys: out -16, option -18, facts 30, keys -14
was option facts out: out -44, stem 20, option -26, answer -76, facts 12, keys -58
was option facts stem: passage -12, stem -32, option -53, wrapped -42, answer -71, hint -15, facts 49, row -21, lines -16, keys -58
was option feedback facts: out 16, passage -55, stem -64, option -82, answer 14, feedback -26, hint -37, keys -29, remark 17
was option feedback feedback: out 54, passage -31, stem -16, option -79, wrapped -25, answer -59, hint -17, facts -18, remark -35
was option feedback out: out -55, passage -17, stem -47, option 30, answer 15, feedback -21, keys -34, remark -22
was option feedback stem: out -35, passage -43, stem -75, option -107, answer 41, hint -76, row -13, keys -51, remark 15
was option keys keys: stem -109, option -13, row -28, remark -18
was option option answer: out -20, stem -93, more -50, option 17, answer 19, feedback -21, facts -33, keys -50, remark -37
was option option edge: stem 13, more -21, option 39, answer -31, feedback -43, row -50, keys -65, remark -14
was option option facts: out -90, passage -33, more -14, option 58, wrapped -47, answer -43, feedback -115, facts -58, keys -55, remark -28
was option option feedback: out -88, stem -40, option 23, wrapped -22, feedback -41, facts -38, row -32, keys -56, remark -14
was option option keys: stem 28, option -24, answer -83, feedback -22, row 44, keys -39, remark -14
was option option option: out 25, passage -52, more 23, option -28, wrapped -122, answer -28, feedback -59, hint -52, facts -46, bank -30, lines -29, keys 16, remark -13
was option option out: out -18, passage -14, more -40, option 15, wrapped -47, answer -85, feedback -34, hint -13, facts -23, keys 32, remark 20
was option option stem: out -51, passage -37, more -76, option 36, wrapped -63, answer -30, hint 14, facts -51, bank -18, lines -20, keys -91, remark -17
was option option wrapped: out -24, stem -22, wrapped -12, answer -31, feedback 29, row -26, keys 19, remark -39
was option out edge: out 48, stem -57, option -41, answer -12, feedback -61, facts -39, row -24, keys -71
was option out facts: out 34, passage -38, stem -36, option -40, answer -93, feedback -66, facts 28, row -14, keys -48
was option out keys: out -48, stem 31, answer 36, facts -14, keys -19
was option out out: passage 32, stem -18, more -49, option -82, answer 22, feedback -115, facts -72, row -35, bank -15, lines -12, keys -142
was option out stem: out -15, passage -113, more -27, option -71, wrapped -30, answer 16, feedback -63, hint 16, facts -56, bank -32, remark -26
was option stem answer: stem 20, more -12, option -118, answer -87, row -35, keys -66
was option stem edge: option -18, answer -13, keys 19
was option stem facts: out -32, passage -14, stem -14, option -39, feedback 38, facts 12, row -45, keys -37
was option stem keys: out -93, stem 35, option -17, keys -17
was option stem lines: out -33, stem 57, option -18
was option stem more: out 24, more -60, answer -61, feedback -52, facts -31, row -50, lines -21
was option stem option: out 26, more -28, wrapped -37, answer -49, feedback -33, facts 20, row -36, bank -16, keys -24, remark -39
was option stem out: out -64, passage -17, option -37, answer -37, feedback -40, facts -49, row -29, keys 60
was option stem row: out -46, option -12
was option stem stem: passage -30, stem -41, wrapped -31, hint -26, facts -38, row -26, bank -15, lines -13, remark -42
was option wrapped option: out -19, stem -25, more -15, option -59, wrapped 54, answer -51, feedback -20, row -22, keys 23
was option wrapped stem: out -33, option -12, wrapped 13, answer -46, feedback 17, keys -21
was out: out -17, passage -19, stem -16, more -25, wrapped -65, answer 19, hint -35, facts 17, lines -33, keys -45, remark -76
was out answer edge: answer 42, keys -41
was out answer out: out 42, stem -26, more -46, option -37, answer -35, feedback -30, keys 21
was out answer stem: passage -20, stem -25, more -60, option -44, answer 48, feedback -55, keys -15
was out facts facts: out 43, stem -42, answer -28, facts -41
was out facts out: out 22, stem -41, facts -15
was out facts stem: passage -28, stem -39, more -15, option -18, answer -78, facts 34, row -26, bank -14, keys -24
was out keys edge: out -59, stem -26, keys 63
was out keys keys: out -53, stem 33, option 22, answer -35, facts -17, row -16
was out keys out: out -43, stem 15, option -26, answer -16, row -20
was out option option: out 41, more -35, option -49, answer -22, row -49
was out out answer: out -62, passage -30, stem 32, more 49, option -58, feedback -27, facts -56, row -28, bank -35, keys -36, remark -13
was out out edge: passage -44, option -55, answer -44, feedback -174, facts -61, row -62, keys 14, remark -16
was out out facts: out -15, stem -97, more -61, option -64, feedback -68, facts 34, row -53, bank 21, lines -19, keys -94
was out out keys: out 39, stem 27, option -18, answer -30, facts -20, keys -67
was out out option: out -107, passage -26, stem 39, more 55, option 17, answer -56, facts -41, row -35, keys -52
was out out out: stem -25, more -58, option 15, wrapped -22, answer -58, facts -30, bank -81, lines -47, remark -41
was out out passage: out 96, passage -61, stem -63, more -32, option -16, answer -81, feedback -22, facts -15, row -36, keys -94
was out out row: out -62, stem 40, answer -32, facts -22, row 13, lines -12
was out out stem: out -29, feedback -152, hint -50, facts -78, row -43, bank -60, lines -15, keys 17, remark -14
was out passage facts: out -41, passage 45, stem -38
was out passage passage: passage 21, stem -48, more -19, option -35, answer -24, feedback -17, facts -24, keys -17, remark -15
was out passage stem: out -25, more -56, option -36, answer -33, feedback 30, facts -15, row -27
was out row row: out -21, passage -12, more -40, option -39
was out stem answer: out -100, stem 13, more 35, option -45, answer -24, feedback -31, facts -33, row -28, keys -90, remark -14
was out stem edge: out 15, more -51, answer -50, keys -24
was out stem facts: out 36, passage -33, more -33, option -50, answer -81, feedback -43, facts -35, row -52, keys -24
was out stem feedback: out 16, stem -14, answer -14, feedback -17, keys -14
was out stem keys: passage -20, stem -14, more -21, option -13, row -22
was out stem lines: out -35, stem 38, facts -19
was out stem more: out -21, passage 23, more -87, option -40, feedback 13, facts -51, row -56
was out stem option: passage -13, more -63, option -14, answer -26, feedback -17, facts -24, row -19, keys -23, remark -20
was out stem out: out -24, stem 41, more -21, option -17, answer -43, feedback -23, facts -15, keys -53
was out stem row: out -33, more -20, option -34, feedback -22, row 17, keys -36, remark -25
was out stem stem: out -17, passage -45, more 38, option -61, answer -36, facts -58, row -59, bank -12, keys 32, remark -12
was passage: out -24, passage 19, stem -45, more -35, option 37, wrapped -35, answer -48, feedback -18, hint -43, facts -51, bank -32, lines -32, keys -94, remark -39
was passage facts facts: out -15, facts 27
was passage facts stem: out -20, facts 37
was passage out stem: out -21, passage 24, stem -51, more -13, feedback -16
was passage passage facts: out -55, passage -16, stem -76, more 28, answer -19, facts -15, row 23
was passage passage out: out -63, stem 17, more -26, option -16, answer -12, keys -21
was passage passage passage: out 18, stem -14, more -31, option -19, wrapped -25, feedback -60, hint -22, facts -31, bank -18, lines -23, keys -48, remark -23
was passage passage stem: out -22, passage 36, stem -123, wrapped -19, answer -81, feedback -39, hint -17, facts -32, row -26, keys -30
was passage stem answer: out -12, stem 20, more -45
was passage stem more: out -16, passage 34, stem -13, more -15, option -23, feedback -15
was passage stem option: out -55, passage 33, stem -19, more 23, keys -16
was passage stem stem: out -74, passage 28, stem -15
was row: more -44, option 26, wrapped -20, answer -80, feedback -82, hint -25, facts -27, row 12, bank -65, lines -52, keys -22, remark -29
was row answer edge: out -43, answer 20, keys -17
was row answer facts: more -16, option -21, answer 61, keys -56
was row answer out: out -50, stem -47, answer 66, facts -18, row -31, keys -61
was row answer stem: stem -50, more -66, option -25, answer 53, facts -28, row -77, bank -18, keys -61
was row facts stem: out -51, stem -18, answer -23, facts 46
was row keys keys: out -67, stem 17, answer -29, row -35, keys 14
was row out edge: out 53, stem -29, more -20, answer -56, feedback -28
was row out out: passage -38, stem -54, more -14, option -30, feedback -15, row 28, keys -49
was row out stem: out 34, passage -22, more -35, option -36, answer -23, facts -23, row -27, keys -42
was row row answer: out -66, stem -46, more -90, answer -25, row 12, keys 25
was row row edge: passage -26, stem 27, more -28, option -54, answer -41, row 46, keys -92
was row row facts: out -68, passage -12, stem 20, more -30, option -34, answer -33, feedback -37, row 19, keys -26
was row row keys: out -32, stem -61, more -22, option -74, row 43, keys -23
was row row out: out -40, passage -26, stem 25, more -43, answer -47, feedback -52, facts -29, row -21, keys 19
was row row row: stem 16, more 26, answer -37, feedback -15, facts -31, row -21, lines -23, keys 22, remark -15
was row row stem: passage -25, stem -73, more -58, answer -85, feedback -19, facts -16, row 35, keys -47
was row stem answer: stem 39, option -27
was row stem more: out 33, passage -25, stem -13, more -21, row -21, keys -46
was row stem option: more -44, option 23, answer -13, row -13
was row stem stem: out -24, stem 45, row -23
was stem: passage -15, stem -12, option -40, wrapped -98, answer -38, feedback -18, hint -35, facts -93, row -48, bank -84, lines -42, remark -43
was stem answer answer: out 61, stem -39, option 16, answer -74, row -24, bank -25, keys -29
was stem answer edge: out -91, passage -14, stem -55, more 16, option -96, feedback -48, facts -25, row -29, bank -31, keys 20
was stem answer facts: out -32, stem -16, option -31, answer 28, feedback -85, facts -48, row -12, bank -52
was stem answer feedback: out -77, stem -19, option 14, answer 17, facts -15, bank -17, keys -73
was stem answer out: out -57, more -79, answer 53, feedback 33, facts -31, row -17, bank -41, lines -27, keys -38
was stem answer stem: out -60, passage -19, stem -67, more 25, option -24, feedback 32, facts -32, row -75, keys -15
was stem facts edge: out -14, more -19, answer -47, facts 21, keys -42
was stem facts facts: out -45, stem -20, more -23, option -15, answer 14, keys -18
was stem facts keys: out -27, more -24, option -12, facts 53, keys -32
was stem facts out: out -58, more -13, answer -73, facts 94, lines -16, keys -37
was stem facts stem: out 22, passage -19, stem -65, more -34, option -57, answer -87, feedback -20, facts 15, row -19, lines -14, keys -31
was stem feedback out: out 35, passage -18, stem -23, more -23, option -45, answer -33, feedback -20, keys -41, remark -20
was stem feedback stem: out -88, stem -53, more -40, option -80, answer -71, feedback 66, hint -37
was stem keys edge: out -53, answer -95, keys 86
was stem keys keys: more -22, feedback -15, facts -13, row -32, bank -17, keys -15
was stem keys out: out -12, stem -55, more -14, option -33, answer -43, keys 47
was stem lines answer: more -35, lines 39
was stem lines facts: out -17, more 15
was stem lines lines: more -55, lines 70
was stem lines stem: out -37, more 13, answer -13, facts -12, lines 13
was stem more answer: passage -17, stem -69, more -16, answer -17, feedback -74, facts -24, row -40, lines 39, keys -84
was stem more bank: out -16, passage -13, stem -79, more 31, lines -17
was stem more edge: out -28, stem -16, more 13, option -32, answer 22, feedback -47, keys -33
was stem more facts: out -30, passage 16, stem -85, option -51, answer -57, feedback 29, facts -67, row -27, bank -27, lines -57, keys -14
was stem more keys: out 13, passage -12, stem -91, more 34, option -80, answer -57, feedback -92, keys -51
was stem more lines: stem -54, more 93, option -22, answer -31, feedback -49
was stem more more: more -15, option 18, answer -35, feedback -63, facts -61, row -28, bank -25, lines -45, keys 18
was stem more option: out 28, passage -34, stem -37, wrapped -23, answer -152, feedback 15, facts 28, row -40, bank -57, lines -34, remark -20
was stem more out: out -27, passage -19, stem 16, option -22, answer -34, facts -33, row -34, bank -39, lines -58
was stem more row: out 45, stem -74, more -25, option -39, wrapped -14, answer -53, feedback -52, facts 26, bank -25, keys -16
was stem more stem: out -50, passage -17, stem 33, more 21, option -15, wrapped -16, answer 24, feedback -15, facts -65, row -37, bank -16, lines -39, keys -76
was stem option answer: out 44, stem -21, more -25, option -24, feedback -16, facts -14, row -120, bank -15, keys 27
was stem option edge: out -104, stem -64, more -68, answer 51, feedback -50, row -24, keys -61
was stem option facts: out -69, stem 25, more -23, option -57, answer 42, feedback -38, facts 39, row -44, keys -39
was stem option feedback: stem -15, more -25, option 35, answer -42, keys -18
was stem option keys: out -38, stem -74, row -32, keys 14
was stem option option: out -21, stem -47, more -77, wrapped -43, answer 18, feedback -88, hint -22, facts -38, bank -24, lines -29, keys -63
was stem option out: passage 40, more -26, option -46, feedback -28, facts -46, row -51, keys -30, remark -14
was stem option stem: out -42, passage -32, stem -40, option 12, feedback -67, facts -68, row -66, bank -14, keys -54, remark -27
was stem out edge: stem -95, more -67, option -30, answer -76, feedback 47, lines -28, keys -50
was stem out facts: out 85, passage -25, stem -70, more -58, option -33, answer -79, facts -44, row -41, bank -27, keys -48
was stem out keys: out 96, stem -53, more -47, option -20, answer -12, row -48, bank -14, keys -30
was stem out out: out -42, passage -32, more -113, option 16, answer 35, hint -15, bank 21, lines -47, keys -46, remark -41
was stem out stem: out 42, passage -112, stem 30, more -97, option -35, answer -45, hint -14, facts -57, row -90, lines -25, keys -72
was stem row row: out 47, stem -63, more -114, option -18, answer -25, row 25, bank -28, lines -21, keys -21
was stem stem answer: out -70, passage -28, stem -54, more 23, answer -32, feedback -43, facts -13, row 46, keys 39
was stem stem edge: out -43, stem 33, more -38, answer -16
was stem stem facts: out -58, stem 32, more -13, option -15, answer -14, facts -23
was stem stem keys: more -63, option -41
was stem stem more: out -61, passage -36, stem -28, more 27, option -29, answer -37, facts -15, row -49, lines 14, keys 15
was stem stem option: out -75, stem -21, option 57, answer -38, facts -26, row -20, bank -19, lines -14, keys -25, remark -53
was stem stem out: out 39, stem -16, more -71, answer -56, feedback -14, facts -24, row -49, lines -15, keys -109, remark -13
was stem stem row: out -24, stem 26, more -17, row -13, keys -15
was stem stem stem: out -15, passage -53, stem -13, more -18, option -40, answer -22, feedback -57, hint -14, facts -49, row 51, bank -34, lines -17, keys -111, remark -23
was wrapped: out -42, stem -26, more 20, option -63, wrapped 53, answer -75, feedback 13, facts -17, row -23, keys 19
was wrapped option answer: out -19, stem -42, option 51, answer -32
was wrapped option option: out -20, stem -50, option -16, wrapped 23, answer -26, row -30, keys 33, remark -15
was wrapped option stem: out -49, passage -20, stem -56, option 23, wrapped 19, answer -65, feedback -27, row -51, keys -29
was wrapped stem more: out -45, stem -34, option -14, answer 40, feedback -42, keys -33
word again: out -39, passage -13, stem 12, more -20, option -28, wrapped -24, answer -62, feedback -34, hint -15, facts 18, row -19, bank -17, keys -27, remark -23
word again asks few: out -30, passage -13, more -19, option -28, wrapped -24, answer -62, feedback -31, hint -14, facts 18, row -19, bank -16, keys -27, remark -22
word again asks some: out -34, stem 36
word again fits most: out -18, passage -13, more -17, answer -43, feedback -29, row -12, bank -16, remark -22
word again fits none: stem 50, option -46, facts -28
word again fits some: out -30, stem 19, option -40, wrapped -15, answer -31, facts 36, keys -34
word asking few: out 24, passage -12, stem 20, more -19, option -51, answer -20, feedback -23, facts -36, row -19
word asking most: stem 21, option -36, answer -13, facts -50
word asking none: out -26, passage -60, more -80, option -89, wrapped -34, answer -21, feedback -63, hint -31, facts 40, row -57, bank -52, lines -32, keys -16, remark -47
word asking some: out -12, passage -17, more -61, option 51, answer -58, feedback -27, facts -43, row -17, keys -49
word-lone end asks: out -39, stem 49, option -25, facts -16
word-lone end bracket: stem -77, answer -25, feedback -33, keys 30
word-lone end gap: stem 33, facts -20
word-lone end none: out -23, passage -32, more -32, option -40, answer -51, feedback -25, facts 76, bank -13, keys -20
word-lone end stop: out 17, passage -24, stem 29, more -18, option 27, answer -13, feedback -22, facts -48, keys -56
word-lone words 1: out -76, more -13, option -25, answer -12, facts 67
word-lone words 15: out 44, passage -31, stem -61, more -26, option -13, answer -50, feedback -20, facts -103, keys 21
word-lone words 3: stem -16
word-lone words 7: out 30, passage -25, stem 22, more -28, option 18, answer -19, feedback -60, facts -109, bank -19, keys -52
word-lone words many: out -50, stem 54, feedback -22, facts -57
word0 end asks: out -40, stem 48, more -26, option -58
word0 end bracket: out 24, stem -55, option -50, answer -60, facts 28, keys -18, remark -23
word0 end colon: out -67, stem 41, answer -13, facts -38
word0 end gap: stem 12
word0 end none: out -94, passage -23, stem 18, more -30, option 21, answer 29, feedback -19, facts 17, row -40, keys -21
word0 end stop: out 37, passage -16, more -41, option -56, answer -43, feedback -27, hint -14, facts -54
word0 of 1: passage -49, more -46, option -59, answer -71, feedback -42, row -15, bank -26, lines -17, keys -18
word0 of 2: option -23, answer -91
word0 of 4: out -61, passage -18, stem 14, more -17, wrapped -14, feedback -24, hint -13, facts 43, row -25, bank -14, keys -91, remark -22
word0 of 8: out 41, passage -26, stem 26, more -22, option -55, wrapped -24, answer -44, feedback -29, hint -17, facts -50, row -23, bank -22, lines -15, keys -23, remark -27
word0 of many: out -57, stem 55, more -71, option -88, answer -143, feedback -56, row -24
word0 run: out -26, stem 64, option -40
word0 words 1: out -61, passage -15, stem -13, more -48, option 26, answer 14, facts 26, row -12, keys -33
word0 words 15: passage -19, stem 28, more -20, option -73, answer -46, feedback -19, facts -43, row -15, remark -15
word0 words 3: out -38, option -27, answer -74, facts 24
word0 words 7: out 35, more -37, option -79, answer -52, feedback -47, hint -13, facts -58, row -27
word0 words many: out -77, stem 30, option -25, feedback -15, facts -12
word0-again end asks: out -31, stem 17
word0-again end none: out -31, more -19, option -28, wrapped -24, answer -62, facts 19, row -18, keys -22
word0-again end stop: out -62, stem 17, option -28, answer -13, feedback -30, facts -42, remark -20
word0-again words 1: out -51, stem -36, option -56, wrapped -24, answer -62, facts 44, keys -30
word0-again words 15: out 20, stem 59, option -21, answer -12, feedback -19, facts -54, keys -24, remark -20
word0-again words 3: out -24, stem -26, option 41, facts -37, keys 19
word0-again words 7: out -65, stem 35, option -47, feedback -23, facts -29, row -12
word0-again words many: stem -16, facts -16, keys 17
word1 end none: out -43, option -28, answer -37, facts 29, keys -24
word1 of 1: option 29, facts -45, keys -28
word1 of 2: out 22, stem 36, facts -26
word1 of 4: stem 26
word1 words 15: out -24, stem 54, facts -22
word1 words 7: out -21, stem 33
word1-first end none: stem 16, more -20, answer -29
word1-first words 15: out -27, stem 37
words 1: passage -42, stem -162, option -14, wrapped -28, feedback -68, hint -83, facts -30, row -152, bank -98, lines -30, keys 24, remark -123
words 15: out -28, passage -33, stem 40, option -74, wrapped -43, answer -37, hint -12, facts -77, row -23, bank -21, lines -101, keys -32, remark 21
words 3: out -28, passage -38, stem -84, option -20, wrapped -25, answer 40, feedback -81, hint -77, facts 40, row 37, bank -130, lines -13, keys -21, remark -82
words 7: out -19, passage -31, stem -12, more -20, option -28, wrapped -31, answer -38, facts -55, row 22, bank 22, lines -102, keys -31, remark -33
words many: out -37, passage 28, stem 29, more -33, option -111, wrapped -14, feedback 34, hint -42, facts -76, row -96, bank -71, lines -75, keys -20, remark -61
zone body: out -45, passage -52, stem -43, more -13, option -14, wrapped -23, answer -16, hint -26, facts -42, bank -37, lines -57, keys -30, remark -18
zone body arrow: out -110, stem -21, more 13, option -67, answer 31, feedback 26, facts -42, row -25, bank -23, keys -13
zone body asks: out 25, wrapped -15, answer -46, feedback -25, hint -18, facts -24, row -19, remark -12
zone body box: out -29, stem -35, more -27, option 53, feedback -33, facts -47, row -41, lines -14, keys -40, remark -20
zone body bracketed: passage -22, stem -58, more -28, option -54, wrapped -13, answer -19, feedback 23, hint -28, facts -60, row -29, lines -19, keys -21, remark -21
zone body bullet: passage -16, stem -80, more 31, option 12, feedback 19, hint -20, facts -37, row 36, keys -42, remark 22
zone body capitals: out -19, passage -26, stem 27, more 24, answer -24, hint -19, facts -35, row -36, bank -12
zone body cells: stem -43, more -22, answer -17, feedback -62, hint -38, facts -44, lines -24, keys -33, remark -33
zone body chatter: passage 12, stem -28, answer -33, feedback -20
zone body colon: out -48, stem -27, answer -29, feedback -23, keys 38
zone body cue-answer: out -55, stem -39, more -37, option -25, wrapped -39, answer 45, feedback -45, facts -56, row -45
zone body cue-difficulty: out -28, option -21, answer -54, feedback -22, facts 52, row -24, keys -74
zone body cue-feedback: out -62, stem -40, more -38, option -39, wrapped -18, answer -66, feedback 58, hint -34, row -33, keys -63, remark 19
zone body cue-hint: out -56, passage -13, stem -34, wrapped -14, answer -58, feedback -44, hint 48, facts -21, row -19, keys -23, remark -14
zone body cue-level: out -13, stem -48, more -33, answer -16, feedback -29, facts 14, row -20, keys -21
zone body cue-points: out -45, more -23, option -37, answer -33, feedback -37, hint -15, facts 47, row -26, keys -51
zone body cue-sample: out -39, stem -19, more -50, option -38, answer 53, feedback -30, facts -17, row -19, bank -30, keys -57
zone body cue-tags: passage -34, stem -30, more -25, option -41, answer -71, feedback -34, facts -22, row -37, bank -24, lines -15, keys 33, remark -12
zone body cue-wordBank: out -39, passage -15, stem -15, option -35, answer -22, facts -17, row -21, bank 32
zone body field: passage 29, stem -18, option -43, wrapped -14, hint -39, facts -59, row -13, bank -21, lines -21, keys -68, remark -21
zone body field-kind: out 50, stem -38, answer -43, feedback -20, facts -44
zone body gap: out -45, passage -27, stem -17, more 38, option -39, feedback -32, hint -18, facts -27, row -25, bank -18, keys -25
zone body heading: out 23, more -28, option -35, answer -148, feedback -46, facts -35, row -20, bank -26, lines -18
zone body identity: out 39, answer -26
zone body key-title: out -19, option -18, answer -14, feedback -25, facts -16, keys 27
zone body let-lone: out 12, passage -98, more -14, option 27, wrapped -22, answer -43, feedback -47, hint -19, facts -52, bank -29, lines -16, keys -121, remark -24
zone body let0: out -26, more -28, option 15, answer -29, feedback -23, facts -32, bank -23, remark -19
zone body let1: passage -34, stem -42, more -50, option 16, wrapped -36, answer -21, feedback -46, hint -39, facts -42, row -13, bank -38, lines -38, keys -74
zone body let1-first: passage -14, more -46, wrapped -20, answer -17, feedback -23, hint -18, facts -24, bank -19, lines -17, keys -25
zone body let2: stem -22, wrapped -44, row -43, keys -31
zone body let2-first: out 14, more -24, row -19, keys -19
zone body letter: out -99, more 17, option 89, answer -51, feedback -30, facts -35, keys -26
zone body lines: out -22, more 42, option -18, answer 24, facts -26, row -13, lines -30
zone body num-lone: stem 40, more -17, wrapped -22, answer -36, hint -28, row 17, bank -22, keys -37, remark -13
zone body num0: out -25, passage -52, stem 30, more -38, option -34, wrapped -47, answer -20, feedback -62, hint -39, facts -25, row -57, bank -39, lines -38, keys 13, remark -49
zone body num0-again: out -44, stem 43, option -40, answer -15, facts -30
zone body num1: out -92, passage -27, stem 68, more -64, wrapped -17, answer -183, feedback -79, hint -25, facts -49, bank -41, lines -20, remark -51
zone body num1-first: out -105, passage -17, stem 21, more -14, answer -47, feedback -31, facts -33, bank -14, lines -13, remark -22
zone body num2: out 22, stem -49, answer 33, feedback -16, facts -19, row -37, keys -24
zone body num2-first: stem 22, option 30, row -29
zone body number: out -14, passage -18, more 13, answer 20, feedback -25, facts -34, row -15, bank -23, keys -89
zone body pair: passage 37, stem -57, more -15, option -25, answer 22, hint -15, facts -31, row 12, bank -28, keys 31
zone body phrase: passage -16, stem -36, more -16, option -27, wrapped 36, answer 13, hint -32, facts -44, row -19, bank -51, lines -19, keys -18, remark -14
zone body rom-lone: out 59, stem -31, option -45, answer -58, feedback -15, facts -37, row -12, keys -21
zone body rom0: passage -28, stem -18, more 17, option -83, wrapped -17, answer -40, feedback -26, hint -15, facts -18, row -26, bank -17, keys 38, remark -23
zone body rom1: out -69, passage -16, stem 19, more 13, answer -21, remark -12
zone body rom1-first: out -27, answer -22
zone body rule: out 47, stem -33, more -26, option -37, answer -65, facts -22, row -21, lines 20, keys -28
zone body section: out 73, stem -68, more -20, option -23, answer -34, feedback -30, facts -86, row -23, bank -15, keys -30, remark -15
zone body sentence: passage -37, more 14, option -18, wrapped -28, answer -14, hint -41, facts -34, row -30, bank -26, lines -23
zone body short: more 12, option -68, wrapped 31, answer -20, feedback -23, hint -27, facts -33, row -50, bank -25, lines -21, remark -17
zone body short-sentence: out -42, passage -41, stem -33, more -14, wrapped 19, facts -46, row -28, bank -26, remark 15
zone body table-pairs: stem -20, more -13, option -16, answer -25, feedback 33, facts -24, row 44, bank -19, keys -77
zone body table-ticks: stem -36, option -27, answer -18, facts -36, row 21, keys -39
zone body text: passage 20, stem -29, answer -18, hint -35, facts -34, row -75, bank -30, keys -12, remark -17
zone body ticked: out -39, stem -46, more -28, option 14, answer 16, feedback -36, hint -16, facts -16, row -25, keys -39
zone body truth: out 16, passage -16, more 15, option -46, answer -20, feedback -31, facts -24, row -20, bank -20, lines -17, keys -41
zone body word-lone: out -24, stem 35, more -31, option 21, answer -13, feedback -16, facts -12, bank -15
zone body word0: passage -33, stem 13, more -86, wrapped -14, feedback -32, hint -22, row -44, bank -22, lines -14, keys -40, remark -27
zone body word0-again: stem 12
zone body word1: out -15, stem 45, facts -21
zone body word1-first: out 23, stem 31, facts -25
zone head: stem 29, option -12, wrapped -50, answer -78, feedback -54, hint -76, facts 28, row -35, bank -45, lines -75, keys -41, remark -69
zone head arrow: out 42, passage -16, stem -39, more -70, option -80, answer -24, feedback -51, facts -20
zone head asks: out 37, option -24, answer -22, feedback -18, facts -26, bank -17, lines -13
zone head box: out 26, stem -56, option -18, answer -105, feedback -17, row -17, keys -13
zone head bracketed: out -38, passage -26, stem -56, option -38, feedback 16, row -18, bank 14, keys 43
zone head bullet: passage -19, stem 23, more -56, answer -58, feedback -91, facts -32, row -110, keys -28, remark -40
zone head capitals: out 131, stem -22, more -22, option -38, answer -75, facts -17, keys -50
zone head cells: passage -95, stem 37, more -23, option -18, answer -59, feedback -19, facts -24, row -29, bank -44, keys -130
zone head chatter: out 33, stem -37, feedback -16
zone head colon: passage -15, stem 20, facts -18, keys -33
zone head cue-answer: out -21, passage -18, stem -36, more -25, option -114, answer 54, bank -54, keys -30
zone head cue-difficulty: out -55, facts 93, keys -33
zone head cue-feedback: out -72, stem -15, more -23, option -31, feedback 50, facts -40, bank -13
zone head cue-level: out -17, passage -19, answer -29, facts 26
zone head cue-points: passage -14, stem -17, more -36, option -14, answer -72, facts 17, keys -24
zone head cue-sample: out -33, passage -14, stem -30, more -24, option -24, facts -19, keys 30
zone head cue-wordBank: out 30, stem -14, more -13, answer -13, row -24
zone head field: passage -15, stem 40, more -19, option -17, answer -61, feedback -22, facts 24, row -50, bank -19, lines -13, keys -33
zone head field-kind: out -54, passage -24, stem -13, option -15, answer -19, facts 59
zone head field-number: out -14, facts 24
zone head field-stem: stem 44, more -25
zone head gap: answer -68, facts -14
zone head heading: out 15, passage -37, stem -40, answer -34, keys -16
zone head identity: out 40, stem -17, facts -26
zone head instruction: out 19
zone head key-title: out 29, passage -44, stem -47, answer -16, facts -21, keys -23
zone head let-lone: out 41, passage 39, stem -40, more -45, answer -81, facts -19, row -83, keys -85
zone head let0: out 28, stem -45, more -28, option -21, answer 36, facts -23, row 19, keys -16
zone head let1: out -55, stem 75, more -20, option -44, answer -26, row -46
zone head let1-first: out -38, stem 52, option 15, answer -51, row -45
zone head let2: out -23, stem -17, option 36, answer -13
zone head let2-first: out -18, stem -28, more -28, option 36
zone head num-lone: out 21, passage -56, stem -28, answer -22, feedback -36, facts -67, row -55, keys -16
zone head num0: passage -16, stem -95, more -41, answer -62, facts -47, row 51, keys -59
zone head num1: stem -13, more 16, option -29, answer -20, row 20, keys -21
zone head num1-first: out -45, stem -34, more -52, option 28, row 16
zone head number: out -29, more 38, option 16, answer -26, keys -14
zone head pair: out -19, stem -119, more -47, option 59, answer 32, feedback -33, facts -23, row -75, keys -104
zone head phrase: out -35, stem 13, option 22, wrapped -48, answer 28, feedback -91, facts -31, row -62, bank -13, lines -14, keys -108
zone head rom-lone: passage -23, more -16, answer -16, facts -26, row -27
zone head rule: out 84, stem -28, more 21, answer -13, facts -43, row -35, lines -30
zone head section: out -22, passage -44, stem 22, more -23, answer -15, facts 26, keys -36
zone head sentence: passage 29, stem -41, more -27, option -73, answer -35, feedback -31, facts -31, row -13, keys -138, remark -35
zone head short: more 21, wrapped -18, answer -46, feedback -32, hint -14, facts 28, row -29, bank -20, keys -111
zone head short-sentence: passage -23, stem 34, wrapped -13, answer -54, feedback -41, hint -60, facts -12, row -20, bank -25, keys -132, remark -34
zone head table-pairs: out 26, passage -29, stem -25, facts -16, row 50, keys -81
zone head table-wide: out 63, passage -18, answer -13, facts -45, keys -59
zone head text: passage -13, stem -21, option 51, answer -12, feedback -12, facts -35, row -32, bank -17, lines -14, keys -92
zone head truth: out -75, stem -15, more -92, option 35, wrapped -15, facts -19, bank -13, keys -13
zone head word-lone: out 24, passage -25, stem -38, facts 31, keys -34
zone head word0: out -85, stem -37, answer -29, facts 73
zone keys: out -32, passage -122, stem -18, more -53, option -32, wrapped -26, hint -67, facts -23, bank -37, lines -31, remark -90
zone keys arrow: out -43, stem -16, option -62, answer 21, feedback -14, keys -25
zone keys asks: out -34, more 37, option -35, keys -19
zone keys box: stem -16, option 89, answer -74
zone keys bracketed: out 14, more -13, answer 36, feedback -74
zone keys bullet: out 31, stem -31, more -39, option 71, answer -56, feedback -35, row -67, keys -13, remark -21
zone keys capitals: out 59, stem -35, answer -100, facts -37, keys -31
zone keys cells: out -17, passage -40, stem 42, more 38, option 25, answer -64, facts -34, row -45, bank -30, keys -27
zone keys chatter: out 37, stem -19, option -13, answer -26, feedback -45, hint -14, keys -27
zone keys colon: out 38, stem -32, feedback -21, keys -32
zone keys cue-answer: out -43, stem -31, more -20, option -101, facts -21, row -15, bank -31
zone keys cue-difficulty: out -14, more -13, facts 60, keys -27
zone keys cue-feedback: out -73, more 31, option 22, answer -13, keys -24, remark -23
zone keys cue-sample: out -39, stem -20, answer 29, bank -12
zone keys cue-wordBank: out -14, answer -14, feedback -14, bank 17
zone keys field: passage -41, stem -42, more 32, option -37, answer -60, feedback -68, facts -17, row -24, bank -15, keys 34
zone keys gap: out -14, more 37, answer -28, facts -13, row -21, lines -18, keys -21
zone keys heading: out -37, stem -50, option -20, answer 41, feedback -25, facts -28, row -16
zone keys identity: out 17
zone keys instruction: out 38, keys -29
zone keys key-title: stem -35, option -25, answer -26, facts -19, row -13, bank -17
zone keys let-lone: out 30, passage -45, stem -47, more -51, option -32, row 33
zone keys let0: out -45, stem -13, answer -27, row -18
zone keys let1: stem -57, answer -84, keys -38, remark -46
zone keys let1-first: out -39, stem -57, answer 16, row -91
zone keys num-lone: out -34, more -20, answer -54, feedback -43, facts -31, row -44, bank -16, keys 49
zone keys num0: out -26, stem -83, more -39, option 41, answer -91, feedback -24, facts -30, row 61, keys -35
zone keys num0-again: passage -33, stem -14, more -22, wrapped -19, answer -49, feedback -36, hint -33, facts -36, row -17, bank -33, lines -33, remark -33
zone keys num1: out 29, stem -52, option -63, answer 44, feedback 36, row -52, keys 15
zone keys num1-first: out 13, stem -13, row -23
zone keys number: out -45, stem -15, more -16, option -42, keys 66
zone keys pair: out 21, stem -60, answer -42, row -28, keys 14
zone keys phrase: passage -49, stem -64, wrapped 22, answer -26, feedback 17, facts -15, row -30, keys -14
zone keys rom-lone: out -63, stem 44, more -22, option -26, answer -18, feedback -19, facts -20, row -21, keys 18
zone keys rom0: out -38, stem 39, keys 25
zone keys rom0-again: out -44, stem 37, option -43, answer -35, row -15
zone keys rule: out 42, more -16, answer -13, row -62, lines 52, keys -27
zone keys section: out 20, stem -43, answer -28, facts -41, keys 42
zone keys sentence: out 50, passage -33, more -47, option -57, answer -27, feedback -91, keys -33, remark -24
zone keys short: out 17, passage -28, stem -38, option -37, wrapped -25, facts -85
zone keys short-sentence: out -24, passage -26, stem 15, option -52, answer -14, hint -42, remark -41
zone keys table-pairs: stem -42, answer -39, feedback -32, row -26, keys 40
zone keys text: out -50, passage -31, more -38, option -22, wrapped -20, feedback 18, facts -24, row -23, keys 16
zone keys word-lone: stem -77, answer -17, feedback -45, facts 26, keys -15
zone keys word0: out -52, stem 28, option -20, answer -31, facts 39, row -14
zone keys word0-again: out -93, stem 13, more -20, option -28, wrapped -24, answer -62, feedback -34, hint -15, facts 24, row -19, bank -17, keys -27, remark -23
zone no numbers: out -26, passage 14, stem 52, option -22, wrapped -86, feedback -57, hint -109, facts -24, row -54, bank -19, lines -98, keys -28, remark -54
zone no numbers arrow: out -15, more -34, option -41, answer 70, feedback -37
zone no numbers asks: out -84, passage 16, stem 13, more 21, option -62, facts -13, keys -19
zone no numbers box: out 26, passage -25, stem -75, more -35, option -14, answer -145, feedback -13, facts -24, bank -13, keys -14, remark -19
zone no numbers bracketed: out 56, stem -26, option -14, answer -32, bank -46, keys 32
zone no numbers bullet: passage -36, stem 61, more -102, option -28, answer -83, feedback -81, facts -14, row -105, keys -14, remark -35
zone no numbers capitals: out -20, passage -29, stem -72, more -17, option 48, answer -21, feedback -55, facts -17, keys -49
zone no numbers cells: out 24, passage -49, stem -28, more 43, option -42, answer -39, facts -29, bank -31, keys -84
zone no numbers chatter: passage 19, stem -22, answer -22, feedback -14
zone no numbers colon: stem 23, more 23, answer -26, keys -41
zone no numbers cue-answer: out -29, stem -41, more -58, option -22, answer -21, feedback -30, facts -16, keys 14
zone no numbers cue-difficulty: stem -33, more -20, option -29, answer -35, feedback -16, keys 18
zone no numbers cue-feedback: out 50, passage -13, stem -33, option -54, answer -70, feedback -36, hint -18, keys 22, remark 23
zone no numbers cue-level: out 15, stem -29, answer 32, feedback -12, facts -38
zone no numbers cue-points: stem -30, more -21, option -17, answer -114, facts 32, keys 41
zone no numbers cue-sample: out -14, more -22, option -14, answer 86
zone no numbers cue-tags: out -33, stem -28, more -13, answer -28, feedback -23, facts 42, keys -32
zone no numbers field: out -21, stem -55, more -16, option 16, answer -12, feedback -59, row 21, bank -21, lines -15, keys -55
zone no numbers field-kind: out 17, passage -24, stem -39, more -44, option -28, answer -18, feedback -20, row -33, bank -19, keys -13
zone no numbers field-number: out -23, answer -25, facts 56
zone no numbers field-option: out -68, stem -60, more -24, option 73, answer -49, facts -50, row -59, keys -31, remark -16
zone no numbers field-stem: out -21, stem 52
zone no numbers gap: passage -20, answer -50, feedback -19
zone no numbers heading: out 119, stem -24, answer -22, facts -75, keys -40
zone no numbers identity: out 35, stem -17
zone no numbers instruction: out 18, stem -15, feedback -12
zone no numbers let-lone: out -45, passage 18, stem 23, more -18, option -28, answer 17, feedback -21, hint -13, facts -43, row -55, bank -19, lines -14
zone no numbers let0: out 28, stem -30, answer -56, keys -34
zone no numbers let1: out -55, option 61, answer -46, facts -16, row -60, keys -21, remark -25
zone no numbers let1-first: out -86, stem 13, option 116, answer -37, row -13
zone no numbers let2: out -58, stem -16, option 44, answer -36
zone no numbers let2-first: out -44, stem -32, more -12, option 49, answer -29
zone no numbers letter: out 51, stem -37, more -36, option -98, answer 66, keys -25
zone no numbers num-lone: passage -17, stem -27, option 31, answer 48, feedback -28, facts -38, keys -76
zone no numbers num0: stem 21, more 12, option -30, answer -50, facts -36, row -43, keys -43
zone no numbers num0-again: more -41, option 33, answer -29, row -28, keys -66
zone no numbers num1: out 31, stem -36, more 18, answer -61, feedback -30, row -35, keys -39
zone no numbers num1-first: out 28, row -27, keys -22
zone no numbers num2: out 16, stem -61, option -15, answer -31, row 19
zone no numbers num2-first: out 35, stem -22, more -19, answer -33
zone no numbers number: stem -21, more -53, answer 51, facts -12, row -14, keys -101
zone no numbers pair: out -17, passage -44, stem 65, more 26, option -50, answer -120, feedback 13, row -79, keys 19
zone no numbers phrase: out 35, stem -36, wrapped -68, answer -48, feedback -102, facts -13, row -34, bank -14, keys -83
zone no numbers rom-lone: out 31, stem -29, answer -25, facts -13, keys -44
zone no numbers rom0: out 19, answer -23, facts -29
zone no numbers rule: passage -24, stem -38, option -42, answer -115, feedback -30, facts -49, row 31, lines -42
zone no numbers section: out 71, stem -79, more -15, answer -25, facts -19, keys -17
zone no numbers sentence: more -45, option 27, answer -89, keys -88
zone no numbers short: out -33, passage -13, more 15, option 57, wrapped -41, answer -16, facts -49, row -15, keys -113
zone no numbers short-sentence: out 50, stem -39, more 15, wrapped -30, answer -69, feedback 21, hint -45, keys -85, remark -40
zone no numbers table-ticks: out -88, stem -39, option -28, row 90
zone no numbers text: passage 33, stem 29, more -42, option -30, wrapped -37, feedback -89, facts -16, keys -62
zone no numbers truth: out -34, stem -22, more 22, option -39, answer 19, feedback -13, keys -21
zone no numbers word-lone: passage -19, more -22, option -32, answer -44, keys -18
zone no numbers word0: out -13, answer -88
zone tail: out -19, passage -20, stem -15, more -42, wrapped -76, hint -115, row -27, bank -69, lines 18, keys -29, remark -75
zone tail arrow: out -35, stem -15, more -129, option 32, feedback -41, keys -30
zone tail asks: passage -24, more 72, option -65, answer -19, row -18, lines -25, keys -19
zone tail box: out -24, option 48, answer -88
zone tail bracketed: out -15, stem -44, more 40, option -16, facts -20, row -12, lines -24, keys -80
zone tail bullet: out 25, stem -14, more -75, option 54, answer -95, feedback -75, facts -16, row -52, keys -24, remark -35
zone tail capitals: out 19, stem -27, option -49, feedback -32, facts -30, bank -12, keys -65
zone tail cells: out -24, passage -114, more 18, option -46, answer -125, feedback -55, bank -51, lines -14
zone tail chatter: out 28, passage -19, answer -33, feedback -21, facts -14, lines -17, keys -20
zone tail colon: out 23, stem -15, answer -18, feedback -18, facts -15, keys -43
zone tail cue-answer: out -39, stem -17, more -14, option 18, answer 15, feedback -20, facts -17, bank -50, keys -18
zone tail cue-difficulty: out -18, stem -16, option -22, answer -39, feedback -16, facts 26, lines -14, keys -16
zone tail cue-feedback: out -67, stem -15, more 40, option -19, answer -30, feedback 35, facts -23, keys -33, remark -46
zone tail cue-level: out -12, stem -19, more -13, answer -100, feedback -20, facts 31, keys -27
zone tail cue-points: out 15, stem -28, answer 13, feedback -20, facts -18, keys -27
zone tail cue-sample: out -18, stem -20, more -27, answer 37, feedback -28, bank -19, keys -31
zone tail cue-wordBank: out -29, stem -14, more -25, option -19, answer -22, bank 27
zone tail field: out 42, passage -108, more 17, option -52, answer -87, feedback -81, facts -70, row -49, keys -89
zone tail field-kind: out -30, answer -41, feedback -20, facts 34, keys -19
zone tail gap: passage -15, stem 31, more -45, option -26, answer 16, feedback -25, facts -14, lines -26, keys -16
zone tail heading: out 54, stem -56, answer -77, feedback -12, facts -25, keys -72
zone tail identity: out 33
zone tail instruction: out 38, feedback -34
zone tail let-lone: out 31, passage -50, more 17, option -25, answer -63, feedback -18, facts -14, row 20
zone tail let0: out 18, stem -34, option 28, answer 28, row -19, keys -56
zone tail let1: stem 25, more -14, option -21, answer 13, row -62, keys 24, remark -81
zone tail let1-first: more -32, row -84, keys -38, remark -33
zone tail let2: out -21, option 53, wrapped -28, answer -44, row -22
zone tail let2-first: out -25, option 33, answer -20
zone tail letter: out -45, option -20, answer 57
zone tail num-lone: stem 12, more 30, option -24, answer 12, feedback -74, facts -93, row -41, lines -15, keys -26
zone tail num0: out 57, stem -57, facts -25, keys -17
zone tail num0-again: out -28, stem 15, option -19, row 32, keys -56
zone tail num1: out -12, more -26, option 12, answer -83, feedback -51, facts -17, row -42, lines -12, keys -20
zone tail num1-first: out 25, stem -19, more -39, option 13, row -32, keys -54
zone tail num2: out -55, stem 30, option 16, answer -34, feedback -34, facts -29, row -23, keys -25
zone tail num2-first: out -20, stem 33, option 39, answer -15, feedback -16, facts -23, row -28
zone tail number: out -12, option 30, answer -33, feedback -19, facts -14, lines -15, keys 33
zone tail pair: passage -98, stem 16, more 14, option -15, answer -114, feedback -76, facts -39, row 25, bank -18, lines -18, keys -36
zone tail phrase: passage 46, stem 34, more -31, option -35, wrapped -67, answer -62, feedback -16, facts -45, row -51, lines -26
zone tail rom-lone: out 28, stem -21, option -24, answer -42, facts -18, keys 32
zone tail rule: out -37, passage -21, stem -39, answer 24, feedback -23, facts -38, row 21, bank -20, lines 27, keys -42
zone tail section: out 19, stem 18, more -19, answer -28, feedback -31, facts -17, row -19, keys -53
zone tail sentence: passage -15, option -87, feedback -38, hint -18, facts -24, lines -21, remark -56
zone tail short: out 39, option -91, answer -20, feedback 17, facts -40, row -25, lines -26, keys -26
zone tail short-sentence: out -20, passage -100, stem -37, more 42, option 18, hint -55, facts -12, lines -21, remark -78
zone tail table-down: out -68, stem -40, answer -31, feedback -26, facts -18, keys 76
zone tail table-pairs: passage -30, stem -45, more -19, option -32, answer -55, feedback -60, facts -34, row -32, bank -19, lines -21, keys 29
zone tail table-ticks: out -57, row 65
zone tail table-wide: out -62, stem -32, answer -32, feedback -21, keys 51
zone tail text: out 25, stem -47, option 51, answer -22, facts -24, row -16, lines -24, keys -68
zone tail ticked: out -14, option 58, answer -50
zone tail truth: out -49, passage -13, more -18, answer 51
zone tail word-lone: stem 26, more -22, option -30, answer -23, feedback -28, lines -13, keys -41
zone tail word0-again: out 27, stem -22, facts -25
`
