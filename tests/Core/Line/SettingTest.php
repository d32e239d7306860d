<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Line;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Extent;
use Rinkel\Core\Line\Setting;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Measure\Length;

final class SettingTest extends TestCase
{
    public function testSaysWhereEachBeginsAndWhatThereIs(): void
    {
        $setting = self::of();

        self::assertSame([0.0, 6.0, 9.5], $setting->starts());
        self::assertSame(['a' => 1, 'b' => 2], $setting->beads(), 'by name, whatever comes first');
        self::assertSame([2, 1], [$setting->count(ElementKind::Bead), $setting->count(ElementKind::Beside)]);
    }

    public function testACordTakesWhatEachOfThemTakesOfIt(): void
    {
        $take = self::of()->take('core');

        self::assertSame([9.5, 2.0], [$take->straight->millimetres, $take->knots->millimetres]);
        self::assertTrue(self::of()->take('working')->total()->isZero());
    }

    private static function of(): Setting
    {
        $core = static fn (float $straight, float $knots): array => ['core' => new Take(
            Length::ofMillimetres($straight),
            Length::ofMillimetres($knots),
        )];
        $bead = static fn (string $name, float $long, array $takes): Element => new Element(
            ElementKind::Bead,
            $name,
            new Extent(Length::ofMillimetres($long), Length::ofMillimetres($long), Length::ofMillimetres($long)),
            $takes, // @phpstan-ignore argument.type (by role)
        );
        $both = new Element(
            ElementKind::Beside,
            null,
            new Extent(Length::ofMillimetres(3.5), Length::ofMillimetres(8), Length::ofMillimetres(3.5)),
            $core(3.5, 2.0),
            beside: [$bead('b', 3.5, []), $bead('a', 3.5, [])],
        );

        return new Setting([], [$bead('b', 6, $core(6, 0)), $both, self::hanging()], Length::ofMillimetres(10), Length::zero());
    }

    private static function hanging(): Element
    {
        return new Element(ElementKind::Bead, null, new Extent(Length::zero(), Length::zero(), Length::zero()), []);
    }
}
