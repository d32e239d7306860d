<?php

declare(strict_types=1);

namespace Rinkel\App\Knots;

use Rinkel\App\Platform\LooseData;
use Rinkel\Core\Knot\DrawnWay;
use Rinkel\Core\Knot\Exception\KnotUnreadable;
use Rinkel\Core\Knot\Kind\DrawnKnot;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\KnotReader;
use Rinkel\Core\Tight\KnotName;
use Rinkel\Core\Tight\KnotPuller;

/**
 * A knot while somebody draws it: as it was typed, and what there is of it.
 */
final readonly class KnotDraft
{
    public const LONGEST = 400;

    /** What is drawn, as far as it can be read; null before its first place. */
    public ?DrawnWay $way;

    /** What it is; null while it cannot be followed. */
    public ?KnotName $name;

    /** @var array<string, Message> what is wrong, by field */
    public array $faults;

    /**
     * @param array{name: string, way: string, crossings: string, note: string, uid: string} $typed
     */
    private function __construct(public array $typed)
    {
        $this->way = DrawnWay::sketched($typed['way'], $typed['crossings']);
        [$this->name, $this->faults] = $this->judged();
    }

    /**
     * @param string $crossings in English
     */
    public static function of(LooseData $said, string $crossings): self
    {
        return new self([
            'name' => mb_strtolower(trim($said->text('name', 60))),
            'way' => $said->text('way', self::LONGEST),
            'crossings' => $crossings,
            'note' => $said->text('note', StoredKnot::NOTE),
            'uid' => $said->like('uid', '/^[0-9a-f]{32}$/D'),
        ]);
    }

    public static function from(StoredKnot $stored, DrawnKnot $knot): self
    {
        return new self([
            'name' => $knot->word(), 'way' => $knot->way->written(), 'crossings' => $knot->way->crossed(),
            'note' => $stored->note(), 'uid' => $stored->uid(),
        ]);
    }

    /**
     * Returns what it is after a deed: "place k5", "move 2 k6", "drop 2", "turn 0", "back", "clear".
     */
    public function after(string $deed): self
    {
        [$verb, $one, $two] = explode(' ', $deed) + ['', '', ''];
        $places = array_map(DrawnWay::name(...), $this->way->places ?? []);
        $i = 1 === preg_match('/^\d{1,2}$/D', $one) ? (int) $one : -1;
        $is = static fn (string $place): bool => null !== DrawnWay::sketched($place);
        if ('turn' === $verb) {
            return $this->with($places, $this->way?->turnedAt($i)->crossed() ?? '');
        }
        $after = match (true) {
            'place' === $verb && $is($one) => [...$places, $one],
            'move' === $verb && isset($places[$i]) && $is($two) => array_replace($places, [$i => $two]),
            'drop' === $verb => array_values(array_diff_key($places, [$i => ''])),
            'back' === $verb => \array_slice($places, 0, -1),
            'clear' === $verb => [],
            default => $places,
        };

        // Crossings that are said stay said, as far as there are as many.
        $crossings = \count((array) DrawnWay::sketched(implode(' ', $after))?->crossings);

        return $this->with($after, implode(' ', \array_slice(explode(' ', $this->typed['crossings']), 0, $crossings)));
    }

    public function canBePulled(): bool
    {
        return null !== $this->name && [] === $this->faults;
    }

    /**
     * @param array<string> $places
     */
    private function with(array $places, string $crossings): self
    {
        return new self(array_replace($this->typed, ['way' => implode(' ', $places), 'crossings' => trim($crossings)]));
    }

    /**
     * @return array{KnotName|null, array<string, Message>}
     */
    private function judged(): array
    {
        $faults = [];
        $name = null;
        try {
            $name = KnotPuller::name(DrawnWay::read($this->typed['way'], $this->typed['crossings']));
            if (KnotName::Nothing === $name) {
                throw KnotUnreadable::comesUndone();
            }
        } catch (KnotUnreadable $unreadable) {
            $faults[$unreadable->field()] = $unreadable->said();
        }
        try {
            KnotReader::checkName($this->typed['name']);
        } catch (KnotUnreadable $unreadable) {
            $faults[$unreadable->field()] = $unreadable->said();
        }

        return [$name, $faults];
    }
}
