<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Api;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * What other programs can ask for and what they are answered, as OpenAPI 3.1: from the resources, and the schemas of
 * the files (docs/*.schema.json), which are the same documents.
 *
 * @phpstan-type Operation array<string, mixed>
 */
final readonly class Description
{
    private const VERSION = '1.0.0';

    /** Schemas by their file, and where in it each resource is described. */
    private const SCHEMAS = ['kept', 'piece', 'plan', 'acts', 'steps', 'knot', 'cutting'];

    private const PROBLEMS = [
        400 => 'What was asked is unreadable.',
        404 => 'There is none.',
        405 => 'Only Rinkel writes these.',
        412 => 'It was changed since you read it.',
        415 => 'It is no JSON.',
        422 => 'It was read, and something in it cannot be: "faults" says where.',
        428 => 'Say which one you mean, with If-Match.',
    ];

    public function __construct(
        #[Autowire('%kernel.project_dir%/docs')]
        private string $folder,
    ) {}

    /**
     * @return array<string, mixed>
     */
    public function document(): array
    {
        return [
            'openapi' => '3.1.0',
            'info' => [
                'title' => 'Rinkel',
                'version' => self::VERSION,
                'description' => 'The same documents as in Rinkel’s files. Send JSON. From another device, '
                    .'send a token: Authorization: Bearer … (bin/console rinkel:pair --program NAME).',
            ],
            'servers' => [['url' => ApiController::PATH]],
            'security' => [[], ['token' => []]],
            'paths' => $this->paths(),
            'components' => [
                'securitySchemes' => ['token' => ['type' => 'http', 'scheme' => 'bearer']],
                'schemas' => $this->schemas() + self::ownSchemas(),
            ],
        ];
    }

    /**
     * @return array<string, mixed> of what only programs are told
     */
    private static function ownSchemas(): array
    {
        $text = ['type' => 'string'];
        $whole = ['type' => 'integer', 'minimum' => 1];

        return [
            'list' => [
                'type' => 'object',
                'required' => ['count', 'page', 'pages', 'items'],
                'properties' => [
                    'count' => ['type' => 'integer', 'minimum' => 0], 'page' => $whole, 'pages' => $whole,
                    'items' => ['type' => 'array', 'items' => ['type' => 'object']],
                ],
            ],
            'problem' => [
                'type' => 'object',
                'required' => ['type', 'title', 'status'],
                'properties' => [
                    'type' => ['const' => 'about:blank'],
                    'title' => $text,
                    'status' => ['type' => 'integer'],
                    'detail' => $text,
                    'faults' => ['type' => 'array', 'items' => [
                        'type' => 'object',
                        'required' => ['path', 'says', 'code'],
                        'properties' => ['path' => $text, 'says' => $text, 'code' => $text],
                    ]],
                ],
            ],
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function paths(): array
    {
        $paths = [];
        $uid = self::parameter('uid', 'path', ['type' => 'string', 'pattern' => '^[0-9a-f]{32}$']);
        foreach (ApiKind::cases() as $one) {
            $name = $one->value;
            $schema = self::of($one);
            $paths['/'.$name]['get'] = self::operation(
                'list '.$name,
                [200 => ['schema' => self::listOf($schema)]],
                [400],
                [self::number('page', 1), self::number('per', ...ApiController::PAGE)],
            );
            $paths['/'.$name.'/{uid}']['get'] = self::operation(
                'read one of the '.$name,
                [200 => ['schema' => $schema, 'headers' => ['ETag']], 304 => []],
                [404],
                [$uid],
            );
            foreach ($one->isWritten() ? self::writing($name, $uid) : [] as $path => $operations) {
                $paths[$path] = [...$paths[$path], ...$operations];
            }
        }

        return $paths + $this->workedOut($uid);
    }

    /**
     * @param array<string, mixed> $uid
     *
     * @return array<string, array<string, Operation>> by path and method
     */
    private static function writing(string $name, array $uid): array
    {
        $match = self::parameter('If-Match', 'header', ['type' => 'string']);
        $key = self::parameter('Idempotency-Key', 'header', ['type' => 'string', 'maxLength' => 200], false);

        return [
            '/'.$name => [
                'post' => self::operation(
                    'add to the '.$name,
                    [201 => ['headers' => ['Location']]],
                    [400, 415, 422],
                    [$key],
                    true,
                ),
            ],
            '/'.$name.'/{uid}' => [
                'put' => self::operation(
                    'change one of the '.$name,
                    [204 => ['headers' => ['ETag']]],
                    [400, 404, 412, 415, 422, 428],
                    [$uid, $match, $key],
                    true,
                ),
                'delete' => self::operation(
                    'delete one of the '.$name.'; it can be had back for 30 days',
                    [204 => []],
                    [404, 412, 428],
                    [$uid, $match],
                ),
            ],
        ];
    }

    /**
     * @param array<string, mixed> $uid
     *
     * @return array<string, mixed>
     */
    private function workedOut(array $uid): array
    {
        $paths = [];
        foreach (['plan', 'acts', 'steps', 'drawing'] as $what) {
            $answer = 'drawing' === $what
                ? ['type' => 'image/svg+xml']
                : ['schema' => ['$ref' => '#/components/schemas/'.$what]];
            $paths['/pieces/{uid}/'.$what]['get'] = self::operation(
                'the '.$what.' of a piece',
                [200 => $answer],
                [404, 422],
                [$uid],
            );
            $paths['/'.$what]['post'] = self::operation(
                'the '.$what.' of a piece that you send; nothing is kept',
                [200 => $answer],
                [400, 415, 422],
                [],
                true,
            );
        }

        $which = '^[0-9a-f]{32}(:[1-9][0-9]?)?(,[0-9a-f]{32}(:[1-9][0-9]?)?){0,29}$';
        $paths['/cutting'] = ['get' => self::operation(
            'from which of the stock the cords of pieces are cut; a number after a uid makes so many',
            [200 => ['schema' => ['$ref' => '#/components/schemas/cutting']]],
            [400, 404],
            [self::parameter('pieces', 'query', ['type' => 'string', 'pattern' => $which])],
        )];

        return $paths;
    }

    /**
     * @return array<string, mixed> what a resource is
     */
    private static function of(ApiKind $one): array
    {
        return ApiKind::Pieces === $one ? [
            'type' => 'object',
            'required' => ['uid', 'changed', 'putAway', 'piece'],
            'properties' => [
                'uid' => ['type' => 'string', 'pattern' => '^[0-9a-f]{32}$'],
                'changed' => ['type' => 'string', 'format' => 'date-time'],
                'putAway' => ['oneOf' => [['type' => 'string', 'format' => 'date-time'], ['const' => false]]],
                'piece' => ['$ref' => '#/components/schemas/piece'],
            ],
        ] : ['$ref' => '#/components/schemas/kept/$defs/'.$one->word()];
    }

    /**
     * @param array<string, mixed> $schema
     *
     * @return array<string, mixed>
     */
    private static function listOf(array $schema): array
    {
        return ['allOf' => [
            ['$ref' => '#/components/schemas/list'],
            ['properties' => ['items' => ['items' => $schema]]],
        ]];
    }

    /**
     * @return array<string, mixed> of a whole number from 1, which need not be said
     */
    private static function number(string $name, int $usual, ?int $most = null): array
    {
        $range = ['type' => 'integer', 'minimum' => 1] + (null === $most ? [] : ['maximum' => $most]);

        return self::parameter($name, 'query', $range + ['default' => $usual], false);
    }

    /**
     * @param array<string, mixed> $schema
     *
     * @return array<string, mixed>
     */
    private static function parameter(string $name, string $in, array $schema, bool $isRequired = true): array
    {
        return ['name' => $name, 'in' => $in, 'required' => $isRequired, 'schema' => $schema];
    }

    /**
     * @param array<int, array{schema?: array<string, mixed>, headers?: list<string>, type?: string}> $answers
     * @param list<key-of<self::PROBLEMS>>                                                            $problems
     * @param list<array<string, mixed>>                                                              $parameters
     *
     * @return Operation
     */
    private static function operation(
        string $summary,
        array $answers,
        array $problems,
        array $parameters,
        bool $isSent = false,
    ): array {
        $responses = [];
        foreach ($answers as $status => $answer) {
            $type = $answer['type'] ?? 'application/json';
            $responses[(string) $status] = array_filter([
                'description' => match ($status) {
                    201 => 'It is there now.',
                    204 => 'It is done.',
                    304 => 'It is what you have.',
                    default => 'Here it is.',
                },
                'headers' => array_fill_keys($answer['headers'] ?? [], ['schema' => ['type' => 'string']]),
                'content' => isset($answer['schema']) || isset($answer['type'])
                    ? [$type => isset($answer['schema']) ? ['schema' => $answer['schema']] : new \stdClass()]
                    : [],
            ], static fn (mixed $value): bool => [] !== $value);
        }
        foreach ($problems as $status) {
            $responses[(string) $status] = [
                'description' => self::PROBLEMS[$status],
                'content' => ['application/problem+json' => ['schema' => ['$ref' => '#/components/schemas/problem']]],
            ];
        }

        return array_filter([
            'summary' => $summary,
            'parameters' => $parameters,
            'requestBody' => $isSent
                ? ['required' => true, 'content' => ['application/json' => ['schema' => ['type' => 'object']]]]
                : [],
            'responses' => $responses,
        ], static fn (mixed $value): bool => [] !== $value);
    }

    /**
     * @return array<string, mixed> each as it is published, its own references within it
     */
    private function schemas(): array
    {
        $schemas = [];
        foreach (self::SCHEMAS as $name) {
            $schema = json_decode(
                (string) file_get_contents($this->folder.'/'.$name.'.schema.json'),
                true,
                flags: \JSON_THROW_ON_ERROR,
            );
            $schemas[$name] = self::within(\is_array($schema) ? $schema : [], '#/components/schemas/'.$name);
        }

        return $schemas;
    }

    /**
     * Returns a schema with its references as they are where it stands now.
     *
     * @param array<mixed> $schema
     *
     * @return array<mixed>
     */
    private static function within(array $schema, string $at): array
    {
        unset($schema['$id'], $schema['$schema']);
        foreach ($schema as $key => $value) {
            $schema[$key] = match (true) {
                '$ref' === $key && \is_string($value) && str_starts_with($value, '#') => $at.substr($value, 1),
                \is_array($value) => [] === $value ? $value : self::within($value, $at),
                default => $value,
            };
        }

        return $schema;
    }
}
