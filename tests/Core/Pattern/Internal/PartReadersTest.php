<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Pattern\Internal\PartReaders;
use Rinkel\Tests\Core\Toy\TripleOverhand;

final class PartReadersTest extends TestCase
{
    public function testWhatHasAMeaningIsNoName(): void
    {
        foreach (['x', 'fit', 'mirror', 'gap', 'square', 'half', 'by', 'word', ''] as $word) {
            self::assertFalse(PartReaders::isName($word), $word);
        }
        foreach (['amber', 'left', 'sea-glass', 'perle2', 'Äpfel'] as $name) {
            self::assertTrue(PartReaders::isName($name), $name);
        }
        self::assertFalse(PartReaders::isName(str_repeat('a', 41)));
    }

    public function testAKnotFromOutsideIsAWordAsWell(): void
    {
        $readers = new PartReaders(KnownKnots::all()->and(new TripleOverhand()));

        self::assertArrayHasKey('triple', $readers->words);
        self::assertArrayNotHasKey('triple', (new PartReaders(KnownKnots::all()))->words);
    }
}
