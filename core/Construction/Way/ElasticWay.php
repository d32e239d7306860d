<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Tool;

/**
 * Beads on elastic, which fill one turn from mark to mark, all on and tried before the knot is glued: from one end to
 * the other, or a word first in the middle, and from there on to both ends.
 *
 * @internal
 */
final class ElasticWay extends CordWay
{
    protected function isFree(): bool
    {
        return true;
    }

    protected function strings(): bool
    {
        return false;
    }

    protected function isPinned(): bool
    {
        return false;
    }

    protected function halves(): array
    {
        $word = $this->word();

        return null === $word ? parent::halves() : Half::around($this->draft->setting, ...$word);
    }

    protected function body(): void
    {
        $word = $this->word();
        if (null === $word) {
            parent::body();

            return;
        }
        [$from, $count] = $word;
        $this->last = $this->origin = Landmark::of('pen-middle');
        $acts = [];
        foreach (Half::around($this->draft->setting, $from, 0)[1]->parted($count)[0]->runs($this->joins(...)) as $run) {
            array_push($acts, ...$this->run(new WorkRun($run->elements, $run->from, $run->at, 1, 0)));
        }
        $this->bench->write('body', $acts, ['cords', 'mount', 'join']);
        foreach (array_reverse($this->halves()) as $half) {
            $this->bench->write('body', $this->half($half));
        }
    }

    protected function start(Half $half): void
    {
        parent::start($half);
        if (0 !== $half->number) {
            $this->origin = $this->last = Landmark::of('beads', null, $half->number);
        }
    }

    protected function mounted(): array
    {
        $isWord = null !== $this->word();

        return [new Act(
            ActKind::Mark,
            Part::Mount,
            new Message('mark-turn', ['place' => $this->draft->piece->wearer->place->value]),
            grip: new Grip(role: 'cord'),
            spot: new Spot(
                marks: [Landmark::of('mark')],
                makes: [
                    Landmark::of('pen-mark'),
                    ...($isWord ? [
                        Landmark::of('pen-middle'),
                        Landmark::of('beads', null, 1),
                        Landmark::of('beads', null, 2),
                    ] : []),
                ],
            ),
            advice: new Advice(tools: [Tool::Pen]),
        ), new Act(
            ActKind::Pin,
            Part::Mount,
            new Message($isWord ? 'middle-elastic' : 'tape-elastic'),
            grip: new Grip(role: 'cord'),
            spot: new Spot(marks: [Landmark::of('pen-mark')]),
            advice: new Advice(looks: [new Message('look-order')], tools: [Tool::Clip]),
        )];
    }

    protected function trial(): array
    {
        return [];
    }

    /**
     * Returns where a word begins that goes on first, and how many elements it takes; null where there is none.
     *
     * @return array{int, int}|null
     */
    private function word(): ?array
    {
        $letters = array_keys(array_filter(
            $this->draft->setting->elements,
            static fn ($element): bool => ElementKind::Letter === $element->kind,
        ));

        return [] === $letters ? null : [min($letters), max($letters) - min($letters) + 1];
    }
}
