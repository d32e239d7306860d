<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal\Part;

use Rinkel\Core\Pattern\Internal\Token;
use Rinkel\Core\Pattern\Internal\TokenKind;
use Rinkel\Core\Pattern\Internal\TokenReader;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\BeadOrder;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Node\CountedPart;
use Rinkel\Core\Pattern\Node\Lane;

/**
 * "6 bead amber 2 sky on left".
 *
 * @internal
 */
final readonly class BeadsReader extends KeywordPart
{
    public function word(): string
    {
        return 'bead';
    }

    public function isCounted(): bool
    {
        return true;
    }

    public function read(TokenReader $text, int $count, Token $start): ?Node
    {
        $text->next();
        $order = BeadOrder::AsNamed;
        if ($text->skip('by')) {
            $by = $text->oneOf('value', 'colour', 'form', 'finish', 'size');
            if (null === $by) {
                return null;
            }
            $order = BeadOrder::from('by '.$by);
        }
        $names = [];
        do {
            $each = TokenKind::Number === $text->now()->kind ? $text->number(1, CountedPart::MOST) : 1;
            $name = null === $each ? null : $text->name();
            if (null === $each || null === $name) {
                return null;
            }
            $names[] = [$each, $name];
        } while (TokenKind::Number === $text->now()->kind || $text->isFreeName($text->now()));
        [$lane, $strand] = [Lane::Core, null];
        if ($text->skip('on')) {
            $word = $text->oneOf('core', 'left', 'right', 'strand');
            if (null === $word) {
                return null;
            }
            $lane = Lane::from($word);
            $strand = Lane::Strand === $lane ? $text->number(1, Beads::MOST_STRANDS) : null;
            if (Lane::Strand === $lane && null === $strand) {
                return null;
            }
        }

        return new Beads($count, $order, $names, $lane, $strand, $text->since($start));
    }
}
