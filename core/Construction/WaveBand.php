<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\ButtonAndLoop;
use Rinkel\Core\Closure\LoopWish;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Construction\Internal\WaveMaker;
use Rinkel\Core\Construction\Way\WaveWay;
use Rinkel\Core\Construction\Way\Way;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\WaveArm;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Pattern\Node\Wave;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Remedy;
use Rinkel\Core\Remark\Severity;

/**
 * A row of vertical lark's heads becomes the button loop; two arms of lark's heads and beads bend outwards in waves,
 * joined by square knots after each, to the button.
 *
 * @internal
 */
final readonly class WaveBand implements Construction
{
    public function id(): string
    {
        return 'wave-band';
    }

    public function places(): array
    {
        return [BodyPlace::Wrist, BodyPlace::Ankle];
    }

    public function look(): Look
    {
        return Look::Band;
    }

    public function cords(): CordNames
    {
        return CordNames::only(['core', 'working']);
    }

    public function completed(PieceSpec $wish): Piece
    {
        $names = array_map(strval(...), array_keys($wish->materials->beads));

        return $wish->completedWith(
            [
                'core' => Stock::cord(Fibre::Nylon, 0.5, '#35302c', 2),
                'working' => Stock::cord(Fibre::Nylon, 0.5, '#35302c'),
            ],
            [
                'round' => Stock::round(3, '#8c5a7a', 0.9),
                'seed' => Bead::of(BeadShape::Seed, Colour::parse('#d8c08a'), size: '11/0'),
            ],
            ['button' => Stock::finding(FindingKind::Button, 8, 3, 2)],
            '1 square fill, (1 square, wave 4 '.($names[0] ?? 'round').' / '.($names[1] ?? $names[0] ?? 'seed')
            .', 1 square) x fit, 1 square fill',
            new ClosureWish(
                ButtonAndLoop::onBand(),
                ['button'],
                loop: new LoopWish(knotted: true),
            ),
        );
    }

    public function closures(): array
    {
        return [ButtonAndLoop::onBand()];
    }

    public function maker(Piece $piece): Maker
    {
        return new WaveMaker($piece, ['working' => $piece->cord('working')]);
    }

    public function way(Draft $draft): Way
    {
        return new WaveWay($draft);
    }

    public function ends(Piece $piece): CordUse
    {
        return new CordUse($piece->cord('core')->cord, 2);
    }

    public function passes(Piece $piece, Element $bead): array
    {
        return Lane::Left === $bead->seat->lane ? [$piece->cord('working')->cord] : [$piece->cord('core')->cord];
    }

    /**
     * Says what goes around a round when another number of seed beads was chosen.
     */
    public function checks(Draft $draft): array
    {
        $working = $draft->piece->cord('working')->cord;
        $checks = ElementKind::Wave === ($draft->setting->elements[0] ?? null)?->kind
            ? [new Check('wave-loop-open', Severity::Warn, [])]
            : [];
        $checks = [...$checks, ...$this->hidden($draft)];
        foreach ($draft->piece->pattern->tree->nodes() as $wave) {
            if ($wave instanceof Wave && null !== $wave->seeds) {
                $fitting = (new WaveArm(
                    $draft->piece->beads[$wave->round],
                    $draft->piece->beads[$wave->seed],
                    $working,
                    $wave->steps,
                ))->fitting();
                if ($wave->seeds !== $fitting) {
                    return [
                        ...$checks,
                        new Check(
                            $wave->seeds > $fitting ? 'wave-seeds-bulge' : 'wave-seeds-bare',
                            Severity::Hint,
                            ['seeds' => $wave->seeds, 'fitting' => $fitting, 'round' => $wave->round],
                        ),
                    ];
                }
            }
        }

        return $checks;
    }

    /**
     * Extra square knots keep the button off the waves: as many as it hides.
     *
     * @return list<Check>
     */
    private function hidden(Draft $draft): array
    {
        $square = $draft->book()->around(
            new Square(),
            $draft->piece->cord('core')->bundle(),
            $draft->piece->cord('working')->cord,
        );
        foreach ($draft->fastened->fittings->named as [$name, $button]) {
            $hides = min(10, $button->length->times(0.5)->wholeTimes($square->pitch));
            if (FindingKind::Button === $button->kind && $hides > $draft->piece->closure->loop->behind) {
                return [new Check('button-hides', Severity::Hint, [
                    'button' => $name,
                    'hides' => $hides,
                    'behind' => $draft->piece->closure->loop->behind,
                ], new Remedy('closure.behind', $hides))];
            }
        }

        return [];
    }
}
