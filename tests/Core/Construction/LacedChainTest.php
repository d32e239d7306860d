<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Construction\LacedChain;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Remark\Severity;
use Rinkel\Tests\Core\Examples;

final class LacedChainTest extends TestCase
{
    public function testNothingHasToBeDecidedButTheGirth(): void
    {
        $plan = Examples::planOf('laced-chain');

        self::assertInstanceOf(LacedChain::class, $plan->draft->construction);
        self::assertSame(['lace'], array_keys($plan->draft->piece->cords));
        self::assertSame('1 link chain x fit', $plan->draft->piece->pattern->text);
        self::assertNotSame(Severity::Stop, $plan->worst(), 'it can be made as it is');
    }

    public function testItHasItsOwnWaysToClose(): void
    {
        self::assertSame(['slide-bead', 'clasp', 'ties', 'double-barrel'], array_map(
            static fn (ClosureKind $kind): string => $kind->id(),
            Constructions::all()->named('laced-chain')?->closures() ?? [],
        ));
    }

    public function testTheChainHasALinkInItsMiddle(): void
    {
        self::assertSame(1, Examples::planOf('laced-chain')->draft->setting->count(ElementKind::Link) % 2);
        self::assertNotNull(Examples::check(Examples::planOf('laced-chain'), 'chain-middle'));
    }
}
