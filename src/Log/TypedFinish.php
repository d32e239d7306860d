<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Rinkel\Core\Failure;
use Rinkel\Core\Measure\Exception\LengthOutOfRange;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Quoted;

/**
 * What a maker typed of a piece that is finished, read: what is wrong, and what is so far off its plan that they are
 * asked whether it is so. What they left empty stays empty.
 */
final class TypedFinish
{
    /** A body is not shorter than a quarter of its plan, nor longer than three times (judgement). */
    private const LEAST = 0.25;
    private const MOST = 3.0;

    /** Further off its plan than this, a body is asked about: hands are within it (judgement). */
    private const FAR = 0.2;

    /** Further off than so many of its spreads, a figure is asked about. */
    private const SPREADS = 3.0;

    /** More than this share of a cord left is asked about (judgement). */
    private const MUCH = 0.6;

    /** A knot in less than a second, or more than ten minutes of each, is asked about (judgement). */
    private const QUICK = 60.0;
    private const SLOW = 0.1;

    public readonly ?Length $body;
    public readonly ?int $tied;
    public readonly ?int $minutes;
    public readonly string $notes;
    public readonly string $otherwise;

    /** Uid of the member who made it; "" where nothing is said of it. */
    public readonly string $madeBy;
    public readonly bool $intoStock;

    /** @var array<string, list<list<Length>>> what was left of its cords, one by one, each with its ends, by role */
    public readonly array $left;

    /** @var array<string, non-empty-list<Fault>> */
    private array $faults = [];

    /**
     * @param array<string, string> $typed by field
     * @param array<string, Length> $cut   how long cords were cut in fact, by role
     */
    public function __construct(
        private readonly array $typed,
        private readonly Plan $plan,
        private readonly array $cut = [],
    ) {
        $planned = $plan->draft->body();
        $this->body = $this->length('body', $planned->times(self::LEAST), $planned->times(self::MOST));
        [$this->tied, $this->minutes] = [$this->number('tied', 20_000), $this->number('minutes', 60_000)];
        $left = [];
        foreach ($plan->cuts as $cut) {
            $rests = $this->lengths('left.'.$cut->role, $this->cut[$cut->role] ?? $cut->length, $cut->count);
            $left += [] === $rests ? [] : [$cut->role => $rests];
        }
        $this->left = $left;
        [$this->notes, $this->otherwise] = [trim($typed['notes'] ?? ''), trim($typed['otherwise'] ?? '')];
        $this->madeBy = 1 === preg_match('/^[0-9a-f]{32}$/D', $typed['by'] ?? '') ? $typed['by'] : '';
        $this->intoStock = '1' === ($typed['stock'] ?? '');
    }

    public function fault(string $field, Message $said): void
    {
        $this->faults[$field] = [new Fault($field, $said)];
    }

    /**
     * @return array<string, non-empty-list<Fault>> by field
     */
    public function faults(): array
    {
        return $this->faults;
    }

    /**
     * Returns whether nothing is far off, or they said that it is so.
     */
    public function isSure(): bool
    {
        return '1' === ($this->typed['sure'] ?? '') || [] === $this->doubts();
    }

    /**
     * Returns what is further off its plan than anything that this hand has made lets expect, unless they said that it
     * is so: what is believed of it is believed of all pieces to come.
     *
     * @param array<string, float> $spreads by how many spreads each is off, by field
     *
     * @return array<string, non-empty-list<Fault>>
     */
    public function far(array $spreads): array
    {
        $far = [];
        foreach ('1' === ($this->typed['sure'] ?? '') ? [] : $spreads as $field => $off) {
            if ($off > self::SPREADS) {
                $far[$field] = [new Fault('sure', new Message('far-spread', ['times' => (int) min(99, round($off))]))];
            }
        }

        return $far;
    }

