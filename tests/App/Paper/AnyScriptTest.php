<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Paper;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Paper\AnyScript;
use Rinkel\App\Paper\Page;

/**
 * Names in any script are on paper, by letters that are in the file.
 */
final class AnyScriptTest extends TestCase
{
    public function testWhatTheFirstFontHasNotIsMarked(): void
    {
        $has = static fn (int $sign): bool => $sign < 0x250;
        self::assertNull(AnyScript::marked('A band & a <loop>', $has));
        self::assertSame(
            'For <span style="font-family:anyscript">花子</span> &amp; me',
            AnyScript::marked('For 花子 & me', $has),
        );
        self::assertSame(
            'a<br />'."\n".'<span style="font-family:anyscript">'.mb_chr(0xE000 + 0x381).'</span>',
            AnyScript::marked("a\n🎁\u{FE0F}", $has),
        );
    }

    public function testPicturesStandInThePrivateRange(): void
    {
        self::assertSame(0xE000, AnyScript::private(0x1F000));
        self::assertSame(0xEAFF, AnyScript::private(0x1FAFF));
        self::assertSame(0x1FB00, AnyScript::private(0x1FB00));
        self::assertSame(0x6F22, AnyScript::private(0x6F22));
    }

    public function testTheLettersAreInTheFile(): void
    {
        self::assertNotNull(AnyScript::file(), 'bin/build-fonts makes it');
        $plain = $this->printed('Band for Hana');
        $any = $this->printed('Band for 花子 🎁');
        self::assertStringNotContainsString('nyscript', $plain, 'no letter of it, no font');
        self::assertMatchesRegularExpression(
            '~/FontName /[A-Z]{6}\+?[^/]*nifont~',
            $any,
            'embedded, the letters of it that are used',
        );
        self::assertStringContainsString('/FontFile2', $any);
        self::assertStringContainsString('/Lang (', $any);
        self::assertStringContainsString('/DisplayDocTitle true', $any);
        self::assertStringContainsString('/Outlines', $any, 'its headings are its contents');
        // The whole font is 3.7 MB.
        self::assertLessThan(\strlen($plain) + 500_000, \strlen($any));
    }

    private function printed(string $title): string
    {
        $page = Page::of($title, 'en', '100 mm', false);
        $page->title($title, $title);
        $page->heading($title);
        $page->tick($title, $title, $title);

        return $page->pdf();
    }
}
