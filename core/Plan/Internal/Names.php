<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Construction\Construction;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Quoted;

/**
 * Whether all that a piece names is there: a cord that has no task, or a finding that lacks, would else be passed over
 * in silence.
 *
 * @internal
 */
final readonly class Names
{
    public function __construct(
        private Construction $construction,
        private Piece $piece,
    ) {}

    /**
     * @throws PieceUnreadable If the piece names a cord, a finding or a closure that is none of its construction
     */
    public function check(): void
    {
        $faults = [...$this->cords(), ...$this->findings(), ...$this->closure()];
        $faults = [] === $faults ? $this->samples() : $faults;
        if ([] !== $faults) {
            throw PieceUnreadable::because($faults);
        }
    }

    /**
     * @return list<Fault>
     */
    private function cords(): array
    {
        $cords = $this->construction->cords();
        $faults = [];
        foreach (array_map(strval(...), array_keys($this->piece->cords)) as $name) {
            if (!$cords->has($name)) {
                $said = new Message('cord-unknown', ['name' => new Quoted($name), 'known' => $cords->known]);
                $faults[] = new Fault('cords.'.$name, $said);
                continue;
            }
            foreach ($cords->unasked($name, $this->piece->cord($name)) as $field) {
                $said = new Message('cord-unasked', ['field' => $field, 'name' => new Quoted($name)]);
                $faults[] = new Fault('cords.'.$name.'.'.$field, $said);
            }
        }

        return $faults;
    }

    /**
     * @return list<Fault>
     */
    private function findings(): array
    {
        $known = array_map(strval(...), array_keys($this->piece->findings));
        $faults = [];
        foreach (array_diff($this->piece->closure->findings, $known) as $name) {
            $faults[] = new Fault('closure.findings', [] === $known
                ? new Message('finding-unknown-yet', ['name' => new Quoted($name)])
                : new Message('finding-unknown', ['name' => new Quoted($name), 'known' => $known]));
        }

        $bead = $this->piece->closure->reach->tails?->bead;
        $beads = array_map(strval(...), array_keys($this->piece->beads));
        if (null !== $bead && !\in_array($bead, $beads, true)) {
            $faults[] = new Fault('closure.tails', [] === $beads
                ? new Message('name-unknown-yet', ['name' => new Quoted($bead)])
                : new Message('name-unknown', ['name' => new Quoted($bead), 'known' => $beads]));
        }

        return $faults;
    }

    /**
     * A knot cannot take less than its own length, nor less than the way around what it is tied around.
     *
     * @return list<Fault>
     */
    private function samples(): array
    {
        $faults = [];
        $maker = $this->construction->maker($this->piece);
        foreach ($this->piece->samples as $word => $sample) {
            $knot = $this->piece->knownKnots()->named((string) $word);
            $ground = null === $knot || !$knot->manner()->isPushed() ? null : $maker->ground($knot);
            $turn = null === $ground ? Length::zero() : $ground->core->turn($ground->cord->round())->times(0.5);
            $least = Length::longest($sample->pitch, $turn);
            if ($sample->use->isShorterThan($least)) {
                $faults[] = new Fault('samples.'.$word.'.use', new Message('sample-impossible', [
                    'use' => $sample->use->written(Unit::Millimetre),
                    'least' => $least->written(Unit::Millimetre),
                ]));
            }
        }

        return $faults;
    }

    /**
     * @return list<Fault>
     */
    private function closure(): array
    {
        $wish = $this->piece->closure;
        $given = $wish->kind->id();
        $suiting = array_map(static fn (ClosureKind $kind): string => $kind->id(), $this->construction->closures());

        if (!\in_array($given, $suiting, true)) {
            return [new Fault('closure.kind', new Message('closure-unsuited', ['known' => $suiting, 'given' => $given]))];
        }
        $known = array_values(array_diff(
            ClosureOption::here($this->construction->closures(), $wish->kind),
            $wish->unheard(),
        ));

        return array_map(static fn (string $field): Fault => new Fault('closure.'.$field, new Message('closure-unasked', [
            'field' => $field,
            'closure' => $given,
            'known' => [] === $known ? new Message('nothing') : $known,
        ])), array_values(array_diff($wish->said(), $known)));
    }
}
