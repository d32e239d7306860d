<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Cure;
use Rinkel\Core\Work\Finish;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\Tool;

/**
 * Stones that are glued into what a piece hangs on.
 *
 * @internal
 */
final class Cabochons
{
    /** They come last, when nothing is bent or pulled any more: after these stretches. */
    public const AFTER = [
        'body', 'slider', 'stops', 'slid', 'closed', 'end start', 'end finish', 'working ends', 'last ends',
    ];

    /**
     * @return list<Act> with the wait for the glue; none where there are no stones
     */
    public static function of(Draft $draft): array
    {
        $into = (string) $draft->setFor();
        $acts = array_map(static fn (string $stone): Act => new Act(
            ActKind::Attach,
            Part::Ends,
            new Message('set-stone', ['stone' => $stone, 'into' => $into]),
            stint: new Stint(things: [$stone]),
            advice: new Advice(
                looks: [new Message('look-stone-in'), new Message('look-glue')],
                tools: [Tool::Glue],
                lesson: 'cabochon',
            ),
        ), $draft->stones());

        return [] === $acts ? [] : [...$acts, Finish::wait(Cure::End)];
    }
}
