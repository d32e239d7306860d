<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Failure;
use Rinkel\Core\Geometry\CirclePacking;
use Rinkel\Core\Material\Exception\CordTooNarrow;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * One kind of cord, round or flat. Its thickness is the diameter as it lies, not pressed, 0.2 to 12 mm; a flat cord has
 * a width besides, not less than its thickness.
 */
final readonly class Cord
{
    /** A strand of embroidery floss, in mm (from memory, ±20 %). */
    private const FLOSS = 0.4;

    /** Hemp by breaking load in pounds and its diameter in mm (common practice). */
    private const HEMP = [[10.0, 0.5], [20.0, 1.0], [48.0, 2.0], [170.0, 5.0]];

    /**
     * @param Stretch|null $stretch by how much this very cord gives, as tested; as its fibre does when null
     * @param Stretch|null $pulled  by how much such cord gave when its maker pulled some, where nothing was tested of
     *                              this
     *
     * @throws CordTooNarrow If a flat cord is less wide than thick
     */
    public function __construct(
        public Fibre $fibre,
        public Length $thickness,
        public Colour $colour,
        public ?Length $width = null,
        public ?Stretch $stretch = null,
        private ?Stretch $pulled = null,
    ) {
        if (true === $width?->isShorterThan($thickness)) {
            throw CordTooNarrow::of($width, $thickness);
        }
    }

    /**
     * Returns the thickness that $text says: a length, "10 turns over 12 mm" wound on a rod, "20 lb" of hemp, "3
     * strands" of floss.
     *
     * @throws Failure If it is none of these
     */
    public static function thicknessOf(string $text): Length
    {
        return match (true) {
            1 === preg_match(
                '/^\s*(\d{1,3})\s*(?:turns?|slag(?:en)?|windung(?:en)?)\s+(?:over|in|op|auf)\s+(.+)$/i',
                $text,
                $match,
            ) => self::wound(Length::parse($match[2], Unit::Millimetre), (int) $match[1]),
            1 === preg_match(
                '/^\s*(\d{1,3})\s*(?:lbs?|pounds?)\s*$/i',
                $text,
                $match,
            ) => self::hempOf((float) $match[1]),
            1 === preg_match(
                '/^\s*(\d{1,2})\s*(?:strands?|dra(?:ad|den)|f[aä]den)\s*$/iu',
                $text,
                $match,
            ) => self::flossOf((int) $match[1]),
            default => Length::parse($text, Unit::Millimetre),
        };
    }

    /**
     * Returns the thickness of a cord of which $turns lie side by side over $width on a rod.
     */
    public static function wound(Length $width, int $turns): Length
    {
        return $width->times(1 / max(1, $turns));
    }

    /**
     * Returns the thickness of hemp sold by its breaking load in pounds, between the usual ones by proportion.
     */
    public static function hempOf(float $pounds): Length
    {
        [[$low, $thin], [$high, $thick]] = self::HEMP;
        foreach (\array_slice(self::HEMP, 2) as [$load, $thickness]) {
            if ($pounds > $high) {
                [$low, $thin, $high, $thick] = [$high, $thick, $load, $thickness];
            }
        }

        return Length::ofMillimetres(max(0.2, $thin + ($pounds - $low) / ($high - $low) * ($thick - $thin)));
    }

    /**
     * Returns the thickness of $strands of floss laid together, soft as they are.
     */
    public static function flossOf(int $strands): Length
    {
        return Length::ofMillimetres(
            self::FLOSS * CirclePacking::enclosing(max(1, $strands)) * (1 - Fibre::Cotton->squeeze()),
        );
    }

    /**
     * Returns the key by which two cords are of one kind: fibre and colour, thickness and width to a tenth of a mm.
     */
    public function materialKey(): string
    {
        return \sprintf(
            'cord %s %.1F %.1F %s',
            $this->fibre->value,
            $this->thickness->millimetres,
            $this->width->millimetres ?? 0.0,
            $this->colour->hex,
        );
    }

    /**
     * Returns the diameter of the round cord with the same section, by which a flat cord knots.
     */
    public function round(): Length
    {
        return null === $this->width ? $this->thickness : Length::ofMillimetres(
            sqrt($this->width->millimetres * $this->thickness->millimetres * 4 / \M_PI),
        );
    }

    /**
     * Returns by which share of its length it gives when a ring of it is pushed over a hand.
     */
    public function give(): float
    {
        return $this->tested() ?? $this->fibre->give();
    }

    /**
     * Returns by which share of its length it may be stretched over the hand, zero where it is no elastic.
     */
    public function stretches(): float
    {
        return $this->tested() ?? $this->fibre->stretch();
    }

    /**
     * Returns the same cord, some of which its maker pulled.
     */
    public function pulled(?Stretch $pulled): self
    {
        return null === $pulled
            ? $this
            : new self($this->fibre, $this->thickness, $this->colour, $this->width, $this->stretch, $pulled);
    }

    private function tested(): ?float
    {
        return $this->stretch->share ?? $this->pulled?->share;
    }

    /**
     * Returns the widest extent that a hole has to take: a flat cord folds to half its width.
     */
    public function acrossHole(): Length
    {
        return null === $this->width ? $this->thickness : Length::longest($this->width->times(0.5), $this->round());
    }
}
