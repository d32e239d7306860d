<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Construction\StretchString;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class StretchStringTest extends TestCase
{
    public function testNothingHasToBeDecidedButTheGirth(): void
    {
        $plan = Examples::planOf('stretch');

        self::assertInstanceOf(StretchString::class, $plan->draft->construction);
        self::assertSame(['cord'], array_keys($plan->draft->piece->cords));
        self::assertSame('(1 bead round) x fit', $plan->draft->piece->pattern->text);
        self::assertNotSame(Severity::Stop, $plan->worst(), 'it can be made as it is');
    }

    public function testItHasItsOwnWaysToClose(): void
    {
        self::assertSame(['elastic'], array_map(
            static fn (ClosureKind $kind): string => $kind->id(),
            Constructions::all()->named('stretch')?->closures() ?? [],
        ));
    }

    public function testBeadsFillTheGirth(): void
    {
        $small = Examples::planOf('stretch', ['wearer.girth' => '14 cm'])->beads['round'] ?? 0;
        $large = Examples::planOf('stretch', ['wearer.girth' => '19 cm'])->beads['round'] ?? 0;

        self::assertGreaterThan($small, $large);
        self::assertEqualsWithDelta(50.0 / 6, $large - $small, 1.6, 'beads of 6 mm');
    }
}
