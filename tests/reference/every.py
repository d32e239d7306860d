#!/usr/bin/env python3
"""Has hands.py follow one sheet after the other: a line of JSON each on standard input, {"name", "acts", "plan"}.
Prints what is wrong with each, a line each, and at the end how many there were."""
import json, sys
from hands import Hands

count = 0
for line in sys.stdin:
    sheet = json.loads(line)
    count += 1
    hands = Hands(sheet['acts'])
    try:
        hands.run()
        hands.against(sheet['plan'])
    except Exception as error:
        hands.wrong.append(f'cannot be followed: {error!r}')
    for wrong in hands.wrong:
        print(sheet['name'], wrong, sep=': ')
print(count, 'sheets')
