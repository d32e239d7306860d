<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Hand\OwnSample;
use Rinkel\Core\Hand\Work;
use Rinkel\Core\Hand\Work\BraidedWork;
use Rinkel\Core\Hand\Work\KnotWork;
use Rinkel\Core\Hand\Work\LacedWork;
use Rinkel\Core\Hand\Work\Pulled;
use Rinkel\Core\Hand\Work\Waves;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\WaveArm;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Material\Lay;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Internal\Fields;
use Rinkel\Core\Piece\Internal\MaterialReader;

/**
 * Reads samples in the open format (docs/samples.schema.json): the door at which every bound is checked.
 */
final readonly class SampleReader
{
    public const FORMAT = 'rinkel-samples';
    public const VERSION = 1;

    /** Words of what else than knots can be measured. */
    public const SECTIONS = ['braid', 'link', 'wave', 'stretch'];

    private KnownKnots $knots;

    public function __construct()
    {
        $this->knots = KnownKnots::all();
    }

    /**
     * @return list<string> words of the knots that can be measured so: those tied one after the other
     */
    public function words(): array
    {
        return array_values(array_filter(
            $this->knots->words(),
            fn (string $word): bool => Manner::Woven !== $this->knots->named($word)?->manner(),
        ));
    }

    /**
     * @param array<mixed> $document of one sample
     * @param Unit         $bare     in which lengths without a unit are meant
     *
     * @throws PieceUnreadable If anything is missing, of the wrong kind, out of its range, or cannot be
     */
    public function read(array $document, Unit $bare = Unit::Centimetre): OwnSample
    {
        $fields = new Fields($document);
        $materials = new MaterialReader($fields);
        $cord = $materials->cord('cord');
        $work = match ($document['knot'] ?? null) {
            'braid' => $this->braid($fields, $cord?->cord),
            'link' => $this->link($fields, $cord?->cord),
            'wave' => $this->waves($fields, $materials, $cord?->cord),
            'stretch' => null === $cord ? null : new Pulled($cord->cord),
            default => $this->tied($fields, $cord?->cord, $bare),
        };
        $count = $fields->number('count', 1, 500, 10);
        $length = $fields->length('length', $bare, Length::ofMillimetres(0.5), Length::ofCentimetres(500));
        $before = $fields->length('before', $bare, Length::ofMillimetres(1), Length::ofCentimetres(2000));
        $after = $fields->length('after', $bare, Length::zero(), Length::ofCentimetres(2000));
        $faults = $fields->faults();
        if ([] === $faults && null !== $work) {
            $faults = self::lacking($work, $length, $before, $after);
        }
        if ([] !== $faults) {
            throw PieceUnreadable::because($faults);
        }
        \assert(isset($work, $count));
        $sample = new OwnSample($work, $count, $length, $before, $after);
        $impossible = $sample->impossible();
        if (null !== $impossible) {
            throw PieceUnreadable::at('sample-beads-longer' === $impossible->key ? 'length' : 'after', $impossible);
        }

        return $sample;
    }

    private function tied(Fields $fields, ?Cord $cord, Unit $bare): ?Work
    {
        $knot = $fields->known('knot', $this->named(...), [...$this->words(), ...self::SECTIONS], new Square());
        $turns = null === $knot?->usualTurns() ? null : $fields->number('turns', 1, 12, $knot->usualTurns());
        $core = null === $knot || Manner::Own === $knot->manner() ? null : $this->core($fields);
        $beads = $fields->length('beads', Unit::Millimetre, Length::zero(), Length::ofCentimetres(500));

        return null === $knot || null === $cord ? null : new KnotWork($knot, $turns, $cord, $core, $beads);
    }

    private function braid(Fields $fields, ?Cord $cord): ?Work
    {
        $cords = $fields->number('braid.cords', 3, 12, 3);

        return null === $cord || null === $cords ? null : new BraidedWork($cord, $cords);
    }

    private function link(Fields $fields, ?Cord $cord): ?Work
    {
        $size = static fn (string $of, float $usual): ?Length => $fields->length(
            'link.'.$of,
            Unit::Millimetre,
            Length::ofMillimetres(0.5),
            Length::ofMillimetres(60),
            Length::ofMillimetres($usual),
        );
        [$length, $width, $inside] = [$size('length', 8.0), $size('width', 6.0), $size('inside', 4.0)];
        if (null === $cord || null === $length || null === $width || null === $inside) {
            return null;
        }

        return new LacedWork($cord, Finding::of(FindingKind::Link, $length, $width, $inside));
    }

    private function waves(Fields $fields, MaterialReader $materials, ?Cord $cord): ?Work
    {
        [$round, $seed] = [$materials->bead('round'), $materials->bead('seed')];
        $steps = $fields->number('wave.steps', 1, 40, 4);
        $seeds = $fields->number('wave.seeds', 1, 40);
        $core = $this->thickness($fields);

        return null === $cord || null === $round || null === $seed || null === $steps || null === $core
            ? null
            : new Waves($cord, $core, new WaveArm($round, $seed, $cord, $steps, $seeds));
    }

    private function named(string $word): ?Knot
    {
        return \in_array($word, $this->words(), true) ? $this->knots->named($word) : null;
    }

    private function core(Fields $fields): ?Bundle
    {
        $count = $fields->number('core.count', 1, 60, 2);
        $thickness = $this->thickness($fields);
        $lay = $fields->choice('core.lay', Lay::class, Lay::Packed);

        return null === $count || null === $thickness || null === $lay ? null : new Bundle($thickness, $count, $lay);
    }

    private function thickness(Fields $fields): ?Length
    {
        return $fields->length(
            'core.thickness',
            Unit::Millimetre,
            Length::ofMillimetres(0.2),
            Length::ofMillimetres(12),
            Length::ofMillimetres(1),
            Cord::thicknessOf(...),
        );
    }

    /**
     * Something has to be measured, and an end before and after: shorter, or of a cord that was pulled, longer.
     *
     * @return list<Fault>
     */
    private static function lacking(Work $work, ?Length $length, ?Length $before, ?Length $after): array
    {
        $isMeasured = null !== $before && null !== $after;
        $disbelieved = $isMeasured ? $work->disbelieved($before, $after) : null;

        return match (true) {
            $work->wantsEnd() && null === $before && null === $after,
            null === $before && null !== $after => [new Fault('before', new Message('sample-before-wanted'))],
            null !== $before && null === $after => [new Fault('after', new Message('sample-after-wanted'))],
            null === $length && null === $before => [new Fault('length', new Message('sample-empty'))],
            null === $length && $work->wantsLength() => [new Fault('length', new Message('sample-length-wanted'))],
            null !== $disbelieved => [new Fault('after', $disbelieved)],
            default => [],
        };
    }
}
