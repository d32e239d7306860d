<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Material\Cord as Material;
use Rinkel\Core\Material\Ending;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\Gluing;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;

/**
 * How ends are made safe: what melts is trimmed, singed and pressed; what chars is glued and trimmed when dry, or
 * trimmed and glued. What is singed comes before what is glued, so that no flame comes near fresh glue, and all glue
 * dries at once.
 *
 * @internal
 */
final readonly class Finish
{
    /** What is left of an end that is singed, in mm: trim to 1 or 2 mm (common practice). */
    public const STUB = 2.0;

    /** Leather below this breaks when it is jerked, in mm (common practice: 1.5 and 2 mm bear more). */
    private const DELICATE = 1.5;

    public function __construct(private Habits $habits) {}

    /**
     * @param list<LooseEnds> $all
     *
     * @return list<Act>
     */
    public function of(array $all, Part $part = Part::Ends): array
    {
        [$singed, $before, $after] = [[], [], []];
        foreach (self::together($all) as [$loose, $ends, $from]) {
            $isTail = null !== $loose->left;
            if ($loose->frays) {
                array_push($singed, $this->trim(
                    $ends,
                    $loose,
                    $from,
                    $loose->left,
                    $part,
                ), self::fray($ends, $loose, $part));
            } elseif (Ending::Singe === $this->habits->ending($ends[0]->cord->material->fibre)) {
                $singed[] = $this->trim($ends, $loose, $from, $loose->left ?? Length::ofMillimetres(self::STUB), $part);
                $singed[] = self::secured($ends, $loose->from, How::Singe, $isTail, $part);
            } elseif (Gluing::Last === $this->habits->ends->gluing) {
                $before[] = $this->trim($ends, $loose, $from, $loose->left, $part);
                $before[] = self::secured($ends, $loose->from, $this->habits->ends->sealing->how(), $isTail, $part);
            } else {
                $before[] = self::secured($ends, $loose->from, $this->habits->ends->sealing->how(), $isTail, $part);
                $after[] = $this->trim($ends, $loose, $from, $loose->left, $part);
            }
        }

        return [...$singed, ...([] === $before ? [] : [
            ...$before,
            self::wait(Cure::Cord, $part, [] === $after ? [new Message('look-closer')] : []),
        ]), ...$after];
    }

    /**
     * Returns how ends are cut and secured in one act, where what is knotted next lies over them.
     *
     * @param non-empty-list<End> $ends
     *
     * @return list<Act>
     */
    public function atOnce(array $ends, Landmark $from): array
    {
        $isSinged = Ending::Singe === $this->habits->ending($ends[0]->cord->material->fibre);
        $stub = Length::ofMillimetres(self::STUB);

        return [new Act(
            ActKind::Secure,
            Part::Ends,
            new Message($isSinged ? 'trim-singe' : $this->habits->ends->sealing->or('trim-glue', 'trim-varnish'), [
                'count' => \count($ends),
                'role' => $ends[0]->cord->role,
                'from' => $from,
                'leaves' => $stub,
            ]),
            grip: new Grip(role: $ends[0]->cord->role),
            care: new EndCare(ends: $ends, how: $isSinged ? How::Singe : $this->habits->ends->sealing->how()),
            spot: new Spot(marks: [$from], sizes: ['leaves' => $stub]),
            advice: new Advice(
                looks: [new Message($isSinged ? 'look-flame' : 'look-glue')],
                tools: $isSinged
                ? [Tool::Scissors, Tool::Lighter, Tool::Clip]
                : [Tool::Scissors, $this->habits->ends->sealing->tool()],
                lesson: $isSinged ? 'singe' : 'glue',
            ),
        ), ...($isSinged ? [] : [self::wait(Cure::Cord)])];
    }

    /**
     * Returns what there is to look at when a barrel is drawn to its place.
     *
     * @return list<Message>
     */
    public static function wound(Material $cord): array
    {
        $isThin = Fibre::Leather === $cord->fibre && $cord->round()->millimetres < self::DELICATE;

        return [new Message('look-barrel'), ...($isThin ? [new Message('look-firm')] : [])];
    }

    /**
     * @param list<Message> $looks
     */
    public static function wait(Cure $cure, Part $part = Part::Ends, array $looks = []): Act
    {
        return new Act(
            ActKind::Wait,
            $part,
            Cure::said($cure->minutes()),
            care: new EndCare(cure: $cure),
            advice: new Advice(looks: $looks),
        );
    }

    /**
     * @param non-empty-list<End> $ends
     * @param list<Landmark>      $from
     */
    private function trim(array $ends, LooseEnds $loose, array $from, ?Length $left, Part $part): Act
    {
        $left ??= Length::zero();
        $reach = $left->plus($loose->bare ?? Length::zero());

        return new Act(
            ActKind::Trim,
            $part,
            new Message($left->isZero() ? 'trim-at' : 'trim-past', [
                'count' => \count($ends),
                'role' => $ends[0]->cord->role,
                'from' => $loose->from,
                'leaves' => $reach,
            ]),
            grip: new Grip(role: $ends[0]->cord->role),
            care: new EndCare(ends: $ends),
            spot: new Spot(marks: $from, sizes: ['leaves' => $left, 'reach' => $reach]),
            advice: new Advice(tools: [Tool::Scissors]),
        );
    }

    /**
     * @param non-empty-list<End> $ends
     */
    private static function secured(array $ends, Landmark $at, How $how, bool $isTail, Part $part): Act
    {
        return new Act(
            ActKind::Secure,
            $part,
            new Message(match (true) {
                How::Singe === $how => 'singe',
                How::Varnish === $how => $isTail ? 'varnish-tips' : 'varnish-knots',
                default => $isTail ? 'glue-tips' : 'glue-knots',
            }, ['count' => \count($ends), 'role' => $ends[0]->cord->role, 'from' => $at]),
            grip: new Grip(role: $ends[0]->cord->role),
            care: new EndCare(ends: $ends, how: $how),
            advice: new Advice(
                looks: match (true) {
                    How::Singe === $how => [new Message('look-flame')],
                    $isTail => [new Message('look-glue')],
                    default => [new Message('look-faces'), new Message('look-glue')],
                },
                tools: match ($how) {
                    How::Singe => [Tool::Lighter, Tool::Clip],
                    How::Glue => [Tool::Glue],
                    How::Varnish => [Tool::Varnish],
                },
                lesson: How::Singe === $how ? 'singe' : 'glue',
            ),
        );
    }

    /**
     * @param non-empty-list<End> $ends
     */
    private static function fray(array $ends, LooseEnds $loose, Part $part): Act
    {
        return new Act(
            ActKind::Fray,
            $part,
            new Message(
                'fray',
                [
                    'count' => \count($ends),
                    'role' => $ends[0]->cord->role,
                    'length' => $loose->frayed ?? $loose->left ?? Length::zero(),
                ],
            ),
            grip: new Grip(role: $ends[0]->cord->role),
            care: new EndCare(ends: $ends),
            spot: new Spot(sizes: ['length' => $loose->frayed ?? $loose->left ?? Length::zero()]),
            advice: new Advice(tools: [Tool::Pliers], lesson: 'fray'),
        );
    }

    /**
     * Returns ends of one cord that are made safe alike together, whichever side of the piece they are on.
     *
     * @param list<LooseEnds> $all
     *
     * @return list<array{LooseEnds, non-empty-list<End>, list<Landmark>}>
     */
    private static function together(array $all): array
    {
        $groups = [];
        foreach ($all as $loose) {
            foreach ($loose->ends as $end) {
                $key = implode(' ', [
                    $end->cord->role,
                    $end->cord->material->fibre->value,
                    $loose->from->word,
                    round($loose->left->millimetres ?? -1.0, 3),
                    round($loose->bare->millimetres ?? 0.0, 3),
                    $loose->frays ? 'frays' : '',
                ]);
                $from = $groups[$key][2] ?? [];
                $groups[$key] = [
                    $groups[$key][0] ?? $loose,
                    [...$groups[$key][1] ?? [], $end],
                    \in_array($loose->from, $from, true) ? $from : [...$from, $loose->from],
                ];
            }
        }

        return array_values($groups);
    }
}
