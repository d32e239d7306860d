<?php

declare(strict_types=1);

namespace Rinkel\Core\Practice;

use Random\Randomizer;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Material\Ending;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Message;

/**
 * How the cut end of a cord is kept from fraying: what melts is singed, the rest is glued.
 *
 * @internal
 */
final class WhichFinish implements Exercise
{
    public function id(): string
    {
        return 'which-finish';
    }

    public function ask(Randomizer $chance, Side $side): Question
    {
        $fibres = array_values(array_filter(Fibre::cases(), static fn (Fibre $fibre): bool => !$fibre->isElastic()));
        $fibre = $fibres[$chance->getInt(0, \count($fibres) - 1)] ?? Fibre::Polyester;
        $word = str_replace('-', '_', $fibre->value); // as a sentence can choose by it
        $melts = Ending::Singe === $fibre->ending();

        return new Question(
            new Message('which-finish', ['fibre' => $word]),
            [new Message('finish-singe'), new Message('finish-glue')],
            $melts ? 0 : 1,
            $melts ? new Message('why-singe', ['fibre' => $word]) : new Message('why-glue', ['fibre' => $word]),
        );
    }
}
