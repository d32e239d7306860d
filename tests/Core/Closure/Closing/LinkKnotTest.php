<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure\Closing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

final class LinkKnotTest extends TestCase
{
    public function testTwoOverhandsHoldTheCordsAtTheLink(): void
    {
        $knot = Sheets::act(Examples::planOf('laced-chain', ['closure.kind' => 'clasp']), 'link-knot');

        self::assertSame(2, $knot->stint->count);
        self::assertSame('overhand', $knot->stint->knot);
        self::assertSame(['link-knot start'], Sheets::marks($knot->spot->makes));
    }

    public function testFoldedThreadsNeedNoneWhereTheyAreFolded(): void
    {
        $plan = Examples::planOf('braided-chain', ['closure.kind' => 'clasp']);

        self::assertCount(1, array_filter(
            Sheets::keys($plan, Part::Close),
            static fn (string $key): bool => 'link-knot' === $key,
        ));
    }
}
