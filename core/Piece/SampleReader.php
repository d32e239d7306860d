<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Hand\OwnSample;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Lay;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Internal\Fields;
use Rinkel\Core\Piece\Internal\MaterialReader;
use Rinkel\Core\Said;

/**
 * Reads samples in the open format (docs/samples.schema.json): the door at which every bound is checked.
 */
final readonly class SampleReader
{
    public const FORMAT = 'rinkel-samples';
    public const VERSION = 1;

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
        $knot = $fields->known('knot', $this->named(...), $this->words(), new Square());
        $count = $fields->number('count', 1, 500, 10);
        $turns = null === $knot?->usualTurns() ? null : $fields->number('turns', 1, 12, $knot->usualTurns());
        $cord = (new MaterialReader($fields))->cord('cord');
        $core = null === $knot || Manner::Own === $knot->manner() ? null : $this->core($fields);
        $length = $fields->length('length', $bare, Length::ofMillimetres(0.5), Length::ofCentimetres(500));
        $before = $fields->length('before', $bare, Length::ofMillimetres(1), Length::ofCentimetres(2000));
        $after = $fields->length('after', $bare, Length::zero(), Length::ofCentimetres(2000));
        $faults = $fields->faults();
        if ([] === $faults) {
            $faults = self::lacking($length, $before, $after);
        }
        if ([] !== $faults) {
            throw PieceUnreadable::because($faults);
        }
        \assert(isset($knot, $count, $cord));
        $used = null === $before || null === $after ? null : $before->minus($after);
        $sample = new OwnSample($knot, $count, $turns, $cord->cord, $core, $length, $used);
        $impossible = $sample->impossible();
        if (null !== $impossible) {
            throw PieceUnreadable::at('after', $impossible);
        }

        return $sample;
    }

    private function named(string $word): ?Knot
    {
        return \in_array($word, $this->words(), true) ? $this->knots->named($word) : null;
    }

    private function core(Fields $fields): ?Bundle
    {
        $count = $fields->number('core.count', 1, 60, 2);
        $thickness = $fields->length(
            'core.thickness',
            Unit::Millimetre,
            Length::ofMillimetres(0.2),
            Length::ofMillimetres(12),
            Length::ofMillimetres(1),
            Cord::thicknessOf(...),
        );
        $lay = $fields->choice('core.lay', Lay::class, Lay::Packed);

        return null === $count || null === $thickness || null === $lay ? null : new Bundle($thickness, $count, $lay);
    }

    /**
     * Something has to be measured, and an end before and after.
     *
     * @return list<Fault>
     */
    private static function lacking(?Length $length, ?Length $before, ?Length $after): array
    {
        return match (true) {
            null !== $before && null === $after => [new Fault('after', new Said('sample-after-wanted'))],
            null === $before && null !== $after => [new Fault('before', new Said('sample-before-wanted'))],
            null !== $before && null !== $after && !$after->isShorterThan($before) => [
                new Fault('after', new Said('sample-grew', ['after' => $after, 'before' => $before])),
            ],
            null === $length && null === $before => [new Fault('length', new Said('sample-empty'))],
            default => [],
        };
    }
}
