<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Line;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\Element;
use Rinkel\Tests\Core\Examples;

final class LineTest extends TestCase
{
    public function testAMirrorRepeatsTheFirstHalfBackwards(): void
    {
        $line = Examples::plan([
            'beads.a' => ['shape' => 'round', 'diameter' => '4 mm', 'hole' => '3 mm'],
            'beads.b' => ['shape' => 'round', 'diameter' => '5 mm', 'hole' => '3 mm'],
            'pattern' => '2 half left, 1 bead a, 1 bead b, mirror',
        ])->draft->line;

        self::assertTrue($line->mirrored);
        self::assertSame(
            ['half left', 'half left', 'a', 'b', 'b', 'a', 'half right', 'half right'],
            array_map(
                static fn (Element $element): string => $element->name ?? $element->word(),
                $line->elements([]),
            ),
            'and turns spirals the other way',
        );
    }

    public function testARepeatIsExpandedAsOftenAsItFits(): void
    {
        $line = Examples::plan(['pattern' => '(1 square, 1 half left) x fit'])->draft->line;

        self::assertCount(6, $line->elements([3]));
        self::assertCount(2, $line->repeat(0));
        self::assertSame([], $line->repeat(7));
        self::assertNull($line->breaking());
        self::assertSame($line, $line->plain());
    }

    public function testWhatFillsIsKnown(): void
    {
        self::assertCount(2, Examples::planOf('wave-band')->draft->line->fills());
        self::assertSame([], Examples::plan()->draft->line->fills());
    }
}
