<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Hand\Observation;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Internal\Fields;

/**
 * Reads entries of the log in the open format (docs/log.schema.json): the door at which every bound is checked.
 *
 * @internal
 */
final readonly class LogReader
{
    public const FORMAT = 'rinkel-log';
    public const VERSION = 1;

    /** Bounds of what can be noted of a piece; lengths in mm. */
    private const MOST_LENGTH = 1_000_000.0;
    private const MOST_KNOTS = 1_000_000;
    private const MOST_MINUTES = 60_000;
    private const MOST_OBSERVATIONS = 200;
    private const LONGEST_NAME = 120;
    private const LONGEST_NOTE = 2000;

    /** Nobody's knots are further from an even hand's than by this factor's logarithm. */
    private const FARTHEST = 5.0;

    /**
     * @param array<mixed> $document of one entry
     *
     * @throws PieceUnreadable If anything is missing, of the wrong kind or out of its range
     */
    public function read(array $document, string $uid = ''): FinishedPiece
    {
        $fields = new Fields($document);
        $name = $fields->text('name', self::LONGEST_NAME);
        $outcome = self::outcome($fields);
        $remarks = new Remarks(
            $fields->note('notes', self::LONGEST_NOTE) ?? '',
            $fields->note('otherwise', self::LONGEST_NOTE) ?? '',
        );
        $whom = $fields->note('for', self::LONGEST_NAME);
        $cords = self::cords($fields, $document['cords'] ?? []);
        $cost = self::cost($fields, $document['cost'] ?? null);
        $observations = self::observations($fields, $document['observations'] ?? [], 'log '.$uid);
        $piece = $document['piece'] ?? null;
        if (!\is_array($piece)) {
            $fields->fault('piece', new Message('no-piece'));
        }
        $uid = $document['pieceUid'] ?? '';
        if (!\is_string($uid) || 1 !== preg_match('/^[0-9a-f]{0,32}$/D', $uid)) {
            $fields->fault('pieceUid', new Message('uid-wanted'));
        }
        $faults = $fields->faults();
        if ([] !== $faults) {
            throw PieceUnreadable::because($faults);
        }
        \assert(isset($name, $outcome) && \is_array($piece));

        return new FinishedPiece($name, $whom ?? '', $outcome, $cords, $cost, $remarks, $observations, $piece);
    }

    private static function outcome(Fields $fields): ?PieceOutcome
    {
        [$zero, $most] = [Length::zero(), Length::ofMillimetres(self::MOST_LENGTH)];
        $planned = $fields->required('planned', Unit::Millimetre)->length('planned', Unit::Millimetre, $zero, $most);
        $body = $fields->length('body', Unit::Millimetre, $zero, $most);
        $kind = $fields->note('kind', self::LONGEST_NAME);
        $knots = $fields->number('knots', 0, self::MOST_KNOTS, 0);
        $tied = $fields->number('tied', 1, self::MOST_KNOTS);
        $minutes = $fields->number('minutes', 1, self::MOST_MINUTES);
        $moves = $fields->number('unmade.moves', 1, self::MOST_KNOTS);
        $of = $fields->number('unmade.of', 1, self::MOST_KNOTS);
        $unmade = null === $moves || null === $of ? null : ['moves' => $moves, 'of' => $of];

        return null === $planned || null === $knots
            ? null
            : new PieceOutcome($planned, $body, $kind, $knots, $tied, $minutes, $unmade);
    }

    /**
     * Reads only what an entry told of the hand.
     *
     * @return list<Observation> none where one of them cannot be
     */
    public function told(mixed $observations, string $uid): array
    {
        $fields = new Fields(['observations' => $observations]);
        $read = self::observations($fields, $observations ?? [], 'log '.$uid);

        return [] === $fields->faults() ? $read : [];
    }

    /**
     * @return array<string, array{int, Length, Length|null}>
     */
    private static function cords(Fields $fields, mixed $cords): array
    {
        if (!\is_array($cords) || \count($cords) > Fields::MOST_ENTRIES) {
            $fields->fault('cords', new Message('too-many-entries', ['most' => Fields::MOST_ENTRIES]));

            return [];
        }
        $read = [];
        foreach (array_keys($cords) as $role) {
            $at = 'cords.'.$role;
            $count = $fields->number($at.'.count', 1, 1000);
            $length = $fields->required($at.'.length', Unit::Millimetre)->length(
                $at.'.length',
                Unit::Millimetre,
                Length::zero(),
                Length::ofMillimetres(self::MOST_LENGTH),
            );
            $left = $fields->length($at.'.left', Unit::Millimetre, Length::zero(), $length ?? Length::zero());
            if (1 !== preg_match('/^[a-z][a-z0-9-]{0,39}$/D', (string) $role) || null === $count) {
                $fields->fault(
                    $at,
                    new Message('number-wanted', ['least' => 1, 'most' => 1000, 'found' => new Message('nothing')]),
                );
            } elseif (null !== $length) {
                $read[(string) $role] = [$count, $length, $left];
            }
        }

        return $read;
    }

    /**
     * @return array{materials: string, currency: string}|null
     */
    private static function cost(Fields $fields, mixed $cost): ?array
    {
        if (null === $cost) {
            return null;
        }
        [$materials, $currency] = \is_array($cost) ? [
            $cost['materials'] ?? null,
            $cost['currency'] ?? null,
        ] : [null, null];
        if (
            !\is_string($materials) || 1 !== preg_match('/^\d{1,9}(?:\.\d{1,4})?$/D', $materials)
            || !\is_string($currency) || 1 !== preg_match('/^[A-Z]{3}$/D', $currency)
        ) {
            return $fields->fault('cost', new Message('cost-unread'));
        }

        return ['materials' => $materials, 'currency' => $currency];
    }

    /**
     * @return list<Observation>
     */
    private static function observations(Fields $fields, mixed $rows, string $piece): array
    {
        if (!\is_array($rows) || !array_is_list($rows) || \count($rows) > self::MOST_OBSERVATIONS) {
            $fields->fault('observations', new Message('too-many-entries', ['most' => self::MOST_OBSERVATIONS]));

            return [];
        }
        $read = [];
        foreach (array_keys($rows) as $i) {
            $at = 'observations.'.$i;
            [$kind, $cord] = [$fields->text($at.'.kind', 80), $fields->text($at.'.cord', 80)];
            $error = static fn (string $of): ?float => $fields->real($at.'.'.$of, 0.0, 10.0, 1.0);
            [$pitchError, $useError] = [$error('pitchError'), $error('useError')];
            $pitch = $fields->real($at.'.pitch', -self::FARTHEST, self::FARTHEST);
            $use = $fields->real($at.'.use', -self::FARTHEST, self::FARTHEST);
            // Kept since the first version: what is not pushed together says so, all else is.
            $isPushed = !$fields->has($at.'.pushed') || $fields->yes($at.'.pushed');
            if (null !== $kind && null !== $cord && null !== $pitchError && null !== $useError) {
                $read[] = new Observation(
                    $piece,
                    $kind,
                    $cord,
                    $pitch,
                    max(1e-4, $pitchError),
                    $use,
                    max(1e-4, $useError),
                    $isPushed,
                );
            }
        }

        return $read;
    }
}
