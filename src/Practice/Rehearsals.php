<?php

declare(strict_types=1);

namespace Rinkel\App\Practice;

use Rinkel\App\Lesson\Cords;
use Rinkel\App\Lesson\Hands;
use Rinkel\App\Lesson\LessonWords;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Svg\EndsPicture;
use Rinkel\App\Svg\LessonDrawing;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Rehearsal\Attempt;
use Rinkel\Core\Rehearsal\EndInHand;
use Rinkel\Core\Rehearsal\Moment;
use Rinkel\Core\Rehearsal\Rehearsal;
use Rinkel\Core\Work\Act;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Makes pieces without cord: judges what is chosen, and shows what hands hold and do.
 */
final readonly class Rehearsals
{
    public function __construct(
        private Wording $wording,
        private TranslatorInterface $translator,
        private Hands $hands,
        private LessonWords $words,
        private Bands $bands,
    ) {}

    /**
     * Returns where a rehearsal is once what was chosen is done, if it is right; else what comes of it.
     */
    public function view(Plan $plan, RehearsalRequest $asked): RehearsalView
    {
        $rehearsal = new Rehearsal($plan);
        $told = array_values(array_filter(
            $rehearsal->choices($asked->at),
            static fn (Attempt $one): bool => $one->key() === $asked->chosen,
        ))[0] ?? null;
        $now = new RehearsalRequest(
            min($rehearsal->acts->moves, $asked->at + (true === $told?->isRight() ? 1 : 0)),
            $asked->missed + (false === $told?->isRight() ? 1 : 0),
            isShown: $asked->isShown,
        );
        $unit = $plan->draft->piece->unit;
        [$number] = $rehearsal->acts->at($now->at);
        $act = $rehearsal->acts->all[$number];

        return new RehearsalView(
            $plan,
            $now,
            array_map(fn (Attempt $one): array => [
                'key' => $one->key(), 'said' => $this->said($one, $plan), 'side' => $one->move->side->value ?? '',
            ], $now->isShown ? [] : $rehearsal->choices($now->at)),
            $told,
            new RehearsalSight(
                $this->wording->making($act->said, $unit),
                $this->wording->makings($act->advice->looks, $unit),
                null === $told?->follows ? '' : $this->wording->making($told->follows, $unit),
                null === $told?->pattern ? '' : $this->bands->drawn($told->pattern),
                $this->stage($plan, self::moment($rehearsal, $asked, $now, $told)),
                $this->ends($plan, $rehearsal->ends($now->at)),
            ),
        );
    }

    /**
     * Returns all moments in which something else can be chosen than in the one before, each with what can be done and
     * what comes of it.
     */
    public function sheet(Plan $plan): string
    {
        $rehearsal = new Rehearsal($plan);
        $unit = $plan->draft->piece->unit;
        [$lines, $last] = [[$plan->draft->piece->name], ''];
        for ($moves = 0; $moves < $rehearsal->acts->moves; ++$moves) {
            $now = [];
            foreach ($rehearsal->choices($moves) as $one) {
                $follows = null === $one->follows ? '' : ' → '.$this->wording->making($one->follows, $unit);
                $now[] = ('' === $follows ? '  * ' : '  - ').$this->said($one, $plan).$follows;
            }
            $said = implode("\n", $now);
            if ($said !== $last) {
                array_push($lines, '', (string) ($moves + 1), $said);
            }
            $last = $said;
        }

        return implode("\n", $lines);
    }

    /**
     * Returns what is done by a choice: which cord crosses, what is strung, which knot is tied, or the whole act.
     */
    private function said(Attempt $choice, Plan $plan): string
    {
        $move = $choice->move;
        $crossing = 'behind' === $plan->draft->piece->habits->tying->crossing->value ? 'behind' : 'over';

        return match (true) {
            null !== $move->side => $this->translator->trans('board.'.$move->side->value.'-'.$crossing),
            null !== $move->bead => $this->translator->trans('rehearsal.bead', [
                'bead' => $move->bead->name, 'letter' => $move->bead->letter ?? 'none',
            ]),
            $choice->isOneOfMany() => $this->translator->trans('rehearsal.one', [
                'knot' => $this->wording->knotName($move->knot ?? ''),
            ]),
            default => $this->wording->making($choice->act->said, $plan->draft->piece->unit),
        };
    }

    /**
     * Returns the moment whose move is shown: the one just made, the one that comes for who watches or went wrong; null
     * while somebody has yet to choose.
     */
    private static function moment(
        Rehearsal $rehearsal,
        RehearsalRequest $asked,
        RehearsalRequest $now,
        ?Attempt $told,
    ): ?Moment {
        return match (true) {
            true === $told?->isRight() => Moment::after($rehearsal->acts, $asked->at),
            null !== $told, $now->isShown => Moment::after($rehearsal->acts, $now->at),
            default => null,
        };
    }

    /**
     * Returns the lesson that teaches the act in hand, at the frames of the move that comes.
     */
    private function stage(Plan $plan, ?Moment $now): string
    {
        $lesson = null === $now ? null : $this->lesson($now->act, $plan);
        if (null === $now || null === $lesson) {
            return '';
        }
        $frames = \count($lesson->frames);
        $round = \count($now->act->stint->moves);
        $place = $now->done % $round;
        $last = max(0, (int) floor($frames * ($place + 1) / $round) - 1);

        return (new LessonDrawing($lesson, Cords::colours($plan->draft->piece), $this->words->letters()))->stage(
            $last,
            $this->words->frame($lesson, $last),
            ['data-first' => (int) floor($frames * $place / $round)],
        );
    }

    private function lesson(Act $act, Plan $plan): ?Lesson
    {
        $piece = $plan->draft->piece;

        return null === $act->advice->lesson
            ? null
            : $this->hands->lesson($act->advice->lesson, $piece->habits->tying->side, Lessons::forPiece($piece));
    }

    /**
     * @param list<EndInHand> $ends
     */
    private function ends(Plan $plan, array $ends): string
    {
        $unit = $plan->draft->piece->unit;

        return [] === $ends ? '' : EndsPicture::paint(
            $ends,
            $this->words->letters(),
            array_map(fn (EndInHand $one): string => (string) $this->wording->length($one->left, $unit), $ends),
            $this->translator->trans('rehearsal.ends', ['count' => \count($ends)]),
        );
    }
}
