<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Pattern\Node\Word;

final class WordTest extends TestCase
{
    public function testSaysItsLettersAndItsBeads(): void
    {
        self::assertSame('word "ADA" of cube', (string) new Word('ADA', 'cube'));
        $between = new Word('ADA', 'cube', 'dot');
        self::assertSame('word "ADA" of cube between dot', (string) $between);
        self::assertSame(['cube', 'dot'], $between->names());
        self::assertTrue($between->isMiddle());
    }

    public function testIsRenamedBeadByBead(): void
    {
        $rename = static fn (string $name, int $i): string => $name.$i;

        self::assertSame('word "ADA" of cube0', (string) (new Word('ADA', 'cube'))->renamed($rename));
        self::assertSame('word "ADA" of cube0 between dot1', (string) (new Word('ADA', 'cube', 'dot'))->renamed($rename));
    }

    public function testIsAsLongAsFits(): void
    {
        self::assertSame(Word::LONGEST, mb_strlen((new Word(str_repeat('é', Word::LONGEST), 'cube'))->text));
        $this->expectException(\DomainException::class);
        self::assertNull((new Word(str_repeat('é', Word::LONGEST + 1), 'cube'))->place());
    }
}
