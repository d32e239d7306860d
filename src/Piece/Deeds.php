<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\App\People\People;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\BeadOrder;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Node\Braid;
use Rinkel\Core\Pattern\Node\Bundle;
use Rinkel\Core\Pattern\Node\Focal;
use Rinkel\Core\Pattern\Node\Gap;
use Rinkel\Core\Pattern\Node\KnotKind;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Pattern\Node\Links;
use Rinkel\Core\Pattern\Node\Net;
use Rinkel\Core\Pattern\Node\Wave;
use Rinkel\Core\Pattern\Node\Word;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\PatternEdit;
use Rinkel\Core\Piece\Piece;

/**
 * What the buttons of the Piece page do: a verb and what it is done to, in words apart by spaces: "more 1.0", "bead-drop amber".
 */
final readonly class Deeds
{
    /** Colours in which new beads come, one after the other. */
    private const COLOURS = ['#3f6f8f', '#c8693a', '#6d8a4f', '#d9b44a', '#7a5a86', '#b84a4a', '#e6ddc9', '#2f3b45'];

    public function __construct(private People $people) {}

    /**
     * Returns the piece after a deed, and which part of the pattern is chosen then; an unknown deed changes nothing.
     *
     * @param list<int> $counts what each fit of the pattern came to
     *
     * @return array{Piece, string}
     */
    public function done(Piece $piece, array $counts, string $deed, string $chosen): array
    {
        $words = explode(' ', $deed);
        $verb = $words[0];
        $rest = \array_slice($words, 1);

        return match ($verb) {
            'bead-add' => [$this->withBead($piece), $chosen],
            'bead-drop' => [$piece->withBeads(array_diff_key($piece->beads, [$rest[0] ?? '' => 0])), $chosen],
            'finding-add' => [$this->withFinding($piece, $rest[0] ?? ''), $chosen],
            'finding-drop' => [$this->withoutFinding($piece, $rest[0] ?? ''), $chosen],
            'cord-add' => [$this->withPair($piece), $chosen],
            'cord-drop' => [$piece->withCords(array_diff_key($piece->cords, [$rest[0] ?? '' => 0])), $chosen],
            'take' => [$this->measuredAs($piece, (int) ($rest[0] ?? 0)), $chosen],
            default => $this->patterned($piece, $counts, $verb, $rest, $chosen),
        };
    }

    /**
     * @param list<int>    $counts
     * @param list<string> $rest
     *
     * @return array{Piece, string}
     */
    private function patterned(Piece $piece, array $counts, string $verb, array $rest, string $chosen): array
    {
        $pattern = Pattern::parse((string) $piece->pattern, $piece->unit);
        $edit = new PatternEdit($pattern);
        $path = $rest[0] ?? '';
        $fit = $edit->fitAt($path);
        $fitted = null === $fit ? 1 : ($counts[$fit] ?? 1);
        $last = (int) substr((string) strrchr('.'.$path, '.'), 1);
        $beside = static fn (int $by): string => substr('.'.$path, 0, (int) strrpos('.'.$path, '.')).'.'.max(0, $last + $by);
        [$after, $at] = match ($verb) {
            'more' => [$edit->counted($path, 1), $path],
            'fewer' => [$edit->counted($path, -1), $path],
            'left' => [$edit->moved($path, -1), ltrim($beside(-1), '.')],
            'right' => [$edit->moved($path, 1), ltrim($beside(1), '.')],
            'to' => [$edit->movedBefore($path, $rest[1] ?? ''), ''],
            'copy' => [$edit->doubled($path), ltrim($beside(1), '.')],
            'drop' => [$edit->without($path), ''],
            'bracket' => [$edit->bracketed($path), $path],
            'fit' => [$edit->fitted($path, $fitted), $path],
            'turn' => [$edit->alternated($path), $path],
            'mirror' => [$edit->mirrored(), $chosen],
            'name' => [isset($piece->beads[$rest[2] ?? '']) || isset($piece->findings[$rest[2] ?? '']) || isset($piece->cords[$rest[2] ?? '']) ? $edit->renamedAt($path, (int) ($rest[1] ?? 0), $rest[2]) : $pattern, $path],
            'order' => [$this->ordered($edit, $path, $rest[1] ?? ''), $path],
            'lane' => [$this->onLane($edit, $path, $rest[1] ?? ''), $path],
            'put' => $this->put($edit, $piece, $path, implode(' ', \array_slice($rest, 1))),
            default => [$pattern, $chosen],
        };

        return [$after === $pattern ? $piece : $piece->withPattern((string) $after), $at];
    }

    /**
     * Puts a new part after the one at $path, or at the end when $path is "-".
     *
     * @return array{Pattern, string}
     */
    private function put(PatternEdit $edit, Piece $piece, string $path, string $what): array
    {
        $names = array_map(strval(...), [...array_keys($piece->beads), ...array_keys($piece->findings)]);
        [$first, $name] = [explode(' ', $what)[0], explode(' ', $what)[1] ?? ($names[0] ?? '')];
        $known = \in_array($name, $names, true);
        $knot = KnotKind::tryFrom($what);
        $new = match (true) {
            null !== $knot => new Knots(1, $knot, KnotKind::Barrel === $knot ? 3 : null),
            'braid' === $what => new Braid(null),
            'net' === $what => new Net(5, Length::ofMillimetres(12)),
            'link' === $first => new Links(1, $name),
            'wave' === $first && isset($names[1]) => new Wave(4, $names[0], $names[1]),
            'gap' === $what => new Gap(Length::ofMillimetres(10)),
            'bead' === $first && $known => new Beads(1, BeadOrder::AsNamed, [[1, $name]]),
            'focal' === $first && $known => new Focal($name),
            'bundle' === $first && $known => new Bundle([$name]),
            'word' === $first && $known => new Word('NAME', $name),
            default => null,
        };
        if (null === $new) {
            return [$edit->counted('', 0), $path];
        }
        $place = null === $edit->at($path) ? '' : $path;
        $after = $edit->insertedAfter($place, $new);
        $at = '' === $place ? (string) (\count($after->parts) - 1) : self::next($place);

        return [$after, $at];
    }

    private static function next(string $path): string
    {
        $steps = array_map(intval(...), explode('.', $path));
        ++$steps[\count($steps) - 1];

        return implode('.', $steps);
    }

    private function ordered(PatternEdit $edit, string $path, string $order): Pattern
    {
        $order = BeadOrder::tryFrom('named' === $order ? '' : 'by '.$order) ?? BeadOrder::AsNamed;

        return $edit->replaced($path, static fn (Node $node): array => [$node instanceof Beads ? new Beads($node->count, $order, $node->names, $node->lane, $node->strand) : $node]);
    }

    private function onLane(PatternEdit $edit, string $path, string $lane): Pattern
    {
        $lane = Lane::tryFrom($lane) ?? Lane::Core;

        return $edit->replaced($path, static fn (Node $node): array => [$node instanceof Beads ? new Beads($node->count, $node->order, $node->names, $lane, Lane::Strand === $lane ? 1 : null) : $node]);
    }

    private function withBead(Piece $piece): Piece
    {
        $name = self::freeName('bead-', [...$piece->beads, ...$piece->findings]);
        $size = Length::ofMillimetres(6);
        $colour = Colour::parse(self::COLOURS[\count($piece->beads) % \count(self::COLOURS)]);

        return $piece->withBeads($piece->beads + [$name => new Bead(BeadShape::Round, $size, $size, Bead::usualHole($size), $colour)]);
    }

    private function withFinding(Piece $piece, string $kind): Piece
    {
        $kind = FindingKind::tryFrom($kind) ?? FindingKind::Ring;
        $name = self::freeName($kind->value.'-', [...$piece->beads, ...$piece->findings]);

        return $piece->withFindings($piece->findings + [$name => Finding::usual($kind)]);
    }

    private function withoutFinding(Piece $piece, string $name): Piece
    {
        $without = $piece->withFindings(array_diff_key($piece->findings, [$name => 0]));

        return null === $without->closure ? $without : $without->withClosure($without->closure->withFindings(array_values(array_diff($without->closure->findings, [$name]))));
    }

    /**
     * Returns the piece with one more pair of working cords, like the last.
     */
    private function withPair(Piece $piece): Piece
    {
        $pairs = array_diff_key($piece->cords, ['core' => 0, 'slider' => 0, 'end' => 0]);
        $like = $pairs[array_key_last($pairs) ?? ''] ?? array_values($piece->cords)[0];

        return $piece->withCords($piece->cords + [self::freeName('pair-', $piece->cords) => $like]);
    }

    private function measuredAs(Piece $piece, int $id): Piece
    {
        $person = $this->people->find($id);
        $taken = null === $person ? null : People::measured($person, $piece->wearer->place);

        return null === $taken ? $piece : $piece->withWearer($taken->withUpper($piece->wearer));
    }

    /**
     * @param array<mixed> $taken by name
     */
    private static function freeName(string $stem, array $taken): string
    {
        for ($i = 1; isset($taken[$stem.$i]); ++$i) {
        }

        return $stem.$i;
    }
}
