<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Knot\Kind\HalfHitch;
use Rinkel\Core\Knot\Kind\HalfLeft;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Line\Chunk;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Exception\PartDoesNotSuit;
use Rinkel\Core\Line\Extent;
use Rinkel\Core\Line\Line;
use Rinkel\Core\Line\Mention;
use Rinkel\Core\Line\Seat;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Bundle as Cords;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\BeadBundle;
use Rinkel\Core\Pattern\Node\Lane;

/**
 * Rows of beads side by side, each on a core of its own. In each step a half knot, always from the same side, holds the
 * bead in the middle, and a hitch around each further core the beads beside it; so neighbouring rows lie shifted by
 * half a step.
 *
 * Of an even number of rows the two in the middle are held by the half knot around both their cores. After the last
 * step a bead more stands in the middle row, so that both ends are alike.
 *
 * @internal
 */
final readonly class RowsMaker extends BandMaker
{
    /** Rows lie no nearer than this share of the way at which their beads would touch side by side (judgement). */
    private const NEAR = 0.55;

    /**
     * Half knots and hitches hold the rows, each around a core or two of its own.
     */
    public function ground(Knot $knot): ?TyingContext
    {
        $core = $this->piece->cord('core')->cord->round();
        $working = $this->pairs[(string) array_key_first($this->pairs)]->cord;

        return match ($knot->word()) {
            (new HalfLeft())->word() => TyingContext::around(new Cords($core, 0 === $this->rows() % 2 ? 2 : 1), $working),
            (new HalfHitch())->word() => TyingContext::around(new Cords($core, 1), $working),
            default => parent::ground($knot),
        };
    }

    public function line(Line $line): Line
    {
        if (0 === $this->rows() % 2) {
            return $line;
        }

        return $line->with($this->ended($line->first), $this->ended($line->after));
    }

    protected function bundle(BeadBundle $bundle, bool $swapped): array
    {
        $names = $bundle->long;
        $rows = $this->rows();
        if (\count($names) !== $rows || [] !== $bundle->short) {
            throw PartDoesNotSuit::otherRows($bundle, \count($names) + \count($bundle->short), $rows);
        }
        $names = $swapped ? array_reverse($names) : $names;
        $beads = array_map(fn (string $name): Bead => $this->known($bundle, $name), $names);
        $pitch = $this->step($beads);
        $across = $bundle->level ? self::touching($beads) : self::spacing($beads, $pitch);
        $widths = array_map(static fn (Bead $bead): Length => $bead->diameter, $beads);
        $thickest = Length::longest(...$widths);

        return [new Element(
            ElementKind::Rows,
            null,
            extent: new Extent(
                length: $pitch,
                width: $across->times($rows - 1)->plus($thickest),
                thickness: $thickest,
            ),
            takes: ['core' => Take::straight($pitch), (string) array_key_first($this->pairs) => Take::knots(
                $this->use($beads[0], $across, $pitch),
            )],
            mention: new Mention(place: $bundle->place()),
            seat: new Seat(level: $bundle->level),
            beside: array_map(fn (string $name): Element => $this->bead($bundle, $name, Lane::Strand), $names),
        )];
    }

    /**
     * Returns what a step of rows takes of each working cord.
     *
     * @param Bead   $beside that a cord runs past
     * @param Length $across from row to row
     * @param Length $pitch  of one step
     */
    private function use(Bead $beside, Length $across, Length $pitch): Length
    {
        $rows = $this->rows();
        $working = $this->pairs[(string) array_key_first($this->pairs)]->cord;
        $core = $this->piece->cord('core')->cord;
        $held = new Cords($core->round(), 0 === $rows % 2 ? 2 : 1);
        $use = $this->book->around(new HalfLeft(), $held, $working)->use;
        $hitch = $this->book->around(new HalfHitch(), new Cords($core->round(), 1), $working)->use;
        // Out from the middle, a hitch around every further core on the way, and back to the middle of the next step.
        for ($row = 1; $row <= intdiv($rows - 1, 2); ++$row) {
            $use = $use->plus($hitch)->plus(
                Length::ofMillimetres(2 * hypot($across->millimetres, $pitch->millimetres / 4)),
            );
        }
        if ($rows <= 2) {
            // Nothing is hitched: from one half knot it runs past its bead to the next.
            $use = $use->plus(
                Length::ofMillimetres(hypot($beside->length->millimetres, $beside->diameter->millimetres)),
            );
        }

        return $use;
    }

    /**
     * Returns how far apart level rows lie: their beads touch side by side.
     *
     * @param non-empty-list<Bead> $beads
     */
    private static function touching(array $beads): Length
    {
        $across = 0.0;
        foreach ($beads as $i => $bead) {
            $across = max(
                $across,
                ($bead->diameter->millimetres + ($beads[$i + 1] ?? $bead)->diameter->millimetres) / 2,
            );
        }

        return Length::ofMillimetres($across);
    }

    /**
     * Returns how far apart the rows lie: neighbouring beads touch, half a step apart, but the cores keep room for a
     * hitch.
     *
     * @param non-empty-list<Bead> $beads
     */
    public static function spacing(array $beads, Length $pitch): Length
    {
        $across = 0.0;
        foreach ($beads as $i => $bead) {
            $touch = ($bead->diameter->millimetres + ($beads[$i + 1] ?? $bead)->diameter->millimetres) / 2;
            $across = max($across, sqrt(max(0.0, $touch ** 2 - ($pitch->millimetres / 2) ** 2)), self::NEAR * $touch);
        }

        return Length::ofMillimetres($across);
    }

    /**
     * Returns the length of one step: of each row its bead and the knot between two of them, the longest counts.
     *
     * @param non-empty-list<Bead> $beads
     */
    private function step(array $beads): Length
    {
        $working = $this->pairs[(string) array_key_first($this->pairs)]->cord;
        $middle = (\count($beads) - 1) / 2;
        $core = new Cords($this->piece->cord('core')->cord->round(), 1);
        // A single half knot lies as flat as one half of a square knot.
        $half = $this->book->around(new Square(), $core, $working)->pitch->times(0.5);
        $hitch = $this->book->around(new HalfHitch(), $core, $working)->pitch;
        $longest = Length::zero();
        foreach ($beads as $row => $bead) {
            $longest = Length::longest($longest, $bead->length->plus(abs($row - $middle) < 1 ? $half : $hitch));
        }

        return $longest;
    }

    private function rows(): int
    {
        return $this->piece->cord('core')->count;
    }

    /**
     * Returns the chunks with the middle row's last bead after each run of steps.
     *
     * @param list<Chunk> $chunks
     *
     * @return list<Chunk>
     */
    private function ended(array $chunks): array
    {
        $ended = [];
        $open = null;
        foreach ($chunks as $chunk) {
            [$elements, $open] = $this->endedIn($chunk->elements, $open);
            $wraps = null !== $chunk->fit && null !== $open && ElementKind::Rows !== ($chunk->elements[0] ?? null)?->kind;
            $ended[] = new Chunk(
                $wraps && null !== $open ? [...$elements, $this->last($open)] : $elements,
                $chunk->fit,
                $chunk->swapped,
            );
            $open = $wraps ? null : $open;
        }

        return null === $open ? $ended : [...$ended, new Chunk([$this->last($open)])];
    }

    /**
     * @param list<Element> $elements
     *
     * @return array{list<Element>, Element|null} the elements, and the last step when the run of steps goes on
     */
    private function endedIn(array $elements, ?Element $open): array
    {
        $ended = [];
        foreach ($elements as $element) {
            if (null !== $open && ElementKind::Rows !== $element->kind) {
                $ended[] = $this->last($open);
            }
            $ended[] = $element;
            $open = ElementKind::Rows === $element->kind && !$element->seat->level ? $element : null;
        }

        return [$ended, $open];
    }

    /**
     * Returns the bead that stands in the middle after a last step, with its half knot.
     */
    private function last(Element $step): Element
    {
        $bead = $step->beside[intdiv($this->rows(), 2)] ?? $step->beside[0];
        $role = (string) array_key_first($this->pairs);
        $tied = $this->book->around(
            new HalfLeft(),
            new Cords($this->piece->cord('core')->cord->round(), 1),
            $this->pairs[$role]->cord,
        );

        return new Element(
            ElementKind::Bead,
            $bead->name,
            extent: new Extent(
                length: $bead->extent->length,
                width: $step->extent->width,
                thickness: $bead->extent->thickness,
            ),
            takes: [
                'core' => Take::straight($bead->extent->length),
                $role => new Take($bead->extent->length, $tied->use),
            ],
            mention: new Mention($step->mention->place),
            seat: new Seat(lane: Lane::Strand),
        );
    }
}
