<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Files;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Files\Json;
use Rinkel\App\Platform\Files\PlainXml;
use Rinkel\Tests\Core\Chance;

final class JsonTest extends TestCase
{
    /**
     * Read one by one, the objects of a list are those that PHP's own reader finds, wherever the parts that are read
     * end: within a string, a sign of several bytes, an escape.
     */
    public function testRowsAreThoseOfPhpsOwnReader(): void
    {
        $chance = new Chance(12);
        $texts = ['plain', 'qu"ote', 'back\\slash', "line\nline", '{"}', '[', 'ü – 結び', str_repeat('long ', 9_000)];
        foreach ([0, \JSON_PRETTY_PRINT, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES] as $flags) {
            $document = [
                'format' => 'x',
                'nested' => ['pieces' => [['not' => 'these']]],
                'pieces' => [],
                'log' => [],
                'other' => [['a' => 1]],
            ];
            for ($i = 0; $i < 80; ++$i) {
                $document[$chance->of(['pieces', 'log'])][] = [
                    'uid' => $i, 'text' => $chance->of($texts), $chance->of($texts) => [
                        'deep' => [['x' => $chance->of($texts)], []],
                    ],
                ];
            }
            $stream = fopen('php://memory', 'w+');
            self::assertNotFalse($stream);
            fwrite($stream, json_encode($document, $flags | \JSON_THROW_ON_ERROR));
            rewind($stream);
            $found = ['pieces' => [], 'log' => []];
            foreach (Json::rows($stream, ['pieces', 'log'], 1_000_000) as [$list, $text]) {
                $found[$list][] = json_decode($text, true, flags: \JSON_THROW_ON_ERROR);
            }
            self::assertSame(['pieces' => $document['pieces'], 'log' => $document['log']], $found);
        }
    }

    public function testARowTooLongIsToldBeforeItFillsMemory(): void
    {
        $stream = fopen('php://memory', 'w+');
        self::assertNotFalse($stream);
        fwrite($stream, '{"pieces":[{"a":"'.str_repeat('x', 400_000).'"}]}');
        rewind($stream);
        $this->expectException(\JsonException::class);
        iterator_count((static fn (): \Generator => yield from Json::rows($stream, ['pieces'], 100_000))());
    }

    public function testWhatIsTooMuchIsRefused(): void
    {
        self::assertSame(['a' => [1]], Json::read('{"a":[1]}', 100));
        foreach ([str_repeat(' ', 101).'{}', str_repeat('[', 40).str_repeat(']', 40), '7', '{', ''] as $text) {
            try {
                Json::read($text, 100);
                self::fail($text);
            } catch (\JsonException) {
                $this->addToAssertionCount(1);
            }
        }
        $this->expectException(\JsonException::class);
        Json::read('['.str_repeat('[],', 70_000).'[]]', 1_000_000);
    }

    public function testXmlThatMakesAReaderWorkIsTold(): void
    {
        self::assertTrue(PlainXml::is('<?xml version="1.0" encoding="UTF-8"?><svg/>'));
        $bomb = '<!DOCTYPE a [<!ENTITY b "c">]><a>&b;</a>';
        foreach ([
            $bomb,
            strtolower($bomb),
            (string) mb_convert_encoding($bomb, 'UTF-16'),
            '<?xml version="1.0" encoding="UTF-7"?><a/>',
        ] as $xml) {
            self::assertFalse(PlainXml::is($xml), $xml);
        }
    }
}
