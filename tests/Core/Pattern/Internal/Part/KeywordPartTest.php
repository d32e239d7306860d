<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Internal\Part;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Pattern\Internal\Part\KeywordPart;
use Rinkel\Core\Pattern\Internal\PartReaders;

final class KeywordPartTest extends TestCase
{
    public function testEachBeginsWithItsOwnWord(): void
    {
        $words = [];
        foreach ((new PartReaders(KnownKnots::all()))->all as $reader) {
            if ($reader instanceof KeywordPart) {
                self::assertSame('"'.$reader->word().'"', $reader->begins());
                $words[] = $reader->word();
            }
        }

        self::assertSame(array_unique($words), $words);
        self::assertContains('focal', $words);
    }
}
