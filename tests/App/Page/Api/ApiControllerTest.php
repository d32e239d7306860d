<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Api;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rinkel\App\Examples\ExampleData;
use Rinkel\App\Page\Api\ApiKind;
use Rinkel\App\Page\Api\Description;
use Rinkel\App\Pairing\PairedDevices;
use Rinkel\App\Piece\KeptPieces;
use Rinkel\App\Platform\LooseData;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\App\WebCase;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\FigureEight;

/**
 * Every answer is what the description says it is.
 */
final class ApiControllerTest extends WebCase
{
    private const ID = 'urn:rinkel:test:api';

    /** @var array<mixed> */
    private array $description = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->description = self::getContainer()->get(Description::class)->document();
    }

    public function testEverythingKeptIsListedAndReadAsItIsDescribed(): void
    {
        self::getContainer()->get(ExampleData::class)->lay();
        foreach (ApiKind::cases() as $kind) {
            $list = $this->ask('GET', '/'.$kind->value.'?per=3', '/'.$kind->value);
            self::assertResponseIsSuccessful();
            self::assertIsArray($list);
            self::assertNotSame(0, $list['count'] ?? 0, $kind->value);
            $items = \is_array($list['items']) ? $list['items'] : [];
            self::assertLessThanOrEqual(3, \count($items));
            $uid = LooseData::of(\is_array($items[0] ?? null) ? $items[0] : [])->text('uid');
            self::assertSame($items[0], $this->ask('GET', '/'.$kind->value.'/'.$uid, '/'.$kind->value.'/{uid}'));
            $mark = (string) $this->browser->getResponse()->headers->get('ETag');
            $this->ask(
                'GET',
                '/'.$kind->value.'/'.$uid,
                '/'.$kind->value.'/{uid}',
                headers: ['HTTP_IF_NONE_MATCH' => $mark],
            );
            self::assertResponseStatusCodeSame(304);
            if (!$kind->isWritten()) {
                $this->browser->request(
                    'POST',
                    '/api/v1/'.$kind->value,
                    server: ['CONTENT_TYPE' => 'application/json'],
                    content: '{}',
                );
                self::assertResponseStatusCodeSame(405);
            }
        }
        $this->ask('GET', '/pieces?page=2&per=5', '/pieces');
        self::assertStringContainsString('rel="next"', (string) $this->browser->getResponse()->headers->get('Link'));
        $this->ask('GET', '/pieces?page=none', '/pieces');
        self::assertResponseStatusCodeSame(400);
    }

    public function testWhatIsWorkedOutOfAPieceIsDescribedToo(): void
    {
        $stored = $this->lay();
        foreach (['plan', 'acts', 'steps', 'drawing'] as $what) {
            $kept = $this->ask('GET', '/pieces/'.$stored->uid().'/'.$what, '/pieces/{uid}/'.$what);
            self::assertResponseIsSuccessful($what);
            $sent = $this->ask('POST', '/'.$what, '/'.$what, Examples::document());
            self::assertResponseIsSuccessful($what);
            self::assertSame('drawing' === $what, !\is_array($sent));
            self::assertSame('drawing' === $what, !\is_array($kept));
        }
        self::assertCount(1, [...self::getContainer()->get(KeptPieces::class)->uids()], 'nothing is kept');
        $this->ask('POST', '/plan', '/plan', ['wearer.girth' => '2 cm'] + Examples::document());
        self::assertResponseStatusCodeSame(422);
    }

    /**
     * Three of one piece and one of another: as many cords as they have, each cut once, from the stock or to be bought.
     */
    public function testSeveralPiecesAreCutFromTheStockTogether(): void
    {
        [$one, $other] = [$this->lay(), $this->lay(['name' => 'Other', 'cords.working.thickness' => '1.2 mm'])];
        $sheet = $this->ask('GET', '/cutting?pieces='.$one->uid().':3,'.$other->uid(), '/cutting');
        self::assertResponseIsSuccessful();
        self::assertIsArray($sheet);
        $cuts = 0;
        array_walk_recursive($sheet, static function (mixed $value, int|string $key) use (&$cuts): void {
            $cuts += 'for' === $key ? 1 : 0;
        });
        $planner = new Planner();
        $read = new PieceReader();
        $each = array_sum(array_map(
            static fn (Cut $cut): int => $cut->count,
            $planner->plan($read->read(Examples::document()))->cuts,
        ));
        self::assertSame(4 * $each, $cuts);
        foreach (['', 'x', $one->uid().':0', $one->uid().':100'] as $wrong) {
            $this->ask('GET', '/cutting?pieces='.$wrong, '/cutting');
            self::assertResponseStatusCodeSame(400);
        }
        $this->ask('GET', '/cutting?pieces='.str_repeat('0', 32), '/cutting');
        self::assertResponseStatusCodeSame(404);
    }

    public function testAPieceIsAddedChangedAndDeletedOnceEach(): void
    {
        $piece = ['piece' => Examples::document()];
        $key = ['HTTP_IDEMPOTENCY_KEY' => 'my first piece'];
        $this->ask('POST', '/pieces', '/pieces', $piece, $key);
        self::assertResponseStatusCodeSame(201);
        $at = (string) $this->browser->getResponse()->headers->get('Location');
        $this->ask('POST', '/pieces', '/pieces', $piece, $key);
        self::assertResponseStatusCodeSame(201);
        self::assertSame($at, $this->browser->getResponse()->headers->get('Location'), 'sent twice is done once');
        $list = $this->ask('GET', '/pieces', '/pieces');
        self::assertSame(1, \is_array($list) ? $list['count'] : 0);

        $one = substr($at, \strlen('/api/v1'));
        $this->ask('GET', $one, '/pieces/{uid}');
        $mark = (string) $this->browser->getResponse()->headers->get('ETag');
        $other = ['piece' => ['name' => 'Another name'] + Examples::document()];
        $this->ask('PUT', $one, '/pieces/{uid}', $other);
        self::assertResponseStatusCodeSame(428);
        $this->ask('PUT', $one, '/pieces/{uid}', $other, ['HTTP_IF_MATCH' => '"what it never was"']);
        self::assertResponseStatusCodeSame(412);
        $this->ask('PUT', $one, '/pieces/{uid}', $other, ['HTTP_IF_MATCH' => $mark]);
        self::assertResponseStatusCodeSame(204);
        $now = $this->ask('GET', $one, '/pieces/{uid}');
        self::assertSame('Another name', \is_array($now) && \is_array($now['piece']) ? $now['piece']['name'] : '');
        $this->ask('DELETE', $one, '/pieces/{uid}', headers: ['HTTP_IF_MATCH' => $mark]);
        self::assertResponseStatusCodeSame(412);
        $this->ask('DELETE', $one, '/pieces/{uid}', headers: ['HTTP_IF_MATCH' => '*']);
        self::assertResponseStatusCodeSame(204);
        $this->ask('GET', $one, '/pieces/{uid}');
        self::assertResponseStatusCodeSame(404);
        self::assertStringContainsString(
            'Another name',
            $this->browser->request('GET', '/bin')->text(),
            'it can be had back',
        );
    }

    /**
     * What is wrong is said where it is, and nothing is kept.
     *
     * @param array<string, mixed> $sent
     */
    #[TestWith(['pieces', ['piece' => ['format' => 'rinkel-piece']], 'version'])]
    #[TestWith(['people', ['name' => '', 'measures' => []], 'name'])]
    #[TestWith(['stock', ['is' => 'rope'], 'is'])]
    #[TestWith(['samples', ['cord' => ['thickness' => '99 m']], 'cord.thickness'])]
    #[TestWith(['knots', ['format' => 'rinkel-knot', 'version' => 1, 'name' => 'bead', 'way' => 'k1'], 'way'])]
    public function testWhatCannotBeIsRefusedByName(string $of, array $sent, string $path): void
    {
        $problem = $this->ask('POST', '/'.$of, '/'.$of, $sent);
        self::assertResponseStatusCodeSame(422);
        self::assertIsArray($problem);
        $paths = array_column(\is_array($problem['faults']) ? $problem['faults'] : [], 'path');
        self::assertContains($path, $paths);
        $list = $this->ask('GET', '/'.$of, '/'.$of);
        self::assertSame(0, \is_array($list) ? $list['count'] : 1);
    }

    public function testOnlyJsonIsTakenAndOnlyFromPrograms(): void
    {
        $this->browser->request('POST', '/api/v1/pieces', ['piece' => 'x']);
        self::assertResponseStatusCodeSame(415);
        foreach (['[1, 2]' => 422, '{"a":' => 400, '' => 400] as $body => $status) {
            $this->browser->request(
                'POST',
                '/api/v1/pieces',
                server: ['CONTENT_TYPE' => 'application/json'],
                content: $body,
            );
            self::assertResponseStatusCodeSame($status);
            self::assertResponseHeaderSame('Content-Type', 'application/problem+json');
        }
        $this->browser->request('POST', '/api/v1/pieces', server: [
            'CONTENT_TYPE' => 'application/json',
            'HTTP_ORIGIN' => 'https://elsewhere.example',
            'HTTP_SEC_FETCH_SITE' => 'cross-site',
        ], content: '{}');
        self::assertResponseStatusCodeSame(403);
        $this->ask('POST', '/knots', '/knots', FigureEight::document() + ['note' => 'By a program.']);
        self::assertResponseStatusCodeSame(201);
    }

    public function testAProgramHasATokenOfItsOwn(): void
    {
        $token = self::getContainer()->get(PairedDevices::class)->program('A  script');
        self::assertSame('A script', self::getContainer()->get(PairedDevices::class)->all()[0]->name());
        self::assertTrue(self::getContainer()->get(PairedDevices::class)->knows($token));
        self::assertFalse(self::getContainer()->get(PairedDevices::class)->knows('no token'));
    }

    public function testTheDescriptionIsReadWithoutANetwork(): void
    {
        $page = $this->browser->request('GET', '/api/v1/docs');
        self::assertResponseIsSuccessful();
        self::assertCount(
            \count(\is_array($this->description['paths']) ? $this->description['paths'] : []),
            $page->filter('article h2'),
        );
        self::assertCount(0, $page->filter('script[src^="http"], link[href^="http"]'));
        $this->browser->request('GET', '/api/v1/openapi.json');
        $read = json_decode((string) $this->browser->getResponse()->getContent(), true);
        self::assertSame('3.1.0', LooseData::of(\is_array($read) ? $read : [])->text('openapi'));
        $this->browser->request('GET', '/api/v1/');
        self::assertResponseIsSuccessful();
    }

    public function testNothingThatIsSentBreaksIt(): void
    {
        $this->fuzz(150, 1);
    }

    #[Group('slow')]
    public function testNothingOfFiveThousandBreaksIt(): void
    {
        $this->fuzz(5000, 2);
    }

    private function fuzz(int $times, int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        $this->lay();
        $values = [
            null, true, -1, 1e308, '', '16 cm', "\0", 'ä', str_repeat('x', 3000), [], [[]], ['uid' => 'x'],
            new \stdClass(),
        ];
        $keys = [
            'uid', 'piece', 'name', 'measures', 'is', 'cord', 'way', 'pulled', 'taken', 'for', 'asked', 'format',
            'version',
        ];
        $methods = ['GET', 'POST', 'POST', 'PUT', 'PUT', 'DELETE', 'PATCH'];
        $list = $this->ask('GET', '/pieces', '/pieces');
        $items = \is_array($list) && \is_array($list['items']) ? $list['items'] : [];
        $uid = \is_array($items[0] ?? null) && \is_string($items[0]['uid']) ? $items[0]['uid'] : '';
        $documents = [Examples::document(), FigureEight::document(), ['name' => 'Mila', 'measures' => []]];
        $kinds = [...array_column(ApiKind::cases(), 'value'), 'plan', 'acts', 'steps', 'drawing', 'cutting', 'nothing'];
        for ($i = 0; $i < $times; ++$i) {
            $document = $documents[self::one($chance, $documents)];
            for ($n = $chance->getInt(0, 4); $n > 0; --$n) {
                $from = 1 === $n % 2 ? $keys : (array_keys($document) ?: $keys);
                $document[$from[self::one($chance, $from)]] = $values[self::one($chance, $values)];
            }
            $path = '/api/v1/'.$kinds[self::one($chance, $kinds)];
            if (0 === $chance->getInt(0, 2)) {
                $path .= '/'.(0 === $chance->getInt(0, 1) ? $uid : bin2hex($chance->getBytes(16)));
            }
            $sent = 0 === $chance->getInt(0, 4) ? ['piece' => $document] : $document;
            $this->browser->request(
                $methods[self::one($chance, $methods)],
                $path,
                server: ['CONTENT_TYPE' => 'application/json', 'HTTP_IF_MATCH' => '*'],
                content: (string) json_encode($sent, \JSON_PARTIAL_OUTPUT_ON_ERROR),
            );
            self::assertLessThan(500, $this->browser->getResponse()->getStatusCode(), $path.' '.$i);
        }
    }

    /**
     * @param non-empty-list<mixed> $of
     *
     * @return int where one of them stands
     */
    private static function one(Randomizer $chance, array $of): int
    {
        return $chance->getInt(0, \count($of) - 1);
    }

    /**
     * Asks, and holds what is answered against the description.
     *
     * @param array<mixed>|null     $sent
     * @param array<string, string> $headers
     *
     * @return array<mixed>|string|null
     */
    private function ask(
        string $method,
        string $path,
        string $described,
        ?array $sent = null,
        array $headers = [],
    ): array|string|null {
        $this->browser->request(
            $method,
            '/api/v1'.$path,
            server: ['CONTENT_TYPE' => 'application/json'] + $headers,
            content: null === $sent ? null : (string) json_encode($sent),
        );
        $response = $this->browser->getResponse();
        $said = $this->description;
        $status = (string) $response->getStatusCode();
        foreach (['paths', $described, strtolower($method), 'responses', $status] as $step) {
            $said = \is_array($said) ? $said[$step] ?? null : null;
        }
        self::assertIsArray($said, $method.' '.$path.' answers '.$status.' '.$response->getContent());
        $type = explode(';', (string) $response->headers->get('Content-Type'))[0];
        $text = (string) $response->getContent();
        if (!isset($said['content'])) {
            self::assertSame('', $text);

            return null;
        }
        self::assertIsArray($said['content']);
        self::assertArrayHasKey($type, $said['content']);
        if (!str_ends_with($type, 'json')) {
            return $text;
        }
        self::assertIsArray($said['content'][$type]);
        $validator = new Validator();
        $validator->resolver()?->registerRaw((string) json_encode($this->description), self::ID);
        $schema = (string) json_encode($said['content'][$type]['schema'] ?? true);
        $result = $validator->validate(json_decode($text), str_replace('"#\/', '"'.self::ID.'#\/', $schema));
        self::assertTrue(
            $result->isValid(),
            $method.' '.$path.': '.$result->error()?->keyword().' '.json_encode($result->error()?->data()->fullPath()),
        );

        return json_decode($text, true); // @phpstan-ignore return.type
    }
}
