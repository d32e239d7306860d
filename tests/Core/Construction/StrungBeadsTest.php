<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Construction\StrungBeads;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class StrungBeadsTest extends TestCase
{
    public function testNothingHasToBeDecidedButTheGirth(): void
    {
        $plan = Examples::planOf('strung-beads');

        self::assertInstanceOf(StrungBeads::class, $plan->draft->construction);
        self::assertSame(['cord'], array_keys($plan->draft->piece->cords));
        self::assertSame('gap fit, 1 barrel 3, 9 bead pearl, 1 barrel 3, gap fit', $plan->draft->piece->pattern->text);
        self::assertNotSame(Severity::Stop, $plan->worst(), 'it can be made as it is');
    }

    public function testItHasItsOwnWaysToClose(): void
    {
        self::assertSame([
            'double-barrel', 'single-barrel', 'square-slider', 'slide-bead', 'clasp', 'button-loop', 'ties',
            'breakaway', 'two-ends', 'for-good',
        ], array_map(
            static fn (ClosureKind $kind): string => $kind->id(),
            Constructions::all()->named('strung-beads')?->closures() ?? [],
        ));
    }

    public function testBeadsThatHangTogetherKeepTheirCount(): void
    {
        self::assertSame(['pearl' => 9], Examples::planOf('strung-beads')->beads);
        self::assertSame(['pearl' => 9], Examples::planOf('strung-beads', ['wearer.girth' => '19 cm'])->beads);
    }
}
