<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Tool;

/**
 * The tips of cords that beads are strung with.
 *
 * @internal
 */
final class Tips
{
    /**
     * Returns how the tips are made that beads are strung with: one act for each kind of cord that passes any.
     *
     * @return list<Act>
     */
    public static function of(Draft $draft): array
    {
        $passing = [];
        $seen = [];
        foreach ($draft->elements() as $element) {
            if (isset($seen[spl_object_id($element)])) {
                continue;
            }
            $seen[spl_object_id($element)] = true;
            foreach ([] === $element->beside ? [$element] : $element->beside as $bead) {
                if (isset($draft->piece->beads[$bead->name])) {
                    $passes = $draft->construction->passes($draft->piece, $bead);
                    foreach ($passes as $cord) {
                        $passing[$cord->fibre->value.$cord->thickness->millimetres] = [$cord, \count($passes)];
                    }
                }
            }
        }

        return array_values(array_map(static fn (array $pass): Act => new Act(
            ActKind::Tip,
            Part::Cords,
            new Message(
                $pass[0]->fibre->isElastic()
                ? 'tip-elastic'
                : 'tip-'.$draft->piece->habits->ending($pass[0]->fibre)->value,
                [
                    'thickness' => $pass[0]->thickness->written(Unit::Millimetre),
                    'count' => $pass[1],
                    'tip' => Length::ofMillimetres(20),
                ],
            ),
            spot: new Spot(sizes: ['thickness' => $pass[0]->thickness, 'tip' => Length::ofMillimetres(20)]),
            advice: new Advice(
                tools: $pass[1] > 1 ? [Tool::Needle, Tool::Scissors] : [Tool::Scissors],
                lesson: 'tip',
            ),
        ), $passing));
    }
}
