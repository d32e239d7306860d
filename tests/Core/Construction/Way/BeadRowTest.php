<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Way\BeadRow;
use Rinkel\Core\Work\Act;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

final class BeadRowTest extends TestCase
{
    #[DataProvider('provideRows')]
    public function testABeadRowIsSaidShort(string $said, string ...$names): void
    {
        self::assertSame($said, BeadRow::said(array_values($names)));
    }

    /**
     * @return iterable<list<string>>
     */
    public static function provideRows(): iterable
    {
        yield ['plum', 'plum'];
        yield ['3 pip', 'pip', 'pip', 'pip'];
        yield ['3 pip, plum', 'pip', 'pip', 'pip', 'plum'];
        yield ['sky, sun, sky', 'sky', 'sun', 'sky'];
        yield ['2 × (sky, sun)', 'sky', 'sun', 'sky', 'sun'];
        yield ['2 × (2 sky, sun)', 'sky', 'sky', 'sun', 'sky', 'sky', 'sun'];
        yield [''];
    }

    public function testLettersAreSpelled(): void
    {
        $plan = Examples::planOf('stretch', [
            'beads.letter' => ['shape' => 'cube', 'diameter' => '6 mm', 'hole' => '1.5 mm'],
            'pattern' => 'word "IVO" of letter, 1 bead letter x fit',
        ]);

        self::assertContains('letter I V O', array_map(
            static fn (Act $act): mixed => Sheets::said($act, 'beads'),
            $plan->acts()->all,
        ));
    }
}
