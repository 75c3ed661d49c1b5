import { readFileSync, writeFileSync } from 'node:fs';
import { execSync } from 'node:child_process';
import { dirname, relative } from 'node:path';
import ts from 'typescript';
const files = execSync("git ls-files 'src/*.ts' 'src/*.tsx'").toString().trim().split('\n');
let n=0;
for (const path of files) {
  if (/message\/message\.ts|words\/words\.ts|testing\/|catalogue/.test(path)) continue;
  const text=readFileSync(path,'utf8');
  if(!/\bcode:/.test(text)) continue;
  const sf=ts.createSourceFile(path,text,ts.ScriptTarget.Latest,true, path.endsWith('x')?ts.ScriptKind.TSX:ts.ScriptKind.TS);
  const edits:[number,number,string][]=[];
  const visit=(node:ts.Node)=>{
    if(ts.isObjectLiteralExpression(node) && node.properties.length>=1 && node.properties.length<=2 && node.properties.every(p=>ts.isPropertyAssignment(p)&&['code','params'].includes((p.name as any).text)) && node.properties.some(p=>(p.name as any)?.text==='code')){
      const g=(k:string)=>node.properties.find(p=>(p.name as any).text===k) as ts.PropertyAssignment|undefined;
      const c=g('code')!.initializer;
      if(ts.isStringLiteralLike(c)||ts.isTemplateExpression(c)||ts.isIdentifier(c)||ts.isConditionalExpression(c)){
        edits.push([node.getStart(),node.getStart()+1,'say(']);
        edits.push([node.properties[0]!.getStart(),node.properties[0]!.getEnd(), '']);
        // rebuild via nested-safe replacement: replace whole prefix tokens
        edits.pop();edits.pop();
        edits.push([node.getStart(), c.getStart(), 'say(']);
        const p=g('params');
        if(p){ edits.push([c.getEnd(), p.initializer.getStart(), ', ']); edits.push([p.initializer.getEnd(), node.getEnd(), ')']); }
        else edits.push([c.getEnd(), node.getEnd(), ')']);
        n++;
      }
    }
    ts.forEachChild(node,visit);
  };
  visit(sf);
  if(!edits.length) continue;
  let out=text; for(const [s,e,r] of edits.sort((a,b)=>b[0]-a[0]||b[1]-a[1])) out=out.slice(0,s)+r+out.slice(e);
  if(!/import[^;]*\bsay\b[^;]*from/.test(out)){
    const m=/import \{([^}]*)\} from '([^']*core\/message|\.\.\/message)';/.exec(out);
    const spec = path.startsWith('src/core/') ? relative(dirname(path),'src/core/message') : path.startsWith('src/app')||path.startsWith('src/ui')? '@/core/message' : relative(dirname(path),'src/core/message');
    if(m) out=out.replace(m[0], `import {${m[1]!.trimEnd().replace(/,$/,'')}, say } from '${m[2]}';`);
    else { const firstImport=out.search(/^import /m); const last=[...out.matchAll(/^import [^;]*;$/gm)].at(-1)!; const at=last.index+last[0].length; out=out.slice(0,at)+`\nimport { say } from '${spec}';`+out.slice(at);}
  }
  writeFileSync(path,out); console.log(path, edits.length);
}
console.log(n);
