<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Line;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Extent;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Tests\Core\Examples;

final class ElementTest extends TestCase
{
    public function testOnlyBeadsHaveNames(): void
    {
        $plan = Examples::plan([
            'beads.a' => ['shape' => 'round', 'diameter' => '4 mm', 'hole' => '3 mm'],
            'pattern' => '2 square, 1 bead a, 1 bead a on left, 1 bead a on right, 2 square',
        ]);
        $elements = $plan->draft->setting->elements;

        self::assertSame([[], ['a'], ['a', 'a']], [
            $elements[0]->beads(), $elements[2]->beads(), $elements[3]->beads(),
        ]);
        self::assertSame(['square', 'bead'], [$elements[0]->word(), $elements[2]->word()]);
    }

    public function testBareCordBetweenCentresIsNeverLessThanNothing(): void
    {
        $bare = new Element(
            ElementKind::Bare,
            null,
            new Extent(Length::ofMillimetres(10), Length::zero(), Length::zero(), centres: true),
            ['cord' => Take::straight(Length::ofMillimetres(10))],
        );

        self::assertSame(
            6.0,
            $bare->between(Length::ofMillimetres(4), Length::ofMillimetres(4))->extent->length->millimetres,
        );
        self::assertEqualsWithDelta(
            6.0,
            $bare->between(Length::ofMillimetres(4), Length::ofMillimetres(4))->takes['cord']->straight->millimetres,
            1e-9,
        );
        self::assertSame(8.0, $bare->between(Length::ofMillimetres(4), null)->extent->length->millimetres);
        self::assertSame(0.0, $bare->between(Length::ofMillimetres(40), null)->extent->length->millimetres);
        self::assertFalse($bare->between(null, null)->extent->centres);
    }

    public function testStretchedItTakesAsMuchMore(): void
    {
        $bare = new Element(
            ElementKind::Bare,
            null,
            new Extent(Length::ofMillimetres(1), Length::zero(), Length::zero()),
            ['cord' => Take::straight(Length::ofMillimetres(1))],
        );
        $long = $bare->stretchedTo(Length::ofMillimetres(25));

        self::assertTrue($long->extent->stretches);
        self::assertEqualsWithDelta(25.0, $long->takes['cord']->straight->millimetres, 1e-9);
    }

    public function testAMirrorTurnsWhatLiesSideBySide(): void
    {
        $spiral = Examples::plan(['pattern' => '4 half left'])->draft->setting->elements[0];

        self::assertSame('half right', $spiral->mirrored()->word());
        self::assertSame($spiral, $spiral->reversed(), 'from the other end it turns the same way');
        $square = Examples::plan(['pattern' => '4 square'])->draft->setting->elements[0];
        self::assertSame($square, $square->mirrored());
    }

    public function testABeadOnSeveralStrandsIsOneOnEach(): void
    {
        $bead = Examples::planOf('strung-beads')->draft->setting->elements[2];

        self::assertSame(['pearl', 'pearl'], $bead->onStrands([0, 2])->beads());
        self::assertSame([Lane::Strand, 2], [$bead->onCore(2)->seat->lane, $bead->onCore(2)->seat->strand]);
        self::assertSame('moon', $bead->called(static fn (string $name): string => 'moon')->name);
        self::assertSame($bead, $bead->called(static fn (string $name): string => $name));
    }
}
