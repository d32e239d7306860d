<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Knot\Sample;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadMaterial;
use Rinkel\Core\Material\ButtonForm;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Ending;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\Gluing;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Work\Crossing;
use Rinkel\Core\Work\Habits;
use Rinkel\Core\Work\Halving;
use Rinkel\Core\Work\Joining;
use Rinkel\Core\Work\LoopEnd;
use Rinkel\Core\Work\Reminders;
use Rinkel\Core\Work\Sealing;
use Rinkel\Core\Work\Stringing;
use Rinkel\Core\Work\Turn;

/**
 * Writes a piece in the open format, lengths exact in mm, so that PieceReader returns an equal piece. What was left
 * open stays out.
 */
final class PieceWriter
{
    /**
     * @return array<string, mixed>
     */
    public function write(PieceSpec $piece): array
    {
        return [
            'format' => PieceReader::FORMAT,
            'version' => PieceReader::VERSION,
        ] + self::known([
            'construction' => $piece->construction,
            'name' => $piece->name,
            'for' => $piece->wearing->whom,
            'unit' => $piece->unit->value,
            'wearer' => self::wearer($piece->wearing->wearer),
            'ease' => $piece->wearing->ease,
            'length' => $piece->wearing->length,
            'drop' => $piece->wearing->drop,
            'gauge' => $piece->workmanship->gauge,
            'wraps' => $piece->wearing->wraps,
            'tension' => $piece->workmanship->tension?->value,
            'risk' => Risk::USUAL === $piece->workmanship->risk ? null : $piece->workmanship->risk,
            'habits' => self::habits($piece->workmanship->habits),
            'cords' => array_map($this->cord(...), $piece->materials->cords),
            'beads' => array_map(self::material(...), $piece->materials->beads),
            'findings' => array_map(self::material(...), $piece->materials->findings),
            'samples' => array_map(
                static fn (Sample $sample): array => self::known(['pitch' => $sample->pitch, 'use' => $sample->use]),
                $piece->workmanship->samples,
            ),
            'knots' => array_map(KnotReader::entry(...), $piece->workmanship->knots),
            'pattern' => $piece->pattern?->text,
            'closure' => null === $piece->closure ? null : $this->closure($piece->closure),
            'forChild' => $piece->wearing->forChild,
            'instantGlue' => $piece->workmanship->instantGlue,
            'credit' => self::credit($piece->workmanship->credit),
        ]);
    }

    /**
     * @return array<string, mixed>
     */
    private static function wearer(Wearer $wearer): array
    {
        return self::known([
            'place' => $wearer->place->value,
            'girth' => $wearer->girth,
            'measured' => $wearer->measured->value,
            'hand' => $wearer->hand,
            'upper' => $wearer->upper,
            'upperAt' => $wearer->upperAt,
        ]);
    }

    /**
     * @return array<string, mixed>
     */
    private static function credit(?Credit $credit): array
    {
        return null === $credit ? [] : self::known([
            'by' => $credit->by,
            'licence' => $credit->licence,
            'says' => '' === $credit->says ? null : $credit->says,
            'mark' => '' === $credit->mark ? null : $credit->mark,
        ]);
    }

    /**
     * @return array<string, mixed>
     */
    private static function habits(Habits $habits): array
    {
        return self::known([
            'rounding' => $habits->allowances->rounding,
            'coreEnds' => $habits->allowances->coreEnds,
            'workingEnds' => $habits->allowances->workingEnds,
            'tailEnd' => $habits->allowances->tailEnd,
            'sliderKnots' => $habits->allowances->sliderKnots,
            'side' => self::unusual($habits->tying->side, Side::Left),
            'melting' => self::unusual($habits->ends->melting, Ending::Singe),
            'gluing' => self::unusual($habits->ends->gluing, Gluing::First),
            'working' => self::unusual($habits->order->working, Turn::First),
            'stops' => self::unusual($habits->order->stops, Turn::Last),
            'button' => self::unusual($habits->order->button, Turn::First),
            'crossing' => self::unusual($habits->tying->crossing, Crossing::Front),
            'stringing' => self::unusual($habits->order->stringing, Stringing::Together),
            'halves' => self::unusual($habits->order->halves, Halving::Together),
            'joining' => self::unusual($habits->tying->joining, Joining::Laid),
            'loopEnd' => self::unusual($habits->tying->loopEnd, LoopEnd::Long),
            'reminders' => self::unusual($habits->reminders, Reminders::Always),
            'sealing' => self::unusual($habits->ends->sealing, Sealing::Glue),
        ]);
    }

