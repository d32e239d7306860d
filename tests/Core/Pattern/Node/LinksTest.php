<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Node\Fit;
use Rinkel\Core\Pattern\Node\Links;

final class LinksTest extends TestCase
{
    public function testSaysHowManyOfWhich(): void
    {
        $links = new Links(4, 'curb');

        self::assertSame(['link', '4 link curb', ['curb'], 4], [$links->word(), (string) $links, $links->names(), $links->count()]);
        self::assertTrue($links->repeatsBare());
    }

    public function testIsCountedWithinItsBounds(): void
    {
        $links = new Links(4, 'curb');

        self::assertSame([1, 1, 9, Links::MOST, Links::MOST], array_map(
            static fn (int $count): int => $links->times($count)->count(),
            [0, 1, 9, Links::MOST, Links::MOST + 1],
        ));
        self::assertSame('curb', $links->times(9)->name);
    }

    public function testAsManyAsFitAreLinksOneByOne(): void
    {
        $freed = (new Links(4, 'curb'))->freed();

        self::assertSame('1 link curb x fit', (string) $freed);
        self::assertInstanceOf(Fit::class, $freed->times);
    }
}
