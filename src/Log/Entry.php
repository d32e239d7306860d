<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Brick\Math\BigDecimal;
use Rinkel\Core\Hand\Observation;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * One finished piece as pages and files show it.
 */
final readonly class Entry
{
    public string $name;
    public string $whom;
    public string $notes;
    public string $otherwise;
    public Length $planned;
    public ?Length $body;
    public int $knots;
    public ?int $tied;
    public ?int $minutes;

    /** What its materials cost then, and in which currency; null where no price was known. */
    public ?BigDecimal $materials;
    public string $currency;

    /** @var array<string, array{int, Length, Length|null}> how many, how long, and what was left of each, by role */
    public array $cords;

    public function __construct(public StoredEntry $stored)
    {
        $document = $stored->document();
        $text = static fn (string $key): string => \is_string($document[$key] ?? null) ? $document[$key] : '';
        $number = static fn (string $key): ?int => \is_int($document[$key] ?? null) ? $document[$key] : null;
        [$this->name, $this->whom] = [$text('name'), $text('for')];
        [$this->notes, $this->otherwise] = [$text('notes'), $text('otherwise')];
        $this->planned = self::length($document['planned'] ?? null) ?? Length::zero();
        $this->body = self::length($document['body'] ?? null);
        $this->knots = $number('knots') ?? 0;
        [$this->tied, $this->minutes] = [$number('tied'), $number('minutes')];
        $cost = \is_array($document['cost'] ?? null) ? $document['cost'] : [];
        $materials = \is_string($cost['materials'] ?? null) ? $cost['materials'] : '';
        $this->materials = 1 === preg_match(
            '/^\d{1,9}(?:\.\d{1,4})?$/D',
            $materials,
        ) ? BigDecimal::of($materials) : null;
        $this->currency = \is_string($cost['currency'] ?? null) && 1 === preg_match('/^[A-Z]{3}$/D', $cost['currency'])
            ? $cost['currency']
            : 'EUR';
        $cords = [];
        foreach (\is_array($document['cords'] ?? null) ? $document['cords'] : [] as $role => $cord) {
            $length = \is_array($cord) ? self::length($cord['length'] ?? null) : null;
            if (\is_array($cord) && null !== $length) {
                $count = \is_int($cord['count'] ?? null) ? $cord['count'] : 1;
                $cords[(string) $role] = [$count, $length, self::length($cord['left'] ?? null)];
            }
        }
        $this->cords = $cords;
    }

    /**
     * Returns the beads that the piece was made of, by short name.
     *
     * @return list<string>
     */
    public function beads(): array
    {
        $piece = $this->stored->document()['piece'] ?? null;
        $beads = \is_array($piece) ? $piece['beads'] ?? null : null;

        return \is_array($beads) ? array_map(strval(...), array_keys($beads)) : [];
    }

    /**
     * Returns by what share of its planned length it came out longer, null where nobody measured.
     */
    public function off(): ?float
    {
        return null === $this->body || $this->planned->isZero() ? null : $this->body->ratioTo($this->planned) - 1;
    }

    /**
     * Returns which share of all cord that was measured was left over, null where nobody measured.
     */
    public function left(): ?float
    {
        [$cut, $left] = [0.0, 0.0];
        foreach ($this->cords as [$count, $length, $rest]) {
            if (null !== $rest) {
                $cut += $count * $length->millimetres;
                $left += $count * $rest->millimetres;
            }
        }

        return $cut > 0.0 ? $left / $cut : null;
    }

    /**
     * Returns how many knots a minute, null where nobody looked at the clock.
     */
    public function pace(): ?float
    {
        $knots = $this->tied ?? $this->knots;

        return null === $this->minutes || 0 === $this->minutes || 0 === $knots ? null : $knots / $this->minutes;
    }

    /**
     * @return list<Observation> what it told of the hand when it was written down
     */
    public function observations(): array
    {
        $told = [];
        $rows = $this->stored->document()['observations'] ?? null;
        foreach (\is_array($rows) ? $rows : [] as $row) {
            if (\is_array($row) && \is_string($row['kind'] ?? null) && \is_string($row['cord'] ?? null)) {
                $number = static fn (string $key): ?float => is_numeric($row[$key] ?? null) ? (float) $row[$key] : null;
                $told[] = new Observation(
                    'log '.$this->stored->uid(),
                    $row['kind'],
                    $row['cord'],
                    $number('pitch'),
                    max(1e-4, $number('pitchError') ?? 1.0),
                    $number('use'),
                    max(1e-4, $number('useError') ?? 1.0),
                    true === ($row['pushed'] ?? true),
                );
            }
        }

        return $told;
    }

    private static function length(mixed $text): ?Length
    {
        return \is_string($text) ? Length::parse($text, Unit::Millimetre) : null;
    }
}
