<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Closure\Shows;
use Rinkel\Core\Failure;
use Rinkel\Core\Measure\Unit;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\English;

final class ShowsTest extends TestCase
{
    /**
     * What a maker asks to show of a slider is what its plan comes to, within half a knot.
     */
    #[DataProvider('provideWishes')]
    public function testWhatIsAskedShows(string $kind, string $shows, float $body): void
    {
        $plan = Examples::plan(['closure' => ['kind' => $kind, 'shows' => $shows]]);

        self::assertEqualsWithDelta($body, $plan->draft->body()->millimetres, 2.0);
        self::assertNull(Examples::check($plan, 'band-too-long'));
        self::assertNull(Examples::check($plan, 'cannot-open'));
        self::assertEqualsWithDelta(172.7, $plan->draft->worn()->millimetres, 0.05, 'it is worn as wished');
    }

    /**
     * @return iterable<string, array{string, string, float}>
     */
    public static function provideWishes(): iterable
    {
        // Wished: 172.7 inside, 182.4 along the middle.
        yield 'a gap' => ['square-slider', 'gap 4 cm', 142.4];
        yield 'a body' => ['square-slider', 'body 120 mm', 120.0];
        yield 'a share' => ['square-slider', '70 %', 127.7];
        yield 'of a slide bead' => ['slide-bead', 'gap 4 cm', 144.5];
        yield 'of one barrel' => ['single-barrel', 'gap 5 cm', 132.4];
        yield 'of two barrels' => ['double-barrel', 'body 90 mm', 90.0];
    }

    public function testABodyThatCouldNotBeWornIsAsLongAsItCan(): void
    {
        $plan = Examples::plan(['closure' => ['kind' => 'square-slider', 'shows' => 'gap 5 mm']]);

        self::assertNull(Examples::check($plan, 'band-too-long'));
        self::assertGreaterThan(165, $plan->draft->body()->millimetres);
    }

    #[DataProvider('provideTexts')]
    public function testIsReadAndWrittenAlike(string $text, string $exact): void
    {
        self::assertSame($exact, (string) Shows::parse($text, Unit::Centimetre));
        self::assertSame($exact, (string) Shows::parse($exact, Unit::Inch));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function provideTexts(): iterable
    {
        yield 'bare number' => ['gap 3', 'gap 30 mm'];
        yield 'inches' => ['body 5 in', 'body 127 mm'];
        yield 'share' => [' 72,5% ', '72.5 %'];
    }

    public function testWhatIsNoneOfTheseIsTold(): void
    {
        foreach (['', 'wide', '120 %', 'gap', 'gap wide', 'body 4 m', '5 %'] as $text) {
            try {
                Shows::parse($text, Unit::Centimetre);
                self::fail($text);
            } catch (Failure $failure) {
                self::assertStringContainsString('I don’t know this', English::of($failure));
            }
        }
    }
}
