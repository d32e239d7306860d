<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Construction\StrandBundle;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class StrandBundleTest extends TestCase
{
    public function testNothingHasToBeDecidedButTheGirth(): void
    {
        $plan = Examples::planOf('strand-bundle');

        self::assertInstanceOf(StrandBundle::class, $plan->draft->construction);
        self::assertSame(['sea', 'sand', 'rust', 'end'], array_keys($plan->draft->piece->cords));
        self::assertSame('6 whip, gap fit, 6 whip', $plan->draft->piece->pattern->text);
        self::assertNotSame(Severity::Stop, $plan->worst(), 'it can be made as it is');
    }

    public function testItHasItsOwnWaysToClose(): void
    {
        self::assertSame(['square-slider', 'double-barrel', 'single-barrel', 'slide-bead', 'ties', 'clasp'], array_map(
            static fn (ClosureKind $kind): string => $kind->id(),
            Constructions::all()->named('strand-bundle')?->closures() ?? [],
        ));
    }

    public function testAllStrandsAreMixedAndBound(): void
    {
        $piece = Examples::planOf('strand-bundle')->draft->piece;

        self::assertSame(['sea' => 6, 'sand' => 4, 'rust' => 2], array_count_values(StrandBundle::mixed($piece)));
        self::assertNotSame(
            StrandBundle::mixed($piece)[0],
            StrandBundle::mixed($piece)[1],
            'no two of one colour side by side where others are left',
        );
    }
}
