<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Http;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Http\JsonAnswer;

final class JsonAnswerTest extends TestCase
{
    public function testNumbersStayNumbersAndLettersLetters(): void
    {
        $answer = JsonAnswer::of(['at' => 2.0, 'name' => 'Käthe/Ørsta', 'bad' => "a\xffb"], ['X-More' => 'yes']);

        self::assertSame('{"at":2.0,"name":"Käthe/Ørsta","bad":"a�b"}', $answer->getContent());
        self::assertSame('application/json', $answer->headers->get('Content-Type'));
        self::assertSame('yes', $answer->headers->get('X-More'));
    }

    public function testAFileHasAPlainNameForOldBrowsers(): void
    {
        $file = JsonAnswer::file(['name' => 'Möwe'], 'Möwe (2).json');

        self::assertSame(
            "attachment; filename=M__we__2_.json; filename*=utf-8''M%C3%B6we%20%282%29.json",
            $file->headers->get('Content-Disposition'),
        );
        self::assertSame("{\n    \"name\": \"Möwe\"\n}", $file->getContent());
    }
}
