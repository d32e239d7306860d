<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Construction\BraidedChain;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class BraidedChainTest extends TestCase
{
    public function testNothingHasToBeDecidedButTheGirth(): void
    {
        $plan = Examples::planOf('braided-chain');

        self::assertInstanceOf(BraidedChain::class, $plan->draft->construction);
        self::assertSame(['left', 'right'], array_keys($plan->draft->piece->cords));
        self::assertSame('1 link chain x fit', $plan->draft->piece->pattern->text);
        self::assertNotSame(Severity::Stop, $plan->worst(), 'it can be made as it is');
    }

    public function testItHasItsOwnWaysToClose(): void
    {
        self::assertSame(['clasp', 'ties'], array_map(
            static fn (ClosureKind $kind): string => $kind->id(),
            Constructions::all()->named('braided-chain')?->closures() ?? [],
        ));
    }

    public function testBothThreadsRunAlongTheChain(): void
    {
        $plan = Examples::planOf('braided-chain');

        self::assertSame(3, $plan->draft->piece->cords['left']->count);
        self::assertEqualsWithDelta(
            $plan->cut('left')?->length->millimetres ?? 0.0,
            $plan->cut('right')?->length->millimetres ?? 1.0,
            1e-9,
        );
    }
}
