<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal\Part;

use Rinkel\Core\Pattern\Internal\Token;
use Rinkel\Core\Pattern\Internal\TokenKind;
use Rinkel\Core\Pattern\Internal\TokenReader;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Wave;

/**
 * "wave 5 round / 4 seed".
 *
 * @internal
 */
final readonly class WaveReader extends KeywordPart
{
    public function word(): string
    {
        return 'wave';
    }

    public function read(TokenReader $text, int $count, Token $start): ?Node
    {
        $text->next();
        $steps = $text->number(1, Wave::MOST_STEPS);
        $round = null === $steps ? null : $text->name();
        if (null === $steps || null === $round) {
            return null;
        }
        if (!$text->take(TokenKind::Slash)) {
            return $text->fault('"/"');
        }
        $seeds = TokenKind::Number === $text->now()->kind ? $text->number(1, Wave::MOST_SEEDS) : null;
        $seed = $text->name();

        return null === $seed ? null : new Wave($steps, $round, $seed, $seeds, $text->since($start));
    }
}
