<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Drawing\Around;
use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\RunEdges;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\SceneFrame;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Pattern\Node\Lane;

/**
 * Straight cores with the knots of working cords around them, and where those pass beads.
 *
 * @internal
 */
final readonly class BandBody extends Body
{
    public function scene(): Scene
    {
        $runs = $this->runs();
        $cores = new Cores($this->draft, $this->cores());
        $ways = new PairWays($this->draft);
        $parts = new SceneParts();
        $parts->cord(...$cores->cords());
        foreach ($runs as $i => [$element, $count, $start]) {
            if (null !== $element->knot) {
                $run = $this->run($element, $count, $start, $ways->tier($element), 0 === $i, $i === \count($runs) - 1);
                $parts->place(...$this->pictures->placed($run));
            }
            $this->strung($parts, $cores, $ways, $element, $start);
        }
        $wide = static fn (DrawnBead $bead): float => 2 * (abs($bead->y) + $bead->bead->diameter->millimetres / 2);

        return $parts->scene(
            new SceneFrame(
                left: 0,
                right: $this->draft->body()->millimetres,
                height: max($this->height(), ...array_map($wide, $parts->beads), ...[0.0]),
            ),
            $this->stretches(),
        );
    }

    /**
     * Draws a bead, beads side by side, or bare cores, and the cords that go around them.
     */
    private function strung(SceneParts $parts, Cores $cores, PairWays $ways, Element $element, float $start): void
    {
        if ($element->isBead() || ElementKind::Focal === $element->kind) {
            $finding = $this->finding($element, $start);
            $parts->bead($this->bead($element, $start, 0));
            $parts->finding($finding);
            if (null === $finding && Lane::Strand !== $element->seat->lane) {
                $parts->cord(...$ways->around($element, $start));
            }
        } elseif (ElementKind::Bare === $element->kind) {
            $parts->cord(...$ways->around($element, $start));
        } elseif (null !== $apart = $cores->apart($element)) {
            $role = $ways->tier($element);
            $parts->bead(...$apart->beads($element, $start));
            $parts->cord(
                ...(ElementKind::Beside === $element->kind ? $ways->around($element, $start) : []),
                ...$apart->cords($element, $start, $this->draft->piece->cord($role)->cord, $role),
            );
        } elseif (ElementKind::Beside === $element->kind) {
            $parts->bead(...$ways->beads($element, $start));
            $parts->cord(...$ways->around($element, $start));
        }
    }

    public function ends(): array
    {
        $use = $this->draft->piece->cord('core');
        $cores = $this->cores();

        return [...$cores, ...$this->runningOn($use->cord->thickness->millimetres * \count($cores) / 2)];
    }

    /**
     * Returns the cores that the face shows.
     *
     * @return non-empty-list<EndCord>
     */
    private function cores(): array
    {
        $use = $this->draft->piece->cord('core');
        $thickness = $use->cord->thickness->millimetres;
        $seen = max(1, (int) round($use->bundle()->width()->millimetres / $thickness));

        return array_map(
            static fn (int $i): EndCord => new EndCord(
                $thickness * ($i - ($seen - 1) / 2),
                $thickness,
                $use->cord->colour,
                'core',
            ),
            range(0, $seen - 1),
        );
    }

    /**
     * Returns the working cords that run on as tails, on either side of the cores.
     *
     * @return list<EndCord>
     */
    private function runningOn(float $edge): array
    {
        $ends = [];
        $piece = $this->draft->piece;
        foreach (true === $piece->closure->reach->tails?->allCords ? $piece->cords : [] as $name => $use) {
            if (\in_array($name, ['core', 'slider'], true)) {
                continue;
            }
            $w = $use->cord->thickness->millimetres;
            foreach ([-1, 1] as $side) {
                $ends[] = new EndCord($side * ($edge + $w / 2), $w, $use->cord->colour, (string) $name);
            }
            $edge += $w;
        }

        return $ends;
    }

    /**
     * Returns the line's elements, each knot of a run together with those after it that are the same.
     *
     * @return list<array{Element, int, float}> element, count, where it begins
     */
    private function runs(): array
    {
        $runs = [];
        $ways = new PairWays($this->draft);
        $starts = $this->draft->setting->starts();
        foreach ($this->draft->setting->elements as $i => $element) {
            $last = array_pop($runs);
            $joins = null !== $last && [] === $element->beads() && !\in_array(
                $element->kind,
                [ElementKind::Bare, ElementKind::Rows, ElementKind::Wave],
                true,
            )
                && $last[0]->word() === $element->word() && $ways->tier($last[0]) === $ways->tier($element);
            array_push($runs, ...match (true) {
                null === $last => [[$element, 1, $starts[$i]]],
                $joins => [[$last[0], $last[1] + 1, $last[2]]],
                default => [$last, [$element, 1, $starts[$i]]],
            });
        }

        return $runs;
    }

    /**
     * Returns knots of a pair, or of all cords together, as their picture needs to know them.
     */
    private function run(Element $knot, int $count, float $start, string $role, bool $begins, bool $ends): KnotRun
    {
        $core = $this->draft->piece->cord('core');
        $tier = Manner::Own === $knot->knot?->manner() ? 'core' : $role;

        return new KnotRun(
            $knot,
            $count,
            $start,
            0,
            cord: $this->draft->piece->cord($tier)->cord,
            role: $tier,
            around: new Around(half: $this->half($knot), cores: $core->count),
            edges: new RunEdges(begins: $begins, ends: $ends, bends: $this->bends),
        );
    }

    /**
     * Returns half of the width of the core inside a knot: a knot is a working cord and a half wider on either side.
     */
    private function half(Element $knot): float
    {
        return $this->draft->piece->cord('core')->bundle()->width()->millimetres / 2 + (\count($knot->takes) - 2) * 0.3 * $this->draft->piece->cord('core')->cord->thickness->millimetres;
    }
}
