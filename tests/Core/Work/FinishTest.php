<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Work;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Finish;
use Rinkel\Core\Work\Part;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Sheets;

final class FinishTest extends TestCase
{
    public function testWhatMeltsIsTrimmedAndSingedWhatDoesNotIsGluedFirst(): void
    {
        $keys = static fn (string $fibre, string $habit = 'side', string $is = 'left'): array => Sheets::keys(
            Examples::planOf('spaced-knots', [
                'closure.kind' => 'ties', 'cords.cord.fibre' => $fibre, 'habits.'.$habit => $is,
            ]),
            Part::Ends,
        );

        self::assertSame(['trim-past', 'singe', 'trim-past', 'singe'], $keys('nylon'));
        self::assertSame(['glue-tips', 'glue-tips', 'cure', 'trim-past', 'trim-past'], $keys('hemp'));
        self::assertSame(
            ['trim-past', 'glue-tips', 'trim-past', 'glue-tips', 'cure'],
            $keys('hemp', 'gluing', 'last'),
        );
        self::assertContains('varnish-tips', $keys('hemp', 'sealing', 'varnish'));
    }

    public function testAThinLeatherIsPulledFirmNotHard(): void
    {
        $leather = static fn (float $thick): Cord => new Cord(
            Fibre::Leather,
            Length::ofMillimetres($thick),
            Colour::parse('#112233'),
        );
        $keys = static fn (Cord $cord): array => array_map(
            static fn (Message $look): string => $look->key,
            Finish::wound($cord),
        );

        self::assertSame(['look-barrel', 'look-firm'], $keys($leather(1.0)));
        self::assertSame(['look-barrel'], $keys($leather(1.5)));
    }

    public function testFrayedTailsAreCombedNotSealed(): void
    {
        $keys = Sheets::keys(Examples::planOf('spaced-knots', [
            'closure' => ['kind' => 'ties', 'tails' => 'frayed'],
        ]), Part::Ends);

        self::assertContains('fray', $keys);
        self::assertNotContains('cure', $keys);
    }
}
