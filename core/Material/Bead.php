<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Material\Exception\HoleTooWide;
use Rinkel\Core\Measure\Length;

/**
 * One kind of bead: its length along the hole, its diameter across it, its hole. The hole is smaller than the diameter.
 */
final readonly class Bead
{
    /** Diameter in mm where none was measured. */
    private const USUAL = 6.0;

    /**
     * Seed beads by size number: diameter, length along the hole and hole, in mm, from memory of usual trade sizes (±10
     * %).
     */
    private const SEEDS = [
        '15/0' => [1.5, 1.1, 0.6],
        '13/0' => [1.7, 1.2, 0.6],
        '12/0' => [1.9, 1.3, 0.7],
        '11/0' => [2.2, 1.5, 0.8],
        '10/0' => [2.4, 1.6, 0.9],
        '9/0' => [2.7, 1.9, 1.0],
        '8/0' => [3.0, 2.1, 1.1],
        '7/0' => [3.4, 2.4, 1.3],
        '6/0' => [4.0, 2.9, 1.5],
        '5/0' => [4.6, 3.3, 1.7],
    ];

    public Length $diameter;
    public Length $length;
    public Length $hole;

    /**
     * @param int|null        $stock    how many there are, null when that is not kept
     * @param bool            $glass    whether instant glue would frost it
     * @param BeadMaterial    $material as heavy as glass while nobody said
     * @param BeadFinish|null $finish   null while nobody said
     * @param Letters|null    $letters  of a letter bead, which there are; null when that is not kept
     */
    private function __construct(
        public BeadShape $shape,
        public Colour $colour,
        public BeadMeasures $measures,
        public ?int $stock,
        public bool $glass,
        public BeadMaterial $material,
        public ?BeadFinish $finish = null,
        public ?Letters $letters = null,
    ) {
        $seed = self::seed($measures->size ?? '');
        $this->diameter = $measures->ownDiameter ?? $seed[0] ?? Length::ofMillimetres(self::USUAL);
        $this->length = $measures->ownLength ?? $seed[1] ?? $this->diameter->times($shape->usualLength());
        $this->hole = $measures->ownHole ?? $seed[2] ?? self::usualHole($this->diameter);
    }

    /**
     * Returns a bead of the same kind that is so long, and as much larger across.
     */
    public function enlarged(Length $length): self
    {
        $share = $length->ratioTo($this->length);

        return new self(
            $this->shape,
            $this->colour,
            new BeadMeasures(
                size: null,
                ownDiameter: $this->diameter->times($share),
                ownLength: $length,
                ownHole: $this->hole,
            ),
            stock: $this->stock,
            glass: $this->glass,
            material: $this->material,
            finish: $this->finish,
            letters: $this->letters,
        );
    }

    /**
     * Returns a bead as its maker measured it; what they did not measure follows from the rest.
     *
     * @throws HoleTooWide If the hole is not smaller than the bead
     */
    public static function of(
        BeadShape $shape,
        Colour $colour,
        ?Length $diameter = null,
        ?Length $length = null,
        ?Length $hole = null,
        ?string $size = null,
        ?int $stock = null,
        bool $glass = false,
        ?BeadMaterial $material = null,
        ?BeadFinish $finish = null,
        ?Letters $letters = null,
    ): self {
        $measures = new BeadMeasures($size, $diameter, $length, $hole);

        return self::measured($shape, $colour, $measures, $stock, $glass, $material, $finish, $letters);
    }

    /**
     * @throws HoleTooWide If the hole is not smaller than the bead
     */
    public static function measured(
        BeadShape $shape,
        Colour $colour,
        BeadMeasures $measures,
        ?int $stock = null,
        bool $glass = false,
        ?BeadMaterial $material = null,
        ?BeadFinish $finish = null,
        ?Letters $letters = null,
    ): self {
        $material ??= BeadMaterial::Glass;
        $bead = new self($shape, $colour, $measures, $stock, $glass, $material, $finish, $letters);

        return $bead->hole->isShorterThan($bead->diameter)
            ? $bead
            : throw HoleTooWide::ofBead($bead->hole, $bead->diameter);
    }

    /**
     * Returns this bead, with no count given.
     */
    public function uncounted(): self
    {
        return new self(
            $this->shape,
            $this->colour,
            $this->measures,
            null,
            $this->glass,
            $this->material,
            $this->finish,
        );
    }

    /**
     * Returns the key by which two beads are of one kind: shape, size to a tenth of a mm, colour, material and finish.
     */
    public function materialKey(): string
    {
        return \sprintf(
            'bead %s %.1F %.1F %s %s %s',
            $this->shape->value,
            $this->diameter->millimetres,
            $this->length->millimetres,
            $this->colour->hex,
            $this->material->value,
            $this->finish->value ?? 'any',
        );
    }

    /**
     * Returns whether its hole was neither measured nor follows from a size number.
     */
    public function isHoleAssumed(): bool
    {
        return null === $this->measures->ownHole && null === self::seed($this->measures->size ?? '');
    }

    /**
     * Returns what it weighs in grams, by its shape and what it is made of; the hole is left out.
     */
    public function weight(): float
    {
        $solid = $this->diameter->millimetres ** 2 * $this->length->millimetres * $this->shape->fullness();

        return $solid / 1000 * $this->material->density();
    }

    /**
     * Returns whether instant glue would frost it: somebody said so, or it is of glass.
     */
    public function isGlass(): bool
    {
        return $this->glass || BeadMaterial::Glass === $this->material;
    }

    /**
     * Returns the sizes of a seed bead as [diameter, length, hole], or null for a number that is no seed size.
     *
     * @return array{Length, Length, Length}|null
     */
    public static function seed(string $size): ?array
    {
        $sizes = self::SEEDS[$size] ?? null;

        return null === $sizes ? null : [
            Length::ofMillimetres($sizes[0]), Length::ofMillimetres($sizes[1]), Length::ofMillimetres($sizes[2]),
        ];
    }

    /**
     * @return non-empty-list<string> numbers of the seed beads that are known
     */
    public static function seedSizes(): array
    {
        return array_keys(self::SEEDS);
    }

    /**
     * Returns the hole that a bead of $diameter is taken to have while nobody measured it: 1 mm up to 10 mm, 1.5 mm up to
     * 16 mm, else 2 mm, never more than half of the bead (from memory; measure your own).
     */
    public static function usualHole(Length $diameter): Length
    {
        return Length::ofMillimetres(min(match (true) {
            $diameter->millimetres <= 10 => 1.0,
            $diameter->millimetres <= 16 => 1.5,
            default => 2.0,
        }, 0.5 * $diameter->millimetres));
    }
}
