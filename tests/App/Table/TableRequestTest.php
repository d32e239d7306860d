<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Table;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Table\TableRequest;
use Symfony\Component\HttpFoundation\Request;

final class TableRequestTest extends TestCase
{
    /**
     * @param array<string, mixed> $sent
     * @param array<string, mixed> $query
     */
    #[DataProvider('provideSent')]
    public function testWhatIsAskedIsAskedAgain(array $sent, array $query): void
    {
        self::assertSame($query, TableRequest::by(Request::create('/', 'GET', $sent))->query());
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}>
     */
    public static function provideSent(): iterable
    {
        yield 'nothing' => [[], []];
        yield 'words' => [['q' => 'Blue hemp'], ['q' => 'Blue hemp']];
        yield 'a kind' => [['kind' => 'square-knot-band'], ['kind' => 'square-knot-band']];
        yield 'no kind' => [['kind' => '../x'], []];
        yield 'the archive, by name' => [['archive' => '1', 'sort' => 'name'], ['archive' => 1, 'sort' => 'name']];
        yield 'no order' => [['sort' => 'colour', 'archive' => 'yes'], []];
        yield 'lists in place of texts' => [['q' => ['x'], 'sort' => ['name'], 'page' => ['2']], []];
    }

    public function testAtMostEightWordsAreLookedFor(): void
    {
        $asked = TableRequest::by(Request::create('/', 'GET', ['q' => 'A, b  C d e f g h i j', 'page' => '0']));

        self::assertSame(['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'], $asked->words);
        self::assertSame(1, $asked->page);
        self::assertSame(['q' => 'A, b  C d e f g h i j', 'page' => 3], $asked->query(3));
        self::assertTrue($asked->isNarrow());
        self::assertFalse(TableRequest::by(Request::create('/?archive=1'))->isNarrow());
    }

    public function testTheSameWordsAnyhowLookOutsideTheArchiveToo(): void
    {
        $asked = TableRequest::by(Request::create('/?q=quay&kind=net&archive=1&sort=whom&page=4'));

        self::assertSame(['q' => 'quay', 'kind' => 'net', 'sort' => 'whom'], $asked->anyhow()->query());
    }
}
