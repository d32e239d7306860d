<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\PatternText;

final class PatternTextTest extends TestCase
{
    public function testItsTextStaysAsItsMakerWroteIt(): void
    {
        $written = PatternText::read('2  square ,1 bead a', Unit::Centimetre);

        self::assertSame('2  square ,1 bead a', (string) $written);
        self::assertSame('2 square, 1 bead a', (string) $written->tree);
        self::assertSame('gap 3 in', PatternText::read('gap 3', Unit::Inch)->pinned(Unit::Inch)->text);
        self::assertSame('2 square', PatternText::of(Pattern::parse('2   square', Unit::Inch))->text);
    }
}
