<?php

declare(strict_types=1);

namespace Rinkel\Tests\App;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Tests\Core\Examples;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * A test that talks to the application as a browser of its own page does.
 */
abstract class WebCase extends WebTestCase
{
    protected KernelBrowser $browser;
    private int $sent = 0;

    protected function setUp(): void
    {
        $this->browser = self::createClient(
            ['environment' => 'test', 'debug' => false],
            ['HTTP_ACCEPT_LANGUAGE' => 'en'],
        );
        $this->browser->setServerParameter('HTTP_SEC_FETCH_SITE', 'same-origin');
        $this->browser->useHtml5Parser(false); // libxml's own is many times as quick
        self::emptyDatabase();
    }

    protected static function emptyDatabase(): void
    {
        foreach ([
            'board', 'making', 'customer_order', 'day', 'example',
            'stock_item', 'stock_tick',
            'practice_box', 'photo', 'removed', 'request_done',
            'stock_taking',
            'piece',
            'person',
            'setting',
            'own_knot', 'paired_device',
            'sample',
            'log_entry',
            'sign_in', 'member', 'deed', 'cache_items',
        ] as $table) {
            self::getContainer()->get(Connection::class)->executeStatement('DELETE FROM '.$table);
        }
    }

    /**
     * Returns the id of the first row of a table, as an address has it.
     */
    protected static function first(string $table): string
    {
        $id = self::getContainer()->get(Connection::class)->fetchOne('SELECT MIN(id) FROM '.$table);
        self::assertIsNumeric($id, $table);

        return (string) $id;
    }

    /**
     * Returns all that is in stock in the open format.
     *
     * @return array<string, mixed>
     */
    protected static function stock(): array
    {
        $json = implode('', [...self::getContainer()->get(StockBox::class)->listed()]);
        $document = json_decode($json, true, flags: \JSON_THROW_ON_ERROR);
        self::assertIsArray($document);

        return array_filter($document, is_string(...), \ARRAY_FILTER_USE_KEY);
    }

    /**
     * Takes everything out of the stock box.
     */
    protected static function emptyStock(): void
    {
        foreach (['stock_item', 'stock_taking'] as $table) {
            self::getContainer()->get(Connection::class)->executeStatement('DELETE FROM '.$table);
        }
        self::getContainer()->get(EntityManagerInterface::class)->clear();
    }

    /**
     * @param array<string, mixed> $changes
     */
    protected function lay(array $changes = []): StoredPiece
    {
        return self::getContainer()->get(Pieces::class)->add(Examples::piece($changes));
    }

    /**
     * Lays a piece of which nothing is decided but the girth.
     *
     * @param array<string, mixed> $changes
     */
    protected function layBare(string $construction, array $changes = []): StoredPiece
    {
        return self::getContainer()->get(Pieces::class)->add(
            (new PieceReader())->read(Examples::bare($construction, $changes)),
        );
    }

    /**
     * Sends the piece's form with some fields changed, as htmx does or as a plain form.
     *
     * @param array<string, mixed> $fields by path, or with a button: "do", "set", "choose", "over"
     */
    protected function edit(StoredPiece $piece, array $fields, bool $partial = true, ?int $version = null): Crawler
    {
        $page = $this->browser->request('GET', '/pieces/'.$piece->id());
        $sent = $page->filter('form#edit')->form()->getPhpValues();
        foreach ($fields as $name => $value) {
            if (\in_array($name, ['do', 'set', 'choose', 'over', 'zoom', 'view', 'at'], true)) {
                $sent[$name] = $value;
            } elseif (\is_array($sent['f'] ?? null)) {
                $sent['f'][$name] = $value;
            }
        }
        $sent['version'] = $version ?? $sent['version'];
        $sent['act'] = 'form-'.++$this->sent; // each is another, also over the same page

        return $this->browser->request(
            'POST',
            '/pieces/'.$piece->id(),
            $sent,
            [],
            $partial ? ['HTTP_HX_REQUEST' => 'true'] : [],
        );
    }

    /**
     * Sends acts as the page's script does.
     *
     * @param list<array<string, mixed>> $acts   an id is added where there is none
     * @param string                     $typing field that is still typed in
     */
    protected function acts(StoredPiece $piece, array $acts, string $typing = '', ?int $version = null): Crawler
    {
        $version ??= (int) $this->browser->request(
            'GET',
            '/pieces/'.$piece->id(),
        )->filter('#piece')->attr('data-version');
        $acts = array_map(fn (array $act): array => $act + ['id' => 'act-'.++$this->sent, 'in' => 'cm'], $acts);

        return $this->browser->request(
            'POST',
            '/pieces/'.$piece->id(),
            ['acts' => json_encode($acts, \JSON_THROW_ON_ERROR), 'version' => (string) $version, 'typing' => $typing],
            [],
            ['HTTP_HX_REQUEST' => 'true'],
        );
    }

    /**
     * Returns how many knots the board shows.
     */
    protected static function knots(Crawler $page): int
    {
        return (int) array_sum(
            $page->filter('#board [data-knots]')->each(static fn (Crawler $run): int => (int) $run->attr('data-knots')),
        );
    }

    /**
     * @return string what a message of translations/ says in English: a test that only asks which one is shown names
     *                its key
     */
    protected static function says(string $key): string
    {
        $said = self::getContainer()->get(TranslatorInterface::class)->trans($key, [], null, 'en');
        self::assertNotSame($key, $said, 'there is no such message');

        return $said;
    }

    /**
     * Returns a text of the page with all white space folded.
     */
    protected static function text(Crawler $page, string $selector): string
    {
        $texts = $page->filter($selector)->each(static fn (Crawler $crawler): string => $crawler->text());

        return trim(preg_replace('/\s+/u', ' ', implode(' ', array_filter($texts, is_string(...)))) ?? '');
    }
}
