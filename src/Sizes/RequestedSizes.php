<?php

declare(strict_types=1);

namespace Rinkel\App\Sizes;

use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Stock\ItemReader;
use Rinkel\Core\Closure\Kind\ButtonAndLoop;
use Rinkel\Core\Failure;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Measure\Exception\LengthOutOfRange;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Quoted;
use Rinkel\Core\Sizing\Girths;
use Rinkel\Core\Sizing\Labelled;
use Rinkel\Core\Sizing\Lengths;
use Rinkel\Core\Sizing\Loops;
use Rinkel\Core\Sizing\Size;
use Rinkel\Core\Sizing\SizeAxis;
use Rinkel\Core\Sizing\Sizes;
use Rinkel\Core\Sizing\Stones;
use Rinkel\Core\Sizing\Wearers;
use Symfony\Component\HttpFoundation\ParameterBag;

/**
 * Reads which sizes of a design a maker asks for, and plans them.
 */
final readonly class RequestedSizes
{
    /** What sizes can differ in. */
    private const GIRTHS = 'girths';
    private const PEOPLE = 'people';
    private const LENGTHS = 'lengths';
    private const STONES = 'stones';
    private const LOOPS = 'loops';

    public function __construct(
        private Pieces $pieces,
        private People $people,
        private Planner $planner,
        private Wording $wording,
    ) {}

    /**
     * Returns what a size is called: by whom it is for, else by its measure.
     */
    public function label(Size $size, Unit $unit): string
    {
        return match (true) {
            '' !== $size->name => $size->name,
            $size->along instanceof Length => (string) $this->wording->length($size->along, $unit),
            default => (string) $size->along,
        };
    }

    /**
     * @param bool $byAnyone whether others make them, of whose hands nothing is known
     *
     * @throws PieceUnreadable If the design itself cannot be read
     */
    public function of(StoredPiece $stored, ParameterBag $sent, bool $byAnyone = false): SizesRequest
    {
        $planner = $byAnyone ? new Planner() : $this->planner;
        $wish = $byAnyone ? $this->pieces->piece($stored)->byAnyone() : $this->pieces->piece($stored);
        $piece = $planner->completed($wish);
        $said = LooseData::of($sent->all());
        $text = static fn (string $name): string => $said->text($name, 400);
        $ways = self::ways($piece);
        $by = \in_array($text('by'), $ways, true) ? $text('by') : $ways[0];
        $who = $said->list('who');
        $list = '' === $text('list') ? self::usual($by, $wish, $piece) : $text('list');
        $faults = [];
        $sizes = null;
        try {
            $sizes = Sizes::of($planner, $wish, new Labelled(
                $this->along($by, $list, $who, $wish, $piece),
                fn (Size $size): string => $this->label($size, $wish->unit),
            ), '' !== $text('graded'));
        } catch (PieceUnreadable $unreadable) {
            $faults['list'] = $unreadable->faults;
        }
        try {
            $counts = self::counts($text('n'), \count($sizes->all ?? []));
        } catch (PieceUnreadable $unreadable) {
            $faults['n'] = $unreadable->faults;
            $counts = array_fill(0, \count($sizes->all ?? []), 1);
        }

        return new SizesRequest(
            $ways,
            new TypedSizes($by, $list, $who, '' !== $text('graded'), $text('n')),
            $counts,
            $sizes,
            $faults,
        );
    }

    /**
     * @return non-empty-list<string>
     */
    private static function ways(Piece $piece): array
    {
        return [
            self::GIRTHS,
            self::PEOPLE,
            self::LENGTHS,
            ...(Stones::areIn($piece->findings) ? [self::STONES] : []),
            ...($piece->closure->kind instanceof ButtonAndLoop ? [self::LOOPS] : []),
        ];
    }

    /**
     * Returns a range to begin with, as a maker would type it.
     */
    private static function usual(string $by, PieceSpec $wish, Piece $piece): string
    {
        $usual = match ($by) {
            self::GIRTHS => Girths::usual($wish->wearing->wearer->place, $wish->unit),
            self::LENGTHS => Lengths::usual($wish->wearing->wearer->place, $wish->unit),
            self::STONES => Stones::usual($piece),
            self::LOOPS => Loops::usual($piece->closure),
            default => null,
        };

        return implode('; ', array_map(static fn (Size $size): string => $size->along instanceof Length
            ? (string) $size->along->written(self::STONES === $by ? Unit::Millimetre : $wish->unit)
            : (string) $size->along, $usual?->sizes($wish) ?? []));
    }

    /**
     * @param list<string> $who
     *
     * @throws PieceUnreadable If a size cannot be read
     */
    private function along(string $by, string $list, array $who, PieceSpec $wish, Piece $piece): SizeAxis
    {
        return match ($by) {
            self::PEOPLE => new Wearers($this->wearers($who, $wish->wearing->wearer->place)),
            self::LENGTHS => new Lengths(self::lengths($list, $wish->unit, Lengths::RANGE)),
            self::STONES => new Stones(self::lengths($list, Unit::Millimetre, Stones::RANGE), $piece),
            self::LOOPS => new Loops(self::numbers($list, 1, Loops::MOST), $piece->closure),
            default => new Girths(self::girths($list, $wish)),
        };
    }

    /**
     * Reads girths for which a design can be made, as they are typed: "15 cm; 16,5; 6 1/2 in".
     *
     * @return list<Length>
     *
     * @throws PieceUnreadable If one cannot be read, or nobody measures so there
     */
    public static function girths(string $list, PieceSpec $design): array
    {
        [$least, $most] = $design->wearing->wearer->place->girth()->range();

        return self::lengths($list, $design->unit, [$least->millimetres, $most->millimetres]);
    }

    /**
     * @param list<string> $who
     *
     * @return array<string, Wearer>
     *
     * @throws PieceUnreadable If nobody was chosen of whom this place is measured
     */
    private function wearers(array $who, BodyPlace $place): array
    {
        $wearers = [];
        foreach ($this->people->all() as $person) {
            $wearer = People::measured($person, $place);
            if (null !== $wearer && ([] === $who || \in_array((string) $person->id(), $who, true))) {
                $wearers[$person->name()] = $wearer;
            }
        }

        return [] === $wearers ? throw PieceUnreadable::at('list', new Message('nobody-measured')) : $wearers;
    }

    /**
     * @param array{float, float} $range in mm
     *
     * @return list<Length>
     *
     * @throws PieceUnreadable
     */
    private static function lengths(string $list, Unit $unit, array $range): array
    {
        $lengths = [];
        foreach (self::listed($list) as $text) {
            try {
                $length = Length::parse($text, $unit);
            } catch (Failure $failure) {
                throw PieceUnreadable::at('list', $failure->said());
            }
            if ($length->millimetres < $range[0] || $length->millimetres > $range[1]) {
                [$least, $most] = array_map(Length::ofMillimetres(...), $range);
                throw PieceUnreadable::at('list', LengthOutOfRange::outside($length, $least, $most, $unit)->said());
            }
            $lengths[] = $length;
        }

        return $lengths;
    }

    /**
     * @return list<int>
     *
     * @throws PieceUnreadable
     */
    private static function numbers(string $list, int $least, int $most): array
    {
        return array_map(static function (string $text) use ($least, $most): int {
            $number = 1 === preg_match('/^\d{1,3}$/D', $text) ? (int) $text : -1;

            $said = ['least' => $least, 'most' => $most, 'found' => new Quoted($text)];

            return $number >= $least && $number <= $most
                ? $number
                : throw PieceUnreadable::at('list', new Message('number-wanted', $said));
        }, self::listed($list));
    }

    /**
     * @return list<int> as many as there are sizes; one of each where nothing is said, the last for those not said
     *
     * @throws PieceUnreadable
     */
    private static function counts(string $text, int $sizes): array
    {
        $counts = '' === $text ? [] : self::numbers($text, 0, 100);
        $last = [] === $counts ? 1 : $counts[\count($counts) - 1];

        return \array_slice(array_pad($counts, $sizes, $last), 0, $sizes);
    }

    /**
     * @return list<string> sizes as they are typed
     */
    public static function listed(string $text): array
    {
        $listed = ItemReader::listed($text);
        // "14,15,16" are three sizes; "14,5" is one.
        $listed = 1 === \count($listed) && substr_count($text, ',') > 1 ? explode(',', $text) : $listed;
        $listed = array_values(
            array_filter(array_map(trim(...), $listed), static fn (string $one): bool => '' !== $one),
        );

        return \count($listed) > Sizes::MOST
            ? throw PieceUnreadable::at('list', new Message('too-many-names', ['most' => Sizes::MOST])) : $listed;
    }
}
