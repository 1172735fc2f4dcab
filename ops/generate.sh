# ./hojaldre generate: the contract from the attributes, and the front end's types from the contract.
source "$ROOT/ops/lib/install.sh"

run_generate() {
    install_node
    php tools/pantry.php
    php tools/openapi.php
    npx openapi-typescript docs/openapi.json -o web/src/api/generated/schema.ts >/dev/null
    php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M tools/tables.php
    step 'wrote the tables of docs/model.md'
    step 'wrote docs/openapi.json and web/src/api/generated/schema.ts'
}
