<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node\BeadOrder;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;

/**
 * What matters on elastic: what it is, where the knot hides, whether the colours close to a ring.
 *
 * @internal
 */
final readonly class ElasticJudgement
{
    public function __construct(private Draft $draft) {}

    /**
     * @return list<Check>
     */
    public function checks(): array
    {
        $piece = $this->draft->piece;
        $cord = $piece->cord('cord')->cord;

        return array_values(array_filter([
            $cord->fibre->isElastic() ? null : new Check('not-elastic', Severity::Stop),
            Fibre::ElasticClear === $cord->fibre && !$piece->closure->knot->glued ? new Check(
                'clear-elastic-wants-glue',
                Severity::Warn,
            ) : null,
            $this->hiding(),
            $this->closing() ?? $this->seam(),
        ]));
    }

    /**
     * The knot hides in the bead with the largest hole, or under a crimp cover.
     */
    private function hiding(): ?Check
    {
        $piece = $this->draft->piece;
        $knot = $piece->knots()->in(new Overhand(), $piece->cord('cord')->cord)->width;
        foreach ($piece->findings as $finding) {
            if (FindingKind::CrimpCover === $finding->kind) {
                return $knot->isLongerThan($finding->inside) ? new Check('crimp-too-small', Severity::Warn, [
                    'knot' => $knot->written(Unit::Millimetre),
                    'inside' => $finding->inside->written(Unit::Millimetre),
                ]) : null;
            }
        }
        $used = array_intersect_key($piece->beads, $this->draft->setting->beads());
        $hole = self::largest($used);

        return $knot->isLongerThan($hole) ? new Check('knot-will-not-hide', Severity::Hint, [
            'knot' => $knot->written(Unit::Millimetre),
            'hole' => $hole->written(Unit::Millimetre),
        ]) : $this->elsewhere($knot, $used);
    }

    /**
     * Returns which bead would hide the knot where those beside it do not.
     *
     * @param array<string, Bead> $used by name
     */
    private function elsewhere(Length $knot, array $used): ?Check
    {
        $line = array_values(array_filter(
            array_map(static fn (Element $element): ?string => $element->name, $this->draft->setting->elements),
            static fn (?string $name): bool => null !== $name,
        ));
        $beside = array_intersect_key($used, array_flip([...\array_slice($line, 0, 1), ...\array_slice($line, -1)]));
        foreach ($knot->isLongerThan(self::largest($beside)) ? $used : [] as $name => $bead) {
            if (!$knot->isLongerThan($bead->hole)) {
                return new Check('hole-not-at-knot', Severity::Hint, [
                    'knot' => $knot->written(Unit::Millimetre),
                    'bead' => (string) $name,
                    'hole' => $bead->hole->written(Unit::Millimetre),
                ]);
            }
        }

        return null;
    }

    /**
     * Returns the largest hole.
     *
     * @param array<string, Bead> $beads
     */
    private static function largest(array $beads): Length
    {
        return Length::longest(
            Length::zero(),
            ...array_values(array_map(static fn (Bead $bead): Length => $bead->hole, $beads)),
        );
    }

    /**
     * Of a closed string the last bead stands beside the first: two alike meet there though they do nowhere else.
     */
    private function seam(): ?Check
    {
        $names = array_map(static fn (Element $element): ?string => $element->name, $this->draft->setting->elements);
        $last = array_key_last($names);
        if (null === $last || $last < 2 || null === $names[0] || $names[0] !== $names[$last]) {
            return null;
        }
        for ($i = 1; $i <= $last; ++$i) {
            if ($names[$i] === $names[$i - 1]) {
                return null;
            }
        }

        return new Check('seam-alike', Severity::Hint, ['bead' => $names[0]]);
    }

    /**
     * A run that repeats its names in turn closes to a ring only with whole turns.
     */
    private function closing(): ?Check
    {
        $part = $this->draft->piece->pattern->tree->parts[0];
        if (1 !== \count($this->draft->piece->pattern->tree->parts) || !$part instanceof Beads || BeadOrder::AsNamed !== $part->order) {
            return null;
        }
        $turn = array_sum(array_column($part->names, 0));

        return $turn > 1 && 0 !== $part->count % $turn ? new Check('repeat-does-not-close', Severity::Warn, [
            'count' => $part->count,
            'turn' => $turn,
            'fewer' => $part->count - $part->count % $turn,
            'more' => $part->count - $part->count % $turn + $turn,
        ]) : null;
    }
}
