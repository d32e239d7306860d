<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\ORM\Query\AST\Functions\FunctionNode;
use Doctrine\ORM\Query\AST\Node;
use Doctrine\ORM\Query\Parser;
use Doctrine\ORM\Query\SqlWalker;
use Doctrine\ORM\Query\TokenType;

/**
 * FOLDED(text): a text in which small letters stand for capitals, so that it is LIKE a small pattern; SQLite takes them
 * for the same as it is.
 */
final class Folded extends FunctionNode
{
    private Node|string $text = '';

    public function parse(Parser $parser): void
    {
        $parser->match(TokenType::T_IDENTIFIER);
        $parser->match(TokenType::T_OPEN_PARENTHESIS);
        $this->text = $parser->StringPrimary();
        $parser->match(TokenType::T_CLOSE_PARENTHESIS);
    }

    public function getSql(SqlWalker $sqlWalker): string
    {
        $text = $this->text instanceof Node ? $this->text->dispatch($sqlWalker) : $this->text;

        return Postgres::is($sqlWalker->getConnection()) ? 'LOWER('.$text.')' : $text;
    }
}
