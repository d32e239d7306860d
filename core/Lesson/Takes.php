<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson;

use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * What one knot of a lesson measures and takes in a certain cord, by what is known of a maker's hand; each with the
 * range in which four of five of their knots lie.
 *
 * @internal
 */
final readonly class Takes
{
    /** Four of five lie within so many standard deviations. */
    private const FOUR_OF_FIVE = 1.2816;

    /** What a lesson ties that is called by another name: the knot, and how many cords tie it as one. */
    private const TIES = [
        'together' => ['overhand', 2], 'loop' => ['overhand', 2], 'button' => ['overhand', 2],
        'slider' => ['square', 1], 'sliding barrel' => ['barrel', 1],
    ];

    /**
     * @param array{Length, Length, Length} $pitch    its length along the piece: least, mean and most
     * @param array{Length, Length, Length} $use      of each cord that ties it, its length included
     * @param int                           $told     how many measures say so
     * @param bool                          $isAround whether it is tied around something
     */
    private function __construct(
        public array $pitch,
        public array $use,
        public int $told,
        public bool $isAround,
    ) {}

    /**
     * @param Bundle          $core  what it is tied around, where it is
     * @param KnownKnots|null $known of which it is one; of all there are when null
     *
     * @return self|null null where no knot is counted: of a braid, a ring, an end
     */
    public static function of(
        string $lesson,
        Cord $cord,
        Bundle $core,
        Hand $hand,
        ?Tension $said,
        ?KnownKnots $known = null,
    ): ?self {
        [$word, $together] = self::TIES[$lesson] ?? [$lesson, 1];
        $knot = ($known ?? KnownKnots::all())->named($word);
        if (null === $knot) {
            return null;
        }
        $book = new KnotBook($said, touch: $hand);
        $isAround = !\in_array($knot->manner(), [Manner::Own, Manner::Woven], true);
        $tied = match (true) {
            'sliding barrel' === $lesson => $book->sliding($knot, $cord, $cord),
            $isAround => $book->around($knot, $core, $cord),
            default => $book->in($knot, $cord, $together),
        };
        $expected = $hand->knows($said)->expect(Hand::kind($word), Hand::cord($cord), $knot->manner()->isPushed());
        $range = static fn (Length $mean, float $spread): array => [
            $mean->times(exp(-self::FOUR_OF_FIVE * $spread)), $mean, $mean->times(exp(self::FOUR_OF_FIVE * $spread)),
        ];

        return new self(
            $range($tied->pitch, $expected->pitchSpread),
            $range($tied->use, $expected->useSpread),
            \count(array_filter(
                $hand->observations,
                static fn ($one): bool => $one->kind === Hand::kind($word),
            )),
            $isAround,
        );
    }
}
