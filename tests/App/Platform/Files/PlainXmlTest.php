<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Files;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Files\PlainXml;

final class PlainXmlTest extends TestCase
{
    #[DataProvider('texts')]
    public function testOnlyPlainOneIsRead(string $xml, bool $plain): void
    {
        self::assertSame($plain, PlainXml::is($xml));
    }

    /**
     * @return iterable<string, array{string, bool}>
     */
    public static function texts(): iterable
    {
        yield 'plain' => ['<?xml version="1.0" encoding="UTF-8"?><a/>', true];
        yield 'a doctype' => ['<!doctype a><a/>', false];
        yield 'an entity' => ['<a><!ENTITY b "c"></a>', false];
        yield 'two bytes each' => ["\xff\xfe<\0a\0", false];
        yield 'another encoding' => ['<?xml version="1.0" encoding="UTF-16"?><a/>', false];
        yield 'latin' => ["<?xml version='1.0' encoding='iso-8859-1'?><a/>", true];
    }
}
