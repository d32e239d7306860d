<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Piece\PageParts;
use Rinkel\App\Piece\PageState;
use Symfony\Component\HttpFoundation\Request;

final class PagePartsTest extends TestCase
{
    public function testAPartThatThePageHasIsNotSentAgain(): void
    {
        $first = PageParts::missing(Request::create('/pieces/1'))->of('fit', '<b>16 cm</b>', 'stage-part');
        self::assertSame(1, preg_match('~^<div id="part-fit" class="stage-part" data-part="([0-9a-f]{16})"><b>16 cm</b></div>$~', $first, $match));

        $has = self::has('fit='.$match[1].' cuts=0123456789abcdef');
        self::assertSame('<div id="part-fit" class="stage-part" data-same></div>', $has->of('fit', '<b>16 cm</b>', 'stage-part'));
        self::assertStringContainsString('17 cm', $has->of('fit', '<b>17 cm</b>', 'stage-part'));
        self::assertStringContainsString('<b>16 cm</b>', $has->of('counts', '<b>16 cm</b>'), 'another part is another');
    }

    public function testNonsenseOfAPageIsNotHeard(): void
    {
        foreach (['', 'fit', 'fit=', 'fit=12', 'FIT=0123456789abcdef', str_repeat('x', 5000)] as $nonsense) {
            self::assertStringContainsString('data-part=', self::has($nonsense)->of('fit', 'x'));
        }
    }

    public function testWhatIsInSightComesFirst(): void
    {
        $request = Request::create('/pieces/1', parameters: ['stage' => 'materials']);
        $page = PageState::of($request);
        self::assertTrue(PageParts::missing($request)->wants('cut', $page));
        $request->headers->set(PageParts::SIGHT, 'first');
        self::assertTrue(PageParts::missing($request)->wants('materials', $page));
        self::assertFalse(PageParts::missing($request)->wants('cut', $page));
        self::assertSame('<div id="part-cuts" data-same></div>', PageParts::missing($request)->later('cuts'));
    }

    private static function has(string $parts): PageParts
    {
        $request = Request::create('/pieces/1');
        $request->headers->set(PageParts::HEADER, $parts);

        return PageParts::missing($request);
    }
}
