<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot\Kind;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Exception\KnotUnreadable;
use Rinkel\Core\Knot\Kind\DrawnKnot;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Knot\OverhandKnot;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\FigureEight;

final class DrawnKnotTest extends TestCase
{
    /**
     * A figure eight takes more than an overhand, as much more as its tight shape does: 13.7 diameters of cord beyond
     * its length where an overhand takes 10.1 (P. Pierański, S. Przybył and A. Stasiak, "Tight open knots", 2001, from
     * memory).
     */
    public function testItTakesWhatItCameTo(): void
    {
        $cord = new Cord(Fibre::Nylon, Length::ofMillimetres(1), Colour::parse('#000000'));
        $knot = FigureEight::knot();
        $tied = $knot->tied(TyingContext::itself($cord), Tension::Even);
        $beyond = $tied->use->minus($tied->pitch)->millimetres / $cord->fibre->useFactor();

        self::assertEqualsWithDelta(13.7, $beyond, 0.1);
        self::assertTrue($tied->use->isLongerThan((new OverhandKnot())->tied($cord, 1)->use));
        $two = (new KnotBook(null))->in($knot, $cord, 2);
        self::assertEqualsWithDelta(2 ** 0.53, $two->pitch->ratioTo($tied->pitch), 1e-9);
        self::assertSame('figure eight', $knot->word());
    }

    /**
     * The cord of a piece is what its knots take, the gaps between them and its ends: each knot more is one more.
     */
    public function testAPieceIsCutForIt(): void
    {
        $plan = (new Planner())->plan((new PieceReader())->read(FigureEight::piece()));
        $knots = $plan->acts()->knots();

        self::assertEqualsWithDelta(15, $knots['figure eight'] ?? 0, 1e-9);
        self::assertStringContainsString('figure eight', (string) $plan->draft->piece->pattern);
    }

    #[TestWith(['overhand', 'knot-name-taken'])]
    #[TestWith(['Eight', 'knot-name'])]
    #[TestWith(['figure of eight', 'knot-name'])]
    #[TestWith(['e', 'knot-name'])]
    #[TestWith(['eight8', 'knot-name'])]
    public function testItCannotBeCalledJustAnything(string $name, string $why): void
    {
        $knot = FigureEight::knot();
        try {
            DrawnKnot::called($name, $knot->way, $knot->pulled);
            self::fail($name);
        } catch (KnotUnreadable $unreadable) {
            self::assertSame($why, $unreadable->said()->key);
        }
        self::assertSame('achter', DrawnKnot::called('achter', $knot->way, $knot->pulled)->word());
    }
}
