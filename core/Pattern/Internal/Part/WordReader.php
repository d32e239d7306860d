<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Internal\Part;

use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Internal\Token;
use Rinkel\Core\Pattern\Internal\TokenKind;
use Rinkel\Core\Pattern\Internal\TokenReader;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Word;

/**
 * 'word "MILA" of dice between seed'.
 *
 * @internal
 */
final readonly class WordReader extends KeywordPart
{
    public function word(): string
    {
        return 'word';
    }

    public function read(TokenReader $text, int $count, Token $start): ?Node
    {
        $text->next();
        $token = $text->now();
        $letters = trim($token->text, '"');
        if (TokenKind::Text !== $token->kind || '' === trim($letters) || mb_strlen($letters) > Word::LONGEST) {
            return $text->fault(new Message('expected-word'));
        }
        $text->next();
        if (null === $text->oneOf('of')) {
            return null;
        }
        $bead = $text->name();
        $between = null;
        if (null !== $bead && $text->skip('between')) {
            $between = $text->name();
            $bead = null === $between ? null : $bead;
        }

        return null === $bead ? null : new Word($letters, $bead, $between, $text->since($start));
    }
}
