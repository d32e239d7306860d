<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Fit\Drape;
use Rinkel\Core\Hand\Expectation;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\Kind\DoubleOverhand;
use Rinkel\Core\Knot\Kind\HalfHitch;
use Rinkel\Core\Knot\Kind\HalfLeft;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Hole;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;

/**
 * Numbers to be looked up, each as plans compute it: cord by technique and cores, knots by themselves, holes by how
 * many cords go through, necklaces by where they hang. With the range in which four of five makers lie, where a hand
 * has a part in it.
 *
 * @internal
 */
final readonly class QuotedNumbers
{
    public const CORES = [1, 2, 3, 4, 6, 8];
    public const THROUGH = [1, 2, 3, 4, 5, 6, 8, 10];

    /** Neck girths and drops below the pit of the neck, in mm. */
    public const NECKS = [320, 340, 360, 380, 400];
    public const DROPS = [0, 20, 50, 80, 120, 160, 200, 300];

    /** How long links are, in mm, and an ordinary wrist (from memory). */
    public const LINKS = [6, 8, 10, 12, 16, 20];
    public const WRIST = 160;

    /** Four of five lie within so many standard deviations. */
    private const FOUR_OF_FIVE = 1.2816;

    public function __construct(
        private Cord $cord,
        private ?Tension $said = null,
        private Hand $hand = new Hand(),
    ) {}

    /**
     * Returns how many times the finished length each working end takes, around so many cores as thick as itself,
     * bundled.
     *
     * @return array<string, array<int, QuotedNumber>> by the knot's word and the count of cores
     */
    public function times(): array
    {
        $times = [];
        foreach ([new Square(), new HalfLeft(), new HalfHitch(), new VerticalLarksHead()] as $knot) {
            foreach (self::CORES as $cores) {
                $times[$knot->word()][$cores] = $this->timesOf($knot, $cores);
            }
        }

        return $times;
    }

    /**
     * Returns how many knots a length has, whatever they are tied around.
     *
     * @return array<string, QuotedNumber> by the knot's word
     */
    public function knotsIn(Length $length): array
    {
        $counts = [];
        foreach ([new Square(), new HalfLeft(), new HalfHitch(), new VerticalLarksHead()] as $knot) {
            $pitch = $this->book()->around($knot, new Bundle($this->cord->round(), 2), $this->cord)->pitch;
            $spread = $this->expected($knot)->pitchSpread;
            $counts[$knot->word()] = self::number($length->ratioTo($pitch), $spread);
        }

        return $counts;
    }

    /**
     * Returns the cord that one knot takes in a cord, its length included, and how long it is.
     *
     * @return array<string, array{QuotedNumber, QuotedNumber}> in mm, by the knot's word
     */
    public function single(): array
    {
        $single = [];
        foreach ([new Overhand(), new DoubleOverhand(), new Barrel()] as $knot) {
            $tied = $this->book()->in($knot, $this->cord);
            $learnt = $this->expected($knot, false);
            $single[$knot->word()] = [
                self::number($tied->use->millimetres, $learnt->useSpread),
                self::number($tied->pitch->millimetres, $learnt->pitchSpread),
            ];
        }

        return $single;
    }

    /**
     * Returns the smallest hole that so many of the cord pass.
     *
     * @return array<int, Length> by how often a cord goes through
     */
    public function holes(): array
    {
        $holes = [];
        foreach (self::THROUGH as $times) {
            $holes[$times] = Hole::needed(array_fill(0, $times, $this->cord));
        }

        return $holes;
    }

    /**
     * Returns how long a necklace is that hangs so far below the pit of the neck.
     *
     * @return array<int, array<int, Length>> by drop and neck girth, both in mm
     */
    public function necklaces(): array
    {
        $lengths = [];
        foreach (self::DROPS as $drop) {
            foreach (self::NECKS as $neck) {
                $lengths[$drop][$neck] = Drape::hanging(
                    Length::ofMillimetres($neck),
                    Length::ofMillimetres($drop),
                    false,
                )->length();
            }
        }

        return $lengths;
    }

    /**
     * Returns how many times the chain a cord takes that goes through its links, its ends not counted: of a design as
     * it comes, by links whose opening is a little more than half their length.
     *
     * @param string $role of the cord
     * @param string $kind of work, as samples are told apart
     *
     * @return array<int, QuotedNumber> by the link's length in mm
     */
    public function chains(string $construction, string $role, string $kind): array
    {
        $planner = new Planner(hand: fn (): Hand => $this->hand);
        $times = [];
        foreach (self::LINKS as $link) {
            $plan = $planner->plan((new PieceReader())->read([
                'format' => PieceReader::FORMAT, 'version' => PieceReader::VERSION, 'name' => 'Chain', 'unit' => 'cm',
                'construction' => $construction, 'wearer' => ['girth' => self::WRIST.' mm'],
                'tension' => $this->said?->value,
                'findings' => ['chain' => [
                    'kind' => 'link', 'length' => $link.' mm', 'width' => 0.8 * $link.' mm',
                    'inside' => 0.55 * $link.' mm',
                ]],
            ]));
            $cut = array_column($plan->cuts, null, 'role')[$role];
            $cord = Hand::cord($plan->draft->piece->cord($role)->cord);
            $times[$link] = self::number(
                $cut->part('knots')->ratioTo($plan->draft->body()),
                $this->hand->knows($this->said)->expect($kind, $cord, false)->useSpread,
            );
        }

        return $times;
    }

    private function timesOf(Knot $knot, int $cores): QuotedNumber
    {
        $tied = $this->book()->around($knot, new Bundle($this->cord->round(), $cores), $this->cord);

        return self::number($tied->use->ratioTo($tied->pitch), $this->expected($knot)->perLengthSpread);
    }

    private function expected(Knot $knot, bool $isPushed = true): Expectation
    {
        return $this->hand->knows($this->said)->expect(Hand::kind($knot->word()), Hand::cord($this->cord), $isPushed);
    }

    private function book(): KnotBook
    {
        return new KnotBook($this->said, touch: $this->hand);
    }

    private static function number(float $mean, float $spread): QuotedNumber
    {
        return new QuotedNumber(
            $mean,
            $mean * exp(-self::FOUR_OF_FIVE * $spread),
            $mean * exp(self::FOUR_OF_FIVE * $spread),
        );
    }
}