    /**
     * @return array<string, non-empty-list<Fault>> what is so far off that it may be a slip, by field
     */
    public function doubts(): array
    {
        $doubts = [];
        $planned = $this->plan->draft->body();
        $unit = $this->plan->draft->piece->unit;
        if (null !== $this->body && abs($this->body->ratioTo($planned) - 1) > self::FAR) {
            $doubts['body'] = new Message('far-body', [
                'body' => $this->body->written($unit),
                'planned' => $planned->written($unit),
            ]);
        }
        foreach ($this->plan->cuts as $cut) {
            $sums = array_map(static fn (array $ends): Length => Length::sum(...$ends), $this->left[$cut->role] ?? []);
            $left = [] === $sums ? null : Length::longest(...$sums);
            $length = $this->cut[$cut->role] ?? $cut->length;
            if (null !== $left && $left->isLongerThan($length->times(self::MUCH))) {
                $doubts['left.'.$cut->role] = new Message('far-left', [
                    'left' => $left->written($unit),
                    'length' => $length->written($unit),
                ]);
            }
        }
        $pace = null === $this->tied || null === $this->minutes ? null : $this->tied / $this->minutes;
        if (null !== $pace && ($pace > self::QUICK || $pace < self::SLOW)) {
            $doubts['minutes'] = new Message(
                'far-minutes',
                ['minutes' => $this->minutes ?? 0, 'knots' => $this->tied ?? 0],
            );
        }
        $faults = [];
        foreach ($doubts as $field => $said) {
            $faults[$field] = [new Fault('sure', $said)];
        }

        return $faults;
    }

    /**
     * Returns what was left of cords of one role on the average: what each of them took is known no better.
     *
     * @return array<string, Length> by role
     */
    public function means(): array
    {
        return array_map(
            static fn (array $all): Length => Length::sum(...array_merge(...$all))->times(1 / max(1, \count($all))),
            $this->left,
        );
    }

    /**
     * Returns what was left of the cords of one role, each end by itself: so they are as offcuts.
     *
     * @return list<Length>
     */
    public function ends(string $role): array
    {
        return array_merge(...$this->left[$role] ?? [], ...[[]]);
    }

    /**
     * Reads what was left, cord by cord, of each the ends: "12 cm + 9 cm; 2 x 11 cm".
     *
     * @return list<list<Length>>
     */
    private function lengths(string $field, Length $most, int $count): array
    {
        $read = [];
        foreach (preg_split('/\s*(?:;|\R)\s*/u', trim($this->typed[$field] ?? '')) ?: [] as $text) {
            [$times, $text] = 1 === preg_match('/^(\d{1,3})\s*[x×]\s*(.+)$/Du', $text, $of)
                ? [(int) $of[1], $of[2]]
                : [1, $text];
            $ends = array_values(array_filter(array_map(
                fn (string $end): ?Length => $this->length($field, Length::zero(), $most, $end),
                explode('+', $text),
            )));
            if ([] !== $ends && Length::sum(...$ends)->isLongerThan($most)) {
                $this->fault($field, new Message('left-longer', ['left' => Length::sum(...$ends), 'cut' => $most]));
            }
            $read = [...$read, ...([] === $ends ? [] : array_fill(0, max(1, $times), $ends))];
        }
        if (\count($read) > $count) {
            $this->fault($field, new Message('too-many-left', ['found' => \count($read), 'most' => $count]));
        }

        return $read;
    }

    private function length(string $field, Length $least, Length $most, ?string $text = null): ?Length
    {
        $text = trim($text ?? $this->typed[$field] ?? '');
        if ('' === $text) {
            return null;
        }
        $unit = $this->plan->draft->piece->unit;
        try {
            $read = Length::of(Length::parse($text, $unit)->millimetres, Unit::Millimetre);

            return $read->isShorterThan($least) || $read->isLongerThan($most)
                ? throw LengthOutOfRange::outside($read, $least, $most, $unit) : $read;
        } catch (Failure $failure) {
            $this->fault($field, $failure->said());

            return null;
        }
    }

    private function number(string $field, int $most): ?int
    {
        $text = trim($this->typed[$field] ?? '');
        if ('' === $text) {
            return null;
        }
        if (1 === preg_match('/^\d{1,6}$/D', $text) && (int) $text <= $most && 0 !== (int) $text) {
            return (int) $text;
        }
        $this->fault($field, new Message('number-wanted', ['least' => 1, 'most' => $most, 'found' => new Quoted($text)]));

        return null;
    }
}
