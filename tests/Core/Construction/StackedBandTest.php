<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Construction\StackedBand;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class StackedBandTest extends TestCase
{
    public function testNothingHasToBeDecidedButTheGirth(): void
    {
        $plan = Examples::planOf('stacked-band');

        self::assertInstanceOf(StackedBand::class, $plan->draft->construction);
        self::assertSame(['first', 'second', 'core'], array_keys($plan->draft->piece->cords));
        self::assertSame('(3 square in first, 3 square in second) x fit partly', $plan->draft->piece->pattern->text);
        self::assertNotSame(Severity::Stop, $plan->worst(), 'it can be made as it is');
    }

    public function testItHasItsOwnWaysToClose(): void
    {
        self::assertSame([
            'square-slider', 'button-loop', 'clasp', 'ties', 'slide-bead', 'single-barrel', 'double-barrel',
            'two-ends',
        ], array_map(
            static fn (ClosureKind $kind): string => $kind->id(),
            Constructions::all()->named('stacked-band')?->closures() ?? [],
        ));
    }

    public function testEachPairMayHaveItsOwnCord(): void
    {
        $plan = Examples::planOf('stacked-band', ['cords.first.thickness' => '0.8 mm']);

        self::assertEqualsWithDelta(0.8, $plan->cut('first')?->cord->thickness->millimetres ?? 0.0, 1e-9);
        self::assertNotEquals($plan->cut('first')?->length, $plan->cut('second')?->length);
    }
}
