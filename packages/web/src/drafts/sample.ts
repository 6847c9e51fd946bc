/** A draft to try the desk with. */
export const SAMPLE_TEXT = `Sure! Here are three questions about knots:

1. Which knot makes a fixed loop at the end of a rope?
a) clove hitch
b) bowline
c) reef knot Answer: b)

2. True or false: a reef knot joins two ropes of unequal thickness.
Answer: False

3. The part of a rope that you tie the knot with is called the _____ end.
Answer: working

Let me know if you would like more questions!
`
