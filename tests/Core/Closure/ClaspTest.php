<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use Rinkel\Core\Knot\Kind\Overhand;

final class ClaspTest extends ClosureCase
{
    /**
     * Common practice: clasp, rings and fold-over ends add about 1 1/2 in.
     */
    public function testAClaspAddsItsFindings(): void
    {
        self::assertEqualsWithDelta(38.1, self::closed('clasp')->draft->fastened->span->narrow->millimetres, 1e-9);
        $findings = [
            'hook' => ['kind' => 'clasp', 'length' => '12 mm'], 'ring' => ['kind' => 'ring', 'length' => '5 mm'],
            'chain' => ['kind' => 'extender', 'length' => '40 mm'],
        ];
        $plan = self::closed('clasp', ['findings' => $findings, 'closure.findings' => ['hook', 'ring', 'chain']]);

        // The cores are tied back to themselves at either end: two overhands of four strands.
        $knot = $plan->draft->book()->in(
            new Overhand(),
            $plan->draft->piece->cord('core')->cord,
            4,
        )->pitch->millimetres;
        self::assertEqualsWithDelta(17 + 2 * $knot, $plan->draft->fastened->span->narrow->millimetres, 1e-9);
        self::assertEqualsWithDelta(57 + 2 * $knot, $plan->draft->fastened->span->wide->millimetres, 1e-9);
        $ends = ['one' => ['kind' => 'fold-over-end', 'length' => '8 mm', 'inside' => '4 mm']];
        $crimped = self::closed(
            'clasp',
            ['findings' => $findings + $ends, 'closure.findings' => ['one', 'one', 'hook', 'ring']],
        );
        self::assertEqualsWithDelta(
            33,
            $crimped->draft->fastened->span->narrow->millimetres,
            1e-9,
            'nothing is tied there',
        );
    }
}
