<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\BeadOrder;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Node\Braid;
use Rinkel\Core\Pattern\Node\Bundle;
use Rinkel\Core\Pattern\Node\Centre;
use Rinkel\Core\Pattern\Node\Fit;
use Rinkel\Core\Pattern\Node\Focal;
use Rinkel\Core\Pattern\Node\Gap;
use Rinkel\Core\Pattern\Node\Group;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Pattern\Node\Links;
use Rinkel\Core\Pattern\Node\Mirror;
use Rinkel\Core\Pattern\Node\Net;
use Rinkel\Core\Pattern\Node\Wave;
use Rinkel\Core\Pattern\Node\Word;

/**
 * Writes a tree as text that parses back to an equal one.
 *
 * @internal
 */
final class Printer
{
    /**
     * @param list<Node> $parts
     */
    public function write(array $parts): string
    {
        return implode(', ', array_map($this->part(...), $parts));
    }

    private function part(Node $node): string
    {
        return match (true) {
            $node instanceof Knots => $this->knots($node),
            $node instanceof Beads => $this->beads($node),
            $node instanceof Focal => 'focal '.$node->name,
            $node instanceof Gap => 'gap '.($node->length ?? 'fit'),
            $node instanceof Word => 'word "'.$node->text.'" of '.$node->bead.(null === $node->between ? '' : ' between '.$node->between),
            $node instanceof Bundle => 'bundle '.implode(' ', $node->long).([] === $node->short ? '' : ' / '.implode(' ', $node->short)),
            $node instanceof Braid => 'braid '.($node->length ?? 'fit'),
            $node instanceof Net => 'net '.$node->rows.' every '.$node->every,
            $node instanceof Links => $node->count.' link '.$node->name,
            $node instanceof Wave => 'wave '.$node->steps.' '.$node->round.' / '.(null === $node->seeds ? '' : $node->seeds.' ').$node->seed,
            $node instanceof Group => $this->group($node),
            $node instanceof Centre => 'centre ('.$this->write($node->parts).')',
            $node instanceof Mirror => 'mirror',
            default => throw new \LogicException('No writing for '.$node::class.'.'),
        };
    }

    private function knots(Knots $knots): string
    {
        return $knots->count.' '.$knots->kind->word()
            .(null === $knots->kind->usualTurns() ? '' : ' '.($knots->wraps ?? $knots->kind->usualTurns()))
            .(null === $knots->cord ? '' : ' in '.$knots->cord);
    }

    private function beads(Beads $beads): string
    {
        $names = array_map(static fn (array $name): string => (1 === $name[0] ? '' : $name[0].' ').$name[1], $beads->names);

        return $beads->count.' bead '
            .(BeadOrder::AsNamed === $beads->order ? '' : $beads->order->value.' ')
            .implode(' ', $names)
            .(Lane::Core === $beads->lane ? '' : ' on '.$beads->lane->value)
            .(null === $beads->strand ? '' : ' '.$beads->strand);
    }

    private function group(Group $group): string
    {
        $bare = 1 === \count($group->parts) && \in_array($group->parts[0]::class, [Knots::class, Beads::class, Bundle::class, Links::class, Wave::class], true);
        $times = $group->times instanceof Fit ? self::fit($group->times) : (string) $group->times;

        return ($bare ? $this->write($group->parts) : '('.$this->write($group->parts).')')
            .' x '.$times.($group->alternate ? ' alternate' : '');
    }

    private static function fit(Fit $fit): string
    {
        return 'fit'
            .(1 === $fit->share ? '' : ' '.$fit->share)
            .(0 === $fit->more ? '' : ($fit->more > 0 ? ' more ' : ' less ').abs($fit->more));
    }
}
