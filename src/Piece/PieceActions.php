<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\App\Knots\KnotsAtHand;
use Rinkel\App\People\People;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Construction\Offers;
use Rinkel\Core\Construction\RopeKnot;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\BeadBundle;
use Rinkel\Core\Pattern\Node\BeadOrder;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Node\Below;
use Rinkel\Core\Pattern\Node\Binding;
use Rinkel\Core\Pattern\Node\Braid;
use Rinkel\Core\Pattern\Node\Focal;
use Rinkel\Core\Pattern\Node\Gap;
use Rinkel\Core\Pattern\Node\Hang;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Pattern\Node\Links;
use Rinkel\Core\Pattern\Node\Net;
use Rinkel\Core\Pattern\Node\Wave;
use Rinkel\Core\Pattern\Node\Word;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\PatternEdit;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Stock\Counted;
use Rinkel\Core\Stock\StockCord;

/**
 * What the buttons of the Piece page do: a verb and what it is done to, in words apart by spaces: "more 1.0",
 * "bead-drop amber".
 */
final readonly class PieceActions
{
    /** Colours in which new beads come, one after the other. */
    private const COLOURS = ['#3f6f8f', '#c8693a', '#6d8a4f', '#d9b44a', '#7a5a86', '#b84a4a', '#e6ddc9', '#2f3b45'];

    public function __construct(
        private People $people,
        private Planner $planner,
        private Offers $offers,
        private StockBox $stock,
        private KnotsAtHand $knots,
    ) {}

    /**
     * Returns the piece after a deed, and which part of the pattern is chosen then; an unknown deed changes nothing.
     * "@" in a deed is the part that is chosen.
     *
     * @return array{PieceSpec, string}
     */
    public function apply(PieceSpec $piece, string $deed, string $chosen): array
    {
        $words = array_map(static fn (string $word): string => '@' === $word ? $chosen : $word, explode(' ', $deed));
        $verb = $words[0];
        $rest = \array_slice($words, 1);
        $name = $rest[0] ?? '';

        return match ($verb) {
            'bead-add' => [$this->withBead($this->decided($piece, ['beads', 'findings', 'pattern'])), $chosen],
            'bead-drop' => [
                $this->withoutBead($this->decided($piece, ['beads', 'findings', 'pattern']), $name),
                $chosen,
            ],
            'finding-add' => [$this->withFinding($this->decided($piece, ['findings', 'closure']), $name), $chosen],
            'finding-drop' => [$this->withoutFinding($this->decided($piece, ['findings', 'closure']), $name), $chosen],
            'cord-add' => [$this->withPair($this->decided($piece, ['cords'])), $chosen],
            'second-add' => [$this->withSecond($this->decided($piece, ['cords'])), $chosen],
            'slider-add' => [$this->withSlider($this->decided($piece, ['cords'])), $chosen],
            'cord-drop' => [$this->withoutCord($this->decided($piece, ['cords']), $name), $chosen],
            'from-stock' => [
                $this->fromStock(
                    $this->decided($piece, ['cords', 'beads', 'findings']),
                    $name,
                    $rest[1] ?? '',
                    $rest[2] ?? '',
                ),
                $chosen,
            ],
            'take' => [$this->measuredAs($piece, (int) $name), $chosen],
            default => $this->patterned($piece, $verb, $rest, $chosen),
        };
    }

    /**
     * @param list<'cords'|'beads'|'findings'|'pattern'|'closure'> $parts
     */
    private function decided(PieceSpec $piece, array $parts): PieceSpec
    {
        return $piece->decidedAs($this->planner->completed($piece), $parts);
    }

    /**
     * @param list<string> $rest
     *
     * @return array{PieceSpec, string}
     */
    private function patterned(PieceSpec $given, string $verb, array $rest, string $chosen): array
    {
        $own = 'put' === $verb ? $this->knots->named(implode(' ', \array_slice($rest, 1))) : null;
        $piece = $this->decided(null === $own ? $given : $given->withKnot($own), ['beads', 'findings', 'pattern']);
        $pattern = $piece->pattern->tree ?? throw new \LogicException('The pattern is decided.');
        $edit = new PatternEdit($pattern);
        $path = $rest[0] ?? '';
        $last = (int) substr((string) strrchr('.'.$path, '.'), 1);
        $beside = static fn (int $by): string => substr(
            '.'.$path,
            0,
            (int) strrpos('.'.$path, '.'),
        ).'.'.max(0, $last + $by);
        [$after, $at] = match ($verb) {
            'more' => [$edit->counted($path, 1), $path],
            'fewer' => [$edit->counted($path, -1), $path],
            'left' => [$edit->moved($path, -1), ltrim($beside(-1), '.')],
            'right' => [$edit->moved($path, 1), ltrim($beside(1), '.')],
            'to' => [$edit->movedBefore($path, $rest[1] ?? ''), ''],
            'copy' => [$edit->doubled($path), ltrim($beside(1), '.')],
            'drop' => [$edit->without($path), ''],
            'bracket' => [$edit->bracketed($path), $path],
            'fit' => [$edit->fitted($path, $this->fitted($piece, $edit, $path)), $path],
            'turn' => [$edit->alternated($path), $path],
            'fills' => [$edit->filled($path), $path],
            'partly' => [$edit->brokenOff($path), $path],
            'mirror' => [$edit->mirrored(), $chosen],
            'name' => [$this->named($given, $edit, $path, (int) ($rest[1] ?? 0), $rest[2] ?? '') ?? $pattern, $path],
            'order' => [$this->ordered($edit, $path, $rest[1] ?? ''), $path],
            'lane' => [$this->onLane($edit, $path, $rest[1] ?? ''), $path],
            'put' => $this->put($edit, $piece, $path, implode(' ', \array_slice($rest, 1))),
            default => [$pattern, $chosen],
        };

        return [$after === $pattern ? $given : $piece->withPattern($after), $at];
    }

    /**
     * Returns the pattern with another bead, finding or cord in a part; null when there is none called so.
     */
    private function named(PieceSpec $given, PatternEdit $edit, string $path, int $which, string $name): ?Pattern
    {
        $piece = $this->planner->completed($given);
        $isThere = isset($piece->beads[$name]) || isset($piece->findings[$name]) || isset($piece->cords[$name]);

        return match (true) {
            !$isThere => null,
            $edit->at($path) instanceof Below => $edit->replaced(
                $path,
                static fn (Node $node): array => [$node instanceof Below ? $node->on($name) : $node],
            ),
            default => $edit->renamedAt($path, $which, $name),
        };
    }

    /**
     * Returns how often the fit at $path came to stand.
     */
    private function fitted(PieceSpec $piece, PatternEdit $edit, string $path): int
    {
        $fit = $edit->fitAt($path);

        return null === $fit ? 1 : ($this->planner->draft($piece)->counts()[$fit] ?? 1);
    }

    /**
     * Puts a new part after the one at $path, or at the end when $path is "-".
     *
     * @return array{Pattern, string}
     */
    private function put(PatternEdit $edit, PieceSpec $piece, string $path, string $what): array
    {
        $names = array_map(strval(...), [...array_keys($piece->materials->beads), ...array_keys($piece->materials->findings)]);
        [$first, $name] = [explode(' ', $what)[0], explode(' ', $what)[1] ?? ($names[0] ?? '')];
        $known = \in_array($name, $names, true);
        $knot = $piece->workmanship->knownKnots()->named($what);
        $new = match (true) {
            null !== $knot => new Knots(1, $knot, $knot->usualTurns()),
            'braid' === $what => new Braid(null),
            'binding' === $what => new Binding(Length::ofMillimetres(10)),
            'net' === $what => new Net(5, Length::ofMillimetres(12)),
            'link' === $first => new Links(1, $name),
            'wave' === $first && isset($names[1]) => new Wave(4, $names[0], $names[1]),
            'below' === $what => self::below($edit),
            'gap' === $what => new Gap(Length::ofMillimetres(10)),
            'bead' === $first && $known => new Beads(1, BeadOrder::AsNamed, [[1, $name]]),
            'focal' === $first && $known => new Focal($name),
            'hang' === $first && $known => new Hang($name),
            'bundle' === $first && $known => new BeadBundle([$name]),
            'word' === $first && $known => new Word('NAME', $name),
            default => null,
        };
        if (null === $new) {
            return [$edit->moved('', 0), $path];
        }
        $place = null === $edit->at($path) || $new instanceof Below ? '' : $path;
        $after = $edit->insertedAfter($place, $new);
        $at = '' === $place ? (string) (\count($after->parts) - 1) : self::next($place);

        return [$after, $at];
    }

    /**
     * Returns one more strand, strung like the one before and so much lower.
     */
    private static function below(PatternEdit $edit): Below
    {
        $parts = $edit->pattern->parts;
        $last = $parts[\count($parts) - 1];

        return $last instanceof Below
            ? new Below($last->lower, $last->parts, $last->cord)
            : new Below(Length::ofMillimetres(30), $parts);
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

        return $edit->replaced(
            $path,
            static fn (Node $node): array => [
                $node instanceof Beads ? new Beads(
                    $node->count,
                    $order,
                    $node->names,
                    $node->lane,
                    $node->strand,
                ) : $node,
            ],
        );
    }

    private function onLane(PatternEdit $edit, string $path, string $lane): Pattern
    {
        $lane = Lane::tryFrom($lane) ?? Lane::Core;

        return $edit->replaced(
            $path,
            static fn (Node $node): array => [
                $node instanceof Beads ? new Beads(
                    $node->count,
                    $node->order,
                    $node->names,
                    $lane,
                    Lane::Strand === $lane ? 1 : null,
                ) : $node,
            ],
        );
    }

    /**
     * Returns the piece with one more bead, in the next colour, that the cords now there pass.
     */
    private function withBead(PieceSpec $piece): PieceSpec
    {
        $name = self::freeName('bead-', [...$piece->materials->beads, ...$piece->materials->findings]);
        $colour = Colour::parse(self::COLOURS[\count($piece->materials->beads) % \count(self::COLOURS)]);

        return $piece->withBeads(
            $piece->materials->beads + [$name => $this->offers->bead($this->planner->completed($piece), $colour)],
        );
    }

    private function withoutBead(PieceSpec $piece, string $name): PieceSpec
    {
        return $piece->withBeads(array_diff_key($piece->materials->beads, [$name => 0]));
    }

    /**
     * Returns the piece made of something in stock, instead of what is called $name there.
     *
     * @param string $of "cords", "beads" or "findings"
     */
    private function fromStock(PieceSpec $piece, string $of, string $name, string $id): PieceSpec
    {
        $item = $this->stock->item((int) $id);

        return match (true) {
            $item instanceof StockCord => 'cords' === $of ? self::inCord($piece, $name, $item->cord) : $piece,
            $item instanceof Counted => self::of($piece, $of, $name, $item->what->uncounted()),
            default => $piece,
        };
    }

    private static function of(PieceSpec $piece, string $of, string $name, Bead|Finding $what): PieceSpec
    {
        $all = $piece->materials;

        return match (true) {
            'beads' === $of && $what instanceof Bead && isset($all->beads[$name]) => $piece->withBeads(
                array_replace($all->beads, [$name => $what]),
            ),
            'findings' === $of && $what instanceof Finding && isset($all->findings[$name]) => $piece->withFindings(
                array_replace($all->findings, [$name => $what]),
            ),
            default => $piece,
        };
    }

    private static function inCord(PieceSpec $piece, string $name, Cord $cord): PieceSpec
    {
        $use = $piece->materials->cords[$name] ?? null;

        return null === $use ? $piece : $piece->withCords(
            array_replace($piece->materials->cords, [$name => new CordUse($cord, $use->count, $use->lay, $use->run)]),
        );
    }

    private function withFinding(PieceSpec $piece, string $kind): PieceSpec
    {
        $kind = FindingKind::tryFrom($kind) ?? FindingKind::Ring;
        $name = self::freeName($kind->value.'-', [...$piece->materials->beads, ...$piece->materials->findings]);

        return $piece->withFindings($piece->materials->findings + [$name => Finding::usual($kind)]);
    }

    private function withoutFinding(PieceSpec $piece, string $name): PieceSpec
    {
        $without = $piece->withFindings(array_diff_key($piece->materials->findings, [$name => 0]));

        return null === $without->closure ? $without : $without->withClosure(
            $without->closure->withFindings(array_values(array_diff($without->closure->findings, [$name]))),
        );
    }

    /**
     * Returns the piece with one more pair of working cords or colour of strands, like the last; as it is where there
     * is no more.
     */
    private function withPair(PieceSpec $piece): PieceSpec
    {
        $names = $this->offers->cords($piece->construction);
        $further = array_filter($piece->materials->cords, $names->isFurther(...), \ARRAY_FILTER_USE_KEY);
        $like = $further[array_key_last($further) ?? ''] ?? array_values($piece->materials->cords)[0] ?? null;

        if (null === $like || !$names->further) {
            return $piece;
        }
        $name = self::freeName($names->stem, $piece->materials->cords);

        return $piece->withCords(
            $piece->materials->cords + [$name => new CordUse($like->cord, $names->isCounted($name) ? $like->count : 1)],
        );
    }

    /**
     * Returns the piece with a cord of its own for its slider, like the one that tied it till now.
     */
    private function withSlider(PieceSpec $piece): PieceSpec
    {
        $names = $this->offers->cords($piece->construction);
        if (!\in_array('slider', $names->known, true)) {
            return $piece;
        }
        $draft = $this->planner->draft($piece);
        $like = $draft->piece->sliderCord() ?? $draft->construction->ends($draft->piece)->cord;

        return $piece->withCords($piece->materials->cords + ['slider' => new CordUse($like)]);
    }

    /**
     * Returns the piece with a rope of its own in its second loop, like that of the first.
     */
    private function withSecond(PieceSpec $piece): PieceSpec
    {
        $like = $piece->materials->cords['rope'] ?? null;
        $known = $this->offers->cords($piece->construction)->known;

        return null === $like || !\in_array(RopeKnot::SECOND, $known, true) ? $piece : $piece->withCords(
            $piece->materials->cords + [RopeKnot::SECOND => new CordUse($like->cord)],
        );
    }

    private function withoutCord(PieceSpec $piece, string $name): PieceSpec
    {
        return $this->offers->cords($piece->construction)->canGo($name) ? $piece->withCords(
            array_diff_key($piece->materials->cords, [$name => 0]),
        ) : $piece;
    }

    private function measuredAs(PieceSpec $piece, int $id): PieceSpec
    {
        $person = $this->people->find($id);
        $taken = null === $person ? null : People::measured($person, $piece->wearing->wearer->place);

        return null === $taken
            ? $piece
            : $piece->withWearer($taken->withUpper($piece->wearing->wearer))->madeFor($person->name());
    }

    /**
     * @param array<mixed> $taken by name
     */
    private static function freeName(string $stem, array $taken): string
    {
        $i = 1;
        while (isset($taken[$stem.$i])) {
            ++$i;
        }

        return $stem.$i;
    }
}
