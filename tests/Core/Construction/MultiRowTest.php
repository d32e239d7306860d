<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Construction\MultiRow;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class MultiRowTest extends TestCase
{
    public function testNothingHasToBeDecidedButTheGirth(): void
    {
        $plan = Examples::planOf('multi-row');

        self::assertInstanceOf(MultiRow::class, $plan->draft->construction);
        self::assertSame(['core', 'working'], array_keys($plan->draft->piece->cords));
        self::assertSame('3 square, bundle outer middle outer x fit, 3 square', $plan->draft->piece->pattern->text);
        self::assertNotSame(Severity::Stop, $plan->worst(), 'it can be made as it is');
    }

    public function testItHasItsOwnWaysToClose(): void
    {
        self::assertSame([
            'square-slider', 'button-loop', 'clasp', 'ties', 'slide-bead', 'single-barrel', 'double-barrel',
            'two-ends',
        ], array_map(
            static fn (ClosureKind $kind): string => $kind->id(),
            Constructions::all()->named('multi-row')?->closures() ?? [],
        ));
    }

    public function testEachRowHasItsOwnCore(): void
    {
        $piece = Examples::planOf('multi-row')->draft->piece;

        self::assertSame(3, $piece->cords['core']->count);
        self::assertGreaterThan(
            Examples::planOf('multi-row')->beads['middle'] ?? 0,
            Examples::planOf('multi-row')->beads['outer'] ?? 0,
            'two rows of the outer ones',
        );
    }
}
