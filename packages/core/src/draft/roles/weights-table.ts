/**
 * What each feature of a line says for and against its roles, in hundredths: made by `npm run reading -- --fit` from the
 * labelled drafts, and not changed by hand.
 */
export const WEIGHTS_TABLE = `# first
step: out>out 107, out>passage -118, out>stem -16, out>option -280, out>answer -52, out>feedback -209, out>hint -75, out>facts -50, out>row -149, out>bank -107, out>lines -123, out>keys -65, out>remark -65, passage>out -205, passage>passage 56, passage>stem -122, passage>facts -58, passage>bank -57, passage>keys -101, stem>out -108, stem>passage -168, stem>more 57, stem>answer 27, stem>hint -58, stem>facts -34, stem>row -39, stem>lines 15, stem>keys -137, stem>remark -123, more>out -118, more>passage -137, more>stem -68, more>more 58, more>option -17, more>feedback -47, more>hint -50, more>facts -33, more>row -52, more>bank 59, more>keys -160, more>remark -91, option>out -186, option>passage -157, option>stem -137, option>option 62, option>wrapped -13, option>feedback -54, option>hint 16, option>facts -70, option>row -369, option>bank -183, option>lines -94, option>keys -176, option>remark -32, wrapped>out -148, wrapped>passage -95, wrapped>stem -78, wrapped>option 56, wrapped>answer -51, wrapped>feedback -93, wrapped>hint -30, wrapped>facts -62, wrapped>row -82, wrapped>bank -21, wrapped>lines -20, wrapped>keys -117, wrapped>remark -30, answer>passage -196, answer>option -266, answer>feedback 49, answer>hint -114, answer>facts 24, answer>row -186, answer>bank -103, answer>lines -83, answer>keys -115, answer>remark -105, feedback>out -15, feedback>passage -99, feedback>option -168, feedback>answer -120, feedback>feedback 90, feedback>facts -18, feedback>row -156, feedback>bank -32, feedback>lines -83, feedback>keys -158, feedback>remark -57, hint>out -75, hint>passage -20, hint>stem -84, hint>option -76, hint>feedback -21, hint>facts -59, hint>row -47, hint>lines -13, hint>keys -32, hint>remark -14, facts>out -99, facts>passage -141, facts>stem 122, facts>more -249, facts>option -162, facts>answer -94, facts>feedback -38, facts>hint -77, facts>row -154, facts>bank -75, facts>lines -66, facts>keys -168, facts>remark -48, row>out -139, row>passage -161, row>stem -164, row>more -195, row>option -332, row>feedback -129, row>hint -37, row>row 76, row>bank -48, row>lines -61, row>keys -199, row>remark -88, bank>out -85, bank>passage -15, bank>stem -21, bank>more -42, bank>option -96, bank>answer 36, bank>feedback -26, bank>facts -30, bank>row -78, bank>bank -17, bank>lines -12, bank>keys -98, bank>remark -13, lines>out -31, lines>passage -48, lines>stem -22, lines>more -86, lines>option -89, lines>answer 18, lines>feedback -32, lines>hint -12, lines>facts -50, lines>row -55, lines>bank -31, lines>lines 35, lines>keys -83, lines>remark -15, keys>out -122, keys>passage -91, keys>stem -207, keys>answer -184, keys>feedback -74, keys>hint -54, keys>facts -212, keys>bank -74, keys>keys 85, keys>remark -85, remark>out -135, remark>passage -40, remark>stem -144, remark>option -44, remark>wrapped -61, remark>answer -88, remark>feedback -55, remark>hint -14, remark>facts -84, remark>row -111, remark>bank -16, remark>lines -47, remark>keys -78, remark>remark 13
step over a gap: out>out 39, out>passage 20, out>option -186, out>answer -86, out>feedback -146, out>hint -78, out>row -215, out>bank -158, out>lines -77, out>remark -63, passage>out -193, passage>passage 72, passage>stem -14, passage>facts -31, passage>bank -37, passage>keys -95, stem>out -50, stem>passage -133, stem>stem -47, stem>more -41, stem>option 35, stem>answer -19, stem>feedback -151, stem>hint -79, stem>row 32, stem>lines -16, stem>keys 15, stem>remark -61, more>out -47, more>passage -88, more>stem -15, more>more -111, more>option 29, more>answer 12, more>feedback 16, more>hint -52, more>facts -65, more>row -64, more>bank 30, more>lines -55, more>keys -17, more>remark -54, option>out -67, option>passage -89, option>stem 13, option>option -37, option>wrapped -90, option>feedback -95, option>hint -20, option>facts -42, option>row -108, option>bank -52, option>lines -38, option>keys 20, option>remark -68, wrapped>passage -28, wrapped>stem -50, wrapped>option -70, wrapped>wrapped -14, wrapped>answer 12, wrapped>feedback -51, wrapped>facts -33, wrapped>row -22, wrapped>bank -12, answer>passage -150, answer>option -146, answer>answer -100, answer>facts -33, answer>row -159, answer>bank -88, answer>lines -47, answer>keys -176, feedback>out -24, feedback>passage -138, feedback>stem 13, feedback>option -130, feedback>answer -19, feedback>feedback -97, feedback>hint -19, feedback>row -137, feedback>bank -101, feedback>lines -34, feedback>keys -19, feedback>remark -31, hint>out -109, hint>passage -27, hint>option -49, hint>answer -53, hint>feedback 13, hint>facts -76, hint>row -24, hint>bank -13, hint>keys -38, hint>remark -14, facts>out -18, facts>passage -110, facts>stem -36, facts>more -109, facts>option -59, facts>answer -47, facts>feedback -32, facts>hint -52, facts>facts 41, facts>row -48, facts>bank -43, facts>lines -26, facts>keys -34, facts>remark -35, row>out -55, row>passage -51, row>stem 19, row>more -79, row>option -129, row>answer 36, row>feedback -61, row>hint -28, row>facts -44, row>row -75, row>bank -29, row>lines -13, row>keys -42, row>remark -28, bank>out -25, bank>passage -24, bank>stem -25, bank>more 29, bank>option -48, bank>feedback -17, bank>row -25, bank>bank -24, bank>keys -56, lines>out -17, lines>passage -55, lines>more -53, lines>option -59, lines>answer -44, lines>feedback -48, lines>hint -26, lines>facts -38, lines>row -37, lines>bank -36, keys>out 29, keys>passage 20, keys>stem -103, keys>answer -175, keys>feedback -81, keys>hint -22, keys>facts -143, keys>bank -30, keys>keys -35, keys>remark -22, remark>out -26, remark>passage -28, remark>stem -100, remark>option -51, remark>wrapped -13, remark>answer -87, remark>feedback -25, remark>facts 18, remark>row -58, remark>bank -20, remark>keys -48, remark>remark -36
_full asks capital: out -36, passage 24, more -19, answer -53, feedback -16, facts 18, row -15, bank -41, lines -32, keys 44, remark -23
_full asks label: passage -24, stem -52, more -53, answer -72, row -37, keys 39
_full asks small: out -54, stem -38, more -20, option 23, answer 37, row -27, keys -50
_full bracket capital: passage -23, stem -24, more -96, option -25, answer -22, feedback -62, facts -79, row -46, bank 16, lines 16, keys 23
_full bracket label: out 23, more -42, option 55, answer -62, feedback -16, facts -33, row -61, keys -71
_full bracket small: out -23, passage -14, stem 14, more -27, option -12, answer -37, keys -39
_full colon capital: out 52, passage -13, stem -14, facts -34, keys -16
_full colon label: out 24, passage -15, stem -17, option -31, facts 19
_full colon small: out -18, stem 24, option 16, row -16
_full deeper capital: passage -22, more -52, option 20, feedback -34, facts -22, row -43, bank -74, lines -19, keys 26
_full deeper label: stem -29, more -17, option 59, answer 28, facts -19, row -71, lines -14, keys -29
_full deeper small: out -45, passage -21, option 44, answer -28, feedback -23, facts -32, bank -21, keys -48
_full gap capital: passage -93, stem 54, more -83, option -59, answer -51, feedback -45, facts -84, row -24, keys 12
_full gap label: out 53, passage -18, stem -27, more -42, option -62, answer -51, feedback -20, hint -19, row -31, bank -28, lines -22, keys -49, remark -18
_full gap small: out -36, passage -12, option -18, answer 39
_full none capital: out 21, passage -64, stem 21, more -17, option -47, feedback -75, hint -41, row -53, bank -45, keys -34, remark -16
_full none label: out 28, passage -45, more -63, option -23, answer -35, feedback -27, hint -13, facts 13, row -79, bank -18, lines -13, keys -31, remark -27
_full none small: out 31, passage -18, stem 16, more -41, option -43, answer 30, feedback -65, facts -35, row -67, bank -16, keys -49
_full out capital: out 20, passage -14, stem -24, more -39, answer -15, feedback -74, row -60, bank -29, lines -26, remark -14
_full out label: out 29, stem -12, more -32, option -38, answer -54, feedback -22, facts 28, row -30, bank -14, keys -31
_full out small: option -39, answer 45, feedback -18, row -42
_full same capital: passage -28, stem 23, option -75, answer -48, feedback -104, hint -54, facts -16, bank 31, lines -21, keys -41, remark -45
_full same label: out 37, passage -81, stem -25, more -108, option -60, wrapped -19, feedback -37, hint -28, facts -32, row -38, bank -46, lines -29, keys -20, remark -38
_full same small: passage -70, stem 25, more -60, option -80, wrapped -13, answer 44, feedback -63, facts -26, row -15, bank -36, keys -44, remark -12
_full stop capital: passage -33, stem 15, option -28, feedback -36, row -15, bank 15, lines -30, keys -44, remark -17
_full stop label: out -37, passage -43, stem -12, more -76, option -21, answer 37, bank -34, lines -15, keys -16
_full stop small: out 27, passage -15, more 14, option -41, answer -62, feedback -18, row -18, bank -34, remark -13
_short asks capital: passage -24, stem -16, more -70, feedback -24, hint -14, row 13, bank -43, lines -31, keys -21
_short asks label: passage -43, stem 23, more -32, option 41, answer -81, facts -16, row -63, bank -14, keys -31, remark -20
_short asks small: out 23, passage -42, more -13, option -16, feedback -37, hint -14, facts -16, row -13, bank -27, keys -60
_short bracket capital: passage -103, more 25, option 25, feedback -25, hint -37, facts -80, row -31, bank -93, lines -32, remark -16
_short bracket label: passage -32, stem -30, more -25, option 35, answer -88, feedback -24, hint -16, facts -21, row -54, bank -37, lines -25, keys 28, remark -32
_short bracket small: out -40, passage -67, stem 21, more -42, feedback -82, row -39
_short colon capital: out 52, passage -60, stem -62, option 12, answer -26, facts -67, keys -18
_short colon label: out -51, passage -30, stem 30, option 25, answer -24, row 28, keys -53
_short colon small: out -31, passage 31, stem 14, answer -55, feedback -16, row -25, keys -26
_short comma capital: out 39, passage -31, stem -25, answer 20, keys -19
_short comma label: out -34, stem 41
_short comma small: passage 14, stem -39, answer -15
_short deeper capital: out -72, more -81, option 33, answer 43, feedback -81, hint -25, facts -30, row -27, bank -35, lines -25, keys -56, remark -25
_short deeper label: out -49, passage -12, stem 53, more -28, option 44, answer -38, feedback -33, facts -87, row -28, bank -16, lines -19, keys -17, remark -15
_short deeper small: out -38, passage -28, stem 44, more -18, option 36, wrapped -18, answer 14, feedback -57, facts -32, row -16, bank -22, keys -77, remark -25
_short gap capital: out 17, passage -23, more -34, option -31, answer -37, feedback -42, hint -18, facts -35, row -22, bank -25, lines 15
_short gap label: out 16, passage -27, stem -37, more -22, option -59, answer -51, lines -16, keys 35
_short gap small: out -60, passage -31, stem 16, more -17, option 15, answer 45, keys -43
_short none capital: passage -28, stem 21, more -80, option -83, wrapped -85, feedback -13, facts -30, row -128, bank -104, lines -65, keys -55, remark -96
_short none label: out 31, passage -24, stem -22, more -81, option -44, wrapped -42, feedback -95, hint -47, row -140, bank -30, lines -26, keys -47
_short none small: stem -16, more -55, option -37, wrapped -39, answer 28, feedback -103, hint -28, row -99, bank -38, keys -27, remark -28
_short out capital: passage -71, more -82, option 24, wrapped -37, answer -22, feedback -13, facts -64, row -50, bank -53, lines -41, remark -42
_short out label: out 44, passage -49, stem -32, more -57, option -54, wrapped -27, answer -14, feedback -66, hint -40, row -80, bank -28, lines -27, keys -26, remark -63
_short out small: passage -48, stem 24, more -47, option -62, wrapped -27, feedback -77, hint -25, row -46, bank -34, lines -20, keys 23, remark -25
_short same capital: more -30, option -135, wrapped -76, hint -20, facts -39, row -76, bank -44, lines -17, keys 36, remark -80
_short same label: passage -35, stem -14, more -101, option -29, wrapped -28, answer -54, feedback -63, hint -52, facts 17, row -19, bank -80, lines -43
_short same small: passage 61, more -109, option -40, wrapped -22, answer 47, feedback -101, hint -14, facts -24, row -83, bank -81, lines -17, keys -94
_short stop capital: out -33, passage 46, stem 18, more -22, option -36, wrapped -29, answer -57, feedback 25, hint -44, facts -22, row -53, bank -20, keys 22, remark -50
_short stop label: passage -49, more -57, answer -110, feedback -34, hint -15, facts 33, row 31, bank -41, lines -23, keys -14, remark -87
_short stop small: out -13, passage 14, more -55, wrapped -21, answer 15, feedback -21, facts -30, row -20, bank -38, lines -17, keys -59, remark -34
any: passage -34, stem -13, more -14, option -25, wrapped -68, answer -13, feedback -41, hint -66, facts -17, row -39, bank -42, lines -64, remark -63
arrow end bracket: out -26, stem -18, option -15, feedback -50
arrow end none: out -43, passage -17, stem -45, more -28, option -16, answer 49, feedback -107, facts -49, row -44, bank -17, lines -14, keys -48
arrow end stop: out 43, passage -24, stem -39, more -35, option -42, answer -38, feedback 28
arrow words 15: out 56, passage -20, stem -43, more -22, option -49, answer -29, feedback -34
arrow words 3: out -76, stem -29, option -69, answer 55, feedback -35, facts -43, row -34, keys -31
arrow words 7: out -34, stem -35, more -16, option 24, answer -21, feedback 23, facts -30, row -22, bank -19, keys -25
arrow words many: out -49, more -32, option -18, answer 46, keys -13
asks end asks: more 31, option -16, wrapped -23, answer -60, feedback -71, hint -30, facts -51, row -45, bank -39, lines -40, keys -53, remark -30
asks words 1: out -56, passage -37, more 25, option -105, facts -18
asks words 15: passage -84, more -29, option 40, answer -55, feedback -54, hint -13, facts -32, row -26, bank -32, lines -24, keys -15, remark -18
asks words 3: out 28, passage -27, stem -49, more 36, option -42, answer -31, facts -38, lines -18
asks words 7: out -83, passage 19, stem 46, more 32, option -98, answer -27, feedback -22, facts -20, row -21, keys -37
asks words many: out 26, passage 15, stem -17, more -40, option -12, answer -12, facts -21
before arrow: out 26, passage -40, more -24, option -89, wrapped -26, answer -51, feedback 15, hint -16, facts 33, row -51, keys -72, remark -46
before asks: out -86, passage 21, stem 13, more 25, option 39, wrapped -20, feedback -80, hint -43, facts -19, row -42, bank -65, lines -34, keys -17, remark -62
before box: passage -53, stem -43, more -14, option 25, answer 14, hint -59, facts -21, row -51, bank -81, lines -14, remark -91
before bracketed: passage -37, stem -41, option -37, answer -18, hint -16, facts -57, bank -71, lines -21, keys 71, remark -21
before bullet: passage -138, stem -32, more 45, wrapped -49, answer 27, feedback -61, hint -91, bank -84, keys -54
before capitals: out -56, stem 40, more -15, answer -134, feedback -38, hint -42, row -63, bank -22
before cells: out -24, more -105, feedback -47, hint -48, facts -43, row 24, bank -73, remark -40
before chatter: passage -15, stem -24, more -40, option -48, answer -80, feedback -32, facts 66, row -43, bank -18, keys -58, remark -22
before colon: passage 30, stem -49, more 19, option -14, feedback -16, facts -23, row -15, keys -16
before cue-answer: out -26, passage -108, stem -32, more -34, option -141, wrapped -25, answer -33, feedback 43, row -130, bank -107, lines -40, keys -27
before cue-difficulty: out 80, passage -104, stem -21, more -76, option -68, answer -122, feedback -105, hint -48, facts 36, row -67, bank -24, keys 19, remark -46
before cue-feedback: out -17, passage -87, more -51, wrapped -38, feedback 52, hint 17, facts -35, row -102, bank -44, lines -47, keys -71, remark -23
before cue-hint: out -57, option -13, answer 38, feedback 47, facts 31, remark -14
before cue-level: out -21, passage -58, stem 124, more -69, option -103, wrapped -17, answer -69, feedback -145, hint -39, facts 19, row -97, bank -16, keys -60, remark -35
before cue-outcome: out -19, passage -39, more -57, option -28, answer -29, row -34, keys 38, remark -78
before cue-points: out 23, passage -74, more -54, option -97, answer -93, feedback 54, hint -32, facts -28, row -75, bank -29, lines -17, keys -32, remark -77
before cue-sample: out -87, passage -99, stem -44, more -50, option -53, answer 138, feedback -151, hint -17, facts -28, row -64, bank -41, lines -18, remark -16
before cue-tags: out -13, passage -18, stem 50, more -59, option -47, answer -39, feedback -33, facts -28, row -13, keys -20, remark -13
before cue-wordBank: passage -35, stem -42, more 32, option -17, feedback -20, facts 27, keys -65
before edge: out 48, passage -113, stem -29, facts -17, bank -61, keys -79
before end asks: out -27, passage -16, stem -71, option 15, wrapped -56, answer 31, feedback -162, hint -46, facts 26, row -120, bank -117, lines -35, keys -19, remark -75
before end bracket: passage -139, more -113, option 16, wrapped -71, feedback 43, hint -69, facts -22, keys -27, remark -88
before end colon: passage -16, stem -50, more -25, option 18, feedback -83, hint -15, facts -56, row 23, bank -36, lines -20
before end comma: passage 17, stem -55, option -44, wrapped 14, answer 23, feedback -71, hint -24, facts -32, row -49, bank -16, keys 19, remark -38
before end gap: out -13, passage -35, stem -14, more -34, wrapped -42, answer -29, feedback -79, hint -36, facts -14, row -80, remark -36
before end none: out -22, passage -39, stem -13, option -24, wrapped -40, answer -27, feedback -23, hint -41, facts -32, row -18, bank -95, lines -123, keys -13, remark -63
before end stop: passage 13, stem -21, more 45, option -55, wrapped -110, answer -21, feedback -52, hint -65, lines 29, keys -21
before field: passage 22, stem 12, option -50, wrapped 28, answer -57, feedback -99, hint -27, facts -50, bank -56, lines -37, remark -33
before field-kind: out 56, passage -39, stem -30, more -57, option -24, answer 39, feedback -74, facts -54, row -28, keys -40
before field-number: out -59, passage -15, stem 53, option -28, answer -35, feedback -28, facts 39, keys -15
before field-option: out -55, passage -31, stem -42, option 50, feedback 19, facts -26, row -59, bank -36, keys -15, remark -29
before field-stem: out -18, passage -24, stem -30, more 50, option -15, answer -38, feedback -47, facts 76, bank -56, lines -34, keys 15
before field-time: more -19, answer -55, feedback -16, facts 25, bank -22, keys -46
before gap: out -20, stem -17, option -51, answer -19, feedback -72, row -54, bank 74, lines -35, keys -66
before heading: passage -37, stem 21, more -36, option -91, answer -151, feedback -83, hint -18, facts -36, row -84, bank -55, keys 55, remark -30
before identity: out 54, passage -85, option -62, answer -77, feedback -52, facts 23, row -39, bank -31, lines -34, keys -62, remark -22
before instruction: out 39, passage -26, stem -36, answer -20, facts -34, row -26, keys -36
before key-title: out -79, passage -70, stem -25, more -31, option -32, answer -59, feedback -52, facts -31, row -34, bank -22, keys 86
before let-lone: passage -38, stem 21, more -54, option -21, wrapped -30, answer -21, feedback 25, hint -39, facts 25, row -49, bank -74, keys -69, remark -45
before let0: out -44, passage -41, stem 36, wrapped -40, feedback -22, hint -59, facts 14, row -17, bank -72, lines -61, keys -22, remark 19
before let1: out -17, passage -157, stem -51, more -39, option -23, answer 16, feedback -95, hint -18, facts -37, row -22, bank -78, lines -45, keys -39
before let1-first: out -16, passage -30, stem -17, more -40, option -23, wrapped 20, answer 23, feedback -49, hint -20, lines -24, remark 19
before let2: out 26, passage -14, stem -19, option -49, wrapped -58, answer 25, feedback -52, facts 13, row -21
before let2-first: more -29, wrapped -30, feedback -16, facts -30, row -27, keys -16
before letter: stem -60, option 149, wrapped -24, answer -104, feedback 31, hint -15, row -24, keys -65, remark -18
before lines: out -17, stem -13, more -13, answer -19, lines 16, keys -14
before num-lone: out -25, passage -55, more -26, option -13, wrapped -37, hint -19, row 59, remark -29
before num0: passage -103, stem -58, option 21, wrapped -86, answer -28, feedback -27, hint -59, facts -58, bank -32, lines -21, remark -97
before num0-again: out 19, passage -43, more -42, wrapped -59, feedback -39, hint -42, facts -55, bank -39, lines -39, keys -33, remark -37
before num1: passage -66, stem -33, more -49, wrapped -29, answer -14, feedback 29, hint -61, facts -61, row 21, bank -89, lines 19, keys -46, remark -49
before num1-first: out 36, passage -19, stem -18, more -72, option 21, wrapped -24, feedback -53, hint -13, facts -27, bank -22, keys -29, remark -26
before num2: stem 21, more -15, answer -42, feedback -21, facts -45, row 33, keys -55
before num2-first: out -13
before number: out -28, passage -47, stem 25, option 74, answer -88, hint -49, facts -17, row -13
before pair: passage -110, more 15, option -82, answer -40, feedback 27, hint -15, facts -21, bank -46, lines -15, keys -57, remark -20
before phrase: out -24, passage 27, stem -26, more -58, option 50, wrapped -31, answer -40, feedback -64, hint -43, row -57, bank -66, remark -41
before rom-lone: out -68, passage -70, stem 65, more 37, answer -68, feedback -35, facts 43, row -22, bank -13, keys -20, remark -20
before rom0: out -50, passage -35, stem 47, more 27, wrapped -17, answer -64, feedback -12, hint -21, facts -14, row -33, bank -56, lines -27, keys -86, remark -28
before rom0-again: out 22, passage -16, stem -32, option -43, answer -56, feedback -28, hint -20, facts -31, row -22, keys 42, remark -30
before rom1: out -37, stem -38, more 23, option 21, answer -21, feedback -30, facts 19, row -19, keys -18, remark -12
before rom1-first: stem -43
before rule: out -51, passage -121, more -84, option -87, answer -27, feedback -43, hint -36, facts 63, row -41, bank -26, lines 19, keys 44, remark -16
before section: out -45, passage -100, stem 105, more -26, option -47, answer -148, feedback -70, hint -28, facts 55, row -22, bank -37, keys -42, remark -34
before sentence: stem -71, more 15, option -63, hint -15, facts -18, row -15, remark -38
before short: out -21, passage 74, more -21, option 37, wrapped -80, answer -28, feedback -13, hint -104, facts -44, row -81, bank -40, keys -107, remark -79
before short-sentence: out -37, passage 52, stem -20, more -122, option 37, wrapped -38, answer -24, feedback 20, hint -39, bank -52, keys -49, remark -89
before table-down: passage -21, stem -75, option -34, answer -64, feedback -51, facts -44, row -29, bank -49
before table-pairs: out -28, passage -33, stem 21, more -42, option -27, answer 15, feedback -68, hint -15, facts -41, row 23, bank -20, lines -15, keys -25, remark -15
before table-ticks: out 13, passage -38, stem -38, more -74, option -22, answer -84, feedback -47, hint -23, facts -13, row 17, bank -28, lines -21, keys -31
before table-wide: passage -27, stem 33, more -35, option -34, answer -34, feedback -57, facts 16, row -36, bank -18, keys -49, remark -15
before text: out -36, passage 25, stem -46, option 35, wrapped 22, feedback -46, hint -61, facts -82, row -97, bank -70, remark -50
before ticked: out -19, passage -15, stem -28, wrapped -16, answer -104, hint 39, row -25, keys -36
before truth: passage -24, stem 39, more -61, option -36, answer -95, feedback 63, hint -33, row -33, keys -50
before word-lone: out -23, passage -74, stem 49, more -42, option -18, answer 39, feedback -71, hint -27, facts 26, row 27, bank -35, keys -90, remark -45
before word0: out -17, passage -92, stem 81, more 13, wrapped -24, answer -78, feedback -207, hint -77, facts -48, row -29, bank -14, lines -42, keys -14, remark -90
before word0-again: out -33, passage -47, stem 78, more -31, wrapped -14, answer -23, feedback -79, hint -13, facts -35, row -25, lines 16
before word1: out -54, answer 59, feedback -35, row -12, keys -25, remark -15
before word1-first: out -28, passage -26, stem 24, more -35, option -25, answer 21, feedback -29
before2 arrow: out -15, passage -27, more 42, option -32, answer -46, facts 26, row -38, bank -21, lines 16, keys -54, remark -25
before2 asks: out -62, more -16, option 79, answer -25, feedback -63, hint -29, facts 17, row -42, bank -26, lines 18, keys -60
before2 box: out -52, passage -100, more -19, answer 33, feedback -35, hint -72, row -54, bank -31, lines -47, remark -47
before2 bracketed: out 23, passage -49, more -23, option -32, wrapped -37, answer -64, hint -22, facts -16, row -22, bank 23, lines 23, keys 30, remark -41
before2 bullet: out -37, passage -139, stem 35, more -54, option -14, wrapped -28, feedback -54, bank -39, lines -36, remark -24
before2 capitals: passage 24, option -12, wrapped -13, feedback -108, hint -16, facts -13, bank -25, lines 19, keys -31
before2 cells: more 15, option -14, wrapped -41, answer -77, feedback -44, hint -42, facts -42, row 37, bank -71, lines -37, remark -39
before2 chatter: out 29, more -16, option -56, feedback -45, row -75, bank -22, keys 16, remark -29
before2 colon: stem -45, more 19, option 32, answer -59, feedback -33, facts -56, keys -19
before2 cue-answer: passage -13, more -26, option -17, wrapped -27, answer -55, feedback -18, facts -19, bank -51, keys -60, remark 25
before2 cue-difficulty: out -48, passage -67, more -18, option -31, wrapped -31, answer -55, feedback 14, facts 20, row -58, bank -29, lines -17, keys 46, remark -52
before2 cue-feedback: passage -43, more -37, option -38, wrapped -25, answer 20, feedback -22, hint -18, row -89, bank -60, lines -28, remark 65
before2 cue-hint: out -16, option 13, answer -13, facts 18
before2 cue-level: out -84, passage -56, stem -13, more 45, option 51, wrapped -24, answer -60, hint -13, facts 70, bank -72, lines 17, keys -55, remark -25
before2 cue-outcome: out -24, passage -25, stem -43, more -34, option 32, answer -29, row -42, keys -37, remark -16
before2 cue-points: passage -54, stem -14, more -106, option -23, facts 50, row -60, bank -48, lines -37, keys 41, remark -33
before2 cue-sample: passage -76, more -50, answer 79, feedback -123, hint -40, row -20, bank -20, lines 13
before2 cue-tags: more -38, option -20, answer 35, facts -59, row -67, keys -47
before2 cue-wordBank: out 32, passage -30, stem 14, option -17, answer -31, feedback -54, facts 23, row -15, bank 23, keys -33
before2 edge: out 44, passage -76, stem -19, more -37, option -35, answer -62, feedback -98, hint -21, facts -20, bank -80, lines -25, keys -58, remark -28
before2 field: stem -37, more -59, option -34, wrapped -32, feedback -51, hint -38, facts -25, bank -81, keys -19, remark -40
before2 field-kind: passage -64, stem -35, more 34, answer -54, feedback -48, facts 33, row -26, bank -32, lines -18, keys 18
before2 field-number: passage -17, more 34, option -49, answer 14, feedback -21, facts 29, bank -19, lines -13, keys -74
before2 field-option: out -49, passage -67, stem -39, option 29, answer -41, feedback -52, hint -12, facts 48, row -47, bank -34, lines -18, keys -14, remark -40
before2 field-stem: out -38, passage -32, stem -59, more 18, option 29, answer -80, feedback 35, facts -18, row -43, bank -27, lines -34, keys 24, remark -14
before2 field-time: more -13, answer -12, feedback -15
before2 gap: out -51, passage 29, stem 68, more 13, option -46, answer -25, feedback -91, hint -28, facts -22, bank 28, lines -22, keys -54, remark -20
before2 heading: out 18, stem -23, more -44, option -12, answer -33, feedback -88, hint -24, facts -25, row -22, lines -15, remark -32
before2 identity: out 22, stem -16, option -22, answer -49, feedback -42, hint -44, row -24, bank -33, keys -12, remark -26
before2 instruction: out 40, passage -36, answer -61, feedback -20, row -14, keys -35
before2 key-title: passage -20, stem -51, more -17, option -14, answer -60, feedback -39, facts -33, row -40, keys 63
before2 let-lone: out -26, passage -35, stem -26, more -13, wrapped -17, answer -16, feedback 69, hint -33, facts 16, row -38, bank -79, lines 14, keys -33, remark -35
before2 let0: out -35, passage -75, stem 33, more -24, option -12, wrapped -28, answer -19, feedback -25, hint -63, facts -56, bank -13, lines 12, keys 19, remark -90
before2 let1: out -19, passage -35, stem -30, more -16, option -55, answer -18, facts -13, row -65, bank -66, lines -60, keys 16, remark -35
before2 let1-first: out -48, passage -23, stem -16, option 23, wrapped 14, answer 28, feedback -14, hint -31, facts 28, lines -16, keys -36, remark -19
before2 let2: out -22, passage -23, stem 31, more -47, option -64, wrapped -63, answer 32, feedback 49, hint -18, facts 15, bank -17, lines -15, keys 31, remark -43
before2 let2-first: out 39, stem -30, option 38, wrapped -27, answer -16, keys 26
before2 letter: passage -16, more -28, option -38, wrapped -17, answer 39, feedback -91, facts -68, row -51, keys -56, remark -27
before2 lines: out 27, more -32, option -49, facts -19, keys -35
before2 num-lone: passage -54, stem -32, more 26, option 48, wrapped -17, feedback 36, hint -59, facts -18, row -32, bank -65, lines 36, keys -23, remark -47
before2 num0: out -13, passage -86, stem -45, wrapped -86, answer -31, hint -67, facts -29, row -14, bank -73, remark -101
before2 num0-again: passage -52, stem -18, more -54, option 29, wrapped -39, answer -15, feedback -14, hint -44, facts -90, bank -31, lines -18, keys -37, remark -36
before2 num1: passage -52, stem -28, more 13, wrapped -29, answer -14, hint -59, facts -39, row -26, bank -71, lines -36, remark -60
before2 num1-first: passage -16, stem -28, option 13, wrapped 12, bank -26, keys -56, remark -26
before2 num2: out 24, stem 29, more -54, option -17, answer -41, feedback -20, row 28, keys -32
before2 number: out -62, passage -47, stem 29, more -89, option 53, facts 27, row -70, bank -22, lines 17, keys -68
before2 pair: out -25, passage -25, stem 42, option -22, answer -63, feedback -63, facts -31, row -13, keys -42, remark -18
before2 phrase: out -29, more -86, option 53, wrapped 26, answer 16, feedback -118, hint -24, facts -15, bank -59, keys -63, remark -61
before2 rom-lone: passage -50, more -22, option 56, feedback -34, facts -81, row -36, bank -41, lines 13, keys -20
before2 rom0: out -31, passage -36, stem 20, more 14, wrapped -41, answer -13, hint -33, facts -41, row -22, bank -15, lines -24, keys -13, remark -38
before2 rom0-again: out 19, passage -20, more -20, option -45, answer -55, facts -24, row -18, keys 29, remark -35
before2 rom1: out -84, stem 29, option 34, answer -15, feedback 21, facts -25, row -51, keys -17, remark -15
before2 rom1-first: stem -24, answer -28
before2 rule: out -54, option -24, wrapped -20, answer 19, feedback -145, hint -37, facts -18, row -72, bank -78, lines 15, keys 14, remark -35
before2 section: out -13, passage -26, stem 71, option -15, wrapped -12, answer -52, hint -17, facts -27, row -22, lines 15, keys -26, remark -13
before2 sentence: passage 24, stem -24, more -22, option -75, wrapped 31, answer -50, feedback -14, hint -31, facts 25, lines 20, keys -19, remark 17
before2 short: out -34, feedback 16, hint -66, facts -61, row -72, bank -40, lines -84, keys -50, remark -69
before2 short-sentence: out -54, passage 50, more -67, option 35, wrapped -38, answer -47, feedback -77, hint -67, facts -37, bank -57, lines -38, keys -48, remark 38
before2 table-down: out 16, passage -34, stem -95, option -31, answer -74, feedback -52, facts -45, row -29, bank -49
before2 table-pairs: passage -53, stem 42, more -42, option -62, feedback -66, facts -23, bank -50, keys -21
before2 table-ticks: out -46, passage -24, stem -14, more -61, answer -58, feedback -55, hint -23, row 37, bank -28, keys -29, remark -23
before2 table-wide: out -31, passage -13, stem 18, answer -78, facts -29, bank -27
before2 text: passage 60, more -49, option -36, wrapped -95, answer -93, feedback -72, hint -49, row -26, bank -55, keys -38
before2 ticked: passage -18, stem 19, more -42, option -24, answer -114, feedback 26, facts 19, row -32, bank -17, keys -37, remark -55
before2 truth: out -25, passage -38, stem 40, more -65, feedback -50, hint -18, facts 44, row 21, keys -35
before2 word-lone: passage 19, stem 17, option -86, answer 20, feedback -13, facts 36, row 71, bank -19, lines 16, keys -48
before2 word0: passage -113, more 17, wrapped -78, feedback -51, hint -47, facts -31, row -22, bank -23, lines 30, remark -99
before2 word0-again: out 17, more 46, option 24, wrapped -38, answer -41, feedback 32, facts -29, row -17, bank -23, remark -17
before2 word1: out 17, stem -19, option 22, answer 12, facts -33, keys -41
before2 word1-first: out -17, option 13, facts 16
behind arrow: out -38, passage -30, stem 34, option 25, wrapped -66, answer -96, feedback -20, facts -23, row 26, bank -13, keys -60, remark -43
behind asks: out -25, passage -14, stem -19, more -25, option 34, wrapped -65, answer 51, hint -46, facts 19, row -91, bank -77, lines -44, keys -107, remark -29
behind box: passage -57, stem 62, more 40, option -16, wrapped 16, answer -92, feedback -98, hint -47, facts -111, row -63, bank -58, lines -27, keys -36, remark -60
behind bracketed: passage -65, stem 15, more -16, option 36, wrapped -18, feedback -76, facts -73, row 25, bank -15, lines -15, remark -24
behind bullet: more -25, wrapped -22, answer 17, feedback -96, hint -48, facts -65, bank -37, lines -30, keys -73
behind capitals: out -30, passage -89, stem -20, wrapped -38, feedback 14, facts -38, row 20, bank -52, lines -13, keys -17, remark -17
behind cells: stem -23, more -31, option -49, answer -13, feedback 16, hint -63, row 18, bank -92, lines -31, keys -32, remark -23
behind chatter: out -32, passage 37, stem -55, more -15, option -28, wrapped -15, hint -20, facts -43, row -45, bank -49, lines 16, keys 38, remark -45
behind colon: out -39, passage -38, stem 27, more 13, row -15, keys -42
behind cue-answer: out -92, passage -44, stem 74, more 60, wrapped -57, answer -72, feedback -121, hint -75, facts -83, row 33, lines -97, keys -136, remark -75
behind cue-difficulty: out -113, passage -99, stem 38, more 36, wrapped -52, answer 53, feedback 13, hint -42, facts -14, row -42, remark -110
behind cue-feedback: out -29, stem -57, option -31, wrapped -45, answer 58, feedback -121, hint 18, facts 21, row -66, bank -17, lines -16, keys -84, remark -46
behind cue-hint: out -14, option 39, feedback 14, row -26
behind cue-level: out 42, stem -29, more -47, option -18, answer -32, hint -22, row -49, bank -66, keys -76, remark -61
behind cue-outcome: out 25, passage -25, stem -130, more -22, option -76, wrapped -22, feedback -90, row -57, bank -19, keys -18, remark -30
behind cue-points: out -67, passage -76, stem -27, more 24, option -87, answer 64, feedback -17, hint -15, facts 20, row 33, bank -50, keys -47, remark -21
behind cue-sample: out -70, passage -21, stem 85, more -12, option -27, answer -55, feedback -46, facts -46, row -45, lines 57, keys -45
behind cue-tags: out -55, passage -23, stem -64, more -21, option -32, feedback -38, hint -21, facts 40, bank -20, keys 36, remark 41
behind cue-wordBank: out -16, passage -60, stem 42, more 21, option -46, wrapped -14, answer -64, feedback -33, facts -23, row -20, lines -17, keys -40
behind edge: out 38, passage -56, stem -19, more -39, option -23, wrapped -65, feedback -35, hint -40, facts -46, row -53, bank -77, lines -50, remark -31
behind field: out -22, stem -21, more -33, wrapped -34, answer -30, feedback 29, hint -33, facts 31, bank -39, lines -34, keys -33, remark -39
behind field-kind: out -44, stem -30, more -57, option -56, answer -80, feedback -30, facts 50, row -56, bank -23, lines -32, keys 32, remark -36
behind field-number: out 25, stem -29, more -57, option -98, answer -53, bank -36, keys -102, remark -32
behind field-option: out -68, more 41, option 37, answer -45, feedback -35, facts -109, row -51, bank -42, lines -14, keys -27
behind field-stem: out 20, passage -42, stem -69, more -46, option -67, answer -69, feedback 29, facts 16, bank -18, lines -33, keys -34, remark -17
behind field-time: out 14, stem -15, facts -14, keys 15
behind gap: out -44, more 38, option 45, answer -31, feedback -98, facts 29, row -37, bank 17, lines -28, keys -72, remark -30
behind heading: stem 19, option -18, feedback 17, hint -18, facts -20, row -42, bank 18, lines -31, keys -41, remark -27
behind identity: out 30, passage -66, stem -92, more 28, option 22, answer -24, row -36, bank -36, keys -78
behind instruction: out 46, passage -20, stem -39, more -29, option 48, answer 48, facts -39, keys -46
behind key-title: passage -35, stem 47, wrapped -27, answer 18, feedback -68, hint -19, facts -22, row -22, bank -15, keys -66, remark -39
behind let-lone: passage 49, more -14, option -84, wrapped -35, feedback -21, hint 13, facts 34, row 17, bank -53, lines -23, keys -23, remark -30
behind let0: out -29, passage -31, option -16, wrapped -32, answer -41, hint -67, facts 17, row -52, bank -63, lines -21, keys 37
behind let1: out -13, passage -91, stem -63, more -80, option -13, wrapped 32, answer -23, feedback -36, hint -47, facts -41, bank -38, lines -38, keys -27, remark 39
behind let1-first: out -19, passage -14, stem 50, more 41, option -123, wrapped -50, answer -123, feedback -57, hint -26, facts 15, row -93, bank -41, lines -24, keys -18, remark -45
behind let2: stem -100, more -55, option 14, wrapped -50, answer -26, feedback -18, facts -54, row -43, lines -14, keys -16
behind let2-first: out -53, stem 75, more 51, option -82, wrapped -47, answer -72, feedback -45, facts 21, row -27, bank -25
behind letter: out -98, stem 13, option 105, wrapped -20, answer -38, feedback -67, row -21, keys -56
behind lines: out -50, stem -29, more -13, option 27, answer -31, facts 47, lines 17, keys -35
behind num-lone: out 25, passage -40, stem -31, more -18, option -43, wrapped -14, feedback -23, hint -20, facts -14, row 13, lines -21, remark -24
behind num0: out 15, stem -77, more -73, wrapped -13, facts -85, bank -17, lines -46, remark -33
behind num0-again: out 16, passage -50, stem -12, more -14, option -13, wrapped -37, answer -111, feedback -90, hint -38, facts -59, row -12, bank -45, lines -45, remark -35
behind num1: out -27, passage -57, stem -30, more -55, wrapped -39, answer -62, feedback -60, hint -39, facts -82, bank -16, lines 12, keys 21, remark -51
behind num1-first: out 77, passage -43, stem -35, more -39, option -41, wrapped -20, answer -75, feedback -62, hint -19, facts -60, row -39, bank -53, lines -15, keys 35, remark -36
behind num2: out -18, stem -47, more -43, option 16, answer -43, feedback -35, facts -38, bank -14, lines -13, keys -25
behind num2-first: stem 58, more 44, option -79, wrapped -35, answer -43, row -20
behind number: out -72, passage -18, stem 81, more -19, option 24, wrapped 33, answer -60, feedback -68, hint -14, facts -22, row -78, keys -33
behind pair: out 21, passage -40, more -14, wrapped -37, answer -21, feedback -80, bank -36, lines -25, remark -26
behind phrase: out -22, passage 23, stem -13, more -52, answer -60, feedback -36, hint -49, facts 30, row -48, bank -17, lines -52, keys -13, remark -16
behind rom-lone: out 31, passage -49, more 23, answer -42, row -57, bank -31, remark -16
behind rom0: passage -13, stem 14, more -15, wrapped -56, answer -12, feedback -23, hint 17, facts -67, row -16, bank -25, remark -48
behind rom0-again: out 47, passage -26, stem -39, more -22, option -57, answer -48, feedback -71, facts -53, row -18, keys 45, remark -31
behind rom1: out -27, stem -88, option 15, answer -32, facts -26, keys -25, remark -25
behind rom1-first: out -70, stem 33, more -17, option -15, row -12
behind rule: out -46, passage -107, option -30, wrapped -37, answer -80, feedback 34, hint -37, facts -87, lines 28, keys -122
behind section: out -14, passage -50, stem 56, wrapped -25, answer -24, feedback 18, hint -26, row -52, bank -58, lines -15, keys -33, remark -48
behind sentence: stem -71, more -32, option -18, wrapped -30, answer 13, hint -30, facts 26, row -86, bank -48, lines -23, keys 33, remark -51
behind short: out 46, more -56, wrapped -36, feedback 33, hint -32, facts -51, row -53, bank -84, keys -22, remark -52
behind short-sentence: out -19, stem -65, more -66, answer 45, hint -33, facts 43, bank -56, keys -46, remark -69
behind table-down: out -32, stem -53, answer -29, feedback -13, hint -18, facts -35, row -30, keys 45
behind table-pairs: out -22, passage -13, stem 84, option -43, answer -95, feedback -82, hint -27, facts -36, bank -39, lines -28, remark -32
behind table-ticks: out -37, stem 62, more 22, option -27, answer -89, feedback -57, facts -39, row 24, bank -13, lines -25, keys -41, remark -16
behind table-wide: out -33, passage -27, option 36, feedback -25, facts 50, row -26, keys -52, remark -16
behind text: stem -25, more -18, option 26, wrapped -93, answer -52, feedback -41, hint -61, row -46, bank -94, lines -33, remark -61
behind ticked: out 28, stem 45, more -43, option -43, wrapped -17, answer -89, feedback -27, facts -43, row -29, bank -16, keys -50, remark -12
behind truth: out -49, passage -25, stem 106, more -83, option -52, feedback -67, facts 14, row -33, bank -18, lines -14, keys -62, remark -19
behind word-lone: out 37, stem -14, more -39, answer -33, feedback -69, hint -14, facts 48, row -57, bank -61, keys -55, remark -43
behind word0: out 16, stem -35, more -32, wrapped -49, answer -25, feedback 14, hint -84, row 16, bank 12, lines -19, keys -13, remark -68
behind word0-again: out 74, passage -57, stem -14, more 27, feedback -76, facts -93, row -56, bank -15, keys 24, remark -21
behind word1: passage -30, stem 16, more -26, feedback -38, keys -23
behind word1-first: out 34, stem -70, option -23, answer -65, facts 24, row -21, keys -58
behind2 arrow: out 27, passage -29, stem -49, wrapped 16, feedback -18, hint -15, facts 38, row 25, keys -54, remark -25
behind2 asks: out -17, passage -24, more -19, wrapped 16, answer 12, feedback -17, hint -62, facts 37, row -91, lines -52, keys -114
behind2 box: out -14, passage -58, option -32, wrapped -22, answer 13, hint -96, facts -35, row -44, bank -24, keys -39, remark -66
behind2 bracketed: passage -47, stem 22, option 22, wrapped -23, answer -65, feedback -97, hint -18, facts 33, bank -40, lines -17, keys -15, remark -26
behind2 bullet: out -18, passage -16, stem 15, option -15, wrapped -25, answer -17, hint -102, facts -19, row -13, bank -30, lines -16, remark -15
behind2 capitals: out 30, passage -36, stem -23, option -37, wrapped -56, answer 34, feedback -49, hint -13, facts -15, row 14, bank -12, lines 13, keys -44, remark -17
behind2 cells: out -66, option -16, wrapped -26, feedback -28, hint -72, facts -34, row 13, bank -20, lines -48, keys 18, remark -23
behind2 chatter: out -52, passage 14, stem -37, more -15, option -13, answer -22, facts -27, row -25, bank -14, lines 20, keys 46, remark -16
behind2 colon: stem -20, more -40, option -28, answer 21, feedback -26, facts -63
behind2 cue-answer: passage -17, stem -31, wrapped -13, answer -39, feedback 14, hint -81, row 32, lines -55, keys -137, remark -61
behind2 cue-difficulty: out -35, passage -37, more -13, option 27, wrapped -28, feedback -14, hint -38, facts -22, row -44, remark -45
behind2 cue-feedback: more -29, option 84, wrapped -36, answer -57, feedback -47, facts -28, row -117, bank -62, keys -58, remark 50
behind2 cue-hint: out -13, option 50, answer -13, row -13
behind2 cue-level: out 38, passage -36, stem -18, more 17, option -50, wrapped -33, answer -33, feedback -13, hint -32, row -31, bank 18, keys -23, remark 21
behind2 cue-outcome: stem -69, answer -25, row -68, keys 19
behind2 cue-points: out -81, passage -37, stem -36, more -29, answer 65, feedback -42, hint -12, facts 18, row 36, bank -18, keys -57
behind2 cue-sample: out -47, stem -32, option -28, answer 26, facts -21, row -56, bank -27, lines 29, keys 47, remark -15
behind2 cue-tags: out -34, passage -28, stem -22, more -20, feedback 21, facts 55, row -46, bank -14, keys -56
behind2 cue-wordBank: out -23, passage -14, more 26, option -25, answer -26, facts 13, keys -19
behind2 edge: out 26, passage -47, stem -18, more -32, option -36, wrapped -50, answer -16, feedback -55, hint -53, facts -25, row -59, bank -43, lines -14, remark -54
behind2 field: passage 17, stem -15, more -15, wrapped 12, feedback -37, hint -28, facts -33, row -19, bank -15, lines -26, remark -28
behind2 field-kind: out 16, stem -87, more -37, answer -42, feedback -33, facts 53, bank -22, lines -35, keys -45, remark -17
behind2 field-number: out 32, stem -48, more -28, option -88, answer 41, feedback 59, row 60, lines -13, keys -16, remark -17
behind2 field-option: out -91, passage -34, more 42, option 16, answer -58, row -26, bank -43, lines -18, keys -45, remark -12
behind2 field-stem: out -29, passage 20, stem -117, more -47, option -78, answer -74, feedback 30, facts 59, row -36, bank -47, lines -24, keys -68, remark -43
behind2 gap: passage -72, stem -13, more 26, option -24, wrapped -20, feedback -43, hint -16, facts -14, row 34, bank -18, lines 23, keys -41, remark -45
behind2 heading: passage 20, more -29, option -21, wrapped -26, answer -21, feedback 22, hint -25, facts -38, row -54, bank -17, remark -19
behind2 identity: out 38, passage -68, stem -34, more -17, option -23, answer -37, feedback 33, facts -44, row -18, bank -23, keys -64, remark -18
behind2 instruction: out 56, passage -13, stem -44, more -44, option -14, answer -18, feedback -21, row 18
behind2 key-title: out 26, passage -30, stem 23, more 26, option 22, answer -91, feedback -65, hint -24, row -34, keys -69, remark -23
behind2 let-lone: out -14, passage 57, stem -59, more -47, wrapped -53, answer -16, feedback 21, hint -46, facts 15, row 48, bank -19, keys -50, remark -61
behind2 let0: out -21, passage -43, stem 34, more -27, option -19, wrapped 24, answer -13, hint -78, row -68, bank -23, lines -42, keys 41, remark -74
behind2 let1: passage -51, more 12, wrapped 12, answer -44, feedback -65, hint -44, facts -91, row -35, bank -55, lines -52, keys -44, remark -15
behind2 let1-first: stem -21, option -53, wrapped -78, answer -16, feedback 22, facts 32, row -45, bank -70, lines -31, keys -53, remark -70
behind2 let2: out -66, stem 71, more 17, option -19, wrapped -72, answer -99, feedback -54, facts -30, row -31, bank -29, keys 17
behind2 let2-first: out 23, passage -22, stem -37, wrapped -26, answer 17, feedback -47, facts 80, row -38, bank 36, keys -62
behind2 letter: stem -52, more -31, option 18, wrapped -19, answer 31, facts -52, row -17, lines -14, keys -52, remark -35
behind2 lines: out 19, passage -31, stem -33, more -18, option 33, answer -22, feedback -21, keys -26
behind2 num-lone: passage 14, stem -40, more -40, wrapped -25, answer -24, hint -62, facts -38, row 19, bank -79, lines -14, keys 31, remark -54
behind2 num0: out -24, stem -37, more -46, wrapped -21, answer -31, hint -28, facts -34, bank -31, lines -17, remark -39
behind2 num0-again: out -65, passage -55, more -43, wrapped -64, feedback -22, hint -46, facts -34, row -38, bank -31, lines -63, remark -38
behind2 num1: passage -53, more -65, option -17, wrapped -17, answer -46, feedback -23, hint -38, facts -63, bank -40, lines -40, keys 37, remark -55
behind2 num1-first: out 31, more -62, wrapped -57, answer -29, hint -27, row -34, bank -55, lines -26, keys -40, remark -40
behind2 num2: out -20, more -31, wrapped -35, answer -65, feedback -35, facts -41, bank -14, lines -13, keys -23
behind2 num2-first: out 13, option 13, answer -22, row -32
behind2 number: out -28, passage -107, stem 54, more -103, option -27, wrapped -27, answer 69, feedback -50, facts 28, row -78, bank -20, lines -21, keys -32, remark -23
behind2 pair: out 21, passage -36, stem 43, more 32, option -38, wrapped -18, answer -48, feedback -86, hint -20, facts -28, lines 28, keys -20, remark -37
behind2 phrase: passage 24, stem -15, more -24, option 25, wrapped 53, answer -45, hint -44, facts -37, row -36, bank -51, lines -34, keys -65, remark -17
behind2 rom-lone: out 52, passage -27, stem -41, more 14, answer -23, feedback -23, facts 13, row -41, keys -17
behind2 rom0: out 47, stem 21, more -30, wrapped -43, answer -34, feedback -21, hint -26, facts -43, row -27, bank -28, lines -18, keys -53, remark -54
behind2 rom0-again: passage -15, option -58, answer -51, feedback -29, facts -33, row -15, bank -13, keys 28, remark -35
behind2 rom1: out -49, more -27, option 27, answer -31, facts -48, row -22, keys -18, remark -19
behind2 rom1-first: out -18, stem -24, more -17, wrapped 36, answer 12, feedback -17, hint -24, facts 21, remark -24
behind2 rule: out -32, passage -49, stem -19, option -40, wrapped -29, feedback -45, facts 17, row -81, bank -72, lines 21
behind2 section: out 29, passage -39, stem -28, more 48, option 14, wrapped -21, answer -23, feedback -15, facts -46, row -57, bank -21, lines 22, keys -26, remark -19
behind2 sentence: out 31, stem -24, more -18, option -36, wrapped -52, answer -16, hint -17, facts 47, row -76, bank 22, keys -30
behind2 short: passage -76, stem 35, more -23, option 36, wrapped -19, feedback -49, hint -81, row -40, bank -46, lines -31, remark -31
behind2 short-sentence: more 19, wrapped -20, answer -109, feedback -74, hint -39, facts -73, bank -67, lines 16, keys -44, remark 29
behind2 table-down: passage -12, stem -71, more 50, option -43, answer -49, feedback -56, row -46, bank -13, keys 43
behind2 table-pairs: out -22, passage -36, stem 63, more -13, option -56, wrapped -21, answer 26, feedback -87, hint -26, row -29, bank -45, lines -39, remark -26
behind2 table-ticks: out -24, passage 32, option -33, wrapped -38, answer -62, hint -26, facts -19, row 34, bank -35, lines -34, keys -39, remark -15
behind2 table-wide: out -32, stem -50, answer -56, facts -44, row 60, keys -41
behind2 text: out -24, stem 29, more -22, wrapped -101, answer 12, feedback -82, hint -53, facts -17, bank -22, keys -40
behind2 ticked: out -92, passage -29, more 31, answer -91, feedback -60, hint 32, facts 13, row -27, bank -47, remark -16
behind2 truth: out -106, passage -31, stem 19, more -87, option -53, wrapped -15, answer 112, hint -27, facts 33, row -31, bank -15, keys -35, remark -14
behind2 word-lone: out -26, passage -20, stem 14, wrapped -16, feedback 54, facts -34, row -57, bank -23, lines 21, keys -32, remark -21
behind2 word0: out -34, stem 16, more 31, wrapped -46, feedback -36, hint -38, facts 15, row 17, lines -17, keys -71
behind2 word0-again: out -13, passage -25, stem 13, more 35, feedback -26, row -74, keys 18, remark -16
behind2 word1: out -52, stem 19, more -17, answer 35, facts 17, row -24, keys -16
behind2 word1-first: out 19, passage -44, stem 18, more -29, option 42, answer -23, feedback -35, facts -19, bank -38, keys -33
bold all: out -130, passage -112, more -90, option 42, wrapped -49, answer 18, feedback -79, hint -38, facts 69, row -105, bank -56, lines -46, keys -77, remark -45
bold some: out -22, passage -70, stem 22, more -74, wrapped -19, answer 27, feedback -14, hint 14, row -124, lines -30, keys -79, remark -34
box end bracket: stem -65, more -43, option 23, answer -61, feedback -21
box end none: passage -17, stem -68, more -38, option 23, answer -32, feedback -34, hint -19, facts -61, row -34, bank -33, lines -17, keys -53, remark -18
box end stop: passage -32, stem -21, more -23, option 66, answer -103, feedback -34, remark -24
box open: out 23, passage -12, option 51, answer -51, feedback -19, facts -20, row -43, keys -40
box ticked: out -52, facts 54
box words 1: out -35, stem -40, more -23, option 31, feedback -15, facts -43, bank -13, lines -13, keys -32
box words 15: out 15, stem -36, option 21, answer -50, feedback -16
box words 3: stem -59, more -48, option 57, answer -132, feedback -25, facts -48, row -19, keys -16, remark -15
box words 7: out 44, passage -30, stem -60, more -26, option -20, answer -100, feedback -31, facts -12, bank -18, keys -29, remark -16
box words many: out 18, stem -12
bracketed end bracket: passage -35, stem -110, more -19, option -61, wrapped -21, answer -33, hint -47, facts -84, row -38, bank 20, lines -45, keys 14, remark -26
bracketed words 1: out -46, stem -13, more -54, option -39, answer 52, feedback -13, facts -28, bank -28, keys 35
bracketed words 15: out 49, passage -29, stem -77, more 20, option -20, answer -106, hint -17, facts -32, row -21, bank -21, lines -21, keys -136, remark -12
bracketed words 3: out -40, stem -29, more 41, option -65, wrapped -14, feedback -53, facts -34, row -22, bank -90, lines -13, keys 28
bracketed words 7: passage -21, stem -61, more -84, option -36, feedback 16, hint -22, facts -26, row -19, bank 26, lines -12, remark -15
bullet end asks: out -26, stem 27, more 33, option -91, row -22, remark -30
bullet end bracket: out -16, stem 69, more -87, option -34, answer -101, feedback -75, facts -45, row 23, remark -46
bullet end colon: option -34, remark -16
bullet end gap: out 29, stem -22, more -25, option -28, feedback -21, remark -15
bullet end none: passage -23, more -29, option 20, wrapped -19, answer -40, feedback -87, facts -52, row -17, bank -32, lines -29, keys -65, remark -72
bullet end stop: out -46, passage -16, stem -53, more -21, option -19, answer -102, feedback 26, hint -19, row -76, keys -14, remark 44
bullet words 1: out -32, stem -74, option 34, answer 26, feedback -87, facts -38, row -72, keys -27, remark -44
bullet words 15: passage -15, stem 14, more -121, option -62, answer -112, hint -13, facts -43, row -99, bank -15, keys -18, remark 52
bullet words 3: passage -12, stem -20, more -97, option 56, wrapped -14, answer -168, feedback -91, facts -27, row 21, bank -15, lines -21, keys -47, remark -60
bullet words 7: out 13, passage -18, answer -158, feedback 26, hint -12, facts -26, row -65, bank -13, keys -17, remark -61
bullet words many: out -24, stem 59, more -14, option -54, answer -26, feedback -15, row -16
capitals end none: out 24, passage -56, stem -57, more -43, feedback -62, hint -28, facts -57, row -32, bank -30, keys -20
capitals words 1: out 64, stem -35, more -19, option 27, answer -83, feedback -33, facts -58, keys -40
capitals words 3: out 16, passage -25, stem -44, more -17, option 32, answer 24, feedback -14, facts -50, row -16, keys -48
capitals words 7: passage -28, stem -39, more -16, option -62, feedback -33, hint -22, facts -30, row -28, bank -21
cells end bracket: passage -35, stem 17, more -39, option -44, answer -32, feedback -26, facts -32, row 32, bank -48, keys -47
cells end none: stem -26, more 15, answer -52, feedback -110, hint -35, facts -29, row -24, lines -34, keys -23, remark -25
cells end stop: out -59, more -25, option 55, feedback -13, keys 16
cells run: out -65, passage -21, more -26, option 54, answer -60, feedback -25, facts -86, row -56, bank -43, lines -13, keys -59
cells words 15: out -72, passage -36, more 44, option 24, wrapped -25, answer -89, feedback -76, facts -98, bank -60, keys 21
cells words 3: out 54, more -36, option -122, answer -12, feedback -31, bank -23, keys -91
cells words 7: out 14, passage 14, stem -51, option -16, wrapped -37, answer -76, feedback -67, hint -19, facts -130, row -18, keys -28, remark -16
cells words many: out -63, passage -39, stem -15, more -61, answer -49, feedback -15, facts -43, bank -24, keys 34
chatter end asks: out 63, passage -42, stem -54, answer -12, feedback -24, row -12, keys -15
chatter end bracket: out 25, passage -24, stem -37
chatter end colon: out 79, passage -19, stem -45, feedback -20, keys -23
chatter end comma: out -38, passage 38, stem -22, answer -18, facts -24
chatter end none: out -21, stem 24, more -18, answer -20, feedback -28, keys 13
chatter end stop: out 51, passage -100, stem -27, more -30, option -18, answer -43, feedback -18, lines -16, keys -21
chatter run: out 32, passage -24, stem -49, keys -12
chatter words 15: out 50, passage -79, stem -41, more -21, answer -30, feedback -38, row -13, bank -13, keys -13
chatter words 3: out 45, passage -63, stem -21, answer -40, feedback -18, facts -26, keys -14
chatter words 7: out -16, passage 33, stem -56, answer -12, facts -15, keys -29
chatter words many: out 23, passage -24, more -22, answer -15, feedback -46, keys -26
colon end colon: passage -24, more 15, option -20, answer -42, feedback -42, hint -22, facts -54, row -15, bank -18, keys 19
colon words 15: out 74, stem -79, more -15, answer -29, feedback -54, hint -13, facts -27, keys -26
colon words 3: out 65, stem -49, more -17, answer -14, keys -61
colon words 7: out -84, stem 64, more 16, option -20, facts -23, row -14, bank -16, keys 36
colon words many: out 48, stem -48, keys -30
coloured: out -78, passage -27, more -43, option 47, answer 81, row -96, remark -18
columns: out -64, stem 34, more -100, answer -104, feedback -109, hint -24, bank 83, lines -31, remark -36
cue-answer end asks: out -20, option -13, answer 57, keys -56
cue-answer end bracket: out -28, stem -14, more -14, option -29, feedback -21, hint -17, bank -58
cue-answer end colon: stem -24, answer -39, keys 35
cue-answer end none: out -82, passage -54, stem -54, more -123, option -26, wrapped -31, answer 47, feedback -49, hint -14, facts -102, row -78, lines -25, remark -13
cue-answer end stop: out -26, stem -57, more -62, option -84, answer 68, feedback -48, bank -33, keys -50
cue-answer run: out -21, option -40, answer 21, keys -12
cue-answer words 1: out -39, stem -24, more -20, option 38, answer -63, facts -17, bank -26, keys 56
cue-answer words 15: out -34, stem -35, more -21, option -99, answer 35, feedback -45, bank 27
cue-answer words 3: out -79, passage -34, stem -36, option -63, wrapped -25, answer 69, facts -84, row -46, bank -61, lines -15, keys -70
cue-answer words 7: out -46, passage -27, stem -34, more -89, option -14, wrapped -14, answer 38, feedback -61, hint -23, facts -30, row -37, lines -14, keys -13
cue-answer words many: answer 56, feedback -24, bank -13, keys -48
cue-difficulty end none: out -32, passage -18, stem -47, more -44, option -64, answer -87, feedback -55, facts 60, row -56, lines -19
cue-difficulty words 3: out -31, passage -18, stem -47, more -44, option -63, answer -83, feedback -55, facts 72, row -56, lines -18, keys -28
cue-feedback end bracket: out -22, more 14, feedback 13
cue-feedback end none: out -97, stem -36, more -29, answer -29, feedback 82, facts -49, row -16, keys -88, remark -21
cue-feedback end stop: passage -36, stem -62, more -12, option -58, wrapped -35, answer -94, hint -43, facts -29, row -33, bank -14, lines -14, keys 18, remark 29
cue-feedback words 1: out 32, stem -41, more 29, option 33, answer -16, feedback -39, facts 12, keys -21, remark -12
cue-feedback words 15: out -13, passage -20, stem -57, more -42, option -48, wrapped -35, answer -58, feedback 29, hint -34, facts -24, row -21, keys 19
cue-feedback words 3: out -40, more -28, answer -22, feedback 32, facts -13
cue-feedback words 7: passage -21, stem -54, option -106, answer -56, feedback 26, hint -14, facts -55, row -24, bank -12, keys -45, remark 30
cue-feedback words many: out -32, stem -22, option -19, answer -13, feedback 24, remark -21
cue-hint end none: out -38, stem -18, option 43, feedback -20, hint -19, facts -22, row -15, keys -30
cue-hint end stop: out -54, passage -16, stem -44, option -26, wrapped -13, answer -47, feedback -53, hint 52, facts -19, keys -12, remark -16
cue-hint words 1: out -38, stem -18, option 43, feedback -20, hint -19, facts -22, row -15, keys -30
cue-level end none: out -19, passage -33, stem -92, more -50, option -17, answer -15, feedback -53, facts 31, row -55, bank -22, keys -70
cue-level words 1: out -44, stem -17, more -35, option 46, answer -44, facts -31
cue-level words 3: out 45, passage -18, stem -36, more -17, option -39, feedback -36, facts -34, row -18, keys -39
cue-level words 7: out -124, passage -25, stem -72, more -14, option -70, answer -173, feedback -28, facts 129, row -38, bank -14, keys -44
cue-outcome end none: passage -36, stem -96, more -16, option -49, answer -51, feedback -68, hint -23, facts 19, row -51, bank -26, remark -14
cue-outcome words 7: passage -36, stem -97, more -16, option -47, answer -50, feedback -67, hint -23, row -51, bank -26, remark -13
cue-points end gap: out 32, passage -12, stem -27, more -15, answer -21, facts -35, bank -14, keys -19
cue-points end none: out -60, passage -25, stem -44, more -27, option -50, answer -22, feedback -57, hint -17, facts 42, row -42, bank -14, lines -25
cue-points words 15: out 32, passage -12, stem -27, more -15, answer -21, facts -35, bank -14, keys -19
cue-points words 3: out -60, passage -25, stem -44, more -48, option -49, answer -21, feedback -55, hint -17, facts 42, row -40, bank -14, lines -25
cue-sample end comma: option -13, answer 56, keys -13
cue-sample end none: out -31, passage -19, stem -55, more -49, option -39, answer 36, facts -43, row -44, bank -23
cue-sample end stop: out -47, passage -34, stem -43, more -72, option -20, answer 72, feedback -58, hint -19, facts -18, row -19, bank -24, lines -15, keys -52
cue-sample words 15: out -33, passage -21, stem -70, more -54, option -47, answer 67, feedback -31, facts -42, row -48, bank -25, lines -15, keys -33
cue-sample words 3: out -44, passage -15, stem -18, answer -23, facts -18, keys 55
cue-sample words 7: out -20, stem -23, more -27, option -14, answer 69, feedback -19, keys -52
cue-sample words many: out -51, passage -19, stem -32, more -48, option -12, answer 42, feedback -36, facts -14, row -14, bank -16, keys -18
cue-tags end none: out -37, passage -27, stem -63, option -48, answer -57, feedback -37, row -43, bank -12, keys 33
cue-tags words 3: passage -23, stem -42, more -28, option -26, answer -42, feedback -46, facts 23, row -36, keys -55
cue-wordBank end none: passage -38, stem -39, more -47, option -36, answer -44, feedback -47, facts -19, row -27, bank 49, keys -44
cue-wordBank words 7: passage -36, stem -35, more -44, option -41, answer -63, feedback -45, facts -18, row -26, bank 46, keys -40
end asks: stem 46, more 14, option -79, wrapped -66, answer -104, feedback -89, hint -38, facts -120, row -96, bank -50, lines -51, keys -114, remark -77
end bracket: passage -114, stem 31, more 43, option -89, wrapped -106, answer -15, hint -77, facts 25, row -77, lines -83, keys -38, remark -88
end colon: out 33, passage -73, stem 38, option -105, wrapped -21, answer -114, feedback -47, hint -41, facts 71, row -47, bank -36, lines -57, keys 26, remark -36
end comma: passage 44, stem -74, more 48, option -57, answer -38, feedback -92, hint -14, facts -48, row -50, bank -29, lines -26, remark -41
end gap: passage -33, stem -30, wrapped -31, answer -49, feedback -86, hint -38, facts -16, row -50, bank -35, lines 31, keys -61, remark -29
end none: passage -36, stem -75, more -85, wrapped -34, answer 13, feedback -50, hint -125, bank -23, lines -183, keys 18, remark -169
end stop: out -34, stem -29, more -43, option -33, answer -35, feedback 23, facts -163, row -211, bank -157, lines -169, keys -63, remark 27
field end asks: passage 27, stem -27, option -14
field end bracket: out 29, passage -44, stem -38, more -56, option 49, answer -89, feedback -68, facts -92, row -19, bank -24, keys -20
field end colon: passage -47, stem -17, more 16, option -54, answer -51, feedback -36, facts 50, row -52, keys -13
field end gap: out 30, stem -21, more -13, option -31, answer -46, feedback -17, facts -30, row -21, keys -16
field end none: out -13, passage 15, more -75, option -62, wrapped -16, answer -41, feedback -126, hint -22, bank -49, lines -30, keys -44, remark -25
field end stop: out -42, passage 16, more -30, option -56, answer 21, hint -20, facts -57, row -36, bank -13, keys -33, remark -23
field words 1: out 23, stem -28, more -18, option -37, answer -38, facts 66, row -34
field words 15: out -26, more -50, answer 21, feedback -96, hint -21, row -59, bank -19, lines -15, keys -20, remark -25
field words 3: passage 18, stem -52, more -15, option -107, answer -99, feedback -81, facts -25, row 32, lines -27, keys -24, remark -20
field words 7: out 20, passage -22, stem -26, more -18, answer -17, hint -23, facts -29, row -46, bank -29, lines -13, keys -82, remark -15
field words many: out -79, passage 58, stem 34, more -15, answer -18, feedback -15, facts -18
field-kind end none: out 13, passage -44, stem -86, more -43, option -39, answer -24, feedback -49, facts 20, row -44, bank -18, keys -55
field-kind words 3: passage -15, stem -35, more -40, option -31, feedback -14, facts 30, row -39, bank -13, keys -21
field-kind words 7: passage -33, stem -68, option -29, answer -71, feedback -41, row -16, keys -43
field-number end none: out -42, passage -31, stem -44, more -14, option -27, answer -44, facts 56, row -14, keys -22
field-number words 3: out -42, passage -31, stem -44, more -14, option -27, answer -44, facts 56, row -14, keys -22
field-option end none: out -68, stem -66, more -14, option 74, answer -47, feedback -22, facts -54, row -62, bank -15, keys -28
field-option end stop: more -22, option 25
field-option words 15: more -22, option 24
field-option words 3: out -44, stem -54, option 51, answer -32, facts -42, row -42, keys -25
field-option words 7: out -44, stem -46, more -48, option 46, answer -20, feedback -15, facts -22, row -35, keys -13
field-stem end asks: out -17, stem 50, more -17, option -32
field-stem end colon: stem -21, more 23
field-stem end none: out -29, stem 32, more -13, option -28, answer -23, facts -24, row -20
field-stem end stop: out -32, passage -13, stem 41, more -14, answer -19, feedback -17, facts -12
field-stem words 15: out -32, stem 43, more -16, option -41, answer -29, feedback -23, facts -25, row -23
field-stem words 3: stem 19, facts -12
field-stem words 7: out -35, stem 41, more -17, option -18
field-time end none: out -27, passage -27, stem -107, answer -27, feedback -76, hint -15, facts 23, row -31, keys -92
field-time words 3: out -27, passage -27, stem -107, answer -27, feedback -76, hint -15, facts 23, row -31, keys -92
first: out 48, passage -113, stem -29, facts -17, bank -61, keys -79
full asks capital: passage 21, stem -100, more 12, answer -13, feedback -43, facts 48, bank -45, keys -59, remark -15
full asks label: passage -16, stem -34, more 61, option -32, answer 38, feedback -17, facts 12, row -58, keys -59, remark -32
full asks small: out -40, passage -19, stem 31, more -49, option 21, wrapped -20, answer -30, facts -23, row -88, bank -13, lines -13, keys -77
full bracket capital: passage -44, stem 15, more -90, option 29, wrapped -19, answer 23, feedback -44, hint -13, bank 15, lines 24, keys -63, remark -18
full bracket label: out -25, stem -35, more -34, answer -76, feedback -75, facts 32, row -35, bank -22, lines -16, keys 32, remark -50
full bracket small: out 32, passage -27, stem -35, more -59, option -18, wrapped -15, answer 44, feedback 13, facts -14, bank -17, lines -14, keys -89
full colon capital: stem -46, more -28, option -37, answer 52, feedback -30, facts -22, row -15, keys -16
full colon label: more -13, option 34, answer -13, row -46
full colon small: stem -19, more -15, option 20
full comma capital: out -13, passage 33, stem -21, option -17, feedback -52, hint -13, keys 15, remark -14
full comma label: stem -35, more 42, option -29, answer -40, row -36, keys -38
full comma small: out -38, stem -45, option -49, wrapped 16, answer 26, feedback -36, facts -32, keys 27, remark -15
full deeper capital: out -132, passage -18, stem -130, answer 30, feedback 37, hint -26, facts 45, row -63, bank -61, keys -21, remark -37
full deeper label: out -112, passage -17, stem -91, more 55, option 14, answer 33, feedback -34, facts -73, row -26, lines -26, remark -38
full deeper small: out -47, passage -57, stem -103, option -16, wrapped 53, feedback -65, hint -28, facts -41, row -39, bank -24, lines -28, keys 41, remark -48
full gap capital: passage -19, stem -31, more -15, feedback -51, row -21, bank 18, lines 32, keys -106
full gap label: more 30, option -20, answer -48, facts 26, row -21, keys -40
full gap small: out -46, passage -13, stem -18, more 29, option 18, wrapped -27, answer -36, feedback -51, row -25, keys -65
full none capital: out -67, stem -94, more 38, option -27, feedback 52, hint -53, facts 37, row -38, bank -22, keys -13, remark -43
full none label: out -33, more -15, option 14, feedback -64, facts 17, keys -25, remark -34
full none small: out -52, passage 17, stem -85, more 91, option -57, wrapped 73, answer 29, feedback -32, hint -67, facts -124, row -48, bank -53, lines -13, keys 39, remark -49
full out capital: passage -33, stem -79, more -107, option 34, answer 45, facts -21, row -17, bank 39, lines 41, keys -70
full out label: out -26, stem -40, more -45, option 32, answer 13, feedback -21, facts 16, keys -21, remark -43
full out small: out -91, stem -49, more -27, option -22, wrapped -18, answer 92, feedback -75, facts 34, row 19, keys -19, remark -12
full same capital: out -18, passage 17, stem -52, option -41, wrapped -71, feedback -62, hint -51, row -60, bank -13, keys -32, remark -82
full same label: stem -34, more 32, option -43, wrapped -12, hint -19, facts 29, bank -50, lines -28, keys -34, remark 29
full same small: out -53, stem -38, more 65, option -28, wrapped 41, answer 28, hint -60, facts -21, row -50, bank -69, remark -55
full stop capital: out 14, passage 21, stem -54, more 17, option -14, feedback -68, hint -15, facts -43, row -43, lines 38, remark -60
full stop label: passage -20, stem -28, more 27, option -25, answer -28, feedback 17, hint -13, facts -40, bank -33, lines -22, keys -42, remark 32
full stop small: passage -54, stem 18, more -23, option -61, feedback -70, facts 22, bank -18, keys 36, remark -26
gap: out -104, passage 39, stem 65, more 29, option -78, wrapped -27, answer -47, feedback -68, hint -35, facts -29, row -32, bank -43, lines 39, keys -101, remark -39
gap 0: out -34, passage -36, stem -55, more 19, wrapped -25, hint -52, facts -24, bank -50, lines -44, remark -37
gap 1: out 20, more -85, option -83, wrapped -134, answer 17, feedback -45, hint -34, row -63, bank -30, lines -46, keys -81, remark -53
gap 2: passage -109, stem 68, more -40, option -175, wrapped -62, answer -236, feedback -58, hint -77, facts -42, row -68, bank -81, lines -64, keys 101, remark -36
gap behind 0: out -29, more -28, wrapped -18, answer -62, feedback -76, hint -84, row -17, bank -87, lines -54, remark -38
gap behind 1: passage -34, option -25, wrapped -71, facts -26, row -48, lines -33, keys -81, remark -42
gap behind 2: passage -35, option -57, wrapped -19, answer 45, feedback -27, hint -109, facts -51, bank -110, keys -39, remark -101
gap end bracket: out -111, passage -35, stem 34, more -15, option -15, answer 20, feedback -18, facts -30, row -32, keys -20
gap end colon: stem -24, more 21
gap end gap: out 58, passage -119, stem -13, option -30, answer -19, feedback -43, hint -27, facts -42, row -17, bank -30, lines -27, keys -39
gap end none: stem -12, more 41, option -33, answer -104, feedback -30, facts -28, row -35, bank -15, keys -34
gap end stop: out -78, passage 30, stem 27, more 14, option -26, wrapped -14, answer -77, feedback -28, facts -22, keys -29
gap words 1: out -45, passage -66, stem 30, more -18, option -31, wrapped -14, answer 32, feedback -18, facts -15, lines -22, keys -20
gap words 15: option -13, answer -77, feedback -18, facts -25, row -17, bank -18, keys -18
gap words 3: out -66, passage -40, stem 57, option -36, answer -53, feedback -14, facts -43, row -18, keys -13
gap words 7: out 58, passage -87, stem -33, option -40, feedback -36, hint -24, facts -34, row -25, bank -29, lines -19, keys -35
gap words many: out -77, passage 49, stem -48, more 46, answer -37, feedback -14, bank -15, keys -21
gaps: out 52, passage -88, stem -30, more 30, option -47, wrapped -16, answer -20, feedback -50, hint -20, facts -76, row -36, bank -26, lines -33, keys -70, remark -22
glued answer: out -28, passage -32, stem 127, more -69, option -52, wrapped -21, answer -25, feedback -116, hint -29, facts -32, row -89, bank -50, keys -53
group 1: out 50, passage -21, stem -65, more 50, option -92, answer -24, feedback 16, facts -91, row -28, bank 22, lines -62, remark -112
group 2: passage -20, stem -20, option -49, wrapped -42, feedback -55, hint -88, facts -43, bank -78, keys -13, remark -81
group 4: out -44, passage 15, stem -16, more -76, wrapped -83, feedback -37, hint -138, row 52, bank -47, lines -23, keys -19, remark -77
group 8: out -75, passage -18, more -113, option -14, answer -14, feedback -65, hint -84, facts -26, row -36, bank -98, lines -86, keys -47, remark -81
group many: out -55, passage -108, stem 47, more -151, option 80, wrapped -140, answer 12, feedback -73, hint -73, facts 41, row -152, bank -87, lines -60, keys -21, remark 51
hangs: out -23, passage -70, stem -80, more 72, option -55, wrapped 59, feedback -88, hint -53, facts -33, row -73, bank -74, lines -18, keys 26, remark 24
hangs_: out -142, passage -24, option 34, wrapped -18, answer 60, feedback -54, hint -12, facts -59, row -17, bank -58, lines -18, keys -23, remark -25
heading: out 52, passage -65, stem -159, more -69, option -111, wrapped -16, answer -88, feedback -88, hint -23, facts 72, row -109, bank -42, lines -26, keys -57
heading end asks: out 40, answer -13, facts -14, keys -45
heading end bracket: out -15, answer 34, feedback -18, facts -114, keys -36
heading end none: out 23, passage -54, stem -75, more -51, option -52, answer -166, feedback -43, hint -14, row -45, bank -14, lines -17
heading end stop: out 36, stem -31, more -21, answer -34, facts -40, keys -19
heading words 1: out 30, passage -23, stem -63, more -27, option -17, answer -84, feedback -17, facts -165, keys 27
heading words 15: out 29, passage -12, answer -69, feedback -21, facts -96, row -13, keys -57
heading words 3: passage -26, stem -44, more -35, option -29, feedback -24, row -29
heading words 7: passage -21, stem -58, more -18, answer -32, feedback -22, facts 28, row -38, keys -92
heading words many: out 12
identity end colon: out 22, facts -15
identity end gap: out 45, passage -15, stem -24, more -14, answer -29, feedback -14, facts -15
identity end none: out 41, stem -44, answer -15, facts -13, keys -12
identity words 15: out 43, stem -56, answer -16
identity words 3: out 24, facts -21
identity words 7: out 43, passage -15, stem -22, more -14, answer -27, feedback -13, facts -18
indent deeper: out -104, passage -55, stem -19, wrapped 61, answer -12, hint -88, facts -46, bank -121, lines -27
indent out: out 25, passage -61, stem -20, more -142, option -73, wrapped -132, answer 39, hint -26, facts 13, row -46, bank -26, remark -13
indent same: stem -17, option -23, wrapped -140, answer -19, feedback -44, hint -54, facts -29, row -38, bank -45, lines -53, keys -21, remark -64
instruction end none: out 20
instruction end stop: out 32, stem -39, answer -42, feedback -39
instruction words 15: out 63, stem -35, answer -36, feedback -22
instruction words 7: out 18, feedback -28
is arrow: out -15, passage -36, stem -65, more -16, option -17, answer 40, facts -54, row -58, bank -23, lines -22, keys -71, remark -14
is asksEssay: out -83, passage -41, stem 71, more 16, wrapped -39, answer -52, hint -20, facts 20, row -59, bank -22, lines -23, keys -54, remark -77
is asksMatch: out -60, passage -125, stem 113, more -101, option -28, wrapped -36, answer -38, feedback 14, hint -49, facts -37, row 23, bank -54, lines -21, keys -56, remark 37
is asksOrder: out -54, passage -73, stem 112, more -18, option -42, answer -27, feedback -38, facts -16, row -32, bank -29, keys -23, remark -33
is asksSeveral: passage -38, stem 63, more -35, option -112, wrapped -24, answer -93, feedback -74, hint -16, facts -51, row -40, bank -48, lines -17, keys -64, remark -22
is blankLine: out -86, passage -39, stem -24, option -58, answer -15, feedback -57, hint -26, facts 13, row -41, bank -14, lines 62, keys -33, remark -12
is bracketed: out -57, passage -38, stem 17, option -117, wrapped -26, answer 54, hint -56, facts -125, row -115, bank 20, lines -57, remark -34
is capitals: out -14, passage -56, stem -87, more -110, option -18, wrapped -16, answer 43, feedback -67, hint -55, facts -48, row -121, bank -74, lines -31, keys 46, remark -37
is chatter: out 59, passage 20, stem -59, more -60, option -33, answer -55, feedback -27, hint -17, facts -49, row -31, bank -22, lines -18, keys -39
is commas: out -96, passage 67, stem -70, more 13, option -54, wrapped -29, answer 23, feedback -94, hint -37, facts -121, row -77, bank 39, lines -25, keys 58, remark -30
is counts: out -121, passage -84, stem -70, more 66, option -64, answer 25, feedback -71, hint -23, facts -25, row -80, bank 15, lines -18, keys 68, remark -20
is dashStart: out -23, passage -82, stem 55, more -26, option -38, wrapped -46, answer -45, feedback -127, hint -38, facts -89, row -17, bank -57, lines -131, keys -89, remark 58
is identity: passage -29, stem -47, more -22, option -13, answer -50, feedback -17, facts 33, row -16, keys -19
is instruction: out 67, passage -20, stem -53, more -25, option -44, answer -46, feedback -41, row -17, keys -37
is keyPairs: out -131, passage -124, stem -28, more -52, option -73, wrapped -15, answer 33, feedback -149, hint -50, facts -44, row -121, bank -87, keys 113, remark -33
is keyTitle: out -138, passage -46, stem -66, more -49, option -22, wrapped -18, answer -95, feedback -77, hint -28, facts -122, row -54, lines -24, keys 166, remark -14
is legend: out 74, passage -52, stem -101, more -23, answer -32, feedback -27, facts -18, keys 15, remark -14
is letter: out -33, passage -45, stem -85, more 24, option -93, wrapped -12, answer 82, feedback -60, facts -79, row -79, bank -16, lines -23, keys -51
is lowercase: out -83, passage -36, stem -55, option -38, wrapped 29, answer 22, feedback -15, hint -91, facts -25, row -23, bank -131, lines -77, remark -123
is number: out -17, passage -57, stem -108, option -39, wrapped -15, feedback -57, hint -33, facts -125, row -89, bank -41, lines -39, keys 51, remark -29
is pairSign: passage -31, stem -16, more -46, option -133, wrapped -41, answer -17, feedback 45, hint -55, facts -100, row 53, bank -64, lines -59, keys 22, remark -50
is picture: out -70, passage -16, stem -79, more 104, option -87, answer -66, feedback -77, row -57, bank -96, keys -19
is points: out -68, passage -88, stem 157, more 165, option -221, wrapped -67, answer -101, feedback -117, hint -44, facts -31, row -127, bank -102, lines -33, keys -147, remark -45
is quoteStart: out -118, passage -72, stem -23, more -84, wrapped -21, answer -104, feedback 121, hint -36, facts -38, row -17, keys -33, remark -57
is remark: out -44, passage -27, stem -14, more 31, option -24, answer -30, feedback -77, hint -15, facts 23, row -45, bank -17, keys -95
is rule: out 25, passage -42, stem -53, more -14, option -52, answer -15, feedback -62, hint -18, facts -89, row -17, bank -27, lines 39, keys -82, remark -14
is section: out 107, passage -34, stem -99, more -41, option -76, answer -52, feedback -42, hint -16, facts -28, row -46, bank -25, keys -19, remark -26
is strokes: out -72, passage -55, stem -20, more -34, answer 78, feedback -119, facts -20, row -31, bank -59, lines -12, keys 30
is truthLead: passage -71, stem 82, more -38, option -93, answer -131, feedback -70, hint -27, facts -50, row -62, bank -19, lines -12, keys -37, remark -51
is truthTail: out 28, passage -85, stem 55, more 28, option -75, wrapped -23, answer -70, feedback -22, hint -12, facts -15, row -79, bank -29, lines -12, keys -33
is truthWord: out 81, passage -51, stem -100, option -227, answer 96, feedback -65, facts -44, row -114, bank -19, lines -26, keys 105, remark -15
key-title end bracket: out -73, stem -16, answer -18, feedback -33, facts -23, row -12, keys 51
key-title end colon: out -35, stem -30, keys 46
key-title end none: out 34, passage -29, stem -34, more -20, option -21, answer -38, feedback -30, facts -35, row -18, bank -20, lines -12
key-title end stop: out 31, passage -23, stem -22, answer -19, feedback -12, keys -26
key-title words 1: out -52, passage -17, stem -17, keys 26
key-title words 15: out 73, passage -14, answer -18, keys -70
key-title words 3: stem -37, option -24, answer -22, facts -32, keys 21
key-title words 7: out -101, passage -18, stem -25, answer -23, feedback -41, facts -22, row -13, bank -14, keys 81
key-title words many: out 92, passage -43, stem -72, more -13, answer -17, feedback -24, facts -19, bank -21, keys -89
last: out 38, passage -56, stem -19, more -39, option -23, wrapped -65, feedback -35, hint -40, facts -46, row -53, bank -77, lines -50, remark -31
last but one: passage -25, more -25, option -17, wrapped -17, answer -48, feedback -55, hint -29, row -28, bank -16, remark -55
lead judgement: out -111, stem 94, more 22, option -71, answer -38, row -12, keys -41
lead letter: out -43, passage -19, stem 25, more -49, option -37, feedback -19, facts -49, row 40, bank -16, lines -16, keys -83, remark -27
lead room: out -145, passage -18, stem -64, more -18, answer -97, feedback -21, facts -35, row 90, keys -115
let again: out -41, passage -19, stem 27, more -25, option -62, answer -38, feedback -13, facts -32, row -19, bank -13, lines -14, keys 28, remark -30
let again asks few: out -39, passage -19, stem 22, more -25, option -62, answer -37, feedback -13, facts -32, row -18, bank -13, lines -14, keys 29, remark -30
let again fits most: out -29, stem 27, answer -13, keys -26
let asking few: out 14, more -56, answer -58, feedback -38, facts -35, row -31, bank -22, keys -30
let asking most: out -26, passage -17, stem 54, more -21, answer -98, feedback -23, facts -34, row -30, keys -25
let asking none: passage -57, stem -59, more -54, option 30, wrapped -135, answer -67, feedback -127, hint -64, facts -91, row 25, bank -71, lines -68, keys -34, remark -26
let asking some: out -67, passage -29, stem 139, more -87, option -67, wrapped -19, answer -126, feedback -75, facts -40, row -95, bank -23, lines -34, keys -29, remark -50
let bare: out -61, passage -19, stem -94, option 75, wrapped -19, answer -21, feedback -18, hint -15, facts -37, row 42, bank -22, keys 26, remark -84
let-lone end asks: stem 29, more 15, option -16, answer -81, facts -14, row -23, keys -18
let-lone end bracket: passage -14, stem -52, more -52, option -31, answer 77, feedback -18, facts -21, row -57, bank -15, keys -47
let-lone end colon: out 29, passage -12, stem 23, more -42, answer -47, feedback -19, facts -23, row -26, keys -20
let-lone end none: out -39, passage 13, stem -24, option -17, wrapped -18, answer -25, feedback -24, facts -77, row 20, bank -35, lines -22
let-lone end stop: out 63, passage -81, stem -27, option -18, answer -74, feedback -40, hint -16, facts -21, row -43, remark -24
let-lone run: out -18, passage -38, stem -102, more -34, option 58, answer -59, feedback -16, facts -17, row -78, bank -36, lines -16, keys 36, remark -17
let-lone words 1: passage 40, stem -108, more 15, option -47, wrapped -15, feedback -27, facts -58, row 30, lines -16, keys -55
let-lone words 15: out -34, passage 14, stem 45, more -72, option 75, answer -73, feedback -26, facts -25, row -68, bank -13, keys -23
let-lone words 3: out 68, passage -80, stem -32, more -98, option -82, answer -50, facts -49, row 24, keys 35
let-lone words 7: out 16, passage -61, stem -18, more -26, option 33, answer -12, feedback -38, hint -14, facts -36, row -56, bank -41, lines -19, keys -25, remark -20
let-lone words many: out -61, stem 45, more -28, option 79, answer -48, row -31, keys 27
let0 end asks: out 25, stem 17, option -93, wrapped -16, answer -17, keys -54
let0 end bracket: out 16, stem 70, more -24, option -116, answer 17, feedback -28, facts -27, row -58, keys -47
let0 end colon: out -18, stem 22, option -26, keys -17
let0 end gap: out -59, stem -60, more -14, option 63, keys -15
let0 end none: out -63, stem 24, more -53, option 28, wrapped -20, answer -157, feedback -32, facts -78, bank -22, lines -15
let0 end stop: out 45, passage -48, stem -35, more -26, option -18, wrapped -17, answer -75, feedback -36, hint -14, facts -29, row -16, remark -24
let0 of 1: passage 29, stem 16, more -32, option -39, wrapped -12, answer -28, feedback -56, facts -42, bank -29, lines -16, keys -39, remark -16
let0 of 2: out 18, passage -13, stem -35, more -53, wrapped -32, feedback -21, row 19, bank -14, lines -20, remark -12
let0 of 4: out 37, passage -30, stem -52, more -57, option 58, wrapped -24, answer -48, feedback -48, hint -15, facts -31, row -25, bank -17, keys -16, remark -22
let0 of 8: out -29, stem 94, more -44, option -33, wrapped -14, answer -77, feedback -33, facts 21, row -42, keys -93
let0 of many: out -107, passage -30, stem 61, more -43, option -75, answer -97, feedback -62, hint -13, facts -34, row -59, bank -24, lines -26, keys 68, remark -42
let0 run: out 27, option 19, answer -34, keys -86
let0 words 1: out -63, passage -41, stem -73, more -17, feedback -18, facts -68, row -51, lines -19, keys 23
let0 words 15: out -16, stem 43, more -52, option -27, wrapped -21, answer -48, feedback -29, facts -14, row -14, keys -31, remark -17
let0 words 3: out 32, passage -22, stem -47, more -39, option 19, wrapped -14, answer -90, feedback -15, facts -49
let0 words 7: out 26, more -36, option 25, wrapped -21, answer -101, feedback -40, facts -22, bank -14, keys -62
let0 words many: out -75, stem 19, option -64, answer -19, keys 30
let1 end asks: out -80, more -12, answer -28, row -15
let1 end bracket: out -30, stem 48, more -43, option -25, feedback -48, facts -21, row -116
let1 end colon: stem 35, more -14, option -34, answer -13
let1 end gap: stem 33, option -33
let1 end none: passage -35, more -76, wrapped -43, answer -28, feedback -42, hint -38, facts -63, bank -38, lines -38, keys -31, remark -56
let1 end stop: out -48, passage -24, stem -15, more -16, answer -111, feedback -24, hint -25, facts -27, row -66, keys -47, remark 26
let1 of 1: stem -42, more -23, wrapped -15, feedback -58, hint -15, facts -47, row -41, bank -39, lines -18, keys -19
let1 of 2: out 32, passage -46, stem -14, more -69, option -31, answer 34, feedback -31, hint -22, row -34, bank -12, remark -45
let1 of 4: out -34, passage -53, stem -15, more -66, option 38, wrapped -69, answer -103, feedback -73, hint -51, facts -79, row 28, bank -50, lines -48, keys -67
let1 of 8: out -122, stem 16, more -26, option 22, answer -88, feedback -16, facts -19, keys -49, remark -53
let1 run: out -170, stem 99, option -19, answer -202, facts -42, row -13, keys -74
let1 words 1: out 16, passage -33, stem -59, more -45, wrapped -25, feedback -42, hint -38, facts -46, bank -38, lines -38, keys -24, remark -40
let1 words 15: passage -19, stem 27, more -62, wrapped -13, answer -134, feedback -29, facts -19, row -106, keys -56
let1 words 3: stem -22, wrapped -17, answer -211, feedback -26, facts -81, row 33, remark -44
let1 words 7: out -45, passage -16, more -15, option 21, answer -33, feedback -22, hint -25, facts -29, row -32, keys -130, remark 28
let1 words many: out -41, stem 75, more -13, option -58, answer -40
let1-first end asks: out -37, more 32, answer -24
let1-first end bracket: out -35, passage -34, stem 38, more -62, option 14, answer -85, facts -24, row -32, keys -22
let1-first end none: passage -14, stem -39, more -105, wrapped -27, feedback -18, hint -17, facts -42, bank -21, lines -17, keys -27, remark -30
let1-first end stop: out -78, more -28, option 31, answer -87, feedback -48, hint -15, row -37, keys -19, remark 32
let1-first run: out 21, stem 40, option -27, answer -58, row -15, keys -46
let1-first words 1: out 45, passage -14, stem -73, more -54, option -24, feedback -19, hint -18, facts -25, row -70, bank -18, lines -17, keys -37, remark -19
let1-first words 15: out -92, more -22, option 65, answer -55, facts -29, row -55, keys -43, remark 35
let1-first words 3: out -62, passage -32, more -27, wrapped -19, answer 23, facts -48, keys 21, remark -53
let1-first words 7: out -41, stem 14, more -88, option 32, answer -80, feedback -43, hint -13, facts -24, row 16, keys -49, remark -92
let1-first words many: stem 21, option -20, answer -14
let2 end none: stem -25, more -13, wrapped -53, answer -15, facts -36, row -31, keys -17
let2 end stop: out -34, passage -13, stem -58, option 39, wrapped -20, answer -41, feedback -14, facts -13, keys -26
let2 of 1: passage -39, stem -41, more -33, option 35, answer -43, feedback -16, facts -14, row 24, lines -15, remark -17
let2 of 2: out 19, passage -17, stem 18, more -38, option -28, feedback -19, facts -36, row -32, bank -18, lines -16, keys -36
let2 of 4: out -97, passage -18, option 120, wrapped -71, answer -112, feedback -66, facts -75, row -57, bank -15, lines -33, keys -32, remark -27
let2 run: out -36, option 32, answer -45, keys -12
let2 words 1: out 20, stem -91, wrapped -35, facts -16, keys -23
let2 words 15: out -20, option 28, wrapped -20, answer -35
let2 words 3: out -25, option 84, wrapped -26, answer -48, facts -19, keys -18
let2 words 7: out -54, passage -17, more -31, option 40, wrapped -23, answer -76, feedback -27, facts -24, row -21, bank -13, lines -14, keys -14
let2-first end none: stem -17, more -41, wrapped -23, answer -21, facts -41, row -30, lines -13, keys -25
let2-first end stop: stem -27, more -21, option 18
let2-first run: out -13, stem -40, option 18, answer -21, keys -13
let2-first words 1: out 26, stem -13, more -41, option -23, wrapped -12, answer -17, facts -29, row -18, keys -31
let2-first words 15: out -21, stem -20, more -16, option 42, answer -24
let2-first words 3: out -21, stem -19, more -46, option 51, answer -28
let2-first words 7: out -40, stem -17, more -33, option 34, wrapped -21, answer -17
letter end bracket: more 25, answer -25
letter end none: passage -34, stem -63, more -15, option -38, answer 14, feedback -53, facts -60, row -27, lines -19, keys -34
letter words 1: passage -34, stem -63, option -38, feedback -53, facts -60, row -27, lines -19, keys -34
lines end gap: out -38, passage -29, stem -15, more -28, option -38, answer 14, feedback -35, hint -19, facts 14, row -21, lines 14, keys -27
lines words 3: out -33, passage -29, stem -66, more 47, option -31, answer 17, feedback -34, hint -17, facts 17, row -19, lines -36, keys -13
look _asks: passage -102, stem 46, more -107, option -59, answer -55, feedback -45, hint -20, facts -32, row -31, bank -36, lines -27, keys -21, remark -16
look _box: out 31, stem -47, more -19, answer -64, feedback -17, facts -30, row -24, bank -19
look _bracketed: out 22, passage -23, stem -77, more 32, answer -129, feedback -113, hint -15, facts -33, row -27, bank -27, keys 29
look _bullet: passage -19, stem 17, more -57, answer -69, feedback -58, facts -70, bank -22, lines -27, keys -21, remark 15
look _capitals: out 80, passage -36, stem -85, more -30, option -73, answer -17, feedback -29, facts -58, bank -24, keys -99
look _cells: stem 17, more -138, option 41, answer -106, feedback -70, hint -23, facts -43, row -42, lines -16, keys 18
look _chatter: passage 21, more -18, answer -41, feedback -21, hint -14, facts -33, bank -16, lines -18, keys -27
look _colon: stem -14, more -36, answer -30, feedback -28, hint -16, facts -30, row -13, keys 24
look _cue-answer: out -71, passage -39, stem -48, more -32, option -83, answer 31, feedback -63, facts -45, row -44, bank 20, lines -18
look _cue-feedback: stem -49, option -38, answer -56, feedback 29, hint -36, remark -43
look _cue-level: out -35, passage -24, stem -81, more -37, answer -14, facts 32, row -33, keys -37
look _cue-outcome: out 54, stem -32, answer -21, facts -41, keys -65
look _cue-points: out 22, stem -21, more -15, answer -21, facts -17, bank -13, keys -18
look _cue-sample: out -75, passage -28, stem -46, more -37, option -34, answer 56, feedback -35, hint -14, facts -38, row -26, bank -33, lines -13
look _cue-wordBank: passage -30, stem -18, more -14, answer -25, facts -15, row -14, bank 22, keys -13
look _field: out 14, passage 38, more -24, option -60, answer -134, feedback -81, hint -24, facts -31, row -44, bank -31, keys -64, remark -13
look _field-kind: out -55, passage -24, stem -52, answer -53, facts 76
look _field-number: out -40, passage -29, stem -44, option -14, answer -37, facts 48, keys -20
look _field-stem: out -32, stem 45
look _gap: out -29, passage -15, stem 41, option -36, answer -114, feedback -34, hint -28, facts -51, row -21, bank -38, lines -26, keys -32
look _heading: passage -49, stem -22, more -50, option -29, feedback -45, facts -21, row -19, bank -18, lines -15
look _identity: out 40, passage -14, stem -26, answer -29, facts -13
look _instruction: out 62, stem -35, answer -36, feedback -34
look _key-title: out -28, passage -31, stem -35, more -24, option -12, answer -41, feedback -26, hint -13, facts -41, row -14, bank -22, lines -13, keys 41
look _let-lone: out 17, passage 14, stem 18, more -78, option -36, answer -63, feedback -33, hint -14, facts -57, row -120, bank -25, lines -14, keys -28, remark -15
look _let0: out 13, passage -71, stem -12, more -41, answer -91, feedback -25, hint -13, facts -77, row -59, bank -20, keys -63, remark -15
look _let1: out -19, passage -32, stem 22, more -26, option 17, answer -63, feedback -20, hint -25, facts -49, row -71, keys -76, remark -68
look _let1-first: out -34, passage -34, stem -62, more -28, option 63, answer -149, facts -51, keys -30, remark -26
look _let2-first: out -44, stem -70, option 85, answer -42
look _letter: out -63, passage -26, stem -16, answer 66, facts -30, keys -36
look _num-lone: out 37, passage -18, more -93, option -58, answer -70, feedback -68, hint -17, facts -90, row -57, bank -27, lines -18, keys 16, remark -19
look _num0: out -22, passage -59, stem 16, more -58, option -25, wrapped -22, answer -24, feedback -47, hint -38, facts -42, bank -37, lines -36, keys -16, remark -40
look _num0-again: out 15, stem 25, more -16, option -16, answer 27, feedback -15, facts -47, row -91, bank -21, keys -18
look _num1: passage -21, stem 60, more -40, option -90, answer -62, feedback -16, facts -65, row -58, bank -18, keys -83
look _num1-first: passage -20, more -20, answer -63, feedback -44, facts -39, row -16
look _number: passage -43, stem -42, more -111, option -53, answer 13, feedback -39, hint -17, facts -43, row -14, bank -36, lines -19
look _pair: out -23, passage 40, option -42, answer -83, feedback -100, hint -25, facts -62, bank -41, keys -23
look _phrase: stem 20, more -112, option -32, wrapped -29, feedback -14, hint -19, facts -88, row -61, bank -56, lines -28, keys -54
look _rom-lone: out 33, passage -23, more -21, option -44, answer -56, feedback -20, facts -24, row -14, keys -73
look _rom0: out 55, passage -44, more -30, option -92, wrapped -14, answer -57, feedback -32, facts -48, row -43, bank -31, lines -21, keys -87, remark -36
look _rule: out 31, stem -46, more -45, option -41, row -30, keys -69
look _section: out 58, passage -28, stem -71, more -31, option -29, answer -48, feedback -26, row -28, bank -19, keys -62, remark -24
look _sentence: option -96, answer -62, feedback -22, hint -46, facts -39, row -35, bank -38, lines -27, keys -17, remark -58
look _short: out 40, passage -42, stem 35, more -131, option -68, wrapped -47, answer 22, feedback -140, hint -31, facts -53, row -63, bank -34, lines -31, keys -108
look _short-sentence: out 43, passage -78, more -111, wrapped -19, answer -29, feedback -47, hint -132, facts -38, row -26, bank -32, lines -18, remark -37
look _table-down: out -42, feedback -24, keys 52
look _table-pairs: passage -28, stem -58, answer -26, feedback 39, facts -32, row -64, bank -30, lines -17
look _table-ticks: out -64, passage -16, stem -67, more -18, answer -27, feedback -17, facts -14, row 62, bank -13, keys -12
look _table-wide: out 63, stem -19, answer -37, facts -25, keys -37
look _text: stem 34, more -14, option -85, wrapped -16, answer -73, feedback -105, hint -12, facts -48, row -28, bank -28, lines -19, keys -39
look _ticked: out -45, passage -37, stem -47, option 37, answer 43, facts -13, keys -28
look _truth: out -60, passage -18, more -89, option -20, answer 68, feedback -12, facts -34, keys -55
look _word-lone: passage -50, more -26, option -52, answer -56, feedback -19, row -26, bank -20, keys -39
look _word0: out -16, passage -34, more -33, option -70, wrapped -18, answer 16, feedback -32, hint -27, facts 26, row -51, bank -32, lines -26, keys -50, remark -30
look _word0-again: out -43, option -31, keys -16
look _word1: out -54, stem 12, option -25, answer -33, facts 33
look _word1-first: out -38, option -21, facts 22
look arrow: out -24, passage -60, stem -93, more -14, option -20, answer 32, hint -15, facts -74, row -74, bank -43, lines -41, keys -73, remark -26
look arrow _cue-level: out -21, facts 33
look arrow _heading: out 61, facts -61
look arrow _let-lone: out 28, stem -28
look arrow _let0: stem 48, option -35
look arrow _num-lone: out 35, stem -35, feedback -23
look arrow _num0: out -26, stem 46, answer -54, facts -17, row -29, keys -19
look arrow _num0 arrow: out -49, stem 50
look arrow _num0_ num0: out -50, stem 54
look arrow _section: out 46, stem -26
look arrow _short: out 73, stem -38, answer -67, feedback -18
look arrow _word0: out -55, facts 39
look arrow _word0 asks: stem -34, facts 34
look arrow cue-difficulty: out -50, more -60, option -43, answer 77, feedback -56, facts 31, keys -20
look arrow cue-feedback: out -62, stem -12, option -39, answer 40, feedback 59
look arrow edge: more -32, option -24, answer 25, feedback -50, keys -27
look arrow short-sentence: out -43, stem -37, feedback 46, hint -13, keys -16, remark -43
look arrow word0: out -40, stem 47, option -71, answer 16, feedback -45, facts -74
look arrow+: passage -22, stem -60, more -33, option -56, answer 25, feedback 24, facts -40, row -19, keys -37
look arrow_ cue-level: out -19, option -42, answer 39, feedback -13, row -13
look arrow_ heading: option -19, answer 20
look arrow_ let-lone: out -17, answer 33
look arrow_ let0: option -26, answer 41
look arrow_ num-lone: out -29, more -21, option -16, answer 49
look arrow_ num0: out -24, more 37, option -56, feedback -40
look arrow_ section: out -18, more -33, option -52, answer 87
look arrow_ short: out -34, more -54, option -54, answer 62
look arrow_ word0: out -22, more -49, option -99, answer 140, feedback -36
look arrow_+: out -32, passage -19, stem -29, feedback -102, facts -42, row -36, bank -14, keys -18
look asks: passage 21, stem -13, more 56, option -21, wrapped -35, answer -78, feedback -95, hint -40, facts -68, row -57, bank -41, lines -52, keys -77, remark -44
look asks _asks: out -17, stem 35, more -31
look asks _box: out -56, stem -21, option 37, row -17
look asks _box box: out -27, option 41
look asks _bullet: out -24, stem 17, remark -26
look asks _bullet bullet: out -27, stem -47, option 66, remark -26
look asks _cue-answer: answer 54, keys -49
look asks _cue-answer edge: answer 49, keys -49
look asks _gap: out -91, passage -85, stem 71, more -69, answer -36, facts -24
look asks _let-lone: out 43, passage -30, stem -42, option 16, answer -24
look asks _let0: out 32, stem -50, option 32, keys -16
look asks _let0 let0: stem -60, option 64
look asks _let1-first: out -24, stem -18, option 42, answer -34
look asks _let1-first let1: out -12, stem -18, option 37, answer -31
look asks _num0: out -37, passage -20, stem 30, more -20, option -37, facts -17, keys -23
look asks _number: out -20, stem -16, option 14, answer 16
look asks _phrase: out -42, passage -27, more -35, answer 35, facts -16, keys -13
look asks _section: out 59, stem -27, answer -14, facts -23
look asks _short: out -51, passage 46, stem -90, more -35, answer 14, facts -87, keys -14
look asks _word0: out -30, stem -27, answer -37, facts 60
look asks _word0 asks: stem -24, facts 32
look asks box: out -43, answer -15
look asks box box: out -39, more -26, option 42
look asks box ticked: out -13, option 15
look asks bracketed: out -32, stem -22, more 41, option -28, answer -35, feedback -16, bank -16
look asks bullet: out -61, stem -26, more 61, option -35, answer -49, facts -17, row -15
look asks bullet bullet: stem -56, more -54, option 76
look asks cells: option -24
look asks cue-answer: out -36, stem -17, more -18, option 16, answer -31, row -13, keys 21
look asks cue-answer cue-difficulty: option -35, answer 54, keys -15
look asks cue-answer cue-points: option -14, answer 19
look asks cue-answer edge: option -79, answer -34, keys 36
look asks cue-answer_ num0: option -20, answer 41, keys -31
look asks cue-answer_ word0: more -15, option -23, answer 28, keys -22
look asks cue-difficulty: stem 35, more -31, answer -24, facts 30
look asks cue-sample: stem -43, more 29, answer 13
look asks edge: out 48, passage -14, stem -55, more -16, answer -20
look asks field-option: out -19, stem -24, more 19, option 13, answer -22, keys -17
look asks field-option field-option: out -17, stem -15, option 18, answer -20, keys -17
look asks gap: out -21, stem -27, more 33, answer -52
look asks gap cue-answer: stem -31, more 41, answer -12
look asks let-lone: out -18, stem 28, more -26, option 69, answer -54
look asks let-lone cue-answer: stem -22, option 33, answer -12
look asks let-lone_ word0: option 15, answer -15
look asks let0: out -32, keys -24
look asks let0 let0: stem -81, more -23, option 54, keys -24
look asks let1-first: out -78, answer -62, facts -12, row -22, lines -15
look asks let1-first let1: out -32, stem -40, option 104, answer -58, row -17
look asks num0: passage -34, answer -55, feedback -34, facts -26, keys -24
look asks num0 num0: out -48, stem 18, option 33, answer -23, keys -24
look asks num0-again: out -41, stem 25, more 27, answer -22
look asks num1-first: out -20, stem 47, more -29, option 12, row -25
look asks num1-first num1: stem -40, option 56, row -25
look asks number: out -59, more -101, option -26, answer 48, keys -14
look asks phrase: passage -18, stem -22, wrapped -19, answer -61, facts -14, keys -32
look asks rule: out -47, stem 17, answer -12
look asks short: out -72, passage 45, stem 49, feedback -16, facts -34, keys -34
look asks short let-lone: out -31, passage 36, more -23, option -31, answer -14, facts -61, keys -21
look asks short short: out -38, stem -16, more -38, option 39, answer -24, facts -12
look asks word0: out -34, passage -24, stem 36, option -27, answer -79, facts 66
look asks+: more 14, answer -38, feedback -52, hint -15, facts -36, row -23, lines -26, keys -50
look asks_ asks: out -47, passage -20, stem 43, more 25, answer -16
look asks_ box: out -13, more 19, row -16
look asks_ bullet: out -34, stem 30, more 20, answer -19, feedback -15, bank -20, lines -15
look asks_ cue-answer: out -40, stem 15
look asks_ gap: out -52, passage -34, stem 32, more 37, option -13
look asks_ let-lone: out 41, passage -17, stem -37, more -39
look asks_ let0: stem -16, more 28
look asks_ let1-first: out -19, stem 38, more -25
look asks_ num0: passage -17, stem -18, more 29
look asks_ number: out -12
look asks_ phrase: out -51, passage -17, stem 18, facts -20
look asks_ section: out 55, passage -12, stem -62, more 19
look asks_ short: out -69, passage 32, stem 19, answer -16
look asks_ word0: out 16, passage -31, stem 41, more -22, option -19, facts -19
look asks_+: out -45, passage -16, stem 28, more 37, option -41, wrapped -14, answer -57, feedback -39, hint -17, facts -45, row -32, bank -32, lines -25, keys -16, remark -22
look box: passage -77, stem -109, more -112, option 58, wrapped -26, answer -59, feedback -96, hint -50, facts -94, row -44, bank -52, lines -46, keys -95, remark -71
look box _bracketed: out -20, answer -13, keys 23
look box _bullet: out -47, stem 57, option -47
look box _cells: out -21, stem -23, option -59, answer -56, facts -21, row -16, keys 39
look box _cue-answer: answer 45, keys -41
look box _cue-level: out -27, facts 48
look box _field: passage -14, answer -34, feedback -13
look box _heading: answer -29, facts -39
look box _let-lone: answer -54, keys -20
look box _let0: out 31, option -32, answer -21, keys -20
look box _let0 cue-answer: out -27, stem 27, option -17, answer -21, keys -20
look box _num-lone: out 16, stem -44, option -38, answer -75, feedback -25, facts -28, keys 16
look box _num0: out -45, stem 81, answer -46
look box _num0 box: stem 14
look box _num0 cue-answer: stem 13
look box _num0_ cue-answer: out -25, stem 36, answer -27
look box _num0_ num0: stem 31, answer -13
look box _num1: out -18, stem 34, option -27, row -15
look box _num1 box: stem 27, option -25, row -15
look box _phrase: out -13, passage -38, stem -49, option -43, answer 42, feedback -52, facts -14
look box _rom0: out 44, stem -36, answer -36, keys -17
look box _rom0_ rom0: out -58, stem 60, answer -36
look box _section: out 86, stem -70, answer -26, keys -17
look box _section_ num0: out 27, answer -18, keys -13
look box _sentence: out -49, passage -18, answer -50, feedback 34, keys -58
look box _short: out 18, passage -46, stem -144, option -35, wrapped -45, feedback -44, facts -47, keys -73
look box _text: out -42, passage -20, answer 20, feedback -36, facts -14, keys -51
look box _word0: stem -42, option -23, answer -49, facts 30, keys -17
look box _word0 asks: answer -69, facts 67
look box arrow: out -73, option -67, feedback 31, facts -27, keys -13
look box arrow cue-difficulty: option -18, answer 30
look box box: out 35, passage -24, stem -62, more -69, option 26, answer -17, feedback -54, hint -25, facts -50, row -17, bank -17, lines -19, keys -57, remark -32
look box box arrow: out -36, option 46
look box box box: answer -14, keys -15
look box box bracketed: out -26, option 54, answer -21
look box box cue-answer: out -26, option 48, answer -18
look box box cue-difficulty: out -17, option 61, answer -32
look box box cue-level: out -47, option 52
look box box edge: out -22, option 26, answer -24
look box box heading: out -42, option 43
look box box num0: out -31, option 37, answer -30
look box box phrase: out -54, option 62
look box box short: out 19
look box box short-sentence: out -26, option 30
look box box text: out -20, option 22
look box box ticked: option 19, facts -18
look box box word0: option 34
look box box_ bracketed: out 23, option -17
look box box_ cells: out -22, option 55, answer -33
look box box_ cue-answer: out -15, option 18
look box box_ cue-level: out -25, option 40, answer -30
look box box_ heading: out -36, option 52, answer -24
look box box_ key-title: out -21, option 27
look box box_ let-lone: out -67, option 80, answer -42
look box box_ let0: out -17, option 44, answer -15
look box box_ num-lone: answer -50
look box box_ num0: out -24, option 56, answer -54
look box box_ num1: out -27, option 54, answer -18
look box box_ phrase: out -23, option 38
look box box_ rom0: option 27, answer -40
look box box_ section: out -23, option 28, answer -24
look box box_ short: out -12, option -25, answer 41
look box box_ text: out -39, option 39, answer -25
look box box_ word0: out -15, option 73, answer -34
look box bracketed: out -118, option 20, answer 161, feedback -131, bank -54, keys -91
look box bracketed edge: out -23, answer 32, feedback -28, keys -23
look box cue-answer: out -42, option -47
look box cue-answer edge: option -31, answer -33, keys 34
look box cue-answer sentence: answer 15
look box cue-answer short-sentence: option -21, answer 28
look box cue-answer text: option -64, answer 72, keys -21
look box cue-answer_ num0: option -31, answer 50
look box cue-answer_ word0: answer 16
look box cue-difficulty: out -31, option 50, answer -39, facts 73
look box cue-feedback: out -55, option 37, answer -37, facts -13, remark -18
look box cue-level: out 31, option -21, answer -70, facts -24
look box edge: out -31, option 35, answer -25
look box heading: out -25, option 40, answer -26, facts -23, keys -22
look box num0: out -41, stem 55, option -16, answer -41, keys -27
look box num0 box: stem 38, option -38
look box num0 cue-answer: stem 24, option -16
look box phrase: out 19, passage -20, stem -86, wrapped -16, answer 36, feedback -143, keys -47
look box phrase box: stem -35, option 36, answer -31, feedback -17
look box short: out -31, passage -35, stem -81, wrapped -16, answer 23, feedback -122, facts -84, keys -90
look box short box: out -50, stem -52, option 17, wrapped 21, answer -40, feedback -18, facts -14
look box short-sentence: out -44, passage -29, stem -68, option -64, wrapped 27, answer -73, feedback 51, hint -22, keys -40, remark -38
look box text: out -41, passage -18, stem -52, option 40, wrapped -61, answer -23, keys -27
look box ticked: out 12, stem -42, more -13, option 45, answer -70, feedback -33, facts -60, row -32, bank -14, keys -19
look box ticked box: out -15, option 24, answer -39, facts -19
look box ticked_ word0: out -48
look box word0: out -20, stem 36, option -43, wrapped -18, answer -87
look box+: out 24, passage -20, stem -69, more -73, option 15, answer -148, feedback -39, hint -20, facts -55, row -27, bank -23, lines -26, keys -50, remark -23
look box_ asks: out -26, option 16, answer -34
look box_ bracketed: out 23, option -17
look box_ bullet: stem -24, option 36, answer -47, feedback -13
look box_ cells: out -22, option 55, answer -33
look box_ cue-answer: out -15, option 18
look box_ cue-level: out -25, option 40, answer -30
look box_ field: out -16, option 25, answer -19
look box_ heading: out -54, option 69, answer -34
look box_ key-title: out -21, option 27
look box_ let-lone: out -70, option 84, answer -44
look box_ let0: out -17, option 44, answer -15
look box_ num-lone: answer -50
look box_ num0: out -25, option 52, answer -57
look box_ num1: out -27, option 59, answer -23
look box_ phrase: out -26, option 30
look box_ rom0: option 27, answer -40
look box_ section: out -23, option 30, answer -28
look box_ sentence: out 32, option -15, answer -24
look box_ short: out -12, option -25, answer 41
look box_ text: out -39, option 39, answer -25
look box_ word0: out -22, passage -14, option 27, answer -28
look box_+: out -15, passage -30, stem -29, option 32, answer -16, feedback -42, facts -34, row -18, bank -15, keys -24, remark -19
look bracketed: passage -48, stem -136, more -50, option -91, wrapped -35, feedback 12, hint -75, facts -121, row -54, bank 39, lines -71, remark -46
look bracketed _bracketed: out 59, answer -24, feedback -19, keys -45
look bracketed _capitals: out 43, answer -37
look bracketed _cells: out 25, stem -16, option -34, answer -28, row -33, bank -17, keys -55
look bracketed _cue-answer: answer 39, bank -15, keys -24
look bracketed _cue-level: out -20, facts 37
look bracketed _field: out 39, stem -33, answer -48, facts -20
look bracketed _heading: out 26, facts -39, keys -25
look bracketed _let0: out 30, stem 28, option -41, keys -17
look bracketed _let1-first: out -15, stem -14, option 20
look bracketed _num0: out -74, stem 40, option -19, row -13, keys 47
look bracketed _num0_ num0: out -33, stem 49
look bracketed _rom0: out -44, stem 44, keys -27
look bracketed _section: out 18
look bracketed _short: out 38, stem -38, option 24, answer -48
look bracketed _word0: out -76, facts 33
look bracketed box: more 23
look bracketed cells: out -38, stem -65, more 46, answer -51, row -23, bank -39, keys 61
look bracketed cue-answer: out 44, stem -57, more -31, option -12, feedback -65, row -20, keys -56
look bracketed cue-difficulty: out -33, stem -15, more -18, option -21, facts 52, keys -43
look bracketed edge: stem -14, more -62, option -12, feedback 26, bank -54, keys -25
look bracketed field: stem -44, answer 25, feedback -64, facts -22, row -18, keys -21
look bracketed heading: out 28, stem -16, more -12, answer -36, feedback -14, keys -39
look bracketed identity: out 13
look bracketed let-lone: stem -29, option 15, answer -42, keys 53
look bracketed let0: stem -29, option -21, answer -14, feedback -66, facts -27, bank -21, keys 26
look bracketed let0 let0: out -14, option -18, keys 16
look bracketed let1-first: out -45, stem -20, more 32, option 37, answer -45, row -18, bank -27
look bracketed let1-first let1: out -19, stem -22, option 37, answer -36, row -16
look bracketed let2-first: out -14, stem -22, more 21, option 13, answer -15, feedback -38, bank -22
look bracketed let2-first let2: option 13
look bracketed num-lone: out -28, stem -30, answer -75, feedback -26, keys 57
look bracketed num0: out -46, stem -22, more -16, option -31, answer -24, feedback 26, row -15, bank -18, keys 45
look bracketed num0-again: stem -18, option -31, row 20, keys 16
look bracketed num0-again num0-again: stem -18, option -31, row 23
look bracketed pair: out 27, stem -24, answer -28, feedback -36, keys 14
look bracketed phrase: out 37, stem -42, option 14, answer -14, feedback -66, bank 30, keys 16
look bracketed rule: out 60, feedback -50, keys -20
look bracketed section: out 39, answer -15, feedback -19, keys -30
look bracketed sentence: out 44, passage -28, stem -56, answer -72, feedback 35, keys -59
look bracketed short: out 23, more 36, answer -68, feedback 31, keys -43
look bracketed table-down: keys 14
look bracketed text: out 21, stem -25, option -26, answer -30, feedback 18, bank -38, keys -76
look bracketed word0: out -81, more -46, bank 24, keys -29
look bracketed+: out 14, passage -29, stem -89, option -43, wrapped -15, answer -28, feedback 25, hint -19, facts -67, row -46, lines -23, remark -13
look bracketed_ bracketed: out 66, stem -21, answer -61, feedback -15, bank -29, keys -42
look bracketed_ capitals: out -16, answer -36, feedback 39, bank -21, keys -41
look bracketed_ cells: out 35, more -32, answer -24, bank -28, keys -34
look bracketed_ cue-answer: out -13, stem -38, answer -21, feedback -30, keys -32
look bracketed_ cue-level: out -47, more -42, option -15, answer 49, bank -55, keys -38
look bracketed_ field: more -30, answer -26, feedback 31, bank -41, keys -37
look bracketed_ heading: out 48, answer -78, feedback -76, bank -58, keys -102
look bracketed_ identity: out 26, bank -20
look bracketed_ let0: out -72, option -35, answer 46, feedback -28, bank -25, keys -59
look bracketed_ let1-first: out -21, stem -13, more 21, answer -14, bank -23
look bracketed_ num0: stem -17, more -38, option -17, answer -21, feedback -15, hint -17, facts -12, row -15, bank -74, keys 24
look bracketed_ rom0: out -76, answer 70, feedback -63, keys -19
look bracketed_ section: out -36, answer 15, feedback 32, bank -24
look bracketed_ short: out -26, more 24, answer 24, feedback -19
look bracketed_ word0: stem -36, more 24, option -36, answer -21, facts -15, row -16, keys -63
look bracketed_+: passage -27, stem -73, more -16, option -44, feedback -20, hint -32, facts -38, row -31, lines -25, remark -16
look bullet: passage -75, stem -19, option 29, wrapped -47, answer -66, hint -58, facts -83, bank -54, lines -52, keys -102
look bullet _bracketed: out 19, stem -18, more -12, answer -47, feedback -20, bank -29
look bullet _bullet: out -87, stem 60, more -30, option -27, answer -45, feedback -13, facts -37, row -61, remark -29
look bullet _bullet bullet: out -59
look bullet _bullet_ bullet: out -51, stem 43, option -29, answer -19
look bullet _cells: out -16, passage -18, stem -34, more -51, option 26, answer -75, facts -25, row -36, bank -27
look bullet _cue-answer: out -22, stem -17, answer -16, keys 23
look bullet _cue-answer num-lone: out -22, answer -29, keys 30
look bullet _cue-level: answer -15, facts 36
look bullet _heading: stem -35, answer -47, facts -44
look bullet _let0: option 19, answer -54, keys -34
look bullet _let0 bullet: stem 16
look bullet _let0 let0: stem -50, option 53, answer -19
look bullet _num-lone: stem -35, answer -48, facts -29, keys 16
look bullet _num0: out -36, stem 14, option -45, answer -45, facts 32, row -70, keys -27
look bullet _num0 bullet: out -39, stem 44
look bullet _num0 short: out -46, stem 50, keys -17
look bullet _num0_ num0: out -30, stem 37, answer -31, keys -12
look bullet _phrase: more -23, option 15, wrapped -14, answer -33, feedback -14, facts -17, row -12, keys -16
look bullet _section: out 84, stem -58
look bullet _section_ bullet: out 29
look bullet _short: out 32, passage -58, stem -70, option -44, wrapped -12, feedback -20, facts -61, keys -29
look bullet _text: out -22, option -17, keys -33
look bullet _word0: out 28, stem -34, answer -100, facts 13
look bullet _word0 asks: stem -22, answer -29, facts 51
look bullet _word0 bullet: out -28, stem 32, answer -21, facts -28
look bullet arrow: out -84, more -30, option 21, answer 60, remark -33
look bullet asks: stem -51, more 61
look bullet box: out -61, stem 61, more 37, option -40, facts -13
look bullet box box: out -23, option 26
look bullet bracketed: out -25, stem -19, more 14, option 37, answer 48, feedback -53, bank -53, keys -43
look bullet bullet: out 24, passage -23, stem -83, more -66, option 49, wrapped -31, answer -25, feedback -20, hint -27, facts -47, row 19, bank -31, lines -23, keys -45, remark 13
look bullet bullet arrow: stem -19, option 37, answer -27
look bullet bullet bracketed: out -35, option 76, answer -55
look bullet bullet bullet: stem 28, more -52, option -26, answer -90, feedback -48, facts -20, row 24, keys -17
look bullet bullet cue-answer: stem -80, more 41, option -14, answer -125, row -58, keys -19, remark -21
look bullet bullet cue-difficulty: out -28, stem -55, option 74, answer -56
look bullet bullet cue-feedback: option 55, answer -50
look bullet bullet edge: stem -73, answer -67, remark -16
look bullet bullet let-lone: out -36, stem -24, option 46, answer -28
look bullet bullet num-lone: out 17, option -13, answer -58
look bullet bullet num0: out -50, stem 33, more -46, option 91, answer -78, feedback -14
look bullet bullet phrase: out -19, stem -13, more -31, option 28, answer -34
look bullet bullet short: out -45, stem -14, more -43, option 27, answer -42, row -32, remark -15
look bullet bullet short-sentence: out -26, stem -16, more -45, option 37, answer -23, remark -26
look bullet bullet word0: out -20, stem -15, option 101, answer -65, row -15
look bullet bullet_ bullet: out -66, stem -56, option 82, answer -21
look bullet bullet_ cells: out -83, stem -51, option 80, answer -14
look bullet bullet_ cue-answer: out 30, stem -86, more -41, option -19, answer -52, feedback -17, row -29
look bullet bullet_ heading: answer -51, feedback -16, row -29
look bullet bullet_ let0: out -46, more -52, answer -53, feedback -62, row 32, remark -12
look bullet bullet_ num-lone: out -38, stem -15, option 32, answer -17, feedback -24, row -18
look bullet bullet_ num0: out -35, stem -25, more -21, answer -90, feedback 17, row -67, remark 23
look bullet bullet_ phrase: out 14, stem -41
look bullet bullet_ section: out 46, stem -72, option 32, answer -29, feedback -20, remark -23
look bullet bullet_ short: out 52, stem -57, more -44, answer -20, feedback -26, row -12, remark -16
look bullet bullet_ text: stem -47, more -24, option 14
look bullet bullet_ word0: out 29, stem -27, more -14, answer -37, feedback -44, row -28, remark -39
look bullet cells: stem 26, more -29, option -51, wrapped -19, answer -23, facts -13, keys -29, remark -30
look bullet cue-answer: stem -22, more 28, answer 29, facts -12, row -73, keys -67, remark -28
look bullet cue-answer cue-feedback: option -17, answer 21
look bullet cue-answer edge: option -47, answer 49, keys -45
look bullet cue-answer_ num0: answer 26
look bullet cue-answer_ word0: answer 16
look bullet cue-difficulty: out -52, stem 28, more -18, option 14, answer -92, row -30, keys -35, remark -39
look bullet cue-feedback: stem -22, option 46, answer -59, feedback 25
look bullet cue-level: stem -52, option 24, answer -61, feedback -52, remark -32
look bullet edge: out 19, stem -27, answer -71, remark -16
look bullet gap: out -21, more 23, answer -12
look bullet let-lone: out 14, stem -47, option 34, answer -75, row -43, keys -42
look bullet let0: out -34, stem 85, more -47, option -62, feedback -15, remark -44
look bullet let0 let0: stem -115, option 120
look bullet let1-first: out -42, stem 37, answer -45
look bullet let1-first let1: stem -34, option 68, answer -45
look bullet num-lone: out 29, stem -28, more 26, option -14, answer 52, feedback -47, facts -15, keys -30
look bullet num0: more 37, answer -98, feedback -14, facts -18, keys -21, remark -14
look bullet num0 bullet: out -20, stem -36, more 38, option -27, answer -35
look bullet num0 num0: out -16, stem -80, more -28, row 16, keys -14
look bullet phrase: out -70, passage -36, stem -43, more 17, wrapped -28, answer 39, feedback -109, facts -35, row -35, keys -36, remark -18
look bullet phrase bullet: passage -22, stem -127, more -26, wrapped -42, answer 13, feedback -36, facts -20
look bullet rule: stem -17, more -32, option 33, answer -48, lines 25, keys -21
look bullet sentence: out -44, passage -30, more -49, option -69, answer 18, feedback 25, remark -19
look bullet short: out -43, passage -18, stem 24, more 40, option -37, feedback -87, facts -90, row -46, keys -35, remark -15
look bullet short bullet: out -67, passage -14, stem -135, feedback -49, facts -67, keys -16
look bullet short-sentence: out -15, passage -20, stem -31, more 22, option 51, wrapped 17, answer -23, feedback -68, hint -54, facts -12, keys -19, remark -35
look bullet text: stem -55, more 31, wrapped 19, answer 46, feedback -65, keys -52
look bullet word0: out -36, stem 105, option -13, wrapped -12, answer -56, facts -14, row -15
look bullet+: passage -19, stem -15, more -63, option 25, wrapped -21, feedback -76, hint -19, facts -47, bank -27, lines -22, keys -42
look bullet_ bracketed: out -52, stem -42, option 47
look bullet_ bullet: out -61, stem 73, answer -38, row -18, keys -18
look bullet_ cells: out 22, stem -40, more 34, option -27, answer -45, feedback -40, row -25
look bullet_ cue-answer: out 28, stem -26, more -47, option -19, answer -52, feedback -17, row -40
look bullet_ cue-level: out -29, stem 17, answer -47, row -16, remark -12
look bullet_ heading: stem 32, more -13, answer -51, feedback -16, row -31
look bullet_ let0: out -56, stem 19, more 35, option -32, answer -61, feedback -67, facts -21, row 32, remark -18
look bullet_ num-lone: stem -35, option 32, answer -17, feedback -24, row -18
look bullet_ num0: out -32, stem -37, more -21, answer -94, feedback 32, row -68, remark 23
look bullet_ phrase: out 12, stem 20, option -34, answer -19, feedback -18, facts -13, row -13, keys -16
look bullet_ section: out -34, stem 38, more -23, option -17, answer -27, feedback -29, row -34, remark -26
look bullet_ short: out 34, stem -20, more -44, option -24, answer -20, feedback -26, facts -19, row -27, remark -16
look bullet_ text: out 20, stem -45, more -24, option 13
look bullet_ word0: stem -61, more -14, option 32, answer -41, feedback -50, row -29, remark -39
look bullet_+: out -23, passage -32, stem 26, more 32, answer -219, feedback 18, hint -17, facts -69, bank -16, lines -22, keys -45
look capitals: passage -74, stem -72, more -55, feedback -87, hint -44, facts -74, row -51, bank -35, lines -16, keys -15
look capitals _asks: out 20, stem -20
look capitals _cue-level: out -34, facts 40
look capitals _field: out -26, passage -34, stem 36
look capitals _let-lone: stem 30, keys -22
look capitals _let0: out -29, stem 30
look capitals _num-lone: out -51, stem 54, keys -36
look capitals _num0: out -24, stem 50, row -16, keys -41
look capitals _num0 let1-first: out -19, stem 19
look capitals _num0_ num0: out -51, stem 56
look capitals _rom-lone: out -46, stem 45
look capitals _section: out 67, stem -61
look capitals _sentence: passage -51, stem 22, answer -23, feedback -40
look capitals _text: out 24, stem -22
look capitals _word-lone: out -55, stem -28, facts 58
look capitals _word0: out -44, stem -41, answer -23, facts 65
look capitals bullet: out 28, option -15, answer -22
look capitals edge: out 63, answer -45, keys -53
look capitals heading: out 15, answer -16, facts -15
look capitals num-lone: out -26, stem 36, answer -25, feedback -12, facts -13, keys -29
look capitals num0: stem 22, option 18, answer -15, facts -21, row -15, keys -21
look capitals num0 num0: out -42, stem 34, keys -13
look capitals phrase: stem 39, option -46, answer -69, feedback -18, facts -16, row -31, keys -27
look capitals rule: out 15
look capitals word0: option -37, answer 13, facts 16, keys -55
look capitals+: out 42, passage -30, stem -33, more -24, answer -21, feedback -20, facts -46, row -28, keys -18
look capitals_ asks: out 62, answer -59
look capitals_ bullet: out 70, answer -66
look capitals_ cue-level: out 35, answer -37, facts -14
look capitals_ field: out 17, answer -28
look capitals_ field-number: out 19
look capitals_ let-lone: out 49, option -15, answer -41, keys -46
look capitals_ let0: out 72, stem -20, option -25, answer -50, keys -67
look capitals_ num-lone: out 39, answer -48, keys -53
look capitals_ num0: out 14, option 15, feedback -21, keys -77
look capitals_ rom-lone: out 69, answer -60, keys -18
look capitals_ section: out -17, stem -13, option -16, answer 20, keys -14
look capitals_ sentence: out 33, answer -15, keys -14
look capitals_ text: out -40, stem -19, option -12, answer 23
look capitals_ word-lone: out 58, option -21, answer -54
look capitals_ word0: passage -24, feedback -22, hint -20, facts -26, bank -17, keys -22
look capitals_+: passage -35, stem -52, more -25, feedback -49, hint -25, facts -32, row -15, bank -27
look cells: stem -16, more 40, option -22, answer -58, feedback -88, hint -56, facts -45, bank -17, lines -51, keys -59, remark -46
look cells _asks: out 29, stem -27, more -14, answer -13
look cells _bullet: out -30, stem -71, option 66
look cells _cells: out -32, passage -14, stem 48, more -30, option -57, answer -33, facts -32, row -66, keys -65
look cells _cells_ cells: out 18, option -15, answer -27, facts -19, row -30
look cells _cells_ text: out -25, stem 22, option -15
look cells _cue-answer: answer 24, keys -15
look cells _field: passage -61, stem 43, facts -49
look cells _heading: out 16, answer -17, facts -24
look cells _let-lone: out 56, passage -33, stem -23, answer -19
look cells _let0: option 34, keys -36
look cells _let0 let0: out -37, stem 26, option 43, keys -35
look cells _let1-first: out -36, stem -15, option 44, answer -17, row -14
look cells _let1-first let1: out -36, stem -15, option 44, answer -17, row -14
look cells _num-lone: stem -47, answer 27, keys -37
look cells _num0: out -86, stem 15, option 41, answer -27, row -47, keys 26
look cells _num0 short: stem 15
look cells _num0_ num0: out -51, answer -27, keys 33
look cells _phrase: out -29, passage -36, stem 29, more -21, answer 15, feedback -15, keys -31
look cells _rom-lone: out 28, stem -22, answer -17, facts -14, keys -19
look cells _rom0: out -18, stem 13
look cells _section: out 29, stem -37, answer -17, facts -32, row -23
look cells _sentence: stem 15, more -29, answer -56, keys -38
look cells _short: passage -58, stem 16, more -28, option -40, answer -26, facts -17
look cells _short-sentence: out 17, passage -43, stem 13, option -14, answer -24, keys -15
look cells _text: out -15, passage -19, stem 46, more -47, answer -14
look cells _text short: stem 15
look cells _word0: out -73, answer -16
look cells _word0 text: out -42, answer -13
look cells _word0_ word0: out -45, stem 31, facts -21
look cells arrow: out 22, more -24, option -18, feedback -28, facts -20, keys -14, remark -13
look cells box: out -24, stem -14, more 51, facts -12
look cells box box: option 14
look cells bracketed: out 23, stem -28, option 15, answer 55, feedback -66, bank -21, keys -32
look cells bullet: out 25, stem -41, more 40, option 23, row -25
look cells bullet bullet: option 30, row -19
look cells cells: out -56, passage 22, stem -59, more -114, option -45, wrapped -22, answer -108, feedback -32, facts -29, row 45, bank -47, keys -25, remark -31
look cells cells cells: passage 13, stem -42, more -32, option -20, answer -22, facts -42, keys -24, remark -13
look cells cells cue-answer: stem -37, more -54, row 45
look cells cells edge: passage -59, stem 20, more -51, option -65, answer -45, facts -21, row -49, keys 22
look cells cells let-lone: row 25
look cells cells_ num0: out 16, passage -24, stem -46, more -20, answer -17, row 21, keys -15
look cells cue-answer: out -75, answer 40, facts -20
look cells cue-answer bracketed: answer 40, keys -36
look cells cue-answer cue-difficulty: answer 44, keys -41
look cells cue-answer edge: answer 67, keys -64
look cells cue-answer_ word0: answer 25, keys -24
look cells cue-difficulty: out -30, passage -14, stem -60, more 19, option 56, answer -30, keys -18
look cells cue-feedback: out -62, stem -54, more 26, option -18, answer -67, feedback 68, facts 51, row -21, keys -66, remark -19
look cells edge: out -34, passage -83, stem 46, option 25, answer -95, feedback -20, facts -41, row -61, bank -19
look cells field: out -51, passage -64, stem 28, more -17, option -19, answer -50, facts -68, row -36, keys 20
look cells heading: out 34, stem -45, facts -29, keys -27
look cells identity: out 26, stem -24, more 52, option -16, facts -23, row -17
look cells let-lone: out -18, stem -48, more -44, option 14, row 48, keys -63
look cells let-lone cue-answer: option 28, row -15
look cells let-lone_ num0: out -22, answer 17, row 14
look cells let0: out 37, stem -49, more 53, option -24, facts -22, row 19, keys -41
look cells let0 let0: stem -53, option 63
look cells let1-first: out 38, stem -72, option -39, answer -70, facts -19, row 15, keys -55
look cells let1-first let1: stem -62, option -30, answer -64, row 39, keys -47
look cells num-lone: out -28, stem -41, option -21, facts -27
look cells num0: out -16, passage -69, stem -23, more 45, option 34, answer -31, facts -36, row -33, bank -16, keys 16
look cells num0 num0: out -12, stem -36, option 37, row -31, keys -42
look cells num0-again: out 25, stem -44, option -20, row -59, keys 47
look cells num0-again num0-again: out -21, stem -49, row -39, keys 42
look cells num1-first: out -40, more 20, option 24, row -34
look cells num1-first num1: stem -51, option 25, row -19
look cells pair: passage -15, stem -46, more -36, feedback -33, row -43, keys 49
look cells phrase: passage -26, stem -77, more -38, answer -39, feedback -63, facts -18, row 33, keys 19
look cells rule: out 58, stem -52, row -23, lines 15, keys -21
look cells rule rule: lines 16
look cells section: stem -46, more 41, answer -29, facts -18, row -21, keys -26
look cells sentence: out -14, passage 53, stem -79, option -13, answer -70, feedback -49, facts -46, row -46, keys -53, remark -19
look cells short: out 46, passage -70, stem -40, more -13, option -78, wrapped 14, answer -29, feedback -74, facts -59, keys -105
look cells table-pairs: stem 13, more 27, row 20, keys -28
look cells table-pairs table-pairs: row 20, keys -19
look cells text: passage -27, more -48, option -44, answer 46, feedback -67, facts -34, row 43, keys -29
look cells truth: out -46, stem 24, more 26, row -17, bank -18, keys -24
look cells+: out -25, passage 17, stem -18, more -18, answer -14, feedback -38, hint -21, facts -16, bank -79, lines -27, keys -30, remark -30
look cells_ asks: out -28, passage -31, stem 28, more 38, option -18, bank -18
look cells_ bracketed: out -21, stem -13, more 14, wrapped -14, row 23
look cells_ bullet: passage -16, stem -43, option 31, answer -32, row 19, keys -33
look cells_ cells: passage -31, stem 20, more -15, answer -53, facts -23, row -17, keys -74
look cells_ cue-answer: out -59, stem 24, more 42, option -31, row -14, bank -29
look cells_ field: out 24, passage -46, stem -13, option 24, answer -33, facts -15, row -21, bank -30
look cells_ heading: out -31, passage -30, option -55, answer -46, feedback -17, facts -25, row -47, bank 33, keys -63
look cells_ identity: out 74, stem -61, row -44
look cells_ let-lone: out 44, stem -28, more -29, option -26, row -21, keys -44
look cells_ let0: passage -21, more 23, option -36, answer -34, facts -17, bank -12, keys -22
look cells_ let1-first: stem -48, more 49
look cells_ num-lone: out 39, stem -52, more -16, row 28
look cells_ num0: out 47, passage -34, stem -84, more 25, answer -70, feedback -26, facts -21, bank -42, keys 13
look cells_ phrase: out -27, passage -24, stem 19, more -37, option 27, answer -24, facts -13, row -30, bank -25, keys 15
look cells_ rom-lone: out 39, stem -52, more -35, option 48, row 46, bank -17
look cells_ rom0: out 32, stem -83, more -22, option -40, answer -24, row -34, bank -27, keys -40
look cells_ section: out 14, stem 41, option -63, answer -20, feedback -38, facts -25, bank -14
look cells_ sentence: out -43, stem 43, option -14, keys -14
look cells_ short: out -39, stem 44, more -21, option -39, answer -16, row -18, bank -21
look cells_ short-sentence: out 17, option -19
look cells_ text: out -39, passage -14, stem 73, option -30, answer -18, facts -15, row -19, keys -38
look cells_ word0: out 34, passage -25, stem 27, option -22, answer -55, facts -31, row -32, bank -18
look cells_+: out 27, passage -67, more 27, wrapped -23, answer -111, feedback -76, hint -21, facts -83, row -13, keys -17
look chatter: out 43, passage 20, stem -35, more -56, option -27, wrapped -13, answer -67, feedback -32, hint -19, facts -50, row -30, bank -27, lines -18, keys -28
look chatter _capitals: out 19, keys -16
look chatter _chatter: out 17
look chatter _heading: out -34, facts 45
look chatter _let-lone: out 46, passage -35, stem -45, row -12, keys -15
look chatter _num0: out 28, stem -27, keys -14
look chatter _num0 num0: out 54, stem -54
look chatter _pair: out 83, passage -16, stem -67
look chatter _rule: out 15
look chatter _section: out 60, stem -24, facts -37
look chatter _section_ num0: out 32, stem -24
look chatter _short: out 39, passage -57, stem -47, option -12, answer -25, facts -14
look chatter _word0: out -14, stem 12, facts 23
look chatter cells: out 31, stem -18, more -13
look chatter edge: out 31, passage -40, stem -17, answer -25, feedback -15, keys -27
look chatter field: out 26, stem -22, facts -24
look chatter heading: out 20
look chatter num0: passage -38, stem 31, more -18
look chatter num0 num0: out -49, stem 49
look chatter pair: out 37, passage -17, stem -32
look chatter short: out 25, stem -18, more -30, answer -47, keys 38
look chatter text: out -13, passage 18, stem -18, keys -13
look chatter+: out 17, passage 24, stem -44, more -36, option -13, answer -33, feedback -17, facts -23, row -17, keys -13
look chatter_ capitals: out 42, stem -35
look chatter_ chatter: out 20, stem -32, answer -15
look chatter_ heading: out 13
look chatter_ identity: out 14
look chatter_ let-lone: out 29, stem -12
look chatter_ num0: out 85, passage -36, stem -29
look chatter_ pair: out 18, feedback -12
look chatter_ rule: out 17, stem -21
look chatter_ section: out 51, stem -43
look chatter_ short: out 13, stem -17
look chatter_ word0: out 29, stem -12, feedback -15
look chatter_+: out 37, passage -17, answer -38, feedback -52, hint -12, facts -31, bank -16, lines -14, keys -31
look colon: passage -35, more 25, option -32, answer -54, feedback -55, hint -28, facts -72, row -23, bank -29, keys 15, remark -13
look colon num0: more -18, option -12, feedback -35, facts -22
look colon pair: stem -33, more 27, row -27
look colon pair short: stem -13, more 18, row -17
look colon+: stem 14, more 16, option -20, answer -25, feedback -27, hint -16, facts -41, row -15, keys -56
look colon_+: passage -14, stem -23, more -26, answer -28, feedback -37, facts -22, bank -15, keys 23
look cue-answer: out -121, passage -75, stem -85, more -75, option -43, wrapped -58, answer 88, feedback -85, hint -61, facts -155, row -112, lines -54, remark -35
look cue-answer _asks: stem 13, facts -16
look cue-answer _asks cue-answer: out -37, stem 41
look cue-answer _bullet: stem -41, option -60, feedback -42, facts -14, remark 33
look cue-answer _bullet bullet: out 14, stem -53, option -32, remark 36
look cue-answer _bullet cue-answer: out -72, stem 79, remark -18
look cue-answer _capitals: out 79, stem -16, answer -99, feedback -25, facts -31, keys -34
look cue-answer _capitals_ num0: out 65, answer -62
look cue-answer _cells: out -24, stem 43, option -16, answer -38, feedback -42, facts -40, row -41, keys -67
look cue-answer _cells cue-answer: out -46, stem 45, facts -14
look cue-answer _chatter: out -14, stem 21, answer -13, feedback -19
look cue-answer _chatter edge: out 16, stem -21, feedback -13
look cue-answer _cue-feedback: stem -40, option -38, answer -30, feedback 33, hint -12, keys -36, remark -14
look cue-answer _cue-level: out -38, facts 44
look cue-answer _cue-level let-lone: out -16, facts 18
look cue-answer _cue-level num-lone: out -20, facts 22
look cue-answer _field: out 13, passage -20, stem 23, option -14, answer -65, feedback -86, hint -14, facts -79, keys -17
look cue-answer _field cue-answer: out -24, stem 24
look cue-answer _field edge: out 30, stem -32, answer -25
look cue-answer _field-kind: out -67, facts 73
look cue-answer _field-kind field-stem: out -52, facts 58
look cue-answer _field-number: facts 13
look cue-answer _gap: out -41, stem 22
look cue-answer _gap cue-answer: out -43, stem 47
look cue-answer _heading: out -32, stem -24, answer 47, feedback -25, facts -107, keys -49
look cue-answer _heading_ num0: out 27
look cue-answer _heading_ num0-again: out 22, facts -13
look cue-answer _heading_ word-lone: out 21, facts -13
look cue-answer _heading_ word0: out 39, facts -23
look cue-answer _let-lone: out 44, stem -34, option -13, answer -23, facts -14, keys -24
look cue-answer _let-lone_ num0: out 15
look cue-answer _let0: out -41, stem 52, option -45, answer -26, facts -18, keys -25
look cue-answer _let0 cue-answer: out -35, stem 47, option -18
look cue-answer _let0 gap: out -15, stem 15
look cue-answer _let0_ let0: out -43, stem 37
look cue-answer _let1: out 15, stem 35, option -48, answer -51, feedback -18, facts -19, remark -21
look cue-answer _num-lone: out 88, stem -57, answer -78, feedback -24, facts -71, keys -54
look cue-answer _num-lone_ num0: out 78, stem -45, answer -17, keys -40
look cue-answer _num0: out 46, stem -20, option -38, answer -82, feedback -35, hint -16, facts -81, keys -32
look cue-answer _num0 box: out -20, stem 23
look cue-answer _num0 bullet: out -22, stem 26
look cue-answer _num0 cue-answer: option -28
look cue-answer _num0 cue-sample: stem 20
look cue-answer _num0 edge: out 16, stem -15
look cue-answer _num0 let-lone: stem 12
look cue-answer _num0 let1-first: out -130, stem 134
look cue-answer _num0 num0: out 53, stem -57, keys -15
look cue-answer _num0 num0-again: out -40, stem 41
look cue-answer _num0 num1-first: out -69, stem 70
look cue-answer _num0 short: out -80, stem 80
look cue-answer _num0-again: out 12, option -25, answer -15, facts -27, keys -46
look cue-answer _num0-again let1-first: out -67, stem 72
look cue-answer _num0_ box: out -42, stem 43
look cue-answer _num0_ cue-answer: out -80, stem 86
look cue-answer _num0_ cue-sample: out -29, stem 29
look cue-answer _num0_ let1-first: out -35, stem 37
look cue-answer _num0_ num0: out 34, stem -29, answer -66, feedback -21, hint -16, facts -30, keys -15
look cue-answer _num1: out -24, stem 55, feedback -16, facts -27
look cue-answer _pair: out 50, passage -17, stem -39, feedback -38
look cue-answer _phrase: passage -16, stem 33, option -16, answer -62, feedback -83, facts -22, keys -17
look cue-answer _phrase cue-answer: out -17, stem 19, answer -20
look cue-answer _phrase let0: out -21, stem 23, feedback -37
look cue-answer _rom-lone: out 19, stem -23
look cue-answer _rom0: out -42, stem 47
look cue-answer _rom0 cue-answer: out -20, stem 22
look cue-answer _rom0_ rom0: out -31, stem 36
look cue-answer _section: out 70, stem -46, answer -13, feedback -13, facts -73
look cue-answer _section_ num0: out 13
look cue-answer _section_ word-lone: out 17
look cue-answer _sentence: out 40, passage -58, answer -91, feedback -65, keys -47
look cue-answer _short: out 15, passage -47, stem 43, option -28, answer -144, feedback -68, hint -20, facts -47
look cue-answer _short edge: out 49, answer -37
look cue-answer _short-sentence: out -60, stem 76, option -15, answer -76, feedback -58, remark -14
look cue-answer _short-sentence cue-answer: out -41, stem 51, option -15, answer -14
look cue-answer _short_ num0: out 45, stem -13, answer -38, feedback -17
look cue-answer _text: passage -37, stem 45, option -14, answer -63, feedback -54, facts -20, keys -16
look cue-answer _text asks: stem 26
look cue-answer _text cells: out 39, stem -33
look cue-answer _text cue-answer: out -33, stem 38, answer -31
look cue-answer _text let0: out -26, stem 33
look cue-answer _text phrase: out -23, stem 28
look cue-answer _text short: out -38, stem 48, feedback -19
look cue-answer _text text: out -20, stem 22
look cue-answer _text_ let0: out -20, stem 21
look cue-answer _word0: out -59, stem 46, option -18, answer 34, feedback -17, facts -63
look cue-answer _word0 asks: out -39, stem -43, answer 49, facts 26
look cue-answer _word0 bullet: stem 14, facts -13
look cue-answer _word0 cells: out -46, stem 22, answer -43
look cue-answer _word0 cue-answer: out -57, stem 51, answer -26, facts -45
look cue-answer _word0 field: out -27, stem -40, facts 49
look cue-answer _word0 gap: stem -32, facts 33
look cue-answer _word0 let-lone: out -38, stem 16, answer -26, facts -13
look cue-answer _word0 let1-first: out -73, answer -34, facts 20
look cue-answer _word0 num1-first: out -73, stem 33, facts -23
look cue-answer _word0 phrase: out -41, stem -29, facts 38
look cue-answer _word0 sentence: out -19, stem -61, answer -16, facts 87
look cue-answer _word0 short: out -24, stem 15, facts -13
look cue-answer _word0 short-sentence: out -23, stem -43, answer -49, facts 50
look cue-answer _word0 text: out -40, stem -48, facts 62
look cue-answer _word0-again: out -21, stem -20, facts 38
look cue-answer _word0-again cue-answer: out -13, stem 23
look cue-answer _word0_ word0: out -24, stem 33
look cue-answer bracketed: out -22, stem -19, option -122, answer -44, feedback 66, bank -69, keys -60
look cue-answer bracketed edge: answer -71, feedback 15, keys -18
look cue-answer bracketed_ num0: out -81, answer -48, feedback 67
look cue-answer bullet: out -20, stem -39, option -19, answer 27, feedback 45, keys -30
look cue-answer cells: passage -48, stem -26, more -35, option -45, answer 30, feedback -59, facts 37, row -36, keys -24
look cue-answer cue-difficulty: out -45, passage -21, stem -44, more -46, option -124, wrapped -20, answer 18, feedback -20, facts 14, bank -34
look cue-answer cue-difficulty edge: out -52, facts 98, keys -39
look cue-answer cue-difficulty phrase: out -17, facts 23
look cue-answer cue-difficulty rule: out -43, facts 58
look cue-answer cue-difficulty word-lone: out -20, facts 24
look cue-answer cue-difficulty word0: out -30, facts 35
look cue-answer cue-difficulty_ heading: facts 29
look cue-answer cue-difficulty_ section: facts 28
look cue-answer cue-difficulty_ short: out -12, facts -33, keys 52
look cue-answer cue-difficulty_ word0: facts 13
look cue-answer cue-feedback: stem -64, option -41, answer 71, feedback 22, facts -16, row -40, keys -71, remark -72
look cue-answer cue-feedback cue-difficulty: feedback 35, remark -22
look cue-answer cue-feedback edge: out -88, feedback 57, keys -22, remark -21
look cue-answer cue-feedback_ num0: out -72, feedback 80
look cue-answer cue-feedback_ word0: out -23, feedback 25
look cue-answer cue-level: out -31, more -17, option -62, answer 53, feedback -27, facts -30, keys -19
look cue-answer cue-level num-lone: answer -18, facts 32
look cue-answer cue-points: out -38, stem -39, more -64, option -43, answer -26, feedback -52, facts 27, bank -36, keys -23
look cue-answer cue-points cue-difficulty: out 16, answer -64, facts -41, keys 53
look cue-answer cue-points cue-feedback: out -32, stem -29, option -33, answer -35, feedback -30, facts 36, keys -38
look cue-answer cue-points edge: out -63, answer 39, facts -22, keys -94
look cue-answer cue-points rule: out -24, facts 48
look cue-answer cue-points_ num0: out -28, stem -14, option -22, answer -27, feedback -21, facts 29
look cue-answer edge: out -19, stem -51, more -56, option -42, answer -23, feedback -14, bank -27, keys 44
look cue-answer field: out 49, passage -18, stem -47, option -23, feedback -54, row -30
look cue-answer field-kind: answer 17, facts 16, keys -40
look cue-answer heading: out 19, answer 61, keys -60
look cue-answer identity: out 17, option -41, answer 59, keys -51
look cue-answer let-lone: out -60, stem 39, option -33, answer -32, feedback -22, facts -15, row -25, keys 23
look cue-answer let0: out -62, option -49, answer -16, feedback -26, facts -14, row -17, bank -13, keys 39
look cue-answer let0 let0: out -34, keys 14
look cue-answer let1: stem 12, option -15, answer 32
look cue-answer num-lone: out 45, stem -67, facts -13
look cue-answer num-lone edge: out -38, answer -15, keys 44
look cue-answer num-lone num-lone: out 14, facts -13
look cue-answer num0: out -47, stem 50, more -13, answer -29, feedback -31, facts -30, row -45, keys 15
look cue-answer num0 cue-answer: stem 19, option -15, keys -12
look cue-answer num0 num0: out -29, option -14, facts -12, row -14, keys 31
look cue-answer num0 text: keys 14
look cue-answer num0-again: out -46, stem -18, option -41, answer -35, row -22, keys 43
look cue-answer num0-again num0-again: out -24, stem 21, option -15, row -18, keys -16
look cue-answer num1: stem 31, option -27, answer 36, row -23
look cue-answer num1-first: stem -34, option -21, answer -30, keys 51
look cue-answer pair: out -41, passage -27, stem -42, option -42, answer 24, feedback 37, row -20, keys -24
look cue-answer phrase: passage -20, stem -32, option -75, wrapped -42, answer 13, feedback 15, facts -26, row -14
look cue-answer rom0: out -35, stem 42, option -50, answer 91, bank -16, keys -18
look cue-answer rule: out 49, more -16, option -13, answer 53, feedback -14, facts -23, keys -37
look cue-answer section: stem -15, option -49, answer 58, feedback -19, facts -24, keys -40
look cue-answer sentence: passage -50, stem -88, option -72, answer -41, feedback 48, keys -107, remark -25
look cue-answer sentence_ num0: out -100, answer -58, feedback 96
look cue-answer short: out -18, passage -44, stem -70, more -22, option -46, answer 67, facts 16, row -15, keys -59
look cue-answer short edge: stem -17, answer 15, feedback -42, facts -28, keys -59
look cue-answer short-sentence: out -29, stem -82, option -53, answer 47, feedback 19, hint -59, facts -40, keys -52, remark -36
look cue-answer short-sentence_ num0: out -26, stem -18, answer 23, hint -49, facts -26
look cue-answer short_ num0: out -44, more -14, answer 55, feedback -48
look cue-answer table-down: answer -16, keys 23
look cue-answer text: passage -25, more -34, option 51, feedback -88, keys -36
look cue-answer word0: out -20, stem 34, option -104, answer 85, facts 46, keys -59
look cue-answer word0 asks: stem -19, answer -62, facts 83
look cue-answer word0 let1-first: stem 44, facts -38
look cue-answer word0 phrase: stem 18
look cue-answer word0-again: stem 36, feedback -16, facts -53, keys 38
look cue-answer word0-again word0-again: stem 35, feedback -16, facts -52, keys 29
look cue-answer+: out -74, passage -35, stem -105, more -39, option 16, wrapped -29, feedback -45, facts -87, row -38, bank -66, lines -24, remark -15
look cue-answer_ asks: option -30, answer 61, bank -17
look cue-answer_ bullet: answer 63, keys -34
look cue-answer_ capitals: answer 80, keys -65
look cue-answer_ cells: option -42, answer 51, bank -37, keys -21
look cue-answer_ chatter: answer 48, keys -39
look cue-answer_ cue-feedback: out -33, stem -36, option -29, answer 37, keys -32
look cue-answer_ cue-level: option -15, answer 41
look cue-answer_ field: option -33, answer 28, keys -24
look cue-answer_ field-kind: option -16, answer 43
look cue-answer_ field-number: answer 41
look cue-answer_ gap: option -33, answer 53, bank -15
look cue-answer_ heading: answer 64, bank -23, keys -58
look cue-answer_ let-lone: answer 50, keys -34
look cue-answer_ let0: option -27, answer 69, bank -26, keys -65
look cue-answer_ let1: option -22, answer 44
look cue-answer_ num-lone: keys -67
look cue-answer_ num0: out -24, stem -24, more -34, option -39, answer 13, feedback -17, facts -22, row -13, bank 30, keys 20
look cue-answer_ num0-again: out -16, answer 41, bank -17, keys -38
look cue-answer_ num1: option -40, answer 50, bank -15, keys -34
look cue-answer_ pair: answer 13
look cue-answer_ phrase: option -19, answer 85, keys -35
look cue-answer_ rom-lone: out -19, stem -13, answer 37, bank -23, keys -62
look cue-answer_ rom0: option -39, answer 55, bank -38, keys -17
look cue-answer_ section: option -21, answer 102, keys -67
look cue-answer_ sentence: option -24, answer -38, keys 38
look cue-answer_ short: option -17, answer 58, keys -40
look cue-answer_ short-sentence: option -16, answer 37
look cue-answer_ text: stem -35, option -53, answer 45, bank -22, keys -39
look cue-answer_ word0: out -16, stem -47, more -34, option -145, answer -12, feedback -46, row -27, bank -87, keys 54
look cue-answer_ word0-again: option -48, answer 69, keys -24
look cue-answer_+: out -71, passage -32, stem -52, more -59, option -55, answer 58, feedback -65, hint -26, facts -37, row -56, bank 16, lines -13, keys -13
look cue-difficulty: out -47, passage -31, stem -73, more -74, option -107, answer -134, feedback -90, facts 87, row -92, lines -35
look cue-difficulty _capitals: out 25, answer -25, facts -24, keys -13
look cue-difficulty _cue-answer: answer -16, keys 16
look cue-difficulty _cue-level: out -78, stem -12, facts 23
look cue-difficulty _cue-level bullet: facts 17
look cue-difficulty _cue-level let-lone: out -17, facts 19
look cue-difficulty _cue-level let0: out -14, facts 16
look cue-difficulty _cue-level num-lone: out -22, facts 29
look cue-difficulty _cue-level num0: out -28, facts 31
look cue-difficulty _heading: out 27, facts -29
look cue-difficulty _heading_ cue-level: out 31, facts -27
look cue-difficulty _key-title: out -26, keys 34
look cue-difficulty _let-lone: out 58, stem -43, option -13
look cue-difficulty _num-lone: out 44, stem -54, answer -13, facts -20, keys -26
look cue-difficulty _num0: out -30, stem -25, facts -16, keys 29
look cue-difficulty _phrase: out 51, passage -15, stem -50, more -23, answer -49, feedback -47
look cue-difficulty _rom-lone: out 27, stem -16
look cue-difficulty _section: out 61, stem -25, facts -40
look cue-difficulty _short: out 48, stem -66, answer -33, facts -19
look cue-difficulty _word-lone: stem -26
look cue-difficulty _word0: out -26, stem -39, facts 67
look cue-difficulty _word0 text: facts 13
look cue-difficulty asks: stem 32, more -28
look cue-difficulty bullet: out -36, stem 37, more -23, option -20, answer -19, feedback -40, facts -26, row -33, remark -30
look cue-difficulty cue-feedback: out -99, stem -43, feedback 116, keys -42, remark -34
look cue-difficulty cue-feedback rule: out -54, feedback 63
look cue-difficulty cue-level: out -54, facts 83
look cue-difficulty cue-level let-lone: facts 18
look cue-difficulty cue-level num-lone: out -13, facts 15
look cue-difficulty cue-level num0: out -19, facts 28
look cue-difficulty edge: out -56, answer -38, facts 52, keys -39
look cue-difficulty field-kind: out -44, facts 49
look cue-difficulty field-kind field-stem: out -79, facts 82
look cue-difficulty let0: stem 22
look cue-difficulty let1: stem 20, option -20
look cue-difficulty num0: out -46, stem 51, facts 21
look cue-difficulty num1: stem 50, option -23, row -19, keys -22
look cue-difficulty num1 let2-first: stem 13
look cue-difficulty phrase: out -25, passage -17, stem 59, more -58, option -57, answer -39, feedback -83, facts 14, row -13, keys -63
look cue-difficulty rom0: out -53, stem 54, facts -12, keys -21
look cue-difficulty rule: passage -13, stem -23, option -13, facts 119
look cue-difficulty rule_ field-number: out 16
look cue-difficulty rule_ word-lone: out 27
look cue-difficulty short-sentence: out 67, passage -18, more -17, option -20, answer -27, feedback -53, hint -24, facts 57, keys -19, remark -25
look cue-difficulty word-lone: out 24, option -14, facts -18, keys -16
look cue-difficulty word0: out 38, stem -34, facts -28
look cue-difficulty word0 let1-first: stem 33, facts -19
look cue-difficulty+: out -15, stem -41, more -21, option -23, answer -55, feedback -26, facts 36, row -20, keys -16
look cue-difficulty_ capitals: out -34, answer -14, facts 71, keys -33
look cue-difficulty_ cue-answer: stem -21, facts 41, row -18
look cue-difficulty_ cue-level: out -13, facts 63
look cue-difficulty_ field-number: facts 17
look cue-difficulty_ heading: out -34, facts 82, keys -20
look cue-difficulty_ key-title: out -14, facts 51
look cue-difficulty_ let-lone: out -19, facts 50, keys -18
look cue-difficulty_ num-lone: out -21, answer -19, facts 52, keys -14
look cue-difficulty_ num0: out -24, passage -17, option -17, answer -27, feedback -20, facts 36, row -15, keys -20
look cue-difficulty_ phrase: facts 29
look cue-difficulty_ rom-lone: out -23, facts 44
look cue-difficulty_ rule: out -36, facts 47
look cue-difficulty_ section: out -24, facts 76, keys -20
look cue-difficulty_ short: out -13, answer -15, facts -30, keys 51
look cue-difficulty_ word-lone: out -23, facts 37
look cue-difficulty_ word0: facts 28
look cue-difficulty_+: out -50, passage -18, stem -33, more -29, option -49, answer -53, feedback -35, facts 56, row -40, lines -12, keys 33
look cue-feedback: out -31, passage -70, stem -94, more -28, option -49, wrapped -65, answer -111, feedback 44, hint -73, facts -50, row -70, bank -42, lines -31, remark 43
look cue-feedback _cue-level: out -28, facts 31
look cue-feedback _num0: stem 22, answer -39, facts -26, row -19
look cue-feedback _num0 cue-answer: out -18, stem 19
look cue-feedback _num0 let1-first: out -31, stem 32
look cue-feedback _section: out 43, stem -39
look cue-feedback _text: out -29, stem 31, answer -25, keys -14
look cue-feedback _word0: out -46, answer 50
look cue-feedback _word0 cue-answer: stem 23, facts -23
look cue-feedback _word0 let1-first: stem -17, facts 25
look cue-feedback bullet: out -76, stem 21, answer -18, feedback 15, remark -29
look cue-feedback cue-difficulty: out -21, more -22, option -14, answer -20, feedback 57, remark -56
look cue-feedback edge: stem -22, more -34, option -26, answer -15, keys -21, remark 15
look cue-feedback field-stem: out -34, feedback 67, facts -34, remark -15
look cue-feedback rule: out -66, stem -23, feedback 111, lines -15, remark -40
look cue-feedback short: out -78, passage -20, stem -34, more -37, option -80, wrapped -30, answer -104, feedback 111, facts -28, keys -62, remark -19
look cue-feedback short-sentence: out -45, passage -37, stem -67, more -31, option -63, answer -77, feedback 83, hint -24, facts -20, keys -21
look cue-feedback+: out 12, passage -27, stem -79, more -38, option -25, wrapped -34, answer -41, hint -28, facts -13, row -26, bank -15, lines -13, keys 28, remark 38
look cue-feedback_ cue-level: out -35, feedback 39
look cue-feedback_ field-number: out -49, stem -17, feedback 55, remark -20
look cue-feedback_ field-stem: out -43, feedback 57
look cue-feedback_ num0: out 41, stem -12, answer -25, remark -13
look cue-feedback_ section: out -39, feedback 42
look cue-feedback_ text: out -14, option -33, feedback 64
look cue-feedback_ word0: out -32, stem -20, answer -13, feedback 44, facts -25, remark -19
look cue-feedback_+: out -36, passage -20, stem -43, option -45, answer -57, feedback 51, hint -31, facts -35, row -19, keys -45, remark -43
look cue-hint: out -80, passage -27, stem -56, wrapped -18, answer -35, feedback -77, hint 63, facts -38, row -35, bank -12, keys -54, remark -20
look cue-hint+: out -41, stem -26, feedback -28, hint 17, facts -25, row -17, keys -34, remark -12
look cue-hint_+: out -45, passage -14, stem -37, option 32, answer -47, feedback -51, hint 46, facts -16
look cue-level: passage -42, stem -103, more -61, option -28, answer -13, feedback -81, hint -14, facts 30, row -72, bank -33, keys -97
look cue-level asks: out -14, stem 27, more -26, facts 15
look cue-level asks let1-first: stem 23, more -22
look cue-level bullet: out -65, stem 43, more -27, answer -71, feedback -31, facts -14, row -17, remark -26
look cue-level bullet cue-difficulty: stem 13, remark -17
look cue-level edge: out 55, option -22, answer -50, facts -44, keys -17
look cue-level field: out -64, stem 49, facts 21
look cue-level let-lone: out -90, stem 68, more -29, option -36, answer -49, facts 96, row -55, keys -28
look cue-level let-lone cue-answer: stem 27, option -25, row -25
look cue-level let-lone cue-difficulty: stem 17
look cue-level let-lone let1-first: stem 20, option -20, row -13
look cue-level let0: out -36, stem 26, option -35, answer -38, facts 41, keys -19
look cue-level let1: stem -15, more -23, option 45, facts -28
look cue-level let1 let1: stem -15, option 18
look cue-level let1-first: out -55, stem 14, option -18, facts 52, row -18
look cue-level num-lone: out -79, stem 40, more -62, option -37, answer -80, feedback -55, facts 51, row -47, keys -25
look cue-level num-lone box: stem 14
look cue-level num-lone cue-difficulty: stem 41, facts -14, keys -14
look cue-level num-lone short: stem 15
look cue-level num0: out -37, option -85, answer -82, feedback -13, facts 55
look cue-level num1-first: out -91, stem 58, option -37, answer -30, facts 102, row -31
look cue-level num1-first cue-answer: stem 19, row -17
look cue-level phrase: out -27, stem 54, more -21, option -20, feedback -18, facts 20
look cue-level rom-lone: out -72, stem 65, more -13, facts 52
look cue-level rom0: out 24, passage -20, stem 19, option -46, answer -36, facts -18
look cue-level text: out -35, stem 48, more -19, option -36, feedback -16, facts 30
look cue-level word-lone: out -47, more -20, option -13, answer -22, facts 14, row -12
look cue-level word-lone cue-answer: stem 15
look cue-level word0: out -43, stem 13, option -28, answer -18, facts 36
look cue-level+: out -46, passage -28, stem -90, more -50, feedback -46, facts 44, row -50, bank -22, keys -68
look cue-level_+: out 48, passage -14, answer -85, feedback -25, facts -39
look cue-outcome: out -16, passage -63, stem -143, more -27, option -81, answer -77, feedback -106, hint -46, facts 32, row -85, bank -48, remark -27
look cue-outcome+: stem -63, answer -54, facts 28, keys 14
look cue-outcome_+: out -12, passage -27, stem -81, more -15, option -47, answer -47, feedback -63, hint -22, facts 23, row -49, bank -20, keys -49, remark -13
look cue-points: out -71, passage -42, stem -95, more -47, option -75, answer -36, feedback -90, hint -40, facts 61, row -68, bank -41, lines -49, keys -13, remark -13
look cue-points _field-number: facts 22
look cue-points _num0: out 26, answer -44, facts -20, keys -55
look cue-points _num0 cue-answer: out -41, stem 43
look cue-points _num0 let1-first: out -95, stem 95
look cue-points _section: out 66, stem -34, facts -38
look cue-points cue-difficulty: out 13, stem -43, more -56, option -43, answer -123, feedback -27, facts -20, row -26, keys 62
look cue-points cue-difficulty cue-feedback: facts 28, keys -19
look cue-points cue-difficulty edge: out -55, facts 79, keys -41
look cue-points cue-difficulty rule: out -85, facts 100
look cue-points cue-difficulty_ field-number: facts 13
look cue-points cue-feedback: out -94, stem -57, more -16, option -34, feedback 34, facts 15, keys -45, remark -61
look cue-points cue-feedback_ num0: out -13, answer -15, feedback 33
look cue-points edge: stem -41, answer 27, feedback -18, facts -28
look cue-points field-kind: out -48, stem -14, feedback -16, facts 47
look cue-points field-kind field-stem: out -47, stem -14, feedback -13, facts 44
look cue-points field-kind word-lone: facts 14
look cue-points field-number: facts 35
look cue-points field-stem: facts 16
look cue-points rule: out 55, stem -33, more -44, option -26, answer -58, feedback -14, facts 78, keys -23
look cue-points rule_ field-number: out 14
look cue-points word-lone: stem 39, option -40
look cue-points+: out -33, passage -18, stem -52, more -75, option -40, feedback -39, facts 15, row -36
look cue-points_ field-number: answer -22, facts 49
look cue-points_ num0: out -29, stem -14, option -42, answer -50, feedback -27, facts 48, row -22
look cue-points_ section: out -14, more 41, answer -38, keys -51
look cue-points_+: out -27, passage -19, stem -38, more -14, option -84, answer -21, feedback -41, hint -13, facts 40, row -25, bank -23, lines -23, keys -125
look cue-sample: out -61, passage -46, stem -83, more -110, option -52, answer 94, feedback -81, hint -27, facts -53, row -58, bank -50, lines -39, remark -14
look cue-sample _heading: out 71, answer -14, facts -59
look cue-sample _let-lone: out 70, answer -66, row -23
look cue-sample _num0: out -30, stem 46
look cue-sample _rom0: stem 15
look cue-sample _section: out 88, stem -60, facts -27
look cue-sample _word0: stem -24, answer -17, facts 35
look cue-sample cue-difficulty: answer 20
look cue-sample edge: out -58, stem -15, more -16, answer 26, feedback -12, keys -26
look cue-sample sentence: out -63, passage -70, stem -68, more -19, option -38, answer 88, feedback -88, facts -14, keys -30
look cue-sample sentence edge: out -30, stem -19, answer 29, feedback -16, keys -34
look cue-sample sentence_ num0: out -51, passage -27, stem -21, option -19, answer 49, feedback -45, keys -16
look cue-sample short: out -81, passage -17, stem -71, more -31, option -34, answer 93, feedback -73, facts -18, row -18, keys -40
look cue-sample short-sentence: out -25, passage -27, stem -67, more -37, option -28, answer 76, feedback -83, hint -16, facts -17, keys -76
look cue-sample text: out -70, passage -29, stem -50, more -42, option -45, answer 62, feedback -73, facts -15, row -21, keys 27
look cue-sample text short: out -49, passage -14, stem -35, more -28, option -15, answer 42, feedback -53, keys -22
look cue-sample text short-sentence: out -20, passage -17, stem -18, answer -15, keys 38
look cue-sample+: out -72, passage -17, stem -67, more -58, option -34, answer 45, feedback -28, facts -35, row -47, bank -22, lines -19
look cue-sample_ heading: out -23, passage -15, stem -21, answer 26
look cue-sample_ let-lone: out -13, answer 32
look cue-sample_ num0: out -18, answer 15, feedback -15
look cue-sample_ rom0: answer 42
look cue-sample_ section: out -23, stem -26, answer 34, keys -23
look cue-sample_ word0: answer 24
look cue-sample_+: out -41, passage -30, stem -29, more -66, option -20, answer 61, feedback -48, hint -15, facts -21, row -15, bank -25, keys -93
look cue-tags: out -40, passage -41, stem -83, more -43, option -65, answer -67, feedback -77, hint -20, facts 44, row -70, bank -21, remark -13
look cue-tags+: out -30, passage -22, stem -62, option -32, answer -47, row -20, keys 33
look cue-wordBank: passage -45, stem -55, more -70, option -55, answer -57, feedback -71, hint -13, facts -22, row -38, bank 69, keys -68
look cue-wordBank _cue-answer: answer 44, keys -41
look cue-wordBank cue-answer: out -34, stem -21, more -29, option -22, answer 22, row -15, bank 39, keys -48
look cue-wordBank+: out -25, stem -22, more -29, option -21, answer -37, facts -16, row -18, bank 42
look cue-wordBank_ cue-answer: out -17, more -14, bank 21
look cue-wordBank_ num0: out 23, passage -24, stem -18, more -36, option -15, answer -43, row -22, keys -17
look cue-wordBank_+: passage -38, stem -27, more -37, option -26, answer -39, feedback -41, facts -17, row -21, bank 41, keys -44
look edge _asks: out 51, stem -50
look edge _bracketed: out 68, bank -40, keys -19
look edge _cells: out 53, stem -53
look edge _chatter: out 15, stem -13
look edge _field: out 99, passage -19, stem -53, facts -77
look edge _field-kind: out 43, facts -42
look edge _heading: out 104, facts -95
look edge _heading_ let-lone: out 13, facts -12
look edge _heading_ word0: out 13, facts -13
look edge _let-lone: out 16, passage -16, stem -14
look edge _let0: out -29, stem 42
look edge _num-lone: out 84, stem -79
look edge _num0: out 20, stem -20
look edge _num0_ num0: out -50, stem 51
look edge _pair: out 74, stem -65
look edge _phrase: out 82, passage -14, stem -75
look edge _rom-lone: out 32, stem -32
look edge _rom0: out -40, stem 40
look edge _section: out 32, stem -18
look edge _sentence: out 68, passage -21, stem -62
look edge _short: out 62, stem -35, facts -12
look edge _short-sentence: out 57, stem -53
look edge _short_ text: out 25, stem -16
look edge _text: out 48, stem -47
look edge _word-lone: out 16, facts -35
look edge _word0: out -17, stem 27, facts -31
look edge asks: out 14, stem -14
look edge bracketed: out 87, bank -53, keys -43
look edge capitals: out 45, facts -28, keys -36
look edge cells: out 89, passage -25, stem -97, facts -40, bank -18
look edge cells identity: out 12
look edge chatter: out 30, stem -25
look edge colon: out -13, stem 19, facts -18, keys -18
look edge field: out -22, passage -59, stem -53, facts 36, keys -22
look edge field field: out 21, passage -14, stem -19, facts -19
look edge field phrase: out 13, facts -15
look edge field_ identity: out -32, stem -33, facts 35
look edge field_ num0: out 31, passage -14, stem -18, facts -21
look edge field_ word0: out -27, stem -16, facts 28
look edge gap: out 46, stem -51
look edge heading: keys -23
look edge heading cells: out 21, facts -18
look edge heading identity: out 13
look edge heading let-lone: out 33, facts -28
look edge heading sentence: out 41, facts -38
look edge heading_ heading: out 15, facts -14
look edge heading_ identity: out 55, facts -54
look edge heading_ num0: out 18, facts -15
look edge heading_ section: out 22, facts -22
look edge heading_ short: out 19, facts -18
look edge heading_ short-sentence: out 38, facts -37
look edge heading_ word0: out -22, facts 23
look edge identity: out 21
look edge let-lone: out 93, stem -85, keys -15
look edge let-lone field: out 15, stem -14
look edge let-lone_ heading: out 13, stem -12
look edge num-lone: facts -31, keys -61
look edge num0: out -83, stem 68, facts -54, keys -14
look edge num0 bullet: out -43, stem 43
look edge num0 let-lone: out -64, stem 64
look edge num0 let1-first: out -50, stem 50
look edge num0 num0: out -48, stem 39
look edge pair: out 23, passage -23, stem -38, facts -12, keys -14
look edge pair_ num0: out 17
look edge pair_ word0: out 23, stem -18
look edge phrase: out 53, passage -32, stem -46, facts -27, keys -16
look edge phrase_ num0: out 51, stem -42
look edge rom-lone: out 29, stem -28
look edge section: out -41, stem 46, facts -25, keys -20
look edge section field: out 26, facts -14
look edge section_ section: out 21, stem -20
look edge sentence: out 38, passage -48, stem -33
look edge short: out 58, passage -25, stem -52, facts -48, keys -18
look edge short-sentence: out -28, passage -34, stem 31
look edge table-wide: out 45, facts -35
look edge table-wide_ num0: out 13
look edge text: out 39, passage -34, stem -36
look edge text_ identity: out 21, stem -19
look edge word-lone: out 36, stem -29, facts -36
look edge word0: stem -27, facts 16
look edge word0 asks: out -26, facts 31
look edge word0 let1-first: out -101, stem 90, facts -59
look field: stem -17, more -40, option -17, wrapped -38, feedback -22, hint -47, bank -50, lines -53, keys -79, remark -53
look field _asks: out -22, stem 38, more -27
look field _bracketed: out -26, passage -17, stem -31, more 33, answer -45, bank -31, keys -48
look field _capitals: out 27, keys -15
look field _cells: out -44, passage -13, stem 41, more -48, facts -16, row -13
look field _chatter: out -34, passage 34, stem -28, facts -14
look field _chatter text: out -16, passage 15
look field _cue-answer: answer 24
look field _field: out -33, passage 92, stem -61, more -13, answer -25, facts -19, keys -19
look field _field_ chatter: out -35, passage 36, facts -17
look field _field_ field: out -36, passage 34, stem -22
look field _heading: out 65, facts -56
look field _let-lone: out 24, passage -41, stem -16
look field _let0: passage -22, option -65, keys -20
look field _num-lone: out 72, stem -55, keys -14
look field _num-lone_ num0: out 34, stem -22
look field _num0: out -52, stem 40, answer -35, facts -43, keys -32
look field _num0 let1-first: out -35, stem 13
look field _num0_ num0: out -53, stem 53
look field _phrase: out -41, passage -34, stem 36, more -38, answer -29, feedback -13, keys -22
look field _section: out -45, stem -59, facts 46
look field _sentence: out 51, passage -36, stem -71
look field _short: out 15, passage -51, stem 18, more -55, option -22, answer -73, facts -36
look field _text: out 43, passage -54, more -41, answer -34
look field _word0: out 35, answer -29, facts -43
look field _word0 asks: out -38, stem -28, facts 32
look field _word0 let1-first: out 25, stem -14
look field box: out -57, stem 38, facts -24
look field box box: out -32, option 34
look field bracketed: out -42, stem -19, more -13, answer 32, feedback -45, facts -50, bank -31, keys 42
look field bullet: out 36, stem -62, more -30, option -27, answer -33, facts 64
look field cells: passage -39, stem -29, facts -20, row -24, keys 19
look field chatter: passage 21, stem -52, facts -13
look field cue-answer: out -44, passage -23, stem 19, more -65, option 38, facts -39, row -34, bank -17, keys -80
look field cue-answer_ word0: answer 31
look field edge: out 74, passage -62, stem -39, option -13, answer -31, feedback -26, facts -27, row -16, keys -73
look field field: out -25, passage 53, more -46, option -45, answer -107, feedback -36, facts -68, keys -50, remark -40
look field field field: passage 18, stem -31, more -16, option -13, answer -14, facts -28, keys -21, remark -16
look field field_ field: out -33, passage 35
look field heading: out 87, passage -17, stem -59, answer -76, facts -18, keys -28
look field identity: out 28, passage -13, facts -34
look field instruction: out 22, stem -21
look field let-lone: out 73, passage -16, stem -56, option -13, answer -80, facts -33, keys -31
look field let0: out 24, passage -27, stem 35, option -28, answer -12, facts -44
look field num0: passage -43, stem 15, option -75, answer 45, feedback -30, facts -97, row -50, keys -27
look field pair: out 36, stem -28, feedback -14, keys -25
look field phrase: out 32, stem -20, option -21, answer -21, feedback -20, facts -27, row -19
look field rule: out 74, passage -32, stem -63, more 42, option -38, answer -93, feedback -37, facts -65, row -60, lines -41
look field section: out 63, stem -40, keys -13
look field sentence: out 70, passage -36, stem -53, option -16, answer -65, feedback -32, facts -24, keys -29
look field short: passage -46, stem -25, more 26, wrapped 31, answer -81, feedback -29, facts -66, row -25, keys -50
look field short cue-answer: out -14, stem -33, more 26, answer -13
look field short-sentence: out -26, passage -21, stem 45, more 20, option -54, answer -84, feedback -56, hint -24, facts -95, row -27, keys -28
look field text: passage 44, stem -44, more -23, answer 12, feedback -24, facts -78, row -39, keys -12
look field text text: out -33, passage 51, stem -31, keys -21
look field+: stem -24, more -21, wrapped -21, feedback -137, hint -27, row -23, bank -33, lines -46, keys -79, remark -41
look field-kind: out 28, passage -61, stem -116, more -65, option -61, answer -26, feedback -78, hint -16, facts 12, row -66, bank -30, lines -13, keys -86
look field-kind edge: out 55, answer -37, facts -53
look field-kind field-stem: passage -27, stem 17, more -13, option -47, answer -72, feedback -45, row -38, keys -27
look field-kind field-stem asks: out -25, stem 25, answer -22, facts -21, row -15
look field-kind field-stem cue-answer: stem 14
look field-kind field-stem field-option: out -13, stem 20
look field-kind word-lone: out -91, stem 59, option -31, answer -35, facts 71
look field-kind word-lone asks: stem 17, facts -17
look field-kind word-lone cue-answer: stem 16, answer -13
look field-kind word-lone field-option: stem 27, option -25, facts -22
look field-kind word0: out -92, stem 64, option -30, answer -70, facts -22
look field-kind+: passage -39, stem -84, more -40, option -38, answer -12, feedback -39, facts 26, row -44, bank -15, keys -38
look field-kind_+: out 64, answer -37, feedback -19, facts -84, keys -48
look field-number: out -43, passage -32, stem -44, more -20, option -39, answer -51, feedback -14, facts 64, row -25, keys -24
look field-number field-kind: out -66, passage -19, stem -54, more -16, option -15, answer -31, feedback -16, facts 63, row -13, keys -18
look field-number field-kind field-stem: out -53, stem -28, option -13, answer -16, feedback -16, facts 48
look field-number field-kind word-lone: out -41, stem -17, facts 48
look field-number field-stem: out -44, passage -23, stem 19, option -28, answer -24, facts 44, keys -22
look field-number word-lone: out -33, stem 49, answer -28, feedback -14, keys -17
look field-number word-lone asks: stem 19, facts -19
look field-number word-lone field-option: stem 12
look field-number+: out -42, passage -31, stem -44, more -14, option -27, answer -44, facts 56, row -14, keys -22
look field-option: out -102, passage -19, stem -101, more -86, option 112, answer -73, feedback -45, facts -88, row -98, bank -28, lines -23, keys -45
look field-option _field-number: answer -14, facts 33
look field-option cue-answer: out -31, stem -28, option 25, answer 115, facts -29, row -26, bank -31, keys -80
look field-option cue-answer cue-difficulty: option -35, answer 48, keys -14
look field-option cue-answer cue-points: option -65, answer 77, keys -23
look field-option cue-answer rule: option -13, answer 49
look field-option cue-answer_ field-kind: option -16, answer 40
look field-option cue-answer_ field-number: answer 24
look field-option cue-difficulty: facts 20
look field-option cue-points: option -38, answer -84, facts 85, keys -22
look field-option cue-points cue-difficulty: option -20, answer -29, facts 88, keys -20
look field-option cue-points rule: option -19, answer -25, facts 31
look field-option cue-points_ field-number: facts 24
look field-option field-option: out -89, stem -84, more -54, option 94, answer -55, feedback -37, facts -73, row -83, bank -20, lines -13, keys -33
look field-option field-option cue-answer: out -31, stem -28, option 30, answer -24, facts -24, row -26
look field-option field-option field-option: out -48, stem -42, option 47, answer -37, feedback -16, facts -35, row -41
look field-option rule: out 60, passage -17, option -52, answer -53, row -12
look field-option+: out -68, stem -66, more -54, option 75, answer -47, feedback -22, facts -54, row -62, bank -15, keys -28
look field-stem: out -54, passage -22, stem 92, more -47, option -60, answer -56, feedback -51, facts -60, row -42, remark -12
look field-stem asks: out -25, more 26, answer -23, facts -22, row -15
look field-stem asks field-option: stem -19, more 19
look field-stem cue-answer: stem 21, more -95, option -67, answer -19, facts -32, bank -42, keys 25
look field-stem cue-answer cue-difficulty: answer 46, keys -40
look field-stem cue-answer cue-points: more -53, option -28, answer -29, bank -14, keys 33
look field-stem cue-answer rule: more -16, answer 42, keys -28
look field-stem cue-difficulty: stem 16, more -14, facts 26
look field-stem cue-difficulty rule: facts 24
look field-stem cue-points: stem 12, more -37, answer -35, facts 18, keys -13
look field-stem cue-points cue-difficulty: more -22, answer -22, facts 58
look field-stem cue-points rule: facts 35
look field-stem field-option: out -27, stem 31, more -22, option 16, answer -21, facts -14
look field-stem field-option field-option: out -18, stem -18, more -49, option 20, answer -18, facts -12
look field-stem short: out -19, more 45, option -41, answer -68
look field-stem short cue-answer: more 15, option -13, answer -24
look field-stem short cue-points: more 27
look field-stem text: stem -17, more 24
look field-stem+: out -36, passage -14, stem 62, more -28, option -36, answer -37, feedback -22, facts -36, row -25
look field-stem_+: stem 12
look field-time: passage -35, stem -110, answer -29, feedback -76, hint -21, row -40, keys -109
look field_ asks: out 41, passage -40, stem 44, answer -18, facts -50
look field_ bracketed: out 17, passage -13, stem -15, answer -14, feedback -13, facts -34
look field_ capitals: out 46, passage -23, stem -32, answer -29, facts -48, row -18, keys -18
look field_ chatter: out -19, passage 30, stem -60, answer -37, facts -25, row -14, keys -14
look field_ cue-answer: out -47, stem 52
look field_ field: out -13, passage 60, stem -25, option -32, answer -38, feedback -49, facts -63, row -13
look field_ heading: out 68, passage -32, stem -40, answer -52, feedback -39
look field_ identity: out -30, stem -53, answer -14, facts 34
look field_ let-lone: out 54, passage -28, facts -51
look field_ let0: out 31, passage -24, stem -77, more -15, option -31, answer -39, feedback 40, facts -35
look field_ num-lone: out 69, passage -25, stem -44, answer -28, facts -34
look field_ num0: stem -46, more -39, option -59, feedback 14, hint -16, facts -38, row -30, keys -20, remark -14
look field_ phrase: out -35, passage -32, stem 47, more -28, option -13, answer -43, feedback -20, facts -62, row -17, keys -15
look field_ rom0: passage 51, stem -56, row -20
look field_ section: out -46, passage -14, stem -74, facts 48
look field_ sentence: out 59, stem -34, facts -51
look field_ short: out 50, passage -41, stem -27, more -13, answer -34, feedback -13, facts -47, row -17, keys -14
look field_ text: out 37, passage -62, answer -45, feedback -15, facts -41, row -15, bank -12, keys -15
look field_ word0: passage -15, stem -54, more -13, answer -51, feedback -53, row 23, bank -22
look field_+: passage 24, more -44, option -73, answer -37, hint -24, bank -31, lines -15, remark -18
look gap: out -31, passage 17, stem -15, more 30, option -88, wrapped -31, feedback -55, hint -46, facts -105, row -54, bank -75, lines -46, keys -92, remark -40
look gap _cells: passage -14, stem 20, option -45, bank -20
look gap _cue-answer: out -12, option -18, answer -39, row -13, bank 41, keys -49
look gap _cue-answer_ num0: answer -40, bank 40
look gap _num0: out -23, stem 29, answer -22, facts -17, keys -16
look gap _num0_ num0: out -15, stem 18, answer -22, facts -13
look gap _short: out -38, passage -50, stem -57, more -17, answer 52, facts -20
look gap _text: out -42, stem 55, more -41
look gap _word0: out -83, answer -15
look gap bracketed: out -38, stem -46, more -20, answer -55, feedback -38, bank 45
look gap cue-answer: out -60, stem 36, answer 81, row -13, bank -52, keys -63
look gap cue-answer edge: answer 45, keys -41
look gap cue-answer_ num0: answer 13
look gap cue-wordBank: out -42, passage -45, stem -13, more 23, option -25, wrapped -14, answer -26, feedback -24, facts -13, row -18, bank 32, keys -15
look gap cue-wordBank cue-answer: more -20, answer -13, bank 26
look gap cue-wordBank_ cue-answer: out -17, more -14, bank 21
look gap edge: out 21, passage -30, more -16, answer -40, feedback -20, keys -36
look gap gap: out -57, passage -30, stem -66, more 73, answer -43
look gap gap cue-wordBank: stem -13, more 13
look gap let0: out 33, stem -37, option 24, keys -28
look gap let0 let0: option 24, keys -28
look gap let1-first: more -30, option 33, answer -13, row -16
look gap let1-first let1: stem -23, option 33, answer -13, row -16
look gap rule: out 23, stem -21, more 27, answer -28, lines -28
look gap short: out 17, passage -29, more 21, option -60, answer 15, feedback -33, facts -45, row -14
look gap short-sentence: out -57, passage 65, stem -35, more 30, option -25, answer -22
look gap text: out -60, passage 46, stem -36, more -18, answer -23, facts -18, row -13
look gap+: out -36, passage 27, stem -16, more 37, option -46, wrapped -18, answer -94, feedback -37, facts -55, row -24, lines -18, keys -51
look gap_ cells: out 43, passage -61, more -37, answer -41
look gap_ cue-answer: out -41, passage -21, stem -13, more 35, answer -34, feedback -25
look gap_ num0: out 43, passage 33, stem -70, more -24, option -28, answer 13, feedback -41, hint -20, facts -19, row -37, keys -18
look gap_ short: out 17, passage -38, stem -15, more 14, answer -20
look gap_ text: out -45, passage -35, stem 49, more -21, option -15, answer -21, facts -13
look gap_ word0: out -79, passage -17, more 33, option -15, answer -25, feedback -13
look gap_+: passage -20, stem 21, option -45, feedback -39, hint -33, facts -52, row -59, bank -49, lines -29, keys -39, remark -14
look heading: out 22, passage -68, stem -32, more -57, option -80, answer -17, feedback -69, hint -26, row -65, bank -26, lines -23
look heading _asks: out -61, passage -17, stem 53, facts -13
look heading _bracketed: out 20, stem -27, answer -21, bank -20
look heading _capitals: out 40, answer -22
look heading _capitals_ num0: out 14
look heading _cells: passage -34, stem 17, keys -75
look heading _chatter: out 24, stem -22
look heading _cue-level: out -23, stem -15, facts 22
look heading _cue-level num-lone: out -30, facts 35
look heading _field: out 54, passage -18, stem -33, facts -12
look heading _field-kind: out -45, facts 49
look heading _field-number: out -13, stem -14, facts 17, keys -12
look heading _heading: out -20, passage -13, stem -14, facts -71, keys 39
look heading _key-title: out -39, passage -19, stem -17, answer -14, keys 44
look heading _let-lone: out 14, passage -30
look heading _let0: out -25, stem 30, option -23, keys -24
look heading _num-lone: out -14, passage -14, stem 30, facts -29, keys -59
look heading _num-lone_ num0: out 83, stem -68, keys -47
look heading _num0: stem 15, facts -63, row -23, keys -43
look heading _num0 box: out -26, stem 26
look heading _num0 let1-first: out -19, stem 19
look heading _num0 num0: out 19, stem -17, keys -28
look heading _num0 short: out -40, stem 44, keys -30
look heading _num0-again: out -57, stem 23, keys -13
look heading _num0_ num0: out -70, stem 68, facts -14, keys -27
look heading _pair: out 88, passage -36, stem -63, keys -60
look heading _phrase: out 18, passage -49, answer -39, feedback -24, keys -53
look heading _rom-lone: out -20, stem 21
look heading _rom0: out -31, stem 31, option -17, answer -15, keys -20
look heading _section: out 111, stem -70, facts -42, keys -31
look heading _section num0: out 32, stem -26
look heading _section_ cue-level: out 13, stem -13
look heading _section_ word0: out 14, stem -14
look heading _sentence: out -17, stem 14, answer -19, feedback -32, keys -63
look heading _sentence_ num0: out 41, passage -35, stem -59, feedback -15
look heading _short: out 13, passage -102, stem 18, answer -39, facts -49, keys -27
look heading _short-sentence: passage -33, keys -48
look heading _short_ num0: out 24, passage -19, stem -15, answer -20
look heading _short_ text: out 50, passage -43, stem -43
look heading _table-wide: out 37, stem -17, keys -18
look heading _text: passage -41, answer -31, keys -19
look heading _word-lone: out -46, facts 38, keys -41
look heading _word-lone let-lone: out -23, stem -23, facts 23
look heading _word-lone let0: out -15, stem -28, facts 16
look heading _word0: out 75, stem -39, answer -20, facts -49
look heading _word0 asks: out -31, stem -22, facts 41
look heading _word0 let1-first: out -77, stem -21, facts 36
look heading _word0-again: stem 16
look heading bracketed: out 71, feedback -48, bank -17, keys -67
look heading bullet: out 42, option -25, facts -61, keys -42
look heading cells: out -20, passage -24, option -15, facts -66, row -30, keys 37
look heading chatter: out 23, facts -23
look heading edge: out 40, answer -36, facts -36, keys -31
look heading field: out 104, passage -69, stem -66, answer -16, facts -65, row -34, keys -27
look heading heading: out 73, facts -49, keys -42
look heading identity: out 77, stem -14, facts -56, keys -18
look heading let-lone: more -17, facts -13, row -21
look heading let0: out -38, stem 46, option -40, answer -23, facts 23
look heading let1: option -18, answer -30, keys -13
look heading num-lone: stem -54, answer -25, facts -41, keys 33
look heading num0: stem 35, option -35, answer -41, feedback -21, facts -109, row -22, keys 13
look heading num0 num0: out -57, option -13
look heading num0-again: out -19, stem -17, option -15, row -20, keys 23
look heading num0-again num0-again: stem -16, option -15, keys 17
look heading pair: out -41, passage -14, stem -64, facts -69, keys 77
look heading phrase: out 94, passage -22, stem -48, facts -45, keys -17
look heading rule: out 16, facts -25, keys -20
look heading sentence: out 31, passage -75, stem 19, answer -15, feedback -20, facts -58, keys -12, remark -15
look heading short: out 83, passage -13, stem -36, answer -45, feedback -14, facts -15, keys -58
look heading short-sentence: out 51, passage -26, stem -38, answer -23, feedback -19, facts -27, keys -29
look heading table-down: out -19, keys 19
look heading text: out 41, passage -24, stem -41, answer -29, feedback -25, facts -17, keys 25
look heading word-lone: out 80, stem -66, facts -39, keys -13
look heading word0: out 74, stem -25, answer -21, facts -32, keys -30
look heading word0 let1-first: out -29, stem 29
look heading+: passage -21, stem -86, more -18, option -38, answer -79, feedback -25, facts -49, row -43, keys 50
look heading_ asks: out 26, facts -19
look heading_ bracketed: out 35, facts -18
look heading_ bullet: out 54, answer -55, keys -18
look heading_ capitals: out 50, answer -38, facts -17
look heading_ cells: out 87, stem -13, facts -69
look heading_ cue-level: out 75, facts -82
look heading_ field: out 53, facts -40
look heading_ field-kind: out 58, facts -54, keys -24
look heading_ field-number: out 48, facts -44
look heading_ gap: out 70, more -21, facts -67, keys -34
look heading_ heading: out 91, facts -77, keys -17
look heading_ identity: out 70, facts -65
look heading_ key-title: out 22
look heading_ let-lone: out 74, answer -14, facts -70
look heading_ let0: out 83, stem -30, more -13, facts -52, keys -31
look heading_ num-lone: out 66, facts -48
look heading_ num0: out 86, passage -15, stem -24, option -15, answer -85, facts -97, keys -58
look heading_ num0-again: out 48, stem -30, answer -13, facts -17, keys -36
look heading_ pair: out 18
look heading_ phrase: out 50, answer -32, facts -34, keys -24
look heading_ rom-lone: out 45, facts -30
look heading_ rom0: out 26, facts -17
look heading_ section: out 61, answer -17, facts -75
look heading_ sentence: out 43, answer -15, facts -30
look heading_ short: out 68, facts -53
look heading_ short-sentence: out 73, facts -66
look heading_ table-wide: out -48, answer 48, facts -28
look heading_ text: out 65, stem -18, facts -35
look heading_ word-lone: out 88, answer -17, facts -72, keys -14
look heading_ word0: out -22, passage -18, stem -48, more -22, answer -75, facts 38, keys -48
look heading_ word0-again: out 33, keys -22
look heading_+: out 28, passage -48, stem -14, more -48, option -25, feedback -45, facts -16, row -15, bank -19, keys -119
look identity: out 80, passage -16, stem -41, more -33, option -16, answer -51, feedback -20, facts -61, row -17, keys -31
look identity _bracketed: out 39, keys -20
look identity _bullet: out 37, option -46
look identity _capitals: out 21
look identity _cells: out 30, stem -28
look identity _field: out 43, passage -23, stem -18, facts -57
look identity _field-number: out -19, facts 22
look identity _heading: out 61, facts -50
look identity _let-lone: out 70, passage -50, stem -33
look identity _let0: out -15, stem 34, option -19
look identity _num-lone: out 80, stem -42, keys -33
look identity _num0: out -24, stem 24
look identity _num0_ box: out -34, stem 34
look identity _num0_ let1-first: out -18, stem 19
look identity _num0_ num0: out -26, stem 26
look identity _pair: out -35, passage -31, stem 42, keys -20
look identity _phrase: out 41, passage -15, stem -38
look identity _rom-lone: out 12
look identity _rom0: out -28, stem 31
look identity _section: out -39, stem 48, facts -30
look identity _section_ num0: out 37, stem -33
look identity _sentence: passage -65
look identity _short: out 41, passage -43, stem -43, option -17, answer -68, facts -14
look identity _short-sentence: out 74, passage -52, stem -63
look identity _short_ bullet: out 43, stem -14, answer -34
look identity _short_ text: out 27, passage -26, stem -26, answer -13
look identity _text: out 17, stem -16
look identity _word0: stem -23, facts 33
look identity _word0 asks: out -24, stem -21, facts 42
look identity _word0 let1-first: out -53, facts 38
look identity capitals: out 37, answer -32, keys -13
look identity cells: out 49, stem -36
look identity cue-level: out -30, facts 32
look identity edge: out 17, stem -15
look identity field: out 30, passage -34, stem -18, facts -46
look identity heading: out 69, facts -60
look identity let0: out -47, stem 48, option -16
look identity num0: out -44, stem 45
look identity phrase: out 27, passage -22, stem -18, option -18, answer -20, facts -13
look identity rule: out 35, lines -30
look identity rule_ section: out 30, lines -30
look identity sentence: out 30, passage -27, stem -31, answer -19, keys -15
look identity short: out 35, passage -14, option -20, answer -34
look identity short-sentence: out 38, passage -26, stem -55
look identity text: out 28, passage -15, answer -18, keys -13
look identity word0: out -20, stem 33, option -38, answer -18, facts 22
look identity+: out 49, stem -41, more -16, answer -21, facts -16, keys -14
look identity_ capitals: out 21, stem -20
look identity_ heading: out 16
look identity_ identity: out 12
look identity_ num0: out 14
look identity_ pair: out 14
look identity_ phrase: out 18
look identity_ short: out 15
look identity_ word0: out 27
look identity_+: out 44, stem -25, answer -33, feedback -13, facts -26
look instruction: out 40, stem -45, answer -52, feedback -44, facts -19, keys -30
look instruction+: out 44, keys -15
look instruction_ num0: out 16, feedback -28
look instruction_+: out 28, stem -34, answer -39, feedback -37
look key-title: passage -32, stem -56, more -14, option -35, answer -62, feedback -69, hint -16, facts -52, row -31, bank -26, lines -13, keys 17
look key-title _cells: out 17, stem -52, bank -20
look key-title cells: out -36, stem -23, keys 53
look key-title edge: out 44, answer -15, keys -43
look key-title let0: out -14, stem -20, option -16, keys 34
look key-title let0 let0: stem -14, option -16, keys 20
look key-title num-lone: out -61, stem -16, option -18, answer -29, feedback -24, keys 47
look key-title num0: out -40, stem -35, answer -44, keys 33
look key-title num0 num0: out -13, keys 13
look key-title num0-again: out -22, passage -14, stem -24, more -16, option -21, answer -17, feedback -17, hint -17, facts -18, row -17, bank -18, lines -17, keys 20, remark -17
look key-title num0-again num0-again: option -15
look key-title text: out -29, passage -14, stem -15, answer -12, keys 30
look key-title+: passage -20, stem -58, more -25, option -23, answer -31, feedback -15, facts -35, row -15, bank -13, keys 17
look key-title_ num0: out 13, passage -25, stem -12, more -17, answer -14, feedback -31, keys 14
look key-title_+: passage -55, stem -30, answer -35, feedback -54, facts -42, row -18, bank -27, keys 15
look let-lone: out -25, passage -23, more -26, option -36, wrapped -39, answer -24, feedback -108, hint -41, facts -140, row 15, bank -82, lines -58, keys -32, remark -49
look let-lone _asks: out -33, stem 48, answer -17
look let-lone _bullet: out -30, stem 32, option -29
look let-lone _capitals: out 33, answer -61, keys -16
look let-lone _cells: out 63, stem -48, answer -28, keys -36
look let-lone _cue-answer: out -16, stem -18, answer -24, keys 26
look let-lone _cue-level: out -18, facts 19
look let-lone _field: out 32, passage -35, stem -17, answer -25, facts -43
look let-lone _gap: out -23, passage -20, stem 36, answer -24
look let-lone _heading: out 58, stem -36, facts -68, keys -35
look let-lone _identity: out 16
look let-lone _let-lone: out 20, option -31, answer -33, row -15
look let-lone _let0: out -29, passage -24, option 16, answer -15, keys -29
look let-lone _num-lone: out 22, stem -19, answer -24
look let-lone _num0: stem 16, answer -29, keys -42
look let-lone _num0 cue-answer: out -33, stem 39
look let-lone _num0 let-lone: stem 16
look let-lone _num0 let1-first: out -31, stem 32
look let-lone _num0_ num0: out -47, stem 57, answer -27
look let-lone _num1: out -19, stem 27, facts -17
look let-lone _phrase: out 52, passage -43, stem 18, option -29, answer -66, feedback -60, keys -21
look let-lone _section: out 48, stem -93, answer -25, facts -37, keys -15
look let-lone _section_ num0: out 21
look let-lone _sentence: out -17, passage -32, stem 34, answer -59, feedback -43, keys -41
look let-lone _short: out 21, passage -27, stem 26, option -24, answer -56, facts -58
look let-lone _short-sentence: out 12, passage -53, answer -54, keys -33
look let-lone _text: out 43, passage -20, stem -22, answer -41, feedback -39, keys -14
look let-lone _word0: out 31, stem -44, answer -50, facts 23
look let-lone _word0 asks: out -15, stem -18, answer -25, facts 59
look let-lone _word0 sentence: out 20, stem -17, answer -39
look let-lone arrow: out 29, stem -31, more -37, answer 23, feedback -14, facts -17, row 27, keys -13
look let-lone arrow_ num0: option -14, answer 36
look let-lone asks: out -20, passage -41, stem 26, more -38
look let-lone bracketed: stem -49, more 32, option 35, feedback -23, facts -12, bank -42, keys -66
look let-lone bullet: out 20, passage -24, stem -36, more -12, option 28, answer 33, remark -18
look let-lone bullet bullet: stem -31, option 33
look let-lone capitals: option -33, answer 31, keys -18
look let-lone cells: out 31, stem -32, more -31, option 34, answer -21, facts -27, row -36
look let-lone cue-answer: out -62, more -86, answer 44, feedback -13, row -23
look let-lone cue-answer cue-difficulty: answer 34, keys -33
look let-lone cue-answer cue-feedback: answer 53, keys -49
look let-lone cue-answer edge: answer -23, keys 24
look let-lone cue-answer_ num0: stem -16, option -34, answer 65, keys -19
look let-lone cue-difficulty: out -34, stem 42, answer -30, facts 48, row 25, keys -36
look let-lone cue-feedback: out -46, option -24, feedback 45, facts -28, row -13, keys -28
look let-lone edge: passage -18, stem -62, more -61, option -17, row -25, keys 37
look let-lone field: out -32, stem 16, more -67, option 34, answer -84, facts 55, row -42, keys -17
look let-lone heading: out 43, stem -32, option 47, answer -39, feedback -14, facts -54, row 33, keys -38
look let-lone identity: out 28, stem -33
look let-lone let-lone: out -17, passage -53, stem 35, more -108, option -46, feedback -18, facts -107, row -77, lines -14, keys 52
look let-lone let-lone edge: out -41, stem -56, more -13, option -15, answer 19, row -13, keys 13
look let-lone let0: out -24, more -29, option 28, facts -21, keys -50
look let-lone let0 let0: stem -44, option 39, keys -28
look let-lone let1-first: out -19, more 12, option -28, answer -15, row -24
look let-lone let1-first let1: stem -44, option 66, answer -14, row -18
look let-lone letter: out -64, stem -34, answer 84, facts -21
look let-lone num-lone: out -18, stem 27, option -14, feedback -16, facts -15, row 17, keys -56
look let-lone num0: passage 13, stem 31, option -30, feedback -16, facts -36, row -69, keys -100
look let-lone num0 let-lone: out -48, stem 58, option -30
look let-lone num0 let1-first: out -26, stem 33
look let-lone num0 num0: out -63, stem 39, option 19, answer -39, feedback -15, facts -22, row -38, keys -33
look let-lone num0-again: out 13, more -35, answer -35, feedback -22, facts -20, row 13, keys -45
look let-lone num0-again num0-again: out -48, option -66, row 50, keys -25
look let-lone pair: out 53, stem -39, feedback -14, keys -32
look let-lone phrase: out 39, passage -36, stem 39, more 28, option -49, wrapped -14, answer -33, row -43, keys -27
look let-lone rom0: out -25, passage -14, stem 30, option -24, answer 35, feedback -12, keys -17
look let-lone rule: out -26, stem 48, more -56, answer -30, row -23, lines 41
look let-lone section: more -13, answer -13, row -22, keys -22
look let-lone sentence: out -32, passage -17, stem -55, answer -16, feedback 34, keys -15
look let-lone short: out -73, passage 42, wrapped -16, answer 20, feedback -13, facts -44, row -39, keys -49
look let-lone text: out 48, stem -52, option -21, wrapped -12, answer -42, feedback 39, keys -14
look let-lone word0: out 15, passage -21, stem -21, more -55, option 47, facts 33, keys -31
look let-lone+: passage 14, stem 32, more -31, option -44, wrapped -13, feedback -45, facts -85, row -60, bank -20, lines -24, keys 16, remark -18
look let-lone_ asks: out 61, stem -56, option 43, answer -34
look let-lone_ bullet: out 63, passage -41, stem -49, answer -49, row -31
look let-lone_ capitals: out 39, stem -36, option 15, answer -19, row 19, keys -17
look let-lone_ cells: out 64, stem -15, answer -24, keys -50
look let-lone_ cue-answer: out -29, more -51, answer -12, row 13
look let-lone_ cue-level: out -26, passage 19, stem 14, option -26, answer 18, row -13
look let-lone_ field: out -36, stem -33, more -46, answer 27, keys 44
look let-lone_ field-number: out 15, passage -39, stem -12, answer -14
look let-lone_ gap: out 60, stem -14
look let-lone_ heading: out 87, more -30, option -26, answer 21, row -34, keys -38
look let-lone_ identity: out 45, stem -39, option -13, answer -14, keys -27
look let-lone_ let-lone: passage -40, stem -59, more -33, option -25, answer 32, row -25, keys -23
look let-lone_ let0: out -48, passage 19, stem 21, more 25, answer -48
look let-lone_ num-lone: out 64, stem -49, answer -40, row -15
look let-lone_ num0: stem -46, more -69, option 31, feedback -13, facts -18, row -17, keys -37
look let-lone_ num1: out 46, passage -22, stem -23, option 25, answer -19, row -21, lines -12, keys -25
look let-lone_ phrase: passage -26, stem -17, more -48, option -35, row 13, keys -21
look let-lone_ rom0: out -31, stem -21
look let-lone_ section: passage -16, more -47, option 20, answer -42, row -36
look let-lone_ sentence: out 26, passage -22, stem -46, option 32, answer -34, row 22, keys -53
look let-lone_ short: out 30, stem -41, option -48
look let-lone_ short-sentence: out 49, stem -37
look let-lone_ text: passage 13, stem -40, more 40, option 15, answer -46, row -30, keys -14
look let-lone_ word0: out 28, passage -64, stem -17, more 13, option -13, answer -15, row 14, keys -18
look let-lone_+: passage -12, stem -48, more -34, wrapped -14, answer -23, feedback -45, hint -20, facts -47, row 33, bank -41, lines -19, keys -57, remark -23
look let0: stem 18, more -123, option 16, wrapped -73, answer -44, feedback -84, hint -28, facts -106, bank -48, lines -50, remark -32
look let0 _asks: out -27, stem 40
look let0 _box: out 22, stem -27, option 36, answer -42
look let0 _bullet: stem 25, option -47
look let0 _cells: out -35, stem 42, option -59, answer -27, facts -15, row -13, keys -18
look let0 _cue-answer: stem -21, answer 42, keys -37
look let0 _cue-answer edge: answer 54, keys -51
look let0 _cue-answer_ let0: answer 46, keys -45
look let0 _cue-answer_ text: stem -16, answer 18
look let0 _field: out 50, passage -26, stem -43, more -15, answer -37, feedback -33, keys -14
look let0 _heading: out -17, stem -37, more -13, answer -35, facts 34, keys -33
look let0 _key-title: stem -13, keys 16
look let0 _let-lone: more -31, option -16, answer -37, keys -45
look let0 _let0: out -25, stem 31, option -73, answer -53, facts -13, row -56, keys 32
look let0 _let0 let0: out -28, stem -16, option -50, keys 48
look let0 _let0 short: out -36, stem 37
look let0 _let0_ let-lone: out 20, option -47, answer -23, row -34, keys -17
look let0 _let0_ let0: out -15, stem 23, option -80, answer -14, keys -29
look let0 _let1-first: out -33, passage -32, stem 31, more -23, option 18, answer -36, facts -19, row -23, keys -18
look let0 _let1-first let1: stem -34, option 52, row -18
look let0 _num-lone: out -41, stem 51, more -15, option -43, answer -53, facts -34, keys 38
look let0 _num0: out -34, stem -50, answer 34, facts -18, keys -13
look let0 _num1-first: out -105, stem 80, option 14, answer -20, facts -28, row -45, keys -48
look let0 _phrase: out -27, passage -17, stem 32, more -21, option -38, answer -22, feedback -41, keys -23
look let0 _phrase let0: stem 28
look let0 _rule: out 52, stem -29, answer -13
look let0 _rule_ cue-answer: out 28, stem -18
look let0 _section: out 62, stem -43, answer -22, keys -33
look let0 _sentence: out 34, passage -43, stem -26, answer -84, feedback -77, keys -51
look let0 _short: out -40, more -16, option -59, answer -33, facts 41, keys -53
look let0 _short-sentence: out 13, stem 50, option -31, answer -64, feedback -26, keys -39
look let0 _text: out -24, stem 48
look let0 _text let0: stem 13
look let0 arrow: out -16, more -34, answer 62, facts -18, keys -36
look let0 arrow edge: answer 16
look let0 asks: out -27, stem 25, more 26, option -63, answer 20
look let0 box: out -56, stem 73, option -69
look let0 box box: option 25
look let0 bracketed: out -53, stem -45, option 35, answer 50, row -12, bank -42, keys -90
look let0 bullet: out -87, stem 57, more -56, answer 16, feedback -54, row -34, keys -34, remark -17
look let0 bullet bullet: out -36, stem -36, more -23, option 51, answer -63, row -14, remark -16
look let0 bullet short: stem 40, more -54, option -31, answer -51, row -13
look let0 cells: out 14, stem -54, more 45, answer -26, facts -24, row -21
look let0 cells cells: stem -28, more -26, row 43
look let0 cells_ let0: more 18
look let0 cue-answer: out -37, option 51, wrapped -16, answer 67, row -51, keys -82
look let0 cue-answer bracketed: option -29, answer 18, keys -16
look let0 cue-answer edge: option -62, answer 49, keys -45
look let0 cue-answer_ asks: answer 14
look let0 cue-answer_ capitals: answer 14, keys -14
look let0 cue-answer_ let0: option -17, answer 40, keys -19
look let0 cue-answer_ section: answer 13
look let0 cue-answer_ sentence: option -21, answer 30
look let0 cue-difficulty: out -41, stem 25, option -29, answer -16, keys -18
look let0 cue-feedback: out -64, stem -56, more -15, option 42, answer -65, facts -14, row -32, lines -12, keys -59, remark 44
look let0 edge: out 23, option 21, answer -47, row -12, keys -48
look let0 gap: out -21, stem 14, more 45, option -26, wrapped -15, answer -45, feedback -12, facts -14
look let0 let-lone: out -49, stem 20, more 29, option -41, wrapped -12, answer -43, row -29, keys 65
look let0 let0: out 19, stem -40, more -64, option 39, wrapped -45, answer -26, feedback -20, facts -32, row -123, keys 46, remark -20
look let0 let0 arrow: stem -15, option 34, keys -33
look let0 let0 bracketed: stem -18, option 48, keys -17
look let0 let0 bullet: out -42, stem -71, option 19, answer 24, keys -34
look let0 let0 cue-answer: out -23, stem -38, option 65, answer -23, row -23, keys -40
look let0 let0 cue-feedback: stem -22, option 38, answer -14, keys -21
look let0 let0 edge: stem 32, option 22, answer -46, keys -47
look let0 let0 let-lone: stem 26, option -28, keys 14
look let0 let0 let0: out 34, stem -23, more -24, option -33, wrapped -21, answer -37, row -29, keys 43, remark -15
look let0 let0 pair: out -60, stem -36, option 70, keys -15
look let0 let0 phrase: stem -13, option 21, keys -28
look let0 let0 short: stem -61, option 58
look let0 let0 text: option 106, keys -97
look let0 let0_ asks: out -43, stem -29, option 58, answer -18
look let0 let0_ bullet: out -46, stem -61, option -16, keys 24
look let0 let0_ cells: out -21, stem -35, option 58, keys -30
look let0 let0_ cue-answer: stem -64, option 72, keys -36
look let0 let0_ field: stem 27, answer -12, row -20, keys -51
look let0 let0_ gap: out -31, stem -37, option 36, answer -27
look let0 let0_ heading: out -14, stem -36, option 39, answer -18, keys -35
look let0 let0_ key-title: stem -22, option 49, keys -37
look let0 let0_ let-lone: out -39, option 26, answer -16, keys -14
look let0 let0_ let0: out -28, stem -28, option 37, keys -38
look let0 let0_ num-lone: out -32, stem -13, option 33, keys -30
look let0 let0_ phrase: out -26, stem -16
look let0 let0_ rule: stem -14, option 56, keys -33
look let0 let0_ section: stem -13, option 61, keys -47
look let0 let0_ sentence: out -34, stem -15, option 45, keys -15
look let0 let0_ text: option 31
look let0 let1-first: out -45, more -28, option -27, answer 26, row -41, keys -30, remark -20
look let0 let1-first let1: out -13, stem -56, more -24, answer 26, row -39, keys -17, remark -20
look let0 letter: out -31, stem -21, facts -14, keys -17
look let0 num-lone: more 13, answer -35, facts -104, keys -68
look let0 num0: out -13, stem 27, more -29, option -54, answer -18, row 41, keys -34
look let0 num0 num0: out -26, stem -61, more -18, row 26, keys -26
look let0 num1-first: passage -12, stem 16, more -42, option -43, answer -26, feedback -23, facts -16, bank -18, lines -13, keys -27, remark -29
look let0 num1-first num1: out -54, more -35, option -23, remark -12
look let0 number: out -48, stem 27, more -74, option -37, answer 63, keys -26
look let0 pair: out 67, passage -32, stem -29, more 13, option 51, feedback -63, row -43, keys -83
look let0 phrase: out 28, more 25, answer -49, feedback -117, facts -18, row -51, keys -72
look let0 phrase box: stem -66, more 22, option 65
look let0 phrase let0: out 25, stem 41, option -59, answer -22, feedback -61
look let0 phrase_ let0: stem -18, more 35, answer -14, feedback -15
look let0 rule: out -26, stem -22, more 38, answer -17, lines -35
look let0 sentence: out 45, passage -28, stem -26, more -71, option 36, answer -65, feedback -57, keys -63, remark -33
look let0 short: out -95, passage -13, stem 19, option -23, feedback 28, facts -87
look let0 short cue-answer: stem -29, more 32
look let0 short let0: out -23, stem -72, more 13, option -66, wrapped 44, answer 42, feedback -15, facts -81
look let0 short let1-first: stem -43, more 42, option -37, answer -20
look let0 short short: more -33, option 35
look let0 short-sentence: out 34, passage 30, stem -42, more 42, option -34, wrapped -32, answer -49, hint -36, keys -51, remark -22
look let0 short_ let0: out -56, stem 31, more -16, option -52, wrapped -18, answer -44, feedback 30
look let0 table-pairs: out -22, stem 17, row 28, keys -15
look let0 table-pairs table-pairs: row 34, keys -14
look let0 text: out -37, passage -16, stem -15, answer -17, feedback 16, lines -18, keys 21
look let0+: more -72, wrapped -43, feedback -28, facts -67, bank -18, lines -26, remark -24
look let0_ asks: out -14, stem -37, option 52, answer -31
look let0_ box: out -35, stem 20, option -17
look let0_ bullet: out -35, stem -70, option -17, keys 24
look let0_ cells: out 18, stem -46, option 51, keys -37
look let0_ cue-answer: out -72, stem 20, option 25, answer -14, feedback -15, row -41, keys -41
look let0_ field: stem 27, answer -13, row -20, keys -51
look let0_ gap: out -31, stem -37, option 36, answer -27
look let0_ heading: out -38, stem 25, option 39, answer -18, keys -42
look let0_ key-title: out -43, stem 26, option 46, keys -37
look let0_ let-lone: stem 39, answer -27, facts -21, row -34, keys -19
look let0_ let0: out -19, passage -17, stem 17, option 26, answer -48, keys -68
look let0_ let1-first: out -37, stem 39, option -37
look let0_ num-lone: out 46, stem -28, option 15, row -26, keys -37
look let0_ num0: out -16, option -18, row 20, keys -19
look let0_ num1-first: out 77, stem -51, option -46, feedback -30, keys -18
look let0_ phrase: passage -17, stem -15, answer -22
look let0_ rule: out -44, stem 60, option 18, answer -21, row -22, keys -38
look let0_ section: out -74, stem -16, option 54, answer -13, keys 29
look let0_ sentence: out -22, stem -27, option 43, keys -16
look let0_ short: out -52, stem 32, option 42, keys -16
look let0_ short-sentence: stem 13
look let0_ text: option 31
look let0_+: out 22, passage -43, more -35, option 18, wrapped -12, answer -76, feedback -64, facts -54, row -17, bank -19, keys -53
look let1: out -23, passage -65, stem 20, more -108, option 19, wrapped -83, answer -37, feedback -92, hint -63, facts -102, row -14, bank -60, lines -59, keys -41, remark -19
look let1 _bracketed: out 37, answer -36, feedback -36, bank -12, keys -23
look let1 _bullet: out 17, stem -40, option -14
look let1 _capitals: facts -17, keys -54
look let1 _cue-answer: out -28, stem -33, option -23, answer 32, feedback -51, facts -14, bank -20
look let1 _cue-answer cue-difficulty: answer 45, keys -45
look let1 _cue-answer cue-feedback: answer 13
look let1 _cue-answer num-lone: answer 39, keys -39
look let1 _cue-answer num0-again: answer -30, keys 30
look let1 _cue-answer_ num0: answer -37, keys 38
look let1 _cue-answer_ word0: answer -24, feedback -40, keys 35
look let1 _cue-level: out -46, answer -16, facts 62
look let1 _cue-level num-lone: out -16, facts 21
look let1 _heading: out 67, stem -26, answer -37, facts -37, keys -30
look let1 _heading_ num0: out 28, answer -20
look let1 _let-lone: passage -14, stem -30, option -15, answer 20, row -25, keys 18
look let1 _let-lone_ num0: out -19, stem -22, option -14, answer 38, row -25, keys -21
look let1 _let0: out -18, stem 23, option -15
look let1 _let1: out -50, stem 16, option 30, answer -68, hint -20, row -42, keys -31, remark -48
look let1 _let1-first: out -51, stem 35, option 13, answer -30
look let1 _let1_ word0: out -17, stem 27, option -22
look let1 _letter: out -30, answer 30, facts -16
look let1 _letter_ num0: out -24, answer 25
look let1 _num-lone: out 56, stem -43, answer -60, facts -15
look let1 _num0: out 35, passage -14, stem -12, more -14, option -28, answer -78, feedback -17, hint -17, facts -35, row -19, bank -18, lines -17, keys -51, remark -18
look let1 _num0 asks: stem 20, facts -18
look let1 _num0 cells: out 19, answer -33, facts -13, keys -19
look let1 _num0 cue-answer: out -24, stem 28
look let1 _num0 let-lone: stem 21
look let1 _num0 let1-first: out 59, stem -58, option -13
look let1 _num0 short: out -35, stem 41
look let1 _num0 text: stem 15, keys -14
look let1 _num0-again: out -51, stem 39, answer 36, keys -39
look let1 _num0_ cue-answer: out -46, stem 48
look let1 _num0_ let1-first: out -23, stem 27
look let1 _num0_ num0: out -147, stem 58, option -18, answer -61, keys -37
look let1 _pair: out 25, passage -57, stem -40, answer -44, feedback -53, hint -14, facts -19, row -30, bank -15, keys 17
look let1 _phrase: out 40, stem -42, option -13, answer -29, feedback -41, keys -32
look let1 _rom-lone: out 20, stem -23, answer -18, facts -13, keys -17
look let1 _rom0: out -14, stem 48, option -12, answer -33, facts -32, row -26, bank -18, lines -13, remark -16
look let1 _rom0 asks: stem 17, facts -20, row -12
look let1 _rom0 cue-answer: stem 13
look let1 _rom0 let1-first: stem 26, remark -15
look let1 _rom0_ rom0: out -27, stem 45
look let1 _rule: out -44, stem -14, answer 44
look let1 _rule_ bracketed: out 39, answer -33
look let1 _rule_ heading: out 33, answer -22
look let1 _section: out 48, stem -62, answer -31, facts -27, keys -18
look let1 _section num0: out 25, facts -13
look let1 _section_ num0: out 17
look let1 _sentence: out 19, passage -51, stem -64, option -17, answer -111, feedback -86, hint -18, keys 48
look let1 _short: out -53, stem -78, option -20, wrapped -14, answer 55, keys -65
look let1 _short-sentence: out 34, passage -15, stem -73, answer -87, feedback -49, hint -54, keys 36, remark -20
look let1 _word0: stem 27, option -14, answer -78
look let1 _word0 asks: stem -13, answer -38, facts 41
look let1 _word0 field: stem -20, answer -18, facts 32
look let1 _word0 let-lone: out -35, stem -41, answer -27, facts 46
look let1 _word0 let1-first: out 46, stem -27, answer -13, facts -23
look let1 _word0 text: out -24, stem -17, facts 39
look let1 _word0_ word0: out -83, stem 65, answer -19, facts -29
look let1 arrow: out -41, stem -22, answer 16, row -24
look let1 arrow_ num0: out -25, option -14, answer 44
look let1 arrow_ word0: option -19, answer 34
look let1 asks: out 25, stem -45, option -12, feedback -32, facts -16
look let1 box: out -17, stem 73, option -68
look let1 bracketed: stem -41, option 45, wrapped -12, hint -28, facts -21, row -16, bank -78, keys -85
look let1 bracketed cue-difficulty: out -25, answer -40, feedback 38, bank -19, keys -17
look let1 bracketed_ num0: out 55, option -18, feedback -71, hint -15, bank -45, keys -23
look let1 bullet: out -39, stem 48, more -36, option -37, answer -19
look let1 bullet bullet: out -17, stem -44, more -36, option 64, answer -19
look let1 cells: out -37, more 32, option -17, answer -19, row -13
look let1 cue-answer: out 34, stem -12, option -19, wrapped -40, answer 17, hint -16, facts -22, row -105, remark -22
look let1 cue-answer cue-difficulty: wrapped -20, answer 33, keys -22
look let1 cue-answer cue-feedback: answer 43, keys -32
look let1 cue-answer cue-points: option -12, answer 30, facts -13, keys -19
look let1 cue-answer edge: option -12, answer -18, keys 28
look let1 cue-answer num0: option 50, answer -46, keys -86
look let1 cue-answer_ num0: option -35, answer 36, keys -48
look let1 cue-answer_ word0: option -14, answer 94, keys -77
look let1 cue-difficulty: out -27, stem -85, facts 84, row -36, keys -42
look let1 cue-feedback: out -77, more -16, option 27, wrapped -19, answer -44, row -37
look let1 cue-hint: out -21, stem -15, answer -39, feedback -14, hint 17, row -34, remark -12
look let1 cue-level: out -27, stem -18, answer -48, facts 55
look let1 cue-points: out -92, stem -70, option -38, hint -13, row 46, keys -75
look let1 edge: out -17, passage -18, option 49, answer -88, keys -60
look let1 field: passage -33, stem -52, option -15, answer 26, feedback -30, facts -38, keys -18
look let1 heading: out 25, option -24, answer -70, keys -54
look let1 let-lone: out -80, stem -15, answer 76, row -70, keys -28
look let1 let-lone cue-difficulty: option -13, answer 30
look let1 let-lone edge: out -58, answer 65
look let1 let-lone_ num0: out -26, option -30, answer 40
look let1 let0: out -82, more -14, option -60, answer 45, keys 17
look let1 let1: out 13, passage -41, stem -40, more -63, option 24, wrapped -50, answer -144, feedback -56, hint -46, facts -55, bank -46, lines -46, keys -36
look let1 let1 arrow: stem -26, option 45, row -21
look let1 let1 bracketed: out -62, stem -34, option 86
look let1 let1 cue-answer: out 13, stem -117, option 78, wrapped -16, answer -84, row -86, keys -45, remark -18
look let1 let1 cue-difficulty: stem -69, option 108, answer -42, row -30
look let1 let1 cue-feedback: stem -23, option 44, answer -15
look let1 let1 edge: out -57, stem 27, option 68, answer -49, keys -41
look let1 let1 field: out -49, stem -24, option 71
look let1 let1 let-lone: stem -36, option 125, answer -29, row -62
look let1 let1 let0: out -35, stem -14, more -14, option 33, answer -40, row -49, keys -44
look let1 let1 let1: out 27, passage -14, stem -64, more -14, answer -25, feedback -19, hint -17, facts -19, bank -18, lines -17, keys -23
look let1 let1 letter: option 17
look let1 let1 num-lone: out -27, option -33, row 34
look let1 let1 num0: stem -53, option 51, answer -82, row -71, remark -14
look let1 let1 phrase: out -82, stem -46, option 98, answer -22
look let1 let1 sentence: out -16, option 47, remark -19
look let1 let1 short: out -57, stem 39, answer -65
look let1 let1 short-sentence: out -14, stem -18, option 44, remark -20
look let1 let1 word0: out -58, stem -28, option 71, row -52
look let1 let1-first: out -75, stem 81, more -13, option -74, answer -73, feedback -30, hint -13, facts -16, row -29, remark -23
look let1 let1-first let1: out -70, stem 29, answer -73, feedback -30, hint -13, facts -16, row -25, remark -14
look let1 let1_ bracketed: stem -18, option 42
look let1 let1_ bullet: out -51, stem -12, option 43, answer -27, row -14, keys -22
look let1 let1_ capitals: out -13, option 46, answer -25
look let1 let1_ cue-answer: out 48, stem -62, option -13, answer -36, row -66, remark -36
look let1 let1_ cue-level: out -37, stem -16, option 30, answer -16
look let1 let1_ heading: out -52, option 84, answer -30, keys -13
look let1 let1_ key-title: option 24
look let1 let1_ let-lone: out -47, stem -37, option 58, answer -40, row -42
look let1 let1_ let0: option 19
look let1 let1_ letter: out -25, option 25
look let1 let1_ num-lone: out -21, option 68, answer -20, remark -13
look let1 let1_ num0: passage -14, stem -56, more -17, option 15, answer -35, feedback -18, hint -17, facts -18, row -113, bank -18, lines -17, remark -36
look let1 let1_ num0-again: out -17, stem -14, option 19, answer -18, row -26
look let1 let1_ phrase: out -27, stem -19, option 41, answer -21
look let1 let1_ rom-lone: stem -13, option 28, answer -13
look let1 let1_ rom0: out -33, stem -17, option 75, answer -26, row -17
look let1 let1_ rule: out -33, stem -46, option -23, answer -25, row -28, remark 32
look let1 let1_ section: out -38, stem -21, option 82, answer -31
look let1 let1_ sentence: option 12
look let1 let1_ short: out -36, option 45
look let1 let1_ short-sentence: out -66, stem -17, option -31, answer -41, row 40
look let1 let1_ word0: out -88, stem 64, more -13, option 16, answer -67, feedback -33, row -65
look let1 let2-first: stem 22
look let1 let2-first let2: stem -31, option 34
look let1 letter: out -68, stem -17, option -20, answer 100, facts -16
look let1 letter_ num0: out -15, option -39, answer 64
look let1 num-lone: out -61, more -35, option -19, wrapped -13, answer -17, feedback -50, facts -27, row 50, keys -46
look let1 num0: stem 17, option 33, wrapped -21, answer -45, feedback -30, facts -61, row -39, keys -60, remark -32
look let1 num0 asks: stem 24
look let1 num0 cue-answer: stem 58, option -46
look let1 num0 let1-first: out -39, stem 74, option -91, wrapped -12, row -29
look let1 num0 num0: out 15, option -71, wrapped -13, answer -41, keys -26, remark -15
look let1 num0 short: stem 45, option -39, keys -32
look let1 pair: stem -20, option 56, answer -29, facts -13, row -15, keys -72, remark -18
look let1 phrase: out 48, passage -25, stem -73, more 16, option -39, wrapped 25, answer -30, feedback -62, hint -18, facts -18, row -17, keys -34
look let1 sentence: out -56, passage -27, stem -27, option -32, answer -77, feedback 56, row -39, keys -35, remark 26
look let1 short: out -65, passage -30, stem 44, more 13, option -64, wrapped 31, feedback -61, facts 30, keys -28
look let1 short let1: out -17, stem -30, more 13, option -27, wrapped 23, answer -30, feedback -16, facts 19
look let1 short-sentence: out 16, stem -23, more -41, option -36, wrapped 22, answer -105, feedback 13, hint -88, row -73, keys -36, remark 39
look let1 text: out 12, passage -42, stem -54, more -12, wrapped 12, answer 16, feedback 17, hint -21, row -23, keys -62
look let1 word0: out -42, stem 49, more -16, answer -21, feedback -21, row -53
look let1 word0 let1-first: stem 46, option -28, answer -14
look let1 word0 short: stem 15, option -24, answer -17, facts -12
look let1+: passage -36, stem 39, more -42, option -16, wrapped -41, answer -31, feedback -40, hint -29, facts -59, bank -29, lines -29, keys -17
look let1-first: out -17, passage -49, stem 17, more -76, wrapped -47, feedback -63, hint -35, facts -70, row -27, bank -35, lines -29, keys -45, remark 20
look let1-first _let1: out -25, stem -25, more -14, option 24, facts -16, row -37, keys -20, remark -33
look let1-first _let1_ let1: out -50, row -32, remark -33
look let1-first asks: stem 20
look let1-first box: stem 25, option -24
look let1-first bullet: stem 34, more -36, remark -18
look let1-first bullet bullet: stem -47, more -36, option 64, remark -18
look let1-first cells: more 45, option -32, wrapped -18, answer -20
look let1-first cue-answer: out -17, stem 31, option -33, answer 14, row -19, keys -19
look let1-first cue-answer let1: answer 18
look let1-first cue-feedback: out -18, more -15, answer -15, feedback -13, remark 23
look let1-first let1: passage -25, stem -47, more -80, option 15, wrapped -41, feedback -43, hint -31, facts -55, bank -30, lines -29
look let1-first let1 cue-answer: out 34, stem -45, option -31, answer 21, row -36, keys -76
look let1-first let1 cue-difficulty: stem -58, answer 15
look let1-first let1 edge: out -42, stem -42, option 44, answer -30, keys -45
look let1-first let1 let-lone: option 79, answer -70
look let1-first let1 let1: passage -14, more -16, wrapped -13, answer -36, feedback -17, hint -17, facts -19, bank -18, lines -17
look let1-first let1 num0: stem -87, answer -39, facts -34, row 35, keys -33
look let1-first let1 short: stem -12, option 18
look let1-first let1-first: out -25, stem 28, more 34, option -39, answer -19, row -15
look let1-first let1-first let1: stem -30, option 56, answer -19, row -15
look let1-first let1_ cue-answer: out -84, option -15, answer 32, row -44
look let1-first let1_ num0: out -70, stem -26, option 22, answer 29, keys -12
look let1-first let1_ word0: stem -31, option 64, answer -40
look let1-first let2-first: stem 34, option -29
look let1-first let2-first let2: stem -22, option 43
look let1-first phrase: option -17, wrapped 30
look let1-first phrase let1: option -24, wrapped 30
look let1-first short: out -27, passage -16, stem 32, more -31, option -17, wrapped 31, answer -43, feedback -38, facts 14
look let1-first short let1: out -17, passage -16, stem -20, more -18, option -35, wrapped 33, answer -22, facts 17
look let1-first+: out -14, passage -40, stem -14, more -53, option 19, wrapped -27, feedback -37, hint -21, facts -50, row -13, bank -22, lines -17, keys -28
look let1-first_ let1: out -23, stem 33, answer -49, row -41
look let1-first_+: stem 38, answer -53, feedback -16, facts -12, row -43, keys -12
look let1_ bracketed: out 42, stem -55, option 22, answer -14
look let1_ bullet: out -51, stem -12, option 43, answer -27, row -14, keys -22
look let1_ capitals: out 30, stem -31, option 30, answer -33
look let1_ cue-answer: out 36, stem -19, option -22, answer 27, row -109, remark -36
look let1_ cue-level: out -37, stem -16, option 30, answer -16
look let1_ heading: out -52, stem -15, option 88, answer -34, keys -13
look let1_ key-title: option 27
look let1_ let-lone: out -48, stem -39, option 24, answer 23, row -43, keys -16
look let1_ let0: stem -47, option 76, answer -37, remark -19
look let1_ let1: out -68, option 28, answer -17, row -42, keys -15, remark -55
look let1_ let1-first: out -36, stem -30, option 44
look let1_ letter: out -25, option 26
look let1_ num-lone: out -27, stem -15, answer -25, row 13, remark -13
look let1_ num0: out -22, passage -15, stem -75, more -17, option 40, answer -42, feedback -20, hint -19, facts -20, row -114, bank -18, lines -17, remark -38
look let1_ num0-again: out -17, stem -14, option 12, answer -19, row 27, keys -14
look let1_ pair: out -12, option 40, remark -14
look let1_ phrase: out -27, stem -19, option 41, answer -21
look let1_ rom-lone: stem -13, option 28, answer -13
look let1_ rom0: out -41, stem -31, option 61, answer -45, row -25
look let1_ rule: out -46, stem -53, answer -65, row -28, keys -21, remark 32
look let1_ section: out -21, stem -47, option 27, answer -26, row -14
look let1_ sentence: out -18, stem -44, option 24, answer -14, remark -13
look let1_ short: out -55, stem 48, option -33, answer -21
look let1_ short-sentence: out -71, stem 22, option -31, answer -47, row 40
look let1_ word0: out -93, stem 68, more -18, option 14, answer -72, feedback -34, row -66
look let1_+: out -35, passage -22, more -74, option 26, wrapped -16, feedback -42, hint -27, facts -36, row -30, bank -20, lines -18, keys -51, remark -14
look let2: passage -28, more -55, option 15, wrapped -89, answer -32, feedback -59, facts -88, row -70, bank -26, lines -27, keys -30, remark -20
look let2 _cue-answer: answer 36, keys -29
look let2 _let1: out -43, stem 38, option -34, answer -41
look let2 _word0: stem -40, answer -34, facts 50
look let2 _word0 let1-first: stem -40, answer -17, facts 46
look let2 cue-answer: option -33, answer 35, keys -58
look let2 cue-difficulty: out -21, stem 30, more -18, option -23, answer -39, facts 20, keys -18
look let2 let1: out -35, stem 30, option -32, answer 33
look let2 let2: out -57, stem -47, option 146, wrapped -61, answer -107, facts -34, row -30
look let2 let2 cue-answer: stem -38, option 44
look let2 let2 cue-difficulty: option 70, answer -54
look let2 let2 let1: option 27, answer -12
look let2 let2 let2: option 33, wrapped -24
look let2 let2_ word0: option 19
look let2+: passage -14, more -32, wrapped -57, answer 21, feedback -25, facts -38, row -34, bank -13, lines -14, keys -16
look let2-first: out 13, passage -17, stem -29, more -83, wrapped -53, answer -29, feedback -28, facts -70, row -54, lines -26, keys -37
look let2-first let2: passage -16, stem -34, more -64, wrapped -50, feedback -26, facts -57, row -50, bank -12, lines -20, keys -29
look let2-first let2 let2: out -23, stem -25, option 55, wrapped -30, answer -22, row -19, keys 36
look let2-first+: stem -23, more -55, wrapped -32, answer -21, feedback -14, facts -40, row -30, lines -14, keys -23
look let2_ let1: option 37, answer -19
look let2_ word0: option 19
look let2_+: stem -24, option 21, answer -86, facts -18, keys -18
look letter: out 36, passage -42, stem -93, more 13, option -55, wrapped -19, feedback -85, hint -16, facts -79, row -45, bank -19, lines -34, keys -51
look letter _num0: out 25, stem -15, facts -13, keys -18
look letter _num0 let1-first: out -17, stem 18
look letter _word0: out -20, stem -13, facts 25
look letter edge: out -73, answer 67, keys -16
look letter num0: out -73, answer 47
look letter+: out 55, stem -48, more 19, option -53, answer -13, feedback -17, facts -39, row -23, lines -16, keys -23
look letter_ num0: out -39, more -43, option 34, feedback -18
look letter_ word0: out -47, answer 51
look letter_+: out -71, passage -33, stem -25, option 30, answer 31, feedback -42, facts -36, keys -33
look lines: out -55, passage -52, stem -21, more -39, option -57, answer 21, feedback -61, hint -35, facts 23, row -32, lines 12, keys -40
look lines+: out -15, more -28, option -24, answer -67, facts -57, lines 23, keys -21
look num-lone: out -14, passage -29, stem 18, more 24, wrapped -34, hint -50, facts -14, row -18, bank -76, lines -44, keys -20, remark -48
look num-lone _asks: out 39, passage -24, stem -26, more -22
look num-lone _box: out -23, stem -23, option 39
look num-lone _box box: out -23, stem -23, option 39
look num-lone _bullet: out -18, stem -28, row 17
look num-lone _bullet bullet: out -16, stem -33, row 17
look num-lone _cue-answer: out -20, stem -46, answer 27, bank -23, keys -15
look num-lone _cue-level: out -28, facts 33
look num-lone _field-number: facts 17
look num-lone _heading: out 43, stem -15, answer -46, facts -34, keys -25
look num-lone _let-lone: out 57, stem -34, option 14, keys -23
look num-lone _let0: stem 20, option -26, keys -26
look num-lone _num-lone: out -47, stem 21, more -27, option -12, answer -26, facts -17, keys 41
look num-lone _num0: out -52, stem -24, option 55, row -22, keys -53
look num-lone _num0 cue-answer: out -16, stem 20
look num-lone _num0 num1-first: out -15, stem 17
look num-lone _num0_ num0: out -14, stem 42, keys -16
look num-lone _rom0: out -20, stem 38
look num-lone _section: out 57, stem -42
look num-lone _sentence: passage -33, answer -46, feedback -23, keys -19
look num-lone _short: out 35, passage -41, stem -64, option 25, answer -18, feedback -13, keys -46
look num-lone _short-sentence: out 47, passage -53, stem -24, answer -39, feedback -16, keys -14
look num-lone _text: out 38, stem -34, answer -29, keys -36
look num-lone _word-lone: out -70, stem 24, facts 52
look num-lone _word0: out -100, stem 39, answer -48, facts -18
look num-lone arrow: out -26, stem -25, more 15, option 17, answer 29, facts -13
look num-lone asks: out -26, more 22
look num-lone bracketed: out -48, stem 26, more -33, answer -72, feedback 31, bank 13, keys -52
look num-lone bullet: out 50, stem -44, more -18, answer -18, facts -21, row -17
look num-lone bullet bullet: out 25, stem -44, more -25, option 15
look num-lone cells: out -25, passage -25, more 31, option 32, answer -48, facts -44, keys -15
look num-lone cells cells: out 16, passage -22, stem -74, row 13, keys -12
look num-lone cue-answer: out -100, stem 43, option 20, answer 56, row -13, keys -76
look num-lone cue-answer cue-difficulty: option -20, answer 30
look num-lone cue-answer edge: answer 29, keys -28
look num-lone cue-difficulty: out -19, stem 23, more 14, option -24, feedback -19, facts 20, row -26, keys -21
look num-lone cue-difficulty_ cue-level: facts 14
look num-lone edge: stem 17, more -45, feedback -25, keys -34
look num-lone identity: out 62, stem -59
look num-lone let-lone: out 56, stem -64, more 16, option 40, answer -36, row -32, keys -44
look num-lone let0: out -35, stem -13, more 20, option 20, facts -67, row 17, keys -29
look num-lone let0 let0: option 30, keys -28
look num-lone let1-first: out 38, stem -30, option -15, answer -29, row -37, remark -14
look num-lone let1-first let1: stem 12, more -19, answer -37, row -37, remark -14
look num-lone num-lone: out -32, stem -21, more -30, answer -25, feedback -90, facts -55, keys 28
look num-lone num-lone edge: stem -49, answer -66, feedback -32
look num-lone num0: out -49, feedback 15, facts -29, keys 24
look num-lone num0 num0: out -32, stem 24, more -20, option 20, row 16, keys -38
look num-lone num0-again: out -23, stem 19, more 25, option -36, answer -33, facts -15, row 19, keys 19
look num-lone num1-first: out -20, more 15, option -14, answer -14, row 23, keys -20
look num-lone num1-first num1: stem -18, option -24, row 36
look num-lone pair: out 15, stem -59, more -21, answer -28, feedback -56, row -15
look num-lone phrase: stem -24, more -50, option 21, answer -52, feedback -25, keys 21
look num-lone rom0: out 24, stem -18, more -25, answer 24, feedback -43, facts -62, keys -28
look num-lone rule: out 35, stem -30, more -14, lines 14
look num-lone sentence: out 23, passage -19, stem 29, more -23, feedback -43, keys -59
look num-lone short: more 21, wrapped -22, answer 12, feedback -48, facts -39, row -28, keys 39
look num-lone short-sentence: out 45, passage -23, stem -50, answer -36, feedback 18, keys -13, remark -20
look num-lone text: out 29, stem -20, more 22
look num-lone word0: out 33, stem 15, more -19, option -35, answer -19, feedback -45, facts -38, row -15, keys -22
look num-lone+: out 15, passage -31, more 14, feedback -16, facts -109, row -51, lines -15, keys -21, remark -16
look num-lone_ asks: stem -60, option -12, feedback 27, facts -33, row -16, keys -18
look num-lone_ box: stem -36
look num-lone_ bullet: out 27, more 28, answer -50, keys -39
look num-lone_ cue-answer: out -56, stem 40, option 88, facts -15, keys -12
look num-lone_ cue-level: out 25, feedback -13, facts -19
look num-lone_ field-number: out 38, passage -21, stem -49, more -31, answer -14, feedback -33, facts -27, keys -20
look num-lone_ heading: out -53, stem 56, option 53, answer -19, facts -14, keys -57
look num-lone_ identity: out 41, stem -58, answer -14, keys -12
look num-lone_ let-lone: out 86, stem -74, more -23, answer -41
look num-lone_ let0: out 23, stem -47, more -20, option 18, feedback -13, facts -72, row -49
look num-lone_ num-lone: out -37, stem 19, answer -14, keys 24
look num-lone_ num0: out -44, passage -39, answer -23, feedback -78, hint -12, facts -49, row 20, keys -24
look num-lone_ rom0: out 38, stem -47, more -39, option -15, answer -15, feedback -45, facts -15, row -20, keys -60
look num-lone_ section: out -34, stem 18, answer -36, feedback -35, facts -28, row -36, keys 39
look num-lone_ sentence: out -12, answer 30, facts -25, keys -33
look num-lone_ short: out 33, stem -55, option -38, answer -52, feedback -45, facts -16, keys 25
look num-lone_ short-sentence: out 66, stem -79, more -14, answer 12, facts -23, keys -23
look num-lone_ text: out 56, passage -13, stem -46, answer -36, facts -12
look num-lone_ word-lone: out 17, stem -22, answer -18, facts -15, keys -13
look num-lone_ word0: out 28, stem -61, option -27, answer 25, feedback -61, facts 34, bank -22, keys -48
look num-lone_+: out -13, passage -18, more -14, wrapped -15, answer -19, feedback -23, hint -29, row 13, bank -46, lines -18, remark -21
look num0: passage -69, stem 41, more -24, option -27, wrapped -72, answer -49, feedback -104, hint -48, facts -70, bank -47, lines -42, keys -28, remark -54
look num0 _box: out -71, option 78
look num0 _box box: out -70, option 84
look num0 _bracketed: out -24, stem -15, more 13, bank 14, keys 28
look num0 _bracketed num0-again: more -12, keys 17
look num0 _bullet: out -93, stem -48, more -17, option 44, answer -19, facts -12, row -15
look num0 _bullet bullet: out -47, stem -58, option 33
look num0 _capitals: out 48, more -12, option -15, answer -63, keys -19
look num0 _capitals num0: out 52, option -42, answer -27, keys -34
look num0 _cells: out -25, passage -25, stem -18, more -68, option 62, answer -67, facts -41, bank -62, keys -27
look num0 _chatter: out 22
look num0 _cue-answer: out -37, stem -19, option -38, bank -37
look num0 _cue-answer cue-difficulty: stem -14, answer 62, keys -53
look num0 _cue-answer edge: out -27, bank -16
look num0 _cue-answer num0: option -29, answer 72, keys -52
look num0 _cue-answer num0-again: answer -29, keys 30
look num0 _cue-answer_ num0: answer 63, bank -25, keys -30
look num0 _cue-level: stem -39, more -31, option 27, keys -23
look num0 _cue-sample: out -36, stem -15, more -17, answer 27, feedback -23, row -15, keys -14
look num0 _cue-sample_ num0: out -13
look num0 _heading: out 17, stem 15, more -24, option -16, answer -25, facts -59
look num0 _heading_ num0: out 47, keys -25
look num0 _key-title: out 24, answer -13, keys -17
look num0 _key-title num0-again: out -13
look num0 _let-lone: out 39, more -26, option -36, answer -22, facts -18, row -40, keys -35
look num0 _let-lone_ num0: out 43, option -48, answer -17, row -25
look num0 _let0: out -51, stem -38, option 59, answer -25, keys -38
look num0 _let0 let0: out -42, stem -40, option 59, answer -25, keys -38
look num0 _let1-first: out -77, stem -39, more -17, option 17, answer -53, row 29, remark -21
look num0 _let1-first let1: out -85, stem -66, more -17, answer -35, row 32, remark -20
look num0 _num-lone: out -13, stem 26, more -32, option -17, answer -60, facts -26, row -20
look num0 _num0: out -77, passage -16, stem 76, more -36, option -104, answer -67, feedback -17, hint -17, facts -40, row -102, bank -18, lines -17, keys -104, remark -17
look num0 _num0 arrow: stem 40, option -26, row -12
look num0 _num0 asks: stem 17, more -12
look num0 _num0 box: stem 14
look num0 _num0 bracketed: out -14, stem 19
look num0 _num0 bullet: stem 36, option -29
look num0 _num0 cells: stem 15, row -14
look num0 _num0 cue-answer: stem 22
look num0 _num0 edge: out -57, stem 59, option -30, answer -27, row -20, keys -43
look num0 _num0 let-lone: out -49, stem 54, keys -32
look num0 _num0 let0: out -20, stem 27
look num0 _num0 let1-first: out -13
look num0 _num0 num1-first: stem 17
look num0 _num0 phrase: out -46, stem 60, option -12, row -12
look num0 _num0 rule: stem 13
look num0 _num0 short: out -36, stem 53
look num0 _num0 short-sentence: stem 26, row -18
look num0 _num0-again: out -35, stem -18, option 22, row -64, keys 16
look num0 _num0-again num0-again: out -24, stem -36, option 22, row -58, keys 16
look num0 _num0_ bracketed: out -29, stem 39
look num0 _num0_ heading: out -29, stem 32, keys -20
look num0 _num0_ num0: out -101, stem 59, option -62, answer -56, facts -20, row -62, keys -41
look num0 _num0_ section: out -36, stem 57, keys -17
look num0 _num0_ short: out -74, stem 75
look num0 _num1-first: out -49, passage -13, stem 42, row -35
look num0 _number: out -51, more -50, option -32, answer 56, keys -32
look num0 _phrase: out 16, more -38, option 18, answer -19, feedback -70, row -19, lines -14, keys -31
look num0 _rom-lone: out 35, stem -16, option -13
look num0 _rom-lone_ num0: out 24, option -13
look num0 _rule: out 14, stem -16, more -29, answer -17, row -21
look num0 _rule_ cue-answer: out 36
look num0 _rule_ key-title: out 36, lines -12
look num0 _section: out 31, stem -29, more -18, option -13, keys -29
look num0 _section num0: out 14, more -13, keys -15
look num0 _section_ num0: out 12
look num0 _short: passage -42, stem -104, more -46, option 58, answer -25, facts -41, row -25, keys -45
look num0 _short short: out -46, stem -36, more -27, option 55, answer -33
look num0 _short-sentence: out -15, stem 12, more -40, answer 22, feedback -49, hint -38, row -14, keys -37, remark -12
look num0 _short_ num0: passage -14, more -20, option -103, row -15
look num0 _table-ticks: out -13, more -17, row 14
look num0 _truth: out -88, more -21, answer 90, keys -34
look num0 _truth num0: out -42, answer 46
look num0 _word-lone: out 20, stem -52, more -19, option -20, facts 42, row -19, bank -12
look num0 _word0: out -33, stem 29, facts 16
look num0 arrow: out -32, stem 36, more 13, option 39, answer -22, feedback -31, row -42, keys -21
look num0 arrow_ num0: more 40, option -41, answer -15
look num0 asks: out -33, passage -26, more 31, option -46, answer -27, facts -44, row -41, keys -36
look num0 asks cue-answer: stem -34, more 36
look num0 asks let1-first: stem -17, more 18
look num0 asks num0: stem -31, more 36
look num0 asks_ let1-first: stem -31, more 31
look num0 asks_ num0: passage -17, stem -18, more 29
look num0 box: out 26, stem 66, more -29, option -40, answer -15
look num0 box box: out 29, stem -19, more -21, option -22
look num0 box ticked: option 13
look num0 bracketed: out 22, stem 63, more -44, option -22, answer -55, feedback 40, facts -13, row -23, lines -17, keys -77
look num0 bracketed let1-first: more 39
look num0 bracketed_ num0: out -14, more -22, option -12, feedback 35, row -13, bank -55, keys -56
look num0 bullet: option -27, answer 39, facts -13, row -71, remark -28
look num0 bullet bullet: out -83, stem -36, more -21, option 36, answer 50, row -64, remark -28
look num0 cells: out -53, stem 33, option -19, answer 36, facts -63, row -27, bank -21, keys -67
look num0 cells cells: out -16, stem -52, more -86, row 107
look num0 cells cue-answer: out -17, stem -67, more -40, option -54, answer 47, row -50
look num0 cells let1-first: stem -13, more 18
look num0 cells num0: stem -30, more 41, option -20, answer -18, row -15
look num0 cells_ cue-answer: stem -45, more 50, option -13, row -31
look num0 cells_ let1-first: stem -28, more 28
look num0 cells_ num0: out -19, stem -13, more 17, option 17, answer -37, row -13
look num0 cue-answer: out -51, stem 21, option -20, answer 45, feedback -19, facts -42, bank -45
look num0 cue-answer cue-difficulty: option -38, answer -40, keys 42
look num0 cue-answer cue-level: option -13, answer 21
look num0 cue-answer cue-points: option -22, answer 53, keys -40
look num0 cue-answer edge: more -51, option -79, keys 13
look num0 cue-answer num0: more -13, option -79, answer 43, keys -21
look num0 cue-answer sentence: option -23, answer 37, keys -13
look num0 cue-answer short: more -15, answer 13
look num0 cue-answer_ num0: more -30, option -31, answer 135, facts -21, bank -39, keys -23
look num0 cue-answer_ section: answer 37, keys -31
look num0 cue-difficulty: out -47, stem 65, option 31, answer -57, facts 28, row -26, keys -27
look num0 cue-feedback: stem 25, more 17, option -23, keys -15
look num0 cue-level: out -42, stem 41, more -22, option 23, answer -26, row -16, keys -15
look num0 cue-level let1: more -22, option 35, facts -23
look num0 cue-sample: out -39, stem 15, option -17, answer 16, feedback -20, facts -14, keys -22
look num0 cue-sample_ num0: out -13, answer 26
look num0 edge: out 19, stem 23, more -17, option -63, answer 19, row -94, keys -36
look num0 field: out -85, passage -52, stem -45, more 39, answer 29, feedback 30, facts -66, row -69, keys -27
look num0 gap: out -49, stem -26, more 55, answer -37, facts -13, row -45, keys -16
look num0 gap bracketed: stem -15, more 21
look num0 gap_ num0: out -18, stem -16, more 34, answer -33
look num0 heading: stem 40, facts -39, keys -35
look num0 let-lone: out -31, stem -43, more -47, answer -20, feedback -13, facts -22, row 50, keys -26
look num0 let-lone arrow: out -15, row 12
look num0 let-lone cue-answer: out -17, stem -101, more -56, option 26, answer -112, row -32, keys 48
look num0 let-lone num0: stem -53, option 14, row -47, keys -36
look num0 let-lone_ num0: out -62, more -63, option 15, row -30
look num0 let-lone_ section: out 37, stem -52, more -47, answer -33, row -30, keys -29
look num0 let0: more 24, option 19, answer -37, facts -15, row -27, keys -42
look num0 let0 let0: out -14, stem -19
look num0 let1-first: passage -25, more -34, wrapped -29, answer -27, feedback -29, hint -29, facts -33, row -35, bank -29, lines -29, keys -64, remark -47
look num0 let1-first let1: passage -14, stem -140, more -90, option 16, answer -16, feedback -18, hint -17, facts -20, row -23, bank -18, lines -17, keys -60, remark -40
look num0 letter: out -64, stem 17, option 28, answer -23, row -23
look num0 num-lone: out -21, stem -20, answer -60, feedback -36, facts -17, row -53
look num0 num-lone cue-answer: out -55, stem 42, option -28, answer -35, keys -25
look num0 num-lone_ num0: out -19, more 33, option 23, answer -45, keys -19
look num0 num0: out 63, passage -24, stem -23, more -121, option 15, wrapped -23, answer -232, feedback -69, facts -91, row 17, bank -20, lines -14, remark -35
look num0 num0 asks: out -17, stem -22, more -26, option 54, answer -22
look num0 num0 bullet: out -42, stem 29, option -24, answer -23
look num0 num0 cells: out -44, stem -32, more -12, option 44, answer -23, facts -23, row -25, keys -39
look num0 num0 cue-answer: out -46, stem -54, more -17, option 20, answer -20, row 30, keys -33
look num0 num0 edge: stem 24, more -16, option -60, answer -41, row -85, keys -30
look num0 num0 let-lone: stem -34, option -40, row 43, keys -22
look num0 num0 let1-first: out 33, more -22, option -39
look num0 num0 num-lone: out 12, stem -20, more -18, option -16, keys 22
look num0 num0 num0: out -31, stem 13, more -30, answer -14, facts -17, row -23
look num0 num0 num0-again: stem -16, option -15, row -14, keys 20
look num0 num0 rule: out 46, stem -52, option -17, row -24, keys -14
look num0 num0 short: out -26, more -36, option -52, row -40, keys 24
look num0 num0-again: out -54, option -39, answer -51, facts -21, row 17, keys 14
look num0 num0-again num0-again: out -37, stem -86, option -43, row 22, keys 29
look num0 num0_ capitals: out 53, stem -38, more -28, option -53, answer -16, row -34, keys -64
look num0 num0_ cells: stem -41, option 18, answer -30, facts -21, row 14, keys -39
look num0 num0_ cue-answer: out 20, stem -43, more -40, option -25, row 28, keys -16
look num0 num0_ heading: out -63, option -37, answer -18, row -19, keys 21
look num0 num0_ let-lone: out 13, stem -14, more -29, option -33, answer -18, row -45, keys 22
look num0 num0_ let0: out -35, stem -62, option 50, answer -23, facts -15, row -42, keys -22
look num0 num0_ phrase: out -70, stem 28, more -19, row -33, keys -16
look num0 num0_ section: out -28, stem 30, more -52, option -39, answer -23, keys -26
look num0 num0_ short: out 40, stem -52, option -35
look num0 num0_ word-lone: stem 52, option -19, keys -18
look num0 num1-first: out -75, more -37, answer -40, facts -15, keys -36, remark -26
look num0 num1-first num1: out -12, stem -47, more -37, answer -18, keys -34, remark -18
look num0 number: out -48, stem 72, facts -16, row -49, keys -73
look num0 number number: more -39, option 53, answer -30
look num0 number_ num0: out -45, more 24, option -65, answer -14
look num0 pair: out 30, passage -15, more -22, option -13, answer -30, feedback -18, row -38, keys 14
look num0 phrase: out -17, option -29, wrapped -28, feedback -14, facts -20, row -59, keys -44
look num0 phrase box: stem -26, more 34, option -24
look num0 phrase bullet: out -40, stem -45, option 23, answer -43, feedback -20
look num0 phrase cue-answer: stem -45, more 85, option -22, answer -39
look num0 phrase let1-first: stem -38, more 27, option -17
look num0 phrase num0: out -48, stem -40, option -38, answer 24, feedback -100
look num0 phrase phrase: out -13, stem -31, feedback -16
look num0 phrase short: out -50, stem -25, more 24, option -15, answer -72, feedback -25
look num0 phrase_ num0: out -62, more 33, option -45, answer -16, feedback -88
look num0 rom1-first: more 12, option -30, row 25
look num0 rom1-first rom1: stem -18, more 12, option -30, row 25
look num0 rule: out -42, stem 19, more -21, option -36, answer -70, feedback -19, row -41, lines 35, keys -29
look num0 rule cue-sample: more -17, lines 17
look num0 rule rule: more -47, lines 34
look num0 sentence: passage -18, option -74, feedback -104, row -24
look num0 sentence edge: stem -33, more -25, option -29, answer -23, feedback -40
look num0 short: out -49, passage -21, more 22, option -71, wrapped -56, feedback -26, facts -48, row -68, keys 76, remark -15
look num0 short box: out 42, more -32, option -45, answer -40, keys -14
look num0 short bullet: stem -15, more 43, option -40, answer -25
look num0 short cue-answer: out -18, more 81, option -47, answer -39
look num0 short edge: option -53, answer -60, feedback -25, keys 23
look num0 short let1-first: more 34, option -33
look num0 short num0: out -67, stem -27, option -73, wrapped -36, answer 14, feedback -51, facts -39, keys 23
look num0 short num0-again: out -24, more 20, option -13, answer -14
look num0 short num1-first: out -17, stem -21, more 24, answer -19
look num0 short rule: out -13, more 34, answer -26
look num0 short short: out 48, stem -57, more -120, wrapped -39, answer -128, facts -14
look num0 short-sentence: out 17, passage -14, stem -49, more 39, option -42, wrapped -26, answer -101, feedback -13, hint -21, row -38, keys -30, remark -20
look num0 short-sentence num0: out -30, more -25, option -18, wrapped -23, answer -50, keys 44
look num0 short-sentence_ num0: more 78, option -33, answer -49, feedback -64
look num0 short_ cue-answer: out -20, more 27, option -14, answer -14
look num0 short_ let1-first: out -27, stem -37, more 45, answer -22
look num0 short_ num0: out -88, stem -13, more 12, option -57, feedback 13, keys -37
look num0 table-pairs: out -28, stem 19, row 26, keys -15
look num0 table-pairs table-pairs: out -52, row 29, keys -15
look num0 table-ticks: out -51, stem 26, option -13, row 64
look num0 table-ticks rule: out -42, option -13, row 61
look num0 table-ticks table-ticks: row 16
look num0 text: out -74, passage -35, stem -30, option 47, wrapped -39, answer 19, feedback -98, facts -15, row -45
look num0 text asks: stem -19, more 19
look num0 text phrase: out -39, stem -54, more -43, option 50, wrapped -39, answer -49, feedback -34, keys -36
look num0 text short: stem -22, more 95, option -38, answer -59, feedback -42
look num0 text text: out -52, passage -18, stem -63, more 47, option -53, answer -21, keys -39
look num0 text_ num0: out -17, more 24, answer -20, feedback -37
look num0 ticked: out -33, more -28, option 34, keys -21
look num0 ticked box: more -23, option 52, answer -39
look num0 truth: out 19, stem 19, option -14, answer -21, keys -13
look num0 truth_ num0: out -47, more -50, answer 52
look num0 word0: out 47, stem -78, option -57, answer 28, facts -38, row -52, keys -45
look num0+: out -14, passage -40, stem 29, option -15, wrapped -41, answer -33, feedback -40, hint -20, facts -99, bank -24, lines -21, keys -16, remark -32
look num0-again: out -32, passage -53, more -105, wrapped -35, answer -59, feedback -61, hint -52, facts -72, bank -55, lines -52, remark -52
look num0-again _cue-answer: out 37, answer 17, bank -19, keys -19
look num0-again _let0: out -45, stem -54, option 56, answer -14, keys -52
look num0-again _let0 let0: out -45, stem -54, option 56, answer -14, keys -52
look num0-again _let1-first: out -37, stem -32, option 46, answer -40, row -43
look num0-again _let1-first let1: out -37, stem -32, option 46, answer -40, row -43
look num0-again _num0: out -32, answer 33, keys -33
look num0-again _num0-again: stem 55, option 14, answer -36, row -37, keys -56
look num0-again _section: out 36, stem -30, keys -24
look num0-again _short: stem -40, option -15, answer 21, keys -17
look num0-again cells: out -80, stem 25, more 30, option -53, wrapped -24, answer -33, row -27, keys -84
look num0-again cue-answer: out -96, stem -37, more -17
look num0-again cue-answer edge: option -15, answer -13, keys 15
look num0-again cue-answer num0-again: option -52, answer 64, keys -45
look num0-again cue-answer_ text: option -12, answer 37, keys -25
look num0-again edge: out -41, stem -20, option -19, answer 22, row -28
look num0-again let-lone: out -30, stem -34, more -56, option -15, wrapped -13, facts -20, row 51, keys -27
look num0-again let1-first: out -56, answer 15, feedback -16, row -71
look num0-again let1-first let1: out -35, stem -81, answer 15, feedback -16, row -56
look num0-again num-lone: out -78, more 16, option -57, answer 36, feedback -27, row -19, keys -13
look num0-again num0-again: passage -45, stem -30, more -66, wrapped -27, answer -117, feedback -49, hint -45, facts -53, bank -46, lines -45, remark -45
look num0-again num0-again cue-answer: out -43, stem -26, answer -51
look num0-again num0-again edge: out -20, option -19, answer -45, row -14
look num0-again num0-again let-lone: out -68, stem -21, option -24, answer -27, row 32, keys -15
look num0-again num0-again num-lone: out -33, more -32, option -48
look num0-again num0-again num0-again: passage -20, stem -14, more -20, answer -26, feedback -23, hint -23, facts -24, row -17, bank -24, lines -23, remark -23
look num0-again num0-again phrase: out -51, stem -54, option 45, keys 40
look num0-again num0-again sentence: out -24, keys 14
look num0-again num0-again short-sentence: out -26, option 13, keys 21
look num0-again num0-again_ cue-answer: stem -40, option -40, row 41, keys 28
look num0-again num0-again_ let0: stem -48, option 52, row -52
look num0-again num0-again_ num0: out -36, stem -46, answer -29, row 47, keys -44
look num0-again num0-again_ section: out -47, stem 27, option 20, keys -24
look num0-again num0-again_ short: out -63, stem 33, option -45, answer -17, row -25, keys -23
look num0-again num1-first: out -50, stem 20
look num0-again num1-first num1: out -13, stem -15
look num0-again phrase: out -46, wrapped -17, answer 38, feedback -46, row -19
look num0-again sentence: out -20, answer -59, feedback -19, keys 30
look num0-again short: out 60, stem -42, more -37, option 23, wrapped -17, answer -82, feedback -16, row -37, keys -31
look num0-again short num0-again: out -54, stem -27, more 16, option 35, wrapped -12, answer -14, keys 51
look num0-again short-sentence: out -17, more -40, wrapped -31, answer -71, hint -37, keys 43, remark -26
look num0-again text: out 34, stem -33, answer -24, feedback -17
look num0-again+: out -14, passage -33, more -67, wrapped -19, answer -13, feedback -35, hint -33, facts -48, bank -33, lines -33, remark -33
look num0-again_ cue-answer: out -35, stem -23, option -44, row 39, keys 26
look num0-again_ let0: stem -48, option 52, row -52
look num0-again_ let1-first: out -49, stem 41, option 56, answer -13, facts -18, row -46
look num0-again_ num0: out 18, stem -46, option -14, answer -51, row 47, keys -44
look num0-again_ num0-again: out -62, stem 61, option 57, answer -18, row -22, keys -65
look num0-again_ section: out -67, stem 50, option 18, row -18, keys -26
look num0-again_ short: out -63, stem 33, option -45, answer -17, row -25, keys -23
look num0-again_+: out -44, stem 38, more -13, option 21, answer -123, feedback -28, facts -26, bank -22, keys -41
look num0_ box: out -50, stem 76, more 16
look num0_ bracketed: out 33, facts -29, keys -32
look num0_ bullet: out 43, stem -32, more -18, option -20, answer -34, facts -16, row 24
look num0_ capitals: out 17, stem -62, more -33, option -53, answer -16, row -34, keys 27
look num0_ cells: out -35, stem 19, option 18, answer -30, facts -21, row 13, keys -51
look num0_ chatter: out -48, keys 17
look num0_ cue-answer: out -24, stem -22, more -42, option 18, answer -60, facts -20, row 26, keys -31
look num0_ cue-level: out 33, stem -59, option -27, answer -35, facts 21, row -67, keys -37
look num0_ cue-sample: out -47, stem 48
look num0_ heading: out -74, stem 18, option -63, answer -65, facts -13, row -19, keys 26
look num0_ key-title: out -67, stem 20, keys -27
look num0_ let-lone: out 17, stem -18, more -29, option -39, answer -29, facts -15, row -48, keys 20
look num0_ let0: out -35, stem -64, more 20, option 50, answer -35, facts -15, row -42, keys -22
look num0_ let1-first: out -24, stem 21, option 45, facts -17
look num0_ num-lone: stem -25, option -38, answer -15, facts -19, row 37
look num0_ num0: out -95, passage -29, stem 84, more -37, answer -15, feedback -40, hint -30, facts -61, row -82, bank -19, lines -19, keys -27, remark -19
look num0_ num0-again: out 15, stem -27, option 29, answer 18, keys -39
look num0_ num1-first: out 54, passage -13, stem -35, option -42, answer -50, facts -33, keys -26
look num0_ number: out -14, option 27, keys -27
look num0_ phrase: out -100, stem 42, more -19, facts -12, row -33, keys -20
look num0_ rom-lone: out 15, row -21, keys -23
look num0_ rule: out -73, stem 44, option -27, answer -21, row 32, keys -15
look num0_ section: out -43, stem 38, more -52, option -40, answer -48, keys -31
look num0_ short: stem -21, option -54, answer 28, facts -20, row -12, keys -16
look num0_ short-sentence: out -33, option -23, answer -61, facts -20, row 21, keys -40
look num0_ truth: out -27, stem 61, option -42
look num0_ word-lone: out 26, option -19, facts -24, keys -24
look num0_ word0: out 73, stem -54, option -28, answer -42, facts -46, row -44
look num0_+: passage -44, more -85, wrapped -14, answer -20, feedback -59, hint -34, facts -17, row -39, bank -29, lines -27, keys -22, remark -29
look num1: out -42, passage -63, more -65, wrapped -87, answer -34, feedback -37, hint -54, facts -101, bank -64, lines -52, keys -38, remark -73
look num1 _capitals: out 79, answer -76, keys -21
look num1 _cue-answer: answer 41, bank -29, keys -32
look num1 _field: out 53, passage -38, stem -41, answer -45, feedback -29, facts -21, row -21
look num1 _let0: out 41, stem -37, option -69, answer -12, row -28, remark -13
look num1 _let1-first: out -37, stem -44, option 61, answer -30, row -20
look num1 _let1-first let1: out -37, stem -44, option 61, answer -30, row -20
look num1 _num0: stem 68, option -67, answer -49, facts -35, keys -29
look num1 _num0 num1-first: out -30, stem 27
look num1 _num0_ num0: out 49, option -47, answer -42, facts -19, keys -20
look num1 _num1: out 17, more -37, option -27, answer -31, facts -19, row -20
look num1 _rom0: option -14, answer -12, row -18
look num1 _section: out 18
look num1 _section_ num0: out 17
look num1 _word0: out 14, stem -29, answer -49
look num1 box: out -13, option -32, answer -26, row -16
look num1 box box: option 22
look num1 bracketed: out -46, answer -25, feedback 36, bank -41, keys -55
look num1 bullet: out -47, stem 53, more -24, option -34, answer -25, row -25
look num1 bullet bullet: out -35, stem -64, more -24, option 40, answer -13, row -15
look num1 cue-answer: out -58, stem -83, answer 34, bank -24, keys -53
look num1 cue-answer edge: answer 33, keys -29
look num1 cue-answer_ num0: answer 38, bank -23, keys -23
look num1 cue-answer_ word0: option -15, answer 20
look num1 cue-difficulty: out -57, stem 38, more -20, option -26, answer -58, feedback -23, facts 57, row 27, keys -36
look num1 edge: out -65, stem -34, option 40, answer -53, feedback -24, keys -35
look num1 let-lone: out -49, passage -14, stem -25, more -71, option -12, answer -60, row 51, keys -38
look num1 let-lone cue-answer: more -24, option -15, answer -24, row 21
look num1 let0: out -32, stem 71, option -17, wrapped -14, answer -53, feedback -40, facts -21, keys -21
look num1 let1-first: option 17, row -14
look num1 let1-first let1: option 20
look num1 let2-first: stem 51, more -44, option -22, wrapped -55, facts -34, row -18, keys -29
look num1 let2-first let2: stem -37, more -44, wrapped -33, facts -30, row -26, keys -29
look num1 num-lone: out -46, stem -60, more -33, option -17, answer 74, feedback -65, keys -39
look num1 num0: out -48, stem -42, more 25, option 51, answer 27, feedback -51, hint -17, row -30, keys -40
look num1 num1: out -32, passage -25, stem -20, more -37, answer -21, hint -14, facts -46, bank -22, lines -14, remark -49
look num1 num1 cue-answer: stem -84, option 14, answer -27, keys -22
look num1 num1 edge: out -44, stem -39, option 31, answer -45, feedback -24, keys -26
look num1 num1 let-lone: stem -14, option -24, row 27
look num1 num1 let0: stem -93, option 49, feedback -19, facts -19, row -43, keys -22
look num1 num1 num0: out -18, stem -30, option 31, answer -25, row -22, keys -15
look num1 num1 num1: out -37, stem -13, more -15, option -12, answer -72, feedback -54, row -22, keys 52, remark -13
look num1 num1 short: out -44, more -33, option -43, answer -15, feedback 42, row -18, keys -38
look num1 num1_ cue-answer: stem -59, option -17, answer -14, row 20
look num1 num1_ let0: out -49, stem 14, answer -65, feedback -32, row -18, keys 37
look num1 num1_ let1-first: stem -46, more -17, option 53, answer -14, row -38
look num1 num1_ num0: out -20, stem -75, answer -39, feedback -39, facts -12, row 15, keys -19, remark -19
look num1 num1_ section: out -49, stem -42, option 24, answer -67, feedback -35, keys 36
look num1 num1_ word0: out -50, more -23, option -31, answer 17, feedback -54, row 14, keys -37
look num1 phrase: out -54, stem -32, option 20, wrapped 19, answer -45, feedback 38, facts -19, row -30, keys -33
look num1 short: out 35, stem -17, more 53, option -55, wrapped -55, answer -42, feedback 47, facts -40, row -31, keys -44
look num1 text: out -55, passage -13, more -55, option 41, wrapped 33, feedback -58, row -42, lines -13
look num1+: out -37, passage -25, more -32, wrapped -43, answer -63, hint -20, facts -63, bank -32, lines -24, remark -31
look num1-first: out -56, passage -30, more -55, option 12, wrapped -19, answer -38, feedback -79, hint -34, facts -76, row 18, bank -38, lines -40, keys -39, remark -54
look num1-first _num1: out 22, stem 29, option -22, answer -36, row -29, keys -34
look num1-first _num1_ num1: out -49, stem 55, option -21, row -14
look num1-first box: stem 30, option -29, row -15
look num1-first bullet: stem 31
look num1-first bullet bullet: stem -32, option 45
look num1-first cue-answer: out -22, stem 31, answer 32, row -25
look num1-first cue-difficulty: out -13, answer 17, facts 23, row -24, keys -13
look num1-first let-lone: option 12, row -17
look num1-first let2-first: out 13, stem 29, more -23, option -24, answer -53, facts -23, row -17, keys -23
look num1-first let2-first let2: out 21, stem -16, more -20, answer -50, keys -18
look num1-first num1: out -27, passage -18, stem -33, more -95, option 15, wrapped -16, answer -33, feedback -72, hint -23, facts -39, row 17, bank -20, lines -21, keys -18, remark -42
look num1-first num1 num1: out 17, more -19, answer -26, feedback -29, facts -13, keys -12, remark -20
look num1-first short: out -45, stem -20, more 28, option 30, wrapped -17, answer -24, facts -14, row -18, keys -16
look num1-first+: out -45, stem -16, more -57, option 18, answer -22, feedback -49, hint -21, facts -51, bank -21, lines -22, keys -14, remark -34
look num1-first_ num1: passage -17, stem 71, option -55, answer -19, feedback -23, facts -23, row -48, keys -43
look num1-first_+: passage -17, stem 69, more 14, option -59, answer -24, feedback -29, facts -24, row -50, keys -44
look num1_ capitals: out -63, option -51, answer -52, feedback -38, row 51
look num1_ cue-answer: stem -35, more 25, option -21, answer -52, row 19
look num1_ field: option 38, answer -30, feedback -21, facts -21, row -33
look num1_ let0: out -61, stem 15, answer -65, feedback -32, row -18, keys 37
look num1_ let1-first: stem -46, more -17, option 53, answer -14, row -38
look num1_ num0: out -34, option 20, answer -61, feedback -40, facts -15, keys -25, remark -20
look num1_ num1: out 30, option -55, answer -44, feedback -22, row -34, keys -31
look num1_ rom0: out -67, stem 91, more -13, option -92, answer -42, feedback -37, row -32, keys -20, remark -14
look num1_ section: out -49, stem -42, option 24, answer -67, feedback -35, keys 36
look num1_ word0: out -59, more -27, option -29, answer 17, feedback -63, row 13, keys -37
look num1_+: passage -27, stem 28, more -29, answer -15, feedback -92, hint -18, facts -39, row -30, bank -19, lines -16, keys -66, remark -29
look num2: out -50, stem -88, more -25, option 19, answer -98, feedback -52, facts -80, keys -45
look num2 num2: out -36, stem -56, more -13, option 18, answer -63, feedback -29, facts -49, keys -30
look num2+: out -23, stem -53, more -13, option 19, answer -45, feedback -22, facts -45, keys -23
look num2-first: out -19, stem -58, more -62, option 27, answer -54, feedback -42, facts -58, row 13, bank -19, lines -22, keys -15
look num2-first num2: out -17, stem -46, more -43, answer -41, feedback -33, facts -37, row 17, bank -14, lines -13, keys -21
look num2-first num2 num2: out -13
look num2-first+: out -15, stem -45, more -42, option 16, answer -38, feedback -27, facts -33, row 16, bank -14, lines -13, keys -15
look number: out -51, passage -52, stem -79, more 26, feedback -89, hint -18, facts -96, row -47, bank -37, lines -28
look number _asks: out -22, stem 27
look number _let0: out -16, stem 17
look number _num0: out -51, stem 59, option -31
look number _num0 let1-first: stem 13
look number _word0: out -28, stem 16
look number cue-answer: keys -19
look number edge: out -39, passage -19, more -55, answer 19, keys 20
look number num0: out -47, more -67, option 32, answer 41, facts -17, keys -51
look number number: out -46, stem -27, more -96, option 120, answer -131, feedback -15, facts -22, row -20, keys -60
look number number cue-answer: option 12, answer -14
look number number number: out -14, option 18, answer -16, keys -18
look number short: out -23, stem -48, more -56, option 46, answer -44, keys -17
look number+: out -42, passage -37, stem -54, more 14, option 30, answer -33, feedback -31, facts -55, row -22, bank -21, lines -19, keys 20
look number_ asks: out -15, more -46, option -12, answer 16
look number_ let0: out -41, more -71, answer 42
look number_ num0: out 31, more 16, option -142, answer -27, feedback -27, hint -15, facts -17, keys -37
look number_ word0: out -20, keys -14
look number_+: passage -15, stem -12, more -13, option -42, answer 27, feedback -44, hint -15, facts -39, row -42, bank -18, keys -122
look pair: out 18, stem -32, more 40, wrapped -23, answer -161, feedback -20, hint -50, facts -74, bank -26, lines -32, keys -22, remark -52
look pair _cells: out 42, passage -18, stem -44, answer -16, bank -39
look pair _heading: out 31, facts -16
look pair _let-lone: out -25, stem 32
look pair _num-lone: out 36, stem -31
look pair _num0: out -39, stem 40
look pair _num0_ num0: out -27, stem 27
look pair _section: out 63, stem -40, facts -30
look pair _short: out 58, passage -32, stem -48, answer -71, feedback -13, facts -15
look pair _text: out 62, passage -31, stem -57
look pair _word0: out -74, stem 37, answer -23, facts 13
look pair _word0 let1-first: out -27, stem 27
look pair bracketed: out 27, stem -15, answer -28, feedback -54, keys -42
look pair cells: out 14, stem -57, more 40, option -29, answer -31, feedback -20, row -69, keys -47
look pair colon: stem -38, more 24, row -19
look pair colon pair: stem -30, more 15
look pair edge: passage -89, more 16, option -22, answer -28, feedback -80
look pair field: passage -50, stem 13, more -48, option -22, answer -49, feedback -31, facts -49, bank -15, keys -18
look pair heading: out 71, passage -27, stem -33, option -17, feedback -49, facts -51, keys -47
look pair heading edge: out 17, keys -17
look pair identity: out 36, stem -20, more -21
look pair let-lone: out 23, passage -19, stem -42, more 12, option 45, answer -49, row -31
look pair num-lone: stem 40, more -38, option -41, answer -24, feedback -13, facts 42, keys -29
look pair num0: out -33, passage 14, stem -31, feedback -28, facts -28, row -36, keys 33
look pair pair: out -21, passage -74, stem 22, more -121, option -41, answer -36, feedback -81, facts -42, keys -44
look pair pair edge: out -13, stem -55, feedback -15, row 26
look pair pair pair: out -71, stem 31, more -109, option -19, facts -18, keys -24
look pair phrase: out -28, passage -37, stem -40, more -37, option -55, answer -38, feedback 38, facts -15, row -22, keys 13
look pair rule: out 52, passage -43, stem -35, feedback -35, row -46, keys -12
look pair sentence: out 54, stem -54, answer -17, feedback -19, keys -31
look pair short: stem -33, more 27, option -15, row -17
look pair short-sentence: out 13, passage -12, stem -32, more -25, option -25, answer -40, feedback 22, row -20, keys -52
look pair text: out -18, passage -30, stem -24, more 26, option -17, answer -66, feedback 22, row -31, keys -44
look pair word0: out 37, stem 13, facts -33
look pair+: stem -24, more 40, answer -84, feedback -27, facts -50, bank -13, lines -16, remark -13
look pair_ cells: out -60, passage 36, stem -22, feedback 42, keys -21, remark -17
look pair_ heading: out 32, stem -33, feedback -25, keys 19
look pair_ identity: out 35, stem -14
look pair_ let-lone: out 52, passage -43, stem -55, answer -26, facts -13, row -21, bank -13
look pair_ num-lone: out 44, stem -25
look pair_ num0: passage 30, stem -39, more -19, answer -22, feedback -18, hint -14, row -40, keys -46
look pair_ section: out 30, stem -54, feedback 21, row -17, keys -20
look pair_ short: out 27, passage -22, stem -26, more -23, feedback -22, keys -21
look pair_ text: out -31, passage -39, stem -27, more -25, feedback 17, row -35, keys 28
look pair_ word0: out 46, passage -58, stem -49, more 17, option -20, answer -14, feedback -52, facts -13, row -33, bank -16, keys -38
look pair_+: out 33, passage 23, more -42, option -36, answer -80, hint -29, facts -33, row -70, bank -37, keys -39, remark -21
look phrase: passage -15, stem -34, option -15, wrapped 29, answer -30, hint -75, facts -85, row -51, bank -84, lines -59, keys -53, remark -39
look phrase _asks: out -19, stem 22, more -21
look phrase _box: out -32, option 40
look phrase _box box: out -32, option 40
look phrase _bullet: out -29, option 33, remark -16
look phrase _bullet bullet: out 27, stem -50, option 35
look phrase _capitals: out 89, option -18, answer -69, facts -14, keys -28
look phrase _cue-answer: answer 56, keys -47
look phrase _field: passage -48, stem 28, more -15, answer -13, facts -49
look phrase _heading: stem -21, facts -99, keys 12
look phrase _let-lone: out 45, passage -30, stem -12, answer -18
look phrase _let0: out -56, stem -26, option 36, keys -21
look phrase _let0 let0: out -46, stem -30, option 37, keys -20
look phrase _let1: stem 17, option -13
look phrase _let1-first: out -33, stem -18, option 26
look phrase _let1-first let1: out -33, stem -18, option 26
look phrase _num-lone: out 51, stem -60, option 36
look phrase _num0: out -102, stem 32, answer -17, facts -64, row -38, keys 28
look phrase _num0 let1-first: out -18, stem 18
look phrase _num0 num0: out -83, option 12, row -36, keys 33
look phrase _num0 short: out -22, stem 52, option -26
look phrase _num0_ num0: stem 17
look phrase _pair: out -23, passage -64, keys 37
look phrase _phrase: out -36, passage 39, stem -17, more -49, option 28, answer -48, feedback -30, facts -25, keys -63
look phrase _phrase phrase: out -38, stem -43, option 41
look phrase _phrase_ phrase: out -22, passage 19, stem -17
look phrase _rom-lone: out 21, keys -12
look phrase _rom0: stem 21
look phrase _rule: out 23
look phrase _section: out 72, stem -52, facts -13
look phrase _section_ num0: out 45, stem -45
look phrase _sentence: out -39, passage -21, stem -39, answer -38, feedback 47, keys -17
look phrase _short: passage -26, stem -71, answer 30, facts -59, keys -31
look phrase _short short: out -46, stem -43, option 57, answer -44
look phrase _short-sentence: out -16, passage 62, option -39, answer -88, feedback -68, hint -12, keys -52
look phrase _short-sentence_ phrase: out -17, passage 26, stem -19
look phrase _text: out 31, passage -53, stem -21, more -76, option -32, answer -58, feedback -18
look phrase _word0: out -30, answer -14
look phrase arrow: out -70, stem 28, wrapped -64, answer 28, feedback -43, facts -31, row -31, keys -13
look phrase asks: passage -15, more 16, answer -75, feedback -12, facts -20
look phrase asks let1-first: stem -18, more 19, option -35
look phrase box: out -72, stem -39, option 57, answer -73, feedback -48
look phrase box box: out -16, stem -14, option 18
look phrase bracketed: passage -14, stem -28, more -40, feedback -49, row -35, bank -25, keys 26
look phrase bullet: out -40, passage -32, stem 21, more 38, option -26, wrapped -42, feedback -81, facts -22, row -20, keys -36
look phrase bullet bullet: out -33
look phrase cells: out 15, passage -35, stem -85, more 32, answer -60, feedback -42, facts -25, row 30, keys -34
look phrase chatter: out 63, passage -17, stem -30, more -44, answer -46, feedback -43, keys -49
look phrase chatter edge: out 26, keys -25
look phrase cue-answer: out -68, stem 41, more -30, option 35, answer 40, feedback -35, row -48, keys -65
look phrase cue-answer edge: option -50, answer 37, keys -33
look phrase cue-answer_ num0: option -26, answer 28
look phrase cue-answer_ text: option -30, answer 39, keys -17
look phrase cue-difficulty: out -62, passage -33, stem -42, option -52, answer 55, feedback -54, row -38, keys -22
look phrase edge: out 14, passage -114, stem -70, more -47, option 13, wrapped -26, answer -60, feedback -21, row -13
look phrase field: passage -29, stem -15, more -21, option -21, answer -72, feedback 46, facts -35, keys -30
look phrase heading: out -26, passage -51, stem 26, option -14, answer -35, feedback -31, facts 21, keys -51
look phrase identity: out 14
look phrase let-lone: stem 30, more 39, option -37, answer -16, feedback -49, facts -14, keys -15
look phrase let0: out -39, passage 12, stem 64, option -26, answer -53, feedback 18, row -19, keys -48
look phrase let0 let0: out 36, stem -44, option 28, keys -50
look phrase let1: stem -18, more -30, option -16, wrapped 25, answer -58, feedback -38, row -32
look phrase let1-first: out -48, stem 24, more 48, option -60, wrapped -30, answer -32, feedback -26, facts -14, row -29
look phrase let1-first let1: out -40, stem -62, option 88, answer -21
look phrase num-lone: passage -21, stem -66, option -19, answer 31, feedback -15, keys -39
look phrase num0: passage -57, stem -63, more -26, option -31, answer 26, feedback 15, facts -36, row -67, lines -15, keys -50
look phrase num0 asks: stem 15
look phrase num0 num0: out -52, stem -45, option 64, row -18
look phrase num0-again: out -25, option 17, answer -41, feedback -38, row -34
look phrase num0-again num0-again: out -23, stem -66, option 42, row -22, keys -18
look phrase num1-first: out -29, more 15, option 26, answer -32, feedback -21, row -31, keys -21
look phrase num1-first num1: stem -38, option 48, answer -13, row -30, keys -19
look phrase number: out -42, stem -43, more -28, keys 20
look phrase pair: out 29, passage -60, stem -26, more -20, option 41, answer -70, feedback -40, row -22, keys -31
look phrase phrase: out -14, passage 22, stem -45, more -18, option 40, wrapped 29, answer -141, feedback -105, facts -38, row -54, keys 23
look phrase phrase cue-answer: stem -44, option 56, wrapped -33, answer -49
look phrase phrase phrase: out -13, stem -34, more -24, option 28, wrapped -38, facts -13, keys -13
look phrase phrase short: out -12, stem -13, option 13
look phrase phrase text: out -27, stem -14, keys 26
look phrase phrase_ num0: out -26, passage -16, option 38, wrapped -32, answer -60, feedback -22
look phrase phrase_ phrase: out -71, stem -39, option 26, answer -15
look phrase rule: out 17, passage -22, stem -58, more 14, lines 12
look phrase sentence: out -26, stem -94, more -51, option -55, answer -16, feedback -74, facts -26, keys 57
look phrase short: out -18, passage -85, stem -72, option 56, wrapped -104, answer -43, feedback -95, facts -72, row -17, keys -60
look phrase short phrase: out -18, option 20, facts -16
look phrase short short: stem -14, more -13, option 19
look phrase short-sentence: out -26, passage 71, stem -77, more -32, option -47, wrapped -45, feedback -88, hint -13, facts -45, lines -14, keys -87, remark -15
look phrase short-sentence phrase: out -16, passage 16, stem -18
look phrase short_ num0: out -32, more -15, option 65, wrapped -18, answer -64, feedback -25
look phrase text: out 45, passage -112, more -35, option -14, wrapped -90, answer -159, feedback -134, facts -57, row -35, keys -14
look phrase text phrase: out -84, passage -15, more -29, option 22, wrapped -95, answer -40, feedback -55, keys -29
look phrase word0: out 18, passage -23, stem -29, more -13, option 12, wrapped -20, answer -59, feedback 38
look phrase+: stem -32, more -13, wrapped 27, answer -28, feedback 16, hint -20, facts -112, row -23, bank -41, lines -33, keys -28, remark -20
look phrase_ asks: out -18, passage -20, stem -49, answer 28, feedback -37, facts -13
look phrase_ box: out -33, stem 38, option -13
look phrase_ bullet: out -24, passage -47, option 21, wrapped -17, feedback -31
look phrase_ capitals: passage -13, stem -89, more 20, option 16, wrapped -24, answer -66, feedback 46, row -13, bank -14, keys -40
look phrase_ cue-answer: out -36, stem 36, more 31, option -15, answer -23
look phrase_ field: out -22, passage -42, stem 35, more 18, answer -53, feedback -37
look phrase_ heading: passage -28, more -13, option 33, answer -47, feedback -40, facts -12, keys -39
look phrase_ identity: out 34, stem -48
look phrase_ let-lone: out -29, passage -38, stem -39, option -36, answer -46, feedback 35, row -17
look phrase_ let0: out 38, passage -45, stem -23, more 32, wrapped -40, answer -47, feedback -55, facts -26
look phrase_ let1: out -29, stem -42, more 31, option 32, answer -66, feedback 17
look phrase_ let1-first: out -51, stem 28, more -22, option -21, answer -13
look phrase_ num-lone: out 20, passage -17, stem -48, answer 24, feedback -24, keys -22
look phrase_ num0: out -29, passage -77, stem -35, option -33, wrapped -42, answer 46, hint -20, facts -22, row -28, keys -15
look phrase_ pair: out 45, passage -18, stem -47, option -23, answer -16, feedback -35, keys -13
look phrase_ phrase: out -36, passage 39, more -48, option -31, answer -24, feedback -64, facts -30, keys 13
look phrase_ rom-lone: out 41, stem -47, answer -14
look phrase_ rom0: out 30, passage -22, stem -58, more -17, wrapped -35, answer 19, feedback -28, row -16
look phrase_ rule: out -28, more 54, wrapped -24, answer -37, feedback -28, keys -19
look phrase_ section: out 27, passage -38, answer -43, feedback -22, keys -26
look phrase_ sentence: out -33, passage 21, stem -71, answer 31
look phrase_ short: out -15, passage -26, stem 39, more 47, answer -84, feedback -87
look phrase_ short-sentence: out -34, passage 44, stem -30, option 43, answer -23, feedback -40, facts -14
look phrase_ text: out -22, passage -18, stem 44, more -25, option -28, answer -47, feedback -38, facts -14
look phrase_ word0: out 67, passage -44, stem -67, more 14, option 14, answer -75, feedback -37, facts -16, row -17, keys -16
look phrase_+: passage -25, option 13, wrapped -74, answer -15, feedback -36, hint -32, facts -33, row -59, bank -42, lines -15, keys -83
look rom-lone: out 48, passage -26, stem -14, more -48, option -67, answer -75, feedback -49, facts -26, row -58
look rom-lone _cue-level: out -13, facts 27
look rom-lone _let-lone: passage -14, answer -24
look rom-lone _num-lone: out -20, stem 35, keys -56
look rom-lone _num0: out -44, stem 52
look rom-lone _num0 cue-answer: stem 13
look rom-lone _section: out 30
look rom-lone _text: out 38, passage -21, stem -32, answer -14
look rom-lone _word-lone: out -57, stem 27
look rom-lone _word0: out -27, facts 14
look rom-lone bullet: out 18, more -21, row -22, remark -15
look rom-lone edge: stem -47, answer -15
look rom-lone num0: out -14, stem 31, option 40, answer -16, facts -13, row -38, keys -19
look rom-lone phrase: out -38, stem 38, more -25, facts -25
look rom-lone+: more -15, option -26, answer -39, facts -32, row -25
look rom-lone_ cue-level: out -47, stem 57, facts -12
look rom-lone_ let-lone: out 25, stem -20
look rom-lone_ num-lone: out 31, stem -17
look rom-lone_ num0: out 21, stem -34, option -19, answer -22, keys -31
look rom-lone_ section: stem 13, keys -13
look rom-lone_ text: out 24, stem -20
look rom-lone_ word-lone: out 28
look rom-lone_ word0: out 42, stem -30, option -25, answer -29
look rom-lone_+: out 37, passage -22, stem -21, more -28, option -42, answer -50, feedback -29, facts -15, row -18, keys -43
look rom0: passage -44, stem 43, more -53, wrapped -14, answer -74, feedback -82, facts -59, row -56, bank -31, lines -26, keys 15, remark -36
look rom0 _cue-answer: stem -16, option -15, answer 35, bank -38
look rom0 _let1-first: out -35, stem -40, option 62, answer -25, row -17
look rom0 _let1-first let1: out -35, stem -40, option 62, answer -25, row -17
look rom0 _num1-first: out -67, stem 35, option -64, facts -15, keys -23
look rom0 _rom0: out -57, stem 68, more -24, option -34, answer -23, keys -25
look rom0 _rom0_ rom0: out -21, stem 33, option -30, answer -22
look rom0 asks: out -19, more 59, facts -20, row -12
look rom0 box: out -29, stem 50, more -17, option -13
look rom0 box box: option 28
look rom0 bullet: out -28, more 27, option -25, feedback -13, remark -15
look rom0 bullet bullet: stem -48, more -31, option 34, feedback -13, remark -15
look rom0 cells: out -15, passage -50, stem 30, more -15, option -39, answer -51, facts -56, row -49, keys -25
look rom0 cells_ rom0: out -24, more 42
look rom0 cue-answer: out -52, stem 42, answer 33, row -16, bank -14, keys -33
look rom0 cue-answer edge: option -13, answer 34, keys -28
look rom0 cue-answer_ rom0: option -19, answer 31
look rom0 cue-sample: out -32, stem 27, more -15, answer 45
look rom0 cue-sample_ rom0: answer 37
look rom0 edge: out -39, stem 40, keys -28
look rom0 gap: more 16
look rom0 let1-first: out -59, stem 35, more -41, option 44, wrapped -26, answer -40, row -37, remark -16
look rom0 let1-first let1: out -20, stem -62, option 47, wrapped -16, answer -35, row -36
look rom0 num-lone: out -37, stem 25, more 26, option 14, answer -41, facts -62, keys -29
look rom0 num1-first: out 59, more -15, option -22, answer -42, feedback -16, facts -27, row -48, keys -23
look rom0 num1-first num1: out -50, stem 18, answer -37, feedback -16, row -47, keys -18
look rom0 phrase: out -24, option 15, answer -15, facts -16, row -14, bank -12
look rom0 rom0: out -54, stem -13, more -63, option 34, answer -36, facts -33, row -19
look rom0 rom0 rom0: out -21, stem -16
look rom0 rule: out -44, stem 46, more 24, answer -35, lines -22
look rom0 rule rule: more -29, lines 30
look rom0 short: out -46, passage -27, stem 36, more 15, answer -29, facts -43, keys -53
look rom0 short cue-answer: stem -17, more 58, option -34, answer -22
look rom0 short let1-first: more 14
look rom0 short_ rom0: out -22, stem -29, more 17, option -30, answer -40, feedback 22
look rom0 text: out -18, stem -27, more 42
look rom0+: out 13, passage -22, stem 33, more -40, wrapped -14, answer -55, feedback -23, facts -46, row -38, bank -17, lines -18, keys -50, remark -19
look rom0-again: out -60, passage -30, stem 29, more -39, option -97, answer -57, feedback -24, facts -52, row -29, bank -22, lines -27, keys 47, remark -51
look rom0-again rom0-again: out -32, passage -21, stem -35, more -23, option -66, answer -38, facts -38, row -29, keys 66, remark -35
look rom0-again rom0-again rom0-again: out -25, stem -17, option -30, answer -19, facts -17, keys 35, remark -14
look rom0-again short: out 38, passage -20, more -26, option -35, answer -52, feedback -15, facts -16, row -12, keys -17, remark -13
look rom0-again+: out -37, passage -19, stem 23, more -25, option -62, answer -35, feedback -13, facts -32, row -19, bank -13, lines -14, keys 30, remark -30
look rom0_ cue-answer: out -26, stem 53, keys -21
look rom0_ let1-first: out -42, stem 30
look rom0_ num1-first: passage -20, stem -35, option -18, answer -20, facts -16, keys 44
look rom0_ rom0: out -82, stem 95, option -33, answer -61, feedback -17, facts -12, keys -44
look rom0_+: passage -33, more -21, option -71, answer -49, feedback -45, facts -39, row -28, bank -21, keys 40, remark -21
look rom1: out -44, passage -21, stem -13, answer -49, feedback -46, facts -51, keys -30, remark -35
look rom1 rom1: out -32, passage -14, stem -45, more 13, option 14, answer -35, feedback -25, facts -23, keys -24, remark -28
look rom1+: out -21, answer -23, facts -26, row -18, keys -17, remark -19
look rom1-first: out -23, stem -37, more -19, answer -26, facts -35, bank -16, remark -22
look rom1-first rom1: out -26, stem -84, answer -29, facts -21, keys -18, remark -19
look rom1-first rom1 rom1: stem -43
look rom1-first+: out -22, stem -28, more -22, option 14, answer -25, facts -27, remark -13
look rule: out 19, passage -67, stem -61, more -24, option -62, wrapped -17, answer -39, feedback -102, hint -33, facts -133, row -30, bank -45, lines 61, keys -98, remark -24
look rule _capitals: out 73, answer -43, keys -13
look rule _cells: stem -43, keys 40
look rule _chatter: out 17, stem -13, answer -18, lines -15, keys -14
look rule _cue-answer: out -12, stem -18, answer 25, keys -21
look rule _cue-answer num0: answer -45, keys 31
look rule _cue-answer num0-again: answer -43, keys 44
look rule _cue-level: out -18, facts 20
look rule _cue-level num-lone: out -15, facts 15
look rule _cue-sample: out -31, stem -26, answer 47, keys -40
look rule _field-kind: out -69, stem -20, answer -21, facts 76
look rule _field-kind field-stem: out -62, facts 65
look rule _field-number: facts 24, keys -18
look rule _field-number field-kind: facts 21, keys -18
look rule _field-stem: out -32, stem 36
look rule _heading: out 22, stem -21, facts -105, keys -13
look rule _key-title: out -65, facts -12, keys 39
look rule _let-lone: out 49, passage -36, stem -44, keys -13
look rule _let0: out -39, stem -18, option -14, keys 34
look rule _num-lone: out 37, stem -13, answer -18, facts -27
look rule _num0: out -32, stem -36, option -47, answer -44, facts -25, keys 51
look rule _num0 let1-first: stem 12
look rule _num0_ num0: out 52, stem -36, option -45, answer -44, facts -22, keys -60
look rule _rom-lone: out 35, facts -14
look rule _rule: stem -54, lines 16, keys -30
look rule _section: out 122, stem -60, facts -70, keys -17
look rule _short: passage -96, stem 15, more -24, option -19, answer -49, feedback -20, facts -23, lines -13, keys -58
look rule _short-sentence: out 17, passage -66, answer -34, feedback -15, keys -66
look rule _short_ text: out 59, passage -36, stem -63, answer -30, keys -15
look rule _word-lone: out -33, facts 25
look rule _word0: out -74, stem -40, facts 57
look rule cue-answer: out -19, more 57, bank -43, lines -57
look rule cue-difficulty: out -17, more -22, facts 32, lines 39, keys -26
look rule cue-sample: out -35, stem -40, more -44, answer 66, lines 64, keys -40
look rule cue-sample sentence: answer 12
look rule cue-sample short-sentence: answer 21, keys -19
look rule edge: out 48, more -19, answer -32, lines -22
look rule field-number: out 57, passage -17, option -35, answer -43
look rule field-number field-stem: facts 12
look rule field-stem: out 69, more -41, option -16, answer -24, facts -26, lines -17
look rule num0: out -27, stem -20, more 31, answer -28, row -18, lines -24
look rule phrase: out -51, passage -20, more 28, option -15, answer 42, feedback -32, facts -19, lines -30, keys 22
look rule rule: out -67, more -90, answer -13, lines 123
look rule rule_ num0: out -21, lines 24
look rule rule_ section: out -16, lines 19
look rule short: out 28, stem -30, more -45, option -36, answer 16, feedback -20, facts -36, lines 40, keys -75
look rule table-ticks: more -34, answer -14, lines -21
look rule table-ticks table-ticks: out -43, row 49
look rule word0: out -35, more -35, facts 19, lines 43
look rule+: out -28, passage -29, stem -55, option -62, answer 24, feedback -18, hint -16, facts -69, row -14, bank -18, lines 22, keys -58
look rule_ bracketed: out 55, answer -36
look rule_ cells: out 21, answer -13
look rule_ chatter: lines 17
look rule_ cue-answer: out 87, stem -38, more 27, answer -40, lines -42
look rule_ cue-level: out -24, lines 24
look rule_ cue-sample: out -16, more -70, lines 66
look rule_ field-kind: out 52, stem -14, more -27, option -26, answer -19, feedback -14, facts -31, lines -21
look rule_ field-number: out 77, answer -22, feedback -13
look rule_ field-stem: out 52, more -27, lines -18
look rule_ heading: more -37, answer -35, lines 23
look rule_ key-title: stem -21, more -13, answer -56
look rule_ let0: more -13, lines 27
look rule_ num-lone: out 47, option -31, answer -27
look rule_ num0: out 28, stem -32, more -26, option -37, answer -28, lines 53, keys -31
look rule_ rule: out -12, lines 13
look rule_ section: out 29, more -41, answer -16
look rule_ short: out 26, answer -17, feedback -16, lines -27
look rule_ short-sentence: out -13, more -22, lines 14
look rule_ table-down: out 33, option -14
look rule_ word-lone: out 27
look rule_ word0: more 22, answer -15, lines -29
look rule_+: out 42, passage -17, stem -43, more -31, option -46, answer -135, feedback -49, facts -49, row -37, lines 30, keys -42
look section: out 18, passage -37, more -45, option -40, answer -53, feedback -55, hint -23, facts -34, row -40, bank -27, keys 25, remark -24
look section _asks: out -33, stem 38
look section _bullet: option -41, remark -13
look section _capitals: out 24, facts -14
look section _cue-level: out -61, facts 64
look section _cue-level num-lone: facts 12
look section _field: stem 13, facts -41
look section _field-number: facts 15
look section _heading: facts -47, keys 19
look section _identity: out 38, stem -35
look section _let-lone: out -41, passage -15, stem 41, keys -12
look section _let0: out -67, stem 34, row -13
look section _num-lone: out -46, stem 52, keys -46
look section _num-lone short: out -13, stem 24
look section _num0: out -136, option -14, facts -14, row 41
look section _num0 cue-answer: stem 28
look section _num0-again: out -52, stem -25, keys 31
look section _num0_ num0: out -13, stem 33
look section _phrase: out 33, passage -23, stem -27, option -14, answer -29, facts -12, keys -19
look section _rom0: out -26, stem 27
look section _section: out 53, stem -49
look section _sentence: out 70, passage -46, stem -56, answer -15, feedback -17, keys -38
look section _short: passage -29, stem 17, answer -64, facts -40, keys -17
look section _short-sentence: out 64, passage -37, stem -64, answer -26, feedback -30, hint -14, keys -41
look section _text: out 15, passage -19, stem -14
look section _word-lone: stem -42, facts 35
look section _word-lone let-lone: stem -20, facts 32
look section _word-lone let1-first: out -22, stem -28, facts 28
look section _word0: out -64
look section _word0 asks: stem -32, facts 38
look section _word0 let1-first: out -27, stem -59, facts 70
look section _word0-again: stem -21, facts 22
look section bullet: option -23, facts -36, keys -16
look section chatter: out 28, stem -13
look section cue-level: out -29, stem -35, option -12, answer -18, facts 27, row -21
look section edge: stem -37, more -28, keys 15
look section field: out 96, stem -74, facts -45
look section heading: out 32, keys -20
look section identity: out 14
look section let0: out 41, stem -28
look section num-lone: out -48, stem 63, more -29, option -27, answer -23, facts -58, row -41, keys -23
look section num0: out 26, stem 44, more -22, option -23, answer -50, feedback -46, facts -116, row -44, keys -83
look section num0 cue-answer: out -47, stem 54, keys -16
look section num0 let1-first: out -25, stem 25
look section num0 num0: out -83, stem 51, row -29, keys -31
look section num0-again: out 22, stem 27, facts -18, row -37, keys -41
look section num0-again num0-again: out -84, stem 43, row -33, keys -36
look section phrase: out 27, stem -65, option -19, row -13, keys -21
look section section: out -61, stem -26, facts -12, keys 67
look section sentence: out -35, passage -19, answer -21, feedback -50, facts 46, keys -46
look section short: out 67, stem -60, option -19, answer -40, feedback -22, facts -37, keys -31
look section short-sentence: out 19, passage -28, answer -21, feedback -27, facts -55, row -22, remark -25
look section+: out 16, passage -15, stem -42, more -30, option -21, answer -87, feedback -53, row -31
look section_ asks: out 64, stem -52
look section_ bullet: out 95, stem -61, answer -12, keys -27
look section_ cells: out 21, stem -16
look section_ cue-level: out 40, stem -25
look section_ field: out 43, stem -38
look section_ field-number: out 70, stem -20, facts -46
look section_ heading: out 29, stem -26
look section_ identity: out 31, stem -15
look section_ let-lone: out 45, stem -35
look section_ let0: out 97, stem -69, answer -15, keys -17
look section_ num-lone: out 55, stem -21, more -19, answer -17, keys -14
look section_ num0: stem 35, option -13, answer -29, feedback -24, facts -18, keys -20
look section_ num0-again: out 37, stem -29, keys -29
look section_ phrase: out 36, stem -21
look section_ rom0: out 62, stem -42, keys -18
look section_ section: out 41, stem -47, keys -23
look section_ sentence: out 38, stem -20
look section_ short: out 15
look section_ short-sentence: out 45, stem -20, answer -18
look section_ text: out 43, stem -45, answer -23, facts -23, keys -15
look section_ word-lone: out 83, stem -59, facts -13
look section_ word0: out 61, stem -102, facts -20, remark -22
look section_+: out 39, passage -20, more -56, option -19, answer -44, feedback -28, facts -98, row -15, bank -17, keys -78, remark -23
look sentence: passage 15, stem -53, more -27, option -16, wrapped -47, answer -18, feedback -19, hint -84, facts -74, row -62, bank -68, lines -60, keys -24, remark -14
look sentence _cells: passage -56, stem 21, more -32, option -26, row -42, bank -34
look sentence _cue-answer: out -19, passage -16, answer 36, bank -35
look sentence _cue-level: out 13, passage -15, answer -19, facts 20
look sentence _heading: out 63, passage -14, facts -51
look sentence _let0: out -12, option 27, answer -26
look sentence _num0: out -24, option -32, answer -65, facts -14, row 15, keys -26
look sentence _num0 let-lone: out -18, stem 19
look sentence _num0 let1-first: out -34, stem 35
look sentence _num0_ cue-answer: out -16, stem 36, row -20
look sentence _num0_ num0: out -32, stem 38, answer -61
look sentence _pair: out 12, passage -59, stem 21, row -12, keys -33
look sentence _phrase: out 52, passage -28, stem -38, keys -16
look sentence _rom-lone: out 23
look sentence _section: out 37, stem -15
look sentence _sentence: stem -32, answer -23, feedback -20, row -15, keys -47
look sentence _sentence_ num0: out 15, stem -83, answer -21, feedback -20, row -15
look sentence _short: out 68, passage -71, stem -46, more -13, option -25, answer -75, facts -26, keys -34
look sentence _short-sentence: out 49, passage -51, option -13, answer -28, keys -42
look sentence _text: stem 45, more -64, answer -28, keys -26
look sentence _word0: out -16, passage -13, stem 13, answer -44, facts 15
look sentence bracketed: out -35, passage -19, stem 34, answer -77, feedback -63, bank -65, keys 37
look sentence cells: out 42, stem -32, more 16, option -27, answer -24, feedback -23, row -25, keys -53
look sentence chatter: out 97, passage -78, stem -39, feedback -22
look sentence cue-answer: out -69, stem 73, option -27, feedback -21, keys -25
look sentence cue-difficulty: out -22, stem -22, more -17, option -21, feedback 20, facts 18, remark -18
look sentence cue-sample: out -73, passage -14, stem 62, more -37, answer 20, feedback -17, row -15, keys -54
look sentence edge: out 36, stem -62, more -31, option -60, feedback -102, keys -34, remark -19
look sentence field: out 20, passage -17, stem -86, more -51, option 45, answer -84, feedback -53, facts -100, row -46, keys -50
look sentence gap: passage -41, stem 15, option -47, answer -58, feedback -27, facts -18, remark -28
look sentence heading: out 70, passage -28, stem -46, more -42, answer -41, feedback -39, facts -13, keys -41
look sentence identity: passage -48, stem -14, answer -19, feedback 14
look sentence let-lone: out -72, passage -41, stem 49, more 40, option 43, answer -37, feedback -16, row -29, keys -15
look sentence let0: out 20, passage -44, stem -15, more -41, option -15, answer -24, feedback 30, row -28, keys -42
look sentence let1-first: out -39, passage 26, more -13, option 53, answer -16, row -40
look sentence let1-first let1: out -17, option 55, answer -16, row -40
look sentence num-lone: passage -41, stem -35, more -28, answer -71, feedback 39, facts -33, keys -49
look sentence num0: out 31, passage 38, stem -31, more -24, option -39, answer -68, feedback -41, row 30, keys 38, remark -37
look sentence num0 num0: out -46, stem -51, more -60, option -32, row 45
look sentence num1-first: out -41, stem 23, more 34, answer -24, feedback -14
look sentence num1-first num1: stem -34, more -16
look sentence pair: out 47, passage -24, stem -50, more -43, answer -21, feedback -36, keys -16
look sentence phrase: out 15, passage -42, more 13, option -18, answer -66, feedback -48, keys -16
look sentence rule: out -29, passage -14, stem 39, more -40, option -39, answer -23, feedback -35, lines 41, remark -16
look sentence rule rule: more -20, lines 24
look sentence section: stem -64, answer 36, feedback -16, keys -29
look sentence sentence: out -22, passage 28, stem -69, more -36, answer -87, feedback 29, keys -35, remark -14
look sentence short: out 17, passage -30, stem -40, more -71, answer -65, feedback -52, facts -30, keys 53
look sentence short-sentence: out -58, passage 47, stem -73, more -17, option -36, answer 30, feedback 24, keys -21, remark -15
look sentence text: passage -23, stem -19, more 28, option -23, answer -53, feedback -52
look sentence+: more -58, wrapped -18, answer -17, feedback -33, facts -36, row -31, lines -23, remark 17
look sentence_ cells: out 32, stem -36, answer -44, feedback -55, keys -60
look sentence_ cue-answer: out -54, passage -32, more 34, option -16, answer -32, feedback -18
look sentence_ cue-level: stem -88, answer -16, feedback 34, remark -38
look sentence_ heading: out -36, passage 43, stem -43, more -18, answer -32, feedback 22
look sentence_ let0: out 42, passage -20, stem -35, option -18, answer -31, keys -51, remark -23
look sentence_ num0: out -25, stem -95, option 13, answer -22, hint -39, row -24, bank -22, keys 29, remark -19
look sentence_ pair: out 26, stem -18, more -17, answer -23
look sentence_ phrase: out 31, passage -21, stem -55, keys -36
look sentence_ rom-lone: out 38, passage -38, stem -72, answer -22, feedback 33
look sentence_ rom0: stem -93, more -36, option -27, answer -62, feedback 22, keys -13
look sentence_ section: out 44, passage -30, stem -110, answer -42, feedback 35
look sentence_ sentence: passage -13, stem 12, answer -35, feedback -33, row -15, keys -57
look sentence_ short: out 85, passage -76, stem -51, more -18, option -19, answer -65, feedback -76, keys -29
look sentence_ short-sentence: out 38, stem -75, more -51, answer -66, feedback -40, keys -44
look sentence_ text: out -15, passage -14, stem 13, answer -63, feedback 31, keys -43
look sentence_ word0: out -31, passage 14, stem -22, more -23, option -48, answer -81, feedback 34, keys -42, remark -23
look sentence_+: stem -38, option -29, wrapped -15, answer -34, feedback -18, hint -57, facts -41, row -38, bank -46, lines -27, keys -26, remark -54
look short: stem -30, more 31, wrapped 47, answer -23, hint -61, facts -47, row -92, bank -61, lines -78, keys -38, remark -55
look short _asks: out -44, passage -23, stem 35, facts -17
look short _box: stem -22, option 17
look short _box box: stem -22, option 17
look short _bullet: out 40, stem -25, more -13, option -58, remark -20
look short _bullet bullet: out 83, stem -77, option -28, remark -20
look short _capitals: out 106, passage -18, option -36, answer -95, bank -15, keys -20
look short _cells: out -19, passage -52, stem 36, more -21, option -51, answer -14, row -31, bank -36, keys -56
look short _cue-answer: stem -31, option -18, answer 65, keys -15
look short _cue-answer cue-difficulty: stem -13, answer 25
look short _cue-answer edge: answer 55, keys -50
look short _cue-level: out -28, stem -15, facts 46
look short _cue-sample: out -25, passage -17, stem -14, answer 28, keys -38
look short _field: passage 22, option -30, answer -30, facts -76
look short _field field: out -42, passage 45, stem -27
look short _field text: passage 62, stem -28
look short _gap: out 29, passage 31, stem -39, answer -16
look short _heading: out 41, facts -37, keys -19
look short _key-title: out 21, passage -27, stem -35, answer -28, feedback -18
look short _let-lone: out -30, passage 40, stem -75, option -38, answer -74, keys -19
look short _let-lone_ num0: out -33, passage 33, answer -15
look short _let0: out 12, stem -25, option 31
look short _let0 let0: stem -53, option 46
look short _let1-first: out -33, stem -17, option 40
look short _let1-first let1: out -33, stem -17, option 40
look short _num-lone: out -36, passage -14, stem 48, option 39, answer -33, facts -13, keys -32
look short _num0: option -63, answer -32, facts -18, row -15, keys -39
look short _num0 let1-first: out -46, stem 46
look short _num0 num0: out 50, stem -48, row -14, keys -21
look short _num0 num1-first: out -38, stem 32
look short _num0 phrase: out -31, stem 31
look short _num0 short: out -27, stem 37
look short _num0_ num0: out -41, stem 50, option -41
look short _num0_ short: out -53, stem 54
look short _pair: out -41, passage 57, stem -67, keys -22
look short _phrase: out -76, more -28, option -31, answer 57, feedback 35, facts -16, keys -16
look short _phrase phrase: out -30, passage 18, stem -28, feedback -12
look short _phrase_ phrase: out -34, passage 46, stem -47
look short _rom0: out 29, passage -22, stem -15, option -42, facts -26
look short _rom0 short: out 27, stem -27
look short _section: out 94, stem -51, keys -18
look short _section num0: out 42, stem -30
look short _section_ num0: out 21
look short _sentence: out -61, passage 70, stem -15, more -21, answer -64, feedback -81, keys -27
look short _sentence_ sentence: out -33, passage 35, stem -30
look short _short: out -32, passage 44, stem -38, option -21, answer 28, feedback -20, facts -51
look short _short-sentence: out 30, passage -90, stem -87, more -21, answer 37, feedback -60, hint -33, keys -39, remark -15
look short _text: out -23, passage 97, option -12, answer -52, feedback -18, keys -26
look short _text box: stem 18
look short _text short: out -46, passage 74, feedback -13
look short _text text: out -65, passage 83, stem -64
look short _truth: out -41, answer 41
look short _word-lone: out 21, stem -34, answer -23, facts 21
look short _word0: out -76, stem 22, answer -17, facts 58
look short _word0 asks: stem -39, facts 43
look short _word0 box: out -15, stem 21
look short _word0 let1-first: out -32, stem -43, facts 63
look short _word0 short: stem -24, facts 27
look short _word0_ word0: out -27, stem 41, facts -26
look short arrow: out 26, passage -40, stem -41, more 35, option -48, feedback -49, facts -21
look short arrow_ num0: option -21, answer 29
look short box: out 29, passage -28, stem -106, more -35, option 13, wrapped 29, answer -80, feedback -42, facts -30, keys -24
look short box box: out 43, option -43
look short bracketed: out 14, passage -26, stem -28, more 25, feedback -31, keys -40
look short bullet: out -78, passage -48, stem -19, more 51, answer -17, facts -112, row -35, keys -25, remark -29
look short bullet bullet: out -42, stem 40, more -27, option -24, feedback -18, row -21
look short bullet short: out -14, stem 28, more -18, option -21
look short capitals: out 35, passage -38, stem -18, more -17, option 20, answer -113, facts -31, keys -23
look short cells: out 56, passage -23, stem -55, more 50, answer -53, facts -20, row 21
look short chatter: out -16, passage -33, stem -32, option -16, answer -79, feedback 42, facts -14, keys 16
look short cue-answer: out -30, stem 21, more 45, option -32, wrapped -23, feedback -42, facts -27, bank -22, keys -60
look short cue-answer cue-difficulty: answer 13
look short cue-answer edge: option -25, answer 42, keys -38
look short cue-answer num0: option -98, answer 103
look short cue-answer_ num0: option -57, answer 62
look short cue-answer_ rom0: answer 14
look short cue-answer_ word0: option -24, answer 23, bank -12, keys -13
look short cue-difficulty: out -46, passage -23, stem -88, option 52, wrapped -29, answer 51, feedback -86, facts 14, keys -28
look short cue-feedback: out -34, stem -14, option -82, wrapped -24, answer 53, feedback 14, facts -14, keys -13
look short cue-points: passage -16, more 46, option -19, answer -66, feedback -21, facts 84
look short cue-points cue-difficulty: more -23, facts 54
look short cue-sample: more 14, option -56
look short cue-sample short: answer 13
look short edge: passage -73, stem -152, more 47, option -37, wrapped -24, answer 36, feedback -32, facts -60, keys -14
look short field: passage -76, more -14, option -50, wrapped -24, feedback 29, facts -34, row -14, keys -35
look short field-option: more 29, option -28
look short gap: out -29, passage -49, more 58, option -27, answer -50, facts -29, keys -15
look short gap gap: stem -18, more 17
look short heading: out 73, passage -52, stem -22, option -62, answer -81, feedback -16, facts -39, keys -31
look short identity: out 43, answer -28
look short let-lone: out 14, passage 39, stem -70, more -36, option -49, answer -58, feedback -27, facts 22, keys -70
look short let-lone cue-answer: stem -41, option 42
look short let0: passage -18, stem 18, more 56, option -38, feedback -60, facts 26, keys -60
look short let0 let0: out 34, stem -73, option 42, keys -21
look short let1: out -58, passage -26, more -16, option -28, wrapped 44, answer -75, feedback 24, row -45, keys -14, remark -28
look short let1 let1: stem -35, option 54, remark -18
look short let1-first: out -71, passage -15, stem -40, more 69, option -50, wrapped -24, answer 20, feedback -15, facts 21, row -40, remark -16
look short let1-first let1: out -55, stem -81, more -18, answer 26, row -40, remark -16
look short num-lone: out -31, stem -57, more 29, answer 39, facts -24, keys -43
look short num0: stem 22, more -14, option -39, facts -125, row -102
look short num0 cue-answer: stem 26, option -23
look short num0 num0: out 32, stem -23, answer -32, row -86, keys -14
look short num0 phrase: stem 23
look short num0 short: out -62, stem 69, option -44, keys -15
look short num0-again: out -21, stem 27, more 32, wrapped -14, answer -43, feedback -33, facts -12, row 34, keys -55
look short num0-again num0-again: out -74, stem 17, row 38, keys -47
look short num1: out 13, stem -31, more 31, option 42, wrapped -16, answer -86, feedback -37, facts -19, row -36, keys -16
look short num1-first: out -25, stem -64, more 47, option 30, answer -25, feedback -12, row -39
look short num1-first num1: stem -34, option 41, row -39
look short number: out -25, stem -79, more -56, option 81, answer -68, facts -21, keys -14
look short number number: option 19, answer -14
look short pair: out 28, passage -48, stem 14, more 14, option -56, wrapped -22, answer -69, feedback -37, facts -32, row -31, keys -55
look short phrase: out -18, stem -68, more -102, option 42, wrapped -58, answer -67, feedback -145, facts -73, row -36, keys 39
look short phrase edge: out 21, passage -16, stem -32, option -33, answer -30, feedback -16, keys -13
look short phrase phrase: out -12, passage 18, stem -23, option 15, wrapped -19
look short phrase short: stem -21, more -19, option 33
look short phrase_ num0: out 18, passage -28, stem -28, option 66, answer -73, feedback -42
look short rule: passage -26, more 30, option -31, facts -38, lines 46, keys -28
look short rule rule: more -16, lines 22
look short section: out 17, stem -42, more 26, option -16, answer -29, feedback -42, facts -24, keys -41
look short sentence: out -33, passage 46, stem -97, more -20, option -60, wrapped -18, feedback 36, facts -56, keys -65
look short short: out -30, passage -90, stem -150, more -76, option 103, wrapped -63, answer -95, feedback -130, facts -90, row -22, keys -22
look short short arrow: out 23, passage -28, stem -24, answer -68, facts -16
look short short cue-answer: out 44, stem -77, more -25, wrapped -21, answer -127
look short short edge: out 18, passage -22, answer -101, feedback -28
look short short num0: out 17, passage -25, stem -42, wrapped -25, answer -15, feedback -52, facts -55, keys -13
look short short phrase: option 35
look short short short: out -50, stem -17, option 59, answer -22, facts -26
look short short-sentence: out -31, passage -49, stem -91, more -64, option 71, wrapped 28, answer -14, hint -56, facts -47, keys -36, remark -40
look short short_ asks: out -22, feedback -13
look short short_ capitals: out -34, option 51, answer -47
look short short_ cue-answer: out -15, stem -39, option 70, answer -59, feedback -12
look short short_ num0: out 25, passage -28, stem -12, option 71, wrapped -17, answer -85, feedback -69
look short short_ section: out -32, option 41, wrapped -16, answer -41, feedback -39
look short short_ word0: out -55, feedback -12
look short text: out 63, passage -29, stem 23, more -75, option -25, wrapped -38, answer -102, feedback -100, facts -102, row -19, keys -59
look short text short: out -61, passage 33, stem 40, more -14, option -15, answer -19
look short text text: out 16, stem -45
look short truth: out 28, stem 15, more -62, option -52, answer -14, feedback -42, facts -22, keys -38
look short word0: out 27, passage 23, stem 14, option -26, wrapped -24, feedback -55, facts -53, keys -12
look short word0 let1-first: stem -32, facts 38
look short+: out -18, passage -14, option 16, wrapped 34, answer -50, feedback -18, hint -22, row -40, bank -26, lines -34, remark -25
look short-sentence: out -26, stem -31, option -16, answer -26, facts -92, row -75, bank -67, lines -56, keys -39
look short-sentence _bullet: out -30, stem 27, option -17, facts -21, row -19
look short-sentence _cells: out 16, passage 34, stem -38, option -61, answer -17, facts -13, row -34, bank -20
look short-sentence _cue-answer: stem -17, answer 46, bank -23
look short-sentence _field: out -45, passage 43, stem -28, row -20
look short-sentence _field field: out -30, passage 29, stem -15, row -20
look short-sentence _field_ field: out -37, passage 33, stem -24
look short-sentence _heading: out 73, passage -12, answer -20, facts -59, keys -16
look short-sentence _heading_ num0: out 31
look short-sentence _let-lone: out 47, passage -27, more -26, option -36, answer -15, facts -18, row -60, keys -26
look short-sentence _let0: out 35, passage -12, stem -34, option -29
look short-sentence _num0: out -33, stem 13, option -60, facts -22, row 28, keys -34
look short-sentence _num0 let1-first: out -21, stem 22
look short-sentence _num0_ num0: out -31, stem 37
look short-sentence _phrase: out -53, passage 17, more -12, option -17, answer -35, feedback -16, keys 51
look short-sentence _phrase short-sentence: out -14, passage 13, stem -16
look short-sentence _rom0: out 17, stem -15, facts -16
look short-sentence _section: out 54, stem -28, facts -60
look short-sentence _sentence: out -32, stem -103, answer -35, feedback 35, keys -12
look short-sentence _sentence_ num0: out -22, passage -40, stem -54, answer -36, feedback 48
look short-sentence _short: out 18, passage 17, stem 25, more -54, option -19, answer -45, facts -53, row -16, keys -44
look short-sentence _short-sentence: out -16, passage -37, stem 54, more -46, option -45, answer -46, feedback -69, facts -16, keys -46, remark -18
look short-sentence _text: out -48, passage 46, stem -19, more -21
look short-sentence _text text: out -40, passage 36, stem -25
look short-sentence _word0: out -41, stem -36, answer -12, facts 41
look short-sentence _word0 text: stem -13, facts 15
look short-sentence bullet: out -39, stem -18, option -27, wrapped 18, answer 23, feedback -46, row -15, remark -45
look short-sentence cells: out 44, passage -22, stem -46, option -13, answer -20, feedback -21, row 28, keys -37, remark -28
look short-sentence cells cells: stem -59, more -21, row 58
look short-sentence chatter: out 12, passage -18, stem -18, option -22, feedback -54, keys -21, remark -31
look short-sentence cue-answer: out -65, passage -13, stem 73, feedback -26, row -13, bank -31, keys -59, remark -18
look short-sentence cue-answer_ asks: answer 13
look short-sentence cue-answer_ word0: answer 20
look short-sentence cue-difficulty: out -62, passage -38, stem 28, more -41, option -33, wrapped -37, hint -34, keys -42, remark -56
look short-sentence cue-sample: out -34, stem -20, more 32, option -34, keys -24
look short-sentence edge: out 39, passage -74, stem -90, more -72, option -14, answer 20, feedback -23, hint -17, keys -35, remark -25
look short-sentence field: out 31, passage 17, stem -30, more -15, option -23, answer -39, feedback -39, facts -45, row -13, keys -13
look short-sentence heading: out 22, passage -50, stem -53, option -15, answer -47, feedback 38, facts -67, keys -25
look short-sentence identity: out 27
look short-sentence let0: passage -36, stem -44, option -77, answer -67, feedback 37, keys -25, remark -35
look short-sentence let1-first: stem 13, more 26, answer -23
look short-sentence let1-first let1: option 39, answer -23
look short-sentence num-lone: passage -32, stem -19, more 31, option -18, answer -46, feedback -76, keys -28, remark -13
look short-sentence num0: out -86, stem 25, more -14, option -36, wrapped -35, answer -36, feedback 57, hint -26, facts -15, row 38, keys 19, remark -65
look short-sentence num0 num0: out -16, stem -37, option -31, row 40
look short-sentence num1-first: out -14, more 42, remark -18
look short-sentence num1-first num1: option 12
look short-sentence phrase: out -28, passage 43, stem -41, more -22, option -29, answer -32, facts -14, keys -17
look short-sentence phrase_ short-sentence: out -28, passage 31, more -14, option -22, answer -16
look short-sentence rule: out -23, stem 31, more -16, option -20, answer -39, feedback -61, lines 23, keys 37, remark -40
look short-sentence sentence: out 55, passage -71, stem -30, more -20, option 43, answer -74, feedback -77, keys -21, remark -13
look short-sentence short: out -25, passage -42, stem 18, more -38, option 54, wrapped -48, feedback -61, facts -38, keys -55, remark -13
look short-sentence short-sentence: out -49, passage -67, stem -13, more -23, option 66, answer -97, feedback -39, hint -26, row -15, lines -17, keys -27, remark -73
look short-sentence short-sentence short-sentence: out -23, passage -19, stem -19, more -23, option 28, answer -29, feedback -24, remark -13
look short-sentence text: out 41, stem -29, more -24, option -67, wrapped -34, answer -52, hint -14, keys -62, remark -20
look short-sentence text text: out -39, passage 45, stem -16
look short-sentence word0: out 57, passage -27, stem -72, option -31, facts -62, keys -15, remark -22
look short-sentence+: passage -25, stem -22, hint -106, facts -89, row -39, bank -28, lines -23, keys -43, remark 18
look short-sentence_ bullet: out -12, passage -41, more 47, option -36, answer -55, feedback -30, hint -22
look short-sentence_ cells: out -68, passage -41, stem -54, wrapped -12, answer -55, feedback 35, hint -43, keys 28
look short-sentence_ cue-answer: out -49, stem 35, more -26, option 26, answer -47, feedback -49, hint -33, remark -21
look short-sentence_ field: out 58, passage -71, stem -63, answer -40, feedback -23, hint -12, keys 16
look short-sentence_ heading: passage 21, stem -87, more -43, option -29, answer -63, feedback 29, hint -14, keys -74, remark -14
look short-sentence_ let-lone: passage -32, more 45, option -38, answer -40, feedback 29, hint -28, keys -28
look short-sentence_ let0: stem -40, more -49, option 39, answer -14, feedback -59, hint -33, keys -26
look short-sentence_ num0: out -42, passage 17, stem -17, wrapped 31, answer -31, hint 26, facts -30, row -12, bank -19, keys -88, remark -66
look short-sentence_ phrase: out 29, passage 20, stem -60, more -28, option -13, answer -39, feedback 16, hint -19, keys -61
look short-sentence_ rom0: out -50, stem 41, option -38, answer -65, feedback -27, hint -37, keys -21
look short-sentence_ section: out 29, passage -24, stem -23, more -25, option 20, answer -69, hint -22, keys -53, remark -40
look short-sentence_ sentence: passage -94, stem -73, answer 38, feedback -24, keys -78
look short-sentence_ short: out 50, passage -45, more -25, option -19, answer -49, feedback -73, keys -91
look short-sentence_ short-sentence: out -20, stem 49, option -40, answer -48, feedback -20, hint -17, keys -38, remark -22
look short-sentence_ text: out 58, passage -43, stem -126, option -19, answer 16, hint -15, keys -66
look short-sentence_ word0: out -32, passage 42, stem 22, more -33, option -56, answer -15, feedback -16, hint -33, keys -30, remark -22
look short-sentence_+: stem -13, more -18, option -19, wrapped 15, answer -31, feedback -14, facts -51, row -29, bank -33, lines -19
look short_ asks: passage -50, stem -19, more -48, option -18, wrapped -21, answer 31, feedback -40, facts -21
look short_ box: out 45, passage -48, stem -20, more 19, option -28, answer -73, feedback -14
look short_ bullet: out 47, stem -123, more -31, option 18, answer -47, feedback -34, keys -15
look short_ capitals: out 29, passage -21, stem -61, more -33, option 41, answer -53, feedback -75, facts -12, keys -42
look short_ cells: passage -56, stem -64, more -39, option -27, wrapped 14, answer 56, feedback -16, row -30, keys -25
look short_ cue-answer: out -14, passage -19, stem 47, wrapped -44, answer -74, feedback -28, facts -24, row -25
look short_ cue-level: out -27, passage -25, stem -58, more 36, option -45, feedback 23, facts -23
look short_ cue-sample: out -37, stem 37, more 33, answer -14, feedback -18
look short_ field: out 69, passage -76, stem -90, more -52, option -34, answer -22, feedback -46, facts -35, keys -16
look short_ gap: out 16, passage -73, stem -73
look short_ heading: out -59, stem -71, more 21, option 32, answer 25, feedback -36, facts -26
look short_ identity: out 54, option -37, answer -25, facts -21
look short_ key-title: out -20, stem -12, more 41, option 32, answer -18, feedback -16
look short_ let-lone: out -51, passage 49, stem -51, option -30, wrapped -15, answer 29, feedback -22, facts -56, keys -41
look short_ let0: out 36, passage -40, stem -54, more 21, option 21, wrapped -73, answer -77, facts -51, keys -27
look short_ let1-first: out 26, option -16, wrapped -18, answer -61, facts -24
look short_ num-lone: out 61, stem -50, more -28, answer -33, keys -30
look short_ num0: out -17, stem -159, more -36, option -26, answer 19, feedback 17, facts -28, row -20, keys -77
look short_ pair: out -41, passage -32, stem -57, more -45, option -47, answer 52
look short_ phrase: out -15, passage 32, stem -127, more 28, option -46, wrapped 27, answer -46, feedback 22, facts -34, bank -14
look short_ rom0: out -25, passage -58, stem -87, more 24, answer -34, feedback 32
look short_ section: out -39, passage -23, stem -87, more 66, option 37, wrapped -20, answer -18, facts -24, keys -59
look short_ sentence: out 22, passage -52, stem -117, more 16, option -36, answer 20, feedback -57, facts -24, keys -41
look short_ short: out 55, passage -34, stem -89, more -41, option -26, answer -56, feedback 43, facts -21
look short_ short-sentence: out 56, passage -34, stem -32, more 36, option -44, answer -28, feedback -50, facts -31
look short_ text: passage -28, stem -147, more -27, option -12, wrapped -13, answer 39, feedback 15, facts -51, keys -39
look short_ truth: out 31, stem -51, more 20, answer -39, facts -12
look short_ word-lone: out 55, stem -40, option -16, answer -48
look short_ word0: passage -40, stem -112, more -17, option 30, wrapped -21, feedback -12, facts -70, row -25, keys -25
look short_+: out 19, more 17, option -42, feedback -13, hint -29, facts -111, row -53, bank -31, lines -26, keys -40, remark -13
look table-down: out -97, stem -83, option -59, answer -103, feedback -40, facts -58, row -52, keys 99, remark -17
look table-down table-down: out -90, stem -79, option -57, answer -95, feedback -14, facts -56, row -52, keys 92, remark -16
look table-down table-down table-down: out -56, stem -45, option -33, answer -55, facts -35, row -29, keys 57
look table-down+: out -65, stem -51, option -35, answer -66, feedback -32, facts -37, row -30, keys 67
look table-pairs: passage -52, stem -138, more -93, option -70, answer -81, hint -42, facts -81, row 32, bank -77, lines -43, remark -32
look table-pairs _cue-answer: answer 18, keys -19
look table-pairs _section: out 56, stem -43, answer -13
look table-pairs _word0: stem -32, facts 40
look table-pairs cue-answer: out -18, answer 66, row 35, keys -76
look table-pairs edge: out -61, answer -26, feedback -18, row 14
look table-pairs num-lone: out -20, stem -18, more -26, answer 43, facts -28, row 14, keys -56
look table-pairs table-pairs: out -15, passage -35, stem -94, more -56, option -44, answer -82, feedback -139, hint -29, facts -56, row 22, bank -52, lines -19, remark -26
look table-pairs table-pairs cue-answer: out -17, row 36, keys -17
look table-pairs table-pairs edge: out -107, answer -25, row 24, keys -13
look table-pairs table-pairs num-lone: row 29, keys -28
look table-pairs table-pairs table-pairs: out -50, stem -20, answer -13, facts -16, keys 16, remark -12
look table-pairs table-pairs_ cue-answer: out -22, feedback -16, row 45, keys -43
look table-pairs table-pairs_ num0: feedback -29, row 46
look table-pairs table-pairs_ section: out -53, answer -12, feedback -39, keys 21
look table-pairs table-pairs_ word0: out -24, feedback -18, row 42
look table-pairs+: out 17, passage -26, stem -94, more -56, option -35, answer -84, feedback -77, hint -21, facts -50, row 20, bank -50, lines -29, keys -14, remark -18
look table-pairs_ cue-answer: out -22, feedback -16, row 45, keys -43
look table-pairs_ num0: out -56, answer -24, feedback 43
look table-pairs_ section: out -53, answer -12, feedback -39, keys 21
look table-pairs_ word0: out -24, feedback -18, row 42
look table-pairs_+: out -94, passage -22, stem -20, answer -37, feedback 32, facts -15, keys 43
look table-ticks: out 15, passage -28, stem -81, more -63, option -39, answer -69, feedback -50, facts -62, row 45, bank -39, lines -17, keys -60
look table-ticks _num0: stem 13
look table-ticks _word0: out -41, stem -13, answer -13, facts 46
look table-ticks edge: out -59, row 61
look table-ticks rule: out -57, passage -14, stem -53, more -48, option -21, answer -48, feedback -23, row 70, bank -14, lines -29
look table-ticks rule table-ticks: more -34, answer -14, lines -21
look table-ticks table-ticks: out 53, stem -57, more -26, option -36, answer -50, feedback -29, facts -57, bank -16, keys -59
look table-ticks table-ticks edge: out -59, row 61
look table-ticks table-ticks table-ticks: out 50, stem -24, option -17, answer -22, feedback -12, facts -28, row -20, keys -31
look table-ticks table-ticks_ word0: out -16, row 21
look table-ticks+: passage -19, stem -71, more -41, option -27, answer -48, feedback -31, facts -40, row 36, bank -18, keys -41
look table-ticks_ word0: out -16, row 21
look table-ticks_+: out -31, row 27
look table-wide: passage -43, stem -132, more -79, option -62, answer -82, feedback -68, hint -13, facts 20, row -65, bank -43, lines -33, keys 20, remark -48
look table-wide _num0: out -35, stem 35
look table-wide _num0 let1-first: out -35, stem 35
look table-wide+: stem -67, more -47, option -33, answer -82, feedback -47, row -32, bank -17, remark -30
look table-wide_ num0: out 56, passage -18, answer -21, facts -35, keys -28
look table-wide_+: passage -18, stem -46, option -22, answer -32, feedback -14, facts 14, row -15
look text: out 13, passage 20, stem -25, option -25, wrapped 36, hint -67, facts -119, row -95, bank -51, lines -68, keys -21, remark -44
look text _bullet: out -31, stem 21, remark -20
look text _bullet bullet: out -27, stem -52, option 60
look text _cells: out 48, stem -49, keys -15
look text _chatter: out 14
look text _cue-level: out -42, facts 48
look text _field: out -19, passage -29, stem 26, more -33
look text _heading: out 75, answer -45, facts -34, keys -21
look text _let-lone: out 17, passage -31, stem -24, answer -13, keys -25
look text _let0: out 32, stem -45, option 37, keys -27
look text _let0 let0: out -44, stem -45, option 57, keys -15
look text _num0: out -22, stem 24, keys -14
look text _phrase: out -23, passage -17, stem 46, more -44, option -23, answer -57, feedback -28
look text _rom-lone: out 14
look text _section: out 53, stem -31
look text _sentence: out 13, passage -21, more -32, answer -41, feedback -13, keys -30
look text _short: out 59, passage -57, stem -49, option -19, answer -55, keys -28
look text _text: out -34, passage -23, stem 52, more -18, answer -58, keys -28
look text _word0: out -70, stem 20, answer -37, facts 56
look text asks: out -86, passage 22, stem -12, more 21, option -109, wrapped -42, answer -76, feedback -41, facts -47, keys -20
look text asks cue-answer: stem -34, more 38
look text asks let0: stem -30, more 32, option -21
look text asks let1-first: option -53
look text asks short: out -13, passage 22, stem -19, more -22
look text asks_ cue-answer: stem -38, more 39
look text asks_ let0: stem -30, more 31
look text box: out -53, stem -23, more -21, option 45, wrapped -23, answer -21, feedback -25
look text bullet: out -64, more -58, option 70, wrapped 21, answer -70, feedback -41
look text bullet bullet: out -13, stem -44, more -21, option 56
look text cells: out 16, passage -36, stem -13, more 66, option -17, answer -61, feedback -40, row -19, keys -34
look text cells cue-answer: stem -26, more 23, option 17
look text cells_ cells: stem -41, more 45
look text chatter: out 36, passage -14, stem -28, answer -32, feedback -17, keys -26
look text cue-answer: out -57, stem 19, more 30, option -30, keys -52
look text edge: out 44, passage -86, option -56, answer -105, feedback -72
look text field: passage 45, stem -70, more 18, option -14, answer -24
look text gap: out -32, passage 30, stem -46, more 28, answer -44
look text gap cue-answer: stem -18, more 37, answer -18
look text gap gap: stem -21, more 22
look text gap short-sentence: passage 18
look text heading: out -14, stem 25, answer -32, facts -17, keys -20
look text identity: out 31, passage -16, stem -28, answer -15, keys -17
look text let-lone: out -24, passage 29, more 15, answer -36, row -27, keys -40
look text let0: out 17, passage 13, stem 31, more -46, option 53, answer -29, feedback -43, keys -79
look text let0 let0: stem -41, option 74, keys -44
look text let1-first: out -55, stem 59, more -23, option 52, answer -57, feedback -46, row -48, keys -33
look text let1-first let1: out -19, stem -16, option 45
look text num0: passage -22, option 27, feedback -21, row -18, keys -15
look text num0 num0: out -46, stem -57, option 27, row -16, keys -13
look text num0-again: option 13, keys 12
look text num0-again num0-again: option 13
look text pair: out -48, passage -44, stem -54, more 68, option -22, answer -18, feedback -17, row -30
look text phrase: out 21, passage -117, stem -32, more -31, answer -60, facts -27, row -31, bank -17, keys 23
look text phrase bullet: stem -59, more 54, option -33, answer -12
look text phrase let0: out -63, stem -83, more 29, option -51, feedback -55, keys 36
look text phrase let1-first: stem -15, more 27, option -17
look text phrase_ num0: out -29, stem -28, option -24, wrapped -27, answer 28, feedback -81
look text rule: stem -36, more 29, answer -19, feedback -19
look text rule rule: lines 15
look text sentence: stem -50, more -22, option -34, answer 22, feedback -93, keys 21
look text sentence num0: out -33, passage 20, stem -25, more -19, answer -42, feedback -33, keys 27
look text sentence text: passage 15, more 22
look text sentence_ num0: passage -55, stem -12, more -46, answer 37, feedback -39, keys -54
look text sentence_ text: out -25, passage 32
look text sentence_ word0: out -20, passage 20, stem -12, more -12
look text short: out -49, passage 29, stem -31, more -30, option -20, wrapped -12, feedback 61, facts -78, row -19, lines -20, keys -43
look text short box: option -48, wrapped 22, answer -20
look text short cue-answer: stem -24, more 66, option -41, answer -27
look text short let0: out -48, stem -52, more 72, option -64, wrapped -47, answer -28, feedback -39, facts -14, keys -12
look text short num0: out -34, passage 28, stem -54, option -14, wrapped -33, answer -58, feedback 22, facts -22, keys -28
look text short short: out -39, stem -18, more 30, option 23, answer -45, feedback -24
look text short word0: out -24, passage 30, stem -49, option -14, answer 22, feedback -46, facts -12
look text short-sentence: out -21, stem -52, option -129, wrapped -20, answer 38, feedback -56, hint -50, keys 24, remark -13
look text short-sentence text: out 17, passage -17, stem -36, option -16, answer -52, feedback -40, keys -41
look text short-sentence_ num0: out -23, passage 34, stem -52, option -28, answer 36, feedback -61, hint -36, keys -26
look text short-sentence_ text: out -38, passage 30, answer 23, feedback -25, keys -25
look text short_ num0: passage -18, stem -20, more -24, option -57, answer -69, feedback 47, keys -15
look text short_ word0: out -87, passage 17, option -44, wrapped -20, answer 38, feedback -83
look text table-pairs: out -38, stem -20, more 19, row 25
look text table-pairs table-pairs: out -31, row 25
look text text: out -20, passage 18, more 17, wrapped -67, answer -162, feedback -112, facts -41, row -20, bank -14, keys -53, remark -23
look text text asks: out -19, passage 20, stem -16, option -26, answer -30
look text text edge: passage -48, stem -63, more 30, option -44, answer -48, feedback -28, keys 26
look text text field: passage 19
look text text gap: passage 21, more -42
look text text sentence: stem -16, keys -30
look text text short: out 39, passage -59, stem 31, more -30, option -49, wrapped -21, answer -65, feedback -45, keys -20
look text text short-sentence: out -61, passage 47, stem -41, more 16, answer -25, keys -26
look text text text: out -55, more -72, option 55, wrapped -29, answer -64, keys -52
look text word0: out 52, passage -48, stem -24, more -34, option -37, answer -65, feedback -57, keys -16
look text+: passage 26, more -14, option -28, wrapped 25, answer -25, feedback 31, hint -29, facts -72, row -43, bank -64, lines -44, remark -21
look text_ bullet: out 16, passage -23, more -17, option -21, answer -40, feedback -19, bank -13
look text_ cells: out 33, passage -12, stem -26, more -29, option -17, answer -35, keys -20
look text_ chatter: stem 26, answer -41, keys -69
look text_ cue-level: out 35, passage -13, stem -28, answer -45, feedback -18, keys -13
look text_ field: out 19, answer -27, feedback -35
look text_ heading: passage -38, stem -45, more 20, answer 19, feedback -53, keys -30
look text_ identity: out 38, stem -38, answer -17
look text_ let-lone: out 48, passage -28, stem -36, more -26, answer -35, keys -35
look text_ let0: out -34, passage -21, stem -35, more -55, answer 41, feedback -34, keys -17
look text_ num0: out -20, passage -28, stem -36, option -59, answer 25, keys -19
look text_ phrase: out -17, stem 21, more -14
look text_ rom-lone: out 53, stem -40, more -13, option -33, answer -49, keys -33
look text_ section: out 24, passage -19, stem -22, more -24
look text_ sentence: stem -32, more -22, answer -39, feedback -49, keys 12
look text_ short: out 43, passage -32, stem -47, option -17, answer -27, keys -26
look text_ text: out -70, passage -38, stem 63, more 45, answer -61, keys -23
look text_ word0: out -63, passage -32, stem 22, option 29, answer -56, feedback -68, row -23
look text_+: out 21, passage -79, stem -14, more -16, option 40, wrapped -21, answer -20, feedback -73, hint -15, facts -37, row -53, bank -22, lines -20, keys -57
look ticked: out -20, passage -44, stem -101, more -109, option 38, feedback -68, facts -89, row -43, bank -15, keys -73
look ticked _word0: out -37, stem -36, option -18, answer -20, facts 30, row -13, keys -16
look ticked box: stem -63, more -64, feedback -18, facts -58, row -21, keys -21
look ticked box box: out 42, option -38
look ticked box cue-feedback: option 31
look ticked box ticked: option 16
look ticked box_ num0: option 14
look ticked box_ word0: out -19, option 19, answer -18
look ticked ticked: option 67, answer -61, facts -25
look ticked+: out -20, passage -12, stem -61, more -69, answer 13, feedback -14, facts -52, row -13, keys -39
look ticked_ word0: out -25, passage -20, option -36, answer 43
look ticked_+: out -67, passage -38, stem -28, option 25, feedback -30, facts -33, row -15, keys -26
look truth: passage -29, stem -77, option -44, answer 12, feedback -52, facts -75, row -39, bank -16, lines -36, keys -71
look truth _num0: facts -14
look truth _word0: stem -29, facts 30
look truth cue-feedback: out -49, more 26, answer -16, feedback 47, keys -14
look truth edge: more -43, answer 13, keys -14
look truth num0: out -69, stem 28, more -68, answer 87, keys -15
look truth short-sentence: stem -54, more -15, option -17, answer 48, feedback 14, hint -14
look truth+: out -12, stem -33, more 21, option -19, facts -46, row -19, lines -17, keys -43
look truth_ num0: out 15, more -61, option -16, facts -13
look truth_ text: out -24, passage -14, more -17, option -14, answer 25
look truth_ word0: out -62, more -15, answer 65
look truth_+: out -14, passage -17, stem -26, more -128, option -20, answer 31, feedback -25, facts -28, keys -23
look word-lone: out -24, passage -63, stem 31, more -49, wrapped -22, answer -93, feedback -67, hint -27, row -44, bank -37, remark -51
look word-lone _short: out -22, passage -43, stem -71, more -12, option -13, answer 43, facts -15
look word-lone asks: out -44, stem 51, more 14, facts -57
look word-lone asks cue-answer: stem -36, more 37
look word-lone bullet: out 24, stem -45, more -45, option 40, answer -18, facts -13, row -19, remark -31
look word-lone bullet bullet: out 21, stem -28, more -17, remark -21
look word-lone cells: out -52, stem 23, facts 21, row 21, keys -26
look word-lone cue-answer: out -47, stem 55, option -20, answer 47, facts -30, bank -19, keys -44
look word-lone cue-answer cue-difficulty: answer 18
look word-lone cue-answer cue-points: answer 20, keys -16
look word-lone cue-points: out -42, stem 47, more -17, option -25, answer -63, facts -27
look word-lone edge: out -39, stem 21, answer -14, facts -38, keys 18
look word-lone field: out -13, answer -23, feedback -23, facts 26
look word-lone field-option: out -27, stem 72, more -27, option -52, facts -62
look word-lone field-option field-option: more -22, option 23
look word-lone let-lone: out -51, stem 22, more -34, option -30, answer -44, facts 60, row -47
look word-lone let0: out -43, stem 43, option -14, facts 35, row -48, keys -45
look word-lone let0 cue-answer: stem 47, option -44, row -23
look word-lone let1-first: out -30, stem -21, answer -13, facts 28
look word-lone let1-first cue-answer: stem 12, option -12
look word-lone let1-first let1: option 27
look word-lone num-lone: stem -46, more 54, option -23, answer -46, facts -29
look word-lone phrase: out 36, passage -19, stem -35, more 17, option -20, answer -40, facts -45
look word-lone sentence: out -21, passage -32, stem 28, option -37, answer -58, feedback -42, facts 60, keys -48, remark -26
look word-lone short: out 57, stem -15, more 63, option -43, answer -72, feedback -17, facts -14, keys -14
look word-lone text: passage -15
look word-lone+: out -23, passage -25, more -22, wrapped -13, answer -68, feedback -35, hint -15, row -18, bank -16, remark -31
look word-lone_ short: answer -23, facts -18
look word-lone_+: passage -38, more -29, option -17, answer -35, feedback -27, row -26, bank -15, keys -12
look word0: out -23, passage -50, stem 48, more -106, option -26, wrapped -69, answer -53, feedback -58, hint -39, row -67, bank -69, lines -39, keys -58, remark -46
look word0 _cells: out -27, stem -49, more -37, option -19, answer -16, facts -15, row -12, bank 36, keys 14
look word0 _cue-answer: stem -13, answer -48, bank -27, keys 59
look word0 _cue-answer_ word0: answer -39, bank -22, keys 49
look word0 _cue-level: out -27, stem -16, facts 30
look word0 _let-lone: out 42, stem -40, answer -21, keys -28
look word0 _let1-first: out -41, stem -41, option 54, row -13
look word0 _let1-first let1: out -41, stem -41, option 54, row -13
look word0 _num-lone: more -32, option 35, answer -16, facts -16
look word0 _num1-first: out -18, row -28
look word0 _num1-first num1: out -16, stem -16, row -26
look word0 _pair: stem -15, option -16, answer -23, keys -21
look word0 _phrase: out 69, passage -29, stem -59, more -33, answer -71, row -18, keys -21
look word0 _rule: lines 25
look word0 _section: out 39, facts -21
look word0 _sentence: passage -16, stem 31, more -43, answer -59, feedback -23, facts -16, row -17, keys -40
look word0 _short: stem -64, more -22, option -27, answer 17
look word0 _text: stem -57, more 41, answer -28, keys 15
look word0 _word0: out -146, stem 43, answer -22, facts -30
look word0 _word0 num1-first: out -25, stem 27
look word0 _word0_ word0: out -73, stem 22, answer -13, facts -16
look word0 arrow: out -45, stem 40, option -51, answer 25, facts -35
look word0 arrow word0: stem -23, option -30, facts -24
look word0 asks: out -63, passage -44, stem -23, more -89, option -49, answer 15, facts 55, row -18, keys -13
look word0 asks box: more 23, option -13
look word0 asks bullet: option -17
look word0 asks cue-answer: stem 16, more -30, option -18
look word0 asks let-lone: stem 34, more -33
look word0 asks let1-first: out -16, stem 57, more -46, option -14
look word0 asks short: stem 35, more -15, option -23
look word0 asks word0: passage -24, stem 15, more 12
look word0 asks_ let1-first: stem 38, more -36
look word0 asks_ word0: out -44, passage -31, stem 56, more -29, option -19, facts -19
look word0 box: out -65, stem 87, option 15, wrapped -18, facts -60
look word0 box box: out -15, stem -22, option 49
look word0 bracketed: out 12, stem 63, more 13, option -17, answer -30, feedback -72, facts -54, keys -31
look word0 bracketed let1-first: more 13
look word0 bracketed_ word0: out 20, stem -30, more 26, option -16, answer -54, feedback -33
look word0 bullet: out -121, more -69, option 14, wrapped -12, answer 47, facts -73, row -27, remark -40
look word0 bullet bullet: out -67, stem -87, more -59, option 19, answer 49, row -23, remark -38
look word0 cells: passage -23, stem 25, option -78, answer -68, row -31, bank -31, keys -28
look word0 cells cells: out -19, stem -79, more -50, row 97
look word0 cells cue-answer: more 15, option -17, row -37
look word0 cells let1-first: stem -23, more 24
look word0 cells_ word0: out -75, stem 76, more -50, option -46, row -31
look word0 cue-answer: out -43, stem 41, more -31, option 47, answer -43, facts -60, bank -55
look word0 cue-answer cue-difficulty: stem -16, more -33, option -25, answer 51, keys -46
look word0 cue-answer cue-feedback: answer 25
look word0 cue-answer edge: option -87, answer -26, keys 32
look word0 cue-answer word0: stem -21, option -46, answer 58, keys -39
look word0 cue-answer_ word0: out -12, stem -38, more -28, option -92, answer 121, bank -45, keys -92
look word0 cue-sample: out -22, stem 25, more -13, facts -20, keys -14
look word0 field: out -71, passage -41, stem 24, more -29, option -43, answer -46, feedback -42, facts 33, row -40
look word0 field cue-answer: out -14, stem 17, answer -14, row -25
look word0 field_ word0: out -29, passage -20, stem 23, answer -18, feedback -31, facts -13
look word0 gap: out -82, passage -23, stem 27, more -56, option -28, answer -32, feedback -12, facts 38, row -13
look word0 gap cue-answer: stem 37, more -34
look word0 gap_ word0: out -43, stem 18, option -12, answer -14
look word0 let-lone: out -32, stem 41, more -26, option -36, row -49, keys -63
look word0 let-lone cue-answer: stem -46, option 60
look word0 let-lone let1-first: option -34
look word0 let-lone_ word0: out -13, more 18, option 26
look word0 let0: out -30, option 50, facts -28, keys -30
look word0 let1-first: passage -14, stem 19, more -41, answer -118, facts -16, row -97, remark -16
look word0 let1-first asks: stem 13
look word0 let1-first bullet: stem 57, option -57
look word0 let1-first cells: stem 14
look word0 let1-first cue-answer: stem 45, option -44
look word0 let1-first let1: out -60, more -21, option 61, answer -80, row -85
look word0 let1-first let2-first: stem 12
look word0 let1-first short: stem 61, option -60
look word0 let1-first_ let1: stem 37, option -37
look word0 num-lone: option 31, answer -31, facts -84, keys -44
look word0 num-lone_ word0: stem -15, option 28, answer -14, keys -26
look word0 num0: out 70, stem -53, more 19, option -52, answer -52, feedback -13, facts -54, row 27, keys -40
look word0 num0 num0: out -90, stem 70, more -32, option -24, row 32
look word0 num1-first: option 14, answer -14, facts -31, keys -22
look word0 num1-first num1: out -62, stem -58, more -39, option 15, keys -22
look word0 number: out -25, stem 17, answer -12
look word0 pair: out -29, option -15, answer -12, feedback -23, facts -13, row 24, keys -21
look word0 phrase: stem 41, option -80, answer -62, feedback -49, facts 36, row -26, keys -32
look word0 phrase box: out -47, stem 41, option -43
look word0 phrase cue-answer: out -33, stem 18
look word0 phrase let1-first: out -30, stem 38, more -20, option -84, row -13
look word0 phrase word0: out 28, stem -26, option 18, answer -26
look word0 phrase_ word0: out 24, stem -50, option -23, feedback -12
look word0 rom1-first: out -42, more -24, option 57, facts -35, row -46
look word0 rom1-first rom1: stem -48, more -24, option 57, row -46
look word0 rule: stem 33, option -22, answer -25, facts -32
look word0 rule rule: more -32, lines 33
look word0 sentence: out -27, passage -55, stem 50, option -115, answer 25, feedback -82, facts -21, row -26, keys -71, remark -51
look word0 sentence cue-answer: stem 25
look word0 sentence cue-sample: out -14, stem 18
look word0 sentence rule: out -13, stem 15, feedback -19
look word0 sentence_ word0: out -70, passage -67, stem 63, more -25, option -34, answer -23, feedback -52, remark -14
look word0 short: out -98, passage -27, stem 41, option -29, wrapped -20, answer -117, feedback -34, facts 34, row -12, keys -21
look word0 short box: more 23, option -17
look word0 short bullet: stem 38, more 28, option -53
look word0 short cue-answer: option -45, answer -18
look word0 short let1-first: stem 40, option -22
look word0 short short: stem -62, more -48, option 62, answer -17
look word0 short word0: stem -16, more 40, wrapped -18
look word0 short-sentence: out -108, passage -22, stem 22, more -51, answer -90, feedback -105, hint -44, facts 45, row -20, keys -14, remark -43
look word0 short-sentence cue-answer: out -14, stem 51, more -18, option -52
look word0 short-sentence_ cue-answer: out -12, stem 28, more -38, option -44, feedback -14, remark -12
look word0 short-sentence_ word0: out -68, passage -18, stem 57, more -31, option -47, answer -37, feedback -80, hint -27, remark -19
look word0 short_ word0: stem -23, more 74, option -47, answer -44, feedback -18
look word0 table-pairs: out 41, more -30, row -31
look word0 table-pairs table-pairs: out 41, stem -24, more -30, row -31
look word0 text: out -16, passage -41, stem -23, option -140, answer -71, feedback -75, facts 49, row -30, keys -30
look word0 text asks: more 17
look word0 text cells: stem 16, more -12
look word0 text let1-first: out -42, stem 31, more -22
look word0 text phrase: out -23, stem -33, more 26
look word0 text short: out -46, more 15, option -38, feedback -40
look word0 word0: out -92, stem 27, more -34, option 62, answer -44, feedback -28, facts -113
look word0 word0 word0: out -34, stem -26, option 34, answer -22, facts -34
look word0+: out -24, passage -29, more -61, wrapped -37, feedback -29, hint -17, facts 32, row -31, bank -27, keys -18, remark -23
look word0-again: out -73, passage -17, stem 28, more -47, answer -73, feedback -44, facts 29, row -30, bank -16, keys -30
look word0-again asks: out -30, more -41, option -23, answer -28, facts 47, keys -55
look word0-again cue-answer: out -15, option 18, answer 28, facts -27, keys -34
look word0-again cue-answer_ word0-again: option -14, answer 17
look word0-again edge: out -17, stem -41, facts -17, keys 33
look word0-again let1-first: out -29, stem 33, answer -56, facts 14, row -22
look word0-again let1-first let1: option 31, answer -44, row -21
look word0-again short: out -32, stem 14, more 37, option -22, answer -40
look word0-again short-sentence: out -54, stem 15, more 47, option -34, answer -34, feedback -31, facts 15, keys -22
look word0-again word0-again: out -42, stem -16, more -27, option 42, answer -13, feedback -23, facts -88, row -16, keys 90
look word0-again word0-again edge: out -17, stem -41, facts -17, keys 33
look word0-again word0-again word0-again: stem -52, option 22, facts -42, keys 44
look word0-again+: out -47, more -29, answer -44, feedback -24, facts 27, row -20, keys -22
look word0_ cells: out 12, stem 14, facts -17
look word0_ cue-answer: stem 30, option -15
look word0_ cue-level: out -63, answer -17, facts 47
look word0_ key-title: out -12, stem 21
look word0_ let-lone: out -74, stem 82, answer -17, facts -44
look word0_ let1-first: out -53, stem 20, facts -15
look word0_ num-lone: answer -16, facts -17
look word0_ num1-first: out 63, stem -47, answer -16, facts -30
look word0_ pair: out -45, answer -22, facts 17
look word0_ phrase: out -60, stem -19, answer -12, facts 42
look word0_ rule: out -54, stem 47, answer -13, facts -44
look word0_ section: out 13, facts -31
look word0_ sentence: out -42, passage -12, stem -26, option -18, answer -28, facts 33, row -13, keys -16
look word0_ short: out -45, stem 46
look word0_ text: out -63, stem 16, answer -44
look word0_ word0: out -39, stem 70, option -26, answer -71, facts -51, row -15
look word0_+: passage -30, stem 51, more -37, option -52, wrapped -12, answer -132, feedback -49, hint -17, facts -35, row -44, bank -28, lines -22, keys -42, remark -17
look word1: out -36, stem 30, more -32, option -37, wrapped -26, answer -62, feedback -45, row -24, keys -44
look word1 asks: answer -15
look word1+: stem 13, option -22, wrapped -14, answer -44, feedback -13, row -12, keys -23
look word1-first: out -75, stem 30, more -36, option -42, wrapped -20, answer -29, row -25, lines -18
look word1-first+: out -55, more -21, option -17, answer -17, facts 16, row -13
main speaker: out -31, passage 62, stem 45, more -160, option -26, wrapped -66, answer 27, hint -51, facts 27, row -37, bank -20, lines 32, remark -54
num again: out -14, passage -33, more -71, wrapped -19, answer -27, feedback -41, hint -33, facts -35, bank -37, lines -33, remark -33
num again asks few: out -35, passage -33, more -54, wrapped -19, answer -25, feedback -41, hint -33, facts -30, bank -37, lines -33, remark -33
num again asks some: out 18, stem 23, more -39, option -46, answer -60, facts -20, row -46, keys -49
num again fits few: out -68, stem -35, option -68, facts 13, keys 87
num again fits most: out -46, passage -33, stem -14, more -45, wrapped -19, answer -20, feedback -40, hint -33, facts -26, row -18, bank -37, lines -33, remark -33
num again fits none: out 22, stem 49, more -17, option -13, answer -107, facts -16, row 17, keys -45
num again fits some: out -45, stem -39, more -36, option 58, answer -44, facts -26, row -41
num asking few: passage -22, stem 64, more -37, option -69, answer -86, feedback -44, hint -19, row -32, bank -19, lines -26, keys -80, remark -15
num asking most: passage -19, stem 37, more -63, option -132, wrapped -29, answer -93, feedback -31, facts -18, row -52, keys -37, remark -33
num asking none: out -40, passage -81, stem -72, more -43, wrapped -59, answer -36, feedback -22, hint -57, bank -71, lines -53, keys 32, remark -75
num asking some: out -32, passage -47, stem 50, more -39, option -59, wrapped -40, answer -30, feedback -53, hint -36, facts -56, row -46, bank -39, lines -36, keys -75, remark -44
num bare: out -35, passage -39, stem 32, more -60, option -123, wrapped -36, answer 42, feedback 36, row -122, bank -39, lines -13, keys 21
num under 0: out -115, passage -21, stem 62, more -23, option -74, answer -109, row -50, keys 88
num under 1: passage -25, more -39, option -60, wrapped -36, answer -52, feedback -32, facts -24, row -82, bank -22, keys 57
num-lone end asks: out 31, stem -37, more -50, answer -45, feedback -19, facts -15, keys -29
num-lone end bracket: out -49, stem 15, more 47, option -67, answer 15, facts -74, row -42, bank -17, keys -60
num-lone end gap: out 27, stem -26
num-lone end none: passage -14, stem -14, more -19, feedback -94, facts -13, bank -33, keys 14
num-lone end stop: out 27, passage -55, more -52, answer -104, feedback -14, hint -25, facts -65, row -20, bank -14, lines -12, keys -13, remark -24
num-lone run: out -73, stem -97, more -58, option 59, answer -98, feedback -37, facts 33, row -13, bank -22
num-lone words 1: out 27, passage -29, stem -54, more 52, option -57, wrapped -12, answer -46, feedback -128, facts -65, row 38, lines -16
num-lone words 15: out -24, passage -35, more -54, option 48, answer -102, feedback -101, facts -89, row -15, bank -16, keys 31, remark -14
num-lone words 3: passage -14, stem -25, option -41, answer 35, feedback -52, facts -81, row -86, keys -35
num-lone words 7: out 24, passage -14, more -45, option -16, answer -14, feedback 27, facts 18, row -59, bank -34, keys -28, remark -13
num-lone words many: out -89, stem 26, more -25, option 15, answer -30, feedback -29, keys 47
num0 end asks: out 29, passage -16, more -60, option -91, wrapped -17, answer -44, feedback -18, hint -18, facts -26, row -31, bank -18, lines -17, keys -42, remark -23
num0 end bracket: out -37, stem 45, more 40, option -126, answer 13, feedback -36, facts -51, row -88, keys -46
num0 end colon: out -44, stem 46, option -15, facts -14
num0 end comma: stem -35, row -23, keys 13
num0 end gap: out -62, stem 46, more -39, option -31, answer -29, row -39, keys -17
num0 end none: out -38, passage -29, more -62, option 13, wrapped -27, answer -29, feedback -31, facts -22, row 21, bank -24, lines -14, remark -14
num0 end stop: passage -21, stem 14, more -54, wrapped -13, answer -152, feedback -75, hint -42, facts -67, row -133, remark -33
num0 of 1: passage -22, stem 22, option -75, answer -38, hint -18, facts -20, row -37, bank -28, lines -19, remark -23
num0 of 2: passage -19, more 16, option 44, answer -44, feedback -67, hint -22, facts -37, row 23, bank -27, keys -56
num0 of 4: out 25, passage -36, stem -14, more -28, option 38, wrapped -15, answer -16, feedback -61, facts -13, bank -33, lines -16, keys -55, remark -30
num0 of 8: out -62, passage -54, stem 27, more -101, option -30, wrapped -38, answer -146, feedback -61, hint -53, facts -29, row 12, bank -54, lines -53, keys -21, remark -55
num0 of many: out -76, passage -13, stem 48, more -45, option -96, wrapped -19, answer -24, feedback -60, hint -22, facts -40, keys 59, remark -25
num0 run: out -16, stem 20, option 14, answer -28, row -40, keys -34
num0 words 1: out -13, passage -17, stem -53, more 47, option 39, feedback -36, facts -44, row -91
num0 words 15: out -21, passage -27, stem 26, more -97, option -12, wrapped -14, answer -96, feedback -31, hint -17, facts -49, bank -23, lines -17, remark -24
num0 words 3: more -117, option 18, answer -30, feedback -32, row -29
num0 words 7: passage -26, more -113, option -32, wrapped -29, answer -34, feedback -46, hint -33, facts -121, row 21, bank -28, lines -23, keys -35, remark -33
num0 words many: out -39, passage -21, stem 30, more -20, option -41, answer -68, feedback -14, facts -43, row -28, keys -17
num0-again end asks: out -47, stem 64, row -36
num0-again end bracket: out -27, more -16, option 52, feedback -20, row -82, keys -29
num0-again end none: out -32, passage -33, more -46, option -14, wrapped -19, answer -17, feedback -34, hint -33, facts -53, bank -37, lines -33, remark -33
num0-again end stop: stem -20, answer -66, row -68
num0-again run: out -57, stem -57, option 37, answer -14, keys 33
num0-again words 1: out -28, passage -28, stem -108, more -40, option 47, wrapped -15, answer -76, feedback -29, hint -29, facts -35, row -88, bank -32, lines -28, remark -28
num0-again words 15: stem 36, more -13, option -41, answer -81, feedback -27, keys -18
num0-again words 3: out -12, stem -67, more -17, option -13, answer 17, facts -31, row 33
num0-again words 7: stem 29, more -38, option -53, answer -95, facts -14, keys -17
num0-again words many: out -53, stem 33, option -40, answer -19, row 40, keys -16
num1 end asks: out -89, stem 58, more -15, option -22, wrapped -35, answer -15, feedback -17, row -19, bank -13, lines -15
num1 end bracket: out 23, more 19, option -24, answer 15, feedback -52, facts -36, row -39
num1 end none: passage -19, stem -32, more -43, answer -18, feedback 24, facts -56, row 25, bank -17, keys -27, remark -37
num1 end stop: out -18, passage -26, stem 38, more -60, wrapped -14, answer -80, feedback -44, hint -22, facts -18, row -68, bank -16, lines -21, keys -65, remark -39
num1 of 1: passage -30, stem -21, option -15, wrapped -21, feedback -30, hint -17, facts 16, row 14, bank -37, lines -14, keys -71
num1 of 2: out -22, passage -22, stem 15, option -32, wrapped -18, feedback -65, hint -16, facts -32, bank -19, remark -18
num1 of 4: out -12, passage -27, stem 18, more -56, option 39, wrapped -37, answer -199, hint -23, facts -39, bank -31, lines -28, keys -93, remark -53
num1 of 8: out -48, passage -31, stem 15, more -29, option -36, answer 26, feedback -46, hint -21, facts -28, row -43, bank -27, lines -27, keys -14, remark -22
num1 run: out 20, stem 14, answer -128, row -33, keys -38
num1 words 1: out -23, stem -92, more 16, option 21, answer -43, feedback -87, facts -45, row -75, bank -15, remark -37
num1 words 15: out -44, passage -21, stem 29, more -39, wrapped -36, answer -84, feedback 15, hint -15, facts -15, row -18, bank -15, lines -14, keys -13, remark -31
num1 words 3: out 23, more -20, option -16, answer 23, feedback -92, facts -39, keys -16
num1 words 7: out -32, passage -23, more -50, option -23, wrapped -14, answer -118, feedback -52, hint -16, facts -40, bank -20, lines -18, keys -36, remark -18
num1 words many: out -60, stem 46, more -32, option -22, row -33, keys -17
num1-first end asks: out -60, stem 79
num1-first end bracket: out -56, stem 47, more 25, option 20, answer -19, feedback -14, row -28, keys -24
num1-first end none: out -13, stem -30, more -66, feedback -27, facts -46, row 27, bank -17, lines -14, remark -19
num1-first end stop: out -29, passage -22, stem 20, more -54, option 18, answer -57, feedback -39, hint -17, facts -33, row -49, lines -14, keys -35, remark -19
num1-first run: row -28
num1-first words 1: stem -52, option 18, answer -32, feedback -25, facts -18, row -73, lines -13, remark -18
num1-first words 15: out -16, more -30, option -16, answer -45, feedback -34, facts -37, row 30, keys -20
num1-first words 3: out -65, stem 14, more -60, feedback -16, facts -44, row -37, keys -14
num1-first words 7: out -55, passage -22, more -52, option -16, answer -40, feedback -15, facts -32, row 23, keys -21
num1-first words many: out -49, stem 20, option -19, row -13, keys 19
num2 end none: out -32, stem -52, option 13, answer -58, feedback -27, facts -46, keys -26
num2 of 1: out -48, stem -46, option -22, answer 17, feedback -54, facts -31, keys -26
num2 of 4: out -19, stem -53, more -27, option 15, answer -62, feedback -44, facts -71, bank -14, keys -32
num2 words 3: out -27, option 28, answer -45, facts -40, row -23
num2 words 7: out -21, stem -20, option -24, answer -26, feedback -21, row 39, keys -21
num2-first end none: out -15, stem -44, more -25, answer -33, feedback -19, facts -33, row 17, bank -14, keys -15
num2-first words 15: out -12, stem -42, option 24, answer -17, keys -15
num2-first words 3: more -17, option 21, answer -27, facts -17, row -16
num2-first words 7: out -16, more -17, option -26, row 37
number end none: out -26, passage -47, stem -61, feedback -66, hint -18, facts -71, row -32, bank -37, lines -24
number words 1: out -18, passage -44, stem -52, more 17, option -32, answer 21, feedback -53, hint -18, facts -61, row -18, bank -37, lines -23, keys -42
number words 3: out -59, stem -13, more -85, option 50, answer -58, feedback -21, facts -27, row -27, keys 26
other dress: passage -33, stem -111, more 16, answer 99, feedback -30, hint -30, facts 34, row -22, bank -26, remark -13
other speaker: out 199, stem -120, more -54, option -125, wrapped -25, answer -135, feedback -151, hint -25, facts -83, row -27, bank -26, lines -15, remark -44
pair end bracket: passage -47, more 24, option -33, answer -48, feedback -89, hint -17, facts -29, row -50, keys -69
pair end comma: out 47, passage -19, stem -36, more -19, option -16, answer -13, feedback -66, row -14, keys -40
pair end none: out -18, passage 33, option -38, answer -95, feedback -33, hint -14, facts -51, bank -19
pair end stop: out 23, passage -38, stem -74, more -72, option 39, answer -28, feedback 22, keys -69, remark -27
pair words 15: passage -93, stem 44, more -101, option 39, answer -62, hint -19, facts -23, row -56, bank -22, keys -24, remark -28
pair words 3: out -75, passage -63, stem -69, more 57, option -37, answer -65, feedback -54, facts -51, row 17
pair words 7: out 14, passage 40, stem -90, option -35, answer -68, feedback -13, facts -46, row 18, bank -16, keys -44
pair words many: out 48, passage -19, more -51, option -13, answer -26, feedback -42, row -19
phrase end bracket: passage -80, more 48, option -160, wrapped -50, answer -57, facts -58, row -44, bank -30, lines -30, keys -93, remark -13
phrase end comma: out -37, passage 32, stem -28, more 26, option -50, answer -23, feedback -18
phrase end gap: stem 37, more 52, option -59
phrase end none: passage -18, stem -22, more -64, wrapped 25, feedback -68, hint -38, facts -57, row -35, bank -52, lines -21, remark -15
phrase words 15: out -116, passage -52, stem 13, more 31, option 15, answer 33, feedback -89, facts -30, row -19
phrase words 7: stem -19, more -17, option -13, wrapped 15, answer -21, hint -48, facts -63, row -38, bank -67, lines -43, keys -42, remark -24
quote begins: out -75, passage 14, more -84, option -101, answer -163, feedback 84, hint -79, facts 19, row -47, bank -24, keys -41, remark 59
quote ends: out 57, passage -41, stem -130, more -59, option 33, wrapped -14, answer -19, hint -28, facts -13, row -50, bank -27, lines -17, keys -90, remark -47
quoted: out -126, passage -59, stem 33, option -14, wrapped -52, feedback 34, hint -104, facts 19, row -41, lines -20, keys -20, remark 47
rom-lone end asks: out -26, stem 28, more -13
rom-lone end bracket: out 50, stem -34, more -26, answer -32, facts -23, keys -32
rom-lone end none: option -31, answer -44, facts -22, row -28, keys 55
rom-lone end stop: passage -14, stem 15, option -34, answer -31, feedback -19, facts -13, keys -23
rom-lone run: out -36, stem -21, option -20, answer -16, keys 36
rom-lone words 1: out 35, passage -14, stem -50, more -13, option -36, answer -28, facts -21, keys 29
rom-lone words 15: answer -22, feedback -13
rom-lone words 3: out 52, stem -29, more -14, answer -50, feedback -14, facts -36, keys -41
rom-lone words 7: more -19, option -20, answer -30, facts -18, row -23
rom-lone words many: out -67, stem 33, keys 45
rom0 end asks: out -54, stem 53, more -13, option -17, answer -18, remark -19
rom0 end bracket: out 23, passage -18, stem -23, more -21, option -43, answer -35, feedback -34, facts -42, row -23, keys 18, remark -14
rom0 end colon: stem 14
rom0 end gap: stem 17
rom0 end none: out -16, passage -25, stem 49, more -32, option -56, answer -29, facts -35, row -31, bank -18, lines -14
rom0 end stop: more -22, option 25, answer -38, feedback -28, facts -37, row -23, keys -35
rom0 run: stem 40, keys -26
rom0 words 1: out 49, stem -20, more -19, option -36, answer -21, facts -34
rom0 words 15: out 15, passage -40, more -29, option -46, answer -26, feedback -33, facts -46, row -36, bank -29, lines -21, keys 22, remark -34
rom0 words 3: passage -35, stem -27, more -16, option 17, answer -39, feedback -14, facts -28, row -31, keys -44
rom0 words 7: stem 23, more -42, option -43, wrapped -13, answer -51, feedback -20, facts -21, row -19, keys -43
rom0 words many: out -13, stem 33, more -18, option -15, keys -19
rom0-again end none: out -33, passage -12, stem 32, more -12, option -43, answer -21, facts -21, row -17, remark -13
rom0-again end stop: more -15
rom0-again words 1: out -17, more -15, option -33, answer -17, facts -14, keys 30, remark -12
rom0-again words 15: out -38, passage -14, more -12, option -38, answer -23, facts -17, row -17, keys 19, remark -20
rom0-again words 7: out -13, stem 45, keys -42
rom1 end none: stem 20, more -33, option -28, answer -20, facts -16, row 29
rom1 end stop: out -25, stem -40, more 17, option 17, answer -28, facts -17, row -24, keys -18, remark -21
rom1 words 15: stem 19, option -14, facts -16, row -30
rom1 words 3: out -25, stem -41, more -61, option 51, answer -29, feedback -21, facts -14, row -66, keys -18, remark -21
rom1 words 7: option -41, row 38
rom1-first end stop: stem -56, row -23, remark -13
rom1-first words 15: more 23, option -15, facts -14, row -73
rom1-first words 7: more -64, option -12, row 26
rule end gap: out -48, passage -15, stem -58, option -33, answer -45, feedback -16, facts -17, row -30, bank -12, lines 43
rule end none: out 50, passage -32, stem -50, more -112, option -49, feedback -41, facts -78, bank -18, lines -161, keys -81
rule words 1: out 33, passage -40, stem -41, more -26, option -51, answer -130, feedback -50, hint -18, facts -86, bank -26, lines 40, keys -70, remark -13
rule words 15: out 96, stem -58, more -16, row -60
rule words 3: out -23, stem -29, option -27, answer -71, feedback -17, row -21
run: out -49, passage -50, stem 17, more -87, option 46, answer -27, feedback -70, hint -22, row -106, lines -36, remark -33
run before: passage -86, stem 50, more -163, option -122, wrapped -62, answer 60, feedback 35, hint -39, row -43, bank 16, lines -13, keys 26, remark -44
run behind: out -47, stem 91, more 41, option -39, wrapped -63, answer -55, feedback -104, hint -28, facts -66, row -37, bank -64, lines -47, remark -32
run from the first: out -101, passage -49, stem 49, more -82, answer -17, feedback -53, hint -20, row -115, lines -25, remark -27
run from the start: out -32, passage -41, stem -237, more -76, option 161, answer -52, feedback -50, hint -14, facts 17, row -76, bank -77, lines -22, keys -16, remark -28
run of 2: passage -26, stem -22, more -50, option 24, feedback -29, facts -48, row -65, bank -44, lines -15, keys 26, remark -19
run of 3: out -16, stem 37, more -38, answer -45, feedback -36, facts -114, row -73
run of 4: out -111, passage -40, stem -17, more -48, option 55, answer -48, feedback -34, facts 25, row -54, bank -58, lines -18, keys -73, remark -18
run of 5: out -31, stem -18, option 22, answer 22, row -12, keys -22
second: out 16, passage -49, more -37, option -35, answer -62, feedback -98, hint -21, facts -16, bank -51, lines -25, keys -21, remark -28
section end asks: out 13
section end bracket: out 68, passage -16, stem -73, more -34, option -20, answer -27, feedback -35, hint -12, facts -76, row -19, bank -19, keys -40, remark -24
section end gap: out 59, stem -43
section end none: passage -16, stem -53, more -20, option -18, answer -51, feedback -17, row -34, keys 28
section end stop: out -34, stem 39, keys -43
section words 15: out 51, stem -101, more -14, answer -24, feedback -24, facts -19, keys -39, remark -17
section words 3: out 38, passage -16, stem -46, more -26, option -17, answer -56, row -32, keys -28
section words 7: stem 13, more -75, answer -23, feedback -36, hint -12, facts -82, row -13, keys 34
sentence end stop: stem -31, more -20, option -15, wrapped -30, answer -29, feedback -21, hint -66, facts -57, row -49, bank -54, lines -44, keys -16, remark -17
sentence words 15: passage -27, more -36, wrapped -28, hint -52, facts -43, row -45, bank -39, lines -33, keys -36
sentence words many: out 17, stem -69, option -59, answer -103, feedback -24, hint -18, facts -30, row -23, bank -20, lines -16, keys 31, remark -30
short asks capital: stem -127, more -40, option 26, feedback -142, hint -33, facts -29, row -32, bank -82, lines 14, remark -24
short asks label: out -53, passage -42, stem -47, answer 76, row -127, lines -12, keys -85, remark -42
short asks small: out 14, passage -16, stem -28, more -115, option 13, wrapped -29, feedback -55, facts 22, row -103, lines -15, keys -108
short bracket capital: out -30, passage -60, stem 26, more -137, option -29, wrapped -20, feedback 16, hint -50, facts 19, row -16, bank -58, lines 18, keys -41, remark -39
short bracket label: out -31, stem 19, more -92, answer -20, feedback -88, bank -29, keys -20, remark -27
short bracket small: out 19, passage -28, stem -23, more -66, option -38, wrapped -48, answer -19, feedback 57, facts -64, row -95, bank -44, lines -20, keys -16, remark -22
short colon capital: out 48, passage -45, stem -53, more -68, option -54, feedback -24, facts -29, row -27, bank -18, keys 48, remark -13
short colon label: out -35, stem -74, more -29, option 40, answer -40, feedback -27, facts -25, keys -28, remark 30
short colon small: out -47, passage -27, stem -112, more 15, option 14, answer -81, feedback -32, facts -22
short comma capital: out 40, passage -32
short comma small: out 33, passage 21, stem -52, more -30, option -30, wrapped 38, answer -36, keys -31, remark -16
short deeper capital: out -44, passage -47, stem 53, more -78, wrapped -56, answer -33, feedback 19, hint -49, facts -25, bank -76, lines -16, keys -65, remark 25
short deeper label: out -96, passage -27, more -32, option -29, wrapped -58, answer 21, feedback -53, hint -21, facts -105, row 40, bank -13, lines -24, keys 33, remark 30
short deeper small: passage -32, stem 12, more -37, option -38, wrapped 43, answer -82, feedback -31, hint -41, facts 28, row 61, bank -19, lines -28, remark -45
short end bracket: out 20, passage -55, stem -39, more 30, wrapped -50, answer -87, feedback 17, facts -81, row -14, keys -44
short end comma: out 46, passage -29, stem -29, more -21, answer -57, feedback -38, facts -19, keys -23
short end gap: out -33, stem 45, more 31, option -60, answer -34, feedback -34
short end none: out 18, passage 13, stem -49, more -45, option -14, wrapped 18, answer 21, feedback -74, facts -29, row -52, bank -45, lines -34, keys -43
short end stop: out -74, passage -18, stem 54, wrapped 35, answer -36, feedback 18, hint -36, facts -81, row -13, lines -20, remark -25
short gap capital: out -25, passage 13, stem -60, more -29, option -50, answer 22, feedback -50, facts 40, row -19, lines 15, keys 14, remark -16
short gap label: out -27, more -26, option 36, answer -25, feedback -20, hint -14, row -38, bank -17, lines -17, keys -18, remark -19
short gap small: out -12, passage -24, stem -47, option 16, feedback -86, facts -37, row -27, keys -81
short none capital: out -16, passage 30, stem 18, more -96, option -14, wrapped -164, answer -22, feedback 27, hint 15, facts -17, bank -24, lines -92, keys -42, remark 18
short none label: out -35, passage -30, stem -31, more -149, option -13, wrapped -89, answer -22, hint -47, facts -62, bank -42, lines -43, remark -105
short none small: out -72, passage -79, stem 20, more -26, option -35, wrapped -31, answer -64, feedback 15, hint -54, facts -24, bank -50, lines -41, remark -58
short out capital: out 27, passage 15, stem -138, more -88, option -18, wrapped -95, answer 37, feedback 17, hint -86, facts -32, row -34, lines 48, keys -60, remark 25
short out label: out -73, more -78, wrapped -41, answer 13, feedback -14, hint -17, facts -59, row 12, bank -37, lines -25, remark -60
short out small: out -31, passage -23, stem 31, more -32, option -68, wrapped -59, answer 18, feedback 44, hint -15, facts -32, bank -29, lines -31, keys 17, remark -43
short same capital: out -25, more -85, wrapped -147, answer -20, feedback 21, hint 17, bank -55, remark -34
short same label: out -28, passage -45, stem -41, more -37, wrapped -72, feedback -21, hint -54, facts -57, row -31, bank -57, lines -50, keys -29, remark -29
short same small: out -55, passage -45, stem -24, more -36, wrapped -174, hint -48, facts -24, row -24, bank -62, lines -45, keys -23, remark -72
short stop capital: out -37, passage -24, stem -49, more 33, option 18, wrapped -41, answer 17, feedback -23, facts -17, row -63, bank -35, lines 17, remark -75
short stop label: out -69, passage -76, option 21, wrapped -25, answer -52, feedback -65, hint -44, facts -94, row -15, bank -46, lines -53, keys -37, remark 30
short stop small: out 25, passage -74, stem -30, more -105, option -28, wrapped -43, feedback -91, facts 38, row 33, bank -38, lines -35, remark -76
short words 1: out -36, passage -13, more 23, option -20, wrapped 19, hint -21, facts -136, row -33, bank -22, lines -28, keys -35
short words 3: out 17, more -24, wrapped 12, answer -43, hint -30, facts -14, row -53, bank -35, lines -31, keys -23, remark -28
short-sentence end stop: passage -21, stem -15, answer -24, facts -61, row -52, bank -50, lines -37, keys -21
short-sentence words 15: out 36, passage -15, stem -20, more -25, wrapped -33, answer -36, hint -106, facts -34, row -22, lines -13, keys -14, remark -60
short-sentence words 7: out -21, passage -17, stem -20, facts -48, row -44, bank -43, lines -28, keys -13, remark 27
slanted: out -17, stem -98, more -60, option -86, wrapped -16, answer -124, feedback 19, hint -69, row -61, lines -28, keys -28, remark -48
speaker changes: out 74, passage 42, stem 20, more -79, option -70, wrapped -26, answer -71, feedback -152, hint -39, facts 14, row -37, bank -27, lines -13, keys -16, remark -58
table-down end none: out -65, stem -51, option -35, answer -66, feedback -32, facts -37, row -30, keys 67
table-down words 15: out -28, stem -21, answer -28, facts -16, keys 28
table-down words 7: out -49, stem -31, option -29, answer -41, feedback -30, facts -26, row -23, keys 50
table-pairs end none: passage -40, stem -105, more -63, option -42, answer -56, feedback 24, hint -25, facts -56, row 17, bank -56, lines -30, remark -19
table-pairs words 15: passage -24, stem -51, more -38, option -20, answer -46, facts -35, row 60, bank -17, keys -65
table-pairs words 7: passage -22, stem -61, more -39, option -23, answer -70, feedback -94, hint -21, facts -28, bank -41, lines -21, keys 41, remark -17
table-pairs words many: out -65, stem -33, answer -20, feedback 30, facts -14, row -39, keys 42
table-ticks end none: passage -22, stem -72, more -41, option -28, answer -48, feedback -35, facts -43, row 45, bank -26, keys -42
table-ticks words 15: out -71, passage -17, stem -64, more -32, option -22, answer -41, feedback -26, facts -22, row 68, bank -15, keys -21
table-ticks words 7: out -65, stem -20, more -23, option -21, answer -26, facts -27, row 46, bank -12, keys -20
table-wide end none: passage -25, stem -89, more -47, option -41, answer -58, feedback -42, facts 16, row -41, bank -24, lines -17, remark -31
table-wide words 15: out -48, passage -17, stem -81, option -40, answer -60, feedback -36, facts 32, row -40, bank -21, lines -14, keys 18, remark -31
table-wide words many: out 59, more -38, answer -40, feedback -22, facts -51, keys -40
text end bracket: out -35, passage -72, stem 47, more 47, option -87, answer -102, feedback -119, facts -39, row -31, bank -22, lines -17, keys -80
text end comma: passage 23, more -29, answer -13, feedback -25, keys 21
text end none: out 24, passage 17, stem -31, more -45, option -17, wrapped 24, feedback 18, hint -31, facts -81, row -55, bank -46, lines -37, keys -19, remark -23
text run: out -49, stem 53, answer -16
text words 15: passage 30, stem -13, wrapped 26, answer -19, hint -38, facts -77, row -60, bank -35, lines -29, keys -29, remark -27
text words many: out 30, passage -23, more -33, wrapped -46, answer -40, feedback -89, facts -28, row -23, bank -16, lines -28
ticked end none: out -26, passage -41, stem -69, more -40, option 21, answer 19, feedback -37, facts -57, row -26, keys -53
ticked words 1: out -80, stem -23, more -14, option 36, answer 23, feedback -13, facts -21, keys -33
ticked words 15: option 20
ticked words 3: out -39, more -27, option 46, answer -18, feedback -17, facts -55
ticked words 7: out 42, passage -42, stem -53, more -44, answer -66, feedback -18, facts -21, row -14, keys -29
truth end none: out -18, passage -23, stem -50, option -31, answer 28, feedback -33, facts -57, row -25, bank -13, lines -19, keys -56
truth words 1: passage -23, stem -50, option -31, answer 14, feedback -33, facts -55, row -25, bank -13, lines -18, keys -45
word again: out -57, stem 22, more -29, answer -46, feedback -24, facts 24, row -20, keys -22
word again asks few: out -54, more -29, answer -46, feedback -24, facts 25, row -18, keys -21
word again fits most: out -46, stem -37, more -14, option 17, answer -33, row -13
word again fits none: out -34, stem 100, more -21, option -41, feedback -19, facts -77, keys -36
word asking few: stem 31, more -22, answer -27, feedback -25, facts -41
word asking most: out -25, passage -36, stem 57, more -21, option -27, answer -30, facts -69, row -16
word asking none: out -19, passage -53, stem -36, more -104, option -84, wrapped -49, feedback -84, hint -36, facts 66, row -72, bank -51, lines -22, keys -70, remark -58
word asking some: out -39, passage -18, stem 55, more -53, option 35, wrapped -23, answer -78, feedback -38, hint -20, facts -126, row -33, bank -33, lines -19, keys -52, remark -14
word-lone end asks: out -77, passage -35, stem 82, more -19, option -15, facts -57, row -14
word-lone end bracket: out 39, stem -94, more -22, answer -20, feedback -14, facts -46, keys 15
word-lone end gap: out -36, stem 42
word-lone end none: out -21, passage -18, stem -27, option -74, answer -43, facts 52, row -23, keys -39
word-lone end stop: out 23, more -14, option 19, answer -59, feedback -36, facts -58, keys -58, remark -28
word-lone words 1: out -58, passage -47, more -12, option -31, answer -38, facts 73, row -18, keys -50
word-lone words 15: out 37, more -24, option -16, answer -35, feedback -19, facts -112
word-lone words 3: out 15, facts -29
word-lone words 7: out 35, passage -16, more -14, option 25, wrapped -13, answer -58, feedback -36, hint -12, facts -118, row -14, bank -16, keys -27, remark -27
word-lone words many: out -43, stem 61, facts -27
word0 end asks: out -42, stem 49, more -21, option -51, answer -28, facts -35
word0 end bracket: out 28, stem -64, more -27, option -85, wrapped -21, answer -81, facts 53, bank -15, remark -18
word0 end colon: out -45, stem 67, facts -60
word0 end gap: out -13, stem 13
word0 end none: out -78, passage -33, more -45, option -24, wrapped -25, answer 14, feedback -53, facts 32, row -47, bank -31, lines -12, keys -45
word0 end stop: out 26, passage -15, stem 48, more -13, option -70, answer -89, feedback -31, hint -19, facts -87, row -15, remark -13
word0 of 1: passage -57, stem 12, more -44, option -23, answer -62, feedback -42, row -33, bank -29, keys -12, remark -22
word0 of 2: out 13, stem -15, more -15, option -49, answer -104, feedback -43, row -13, keys -14
word0 of 4: out -40, passage -27, more -43, option 17, wrapped -21, feedback -26, facts 36, row -35, keys -29, remark -12
word0 of 8: out 17, passage -29, stem 23, more -45, option -79, wrapped -31, answer -49, feedback -31, hint -16, row -39, bank -29, lines -17, keys -66, remark -28
word0 of many: out -64, passage -13, stem 58, more -40, option -101, answer -167, feedback -36, bank -21, lines -13
word0 run: out -16, stem 71, option -23, facts -65
word0 words 1: out -42, passage -33, stem -49, more -44, option -12, feedback -12, hint -13, facts 60, row -35, bank -14, lines -23, keys -42, remark -15
word0 words 15: stem 63, more -20, option -73, wrapped -17, answer -42, feedback -27, facts -112, bank -17, keys -13, remark -12
word0 words 3: out -78, option -54, answer -88, facts 37, row -14
word0 words 7: out 23, stem 16, more -34, option -55, wrapped -25, answer -88, feedback -58, hint -14, facts -67, row -28, bank -22
word0 words many: out -108, stem 48, option -23, answer -24, facts -29
word0-again end asks: out -13, stem 26, facts -14, keys -13
word0-again end bracket: stem -22, feedback -15, facts 24, keys -18
word0-again end none: out -48, stem 32, more -26, answer -43, facts 16, row -16, keys -21
word0-again end stop: out -18, stem 17, option -32, facts -25
word0-again words 1: out -20, stem -60, option -42, answer -39, facts 38, keys -27
word0-again words 15: out -28, stem 80, more -18, option -16, facts -64, keys -13
word0-again words 3: out -13, stem -13, more -12, option 32, facts -14, keys 14
word0-again words 7: out -39, stem 62, option -15, feedback -21, facts -91, keys 16
word0-again words many: facts -18, keys 16
word1 end none: out -51, stem 13, more -19, option -27, wrapped -14, answer -26, feedback -26, facts 26, row -15
word1 end stop: stem 34, answer -36, feedback -13, facts -30, keys -20
word1 of 1: out -27, option 18, answer -43, feedback -12, facts 20, keys -13, remark -14
word1 of 2: out -39, stem 21, more -36, option -33, wrapped -19, answer -43, feedback -29, facts 22, row -20, keys -27
word1 of 4: out -52, stem 35, option -12, answer -27
word1 words 1: out -45, stem -15, answer -32, facts 48
word1 words 15: out -15, stem 21, more -19, option -15, wrapped -14, feedback -19, facts -27, row -15
word1-first end none: out -47, option -21, answer -15, facts 25
word1-first words 1: out -46, answer -15, facts 17
word1-first words 15: stem 13
word1-first words 7: out -23, stem 35, option -12
words 1: out -12, passage -58, stem -185, wrapped -39, feedback -88, hint -86, row -127, bank -105, lines -19, remark -122
words 15: out -38, passage -37, stem 51, more -31, option -68, wrapped -46, answer -39, feedback 13, hint -19, facts -121, bank -33, lines -110, keys -41, remark 16
words 3: out -24, passage -53, stem -102, option -20, answer 50, feedback -82, hint -98, facts 43, row 31, bank -152, lines -46, remark -88
words 7: passage -26, stem -17, option -32, wrapped -48, answer -38, hint -13, facts -73, row 14, bank 29, lines -106, keys -16, remark -32
words many: out -45, passage 24, stem 69, more -19, option -121, wrapped -61, answer -21, hint -55, facts -98, row -75, bank -91, lines -82, keys -25, remark -68
zone body: out -63, passage -59, stem -19, more -26, wrapped -32, answer -12, hint -27, facts -35, bank -27, lines -76, keys -73, remark -17
zone body arrow: out -63, passage -13, stem -49, more 17, option -67, answer 48, feedback -133, facts -35, row -32, bank -15, keys -14
zone body asks: out -22, stem -14, option 18, answer -50, feedback -51, facts -49, row -31, keys -14, remark -17
zone body box: out -27, passage -19, stem -63, more -40, option 39, wrapped -14, answer -15, feedback -37, facts -46, row -31, lines -13, keys -31, remark -25
zone body bracketed: passage -21, stem -67, more -34, option -52, wrapped -14, hint -38, facts -59, row -31, lines -23, keys -37, remark -20
zone body bullet: out -32, passage -18, stem -59, more 16, option 18, hint -24, facts -43, row 31, bank -15, keys -32, remark 23
zone body capitals: out -25, passage -38, stem -43, more -33, option 15, feedback -55, hint -28, facts -38, row -31, bank -20
zone body cells: stem -52, option -13, answer -27, feedback -35, hint -29, facts -56, lines -15, keys -29, remark -30
zone body chatter: passage 13, stem -77, more -23, answer -38, feedback -49, facts -13, row -14
zone body colon: out -27, stem -67, more 15, feedback -36, hint -16, facts -25, keys 37
zone body cue-answer: out -50, passage -20, stem -56, more -17, option -22, wrapped -31, answer 49, feedback -53, facts -59, row -60, bank 12, keys -13
zone body cue-difficulty: out -36, passage -17, more -17, option -34, answer -41, feedback -26, facts 70, row -20, keys -98
zone body cue-feedback: out -64, passage -14, stem -44, more -37, option -34, wrapped -31, answer -81, feedback 59, hint -40, facts -14, row -36, keys -60, remark 18
zone body cue-hint: out -55, passage -16, stem -47, wrapped -14, answer -61, feedback -53, hint 51, facts -21, row -20, keys -13, remark -16
zone body cue-level: out -17, stem -74, more -45, answer -24, feedback -36, facts 31, row -50, bank -21, keys -41
zone body cue-outcome: passage -27, stem -74, more -15, option -44, answer -41, feedback -61, hint -21, facts 13, row -47, bank -19, keys -32, remark -13
zone body cue-points: out -39, stem -36, more -27, option -42, answer -47, feedback -42, hint -14, facts 61, row -29, lines -12, keys -40
zone body cue-sample: out -24, passage -12, stem -22, more -39, option -44, answer 34, feedback -34, hint -14, facts -26, row -23, bank -21
zone body cue-wordBank: out -34, stem -15, more -41, option -25, answer -31, facts -14, row -18, bank 44
zone body field: passage 37, stem -25, more -18, option -15, wrapped -12, hint -39, facts -67, bank -30, keys -47, remark -31
zone body field-kind: stem -18, answer -43, feedback -16, facts 33
zone body gap: out -14, passage -70, stem -20, more 31, option -50, wrapped -17, feedback -63, hint -27, facts -34, row -28, bank -19, keys -21, remark -17
zone body heading: out 31, more -40, option -23, answer -124, feedback -41, facts -66, row -28, bank -13, keys -13
zone body identity: out 54, stem -34, more -13, answer -28
zone body key-title: passage -15, stem -20, answer -21, feedback -42, facts -26, bank -14, keys 23
zone body let-lone: out 34, passage -80, stem -57, option 38, wrapped -15, answer -52, feedback -34, hint -17, facts -53, row -16, bank -36, lines -21, keys -33, remark -25
zone body let0: out -15, passage -50, stem 37, more -62, option -17, wrapped -39, answer -28, feedback -70, hint -18, facts -78, row -55, bank -24, lines -12, keys -30, remark -18
zone body let1: passage -35, stem -21, more -45, option 14, wrapped -49, answer -42, feedback -56, hint -42, facts -54, bank -39, lines -38, keys -70, remark -14
zone body let1-first: out 21, passage -14, stem -32, more -54, wrapped -25, answer -27, feedback -35, hint -22, facts -32, bank -19, lines -17, keys -60, remark 12
zone body let2: passage -17, more -30, wrapped -55, answer -13, feedback -30, facts -45, row -34, bank -13, lines -14, keys -22
zone body let2-first: out 14, stem -21, more -46, wrapped -23, answer -15, facts -35, row -26, keys -32
zone body letter: out -68, more 20, option 61, answer -18, feedback -32, facts -44, row -27, keys -19
zone body lines: out -29, passage -16, stem -27, more 49, option -31, answer 26, feedback -33, hint -17, facts -23, row -17, lines -32
zone body num-lone: passage -13, more -19, wrapped -22, hint -26, bank -41, lines -15, keys -30, remark -19
zone body num0: out -25, passage -55, stem 49, more -32, option -48, wrapped -50, answer -47, feedback -73, hint -43, facts -46, row -37, bank -41, lines -37, remark -47
zone body num0-again: out -24, stem 39, more -13, option -80, answer -13, feedback -19, row 13, keys -38
zone body num1: out -102, passage -33, stem 23, more -77, wrapped -32, answer -103, feedback -207, hint -22, facts -53, row 14, bank -28, lines -16, keys -43, remark -46
zone body num1-first: out -147, more -50, answer -95, feedback -40, hint -12, facts -42, row 14, bank -17, lines -12, keys -22, remark -28
zone body number: passage -25, stem -35, option -23, feedback -46, hint -16, facts -62, row -18, bank -30, keys -101
zone body pair: stem -80, more 26, option -32, answer -70, hint -33, facts -41, row 12, bank -31, keys -15, remark -21
zone body phrase: out -21, passage -75, stem -39, more -42, wrapped 34, answer 13, hint -37, facts -67, bank -43, lines -27, keys -100, remark -18
zone body rom-lone: out 34, stem -13, more -26, option -39, answer -43, feedback -20, facts -17, row -13, keys -28
zone body rom0: passage -42, stem 33, more -41, option -68, wrapped -14, answer -51, feedback -56, facts -41, row -43, bank -31, lines -21, keys 34, remark -36
zone body rom1: out -28, stem -14, more 12, answer -29, feedback -25, facts -23, keys -18, remark -21
zone body rom1-first: out -22, stem -52, answer -24, facts -17, remark -13
zone body rule: out 34, stem -35, more -19, option -39, answer -92, feedback -28, facts -17, keys -34
zone body section: out 83, stem -153, more -28, option -26, answer -25, feedback -30, facts -100, row -19, bank -15, keys -86, remark -18
zone body sentence: passage -20, stem -42, wrapped -25, answer -52, hint -50, facts -34, row -43, bank -32, lines -29
zone body short: option -34, wrapped 22, answer -22, feedback -35, hint -27, facts -56, row -53, bank -25, lines -22, keys -28, remark -16
zone body short-sentence: out -69, passage -86, stem -35, more -24, wrapped 32, feedback 12, hint 13, facts -43, row -41, bank -30, lines -16, remark 16
zone body table-pairs: out -15, stem -67, more -64, option -13, answer -26, feedback 40, facts -12, row 18, bank -31, keys -35
zone body table-ticks: out 17, stem -54, more -40, option -26, answer -40, feedback -30, facts -43, row 21, bank -19, keys -41
zone body text: out -15, stem -64, more -20, option 44, hint -31, facts -64, row -41, bank -48, lines -30, keys -28, remark -19
zone body ticked: out -36, stem -42, more -52, option 20, feedback -23, facts -29, row -25, keys -24
zone body truth: out 41, stem -32, more -27, option -28, answer -23, feedback -19, facts -41, row -23, keys -28
zone body word-lone: out -30, stem -22, more -30, option 30, wrapped -13, answer -52, feedback -14, facts 34, row -24, bank -17, keys -48, remark -22
zone body word0: out -12, passage -38, stem 33, more -73, option -38, wrapped -47, answer -13, feedback -36, hint -26, row -49, bank -48, lines -32, keys -48, remark -36
zone body word0-again: stem 17, facts -16
zone head: passage 29, more -32, option -50, wrapped -92, answer -97, feedback -45, hint -89, facts 32, row -29, bank -65, lines -40, keys -67, remark -90
zone head arrow: out 24, passage -14, stem -22, more -31, option -67, answer 41, feedback -14
zone head asks: more 45, option -37, answer -25, feedback -21, facts -31, bank -27, lines -23
zone head box: out -27, stem -56, option 53, answer -70, feedback -14, facts -12
zone head bracketed: out -50, passage -19, stem -50, more 26, option -20, answer -78, bank -103, keys 55
zone head bullet: out -41, passage -13, stem 12, more -20, option 32, answer -54, feedback -51, facts -63, row -93, bank -23, lines -16, keys -12, remark -47
zone head capitals: out 20, passage -19, answer 25, facts -45, keys -58
zone head cells: passage -122, stem 51, option 18, answer -19, facts -75, row 25, bank -53, keys -117
zone head chatter: out -20, passage 18, facts -27, keys -13
zone head colon: stem 20, more -20, facts -26, row -16, bank -13, keys -29
zone head cue-answer: out -30, passage -27, stem -39, more -51, option -129, answer 48, facts -30, bank -32
zone head cue-difficulty: out -21, facts 69, keys -23
zone head cue-feedback: out -75, passage -13, stem -20, more -19, feedback 54, facts -26, remark -17
zone head cue-level: passage -21, stem -15, answer -23
zone head cue-points: out 21, passage -16, stem -18, more -21, option -20, answer -72, keys -24
zone head cue-sample: out -35, passage -25, stem -36, more -33, answer 52, feedback -13, facts -26, row -15, keys -51
zone head cue-wordBank: stem -16, answer -13, facts -20
zone head field: passage -14, more -30, option -50, answer -78, feedback -27, facts 29, row -39, bank -18, lines -14, keys -46
zone head field-kind: out -28, passage -15, option -13, answer -16, facts 40
zone head field-number: out -17, facts 29, keys -17
zone head field-option: more -41, option 45
zone head field-stem: out -32, stem 54, more 18
zone head gap: out 30, more -27, answer -36, facts -36, keys -22
zone head heading: out -19, passage -54, stem -47, more -23, option -23, answer -58, facts 35
zone head identity: out 32, passage -14, stem -18, facts -30
zone head instruction: out 15, stem -15
zone head key-title: out 23, passage -46, stem -83, answer -17, feedback -17, facts -41
zone head let-lone: out -16, passage 53, stem -42, answer -67, facts -23, row -35, keys -56
zone head let0: out -50, stem 32, more -32, answer 26, facts -23, row 33, keys -70
zone head let1: out -15, stem 50, more -15, option -77, answer 33, facts -64, row -55, keys -60, remark -18
zone head let1-first: out 31, stem -17, more 27, option 30, answer -78, facts -19, row -54, keys -13
zone head let2: option 49, answer -14
zone head let2-first: more -16, option 23
zone head num-lone: out 47, passage -40, stem -38, more 27, option -55, answer -26, feedback -31, facts -119, row -19, keys -93
zone head num0: out 50, passage -15, stem -83, more -25, option 20, answer -66, facts -52, keys -39
zone head num1: out 14, option -28, answer -13, keys -23
zone head num1-first: out -38, passage -13, stem 31, row 15
zone head number: out -34, more -68, option 39, feedback -15, facts -24, row -34, keys -64
zone head pair: out 26, stem -66, more -41, option -23, answer -30, facts -30, row -74, keys -15
zone head phrase: out -13, passage 24, stem 14, more -32, option -20, wrapped -31, answer -145, feedback -113, facts -26, row -34, bank -15, lines -13, keys -66
zone head rom-lone: out 56, passage -20, stem -38, facts -19
zone head rom0: out -24, passage -34, stem 36, option -32, answer -24, facts -38, row -14, keys -23
zone head rule: out 18, passage -15, stem -57, more -69, option -39, answer -48, facts -52, row -35, lines 15
zone head section: out -21, passage -16, stem 21, more -15, answer -21, facts 21, keys -56
zone head sentence: more -32, option -46, answer -69, feedback -67, facts -22, row -14, bank -13, keys -116, remark -30
zone head short: stem 13, more -28, option 14, wrapped -57, answer -96, row -17, bank -18, keys -86
zone head short-sentence: out 18, option -15, wrapped -22, answer -42, feedback -48, hint -79, facts -57, row -15, bank -24, lines -16, keys -166, remark -42
zone head table-pairs: passage -18, stem -23, answer -17, feedback -26, facts -24, row 62, keys -75
zone head table-wide: out 95, passage -18, answer -21, facts -66, keys -53
zone head text: out 17, more -55, option -34, wrapped -13, answer -14, facts -40, row -28, bank -16, lines -14, keys -96
zone head word-lone: out 32, passage -44, stem -15, option -22, facts -12, keys -45
zone head word0: out -43, answer -28, facts 34
zone keys: out -23, passage -151, stem -30, more -36, option -41, wrapped -94, feedback -38, hint -79, facts -35, row -30, bank -80, lines -44, keys 19, remark -81
zone keys arrow: out -20, answer 50, facts -32, keys -26
zone keys asks: out -49, more 28, option -14, keys -25
zone keys box: stem -32, option 14, answer -55, feedback -18, hint -15, facts -15, keys -34
zone keys bracketed: out -76, stem -13, answer -46, feedback 41, bank -33, keys 59
zone keys bullet: out 25, stem -25, more -40, option 53, answer -44, feedback -31, facts -20, row -24, lines -12, keys -26
zone keys capitals: out 45, option -48, answer -99
zone keys cells: passage -102, stem 21, more 23, option -26, wrapped -24, answer -82, feedback -20, facts -58, row -61, bank -26, keys 13
zone keys chatter: out 27, stem -33, more -20, answer -16
zone keys cue-answer: stem -24, more -19, option -106, facts -15, row -18, bank -23
zone keys cue-difficulty: out -59, answer -12, facts 78, row -14, keys -29
zone keys cue-feedback: out -51, more 14, feedback 33, keys -27, remark -16
zone keys cue-level: out 15, option -23, answer -40, facts 23, keys -14
zone keys cue-sample: out -26, stem -39, more -16, feedback -12, keys 38
zone keys field: out -37, passage -40, stem 39, more -36, option -67, answer 25, feedback -36, facts -25, row -22, bank -13, keys 16
zone keys field-kind: out 50, answer -19, facts -21, keys -45
zone keys gap: stem -48, more 26, answer -21, keys -32
zone keys heading: out -46, stem -24, answer 43, facts -42, row -20, keys 22
zone keys key-title: stem -31, more -26, option -22, answer -31, feedback -14, facts -19, row -16, bank -14
zone keys let-lone: out 25, stem -48, more -60, option -51, row 15, keys 15
zone keys let0: out -63, stem -92, option 47, answer -18
zone keys let1: stem -17, answer -98, row -17, remark -33
zone keys let1-first: out -45, stem -25, more -23, feedback -16, row -33, remark -18
zone keys num-lone: out -56, option -31, answer -14, feedback -65, facts -16, row -26, keys 34
zone keys num0: out -79, stem 14, more 21, option 30, answer 29, row -24, keys -48
zone keys num0-again: out -21, passage -33, stem -20, more -57, wrapped -19, answer -15, feedback -35, hint -33, facts -45, bank -34, lines -33, remark -33
zone keys num1: out -97, stem -53, more 26, answer 60, feedback 40, row -28, keys -23
zone keys num1-first: out -24, stem -18, more 15, answer -15
zone keys number: out -45, passage -19, more -16, option -83, answer -21, keys 51
zone keys pair: out 38, passage -17, stem -74, option -13, answer -18, feedback -59, row -34
zone keys phrase: passage -56, more 16, option -77, wrapped -24, answer -28, feedback -113, facts -29, row -27, keys 15
zone keys rom-lone: stem -49, option -21, answer -33
zone keys rom0-again: out -39, passage -19, stem 22, more -25, option -62, answer -37, feedback -13, facts -32, row -18, bank -13, lines -14, keys 29, remark -30
zone keys rule: out 18, stem -14, more -18, answer -21, row -17, lines 24, keys -17
zone keys section: stem -39, more -24, answer -23, facts -19, row -15, keys 48
zone keys sentence: out 73, passage -54, stem -81, more 23, option -21, answer -40, feedback -93, keys -31, remark -18
zone keys short: passage -37, option -86, wrapped -42, answer 14, feedback -27, facts -66, row -17
zone keys short-sentence: out 18, passage -39, stem -14, more -14, wrapped -42, answer -61, feedback -31, hint -63, remark -23
zone keys table-pairs: stem -16, answer -21, feedback -26, hint -16, facts -19, row -17, keys 15, remark -14
zone keys text: out -21, passage -76, stem 13, more 40, option -30, answer -45, feedback -72, facts -17
zone keys word-lone: out -36, stem 31, answer -31, facts -35
zone keys word0: out -71, stem 23, option -19, answer -57, facts 30, row -13
zone keys word0-again: out -49, stem 19, more -24, answer -44, feedback -23, facts 23, row -19, keys -22
zone no numbers: out -27, stem 40, more -39, option -21, wrapped -50, feedback -31, hint -124, facts -33, row -51, bank -14, lines -78, keys -84, remark -73
zone no numbers arrow: out 16, passage -15, stem -32, more -78, option -44, answer -21, feedback 31
zone no numbers asks: out -13, passage -12, stem 17, option -81, answer -27, facts -18
zone no numbers box: out 35, passage -24, stem -53, more -40, answer -130, feedback -15, facts -39, bank -22, remark -17
zone no numbers bracketed: out 22, passage -19, stem -45, more -29, option -22, answer -59, feedback 22, facts -20, row -14, keys -105
zone no numbers bullet: out 14, passage -15, stem 33, more -93, option -27, answer -156, feedback -96, facts -43, row -123, keys -26, remark -52
zone no numbers capitals: out 45, stem -27, option -18, answer -29, facts -26, keys -37
zone no numbers cells: out -15, passage -136, stem 13, more -16, wrapped -27, answer -130, feedback -39, bank -74, keys -47
zone no numbers chatter: out 60, passage -29, stem -48, answer -21, feedback -18
zone no numbers colon: stem 15, option -18, answer -21, row -13, keys -74
zone no numbers cue-answer: out -32, passage -13, stem -85, more -74, option -109, answer -17, feedback -31, facts -25
zone no numbers cue-difficulty: stem -43, more -17, option -23, answer -33, feedback -32, row -20, keys 27
zone no numbers cue-feedback: out 28, passage -18, stem -59, more -34, option -38, answer -72, feedback -29, hint -14, facts -12, keys 40, remark 17
zone no numbers cue-level: out -34, passage -16, stem -29, answer 40, feedback -12, facts -15, row -12
zone no numbers cue-outcome: out -21, stem -56, answer -37, facts 31, keys 45
zone no numbers cue-points: out -18, stem -54, option -38, answer -182, feedback -25, facts 16, row -17, bank -15, keys 42
zone no numbers cue-sample: out -16, stem -30, more -19, answer 57, keys -25
zone no numbers cue-tags: out -23, stem -37, more -27, answer -33, feedback -32, facts 39, keys -52
zone no numbers cue-wordBank: out 18, passage -23, stem -22, option -13, answer -35, keys -13
zone no numbers field: passage -68, stem -44, more -17, answer -56, hint -13, facts 23, bank -33, lines -22, keys -56, remark -20
zone no numbers field-kind: out 24, passage -33, stem -77, more -40, option -33, answer -15, feedback -31, row -40, bank -15, keys -31
zone no numbers field-number: out -25, passage -29, stem -41, option -18, answer -32, facts 53, keys -48
zone no numbers field-option: out -68, stem -66, more -14, option 74, answer -47, feedback -22, facts -54, row -62, bank -15, keys -28
zone no numbers field-stem: out -33, stem 59, more -27, option -35, answer -35, feedback -26, facts -35, row -25
zone no numbers gap: out -38, passage 26, stem 20, more -17, option -31, answer -89, feedback -16, facts -31, row -30, bank -19, keys -28
zone no numbers heading: out 96, passage -13, stem -32, option -31, answer -58, feedback -15, facts -74, row -14, keys -56
zone no numbers identity: out 35, stem -29
zone no numbers instruction: out 35, stem -14, answer -24
zone no numbers key-title: stem -13, more -13, answer -23, feedback -15, keys 19
zone no numbers let-lone: out -23, passage -15, stem 33, more -19, option -35, answer 12, feedback -20, facts -66, row -90, bank -19, lines -13, remark -14
zone no numbers let0: stem -22, option 24, wrapped -14, answer -56, facts -24, keys -46
zone no numbers let1: out -51, passage -18, stem 24, more -56, option 24, answer -103, feedback -17, facts -19, row -67, keys -31, remark -30
zone no numbers let1-first: out -105, passage -32, stem 44, more -59, option 35, answer -93, facts -35, row -52, keys -18
zone no numbers let2: out -13, more -14, option 35, answer -38, keys -19
zone no numbers let2-first: out -31, more -31, option 28, answer -36
zone no numbers num-lone: passage -40, stem -16, option 18, answer -29, feedback -61, facts -95, row -19, bank -15, keys 23
zone no numbers num0: passage -15, answer -95, facts -63, row 29, keys -37
zone no numbers num0-again: out -13, more -25, option 13, answer -64, facts -34, row -36, bank -19
zone no numbers num1: out -96, stem 28, answer -57, feedback -71, facts -28, row -47
zone no numbers num1-first: out 21, stem -51, feedback -16, row -38
zone no numbers number: stem -30, more -88, answer 28, facts -36, keys -75
zone no numbers pair: out -14, passage 28, stem 43, option -33, answer -50, feedback -40, facts -24, row -80, bank -17, keys -38
zone no numbers phrase: stem -29, more 24, option -49, wrapped -91, feedback -36, facts -71, row -61, bank -26, keys -53
zone no numbers rom-lone: out 55, stem -40, more -14, feedback -13, facts -58, keys -20
zone no numbers rom0: out 54, stem -50, option -19, answer -35, facts -40
zone no numbers rule: out 67, passage -19, stem -64, option -65, answer -71, feedback -22, facts -46
zone no numbers section: out 13, answer -24, facts -73, row -23, keys -23
zone no numbers sentence: passage 25, more -79, option -54, answer -17, keys -73
zone no numbers short: out -30, passage 17, stem -37, more -51, option 29, feedback -20, facts -17, row -15, bank -20, keys -39
zone no numbers short-sentence: passage -13, stem -19, more 15, option -108, answer -35, feedback 20, hint -45, facts -20, keys -70, remark -41
zone no numbers table-pairs: out -64, stem -27, more -21, answer -26, feedback -29, row 85, bank -16, keys -70
zone no numbers table-ticks: out -45, passage -16, stem -34, row 48
zone no numbers text: stem 29, more 24, option -43, wrapped -61, answer -55, feedback -78, facts -18, row -23, bank -19, keys -72
zone no numbers ticked: stem -41, feedback -22, facts -47
zone no numbers truth: out -57, passage -21, stem -26, option -25, answer 50, feedback -13, facts -16
zone no numbers word-lone: out -16, passage -12, stem 21, option -39, answer -37, feedback -21, keys -36
zone no numbers word0: out 15, stem -33, answer -90, feedback -38, facts 24, keys -13
zone no numbers word0-again: out -17, stem -24, facts 26
zone no numbers word1: out -61, stem 35, option -30, wrapped -14, answer -25
zone no numbers word1-first: out -42, option -21, answer -15, facts 23
zone tail: passage -71, stem -33, more -35, wrapped -49, feedback -19, hint -108, row -16, bank -65, keys -28, remark -77
zone tail arrow: out -41, stem -14, more -100, option 37, facts -30, row -25, lines -16, keys -27
zone tail asks: out 17, passage -48, more 15, option -61, answer -20, feedback -17, row -12, lines -21, keys -22
zone tail box: stem -39, option 19, answer -133, facts -17
zone tail bracketed: out 36, stem -52, more 13, option -16, feedback -21, facts -20, row -21, bank 12, lines -20, keys -107
zone tail bullet: out 21, stem -27, more -49, option 49, answer -138, feedback 28, facts -18, row -51, keys -17, remark -27
zone tail capitals: out 44, stem -22, option -50, answer -35, facts -29, keys -42
zone tail cells: passage -60, stem -13, more 16, wrapped -15, answer -65, feedback -62, facts -70, bank -28, lines -16
zone tail chatter: out 32, passage -14, stem -17, answer -33, feedback -16, lines -18, keys -19
zone tail colon: out 18, answer -13, feedback -25, keys -40
zone tail cue-answer: out -60, passage -13, stem -22, more -43, option 14, answer 22, feedback -26, hint -19, facts -20, row -14, bank -55, lines -17, keys -23
zone tail cue-difficulty: out -53, more -15, option -28, answer -47, facts 34, row -20, lines -15
zone tail cue-feedback: out -85, stem -15, more 25, option -19, answer -29, feedback 49, facts -25, keys -72, remark -51
zone tail cue-level: out -17, stem -15, option 15, answer -58, feedback -23, facts 32, keys -14
zone tail cue-points: stem -34, more -29, option -16, feedback -24
zone tail cue-sample: out -31, stem -37, more -39, option -15, answer 48, feedback -34, facts -14, row -20, bank -16, keys -33
zone tail cue-wordBank: more -20, answer -32, feedback -29, facts -13, row -13, bank 27
zone tail field: out 28, passage -99, stem 16, more -25, option -46, answer -19, feedback -78, facts -80, row -55, lines -20, keys -52
zone tail field-kind: out -13, answer -44, feedback -17, facts 17, keys -13
zone tail field-number: out -14, answer -18, facts 15
zone tail gap: out -18, passage -28, more -19, option -22, answer 30, feedback -16, facts -17, row -12, bank -17, lines -24, keys -27
zone tail heading: out 131, stem -35, answer -70, feedback -16, facts -78, keys -95
zone tail identity: out 21, stem -22
zone tail instruction: out 34, stem -17, answer -17, feedback -15, keys -13
zone tail let-lone: out 33, passage -21, more -74, option -18, answer -65, feedback -33, facts -25, row 28, keys -42
zone tail let0: out 67, stem -83, more -18, answer -32, facts -23, row -19
zone tail let1: stem 16, more -22, answer -38, facts -24, row -114, remark -42
zone tail let1-first: out -22, stem 14, more -58, answer 14, facts -19, row -79, keys -70, remark -34
zone tail let2: out -20, stem -15, option 67, wrapped -28, answer -50, keys -23
zone tail let2-first: out -33, stem -16, more -32, option 48, wrapped -20, answer -20
zone tail letter: out -86, more -20, answer 94, keys -17
zone tail num-lone: stem 33, more -23, option 26, answer -21, feedback -40, facts -42, row -23, lines -16, keys -35
zone tail num0: out -31, stem -84, option -25, answer -61, facts -36, row 64, keys -47
zone tail num0-again: out 14, stem 59, option -66, answer -49, facts -16, row 21, keys -58
zone tail num1: stem 31, more -40, option -57, wrapped -21, answer -94, feedback -37, hint -17, facts -41, row -62, bank -17, lines -22, keys 28
zone tail num1-first: more -18, feedback -28, facts -31, row -57
zone tail number: out -40, more 17, option 23, feedback -15, facts -23, row -20, lines -17
zone tail pair: out -34, passage -72, more -82, option 36, answer -52, feedback -21, facts -32, row 41, lines -14
zone tail phrase: out 17, option 24, wrapped -74, answer -151, feedback 12, facts -41, row -67, lines -13, keys -18
zone tail rom-lone: out -27, stem 47, answer -35, facts -15, row -17, keys -46
zone tail rule: out -25, passage -13, stem -45, more 13, option -17, answer 18, feedback -13, hint -13, facts -22, bank -13, lines 18, keys -45
zone tail section: out 70, stem -68, more -25, answer -27, feedback -23, facts -42, keys -29
zone tail sentence: passage -43, option -86, answer 14, feedback -45, facts -25, row -13, lines -14, remark -30
zone tail short: passage -89, stem -49, more 35, option -24, wrapped 14, answer -54, facts -101, row -28, lines -17, keys -29
zone tail short-sentence: out 37, passage 27, more -24, option 52, answer -15, feedback -55, hint -37, facts -13, row -29, keys -41, remark -44
zone tail table-down: out -65, stem -51, option -35, answer -66, feedback -32, facts -37, row -30, keys 67
zone tail table-pairs: out -13, passage -15, stem -47, option -26, answer -59, feedback -67, facts -35, row -20, lines -22, keys 25
zone tail table-ticks: out -50, row 77
zone tail table-wide: out -64, stem -34, option -21, answer -31, feedback -17, facts 18, row -14, keys 49
zone tail text: out 33, passage -57, stem -48, more -42, option 24, wrapped 39, answer -27, feedback -20, facts -23, row -30, bank -19, lines -19, keys 14
zone tail ticked: out 33, option 34, answer -22, keys -34
zone tail truth: out -84, more -58, answer 90, keys -31
zone tail word-lone: out 27, stem -24, more -15, option -16, answer -15, feedback -22, keys -36
zone tail word0-again: out -15, stem 18, facts -15
zone tail word1: out -19, answer -35, feedback -16, facts 24, keys -23
# second
step: out>out 82, out>passage -127, out>stem -33, out>option -242, out>answer -13, out>feedback -190, out>hint -49, out>facts -55, out>row -119, out>bank -108, out>lines -92, out>keys -50, out>remark -43, passage>out -172, passage>passage 39, passage>stem -102, passage>facts -20, passage>bank -46, passage>keys -83, stem>out -91, stem>passage -151, stem>stem 26, stem>more 35, stem>hint -39, stem>facts -41, stem>row -54, stem>bank -13, stem>keys -118, stem>remark -102, more>out -90, more>passage -124, more>stem -27, more>more 26, more>option -21, more>feedback -27, more>hint -32, more>facts -19, more>row -35, more>bank 37, more>keys -137, more>remark -61, option>out -163, option>passage -158, option>stem -115, option>option 45, option>feedback -35, option>facts -75, option>row -348, option>bank -121, option>lines -64, option>keys -166, option>remark -28, wrapped>out -142, wrapped>passage -68, wrapped>stem -43, wrapped>option 38, wrapped>answer -22, wrapped>feedback -92, wrapped>hint -23, wrapped>facts -46, wrapped>row -87, wrapped>bank -18, wrapped>lines -13, wrapped>keys -45, wrapped>remark -20, answer>out 16, answer>passage -160, answer>stem -33, answer>option -255, answer>hint -112, answer>facts 22, answer>row -147, answer>bank -68, answer>lines -64, answer>keys -85, answer>remark -125, feedback>out -22, feedback>passage -116, feedback>stem -14, feedback>option -148, feedback>answer -104, feedback>feedback 79, feedback>facts -17, feedback>row -114, feedback>bank -22, feedback>lines -57, feedback>keys -150, feedback>remark -54, hint>out -56, hint>stem -77, hint>option -49, hint>feedback -22, hint>facts -48, hint>row -42, hint>keys -27, hint>remark -16, facts>out -81, facts>passage -144, facts>stem 63, facts>more -167, facts>option -138, facts>answer -57, facts>feedback -29, facts>hint -50, facts>facts 15, facts>row -97, facts>bank -42, facts>lines -41, facts>keys -137, facts>remark -39, row>out -121, row>passage -153, row>stem -152, row>more -141, row>option -310, row>feedback -103, row>hint -35, row>row 64, row>bank -35, row>lines -45, row>keys -196, row>remark -87, bank>out -79, bank>passage -12, bank>stem -37, bank>more -49, bank>option -63, bank>answer 22, bank>feedback -21, bank>facts -36, bank>row -70, bank>bank -15, bank>keys -87, bank>remark -15, lines>out -30, lines>passage -40, lines>stem -17, lines>more -68, lines>option -80, lines>feedback -23, lines>facts -28, lines>row -46, lines>bank -26, lines>lines 24, lines>keys -74, lines>remark -15, keys>out -108, keys>passage -80, keys>stem -179, keys>answer -146, keys>feedback -41, keys>hint -35, keys>facts -197, keys>bank -59, keys>keys 78, keys>remark -78, remark>out -90, remark>passage -32, remark>stem -94, remark>option -41, remark>wrapped -48, remark>answer -72, remark>feedback -60, remark>hint -21, remark>facts -102, remark>row -101, remark>bank -15, remark>lines -24, remark>keys -73
step over a gap: out>out 30, out>option -159, out>answer -48, out>feedback -128, out>hint -48, out>row -170, out>bank -143, out>lines -64, out>remark -60, passage>out -143, passage>passage 58, passage>facts -21, passage>bank -51, passage>keys -70, stem>out -41, stem>passage -82, stem>more -35, stem>answer -49, stem>feedback -156, stem>hint -57, stem>facts -29, stem>row 27, stem>keys 12, stem>remark -56, more>out -31, more>passage -65, more>more -108, more>option 31, more>feedback 20, more>hint -32, more>facts -48, more>row -48, more>bank 31, more>lines -44, more>remark -33, option>out -58, option>passage -59, option>option -25, option>wrapped -83, option>answer -19, option>feedback -62, option>hint -15, option>facts -27, option>row -97, option>bank -41, option>lines -29, option>keys 29, option>remark -51, wrapped>passage -29, wrapped>stem -28, wrapped>option -72, wrapped>answer 28, wrapped>feedback -53, wrapped>facts -31, wrapped>row -19, answer>out 16, answer>passage -125, answer>option -75, answer>answer -84, answer>facts -32, answer>row -131, answer>bank -56, answer>lines -32, answer>keys -141, feedback>out -26, feedback>passage -87, feedback>option -92, feedback>feedback -83, feedback>hint -17, feedback>row -95, feedback>bank -79, feedback>lines -30, feedback>remark -25, hint>out -75, hint>passage -18, hint>option -27, hint>answer -44, hint>facts -48, hint>row -19, hint>bank -13, hint>keys -28, facts>passage -46, facts>stem -47, facts>more -78, facts>option -67, facts>answer -23, facts>feedback -23, facts>hint -36, facts>facts 45, facts>row -46, facts>bank -38, facts>lines -20, facts>keys -34, facts>remark -22, row>out -36, row>passage -43, row>stem 12, row>more -74, row>option -130, row>answer 15, row>feedback -51, row>hint -20, row>facts -41, row>row -73, row>bank -30, row>lines -14, row>keys -36, row>remark -27, bank>out -25, bank>passage -20, bank>stem -23, bank>more 20, bank>option -42, bank>feedback -16, bank>row -17, bank>bank -14, bank>keys -28, bank>remark -13, lines>out -15, lines>passage -35, lines>more -53, lines>option -79, lines>answer -53, lines>feedback -46, lines>hint -18, lines>facts -35, lines>row -39, lines>bank -35, lines>keys 14, keys>out 26, keys>passage 24, keys>stem -72, keys>answer -147, keys>feedback -82, keys>hint -15, keys>facts -146, keys>bank -31, keys>keys -30, keys>remark -21, remark>out -20, remark>passage -26, remark>stem -83, remark>option -31, remark>wrapped -15, remark>answer -49, remark>feedback -27, remark>facts 23, remark>row -33, remark>bank -18, remark>lines -14, remark>keys -55, remark>remark -42
_full asks capital: out -18, passage 46, stem -19, option 17, answer -38, facts 27, row -17, bank -33, lines -27, keys 39, remark -14
_full asks label: passage -14, stem -47, more -29, option -13, answer -68, facts 14, row -30, keys 43
_full asks small: out -46, stem -48, more -31, option 45, answer 43, row -18, keys -37
_full bracket capital: out 16, passage -14, stem -29, more -102, option -20, answer -16, feedback -88, facts -74, row -37, bank 15
_full bracket label: out 27, more -30, option 37, answer -75, feedback -13, facts -51, row -38, keys -59
_full bracket small: out -12, passage -12, answer -35, keys -35
_full colon capital: out 73, answer -12, facts -34, keys -13
_full colon label: out 32, passage -14, stem -24, option -27, facts 27, row -22, remark -12
_full colon small: option 29, row -28
_full deeper capital: out -15, stem 19, more -33, option 20, feedback -32, facts -23, row -45, bank -50, lines -18, keys 39
_full deeper label: out 13, stem -14, option 44, answer 40, row -49
_full deeper small: out -24, passage -22, option 54, bank -20, keys -36
_full gap capital: passage -89, stem 55, more -74, option -54, answer -48, feedback -45, facts -66, row -12, lines -24
_full gap label: out 51, passage -15, stem -30, more -38, option -66, answer -50, feedback -18, hint -18, facts 28, row -29, bank -26, lines -21, keys -43, remark -17
_full gap small: out -39, more -17, option -46, answer 43
_full none capital: out 12, passage -57, more -22, option -13, feedback -55, hint -23, row -35, bank -38, keys -24
_full none label: out 19, passage -46, more -60, answer -41, feedback -24, row -61, bank -17, keys -17, remark -19
_full none small: out 30, passage -20, stem 16, more -41, option -29, answer 30, feedback -39, facts -41, row -64, keys -50, remark -13
_full out capital: out 20, passage -13, more -49, answer -22, feedback -60, facts 17, row -26, bank -41, lines -24
_full out label: stem -19, more -27, option -26, answer -26, feedback -20, facts 32, row -43, lines -12
_full out small: out 15, stem -31, more -18, option -30, answer 43, feedback -19, row -44
_full same capital: passage -43, option -65, answer -34, feedback -93, hint -34, bank 34, lines -25, keys -28, remark -30
_full same label: out 39, passage -69, stem -20, more -106, option -56, wrapped -15, feedback -32, hint -26, facts -31, row -31, bank -42, lines -26, remark -37
_full same small: out -13, passage -56, more -35, option -50, answer 50, feedback -42, facts -25, bank -32, keys -49
_full stop capital: passage -37, stem 16, option -26, feedback -30, row -20, bank 15, lines -23, keys -21
_full stop label: out -36, passage -31, stem -17, more -58, option -22, answer 41, facts 22, bank -31, remark -13
_full stop small: out 33, passage -13, stem -16, more 14, option -15, answer -63, feedback -23, row -14, bank -36, keys -14
_short asks capital: stem -20, more -68, feedback -20, hint -13, row 16, bank -31, lines -27, keys -24
_short asks label: passage -42, stem 24, more -26, option 25, answer -52, feedback -12, facts -16, row -69, bank -13, remark -13
_short asks small: passage -45, more -15, answer 18, feedback -30, bank -30, keys -50
_short bracket capital: out -18, passage -62, stem 14, more 28, option 15, feedback -17, hint -24, facts -87, row -18, bank -96, lines -29, keys -15
_short bracket label: out 15, passage -26, stem -38, more -38, option 32, answer -101, feedback -18, row -27, bank -27, lines -21, keys 29, remark -31
_short bracket small: out -34, passage -50, stem 41, more -63, option 17, feedback -72, facts -22, row -35, keys 25
_short colon capital: out 52, passage -43, stem -50, option 14, answer -17, facts -60, keys -24
_short colon label: out -66, passage -43, stem 33, option 27, answer -33, facts -20, row 27, keys -41
_short colon small: out -34, passage 32, answer -37, row -15, keys -16
_short comma capital: out 43, passage -32, stem -18, answer 20, keys -20
_short comma label: out -27, stem 33, option 23
_short comma small: passage 30, stem -43, keys -13
_short deeper capital: out -80, passage 18, more -70, option 28, answer 56, feedback -59, hint -24, facts -29, row -18, bank -24, lines -20, keys -37, remark -25
_short deeper label: out -35, passage -22, stem 63, more -34, option 36, answer -41, facts -34, row -28, keys -16, remark -13
_short deeper small: passage -14, stem 34, more -17, option 49, answer 31, feedback -49, facts -36, row -16, bank -26, keys -68, remark -14
_short gap capital: more -38, option -29, answer -29, feedback -39, hint -13, facts -49, row -32, bank -24, lines 14
_short gap label: passage -38, stem -35, option -60, answer -43, bank -16, lines -12, keys 29
_short gap small: out -66, passage -29, more -29, option 13, answer 60, facts -18, keys -38
_short none capital: passage -18, more -77, option -50, wrapped -72, answer 18, feedback -14, facts -32, row -110, bank -95, lines -58, keys -45, remark -85
_short none label: out 27, passage -12, stem -16, more -64, option -47, wrapped -34, answer 13, feedback -84, hint -37, facts -20, row -96, bank -24, lines -22, keys -36
_short none small: stem -24, more -32, option -13, wrapped -28, answer 24, feedback -73, hint -28, facts -16, row -81, bank -29, keys -33
_short out capital: passage -82, more -86, option 25, wrapped -37, answer -18, facts -43, row -54, bank -78, lines -34, remark -32
_short out label: out 38, passage -39, stem -38, more -49, option -29, wrapped -28, feedback -56, hint -35, facts -13, row -64, bank -29, lines -24, remark -46
_short out small: passage -44, more -47, option -32, wrapped -26, feedback -56, hint -18, row -40, bank -27, keys 16, remark -17
_short same capital: stem -21, more -22, option -110, wrapped -66, hint -14, facts -33, row -87, bank -37, keys 32, remark -74
_short same label: passage -21, more -98, answer -55, feedback -48, hint -33, facts 17, bank -48, lines -36
_short same small: passage 48, more -46, option -32, wrapped -17, answer 43, feedback -63, hint -14, facts -34, row -71, bank -64, keys -71
_short stop capital: out -18, passage 33, stem 17, more -19, option -27, wrapped -19, answer -60, feedback 25, hint -32, facts -19, row -56, bank -17, keys 21, remark -40
_short stop label: passage -36, more -54, option 13, answer -113, feedback -48, hint -14, facts 40, row 18, bank -32, lines -21, keys -20, remark -75
_short stop small: passage 17, more -35, option 19, wrapped -20, answer 33, facts -14, bank -53, keys -41, remark -27
any: passage -33, stem -23, more -17, option -20, wrapped -57, answer -19, feedback -38, hint -64, facts -21, row -38, bank -39, lines -61, remark -64
arrow end bracket: stem -15, more 63, option -26, feedback -47
arrow end none: out -51, stem -17, more -19, answer 36, feedback -108, facts -52, row -41, bank -23, keys -37
arrow end stop: out 53, passage -21, stem -41, more -31, option -49, answer -28, feedback 27
arrow words 15: out 65, passage -20, stem -47, option -25, feedback -53
arrow words 3: out -37, option -77, answer 50, feedback -44, facts -47, row -30, keys -26
arrow words 7: out -31, stem -17, more -41, option 24, answer -26, feedback 25, facts -14, row -16, bank -21, keys -21
arrow words many: out -44, more -29, option -15, answer 52
asks end asks: more 22, wrapped -25, answer -66, feedback -60, hint -28, facts -58, row -43, bank -28, lines -36, keys -34, remark -20
asks words 1: out -56, passage -20, more 26, option -67
asks words 15: passage -48, more -20, option 30, wrapped -16, answer -40, feedback -47, hint -13, facts -23, row -17, bank -27, lines -19, keys -14, remark -13
asks words 3: out 18, passage -26, stem -30, more 47, option -66, answer -52, hint -13, facts -28, lines -23, keys -14
asks words 7: out -97, passage 19, stem 36, more 16, option -84, answer -26, facts -15, row -18, keys -25
asks words many: out 35, passage 69, more -39, facts -13
before arrow: out 28, passage -29, more -17, option -36, wrapped -19, answer -69, hint -14, row -16, bank -14, keys -56, remark -30
before asks: out -65, passage 24, stem 14, more 21, option 35, feedback -61, hint -22, row -39, bank -45, lines -23, remark -45
before box: passage -36, stem -34, answer -19, feedback 15, hint -66, facts -18, row -70, bank -57, remark -72
before bracketed: passage -32, stem -20, option -16, facts -61, bank -43, keys 47
before bullet: out 27, passage -102, more 35, wrapped -32, answer 23, feedback -39, hint -73, bank -70, keys -37
before capitals: out -58, passage -38, stem 31, more -17, option 20, answer -97, feedback -49, hint -18, facts -38, row -48, keys 16
before cells: out -21, stem -17, more -79, answer 17, feedback -32, hint -28, facts -29, row 27, bank -56, remark -35
before chatter: out 24, passage -24, stem -18, more -13, option -47, answer -104, feedback -22, facts 60, row -39, keys -79, remark -14
before colon: passage 30, stem -65, option -20, facts -20, row -13, keys -50
before cue-answer: out -31, passage -130, stem -39, more -33, option -91, answer -26, facts 12, row -114, bank -61, lines -29, keys -16
before cue-difficulty: out 85, passage -89, stem -44, more -55, option -73, answer -124, feedback -91, hint -24, facts 30, row -47, bank -16, remark -36
before cue-feedback: out -14, passage -68, stem 13, more -18, option -25, wrapped -22, feedback 37, facts -32, row -100, bank -34, lines -31, keys -29
before cue-hint: out -48, answer 39, feedback 31, facts 25
before cue-level: passage -53, stem 77, more -59, option -70, answer -54, feedback -95, hint -18, facts 16, row -57, keys -43, remark -21
before cue-outcome: passage -35, more -82, option -23, answer -25, keys 12, remark -59
before cue-points: passage -62, more -43, option -80, answer -65, feedback 36, hint -19, row -40, bank -25, lines -13, remark -63
before cue-sample: out -66, passage -56, stem -47, more -39, option -47, answer 98, feedback -154, hint -19, facts -32, row -42, bank -33, lines -24, remark -36
before cue-tags: out -29, passage -21, stem 59, more -58, option -44, answer -40, feedback -51, facts -14, keys -35
before cue-wordBank: out -20, passage -36, stem -20, more 27, option -30, feedback -14, facts 49, keys -80
before edge: out 25, passage -75, stem -14, bank -50, keys -73
before end asks: passage -14, stem -61, more -20, wrapped -38, answer 27, feedback -138, hint -34, row -115, bank -102, lines -34, remark -68
before end bracket: passage -116, more -90, wrapped -51, feedback 36, hint -49, keys -20, remark -79
before end colon: out -28, passage -14, stem -44, more -36, option 21, feedback -81, hint -15, facts -37, bank -32, lines -16
before end comma: stem -41, more 28, option -43, wrapped -20, answer 34, feedback -56, hint -18, facts -30, row -20, bank -13, keys 25, remark -29
before end gap: out -18, passage -35, stem -23, more -39, wrapped -27, answer -36, feedback -103, hint -27, row -76, remark -25
before end none: out -24, passage -39, stem -22, option -21, wrapped -29, answer -30, feedback -22, hint -40, facts -34, row -17, bank -90, lines -113, keys -20, remark -61
before end stop: passage 14, stem -24, more 42, option -54, wrapped -94, answer -17, feedback -40, hint -56, row 13, lines 35, keys -24
before field: stem 48, option -34, wrapped 25, answer -39, feedback -89, hint -15, facts -69, row -16, bank -56, lines -36, remark -25
before field-kind: out 65, passage -61, stem -60, more -21, option -54, answer 34, feedback -52, facts -49, keys -34
before field-number: out -50, passage -13, stem 47, option -14, answer -19, feedback -24, facts 51, keys -22
before field-option: out -52, passage -17, stem -50, option 51, feedback 21, hint -18, facts -37, row -40, bank -26, keys -13, remark -47
before field-stem: out -31, passage -12, stem -32, more 53, option -21, answer -33, feedback -52, facts 52, row -13, bank -48, lines -15, keys 13
before field-time: out 15, passage -13, more -27, answer -52, facts 41, bank -20, keys -50
before gap: out -14, passage 13, more -14, option -55, answer -27, feedback -94, row -38, bank 63, lines -33, keys -104
before heading: stem 20, more -13, option -77, answer -129, feedback -110, facts -33, row -55, bank -47, keys 48
before identity: out 52, passage -92, option -70, answer -73, feedback -42, facts -21, row -42, bank -24, lines -32, keys -121
before instruction: out 45, passage -28, stem -32, answer -21, facts -34, row -13, keys -35
before key-title: out -69, passage -41, option -26, answer -76, feedback -37, facts -31, row -23, bank -13, keys 70
before let-lone: stem 51, more -48, option -17, wrapped -32, answer -22, feedback 27, hint -33, row -40, bank -61, keys -58, remark -29
before let0: out -34, passage -25, stem 35, more -24, wrapped -37, answer -23, feedback -25, hint -61, facts 23, row -33, bank -58, lines -57, keys -44, remark 19
before let1: passage -126, stem -30, more -46, option -32, wrapped 15, feedback -66, hint -20, facts -20, row -27, bank -55, lines -40, keys -31
before let1-first: out -13, passage -15, stem -30, more -62, option -19, wrapped 21, answer 27, feedback -35, hint -19, lines -22, keys 19
before let2: out 21, stem -14, option -43, wrapped -47, answer 14, feedback -42, row -39, keys 27
before let2-first: out 14, stem 14, more -16, option -15, wrapped -23, feedback -17, facts -22, row -35, keys -24
before letter: stem -33, option 146, wrapped -25, answer -112, feedback 35, facts -24, row -19, keys -58, remark -15
before lines: out -18, stem -13, more -17, lines 15, keys -15
before num-lone: out -17, passage -50, stem 18, option -22, wrapped -23, hint -14, facts 12, row 59, remark -25
before num0: passage -93, stem -43, option 23, wrapped -57, answer -30, feedback -26, hint -46, facts -64, row -14, bank -31, lines -18, remark -89
before num0-again: out 17, passage -43, more -46, wrapped -42, answer -16, feedback -26, hint -43, facts -38, bank -43, lines -33, keys -32, remark -33
before num1: passage -59, stem -13, more -41, answer -14, feedback 43, hint -57, facts -39, row 18, bank -73, lines 18, keys -39, remark -42
before num1-first: out 21, passage -20, more -63, option 23, feedback -58, facts -20, bank -25, remark -26
before num2: passage -19, stem 29, option -18, answer -46, facts -14, row 26, keys -44
before number: out -27, passage -29, option 86, answer -90, feedback 14, hint -29, keys 22
before pair: out -13, passage -91, more 15, option -67, answer -19, feedback 39, facts -23, bank -28, lines -16, keys -49
before phrase: out -14, more -40, option 20, wrapped -27, answer -33, feedback -55, hint -29, row -46, bank -56, remark -36
before rom-lone: out -61, passage -64, stem 56, more 37, answer -34, feedback -37, row -17
before rom0: out -26, passage -29, stem 54, answer -53, feedback -28, facts -38, row -34, bank -49, lines -28, keys -96, remark -29
before rom0-again: out 23, passage -15, stem -18, more -14, answer -57, feedback -23, facts -14, remark -21
before rom1: out -51, stem -24, more 19, option 24, wrapped -14, row -22, keys -25, remark -14
before rom1-first: stem -14
before rule: out -46, passage -94, more -82, option -64, feedback -39, hint -27, facts 80, row -22, bank -27, lines 17, keys 27
before section: out -49, passage -83, stem 97, more -30, option -52, answer -76, feedback -101, facts 58, row -21, bank -32, keys -38, remark -20
before sentence: out -21, stem -43, more 15, option -45, feedback 16, facts -30, lines 16, remark -21
before short: out -21, passage 66, stem 24, more -31, wrapped -75, answer -17, hint -74, facts -50, row -60, bank -27, keys -92, remark -52
before short-sentence: out -36, passage 39, more -99, wrapped -41, hint -43, bank -55, lines -13, keys -39, remark -64
before table-down: out 19, passage -24, stem -52, answer -28, feedback -33, facts -18, bank -42, keys -14
before table-pairs: passage -44, stem 23, more -61, option -24, answer 13, feedback -35, facts -42, row 21, bank -14, keys -17
before table-ticks: out 15, passage -49, stem -31, more -70, option -34, answer -77, feedback -35, hint -14, bank -22, lines -14
before table-wide: passage -13, stem 34, more -41, option -37, answer -46, feedback -41, row -36, bank -17, keys -61, remark -25
before text: out -29, stem -44, more 14, option 44, wrapped -41, feedback -51, hint -50, facts -95, row -58, bank -53, remark -34
before ticked: option -15, wrapped -15, answer -107, hint 36, facts 42, row -35, keys -53, remark -12
before truth: passage -12, stem 54, more -57, option -52, answer -93, feedback 53, hint -24, facts -30, row -25, keys -17
before word-lone: out -60, passage -79, stem 44, more -32, answer 57, feedback -84, facts 29, row 44, bank -29, lines -14, keys -105, remark -40
before word0: passage -51, stem 23, more 46, option 32, wrapped -28, answer -60, feedback -177, hint -38, facts -12, row -27, lines -36, keys -20, remark -80
before word0-again: passage -28, stem 68, more -14, wrapped -21, feedback -48, facts -58, row -26, lines 14
before word1: out -60, stem -18, more -34, answer 55, feedback -41, facts 14, row -16, keys -36
before word1-first: out -22, stem 21, answer 19, feedback -24
before2 arrow: out -21, passage -35, stem -13, more 53, option -22, answer -40, feedback 12, facts 27, bank -17, keys -70
before2 asks: out -45, passage 14, more -14, option 59, wrapped 14, answer -38, feedback -64, hint -27, row -28, bank -26, keys -34, remark 13
before2 box: out -33, passage -64, stem 22, more -29, answer 13, feedback -43, hint -60, facts -45, row -51, lines -38, keys -24, remark -63
before2 bracketed: passage -43, more -18, option -25, wrapped -20, answer -55, hint -17, facts -34, bank 21, lines 31, remark -34
before2 bullet: out -14, passage -113, stem 41, more -45, wrapped -15, feedback -46, hint 19, facts 29, row 32, bank -21, lines -14, keys -14
before2 capitals: passage -14, stem -13, wrapped -19, answer 16, feedback -100, bank -23, lines 15, keys -24
before2 cells: out 14, passage -17, stem -26, option -18, wrapped -47, answer -89, feedback -45, hint -32, facts -27, row 41, bank -41, lines -34, remark -32
before2 chatter: out 42, passage -23, option -28, wrapped -13, feedback -35, row -63, bank -13, keys 28, remark -25
before2 colon: stem -50, more 17, option 17, answer -67, feedback -13, facts -68, keys -25
before2 cue-answer: passage 12, stem -20, more -28, wrapped -30, answer -48, facts -19, bank -38, keys -43, remark 31
before2 cue-difficulty: out -25, passage -59, answer -22, feedback 13, row -48, bank -15, keys 12, remark -55
before2 cue-feedback: passage -33, stem -31, more -31, option -25, wrapped -27, answer 15, hint -17, row -69, bank -53, lines -28, keys -12, remark 71
before2 cue-hint: out -17, stem 24, option 15
before2 cue-level: out -77, passage -50, more 20, option 57, answer -69, facts 32, bank -66, keys -46, remark -19
before2 cue-outcome: out -12, stem -46, more -31, option 22, answer -22, row -34, lines -17, keys -24
before2 cue-points: passage -35, stem -17, more -79, answer 18, row -33, bank -36, lines -26, keys 30, remark -25
before2 cue-sample: passage -72, stem -28, more -47, answer 62, feedback -124, hint -32, bank -17, lines 12
before2 cue-tags: out -19, more -39, answer 31, facts -49, row -45, bank -15, keys -52
before2 cue-wordBank: out 22, passage -17, stem 16, answer -31, feedback -34, facts 13, bank 22, keys -22
before2 edge: out 35, passage -65, more -26, option -21, answer -52, feedback -93, hint -13, facts -28, row 14, bank -69, lines -17, keys -36, remark -23
before2 field: passage -14, stem -49, more -15, wrapped -44, feedback -54, hint -24, facts -22, bank -51, lines -14, keys -41, remark -27
before2 field-kind: passage -52, stem -33, more 40, answer -46, feedback -42, facts 55, row -21, bank -33, keys 24
before2 field-number: out -14, more 28, option -52, answer 24, feedback -22, facts 50, bank -13, keys -82
before2 field-option: out -55, passage -45, stem -44, option 34, answer -31, feedback -15, hint -18, facts 25, row -36, bank -24, keys -86, remark -46
before2 field-stem: out -16, passage -31, stem -49, more 15, option 31, answer -73, feedback 60, facts -14, row -26, bank -20, lines -27, keys 18, remark -19
before2 field-time: out 14, passage -27, facts -12
before2 gap: out -39, passage 34, stem 66, more 12, option -26, answer -30, feedback -77, hint -17, row -12, bank 21, lines -21, keys -21
before2 heading: stem -25, more -45, answer -26, feedback -102, lines -16, keys -17, remark -23
before2 identity: passage 16, option -17, answer -55, feedback -92, hint -22, facts -44, row -16, bank -33, remark -22
before2 instruction: out 39, passage -28, stem -25, option 16, answer -56, feedback -30, keys -34
before2 key-title: passage -35, stem -56, more -26, answer -92, feedback -36, facts -24, row -31, keys 61
before2 let-lone: out -13, passage -15, stem -36, option 18, feedback 53, hint -28, row -22, bank -70, lines 15, keys -21, remark -21
before2 let0: out -29, passage -81, stem 32, more -20, option -31, wrapped -37, answer -29, feedback -26, hint -63, facts -41, row 12, bank -18, remark -65
before2 let1: out -25, passage -18, stem -25, option -55, answer -20, facts -14, row -60, bank -76, lines -54, keys 21, remark -29
before2 let1-first: out -52, passage -19, stem 12, answer 29, hint -34, facts 41, row -20, bank -15, lines -16, keys -23, remark -27
before2 let2: out -25, passage -15, stem 27, more -37, option -51, wrapped -26, answer 35, feedback 49, facts 25, row -13, keys 20, remark -26
before2 let2-first: out 30, stem -26, option 37, wrapped -35, answer -32, row -21
before2 letter: more -34, option -45, wrapped -23, answer 33, feedback -79, facts -17, row -48, keys -44, remark -21
before2 lines: out 32, more -29, option -51, keys -14
before2 num-lone: passage -65, stem -70, more 42, option 46, wrapped -14, answer 14, feedback 42, hint -35, row -46, bank -62, lines 40, keys 12, remark -27
before2 num0: out -13, passage -81, stem -41, wrapped -68, answer -30, hint -52, facts -31, row -14, bank -98, lines -15, keys -18, remark -89
before2 num0-again: passage -46, stem -17, more -40, option 36, wrapped -30, answer -36, hint -42, facts -79, bank -29, lines -22, keys -30, remark -27
before2 num1: passage -54, more 27, option -16, wrapped -13, answer -17, feedback 14, hint -60, facts -17, row -25, bank -59, lines -32, remark -48
before2 num1-first: out -13, passage -20, stem -26, option 22, row 12, bank -23, keys -55, remark -22
before2 num2: out 36, passage -17, stem 31, more -46, option -28, answer -47, facts 22, row 26, keys -26
before2 number: out -54, passage -20, stem 19, more -93, option 25, answer 39, feedback 18, facts 43, row -51, bank -22, lines 19, keys -20
before2 pair: out -28, passage -27, stem 47, answer -48, feedback -42, facts -31, row -20, keys -36, remark -13
before2 phrase: out -33, more -66, option 54, wrapped 18, answer 19, feedback -95, hint -17, facts -32, row -23, bank -44, keys -59, remark -38
before2 rom-lone: passage -62, stem -23, more -29, option 60, answer -24, feedback -66, facts -76, bank -30, keys -20
before2 rom0: out -26, passage -24, stem 26, more 33, wrapped -25, feedback -33, hint -25, facts -40, row -29, bank -21, lines -21, remark -29
before2 rom0-again: passage -16, stem 12, answer -63, facts -13, remark -19
before2 rom1: out -77, stem 34, more 30, option 33, wrapped -13, feedback 20, facts -26, row -45, keys -22
before2 rom1-first: stem -15, answer -18
before2 rule: out -50, passage 26, stem -31, answer 27, feedback -80, hint -27, facts -33, row -48, bank -58, remark -30
before2 section: passage -37, stem 75, more -13, option -13, wrapped -18, answer -43, facts -12, row -24, lines 38, remark -17
before2 sentence: passage 25, stem -18, option -57, wrapped 20, answer -54, hint -22, facts 30, lines 23, keys -23, remark 23
before2 short: out -26, passage -13, option 25, feedback 30, hint -46, facts -59, row -45, bank -25, lines -70, keys -44, remark -61
before2 short-sentence: out -48, passage 39, stem 24, more -55, wrapped -25, answer -35, feedback -75, hint -55, facts -67, row 25, bank -49, lines -39, keys -42, remark 37
before2 table-down: out 28, passage -37, stem -77, more -16, answer -40, feedback -39, facts -21, bank -42, keys -21
before2 table-pairs: out 24, passage -77, stem 38, more -43, option -47, feedback -36, hint -14, facts -23, row 13, bank -43, keys -17
before2 table-ticks: out -24, passage -55, more -49, answer -65, feedback -41, hint -16, row 94, bank -22, keys -24, remark -14
before2 table-wide: out -35, passage -18, stem 15, more 14, answer -87, facts -37, bank -27
before2 text: passage 36, stem 19, more -51, option -61, wrapped -57, answer -89, feedback -74, hint -35, facts -18, bank -86, keys 13, remark -13
before2 ticked: out -22, passage -15, stem 24, more -26, option -41, answer -127, feedback 24, facts 19, row -28, bank -13, keys -36, remark -55
before2 truth: out -33, passage -37, stem 43, more -75, feedback -71, facts 34, keys -57
before2 word-lone: out -24, passage 21, stem 26, option -60, answer 27, feedback -16, facts 35, row 49, bank -24, lines 24, keys -45
before2 word0: out -14, passage -114, stem 16, wrapped -56, feedback -41, hint -31, row -31, bank -19, lines 23, keys -12, remark -107
before2 word0-again: stem -16, more 62, option 28, wrapped -28, answer -50, feedback 21, facts -32, row -24, bank -28, keys 17, remark -25
before2 word1: out 30, stem -28, more 17, option 14, answer 31, keys -37
behind arrow: out -27, passage -18, stem 38, more 31, option 32, wrapped -54, answer -71, feedback -16, facts -16, row 14, keys -42, remark -23
behind asks: out -23, stem 12, more -44, wrapped -52, answer 19, hint -31, row -77, bank -72, lines -43, keys -86, remark -34
behind box: passage -49, stem 22, more 26, wrapped 24, answer -50, feedback -102, hint -15, facts -73, row -89, bank -34, lines -18, keys -21, remark -61
behind bracketed: passage -49, stem 23, more -29, option 40, wrapped -31, feedback -73, facts -47, row 23, lines -18, keys 20
behind bullet: out 27, passage 31, more -28, wrapped -30, answer 30, feedback -69, hint -33, facts -50, bank -20, lines -16, keys -88
behind capitals: out -43, passage -83, wrapped -21, answer 22, facts -27, row 22, bank -58, lines -20, keys -23
behind cells: stem -27, more -35, option -47, answer -20, feedback 16, hint -60, facts 18, row 22, bank -95, lines -31, keys -22, remark -20
behind chatter: out -44, passage 23, stem -54, answer 16, facts -80, row -31, bank -39, lines 14, remark -40
behind colon: out -39, passage -33, stem 42, facts -15, row -13, keys -36
behind cue-answer: out -38, passage -19, stem 13, more 41, wrapped -42, answer -51, feedback -100, hint -67, facts -53, row 26, lines -115, keys -72, remark -68
behind cue-difficulty: out -98, passage -89, stem 53, more 46, option 22, wrapped -48, answer 40, hint -33, row -42, remark -85
behind cue-feedback: out -67, stem -42, more 24, option -20, wrapped -53, answer 37, feedback -110, hint 17, facts 27, row -68, bank -15, lines -14, keys -37, remark -33
behind cue-hint: out -22, option 36, feedback 29, row -24, remark -17
behind cue-level: out 42, stem -21, more -40, answer -29, row -93, bank -62, keys -102, remark -50
behind cue-outcome: out 27, passage -22, stem -94, more -32, option -72, wrapped -13, feedback -74, row -33, remark -30
behind cue-points: out -63, passage -48, stem -14, more 39, option -68, answer 46, feedback -53, hint -14, facts 16, row 44, bank -44, keys -38
behind cue-sample: out -38, passage -19, stem 57, option -21, answer -51, feedback -25, facts -22, row -32, lines 54, keys -56
behind cue-tags: out -55, stem -33, more -20, option -28, answer 13, feedback -38, hint -20, facts 26, bank -21, keys 35, remark 41
behind cue-wordBank: passage -50, stem 35, more 14, option -21, answer -53, feedback -33, facts -24, lines -14, keys -40
behind edge: out 23, passage -39, stem -14, more -18, option -17, wrapped -51, answer 14, feedback -18, hint -31, facts -40, row -41, bank -65, lines -42, remark -18
behind field: out -19, passage -13, more -18, wrapped -22, answer -40, feedback 22, hint -26, facts 14, bank -40, lines -51, keys -50, remark -31
behind field-kind: out -26, stem -38, more -40, option -49, answer -87, feedback -31, facts 55, row -39, bank -19, keys 27, remark -17
behind field-number: out 22, stem -20, more -36, option -85, answer -56, row 16, bank -26, keys -84, remark -21
behind field-option: out -69, stem -22, more 41, option 36, answer -56, feedback -13, facts -78, row -31, bank -31, keys -26, remark -20
behind field-stem: passage -41, stem -43, more -21, option -42, answer -109, feedback 16, keys -40, remark -20
behind field-time: out 23, stem -20
behind gap: out -36, passage 14, stem 13, option 27, answer -24, feedback -97, hint -12, facts 26, row -22, bank 15, lines -17, keys -52
behind heading: passage 39, stem 18, more 17, option -21, hint -14, facts -33, row -16, bank 14, lines -27, keys -38, remark -19
behind identity: out 19, passage -62, stem -84, more 31, option 23, facts 13, row -44, bank -33, keys -94
behind instruction: out 37, passage -21, stem -38, more -42, option 46, answer 51, facts -48, keys -34
behind key-title: passage -37, stem 34, more 32, wrapped -20, feedback -47, hint -17, row -24, bank -16, keys -63, remark -32
behind let-lone: passage 45, stem -17, option -80, wrapped -45, hint 15, facts 40, row 21, bank -46, keys -29, remark -32
behind let0: out -25, more 32, wrapped -31, answer -45, feedback 17, hint -43, row -42, bank -47, keys 26
behind let1: passage -80, stem -32, more -41, option -20, wrapped 28, answer -23, feedback -17, hint -47, facts -27, row -13, bank -38, lines -37, remark 27
behind let1-first: passage -14, stem 27, more 15, option -81, wrapped -68, answer -104, feedback -44, hint -22, row -80, bank -34, lines -24, keys -16, remark -44
behind let2: stem -35, more -36, option 12, wrapped -36, answer -16, row -53, keys -16
behind let2-first: out -36, stem 61, more 38, option -59, wrapped -26, answer -61, feedback -33, facts 36, row -42, bank -17
behind letter: out -97, option 110, wrapped -20, answer -40, feedback -18, row -28, keys -43
behind lines: out -53, more -15, option 18, answer -36, facts 47, lines 16, keys -25
behind num-lone: out 14, passage -51, stem -38, more -23, option -41, hint -15, facts -13, row 19, keys 14, remark -25
behind num0: out 13, passage -24, stem -40, more -52, option -14, hint -15, facts -72, bank -20, lines -40, remark -35
behind num0-again: out 14, passage -44, stem -23, wrapped -33, answer -105, feedback -69, hint -36, facts -92, bank -47, lines -39, remark -35
behind num1: out -29, passage -52, stem -20, more -54, wrapped -35, answer -62, feedback -66, hint -37, facts -66, row 13, bank -39, lines 18, keys 31, remark -50
behind num1-first: out 82, passage -39, stem -48, more -41, option -18, answer -66, feedback -52, facts -40, row -33, bank -35, keys 31, remark -34
behind num2: out -36, stem -30, more -37, answer -33, facts -19, row 15
behind num2-first: stem 27, more 64, option -33, answer -14
behind number: out -57, stem 55, more -16, option 27, wrapped 35, answer -37, feedback -48, hint -13, facts -17, row -67, keys -22
behind pair: out 18, passage -28, more -13, option -19, wrapped -21, answer -16, feedback -64, bank -26, lines -23, remark -12
behind phrase: out -17, passage 24, more -40, option -17, wrapped -19, answer -79, feedback -39, hint -40, facts 21, row -42, bank -38, lines -53, remark -16
behind rom-lone: passage -54, more 34, option 21, answer -16, feedback -19, facts -13, row -58, bank -32, remark -15
behind rom0: out -13, stem 29, option -13, wrapped -53, answer -31, feedback -30, hint 17, facts -57, row -13, bank -43, remark -16
behind rom0-again: out 37, passage -21, stem -37, more -19, option -13, answer -42, feedback -48, facts -38, keys 27, remark -16
behind rom1: out -19, stem -47, option 13, answer -23, remark -21
behind rom1-first: out -55, stem 35
behind rule: out -37, passage -96, more 25, option -40, wrapped -27, answer -75, feedback 31, hint -29, facts -58, row 17, lines 15, keys -145, remark 20
behind section: passage -40, stem 51, wrapped -16, answer -19, hint -19, row -41, bank -51, lines -15, keys -37, remark -57
behind sentence: out -17, stem -44, more -22, wrapped -27, feedback -18, hint -21, facts 24, row -77, bank -41, lines -26, keys 37, remark -40
behind short: out 50, passage -14, more -27, wrapped -18, feedback 36, hint -16, facts -88, row -37, bank -68, keys -31, remark -50
behind short-sentence: out -14, stem -38, more -58, answer 29, hint -33, facts 28, bank -44, keys -48, remark -57
behind table-down: out -18, stem -25, more 13, option -12, answer 21, facts -18, keys 22
behind table-pairs: passage -15, stem 72, option -32, answer -41, feedback -42, hint -18, facts -30, bank -31, lines -18
behind table-ticks: out -28, stem 58, more 22, option -29, answer -47, feedback -33, facts -29, lines -17, keys -20
behind table-wide: out -38, passage -37, stem 20, option 48, feedback -36, facts 33, row -31, keys -41
behind text: out -20, option 39, wrapped -90, answer -53, feedback -29, hint -58, row -46, bank -87, lines -31, keys 18, remark -56
behind ticked: out 37, passage -23, stem 38, more -53, option -46, answer -100, feedback -28, facts -22, row -27, keys -41
behind truth: stem 85, more -80, option -45, answer 20, feedback -40, facts 26, row -28, keys -28
behind word-lone: out 38, more -19, option 24, answer -16, feedback -78, facts 42, row -60, bank -39, keys -49, remark -31
behind word0: out 27, stem -27, more -21, wrapped -59, answer -31, feedback 27, hint -56, row 18, remark -50
behind word0-again: out 74, passage -59, stem -20, more 41, option 21, feedback -65, facts -88, row -60, keys 32
behind word1: out 14, stem 23, feedback -29, keys -29
behind word1-first: out 28, passage -16, stem -43, option -45, answer -74, facts 24, keys -38
behind2 arrow: out 21, stem -32, option -16, answer -29, hint -21, facts 20, row 13, keys -31, remark -38
behind2 asks: out -14, stem -23, more -33, wrapped 14, feedback -21, hint -52, facts 25, row -96, lines -56, keys -100
behind2 box: passage -50, answer 23, feedback 17, hint -71, facts -50, lines 18, remark -59
behind2 bracketed: passage -28, stem 20, option 16, wrapped -29, answer -61, feedback -68, hint -16, facts 41, row -23, bank -44, remark -24
behind2 bullet: out -16, stem 25, wrapped -15, hint -85, facts -23, bank -18, keys -31
behind2 capitals: out 32, passage -40, stem -45, more 21, option -15, wrapped -47, answer 37, feedback -28, hint -13, bank -13, keys -44, remark -12
behind2 cells: out -54, option -27, wrapped -25, feedback -21, hint -50, facts -37, bank -22, lines -41, keys 27, remark -19
behind2 chatter: out -53, stem -18, more -12, answer -16, facts -46, row -35, bank -12, lines 17, keys 14, remark -15
behind2 colon: stem -22, more -53, option -31, answer 17, feedback -17, facts -40
behind2 cue-answer: passage -29, stem -31, more 13, wrapped -34, answer -36, feedback 23, hint -75, row 38, lines -41, keys -115, remark -65
behind2 cue-difficulty: out -31, passage -49, option 34, wrapped -35, feedback 13, hint -20, facts -30, row -38, keys 22, remark -37
behind2 cue-feedback: stem -17, more -29, option 71, wrapped -23, answer -56, feedback -39, facts -36, row -56, bank -56, keys -14, remark 48
behind2 cue-hint: out -17, option 44, answer -14
behind2 cue-level: out 47, passage -19, stem -28, more 30, option -67, wrapped -22, answer -50, hint -30, row -32, bank 19, keys -16, remark 21
behind2 cue-outcome: out 22, stem -45, option 37, answer -13, row -59, keys 47
behind2 cue-points: out -91, passage -20, stem -28, more -22, answer 71, feedback -48, hint -15, row 37, bank -20, keys -52
behind2 cue-sample: out -55, passage 13, option -19, answer 13, facts -22, row -41, bank -26, lines 20, keys 47
behind2 cue-tags: out -34, passage -34, stem -65, more -19, feedback 26, facts 45, row -22, keys -32
behind2 cue-wordBank: out -26, stem 13, more 24, option -17, answer -18, facts 15, keys -19
behind2 edge: out 17, passage -43, stem -15, more -25, option -40, wrapped -50, feedback -39, hint -45, facts -17, row -49, bank -37, remark -38
behind2 field: passage 21, stem -20, wrapped 14, feedback -42, hint -19, facts -59, bank -16, lines -29, remark -19
behind2 field-kind: stem -80, more -20, option -34, answer -44, feedback -44, facts 29, row -15, bank -13, lines -32, keys -24, remark -23
behind2 field-number: out 38, stem -52, more -21, option -89, answer 30, feedback 20, facts 28, row 68, bank -17, lines -21, keys -36
behind2 field-option: out -65, passage -36, stem -13, more 40, option 14, answer -60, facts 23, bank -33, keys -52, remark -17
behind2 field-stem: out -15, stem -100, more -14, option -51, answer -50, feedback 16, facts 58, bank -31, keys -75, remark -36
behind2 gap: passage -56, stem -12, more 17, option -28, wrapped -14, answer -30, feedback -24, hint -16, facts -18, row 44, bank -18, lines 28, keys -41, remark -25
behind2 heading: passage 30, more -34, option -19, wrapped -14, answer -14, feedback 26, hint -14, facts -29, row -36, remark -29
behind2 identity: out 18, passage -73, stem -26, more -18, option -20, answer -57, feedback 35, facts -76, bank -15, keys -118
behind2 instruction: out 73, passage -13, stem -64, more -43, option -16, answer -29, feedback -34, row 24, keys -19
behind2 key-title: out 24, passage -31, stem 22, more 24, wrapped -13, answer -89, feedback -77, hint -17, row -26, keys -52, remark -14
behind2 let-lone: out -19, passage 47, stem -48, more -36, wrapped -30, answer -17, hint -27, row 54, bank -14, keys -42, remark -33
behind2 let0: out -18, passage -23, stem 46, more -40, option -23, feedback 14, hint -71, row -67, bank -21, lines -46, keys 42, remark -62
behind2 let1: passage -42, wrapped 13, answer -40, feedback -49, hint -41, facts -64, row -33, bank -50, lines -47, keys -37, remark -25
behind2 let1-first: passage -13, option -44, wrapped -74, facts 16, row -44, bank -83, lines -24, keys -25, remark -80
behind2 let2: out -51, stem 49, more 33, wrapped -34, answer -85, feedback -34, facts -20, row -50, bank -18, keys 14
behind2 let2-first: out 38, passage -17, stem -38, wrapped -22, feedback -36, facts 67, row -20, bank 21, keys -44
behind2 letter: stem -40, more -36, option 29, wrapped -21, answer 13, facts -52, row -19, keys -52, remark -37
behind2 lines: passage -32, stem -15, more -15, option 26, answer -19, feedback -20, keys -22
behind2 num-lone: passage 25, stem -23, more -29, option -31, wrapped -15, hint -47, facts -31, bank -73, keys 44, remark -41
behind2 num0: out -15, stem -28, more -47, wrapped -26, answer -30, hint -24, bank -29, keys -24, remark -42
behind2 num0-again: out -44, passage -45, stem 20, more -65, wrapped -34, hint -48, facts -81, row -30, bank -32, lines -44, remark -35
behind2 num1: passage -50, stem -16, more -54, option -16, wrapped -41, answer -26, hint -25, facts -50, row 21, bank -30, lines -28, keys 53, remark -47
behind2 num1-first: out 29, stem 44, more -70, wrapped -35, answer -20, feedback -24, hint -20, facts -55, row -20, bank -40, lines -29, keys -28, remark -32
behind2 num2: out -30, stem 16, answer -43, facts -18, row 14
behind2 num2-first: option 35
behind2 number: out -20, passage -98, stem 56, more -101, option -28, wrapped -20, answer 62, feedback -49, row -48, bank -25, lines -15, keys -26, remark -18
behind2 pair: out 24, passage -25, stem 51, more 31, option -50, wrapped -12, answer -43, feedback -46, facts -21, lines 24, keys -26, remark -41
behind2 phrase: stem -20, more 18, option 16, wrapped 43, answer -26, hint -36, facts -17, row -28, bank -51, lines -38, keys -38, remark -15
behind2 rom-lone: out 32, passage -24, stem -27, option 23, answer -41, feedback -39, row -43, lines -23, keys -31
behind2 rom0: out 40, passage 18, stem 25, more -15, wrapped -29, answer -36, feedback -26, facts -46, row -32, bank -24, keys -81, remark -32
behind2 rom0-again: out -23, passage -20, option -24, answer -50, feedback -38, facts -15, remark -21
behind2 rom1: out -47, more -18, option 23, answer -32, facts -15, row -19, remark -14
behind2 rom1-first: stem -26, wrapped 31, feedback -22, hint -24, facts 40, remark -20
behind2 rule: out -18, passage -50, more -34, option -48, wrapped -24, feedback -39, facts 13, row -78, bank -59, lines 16, remark 12
behind2 section: out 23, passage -71, stem -21, more 63, option 23, wrapped -14, answer -15, feedback -12, facts -39, row -49, bank -15, lines 22, keys -31
behind2 sentence: out 38, stem -27, option -28, wrapped -36, hint -18, facts 54, row -72, bank 24, lines -16, keys -43
behind2 short: passage -53, stem 32, option 36, feedback -44, hint -52, facts 15, row -22, bank -72, lines -26, keys 14, remark -35
behind2 short-sentence: passage 19, more 15, option -17, answer -100, feedback -82, hint -24, facts -68, bank -52, keys -43, remark 24
behind2 table-down: stem -54, more 50, option 41, answer -86, feedback -47, row -13, keys 22
behind2 table-pairs: out -12, passage -49, stem 35, option -51, wrapped -14, answer 21, feedback -63, hint -15, facts 12, row -24, bank -53, lines -33
behind2 table-ticks: out -23, passage 27, option -13, wrapped -34, answer -55, hint -13, row 18, bank -26, lines -32, keys -32
behind2 table-wide: out -42, stem -23, answer -64, facts -55, row 56, keys -30
behind2 text: out -16, wrapped -54, answer 20, feedback -76, hint -41, facts -21, bank -20
behind2 ticked: out -101, passage -37, stem -19, more 45, option 28, answer -95, feedback -40, hint 36, facts 15, row -24, bank -28, keys -54
behind2 truth: out -89, passage -24, more -110, option -44, wrapped -25, answer 103, hint -12, row -31, bank -21, keys -46
behind2 word-lone: out -30, stem 26, wrapped -15, feedback 37, facts -20, row -50, bank -23, lines 26, remark -23
behind2 word0: out -40, passage 24, more 37, option -23, wrapped -40, feedback -22, hint -40, facts 22, lines -28, keys -85, remark 15
behind2 word0-again: passage -28, stem 25, more 23, feedback -22, row -80, keys 25, remark -15
behind2 word1: out -39, option -16, answer 36, facts 14, row -21, keys -39
behind2 word1-first: out 45, passage -32, option 42, feedback -44, facts -33, bank -24, keys -14
bold all: out -120, passage -115, more -61, option 12, wrapped -71, answer 32, feedback -72, hint -35, facts 91, row -85, bank -49, lines -40, keys -38, remark -42
bold some: out -27, passage -95, more -103, wrapped -24, answer 35, feedback -14, facts -15, row -73, lines -32, keys -52, remark -20
box end bracket: stem -41, more -19, option 84, answer -46
box end none: stem -36, more -23, option 21, answer -30, feedback -24, facts -57, row -37, bank -28, keys -56, remark -17
box end stop: out -30, passage -48, stem -27, more -15, option 64, answer -78, feedback -32, remark -61
box open: option 66, answer -42, feedback -27, row -47
box ticked: out -46, answer 14, facts 48
box words 1: out -33, stem -18, more -18, option 26, facts -15, row -21, keys -22, remark -27
box words 15: passage -24, stem -24, option 12, answer -40, feedback -14, facts -14
box words 3: stem -26, more -22, option 37, answer -150, feedback -19, facts -37, row -16, keys -20, remark -30
box words 7: out 46, passage -24, stem -49, more -17, option -21, answer -79, feedback -28, hint -13, facts -12, row -22, bank -22, keys -27, remark -25
box words many: out 27
bracketed end bracket: passage -46, stem -86, more -20, option -63, wrapped -26, answer -29, hint -50, facts -65, row -35, bank 17, lines -35, keys 17, remark -22
bracketed words 1: out -27, stem -13, more -55, option -17, answer 46, facts -15, bank -33
bracketed words 15: out 40, passage -25, stem -73, more 23, option -21, answer -70, hint -16, facts -32, row -16, bank -29, lines -22, keys -112, remark -13
bracketed words 3: out -36, stem -41, more 48, option -51, feedback -27, hint -13, facts -36, row -21, bank -77, keys 35
bracketed words 7: passage -24, stem -54, more -71, option -42, wrapped -14, feedback 18, hint -26, facts -28, row -17, bank 32
bullet end asks: out -26, stem 30, more 30, option -50, row -16, remark -21
bullet end bracket: out -19, stem 51, more -60, wrapped -12, answer -65, feedback -55, facts -17, row 28, keys -20, remark -44
bullet end colon: out 16
bullet end gap: out 39, more -34, option -21
bullet end none: out 29, passage -24, stem 18, more -18, option 25, answer -29, feedback -131, facts -52, row -18, bank -20, lines -16, keys -44, remark -57
bullet end stop: out -57, passage -23, stem -45, answer -104, feedback 21, hint -16, row -75, remark 40
bullet words 1: out -32, stem -32, more 15, option 25, answer 22, feedback -87, facts -19, row -81, keys -31, remark -52
bullet words 15: passage -19, more -116, option -54, answer -78, facts -28, row -90, keys -19, remark 48
bullet words 3: out 23, more -89, option 53, answer -163, feedback -77, facts -35, lines -15, keys -38, remark -52
bullet words 7: out 27, passage -20, stem 15, more 19, answer -142, feedback 26, row -87, keys -22, remark -57
bullet words many: out -35, stem 52, more -25, option -43
capitals end none: passage -64, stem -67, more -54, feedback -68, hint -22, facts -54, row -33, bank -38, lines -14, keys -19
capitals words 1: out 45, passage -16, stem -17, more -37, option 28, answer -62, feedback -37, facts -39, keys -54
capitals words 3: passage -27, stem -27, more -12, option 40, answer 16, feedback -18, facts -51, row -25, keys -32
capitals words 7: passage -31, stem -44, option -67, feedback -37, hint -16, facts -27, row -30, bank -28
cells end bracket: out -24, passage -30, stem 20, more -35, option -34, answer -54, feedback -22, facts -27, row 34, bank -48, keys -72
cells end none: more 22, answer -45, feedback -84, hint -26, facts -31, row -18, lines -30, keys -17, remark -25
cells end stop: out -50, stem -13, more -29, option 39, keys 18
cells run: out -69, stem 22, more -51, option 40, answer -47, facts -63, row -50, bank -31, keys -72
cells words 15: out -54, passage -24, more 41, option 21, answer -86, feedback -52, facts -74, bank -35, keys 28
cells words 3: out 40, passage -14, stem 22, more -29, option -79, feedback -19, bank -24, keys -68
cells words 7: stem -16, option -13, wrapped -26, answer -73, feedback -55, hint -18, facts -110, row -16, keys -22, remark -16
cells words many: out -71, passage -16, stem -30, more -38, option 29, answer -41, facts -48, row 13, keys 31
chatter end asks: out 93, passage -40, stem -85, answer -14, feedback -22, keys -31
chatter end bracket: out 14, passage -13, stem -37
chatter end colon: out 67, stem -44, facts -15, keys -22
chatter end comma: out -32, passage 29, stem -13, facts -15
chatter end none: out -19, stem 32, option -16, answer -30, feedback -35, keys 19
chatter end stop: out 56, passage -94, stem -34, more -23, answer -47, feedback -19, lines -14, keys -20
chatter run: out 20, passage -13, stem -54
chatter words 15: out 53, passage -67, stem -50, option -23, answer -32, feedback -37, facts -27, bank -15, keys -21
chatter words 3: out 73, passage -42, stem -28, answer -43, facts -15, lines -13
chatter words 7: passage 26, stem -21, more -12, answer -13, feedback -13, keys -26
chatter words many: passage -29, stem 17, more -17, feedback -42, keys -32
colon end colon: out -16, passage -27, answer -42, feedback -30, facts -48, row -14, bank -16, keys 19, remark -13
colon words 15: out 103, passage -20, stem -93, more -26, answer -35, feedback -51, facts -23, keys -39
colon words 3: out 82, stem -54, keys -38
colon words 7: out -77, stem 56, facts -18, row -14, bank -13, keys 29
colon words many: out 41, stem -44, keys -41
coloured: out -74, passage -36, stem 18, more -34, option 75, answer 81, row -70, bank -18
columns: out -52, passage -18, stem 26, more -62, answer -100, feedback -81, hint -26, row -15, bank 73, lines -30, remark -40
cue-answer end asks: option -13, answer 44, keys -43
cue-answer end bracket: out -24, option -60, feedback -13, hint -12, bank -60
cue-answer end colon: stem -14, answer -26, keys 28
cue-answer end none: out -90, passage -30, stem -41, more -109, option -13, wrapped -28, answer 35, feedback -54, facts -92, row -66, lines -16
cue-answer end stop: out -24, stem -24, more -49, option -79, answer 66, feedback -47, bank -27, keys -35
cue-answer run: out -15, option -35, answer 18
cue-answer words 1: out -45, stem -34, more -20, option 40, answer -53, bank -28, keys 48
cue-answer words 15: out -28, stem -17, more -37, option -152, answer 16, feedback -41, bank 28
cue-answer words 3: out -67, passage -17, stem -26, option -54, wrapped -23, answer 67, facts -78, row -26, bank -66, keys -62
cue-answer words 7: out -41, stem -29, more -84, answer 34, feedback -51, hint -17, facts -27, row -40
cue-answer words many: answer 46, feedback -21, keys -29
cue-difficulty end none: out -29, stem -46, more -24, option -41, answer -79, feedback -38, facts 42, row -30, lines -17
cue-difficulty words 3: out -41, stem -46, more -24, option -41, answer -77, feedback -38, facts 53, row -30, lines -17
cue-feedback end bracket: out -18, more 23, feedback 19
cue-feedback end none: out -78, stem -26, more -23, answer -38, feedback 89, facts -64, row -16, bank -14, keys -82, remark -28
cue-feedback end stop: out -23, passage -22, stem -50, option -51, wrapped -38, answer -92, hint -59, row -19, keys 23, remark 29
cue-feedback words 1: out 21, stem -45, more 30, option 48, feedback -23, facts 16, keys -46
cue-feedback words 15: out -27, stem -45, more -43, option -42, wrapped -40, answer -66, feedback 24, hint -48, row -17, bank -12, keys 17
cue-feedback words 3: out -29, more -36, answer -18, feedback 26, facts -17
cue-feedback words 7: passage -12, stem -34, option -95, answer -47, feedback 16, hint -17, facts -84, keys -28, remark 31
cue-feedback words many: out -25, stem -19, option -19, answer -13, feedback 22, facts -14, remark -24
cue-hint end none: out -34, option 25, feedback -18, hint -21, row -17, keys -34
cue-hint end stop: out -40, stem -32, option -17, answer -44, feedback -33, hint 48, facts -22, keys -15, remark -12
cue-hint words 1: out -34, option 25, feedback -18, hint -21, row -17, keys -34
cue-level end none: passage -24, stem -58, more -35, answer -15, feedback -40, facts 13, row -43, bank -14, keys -54
cue-level words 1: out -37, stem -27, option 36, answer -35, facts -16
cue-level words 3: out 39, passage -20, stem -34, more -33, option -47, feedback -40, facts -28, row -16, keys -31
cue-level words 7: out -119, passage -16, stem -74, option -84, answer -172, facts 155, row -29, keys -32
cue-outcome end none: passage -27, stem -59, more -13, option -42, answer -57, feedback -54, hint -15, facts 19, row -40, bank -22, remark -25
cue-outcome words 7: passage -27, stem -55, more -13, option -42, answer -53, feedback -53, hint -15, row -40, bank -22, remark -25
cue-points end gap: out 40, stem -34, more -20, answer -33, facts -35, keys -13
cue-points end none: out -40, stem -30, more -18, option -41, answer -16, feedback -44, hint -13, facts 28, row -31, lines -25
cue-points words 15: out 40, stem -34, more -20, answer -33, facts -35, keys -13
cue-points words 3: out -40, stem -30, more -31, option -41, answer -15, feedback -41, hint -13, facts 28, row -31, lines -25
cue-sample end comma: answer 51
cue-sample end none: out -51, stem -46, more -42, option -36, answer 41, facts -34, row -36, bank -25
cue-sample end stop: out -34, passage -26, stem -36, more -71, option -22, answer 62, feedback -56, hint -17, facts -28, row -12, bank -29, keys -41
cue-sample words 15: out -24, stem -56, more -61, option -43, answer 52, feedback -33, facts -35, row -41, bank -32, keys -28
cue-sample words 3: out -33, passage -14, stem -17, more -26, answer -17, facts -22, keys 46
cue-sample words 7: out -15, more -16, answer 69, keys -44
cue-sample words many: out -58, passage -15, stem -20, more -36, option -13, answer 39, feedback -34, facts -13, row -12, bank -22, keys -18
cue-tags end none: out -34, passage -23, stem -31, option -30, answer -42, feedback -35, facts 15, row -25, keys 21, remark -15
cue-tags words 3: passage -20, stem -43, more -21, option -23, answer -44, feedback -40, facts 16, row -31, keys -43
cue-wordBank end none: passage -35, stem -28, more -53, option -30, answer -35, feedback -42, facts -30, row -25, bank 41, keys -43
cue-wordBank words 7: passage -32, stem -24, more -50, option -41, answer -49, feedback -39, facts -28, row -25, bank 37, keys -38
end asks: out 13, stem 23, more 12, option -54, wrapped -53, answer -54, feedback -72, hint -32, facts -97, row -70, bank -39, lines -42, keys -109, remark -73
end bracket: passage -92, stem 22, more 16, option -61, wrapped -78, answer -17, hint -67, row -63, lines -66, keys -28, remark -83
end colon: out 55, passage -50, stem 31, option -99, answer -81, feedback -37, hint -20, facts 14, row -32, bank -30, lines -33, keys 32, remark -31
end comma: out 21, passage 28, stem -55, more 37, option -40, wrapped -20, feedback -50, hint -15, facts -42, row -34, bank -23, lines -23, keys 16, remark -37
end gap: out -12, passage -79, stem -36, option 27, wrapped -22, answer -43, feedback -69, hint -32, facts -15, row -66, bank -34, lines 24, keys -66, remark -23
end none: passage -25, stem -53, more -69, wrapped -25, feedback -39, hint -113, bank -24, lines -148, remark -162
end stop: out -38, stem -40, more -30, option -29, answer -30, feedback 21, facts -126, row -202, bank -140, lines -156, keys -53, remark 38
field end asks: passage 63, stem -37, answer -33
field end bracket: passage -23, more -48, option 41, answer -80, feedback -63, hint -14, facts -89, row -23, bank -26, keys -18
field end colon: out 23, passage -41, more 26, option -66, answer -31, feedback -33, facts -20, row -22
field end gap: out 17, more -16, option -32, answer -69, feedback -25, facts -36, row -13, keys -17
field end none: out -14, passage 35, more -104, option -55, wrapped -17, answer -21, feedback -128, hint -16, bank -41, lines -31, keys -51, remark -18
field end stop: out -34, more -17, option -38, answer 33, feedback 18, facts -48, row -16, keys -28
field words 1: out 48, stem -41, more -14, option -41, answer -18, row -36
field words 15: out -21, passage -18, stem 25, more -27, option 14, answer 32, feedback -126, hint -16, facts 22, row -52, bank -18, lines -13, keys -24
field words 3: stem -25, more -32, option -68, answer -79, feedback -85, facts -23, row 33, lines -25, keys -30, remark -14
field words 7: passage -12, stem -12, option -15, feedback 16, hint -20, facts -23, row -52, bank -32, lines -15, keys -64, remark -15
field words many: out -56, passage 49, stem 51, answer -16, feedback -24
field-kind end none: passage -38, stem -70, more -44, option -43, answer -22, feedback -34, row -30, bank -19, keys -57
field-kind words 3: passage -15, stem -29, more -43, option -30, answer -15, facts 28, row -26, bank -14, keys -16
field-kind words 7: passage -29, stem -53, option -19, answer -93, feedback -33, row -20, keys -46
field-number end none: out -29, passage -22, stem -28, option -17, answer -35, facts 40, keys -21
field-number words 3: out -29, passage -22, stem -28, option -17, answer -35, facts 40, keys -21
field-option end none: out -67, stem -69, more -18, option 76, answer -66, feedback -15, facts -62, row -40, keys -30, remark -21
field-option end stop: more -20, option 21
field-option words 15: more -20, option 21
field-option words 3: out -44, stem -53, more -12, option 57, answer -46, facts -45, row -29, keys -20, remark -14
field-option words 7: out -48, stem -49, more -17, option 50, answer -30, facts -28, row -24, keys -15
field-stem end asks: stem 36, more -15, option -17
field-stem end none: stem 20
field-stem end stop: out -37, stem 48, answer -13
field-stem words 15: stem 39, option -14, facts -12
field-stem words 3: stem 15
field-stem words 7: out -37, stem 33, more -15, option -14
field-time end none: out -26, passage -23, stem -56, answer -19, feedback -76, hint -17, facts 21, row -24, keys -93
field-time words 3: out -26, passage -23, stem -56, answer -19, feedback -76, hint -17, facts 21, row -24, keys -93
first: out 25, passage -75, stem -14, bank -50, keys -73
full asks capital: passage 46, stem -110, feedback -56, bank -39, keys -63, remark -24
full asks label: stem -37, more 67, option -26, answer 38, feedback -19, facts 16, row -80, keys -30, remark -41
full asks small: out -54, passage -13, stem 37, more -26, wrapped -12, answer -34, feedback -12, hint -12, facts -13, row -63, bank -14, lines -14, keys -57, remark -12
full bracket capital: out 22, passage -60, more -82, option 37, answer 21, feedback -43, bank 13, lines 35, keys -50, remark -13
full bracket label: more -31, answer -74, feedback -68, facts 32, row -43, bank -25, lines -13, keys 45, remark -61
full bracket small: out 25, passage -15, stem -26, more -60, option -19, answer 31, facts -18, row -22, lines -13, keys -41
full colon capital: stem -47, more -46, option -73, answer 55, feedback -32, facts -21
full colon label: option 58, row -43
full colon small: stem -21, option 12
full comma capital: out -15, passage 29, stem -31, option -18, wrapped -17, feedback -39, hint -13, facts -14, keys 18, remark -14
full comma label: stem -27, more 56, option -33, answer -24, row -28, keys -25
full comma small: out -29, stem -40, more 28, option -49, wrapped 24, answer 33, feedback -31, facts -18, keys 23, remark -13
full deeper capital: out -123, passage -16, stem -131, option 15, answer 32, feedback 24, hint -16, facts 46, row -42, bank -46, keys -29, remark -36
full deeper label: out -103, stem -93, more 64, answer 34, feedback -31, facts -27, row -40, lines -17, keys 20, remark -40
full deeper small: out -44, passage -59, stem -75, wrapped 41, feedback -64, hint -29, facts -24, row -47, bank -24, lines -29, keys 34, remark -40
full gap capital: passage -47, stem -65, more -19, option 16, feedback -39, row -19, bank 20, lines 34, keys -116
full gap label: more 37, answer -43, facts 37, row -15, keys -48
full gap small: out -25, passage -23, stem -52, more 13, option 20, answer -29, feedback -42, row -12, keys -49
full none capital: out -59, stem -26, more 25, option -20, wrapped 22, feedback 44, hint -34, facts 59, row -24, remark -31
full none label: out -21, passage 23, more -30, option -20, wrapped -13, answer -15, feedback -53, facts 22, keys -15, remark -46
full none small: out -43, stem -61, more 68, option -40, wrapped 58, answer 36, feedback -30, hint -78, facts -110, row -45, bank -53, lines -19, keys 43, remark -46
full out capital: out -14, passage -38, stem -106, more -94, option 35, answer 52, feedback 18, facts -21, row -14, bank 34, lines 52, keys -32, remark -15
full out label: stem -50, more -47, option 20, feedback -24, facts 27, row -13, keys -28, remark -37
full out small: out -59, stem -40, more -30, wrapped -16, answer 91, feedback -58, facts 34, row 17, keys -41
full same capital: stem -16, option -26, wrapped -57, feedback -50, hint -35, row -41, keys -20, remark -67
full same label: stem -24, more 31, option -58, wrapped -21, answer -13, facts 22, bank -44, lines -20, keys -28, remark 35
full same small: out -42, stem -25, more 54, wrapped 31, answer 23, hint -63, facts -55, row -47, bank -58, lines -13, remark -49
full stop capital: out 13, stem -12, more 24, feedback -65, hint -14, facts -38, row -25, lines 28, remark -48
full stop label: out 15, passage -42, stem -24, more 33, option -23, answer -28, feedback 27, facts -27, row -17, bank -26, lines -17, keys -33, remark 40
full stop small: passage -45, stem 21, option -49, feedback -76, facts 22, bank -13, keys 31, remark -20
gap: out -93, passage 28, stem 14, more 23, option -39, wrapped -17, answer -50, feedback -62, hint -32, row -23, bank -35, lines 32, keys -111, remark -32
gap 0: out -32, passage -40, stem -49, wrapped -19, answer -12, feedback -23, hint -58, facts -26, bank -48, lines -46, keys -13, remark -35
gap 1: out 16, more -64, option -57, wrapped -116, answer 16, feedback -41, hint -25, row -63, bank -25, lines -39, keys -60, remark -58
gap 2: passage -95, stem 57, more -31, option -117, wrapped -47, answer -197, feedback -49, hint -49, facts -36, row -69, bank -62, lines -62, keys 107, remark -35
gap behind 0: out -17, passage -18, stem -24, more -37, wrapped -14, answer -55, feedback -67, hint -76, row -19, bank -72, lines -45, remark -42
gap behind 1: passage -30, option -15, wrapped -48, feedback -13, hint -12, facts -25, row -52, lines -40, keys -55, remark -42
gap behind 2: passage -14, option -45, wrapped -15, answer 40, feedback -26, hint -103, facts -49, bank -99, keys -21, remark -55
gap end bracket: out -99, passage -41, stem 54, more -23, option -23, answer 17, feedback -37, facts -25, row -25, keys -15
gap end colon: stem -18, more 17
gap end gap: out 45, passage -89, stem -18, option -40, feedback -33, hint -18, facts -43, row -22, bank -26, lines -22, keys -34
gap end none: out 20, stem 16, more 23, option -28, answer -75, feedback -16, facts -19, row -24, keys -24
gap end stop: out -76, passage 28, stem 32, more 25, option -17, answer -73, feedback -31, hint -13, facts -19, keys -31
gap words 1: out -40, passage -40, stem 58, option -22, answer 29, facts -13, lines -16, keys -19
gap words 15: out 18, passage 14, stem -13, option -20, answer -98, feedback -17, facts -33, row -17, keys -13
gap words 3: out -64, passage -30, stem 39, more 21, option -24, answer -57, feedback -14, facts -20, keys -15
gap words 7: out 53, passage -74, stem 19, option -39, answer -18, feedback -31, hint -13, facts -36, row -34, bank -30, lines -19, keys -40
gap words many: out -62, passage 38, stem -27, more 41, answer -45, feedback -13, keys -20
gaps: out 43, passage -92, stem -35, more 31, option -60, answer -14, feedback -47, hint -16, facts -65, row -30, bank -27, lines -29, keys -60, remark -14
glued answer: out -27, passage -40, stem 126, more -69, option -61, wrapped -15, answer -38, feedback -106, hint -28, facts -25, row -54, bank -52, keys -76
group 1: out 28, stem -52, more 34, option -69, answer -23, facts -48, row -29, bank 16, lines -56, keys -29, remark -98
group 2: passage -29, stem -16, option -34, wrapped -44, feedback -47, hint -73, facts -40, bank -68, lines -17, keys -15, remark -64
group 4: out -37, passage 40, stem -25, more -62, wrapped -65, answer 16, feedback -34, hint -119, facts -14, row 42, bank -27, lines -17, keys -13, remark -69
group 8: out -45, passage -37, stem -64, more -56, option -19, answer -18, feedback -34, hint -78, facts -28, row -32, bank -88, lines -74, keys -32, remark -97
group answer: out -32, passage -60, stem -50, option -42, wrapped -43, answer 13, hint -14, facts -30, row -17, bank -19, lines -67, remark -48
group answer many: out 30, passage -46, stem -46, more -104, option -61, wrapped -73, answer 70, feedback -153, hint -22, facts -16, row -65, lines -14, keys -43
group bank: out -36, passage -13, stem -27, more 13, option -30, answer -27, feedback -45, facts -14, row -33, bank 36, keys -33
group facts: out -24, passage -64, stem -33, more -65, answer 39, feedback -57, hint -14, facts 27, row -44, bank -29, lines -33, keys -76
group facts many: out -52, passage -64, stem -112, more -62, option -82, wrapped -31, answer -47, feedback -66, hint -19, facts 62, row -123, bank -36, lines -42, keys 12, remark -29
group feedback: passage -44, stem -43, more -56, wrapped -28, answer 25, feedback 19, hint 16, facts -49, row -66, bank -64, lines -24, remark -36
group feedback many: out 15, passage -86, stem -46, more -19, option -29, wrapped -17, answer -122, hint -43, facts -54, row -26, bank -33, keys 30, remark 46
group keys: passage -25, stem -49, more -46, option 31, answer -16, feedback -121, hint -23, facts -81, row -87, bank -40, lines -26, keys 23, remark -32
group keys many: out -40, passage -30, more -14, option -32, wrapped -39, answer 18, hint -35, row -13, bank -36, lines -37, keys -20, remark -45
group lines: out -47, passage -13, stem -24, option -27, answer -30, facts -31, row -15, lines 41
group lines many: out -26, lines 35
group many: out -28, passage -111, stem 74, more -77, option 49, wrapped -126, answer 22, feedback -37, hint -41, facts 22, row -110, bank -66, lines -46, keys 34, remark 52
group more: out -16, stem -46, more 30, answer -27, feedback 22, hint -57, facts -29, row -54, bank -14, lines -16, keys -37, remark -63
group more many: out 35, passage 13, stem -89, more 66, option -121, wrapped -45, answer 43, feedback -36, facts -51, keys -71
group option: out -16, stem -57, wrapped -36, answer -43, feedback 13, facts -25, bank -43, lines -40, keys -60, remark -25
group option many: out -30, passage -81, stem -133, more -120, option 75, wrapped -56, answer -14, feedback -98, hint -50, facts -61, row -23, bank -45, lines -42, remark -19
group out: out 35, passage 14, stem -62, more -27, option -25, wrapped -74, feedback -21, hint -98, facts -26, lines -22, keys -28, remark -44
group out many: out 14, passage -53, stem 72, more -65, option -63, wrapped -44, answer -76, feedback 22, facts -20, row -58, bank -43, lines -50, keys 15, remark -46
group passage: passage 14, stem -74, more -67, option -54, wrapped -30, answer -82, feedback -49, hint -41, facts -46, bank -36, lines -30, remark -43
group passage many: passage 13, option -28, wrapped -47, answer -55, feedback 15, facts -16, row -35, keys -62
group row: passage 55, stem -40, more -25, option -21, wrapped -27, answer -31, feedback -57, hint -20, facts -32, row 14, bank -47, lines -35, remark -26
group row many: out -43, passage -58, more -69, answer -14, feedback -61, facts -68, row 24, bank -24, lines -17, keys 19
group stem: out -25, passage -55, stem 52, more -46, option -109, wrapped -74, answer -35, feedback -29, hint -27, facts -104, row -60, bank -68, lines -28, keys -23, remark -93
group stem many: out -60, passage -57, stem 139, option -138, wrapped -60, answer -122, feedback -81, hint -37, facts -42, bank -49, lines -44, keys -72
group wrapped: out -47, passage -28, stem -27, option -38, wrapped 12, answer -18, keys 43, remark -16
hangs: passage -66, stem -73, more 57, option -57, wrapped 53, feedback -83, hint -49, facts -24, row -82, bank -63, keys 34, remark 19
hangs_: out -144, passage -22, stem 22, option 33, answer 43, feedback -39, hint -12, facts -28, row -16, bank -38, lines -13, remark -25
heading: out 59, passage -63, stem -89, more -45, option -60, answer -84, feedback -67, hint -13, facts 40, row -94, bank -35, lines -14, keys -28
heading end asks: out 61, answer -12, facts -13, keys -42
heading end bracket: out -18, more -13, answer 30, feedback -20, facts -110, keys -44
heading end gap: out 13
heading end none: out 17, passage -49, stem -89, more -34, option -57, answer -168, feedback -52, facts 12, row -42
heading end stop: out 71, stem -12, more -18, answer -45, facts -50
heading words 1: passage -21, stem -47, more -14, answer -67, feedback -21, facts -159, keys 28
heading words 15: out 35, more -13, answer -74, feedback -17, facts -97, keys -60
heading words 3: passage -15, stem -47, more -31, option -44, answer 16, feedback -25, row -20
heading words 7: passage -22, stem -49, answer -28, feedback -14, facts 28, row -44, keys -110
identity end colon: out 19
identity end gap: out 63, stem -21, answer -21, facts -27
identity end none: out 32, stem -19, answer -14, facts -15
identity words 15: out 29, stem -27, answer -14
identity words 3: out 25, facts -16
identity words 7: out 59, stem -16, answer -21, facts -26
indent deeper: out -83, passage -45, stem -17, more -19, wrapped 53, answer -18, hint -76, facts -48, bank -116, lines -18, keys 13, remark -23
indent out: out 22, passage -42, stem -20, more -126, option -72, wrapped -121, answer 23, feedback -14, hint -18, row -19, bank -16
indent same: passage -18, stem -24, wrapped -124, answer -23, feedback -37, hint -53, facts -31, row -40, bank -41, lines -54, keys -21, remark -66
instruction end stop: out 49, stem -13, answer -28, feedback -27
instruction words 15: out 62, stem -13, answer -28, feedback -22
instruction words 7: out 18
is arrow: out -28, passage -23, stem -27, more -13, answer 34, feedback 18, facts -63, row -44, bank -27, lines -13, keys -73
is asksEssay: out -74, passage -34, stem 62, wrapped -41, answer -53, facts 39, row -26, bank -18, lines -25, keys -21, remark -61
is asksMatch: out -48, passage -100, stem 96, more -62, option -33, wrapped -28, answer -13, feedback 28, hint -39, facts -35, row 20, bank -46, keys -41, remark 47
is asksOrder: out -53, passage -56, stem 83, more -22, answer -27, feedback -25, facts 19, row -21, bank -29, remark -24
is asksSeveral: out 17, passage -35, stem 67, more -43, option -76, answer -74, feedback -59, facts -50, row -27, bank -53, keys -67, remark -23
is blankLine: out -68, passage -32, stem -21, option -65, answer -13, feedback -46, hint -22, facts 17, row -37, bank -13, lines 54, keys -29
is bracketed: out -40, passage -47, option -110, wrapped -27, answer 39, hint -56, facts -92, row -101, bank 17, lines -42, keys 17, remark -33
is capitals: passage -42, stem -63, more -89, option -17, wrapped -17, answer 28, feedback -54, hint -41, facts -51, row -98, bank -70, lines -25, keys 47, remark -25
is chatter: out 34, passage 17, stem -19, more -47, option -52, answer -63, feedback -30, facts -45, row -19, bank -24, lines -20, keys -37, remark -13
is commas: out -72, passage 45, stem -62, option -44, wrapped -27, answer 19, feedback -68, hint -25, facts -50, row -83, bank 34, lines -25, keys 51, remark -21
is counts: out -83, passage -64, stem -62, more 52, option -63, wrapped -13, answer 23, feedback -81, hint -22, facts -14, row -77, bank 24, lines -13, keys 66, remark -16
is dashStart: out -29, passage -72, stem 26, more -14, option -27, wrapped -45, answer -32, feedback -90, hint -28, facts -100, row -26, bank -43, lines -84, keys -77, remark 71
is identity: passage -27, stem -36, more -22, answer -42, facts 29, keys -15
is instruction: out 85, passage -16, stem -67, more -37, option -20, answer -29, feedback -29, facts -13, keys -51
is keyPairs: out -136, passage -98, stem -23, more -46, option -51, wrapped -18, answer 30, feedback -119, hint -38, facts -35, row -101, bank -79, keys 111, remark -28
is keyTitle: out -112, passage -33, stem -63, more -40, answer -99, feedback -71, hint -27, facts -98, row -53, lines -20, keys 157, remark -12
is legend: out 60, passage -65, stem -95, more -25, answer -37, feedback -34, facts -26
is letter: out -23, stem -81, more 23, option -55, answer 61, feedback -54, facts -60, row -56, bank -12, keys -49
is lowercase: out -84, passage -52, stem -59, option -30, wrapped 25, feedback -24, hint -98, facts -34, row -25, bank -119, lines -69, keys -19, remark -113
is number: out -27, passage -47, stem -87, option -30, wrapped -18, feedback -61, hint -31, facts -105, row -97, bank -43, lines -35, keys 47, remark -28
is pairSign: passage -30, more -30, option -119, wrapped -26, answer -27, feedback 34, hint -40, facts -78, row 37, bank -57, lines -53, keys 15, remark -37
is picture: out -66, stem -63, more 92, option -61, answer -71, feedback -55, row -38, bank -74
is points: out -58, passage -58, stem 109, more 146, option -170, wrapped -34, answer -97, feedback -141, hint -28, facts -23, row -82, bank -86, lines -24, keys -103, remark -39
is quoteStart: out -108, passage -46, more -71, wrapped -26, answer -95, feedback 129, hint -51, facts -58, row -18, keys -38, remark -42
is remark: out -38, passage -23, stem 24, more 35, answer -21, feedback -79, hint -17, facts 21, row -28, keys -106
is rule: out 24, passage -32, stem -45, more -13, option -46, feedback -55, facts -63, bank -26, lines 33, keys -70
is section: out 87, passage -32, stem -73, more -41, option -56, answer -54, feedback -47, facts -21, row -34, bank -26, remark -17
is strokes: out -70, passage -32, stem -25, more -27, option 21, answer 51, feedback -103, facts -27, row -49, bank -52, lines -13, keys 25, remark -15
is truthLead: passage -69, stem 74, more -32, option -67, answer -127, feedback -86, hint -20, facts -36, row -53, bank -17, keys -30, remark -32
is truthTail: out 41, passage -72, stem 36, more 46, option -64, wrapped -20, answer -83, feedback -15, facts -21, row -75, bank -27, lines -15, keys -30
is truthWord: out 67, passage -37, stem -91, option -209, wrapped -16, answer 86, feedback -69, facts -36, row -99, bank -22, lines -16, keys 83, remark -13
key-title end bracket: out -59, stem -17, answer -23, feedback -29, facts -18, keys 38
key-title end colon: out -42, stem -21, option -17, keys 86
key-title end none: out 27, passage -25, stem -42, more -25, option -29, answer -38, feedback -22, facts -36, row -20, bank -20
key-title end stop: out 22, passage -32, stem -16, more -17, answer -22, keys -18
key-title words 1: out -67, option -19, keys 25
key-title words 15: out 69, passage -17, more -17, answer -21, keys -66
key-title words 3: stem -24, option -38, answer -18, facts -30, row -13, keys 21
key-title words 7: out -94, passage -27, stem -23, answer -30, feedback -36, facts -20, row -13, keys 71
key-title words many: out 102, passage -36, stem -40, more -18, answer -15, feedback -18, facts -29, bank -21, keys -103
last: out 23, passage -39, stem -14, more -18, option -17, wrapped -51, answer 14, feedback -18, hint -31, facts -40, row -41, bank -65, lines -42, remark -18
last but one: out 13, passage -29, more -23, option -26, wrapped -13, answer -45, feedback -49, hint -27, row -30, bank -16, remark -50
lead judgement: out -104, stem 76, more 34, option -29, answer -33, row -15, keys -26, remark -15
lead letter: out -51, passage -15, stem 25, more -43, option -38, feedback -15, facts -21, row 43, lines -16, keys -72, remark -35
lead room: out -126, stem -52, more -32, answer -77, row 82, keys -121
let again: out -39, passage -15, option -26, answer -21, facts -12, keys 12, remark -13
let again asks few: out -38, passage -15, option -26, answer -21, facts -12, keys 13, remark -13
let again fits most: out -20, stem 42, keys -13
let asking few: stem -17, more -24, answer -24, facts -19, row -32, keys -24
let asking most: out -36, passage -15, more 13, option 43, answer -83, feedback -13, facts -17, row -32, lines -12, keys -38
let asking none: passage -49, stem -14, more -58, option 16, wrapped -126, answer -54, feedback -106, hint -56, facts -75, row 18, bank -66, lines -59, keys -35, remark -27
let asking some: out -68, passage -13, stem 131, more -83, option -43, wrapped -22, answer -66, feedback -55, row -68, bank -26, lines -14, remark -32
let bare: out -52, stem -62, option 42, wrapped -20, answer -30, feedback -23, facts -42, row 22, bank -24, keys 68, remark -79
let-lone end asks: passage -15, stem 23, more 12, option -63, answer -65, row -17, keys -37
let-lone end bracket: passage -14, stem -36, more -97, option -52, answer 74, feedback -25, facts -18, row -58, keys -37
let-lone end colon: out 26, stem 37, more -29, answer -39, row -40
let-lone end none: out -33, option -16, wrapped -22, answer -22, feedback -25, facts -60, row 16, bank -31, lines -20, remark -14
let-lone end stop: out 55, passage -93, stem -24, option -21, answer -81, feedback -35, facts -27, row -34, bank -18, keys -15, remark -15
let-lone run: passage -26, stem -112, more -29, option 40, answer -64, feedback -15, facts -28, row -54, bank -22, lines -16, keys 32, remark -16
let-lone words 1: passage 27, stem -85, more 13, option -40, wrapped -17, feedback -28, facts -31, row 28, keys -36
let-lone words 15: out -20, passage 26, stem 36, more -40, option 106, answer -76, feedback -25, facts -31, row -76, keys -25
let-lone words 3: out 53, passage -33, stem -50, more -63, option -64, answer -27, facts -43, row 16, keys 36
let-lone words 7: passage -73, option 33, feedback -32, facts -37, row -47, bank -40, lines -19, keys -31, remark -17
let-lone words many: out -57, stem 45, more -23, option 60, answer -37, row -31, keys 41
let0 end asks: out 13, option -83, keys -24
let0 end bracket: out 23, stem 20, option -70, answer 82, feedback -17, row -63, keys -80
let0 end colon: out -29, stem 29, option -17
let0 end gap: out -49, stem -73, option 73
let0 end none: out -60, stem 50, more -44, wrapped -29, answer -100, feedback -43, facts -70, bank -19, lines -13, keys -19
let0 end stop: out 50, passage -37, stem -41, more -24, answer -30, feedback -25, facts -25, row -16, bank -19, remark -23
let0 of 1: passage 34, stem 18, option -38, wrapped -14, answer -27, feedback -48, facts -36, bank -34, keys -26
let0 of 2: stem -35, more -34, feedback -20, row 25, bank -16, lines -22
let0 of 4: out 32, passage -38, stem -30, more -42, option 25, answer -45, feedback -38, facts -24, row -29, bank -18, keys -20, remark -22
let0 of 8: out -19, stem 68, more -15, option -34, wrapped -13, answer -42, feedback -34, facts 42, row -46, keys -45
let0 of many: out -103, passage -14, stem 30, more -31, option -35, wrapped -29, answer -53, feedback -12, row -38, bank -17, keys 73, remark -21
let0 run: out 29, stem -41, option 38, keys -41
let0 words 1: out -44, passage -40, stem -22, wrapped -15, answer 27, facts -51, row -36, lines -12, keys 24
let0 words 15: stem 37, more -33, option -57, answer -25, feedback -28, facts -18, bank -17, keys -29, remark -20
let0 words 3: out 17, passage -12, stem -38, more -24, wrapped -16, answer -63, facts -41, row -18, keys 32
let0 words 7: out 29, stem -19, more -20, option 43, answer -67, feedback -34, keys -86
let0 words many: out -71, option -38, keys 19
let1 end asks: out -70, answer -44, row -14, remark -20
let1 end bracket: out -22, stem 62, more -22, option -41, answer 15, feedback -42, facts -19, row -125, keys -38
let1 end colon: out -19, stem 24, option -23
let1 end none: passage -34, stem 21, more -37, wrapped -31, answer -17, feedback -38, hint -38, facts -46, bank -38, lines -38, keys -21, remark -53
let1 end stop: out -36, passage -13, stem -45, answer -83, feedback -12, hint -18, facts -20, row -60, keys -36, remark 21
let1 of 1: stem -43, more -34, feedback -40, facts -51, row -17, bank -38, keys -21
let1 of 2: out 40, passage -20, more -36, option -55, answer 39, feedback -24, hint -12, row -37, keys 22, remark -22
let1 of 4: out -30, passage -45, stem -21, more -52, option 35, wrapped -53, answer -90, feedback -56, hint -49, facts -56, row 16, bank -49, lines -47, keys -58, remark -12
let1 of 8: out -83, stem 32, option 12, answer -91, row -14, keys -50, remark -41
let1 run: out -147, stem 81, option -28, answer -235, facts -24, row -19, keys -60
let1 words 1: passage -33, stem -41, more -38, wrapped -22, feedback -38, hint -38, facts -46, row -21, bank -38, lines -38, remark -39
let1 words 15: out 12, stem 48, more -15, option -23, wrapped -13, answer -98, feedback -14, facts -13, row -96, keys -66
let1 words 3: stem -24, answer -203, feedback -25, facts -33, row 32, remark -47
let1 words 7: out -33, more -16, option 26, feedback -13, hint -18, facts -20, row -44, keys -123, remark 15
let1 words many: out -41, stem 66, option -53, answer -25
let1-first end asks: out -26, more 37, answer -13
let1-first end bracket: out -48, passage -14, stem 21, more -37, option 25, answer -93, facts -31, row -37, keys -21
let1-first end none: passage -14, stem -33, more -56, wrapped -24, feedback -17, hint -17, facts -23, row -15, bank -18, lines -17, remark -27
let1-first end stop: out -74, stem 13, more -23, option 16, answer -65, feedback -37, facts -17, row -33, keys -33, remark 29
let1-first run: out 21, stem 31, option -37, answer -68, keys -53
let1-first words 1: out 24, passage -14, stem -69, more -25, option -15, feedback -18, hint -17, facts -20, row -60, bank -18, lines -17, keys -65, remark -17
let1-first words 15: out -79, stem -53, option 55, answer -61, facts -22, row -35, keys -46, remark 31
let1-first words 3: out -36, passage -14, stem -58, wrapped -17, answer 22, facts -23, keys 24, remark -47
let1-first words 7: out -50, stem 22, more -41, option 39, answer -75, feedback -34, facts -14, keys -74, remark -69
let1-first words many: stem 44, option -44
let2 end none: stem -13, wrapped -48, row -38, keys -26
let2 end stop: out -37, stem -32, option 33, wrapped -16, answer -40, row -16, keys -13
let2 of 1: out -12, passage -36, stem -37, more -14, option 31, answer -40, row 18, lines -16, remark -15
let2 of 2: out 21, stem 15, more -20, option -33, answer 15, facts -18, row -24, keys -56
let2 of 4: out -53, stem 34, more -19, option 92, wrapped -48, answer -78, feedback -51, facts -31, row -54, lines -21, keys -55
let2 run: out -33, option 37, answer -65
let2 words 1: out 32, stem -25, option -26, wrapped -32, row -22, keys -17
let2 words 15: out -18, option 30, wrapped -21, answer -31, row -13
let2 words 3: out -29, option 61, wrapped -22, answer -53, row -15, keys -26
let2 words 7: out -47, more -16, option 43, wrapped -23, answer -53, feedback -13, facts -21, row -21, keys -13
let2-first end none: stem -31, more -25, row -27, keys -25
let2-first end stop: stem -21, more -17, option 13
let2-first run: out -13, stem -17, option 38, answer -16
let2-first words 1: out 19, more -13, option -29, row -20, keys -24
let2-first words 15: stem -17, option 29, answer -16
let2-first words 3: out -17, stem -13, option 49, answer -15
let2-first words 7: out -28, stem -24, more -23, option 42
letter end bracket: more 53, option -13, answer -49
letter end none: stem -32, option -19, answer 15, feedback -39, facts -39, row -16, keys -33
letter words 1: stem -32, more 13, option -19, answer 13, feedback -39, facts -39, row -16, keys -33
lines end gap: out -34, passage -22, stem -18, option -34, answer 20, feedback -26, hint -17, facts 18, row -18, lines 16, keys -26
lines words 3: out -30, passage -22, stem -18, more 41, option -26, answer 24, feedback -26, hint -16, facts 20, row -17, lines -14, keys -14
look _asks: out 12, passage -50, stem 66, more -89, option -17, answer -42, feedback -34, hint -19, facts -33, row -23, bank -26, lines -18, keys -15
look _box: out 37, stem -36, more -13, answer -49, feedback -18, facts -21, row -25, bank -23, keys -20
look _bracketed: out 25, passage -31, stem -59, more 21, answer -139, feedback -77, hint -14, facts -28, row -17, bank -22, keys 32
look _bullet: passage -25, stem 17, more -62, answer -57, feedback -49, facts -32, lines -20, keys -23, remark 17
look _capitals: out 63, passage -43, stem -55, more -44, option -59, feedback -41, facts -59, row -24, bank -31, keys -74
look _cells: more -141, option 43, answer -94, feedback -60, hint -19, facts -44, row -36, lines -14, keys 22
look _chatter: passage 21, more -15, option -20, answer -51, feedback -25, facts -36, bank -21, lines -20, keys -32, remark -13
look _colon: passage -13, stem -13, more -35, answer -23, feedback -17, facts -26, keys 24
look _cue-answer: out -79, passage -17, stem -39, more -24, option -91, answer 27, feedback -54, facts -39, row -27, bank 18
look _cue-feedback: out -18, stem -43, option -38, answer -54, feedback 31, hint -44, remark -41
look _cue-level: out -23, passage -16, stem -52, more -34, feedback -13, facts 18, row -22, keys -15
look _cue-outcome: out 52, stem -37, answer -14, facts -35, keys -60
look _cue-points: out 29, stem -22, more -18, answer -33, facts -23, keys -12
look _cue-sample: out -87, passage -22, stem -49, more -46, option -23, answer 42, feedback -32, hint -15, facts -47, row -19, bank -38
look _cue-wordBank: out -13, passage -27, stem -17, more -15, answer -22, facts -22, row -12, bank 22, keys -15
look _field: out 20, passage 18, stem 23, more -23, option -48, answer -127, feedback -134, hint -19, row -38, bank -37, lines -15, keys -79
look _field-kind: out -52, passage -17, stem -30, answer -61, facts 74
look _field-number: out -28, passage -18, stem -28, option -12, answer -34, facts 36, keys -17
look _field-stem: out -34, stem 46
look _gap: out -17, passage -23, stem 28, more 15, option -38, answer -98, feedback -36, hint -25, facts -37, row -27, bank -20, lines -21, keys -40
look _heading: out -13, passage -38, stem -12, more -35, option -19, feedback -48, row -16, bank -15
look _identity: out 60, stem -26, answer -23, facts -23
look _instruction: out 61, stem -12, answer -20, feedback -23
look _key-title: out -31, passage -26, stem -40, more -22, option -21, answer -37, feedback -20, facts -38, row -19, bank -19, keys 37
look _let-lone: stem 25, more -44, option -34, answer -53, feedback -32, facts -60, row -104, bank -27, keys -29
look _let0: out 13, passage -55, more -29, option 14, answer -43, feedback -20, facts -71, row -56, bank -23, keys -40, remark -18
look _let1: stem -20, more -14, option 28, answer -39, feedback -12, hint -18, facts -21, row -43, keys -59, remark -56
look _let1-first: out -14, passage -14, stem -60, more -23, option 35, answer -84, facts -39, keys -54, remark -16
look _let2-first: out -42, stem -27, option 33, answer -16
look _letter: out -73, answer 80, feedback -15, facts -25, keys -28
look _num-lone: out 35, passage -18, stem 19, more -88, option -83, answer -66, feedback -107, hint -13, facts -88, row -68, bank -27, lines -19
look _num0: out -19, passage -51, more -55, wrapped -26, feedback -42, hint -39, facts -37, bank -35, lines -36, remark -42
look _num0-again: out 28, stem 17, answer 28, facts -28, row -64, bank -19
look _num1: out 18, stem 14, more -35, option -29, answer -52, facts -26, row -32, keys -45
look _num1-first: passage -18, option -26, answer -64, feedback -23, facts -28, row -31, lines -12, keys 12
look _number: passage -31, stem -25, more -157, option -61, feedback -36, facts -54, row -12, bank -38, lines -18, keys 15
look _pair: out -26, passage 40, option -40, answer -83, feedback -91, hint -14, facts -63, bank -39
look _phrase: passage 18, stem 13, more -84, option -29, wrapped -21, answer 18, hint -25, facts -74, row -69, bank -54, lines -27, keys -64
look _rom-lone: out 15, passage -41, more -15, option -41, answer -62, feedback -16, facts -20, bank -16, keys -63
look _rom0: out 64, passage -30, stem -34, more -24, option -64, wrapped -12, answer -78, feedback -14, facts -71, row -43, bank -19, keys -87, remark -27
look _rule: out 29, stem -40, more -65, option -41, answer 12, row -15, keys -62
look _section: out 61, passage -26, stem -47, more -23, option -17, answer -48, feedback -27, row -26, bank -23, keys -42, remark -17
look _sentence: more -16, option -116, wrapped -14, answer -57, feedback -27, hint -28, facts -48, row -31, bank -41, lines -26, keys -18, remark -33
look _short: out 18, passage -32, stem 58, more -83, option -42, wrapped -27, answer 25, feedback -129, hint -22, facts -50, row -34, bank -34, lines -23, keys -82
look _short-sentence: out 48, passage -46, stem 15, more -95, wrapped -13, answer -35, feedback -48, hint -88, facts -43, row -27, bank -36, lines -22, remark -29
look _table-down: out -21, stem -18, answer -24, feedback -31, facts -27, keys 53
look _table-pairs: passage -23, stem -53, more -21, answer -28, feedback 36, facts -34, row -53, bank -30, lines -24
look _table-ticks: out -70, passage -15, stem -57, more -18, option -12, answer -19, feedback -20, row 71, keys -24
look _table-wide: out 63, stem -12, answer -17, facts -38, keys -27
look _text: passage -17, stem 38, option -74, answer -48, feedback -109, facts -42, row -27, bank -38, lines -24, keys -44
look _ticked: out -45, passage -46, stem -37, option 39, answer 43, facts -18, keys -40
look _truth: out -46, more -81, answer 59, feedback -14, facts -29, bank -21, keys -60
look _word-lone: out 12, passage -41, stem 20, more -25, option -72, answer -63, feedback -19, row -16, bank -23, keys -67
look _word0: passage -16, more -23, option -63, feedback -19, hint -16, facts 21, row -37, bank -16, keys -36, remark -27
look _word0-again: out -14, option -14, facts 20
look _word1: out -58, stem 28, answer -21, facts 53
look _word1-first: out -35, facts 31
look arrow: out -47, passage -37, stem -40, more -14, answer 23, feedback 28, hint -19, facts -90, row -70, bank -44, lines -24, keys -64, remark -15
look arrow _cue-level: out -17, facts 36
look arrow _heading: out 47, facts -46
look arrow _let-lone: out 36, stem -37, answer -17
look arrow _let0: out -16, stem 36, option -16
look arrow _num-lone: out 47, stem -38, feedback -38
look arrow _num0: stem 37, answer -50
look arrow _num0 arrow: out -39, stem 40
look arrow _num0 let1-first: out -15, stem 15
look arrow _num0_ num0: out -56, stem 59
look arrow _section: out 25
look arrow _short: out 75, stem -40, answer -63, feedback -29
look arrow _word0: out -56, stem 32, facts 74
look arrow _word0 asks: stem -36, facts 41
look arrow cue-difficulty: out -37, more -59, option -58, answer 94, feedback -50, facts 37, keys -13
look arrow cue-feedback: out -54, answer 18, feedback 61
look arrow edge: more -32, option -40, answer 39, feedback -35, keys -22
look arrow short-sentence: out -40, stem -21, feedback 52, hint -13, keys -23, remark -31
look arrow word0: out -44, stem 45, option -30, answer 32, feedback -44, facts -22, keys -14
look arrow+: passage -21, stem -52, more -77, option -59, answer 19, feedback 25, facts -35, row -16, keys -28
look arrow_ cue-level: option -32, answer 42, feedback -14
look arrow_ heading: option -22, answer 25
look arrow_ let-lone: answer 26
look arrow_ let0: option -28, answer 47
look arrow_ num-lone: out -31, more -21, option -25, answer 61
look arrow_ num0: out -26, more 35, option -94, feedback -28, facts -13
look arrow_ section: out -14, more -30, option -57, answer 90
look arrow_ short: out -26, more -55, option -71, answer 77
look arrow_ word0: more -37, option -57, answer 109, feedback -24
look arrow_+: out -35, stem -17, feedback -108, facts -30, row -31, bank -20, keys -23
look asks: more 39, option -16, wrapped -36, answer -89, feedback -76, hint -36, facts -77, row -61, bank -29, lines -52, keys -50, remark -30
look asks _asks: out -24, stem 44, more -37
look asks _box: out -70, stem -21, option 27, row -19
look asks _box box: out -17, option 22
look asks _bullet: out -38, option 42, remark -12
look asks _bullet bullet: out -31, stem -29, option 62
look asks _cue-answer: answer 48, keys -45
look asks _cue-answer edge: answer 43, keys -43
look asks _gap: out -93, passage -51, stem 71, more -60, option -14, answer -42, facts -18
look asks _let-lone: out 35, passage -32, stem -24, option 46, answer -31
look asks _let0: out 26, stem -25, option 20, keys -22
look asks _let0 let0: stem -25, option 39
look asks _let1-first: out -32, stem -16, option 61, answer -40, row -20
look asks _let1-first let1: out -19, stem -16, option 44, answer -30
look asks _num0: out -45, passage -14, stem 32, more -22, facts -17, keys -22
look asks _number: out -29, option 13, answer 29
look asks _phrase: out -35, more -32, answer 35, feedback -17
look asks _section: out 46, stem -18, facts -19
look asks _short: out -53, passage 43, stem -71, more -35, answer 18, facts -62, keys -38
look asks _word0: out -40, answer -43, facts 62
look asks _word0 asks: stem -13, answer -18, facts 39
look asks box: out -92, stem 17, more 20
look asks box box: out -30, more -14, option 46
look asks box ticked: out -31, option 38
look asks bracketed: out -31, stem -15, more 45, option -28, answer -21
look asks bullet: out -85, stem -21, more 48, option -40, answer -63
look asks bullet bullet: stem -52, more -32, option 91
look asks cells: out -19, option -14
look asks cue-answer: out -53, more -18, answer -28, row -14, keys 15
look asks cue-answer cue-difficulty: option -19, answer 43, keys -15
look asks cue-answer cue-points: option -19, answer 24
look asks cue-answer edge: option -59, answer -29, keys 30
look asks cue-answer_ num0: answer 38, keys -32
look asks cue-answer_ word0: option -15, answer 47, keys -38
look asks cue-difficulty: stem 42, more -27, facts 25
look asks cue-sample: stem -45, more 44
look asks edge: out 62, passage -13, stem -62, more -42, answer -38, keys -14
look asks field-option: out -16, stem -23, more 19, answer -20, keys -14
look asks field-option field-option: out -16, stem -16, option 19, answer -20, keys -14
look asks gap: out -15, passage -29, stem -37, more 89, answer -50
look asks gap cue-answer: more 30
look asks let-lone: out -41, stem 28, option 62, answer -54
look asks let-lone cue-answer: option 25, answer -16
look asks let-lone_ word0: option 23, answer -20
look asks let0: out -57
look asks let0 let0: out -17, stem -49, option 69
look asks let1-first: out -82, stem 17, option -16, wrapped -16, answer -56, lines -19
look asks let1-first let1: out -43, stem -44, option 107, answer -52
look asks num0: out 15, more 15, answer -49, feedback -26, facts -24, row -13, keys -18
look asks num0 num0: out -35, stem 31, option 26, answer -16, row -13, keys -13
look asks num0-again: out -61, stem 25, more 40, keys -15
look asks num1-first: out -29, stem 34, option 33, row -22
look asks num1-first num1: stem -27, option 52, row -22
look asks number: out -26, more -91, option -44, answer 66, keys -17
look asks phrase: out -29, passage -25, stem -52, option 20, answer -30, keys -34
look asks rule: out -38, stem 21, more 15, option -19, answer -18
look asks short: out -64, passage 42, stem 42, more 16, option 17, answer -12, feedback -13, facts -46, keys -21
look asks short let-lone: out -30, passage 31, more -14, facts -28
look asks short short: out -26, stem -15, more -57, option 35, answer -17
look asks word0: out -30, stem 47, option -13, answer -76, facts 71
look asks+: out 14, wrapped -18, answer -46, feedback -32, hint -14, facts -40, row -23, lines -23, keys -32
look asks_ asks: out -66, passage -20, more 29
look asks_ box: out -18, more 13
look asks_ bullet: out -28, stem 30, more 32, answer -21, bank -12
look asks_ cue-answer: out -27, stem 29, more -15
look asks_ gap: out -45, stem 28, more 22
look asks_ let-lone: out 27, stem -26, more -23
look asks_ let1-first: out -24, stem 32, more -13
look asks_ num0: passage -21, more 31
look asks_ number: out -13
look asks_ phrase: out -52, stem 52
look asks_ section: out 35, stem -43, more 14
look asks_ short: out -75, passage 65, stem 12, more 25
look asks_ word0: passage -20, stem 42, more -19
look asks_+: out -26, passage -22, stem 29, more 58, option -36, answer -44, feedback -32, hint -15, facts -31, row -24, bank -22, lines -16, remark -13
look box: out 13, passage -82, stem -61, more -80, option 33, wrapped -31, answer -40, feedback -88, hint -33, facts -91, row -51, bank -37, lines -29, keys -95, remark -124
look box _asks: out -27, stem 31
look box _bracketed: out -29, keys 32
look box _bullet: out -38, stem 47
look box _cells: out -33, option -66, answer -72, row -20, keys 44
look box _cue-answer: answer 58, keys -50
look box _cue-level: out -23, facts 36
look box _field: out 48, stem -28, answer -21, feedback -13
look box _heading: answer -20, facts -38
look box _let-lone: out 15, option -24, answer -54, keys -15
look box _let0: out 22, option -32
look box _let0 cue-answer: stem 21
look box _num-lone: out 19, stem -40, option -33, answer -74, feedback -16
look box _num0: out -43, stem 73, answer -17
look box _num0 box: stem 14
look box _num0_ num0: out -27, stem 49, answer -16
look box _num1: out -15, stem 37
look box _num1 box: out -14, stem 31
look box _phrase: passage -19, stem -52, option -44, answer 41, feedback -59, facts -16, keys -15
look box _rom0: out 27, stem -22, option -12, keys -29
look box _rom0_ rom0: out -53, stem 56
look box _section: out 79, stem -64
look box _section_ num0: out 15
look box _sentence: out -36, passage -15, option -12, answer -25, feedback 29, keys -61
look box _short: passage -38, stem -125, option -38, wrapped -35, feedback -41, facts -53, keys -61
look box _text: out -52, passage -17, stem 14, option -14, answer 29, feedback -34, keys -48
look box _word0: stem -35, option -13, answer -65, facts 27
look box _word0 asks: answer -35, facts 52
look box arrow: out -59, option -59, feedback 28
look box arrow cue-difficulty: answer 24
look box box: out 23, passage -33, stem -63, more -44, option 12, feedback -48, facts -39, row -29, keys -61, remark -77
look box box arrow: out -21, option 45
look box box box: option 18, keys -15, remark -33
look box box bracketed: out -14, option 45, answer -16
look box box cue-answer: out -23, option 60, answer -13
look box box cue-difficulty: option 48, answer -25
look box box cue-level: out -42, option 49
look box box edge: out -37, option 50, answer -15
look box box heading: out -51, option 52
look box box num0: out -45, option 72, answer -14
look box box phrase: out -46, option 49
look box box short: answer -13
look box box short-sentence: out -21, option 25, answer -17
look box box text: out -28, option 29
look box box ticked: out -14, option 17
look box box word0: out -13, passage -19, stem -21, option 50, answer -14
look box box_ bracketed: stem -19
look box box_ cells: out -22, option 47, answer -23
look box box_ cue-answer: out -15, option 30
look box box_ cue-level: out -14, option 39, answer -12
look box box_ heading: out -26, option 45, answer -16
look box box_ key-title: out -18, option 23
look box box_ let-lone: out -50, option 58, answer -42
look box box_ let0: option 38, answer -14
look box box_ num-lone: answer -33
look box box_ num0: out -17, option 56, answer -38
look box box_ num1: out -35, option 40, answer -19, remark -19
look box box_ phrase: option 24
look box box_ rom0: option 21, answer -38
look box box_ section: option 21, answer -18
look box box_ short: out -18, option -19, answer 39
look box box_ text: out -18, option 33, answer -17
look box box_ word0: option 46, answer -31
look box bracketed: out -129, option 42, answer 182, feedback -141, bank -37, keys -74
look box bracketed edge: out -30, answer 41, feedback -16, keys -16
look box cue-answer: out -69, option -41
look box cue-answer edge: option -31, answer -24, keys 25
look box cue-answer short-sentence: option -14, answer 21
look box cue-answer text: option -72, answer 74, keys -28
look box cue-answer_ num0: answer 32
look box cue-answer_ word0: answer 20
look box cue-difficulty: out -24, option 44, answer -25, facts 66
look box cue-feedback: out -38, option 54, answer -44, feedback 21, facts -15, remark -22
look box cue-level: out 29, option 33, answer -50, facts -28
look box edge: out -52, stem -16, option 66, answer -15
look box heading: out -32, option 50, answer -27, facts -16, keys -20
look box num0: out -60, stem 31, option -12, answer -21
look box num0 box: stem 25, option -25
look box phrase: out 27, passage -19, stem -93, option 49, wrapped -55, feedback -117, keys -49
look box phrase box: stem -15, option 41, answer -16
look box short: out -16, passage -28, stem -72, wrapped -14, answer 16, feedback -122, facts -89, keys -65
look box short box: out -41, stem -44, wrapped 30, answer -41, facts -13
look box short-sentence: out -38, stem -51, option -52, wrapped 31, answer -47, feedback 53, hint -28, keys -41, remark -26
look box text: out -28, stem -56, wrapped -33, feedback -14, keys -36
look box ticked: out 21, stem -27, option 42, answer -62, feedback -36, facts -41, row -30, keys -16
look box ticked box: out -34, option 76, answer -50
look box ticked_ word0: out -44, feedback -15
look box word0: out -33, passage -19, stem 40, option -22, answer -79, facts -20
look box+: out 30, passage -28, stem -44, more -49, answer -169, feedback -20, facts -39, row -32, lines -14, keys -46, remark -51
look box_ asks: out -23, option 41, answer -26
look box_ bracketed: stem -19
look box_ bullet: out 13, stem -15, option 27, answer -41, feedback -14
look box_ cells: out -22, option 47, answer -23
look box_ cue-answer: out -15, option 30
look box_ cue-level: out -14, option 39, answer -12
look box_ field: out -18, option 38, bank -20
look box_ heading: out -43, option 52, answer -25
look box_ key-title: out -18, option 23
look box_ let-lone: out -51, option 60, answer -44
look box_ let0: option 38, answer -14
look box_ num-lone: answer -33
look box_ num0: out -28, option 70, answer -41
look box_ num1: out -35, option 41, answer -23, remark -19
look box_ phrase: out -44, option 53
look box_ rom0: option 21, answer -38
look box_ section: out -13, option 23, answer -21
look box_ sentence: out 15
look box_ short: out -18, option -19, answer 39
look box_ text: out -18, option 33, answer -17
look box_ word0: out -29, passage -21, option 36, answer -34
look box_+: out -14, passage -28, stem -53, option 30, answer -26, feedback -43, hint -15, facts -33, row -25, bank -21, keys -26, remark -35
look bracketed: passage -60, stem -106, more -41, option -94, wrapped -44, answer -19, feedback 13, hint -79, facts -94, row -51, bank 33, lines -55, remark -42
look bracketed _bracketed: out 73, answer -34, feedback -25, keys -50
look bracketed _capitals: out 49, answer -36
look bracketed _cells: out 19, option -16, row -20, bank -14, keys -26
look bracketed _cue-answer: answer 20, keys -14
look bracketed _cue-level: facts 14
look bracketed _field: out 42, stem -36, option -13, answer -42, facts -18
look bracketed _heading: out 59, facts -52, keys -17
look bracketed _let0: out 38, option -35
look bracketed _num0: out -66, stem 69, option -27, answer -21, row -15, keys 44
look bracketed _num0_ num0: out -33, stem 40
look bracketed _rom0: out -47, stem 47
look bracketed _section: out 31
look bracketed _short: out 52, stem -25, option 19, answer -54
look bracketed _word0: out -72, stem 38, answer -20, facts 54
look bracketed box: more 25
look bracketed cells: out -27, stem -61, more 39, answer -34, row -30, bank -39, keys 76
look bracketed cue-answer: out 35, stem -42, more -29, option -23, feedback -47, row -16, keys -39
look bracketed cue-difficulty: out -29, more -18, option -17, facts 40, bank 14, keys -22
look bracketed edge: out -23, stem -12, more -63, feedback 27, bank -45, keys -18
look bracketed field: out -12, stem -31, answer 34, feedback -57, facts -17, row -14, keys -26
look bracketed heading: out 72, answer -16, keys -44
look bracketed let-lone: out -17, stem -21, option 13, answer -35, keys 27
look bracketed let0: stem -41, more 18, option -17, answer -35, feedback -36, facts -19, bank -20, keys 37
look bracketed let0 let0: out -33, option -15, keys 16
look bracketed let1-first: out -59, more 65, option 24, bank -14
look bracketed let1-first let1: option 25
look bracketed let2-first: out -20, more 25, feedback -33, bank -17
look bracketed num-lone: out -23, stem -31, answer -58, keys 70
look bracketed num0: out -61, stem -17, option -19, answer -42, feedback 36, facts -13, bank -22, keys 37
look bracketed num0-again: stem -23, option -33, row 36, keys -14
look bracketed num0-again num0-again: stem -23, option -33, row 39, keys -27
look bracketed pair: out 29, stem -27, answer -26, feedback -27, keys 16
look bracketed phrase: out 37, stem -44, more -15, feedback -50, bank 37, keys 22
look bracketed rule: out 54, feedback -44
look bracketed section: out 56, stem -16, keys -26
look bracketed sentence: out 66, passage -19, stem -57, answer -61, feedback 39, keys -65
look bracketed short: out 16, more 51, answer -61, keys -53
look bracketed table-down: keys 24
look bracketed text: out 28, stem -37, answer -41, feedback 22, bank -32, keys -73
look bracketed word0: out -67, more -46, feedback 21, bank 18, keys -19
look bracketed+: passage -23, stem -59, option -50, wrapped -16, answer -21, feedback 32, hint -24, facts -71, row -28, lines -21, remark -12
look bracketed_ bracketed: out 42, stem -12, answer -42, feedback -14, bank -20, keys -53
look bracketed_ capitals: out -36, answer -36, feedback 61, bank -14, keys -53
look bracketed_ cells: out 30, more -25, answer -21, bank -29, keys -39
look bracketed_ cue-answer: stem -20, answer -20, feedback -36, keys -29
look bracketed_ cue-level: out -63, more -33, answer 68, bank -52, keys -29
look bracketed_ field: more -26, answer -22, feedback 31, bank -38, keys -43
look bracketed_ heading: out 48, more 18, answer -64, feedback -51, bank -45, keys -74
look bracketed_ identity: out 21, bank -18
look bracketed_ let0: out -69, option -18, answer 30, bank -22, keys -59
look bracketed_ let1-first: out -23, stem -12, more 24, bank -18
look bracketed_ num0: stem -22, more -25, option -18, feedback -21, hint -22, facts -21, row -15, bank -58, keys 24
look bracketed_ rom0: out -73, answer 64, feedback -52, bank 12, keys -20
look bracketed_ section: out -46, feedback 24, bank -19, keys -16
look bracketed_ short: out -22, more 16, answer 34, feedback -41
look bracketed_ word0: more 29, option -31, answer -29, facts -20, keys -55
look bracketed_+: passage -28, stem -65, option -42, wrapped -13, feedback -23, hint -33, facts -45, row -27, lines -19
look bullet: passage -64, more 25, option 38, wrapped -32, answer -41, feedback 21, hint -44, facts -98, bank -34, lines -40, keys -75
look bullet _bracketed: out 13, stem -12, more -18, answer -43, feedback -24, bank -23, keys 32
look bullet _bullet: out -76, stem 45, more -32, option -14, answer -33, row -33, remark -24
look bullet _bullet bullet: out -68
look bullet _bullet_ bullet: out -47, stem 60, option -25, answer -16
look bullet _cells: stem -17, more -33, option 15, answer -46, facts -15, row -33, bank -13
look bullet _cue-answer: out -18, option -20, keys 17
look bullet _cue-answer num-lone: out -17, option -20, answer -27, keys 28
look bullet _cue-level: facts 18
look bullet _heading: stem -30, answer -40, facts -34, keys 16
look bullet _let0: stem 22, option 13, answer -35, keys -31
look bullet _let0 let0: out -33, stem -46, option 43, answer -27, keys -30
look bullet _num-lone: out -13, stem -37, answer -50, facts -18, keys 27
look bullet _num0: out -20, option -30, answer -53, facts 34, row -64, keys -26
look bullet _num0 bullet: out -56, stem 59
look bullet _num0 short: out -36, stem 39
look bullet _num0_ num0: out -50, stem 47, answer -21, keys -13
look bullet _phrase: more -15, option 27, answer -65, feedback -16, row -13, keys -26
look bullet _section: out 79, stem -53
look bullet _section_ bullet: out 26
look bullet _short: out 19, passage -41, stem -76, more -14, option -42, answer 26, facts -34, keys -35
look bullet _text: out -21, stem 15, option -13, keys -34
look bullet _word0: out 32, stem -38, answer -47, facts 67
look bullet _word0 asks: answer -15, facts 29
look bullet _word0 bullet: out -18, stem 32
look bullet arrow: out -51, more -15, answer 35, remark -22
look bullet asks: more 25
look bullet box: out -58, stem 65, more 40, option -30, remark -12
look bullet box box: out -23, option 26
look bullet bracketed: out -52, more 29, option 37, answer 32, facts -20, bank -23, keys -76
look bullet bullet: out 23, passage -23, stem -44, more -39, option 47, wrapped -25, hint -21, facts -41, row 15, bank -12, keys -44, remark 17
look bullet bullet arrow: stem -26, option 40, answer -22
look bullet bullet bracketed: option 63, answer -41
look bullet bullet bullet: stem 15, more -40, option -16, answer -53, feedback -18, row 13
look bullet bullet cue-answer: out 19, stem -84, more 43, option -17, answer -96, row -65, keys -14, remark -20
look bullet bullet cue-difficulty: stem -15, option 51, answer -38
look bullet bullet cue-feedback: option 47, answer -45
look bullet bullet edge: out 35, stem -49, more -14, option -27, answer -49, remark -15
look bullet bullet let-lone: out -42, option 60, answer -15
look bullet bullet num-lone: out 31, stem -18, option 18, answer -42
look bullet bullet num0: out -44, stem 39, more -41, option 119, answer -87
look bullet bullet phrase: out -26, stem -15, more -35, option 58, answer -25, remark -15
look bullet bullet short: out -28, more -30, option 76, answer -33, remark -15
look bullet bullet short-sentence: stem -13, more -42, option 28, answer -20, remark -21
look bullet bullet word0: option 85, answer -63
look bullet bullet_ bullet: out -48, stem -69, option 103, answer -34
look bullet bullet_ cells: out -56, stem -44, option 83, answer -17, row -16
look bullet bullet_ cue-answer: out 32, stem -43, more -41, answer -34, row -40
look bullet bullet_ heading: more -22, option 18, answer -38, row -16
look bullet bullet_ let0: out -42, stem -16, more -59, answer -69, feedback -53, row 30
look bullet bullet_ num-lone: out -47, stem -13, option 45, answer -18, row -12
look bullet bullet_ num0: out -63, stem -29, more -23, answer -109, row -84, remark 22
look bullet bullet_ phrase: out 30, stem -49, option -20, row -25
look bullet bullet_ section: out 62, stem -70, option 29, answer -24
look bullet bullet_ short: out 48, stem -54, more -52, answer -29, feedback -30, remark -17
look bullet bullet_ text: out 23, stem -32, more -30, option 34
look bullet bullet_ word0: out 34, stem -29, more -27, option 49, answer -25, feedback -21, row -18, remark -25
look bullet cells: stem 29, more -35, option -36, wrapped -12, answer -28, facts -13, keys -16, remark -27
look bullet cue-answer: out 14, stem 40, more 35, row -70, keys -41, remark -24
look bullet cue-answer cue-feedback: answer 14
look bullet cue-answer edge: option -42, answer 34, keys -32
look bullet cue-answer_ num0: answer 26, keys -22
look bullet cue-answer_ word0: answer 16
look bullet cue-difficulty: out -49, stem 37, option 73, answer -77, feedback 13, facts 49, row -21, keys -22, remark -33
look bullet cue-feedback: stem -13, option 60, answer -57, feedback 39, facts -28
look bullet cue-level: stem -42, option 42, answer -46, feedback -48, remark -21
look bullet edge: out 46, stem -56, more -14, option -31, answer -51, remark -15
look bullet gap: more 44, answer -29
look bullet let-lone: out 31, stem -61, answer -66, row -53, keys -16
look bullet let0: out -82, stem 62, more -58, option 21, keys -22, remark -33
look bullet let0 let0: out -16, stem -81, option 26, keys -22
look bullet let1-first: out -31, stem 15, option 43, answer -31
look bullet let1-first let1: stem -23, option 52, answer -31
look bullet num-lone: out 21, stem -50, more 34, answer 53, feedback -38, keys -20
look bullet num0: out 23, stem -18, more 16, answer -52, row 21
look bullet num0 bullet: out -25, stem -21, more 31, option -16, answer -31
look bullet num0 num0: out -32, stem -38, option -21, row 25
look bullet phrase: out -31, passage -25, stem -70, more 27, option -14, wrapped -37, answer 43, feedback -105, row -68, keys -27, remark -24
look bullet phrase bullet: out 15, stem -92, option -22, wrapped -20, answer 20, feedback -14, row -27
look bullet rule: out 14, stem -14, more -15, option 64, answer -24, lines 28, keys -24
look bullet sentence: out -14, passage -30, stem -17, more -49, option -56, answer 20, feedback 23, keys -13, remark -17
look bullet short: stem 38, more 73, option -49, answer 25, feedback -68, facts -76, row -45, keys -29, remark -15
look bullet short bullet: out -105, stem -131, more 34, option -28, answer 21, feedback -37, facts -51, row -12
look bullet short-sentence: out -18, stem -80, more 31, option 52, wrapped 16, answer -41, feedback -55, hint -52, remark -24
look bullet text: stem -66, more 17, option -28, wrapped -33, answer 62, feedback -67, keys -45
look bullet word0: out -22, stem 66, answer -33, facts 18
look bullet+: passage -22, more -19, option 23, wrapped -15, feedback -108, facts -42, lines -22, keys -38
look bullet_ bracketed: out -50, stem -51, option 55, answer -15
look bullet_ bullet: out -56, stem 83, option 17, answer -46, keys -20
look bullet_ cells: out 27, stem -50, more 29, option -21, answer -53, feedback -26, row -23
look bullet_ cue-answer: out 31, more -47, answer -34, row -41
look bullet_ cue-level: out -34, stem 20, option 35, answer -33
look bullet_ heading: more -24, option 16, answer -38, row -22
look bullet_ let0: out -51, stem 15, more 30, option -30, answer -81, feedback -57, row 30, remark -27
look bullet_ num-lone: stem -50, option 45, answer -18, row -12
look bullet_ num0: out -64, stem -44, more -23, option -12, answer -113, feedback 24, row -92, remark 22
look bullet_ phrase: out 34, stem -13, option -39, answer -13, feedback -26, row -26, keys -17
look bullet_ section: out -40, stem 41, more -17, answer -31, feedback -21, remark -14
look bullet_ short: out 38, stem -40, more -53, answer -29, feedback -30, row -15, remark -17
look bullet_ text: out 36, stem -57, more -30, option 33
look bullet_ word0: stem -43, more -27, option 81, answer -38, feedback -25, row -21, remark -25
look bullet_+: out -16, passage -26, stem 38, more 26, option -32, answer -162, feedback 16, hint -14, facts -44, bank -13, keys -40
look capitals: out -30, passage -84, stem -81, more -64, option 22, feedback -90, hint -34, facts -67, row -52, bank -45, lines -18, keys -14
look capitals _asks: out 23, stem -19
look capitals _cue-level: out -43, facts 48
look capitals _field: out -32, passage -22, stem 32
look capitals _let-lone: out -22, passage -16, stem 53, option -21, keys -25
look capitals _let0: out -36, stem 36
look capitals _num-lone: out -53, stem 67, keys -54
look capitals _num0: stem 67, option -14, facts -15, row -16, keys -26
look capitals _num0_ num0: out -30, stem 33
look capitals _rom-lone: out -28, stem 28
look capitals _section: out 67, stem -58
look capitals _sentence: passage -31, stem 32, answer -18, feedback -27
look capitals _text: out 46, stem -44, keys -13
look capitals _word-lone: out -66, stem 16, facts 67, keys -13
look capitals _word0: out -62, stem -23, answer -27, facts 76
look capitals bullet: out 37, option -21
look capitals edge: out 60, answer -46, keys -44
look capitals heading: out 43, option -16, answer -21, facts -16
look capitals num-lone: stem 37, answer -15, keys -24
look capitals num0: stem 19, option 21, facts -22, keys -18
look capitals num0 num0: out -39, stem 40
look capitals phrase: stem 50, option -52, answer -60, facts -16, row -29, keys -20
look capitals rule: out 13
look capitals word0: stem 50, more -16, option -54, answer 26, facts -28, keys -49
look capitals+: out 18, passage -35, stem -37, more -27, option 14, answer -20, feedback -18, facts -39, row -28, keys -14
look capitals_ asks: out 58, option -13, answer -52
look capitals_ bullet: out 67, answer -63
look capitals_ cue-level: out 34, option -12, answer -35, facts -20
look capitals_ field: out 32, answer -45, keys -13
look capitals_ field-number: out 23
look capitals_ let-lone: out 44, answer -34, keys -24
look capitals_ let0: out 65, option -40, answer -44, keys -52
look capitals_ num-lone: out 38, answer -79, keys -51
look capitals_ num0: option 16, feedback -25, facts -21, keys -97
look capitals_ rom-lone: out 77, option -21, answer -60, keys -32
look capitals_ section: out -18, stem -17, option -20, answer 22, keys -24
look capitals_ sentence: out 37, answer -16, keys -24
look capitals_ text: out -43, stem -17, option -26, answer 24
look capitals_ word-lone: out 53, option -23, answer -48
look capitals_ word0: passage -29, feedback -16, hint -13, facts -42, bank -15, keys -25
look capitals_+: passage -39, stem -49, more -33, feedback -57, hint -20, facts -39, row -18, bank -35, keys -19
look cells: stem -13, more 43, option -20, answer -45, feedback -118, hint -39, facts -33, row 13, lines -43, keys -44, remark -36
look cells _asks: out 28, stem -26, more -17, answer -32
look cells _bullet: out -47, stem -65, option 76
look cells _cells: out -34, stem 66, more -59, option -51, answer -19, facts -22, row -65, keys -71
look cells _cells_ cells: out 19, more -24, answer -17, facts -13, row -46
look cells _cells_ text: out -32, stem 27, more -13
look cells _cue-answer: answer 46, keys -35
look cells _field: passage -58, stem 43, answer -12, facts -28
look cells _heading: answer -18, facts -42
look cells _let-lone: out 66, passage -36, stem -28, keys -19
look cells _let0: out 17, option 48, keys -26
look cells _let0 let0: out -26, stem 25, option 51, keys -25
look cells _let1-first: out -15, option 25
look cells _let1-first let1: out -15, option 25
look cells _num-lone: out -13, stem -37, answer 42, keys -39
look cells _num0: out -62, option 27, answer -19, row -30, keys 28
look cells _num0 short: stem 20, keys -15
look cells _num0_ num0: out -35, stem -25, answer -19, keys 31
look cells _phrase: out -38, passage -30, stem 44, more -25, answer 19, keys -18
look cells _rom-lone: out 33, stem -27, facts -23
look cells _rom0: stem 12
look cells _section: out 61, stem -36, answer -19, facts -40, row -19, keys -17
look cells _sentence: passage -12, stem 34, more -43, answer -27, keys -37
look cells _short: out -16, passage -67, stem 22, more -46, option -47, facts -33, keys -16
look cells _short-sentence: out 36, passage -28, keys -14
look cells _text: out 24, more -46, answer -15, keys -12
look cells _text short: stem 29, more -20
look cells _word0: out -66, stem 46, answer -13, facts 17
look cells _word0 text: out -31, facts 14
look cells _word0_ word0: out -49, stem 50
look cells arrow: more -13, option -16, feedback -32
look cells box: out -47, stem 45
look cells box box: out -34, option 41
look cells bracketed: out 21, stem -13, answer 64, feedback -75, bank -14, keys -41
look cells bullet: out 24, stem -24, more 22
look cells cells: out -53, stem -36, more -66, option -55, wrapped -15, answer -86, feedback -14, hint -14, facts -29, row 40, bank -28, lines -13, keys -22, remark -33
look cells cells cells: out -16, stem -49, more -43, option -18, answer -15, facts -24, row 18, keys -13, remark -14
look cells cells cue-answer: stem -31, more -35, row 42
look cells cells edge: out 27, passage -44, more -56, option -55, answer -52, facts -19, row -53
look cells cells let-lone: stem -27, more -13, row 36
look cells cells_ num0: out 30, passage -19, stem -29, more -15, row 18, keys -15
look cells cue-answer: out -88, stem 16, more -17, option -63, answer 40, facts -14, row -14, keys -13
look cells cue-answer bracketed: answer 44, keys -43
look cells cue-answer cue-difficulty: answer 40, keys -38
look cells cue-answer edge: answer 52, keys -50
look cells cue-answer_ cells: answer 15
look cells cue-answer_ word0: answer 30, keys -28
look cells cue-difficulty: out -31, passage -23, stem -50, more 18, option 52, answer -23, facts 19, keys -27
look cells cue-feedback: out -80, more 25, answer -39, feedback 72, facts 42, row -14, keys -52, remark -27
look cells edge: out -33, passage -70, stem 52, more -23, option 37, answer -110, facts -39, row -58, bank -20, keys -22
look cells field: out -37, passage -43, stem 34, option -20, answer -35, facts -37, row -21
look cells heading: out 29, passage -13, stem -47, answer -28, feedback -14, facts -27, keys -13
look cells identity: out 34, more 43, option -13, answer -18, facts -13, row -23
look cells let-lone: stem -49, more -30, keys -63
look cells let-lone cue-answer: option 20, answer -15, row -17
look cells let-lone_ num0: out -19, answer 21
look cells let0: out 39, stem -22, more 35, option -18, row 17, keys -55
look cells let0 let0: option 32, keys -16
look cells let1-first: out 50, stem -41, option -44, answer -55, keys -61
look cells let1-first let1: stem -37, option -32, answer -50, row 36, keys -50
look cells num-lone: out -22, stem -35, more -13, answer 16, facts -31
look cells num0: out -16, passage -30, more 47, option 38, answer -29, facts -30, row -47, bank -19
look cells num0 num0: out -16, stem -37, option 39, row -48, keys -15
look cells num0-again: out 19, option -23, row -36, keys 33
look cells num0-again num0-again: out -50, stem -18, option -17, row -24, keys 41
look cells num1-first: out -45, stem -29, more 16, option 17, row -25
look cells num1-first num1: stem -54, option 18, row -13
look cells pair: passage -14, stem -35, more -27, feedback -30, row -29, keys 47
look cells phrase: passage -24, stem -58, more -39, answer -53, feedback -54, facts -21, row 44, keys 28
look cells rule: out 68, stem -52, row -22, keys -12
look cells section: stem -49, more 27, answer -14, facts -24, keys -39
look cells sentence: out -21, passage 48, stem -84, more -14, answer -59, feedback -40, facts -51, row -34, keys -59, remark -19
look cells short: out 38, passage -54, stem -31, option -66, wrapped 17, answer -38, feedback -80, facts -63, row -13, keys -108
look cells table-pairs: out -22, more 17, keys -19
look cells table-pairs table-pairs: out -22
look cells text: out -23, passage -41, stem 15, more -41, option -38, answer 59, feedback -60, facts -21, row 30, keys -49
look cells truth: out -57, stem 27, more 21, keys -18
look cells+: out -25, more -19, option 14, answer -15, feedback -59, hint -13, bank -63, lines -27, keys -15, remark -26
look cells_ asks: out -30, more 16, option 21, keys -19
look cells_ bracketed: out -24, more 21, row 27, keys -12
look cells_ bullet: out 12, stem -47, option 27, answer -28, row 50, keys -17
look cells_ cells: passage -26, option 26, answer -51, facts -16, row -24, keys -58
look cells_ cue-answer: out -69, stem 60, more 32, option -16
look cells_ field: out 24, stem -14, facts -13, row -20, bank -16
look cells_ heading: out -22, passage -32, option -60, answer -52, feedback -20, facts -27, row -52, bank 30, keys -38
look cells_ identity: out 65, stem -46, row -29
look cells_ let-lone: out 40, stem -24, more -23, option -30, answer -13, row -24, bank -13, keys -40
look cells_ let0: stem -12, more 14, option -31, answer -26
look cells_ let1-first: stem -14, more 14
look cells_ num-lone: out 27, stem -28, row 31
look cells_ num0: out 35, passage -26, stem -93, more 25, answer -77, feedback -21, facts -23, bank -38, keys 18
look cells_ phrase: more -20, option 28, answer -27, facts -13, row -29, bank -14
look cells_ rom-lone: out 51, passage -17, stem -56, more -27, option 47, row 39
look cells_ rom0: out 24, stem -77, option -21, answer -21, row -22, bank -18, keys -15
look cells_ section: out 15, stem 44, more 26, option -49, answer -24, feedback -24, facts -27
look cells_ sentence: out -26, stem 28, row -15
look cells_ short: out -37, stem 39, more -16, option -24, row -17, bank -22
look cells_ short-sentence: out 17
look cells_ text: out -38, stem 68, answer -24, facts -12, keys -22
look cells_ word0: out 36, passage -13, stem 20, option -21, answer -56, facts -16, row -27, bank -20
look cells_+: out 38, passage -57, stem 32, more 39, wrapped -22, answer -97, feedback -63, hint -17, facts -74
look chatter: out 33, passage 13, more -32, option -28, answer -74, feedback -35, facts -51, row -23, bank -27, lines -20, keys -32, remark -13
look chatter _capitals: out 17
look chatter _heading: out -34, facts 45
look chatter _identity: out 13
look chatter _let-lone: out 36, passage -41, stem -27, row -13, keys -23
look chatter _num0: out 33, stem -32, keys -15
look chatter _num0 num0: out 59, stem -59
look chatter _pair: out 65, passage -14, stem -44, keys -14
look chatter _section: out 61, stem -21, facts -41
look chatter _section_ num0: out 32, stem -21
look chatter _short: out 69, passage -40, stem -36, answer -47
look chatter _word0: out -35, facts 33
look chatter cells: out 37, stem -17
look chatter edge: out 32, passage -32, stem -16, answer -26, feedback -15, keys -22
look chatter field: out 53, stem -39, facts -17
look chatter heading: out 19
look chatter num0: out -43, passage -38, stem 53, more -16
look chatter num0 num0: out -41, stem 42
look chatter pair: out 31, passage -15, stem -25
look chatter short: out 22, answer -24, feedback -13, keys 45
look chatter text: out -13, passage 24, stem -26
look chatter text text: stem -15
look chatter+: out 19, passage 19, stem -46, more -22, answer -35, feedback -18, facts -18, row -18, keys -14, remark -13
look chatter_ capitals: out 61, stem -51
look chatter_ chatter: out 16, stem -29, option -16, answer -17, keys -13
look chatter_ heading: out 22
look chatter_ identity: out 21
look chatter_ let-lone: out 25, passage -13
look chatter_ num0: out 80, passage -30, stem -23
look chatter_ pair: out 31, stem -14, feedback -17
look chatter_ rule: out 36, stem -30, lines -13
look chatter_ section: out 49, stem -44
look chatter_ short: out 23
look chatter_ word0: out 23, facts -13
look chatter_+: out 28, passage -37, option -16, answer -42, feedback -58, facts -29, bank -15, lines -13, keys -20
look colon: out -26, passage -39, stem 19, more 18, option -20, answer -59, feedback -41, facts -67, row -22, bank -28, keys 13, remark -13
look colon num0: out 17, stem 13, more -23, option -32, feedback -26, facts -14, row 32
look colon pair: stem -14, more 20, row -22
look colon pair short: more 12
look colon+: stem 18, answer -16, feedback -16, facts -26, row -14, keys -56
look colon_+: passage -21, more -14, answer -30, feedback -42, facts -30, bank -14, keys 27
look cue-answer: out -131, passage -48, stem -54, more -106, option -25, wrapped -47, answer 75, feedback -69, hint -55, facts -135, row -99, lines -31, remark -12
look cue-answer _asks: stem 15, hint -12, facts -17
look cue-answer _asks cue-answer: out -43, stem 50
look cue-answer _bullet: stem -44, option -30, feedback -24, remark 29
look cue-answer _bullet bullet: out 45, stem -58, option -14, remark 36
look cue-answer _bullet cue-answer: out -55, stem 60
look cue-answer _capitals: out 63, option -25, answer -129, feedback -31, facts -24, keys -32
look cue-answer _capitals_ num0: out 60, answer -59, facts -14
look cue-answer _cells: out -19, stem 53, option -22, answer -51, feedback -36, facts -29, row -23, keys -75
look cue-answer _cells cue-answer: out -35, stem 42
look cue-answer _chatter: out -15, stem 36, answer -19, feedback -21, facts -17
look cue-answer _chatter edge: out 18, stem -13, feedback -14
look cue-answer _cue-feedback: stem -42, option -38, answer -29, feedback 34, hint -12, facts 15, keys -61, remark -12
look cue-answer _cue-level: facts 34
look cue-answer _cue-level let-lone: facts 13
look cue-answer _field: passage -26, stem 44, answer -83, feedback -82, facts -53
look cue-answer _field cue-answer: out -25, stem 26
look cue-answer _field edge: out 49, stem -34, answer -32
look cue-answer _field-kind: out -30, answer -16, facts 52
look cue-answer _field-kind field-stem: out -26, facts 39
look cue-answer _field-number: facts 16
look cue-answer _gap: out -42, stem 22, answer -14
look cue-answer _gap cue-answer: out -29, stem 33
look cue-answer _heading: out -26, stem -31, answer 41, feedback -38, facts -87, keys -30
look cue-answer _heading_ num0: out 13
look cue-answer _heading_ num0-again: out 20, facts -13
look cue-answer _heading_ word-lone: out 18, facts -16
look cue-answer _heading_ word0: out 28, facts -23
look cue-answer _let-lone: out 40, stem -21, answer -34, feedback -13, facts -22, keys -23
look cue-answer _let-lone_ num0: out 14
look cue-answer _let0: out -33, stem 46, option -43, answer -23, facts -12
look cue-answer _let0 cue-answer: out -37, stem 46
look cue-answer _let0 gap: out -17, stem 17
look cue-answer _let0_ let0: out -51, stem 51
look cue-answer _let1: option -31, answer -44, facts -15
look cue-answer _num-lone: out 102, stem -41, answer -42, feedback -22, facts -63, keys -58
look cue-answer _num-lone_ num0: out 72, stem -44, keys -18
look cue-answer _num0: out 48, stem -28, option -24, answer -80, feedback -27, hint -19, facts -63, keys -24
look cue-answer _num0 box: out -36, stem 38
look cue-answer _num0 bullet: out -47, stem 47
look cue-answer _num0 cue-answer: facts -13
look cue-answer _num0 edge: out 27, stem -26
look cue-answer _num0 let-lone: out -17, stem 23
look cue-answer _num0 let1-first: out -157, stem 159
look cue-answer _num0 num0: out 43, stem -49
look cue-answer _num0 num0-again: out -42, stem 44
look cue-answer _num0 num1-first: out -49, stem 50
look cue-answer _num0 short: out -75, stem 76
look cue-answer _num0-again: answer -19, facts -13, keys -20
look cue-answer _num0-again let1-first: out -91, stem 92
look cue-answer _num0_ box: out -49, stem 49
look cue-answer _num0_ cue-answer: out -63, stem 71
look cue-answer _num0_ cue-sample: out -13, stem 13
look cue-answer _num0_ let1-first: out -31, stem 31
look cue-answer _num0_ num0: out 36, stem -31, answer -59, feedback -16, hint -19
look cue-answer _num1: out -30, stem 31, facts -12
look cue-answer _pair: out 51, stem -39, feedback -39, keys -22
look cue-answer _phrase: stem 64, answer -61, feedback -81, facts -23, keys -15
look cue-answer _phrase cue-answer: out -18, stem 20
look cue-answer _phrase let0: out -32, stem 29
look cue-answer _rom-lone: out 18, stem -16, facts -12
look cue-answer _rom0: out -39, stem 54, answer -16
look cue-answer _rom0 cue-answer: out -20, stem 21
look cue-answer _rom0_ rom0: out -35, stem 38
look cue-answer _rule: out 25, answer -15
look cue-answer _section: out 92, stem -57, feedback -12, facts -60
look cue-answer _section_ num0: out 16
look cue-answer _section_ word0: out 15, facts -14
look cue-answer _sentence: out 35, passage -44, answer -85, feedback -59, facts -19, keys -47
look cue-answer _short: out 14, stem 56, option -61, answer -124, feedback -69, facts -44, keys -19
look cue-answer _short edge: out 54, answer -42
look cue-answer _short-sentence: out -52, stem 84, answer -45, feedback -48
look cue-answer _short-sentence cue-answer: out -50, stem 60
look cue-answer _short_ num0: out 51, stem -13, answer -44, feedback -13
look cue-answer _text: passage -35, answer -92, feedback -76, facts -31, keys -18
look cue-answer _text asks: stem 21
look cue-answer _text cells: out 36, stem -35, answer -15, keys -16
look cue-answer _text cue-answer: out -29, stem 36
look cue-answer _text let0: out -36, stem 40
look cue-answer _text phrase: out -31, stem 37
look cue-answer _text short: out -37, stem 51, answer -16, feedback -38
look cue-answer _text text: out -13, stem 24
look cue-answer _text_ let0: out -17, stem 18
look cue-answer _word0: out -46, stem 41, option -12, answer 27, feedback -14, facts -63, remark -17
look cue-answer _word0 asks: out -31, stem -27, answer 40
look cue-answer _word0 bullet: stem 14
look cue-answer _word0 cells: out -37, stem 34, answer -27, facts 38
look cue-answer _word0 cue-answer: out -31, stem 48, facts -43
look cue-answer _word0 field: out -13, stem -29, answer -29, facts 69
look cue-answer _word0 gap: facts 27
look cue-answer _word0 let-lone: out -36, answer -55
look cue-answer _word0 let1-first: out -63, answer -38, facts 19
look cue-answer _word0 num1-first: out -78, stem 23
look cue-answer _word0 phrase: out -37, stem -27, answer -24, facts 71
look cue-answer _word0 sentence: out -19, stem -34, answer -35, facts 82
look cue-answer _word0 short: facts 14
look cue-answer _word0 short-sentence: out -17, stem -37, answer -48, facts 75
look cue-answer _word0 text: out -36, stem -33, answer -18, facts 72
look cue-answer _word0-again: stem -22, facts 31
look cue-answer _word0_ word0: out -35, stem 36
look cue-answer bracketed: out -16, option -88, answer -89, feedback 42, facts -18, bank -22, keys -71
look cue-answer bracketed edge: answer -67, feedback 14, keys -15
look cue-answer bracketed_ num0: out -80, answer -62, feedback 82
look cue-answer bullet: stem -21, answer 24, feedback 64, keys -26
look cue-answer cells: passage -17, stem -13, more -38, option -58, feedback -48, facts 33, row -24, bank -15, keys -50
look cue-answer cue-difficulty: stem -13, more -28, option -163, wrapped -21, bank -20, keys 18
look cue-answer cue-difficulty edge: out -46, facts 53, keys -23
look cue-answer cue-difficulty phrase: facts 18
look cue-answer cue-difficulty rule: out -21, facts 36
look cue-answer cue-difficulty word-lone: out -20, facts 24
look cue-answer cue-difficulty_ heading: facts 17
look cue-answer cue-difficulty_ section: facts 17
look cue-answer cue-difficulty_ short: out 22, facts -32, keys 57
look cue-answer cue-feedback: stem -28, option -27, answer 56, feedback 22, row -12, keys -71, remark -75
look cue-answer cue-feedback cue-difficulty: feedback 31, remark -14
look cue-answer cue-feedback edge: out -95, feedback 38, keys -23, remark -29
look cue-answer cue-feedback short: feedback 15
look cue-answer cue-feedback_ num0: out -77, feedback 86
look cue-answer cue-feedback_ word0: out -19, feedback 24
look cue-answer cue-level: out -15, option -59, answer 40, feedback -26, facts -32, keys -12
look cue-answer cue-level num-lone: answer -22, facts 24
look cue-answer cue-points: out -34, more -34, option -47, answer -32, feedback -40, facts 27, bank -33, keys -17
look cue-answer cue-points cue-difficulty: out 16, answer -73, facts -31, keys 40
look cue-answer cue-points cue-feedback: out -34, option -32, answer -33, feedback -32, facts 35, keys -37
look cue-answer cue-points edge: out -54, answer 30, facts -25, keys -77
look cue-answer cue-points rule: out -13, facts 21
look cue-answer cue-points_ field-number: facts 15
look cue-answer cue-points_ num0: out -26, answer -26, feedback -17, facts 27
look cue-answer edge: out -13, stem -28, more -58, option -34, bank -19, keys 28
look cue-answer field: out 43, passage -21, stem -59, option -27, answer -36, feedback -61, row -32
look cue-answer field-kind: option -15, answer 40, facts 25, keys -38
look cue-answer heading: out 26, answer 56, facts -13, keys -55
look cue-answer identity: out 16, option -35, answer 35, keys -26
look cue-answer let-lone: out -44, stem 44, row -32, keys 26
look cue-answer let0: out -73, stem -27, option -41, answer -29, feedback -14, row -17, keys 51
look cue-answer let0 let0: out -41, keys 18
look cue-answer let1: answer 20
look cue-answer num-lone: out 35, stem -60, option -23, answer 17, facts -14
look cue-answer num-lone edge: out -40, answer -23, keys 48
look cue-answer num-lone num-lone: out 35, facts -14, keys -22
look cue-answer num0: out -47, option 28, answer -39, feedback -13, facts -23, row -25, keys 24
look cue-answer num0 box: stem 15
look cue-answer num0 bracketed: stem 14
look cue-answer num0 cue-answer: out -12, stem 33
look cue-answer num0 num0: out -36, stem -17, option -12, answer -16, facts -15, row -12, keys 26
look cue-answer num0 short: stem 20, row -16
look cue-answer num0-again: out -33, stem -25, option -64, answer -42, feedback -19, row -22, keys 69
look cue-answer num0-again num0-again: out -28, stem 34, row -13
look cue-answer num1: stem 13, option -24, answer 37
look cue-answer num1-first: stem -43, answer -20, feedback -14, keys 37
look cue-answer pair: out -73, stem -32, option -22, feedback 86, row -30
look cue-answer phrase: out 12, stem -47, option -33, wrapped -23, answer 16, facts -14, keys -26
look cue-answer rom0: out -14, stem 24, option -34, answer 70, bank -16
look cue-answer rule: out 55, more -14, option -23, answer 57, facts -21, keys -20
look cue-answer section: option -57, answer 41, facts -22, keys -23
look cue-answer sentence: out 22, passage -24, stem -57, option -81, answer -82, feedback 19, keys -97, remark -23
look cue-answer sentence_ num0: out -89, answer -45, feedback 92
look cue-answer short: out -19, passage -17, stem -44, more -18, option -31, answer 60, row -20, keys -49
look cue-answer short edge: answer 36, feedback -39, facts -37, keys -38
look cue-answer short-sentence: out -26, stem -46, option -36, answer 55, hint -44, facts -38, keys -49, remark -47
look cue-answer short-sentence_ num0: out -26, answer 40, hint -39, facts -25
look cue-answer short_ num0: out -53, answer 57, feedback -44
look cue-answer table-down: answer -23, keys 22
look cue-answer text: passage -18, option 50, feedback -97, facts -15, keys -74
look cue-answer word0: out -31, stem 50, option -72, answer 77, facts 80, keys -57
look cue-answer word0 asks: answer -63, facts 72
look cue-answer word0 let1-first: out -13, stem 17
look cue-answer word0-again: stem 25, facts -30, keys 22
look cue-answer word0-again word0-again: stem 25, facts -29, keys 14
look cue-answer+: out -77, passage -23, stem -74, more -56, option 30, wrapped -25, feedback -54, facts -77, row -40, bank -90, lines -12
look cue-answer_ asks: answer 49, bank -20
look cue-answer_ bullet: answer 32, keys -16
look cue-answer_ capitals: answer 78, bank -12, keys -63
look cue-answer_ cells: option -17, answer 64, bank -33, keys -51
look cue-answer_ chatter: answer 60, keys -52
look cue-answer_ cue-feedback: out -27, stem -36, option -17, answer 37, keys -24
look cue-answer_ cue-level: answer 20
look cue-answer_ field: option -32, answer 33, bank -13, keys -31
look cue-answer_ field-kind: option -21, answer 36
look cue-answer_ field-number: option -12, answer 40
look cue-answer_ gap: answer 19
look cue-answer_ heading: option -26, answer 61, bank -17, keys -52
look cue-answer_ let-lone: answer 47, keys -36
look cue-answer_ let0: option -28, answer 52, bank -21, keys -69
look cue-answer_ let1: answer 20
look cue-answer_ num-lone: keys -71
look cue-answer_ num0: more -19, option -36, answer 13, facts -25, bank 31, keys 15
look cue-answer_ num0-again: out -13, answer 36, facts -16, bank -20, keys -46
look cue-answer_ num1: option -14, answer 43, bank -18, keys -28
look cue-answer_ pair: answer 15
look cue-answer_ phrase: answer 81, bank -16, keys -45
look cue-answer_ rom-lone: answer 56, bank -25, keys -62
look cue-answer_ rom0: option -13, answer 41, bank -33, keys -20
look cue-answer_ rule: answer 12, keys -13
look cue-answer_ section: option -27, answer 117, bank -14, keys -76
look cue-answer_ sentence: answer -31, keys 31
look cue-answer_ short: option -18, answer 65, keys -45
look cue-answer_ short-sentence: answer 15, bank -13
look cue-answer_ text: option -37, answer 42, bank -23, keys -39
look cue-answer_ word0: out -16, stem -18, more -30, option -140, answer -25, feedback -37, row -21, bank -79, keys 50
look cue-answer_ word0-again: option -44, answer 67
look cue-answer_+: out -66, stem -41, more -52, option -47, answer 54, feedback -52, hint -23, facts -43, row -39, bank 13
look cue-difficulty: out -39, passage -19, stem -78, more -40, option -69, wrapped -14, answer -122, feedback -67, facts 61, row -50, lines -32, keys 13
look cue-difficulty _capitals: out 33, answer -34, facts -22, keys -19
look cue-difficulty _cue-answer: answer -19, keys 24
look cue-difficulty _cue-level: out -89, facts 80
look cue-difficulty _cue-level asks: facts 13
look cue-difficulty _cue-level let-lone: out -22, facts 25
look cue-difficulty _cue-level let0: facts 13
look cue-difficulty _cue-level num-lone: out -25, facts 31
look cue-difficulty _cue-level num0: out -41, facts 46
look cue-difficulty _cue-level text: facts 14
look cue-difficulty _field-number: facts 26
look cue-difficulty _field-number field-stem: facts 12
look cue-difficulty _heading: out 38, facts -28
look cue-difficulty _heading_ cue-level: out 14
look cue-difficulty _let-lone: out 38, stem -30, option -13
look cue-difficulty _num-lone: out 80, stem -71, facts -25, keys -34
look cue-difficulty _num0: out -46, stem -13, facts -17, keys 45
look cue-difficulty _phrase: out 58, passage -19, stem -48, answer -62, feedback -51
look cue-difficulty _rom-lone: out 35, stem -31
look cue-difficulty _section: out 74, stem -39, facts -38
look cue-difficulty _short: out 88, stem -66, answer -49, facts -17
look cue-difficulty _word-lone: stem -29, feedback -12, facts 25
look cue-difficulty _word0: out -59, stem -36, facts 62
look cue-difficulty _word0 text: out -18, stem -14, facts 30
look cue-difficulty bullet: out -27, stem 34, feedback -16, row -16, remark -12
look cue-difficulty cue-feedback: out -90, stem -36, feedback 93, facts 27, keys -81, remark -22
look cue-difficulty cue-feedback rule: out -22, feedback 41
look cue-difficulty cue-level: out -79, facts 84, keys -19
look cue-difficulty cue-level let-lone: out -22, facts 29, keys -17
look cue-difficulty cue-level num-lone: facts 18
look cue-difficulty cue-level num0: out -36, facts 50
look cue-difficulty cue-level word-lone: facts 16
look cue-difficulty edge: out -32, answer -45, facts 50, keys -77
look cue-difficulty field-kind: out -71, facts 86
look cue-difficulty field-kind field-stem: out -80, facts 82
look cue-difficulty field-number: facts 13
look cue-difficulty field-stem: facts 13
look cue-difficulty let0: stem 13
look cue-difficulty let1: stem 21, option -19
look cue-difficulty num0: out -43, stem 46, facts 31
look cue-difficulty num0 cue-difficulty: stem 13
look cue-difficulty num1: stem 19
look cue-difficulty phrase: out -28, passage -17, stem 44, option -22, answer -26, feedback -78, facts 16, keys -63
look cue-difficulty rom0: out -58, stem 52, facts 14, keys -17
look cue-difficulty rule: stem -33, more -13, facts 81, keys -26
look cue-difficulty rule_ word-lone: out 20
look cue-difficulty short-sentence: out 77, passage -16, stem 21, option -23, answer -18, feedback -55, hint -22, facts 58, keys -15
look cue-difficulty word-lone: out 23, stem -32, option -13, keys -20
look cue-difficulty word0: out 34, stem -34, facts 31
look cue-difficulty+: out -24, stem -20, more -17, option -20, answer -57, feedback -13, facts 26
look cue-difficulty_ capitals: out -17, answer -13, facts 55, keys -14
look cue-difficulty_ cue-answer: facts 37
look cue-difficulty_ cue-level: out -18, answer -16, facts 77
look cue-difficulty_ field-number: facts 32
look cue-difficulty_ heading: out -41, facts 68, keys -28
look cue-difficulty_ key-title: out -30, stem -17, facts 61
look cue-difficulty_ let-lone: out -13, facts 34
look cue-difficulty_ num-lone: out -14, facts 48
look cue-difficulty_ num0: out -20, answer -25, feedback -19, facts 30, keys -21
look cue-difficulty_ phrase: facts 25
look cue-difficulty_ rom-lone: facts 28
look cue-difficulty_ rule: out -32, option -13, facts 22
look cue-difficulty_ section: out -25, facts 50, keys -42
look cue-difficulty_ short: out 20, facts -24, keys 54
look cue-difficulty_ word-lone: out -25, facts 41
look cue-difficulty_ word0: facts 21
look cue-difficulty_+: out -13, stem -29, option -30, answer -51, feedback -28, facts 42, row -26, keys -19
look cue-feedback: out -39, passage -46, stem -77, more -22, option -63, wrapped -67, answer -120, feedback 31, hint -90, facts -21, row -60, bank -34, lines -24, remark 38
look cue-feedback _cue-level: out -29, answer -31, facts 44
look cue-feedback _field-number: out -13, answer -13, facts 15
look cue-feedback _num0: out 15, answer -39, facts -14, keys -17
look cue-feedback _num0 cue-answer: out -24, stem 27
look cue-feedback _num0 let1-first: out -31, stem 31
look cue-feedback _section: out 34, stem -26
look cue-feedback _text: out -17, stem 18, answer -14, keys -17
look cue-feedback _word0: out -43, stem 19, answer 41
look cue-feedback _word0 cue-answer: stem 15
look cue-feedback _word0 let1-first: answer -18, facts 30
look cue-feedback bullet: out -62, stem 20, option 29, feedback 28, facts -14, remark -25
look cue-feedback cue-difficulty: out -21, more -22, answer -23, feedback 48, facts 16, remark -45
look cue-feedback edge: out -41, stem -25, more -14, option -13, answer -17, facts -14, remark 17
look cue-feedback field-stem: out -15, feedback 56, facts -36, remark -19
look cue-feedback rule: out -24, feedback 94, remark -46
look cue-feedback short: out -107, passage -18, stem -19, more -15, option -44, wrapped -16, answer -107, feedback 102, facts -33, keys -63, remark -37
look cue-feedback short-sentence: out -55, stem -52, more -21, option -60, answer -78, feedback 90, hint -40, facts -48, keys -38, remark -14
look cue-feedback+: passage -16, stem -46, more -32, option -50, wrapped -40, answer -57, hint -32, row -25, bank -14, keys 24, remark 37
look cue-feedback_ cue-level: out -18, feedback 25
look cue-feedback_ field-number: out -49, stem -16, feedback 43, keys -16, remark -17
look cue-feedback_ field-stem: out -27, feedback 46
look cue-feedback_ num0: out 39, more 21, answer -20, feedback -14
look cue-feedback_ section: out -53, feedback 59
look cue-feedback_ text: out -15, option -35, feedback 61, remark -22
look cue-feedback_ word0: out -22, feedback 45, facts -19, remark -21
look cue-feedback_+: out -15, stem -40, option -42, answer -53, feedback 39, hint -48, facts -47, keys -70, remark -38
look cue-hint: out -70, passage -17, stem -43, wrapped -12, answer -44, feedback -47, hint 59, facts -26, row -35, keys -62, remark -14
look cue-hint+: out -38, feedback -24, hint 17, facts -14, row -17, keys -36
look cue-hint_+: out -36, stem -32, option 22, answer -42, feedback -32, hint 42, facts -21, keys -15
look cue-level: passage -31, stem -63, more -37, answer -16, feedback -56, row -58, bank -19, keys -80
look cue-level asks: out -14, stem 13, more -13, facts 16
look cue-level bullet: out -58, stem 33, more -19, option 15, answer -65, feedback -27, remark -17
look cue-level bullet cue-difficulty: stem 29, option -20
look cue-level edge: out 37, option -27, answer -32, facts -50
look cue-level field: out -65, stem 64, facts 15
look cue-level let-lone: out -114, stem 79, option -17, answer -27, facts 76, row -45, keys -33
look cue-level let0: out -46, stem 17, option -22, answer -29, facts 42, keys -15
look cue-level let1: out -14, option 30
look cue-level let1-first: out -31, stem 14, option -15, facts 34
look cue-level num-lone: out -62, stem 45, option -30, answer -68, feedback -17, facts 65, row -31, keys -47
look cue-level num-lone cue-difficulty: stem 26
look cue-level num0: out -33, option -26, answer -82, facts 47
look cue-level num1-first: out -53, answer -14, facts 58
look cue-level phrase: out -13, facts 14
look cue-level rom-lone: out -73, stem 57, facts 56
look cue-level rom0: out 26, passage -14, option -37, answer -21, facts -20
look cue-level text: out -21, stem 23, facts 16
look cue-level word-lone: out -44, stem 43, answer -24, facts 34, keys -15
look cue-level word0: out -31, stem 20, facts 69
look cue-level+: out -21, passage -20, stem -57, more -35, feedback -22, facts 22, row -39, bank -14, keys -51
look cue-level_+: out 40, passage -15, answer -78, feedback -25, facts -29
look cue-outcome: out -14, passage -45, stem -82, more -25, option -71, answer -84, feedback -87, hint -29, facts 29, row -68, bank -39, remark -42
look cue-outcome+: stem -73, answer -41
look cue-outcome_+: passage -17, stem -37, more -13, option -42, answer -45, feedback -51, hint -14, facts 15, row -39, bank -19, keys -45, remark -25
look cue-points: out -49, passage -27, stem -59, more -33, option -64, answer -26, feedback -68, hint -26, facts 41, row -52, bank -28, lines -48, keys -13
look cue-points _field-number: facts 40
look cue-points _field-number field-kind: facts 16
look cue-points _field-number word-lone: facts 20
look cue-points _num0: out 25, answer -26, facts -16, keys -52
look cue-points _num0 cue-answer: out -20, stem 22
look cue-points _num0 let1-first: out -72, stem 72
look cue-points _section: out 65, stem -52, facts -23
look cue-points cue-difficulty: out 17, stem -42, more -20, option -23, answer -129, feedback -13, facts -23, keys 56
look cue-points cue-difficulty cue-feedback: facts 53, keys -47
look cue-points cue-difficulty edge: out -44, facts 57, keys -54
look cue-points cue-difficulty field-stem: facts 13
look cue-points cue-difficulty rule: out -65, facts 81, keys -25
look cue-points cue-difficulty_ field-number: facts 30
look cue-points cue-feedback: out -56, stem -46, option -32, keys -56, remark -56
look cue-points cue-feedback_ num0: out -19, feedback 34
look cue-points edge: stem -33, answer 20, facts -27, keys 15
look cue-points field-kind: out -41, answer -19, facts 41
look cue-points field-kind field-stem: out -41, facts 39
look cue-points field-kind word-lone: out -14, facts 21
look cue-points field-number: answer -23, facts 37
look cue-points field-stem: facts 13
look cue-points rule: out 84, stem -41, more -15, option -14, answer -34, feedback -13, facts 71, keys -12
look cue-points word-lone: stem 33, option -29
look cue-points+: out -20, stem -42, more -40, option -36, answer -13, feedback -33, row -25
look cue-points_ field-number: answer -27, facts 52
look cue-points_ num0: out -28, option -17, answer -47, feedback -19, facts 38
look cue-points_ section: out -13, more 49, answer -39, keys -39
look cue-points_+: out -18, stem -31, more -16, option -47, feedback -30, facts 23, bank -17, lines -25, keys -110
look cue-sample: out -45, passage -30, stem -78, more -128, option -71, answer 78, feedback -80, hint -19, facts -63, row -48, bank -55, lines -23
look cue-sample _heading: out 49, facts -34
look cue-sample _let-lone: out 75, answer -70
look cue-sample _num0: out -50, stem 60
look cue-sample _rom0: out -17, stem 18
look cue-sample _section: out 65, stem -50
look cue-sample _word0: facts 15
look cue-sample cue-difficulty: answer 17
look cue-sample edge: out -60, answer 29, keys -23
look cue-sample sentence: out -78, passage -29, stem -51, more -22, option -45, answer 80, feedback -75, facts -18, row -19, bank -14, keys -36
look cue-sample sentence edge: out -47, answer 37, keys -28
look cue-sample sentence_ num0: out -59, option -22, answer 64, feedback -55
look cue-sample short: out -122, stem -41, more -20, option -25, answer 89, feedback -68, facts -36, row -17, keys -31
look cue-sample short-sentence: out -18, passage -18, stem -58, option -39, answer 64, feedback -90, hint -14, keys -46, remark -14
look cue-sample text: out -90, stem -49, more -41, option -56, answer 42, feedback -67, facts -15, row -13, keys 19
look cue-sample text short: out -42, stem -37, more -19, option -21, answer 45, feedback -50, keys -46
look cue-sample text short-sentence: out -59, stem -13, option -17, feedback -20, keys 23
look cue-sample+: out -114, stem -57, more -65, option -45, answer 35, feedback -20, facts -40, row -43, bank -23
look cue-sample_ heading: out -24, passage -14, stem -14, more -26, answer 25, keys -18
look cue-sample_ let-lone: answer 30
look cue-sample_ num0: out -18, answer 14, feedback -15
look cue-sample_ rom0: answer 34
look cue-sample_ section: out -18, stem -15, answer 36, keys -30
look cue-sample_ word0: answer 17
look cue-sample_+: out -28, passage -22, stem -30, more -53, answer 50, feedback -49, hint -14, facts -26, bank -32, keys -92
look cue-tags: out -42, passage -37, stem -56, more -35, option -47, answer -75, feedback -70, facts 46, row -56, bank -21, remark -16
look cue-tags+: out -30, passage -20, stem -29, option -18, answer -38, keys 21, remark -15
look cue-wordBank: passage -44, stem -38, more -77, option -46, answer -45, feedback -63, facts -38, row -38, bank 55, lines -16, keys -64
look cue-wordBank _cue-answer: answer 38, keys -35
look cue-wordBank _num0: out -35, stem 45, option -24, facts -13, keys -18
look cue-wordBank cue-answer: out -25, stem -18, more -25, option -26, answer 23, bank 43, keys -30
look cue-wordBank+: stem -18, more -25, option -26, answer -27, row -12, bank 46
look cue-wordBank_ cue-answer: bank 21
look cue-wordBank_ num0: out 29, passage -24, stem -17, more -20, answer -36, row -20, bank -20, keys -16
look cue-wordBank_+: passage -35, stem -24, more -39, option -19, answer -33, feedback -40, facts -28, row -21, bank 37, keys -43
look edge _asks: out 43, stem -43
look edge _bracketed: out 53, bank -31
look edge _cells: out 48, stem -51
look edge _chatter: out 23, stem -18
look edge _field: out 110, stem -53, facts -65
look edge _field-kind: out 35, facts -32
look edge _heading: out 90, stem -14, facts -80
look edge _heading_ let0: out 13
look edge _let0: stem 15
look edge _num-lone: out 89, stem -83
look edge _num0: out 22, stem -22
look edge _num0 cue-answer: out -14, stem 14
look edge _num0_ num0: out -45, stem 46
look edge _pair: out 59, stem -54
look edge _phrase: out 81, stem -74
look edge _rom-lone: out 33, stem -31
look edge _rom0: out -34, stem 34
look edge _section: out 42, stem -28
look edge _sentence: out 66, stem -62
look edge _short: out 76, stem -56
look edge _short-sentence: out 51, passage -15, stem -46
look edge _short_ text: out 28, stem -19
look edge _text: out 63, stem -61
look edge _word-lone: out 40, facts -36
look edge _word0: out -67, stem 33, facts 42
look edge bracketed: out 62, bank -39, keys -16
look edge bullet: out 18, stem -14
look edge capitals: out 35, facts -18, keys -29
look edge cells: out 95, passage -18, stem -101, facts -24, bank -16
look edge chatter: out 53, stem -47
look edge chatter_ heading: out 17
look edge colon: out -20, stem 25, facts -20
look edge field: out -37, passage -40, stem -75, facts 46
look edge field field: out 19, stem -33, facts -16
look edge field phrase: out 17, facts -15
look edge field_ identity: out -27, stem -43, facts 28
look edge field_ num0: out 31, stem -18, facts -18
look edge field_ word0: out -30, passage -14, stem -28, facts 35
look edge gap: out 62, stem -58
look edge heading: stem -18
look edge heading cells: out 22, facts -20
look edge heading identity: out 17, facts -14
look edge heading let-lone: out 20, facts -17
look edge heading sentence: out 20, facts -18
look edge heading_ identity: out 44, facts -43
look edge heading_ num0: out 15, facts -13
look edge heading_ section: out 18, facts -18
look edge heading_ short-sentence: out 29, facts -27
look edge let-lone: out 85, stem -80
look edge let-lone field: out 19, stem -18
look edge let-lone_ heading: out 16, stem -15
look edge num-lone: facts -39, keys -23
look edge num0: out -68, stem 68, facts -39, keys -17
look edge num0 bullet: out -36, stem 36
look edge num0 let-lone: out -65, stem 66
look edge num0 let1-first: out -49, stem 49
look edge num0 num0: out -54, stem 53, keys -16
look edge pair: out 26, passage -16, stem -46
look edge pair_ num0: out 14
look edge pair_ word0: out 24, stem -15
look edge phrase: out 61, stem -58, facts -19, keys -12
look edge phrase_ num0: out 61, stem -53
look edge rom-lone: out 30, stem -28
look edge section: out -35, stem 40, facts -42
look edge section field: out 29, stem -13
look edge section_ section: out 27, stem -26
look edge sentence: out 72, passage -39, stem -76
look edge short: out 66, stem -52, facts -51
look edge short phrase: out 13
look edge short-sentence: out -27, passage -19, stem 30, keys -13
look edge table-wide: out 23, facts -21
look edge table-wide_ num0: out 14
look edge text: out 36, stem -35
look edge text_ identity: out 23, stem -21
look edge word-lone: out 32, stem -18, facts -54
look edge word0: out 15, stem -39, facts 21
look edge word0 asks: out -18, facts 22
look edge word0 let1-first: out -92, stem 95
look field: stem -15, more -29, option -20, wrapped -30, answer -16, hint -40, facts -29, bank -49, lines -52, keys -98, remark -33
look field _asks: out -28, stem 34, more -30
look field _bracketed: out -29, stem -30, more 34, answer -25, feedback -15, bank -28, keys -46
look field _capitals: out 28, keys -21
look field _cells: out -48, stem 44, more -35, row -12
look field _chatter: out -33, passage 29, stem -14
look field _chatter text: out -22, passage 19
look field _cue-answer: answer 17
look field _field: passage 101, stem -73, answer -33, facts -27
look field _field_ chatter: out -62, passage 64
look field _field_ field: out -43, passage 61, stem -26
look field _heading: out 66, facts -51
look field _let-lone: out 39, passage -40, stem -30
look field _let0: out 14, option -41, keys -13
look field _num-lone: out 84, stem -61, facts -17
look field _num-lone_ num0: out 40, stem -28
look field _num0: out -28, stem 28, answer -30, facts -43, keys -32
look field _num0 let1-first: out -24, stem 12
look field _num0_ num0: out -56, stem 56
look field _phrase: passage -33, stem 41, more -37, answer -57
look field _section: out -44, stem -64, facts 45, keys -20
look field _sentence: out 65, passage -44, stem -65
look field _short: passage -30, stem 17, more -53, option -22, answer -68, facts -26, keys -20
look field _text: out 31, passage -28, more -21, answer -19
look field _word0: out 33, stem -15, answer -33, facts -30
look field _word0 asks: out -35, stem -28, facts 55
look field _word0 let1-first: out 25, stem -15
look field box: out -70, stem 55, more 27
look field box box: out -20, option 22
look field bracketed: out -58, stem -57, more -19, answer 39, feedback -31, facts -52, bank -30, keys 42
look field bullet: out 56, stem -53, more -29, option -34, answer -18, facts 19
look field cells: out 39, passage -21, stem -45, row -32, keys 12
look field chatter: out 26, passage 25, stem -32
look field cue-answer: out -41, stem 13, more -50, option 33, row -15, bank -20, keys -68
look field cue-answer_ word0: answer 37
look field edge: out 49, passage -72, stem -22, answer -32, feedback -18, facts -26, keys -85
look field field: out -32, passage 32, stem 13, more -68, option -62, answer -59, facts -54, bank -15, keys -45, remark -22
look field field field: out -19, stem -41, more -13, option -15, answer -16, facts -19, row 15, keys -25
look field field_ field: out -38, passage 53
look field heading: out 93, passage -20, stem -52, option -14, answer -67, feedback -15, facts -25, keys -16
look field identity: out 35, facts -16
look field instruction: out 29, stem -28
look field let-lone: out 54, stem -75, answer -68, facts -29, row -14, keys -42
look field let0: out 40, passage -39, stem 20, facts -49
look field num0: out -32, passage -65, stem 43, option -61, answer 30, feedback -26, facts -57, row -51, keys -47
look field pair: out 48, stem -31, keys -21
look field phrase: out 45, option -22, answer -36, feedback -29, facts -25, row -16
look field rule: out 58, stem -38, more 39, answer -83, feedback -35, facts -54, row -20, lines -39
look field section: out 59, stem -46
look field sentence: out 66, passage -42, stem -65, option -17, answer -50, feedback -20, facts -38, keys -34
look field short: passage -60, stem -16, more 35, option -15, wrapped 28, answer -58, feedback -32, facts -63, row -21, keys -48
look field short cue-answer: stem -16, more 48, option -27
look field short-sentence: out -43, passage -32, stem 50, more 19, option -66, answer -78, feedback -71, facts -46, row -15, keys -27
look field text: out -24, passage 57, stem -56, answer 18, feedback -17, facts -46, row -39, keys -55
look field text text: out -27, passage 31, stem -18
look field+: stem -17, wrapped -18, feedback -118, hint -19, facts -18, row -13, bank -25, lines -43, keys -75, remark -24
look field-kind: passage -55, stem -103, more -70, option -71, answer -26, feedback -54, hint -15, row -45, bank -29, lines -13, keys -89
look field-kind edge: out 57, answer -38, facts -35
look field-kind field-stem: passage -15, option -36, answer -103, feedback -29, row -18, keys -31
look field-kind word-lone: out -111, stem 45, option -23, answer -16, facts 53
look field-kind word-lone field-option: stem 33, option -21
look field-kind word0: out -104, stem 59, option -44, answer -47, feedback -21
look field-kind+: passage -32, stem -69, more -43, option -42, answer -18, feedback -31, row -29, bank -19, keys -37
look field-kind_+: out 88, answer -37, facts -83, keys -43
look field-number: out -30, passage -26, stem -28, option -21, answer -36, facts 44, keys -25
look field-number field-kind: out -59, passage -17, stem -28, option -13, answer -28, feedback -24, facts 61, keys -25
look field-number field-kind field-stem: out -46, stem -15, answer -12, feedback -21, facts 45, keys -19
look field-number field-kind word-lone: out -30, facts 18
look field-number field-stem: out -37, passage -14, answer -17, facts 88, keys -13
look field-number word-lone: out -25, stem 47, answer -12, facts 23
look field-number+: out -29, passage -22, stem -28, option -17, answer -35, facts 40, keys -21
look field-option: out -103, stem -106, more -65, option 116, answer -100, feedback -28, hint -13, facts -99, row -65, bank -21, lines -21, keys -49, remark -39
look field-option _field-number: answer -15, facts 28
look field-option cue-answer: out -24, stem -28, option 22, answer 92, feedback -17, facts -33, row -25, bank -21, keys -51
look field-option cue-answer cue-difficulty: option -45, answer 57
look field-option cue-answer cue-points: option -82, answer 87, facts -15
look field-option cue-answer rule: option -23, answer 51
look field-option cue-answer_ field-kind: option -21, answer 36
look field-option cue-answer_ field-number: option -12, answer 22
look field-option cue-difficulty: option -14, facts 16
look field-option cue-points: option -29, answer -83, facts 107
look field-option cue-points cue-difficulty: answer -30, facts 55
look field-option cue-points rule: option -13, facts 29
look field-option cue-points_ field-number: facts 16
look field-option field-option: out -90, stem -89, more -40, option 97, answer -83, feedback -22, facts -84, row -53, bank -16, lines -13, keys -38, remark -30
look field-option field-option cue-answer: out -24, stem -28, option 30, answer -29, facts -28, row -25
look field-option field-option field-option: out -48, stem -45, option 49, answer -41, facts -41, row -28, keys -13
look field-option rule: out 86, option -50, answer -31
look field-option+: out -67, stem -69, more -39, option 77, answer -66, feedback -15, facts -62, row -40, keys -30, remark -21
look field-stem: out -47, stem 94, more -35, option -45, answer -20, feedback -20, facts -32, keys -18
look field-stem asks: stem -24, more 26, option -13
look field-stem asks field-option: stem -19, more 19
look field-stem cue-answer: stem 15, more -76, option -58, facts -23, bank -34, keys 17
look field-stem cue-answer cue-difficulty: answer 45, keys -41
look field-stem cue-answer cue-points: more -30, option -17, answer -17, bank -16, keys 20
look field-stem cue-answer rule: more -14, answer 34, keys -15
look field-stem cue-difficulty: stem 28, more -19, facts 21
look field-stem cue-difficulty rule: more -13, facts 22
look field-stem cue-points: stem 16, more -15, answer -37, facts 77
look field-stem cue-points cue-difficulty: answer -25, facts 54
look field-stem cue-points rule: facts 12
look field-stem field-option: out -20, stem 16, more -19, option 15, answer -19
look field-stem field-option field-option: out -20, stem -16, more -15, option 20, answer -19
look field-stem short: more 27, option -20, answer -57, feedback -20
look field-stem short cue-answer: more 14, option -13, answer -27
look field-stem short cue-points: more 28
look field-stem text: more 21
look field-stem+: out -41, stem 62, more -20, option -26, answer -14, facts -18
look field-time: passage -34, stem -73, answer -23, feedback -76, hint -22, row -34, keys -105
look field_ asks: out 19, passage -12, stem 40, answer -15, facts -52
look field_ bracketed: passage -13, facts -30
look field_ capitals: out 65, passage -38, stem -38, answer -31, facts -48
look field_ cells: facts -19
look field_ chatter: passage 21, stem -50, answer -38, feedback -17, facts -61, row -21
look field_ cue-answer: out -46, stem 49
look field_ field: out 25, passage 73, stem -28, option -24, answer -28, feedback -48, facts -44, row -20
look field_ heading: out 96, passage -46, stem -44, answer -45, feedback -32
look field_ identity: out -26, stem -50, facts 28
look field_ let-lone: out 50, passage -25, stem -21, facts -45
look field_ let0: out 20, passage -24, stem -35, more -16, option -16, answer -37, feedback 26, facts -20
look field_ num-lone: out 82, passage -20, stem -34, answer -32, feedback -16, facts -33
look field_ num0: out 19, passage 33, stem -45, more -31, option -58, feedback 14, hint -17, facts -47, row -26, keys -13
look field_ phrase: out -34, passage -23, stem 45, more -25, option -12, answer -42, facts -64, row -17
look field_ rom0: out -28, passage 52, stem -47
look field_ section: out -44, passage -18, stem -72, facts 47
look field_ sentence: out 63, stem -46, facts -49
look field_ short: out 75, passage -39, stem -42, more -14, answer -27, facts -17
look field_ text: out 38, passage -45, stem -13, answer -39, facts -40, row -13, bank -14
look field_ word0: passage -43, stem -51, answer -67, feedback -53, row 25, bank -24, keys -16
look field_+: passage 17, stem 16, more -36, option -64, answer -33, hint -21, row -16, bank -34, lines -14, keys -13, remark -12
look gap: out -46, passage 32, more 14, option -91, wrapped -28, feedback -59, hint -35, facts -92, row -69, bank -65, lines -44, keys -105, remark -14
look gap _cells: stem 17, option -31
look gap _cue-answer: answer -38, bank 40, keys -47
look gap _cue-answer_ num0: answer -39, bank 39
look gap _num0: out -30, stem 34
look gap _num0_ num0: out -28, stem 27
look gap _short: out -38, passage -31, stem -71, more -26, answer 69, facts -20, keys -13
look gap _text: out -40, stem 54, more -42, answer -13
look gap _word0: out -78, stem 41, answer -14, facts 38
look gap bracketed: out -53, passage -12, stem -57, more -17, answer -53, feedback -45, bank 31
look gap cue-answer: out -53, stem 37, more 24, option -30, answer 66, bank -60, keys -64
look gap cue-answer edge: answer 43, keys -36
look gap cue-wordBank: out -37, passage -35, more 25, option -19, answer -20, bank 29, keys -12
look gap cue-wordBank cue-answer: more -17, bank 25
look gap cue-wordBank_ cue-answer: bank 21
look gap edge: out 30, passage -24, answer -48, feedback -15, keys -23
look gap gap: out -56, passage -49, stem -68, more 89, answer -33
look gap let0: out 33, stem -31, facts -17
look gap let1-first: stem -13, option 25, row -18
look gap let1-first let1: stem -14, option 25, row -18
look gap rule: stem -19, more 29, answer -15, lines -24
look gap short: out 14, passage -20, option -46, wrapped -12, feedback -54, facts -33, row -18, keys -16
look gap short-sentence: out -74, passage 81, stem -42, more 28, option -23, answer -16
look gap text: out -58, passage 38, more -36, answer -45, keys -21
look gap+: out -37, passage 29, more 25, option -41, wrapped -15, answer -115, feedback -27, facts -53, row -18, bank -14, lines -20, keys -41
look gap_ cells: out 37, passage -35, stem -17, more -47, answer -39
look gap_ cue-answer: out -54, more 22, answer -43, feedback -25
look gap_ num0: out 68, passage 44, stem -100, more -15, option -25, feedback -42, facts -21, row -28, bank -16
look gap_ short: out 38, stem -35, answer -21
look gap_ text: out -66, passage -29, stem 55, more 16, answer -25
look gap_ word0: out -83, passage -24, more 40, answer -31, feedback -15
look gap_+: passage -40, stem 20, option -49, feedback -44, hint -28, facts -42, row -48, bank -32, lines -25, keys -51
look heading: out 12, passage -73, stem -18, more -42, option -84, feedback -60, hint -20, row -60, bank -26, lines -18
look heading _asks: out -56, stem 56
look heading _bracketed: out 37, stem -12, bank -13, keys -22
look heading _capitals: out 55, answer -31
look heading _capitals_ num0: out 24, answer -14
look heading _cells: out 16, passage -34, stem 18, keys -75
look heading _chatter: out 29, stem -26
look heading _cue-level: out -22, facts 23
look heading _cue-level num-lone: out -19, facts 23
look heading _field: out 65, passage -32, stem -40, facts -25
look heading _field-kind: out -27, facts 40
look heading _field-number: out -14, facts 16
look heading _heading: out -19, passage -15, facts -71, keys 27
look heading _key-title: out -33, passage -27, stem -16, answer -14, facts -13, keys 35
look heading _let-lone: passage -37, keys -17
look heading _let0: out -13, passage -23, stem 20, option -34, facts -20, keys -27
look heading _num-lone: out 33, passage -17, stem 23, facts -25, keys -51
look heading _num-lone_ num0: out 65, stem -57, keys -43
look heading _num0: out 17, facts -63, row -18, keys -26
look heading _num0 let1-first: out -19, stem 19
look heading _num0 num0: out 14, stem -13, facts -22, keys -15
look heading _num0 short: out -12, stem 19
look heading _num0-again: out -75, stem 15
look heading _num0_ num0: out -86, stem 76, facts -18
look heading _pair: out 83, passage -43, stem -49, keys -49
look heading _phrase: out 14, passage -62, answer -20, feedback -16, keys -63
look heading _rom0: out -25, stem 24
look heading _section: out 97, stem -70, facts -36, keys -40
look heading _section num0: out 27, stem -20
look heading _section_ cue-level: out 17, stem -14
look heading _section_ num0: out 15, stem -14
look heading _section_ word0: out 14
look heading _sentence: out -43, passage 27, stem 31, answer -23, feedback -43, keys -72
look heading _sentence_ num0: out 67, passage -60, stem -52, feedback -18
look heading _short: out 25, passage -83, answer -55, facts -55, keys -46
look heading _short-sentence: passage -35, keys -56
look heading _short_ num0: out 39, passage -13, stem -13, answer -21
look heading _short_ text: out 33, passage -29, stem -26
look heading _table-wide: out 44, stem -12, facts -24, keys -14
look heading _text: passage -27, answer -28, keys -13
look heading _word-lone: out -61, stem 26, facts 51, keys -30
look heading _word-lone let-lone: out -22, stem -15, facts 24
look heading _word-lone let0: out -17, facts 18
look heading _word0: out 71, stem -31, answer -13, facts -51
look heading _word0 asks: out -48, facts 40
look heading _word0 let1-first: out -73, stem -18, facts 74
look heading bracketed: out 78, feedback -24, bank -18, keys -70
look heading bullet: out 35, facts -59, keys -53
look heading cells: passage -18, stem -17, facts -55, row -32, keys 33
look heading chatter: out 50, passage -24, facts -24
look heading edge: out 21, answer -46, facts -34
look heading field: out 110, passage -71, stem -68, answer -13, facts -64, row -15, keys -18
look heading heading: out 76, facts -56, keys -43
look heading identity: out 86, facts -63, keys -17
look heading let-lone: stem -44, facts -43, row -16, keys 17
look heading let0: out -54, stem 61, option -34, answer -17, facts 42, keys -24
look heading let1: out 14, stem -20, answer -19
look heading num-lone: stem -42, answer -24, facts -54, keys 29
look heading num0: stem 13, option -38, answer -52, feedback -15, facts -134, row -17, keys 28
look heading num0 num0: out -63, keys 23
look heading num0-again: out -40, keys 39
look heading pair: out -32, passage -26, stem -53, facts -42, keys 75
look heading phrase: out 90, passage -33, stem -47, facts -38, keys -32
look heading rule: out 37, facts -16, keys -14
look heading sentence: out 74, passage -71, stem -21, facts -36
look heading short: out 92, passage -19, stem -30, answer -23, facts -19, keys -66
look heading short-sentence: out 62, passage -40, stem -55, answer -15, feedback -15, keys -29
look heading table-down: out -29, keys 31
look heading text: out 42, passage -43, stem -31, answer -31, feedback -17, facts -29, keys -30
look heading word-lone: out 79, stem -58, facts -34, keys -34
look heading word0: out 70, facts -48, keys -32
look heading word0 let1-first: out -30, stem 31
look heading+: out -16, passage -17, stem -89, more -14, option -44, answer -86, feedback -19, facts -30, row -35, keys 48
look heading_ asks: out 29, facts -14
look heading_ bracketed: out 45, facts -24
look heading_ bullet: out 64, answer -50
look heading_ capitals: out 55, answer -38, facts -20
look heading_ cells: out 79, facts -69
look heading_ cue-level: out 75, facts -72
look heading_ field: out 54, facts -39
look heading_ field-kind: out 57, facts -54, keys -13
look heading_ field-number: out 53, facts -45
look heading_ gap: out 65, facts -48, keys -23
look heading_ heading: out 87, facts -64, keys -19
look heading_ identity: out 69, facts -62
look heading_ key-title: out 29, answer -12
look heading_ let-lone: out 80, answer -14, facts -64
look heading_ let0: out 82, stem -25, facts -59, keys -13
look heading_ num-lone: out 63, facts -39
look heading_ num0: out 129, stem -17, answer -57, facts -86, keys -54
look heading_ num0-again: out 48, stem -27, answer -16, facts -21, keys -19
look heading_ pair: out 24, facts -13
look heading_ phrase: out 52, answer -39, facts -27, keys -43
look heading_ rom-lone: out 47, facts -28
look heading_ rom0: out 31, facts -17
look heading_ section: out 76, facts -58
look heading_ sentence: out 77, facts -40, keys -36
look heading_ short: out 69, answer -14, feedback -13, facts -33
look heading_ short-sentence: out 71, facts -53
look heading_ table-wide: out -42, answer 43, facts -32, keys -13
look heading_ text: out 67, stem -20, facts -40, keys -19
look heading_ word-lone: out 87, facts -72, keys -17
look heading_ word0: out -20, passage -19, stem -43, more -22, answer -73, facts 27, keys -43
look heading_ word0-again: out 24
look heading_+: out 29, passage -43, more -31, option -15, feedback -44, facts -12, bank -17, keys -75
look identity: out 86, stem -35, more -23, answer -43, facts -60, keys -26
look identity _bracketed: out 45, keys -27
look identity _bullet: out 39, stem -33, option -23
look identity _capitals: out 29, answer -14
look identity _cells: out 35, stem -33
look identity _field: out 17, passage -38, facts -63
look identity _field-number: facts 15
look identity _heading: out 55, facts -48
look identity _let-lone: out 73, passage -58, stem -33
look identity _num-lone: out 79, stem -40, facts -19, keys -28
look identity _num0: out -28, stem 30
look identity _num0_ box: out -27, stem 27
look identity _num0_ num0: out -38, stem 38
look identity _pair: out -24, passage -35, stem 45, keys -23
look identity _phrase: out 22, stem -32
look identity _rom-lone: out 19
look identity _rom0: out -40, stem 44
look identity _section: out -31, stem 46, facts -51
look identity _section_ num0: out 44, stem -37
look identity _sentence: passage -64
look identity _short: out 50, passage -28, stem -45, option -19, answer -63, facts -22, keys -14
look identity _short-sentence: out 67, passage -35, stem -65
look identity _short_ bullet: out 43, stem -23, answer -26
look identity _short_ text: out 19, passage -16, stem -22
look identity _text: out 22, stem -21
look identity _word0: stem -20, facts 57
look identity _word0 asks: out -26, facts 28
look identity _word0 let1-first: out -44, facts 41
look identity capitals: out 36, answer -16
look identity cells: out 41, stem -22, row -15
look identity cue-level: out -30, facts 31
look identity edge: out 17, stem -15
look identity field: out 59, passage -17, stem -30, facts -38
look identity heading: out 68, facts -55
look identity let0: out -58, stem 57, option -22
look identity num0: out -39, stem 39
look identity phrase: out 50, passage -21, stem -41, answer -19
look identity rule: out 33, lines -28
look identity rule_ section: out 29, lines -28
look identity sentence: out 58, passage -60, stem -39, answer -16, keys -17
look identity short: out 40, option -22, answer -33, facts -20, keys -13
look identity short-sentence: out 24, passage -18, stem -45, feedback -14
look identity text: out 39, stem -22, answer -18, keys -14
look identity word0: out -30, stem 48, option -34
look identity+: out 40, stem -21, answer -18, facts -22, keys -12
look identity_ heading: out 14
look identity_ num0: out 14
look identity_ pair: out 16
look identity_ word0: out 23
look identity_+: out 59, stem -20, answer -24, facts -24
look instruction: out 60, stem -15, answer -35, feedback -30, facts -18
look instruction+: out 32
look instruction_ num0: out 15
look instruction_+: out 40, answer -21, feedback -22
look key-title: out -12, passage -31, stem -64, option -34, answer -66, feedback -63, hint -15, facts -49, row -31, bank -25, keys 20
look key-title _cells: out 44, stem -36
look key-title _num0: stem 12
look key-title cells: out -28, keys 38
look key-title edge: out 34, more -17, answer -24, keys -33
look key-title num-lone: out -55, stem -22, option -30, answer -36, feedback -16, keys 50
look key-title num0: out -37, stem -29, answer -48, keys 27
look key-title num0-again: out -27, passage -14, stem -24, more -15, option -24, answer -17, feedback -17, hint -17, facts -18, row -17, bank -18, lines -17, keys 21, remark -17
look key-title num0-again num0-again: option -17
look key-title table-down: out -19, keys 24
look key-title text: out -40, keys 45
look key-title+: passage -19, stem -32, more -27, option -38, answer -31, facts -20, row -18, keys 13
look key-title_ num0: out 19, passage -22, answer -19, feedback -28, keys 14
look key-title_+: passage -55, stem -35, answer -37, feedback -48, facts -34, row -15, bank -27, keys 19
look let-lone: out -31, passage -18, more -21, option -38, wrapped -36, answer -14, feedback -89, hint -35, facts -107, row 16, bank -74, lines -51, keys -18, remark -45
look let-lone _asks: out -19, stem 30
look let-lone _bullet: out -31, stem 36, option -13
look let-lone _capitals: out 34, answer -56, keys -23
look let-lone _cells: out 83, stem -66, answer -19, keys -28
look let-lone _cue-answer: answer -29, keys 30
look let-lone _cue-level: out -19, answer -14, facts 21
look let-lone _field: out 43, passage -39, stem -39, answer -25, facts -30
look let-lone _gap: out -43, passage -14, stem 49
look let-lone _heading: out 46, stem -22, facts -47
look let-lone _let-lone: out 31, stem -19, answer -24
look let-lone _let0: out -18, stem -14, option 32, keys -16
look let-lone _num-lone: out 47, stem -35, answer -14
look let-lone _num0: stem 30, answer -14, facts -17, keys -50
look let-lone _num0 cue-answer: out -18, stem 25
look let-lone _num0 let-lone: out -20, stem 23
look let-lone _num0 let1-first: out -47, stem 47
look let-lone _num0_ num0: out -39, stem 46, answer -14
look let-lone _phrase: out 57, passage -36, option -16, answer -57, feedback -51
look let-lone _rom0: stem 22
look let-lone _section: out 45, stem -88, answer -23, facts -25
look let-lone _section_ num0: out 20
look let-lone _sentence: out -23, passage -38, stem 36, answer -50, feedback -45, keys -36
look let-lone _short: out 27, passage -28, stem 20, option -44, answer -60, facts -39
look let-lone _short-sentence: out 64, passage -50, stem -34, keys -29
look let-lone _text: out 47, stem -37, answer -38, feedback -31, keys -18
look let-lone _word0: out 26, stem -42, answer -24, facts 15
look let-lone _word0 asks: out -39, stem -24, answer -24, facts 66
look let-lone _word0 sentence: out 23, stem -31, answer -14, facts -27
look let-lone arrow: out 29, stem -36, more -23, answer 21, row 23, keys -14
look let-lone arrow_ num0: answer 20
look let-lone asks: out -18, passage -33, stem 34, more -31
look let-lone box: out -19, option 20
look let-lone bracketed: stem -48, more 28, option 34, feedback -18, facts -12, bank -37, keys -65
look let-lone bullet: out 15, passage -24, stem -16, option 46, answer 27
look let-lone bullet bullet: stem -44, option 46
look let-lone capitals: out 38, option -38, answer 39, keys -17
look let-lone cells: out 20, stem -34, more -15, option 38, answer -25, facts -26, row -22
look let-lone cue-answer: out -58, stem -28, more -65, answer 44, row -18
look let-lone cue-answer cue-difficulty: answer 40, keys -40
look let-lone cue-answer cue-feedback: answer 37, keys -34
look let-lone cue-answer edge: answer -24, keys 25
look let-lone cue-answer_ num0: answer 38, keys -18
look let-lone cue-difficulty: out -51, passage -15, stem 51, more 13, answer -32, facts 26, row 29, keys -36
look let-lone cue-feedback: out -40, feedback 37, facts -23, keys -32
look let-lone edge: passage -32, stem -43, more -35, row -17, keys 33
look let-lone field: stem 21, more -66, option 35, answer -83, row -42, bank -15, lines -16, keys -14
look let-lone heading: out 46, passage -26, stem -22, option 25, answer -41, facts -52, row 23, keys -46
look let-lone identity: out 28, stem -29
look let-lone let-lone: passage -20, stem 38, more -106, option -37, facts -33, row -64, keys 24, remark -12
look let-lone let-lone edge: out -45, stem -68, more -23, option -12, answer 22, row -17
look let-lone let0: out -19, option 65, answer -16, facts -26
look let-lone let0 let0: option 13
look let-lone let1-first: out -17, stem 34, more 37, option -41
look let-lone let1-first let1: stem -28, option 60
look let-lone letter: out -57, stem -13, answer 88
look let-lone num-lone: out -25, stem 38, option -12, feedback -22, row 25, keys -61
look let-lone num0: passage 15, stem 21, more 15, option -23, facts -29, row -71, keys -63
look let-lone num0 let-lone: out -41, stem 50
look let-lone num0 let1-first: out -23, stem 24
look let-lone num0 num0: out -72, stem 40, option 59, facts -13, row -37
look let-lone num0-again: passage -20, more -15, answer -42, row 16, keys -48
look let-lone num0-again num0-again: out -38, option -25, row 45, keys -27
look let-lone pair: out 54, stem -40, keys -30
look let-lone phrase: out 43, passage -31, stem 33, more 26, option -38, wrapped -13, answer -55, feedback 30, row -38, keys -33
look let-lone rom0: passage -12, answer 40
look let-lone rule: out -47, stem 50, more -38, answer -15, lines 41
look let-lone section: out 16, answer -12, facts -21, keys -19
look let-lone sentence: out -40, passage -28, stem -75, answer -31, feedback 47, keys -15
look let-lone short: out -68, passage 51, stem -13, more -29, option -13, wrapped -22, answer 29, feedback -51, facts -43, keys -55
look let-lone text: out 69, stem -56, answer -40, feedback 40
look let-lone word0: passage -18, stem -19, more -39, option 77, answer 16, facts 39, row -18, keys -14
look let-lone+: passage 26, stem 25, more -24, option -47, feedback -28, facts -71, row -51, bank -19, lines -14, keys 13
look let-lone_ asks: out 46, stem -49, option 45, answer -36
look let-lone_ bullet: out 69, passage -44, stem -51, option 19, answer -57, row -39
look let-lone_ capitals: out 50, stem -46, option 16, answer -22, row 18
look let-lone_ cells: out 54, stem -22, answer -18, keys -44
look let-lone_ cue-answer: out -19, more -31, row 13
look let-lone_ cue-level: out -26, passage 23, option -23, row 15
look let-lone_ field: out -26, stem -35, more -38, answer 32, keys 24
look let-lone_ field-number: out 15, passage -34, stem -12, facts -12
look let-lone_ gap: out 61, stem -45, keys -14
look let-lone_ heading: out 70, stem -27, more -35, option -18, answer 25, row -43, keys -49
look let-lone_ identity: out 53, stem -48, keys -22
look let-lone_ let-lone: stem -56, more -12, option -22, answer 26, keys -19
look let-lone_ let0: out -49, passage 25, stem 23, more 21, option 36, answer -55, keys 19
look let-lone_ num-lone: out 53, stem -38, answer -39, keys -20
look let-lone_ num0: passage -17, stem -39, more -54, option 46, feedback -16, facts -34, row -37, bank -15, keys -27
look let-lone_ num1: out 38, passage -17, stem -35, option 32, answer -32, row -22
look let-lone_ phrase: passage -30, stem -23, more -41, option -57, row 18, bank -13, keys -26
look let-lone_ rom0: out -35, stem -18
look let-lone_ section: out -14, passage -24, more -30, answer -46, feedback -15, row -23
look let-lone_ sentence: out 40, stem -45, option 30, answer -30, row 23, keys -52
look let-lone_ short: out 37, stem -53, option -41
look let-lone_ short-sentence: out 50, stem -20
look let-lone_ text: passage 13, stem -33, more 35, option 15, answer -35, facts -13, row -17, keys -22
look let-lone_ word0: out 35, passage -48, stem -19, more 29, answer -22, row 12, keys -20
look let-lone_+: passage -22, stem -30, wrapped -14, answer -17, feedback -46, hint -16, facts -58, row 30, bank -40, lines -21, keys -64, remark -24
look let0: stem -16, more -95, option 27, wrapped -51, answer -47, feedback -76, facts -95, bank -32, lines -40, remark -29
look let0 _asks: out -27, stem 29
look let0 _box: out 14, stem -15, option 44, answer -35
look let0 _bullet: stem 20, option -34
look let0 _cells: out -30, stem 38, option -32, answer -14, facts -14, row -20, keys -17
look let0 _cue-answer: answer 48, keys -45
look let0 _cue-answer edge: answer 41, keys -37
look let0 _cue-answer_ let0: answer 50, keys -49
look let0 _field: out 59, passage -27, stem -49, more -16, answer -43, feedback -26, facts -18, keys -13
look let0 _heading: out -21, stem -33, answer -32, facts 32, keys -29
look let0 _key-title: stem -14, keys 21
look let0 _let-lone: stem 15, more -21, answer -49, keys -27
look let0 _let0: out -17, stem 31, option -44, answer -47, row -34, keys 25
look let0 _let0 let0: out -34, option -34, keys 26
look let0 _let0 short: out -15, stem 16
look let0 _let0_ let-lone: out 32, stem 13, option -28, answer -24, row -32
look let0 _let0_ let0: out -15, stem 19, option -44, answer -15
look let0 _let1-first: out -34, passage -14, stem 32, more -25, option 40, answer -30, facts -15, row -15, keys -17
look let0 _let1-first let1: stem -25, option 45, row -15
look let0 _num-lone: out -49, stem 25, more -15, option -32, answer -50, facts -24, keys 47
look let0 _num0: out -38, stem -80, option -24, answer 42, facts -33, keys -19
look let0 _num1-first: out -83, stem 36, answer -36, facts -23, row -65, keys -38
look let0 _phrase: more -33, feedback -39, keys -13
look let0 _rule: out 54, stem -26
look let0 _rule_ cue-answer: out 22
look let0 _section: out 33, stem -26, answer -19
look let0 _sentence: out 35, passage -22, stem -29, answer -78, feedback -78, keys -48
look let0 _short: out -32, stem -33, more -22, option -55, answer -20, feedback -13, facts 37, keys -42
look let0 _short-sentence: out 15, stem 42, answer -37, keys -37
look let0 _text: stem 18
look let0 arrow: out -18, more -40, option 18, answer 70, keys -28
look let0 arrow edge: answer 15
look let0 asks: out -36, stem 20, more 48, option -49, answer 32
look let0 box: out -71, stem 79, option -56
look let0 box box: out -25, option 37
look let0 bracketed: out -85, more 32, answer 26, bank -37, keys -88
look let0 bullet: out -94, stem 44, more -48, option 45, feedback -25, row -33, keys -56, remark -16
look let0 bullet bullet: out -42, stem -59, more -17, option 92, answer -40, remark -15
look let0 bullet short: stem 38, more -42, option -31, answer -51, row -19
look let0 cells: out 23, stem -34, more 56, option 34, answer -28, facts -24, keys -19
look let0 cells cells: stem -21, row 30
look let0 cells_ let0: more 13
look let0 cue-answer: out -33, stem -25, option 61, answer 77, row -44, keys -74
look let0 cue-answer bracketed: option -12, answer 40, keys -27
look let0 cue-answer edge: option -64, answer 56, keys -50
look let0 cue-answer_ capitals: answer 17, keys -16
look let0 cue-answer_ let0: option -25, answer 45
look let0 cue-answer_ section: answer 22
look let0 cue-answer_ sentence: answer 15
look let0 cue-difficulty: out -52, stem 20, option -21, facts 18, keys -13
look let0 cue-feedback: out -50, stem -44, more -16, option 40, answer -41, facts -14, row -23, lines -13, keys -80, remark 42
look let0 edge: answer -40, keys -25
look let0 gap: out -23, more 67, answer -45, feedback -15
look let0 let-lone: out -56, stem 38, more 22, option -36, answer -38, facts -23, row -29, keys 64
look let0 let0: out 15, stem -27, more -67, option -16, wrapped -49, answer -66, feedback -39, facts -26, row -161, keys 14, remark -36
look let0 let0 arrow: out -18, option 46, keys -24
look let0 let0 bullet: out -57, stem -59, option 56, answer 29, keys -56
look let0 let0 cue-answer: out -27, stem -32, option 65, answer -27, row -42, keys -55
look let0 let0 edge: stem 22, answer -39, keys -25
look let0 let0 let-lone: stem 41, option -40
look let0 let0 let0: out 30, stem -40, more -24, option -36, wrapped -27, answer -22, row -38, keys 22, remark -24
look let0 let0 pair: out -51, stem -31, option 56, row -18, keys -34
look let0 let0 phrase: stem -15, option 40, keys -48
look let0 let0 short: stem -25, option 22
look let0 let0 text: option 42, keys -27
look let0 let0_ asks: out -30, option 51
look let0 let0_ bullet: out -31, stem -27, answer -22, keys 32
look let0 let0_ cells: out -21, stem -26, option 55
look let0 let0_ cue-answer: option 48, keys -17
look let0 let0_ field: out 17, answer -14, feedback -12, row -23, keys -54
look let0 let0_ gap: out -23, option 34, answer -14
look let0 let0_ heading: option 55, keys -37
look let0 let0_ key-title: out -19, stem -17, option 37
look let0 let0_ let-lone: out -28, option 52, keys -20
look let0 let0_ let0: out -42, stem -37, option 44, keys -30
look let0 let0_ num-lone: out -42, option 58, keys -22
look let0 let0_ phrase: out -27, keys 16
look let0 let0_ rule: out -16, option 47, keys -21
look let0 let0_ section: option 71, keys -53
look let0 let0_ sentence: out -30, option 38
look let0 let1-first: out -50, option -25, answer 34, row -46, keys -54, remark -19
look let0 let1-first let1: out -22, stem -56, option -15, answer 34, row -46, keys -41, remark -19
look let0 letter: out -36, more 15, option -23, answer 15
look let0 num-lone: out 16, stem -25, more 19, option 78, answer -51, facts -76, row -18, keys -33
look let0 num0: stem 21, more -16, option -43, answer -24, row 43, keys -14
look let0 num0 num0: out -21, stem -39, row 26
look let0 num1-first: passage -26, stem 38, more -27, option -27, answer -24, feedback -22, facts -20, bank -23, keys -32, remark -28
look let0 num1-first num1: out -23, stem -33, more -18, option 15, keys -21
look let0 number: out -42, more -80, option -39, answer 82, keys -36
look let0 pair: out 62, passage -40, stem -48, option 47, feedback -52, row -43, keys -59
look let0 phrase: out 35, more 25, answer -43, feedback -85, row -36, keys -79
look let0 phrase box: stem -44, more 33, option 44
look let0 phrase let0: out 27, stem 38, option -41, feedback -34
look let0 phrase_ let0: stem -26, more 46
look let0 rule: out -24, more 43, answer -17, lines -41
look let0 sentence: out 58, passage -15, stem -20, option 31, answer -55, feedback -35, keys -55, remark -23
look let0 short: out -89, feedback 25, facts -69
look let0 short cue-answer: stem -21, more 37, option -23
look let0 short let0: out -57, stem -49, option -89, wrapped 31, answer 81, feedback -33, facts -59
look let0 short let1-first: stem -18, more 53, option -51
look let0 short short: out -33, more -36, option 37
look let0 short-sentence: out 35, passage 27, stem -39, option -68, wrapped -40, answer -51, feedback -17, hint -40, keys -30, remark -36
look let0 short_ let0: out -38, stem 26, option -45, wrapped -13, answer -25, feedback 28, facts -17
look let0 table-pairs: out -24, row 13
look let0 table-pairs table-pairs: out -21, row 13
look let0 text: out -22, passage -15, stem -38, option -36, answer -27, row -25, keys 62
look let0+: more -56, option 17, wrapped -30, answer -31, feedback -27, facts -56, bank -21, lines -21, remark -24
look let0_ asks: option 40, answer -21
look let0_ box: out -40, stem 20, option -13
look let0_ bullet: out -27, stem -29, answer -22, keys 32
look let0_ cells: out 25, stem -32, option 52, keys -21
look let0_ cue-answer: out -53, option 31, row -32, keys -17
look let0_ field: out 17, answer -14, feedback -13, row -23, keys -54
look let0_ gap: out -23, option 34, answer -14
look let0_ heading: out -26, stem 26, option 55, keys -39
look let0_ key-title: out -23, option 37
look let0_ let-lone: stem 31, option 23, answer -28, facts -21, row -32, keys -23
look let0_ let0: out -17, option 39, answer -30, keys -36
look let0_ let1-first: out -23, stem 25, option -43
look let0_ num-lone: out 51, stem -55, option 22, row -24, keys -48
look let0_ num0: out -18, row 19, keys -26
look let0_ num1-first: out 65, stem -42, option -25, keys -24
look let0_ phrase: option -25, answer -16, keys 15
look let0_ rule: out -50, stem 50, answer -18, feedback -17, row -37, keys -22
look let0_ section: out -51, stem -27, option 68, keys 32
look let0_ sentence: out -13, option 29
look let0_ short: out -50, option 49
look let0_+: out 26, passage -39, more -19, answer -92, feedback -51, facts -47, bank -14, keys -25
look let1: out -21, passage -58, stem 23, more -82, wrapped -61, answer -23, feedback -76, hint -61, facts -86, row -24, bank -60, lines -59, keys -30
look let1 _bracketed: out 48, answer -35, feedback -47, keys -23
look let1 _bullet: out 20, stem -28, option -34, answer -16
look let1 _capitals: option -40, facts -18, keys -33
look let1 _cue-answer: out -22, stem -32, option -14, answer 42, feedback -47, bank -13
look let1 _cue-answer cue-difficulty: answer 36, keys -36
look let1 _cue-answer num-lone: answer 45, keys -45
look let1 _cue-answer num0-again: answer -34, keys 34
look let1 _cue-answer_ num0: answer -34, keys 35
look let1 _cue-answer_ word0: answer -32, feedback -36, keys 37
look let1 _cue-level: out -22, answer -12, facts 40
look let1 _heading: out 74, stem -19, answer -40, facts -41, keys -25
look let1 _heading_ num0: out 20, answer -17
look let1 _let-lone: stem -27, option -25, answer 15, facts -15, row -17, keys 36
look let1 _let-lone_ num0: out -20, stem -17, option -23, answer 33, facts -13, row -16, keys -15
look let1 _let0: out -21, stem 30
look let1 _let1: out -41, option 43, answer -53, hint -15, row -30, keys -24, remark -38
look let1 _let1-first: out -50, stem 22, option 27, answer -31
look let1 _letter: out -28, answer 31
look let1 _letter_ num0: out -23, answer 23
look let1 _num-lone: out 67, stem -35, option -13, answer -54, facts -34, row -24
look let1 _num0: out 22, passage -14, more -14, option -20, wrapped -17, answer -67, feedback -17, hint -17, facts -30, row -18, bank -18, lines -17, keys -53, remark -19
look let1 _num0 asks: stem 18, facts -17
look let1 _num0 cells: out 20, stem 16, answer -31, keys -14
look let1 _num0 cue-answer: stem 13
look let1 _num0 let-lone: out -29, stem 37
look let1 _num0 let1-first: out 50, stem -49
look let1 _num0 short: out -36, stem 42
look let1 _num0-again: out -33, stem 18, answer 32, keys -31
look let1 _num0_ cue-answer: out -46, stem 48
look let1 _num0_ let1-first: out -20, stem 21
look let1 _num0_ num0: out -136, stem 65, answer -51, keys -42
look let1 _pair: passage -55, stem -68, answer -50, feedback -44, facts -20, row -26, keys 17
look let1 _phrase: out 59, stem -35, option -13, answer -47, feedback -39, keys -48
look let1 _rom-lone: out 35, answer -24
look let1 _rom0: out -24, stem 32, facts -16, remark -16
look let1 _rom0 asks: stem 13, facts -12
look let1 _rom0 let1-first: out -14, stem 20, remark -16
look let1 _rom0_ rom0: out -32, stem 37
look let1 _rule: out -45, stem -17, answer 45
look let1 _rule_ bracketed: out 43, answer -34
look let1 _rule_ heading: out 46, answer -32
look let1 _section: out 41, stem -71, answer -30, facts -23, keys -13
look let1 _section num0: out 18
look let1 _sentence: passage -48, stem -75, option -27, answer -102, feedback -81, keys 47
look let1 _short: out -13, stem -68, more -20, option -26, wrapped -13, answer 23, feedback -19, facts -23, keys -71
look let1 _short-sentence: out 37, passage -16, stem -66, option -15, answer -82, feedback -35, hint -34, keys 27, remark -19
look let1 _word0: stem 14, option -42, answer -75, facts 17
look let1 _word0 asks: out -12, answer -29, facts 44
look let1 _word0 field: facts 22
look let1 _word0 let-lone: out -43, answer -17, facts 62
look let1 _word0 let1-first: out 44, stem -42, option -35
look let1 _word0 text: out -31, facts 46
look let1 _word0_ word0: out -93, stem 95
look let1 arrow: out -30, answer 16, feedback -12, row -30
look let1 arrow_ num0: out -15, answer 21
look let1 arrow_ word0: option -12, answer 33
look let1 asks: out 15, stem -25, feedback -24, facts -14
look let1 box: out -19, stem 34, option -32
look let1 bracketed: stem -16, option 46, wrapped -21, hint -28, facts -34, row -17, bank -39, keys -73
look let1 bracketed cue-difficulty: out -24, answer -45, feedback 34, keys -14
look let1 bracketed_ num0: out 26, stem -15, feedback -61, hint -16, facts -15, bank -20, keys -23
look let1 bullet: out -17, stem 41, more -20, answer -16
look let1 bullet bullet: stem -29, more -20, option 68, answer -16
look let1 cells: out -47, stem -23, more 31, answer -27, row -17, keys -12
look let1 cue-answer: out 30, option -20, wrapped -28, answer 23, hint -15, facts -31, row -128
look let1 cue-answer cue-difficulty: wrapped -21, answer 27, facts -13
look let1 cue-answer cue-feedback: answer 23, keys -15
look let1 cue-answer cue-points: answer 33, facts -20, keys -19
look let1 cue-answer edge: answer -14, keys 27
look let1 cue-answer num0: option 51, answer -47, keys -76
look let1 cue-answer_ num0: option -35, answer 36, keys -40
look let1 cue-answer_ word0: answer 96, keys -86
look let1 cue-difficulty: out -22, stem -77, facts 66, row -39, keys -38
look let1 cue-feedback: out -80, option 31, wrapped -21, answer -40, feedback 19, facts -13, row -55, keys -41
look let1 cue-hint: out -28, answer -48, hint 18, row -39, keys -13
look let1 cue-level: out -26, option 29, answer -33, facts 39
look let1 cue-points: out -67, stem -47, option -37, answer 18, facts -19, row 43, keys -37
look let1 edge: option 32, answer -80, keys -83
look let1 field: passage -22, stem -40, option -17, feedback -23, facts -42, row -13, keys -13
look let1 heading: out 51, stem -20, answer -67, keys -51
look let1 let-lone: out -65, option 26, answer 59, row -72, keys -50
look let1 let-lone cue-difficulty: answer 28
look let1 let-lone edge: out -63, answer 70, keys -31
look let1 let-lone_ num0: out -42, option -24, answer 60
look let1 let0: out -81, stem 14, option -50, answer 71, keys 22
look let1 let1: passage -41, more -43, option 16, wrapped -41, answer -107, feedback -53, hint -46, facts -47, row -23, bank -46, lines -46, keys -37
look let1 let1 arrow: option 45, row -29
look let1 let1 bracketed: out -44, option 64, answer -20
look let1 let1 cue-answer: stem -78, option 58, answer -96, row -116, keys -41
look let1 let1 cue-difficulty: stem -60, option 77, answer -38, row -35
look let1 let1 cue-feedback: option 34, answer -20
look let1 let1 edge: out -51, stem 32, option 23, answer -40, keys -34
look let1 let1 field: out -42, stem -24, option 66
look let1 let1 let-lone: option 100, answer -24, row -65
look let1 let1 let0: out -29, option 31, answer -39, row -35, keys -46
look let1 let1 let1: out 19, passage -14, stem -75, more -14, answer -23, feedback -17, hint -17, facts -18, bank -18, lines -17, keys -32
look let1 let1 letter: option 18
look let1 let1 num-lone: out -19, option -30, row 30
look let1 let1 num0: out 16, stem -48, option 24, answer -103, row -72
look let1 let1 phrase: out -59, stem -36, option 70, answer -17, row -13, keys -25
look let1 let1 sentence: option 31
look let1 let1 short: out -45, stem 32, answer -60, keys -25
look let1 let1 short-sentence: out -17, option 40, remark -20
look let1 let1 word0: out -28, stem -46, option 91, row -51
look let1 let1-first: out -67, stem 78, option -72, answer -74, feedback -29, facts -15, row -33
look let1 let1-first let1: out -61, stem 41, option -30, answer -74, feedback -29, facts -15, row -31
look let1 let1_ bracketed: out -14, option 32
look let1 let1_ bullet: out -48, stem -20, option 26, answer -29, keys -29
look let1 let1_ capitals: option 32, answer -20
look let1 let1_ cue-answer: out 40, stem -33, option -28, answer -58, row -65
look let1 let1_ cue-level: out -27, stem -17, option 53, answer -17
look let1 let1_ heading: out -46, option 76, answer -26, row -13, keys -15
look let1 let1_ key-title: option 22
look let1 let1_ let-lone: out -36, stem -32, option 64, answer -44, row -50
look let1 let1_ let0: option 14
look let1 let1_ letter: out -25, option 26
look let1 let1_ num-lone: out -18, option 46, row -16
look let1 let1_ num0: passage -14, stem -49, more -14, answer -21, feedback -17, hint -17, facts -18, row -100, bank -18, lines -17, keys -12, remark -34
look let1 let1_ num0-again: out -15, option 18, answer -17, row -35
look let1 let1_ phrase: out -25, stem -16, option 36, answer -21, keys -21
look let1 let1_ rom-lone: option 29
look let1 let1_ rom0: out -13, stem -18, option 62, answer -13
look let1 let1_ rule: out -32, stem -33, option -30, answer -28, row -36, remark 39
look let1 let1_ section: out -34, stem -22, option 53, answer -24, keys -17
look let1 let1_ short: out -31, option 44, answer -14
look let1 let1_ short-sentence: out -65, option -39, answer -45, row 44
look let1 let1_ word0: out -121, stem 57, answer -97, feedback -32, row -77
look let1 let2-first: out -13, stem 19, option 15
look let1 let2-first let2: option 33
look let1 letter: out -59, option -38, answer 96
look let1 letter_ num0: option -17, answer 42
look let1 num-lone: out -84, stem -38, more -36, option -15, answer -22, feedback -48, facts -35, row 48, keys -48
look let1 num0: option 15, wrapped -18, answer -21, facts -32, row -28, keys -78
look let1 num0 asks: stem 16
look let1 num0 cue-answer: stem 28
look let1 num0 let1-first: out -48, stem 62, option -32, row -19
look let1 num0 num0: out 21, stem -14, option -32, wrapped -13, answer -41, row -17, keys -28
look let1 num0 short: stem 34, option -13, answer -21, keys -27
look let1 pair: stem -29, option 36, answer -40, feedback 17, row -17, keys -81, remark -19
look let1 phrase: out 53, stem -83, more 36, option -32, wrapped 26, answer -19, feedback -66, hint -18, row -39, keys -58
look let1 sentence: out -61, passage -16, stem -38, option -27, wrapped -13, answer -59, feedback 53, hint -16, keys -32, remark 22
look let1 short: out -60, stem 32, option -60, wrapped 29, answer 19, feedback -81, facts 32, row -14, keys -44
look let1 short let1: out -20, stem -31, more 15, option -29, wrapped 23, answer -23, feedback -24, facts 21
look let1 short-sentence: more -37, option -34, wrapped 22, answer -100, feedback 13, hint -67, row -69, keys -44, remark 38
look let1 text: out 23, passage -14, stem -23, more 31, option -18, answer -16, hint -20, facts -18, keys -73
look let1 word0: out -72, stem 27, option -13, answer -26, facts 47, row -52
look let1 word0 let1-first: out -14, stem 42, option -18, answer -13
look let1 word0 short: stem 16, option -16
look let1+: passage -27, stem 26, more -38, wrapped -30, answer -22, feedback -31, hint -29, facts -43, bank -29, lines -29
look let1-first: out -28, passage -35, stem 15, more -56, wrapped -43, feedback -48, hint -32, facts -48, row -30, bank -30, lines -29, keys -16, remark 17
look let1-first _let1: stem -33, row -27, remark -30
look let1-first _let1_ let1: out -41, stem -14, answer 13, row -27, remark -30
look let1-first asks: more 20
look let1-first bullet: stem -16, more -37, option 48, remark -17
look let1-first bullet bullet: stem -20, more -37, option 48, remark -17
look let1-first cells: more 51, answer -35
look let1-first cue-answer: stem 19, option -20, answer 14
look let1-first cue-feedback: out -35, answer -17, row -23, remark 22
look let1-first let1: out -14, passage -25, more -72, wrapped -35, feedback -38, hint -30, facts -43, row -15, bank -29, lines -29
look let1-first let1 cue-answer: out 28, stem -77, option -38, answer 29, row -38, keys -53
look let1-first let1 cue-difficulty: stem -35, option -15, answer 18
look let1-first let1 edge: out -64, stem -31, option 56, answer -32, keys -59
look let1-first let1 let-lone: option 69, answer -62
look let1-first let1 let1: passage -14, more -14, answer -34, feedback -17, hint -17, facts -18, row -17, bank -18, lines -17, keys 15
look let1-first let1 num0: stem -56, option 52, answer -37, facts -26, row 39, keys -33
look let1-first let1-first: out -19, stem 16, more 37, option -29
look let1-first let1-first let1: option 30
look let1-first let1_ cue-answer: out -68, stem -15, answer 25, row -45
look let1-first let1_ num0: out -82, stem -34, option 18
look let1-first let1_ word0: stem -26, option 45, answer -26
look let1-first let2-first: option 13
look let1-first let2-first let2: option 22
look let1-first phrase: more 25, answer -19
look let1-first short: out -22, stem -21, more -28, wrapped 32, answer -29, feedback -20, facts 15
look let1-first short let1: out -18, stem -16, option -35, wrapped 32, answer -18, facts 15
look let1-first+: out -13, passage -22, more -41, wrapped -25, feedback -29, hint -20, facts -31, row -16, bank -18, lines -17
look let1-first_ let1: out -21, option 33, answer -38, row -31, keys -30
look let1-first_+: option 32, answer -39, facts -22, row -31, keys -30
look let1_ bracketed: out 31, stem -49, answer -19, facts -13
look let1_ bullet: out -48, stem -20, option 26, answer -29, keys -29
look let1_ capitals: out 30, option 22, answer -27
look let1_ cue-answer: out 30, stem -20, option -30, answer 22, row -116
look let1_ cue-level: out -27, stem -17, option 53, answer -17
look let1_ heading: out -46, stem -15, option 83, answer -30, row -13, keys -15
look let1_ key-title: option 25
look let1_ let-lone: out -57, stem -33, option 13, answer 26, row -50
look let1_ let0: option 64, answer -43
look let1_ let1: out -60, option 28, row -35, keys -16, remark -49
look let1_ let1-first: out -36, stem 14, option 37
look let1_ letter: out -25, option 26
look let1_ num-lone: out -30, answer -17, keys -12
look let1_ num0: passage -14, stem -63, more -14, option 27, answer -41, feedback -18, hint -17, facts -18, row -102, bank -18, lines -17, keys -14, remark -43
look let1_ num0-again: out -16, stem -12, answer -19, row 28
look let1_ pair: out -13, option 36
look let1_ phrase: out -25, stem -16, option 36, answer -21, keys -21
look let1_ rom-lone: option 29
look let1_ rom0: out -13, stem -29, option 87, answer -40, row -14
look let1_ rule: out -39, stem -49, option -21, answer -82, row -36, keys -41, remark 39
look let1_ section: out -23, stem -26, option 30, answer -17, keys -22
look let1_ sentence: out -15, stem -24, option 21
look let1_ short: out -42, stem 29, option 16, answer -19
look let1_ short-sentence: out -67, option -39, answer -45, row 44
look let1_ word0: out -125, stem 56, answer -103, feedback -32, row -77
look let1_+: out -21, passage -19, more -29, option 18, feedback -35, hint -23, facts -36, row -30, bank -19, lines -17, keys -88, remark -25
look let2: passage -22, more -26, wrapped -80, feedback -34, facts -46, row -81, lines -16, keys -47, remark -13
look let2 _cue-answer: answer 33, keys -30
look let2 _let1: out -28, stem 35, option -29
look let2 _word0: stem -12, answer -22, facts 42
look let2 _word0 let1-first: stem -12, answer -13, facts 34
look let2 cue-answer: option -32, answer 35, keys -46
look let2 cue-difficulty: out -24, stem 24, more -16, answer -37, keys -13
look let2 let1: out -37, stem -12, option -27, answer 30
look let2 let2: out -82, stem -18, option 107, wrapped -57, answer -115, row -46
look let2 let2 cue-answer: option 24
look let2 let2 cue-difficulty: option 76, answer -58
look let2 let2 let1: option 42, answer -25
look let2 let2 let2: option 27, wrapped -27, row -14
look let2 let2_ word0: option 20
look let2+: more -16, option -13, wrapped -52, answer 22, feedback -15, facts -24, row -46
look let2-first: stem -42, more -55, wrapped -26, answer -21, row -52, keys -47
look let2-first let2: stem -14, more -44, wrapped -26, feedback -16, facts -18, row -51, keys -29
look let2-first let2 let2: out -20, option 36, wrapped -23, answer -26, row -32, keys 34
look let2-first+: stem -26, more -36, wrapped -14, row -28, keys -25
look let2_ let1: option 46, answer -33
look let2_ word0: option 20
look let2_+: out 17, stem -16, option 22, answer -60, keys -41
look letter: out 39, stem -54, more 25, option -30, wrapped -15, feedback -60, facts -52, row -29, lines -13, keys -52
look letter _num0: out 32, stem -26, option -23, facts -20
look letter _num0 let1-first: out -33, stem 33
look letter _word0: facts 23
look letter edge: out -75, answer 58
look letter num0: out -56, answer 37
look letter+: out 52, stem -31, more 21, option -44, facts -26, row -15, keys -21
look letter_ num0: out -55, more -41, option 41, feedback -18
look letter_ word0: out -27, answer 50
look letter_+: out -93, more -25, option 37, answer 33, feedback -34, facts -27, keys -24
look lines: out -50, passage -39, stem -22, option -52, answer 35, feedback -44, hint -31, facts 30, row -30, lines 15, keys -40
look lines+: out -16, stem -15, option -15, answer -52, facts -38, lines 23, keys -16
look num-lone: out -20, passage -26, stem 26, more 16, wrapped -26, hint -40, bank -64, lines -39, remark -22
look num-lone _asks: out 17, stem -13, more -19
look num-lone _box: option 31
look num-lone _box box: option 31
look num-lone _bullet: out -38, stem -14, row 14
look num-lone _bullet bullet: out -33, stem -23, row 14
look num-lone _cue-answer: stem -13, answer 28, bank -25, keys -13
look num-lone _cue-level: facts 15
look num-lone _heading: out 72, answer -43, facts -32, keys -29
look num-lone _let-lone: out 62, passage -13, stem -44, option 31, keys -23
look num-lone _let0: stem 50, option -37, keys -18
look num-lone _num-lone: out -47, stem 16, more -19, facts -13, keys 37
look num-lone _num0: out -56, stem -31, option 53, row -13, keys -38
look num-lone _num0 num1-first: out -23, stem 24
look num-lone _num0_ num0: out -16, stem 36, keys -15
look num-lone _rom0: out -34, stem 37, answer -15
look num-lone _section: out 59, stem -39
look num-lone _sentence: out 26, passage -32, option -14, answer -55, feedback -23, keys -25
look num-lone _short: out 38, passage -46, stem -63, more -13, option 14, keys -51
look num-lone _short-sentence: out 63, passage -52, stem -24, answer -18, feedback -22, keys -17
look num-lone _text: out 51, stem -42, answer -30, keys -43
look num-lone _word-lone: out -58, stem 34, facts 43
look num-lone _word0: out -87, stem 35, answer -29
look num-lone arrow: out -23, stem -24, more 13, option 14, answer 27
look num-lone asks: out -33, more 38, answer -12
look num-lone bracketed: out -47, stem 34, more -32, answer -74, feedback 32, bank 16, keys -55
look num-lone bullet: out 89, stem -82, option 14, answer -19, facts -18
look num-lone bullet bullet: out 34, stem -32, more -25, option 25
look num-lone cells: out -43, passage -18, more 34, option 26, answer -29, facts -42
look num-lone cells cells: out -15, passage -14, stem -38, row 22
look num-lone cue-answer: out -62, stem 30, more -16, option 12, answer 73, keys -86
look num-lone cue-answer cue-difficulty: option -21, answer 33
look num-lone cue-answer edge: answer 35, keys -34
look num-lone cue-difficulty: out -19, stem 21, more 23, option -28, feedback -15, row -22, keys -25
look num-lone cue-difficulty_ cue-level: facts 16
look num-lone edge: out 24, stem 20, more -31, option 26, feedback -31, keys -54
look num-lone identity: out 55, stem -50
look num-lone let-lone: out 63, stem -62, more 14, option 61, answer -34, row -25, keys -29
look num-lone let0: out -38, stem -15, more 36, option 26, answer 27, facts -46, row 17, keys -22
look num-lone let1-first: out 45, stem -42, answer -22, row -33
look num-lone let1-first let1: stem 13, answer -20, row -33
look num-lone num-lone: out -35, more -44, option 14, feedback -67, facts -35, keys 21
look num-lone num-lone edge: stem -73, option -23, answer -96, feedback -25
look num-lone num0: out -23, stem -13, more -16, option -19, answer -16, feedback 29, facts -48, keys 32
look num-lone num0 num0: out -60, more -15, option 24, answer -25, keys -20
look num-lone num0-again: out -35, more 31, option -20, answer -43, keys 38
look num-lone num1-first: out -15, more 36, option -18, feedback -12, row 19
look num-lone num1-first num1: stem -27, row 21
look num-lone pair: out 15, stem -57, more -19, answer -20, feedback -40
look num-lone phrase: out 28, stem -35, more -25, option 29, answer -50, feedback -25, keys 30
look num-lone rom0: out 22, answer 36, feedback -31, facts -45, keys -30
look num-lone rule: out 29, stem -27
look num-lone sentence: out 30, passage -14, stem 19, more -33, feedback -46, keys -59
look num-lone short: out -36, wrapped -18, answer 16, feedback -45, facts -34, row -28, keys 34
look num-lone short-sentence: out 56, passage -26, stem -63, answer -37, feedback 21, keys -19, remark -21
look num-lone text: out 30, stem -30, more 30, keys -27
look num-lone word0: out 41, more -17, option -47, answer -21, feedback -35, facts -20, row -13, keys -32
look num-lone+: out 12, passage -31, more 31, option 18, facts -99, row -70, bank -13, lines -13, keys -18
look num-lone_ asks: stem -78, feedback 26, facts -33, row -15, keys -15
look num-lone_ box: stem -28, keys 13
look num-lone_ bullet: out 45, stem -19, more 30, answer -30, keys -27
look num-lone_ cue-answer: out -43, stem 39, more 15, option 59, keys -26
look num-lone_ cue-level: out 27, stem -15
look num-lone_ field-number: out 41, passage -33, stem -41, more -20, answer -15, feedback -31, facts -43, keys -19
look num-lone_ heading: out -59, passage -14, stem 58, option 60, answer -24, facts -13, keys -69
look num-lone_ identity: out 48, stem -52, more -13, feedback -18, facts -12, keys -17
look num-lone_ let-lone: out 66, stem -53, answer -45
look num-lone_ let0: stem -70, option 42, feedback -13, facts -62, row -39, keys 22
look num-lone_ num-lone: out -42, stem 26, answer -14, facts -15, keys 19
look num-lone_ num0: out -47, passage -33, answer -20, feedback -67, facts -40, keys -23
look num-lone_ rom0: out 52, stem -71, more -37, option 24, answer -19, feedback -52, facts -35, row -37, keys -53
look num-lone_ section: out -23, answer -34, feedback -39, facts -19, row -21, keys 38
look num-lone_ sentence: answer 52, facts -23, keys -56
look num-lone_ short: out 20, stem -72, option -35, answer -67, feedback -32, keys 35
look num-lone_ short-sentence: out 59, stem -80, more -17, facts -19, keys -23
look num-lone_ text: out 66, stem -60, answer -30, facts -12
look num-lone_ word-lone: out 23, stem -19, answer -25, facts -28, keys -19
look num-lone_ word0: out 36, stem -50, option -25, answer 37, feedback -60, facts 23, row -14, bank -15, keys -46
look num-lone_+: out -15, passage -19, stem 17, answer -22, hint -20, bank -39, lines -17
look num0: passage -60, more -22, option -28, wrapped -66, answer -30, feedback -90, hint -45, facts -49, row -23, bank -41, lines -41, keys -20, remark -63
look num0 _box: out -69, option 77
look num0 _box box: out -65, option 72
look num0 _bracketed: out -28, stem -14, more 21, keys 40
look num0 _bracketed num-lone: keys 12
look num0 _bracketed num0-again: keys 18
look num0 _bullet: out -113, stem -46, option 34, answer -27
look num0 _bullet bullet: out -64, stem -56, option 24, answer -17
look num0 _capitals: out 33, more -12, answer -93, bank -15, keys -28
look num0 _capitals num0: out 47, option -35, answer -26
look num0 _cells: passage -24, stem -12, more -57, option 62, answer -69, facts -43, bank -57, keys -50
look num0 _chatter: out 21
look num0 _cue-answer: out -36, stem -17, option -23, bank -43
look num0 _cue-answer cue-difficulty: answer 58, keys -52
look num0 _cue-answer edge: out -13, answer 14, keys -12
look num0 _cue-answer num0: answer 87, keys -60
look num0 _cue-answer num0-again: answer -17, keys 18
look num0 _cue-answer_ num0: answer 63, bank -31, keys -30
look num0 _cue-level: stem -42, more -34
look num0 _cue-sample: out -44, stem -16, more -21, answer 28, feedback -18, row -17, bank -17, keys -21
look num0 _cue-sample_ num0: out -13
look num0 _heading: out 12, stem 12, more -15, answer -15, facts -44
look num0 _heading_ num0: out 31
look num0 _key-title: out 21, stem -12, more -14, answer -18, keys -13
look num0 _key-title num0-again: out -17
look num0 _let-lone: out 30, stem -14, answer -34, facts -23, row -33, keys -16
look num0 _let-lone_ num0: out 37, option -57, answer -26, facts -18, row -24
look num0 _let0: out -47, option 43, keys -32
look num0 _let0 let0: out -37, stem -18, option 43, keys -32
look num0 _let1-first: out -60, stem -53, option 23, answer -45, row 24, keys -29, remark -14
look num0 _let1-first let1: out -101, stem -72, answer -29, row 27, keys -21, remark -13
look num0 _num-lone: out 14, stem 25, more -27, option -46, answer -67
look num0 _num0: out -46, passage -16, stem 51, more -37, option -72, answer -66, feedback -17, hint -17, facts -39, row -93, bank -18, lines -17, keys -80, remark -17
look num0 _num0 arrow: stem 30, option -16
look num0 _num0 asks: stem 14
look num0 _num0 box: out -31, stem 51, option -14
look num0 _num0 bullet: stem 44, option -37
look num0 _num0 cue-answer: stem 35
look num0 _num0 edge: out -37, stem 40, option -13, answer -35, row -17, keys -27
look num0 _num0 let-lone: out -40, stem 43
look num0 _num0 let1-first: out -31, stem 13
look num0 _num0 num1-first: out -33, stem 41
look num0 _num0 phrase: out -50, stem 64
look num0 _num0 short: out -26, stem 44
look num0 _num0 short-sentence: stem 25
look num0 _num0-again: out -51, option 41, row -55, keys 32
look num0 _num0-again num0-again: out -28, stem -53, option 41, row -55, keys 32
look num0 _num0_ heading: out -35, stem 40
look num0 _num0_ num0: out -103, stem 53, option -29, answer -52, facts -14, row -67, keys -19
look num0 _num0_ section: out -36, stem 46
look num0 _num0_ short: out -65, stem 66
look num0 _num1-first: out -46, stem 36, option 46, row -26
look num0 _number: out -47, more -61, option -29, answer 56, keys -40
look num0 _phrase: out 14, more -30, option 23, answer -25, feedback -48, row -14, keys -29
look num0 _rom-lone: out 40
look num0 _rom-lone_ num0: out 28
look num0 _rule: out 13, more -48, answer -19, row -13
look num0 _rule_ cue-answer: out 15
look num0 _rule_ key-title: out 16
look num0 _section: out 36, stem -46, more -13, answer -13, keys -21
look num0 _section num0: out 13
look num0 _section_ num0: out 14
look num0 _short: passage -26, stem -107, more -37, option 58, answer -14, facts -36, row -21, bank -14, keys -23
look num0 _short short: out -67, stem -33, more -15, option 82, answer -28
look num0 _short-sentence: more -32, answer 19, feedback -33, hint -24, keys -13
look num0 _short_ num0: out 31, stem -12, more -66, option -91
look num0 _table-ticks: out -23, more -14, row 23
look num0 _table-ticks table-ticks: out -19, row 20
look num0 _truth: out -90, more -35, answer 94, keys -32
look num0 _truth num0: out -43, more -13, answer 47
look num0 _word-lone: out 33, stem -50, more -13, option -26, answer -13, facts 23, bank -17
look num0 _word0: out -26, stem 25
look num0 arrow: out -35, option 45, answer -34, feedback -40, row -26, keys -26
look num0 arrow_ num0: more 36, option -77, answer -19
look num0 asks: out -25, passage -32, more 26, option -54, answer -31, facts -43, row -41, keys -15
look num0 asks cue-answer: more 26
look num0 asks let1-first: stem -13, more 14, option -12
look num0 asks num0: stem -14, more 30
look num0 asks_ let1-first: stem -21, more 21
look num0 asks_ num0: passage -21, more 31
look num0 box: stem 48, more -14, option -23, answer -15
look num0 box box: out 15, option -13
look num0 box ticked: out -17, option 18
look num0 bracketed: out 16, stem 56, more -24, option -27, answer -52, feedback 34, row -21, keys -26
look num0 bracketed let1-first: out -29, more 37
look num0 bracketed_ num0: out -17, option -13, feedback 35, bank -45, keys -63
look num0 bullet: more -13, answer 34, row -70, remark -28
look num0 bullet bullet: out -84, stem -66, more -20, option 43, answer 48, row -64, remark -28
look num0 cells: out -53, stem 48, option -47, answer 34, facts -41, row -19, bank -19, keys -53
look num0 cells cells: stem -39, more -58, row 94
look num0 cells cue-answer: out -28, stem -28, more -38, option -59, answer 45, row -39
look num0 cells num0: more 54, answer -25
look num0 cells_ cue-answer: more 30, option -14, row -18
look num0 cells_ num0: out -23, stem -19, more 15, option 40, answer -53
look num0 cue-answer: out -24, stem 33, more 21, option -17, answer 43, facts -38, row 14, bank -57
look num0 cue-answer cue-difficulty: option -53, answer -40, keys 42
look num0 cue-answer cue-points: answer 42, keys -29
look num0 cue-answer edge: more -50, option -68
look num0 cue-answer num0: option -97, answer 79, keys -31
look num0 cue-answer sentence: option -17, answer 32, keys -12
look num0 cue-answer short: answer 13, keys -13
look num0 cue-answer_ num0: more -16, option -21, answer 129, facts -25, bank -51, keys -29
look num0 cue-answer_ section: answer 36, keys -28
look num0 cue-difficulty: out -30, stem 64, option 17, answer -54, facts 23, row -25, keys -43
look num0 cue-difficulty num0: facts 16
look num0 cue-feedback: stem 15, more 25, option -16, keys -14
look num0 cue-level: out -55, stem 55, option 23, answer -28, facts -17, row -28, keys -20
look num0 cue-level let1: out -14, option 23
look num0 cue-sample: out -49, stem 18, more 41, option -16, answer 15, feedback -20, keys -13
look num0 cue-sample_ num0: answer 38
look num0 edge: out 15, stem 19, more -28, option -52, answer 13, row -57, keys -33
look num0 field: out -91, stem -41, more 50, option -17, answer 34, feedback 28, facts -41, row -54, keys -25
look num0 gap: out -40, stem -27, more 61, answer -51, feedback -15, row -15
look num0 gap cue-answer: more 14
look num0 gap_ num0: out -18, more 48, answer -45
look num0 heading: stem 32, facts -36, keys -13
look num0 let-lone: out -24, stem -37, more -18, answer -30, feedback -28, row 49, keys -28
look num0 let-lone cue-answer: out -18, stem -58, more -56, answer -97, row -20, keys 44
look num0 let-lone num0: out -12, stem -66, more 15, option 29, row -31, keys -22
look num0 let-lone_ num0: out -80, more -51, option 16, row -28
look num0 let-lone_ section: out 40, stem -54, more -30, answer -38, feedback -13, row -22, keys -26
look num0 let0: stem 22, more 15, answer -24, facts -13, row -24, keys -36
look num0 let0 let0: out -25, stem -30, option -27, keys 39
look num0 let1-first: passage -25, more -22, wrapped -35, answer -20, feedback -29, hint -29, facts -29, row -37, bank -29, lines -29, keys -77, remark -48
look num0 let1-first let1: passage -14, stem -124, more -53, option 16, wrapped -16, feedback -17, hint -17, facts -18, row -25, bank -18, lines -17, keys -78, remark -41
look num0 letter: out -58, option 30, answer -26
look num0 num-lone: out -35, answer -60, feedback -18, facts -14, row -36, keys 23
look num0 num-lone cue-answer: out -32, stem 36, more -20, option -44, answer -29, keys -21
look num0 num-lone_ num0: out -19, more 39, option 30, answer -49, keys -27
look num0 num0: out 28, passage -21, stem -13, more -122, wrapped -21, answer -238, feedback -72, facts -126, bank -20, keys -25, remark -45
look num0 num0 asks: option 27, answer -18
look num0 num0 bullet: out -39, stem 47, option -29
look num0 num0 cells: out -32, stem -30, option 54, answer -12, row -31, keys -20
look num0 num0 cue-answer: out -52, stem -35, more -14, answer -20, row 16, keys -22
look num0 num0 edge: stem 40, more -27, option -52, answer -90, row -54, keys -33
look num0 num0 let-lone: stem -33, option -24, row 38, keys -21
look num0 num0 let1-first: out 40, option -32
look num0 num0 num-lone: stem -46, more -24, option -14, keys 17
look num0 num0 num0: stem 21, answer -17, facts -27, row -19
look num0 num0 rule: out 47, stem -46, option -21
look num0 num0 short: out -17, more -22, option -15, row -14, keys 14
look num0 num0-again: out -88, stem -32, more 21, option -39, answer -48, row 16, keys 29
look num0 num0-again num0-again: out -44, stem -48, option -45, row 17, keys 40
look num0 num0_ capitals: out 52, stem -45, more -18, option -30, row -23, keys -32
look num0 num0_ cells: stem -50, answer -31, facts -13, keys -16
look num0 num0_ cue-answer: out 36, stem -41, more -29, option -26, row 29, keys -17
look num0 num0_ heading: out -42, stem -21, option -27, answer -22, feedback -17, row -18, keys 34
look num0 num0_ let-lone: out 15, stem -27, more -18, option -27, answer -20, row -37
look num0 num0_ let0: out -22, stem -20, option 43, answer -18, row -21, keys -12
look num0 num0_ phrase: out -26, stem 32, option 12, row -15
look num0 num0_ section: stem 35, more -15, option -46, answer -27, feedback -15, row -14, keys -59
look num0 num0_ short: out 39, stem -40, option -34, answer -24
look num0 num0_ word-lone: stem 38, option -23, facts -14
look num0 num1-first: out -102, stem 32, more -23, answer -47, keys -54, remark -28
look num0 num1-first num1: out -14, stem -104, more -23, answer -24, keys -46, remark -20
look num0 number: out -48, stem 47, more 17, option 15, row -39, keys -43
look num0 number number: more -20, option 41, answer -19
look num0 number_ num0: out -36, more 27, option -55, answer -19
look num0 pair: out 28, passage -13, stem -17, more -29, option -22, answer -20, feedback -26, row -47, keys 13
look num0 phrase: stem -37, option -27, wrapped -16, row -71, keys -53
look num0 phrase box: out -14, more 70, option -46, answer -16
look num0 phrase bullet: out -47, stem -48, more 17, option 36, answer -32, feedback -12
look num0 phrase cue-answer: more 87, answer -59
look num0 phrase let1-first: stem -35, more 18, option -17
look num0 phrase num0: out -52, stem -32, option -19, answer 22, feedback -101
look num0 phrase phrase: out -30, stem -22, option 40
look num0 phrase short: out -85, stem -66, more 24, option -15, wrapped -13, answer -65
look num0 phrase_ num0: out -52, more 55, option -19, answer -38, feedback -72
look num0 rom1-first: out -17, more 22, option -36, row 28
look num0 rom1-first rom1: more 22, option -36, row 28
look num0 rule: out -65, stem 49, more -29, option -46, answer -82, feedback -20, row -17, lines 39, keys -20
look num0 rule cue-sample: more -14, lines 14
look num0 rule rule: more -20, lines 24
look num0 sentence: out 17, passage -21, option -70, feedback -96, row -15
look num0 sentence edge: out 20, stem -20, more -28, option -15, answer -29, feedback -34
look num0 short: out -41, passage -17, stem -19, more 17, option -64, wrapped -33, feedback -24, facts -63, row -51, lines -17, keys 62, remark -13
look num0 short box: out 39, stem -20, more -31, option -47, answer -13, keys -13
look num0 short bullet: more 64, option -58
look num0 short cue-answer: out -23, more 93, option -61, answer -28
look num0 short edge: out 13, option -28, answer -51, feedback -38, keys 22
look num0 short let1-first: more 52, option -36
look num0 short num0: out -65, option -59, wrapped -30, answer 43, feedback -55, facts -25, keys 13
look num0 short num0-again: out -42, more 27
look num0 short num1-first: out -31, more 45
look num0 short rule: more 17
look num0 short short: out 38, stem -42, more -111, wrapped -29, answer -137
look num0 short-sentence: out 39, passage -17, stem -49, more 45, option -22, answer -102, feedback -17, row -22, keys -24, remark -24
look num0 short-sentence num0: out -28, stem -12, option -16, answer -48, feedback 21, keys 34
look num0 short-sentence_ num0: more 60, option -25, answer -38, feedback -63
look num0 short_ cue-answer: out -17, more 35, option -15
look num0 short_ let1-first: out -28, stem -20, more 34
look num0 short_ num0: out -84, more 15, option -38, feedback 13, keys -30
look num0 table-pairs: out -77, stem 17, row 31, keys -15
look num0 table-pairs table-pairs: out -66, row 31, keys -15
look num0 table-ticks: out -65, stem 21, option -17, row 66
look num0 table-ticks rule: out -41, option -17, row 52
look num0 table-ticks table-ticks: out -23, row 30
look num0 text: out -46, passage -24, stem -34, option 31, wrapped -25, answer 25, feedback -89, row -37
look num0 text asks: stem -23, more 24
look num0 text phrase: out -23, stem -35, more -49, option 51, wrapped -25, answer -14, feedback -13, keys -32
look num0 text short: stem -14, more 68, option -54, answer -33, feedback -42
look num0 text text: out -40, stem -42, more 35, option -46, answer -26, feedback -17, keys -22
look num0 text_ num0: out -16, more 33, answer -30, feedback -41
look num0 ticked: out -18, more -13, option 59, keys -19
look num0 ticked box: option 53, answer -39
look num0 truth: out 23, option -12, answer -24
look num0 truth_ num0: out -65, more -47, answer 71
look num0 word0: out 46, stem -66, option -44, answer 30, facts -23, row -29, keys -28
look num0+: out -17, passage -34, option -18, wrapped -40, answer -28, feedback -33, hint -20, facts -100, bank -21, lines -21, keys -15, remark -38
look num0-again: out -27, passage -53, more -82, option -17, wrapped -33, answer -61, feedback -56, hint -52, facts -58, bank -55, lines -52, remark -52
look num0-again _cue-answer: out 17, facts -17, bank -21
look num0-again _let0: out -19, stem -21, option 30, answer -19, keys -26
look num0-again _let0 let0: out -19, stem -21, option 30, answer -19, keys -26
look num0-again _let1-first: out -52, stem -16, option 59, answer -38, row -42
look num0-again _let1-first let1: out -52, stem -16, option 59, answer -38, row -42
look num0-again _num0: out -31, answer 29, keys -28
look num0-again _num0-again: out 14, stem 65, option 27, answer -34, row -26, keys -41
look num0-again _section: out 42, stem -30, keys -30
look num0-again _short: out 17, stem -47, answer 17, keys -14
look num0-again cells: out -73, stem 21, more 36, option -55, wrapped -12, answer -22, row -29, keys -73
look num0-again cue-answer: out -90, stem -16, more -13, answer 17, feedback -19
look num0-again cue-answer edge: option -19, answer -13, keys 15
look num0-again cue-answer num0-again: option -56, answer 67, feedback -18, row -14, keys -58
look num0-again cue-answer_ text: option -15, answer 39, keys -28
look num0-again edge: out -38, stem -22, answer 19, row -16, keys 15
look num0-again let-lone: out -43, stem -38, more -55, option -27, row 55, keys -31
look num0-again let1-first: out -40, row -39, keys 23
look num0-again let1-first let1: out -28, stem -71, option -16, row -66, keys 19
look num0-again num-lone: out -69, stem -14, more 25, option -25, answer 50, feedback -20, row -13, keys 14
look num0-again num0-again: passage -45, stem -30, more -55, wrapped -27, answer -101, feedback -48, hint -45, facts -47, bank -46, lines -45, keys -15, remark -45
look num0-again num0-again cue-answer: out -49, stem -15, answer -32
look num0-again num0-again edge: out -22, answer -46
look num0-again num0-again let-lone: out -50, stem -14, option -25, answer -24, row 36, keys -14
look num0-again num0-again num-lone: out -43, stem 25, more -25, option -25, keys 19
look num0-again num0-again num0-again: passage -20, stem -21, more -20, option 12, answer -28, feedback -24, hint -23, facts -24, bank -24, lines -23, keys -13, remark -23
look num0-again num0-again phrase: out -43, stem -40, option 38, keys 22
look num0-again num0-again short-sentence: out -20, stem 17, option 37, keys 22
look num0-again num0-again_ cue-answer: stem -26, option -40, row 32, keys 35
look num0-again num0-again_ let0: out -12, stem -51, option 50, row -48
look num0-again num0-again_ num0: out -64, stem -36, answer -27, row 27, keys -37
look num0-again num0-again_ section: out -55, option 37, keys -38
look num0-again num0-again_ short: out -31, stem 29, option -50, answer -18, keys -16
look num0-again num1-first: out -64, stem 24
look num0-again num1-first num1: stem -39
look num0-again phrase: out -53, stem -54, more 29, option 24, answer 39, feedback -33
look num0-again sentence: out -21, answer -40, keys 25
look num0-again short: out 38, stem -31, more -22, option 29, wrapped -12, answer -56, feedback -25, row -36
look num0-again short num0-again: out -36, stem -18, option 30, answer -28, feedback -19, keys 23
look num0-again short-sentence: out -18, more -37, answer -62, feedback 18, hint -33, keys 43, remark -16
look num0-again text: out 34, stem -39, more 25, keys -18
look num0-again+: out -13, passage -33, stem -13, more -52, option -13, wrapped -19, answer -14, feedback -34, hint -33, facts -35, bank -33, lines -33, remark -33
look num0-again_ cue-answer: out -49, stem -22, option -40, row 32, keys 35
look num0-again_ let0: out -12, stem -51, option 50, row -48
look num0-again_ let1-first: out -36, stem 36, option 50, answer -17, row -42
look num0-again_ num0: out 25, stem -38, option -16, answer -53, row 27, keys -37
look num0-again_ num0-again: out -81, stem 68, option 45, row -22, keys -27
look num0-again_ section: out -77, stem 25, option 37, row -15, keys -39
look num0-again_ short: out -31, stem 29, option -50, answer -18, keys -16
look num0-again_+: out -24, stem 44, option 39, answer -69, facts -24, row -16, bank -19, keys -22
look num0_ box: out -80, stem 79, more 16
look num0_ bracketed: out 35, stem -21, facts -18
look num0_ bullet: out 46, stem -43, option -33, answer -31, row 34
look num0_ capitals: out 23, stem -51, more -21, option -33, answer -12, row -23, keys 21
look num0_ cells: out -59, stem 39, answer -33, facts -15, keys -22
look num0_ chatter: out -24, keys 14
look num0_ cue-answer: out -21, stem -30, more -29, option 15, answer -27, row 28, keys -26
look num0_ cue-level: out 30, stem -47, option -28, answer -28, facts 28, row -60, keys -21
look num0_ cue-sample: out -24, stem 25
look num0_ heading: out -69, stem 16, option -35, answer -52, feedback -18, facts -18, row -18, keys 45
look num0_ key-title: out -50, stem 17, keys -21
look num0_ let-lone: stem -16, more -18, option -32, answer -27, facts -16, row -38
look num0_ let0: out -22, stem -20, option 43, answer -20, row -21, keys -12
look num0_ let1-first: out -52, stem 80, answer -20
look num0_ num-lone: out 25, option -16, answer -13, facts -19, row 17
look num0_ num0: out -82, passage -23, stem 63, more -21, feedback -34, hint -28, facts -55, row -76, bank -18, lines -19, remark -19
look num0_ num0-again: stem -30, option 23, answer 19, keys -25
look num0_ num1-first: out 61, stem 29, option -30, answer -53, facts -30, keys -23
look num0_ number: out -18, option 20, keys -19
look num0_ phrase: out -45, stem 52, row -15, keys -19
look num0_ rom-lone: out 16, row -14, keys -16
look num0_ rule: out -63, stem 53, option -20, answer -15, row 14
look num0_ section: out -25, stem 39, more -15, option -46, answer -49, feedback -15, row -14, keys -41
look num0_ short: stem -18, option -53, answer 39, facts -33, keys -40
look num0_ short-sentence: out -20, stem -20, option -20, answer -59, row 36, keys -40
look num0_ truth: out -14, stem 18
look num0_ word-lone: out 40, stem 19, option -23, facts -37, keys -14
look num0_ word0: out 78, stem -58, option -25, answer -37, facts -47, row -31
look num0_+: passage -35, stem -20, more -73, wrapped -12, feedback -53, hint -32, row -41, bank -26, lines -27, remark -31
look num1: out -18, passage -43, stem 48, more -48, wrapped -47, hint -43, facts -70, bank -55, lines -33, remark -72
look num1 _capitals: out 65, option -23, answer -62, row -15, keys -27
look num1 _cue-answer: answer 34, bank -28, keys -28
look num1 _field: out 55, passage -23, stem -48, answer -49, feedback -31, facts -28, row -19
look num1 _let0: out 26, passage -13, stem -21, option -51, answer -19, feedback -16, row -22, bank -19, remark -18
look num1 _let1-first: out -38, stem -30, option 67, row -24
look num1 _let1-first let1: out -38, stem -30, option 67, row -24
look num1 _num0: stem 77, option -51, answer -46, facts -19, keys -26
look num1 _num0 num1-first: out -32, stem 31
look num1 _num0_ num0: out 36, stem 21, option -36, answer -40, keys -13
look num1 _num1: out 17, stem -13, more -33, answer -27
look num1 _rom0: stem 19, row -20
look num1 _section: out 22
look num1 _section_ num0: out 20
look num1 _word0: stem -38, answer -45, facts 29
look num1 box: out -47, stem -14, more 17, answer -14, remark -14
look num1 box box: out -32, option 32, remark -14
look num1 bracketed: out -57, feedback 37, bank -31, keys -38
look num1 bullet: out -44, stem 52, more -25, option -35, answer -21, row -26
look num1 bullet bullet: out -24, stem -54, more -25, option 60, answer -16, row -23
look num1 cue-answer: out -45, stem -75, answer 29, bank -13, keys -39
look num1 cue-answer edge: answer 40, keys -36
look num1 cue-answer_ num0: answer 26, keys -21
look num1 cue-answer_ word0: answer 17, row -15, keys -13
look num1 cue-difficulty: out -56, stem 43, answer -45, facts 49, row 16, keys -20
look num1 edge: out -61, option 46, answer -55, feedback -17, keys -42
look num1 let-lone: out -77, passage -23, stem -26, more -42, option -19, wrapped -13, answer -38, row 42, keys -29
look num1 let-lone cue-answer: option -37, answer -15, row 53
look num1 let0: out -23, stem 47, option -23, answer -31, feedback -38, keys -16
look num1 let1-first: stem -21, option 31, row -13
look num1 let1-first let1: option 17
look num1 let2-first: stem 48, more -29, option -34, wrapped -25, row -42, keys -27
look num1 let2-first let2: stem -19, more -29, wrapped -13, row -26, keys -27
look num1 num-lone: out -54, stem -53, more -35, answer 69, feedback -64, row -17, keys -37
look num1 num0: out -44, stem -46, more 37, option 54, answer 28, feedback -35, row -35, keys -30
look num1 num1: out -15, passage -25, stem 16, more -38, facts -35, bank -38, remark -53
look num1 num1 cue-answer: out -33, stem -68, option 16, answer -45, keys -21
look num1 num1 edge: out -50, option 37, answer -50, feedback -17, keys -33
look num1 num1 let-lone: stem -21, option -28, row 25
look num1 num1 let0: stem -45, option 35, feedback -27, row -30
look num1 num1 num0: out -22, stem -35, option 38, answer -27, row -30, keys -18
look num1 num1 num1: out -24, more -18, answer -57, feedback -20, row -24, keys 58, remark -18
look num1 num1 short: out -18, option -25, feedback 39, row -16, keys -32
look num1 num1_ cue-answer: stem -20, option -14, answer -16, row 20
look num1 num1_ let0: out -43, more -20, option 43, answer -53, feedback -21, row -23, bank -13, keys 41
look num1 num1_ let1-first: stem -26, option 41, row -37
look num1 num1_ num0: out -21, stem -52, answer -41, feedback -26, facts -17, row 19, keys -15, remark -18
look num1 num1_ section: out -37, stem -27, answer -57, keys 36
look num1 num1_ word0: out -48, stem 17, option -31, answer 23, feedback -57, keys -33
look num1 phrase: out -39, stem -50, more 34, option 18, answer -48, feedback 40, row -20, keys -20
look num1 short: out 40, more 40, option -42, wrapped -27, answer -44, feedback 43, facts -40, row -17, keys -39
look num1 text: out -48, stem -28, more -64, option 15, wrapped 17, answer -15, feedback -48, row -46
look num1+: passage -18, more -15, wrapped -16, answer -27, hint -14, facts -36, bank -24, lines -14, keys 18, remark -35
look num1-first: out -50, passage -35, stem 20, more -44, answer -16, feedback -61, hint -32, facts -57, bank -28, lines -22, keys -20, remark -42
look num1-first _num1: out 17, stem 20, answer -44, row -18, keys -30
look num1-first _num1_ num1: out -43, stem 46
look num1-first box: out -35, stem 33
look num1-first box box: option 14
look num1-first bullet: option 32, answer -13
look num1-first bullet bullet: option 33, answer -13
look num1-first cue-answer: option 13, answer 40, keys -25
look num1-first cue-difficulty: out -15, answer 21, facts 31, row -21, keys -21
look num1-first let-lone: option 19, answer -12, row -16
look num1-first let2-first: stem 32, option -27, answer -62, facts -20, row -32, keys -16
look num1-first let2-first let2: out 15, answer -55, keys -16
look num1-first num1: out -17, passage -25, stem -16, more -46, answer -15, feedback -51, hint -15, facts -27, row 15, bank -19, lines -12, remark -41
look num1-first num1 num1: out 14, more -17, answer -32, feedback -25, remark -25
look num1-first short: stem -29, more 37, option 23
look num1-first+: out -20, passage -20, more -50, feedback -23, facts -34, bank -15, remark -26
look num1-first_ num1: stem 34, option -31, answer -39, feedback -21, facts -20, row -38, keys -17
look num1-first_+: stem 34, more 29, option -31, answer -45, feedback -28, facts -20, row -38, keys -19
look num1_ capitals: out -44, stem -57, option -48, answer -56, feedback -22, row 50, keys -15
look num1_ cue-answer: stem -15, more 23, option -16, answer -56, row 20
look num1_ field: out -20, stem 16, option 35, answer -21, row -34
look num1_ let0: out -51, more -20, option 43, answer -53, feedback -21, row -23, bank -13, keys 41
look num1_ let1-first: stem -26, option 41, row -37
look num1_ num0: out -15, stem -14, option 13, answer -72, feedback -29, facts -20, row -14, keys -42, remark -19
look num1_ num1: out 20, stem -18, answer -28
look num1_ rom0: out -59, stem 69, option -77, answer -46, feedback -30, row -58, keys -18
look num1_ section: out -37, stem -27, answer -57, keys 36
look num1_ word0: out -64, stem 19, option -32, answer 22, feedback -62, keys -33
look num1_+: passage -14, stem 34, more -18, feedback -84, facts -29, row -38, bank -14, keys -53, remark -28
look num2: out -58, stem -58, option 16, answer -72, facts -35, keys -49
look num2 num2: out -40, stem -36, answer -43, facts -19, keys -29
look num2+: out -28, stem -32, answer -31, facts -18, keys -23
look num2-first: out -42, stem -34, more -61, option 20, answer -55, feedback -18, facts -28
look num2-first num2: out -30, stem -30, more -37, answer -32, facts -18, row 17
look num2-first+: out -28, stem -29, more -37, answer -31, facts -17, row 15
look number: out -50, passage -36, stem -58, more 35, feedback -67, facts -88, row -41, bank -40, lines -19
look number _asks: stem 16
look number _num0: out -56, stem 58
look number _num0 let1-first: out -23, stem 25
look number _word0: out -41, stem 39, facts 12
look number cue-answer: keys -31
look number edge: out -22, more -42, option -13, answer 29, keys 16
look number num0: out -45, more -85, option 30, answer 41, keys -37
look number number: out -14, more -84, option 105, answer -112, keys -46
look number number cue-answer: option 13, answer -13
look number number number: option 18, answer -15, keys -18
look number short: out -13, more -42, option 44, answer -46, keys -16
look number+: out -39, passage -18, stem -31, more 13, option 31, answer -24, feedback -23, facts -46, row -15, bank -16, keys 37
look number_ asks: out -13, more -46, answer 16
look number_ let0: out -54, more -85, answer 65, keys -16
look number_ num0: out 19, passage -16, more 21, option -91, answer -18, feedback -21, facts -19, keys -57
look number_ word0: out -19, option 14, keys -26
look number_+: passage -21, stem -13, option -44, answer 27, feedback -39, facts -38, row -21, bank -27, lines -12, keys -121
look pair: more 40, answer -149, hint -26, facts -69, bank -27, lines -31, keys -17, remark -41
look pair _cells: out 54, passage -24, stem -50, bank -22
look pair _heading: out 45, facts -20, keys -22
look pair _let-lone: out 16
look pair _num-lone: out 31, stem -22, keys -19
look pair _num0: out -62, stem 63
look pair _num0_ num0: out -26, stem 27
look pair _section: out 69, stem -40, facts -37
look pair _short: out 42, passage -17, stem -51, answer -61, feedback -15, keys -13
look pair _text: out 79, passage -27, stem -64
look pair _word0: out -44, stem 92, facts 36
look pair bracketed: out 48, stem -29, more 14, answer -28, feedback -54, keys -55
look pair cells: stem -47, more 32, option -24, feedback -22, facts -14, row -59, keys -50
look pair colon: stem -21, more 20, option -13, row -16
look pair colon pair: stem -14
look pair edge: passage -90, stem -25, more 15, option -31, answer -44, feedback -74, row 18
look pair field: out 19, passage -58, more -44, option -39, answer -31, feedback -16, facts -52, bank -15, keys -16
look pair heading: out 85, passage -32, stem -37, option -28, feedback -45, facts -40, keys -49
look pair heading edge: out 26, keys -23
look pair identity: out 43, stem -17, more -22
look pair let-lone: out 54, passage -24, stem -36, option 47, answer -50, row -17
look pair num-lone: out 26, option -38, answer -39, feedback -19, facts 38, keys -30
look pair num0: out -28, passage 17, stem -25, feedback -25, facts -16, row -33, keys 27
look pair pair: passage -40, stem 24, more -95, option -37, answer -24, feedback -52, facts -39, keys -38
look pair pair edge: stem -43, more -19, row 28
look pair pair pair: out -21, stem 26, more -37, option -18, facts -18, keys -31
look pair phrase: out -34, passage -36, stem -89, more -49, option -60, answer -34, feedback 44, facts -13, row -26
look pair rule: out 47, passage -37, stem -41, more -23, feedback -27, row -29
look pair sentence: out 67, stem -47, answer -16, feedback -19, keys -38
look pair short: stem -15, more 23, option -18, facts -28
look pair short-sentence: passage -29, stem -65, more -18, option -31, answer -21, feedback 21, row -28, keys -48
look pair text: passage -39, stem -24, more 16, option -41, answer -65, feedback 22, row -23, keys -49
look pair word0: out 35, stem -20
look pair+: more 40, answer -81, feedback -21, facts -43, bank -13, lines -15
look pair_ cells: out -37, passage 39, stem -23, option -19, feedback 32, keys -21, remark -16
look pair_ heading: out 31, stem -20, feedback -20
look pair_ identity: out 39, stem -15
look pair_ let-lone: out 63, passage -43, stem -60, answer -28
look pair_ num-lone: out 39, passage -17, stem -15
look pair_ num0: passage 26, stem -38, more -16, answer -20, feedback -26, row -43, bank -15, keys -51
look pair_ section: out 32, passage -16, stem -43, feedback 37, keys -27
look pair_ short: out 46, passage -22, stem -31, more -31
look pair_ text: out -12, passage -32, more -24, row -13, keys 28
look pair_ word0: out 53, passage -61, stem -63, more 20, option -25, answer -14, feedback -42, facts -15, row -31, bank -13, keys -20
look pair_+: out 29, passage 20, more -35, option -51, answer -73, feedback -14, hint -16, facts -50, row -63, bank -35, keys -28, remark -16
look phrase: more 14, wrapped 26, answer -20, hint -71, facts -88, row -38, bank -73, lines -51, keys -33, remark -40
look phrase _asks: out -15, stem 16
look phrase _box: out -33, option 39
look phrase _box box: out -33, option 39
look phrase _bullet: out -39, stem -18, option 40, remark -14
look phrase _bullet bullet: stem -39, option 41
look phrase _capitals: out 94, option -30, answer -62, facts -15, keys -32
look phrase _cue-answer: answer 51, keys -45
look phrase _field: passage -75, stem 30, more -25, answer -21, feedback -13, facts -56
look phrase _heading: out 67, facts -68, keys -33
look phrase _let-lone: out 53, passage -37, stem -25, option 13, answer -19
look phrase _let0: out -36, stem -14, option 20
look phrase _let0 let0: out -42, stem -14, option 20
look phrase _let1-first: out -34, option 36, row -12
look phrase _let1-first let1: out -34, option 36, row -12
look phrase _num-lone: out 55, stem -43, option 17, keys -20
look phrase _num0: out -68, stem 43, option 25, answer -17, facts -57, row -65, keys 22
look phrase _num0 num0: out -63, stem 30, option 36, row -53, keys 25
look phrase _num0 phrase: out -14, stem 20
look phrase _num0 short: out -29, stem 49, option -15
look phrase _num0_ num0: out -17, stem 24
look phrase _pair: out -16, passage -55, stem -29, keys 34
look phrase _phrase: out -32, passage 50, stem -23, more -45, option 38, answer -62, feedback -24, keys -61
look phrase _phrase phrase: out -37, passage -14, stem -34, option 41, feedback -13
look phrase _phrase_ phrase: out -20, passage 25, stem -31
look phrase _rom-lone: out 22
look phrase _rule: out 21
look phrase _section: out 89, stem -50, facts -31
look phrase _section_ num0: out 44, stem -40
look phrase _sentence: passage -26, stem -62, answer -17, feedback 39, keys -12
look phrase _short: out -14, passage -18, stem -102, option -47, answer 47, facts -59, keys -52
look phrase _short short: out -36, stem -31, option 78, answer -30
look phrase _short-sentence: passage 49, option -16, answer -89, feedback -63, keys -50
look phrase _short-sentence_ phrase: out -26, passage 26, stem -19
look phrase _text: out 25, passage -17, more -48, option -30, answer -48, feedback -19, keys -17
look phrase _word0: out -20, stem 13
look phrase arrow: out -51, stem -16, wrapped -54, answer 40, feedback -41, row -28
look phrase asks: more 18, answer -43, keys -15
look phrase asks let1-first: stem -17, more 22, option -37
look phrase box: out -79, stem -37, option 53, wrapped -15, answer -61, feedback -21, row -18
look phrase box box: out -14, option 20
look phrase bracketed: out 20, stem -35, more -40, wrapped -17, answer 21, feedback -43, row -24, bank -15, keys 25
look phrase bullet: out -13, passage -20, more 43, option -12, wrapped -20, feedback -33, row -48, keys -38
look phrase bullet bullet: out -23, stem 17, option -12, row -16
look phrase cells: passage -30, stem -63, more 14, option -21, answer -56, feedback -34, facts -20, row 39, keys -53
look phrase chatter: out 81, passage -16, stem -34, more -39, answer -44, feedback -32, keys -59
look phrase cue-answer: out -78, stem 55, more -28, option 40, wrapped -19, answer 25, feedback -14, row -37, keys -98
look phrase cue-answer edge: option -45, answer 67, keys -57
look phrase cue-answer_ num0: answer 14
look phrase cue-answer_ text: option -14, answer 26
look phrase cue-difficulty: out -53, passage -19, stem -49, more 23, option -48, answer 54, feedback -41, facts 18, row -26, keys -27
look phrase edge: out 21, passage -97, stem -82, more -24, option 27, wrapped -14, answer -57, row -21
look phrase field: out -31, passage -47, more 15, option -16, answer -67, feedback 46, facts -27, keys -48
look phrase heading: out -26, passage -43, stem 30, more -14, option -24, answer -45, feedback -53, facts 17, keys -48
look phrase let-lone: stem 32, more 32, option -35, answer -24, feedback -27, row -14, keys -40
look phrase let0: passage 22, stem 52, more 21, option -45, answer -27, feedback 46, row -38, keys -28
look phrase let0 let0: out 31, stem -87, keys -46
look phrase let1: stem -20, option -20, wrapped 24, answer -45, feedback -26, row -15
look phrase let1-first: out -43, more 36, option -22, wrapped -16, answer -20, row -19
look phrase let1-first let1: out -34, stem -49, option 69, answer -15, row -12
look phrase num-lone: out 28, passage -14, stem -72, more -15, option -12, answer 21, feedback -19, keys -36
look phrase num0: passage -33, stem -73, more -18, option -38, wrapped 19, answer 23, feedback 30, facts -29, row -50, keys -48
look phrase num0 asks: stem 13
look phrase num0 num0: out -43, stem -40, option 35, row -24
look phrase num0-again: out -33, stem -31, more 37, option 22, answer -39, row -27, keys 13
look phrase num0-again num0-again: out -33, stem -55, option 35, row -27, keys -49
look phrase num1-first: out -15, stem -32, more 15, option 44, answer -13, row -33
look phrase num1-first num1: stem -26, option 39, row -33
look phrase number: out -64, stem -19, more -20, option -24, answer 27, keys 61
look phrase pair: out 26, passage -60, stem -25, option 40, answer -56, feedback -37, row -24, keys -25
look phrase phrase: passage 33, more -22, wrapped 12, answer -123, feedback -63, facts -13, row -86, keys -35
look phrase phrase cue-answer: stem -23, option 66, wrapped -33, answer -47
look phrase phrase phrase: out -13, stem -59, option 20, wrapped -66, row -22
look phrase phrase short: out -13, stem -28, option 14
look phrase phrase text: out -22, stem -19, option 13, wrapped -16, keys 31
look phrase phrase_ num0: out -28, option 55, wrapped -24, answer -62, feedback -32
look phrase phrase_ phrase: out -37, passage 32, stem -12, option 33, answer -19
look phrase rule: out 16, passage -21, stem -46, lines 12
look phrase sentence: out -43, passage 18, stem -105, more -51, option -36, feedback -82, facts -15, keys 58
look phrase short: passage -51, stem -61, option 23, wrapped -95, feedback -82, facts -78, row -38, keys -50
look phrase short phrase: out -18, option 19
look phrase short short: out -14, more -16, option 41
look phrase short-sentence: out -17, passage 72, stem -65, more -26, option -49, wrapped -37, answer 13, feedback -65, hint -16, facts -19, row -29, lines -15, keys -87
look phrase short-sentence phrase: passage 12, stem -12
look phrase short_ num0: option 82, answer -82
look phrase text: out 25, passage -70, wrapped -81, answer -106, feedback -76, facts -22, row -36
look phrase text phrase: out -22, passage -13, more -16, option 31, wrapped -70, feedback -38, keys -29
look phrase word0: out 14, stem -34, more -23, answer -67, feedback 36, facts -14
look phrase+: out -13, stem -23, option -15, wrapped 24, facts -50, row -17, bank -32, lines -26, keys -18, remark -19
look phrase_ asks: out -25, passage -14, stem -53, answer 20, feedback -50
look phrase_ box: out -31, stem 35
look phrase_ bullet: out -35, stem 31, more 32, option 28, feedback -27
look phrase_ capitals: passage -21, stem -68, more 33, option 15, wrapped -16, answer -90, feedback 39, facts -13, bank -16, keys -46
look phrase_ cue-answer: out -29, stem 28, more 18
look phrase_ field: passage -25, stem 22, more 13, answer -34, feedback -57
look phrase_ heading: passage -28, stem 13, option 42, answer -44, feedback -34, keys -24
look phrase_ identity: out 51, stem -40, more -24
look phrase_ let-lone: out -28, passage -32, stem -44, more -31, option -36, answer -33, feedback 39
look phrase_ let0: out 40, passage -48, stem -34, more 62, wrapped -18, answer -27, feedback -51
look phrase_ let1: out -35, stem -26, more 31, option 26, answer -69, feedback 15
look phrase_ let1-first: out -43, stem 23
look phrase_ num-lone: out 31, passage -14, stem -50, answer 20, feedback -18, keys -13
look phrase_ num0: out -28, passage -81, stem -23, more 17, option -37, wrapped -31, answer 31, hint -24, facts -27, row -39, bank -14, keys -24
look phrase_ pair: out 41, passage -19, stem -55, answer -22, feedback -36, keys -23
look phrase_ phrase: out -41, passage 46, more -36, option -44, feedback -51, keys 23
look phrase_ rom-lone: out 63, stem -63, answer -15
look phrase_ rom0: out 33, passage -27, stem -63, more -28, wrapped -36, answer 25, feedback -47, row -22
look phrase_ rule: out -44, more 77, wrapped -18, answer -39, feedback -48
look phrase_ section: out 48, passage -56, stem -16, answer -42, feedback -30
look phrase_ sentence: out -27, stem -62, answer 27
look phrase_ short: passage -17, stem 45, option 21, answer -52, feedback -92
look phrase_ short-sentence: out -31, passage 19, stem -48, option 21, answer -20, feedback -36, row -15, keys -16
look phrase_ text: stem 38, more -26, option -15, answer -38, feedback -32, keys -12
look phrase_ word0: out 78, passage -56, stem -74, more 35, option 40, answer -61, feedback -26, facts -20, row -12, keys -14
look phrase_+: out 15, stem 15, wrapped -69, answer -17, feedback -24, hint -39, facts -46, row -59, bank -42, lines -16, keys -84
look rom-lone: out 33, passage -42, stem -18, more -48, option -54, answer -84, feedback -42, facts -21, row -56, bank -16
look rom-lone _cue-level: out -16, facts 32
look rom-lone _let-lone: out 30, passage -16, stem -19, answer -22
look rom-lone _num-lone: out -16, stem 26, keys -28
look rom-lone _num0: out -40, stem 47
look rom-lone _section: out 46, facts -22
look rom-lone _text: out 47, passage -20, stem -43, answer -16
look rom-lone _word-lone: out -42, stem 24, facts 25
look rom-lone _word0: out -23, facts 41
look rom-lone bullet: out 18, more -16
look rom-lone edge: stem -50, answer -13
look rom-lone num0: out -26, stem 47, option 28, answer -18, row -28
look rom-lone phrase: out -39, stem 39, more -17, facts -19, keys -14
look rom-lone+: passage -18, stem 14, option -13, answer -43, feedback -12, facts -55, row -30
look rom-lone_ cue-level: out -42, stem 56
look rom-lone_ let-lone: out 25, stem -16
look rom-lone_ num-lone: out 25
look rom-lone_ num0: out 21, stem -30, answer -21, keys -13
look rom-lone_ text: out 24, stem -21, answer -15
look rom-lone_ word-lone: out 38, stem -16
look rom-lone_ word0: out 56, stem -42, option -25, answer -28
look rom-lone_+: out 33, passage -26, stem -19, more -31, option -39, answer -51, feedback -22, facts -16, row -12, bank -16, keys -52
look rom0: passage -30, stem 13, more -39, option 15, wrapped -12, answer -58, feedback -50, facts -72, row -61, bank -19, lines -14, keys 12, remark -27
look rom0 _cue-answer: answer 33, bank -34
look rom0 _let1-first: out -30, stem -34, option 55, answer -21, row -22
look rom0 _let1-first let1: out -30, stem -34, option 55, answer -21, row -22
look rom0 _num1-first: out -57, stem 36, option -40, keys -30
look rom0 _rom0: out -66, stem 83, option -15
look rom0 _rom0 cue-answer: stem 16
look rom0 _rom0_ rom0: out -25, stem 38, option -15
look rom0 asks: stem -16, more 50, facts -12
look rom0 box: out -39, stem 42, option 12
look rom0 box box: option 28
look rom0 bullet: out -26, more 32, option -27, answer -23, remark -14
look rom0 bullet bullet: stem -31, more -29, option 30, remark -14
look rom0 cells: out -33, passage -43, stem 33, more 25, option -36, answer -45, facts -42, row -31, keys -23
look rom0 cells_ rom0: more 31, answer -14
look rom0 cue-answer: out -23, stem 14, option 14, answer 43, bank -14, keys -50
look rom0 cue-answer edge: answer 42, keys -32
look rom0 cue-sample: answer 42
look rom0 cue-sample_ rom0: answer 30
look rom0 edge: out -48, stem 50, keys -14
look rom0 gap: more 25, answer -13
look rom0 let1-first: out -44, stem 23, more -17, option 65, wrapped -20, answer -31, row -38, remark -16
look rom0 let1-first let1: stem -42, option 65, answer -29, row -38
look rom0 num-lone: out -41, stem 23, more 13, answer -49, feedback -13, facts -53, row -14, keys -38
look rom0 num1-first: out 53, option -17, answer -47, facts -23, row -44, keys -29
look rom0 num1-first num1: out -45, option 14, answer -38, row -38, keys -19
look rom0 phrase: stem -14, more -13, option 19, answer -16
look rom0 rom0: out -33, stem -42, more -32, option 34, answer -21, keys 38
look rom0 rom0 rom0: stem -19, keys 26
look rom0 rule: out -35, stem 13, more 26, answer -34, lines -23
look rom0 short: out -32, stem 17, option 24, answer -36, feedback -25, facts -46, keys -35
look rom0 short cue-answer: out -24, stem -13, more 64, option -44, answer -26
look rom0 short let1-first: more 24, option -16
look rom0 short_ rom0: out -41, stem -29, more 28, option -46, answer -51, feedback 32
look rom0 text: stem -27, more 29
look rom0+: out 26, stem 27, more -25, option 15, answer -28, facts -38, row -33, keys -63, remark -18
look rom0-again: out -56, passage -27, option -40, answer -35, facts -23, row -16, keys 20, remark -23
look rom0-again rom0-again: out -28, passage -15, stem -20, option -33, answer -18, keys 39, remark -15
look rom0-again rom0-again rom0-again: option -13, keys 29
look rom0-again short: out 26, passage -21, more -19, option -20, answer -53, feedback -18, facts -16
look rom0-again+: out -33, passage -15, option -26, answer -19, facts -12, keys 13, remark -13
look rom0_ cue-answer: stem 22
look rom0_ let1-first: out -42, stem 42
look rom0_ num1-first: out -12, stem -32, option -14, keys 44
look rom0_ rom0: out -79, stem 89, option -15, answer -18
look rom0_+: out -16, passage -28, more -14, option -37, answer -60, feedback -31, facts -50, row -25, keys 42
look rom1: out -37, stem -32, option 24, answer -31, facts -23, bank -15, lines -14, remark -34
look rom1 rom1: out -27, stem -19, option 22, answer -20, facts -13, remark -26
look rom1+: out -13, stem -18, option 14, facts -12, remark -17
look rom1-first: out -25, stem -54, more -13, answer -23, row 14, bank -14
look rom1-first rom1: out -25, stem -44, answer -21, remark -14
look rom1-first+: out -23, stem -37, answer -19
look rule: out 20, passage -53, stem -50, more -23, option -50, answer -32, feedback -95, hint -22, facts -96, row -14, bank -39, lines 52, keys -78, remark -15
look rule _capitals: out 84, answer -46, facts -21, keys -31
look rule _cells: stem -48, keys 44
look rule _chatter: out 18, stem -15, answer -15, lines -13, keys -14
look rule _chatter edge: keys -12
look rule _cue-answer: out -14, stem -15, answer 15, keys -13
look rule _cue-answer num0: answer -27, keys 24
look rule _cue-answer num0-again: answer -21, keys 21
look rule _cue-sample: out -18, stem -14, answer 49, keys -21
look rule _field-kind: out -65, facts 70
look rule _field-kind field-stem: out -62, facts 63
look rule _field-stem: out -33, stem 36
look rule _heading: out 26, stem -21, facts -84, keys -14
look rule _key-title: out -54, keys 60
look rule _let-lone: out 51, passage -35, stem -45, keys -19
look rule _let0: out -33, stem -19, keys 23
look rule _num-lone: out 55, passage -14, stem -37, answer -17, facts -45
look rule _num0: out -30, stem -54, option -38, answer -44, facts -28, lines -12, keys 45
look rule _num0_ num0: out 40, stem -31, option -36, answer -42, facts -24, keys -46
look rule _rom-lone: out 49, stem -15, facts -29
look rule _rom0: out 15
look rule _rule: stem -49, answer -13, lines 14, keys -22
look rule _section: out 125, stem -58, facts -86
look rule _short: passage -79, stem 24, more -28, option -16, answer -34, feedback -21, facts -39, lines -16, keys -69
look rule _short-sentence: passage -71, stem 13, keys -52
look rule _short_ text: out 55, passage -26, stem -57, answer -36, keys -38
look rule _word-lone: out -13, stem 13
look rule _word0: out -64, stem -31, facts 78
look rule cue-answer: out -52, more 88, option -25, bank -35, lines -80
look rule cue-difficulty: out -12, more -12, answer -14, facts 39, lines 30, keys -29
look rule cue-sample: out -34, stem -17, more -55, answer 66, lines 61, keys -34
look rule cue-sample sentence: answer 14
look rule cue-sample short-sentence: answer 14
look rule edge: out 47, answer -39, lines -22
look rule field-number: out 66, option -17, answer -14
look rule field-stem: out 62, more -20, facts -14
look rule num0: out -19, more 45, answer -26, lines -36
look rule phrase: out -44, passage -19, stem -30, more 32, answer 42, feedback -20, facts -28, lines -31, keys 24
look rule rule: out -61, more -80, lines 110
look rule rule_ num0: out -20, lines 23
look rule rule_ section: lines 12
look rule short: out 38, stem -30, more -39, option -17, answer 18, facts -37, lines 35, keys -70
look rule table-ticks: out -13, stem -19, more -38, row 19, lines -13
look rule table-ticks table-ticks: out -40, stem -15, row 37
look rule word0: out -36, more -32, lines 39
look rule+: out -24, passage -20, stem -69, more -13, option -70, answer 26, feedback -22, facts -57, bank -14, lines 28, keys -37
look rule_ bracketed: out 54, answer -37
look rule_ cells: out 25, answer -18
look rule_ chatter: answer -17, lines 15
look rule_ cue-answer: out 97, stem -39, more 30, answer -35, lines -28
look rule_ cue-level: lines 17
look rule_ cue-sample: out -25, more -78, lines 76
look rule_ field-kind: out 61, more -30
look rule_ field-number: out 58
look rule_ field-stem: out 46
look rule_ heading: out 23, more -56, answer -45, lines 41
look rule_ key-title: out 63, more -13, answer -47, lines 14
look rule_ let-lone: out 13
look rule_ let0: lines 26
look rule_ num-lone: out 54, option -14, answer -25
look rule_ num0: out 32, stem -33, more -27, option -37, answer -27, lines 63, keys -27
look rule_ rule: stem -20, lines 12
look rule_ section: out 32, more -36, answer -26
look rule_ short: out 27, option -12, answer -20, feedback -12, lines -26
look rule_ short-sentence: out -12, more -21, lines 14
look rule_ table-down: out 40, option -23
look rule_ word-lone: out 20
look rule_ word0: more 22, lines -22
look rule_+: out 44, passage -13, stem -40, option -43, answer -137, feedback -38, facts -25, row -20, bank -13, lines 16, keys -38
look section: passage -34, stem 17, more -44, option -35, answer -52, feedback -59, facts -24, row -36, bank -29, keys 22, remark -17
look section _asks: out -24, stem 26
look section _capitals: out 39, facts -30, keys -18
look section _cells: out 32, stem -31
look section _cue-level: out -37, facts 44
look section _heading: out 28, facts -46
look section _identity: out 27, stem -16, facts -13
look section _let-lone: out -33, passage -12, stem 33, keys -19
look section _let0: out -62, stem 43, option -16
look section _num-lone: out -51, stem 56, answer -14, facts -30, keys -69
look section _num0: out -95, stem -16, row 41
look section _num0 cue-answer: stem 25
look section _num0-again: out -58, stem -16, keys 23
look section _num0_ num0: out -17, stem 20
look section _phrase: out 47, passage -26, stem -38, answer -30, keys -24
look section _rom0: out -12, stem 13
look section _section: out 70, stem -50, facts -18
look section _sentence: out 72, passage -49, stem -53, answer -13, feedback -25, keys -42
look section _short: out 13, passage -34, answer -69, facts -46, keys -29
look section _short-sentence: out 75, passage -50, stem -56, answer -32, feedback -41, facts -12, keys -48
look section _text: out 31, stem -29
look section _word-lone: stem -26, facts 37
look section _word-lone let-lone: facts 13
look section _word-lone let1-first: out -20, stem -20, facts 35
look section _word0: out -60, facts 46
look section _word0 let1-first: out -22, stem -28, facts 43
look section _word0-again: stem -15, facts 17
look section bullet: stem 16, option -18, facts -36
look section chatter: out 28, stem -14
look section cue-level: stem -32, answer -19, facts 14, row -13
look section edge: stem -65, more -35
look section field: out 99, stem -69, facts -56
look section heading: out 36, facts -18, keys -14
look section identity: out 23, facts -19
look section let0: out 57, stem -44, facts -13
look section num-lone: out -29, stem 39, more -12, option -21, answer -20, facts -41, row -33, keys -23
look section num0: out 44, stem 49, more -18, option -16, answer -29, feedback -14, facts -96, row -51, bank -12, keys -81
look section num0 cue-answer: out -60, stem 65, keys -41
look section num0 let1-first: out -27, stem 27
look section num0 num0: out -83, stem 46, row -38, keys -44
look section num0-again: stem 44, keys -48
look section num0-again num0-again: out -46, stem 52, keys -42
look section phrase: out 26, passage -13, stem -79, keys -23
look section section: out -38, stem -24, facts -32, keys 44
look section sentence: out -37, passage -37, answer -18, feedback -45, facts 45, keys -57
look section short: out 76, stem -61, option -20, answer -42, feedback -13, facts -42, keys -43
look section short-sentence: out 38, passage -25, answer -18, feedback -15, facts -48, row -22, remark -14
look section word0: stem 21, facts -60
look section+: passage -12, stem -20, more -28, option -19, answer -71, feedback -22, row -28, bank -13
look section_ asks: out 64, stem -43, facts -14
look section_ bullet: out 86, stem -46
look section_ cells: out 25, stem -12
look section_ cue-level: out 59, stem -30, facts -20
look section_ field: out 46, stem -38
look section_ field-number: out 70, stem -31, facts -25
look section_ heading: out 29, stem -26
look section_ identity: out 50, stem -30, facts -13
look section_ let-lone: out 33, stem -25
look section_ let0: out 89, stem -54, answer -13
look section_ num-lone: out 63, stem -25
look section_ num0: out -19, stem 41, answer -22, feedback -16, facts -28
look section_ num0-again: out 24, stem -22
look section_ phrase: out 58, stem -37
look section_ rom0: out 60, stem -31, facts -32
look section_ section: out 68, stem -58, keys -28
look section_ sentence: out 50, stem -33, facts -12
look section_ short: out 23
look section_ short-sentence: out 56, stem -22, answer -13
look section_ text: out 37, stem -43, answer -24, facts -18
look section_ word-lone: out 81, stem -57, facts -19
look section_ word0: out 65, stem -81, facts -23, remark -17
look section_+: out 40, passage -19, more -33, answer -42, feedback -32, facts -86, bank -21, keys -71, remark -17
look sentence: stem -27, more -25, wrapped -43, answer -18, feedback -15, hint -82, facts -83, row -56, bank -69, lines -49, keys -17
look sentence _cells: passage -27, stem 29, more -48, option -17, row -32, bank -34
look sentence _cue-answer: answer 35, bank -45
look sentence _cue-level: passage -14, stem -16, facts 20
look sentence _heading: out 41, facts -30
look sentence _let0: out -21, stem 21, option 24, answer -20
look sentence _num0: out -16, option -12, answer -30, row 23, keys -15
look sentence _num0 let-lone: out -16, stem 17
look sentence _num0 let1-first: out -34, stem 35
look sentence _num0_ cue-answer: stem 26, row -17
look sentence _num0_ num0: out -24, stem 28, answer -30
look sentence _pair: out 62, passage -63, keys -34
look sentence _phrase: out 56, passage -36, stem -42, keys -13
look sentence _rom-lone: out 32
look sentence _rom0: stem 17
look sentence _section: out 51, stem -18, facts -21
look sentence _sentence: out 13, stem -58, answer -20, feedback -25, row -14, keys -54
look sentence _sentence_ num0: out 14, stem -78, answer -20, feedback -25, row -14, keys -14
look sentence _short: out 52, passage -57, stem -48, more -12, option -13, answer -77, facts -20, keys -50
look sentence _short-sentence: out 69, passage -61, stem -12, keys -35
look sentence _text: passage -15, stem 44, more -69, answer -15, keys -21
look sentence _word0: out -35, answer -53, facts 37
look sentence bracketed: out -54, passage -35, stem 43, answer -67, feedback -72, bank -63, keys 34
look sentence cells: out 67, stem -38, more 17, answer -20, feedback -38, keys -49
look sentence chatter: out 86, passage -68, stem -36, answer -13
look sentence cue-answer: out -82, stem 86, keys -23
look sentence cue-difficulty: out -25, stem -23, option -31, feedback 17, keys -14, remark -12
look sentence cue-sample: out -49, stem 49, more -47, answer 28, keys -39
look sentence edge: out 33, passage 17, stem -105, more -41, option -33, feedback -105, keys -42, remark -27
look sentence field: passage 20, stem -60, more -17, option 46, answer -64, feedback -38, facts -85, row -26, keys -40
look sentence gap: out 28, passage -49, option -33, answer -55, feedback -31, keys -34
look sentence heading: out 63, passage -31, stem -75, more -24, option -17, answer -52, feedback -38, keys -45
look sentence identity: out 19, passage -42, answer -15, feedback 27
look sentence let-lone: out -56, passage -30, stem 40, more 35, option 35, answer -16
look sentence let0: out 24, passage -53, more -18, option -14, answer -16, feedback 47, row -14, keys -36
look sentence let1-first: out -34, passage 18, option 48, answer -16, row -33
look sentence let1-first let1: out -20, stem -20, option 49, answer -16, row -33
look sentence num-lone: passage -50, stem -64, more -30, answer -54, feedback 42, facts -27, bank -15, keys -62, remark -14
look sentence num0: out 44, passage 57, stem -27, more -24, option -39, answer -56, feedback -33, row 38, keys 39, remark -45
look sentence num0 num0: out -57, stem -41, more -33, option -35, row 40
look sentence num1-first: out -49, stem 37, more 41, feedback -14
look sentence num1-first num1: stem -32
look sentence pair: out 86, passage -53, stem -68, more -31, answer -26, feedback -19, keys -14
look sentence phrase: out 19, passage -39, stem -13, more 21, answer -33, feedback -43, keys -35
look sentence rule: out -18, stem 47, more -52, option -21, answer -23, lines 41
look sentence rule rule: more -17, lines 18
look sentence section: out 16, stem -48, answer 44, keys -28
look sentence sentence: out -32, passage 24, stem -86, more -12, answer -76, feedback 35, keys -53
look sentence short: passage -30, stem -37, more -62, answer -64, feedback -34, facts -39, keys 50
look sentence short-sentence: out -36, passage 50, stem -87, option -34, answer 35, feedback 22, keys -20
look sentence text: stem -20, more 27, option -34, answer -48, feedback -58
look sentence+: more -55, wrapped -17, answer -21, feedback -36, hint -14, facts -32, row -16, lines -16, remark 18
look sentence_ cells: out 51, passage 26, stem -45, answer -24, feedback -30, keys -53
look sentence_ cue-answer: out -70, passage -14, stem -27, more 37, option -18, answer -17, feedback -20, keys -17
look sentence_ cue-level: stem -63, answer -19, feedback 31, remark -31
look sentence_ heading: out -40, passage 45, stem -78, more -18, answer -39, feedback 28
look sentence_ let0: out 28, passage -30, stem -18, more -37, option -37, answer -41, feedback -26, keys -61
look sentence_ num0: out -29, stem -54, more 25, option 18, wrapped -13, answer -17, hint -31, facts -32, row -26, bank -25, keys 33, remark -21
look sentence_ pair: out 47, stem -30, answer -18, keys -18
look sentence_ phrase: out 41, passage -36, stem -55, keys -39
look sentence_ rom-lone: out 45, passage -39, stem -65, answer -27, feedback 45, keys -20
look sentence_ rom0: passage 16, stem -102, more -27, answer -59, feedback 27, keys -22
look sentence_ section: out 34, passage -26, stem -88, answer -30, feedback 34
look sentence_ sentence: out 19, passage -26, stem 21, answer -28, feedback -35, facts -16, row -15, keys -55
look sentence_ short: out 93, passage -63, stem -42, more -18, option -32, answer -86, feedback -87, keys -41
look sentence_ short-sentence: out 59, stem -94, more -43, option -17, answer -66, feedback -37, keys -37
look sentence_ text: out -25, stem 20, option -28, answer -53, feedback 21, keys -40
look sentence_ word0: out -33, passage 17, stem -33, more -21, option -45, answer -79, feedback 34, keys -29, remark -19
look sentence_+: stem -23, wrapped -23, answer -25, hint -49, facts -56, row -39, bank -54, lines -28, keys -24, remark -52
look short: stem -25, more 39, wrapped 45, answer -13, feedback 12, hint -59, facts -23, row -73, bank -62, lines -68, keys -25, remark -53
look short _asks: out -34, stem 40, facts -13
look short _box: stem -15, option 24
look short _box box: stem -15, option 24
look short _bullet: out 16, passage -23, stem -13, more -14, option -55
look short _bullet bullet: out 68, stem -66, option -34
look short _capitals: out 106, passage -20, option -39, answer -100, bank -13, keys -25
look short _cells: passage -40, stem 16, more -12, option -69, answer -14, row -12, keys -41
look short _cue-answer: stem -13, answer 67, keys -44
look short _cue-answer cue-difficulty: answer 15
look short _cue-answer edge: stem -12, answer 40, keys -42
look short _cue-level: out -25, answer -18, facts 47
look short _cue-sample: out -25, passage -14, stem -14, more -25, answer 29, keys -28
look short _field: out 16, answer -35, facts -52, row -13
look short _field field: out -58, passage 61
look short _field text: passage 65, stem -35
look short _gap: out 26, passage 54, stem -26, more -13
look short _heading: out 77, answer -17, facts -42, keys -28
look short _heading edge: out 20, answer -13
look short _key-title: out 16, passage -18, stem -16, option -14, answer -14, feedback -12, facts -16
look short _let-lone: out -19, passage 34, stem -77, option -32, answer -79, keys -29
look short _let-lone_ num0: out -23, passage 24, answer -13
look short _let0: out 14
look short _let0 let0: stem -35, option 19
look short _let1-first: out -19, option 28
look short _let1-first let1: out -19, option 28
look short _num-lone: out -34, passage -14, stem 41, option 15, answer -29, keys -33
look short _num0: stem 21, option -36, answer -32, facts -15, row -15, keys -28
look short _num0 let1-first: out -29, stem 29
look short _num0 num0: out 61, stem -59, row -15, keys -21
look short _num0 num1-first: out -18, stem 17
look short _num0 short: out -25, stem 26
look short _num0_ num0: out -30, stem 33
look short _num0_ short: out -26, stem 26
look short _pair: out -33, passage 53, stem -56, answer -13, feedback -27, keys -27
look short _phrase: out -82, more -44, option -25, answer 56, feedback 33, facts -27, keys -23
look short _phrase phrase: out -14, stem -12
look short _phrase_ phrase: out -22, passage 24, stem -30, answer -22
look short _rom0: out 53, passage -22, stem -36, option -35, facts -33, row -13
look short _rom0 short: out 30, stem -30, option -20
look short _section: out 99, stem -57
look short _section num0: out 40, stem -31
look short _section_ num0: out 25, stem -14
look short _sentence: out -57, passage 73, stem -20, answer -32, feedback -86, keys -23
look short _sentence_ sentence: out -73, passage 73
look short _short: out -46, passage 43, stem -86, option -22, answer 37, feedback -24, facts -61, keys -14
look short _short-sentence: passage -88, stem -108, more -26, option -13, answer 33, feedback -63, hint -20, keys -52
look short _text: passage 88, option -17, answer -64, feedback -16, keys -26
look short _text box: out -15, stem 17
look short _text short: out -59, passage 79, stem 17
look short _text text: out -81, passage 70, stem -43
look short _truth: out -31, answer 30
look short _word-lone: out 36, stem -64, facts 41
look short _word0: out -73, stem 41, answer -22, facts 81
look short _word0 asks: stem -21, facts 42
look short _word0 box: out -12, stem 12
look short _word0 let1-first: out -35, stem -25, answer -17, facts 47
look short _word0 short: stem -14, facts 21
look short _word0_ word0: out -37, stem 38
look short arrow: out 19, passage -25, stem -36, more 75, option -18, feedback -43, facts -12
look short arrow_ num0: answer 18
look short box: out 21, passage -26, stem -54, more -36, option 13, wrapped 29, answer -81, feedback -33, facts -33, keys -45
look short box box: out 36, option -34
look short bracketed: out 15, passage -15, stem -45, more 20, feedback -19, facts -14, keys -54
look short bullet: out -32, more 70, feedback 16, facts -85, row -36, keys -24, remark -17
look short bullet bullet: out -53, stem 38, more -16, option -29
look short bullet short: stem 39, more -15, option -17
look short capitals: out 28, passage -47, stem -23, more -13, option 33, answer -86, feedback -16, facts -50, keys -24
look short cells: out 67, passage -21, stem -77, more 50, option -21, answer -57, row 40
look short chatter: out -13, passage -29, stem -58, option -13, answer -104, feedback 40, facts -26, keys 33
look short cue-answer: out -24, stem 45, more 75, option -13, wrapped -22, feedback -25, bank -17, keys -56
look short cue-answer edge: option -17, answer 45, keys -41
look short cue-answer num0: option -58, answer 67
look short cue-answer_ num0: option -14, answer 28
look short cue-answer_ section: answer 13
look short cue-answer_ word0: option -25, answer 21, bank -12, keys -14
look short cue-difficulty: out -51, passage -39, stem -70, option 34, wrapped -19, answer 47, feedback -103, keys -51
look short cue-difficulty_ cue-level: facts 21
look short cue-feedback: out -25, more -22, option -50, wrapped -27, answer 62
look short cue-points: passage -13, more 47, option -22, answer -62, feedback -28, facts 70
look short cue-points cue-difficulty: answer -13, facts 50
look short cue-sample: more 47, option -49
look short cue-sample short: answer 14
look short edge: passage -74, stem -144, more 41, option -28, wrapped -16, answer 26, feedback -24, facts -79
look short field: out 24, passage -63, option -48, wrapped -16, feedback 28, facts -16, keys -22
look short field-option: more 51, option -49
look short gap: out -18, passage -40, more 39, option -34, answer -63, facts -17
look short gap gap: stem -19, more 19
look short heading: out 84, passage -38, stem -61, option -55, answer -91, facts -56, keys -35
look short identity: out 51, answer -22, facts -27
look short let-lone: out 18, passage 32, stem -57, more -13, option -19, answer -75, feedback -23, facts 24, row -17, keys -45
look short let-lone cue-answer: stem -44, option 48
look short let0: out 21, more 13, option -102, wrapped 27, feedback -50, facts 33, row -15, keys -59
look short let0 let0: out 33, stem -35, option 77, row -14
look short let1: out -67, stem 26, option -51, wrapped 43, answer -62, feedback 25, facts 13, row -40, keys -14, remark -19
look short let1 let1: stem -38, option 52, remark -12
look short let1-first: out -40, stem -48, more 65, option -47, wrapped -24, answer 20, feedback -17, facts 25, row -27
look short let1-first let1: out -26, stem -33, option 12, answer 25, row -27
look short num-lone: out -42, stem -69, more 30, answer 47, facts -40, keys -54
look short num0: passage 22, more 16, option -25, facts -127, row -54
look short num0 asks: stem 14, row -13
look short num0 cue-answer: stem 16
look short num0 num0: out 48, stem -38, option 25, answer -44, row -45, keys -26
look short num0 phrase: stem 26
look short num0 short: out -40, stem 47
look short num0-again: stem 16, more 24, option -20, answer -37, feedback -27, row 26, keys -32
look short num0-again num0-again: out -53, stem 13, option -19, row 26, keys -26
look short num1: out 14, stem -44, more 40, option 46, wrapped -16, answer -54, feedback -37, row -37, keys -14
look short num1-first: out -38, stem -44, more 78, option 36, answer -13, row -29
look short num1-first num1: stem -27, option 34, row -29
look short number: out -18, stem -35, more -53, option 76, answer -91, feedback -12, keys -12
look short pair: out 15, passage -65, stem 13, option -46, wrapped -12, answer -51, feedback -39, facts -32, row -52, keys -69
look short phrase: stem -63, more -71, option 46, wrapped -39, answer -63, feedback -126, facts -95, row -46, keys 37
look short phrase edge: out 21, passage -15, stem -32, option -18, answer -26, feedback -13, keys -17
look short phrase phrase: out -12, stem -20, option 16, wrapped -18
look short phrase short: option 49
look short phrase_ num0: passage -18, stem -29, option 66, answer -65, feedback -42
look short rule: out 18, passage -19, stem -15, more 17, option -36, answer -14, facts -34, lines 47, keys -18
look short rule rule: more -15, lines 20
look short section: out 51, stem -46, more 36, option -38, answer -34, feedback -43, facts -40, keys -15
look short sentence: out -27, passage 52, stem -150, more -20, option -57, wrapped -17, feedback 42, facts -59, keys -58, remark -12
look short short: out 14, passage -72, stem -129, more -55, option 65, wrapped -71, answer -63, feedback -83, hint -14, facts -83, row -20
look short short arrow: out 16, passage -18, stem -16, answer -70
look short short cue-answer: out 42, stem -46, option -13, wrapped -20, answer -116
look short short edge: out 21, answer -88, feedback -34
look short short num0: out 22, stem -26, option -22, wrapped -33, feedback -55, facts -30, keys -15
look short short phrase: option 25
look short short short: out -31, option 35, answer -31
look short short-sentence: out -13, passage -88, stem -86, more -48, option 47, wrapped 26, answer -34, hint -38, facts -19, keys -50, remark -35
look short short_ asks: out -12, feedback -23
look short short_ capitals: out -13, option 69, answer -64
look short short_ cue-answer: option 76, answer -60
look short short_ num0: out 37, passage -15, option 110, wrapped -19, answer -124, feedback -48
look short short_ section: out -22, option 42, wrapped -13, answer -44, feedback -25
look short short_ word0: out -37
look short text: out 29, passage -56, stem 17, more -43, wrapped -32, answer -119, feedback -71, facts -88, row -20, keys -48
look short text short: out -58, passage 27, stem 38, option -22
look short text text: out 17, stem -34
look short truth: out 28, more -57, option -48, feedback -30, facts -18, keys -16
look short word0: out 14, passage 25, stem -25, more 23, option -20, wrapped -28, feedback -54, facts -23, row -15, keys -16
look short+: passage -17, stem 14, option 13, wrapped 36, answer -41, hint -22, row -19, bank -22, lines -28, remark -25
look short-sentence: out -34, option -19, answer -34, facts -102, row -63, bank -74, lines -53, keys -42, remark 13
look short-sentence _bullet: out -15
look short-sentence _cells: passage 31, stem -49, answer -14, facts -15, row -30, keys -21
look short-sentence _cue-answer: answer 52, bank -17, keys -28
look short-sentence _field: out -32, passage 31, stem -36, facts -13, row -24
look short-sentence _field field: out -21, passage 23, stem -22, row -24
look short-sentence _field_ field: out -47, passage 45
look short-sentence _heading: out 77, answer -12, facts -44, keys -15
look short-sentence _heading_ num0: out 24
look short-sentence _let-lone: out 48, passage -33, stem -31, more -31, option -37, answer -14, facts -13, row -58, keys -32
look short-sentence _let0: out 24, stem -23
look short-sentence _num0: out -37, facts -15, row 16, keys -12
look short-sentence _num0 let1-first: out -24, stem 24
look short-sentence _num0_ num0: out -39, stem 45
look short-sentence _phrase: out -61, passage 15, more -14, answer -23, keys 48
look short-sentence _phrase short-sentence: passage 13, stem -18
look short-sentence _rom0: out 36, option -14
look short-sentence _section: out 75, stem -23, facts -58
look short-sentence _sentence: out -16, stem -74, answer -16, feedback 29, keys -13
look short-sentence _sentence_ num0: passage -35, stem -46, answer -13, feedback 42
look short-sentence _short: out 15, passage 35, stem 13, more -25, option -19, answer -49, facts -26, keys -50
look short-sentence _short-sentence: out -16, passage -39, stem 51, more -31, option -25, answer -45, feedback -47, facts -18, keys -46
look short-sentence _text: out -66, passage 66, stem -23
look short-sentence _text text: out -51, passage 52, stem -22
look short-sentence _word0: out -37, facts 51
look short-sentence bullet: out -45, stem -45, more 30, option -27, wrapped 22, answer 48, feedback -30, remark -40
look short-sentence cells: out 61, passage -23, stem -52, more -29, row 36, keys -34
look short-sentence cells cells: stem -42, row 43
look short-sentence chatter: out 33, passage -14, stem -15, option -16, feedback -47, keys -19, remark -25
look short-sentence cue-answer: out -44, stem 44, more 26, option -12, bank -17, keys -48
look short-sentence cue-answer_ asks: answer 20
look short-sentence cue-answer_ word0: answer 17
look short-sentence cue-difficulty: out -49, passage -38, stem 34, more -47, option -28, wrapped -15, answer 13, feedback -33, hint -29, keys -45, remark -48
look short-sentence cue-sample: stem -21, more 36, option -47, keys -18
look short-sentence edge: out 39, passage -92, stem -109, more -65, hint -12, keys -40, remark -42
look short-sentence field: out 43, passage 13, stem -56, answer -33, feedback -30, facts -17
look short-sentence heading: out 19, passage -61, stem -73, more -14, answer -51, feedback 37, facts -61, keys -29
look short-sentence identity: out 34, passage -16
look short-sentence let0: out -28, passage -41, stem -56, more -22, option -63, answer -67, feedback 48, remark -24
look short-sentence let1-first: more 33, option -12
look short-sentence let1-first let1: option 18
look short-sentence num-lone: out 32, passage -20, stem -31, more 24, option -34, answer -31, feedback -62, keys -27
look short-sentence num0: out -67, stem 19, more 25, option -41, wrapped -12, answer -32, feedback 53, hint -34, row 41, remark -42
look short-sentence num0 num0: stem -52, option -45, row 53
look short-sentence num1-first: out -24, more 58
look short-sentence num1-first num1: stem -12, option 12
look short-sentence phrase: passage 51, stem -33, more -31, option -38, answer -26, row -14, keys -28
look short-sentence phrase_ short-sentence: out -34, passage 15
look short-sentence rule: out -49, answer -28, feedback -32, lines 45, keys 51, remark -15
look short-sentence sentence: out 63, passage -82, stem -53, option 41, answer -78, feedback -37, hint -13, keys -37, remark -20
look short-sentence short: out -34, passage -52, stem 15, more -44, option 48, wrapped -27, answer 13, feedback -74, facts -41, keys -64, remark -26
look short-sentence short-sentence: out -57, passage -72, stem -22, more -25, option 67, answer -95, feedback -36, hint -36, row -26, keys -33, remark -45
look short-sentence short-sentence short-sentence: passage -18, stem -14, more -17, option 31, answer -21, feedback -22, hint -12, row -17, keys -18, remark -19
look short-sentence text: out 28, passage 15, stem -67, option -70, wrapped -40, answer -65, hint -20, keys -47, remark -24
look short-sentence text text: out -37, passage 55, stem -21
look short-sentence word0: out 46, passage -33, stem -54, more 28, option -36, wrapped -13, facts -57, keys -15, remark -20
look short-sentence+: passage -16, wrapped -41, hint -90, facts -43, row -32, bank -19, lines -22, keys -49, remark 19
look short-sentence_ bullet: passage -25, stem -18, more 58, option -52, answer -61, feedback -49
look short-sentence_ cells: out -50, passage -44, stem -43, option -35, answer -39, feedback 34, hint -39, keys 26
look short-sentence_ cue-answer: out -55, stem 54, more -17, option 22, answer -44, feedback -29, hint -15
look short-sentence_ field: out 33, passage -73, stem -72, option -19, answer -39, feedback -27, keys 18
look short-sentence_ heading: out 15, passage 28, stem -87, more -27, option -21, answer -82, feedback 37, keys -78
look short-sentence_ let-lone: passage -27, more 40, option -43, answer -56, feedback 34, hint -33, keys -40, remark -17
look short-sentence_ let0: out 30, stem -49, more -43, option 33, answer -13, feedback -52, hint -16
look short-sentence_ num0: out -49, more 39, option 14, wrapped 26, answer -22, hint 17, facts -27, row -14, bank -21, keys -62, remark -67
look short-sentence_ phrase: out 33, passage 15, stem -57, more -18, option -13, wrapped -12, answer -32, feedback 14, hint -17, keys -46
look short-sentence_ rom0: out -39, stem 41, more -18, option -18, answer -41, hint -16, keys -12
look short-sentence_ section: out 47, passage -34, stem -51, more -17, option 22, answer -58, hint -17, keys -50, remark -52
look short-sentence_ sentence: out -16, passage -85, stem -102, answer 42, feedback -26, keys -49
look short-sentence_ short: out 52, passage -37, more -19, option -14, answer -28, feedback -77, keys -98
look short-sentence_ short-sentence: out -25, stem 30, option -29, answer -34, hint -13, keys -37
look short-sentence_ text: out 63, passage -32, stem -98, more 26, option -25, answer 15, hint -15, keys -79
look short-sentence_ word0: out -31, passage 28, stem 27, more -22, option -46, facts -17, keys -40, remark -19
look short-sentence_+: more -23, answer -35, feedback -17, facts -58, row -33, bank -42, lines -21
look short_ asks: stem 14, more -49, wrapped -20, feedback -59, facts -17
look short_ box: out 56, passage -38, stem -49, more 38, option -31, answer -72, keys -23
look short_ bullet: out 41, passage 19, stem -103, more -35, option 35, answer -65, feedback -53, keys -24
look short_ capitals: out 42, passage -21, stem -58, more -48, option 27, answer -54, feedback -84, facts -20, keys -55
look short_ cells: passage -38, stem -54, more -38, option -25, answer 39, facts -31, row -24, keys -20
look short_ cue-answer: out -14, stem 31, wrapped -13, answer -75, feedback -19, facts -18, row -19, keys -13
look short_ cue-level: out -43, passage -17, stem -57, more 32, option -59, feedback 19, facts -19
look short_ cue-sample: out -23, stem 23, more 16, feedback -12
look short_ field: out 97, passage -71, stem -79, more -40, option -53, answer -28, feedback -17, facts -19
look short_ gap: out 53, passage -60, stem -55, facts -16
look short_ heading: out -38, stem -65, more 24, option 36, answer 35, feedback -66, facts -33, keys -26
look short_ identity: out 61, option -35, answer -21, facts -19
look short_ key-title: out -21, more 33, option 32, answer -20, feedback -26
look short_ let-lone: out -44, passage 47, stem -43, option -23, wrapped -41, answer 21, feedback -24, facts -48, keys -64
look short_ let0: out 53, passage -73, stem -76, more 29, option 31, wrapped -29, answer -67, feedback 16, facts -58, keys -36
look short_ let1-first: out 15, option -13, wrapped -22, answer -46, facts -22
look short_ num-lone: out 38, stem -43, more -28, option -28, answer -32, keys -46
look short_ num0: stem -131, more -28, option -22, answer 20, hint -13, facts -48, row -17, keys -40
look short_ pair: out -40, passage -28, stem -50, more -37, option -26, answer 51
look short_ phrase: passage 39, stem -103, more 30, option -40, wrapped 32, answer -45, feedback 19, facts -28, bank -14, keys -19
look short_ rom0: out -20, passage -23, stem -80, more 27, answer -42, feedback 51, facts -36, keys -28
look short_ section: out -35, passage -26, stem -64, more 58, option 34, wrapped -14, answer -14, facts -30, keys -46
look short_ sentence: passage -62, stem -96, more 28, option -14, answer 17, feedback -36, facts -34, keys -27
look short_ short: out 39, passage -28, stem -70, more -46, option -13, answer -18, feedback 43, facts -16
look short_ short-sentence: out 51, passage -29, stem -30, more 39, option -30, answer -17, feedback -36, facts -27, keys -12
look short_ text: passage -47, stem -109, more 28, answer 16, feedback 47, facts -42, keys -54
look short_ truth: out 19, stem -36, more 14, answer -18
look short_ word-lone: out 47, stem -38, option -13, answer -42
look short_ word0: out -15, passage -70, stem -101, more -25, option 26, wrapped -14, feedback -32, facts -45, row -28, keys -29
look short_+: more 17, option -26, hint -23, facts -136, row -54, bank -34, lines -25, keys -40
look table-down: out -106, stem -24, answer -41, feedback -31, facts -35, keys 110
look table-down table-down: out -94, answer -16, keys 95
look table-down table-down table-down: out -53, keys 54
look table-down+: out -70, stem -21, answer -33, feedback -31, facts -31, keys 76
look table-pairs: passage -55, stem -117, more -69, option -56, answer -63, feedback 20, hint -24, facts -62, row 29, bank -54, lines -38
look table-pairs _cue-answer: answer 20, keys -20
look table-pairs _section: out 42, stem -34
look table-pairs _word0: stem -17, facts 28
look table-pairs cue-answer: out -18, answer 36, row 17, keys -52
look table-pairs edge: out -97, answer -25, feedback -12, row 20
look table-pairs num-lone: out -18, stem -17, more -17, answer 39, facts -32, keys -45
look table-pairs table-pairs: passage -27, stem -82, more -37, option -42, answer -80, feedback -97, hint -18, facts -53, row 21, bank -29, lines -15
look table-pairs table-pairs cue-answer: out -15, row 25
look table-pairs table-pairs edge: out -82, answer -23, row 31, keys -23
look table-pairs table-pairs num-lone: row 22, keys -22
look table-pairs table-pairs table-pairs: out -25, stem -12, feedback -13, keys 16
look table-pairs table-pairs_ cue-answer: out -15, feedback -17, row 36, keys -39
look table-pairs table-pairs_ num0: row 34
look table-pairs table-pairs_ section: out -42, answer -12, feedback -29, row 15, keys 37
look table-pairs table-pairs_ word0: out -28, row 28
look table-pairs+: out 19, passage -26, stem -84, more -46, option -37, answer -78, feedback -71, facts -63, row 13, bank -37, lines -31
look table-pairs_ cue-answer: out -15, feedback -17, row 36, keys -39
look table-pairs_ num0: out -50, answer -25, feedback 40, facts -22, row 16
look table-pairs_ section: out -42, answer -12, feedback -29, row 15, keys 37
look table-pairs_ word0: out -28, row 28
look table-pairs_+: out -83, passage -21, stem -16, answer -36, feedback 34, facts -25, keys 27
look table-ticks: out 13, passage -34, stem -83, more -45, option -65, answer -59, feedback -30, facts -59, row 13, bank -26, lines -22, keys -56
look table-ticks _num0: out -13, stem 15
look table-ticks _word0: out -37, answer -17, facts 42
look table-ticks edge: out -41, row 49, keys -13
look table-ticks rule: out -47, passage -15, stem -44, more -38, option -31, answer -25, feedback -14, row 56, lines -22, keys -24
look table-ticks rule table-ticks: more -38, lines -13
look table-ticks table-ticks: out 43, stem -52, more -33, option -29, answer -32, feedback -14, facts -44, row -30, keys -41
look table-ticks table-ticks edge: out -41, row 49, keys -13
look table-ticks table-ticks table-ticks: out 42, stem -13, row -39
look table-ticks table-ticks_ num0: out -14, row 14
look table-ticks table-ticks_ word0: out -15, row 23
look table-ticks+: passage -19, stem -69, more -31, option -42, answer -38, feedback -21, facts -35, row 20, bank -15, lines -13, keys -33
look table-ticks_ num0: out -14, row 14
look table-ticks_ word0: out -15, row 23
look table-ticks_+: out -45, answer -13, row 44, keys -17
look table-wide: passage -34, stem -90, more -54, option -64, answer -95, feedback -54, facts 22, row -59, bank -31, lines -17, keys 15, remark -48
look table-wide _num0: out -33, stem 33
look table-wide _num0 let1-first: out -33, stem 33
look table-wide+: stem -52, more -33, option -23, answer -56, feedback -31, row -24, remark -30
look table-wide_ num0: out 44, facts -34, keys -23
look table-wide_+: stem -49, option -15, answer -33, feedback -16
look text: stem -12, wrapped 20, answer -12, hint -67, facts -91, row -60, bank -68, lines -66, remark -34
look text _bullet: out -56, stem 28, more -32, answer -21, row -15, remark -19
look text _bullet bullet: out -17, stem -41, option 39
look text _cells: out 56, stem -26, keys -14
look text _chatter: out 19
look text _cue-level: out -29, facts 37
look text _field: out -31, passage -16, stem 33, more -40
look text _heading: out 69, answer -45, facts -27
look text _let-lone: out 22, passage -24, stem -17, option 15, answer -13, keys -25
look text _let0: out 18, stem -21, option 23, keys -28
look text _let0 let0: out -36, stem -21, option 55
look text _num0: out -64, stem 76, keys -22
look text _phrase: passage -14, stem 50, more -39, option -13, answer -65, feedback -16
look text _rom-lone: out 14
look text _section: out 54, stem -31, facts -12
look text _sentence: out 20, passage -24, more -33, answer -35, keys -42
look text _short: out 52, passage -27, stem -40, option -28, answer -40, keys -18
look text _text: out -31, passage -18, stem 45, more -65, answer -60, keys -28
look text _word0: out -78, stem 40, answer -27, facts 86
look text asks: out -78, passage 27, stem -15, more 14, option -116, wrapped -29, answer -37, feedback -38, facts -34, lines -12, keys -15
look text asks cue-answer: stem -15, more 42, option -21
look text asks let0: stem -21, more 26, option -24
look text asks let1-first: more 15, option -57
look text asks short: passage 19, stem -14, more -19
look text asks_ cue-answer: stem -18, more 20
look text box: out -46, stem -16, option 34, wrapped -15, answer -20, feedback -25
look text bullet: out -75, more -37, option 60, wrapped -32, answer -54, feedback -32
look text bullet bullet: stem -18, more -33, option 50
look text cells: passage -62, stem -16, more 59, option -41, answer -70, feedback -46, facts -12, row -34, keys -70
look text cells cue-answer: more 28
look text cells_ cells: stem -44, more 46
look text chatter: out 56, passage -22, stem -18, answer -32, feedback -23, keys -21
look text cue-answer: out -55, stem 44, more 70, option -25, answer 18, keys -45
look text edge: out 36, passage -43, more 18, option -59, answer -82, feedback -77, facts -13
look text field: out -13, passage 55, stem -38, more 27, option -19, answer -21
look text gap: out -20, passage 33, stem -38, more 12, answer -46
look text gap cue-answer: more 32, answer -18
look text gap gap: passage -18, stem -21, more 33
look text gap short-sentence: more 13
look text heading: out -18, passage -14, stem 26, answer -38, facts -23, keys -36
look text identity: out 38, passage -14, stem -35, answer -15, keys -17
look text let-lone: passage 42, stem -13, option 20, answer -42, row -22, keys -44
look text let0: out 21, more -35, answer -24, feedback -41, keys -52
look text let0 let0: out -13, option 36, keys -17
look text let1-first: out -66, stem 67, more -50, option 49, answer -48, feedback -44, row -48, keys -49
look text let1-first let1: stem -24, option 45
look text num0: out 12, passage -50, option 17, answer -19, feedback -40, facts -14, row -40, keys -20
look text num0 num0: out -48, stem -25, option 17, answer -19, row -25, keys -12
look text num0-again: option 13
look text num0-again num0-again: option 13
look text pair: out -51, passage -42, stem -44, more 58, option -30, answer -14, feedback -13, row -30
look text phrase: passage -93, stem -21, more -25, option 29, answer -44, feedback -19, hint -15, facts -23, row -45
look text phrase bullet: stem -49, more 74, option -48
look text phrase let0: out -48, stem -71, more 15, option -18, feedback -27, keys 27
look text phrase let1-first: more 44, option -39
look text phrase_ num0: stem -43, more -16, option -41, answer 27, feedback -66, keys -13
look text rule: out 16, stem -51, more 31
look text sentence: passage -17, stem -55, more -13, option -62, answer 50, feedback -88, keys 21
look text sentence num0: out -70, passage 22, stem -25, more -12, answer -37, feedback -28, keys 26
look text sentence text: passage 13, more 19
look text sentence_ num0: out -22, passage -66, stem -23, more -48, option -26, answer 42, feedback -57, keys -56
look text sentence_ text: out -29, passage 52, stem -24
look text sentence_ word0: out -33, passage 31, stem -14, more -14
look text short: out -46, passage 20, stem -29, more -15, wrapped -40, answer 26, feedback 66, facts -77, row -25, keys -61
look text short box: more 45, option -61, wrapped 35
look text short cue-answer: out -23, stem -16, more 70, option -61, answer -40
look text short let0: out -42, stem -19, more 77, option -41, wrapped -15, feedback -15
look text short num0: out -28, passage 35, stem -45, more 15, option -45, wrapped -18, answer -66, feedback 17, facts -13, keys -23
look text short short: out -35, more 28, option 20, answer -43
look text short word0: out -23, passage 29, stem -34, more 18, option -13, wrapped -16, feedback -48, facts -31, keys -15
look text short-sentence: passage -25, stem -87, more 24, option -58, wrapped -17, answer 27, feedback -25, hint -38, facts -13, row -15, lines -13, keys 24, remark -26
look text short-sentence text: out 22, passage -22, stem -20, more 24, option -20, answer -37, feedback -32, keys -36
look text short-sentence_ num0: out -28, passage 48, stem -62, more 25, option -40, answer 28, feedback -52, hint -23, keys -23
look text short-sentence_ text: out -57, passage 50, answer 35, feedback -16, keys -16
look text short_ num0: out 32, passage -33, stem -16, more -17, option -76, wrapped -15, answer -92, feedback 41
look text short_ word0: out -77, passage 17, more 39, option -38, answer 40, feedback -65
look text table-pairs: out -63, stem -18, more 20, row 34
look text table-pairs table-pairs: out -50, row 34
look text text: out -18, passage 19, stem -12, more 23, wrapped -19, answer -108, feedback -107, facts -26, row -17, bank -12, lines -13, keys -58
look text text asks: out -19, passage 18, stem -14, option -38, answer -19
look text text edge: out 13, passage -14, stem -55, more 31, option -47, answer -43, feedback -27
look text text gap: passage 22, more -40
look text text sentence: stem -28, keys -24
look text text short: out 34, passage -67, stem 37, option -53, answer -30, feedback -35, keys -12
look text text short-sentence: out -55, passage 60, stem -26, more 19
look text text text: out -47, passage 22, stem -20, more -58, option 48, answer -25, feedback -12, keys -31
look text word0: out 46, passage -48, stem -20, more -40, option -54, answer -46, feedback -55, keys -28
look text+: more -15, option -20, wrapped 15, answer -21, feedback 28, hint -32, facts -60, row -36, bank -40, lines -36, remark -14
look text_ bullet: out 31, passage -17, stem -19, answer -29, bank -15
look text_ cells: out 41, passage -29, stem -36, more -29, option -21, answer -30, bank -15, keys -24
look text_ chatter: stem 30, answer -38, feedback -13, keys -73
look text_ cue-level: out 36, passage -13, stem -30, answer -45, keys -16
look text_ field: out 28, answer -15, feedback -32
look text_ heading: out 26, passage -39, stem -34, more 19, answer 13, feedback -50, keys -27
look text_ identity: out 34, stem -34, answer -16
look text_ let-lone: out 38, passage -13, stem -33, answer -44, keys -33
look text_ let0: out -41, passage -17, stem -51, option -14, answer 41, feedback -28
look text_ num0: out -24, stem -56, option -45, answer 32, keys -15
look text_ phrase: stem 27
look text_ rom-lone: out 62, stem -53, answer -55, keys -34
look text_ section: out 17, passage -17, stem -15, keys -15
look text_ sentence: out 19, stem -29, more -34, answer -59, feedback -54, keys 30
look text_ short: out 51, passage -16, stem -50, more 38, answer -42, keys -22
look text_ text: out -58, passage -21, stem 57, more 50, option -26, answer -89, feedback -22, facts -18, keys -41
look text_ word0: out -43, passage -27, stem 24, more 32, option 44, answer -45, feedback -57
look text_+: out 20, passage -113, option 21, wrapped -17, feedback -69, facts -41, row -56, bank -34, lines -18, keys -69
look ticked: out -12, passage -50, stem -59, more -58, option 32, wrapped -16, answer 26, feedback -64, facts -75, row -43, keys -63
look ticked _word0: out -63, facts 68
look ticked box: stem -27, more -36, wrapped -12, facts -28, row -33, keys -22
look ticked box box: out 38, option -29
look ticked box cue-feedback: out -13, option 25
look ticked box ticked: out -41, option 47
look ticked box_ num0: out -14, option 24
look ticked box_ word0: out -19, option 21, answer -17
look ticked ticked: option 67, answer -62
look ticked+: stem -28, more -36, option 15, answer 35, facts -15, row -18, keys -47
look ticked_ word0: passage -32, option -35, answer 44, feedback -15, facts -24, keys -17
look ticked_+: out -59, passage -45, stem -32, option 19, feedback -34, facts -37, row -12, keys -27
look truth: stem -63, option -42, feedback -50, facts -61, row -44, bank -24, lines -19, keys -56
look truth _num0: stem 42, facts -30
look truth _text: out 31, stem -25
look truth _word0: stem -26, facts 33
look truth cue-feedback: out -43, more 27, answer -24, feedback 31, facts -15
look truth edge: more -50, keys 12
look truth num0: out -81, more -67, answer 96
look truth short-sentence: stem -50, more -22, answer 35, hint -16
look truth+: stem -29, more 16, option -13, answer -13, facts -42, row -21, keys -27
look truth_ num0: out 13, more -67, option -13, keys -15
look truth_ text: out -21, more -22, answer 23, keys -14
look truth_ word0: out -67, more -19, answer 69
look truth_+: out -13, more -116, option -19, answer 28, feedback -31, facts -22, bank -14, keys -46
look word-lone: out -42, passage -53, more -62, option 27, wrapped -12, answer -96, feedback -68, hint -16, facts 20, row -46, bank -41, remark -36
look word-lone _short: out -41, passage -34, stem -86, more -31, option -39, answer 53, facts -28, keys -18
look word-lone asks: out -32, stem 37, more 32, facts -35
look word-lone asks cue-answer: stem -23, more 29
look word-lone bullet: out 44, stem -43, more -41, option 41, answer -20, row -12, remark -38
look word-lone bullet bullet: out 41, stem -38, more -12, answer -15, remark -16
look word-lone cells: out -62, stem 47, more -31, option -21, facts 35, row 20, keys -35
look word-lone cue-answer: out -31, stem 39, option -19, answer 53, bank -13, keys -45
look word-lone cue-answer cue-difficulty: answer 16
look word-lone cue-answer cue-points: answer 26, keys -23
look word-lone cue-points: out -55, stem 52, option -18, answer -59, facts -23, keys -14
look word-lone edge: out -41, stem 29, option -40, answer -18, facts -36
look word-lone field: facts 40
look word-lone field-option: out -22, stem 68, more -20, option -73, facts -58
look word-lone field-option field-option: more -20, option 21
look word-lone let-lone: out -42, answer -20, facts 65, row -15
look word-lone let0: out -52, stem 21, facts 49, row -25, keys -22
look word-lone let0 cue-answer: stem 16, option -12
look word-lone let1-first: out -16, stem -28, option 19, answer -12, facts 18
look word-lone let1-first let1: option 20
look word-lone num-lone: stem -23, more 52, option -42, answer -36, facts -13, keys -16
look word-lone phrase: out 54, passage -23, stem -62, more 23, option -16, answer -22, facts -33, keys -12
look word-lone sentence: out -26, passage -49, stem 25, more -38, option -49, answer -55, feedback -51, facts 32, keys -37
look word-lone short: out 73, stem -24, more 63, option -48, answer -80, keys -14
look word-lone+: out -20, passage -23, more -27, option 17, answer -60, feedback -21, facts 13, row -15, bank -19, remark -19
look word-lone_ short: out -17, stem 23, facts -19
look word-lone_+: passage -32, stem 22, more -35, option -49, answer -37, feedback -33, row -19, bank -15, keys -39
look word0: out -12, passage -26, stem 24, more -79, option 14, wrapped -37, answer -44, feedback -47, hint -27, facts 17, row -54, bank -33, lines -14, keys -71, remark -27
look word0 _cells: out -29, stem -33, more -32, option -20, answer -15, facts -13, bank 34, keys 16
look word0 _cue-answer: answer -43, bank -32, keys 56
look word0 _cue-answer_ word0: answer -39, bank -28, keys 46
look word0 _cue-level: out -48, facts 54
look word0 _let-lone: out 33, stem -35, option 18, answer -28, keys -19
look word0 _let1-first: out -29, stem -23, option 47, row -25
look word0 _let1-first let1: out -29, stem -23, option 47, row -25
look word0 _num-lone: out 16, stem -13, more -28, option 32, answer -21, facts -21, row -13
look word0 _num1-first: out -45, stem 24, row -28, keys 19
look word0 _num1-first num1: out -31, row -28, keys 19
look word0 _pair: passage -21, answer -15, feedback -12, facts -12, keys -46
look word0 _phrase: out 62, passage -36, stem -62, more -34, option 19, answer -60, row -18, keys -23
look word0 _section: out 32, facts -19
look word0 _sentence: out -19, passage -14, stem 45, more -28, answer -56, feedback -34, facts -13, keys -31
look word0 _short: stem -36, more -29, option -53, answer 32
look word0 _text: stem -46, more 39, option -13, answer -41, bank -15, keys 32
look word0 _word0: out -122, stem 70, more -15, facts -21
look word0 _word0 num1-first: out -31, stem 32
look word0 _word0_ word0: out -72, stem 41, facts -14
look word0 arrow: out -41, stem 35, option -40, answer 45
look word0 arrow word0: option -21, answer 32
look word0 asks: out -114, passage -27, stem -25, more -67, option -45, answer 21, facts 37, keys -17
look word0 asks bullet: stem -17, more 25, option -15
look word0 asks cue-answer: stem 15, option -14
look word0 asks let-lone: stem 21, more -18
look word0 asks let1-first: stem 27, more -19
look word0 asks word0: stem 30
look word0 asks_ let1-first: stem 13
look word0 asks_ word0: out -45, passage -20, stem 59, more -25
look word0 box: out -80, stem 82, option 32
look word0 box box: out -20, option 43
look word0 bracketed: out 14, stem 19, more 17, option -22, answer -17, feedback -74, facts -14, keys -29
look word0 bracketed_ word0: out 19, more 29, option -22, answer -49, feedback -38, keys -14
look word0 bullet: out -85, more -80, answer 48, facts -12, row -45, remark -45
look word0 bullet bullet: out -68, stem -69, more -63, answer 48, row -34, remark -45
look word0 cells: passage -14, stem 38, more -20, option -70, answer -52, facts 47, row -22, bank -26, keys -49
look word0 cells cells: stem -70, more -21, row 82
look word0 cells cue-answer: stem 15, more 18, row -13
look word0 cells_ word0: out -99, stem 99, row -19
look word0 cue-answer: out -39, stem 34, more -41, option 49, answer -46, facts -47, bank -61, keys 14
look word0 cue-answer cue-difficulty: more -16, option -17, answer 49, keys -44
look word0 cue-answer cue-feedback: answer 16
look word0 cue-answer edge: option -78, answer -25, keys 28
look word0 cue-answer word0: option -57, answer 61, keys -30
look word0 cue-answer_ word0: option -88, answer 144, bank -56, keys -90
look word0 cue-sample: out -23, stem 21, more -14, facts -13, keys -16
look word0 field: out -105, passage -26, stem 23, more -17, option -18, answer -63, feedback -37, facts 25
look word0 field cue-answer: out -15, stem 16
look word0 field_ word0: out -44, passage -20, stem 35, answer -17, feedback -23
look word0 gap: out -66, passage -18, stem 22, more -28, option -15, answer -28, facts 36
look word0 gap cue-answer: stem 26, more -20
look word0 gap_ word0: out -39, stem 19, more 12, answer -15
look word0 let-lone: out -19, stem 27, more -58, option -37, row -24, bank -12, keys -58
look word0 let-lone cue-answer: option 40
look word0 let-lone let1-first: stem -15, more 26
look word0 let-lone_ word0: out -23, more 30, option 45, answer -35
look word0 let0: out -32, option 53, facts -27, keys -29
look word0 let1-first: stem 17, more -21, answer -92, row -74, remark -16
look word0 let1-first let1: out -47, stem 19, more -17, option 20, answer -71, row -72
look word0 let1-first short: stem 13
look word0 let1-first_ let1: stem 23, option -22
look word0 num-lone: stem -23, option 43, answer -27, facts -73, keys -72
look word0 num-lone_ word0: stem -19, option 38, answer -21, facts -32, keys -35
look word0 num0: out 80, stem -80, more 19, option -52, answer -70, facts -39, row 35, keys -43
look word0 num0 num0: out -90, stem 89, more -20, option -50, row 47
look word0 num1-first: out 13, more -19, option 14, facts -12, keys -19
look word0 num1-first num1: out -67, stem -16, more -41, option 14, keys -19
look word0 number: out -17, answer -17
look word0 pair: out -64, more -20, option -15, feedback -31, facts 30, row 20, keys -21
look word0 phrase: stem 38, more 16, option -31, answer -89, feedback -62, row -13, keys -27
look word0 phrase box: out -33, stem 38, more 29, option -41
look word0 phrase cue-answer: more 15
look word0 phrase let1-first: out -55, stem 39, option -19
look word0 phrase word0: out 19, stem -41, more -13, option 21, answer -39, facts -34
look word0 phrase_ word0: out 25, stem -46, more 18
look word0 rom1-first: out -28, more -13, option 24, row -48
look word0 rom1-first rom1: stem -23, more -13, option 24, row -48
look word0 rule: out -26, stem 28, more 16, lines -15
look word0 rule rule: more -41, lines 42
look word0 sentence: out -16, passage -57, stem 31, more 17, option -58, answer 23, feedback -89, facts -22, keys -78, remark -14
look word0 sentence cue-answer: stem 14
look word0 sentence cue-sample: stem 13
look word0 sentence rule: stem 16
look word0 sentence_ word0: out -60, passage -46, stem 72, option -21, answer -19, feedback -53
look word0 short: out -122, more 14, option -19, wrapped -18, answer -86, feedback -33, facts 60, keys -23
look word0 short box: more 20, option -19
look word0 short bullet: more 41, option -43
look word0 short cue-answer: stem 22, option -42
look word0 short let1-first: stem 20, option -13, facts -12
look word0 short short: stem -14, more -43, option 57
look word0 short word0: more 25, wrapped -16
look word0 short-sentence: out -110, more -19, wrapped -13, answer -119, feedback -91, hint -13, facts 37, keys -22, remark -30
look word0 short-sentence cue-answer: stem 26
look word0 short-sentence_ cue-answer: out -16, stem 30
look word0 short-sentence_ word0: out -48, stem 61, option -32, answer -12, feedback -55, remark -12
look word0 short_ word0: more 73, option -16, answer -54, feedback -15
look word0 table-pairs: out 38, stem 20, row -38
look word0 table-pairs table-pairs: out 38, row -38
look word0 text: passage -37, stem -12, option -51, answer -42, feedback -62, facts 36, row -13, keys -17
look word0 text asks: more 46, feedback -13
look word0 text let1-first: out -16, stem 14
look word0 text phrase: out -25, stem -18, more 19
look word0 text short: out -46, stem 41, more 15, option -21, feedback -28
look word0 word0: out -92, more -32, option 64, answer -43, facts -64
look word0 word0 word0: out -31, stem -28, option 36, answer -20, facts -18
look word0+: out -15, passage -12, more -48, wrapped -21, feedback -23, hint -16, facts 19, row -14, keys -36, remark -24
look word0-again: out -96, more -48, option -12, wrapped -44, answer -102, feedback -25, hint -17, facts 28, row -31, bank -16, lines -13, keys -40
look word0-again asks: out -40, option -31, wrapped -14, answer -49, facts 49, keys -51
look word0-again cue-answer: option 27, answer 21, keys -23
look word0-again edge: stem -36, facts -20, keys 26
look word0-again let1-first: out -31, stem 38, option 38, answer -46, row -24
look word0-again let1-first let1: out -15, option 40, answer -39, row -24
look word0-again short: out -33, stem 24, more 40, option -18, wrapped -13, answer -44, feedback -14, facts -23, keys -36
look word0-again short-sentence: out -42, stem 24, more 30, option -35, answer -30, keys -34
look word0-again word0-again: more -29, option 59, feedback -13, facts -90, keys 77
look word0-again word0-again edge: stem -36, facts -20, keys 26
look word0-again word0-again word0-again: stem -24, option 31, facts -47, keys 43
look word0-again+: out -62, more -27, wrapped -25, answer -67, feedback -13, facts 19, row -17, keys -28
look word0_ cells: out -15, stem 27, facts -15
look word0_ cue-answer: stem 22
look word0_ cue-level: out -62, stem 15, answer -39, facts 60
look word0_ let-lone: out -69, stem 73
look word0_ let1-first: out -39, stem 19
look word0_ num-lone: out 20, stem -20
look word0_ num1-first: out 60, stem -49, facts -13
look word0_ pair: out -31, answer -19, facts 13
look word0_ phrase: out -50, facts 50
look word0_ rule: out -37, stem 22, facts -14
look word0_ section: out 17, stem -16
look word0_ sentence: out -75, answer -43, facts 54
look word0_ short: out -43, stem 44
look word0_ text: out -37, stem 21, answer -24, facts 35
look word0_ word0: out -38, stem 56, option -26, answer -36, facts -46, row -17
look word0_+: passage -13, stem 36, more -20, option -42, answer -104, feedback -42, facts -27, row -34, bank -14, keys -26
look word1: stem 27, answer -51, facts 44, row -15, keys -41
look word1 asks: more 18
look word1+: stem 23, answer -25, facts 27, keys -20
look word1-first: out -43, stem 24, option -18, facts 48
look word1-first+: out -33, facts 40
main speaker: passage 62, stem 26, more -153, option -26, wrapped -50, hint -34, facts 21, row -42, bank -23, lines 31, keys 38, remark -42
num again: passage -33, more -55, wrapped -19, answer -28, feedback -36, hint -33, facts -30, bank -37, lines -33, remark -33
num again asks few: out -22, passage -33, more -43, wrapped -19, answer -27, feedback -36, hint -33, facts -28, bank -37, lines -33, remark -33
num again asks some: out 17, more -27, option -66, answer -40, facts -14, row -29, keys -93
num again fits few: out -30, stem -24, option -84, keys 93
num again fits most: out -22, passage -33, stem -16, more -39, option 17, wrapped -19, answer -21, feedback -35, hint -33, facts -27, bank -37, lines -33, keys -27, remark -33
num again fits none: stem 39, more -12, option -34, answer -64, row 29, keys -38
num again fits some: out -23, stem -66, more -25, option 62, answer -40, row -53
num asking few: out -37, stem 42, more -31, option -52, answer -68, feedback -25, row -48, lines -13, keys -57, remark -15
num asking most: out 18, passage -20, more -52, option -92, wrapped -31, answer -77, feedback -26, row -24, keys -73, remark -31
num asking none: out -44, passage -78, stem -50, more -30, option -26, wrapped -43, answer -30, feedback -17, hint -52, bank -62, lines -48, keys 22, remark -87
num asking some: out -34, passage -42, stem 21, more -49, wrapped -27, feedback -43, hint -35, facts -41, row -25, bank -39, lines -35, keys -46, remark -48
num bare: passage -36, stem 13, more -41, option -40, wrapped -15, answer 35, feedback 32, row -53, bank -25
num under 0: out -103, passage -20, stem 57, more -19, option -59, answer -93, facts -18, row -36, keys 91
num under 1: stem -27, more -50, wrapped -14, answer -54, feedback -33, row -45, keys 57
num-lone end asks: passage -16, stem -13, more -44, answer -44, feedback -19, keys -52
num-lone end bracket: out -29, stem 13, more 55, option -101, answer 14, feedback 12, facts -70, row -41, bank -12, keys -78
num-lone end gap: out 31, stem -30
num-lone end none: out -15, passage -14, stem -17, more -38, feedback -99, bank -28, keys 13
num-lone end stop: out 35, passage -62, more -54, option -14, answer -109, facts -56, bank -15, remark -12
num-lone run: out -86, stem -79, more -50, option 41, answer -130, feedback -38, facts 25, row -17, keys 17
num-lone words 1: out 18, passage -42, stem -32, more 49, option -42, answer -29, feedback -149, facts -76, row 37, lines -19
num-lone words 15: out -29, passage -32, more -46, option 61, answer -106, feedback -67, facts -105, row -23, keys 40
num-lone words 3: out 13, passage -26, stem -22, option -27, answer 31, feedback -46, facts -82, row -87, keys -25
num-lone words 7: out 22, passage -15, more -56, feedback 26, facts 15, row -64, bank -35, keys -25
num-lone words many: out -86, stem 38, more -19, option 14, answer -41, feedback -23, row -12, keys 50
num0 end asks: out 33, passage -15, stem -18, more -27, option -57, wrapped -15, answer -49, feedback -17, hint -17, facts -21, row -34, bank -18, lines -17, keys -43, remark -27
num0 end bracket: out -25, passage -16, stem 21, more 38, option -70, answer 33, feedback -16, facts -39, row -70, keys -52
num0 end colon: out -73, stem 76
num0 end comma: stem -15, row -17
num0 end gap: out -44, stem 32, more -23, option -24, wrapped -13, answer -32, row -34
num0 end none: out -41, passage -29, more -53, option -15, wrapped -24, answer -24, feedback -35, facts -13, bank -16, lines -14, remark -15
num0 end stop: passage -15, more -57, option 22, answer -130, feedback -69, hint -35, facts -68, row -78, lines -14, remark -33
num0 of 1: out -18, passage -20, stem 33, option -43, answer -31, facts -25, row -56, bank -28, lines -16, keys 17, remark -13
num0 of 2: passage -15, more 29, option 26, answer -43, feedback -43, hint -12, facts -55, row 41, bank -22, lines -13, keys -40
num0 of 4: passage -31, stem 17, more -18, answer -17, feedback -62, facts -39, bank -13, keys -50, remark -42
num0 of 8: out -51, passage -54, more -67, option -47, wrapped -42, answer -123, feedback -57, hint -52, facts -15, bank -54, lines -53, remark -58
num0 of many: out -63, more -19, option 13, wrapped -17, answer 15, feedback -27, hint -23, facts -28, row 15, keys 25, remark -19
num0 run: stem -25, option 56, answer -26, row -20, keys -36
num0 words 1: passage -16, stem -33, more 41, answer 20, feedback -17, facts -43, row -141, keys 17
num0 words 15: out -21, passage -22, stem 17, more -75, wrapped -18, answer -88, feedback -26, hint -18, facts -50, bank -20, lines -18, keys -18, remark -31
num0 words 3: out 13, more -72, option 13, feedback -33, facts 21, row -35, keys -24
num0 words 7: passage -29, more -81, wrapped -29, answer -38, feedback -43, hint -32, facts -114, row 25, bank -26, lines -23, keys -56, remark -34
num0 words many: out -31, passage -18, stem 27, more -17, option -39, answer -65, facts -40
num0-again end asks: out -47, stem 51, row -41
num0-again end bracket: stem -35, option 58, row -41
num0-again end none: out -40, passage -33, stem 18, more -40, option -19, wrapped -19, answer -22, feedback -35, hint -33, facts -38, bank -37, lines -33, remark -33
num0-again end stop: out 48, stem -16, answer -52, row -33
num0-again run: out -44, stem -34, option 50, keys 23
num0-again words 1: out -41, passage -28, stem -92, more -36, option 63, wrapped -15, answer -65, feedback -29, hint -29, facts -32, row -91, bank -33, lines -28, keys -23, remark -28
num0-again words 15: out 19, stem 21, option -29, answer -34, keys -21
num0-again words 3: stem -50, more -15, option -28, facts -15
num0-again words 7: stem 19, more -26, option -20, answer -60
num0-again words many: out -44, stem 27, option -42, answer -14, row 43, keys -15
num1 end asks: out -94, stem 62, wrapped -14
num1 end bracket: out 25, stem -36, more 24, option -14, answer 28, feedback -28, facts -16, row -33
num1 end none: passage -16, stem -15, more -24, feedback 19, facts -37, row 20, bank -16, remark -33
num1 end stop: passage -16, stem 55, more -19, option -14, wrapped -13, answer -71, feedback -65, hint -17, row -75, bank -17, keys -56, remark -45
num1 of 1: passage -30, stem -30, option -12, wrapped -15, feedback -18, hint -18, facts 15, row 19, bank -28, lines -13, keys -66
num1 of 2: out -14, option -36, feedback -46, hint -17
num1 of 4: passage -36, more -54, option 66, wrapped -15, answer -171, feedback 12, hint -18, facts -40, bank -34, lines -17, keys -109, remark -48
num1 of 8: out -32, stem 14, answer 40, feedback -48, facts 16, row -35, lines -16, keys -30, remark -42
num1 run: out 16, stem 18, more -23, option 23, answer -127, feedback -14, row -52, bank -16, keys -27
num1 words 1: out -31, stem -115, more 24, answer -26, feedback -68, facts -34, row -114, keys 30, remark -33
num1 words 15: out -14, stem 12, more -32, wrapped -18, answer -80, feedback 19, facts -14, bank -20, remark -33
num1 words 3: out 47, answer 30, feedback -75, keys -26
num1 words 7: out -34, stem 25, option -18, answer -111, feedback -78, keys -20, remark -25
num1 words many: out -51, passage -16, stem 40, more -20, option -36, feedback -15, bank -14
num1-first end asks: out -41, stem 45
num1-first end bracket: out -47, stem 19, more 41, option 31, answer -13, feedback -12, row -29, keys -16
num1-first end none: out -16, passage -19, stem -12, more -44, option -14, feedback -21, facts -37, row 18, bank -17, remark -20
num1-first end stop: stem 31, more -36, answer -59, feedback -25, facts -28, row -64, keys -14, remark -23
num1-first run: out -14, option 21, answer -15, feedback -15, row -34, bank -12, keys 21
num1-first words 1: stem -63, more 24, option 48, answer -23, feedback -18, row -106, remark -20
num1-first words 15: more -18, option -37, answer -39, facts -19, row 31
num1-first words 3: out -64, stem 27, more -18, answer 15, facts -25, row -33, keys -29
num1-first words 7: out -69, passage -17, stem 14, more -37, option -22, answer -47, feedback -15, hint -13, facts -40, keys -21, remark -16
num1-first words many: out -37, answer -16, feedback -13, keys 27
num2 end none: out -34, stem -29, answer -42, facts -18, keys -27
num2 of 1: stem -41, more 18, option -17, answer 33, feedback -57, facts -14, keys -44
num2 of 4: out -46, stem -33, more -16, answer -55, feedback -13, facts -32, row 12, keys -26
num2 words 3: option 39, answer -27, row -36
num2 words 7: out -28, stem -22, option -38, answer -18, row 43, keys -18
num2-first end none: out -23, stem -26, more -15, answer -20, facts -14, row 18
num2-first words 15: stem -26
num2-first words 3: option 45, answer -25, row -41
num2-first words 7: out -15, option -30, row 38
number end none: out -28, passage -34, stem -42, more 18, feedback -52, facts -71, row -27, bank -39, lines -18
number words 1: out -20, passage -32, stem -37, more 24, option -40, answer 16, feedback -43, facts -55, row -19, bank -39, lines -18, keys -18
number words 3: out -37, more -87, option 38, answer -45, feedback -18, facts -27, row -15, keys 25
other dress: out -14, passage -24, stem -94, more 23, answer 94, feedback -27, hint -20, facts 24, row -16, bank -29, lines -14
other speaker: out 176, stem -112, more -61, option -121, wrapped -18, answer -132, feedback -116, hint -23, facts -65, row -52, bank -26, keys 15, remark -36
pair end bracket: passage -44, more 21, option -41, answer -43, feedback -52, facts -40, row -57, bank -13, keys -85
pair end comma: out 46, passage -12, stem -40, more -28, option -30, feedback -61, row -12, keys -39
pair end none: out -17, passage 35, stem 14, option -57, answer -91, feedback -69, facts -44, bank -18
pair end stop: out 18, passage -37, stem -86, more -36, option 33, answer -35, feedback 18, keys -80, remark -22
pair words 15: passage -48, stem 45, more -82, option 32, answer -54, feedback 14, facts -21, row -53, bank -24, remark -19
pair words 3: out -65, passage -79, stem -46, more 40, option -61, answer -57, feedback -78, facts -34, row 24
pair words 7: passage 40, stem -140, option -47, answer -66, feedback -40, facts -38, row 18, bank -16, keys -32
pair words many: out 45, passage -24, more -23, option -13, answer -30, feedback -55, row -19, keys -18
phrase end bracket: passage -63, stem 21, more 46, option -162, wrapped -71, answer -39, hint -17, facts -45, row -42, bank -24, lines -19, keys -80
phrase end comma: out -36, passage 30, stem -27, more 41, option -36, answer -16, feedback -16, lines -12
phrase end gap: more 65, option -58
phrase end none: passage -13, stem -15, more -42, wrapped 20, feedback -40, hint -34, facts -56, row -25, bank -45, lines -21, remark -20
phrase words 15: out -95, passage -18, stem 19, more 22, answer 34, feedback -81, facts -40, row -29, keys 34
phrase words 7: wrapped 14, answer -17, hint -48, facts -62, row -28, bank -63, lines -38, keys -28, remark -24
quote begins: out -73, more -81, option -73, wrapped -43, answer -111, feedback 80, hint -77, row -20, bank -13, remark 54
quote ends: out 30, passage -55, stem -134, more -58, option 57, answer -13, facts 15, row -45, bank -36, lines -22, keys -94, remark -34
quoted: out -102, passage -78, stem 54, more 14, wrapped -44, feedback 42, hint -100, facts 16, lines -17, keys 14, remark 40
rom-lone end asks: out -52, stem 53
rom-lone end bracket: out 39, more -23, answer -24, feedback -14, facts -30, keys -38
rom-lone end none: passage -14, option -14, answer -44, facts -17, row -32, keys 35
rom-lone end stop: passage -28, stem 18, option -35, answer -39, feedback -16, facts -25, keys -32
rom-lone run: out -25, stem -26, answer -13, keys 25
rom-lone words 1: out 30, passage -35, stem -32, option -30, answer -29, facts -15, keys 26
rom-lone words 15: answer -26, feedback -21, facts -13, keys -25
rom-lone words 3: out 61, stem -39, option -13, answer -41, facts -39, keys -30
rom-lone words 7: stem 14, more -18, answer -12, facts -20, row -30
rom-lone words many: out -73, stem 38, keys 46
rom0 end asks: out -70, stem 53, more -12, remark -17
rom0 end bracket: out 32, passage -13, stem -26, option -40, answer -24, feedback -21, facts -19, row -17
rom0 end none: out -20, passage -25, stem 90, more -24, option -33, answer -38, facts -54, row -30, keys 16
rom0 end stop: out -25, passage -12, more -13, option 27, answer -27, feedback -13, facts -25, row -13, keys -38
rom0 words 1: out 68, passage -12, stem -16, option -30, answer -16, facts -17, keys -15
rom0 words 15: out 16, passage -24, stem -12, more -23, option -19, feedback -20, facts -30, bank -18, remark -27
rom0 words 3: passage -30, stem -41, option 28, answer -35, facts -49, row -34, keys -28
rom0 words 7: out 20, more -24, option -34, answer -22, row -15, keys -50
rom0 words many: stem 22
rom0-again end none: out -27, option -19
rom0-again words 1: out -18, option -16, keys 20
rom0-again words 15: out -29, option -18, keys 19
rom0-again words 7: stem 20, keys -18
rom1 end none: option -36, row 36
rom1 end stop: out -21, stem -19, option 22, answer -17, facts -13, row -23, remark -20
rom1 words 15: more 21, option -20
rom1 words 3: out -21, option 64, answer -17, row -57, remark -20
rom1 words 7: stem -13, option -32, row 43
rom1-first end stop: out -12, stem -33, option 13, answer -13, row -14
rom1-first words 15: stem -28, more 27, option -23, row -31
rom1-first words 7: more -14, row 28
rule end gap: out -35, passage -14, stem -18, option -54, answer -46, feedback -20, facts -21, row -27, lines 36
rule end none: out 41, passage -22, stem -44, more -119, option -43, feedback -34, facts -45, bank -16, lines -100, keys -69
rule words 1: out 32, passage -30, stem -39, option -45, answer -100, feedback -42, facts -60, bank -24, lines 27, keys -54
rule words 15: out 83, stem -66, more -18, answer -25, row -64
rule words 3: out -41, option -29, answer -75, feedback -17, row -13, lines 12
run: out -43, passage -45, more -62, option 45, answer -17, feedback -46, hint -27, row -108, lines -31, remark -24
run before: out 13, passage -64, stem 51, more -157, option -98, wrapped -68, answer 34, feedback 33, hint -41, row -53, keys 23, remark -65
run behind: out -42, passage 14, stem 61, more 20, wrapped -38, answer -51, feedback -71, hint -21, row -40, bank -57, lines -53, keys -13, remark -25
run from the first: out -82, passage -43, stem 47, more -61, answer -16, feedback -40, hint -24, row -100, lines -21, keys 18, remark -18
run from the start: out -42, passage -28, stem -198, more -47, option 125, answer -44, feedback -65, hint -20, facts 16, row -83, bank -56, lines -19, remark -22
run of 2: passage -21, stem -24, more -53, option 37, answer 16, feedback -20, facts -41, row -70, bank -28, keys 29, remark -17
run of 3: passage -14, stem 37, more -47, answer -48, feedback -26, hint -14, facts -50, row -56
run of 4: out -92, passage -27, stem 13, more -33, option 39, answer -45, feedback -37, facts 17, row -50, bank -37, lines -17, keys -51, remark -16
run of 5: stem -20, option 41, answer 27, row -12, keys -28
second: out 21, passage -46, more -26, option -21, answer -52, feedback -93, hint -13, facts -36, row 14, bank -43, lines -17, keys -18, remark -23
section end asks: out 14, stem -28, keys -12
section end bracket: out 64, passage -18, stem -42, more -28, answer -24, feedback -32, facts -85, row -14, bank -20, keys -29, remark -17
section end gap: out 56, stem -43
section end none: stem -84, more -20, answer -46, feedback -18, row -23, keys 20
section end stop: out -29, stem 35, keys -44
section words 15: out 83, stem -77, more -19, answer -19, feedback -22, facts -25, keys -42, remark -13
section words 3: out 23, stem -59, more -35, answer -40, facts 14, row -21, keys -23
section words 7: out -21, passage -14, stem 34, more -37, answer -45, feedback -22, facts -93, bank -15, keys 20
sentence end stop: stem -12, more -20, wrapped -31, answer -28, feedback -20, hint -58, facts -68, row -44, bank -56, lines -39, keys -12
sentence words 15: passage -27, stem 13, more -34, wrapped -31, hint -53, facts -58, row -36, bank -41, lines -27, keys -43
sentence words many: stem -55, option -64, answer -97, feedback -27, facts -22, row -21, bank -20, lines -16, keys 44, remark -23
series answer: out 32, passage 13, stem 99, more -54, option -33, answer -18, feedback -15, row 12
series facts: out -44, passage -30, stem -75, more 14, option -88, wrapped -30, feedback -21, facts 65, row -24, bank -26, remark -20
series keys: out -128, passage -44, stem -18, more -48, wrapped -43, hint -34, facts -64, row -123, bank -34, lines -33, remark -36
series more: out -57, stem 23, more 21, option -17, answer -62, feedback -50, facts -30, row -36, bank -15, lines -21, keys -61
series option: passage -37, stem -70, more -144, option 26, wrapped -111, answer -50, feedback -122, hint -53, facts -104, bank -49, lines -50, keys -33, remark -61
series out: out -21, passage -88, stem -28, more -81, option 43, feedback -60, facts 36, row 25, bank -35, lines -22, keys -38, remark -17
series row: out 27, passage -16, stem -75, more -37, option 44, answer -17, feedback -29, facts -21
series stem: out -21, passage -69, stem 110, more -105, option -99, wrapped -68, answer -48, feedback -84, hint -50, facts -108, row -19, bank -56, lines -45, keys -105, remark -110
short asks capital: stem -111, more -30, option 25, feedback -110, facts -35, row -15, bank -64, remark -17
short asks label: out -32, passage -15, stem -47, more 19, answer 63, feedback -14, row -117, keys -79, remark -36
short asks small: out 22, stem -12, more -85, wrapped -23, feedback -66, facts -20, row -91, keys -72
short bracket capital: out -17, passage -65, more -100, wrapped -24, hint -33, facts 16, row 14, bank -60, lines 26, keys -40, remark -39
short bracket label: out -23, stem 32, more -75, answer -14, feedback -69, facts 17, row -12, bank -14, remark -28
short bracket small: out 20, passage -16, more -30, option -27, wrapped -19, feedback 45, facts -25, row -46, bank -20, remark -32
short colon capital: out 47, passage -38, stem -46, more -59, option -48, feedback -22, facts -23, row -13, keys 52
short colon label: out -47, stem -66, more -15, option 30, answer -46, feedback -18, facts -31, keys -24, remark 24
short colon small: out -51, passage -19, stem -52, more 13, answer -74, feedback -41, facts -13, bank -15, keys -37
short comma capital: out 29, passage -26
short comma small: out 33, passage 13, stem -38, more -20, option -31, wrapped 22, answer -32, keys -37
short deeper capital: out -18, passage -46, stem 32, more -41, option 13, wrapped -33, answer -33, feedback 20, hint -44, facts -31, row 16, bank -65, keys -78, remark 23
short deeper label: out -74, passage -20, stem -20, more -43, option -26, wrapped -45, answer 26, feedback -57, hint -13, facts -74, row 35, lines -18, keys 18, remark 25
short deeper small: passage -30, stem -12, more -33, option -47, wrapped 53, answer -70, feedback -22, hint -37, row 63, bank -22, lines -22, remark -44
short end bracket: out 19, passage -52, stem -25, more 27, option 17, wrapped -30, answer -89, facts -69, row -13, lines -13, keys -31
short end comma: out 35, passage -30, stem -24, answer -49, feedback -15, facts -17, keys -13
short end gap: out -31, stem 38, more 48, option -49, feedback -20, facts -12
short end none: stem -30, more -28, wrapped 25, answer 29, feedback -39, row -71, bank -39, lines -24, keys -45
short end stop: out -79, stem 66, wrapped 23, answer -38, hint -29, facts -74, row -16, lines -17, remark -23
short gap capital: out -40, stem -75, more -24, option -30, answer 28, feedback -42, facts 29, row -20, lines 16, keys 32
short gap label: out -18, stem -26, option 54, answer -18, feedback -15, facts 15, row -43, keys -16, remark -15
short gap small: passage -21, stem -32, wrapped -15, feedback -57, facts -13, row -22, keys -72
short none capital: out -13, passage 43, more -48, option -16, wrapped -171, answer -23, hint 13, bank -27, lines -69, keys -41, remark 21
short none label: out -25, passage -32, stem -28, more -139, option -24, wrapped -102, answer -23, hint -46, facts -51, bank -40, lines -37, remark -98
short none small: out -69, passage -94, more -19, option -47, wrapped -22, answer -54, hint -63, row 16, bank -47, lines -41, remark -57
short out capital: out 38, passage 15, stem -124, more -112, option -30, wrapped -76, answer 21, hint -79, facts -24, lines 44, keys -48, remark 17
short out label: out -53, stem -15, more -74, wrapped -18, answer 42, feedback -40, hint -13, facts -24, row 23, bank -30, lines -22, remark -38
short out small: out -13, passage -17, stem 43, more -34, option -65, wrapped -52, feedback 46, facts -38, bank -21, lines -14, keys 14, remark -19
short same capital: out -23, passage 17, more -62, wrapped -154, answer -13, hint 14, bank -45, remark -35
short same label: out -27, passage -42, stem -28, more -38, wrapped -73, answer -19, feedback -19, hint -50, facts -55, row -36, bank -53, lines -42, keys -23, remark -31
short same small: out -35, passage -61, stem -33, more -49, option -16, wrapped -137, hint -54, row -19, bank -50, lines -44, keys -25, remark -67
short stop capital: out -19, more 17, option 45, wrapped -39, answer 24, feedback -18, facts -30, row -42, bank -43, lines 17, remark -79
short stop label: out -71, passage -49, wrapped -19, answer -52, feedback -49, hint -29, facts -67, row -40, bank -37, lines -42, keys -57, remark 29
short stop small: out 44, passage -53, more -66, wrapped -31, answer -15, feedback -89, facts 27, row 28, bank -23, lines -20, remark -62
short words 1: out -41, stem 13, more 38, option -16, wrapped 18, hint -13, facts -188, row -19, bank -18, lines -18, keys -31
short words 3: out 23, more -35, wrapped 15, answer -53, hint -34, row -39, bank -38, lines -35, remark -28
short-sentence end stop: passage -15, more -13, answer -29, facts -67, row -47, bank -56, lines -39, keys -22
short-sentence words 15: out 32, passage -19, stem -19, option 17, wrapped -31, answer -42, hint -93, facts -39, row -23, bank -15, keys -20, remark -76
short-sentence words 7: out -21, more -12, answer -16, facts -42, row -44, bank -46, lines -34, keys -20, remark 24
slanted: out -17, stem -81, more -48, option -67, wrapped -19, answer -87, feedback 14, hint -50, row -69, bank -14, lines -28, keys -37, remark -55
speaker changes: out 64, passage 28, stem 28, more -82, option -81, wrapped -19, answer -48, feedback -127, hint -28, row -55, bank -30, lines -22, keys -13, remark -53
table-down end none: out -70, stem -21, answer -33, feedback -31, facts -31, keys 76
table-down words 15: out -30, keys 30
table-down words 7: out -48, stem -18, answer -27, feedback -31, facts -29, keys 60
table-pairs end none: passage -40, stem -90, more -48, option -37, answer -46, feedback 28, hint -14, facts -48, row 14, bank -43, lines -31
table-pairs words 15: passage -24, stem -43, more -27, option -27, answer -33, feedback 15, facts -19, row 52, bank -13, keys -53
table-pairs words 7: passage -19, stem -63, more -33, option -23, answer -69, feedback -88, facts -45, bank -31, lines -27, keys 31
table-pairs words many: out -66, stem -19, answer -21, feedback 27, facts -23, row -42, keys 48
table-ticks end none: passage -25, stem -71, more -32, option -43, answer -41, feedback -25, facts -39, row 29, bank -19, lines -14, keys -40
table-ticks words 15: out -84, passage -15, stem -61, more -36, option -27, answer -27, feedback -20, facts -24, row 97, keys -41
table-ticks words 7: out -124, stem -27, more -14, option -22, answer -26, facts -17, row 102, keys -23
table-ticks words many: out -70, row 75
table-wide end none: passage -18, stem -61, more -33, option -36, answer -65, feedback -32, facts 15, row -32, bank -17, remark -30
table-wide words 15: out -36, stem -59, option -33, answer -36, feedback -29, facts 28, row -32, bank -13, keys 12, remark -30
table-wide words many: out 53, stem -14, more -31, answer -52, feedback -14, facts -39, keys -36
text end bracket: out -36, passage -73, stem 49, more 37, option -83, answer -101, feedback -120, facts -35, row -15, bank -32, keys -71
text end comma: passage 16, stem -14, more -24, wrapped -17, feedback -19, keys 15
text end none: out 20, stem -22, more -35, wrapped 26, feedback 15, hint -35, facts -84, row -39, bank -34, lines -37, keys -13, remark -20
text run: out -40, stem 41
text words 15: passage 18, wrapped 16, answer -19, hint -36, facts -63, row -37, bank -52, lines -32, keys -17, remark -19
text words many: out 31, more -31, wrapped -33, answer -40, feedback -71, facts -29, row -16, lines -20
ticked end none: out -23, passage -48, stem -45, more -29, answer 28, feedback -35, facts -48, row -26, keys -48
ticked words 1: out -75, more -16, option 35, answer 37, feedback -23, facts -19, row -17, keys -35
ticked words 15: option 17
ticked words 3: out -41, more -12, option 18, facts -20
ticked words 7: out 39, passage -45, stem -41, more -31, answer -61, facts -23, keys -31
truth end none: out -15, stem -36, option -27, answer 21, feedback -33, facts -45, row -25, bank -23, keys -49
truth words 1: stem -29, option -27, feedback -32, facts -44, row -25, bank -23, keys -36
was answer: passage -96, stem -53, option -24, wrapped -88, feedback -44, hint -27, row -33, lines -76, keys -33, remark -56
was answer answer answer: stem -53, more -23, option 30, wrapped -24, answer -32, feedback -53, hint -16, facts -27, row -23, keys 19
was answer answer edge: out -24, stem -30, answer 23, feedback -73
was answer answer facts: out -76, passage -23, stem -45, more -13, option -32, wrapped -19, feedback -121, hint -22, facts 50, row -37, keys -88, remark -13
was answer answer out: out -37, passage -21, stem -39, option -17, answer 65, feedback -64, facts -35, bank -25, lines -13, keys -48
was answer answer stem: out 17, passage -49, stem -107, more -44, option 32, wrapped -24, feedback -84, hint -30, facts -63, bank -12, keys -94
was answer facts edge: out -73, answer 30, facts -17, keys -73
was answer facts facts: out -19, stem -12, answer 34, facts -35, keys 35
was answer facts feedback: out -34, option -32, answer -33, feedback -32, facts 35, keys -37
was answer facts out: answer -76, facts 18, keys 36
was answer facts stem: out -68, option -13, feedback -27, facts 30, keys -24
was answer feedback edge: out 28, stem -26, answer -119, keys -33, remark -36
was answer feedback facts: out -78, stem -70, feedback 95, facts -65, row -25, keys -47, remark -47
was answer feedback feedback: out 62, stem -20, answer -47, feedback -54, facts 13, keys -57, remark -46
was answer feedback out: out 30, stem -45, option -38, answer -19, hint -30, facts -24, keys -91, remark -37
was answer feedback stem: out -24, passage -26, stem -79, more -24, option -66, wrapped -13, answer -32, feedback 50, hint -68, facts -62, row -18, bank -13, keys -30, remark -46
was answer option option: stem -34, option -35, answer -24, facts -12, row -20, keys 28
was answer out edge: out 30, passage -35, option -16, answer -19, feedback -89, facts -69, row -15, keys -44
was answer out facts: out 59, passage -47, stem -52, option -37, answer -93, feedback -73, row -13, keys -41
was answer out out: out -14, passage -90, stem 15, more -47, option 14, feedback 38, facts -81, row -34, bank -36, lines -19, keys 12
was answer out stem: out 63, passage -78, stem 13, more -18, option -83, answer -42, hint -24, facts -88, row -35, keys -76
was answer stem answer: out -50, stem 75, option -30, answer -73, feedback -30, hint -20, facts -61, row -57, keys -56, remark -24
was answer stem edge: keys -14
was answer stem facts: passage -32, option -12, answer -51, feedback -15, facts 22, row -24
was answer stem lines: out -34, stem 36, feedback -28
was answer stem more: out -40, passage -40, more -21, option -46, answer 34, feedback 16, facts -74, row -50, remark -17
was answer stem option: more -36, option -79, answer -88, feedback -38, hint -22, row -47, remark 25
was answer stem out: out -106, stem 16, answer -23, feedback -21
was answer stem row: out -100, stem 21, feedback -13, facts -13
was answer stem stem: option -46, answer -62, feedback -20, hint 16, facts -50, row -29, keys -67
was bank: out -45, passage -13, stem -27, more 21, option -30, answer -25, feedback -46, facts -14, row -33, bank 35, keys -21
was bank answer out: answer 36, keys -36
was bank answer stem: out -17, more -17, option -14, answer 64, bank -12
was before answer: out -44, passage -94, stem -25, more -99, option -43, wrapped -29, feedback 21, hint -22, facts 14, row -78, bank -101, lines -54, keys -52
was before bank: out -50, stem -26, more 27, option -21, answer 41, feedback -14, facts 45, bank -22, keys -40
was before edge: out 25, passage -75, stem -14, bank -50, keys -73
was before facts: passage -66, stem 80, more -175, option -36, wrapped -17, answer -85, hint -80, facts -28, row -124, bank -63, lines -60, keys 12, remark -89
was before feedback: passage -91, more -44, wrapped -39, facts -21, row -108, bank -56, lines -45, keys -15, remark -62
was before keys: out -28, passage -72, stem -39, more -13, wrapped -45, answer -48, feedback -32, hint -40, facts -17, bank -55, lines -34, remark -47
was before lines: passage -41, stem 34, more -58, option -76, answer -14, feedback -47, hint -20, facts -69, row -41, bank -40, lines 18
was before more: out -26, passage -21, stem -29, option 25, hint -64, facts -28, row -46, lines -24, remark -64
was before option: out -64, passage -58, stem -30, more -25, option -15, wrapped -17, feedback -39, hint -17, facts -21, row 13, bank -102, lines -62, keys -33, remark -21
was before out: passage 15, more 72, option -32, wrapped -44, answer -75, feedback -44, hint -45, row -30, bank -37, lines -70, remark -45
was before passage: out -13, passage 47, more -72, option -35, wrapped -46, answer -92, feedback -76, hint -37, facts -50, bank -44, lines -24, keys -89, remark -38
was before row: out -26, passage 16, more -32, wrapped -23, feedback -65, hint -35, facts -32, bank -60, lines -25, keys -27, remark -26
was before stem: out -32, passage -56, stem -46, option -12, wrapped -21, answer 18, hint -67, row -21, keys -34, remark -32
was before wrapped: passage -28, stem -108, option 40, feedback -75, hint -14, facts -16, row -72, bank -13, keys 26, remark -25
was behind answer: out -51, passage -60, stem 51, more 26, wrapped -18, answer -39, feedback -51, facts -54, row 17, keys -80, remark -78
was behind bank: out -60, passage -46, stem 61, more 26, option -32, answer -44, feedback -27, facts -15, lines -16, keys -32
was behind edge: out 23, passage -39, stem -14, more -18, option -17, wrapped -51, answer 14, feedback -18, hint -31, facts -40, row -41, bank -65, lines -42, remark -18
was behind facts: out -14, stem -14, more -47, option -20, wrapped -67, answer -17, hint -77, bank -13, remark -48
was behind feedback: out -31, passage -30, stem -53, option -27, wrapped -49, answer 41, feedback -53, hint -46, facts 31, row -75, bank -24, lines -19, keys -59, remark -58
was behind keys: passage -93, stem 20, more -39, option -22, wrapped -46, answer -35, feedback -12, hint -48, facts -54, bank -45, lines -65, keys -22, remark -62
was behind lines: out -60, stem 51, option -44, answer -65, feedback -61, facts -31, row -52, lines 15, remark -23
was behind more: passage 30, stem -49, option 25, wrapped 34, feedback 22, facts -50, row -46, bank -53, lines -53, keys 36, remark -40
was behind option: out -23, passage -35, stem 27, more -13, option -28, answer -77, feedback -88, hint -63, facts -66, bank -80, lines -66, keys 21
was behind out: passage -35, stem -23, wrapped -58, answer -16, feedback 28, hint -88, row -30, remark -37
was behind passage: out 23, passage 26, stem -38, more -39, option -45, wrapped -49, feedback -57, hint -44, facts -56, row -22, bank -45, lines -36, keys -42, remark -30
was behind row: out -25, stem 17, more -16, option 15, wrapped -26, answer -122, feedback -88, hint -39, facts -24, bank -86, lines -51, keys 23, remark -19
was behind stem: out 17, passage -16, stem -63, more -52, option -29, wrapped -12, answer 20, facts 20, bank -20, lines -34, keys -83, remark -46
was behind wrapped: out -41, option -29, wrapped -28, feedback 28, row -25, keys 33, remark -31
was edge facts stem: stem -56
was edge out facts: out -19, passage -36, stem -53, facts 31, bank -16
was edge out out: out 60, passage -43, stem -46, facts -30, bank -41, keys -59
was edge out passage: out 42, passage -20, stem -51, keys -14
was edge out stem: out 51, passage -56, stem -15, facts -109, bank -30, keys -33
was edge stem answer: out -46, stem 46
was edge stem more: out -63, stem 63
was edge stem option: out 14, stem -13
was facts: out -36, passage -101, more -77, option -64, wrapped -40, feedback -80, hint -36, facts 32, row -85, bank -57, lines -61, keys -23, remark -29
was facts facts edge: out -59, stem -27, answer -39, facts 16
was facts facts facts: out -28, stem -41, answer -13, facts -25, keys 53
was facts facts feedback: stem -25, answer -19, facts -21, keys 30
was facts facts keys: out -24, stem -24, facts 57, keys -39
was facts facts out: stem -45, answer -17, feedback -15, keys -29
was facts facts stem: out 25, passage -17, stem -61, option -25, answer -49, feedback -44, facts -13, row -24
was facts feedback facts: out -102, passage -25, stem 23, more -15, option -45, answer -40, feedback -14, hint -23, facts -71, keys 20, remark -46
was facts feedback feedback: out -19, stem -13, feedback 17, facts -29, keys -37
was facts feedback out: out -67, feedback 101, keys -38, remark -18
was facts feedback stem: out -54, feedback 94, facts -39
was facts keys keys: out -60, stem -48, answer -16, keys 83
was facts option option: out -24, stem 29, option -27
was facts out edge: out -26, stem -65, more -29, option -44, answer 46, feedback -88, facts 37, keys -62
was facts out facts: out 23, passage -70, stem 25, more -21, option -62, answer -76, feedback -63, facts -65, row -13, bank -16, lines -26, keys -78
was facts out keys: out 20, stem -12
was facts out out: stem 13, more -41, option -25, answer -36, feedback -63, facts 19, row -33, bank -32, keys 13
was facts out stem: out -39, passage -15, stem -31, more -25, option -44, answer 27, feedback 24, row -34, keys -38
was facts stem answer: out -57, stem 94, more -116, option -55, answer -23, feedback -32, row -49, keys -27
was facts stem edge: out -56, stem 69, more -14, answer -19, keys -40
was facts stem facts: passage -99, stem 15, more -48, option -74, answer 39, feedback -125, hint -17, facts -102, row -50, keys -17, remark -31
was facts stem feedback: stem 47, option -27, answer -18, feedback -38
was facts stem keys: out 38, stem -14, row -15, keys -21
was facts stem lines: stem 43, more -24, answer -15, remark -12
was facts stem more: out -49, passage -27, stem 30, more -76, option -50, feedback -41, row -39, keys -37
was facts stem option: out -26, stem 61, more -107, option -93, answer -29, feedback -39, facts 44, row -39, lines -26, keys -32, remark -23
was facts stem out: out 26, passage -17, more -17, option -41, answer -33, feedback -89, facts -17, row -14, keys -51
was facts stem row: out 17, more -15, option -27, answer -12, feedback -29, row -22, keys -34, remark -18
was facts stem stem: out -51, stem -14, option 19, answer -17, feedback -13, facts 25
was feedback: passage -96, stem -58, more -79, option -20, wrapped -36, answer -17, hint 13, facts -53, row -83, bank -91, lines -37, keys -28
was feedback facts facts: out -34, answer -68, facts 52
was feedback facts out: out 30, stem -13, answer -78, feedback -14, facts -26, row -13, keys -14
was feedback facts stem: out -78, stem -103, option -21, answer 58, feedback -22, keys -19
was feedback feedback facts: out -20, stem -48, option -15, answer -76, feedback 28, keys -25
was feedback feedback out: out 25, stem -39, option -21, answer -47, feedback 20, facts -22, keys -63
was feedback feedback stem: out -16, passage -40, stem -63, more -31, option 28, wrapped -22, answer -28, feedback -45, hint 16, keys 14, remark -32
was feedback out facts: out 37
was feedback out out: out -30, stem -38, option 20, answer -119, facts -58, row -28, bank -13, lines -28, keys 29
was feedback out stem: out 44, passage -82, stem -45, option -38, answer -26, facts -66, row -38, keys -44
was feedback stem answer: out -33, stem 40, option -32, answer -30, row -49
was feedback stem more: out -34, stem -46, option 28, answer -30, feedback 28, keys -25
was feedback stem option: out -33, stem 38, option -55, answer -30, feedback -31, keys -28
was feedback stem stem: option -24, answer -17, feedback -40, row -12, keys -43, remark -21
was keys: out -53, passage -63, more -38, wrapped -49, answer -16, feedback -24, hint -46, facts -23, bank -53, lines -47, keys -25, remark -51
was keys keys edge: out 13, passage -19, more -29, wrapped -14, answer -36, feedback -37, hint -13, facts -30, keys -22, remark -15
was keys keys keys: out -49, passage -45, stem -34, more -50, option -46, wrapped -39, answer -78, hint -31, facts -44, bank -29, lines -29, keys 15, remark -34
was keys keys out: out -20, passage -25, more 17, option 37, answer 20, feedback -116, facts -35, row -50, keys -13, remark -13
was keys keys stem: out 16, stem 39, more -43, answer -33, feedback -28, facts -41, row -43, keys -43
was keys out edge: out -22, passage -15, stem -109, more 30, option -12, answer -111, feedback -117, keys 30, remark -14
was keys out facts: out 61, stem -45, keys -16
was keys out out: out 23, passage -38, more -31, option -12, answer -89, feedback -89, facts -31, row -21, bank -44
was keys out stem: passage -45, stem -101, more -27, option -15, answer -34, feedback -21, facts 29, row -22
was lines: out -32, passage -14, stem -14, option -27, answer -32, feedback -13, facts -29, row -16, lines 29
was lines answer answer: stem -12, answer 58, keys -19
was lines answer out: out 14, stem -26, facts -22, keys -24
was lines answer stem: out -14, answer 52, keys -34
was lines facts facts: out 49, passage -27, stem -33, answer -54, facts -41, lines -18
was lines facts stem: facts 22
was lines keys keys: stem -38, answer -27, row -32, lines -21
was lines lines answer: lines 12
was lines lines facts: lines 14
was lines lines out: out -39, lines 49
was lines lines stem: out -34, lines 42
was lines out out: out -39, passage -20, more -36, answer 14, feedback -45, facts -26, bank -28, lines 13, keys 12
was lines out stem: out -25, passage -31, stem 40, more -33, option -36, answer -82, feedback -18, facts -31, lines -16, keys -56
was lines stem option: out -24, stem 35
was lines stem stem: out -41, stem 58, answer -17
was more: passage 16, stem -69, more 15, option -21, wrapped 12, hint -57, facts -26, row -57, bank -26, lines -17, keys -36, remark -62
was more answer answer: out -15, stem -29, more -16, option -32, answer 86, row -19, keys -44
was more answer edge: stem 45, more -49, option -48, answer -35, feedback 31, bank -18, keys -95
was more answer facts: out -46, passage -15, more -36, option -69, answer 81, facts -29, bank -18, keys -45
was more answer feedback: out -20, option -32, answer 59, keys -50
was more answer out: stem 25, more -47, option -21, feedback -40, facts -36, bank -46, lines -14
was more answer stem: passage -33, stem 12, more -37, option -85, answer 19, feedback -86, facts -35, row -29, bank -53
was more bank answer: out -30, stem -14, more -22, answer -23, bank 25
was more bank facts: out -30, more -25, answer -14, feedback -21, bank 18
was more bank stem: out -39, more -33, answer -47, feedback -25, bank 45
was more facts facts: answer -24, facts 76
was more facts out: out -25, answer -19, facts 72, keys -15
was more facts stem: out -43, stem -63, answer -18, facts 28, keys -17
was more keys keys: out -61, stem -44, more -19, answer -38, feedback -14, facts -18, bank -15, keys 35
was more lines answer: out -19, more -32, lines 25
was more lines lines: more -18, lines 29
was more more answer: out -44, stem -49, option 24, answer -52, feedback -20, row -13, bank -19, lines -22
was more more bank: out -13, stem -22, more 20, option -19, lines -14
was more more more: out -56, passage 23, stem -48, more 30, answer -42, feedback -68, facts -29, row -23, bank -15, lines -19, keys -27
was more more option: out -49, stem -84, more 25, wrapped -48, answer -49, feedback -24, lines -19
was more more out: out -28, passage -13, stem -18, more 50, option -34, answer -55, feedback -72, keys -15
was more more stem: out -121, passage 14, stem -73, more -21, feedback -33, hint -16, facts -16, row -41, keys 13
was more option answer: out 49, stem -62, more -57, answer -57, row -19, keys -32
was more option option: out -17, passage -16, stem -108, more -75, option 85, answer -50, feedback -28, row -37, keys -48, remark -22
was more option stem: out -70, stem -22, more 14, option 20, feedback -36, facts -45, row -43, keys -42
was more out edge: out -60, stem 56, option -65, answer 22, feedback -29, keys -89
was more out facts: out 55, passage -51, stem -32, more -32, option -48, answer -50, facts -19, bank -14, keys -27
was more out keys: stem 16, more -51, option -27, answer -37, feedback -48, facts -15, keys -13
was more out out: out -42, passage -42, stem 14, more -59, option -67, feedback -77, facts -20, row -43, lines -18, keys 34
was more out stem: out 19, passage -31, stem -107, more -54, option -65, answer -12, feedback 40, hint -20, facts -45, row -31, bank -29, lines -19, keys -119
was more row row: out 29, passage -31, stem -65, more -54, answer -18, feedback -18, row -13
was more stem answer: out -35, stem 31
was more stem keys: out -52, stem -19, row -17, keys 23
was more stem lines: out -14, stem 16
was more stem more: out 15, passage -15, more -75, answer -19, feedback -35, facts -17, row -17
was more stem option: out -54, stem 80, more -65, option -81
was more stem out: out -71, stem 50, more -34, option -26, answer -33, keys -17
was more stem row: stem 19
was more stem stem: out 27, passage -18, more -17, option -82, answer -70, facts -13, row -26, keys -61
was option: out -25, passage -62, stem -51, more -72, wrapped -54, feedback -44, hint -38, facts -45, bank -70, lines -64, keys -24, remark -18
was option answer answer: out 49, stem -77, option -38, wrapped -17, answer -31, hint -14, facts 48, keys -68
was option answer edge: stem -41, option -40, wrapped -27, answer -18, facts -34, keys 29, remark -14
was option answer facts: out -39, passage -35, stem -65, option 55, wrapped -33, answer 37, feedback -12, facts -73, bank -26, keys -88
was option answer feedback: out -78, stem -34, option -123, wrapped -32, answer 27, feedback 53, keys -154
was option answer out: out -25, passage -35, stem -77, more -19, option 23, wrapped -13, answer -16, feedback 17, facts 17, bank -45, keys -23
was option answer stem: out -22, passage -33, stem -36, more 25, option -46, wrapped -17, answer 39, feedback -48, hint 21, facts -66, row 18, bank -83, remark -18
was option facts edge: out -32, answer -21, facts 55, keys -30
was option facts facts: out -13, stem 25, option -33, answer -39
was option facts feedback: answer 48, facts -47
was option facts keys: option -16, facts 53, keys -23
was option facts out: out -56, stem 17, option -28, answer -81, facts 17, keys -53
was option facts stem: out 22, option -63, wrapped -30, answer -109, facts 37, keys -62
was option feedback facts: out -38, stem -44, option -54, wrapped -15, hint -34, facts -23, bank -15, keys -19
was option feedback feedback: out 31, stem -15, option -65, wrapped -32, feedback -53, hint -17, facts -61, keys 24, remark -27
was option feedback out: out -74, stem -34, option -56, answer 19, feedback -25, bank -22, keys -45, remark 19
was option feedback stem: out 31, passage -27, stem -47, more -21, option -13, answer -23, feedback -18, hint 16, facts -36, row -26, bank -39, keys -63
was option keys edge: stem -100, answer 27, keys -27
was option keys keys: out -19, stem -41, answer 20, facts -27, keys -15
was option option answer: out -14, stem -74, more 27, answer -13, feedback -55, hint 14, facts -33, row 23, keys -41, remark -32
was option option edge: passage -17, stem 15, option 26, answer -124, feedback -40, keys -49
was option option facts: out -23, passage -30, stem 22, answer -38, feedback -55, facts -49, row 18, keys -72, remark -35
was option option feedback: out -82, stem -36, more -42, option 35, wrapped -20, feedback -64, facts -33, row -30, keys -51, remark -18
was option option keys: out 12, stem -56, answer -52, feedback -29, keys -59
was option option option: stem -14, more -89, wrapped -66, answer -35, feedback -93, hint -33, facts -62, bank -30, lines -29, keys 12, remark -15
was option option out: out -35, passage 27, stem 60, more -50, option 13, wrapped -37, answer -67, feedback -98, facts -17, keys 24
was option option stem: out -55, passage -38, more -37, option 38, wrapped -109, answer -12, feedback 13, hint -36, facts -33, bank -18, lines -18, keys -131
was option option wrapped: out -41, option -29, wrapped -29, feedback 28, row -25, keys 33, remark -31
was option out edge: out -37, passage -20, stem 18, more -25, option -29, wrapped -16, answer 59, feedback -65, facts -18, keys -58, remark -13
was option out facts: out 111, passage -18, stem -57, option -48, answer -74, feedback -33, facts -42, keys -51
was option out keys: stem -20, option -33, answer 28, feedback -48, keys -43
was option out out: passage -85, stem -53, more -35, option 64, wrapped -41, answer -38, feedback -52, facts -95, row -33, lines -15, keys 37, remark -44
was option out stem: out 50, passage -115, stem -36, more -32, option -32, wrapped -26, feedback -101, hint -40, facts -80, row -79, bank -38, keys -143, remark -24
was option stem answer: out -94, stem 106, more -12, option -60, answer -53
was option stem edge: answer -34, keys -32
was option stem facts: passage -12, stem -31, option -40, answer -59, feedback 32, row -43, keys -17, remark -12
was option stem feedback: stem 16, option -14
was option stem keys: passage -19, option -23, answer -18, feedback -15, keys -21
was option stem lines: out -13, stem 13
was option stem more: out -103, passage -14, stem 32, option -35, answer 22, facts -42, row -45, keys 23
was option stem option: out 15, more -22, option -20, wrapped -52, answer -72, feedback -41, hint -19, facts 24, row -49, bank -19, lines -13, keys 22, remark -62
was option stem out: out -61, stem 32, option -57, answer -53, facts 25, row -51, keys -56
was option stem row: out -82, more -15, wrapped -13, answer -14, feedback -20, hint -14, row -15, keys 27
was option stem stem: out 30, passage -32, stem -26, more -30, option -77, wrapped -23, feedback -70, hint -28, facts -45, bank -15, lines -12, keys 27, remark -13
was option wrapped option: out -23, stem -13, more -43, option -72, wrapped 59, answer -45, keys 31
was option wrapped stem: out -40, passage -17, stem -12, more -36, option -22, wrapped 18, answer -37, feedback 25, keys -18
was out: passage -19, stem 13, option -20, wrapped -66, hint -99, row -23, lines -22, keys -28, remark -58
was out answer edge: stem -12
was out answer out: out -27, passage -14, stem -12, more -25, answer 28, keys -27
was out answer stem: stem -12, more -19, option -52, answer 13, facts -12, keys 16
was out facts facts: out -20, stem -22, more -15, option -19, answer -40, facts 35, row -24, keys -17
was out facts stem: out -16, passage -49, stem -22, more -13, option -36, answer -85, facts 59, row -49, bank -13, keys -40
was out keys edge: out 26, stem -49, option -17, answer 37, row -27, keys -45
was out keys keys: out -111, stem 59, option -54, answer -53, facts -26, row 35, keys -32
was out keys out: out 21, stem -28, option -38, answer -17, facts -39
was out option option: out 49, stem -53, more -43, option -19, wrapped -18, answer -57, facts -17, row -31, keys -53
was out out answer: out -102, stem 85, more 34, option -24, answer 17, feedback -38, row -20, bank 24, keys -54
was out out edge: out 12, passage -14, stem -14, more -32, wrapped -12, answer -88, feedback -92, facts -72, row -63, bank -44, lines -13, remark 23
was out out facts: out -14, passage 41, stem -27, more -78, option -110, answer -93, feedback -61, row -67, bank -14, keys -96
was out out keys: out 18, passage -14, stem 14, option -31, answer -42, facts -33, row -32, keys -33
was out out option: out -44, stem 52, option -45, answer -28, facts -17
was out out out: out 43, stem -29, more -21, option 13, answer -56, feedback -15, facts -28, row -37, bank -97, lines -24, keys -21, remark -38
was out out passage: out 97, passage -68, stem -75, more 13, option -51, answer -100, feedback -31, facts -27, row -34, bank -12, keys -47
was out out row: out -78, stem 41, more 20, answer -24, feedback -15, row 15, keys -12
was out out stem: out -15, stem -71, more 34, option -31, answer -27, feedback -29, hint -25, bank -14, lines -13, keys 36, remark -25
was out passage passage: out -18, passage 42, stem -121, option -25, answer -26, feedback -16, facts -18, bank -13, keys -42, remark -15
was out passage stem: out -40, passage 24, stem -113, option -17, answer -51, feedback 28, facts -17, row -18, keys -18
was out row row: out -41, passage -15, stem 27, more -16, option -34, facts -40, row -21, keys 26
was out stem answer: out -152, passage -21, more 33, option 49, answer -26, feedback -28, facts -38, row -66, keys -81
was out stem edge: out 35, passage -15, stem -51, more -14, answer -62, keys 30
was out stem facts: out 51, passage -57, stem -38, more -55, option -69, answer -66, facts -33, row -25, keys -63
was out stem feedback: out -24, stem 31, keys -16
was out stem keys: stem -15, more -30, row -35, keys 27
was out stem lines: out -30, stem 36
was out stem more: passage -17, more -50, option -35, answer -14, facts -65, row -58, keys 42, remark -13
was out stem option: out -55, passage -19, stem 28, more -18, answer -13, feedback -13, facts -41, keys -25, remark -16
was out stem out: out 27, passage -28, more 12, option -15, answer -54, feedback -17, facts -43, row -41, keys -115
was out stem row: out -76, more -31, row 36, keys -19, remark -14
was out stem stem: passage -60, stem 35, more -26, option -43, answer -51, feedback -25, facts -37, row -40, remark -15
was passage: out -27, passage 36, stem -16, more -55, option -55, wrapped -49, answer -116, feedback 14, hint -44, facts -53, bank -52, lines -34, keys -111, remark -48
was passage facts stem: out -39, passage -22, stem -16, facts 34
was passage out out: out -17, passage 24, stem -44, option -18, answer -26, facts -56, keys -19
was passage passage facts: out -35, passage 45, stem -39, facts -15, row 15
was passage passage out: out 13, passage -48, stem 29, more -15
was passage passage passage: stem 20, more -59, option -31, wrapped -43, answer -133, feedback -45, hint -23, facts -36, bank -21, lines -20, keys -58, remark -31
was passage passage stem: passage 28, stem -66, more -77, option -19, answer -31, feedback -41, hint -19, facts -27, row -26, bank -22, keys -33
was passage stem answer: out -20, stem 23
was passage stem more: out -35, passage 43, stem -41, more -15, keys -31
was passage stem option: out -66, passage 13, stem -28, option 39, row -45, keys -14
was passage stem stem: out -41, stem 44
was row: stem -20, more -49, wrapped -28, answer -26, feedback -95, hint -28, facts -58, bank -55, lines -46, remark -26
was row answer edge: out -14
was row answer facts: answer 70, facts -12, row -16, keys -98
was row answer out: out -42, stem -25, option -33, answer 62, facts -13, row -26, keys -53
was row answer stem: stem 19, more -49, option -53, answer 31, facts -58, row -52, bank -13, keys -53
was row facts stem: out -62, stem -36, answer -22, facts 46
was row keys keys: out -17, keys 13
was row out facts: out 52, stem -38, answer -36, keys -20
was row out out: passage -18, stem 12, more -39, option -35, answer -31, feedback -18, facts -24, keys -27
was row out stem: out -35, passage 29, stem -75, more -32, option -55, answer -97, feedback -42, facts -24, row 49, bank -16, keys -55
was row row answer: out -85, stem -72, more -92, answer -16, feedback -16, row 16
was row row edge: out -113, passage -42, stem 19, more -36, option -56, answer -55, row 14, keys -16
was row row facts: out -89, passage -42, stem -44, feedback -18, facts -15, keys -36
was row row keys: out -68, stem -16, more -35, option -70, answer -25, row 49, keys -45
was row row out: out -48, passage 13, stem 19, more -60, option -85, feedback -39, facts -21, row 18, bank -13
was row row row: more 14, option 20, answer -47, feedback -15, facts -23, row -32, lines -15, remark -14
was row row stem: out 14, passage -26, stem -67, more -47, answer -67, feedback -23, facts -31, keys -64
was row stem answer: out -46, stem 62, more -27, row -36, keys -14
was row stem more: out -32, stem 25, keys -14
was row stem option: out -36, more -21, row -18, keys 14
was row stem stem: out -24, stem -16, option -16, answer -16, facts -16, keys 25
was stem: passage -53, more -41, option -29, wrapped -103, answer -45, feedback -50, hint -33, facts -50, row -21, bank -77, lines -41, remark -44
was stem answer answer: out 42, stem -43, more -16, answer -30, facts -19, row -48, bank -23, keys -63
was stem answer edge: stem -43, more 47, option -57, answer -21, feedback -71, facts -20, bank -17
was stem answer facts: out -19, passage -20, stem -54, more 16, option -34, feedback -63, facts -75, row -38, bank -77, lines -15
was stem answer feedback: out -29, stem -18, option -55, answer 36, feedback -36, facts -31, keys -44
was stem answer out: out -26, stem -48, facts -47, row -20
was stem answer stem: out -41, passage -19, stem -101, hint -18, facts -26, row -59, bank 13, lines -14
was stem bank answer: out -16, stem -12, more 33, option -22, answer -13, bank -22
was stem facts edge: out -21, stem -18, answer -43, facts 22
was stem facts facts: out -69, stem -18, more -21, option -14, answer 22, keys -23
was stem facts feedback: answer -75, facts 81
was stem facts keys: facts 54, keys -25
was stem facts out: out -36, more -37, option -13, answer -68, facts 85, lines -16, keys -50
was stem facts stem: out 37, stem -44, more -24, option -14, answer -27, row -38, keys -45
was stem feedback facts: out -30, passage -21, stem 19, more -29, option -33, answer -40, facts -16, keys -19, remark -14
was stem feedback feedback: stem -19, more -13, option 15, feedback -12, remark -13
was stem feedback stem: out -33, stem -55, more -40, option 25, answer 41, keys -15, remark -14
was stem keys edge: out -79, stem -30, option -76, answer -18, keys 35
was stem keys keys: out 16, more -37, option 28, answer -77, facts -15, row -58, bank -24, keys -26
was stem lines answer: stem -12, more -79, option -14, answer -25, facts -15, lines 14
was stem lines facts: out -34, more -19, lines 48
was stem lines lines: out -16, more -70, lines 82
was stem lines out: out -20, more 16
was stem lines stem: out -32, answer -22, facts -17, lines 17
was stem more answer: stem -87, more -18, wrapped -19, answer 17, feedback -107, hint -14, facts -34, row -78, lines 14, keys -73, remark -12
was stem more bank: stem -60, more 56, answer -17
was stem more edge: out -56, stem -62, more -13, option -47, feedback 21
was stem more facts: out -72, passage -49, stem -52, more 20, option -72, answer -45, facts -43, row -14, bank -41, lines 30, keys -35
was stem more feedback: stem -33, more 18, option -33, answer -14
was stem more keys: out 14, stem -77, more 36, option -34, answer -60, feedback -37, lines -27, keys -37
was stem more lines: out -34, stem -31, more 69, option -19, answer -34, feedback -35
was stem more more: passage 20, more -37, option 19, wrapped 35, answer -115, feedback -108, facts -17, row -17, bank -15, lines -16
was stem more option: out 51, stem -47, more 24, option -33, wrapped -32, answer -158, feedback -132, facts 20, row -24, bank -64, lines -28, keys -26, remark -23
was stem more out: passage -18, stem -70, more -18, option -75, wrapped -42, facts -32, row -41, bank -44, keys -14
was stem more row: out 48, stem -40, option -74, answer -67, feedback -66, facts 32, row -31, bank -51, keys -39
was stem more stem: out -93, more 15, option -62, wrapped -52, answer 32, hint -18, facts -73, row -21, bank -20, lines -60, remark -12
was stem option answer: out 42, stem -89, more -72, answer -97, row -40, keys 24, remark -22
was stem option edge: out -23, stem -17, more -39, answer 33, feedback -28, keys -85
was stem option facts: out -28, more -19, option -58, answer 29, feedback -21, facts 38, row -18, bank -19, keys -32
was stem option feedback: out -17, stem -27, option 27, answer -29, keys -22
was stem option keys: out -21, stem -37, option 47, keys -31
was stem option option: passage -14, stem -27, more -42, option -12, wrapped -58, feedback -73, hint -20, facts -43, bank -20, lines -26, keys -61
was stem option out: out -62, more -69, answer 45, feedback -61, facts -53, row -34, bank -38, lines -14
was stem option stem: passage -39, stem -19, option -28, answer 27, feedback -64, hint -19, facts 30, row -107, bank -31, lines -24, keys -109, remark -23
was stem out edge: passage -13, stem 32, more -83, option -94, feedback 47, row -28, lines -24, keys -43
was stem out facts: out 64, passage -17, stem -13, more -49, option -87, answer -53, feedback -29, facts -58, bank 17, keys -45
was stem out keys: out 50, stem -44, more -31, answer -30, row -15, lines -22
was stem out out: passage -13, stem -45, more -129, feedback -24, facts 40, bank 24, lines -26, keys -37
was stem out stem: out 15, passage -64, more -122, option -123, hint -18, facts -40, row -94, lines -35, keys -111
was stem row row: out 23, stem -58, more -125, answer -30, feedback -13, facts -21, row 40, bank -29, lines -18, keys -36
was stem stem answer: out -92, option 14, answer -32, feedback -18, keys -17
was stem stem edge: out -44, more -51, option 50, answer -20, row -14, keys -29
was stem stem facts: out -60, stem -14, more -69, option 25, answer -16, facts -33, row -17
was stem stem feedback: stem 35, keys -14
was stem stem keys: out -81, stem 102, option -26
was stem stem lines: out -21, more -40, option -23, answer -26, facts -25, lines 16
was stem stem more: stem -26, option 13, answer -45, feedback -30, facts -13, row -51, keys -69
was stem stem option: out 28, stem -20, more -19, option -15, answer -21, feedback -16, facts -17, row -13, bank -17, lines -13, remark -39
was stem stem out: stem 29, more -57, option -40, answer -59, facts -24, row -24, keys -71, remark -20
was stem stem row: out -17, stem 22, more -26, row -33
was stem stem stem: out -40, passage -48, stem -16, more -30, answer 16, feedback -35, hint -17, facts -39, row 45, bank -32, lines -16, keys -41, remark -21
was wrapped: out -54, passage -40, stem -37, option -79, wrapped 55, keys 23, remark -13
was wrapped option answer: out -23, stem -39, option 68, answer -37, row -15, remark -22
was wrapped option option: out -51, stem -55, option 14, wrapped -37, answer -21, feedback -12, row -28, keys 31, remark -15
was wrapped option stem: out -68, passage -15, stem -56, option 26, wrapped 17, answer -75, feedback -32, row -55, keys -23
word again: out -63, more -27, wrapped -25, answer -67, feedback -13, facts 18, row -17, keys -28
word again asks few: out -58, more -27, wrapped -25, answer -67, feedback -13, facts 19, row -17, keys -28
word again fits most: out -44, stem -47, more -16, wrapped -13, answer -43
word again fits none: stem 98, more -13, option -50, facts -79, keys -25
word asking few: out 23, stem 15, answer -34, feedback -17, facts -18
word asking most: out -31, passage -25, stem 45, more -26, option -39, facts -37, keys -12
word asking none: passage -43, stem -20, more -60, option -54, wrapped -42, answer -17, feedback -67, hint -24, facts 34, row -56, bank -45, lines -19, keys -23, remark -39
word asking some: out -42, stem 29, more -37, option 58, answer -55, feedback -27, facts -38, row -29, bank -16, keys -42
word-lone end asks: out -59, passage -25, stem 79, more -26, option -25, facts -36
word-lone end bracket: out 33, stem -93, more -23, answer -16, feedback -12, facts -44, bank -17
word-lone end gap: out -37, stem 43
word-lone end none: out -14, passage -15, stem -41, option -71, answer -26, facts 49, row -14, keys -62
word-lone end stop: out 14, passage -16, stem -20, more -15, option 26, answer -53, feedback -34, facts -71, keys -73, remark -17
word-lone words 1: out -41, passage -34, option -36, answer -25, facts 51, keys -52
word-lone words 15: more -24, option -19, answer -24, feedback -15, facts -149, row -13
word-lone words 3: out 26, stem 14, more -13, facts -27, keys -17
word-lone words 7: out 24, passage -21, more -23, option 34, answer -50, feedback -36, facts -113, bank -26, keys -40, remark -17
word-lone words many: out -36, stem 39, facts -31
word0 end asks: out -44, stem 50, more -16, option -38, answer -15, facts -12
word0 end bracket: out 19, stem -46, option -40, answer -67, facts 27, keys -18, remark -21
word0 end colon: out -44, stem 45
word0 end gap: stem 12
word0 end none: out -67, passage -16, stem 16, more -25, option 14, answer 19, feedback -43, facts 19, row -33, keys -30
word0 end stop: out 42, stem 15, more -15, option -70, answer -58, feedback -23, hint -13, facts -66, keys -15
word0 of 1: passage -47, more -41, answer -55, feedback -43, row -25, bank -32
word0 of 2: out 16, stem -20, option -32, answer -124, feedback -43, keys -15
word0 of 4: out -51, passage -13, more -35, option 18, wrapped -15, answer -18, feedback -20, facts 46, row -28, keys -77
word0 of 8: out 38, passage -15, stem 34, more -27, option -53, wrapped -29, answer -33, feedback -20, hint -19, facts -53, row -23, bank -17, keys -33, remark -27
word0 of many: out -63, stem 70, more -30, option -112, answer -199, feedback -29, facts -18
word0 run: out -22, stem 42, option -14, facts -16
word0 words 1: out -39, passage -18, more -19, option 16, feedback -26, facts 26, row -15, keys -37
word0 words 15: stem 13, more -22, option -72, answer -23, feedback -17, facts -47
word0 words 3: out -69, stem 14, option -44, answer -45, facts 24, row -14
word0 words 7: out 35, more -24, option -54, answer -72, feedback -51, hint -12, facts -52, row -21, keys -18
word0 words many: out -102, stem 33, facts -13
word0-again end asks: stem 15
word0-again end none: out -61, more -27, wrapped -25, answer -67, facts 17, row -16, keys -25
word0-again end stop: option -21
word0-again words 1: out -54, stem -30, option -44, wrapped -25, answer -67, facts 43, keys -31
word0-again words 15: stem 48, more -13, option -27, facts -36, keys -14
word0-again words 3: option 43, facts -31, keys 17
word0-again words 7: stem 42, option -17, facts -31
word0-again words many: stem -13, facts -13, keys 14
word1 end none: out -33, stem 15, answer -19, facts 59
word1 end stop: out 26, stem 18, answer -23, facts -21, keys -18
word1 of 1: out -37, option 26, answer -42, facts 43, keys -19
word1 of 2: out -17, stem 17, answer -33, facts 54, keys -25
word1 of 4: out -38, stem 19, facts 34
word1 words 1: out -54, answer -21, facts 62
word1 words 15: out -15, stem 17
word1-first end none: out -34, stem -13, facts 40
word1-first words 1: out -25, facts 40
word1-first words 7: out -17, stem 33
words 1: passage -58, stem -158, wrapped -34, feedback -75, hint -79, facts -41, row -116, bank -96, lines -30, remark -116
words 15: out -43, passage -33, stem 42, more -23, option -60, wrapped -33, answer -33, feedback 14, hint -16, facts -68, bank -28, lines -91, keys -43, remark 18
words 3: out -24, passage -47, stem -88, option -24, answer 46, feedback -71, hint -79, facts 45, row 32, bank -145, lines -30, keys -15, remark -80
words 7: out -15, passage -18, stem -25, more -14, option -25, wrapped -35, answer -33, facts -67, row 21, bank 27, lines -95, remark -30
words many: out -44, passage 23, stem 51, more -13, option -98, wrapped -38, hint -39, facts -65, row -63, bank -71, lines -73, keys -28, remark -56
zone body: out -62, passage -39, stem -34, more -18, wrapped -33, answer -16, hint -30, facts -25, bank -31, lines -75, keys -48, remark -24
zone body arrow: out -29, stem -40, more 22, option -73, answer 43, feedback -119, facts -34, row -27, bank -21, keys -17
zone body asks: out -39, wrapped -15, answer -56, feedback -41, hint -17, facts -32, row -23, remark -12
zone body box: out -20, passage -25, stem -30, more -27, option 50, wrapped -17, answer -20, feedback -27, facts -42, row -35, keys -20, remark -62
zone body bracketed: passage -18, stem -43, more -22, option -50, wrapped -22, hint -40, facts -53, row -31, lines -13, keys -50, remark -19
zone body bullet: stem -48, more 29, option -13, feedback 19, hint -18, facts -28, row 27, keys -25, remark 22
zone body capitals: out -35, passage -39, stem -39, more -46, option 21, answer -13, feedback -52, hint -22, facts -37, row -33, bank -25
zone body cells: stem -41, feedback -48, hint -25, facts -48, lines -18, keys -40, remark -26
zone body chatter: passage 18, stem -39, more -19, answer -34, feedback -43, facts -18
zone body colon: out -40, stem -46, more 12, feedback -26, facts -18, keys 36
zone body cue-answer: out -48, stem -41, option -13, wrapped -28, answer 44, feedback -41, hint -13, facts -56, row -40
zone body cue-difficulty: out -26, option -17, answer -37, feedback -20, facts 52, row -14, keys -93
zone body cue-feedback: out -39, stem -40, more -19, option -43, wrapped -33, answer -73, feedback 60, hint -50, facts -26, row -28, keys -79
zone body cue-hint: out -43, stem -38, answer -52, feedback -33, hint 48, facts -22, row -21, keys -21, remark -12
zone body cue-level: stem -48, more -33, answer -18, feedback -16, row -38, keys -37
zone body cue-outcome: passage -17, stem -37, more -12, option -42, answer -43, feedback -51, hint -14, row -39, bank -19, keys -40, remark -25
zone body cue-points: out -42, more -22, option -36, answer -29, feedback -37, hint -12, facts 44, row -22, lines -13, keys -42
zone body cue-sample: out -27, stem -25, more -44, option -38, answer 45, feedback -27, facts -21, row -23, bank -25, keys -36
zone body cue-wordBank: out -27, stem -13, more -44, option -18, answer -25, facts -17, row -16, bank 36
zone body field: out -15, passage 36, stem -28, option -23, wrapped -15, hint -32, facts -60, bank -26, keys -32, remark -16
zone body field-kind: out 23, answer -43, facts 39
zone body gap: out -35, passage -71, more 21, option -38, wrapped -15, feedback -49, hint -15, facts -32, row -32, bank -21, lines -15, keys -17
zone body heading: out 22, passage -14, more -29, option -13, answer -123, feedback -37, facts -37, row -43, bank -12
zone body identity: out 38, answer -21
zone body key-title: passage -15, stem -13, option -12, answer -22, feedback -34, facts -23, keys 20
zone body let-lone: out 23, passage -84, stem -53, option 40, wrapped -17, answer -41, feedback -36, hint -14, facts -53, bank -30, lines -21, keys -30, remark -23
zone body let0: passage -36, stem 20, more -47, option -33, wrapped -29, answer -33, feedback -45, facts -66, row -52, bank -21, keys -29, remark -21
zone body let1: passage -36, stem -14, more -37, option 12, wrapped -34, answer -28, feedback -47, hint -41, facts -51, bank -38, lines -38, keys -107, remark -17
zone body let1-first: passage -14, more -47, wrapped -19, answer -28, feedback -30, hint -20, facts -29, bank -19, lines -17, keys -89
zone body let2: more -16, wrapped -50, feedback -13, facts -25, row -46, keys -44
zone body let2-first: stem -16, more -28, row -26, keys -40
zone body letter: out -86, more 16, option 63, answer -17, feedback -34, facts -30, row -15, keys -15
zone body lines: out -20, more 47, option -26, answer 25, feedback -26, hint -16, facts -26, row -16, keys -14
zone body num-lone: passage -14, stem 31, wrapped -15, answer -15, feedback 14, hint -23, bank -36, lines -14
zone body num0: out -21, passage -49, stem 20, more -34, option -50, wrapped -49, answer -23, feedback -64, hint -42, facts -33, row -37, bank -38, lines -35, keys 13, remark -52
zone body num0-again: out -46, stem 50, option -20, row 19, keys -16
zone body num1: out -56, passage -25, stem 61, more -50, option 19, wrapped -16, answer -72, feedback -97, hint -17, facts -36, bank -31, keys -89, remark -47
zone body num1-first: out -166, passage -23, stem 43, more -48, answer -92, feedback -25, hint -19, facts -35, bank -17, lines -12, keys -33, remark -24
zone body number: passage -28, stem -15, more 26, option -23, feedback -30, facts -44, bank -26, keys -73
zone body pair: out -26, stem -63, more 23, option -37, answer -65, hint -18, facts -37, row 18, bank -27, remark -16
zone body phrase: out -20, passage -71, stem -29, more -27, wrapped 30, answer 13, hint -37, facts -49, bank -42, lines -24, keys -112, remark -17
zone body rom-lone: out 33, option -35, answer -55, feedback -17, facts -14, bank -13, keys -28
zone body rom0: passage -26, more -31, option -43, wrapped -12, answer -56, feedback -30, facts -37, row -35, bank -18, keys 40, remark -27
zone body rom1: out -22, stem -19, answer -17, facts -13, remark -20
zone body rom1-first: out -22, stem -35, answer -19
zone body rule: out 36, stem -33, more -13, option -38, answer -77, feedback -23, facts -21, keys -29
zone body section: out 99, stem -121, more -19, option -16, answer -28, feedback -26, facts -75, row -14, bank -15, keys -32, remark -14
zone body sentence: passage -18, stem -41, wrapped -22, answer -55, hint -45, facts -38, row -36, bank -29, lines -20, keys 16
zone body short: stem 25, option -33, wrapped 17, answer -41, feedback -31, hint -27, facts -28, row -63, bank -30, lines -20, keys -37, remark -16
zone body short-sentence: out -79, passage -91, stem -15, more -29, wrapped 25, answer -14, facts -51, row -24, bank -36, lines -21, remark 14
zone body table-pairs: passage -15, stem -30, more -19, option -18, answer -26, feedback 39, facts -25, bank -18, keys -35
zone body table-ticks: out 16, stem -38, more -26, option -24, answer -28, feedback -23, facts -34, bank -12, keys -26
zone body text: passage 40, stem -37, more -28, hint -27, facts -42, row -58, bank -23, lines -18, keys -30
zone body ticked: out -76, stem -15, more -34, option 20, answer 24, feedback -25, facts -27, row -26, keys -21
zone body truth: out 35, stem -16, more -20, option -24, answer -21, feedback -21, facts -36, row -22, bank -13, keys -44
zone body word-lone: out -39, more -38, option 36, answer -50, facts 37, row -20, bank -17, keys -35, remark -15
zone body word0: passage -18, stem 17, more -55, wrapped -21, feedback -26, hint -22, row -27, bank -16, keys -41, remark -27
zone body word0-again: stem 20, facts -18
zone head: stem 21, more -17, option -47, wrapped -67, answer -86, feedback -31, hint -58, facts 30, row -35, bank -43, lines -34, keys -35, remark -63
zone head arrow: out 46, stem -24, more -31, option -49, answer 33
zone head asks: out 15, passage 14, stem -20, more 53, option -25, answer -24, feedback -19, facts -25, bank -20, lines -14
zone head box: out -50, passage -20, stem -34, option 73, answer -61
zone head bracketed: out -49, passage -14, stem -33, more 50, option -19, answer -73, feedback 24, facts -14, bank -81, keys 59
zone head bullet: out -45, passage -17, more 12, option 46, answer -53, feedback -40, facts -31, row -51, remark -39
zone head capitals: out 25, passage -21, option -33, answer 29, facts -61, keys -83
zone head cells: passage -70, stem 33, more 21, option 21, facts -80, row 44, bank -48, keys -97
zone head chatter: passage 21, stem 25, facts -18
zone head colon: out -16, stem 25, more -24, facts -22, keys -23
zone head cue-answer: out -19, more -38, option -134, answer 34, facts -22, bank -38
zone head cue-difficulty: out -18, facts 55, keys -30
zone head cue-feedback: out -95, stem -14, more -15, option -13, answer -12, feedback 48, facts -34, keys -26, remark -20
zone head cue-level: passage -15, stem -21, answer -13
zone head cue-points: out 24, stem -26, answer -66, keys -16
zone head cue-sample: out -39, passage -15, stem -31, more -33, answer 59, facts -28, keys -54
zone head cue-wordBank: stem -17, row -13
zone head field: out -16, passage -14, stem 33, more -24, option -29, answer -66, feedback -22, facts 40, row -37, bank -19, lines -13, keys -25
zone head field-kind: out -20, facts 24
zone head field-number: out -16, facts 50, keys -14
zone head field-option: more -29, option 30
zone head field-stem: out -35, stem 52
zone head gap: out 21, passage -16, answer -41, facts -41, keys -18
zone head heading: passage -41, stem -56, option -32, answer -52, facts 24
zone head identity: out 48, stem -18, facts -37
zone head instruction: out 21
zone head key-title: out 17, passage -48, stem -41, facts -44, bank -12
zone head let-lone: passage 56, stem -36, more 16, answer -47, facts -39, row -52, keys -91
zone head let0: out -29, stem 27, more -21, answer 28, facts -18, row 33, keys -43
zone head let1: stem 40, more -15, option -58, answer 39, facts -42, row -36, keys -79
zone head let1-first: out 37, stem -62, more 37, option 69, answer -69, row -32, keys -29
zone head let2: out -20, option 46, answer -15
zone head let2-first: option 19
zone head num-lone: out 44, passage -40, stem -23, more 61, option -25, feedback -37, facts -87, keys -127
zone head num0: out 50, passage -13, stem -70, more -26, option 37, answer -74, facts -63, lines -15, keys -34
zone head num1: out 12, stem -13, answer -21, row 15, keys -17
zone head num1-first: out -36, stem 30, facts -16, row 17, keys -14
zone head number: out -34, more -89, option 42, feedback -20, facts -24, row -14, keys -70
zone head pair: out 44, stem -75, more -49, answer -18, feedback -21, facts -21, row -60, keys -51
zone head phrase: out 17, passage 14, stem 31, more -23, option -27, wrapped -52, answer -105, feedback -67, facts -30, row -33, lines -15, keys -40
zone head rom-lone: out 75, passage -32, stem -56, facts -36, keys -17
zone head rom0: passage -22, stem 29, option -28, facts -37, row -15, keys -16
zone head rule: out 17, stem -49, more -58, option -24, answer -27, facts -33, row -24, lines 13
zone head section: out -14, passage -20, stem 22, more -19, answer -31, facts 18, keys -72
zone head sentence: more -46, option -68, answer -76, feedback -73, facts -35, row -14, keys -120
zone head short: more -34, option 23, wrapped -36, answer -79, feedback 18, row -25, bank -16, lines -13, keys -106
zone head short-sentence: out 28, passage -25, more -13, wrapped -22, answer -42, feedback -44, hint -41, facts -43, row -24, bank -16, lines -14, keys -107, remark -38
zone head table-pairs: out -13, passage -20, stem -34, more -15, feedback -18, row 92, keys -71
zone head table-wide: out 64, facts -50, keys -53
zone head text: out 14, more -29, option -47, feedback 17, facts -31, row -32, bank -18, lines -14, keys -114
zone head word-lone: out 52, passage -28, stem -26, facts -14, keys -55
zone head word0: out -51, facts 41
zone keys: out -24, passage -125, more -33, option -24, wrapped -94, feedback -52, hint -65, facts -30, row -17, bank -82, lines -47, keys 17, remark -73
zone keys arrow: out -30, answer 43, facts -19
zone keys asks: out -41, more 37, option -21, keys -18
zone keys box: out 16, stem -14, answer -51, keys -22
zone keys bracketed: out -70, stem -14, more -15, answer -33, feedback 27, bank -25, keys 63
zone keys bullet: out 27, stem -25, more -29, option 26, answer -42, feedback -24, row -12, lines -13, keys -29
zone keys capitals: out 39, option -31, answer -80
zone keys cells: passage -43, more 37, wrapped -12, answer -97, facts -51, row -57, bank -26
zone keys chatter: out 25, stem -45, answer -14, keys -18
zone keys cue-answer: out -13, stem -17, more -14, option -83, feedback -20, facts -18, row -23, bank -31, keys 14
zone keys cue-difficulty: out -67, facts 85
zone keys cue-feedback: out -43, more 23, feedback 24, keys -23, remark -23
zone keys cue-level: out 24, option -28, answer -30, facts 48
zone keys cue-sample: out -45, stem -15, more -25, facts -16, keys 39
zone keys field: out -21, passage -37, stem 18, more -40, option -38, answer 21, feedback -42, facts -15
zone keys field-kind: out 54, facts -12, keys -43
zone keys gap: stem -35, more 29, answer -23, keys -17
zone keys heading: out -35, stem -30, answer 37, feedback -19, facts -50, row -18, keys 14
zone keys key-title: stem -34, more -26, option -32, answer -31, facts -17, row -19
zone keys let-lone: out 31, stem -66, more -54, option -45, feedback -13, row 17, keys 17
zone keys let0: out -65, stem -43, option 80, answer -26, keys -43
zone keys let1: answer -87, keys 27, remark -28
zone keys let1-first: out -30, stem -51, row -54, keys 19
zone keys num-lone: out -27, stem -28, more 32, option -23, feedback -36, facts -13, row -38, keys 30
zone keys num0: out -51, more 52, option 43, answer 22, facts -15, keys -48
zone keys num0-again: out -21, passage -33, stem -25, more -45, wrapped -19, answer -20, feedback -35, hint -33, facts -36, row -17, bank -33, lines -33, remark -33
zone keys num1: out -68, stem -54, more 23, answer 60, feedback 38, keys -27
zone keys num1-first: out -17, stem -13, more 31, feedback -12
zone keys number: out -41, more -21, option -73, answer -19, keys 58
zone keys pair: out 46, passage -33, stem -52, option -17, feedback -41, row -24, keys -17
zone keys phrase: out 34, passage -42, stem 19, more 69, option -61, wrapped -25, feedback -54, facts -23, row -23
zone keys rom-lone: stem -42, more -18, answer -21
zone keys rom0-again: out -38, passage -15, option -26, answer -21, facts -12, keys 13, remark -13
zone keys rule: out 13, answer -22, row -22, lines 25
zone keys section: stem -38, more -26, row -13, keys 36
zone keys sentence: out 74, passage -67, stem -137, more 40, option -15, answer -57, feedback -89, keys -26
zone keys short: passage -25, stem -29, option -99, wrapped -37, answer 21, feedback -40, facts -58, keys 18
zone keys short-sentence: out 33, passage -18, stem -38, wrapped -15, answer -49, feedback -29, hint -50, remark -36
zone keys table-pairs: out 13, stem -15, answer -20, feedback -27, row -29, keys 21
zone keys text: out -13, passage -76, more 40, option -28, answer -38, feedback -57, facts -22, keys 12
zone keys word-lone: out -43, stem 37, option -25, answer -17, facts -32
zone keys word0: out -52, stem 35, option -26, answer -30, facts 43, row -13
zone keys word0-again: out -62, more -27, wrapped -25, answer -67, facts 19, row -16, keys -28
zone no numbers: out -19, stem 44, more -25, wrapped -51, feedback -18, hint -92, facts -39, row -48, lines -67, keys -34, remark -64
zone no numbers arrow: out 48, passage -18, stem -28, more -64, option -55, answer -14, feedback 29
zone no numbers asks: passage -39, option -91, answer -42, facts -14
zone no numbers box: out 22, passage -13, stem -44, more -23, answer -153, facts -14, bank -25, remark -15
zone no numbers bracketed: out 18, passage -13, stem -41, more -15, option -26, answer -55, feedback 47, facts -16, keys -125
zone no numbers bullet: out 26, passage -16, stem 49, more -72, option -17, wrapped -13, answer -117, feedback -79, facts -17, row -77, keys -27, remark -40
zone no numbers capitals: out 64, passage -13, stem -26, option -43, answer -26, facts -37, keys -62
zone no numbers cells: passage -96, stem 16, option -26, wrapped -12, answer -81, feedback -27, row -16, bank -52, keys -60
zone no numbers chatter: out 103, passage -24, stem -63, option -17, answer -26, feedback -18, keys -23
zone no numbers colon: out 12, stem 23, more -19, answer -16, keys -76
zone no numbers cue-answer: out -40, stem -55, more -79, option -201, feedback -28, facts -19
zone no numbers cue-difficulty: stem -39, more -18, option -32, answer -30, feedback -18, keys 21
zone no numbers cue-feedback: out 21, passage -14, stem -35, option -35, answer -68, feedback -42, hint -23, facts 12, keys 43, remark 24
zone no numbers cue-level: out -22, passage -16, stem -24, answer 34, facts -26, keys -13
zone no numbers cue-outcome: out -32, stem -50, answer -29, keys 13
zone no numbers cue-points: stem -28, more 27, option -31, answer -218, feedback -15, facts 13, keys 33
zone no numbers cue-sample: out -16, stem -17, answer 77, keys -21
zone no numbers cue-tags: out -19, stem -39, more -21, answer -36, feedback -30, facts 33, row -14, keys -41
zone no numbers cue-wordBank: out 20, passage -23, stem -17, more -12, option -16, answer -26, keys -14
zone no numbers field: out 24, passage -76, stem -58, more -13, answer -46, facts -28, bank -27, lines -18, keys -43
zone no numbers field-kind: out 15, passage -32, stem -65, more -43, option -38, answer -17, feedback -30, row -28, bank -17, keys -34
zone no numbers field-number: out -26, passage -20, stem -27, option -13, answer -31, facts 46, keys -35
zone no numbers field-option: out -67, stem -69, more -18, option 76, answer -66, feedback -15, facts -62, row -40, keys -30, remark -21
zone no numbers field-stem: stem 52, more -21, option -26
zone no numbers gap: out -27, passage 35, stem 38, more -13, option -24, answer -64, feedback -13, facts -16, row -21, bank -13, keys -31
zone no numbers heading: out 143, stem -41, answer -47, facts -68, keys -67
zone no numbers identity: out 27
zone no numbers instruction: out 33, answer -18
zone no numbers key-title: passage -16, stem -17, more -13, answer -22, feedback -12, keys 17
zone no numbers let-lone: passage -66, stem 27, option -46, facts -38, row -82, bank -14
zone no numbers let0: stem -47, option 18, answer -36, row 19, keys -66
zone no numbers let1: out -38, stem 13, more -13, option 14, answer -86, facts -15, row -61, keys -43, remark -32
zone no numbers let1-first: out -121, passage -14, stem 15, more -40, option 48, answer -118, facts -20, row -43, keys -18
zone no numbers let2: option 62, answer -46
zone no numbers let2-first: out -14, stem -31, option 72, answer -17
zone no numbers num-lone: passage -50, stem -25, feedback -49, facts -84, row -15, bank -15
zone no numbers num0: stem -16, more 38, answer -85, facts -50, row 45, keys -47
zone no numbers num0-again: out -48, stem 20, more -19, option 15, answer -56, facts -19, row -63, bank -19, keys 15
zone no numbers num1: out -90, stem -37, more 19, option 25, answer -63, feedback -16, row -48
zone no numbers num1-first: out 34, stem -43, option 35, row -43
zone no numbers number: stem -21, more -50, option -12, answer 33, keys -51
zone no numbers pair: passage 39, stem 41, more 22, option -33, answer -44, feedback -60, facts -22, row -73, bank -17, keys -93
zone no numbers phrase: stem -52, more 24, option -32, wrapped -47, feedback -25, facts -35, row -62, bank -20, keys -97
zone no numbers rom-lone: out 54, stem -50, answer -14, facts -37
zone no numbers rom0: out 59, passage -18, stem -50, option -46, answer -39, facts -24
zone no numbers rule: out 38, stem -66, more 26, option -55, answer -71, feedback -22, facts -39, lines -15
zone no numbers section: answer -21, facts -83, row -19, keys -24
zone no numbers sentence: passage 35, more -65, option -66, answer -14, bank -16, keys -73
zone no numbers short: out -34, stem -22, more -24, option 37, row -16, bank -16, keys -39
zone no numbers short-sentence: stem -21, more 19, option -81, answer -38, feedback 64, hint -21, keys -80, remark -24
zone no numbers table-pairs: out -79, stem -29, more -20, option -25, answer -26, feedback -18, row 72, keys -58
zone no numbers table-ticks: out -47, passage -16, stem -40, option -14, answer -14, row 51, keys -37
zone no numbers text: stem 15, more 23, wrapped -17, answer -23, feedback -77, row -20, bank -17, keys -64
zone no numbers ticked: stem -13, answer -12, feedback -12, facts -20, keys -18
zone no numbers truth: out -43, stem -19, option -28, answer 41
zone no numbers word-lone: out -27, passage -22, stem 21, option -55, answer -20, keys -60
zone no numbers word0: out 18, stem -25, answer -118, feedback -40, keys -15
zone no numbers word0-again: stem -22, facts 23
zone no numbers word1: out -30, stem 37, facts 16
zone no numbers word1-first: out -38, facts 34
zone tail: passage -35, stem -37, more -43, option -22, wrapped -44, feedback -16, hint -92, bank -67, keys -19, remark -81
zone tail arrow: out -47, stem -12, more -75, option 36, feedback -23, facts -12, row -19, keys -29
zone tail asks: out 14, passage -29, more 41, option -65, answer -18, row -15, lines -22, keys -21
zone tail box: stem -38, answer -131, feedback -13, row -20, keys -25
zone tail bracketed: out 29, stem -58, option -19, feedback -28, facts -17, row -15, bank 17, lines -22, keys -120
zone tail bullet: out 20, more -55, option 32, answer -106, facts -18, row -40, lines -13, keys -31, remark -26
zone tail capitals: out 61, stem -22, option -52, answer -27, feedback -25, facts -20, keys -69
zone tail cells: passage -65, option 15, answer -114, feedback -55, facts -57, row -24, bank -26, lines -15, keys 14
zone tail chatter: out 35, passage -13, stem -19, answer -35, feedback -19, lines -19, keys -19
zone tail colon: out 20, stem -15, answer -13, feedback -24, keys -45
zone tail cue-answer: out -59, stem -14, more -31, option 18, feedback -18, facts -23, bank -50
zone tail cue-difficulty: option -24, answer -58, facts 24, row -12, lines -16, keys -30
zone tail cue-feedback: out -56, stem -13, option -16, answer -31, feedback 46, facts -33, keys -70, remark -54
zone tail cue-level: out -30, answer -80, feedback -26, facts 41
zone tail cue-points: stem -28, more -21, feedback -13
zone tail cue-sample: out -24, stem -21, more -38, option -18, answer 41, feedback -31, facts -14, bank -20, keys -30
zone tail cue-wordBank: out 13, option -15, answer -37, feedback -28, facts -12, bank 40
zone tail field: passage -95, stem 29, more -24, option -45, answer -18, feedback -80, facts -65, row -34, lines -25, keys -75
zone tail field-kind: answer -47, facts 14
zone tail gap: passage -33, more -18, option -26, answer 22, feedback -15, facts -15, lines -20, keys -24
zone tail heading: out 146, stem -26, answer -87, feedback -17, facts -70, keys -72
zone tail identity: out 21, stem -13
zone tail instruction: out 28
zone tail let-lone: out 21, passage -35, more -69, answer -65, feedback -27, facts -20, row 33, bank -14, keys -54
zone tail let0: out 48, stem -58, option -18, answer -28, facts -19, row -57, keys 32
zone tail let1: stem 44, row -84, remark -54
zone tail let1-first: out -19, stem 27, more -31, answer 19, row -110, keys -87, remark -30
zone tail let2: out -22, option 68, wrapped -28, answer -44, row -18, keys -24
zone tail let2-first: out -27, stem -17, option 45
zone tail letter: out -82, more -22, answer 95
zone tail num-lone: stem 32, option 34, answer -14, feedback -78, facts -53, row -31, lines -16, keys -21
zone tail num0: out -42, stem -86, answer -70, facts -26, row 75, keys -53
zone tail num0-again: out 43, stem 49, option -43, answer -37, row 22, keys -65
zone tail num1: out 22, option -47, answer -75, feedback -38, facts -22, row -69, keys 63
zone tail num1-first: out 26, stem -22, answer 13, feedback -15, facts -21, row -54, keys 17
zone tail number: out -51, more 23, option 19, answer 22, feedback -12, facts -15, bank -13, lines -16, keys 13
zone tail pair: out -27, passage -104, more -49, option 30, answer -60, feedback -20, facts -32, row 42, lines -15, keys 14
zone tail phrase: out 18, passage 16, more -17, option 15, wrapped -30, answer -141, feedback 21, facts -27, row -61
zone tail rom-lone: out -33, stem 45, answer -28, facts -20, row -24, keys -45
zone tail rule: out -30, passage -15, stem -36, more 16, option -13, answer 18, facts -22, row 20, lines 21, keys -42
zone tail section: out 55, stem -46, more -23, answer -36, feedback -21, facts -34, keys -22
zone tail sentence: out -17, passage -48, stem 14, option -96, wrapped -14, answer 13, feedback -40, facts -20, row -12, bank -14, lines -19, remark -37
zone tail short: out 28, passage -82, stem -15, more 42, option -21, wrapped 29, answer -44, feedback 14, facts -70, row -20, keys -30
zone tail short-sentence: out 47, passage 31, stem -30, answer -16, feedback -47, hint -30, facts -16, row -20, keys -31, remark -70
zone tail table-down: out -70, stem -21, answer -33, feedback -31, facts -31, keys 76
zone tail table-pairs: out -18, stem -48, option -18, answer -74, feedback -67, facts -49, bank -18, lines -27, keys 15
zone tail table-ticks: out -53, stem -16, row 66
zone tail table-wide: out -62, stem -46, option -15, answer -18, feedback -19, facts 16, keys 47
zone tail text: out 33, passage -46, stem -47, more -17, wrapped 17, answer -38, feedback -27, facts -32, row -25, bank -25, lines -21
zone tail ticked: out 15, option 46, answer -23, keys -32
zone tail truth: out -99, more -70, answer 105, keys -36
zone tail word-lone: out 25, stem -31, more -14, option -26, answer -16, feedback -30, keys -27
zone tail word0-again: stem 13
zone tail word1: stem -15, answer -31, facts 41, keys -20
`
