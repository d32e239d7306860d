<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Material;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Exception\LettersUnread;
use Rinkel\Core\Material\Letters;
use Rinkel\Tests\Core\Examples;

final class LettersTest extends TestCase
{
    public function testCountedOrAsTheyLie(): void
    {
        self::assertSame(['A' => 3, 'B' => 1, 'É' => 2], Letters::parse('A3 B1, É2')->counts);
        self::assertSame(['A' => 2, 'L' => 1, 'M' => 1], Letters::parse('MALA')->counts);
        self::assertSame(['A' => 3, 'N' => 1], Letters::parse('AA A1 N')->counts);
        self::assertEquals(Letters::parse('MALA'), Letters::parse((string) Letters::parse('MALA')));
        foreach (['', '   ', '12', 'A12345', 'a"b'] as $text) {
            try {
                self::fail((string) Letters::parse($text));
            } catch (LettersUnread $unread) {
                self::assertSame('letters-unread', $unread->said()->key);
            }
        }
    }

    /**
     * ANNALENA takes three A, three N, an E and an L: with two A and no L three letters lack.
     */
    public function testWhatANameLacks(): void
    {
        $plan = Examples::planOf('stretch', [
            'beads' => [
                'cube' => ['shape' => 'letter', 'diameter' => '7 mm', 'hole' => '2 mm', 'letters' => 'A2 N4 E1'],
                'dot' => ['shape' => 'round', 'diameter' => '5 mm'],
            ],
            'pattern' => '1 bead dot x fit, word "ANNALENA" of cube, mirror',
        ]);

        self::assertSame(['cube' => ['A' => 3, 'E' => 1, 'L' => 1, 'N' => 3]], $plan->letters());
        self::assertSame('1 × A, 1 × L', Examples::check($plan, 'letters-missing')?->values['letters']);
        self::assertNull(Examples::check(
            Examples::planOf('stretch', [
                'beads' => ['cube' => ['shape' => 'letter', 'diameter' => '7 mm', 'letters' => 'MILA']],
                'pattern' => 'word "MILA" of cube',
            ]),
            'letters-missing',
        ));
    }
}
