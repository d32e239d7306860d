<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Act;
use Rinkel\Tests\Core\Examples;

/**
 * Ties.
 */
final class TieUpTest extends TestCase
{
    public function testTiesAreLeftAsLongAsTheyAre(): void
    {
        $plan = Examples::plan(['closure' => ['kind' => 'ties', 'tail' => '120 mm']]);
        $trims = array_values(array_filter(
            $plan->acts()->all,
            static fn (Act $act): bool => 'trim-past' === $act->said->key && isset($act->spot->sizes['leaves']),
        ));

        self::assertContains(
            125.0,
            array_map(static fn (Act $act): float => round($act->spot->sizes['leaves']->millimetres, 6), $trims),
            'with half of the knot that is tied',
        );
    }

    public function testABeadAtEachTipIsStoppedThere(): void
    {
        $plan = Examples::plan([
            'beads.tip' => ['shape' => 'round', 'diameter' => '6 mm', 'hole' => '2.5 mm'],
            'closure' => ['kind' => 'ties', 'tails' => 'bead tip'],
        ]);

        self::assertSame(['tip' => 4], $plan->draft->fastened->fittings->beads, 'two cores at either end');
        self::assertSame(4, (int) ($plan->acts()->beads()['tip'] ?? 0));
    }
}
