<?php

declare(strict_types=1);

namespace Rinkel\App\Samples;

use Rinkel\App\Piece\Pieces;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Failure;
use Rinkel\Core\Hand\Expectation;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Hand\Priors;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\SampleReader;
use Rinkel\Core\Plan\Planner;

/**
 * What the Samples page says of a maker's hand: each sample, what they say together, and what one of them changes.
 */
final readonly class HandView
{
    /** So many pieces are planned again. */
    private const PIECES = 12;

    public function __construct(
        private Samples $samples,
        private Pieces $pieces,
        private SampleReader $reader,
        private Preferences $preferences,
    ) {}

    /**
     * @return list<SampleView> last taken first
     */
    public function samples(): array
    {
        $said = $this->said();
        $hand = $this->samples->whole();
        $odd = $hand->odd($said);
        $off = [];
        foreach ($hand->observations as $i => $one) {
            $off[$one->piece] = max($off[$one->piece] ?? 0.0, $odd[$i] ?? 0.0);
        }
        $told = [];
        foreach ($this->samples->all() as $stored) {
            try {
                $sample = $this->reader->read($stored->document());
                $told[] = new SampleView(
                    $stored,
                    $sample,
                    $sample->observation($stored->uid()),
                    $off[$stored->uid()] ?? 0.0,
                );
            } catch (PieceUnreadable $unreadable) {
                $told[] = new SampleView($stored, null, null, faults: $unreadable->faults);
            }
        }

        return $told;
    }

    /**
     * Returns how hard this maker pushes against an even hand, how sure that is, and what was thought before.
     *
     * @return array{float, float, float, float} mean and spread, and both without any sample
     */
    public function push(): array
    {
        return [...$this->samples->hand()->knows($this->said())->push(), ...Priors::push($this->said())];
    }

    /**
     * @return array<string, array<string, Expectation>> by kind of knot and cord, as far as they were measured
     */
    public function known(): array
    {
        $known = [];
        $posterior = $this->samples->hand()->knows($this->said());
        foreach ($this->samples->whole()->observations as $one) {
            $known[$one->kind][$one->cord] ??= $posterior->expect($one->kind, $one->cord, $one->isPushed);
        }

        return $known;
    }

    /**
     * Returns which of the pieces worked on last a sample changes; nothing for one that is believed no more.
     *
     * @return list<Changed>
     */
    public function changes(StoredSample $stored): array
    {
        if ($stored->isAside()) {
            return [];
        }
        $without = $this->samples->without($stored);
        [$then, $now] = [
            new Planner(hand: static fn (): Hand => $without),
            new Planner(hand: $this->samples->hand(...)),
        ];
        $changes = [];
        foreach ($this->pieces->onTheTable(self::PIECES) as $piece) {
            try {
                $wish = $this->pieces->piece($piece);
                $changed = new Changed($piece->id(), $then->plan($wish), $now->plan($wish));
                if ([] !== $changed->cuts()) {
                    $changes[] = $changed;
                }
            } catch (Failure) {
                // The Table says what is wrong with it.
            }
        }

        return $changes;
    }

    /**
     * Returns what the maker said of how hard they push, in Settings.
     */
    private function said(): ?Tension
    {
        return Tension::tryFrom($this->preferences->all()['tension']);
    }
}
