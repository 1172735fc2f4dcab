# ./hojaldre generate: the contract from the attributes, and the front end's types from the contract.
source "$ROOT/ops/lib/install.sh"

run_generate() {
    install_node
    php tools/pantry.php
    php tools/openapi.php
    npx openapi-typescript docs/openapi.json -o web/src/api/generated/schema.ts >/dev/null
    as_shipped php tools/tables.php
    step 'wrote the tables of docs/model.md'
    step 'wrote docs/openapi.json and web/src/api/generated/schema.ts'
}
