# Sourced by ./start and ./test: Node.js is new enough, and the packages are those of the lock file.

need_node() {
  if ! command -v node >/dev/null 2>&1; then
    echo "Jolvet needs Node.js 20.19 or newer, and there is none on this machine: install it first." >&2
    exit 1
  fi
  if ! node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)'; then
    echo "Jolvet needs Node.js 20.19 or newer; this is $(node --version)." >&2
    exit 1
  fi
}

need_packages() {
  local wanted have=""
  export NUXT_TELEMETRY_DISABLED=1
  wanted=$(node -e 'console.log(require("crypto").createHash("sha256").update(require("fs").readFileSync("package-lock.json")).digest("hex"))')
  [ -f node_modules/.jolvet-lock ] && have=$(cat node_modules/.jolvet-lock)
  [ "$wanted" = "$have" ] && return
  echo "Installing packages from the lock file ..."
  if ! npm ci --ignore-scripts --include=dev --no-fund --no-audit --loglevel=error; then
    echo "The packages could not be installed. Is there a network, and room on the disk? Nothing else was changed." >&2
    exit 1
  fi
  npx --no-install nuxt prepare >/dev/null
  echo "$wanted" > node_modules/.jolvet-lock
}
