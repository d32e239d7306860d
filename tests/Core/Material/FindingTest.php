<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Material;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\ButtonForm;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;

final class FindingTest extends TestCase
{
    public function testWhatWasNotMeasuredIsUsualWithItsKind(): void
    {
        [$length, $width, $inside] = FindingKind::Clasp->usualSizes();
        $clasp = Finding::of(FindingKind::Clasp, Length::ofMillimetres(17));

        self::assertSame(17.0, $clasp->length->millimetres);
        self::assertEquals([$width, $inside], [$clasp->width, $clasp->inside]);
        self::assertEquals($length, Finding::usual(FindingKind::Clasp)->length);
        self::assertNull(Finding::usual(FindingKind::Clasp)->ownLength);
    }

    /**
     * A link of wire hangs in the next with a wire at either end; its wire is half of what it is wider than its opening.
     */
    public function testALinkAddsItsLengthLessTwoWires(): void
    {
        $link = Finding::of(
            FindingKind::Link,
            Length::ofMillimetres(12),
            Length::ofMillimetres(8),
            Length::ofMillimetres(5),
        );

        self::assertSame([1.5, 9.0], [$link->wire()->millimetres, $link->pitch()->millimetres]);
        $thin = Finding::of(FindingKind::Link, Length::ofMillimetres(12), Length::ofMillimetres(5), Length::ofMillimetres(5));
        self::assertSame(0.5, $thin->wire()->millimetres, 'no wire is thinner than half a millimetre');
    }

    public function testTwoAreAlikeByWhatTheyDoAndTheirSizes(): void
    {
        $of = static fn (FindingKind $kind, float $long, ButtonForm $form = ButtonForm::Coin): string => Finding::of(
            $kind,
            Length::ofMillimetres($long),
            form: $form,
        )->materialKey();
        $other = array_values(array_filter(ButtonForm::cases(), static fn (ButtonForm $one): bool => ButtonForm::Coin !== $one))[0];

        self::assertSame($of(FindingKind::Ring, 6.01), $of(FindingKind::Ring, 6.04));
        self::assertNotSame($of(FindingKind::Ring, 6.0), $of(FindingKind::Ring, 6.2));
        self::assertNotSame($of(FindingKind::Ring, 6.0), $of(FindingKind::Clasp, 6.0));
        self::assertNotSame($of(FindingKind::Button, 6.0), $of(FindingKind::Button, 6.0, $other));
        self::assertSame($of(FindingKind::Ring, 6.0), $of(FindingKind::Ring, 6.0, $other), 'only buttons have a form');
    }

    public function testUncountedItIsTheSameOtherwise(): void
    {
        $counted = Finding::of(FindingKind::Ring, Length::ofMillimetres(6), nickel: true, stock: 12);

        self::assertNull($counted->uncounted()->stock);
        self::assertSame($counted->materialKey(), $counted->uncounted()->materialKey());
        self::assertTrue($counted->uncounted()->nickel);
    }
}
