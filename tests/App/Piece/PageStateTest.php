<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Piece\PageState;
use Symfony\Component\HttpFoundation\Request;

final class PageStateTest extends TestCase
{
    /**
     * @param array<string, mixed> $sent
     * @param array<string, mixed> $query
     */
    #[DataProvider('provideSent')]
    public function testAPageIsShownAsItWasAsked(array $sent, array $query): void
    {
        self::assertEquals($query, PageState::of(Request::create('/', 'GET', $sent))->query());
        self::assertEquals($query, PageState::of(Request::create('/', 'POST', $sent))->query(), 'posted, too');
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function provideSent(): iterable
    {
        yield 'nothing' => [[], []];
        yield 'worn, from behind, half open' => [
            ['view' => 'worn', 'turn' => '180', 'open' => '50'],
            ['view' => 'worn', 'turn' => 180, 'open' => 50],
        ];
        yield 'turned back' => [['turn' => '-90'], ['turn' => 270]];
        yield 'turned twice around' => [['turn' => '765'], ['turn' => 45]];
        yield 'wider than open' => [['open' => '999'], ['open' => 100]];
        yield 'a zoom there is' => [['zoom' => '4', 'stage' => 'cut'], ['zoom' => 4, 'stage' => 'cut']];
        yield 'a zoom there isn’t' => [['zoom' => '3', 'stage' => 'sale', 'view' => 'x', 'turn' => 'left'], []];
        yield 'a part' => [['at' => '2.0.1'], ['at' => '2.0.1']];
        yield 'another part' => [['at' => '2', 'choose' => '3'], ['at' => '3']];
        yield 'no part' => [['at' => '2.x', 'zoom' => ['4']], []];
    }

    public function testAnAddressSaysOnlyWhatIsOtherwise(): void
    {
        $page = PageState::of(Request::create('/?zoom=2&stage=cut'));

        self::assertSame(['view' => 'worn', 'zoom' => 2, 'stage' => 'cut'], $page->query(['view' => 'worn']));
        self::assertSame(['stage' => 'cut'], $page->query(['zoom' => 1]));
        self::assertSame('1.2', $page->choosing('1.2')->chosen);
        self::assertSame(2, $page->choosing('1.2')->zoom);
    }
}