    /**
     * @return array<string, mixed>
     */
    private function cord(CordUse $use): array
    {
        return self::material($use->cord) + self::known([
            'count' => $use->count,
            'lay' => $use->lay?->value,
            'run' => $use->run?->value,
        ]);
    }

    /**
     * Returns what a cord, a bead or a finding is, as a piece and the stock say it.
     *
     * @return array<string, mixed>
     */
    public static function material(Cord|Bead|Finding $what): array
    {
        return self::known(match (true) {
            $what instanceof Cord => [
                'fibre' => $what->fibre->value,
                'thickness' => $what->thickness,
                'width' => $what->width,
                'colour' => $what->colour->hex,
                'stretch' => null === $what->stretch ? null : (string) $what->stretch,
            ],
            $what instanceof Bead => self::bead($what),
            default => self::finding($what),
        });
    }

    /**
     * @return array<string, mixed>
     */
    private static function bead(Bead $bead): array
    {
        return [
            'shape' => $bead->shape->value,
            'size' => $bead->measures->size,
            'diameter' => $bead->measures->ownDiameter,
            'length' => $bead->measures->ownLength,
            'hole' => $bead->measures->ownHole,
            'colour' => $bead->colour->hex,
            'stock' => $bead->stock,
            'glass' => $bead->glass,
            'finish' => $bead->finish?->value,
            'letters' => null === $bead->letters ? null : (string) $bead->letters,
            'material' => BeadMaterial::Glass === $bead->material ? null : $bead->material->value,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function finding(Finding $finding): array
    {
        return [
            'kind' => $finding->kind->value,
            'length' => $finding->ownLength,
            'width' => $finding->ownWidth,
            'inside' => $finding->ownInside,
            'form' => ButtonForm::Coin === $finding->form ? null : $finding->form->value,
            'nickel' => $finding->nickel,
            'stock' => $finding->stock,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function closure(ClosureWish $wish): array
    {
        return self::known(array_intersect_key([
            'kind' => $wish->kind->id(),
            'knots' => $wish->knot->knots,
            'wraps' => $wish->knot->wraps,
            'tail' => $wish->reach->tail,
            'shows' => $wish->reach->shows?->__toString(),
            'loops' => $wish->loop->loops,
            'findings' => $wish->findings,
            'glued' => $wish->knot->glued,
            'knotted' => $wish->loop->knotted,
            'start' => $wish->start->value,
            'finish' => $wish->finish->value,
            'tails' => $wish->reach->tails?->__toString(),
            'short' => $wish->reach->short,
            'spaced' => $wish->knot->spaced,
            'plain' => $wish->knot->plain,
            'play' => $wish->loop->play,
            'behind' => 0 === $wish->loop->behind ? null : $wish->loop->behind,
        ], array_flip(['kind', ...ClosureOption::ofKind($wish->kind)])));
    }

    /**
     * Returns what was chosen, where it is not as usual.
     */
    private static function unusual(\BackedEnum $choice, \BackedEnum $usual): string|int|null
    {
        return $choice === $usual ? null : $choice->value;
    }

    /**
     * Returns what is there, lengths as exact texts; what is not known, empty or not so is left out.
     *
     * @param array<string, mixed> $values
     *
     * @return array<string, mixed>
     */
    private static function known(array $values): array
    {
        return array_map(
            static fn (mixed $value): mixed => $value instanceof Length ? (string) $value : $value,
            array_filter(
                $values,
                static fn (mixed $value): bool => null !== $value && [] !== $value && false !== $value,
            ),
        );
    }
}
