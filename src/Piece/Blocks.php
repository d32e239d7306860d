<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Node\Braid;
use Rinkel\Core\Pattern\Node\Bundle;
use Rinkel\Core\Pattern\Node\Centre;
use Rinkel\Core\Pattern\Node\Fit;
use Rinkel\Core\Pattern\Node\Focal;
use Rinkel\Core\Pattern\Node\Gap;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Links;
use Rinkel\Core\Pattern\Node\Net;
use Rinkel\Core\Pattern\Node\Wave;
use Rinkel\Core\Pattern\Node\Word;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\PatternEdit;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Plan\Plan;

/**
 * The pattern of a plan as blocks.
 */
final readonly class Blocks
{
    private Piece $piece;
    private PatternEdit $edit;

    public function __construct(private Plan $plan)
    {
        $this->piece = $plan->draft->piece;
        $this->edit = new PatternEdit($plan->draft->pattern);
    }

    /**
     * @return list<Block>
     */
    public function all(): array
    {
        return $this->blocks($this->plan->draft->pattern->parts, '');
    }

    /**
     * @param list<Node> $parts
     *
     * @return list<Block>
     */
    private function blocks(array $parts, string $at): array
    {
        return array_map(fn (Node $part, int $i): Block => $this->block($part, ltrim($at.'.'.$i, '.')), $parts, array_keys($parts));
    }

    private function block(Node $node, string $path): Block
    {
        $place = null === $node->place() ? '' : $node->place()->line.':'.$node->place()->column;
        $names = PatternEdit::names($node);
        $fit = $this->edit->fitAt($path);

        return new Block(
            $path,
            $place,
            match (true) {
                $node instanceof Knots => 'knots',
                $node instanceof Beads => 'beads',
                $node instanceof Bundle => 'bundle',
                $node instanceof Word => 'word',
                $node instanceof Focal => 'focal',
                $node instanceof Gap => 'gap',
                $node instanceof Group => 'group',
                $node instanceof Centre => 'centre',
                $node instanceof Links, $node instanceof Net, $node instanceof Wave => 'counted',
                $node instanceof Braid => 'braid',
                default => 'mirror',
            },
            match (true) {
                $node instanceof Gap && null !== $node->length => 'gap '.$node->length->written($this->piece->unit),
                $node instanceof Braid && null !== $node->length => 'braid '.$node->length->written($this->piece->unit),
                $node instanceof Net => 'net '.$node->rows.' every '.$node->every->written($this->piece->unit),
                default => (string) new Pattern([$node]),
            },
            $node,
            $names,
            array_map($this->colour(...), $names),
            $node instanceof Group || $node instanceof Centre ? $this->blocks($node->parts, $path) : [],
            null === $fit ? null : ($this->plan->draft->setting->counts[$fit] ?? 0),
            $node instanceof Group && $node->times instanceof Fit,
            $node instanceof Group && $node->alternate,
            match (true) {
                $node instanceof Knots, $node instanceof Beads, $node instanceof Links => $node->count,
                $node instanceof Net => $node->rows,
                $node instanceof Wave => $node->steps,
                $node instanceof Group && \is_int($node->times) => $node->times,
                default => 1,
            },
            [] === $names ? [] : $this->palette($node),
        );
    }

    /**
     * Returns what could stand for a name in a part: of a knot another pair of working cords, of a focal also a finding, of links other
     * links, else a bead.
     *
     * @return array<string, string> colours by name
     */
    private function palette(Node $node): array
    {
        $names = array_map(strval(...), array_keys(match (true) {
            $node instanceof Knots => array_diff_key($this->piece->cords, ['core' => 0, 'slider' => 0]),
            $node instanceof Focal => $this->piece->beads + $this->piece->findings,
            $node instanceof Links => array_filter($this->piece->findings, static fn (Finding $one): bool => FindingKind::Link === $one->kind),
            default => $this->piece->beads,
        }));

        return array_combine($names, array_map($this->colour(...), $names));
    }

    private function colour(string $name): string
    {
        return ($this->piece->beads[$name] ?? null)?->colour->hex ?? ($this->piece->cords[$name] ?? null)?->cord->colour->hex ?? '#b9bfc2';
    }
}
