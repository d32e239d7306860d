<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Piece;

use Doctrine\DBAL\Connection;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\Routing\RouterInterface;

final class RedirectUnplannablePieceTest extends WebCase
{
    /**
     * A piece that nobody can work out, by every address that shows something of it: each leads to its page, which
     * says what is wrong, or gives its file.
     */
    public function testAPieceThatCannotBeWorkedOutLeadsToItsPage(): void
    {
        $piece = $this->lay();
        self::getContainer()->get(Connection::class)->executeStatement(
            'UPDATE piece SET document = ? WHERE id = ?',
            [json_encode(['pattern' => '3 nothing'] + $piece->document()), $piece->id()],
        );
        $asked = 0;
        foreach (self::getContainer()->get(RouterInterface::class)->getRouteCollection() as $route) {
            $path = $route->getPath();
            if (!str_starts_with($path, '/pieces/{id}/') || !\in_array('GET', $route->getMethods(), true)) {
                continue;
            }
            ++$asked;
            $path = str_replace('{id}', (string) $piece->id(), $path);
            if (str_contains($path, '{') || 1 === preg_match('~/(small\.svg|worn)$~', $path)) {
                continue; // a picture that a page fetches is just not there
            }
            $this->browser->request('GET', $path);
            $answer = $this->browser->getResponse();
            self::assertTrue(
                $answer->isSuccessful() || $answer->isRedirect('/pieces/'.$piece->id())
                    || 301 === $answer->getStatusCode(), // an address of before: the page it leads to is asked for too
                $path.' answers '.$answer->getStatusCode(),
            );
        }
        self::assertGreaterThan(10, $asked);
        $this->browser->request('GET', '/pieces/'.$piece->id());
        self::assertResponseIsSuccessful();
        self::assertSelectorTextContains('main', 'nothing');
    }
}
