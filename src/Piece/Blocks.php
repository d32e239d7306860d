<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\BeadBundle;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Node\Below;
use Rinkel\Core\Pattern\Node\Binding;
use Rinkel\Core\Pattern\Node\Bracket;
use Rinkel\Core\Pattern\Node\Braid;
use Rinkel\Core\Pattern\Node\Centre;
use Rinkel\Core\Pattern\Node\CountedPart;
use Rinkel\Core\Pattern\Node\Focal;
use Rinkel\Core\Pattern\Node\Gap;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\Node\Hang;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Links;
use Rinkel\Core\Pattern\Node\Mirror;
use Rinkel\Core\Pattern\Node\Named;
use Rinkel\Core\Pattern\Node\Net;
use Rinkel\Core\Pattern\Node\Wave;
use Rinkel\Core\Pattern\Node\Word;
use Rinkel\Core\Pattern\PatternEdit;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Plan\Plan;

/**
 * The pattern of a plan as blocks.
 */
final readonly class Blocks
{
    /** What a part is edited as. */
    private const KINDS = [
        Knots::class => 'knots',
        Beads::class => 'beads',
        BeadBundle::class => 'bundle',
        Word::class => 'word',
        Focal::class => 'focal',
        Hang::class => 'hang',
        Gap::class => 'gap',
        Group::class => 'group',
        Centre::class => 'centre',
        Below::class => 'below',
        Links::class => 'counted',
        Net::class => 'counted',
        Wave::class => 'counted',
        Braid::class => 'braid',
        Binding::class => 'braid',
        Mirror::class => 'mirror',
    ];

    private Piece $piece;
    private PatternEdit $edit;

    public function __construct(private Plan $plan)
    {
        $this->piece = $plan->draft->piece;
        $this->edit = new PatternEdit($plan->draft->piece->pattern->tree);
    }

    /**
     * @return list<Block>
     */
    public function all(): array
    {
        return $this->blocks($this->plan->draft->piece->pattern->tree->parts, '');
    }

    /**
     * @param list<Node> $parts
     *
     * @return list<Block>
     */
    private function blocks(array $parts, string $at): array
    {
        return array_map(
            fn (Node $part, int $i): Block => $this->block($part, ltrim($at.'.'.$i, '.')),
            $parts,
            array_keys($parts),
        );
    }

    private function block(Node $node, string $path): Block
    {
        $place = null === $node->place() ? '' : $node->place()->line.':'.$node->place()->column;
        $names = $node instanceof Below ? [$node->cord ?? 'cord'] : $node->names();

        return new Block(
            $path,
            $place,
            self::KINDS[$node::class] ?? throw new \LogicException('No block for '.$node::class.'.'),
            $node->said($this->piece->unit),
            $node,
            parts: $node instanceof Bracket ? $this->blocks($node->parts(), $path) : [],
            often: $this->often($node, $path),
            named: new Palette(
                names: $names,
                colours: array_map($this->colour(...), $names),
                palette: [] === $names ? [] : $this->palette($node),
            ),
        );
    }

    private function often(Node $node, string $path): Repeat
    {
        $fit = $this->edit->fitAt($path);
        $group = $node instanceof Group ? $node : null;

        return new Repeat(
            fitted: null === $fit ? null : ($this->plan->draft->counts()[$fit] ?? 0),
            isFit: null !== $group && $group->fits(),
            alternates: null !== $group && $group->alternate,
            count: ($node instanceof CountedPart ? $node->count() : null) ?? 1,
        );
    }

    /**
     * Returns what could stand for a name in a part: of a knot another pair of working cords, of a focal also a
     * finding, of links other links, else a bead.
     *
     * @return array<string, string> colours by name
     */
    private function palette(Node $node): array
    {
        $names = array_map(strval(...), array_keys(match ($node->named()) {
            Named::Cords => array_diff_key(
                $this->piece->cords,
                ['core' => 0, 'slider' => 0],
            ),
            Named::BeadOrFinding => $this->piece->beads + $this->piece->findings,
            Named::Links => array_filter(
                $this->piece->findings,
                static fn (Finding $finding): bool => FindingKind::Link === $finding->kind,
            ),
            Named::Beads, Named::Either => $this->piece->beads,
        }));

        return array_combine($names, array_map($this->colour(...), $names));
    }

    private function colour(string $name): string
    {
        return ($this->piece->beads[$name] ?? null)?->colour->hex ?? ($this->piece->cords[$name] ?? null)?->cord->colour->hex ?? '#b9bfc2';
    }
}
